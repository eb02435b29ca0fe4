import type { Yield } from '../formula';
import { NUMBER, numberOf } from './amount';
import { HOLES, holesIn } from './tin';

const COUNT = `(${NUMBER}|one|two|three|four|five|six|seven|eight|nine|ten|twelve|a dozen)`;
const ADJECTIVE =
  '(?:(?:big|large|small|medium|mini|little|thin|thick|equal|even|nice|generous|square|round|long|flat|individual|fat|good|regular|standard)[- ]?(?:sized)?\\s+){0,2}';
const PIECE =
  '(?:muffins?|cupcakes?|buns?|rolls?|cookies?|biscuits?|bars?|squares?|loa(?:f|ves)|cakes?|flatbreads?|pancakes?|crêpes?|crepes?|scones?|tarts?|tartlets?|slices?|pieces?|rounds?|bases?|balls?|baguettes?|sticks?|bagels?|rings?|twists?|pretzels?|puffs?|eclairs?|wraps?|tortillas?|pizzas?|crackers?|shapes?|turnovers?|pies?|portions?|wedges?|fingers?|blondies?|brownies?|custards?|pots?|ramekins?|(?:dariole |pudding )?moulds?|boules?|waffles?|strips?|ropes?|discs?|disks?|triangles?|mounds?|people|servings?|pcs|stück|stk\\b\\.?|brötchen|portionen|scheiben|plätzchen|kekse|crumpets?|pikelets?|farls?|dough ?nuts?|donuts?|macaroons?|meringues?|popovers?|profiteroles?|éclairs?|dumplings?|pasties|samosas?|naans?|pitt?as?|croissants?|brioches?|florentines?|madeleines?|financiers?|flapjacks?|oatcakes?)';
const SAYS_MAKES = new RegExp(
  `\\b(?:makes?|yields?:?|gives|enough for|serves|servings?(?=\\s*:)|for|für|ergibt|reicht für)\\s*:?\\s*(?:about\\s+|approx\\.?\\s+|around\\s+|ca\\.?\\s+|etwa\\s+|a\\s+)?${COUNT}(?:\\s*(?:-|–|to)\\s*\\d+)?\\s+(${ADJECTIVE}${PIECE})`,
  'i',
);
/** What is only cut or made, and never goes in: "12 squares." */
const CUT_OR_MADE =
  /^(?:about |~)?\d{1,3} (?:squares|slices|pieces|portions|servings|wedges|fingers|bars|muffins|cupcakes|scones|buns|people)$/i;
/** A row that says what it makes, and nothing else: "for about 16 squares". */
export const saysWhatItMakes = (row: string): boolean => {
  const said = row.trim().replace(/[.:;,]+$/, '');
  if (CUT_OR_MADE.test(said)) return true;
  const m = said.length <= MOST_ROW ? SAYS_MAKES.exec(said) : null;
  return m !== null && m.index === 0 && m[0].length === said.length;
};
const MOST_ROW = 80;
/** Steps that part the dough: "divide into 8", "roll into 12 balls", "cut in 15 squares". */
const PARTING =
  '\\b(?:divide|shape|form|cut(?:ting)?|roll|portion|split|separate|slic(?:e|ing)|scoop|dollop|pinch|pipe|press|make|break|score)\\b';
/** Pieces by their number alone: "you get 14", "makes 14.", "2 dozen", "8 of 75 g each". */
const SAYS_COUNT = new RegExp(
  `\\b(?:makes?|yields?|gives|you get|get|enough for|batch of)\\s*:?\\s*(?:about|approx\\.?|around|some|~)?\\s*${COUNT}\\b(?=\\s*(?:[.,;)]|$|[x×]\\s*\\d+\\s?g\\b|${ADJECTIVE}(?:ones?|of them)\\b))`,
  'i',
);
const DOZENS = /(?<![\d.])\b(\d{1,2}|one|two|three|four|a|half a)\s+dozen\b(?!\s+eggs?)/i;
const SCALED = new RegExp(
  `\\b(?:into|among|between|in)\\s+${COUNT}\\s+(?:jars?|ramekins?|glasses|moulds?|cups|pots?|dishes)\\b|\\(${COUNT}\\s+pieces\\)|\\b(?:stamp|cut|punch|pipe|spoon|scoop|dollop|drop|mark|roll)\\b[^.;]{0,30}?(?:\\b(?:out|to)\\s+)?(?<![\\d/.])${COUNT}\\b(?!\\s*(?:[-–x×]|%))\\s+(?!(?:fan\\b|gas\\b|min|h\\b|hrs?|hour|sec|cm|mm|in\\b|inch|g\\b|kg|ml|°|times|tbsp|tsp|tablespoons?|teaspoons?|spoon|batch|additions|goes\\b|cups?\\s+of|quarters?|thirds?|half|parts?|goes|turns|rows|racks|trays|sheets|layers?|more|each|into|of\\s+the|days?|percent|[CF]\\b|deg))(?=[a-z]|\\d{2,3}\\s*g\\b)`,
  'i',
);
/** How many of what is shaped, in a bracket behind it: "Roll into 1 inch balls (approx 18)". */
const IN_ALL = new RegExp(
  `${PARTING}(?:[^.;()]|\\.(?=\\d)){0,60}\\(\\s*(?:(?:makes?|yields?|you(?:['’]ll| will| should)? get)\\s+)?(?:about|approx\\.?|around|roughly|some|ca\\.?|~)?\\s*${COUNT}(?:\\s*(?:-|–|to)\\s*\\d+)?\\s*(?:of them|in all|in total|total|pieces)?\\s*\\)`,
  'i',
);
/** So many, with no verb: "Oiled hands, 12 balls". */
const SO_MANY = new RegExp(
  `(?:^|[,;]\\s*)${COUNT}\\s+(?:[x×]\\s*\\d{1,4}\\s?g\\s+)?(${ADJECTIVE}(?:balls|buns|rolls|rounds|rings|bases|pieces|loaves))\\b`,
  'i',
);
/** Shapes and how many of them, with no verb: "walnut-sized balls (about 40)". */
const SHAPES = new RegExp(
  `\\b(?:balls|rounds|cookies|biscuits|buns|rolls|pieces|discs)\\s*\\(\\s*(?:about|approx\\.?|around|roughly|ca\\.?|~|makes)?\\s*${COUNT}\\s*\\)`,
  'i',
);
/** A sentence of its own, behind the method: "12 squares." */
const ALONE = new RegExp(`^(?:about |around |~)?${COUNT}\\s+(${ADJECTIVE}${PIECE})[.!]?$`, 'i');
/** So heavy, and how many of them: "scoop 45 g x 16". */
const OF_SO_MUCH = new RegExp(
  `${PARTING}[^.;]{0,20}?\\d{1,4}\\s?g\\s*[x×]\\s*(\\d{1,3})\\b(?!\\s*(?:g|cm|mm|ml)\\b)`,
  'i',
);
/** How many, behind a title: "Birthday cupcakes x12". */
const TIMES_SO_MANY = new RegExp(`(?<=\\p{L}\\s)[x×]\\s?(\\d{1,3})$|\\b${PIECE}\\s*\\((\\d{1,3})\\)$`, 'iu');
/** What follows a number that counts no pieces. */
const MEASURED =
  '(?!\\s*["”″]|\\s*(?:[-–]\\s*\\d+\\s*)?(?:min|h\\b|hrs?|hour|cm|mm|in\\b|inch|g\\b|kg|ml|°|deg|[CF]\\b|times|x|×|%|tbsp|tsp|cups?|layers?|parts? of|halves))';
const PARTS_INTO = new RegExp(
  `${PARTING}[^.;]{0,40}?(?:(?<!fold(?:ed)?\\s)\\b(?:into|in)\\s+${COUNT}\\b${MEASURED}(?:\\s*(?:-|–|to)\\s*\\d+)?(?:\\s+(${ADJECTIVE}${PIECE}))?|\\b${COUNT}\\s+(${ADJECTIVE}${PIECE})\\b)|\\bcut\\s+${COUNT}(?=\\s*(?:[.,;]|$))|\\b(?:cut|divide|roll|stamp)\\s+(?:(?:out|into|in)\\s+)?${COUNT}(?=\\s*[x×]\\s*\\d+\\s*(?:cm|mm|g|in)\\b)(?!\\s*[x×]\\s*\\d+\\s*(?:cm|in)\\s*(?:rectangle|square|sheet|slab))`,
  'i',
);

/** Patterns that say what the pieces are as well. */
const NAMED: readonly RegExp[] = [SAYS_MAKES, PARTS_INTO, ALONE];

const COUNTED = /^(?:[\d½¼¾⅓⅔]|a\b|half a|one|two|three|four|five|six|seven|eight|nine|ten|twelve)/i;
/** More of a sentence says nothing of pieces. */
const MOST_SENTENCE = 300;

/** What a text says it makes: "Makes 12 muffins", "Yield: 1 loaf", "serves 8"; else what its steps part the dough into. */
export function readYield(text: string): Yield | null {
  // Sentence by sentence, and none of them endless: what it says of itself goes before what its steps do.
  const sentences = text
    .replace(/\b(ca|approx)\.\s+(?=\d)/gi, '$1 ')
    .split(/\r?\n|(?<=[.;!?])\s+/)
    .map((t) => t.slice(0, MOST_SENTENCE));
  for (const says of [
    SAYS_MAKES,
    SAYS_COUNT,
    DOZENS,
    IN_ALL,
    PARTS_INTO,
    SCALED,
    HOLES,
    SO_MANY,
    OF_SO_MUCH,
    SHAPES,
    ALONE,
    TIMES_SO_MANY,
  ])
    for (const sentence of sentences) {
      // Ropes that are plaited are one loaf, and sheets that are rolled thin are cut up.
      if (says === PARTS_INTO && /\b(?:braid|plait)|\broll (?:each|them|one)\b.*\bthin/i.test(sentence))
        continue;
      const m = says.exec(sentence);
      const count = m?.slice(1).find((x) => x !== undefined && COUNTED.test(x));
      if (!m || !count) continue;
      const tins = says === HOLES ? holesIn(sentence) : null;
      const one = tins ? tins.tins * tins.holes : numberOf(count);
      const pieces = says === DOZENS ? 12 * one : one;
      if (Number.isInteger(pieces) && pieces > 0 && pieces <= 500)
        return {
          pieces,
          name: ((NAMED.includes(says) ? (m[2] ?? m[4]) : undefined) ?? 'pieces')
            .trim()
            .toLowerCase()
            .replace(/^st(?:ück|k\.?)$/, 'pieces')
            .slice(0, 100),
        };
    }
  return null;
}
