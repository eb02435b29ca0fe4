/** By what a row of a pasted text is told: signs of an amount, of a deed, of a section, of what only speaks to the reader. */

export const NUMBERED =
  /^step\s*\d{1,2}\s*[.):]\s+|^(?:step\s*)?(?:\d{1,2}\s*[.):]|[a-k]\))\s+(?=\D|\d(?:st|nd|rd|th)\b|\d{3}\s*°?\s*[CF]\b)/i;
export const AMOUNT =
  /^(?:about |approx\.? |~|scant |heaped |generous |a |an |one |two |three |four |six |half )?(?:few drops?\b|\d|½|¼|¾|⅓|⅔|⅛|⅜|⅝|⅞|pinch|handful|(?:small |large )?bunch|knob|splash|dash|dozen|sachet|tin\b|can\b|packet|squeeze (?:of )?(?:lemon|lime|orange)|juice|zest|cup\b|tbsp|tsp)/i;
/** An amount behind its thing, or within the row: "butter 200", "flour: 300g, of which half rice". */
export const AMOUNT_INSIDE =
  /^(?!.*\b(?:in|into|on|onto|over|each|per|until|at)\b)[\p{L} .'-]{2,30}(?:\([^()]{1,40}\)\s*)?[ :]\s*\d{1,4}(?:\s\d\/\d|[.,/]\d+)?(?:\s*[-–]\s*\d{1,4})?(?:\s?(?:g|kg|ml|c|tbsps?|tsps?|cups?|oz|sachets?|packets?)\b.*|\s(?:heaped|level|rounded|scant|generous)\b.*|\s*[Tt]?(?:\s*\([^()]*\)|\s+\p{L}+)?)$/u;
/** Words that are a deed elsewhere: the wet things of a bowl, a tip, a glaze, the name of what is listed behind it. */
export const NO_DEED =
  /^butter (?:und|and|oder|or|\+|&) |^cream cheese\b(?! and\b)|^(?:wets?|tips?|glaze|layers?|finish|sandwich|top|coat|(?:fold|stir|mix)(?:ed)?[- ]ins?|add[- ]ins)\s*(?:$|:)|^\p{L}+(?: \p{L}+)?:\s*(?:[\d½¼¾⅓⅔⅛]|an?\s)/iu;
/** How long, and not how much: "22-25 min: golden at the edges". */
export const TIME_FIRST =
  /^(?:about )?\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?\s?(?:mins?|minutes|hours?|hrs?)\b|^\d{2}\s*[-–]\s*\d{2}\.?$/i;
/** How hot, and not how much: "180C/160 fan. Toss the filling in a dish". */
export const HEAT_FIRST =
  /^(?:1[4-9]\d|2[0-5]\d|3\d\d|4[0-7]\d)\.\s+(?=[A-Z])|^(?:fan )?\d{3}\s*(?:°\s*[CF]?|[CF]\b|fan\b|conv(?:ection)?\b|\/\s*\d{3}\s*(?:°|[CF]\b|fan)|\/\s*\d{1,3}\s?m(?:in\w*)?\b|(?:for\s+)?\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?\s*min|,\s[^.]*\d\s*(?:mins?|minutes|hours?)\b)/i;
/** An oven within a row: no thing is weighed so hot. */
export const OVEN_INSIDE = /(?<![\d.,])(?:1[4-9]\d|[2-4]\d\d)\s?(?:°\s*[CF]?|[CF]\b|fan\b|conv\b)/;
/** How large a tin is, and not how much: "23 cm tin, 180C, 40 min". */
export const SIZE_FIRST =
  /^(?:tin|pan|tray|dish)\s*(?:\(|,)|^(?:\d{1,2}\s*[x×]\s*)?\d{1,3}\s?g (?:balls|pieces|portions|rounds)\b|^(?:\d{1,2}[.):]\s+)?(?:one |two |an? )?\d{1,3}(?:\.\d)?\s*(?:[x×]\s*\d{1,3}(?:\.\d)?(?!\d|\s?(?:g|kg|ml|l|oz)\b)|cm\b|mm\b|inch|["”″])/i;
/** What is a deed elsewhere is a thing before its amount: "butter 200 (soft)", "flour: 300 g". */
export const THING_FIRST =
  /^(?:(?:warm|cool|dry|brown|wet|set|ice) \p{L}+(?: \p{L}+)?|butter|flour|oil|eggs?|cream|ice|sugar|salt)(?:\s*\([^()]{1,40}\))?(?:,\s*\p{L}+)?(?:\s*[:,]|\s+[–—-]|\s)\s*\d/iu;
/** What may stand behind the mark of a section: in which measures it is, or how many it makes. */
const BEHIND =
  '\\s*(?:[:：–—-]|(?=\\())?\\s*(\\([^()]{1,60}\\)|(?:for|makes|serves|yields)\\s+(?:about\\s+|a\\s+)?\\d.{0,40})?\\s*:?$';
const LIST_MARK = new RegExp(
  `^(?:the\\s+)?(?:zutaten|ingredients?(?:\\s+list)?|you(?:'ll| will)? need|what you(?:'ll| will)? need|weigh(?: out)?|shopping(?:\\s+list)?)${BEHIND}`,
  'i',
);
const STEP_MARK = new RegExp(
  `^(?:the\\s+)?(?:(?:zu|vor)bereitung|anleitung|so geht['’]?s|method|directions?|instructions?|preparation|steps?|process|procedure|how(?: to| i)?(?: make| do)?(?: it| them)?|to make(?: it| them)?|what to do|making(?: it| them)?)${BEHIND}`,
  'i',
);
export const NOTE_MARK =
  /^(?:notes?|tips?|results?|changes|storage|storing|to store|to serve|serving|variations?|nutrition(?:al)?|equipment|substitutions?|source|ps|p\.s\.|reviews?|comments?|faqs?|q\s?&\s?a)\b/i;
/** The section that a row opens, with what it says beside: "Ingredients (makes 12)". */
export function markOf(row: string): { opens: 'list' | 'steps' | 'notes'; beside: string } | null {
  const list = LIST_MARK.exec(row);
  const steps = list ? null : STEP_MARK.exec(row);
  if (list || steps) return { opens: list ? 'list' : 'steps', beside: (list ?? steps)?.[1] ?? '' };
  const few = row.split(/\s+/).length <= 2;
  return NOTE_MARK.test(row) && (few || row.endsWith(':')) ? { opens: 'notes', beside: '' } : null;
}
/** How one takes leave of the reader. */
export const CLOSING =
  /^(?:let me know|enjoy\b[^.]{0,20}$|happy baking|bon app[eé]tit|would you like|tell me (?:if|how))\b/i;
/** How one who is asked for a recipe begins it. */
export const HERE_IS =
  /^here(?:['’]s| is)\s+(?:an?|my|our|the)\s+(.{3,80}?)(?:\s+recipe)?(?:\s+for you)?\s*[:.!]?$/i;
/** What it is eaten with is the end of the method, and no note: it may hold what someone avoids. */
export const TO_SERVE = /^(?:to serve|serving|serve with)\s*:\s*\S/i;
export const NOTE_START =
  /^(?:makes|serves|yields?|servings?|prep(?:aration)? time|cook(?:ing)? time|bake time|total time|difficulty|rating|keeps|freezes|recipe by|from |adapted|posted|updated|print|jump to|share|pin )\b/i;
/** Who wrote it and when, before its title. */
export const BYLINE =
  /^(?:by|written by|recipe by|posted|shared|published|author|from the kitchen of)\b|^https?:|^\d{1,2}[./ -]\w+[./ -]\d{2,4}$/i;
/** Times of the whole, in a row: "prep 30 min | bake 15 min". With a heat it is what one does. */
export const TIMES_ROW =
  /^(?!.*\d{3}\s*(?:°|[CF]\b|fan\b))(?:prep|active|hands[- ]on|rise|rest|bake|cook|total)\b[: ]*\d+[^.]{0,20}?(?:min|h|hr|hours?)\b\s*(?:$|[|,;·+-])/i;
/** What speaks to whoever looks on: a place in a film, words to be found by, stars of a reader, a wish to be followed. */
export const TO_ONLOOKERS =
  /^\d{1,2}:\d{2}(?::\d{2})?\s|^(?:#[\p{L}\d_]+\s*)+$|^[★☆✭]{3,}|^(?:save (?:this|it)|follow (?:me|us|along|for|@)|subscribe|like (?:and|&)|link in|swipe|double[- ]tap|tag (?:me|a|someone|your)|dm me|comment (?:below|["“]))\b/iu;
/** As much as something else is, or is large: "butter the size of an egg", "equal volumes of eggs and milk". */
export const AS_MUCH =
  /\bsize of (?:an?|two|2) (?:small |large )?(?:egg|walnut|hazelnut|nut|pea|bean)s?\b|^(?:the )?(?:same|equal) (?:weights?|amounts?|volumes?|quantities|parts)\b|^all (?:of )?(?:the |your )?(?!purpose)[a-z]+$/i;
export const FIRST_PERSON = /\b(?:i|i'm|i've|my|we|our|us|me)\b/i;
/** Words that a step begins with. */
export const ACT =
  /^(?:then |next,? |meanwhile,? |now |first,? |finally,? |gently |slowly |quickly |lightly |carefully |next day,? |the night before,? |next morning,? |in the morning,? |in a (?:large |small |big |separate )?(?:bowl|pan|pot|jug),? |using |with )?(?:activate|add|allow|arrange|assemble|bake|beat|begin|bind|blend|bloom|blind|blitz|boil|break|bring|brush|butter|chill|check|chop|chuck|clean|coat|combine|continue|cook|cool|core|cover|cream|crumble|cut|decorate|deep-fry|demould|depan|dimple|dock|dollop|dissolve|divide|dot|drain|drizzle|drop|dry-fry|dust|egg|feed|ferment|fill|finish|flatten|flip|flour|fold|form|freeze|fry|garnish|gather|glaze|grate|grease|grill|grind|heat|hydrate|ice|invert|keep|knead|ladle|lay|layer|leave|let|lift|line|loosen|lower|make|mash|measure|melt|microwave|mix|mound|oil|pat|peel|pile|pinch|pipe|place|poach|poke|pop|portion|pour|preheat|pre-heat|press|prick|proceed|process|prove|proof|pulse|push|put|reduce|refrigerate|remove|repeat|rest|return|rinse|roll|rotate|rub|sandwich|scald|scatter|scoop|score|scrape|season|separate|serve|set|shape|sieve|sift|simmer|slash|slice|slide|smooth|snip|soak|soften|spoon|spray|spread|sprinkle|squash|squeeze|stack|stamp|stand|start|steam|steep|stir|strain|stretch|swirl|take|tap|throw|tuck|tear|temper|tent|test|thaw|tip|toast|top|toss|transfer|trim|turn|twist|unmould|use|wait|warm|wash|weigh|wet|whip|whisk|whizz|work|wrap)\b/i;
/** A deed that begins a sentence of its own within a row: "8 balls. Press between sheets." */
export const ACT_INSIDE = new RegExp(`[.!?]\\s+${ACT.source.slice(1)}`, 'i');
export const BAKES =
  /\b(?:oven|bake|minutes?|mins?|hours?|hrs?|until|till?|°|degrees|gas (?:mark )?\d)\b|\b\d{1,3}m\b/i;
