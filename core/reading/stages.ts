import type { Cover } from '../formula';
import { ingredientById, type GroupId } from '../ingredients';
import { isSilent, referenceMatcher } from './match';
import { AFTER, EACH_SIDE, MARKER, OF_A_HOB, ONLY_HEAT, ovenIn, TENT, timesIn } from './heats';

/** A stretch of the oven that a method tells of: its heat where one was said, °C; how long, min; what lies over it. */
export type Stage = {
  ovenC: number | null;
  fan: boolean;
  minutes: [number, number];
  cover: Cover;
  steam: boolean;
  grill: boolean;
  /** It is of a thing that goes into the bake, and not of the bake: "roast the squash 40 min". */
  ofThing?: boolean;
};
export type OvenRead = {
  stages: Stage[];
  /** The oven as it is heated before anything goes in, where that is said. */
  heated: { c: number; fan: boolean } | null;
};

/** The verb of the oven, not the powder, the sheet or the beans. */
const BAKES =
  /\b(?:par-?|blind[- ])?bake(?:d|s)?\b(?! (?:powder|sheet|tray|tin|blind beans))|\bbaking (?:for|at|it|them|time|until)\b|\broast\b|\b(?:auf|ab|fertig)?back(?:en|t)\b|\bgebacken\b/i;
const IN_OVEN =
  /\b(?:in|into|to|return(?:ed)? to) (?:the|an?|your) (?:hot |preheated |\d[\d°\s]*[CF]? )*oven\b|\binto (?:hot |preheated |\d{3}[°\s]*[CF]? )+oven\b|\bload at\b|\bslide (?:it |them )?(?:on ?to|in)\b.*\bstone\b/i;
/** "Cook for 40 minutes", of no pan: the oven was heated for it. */
const COOKS = new RegExp(`^\\s*cook (?:for |about )*\\d(?![^.]*\\b(?:${OF_A_HOB})\\b)`, 'i');
/** Into what was heated with the oven. */
const INTO_HOT =
  /\b(?:lower|slide|tip|put|place|drop|turn)\b[^.]*\b(?:pot|casserole|stone|steel|dutch oven)\b[^.]*\d/i;
/** The heat is changed on the way. */
const TURNS =
  /\b(?:turn|drop|lower|reduce|bring)\b[^,;]*\b(?:down|up|to|heat|oven)\b[^,;]*\d{3}|(?:,|\bthen|\band)\s+(?:down|up)\s+to\s+\d{3}/i;
/** What is heated with the oven is no bake yet. */
const WARMS = /^\s*(?:meanwhile,?\s+)?(?:pre-?)?heat\b/i;
const STARTS_HOT =
  /^\s*(?:at\s+|oven:?\s+|deck:?\s+)?(?:gas\s*(?:mark\s*)?\d{1,2}(?:\s*\/\s*\d{3}\s*°?\s*C?)?|\d{3}\s*(?:(?:°|deg(?:rees)?\b\.?)\s*)?[CF]?(?:\s*(?:\(\s*)?(?:(?:no\s+)?(?:fan|convection|conv\b\.?)\s*\d{0,3}|static|conventional|top (?:and|&|\/) bottom|gas\s*(?:mark\s*)?\d{1,2}|\/\s*\d{3}\s*°?\s*[CF]?(?:\s*fan\b)?)\s*\)?)?)(?:,\s*(?:in the |on the )?(?:lower|upper|middle|centre|center|top|bottom)\b[^,.\d]{0,24})?(?:\s*,?\s+(?:with\s+|w\/\s?)?(?:steam|dry|lid (?:on|off)|(?:un)?covered))?(?:\s*,?\s+(?:for\b|\d(?!\d\d\s*°?\s*[CF]\b)|x\s?\d)|\s*\/\s*\d{1,3}(?:\s*[-–]\s*\d{1,3})?\s*(?:min|m\b|h))/i;
/** An oven, how hot and how long, in one breath: "Dutch oven 245°C 40' lid on". */
const OVEN_AND_TIME =
  /\boven\b[^.]{0,12}\d{3}\s*°?\s*[CF]?(?:\s*,?\s*(?:with |w\/? ?|no )steam)?\s*,?\s*(?:for\s+)?(?:about\s+|around\s+)?\d{1,3}(?:\s?(?:[¼½¾]|[13]\/[24]))?(?:\s*(?:-|–|to)\s*\d{1,3})?\s*(?:mins?\b|minutes\b|m\b|['’′])/i;
/** A heat and then a time, with no verb: "23 cm tin, 180C, 40 min". */
const HEAT_THEN_TIME =
  /\d{3}\s*(?:°\s*[CF]?|[CF]\b)(?:\s*\(?(?:fan|umluft|heißluft)\)?)?(?:\s*\/\s*gas\s*(?:mark\s*)?\d{1,2})?\s*(?:[,/|x–—-]\s*|\s)(?:(?:un)?til+\s[\p{L} ]{2,30}?[,\s]\s*)?(?:for\s+)?(?:(?:about|abt\.?|ca\.?|circa|etwa)\s+|~\s*)?\d{1,3}(?:\s?(?:[¼½¾]|[13]\/[24]))?(?:\s*(?:-|–|to)\s*\d{1,3})?\s*(?:mins?\b|minutes\b|h\b|hrs?\b|hours?\b|m\b|(?=\s+(?:lid|(?:un)?covered)\b))/iu;
/** "20 @450": a time and a heat. */
const TIME_AT_HEAT = /^\s*\d{1,2}(?:\s*[-–]\s*\d{1,2})?\s*(?:mins?\s*)?@\s*\d{3}\b/i;
/** So hot no milk and no syrup is kept, °C. */
const LEAST_BAKE_C = 130;
/** A clause that tells a bake by its figures: "roll, prick, 325F till pale, about 25 min". */
const inFigures = (clause: string): boolean =>
  HEAT_THEN_TIME.test(clause) && !ELSEWHERE.test(clause) && ovenIn(clause, LEAST_BAKE_C) !== null;
/** How long before a bake an oven is put on. */
const AHEAD = /\b(?:before|ahead|beforehand|in advance|to (?:pre-?)?heat|to get hot)\b/i;
/** Minutes until something only an oven does: after it was heated they are a bake, whatever verb is left out. */
const DONE_IN_OVEN =
  /\d\s*(?:mins?\b|minutes?\b|m\b|h\b|hrs?\b|hours?\b)[^.;]{0,30}?(?:\b(?:un)?til\w*\b|:)[^.;]{0,40}\b(?:skewer|toothpick|tester|golden|brown|springs?|springy|risen|set|firm|crisp|done|cooked through|hollow|bubbl\w+)\b/i;
const INTO_TIN = /\binto (?:(?:the|an?|your|two|both|\d) )?(?:\w+ ){0,2}(?:tins?|pans?|oven|cases)\b/i;
const HEATS_OVEN =
  /\bpre-?heat\b|^\s*oven\b[^.]{0,30}\d{3}\s*°?\s*[CF]\b|\boven(?: is)?(?: on)?(?: to| at|:)?\s*(?:fan\s*|gas\s*(?:mark\s*)?)?\d|\bheat (?:up )?(?:the |your |an? )?(?:oven|stone)\b|\bheat to \d|\bset (?:the |your )?oven\b|\bturn (?:the |your )?oven (?:on|up|to)\b|\boven to\b|\b(?:back)?ofen\b[^.]*\bauf\b|\bvorheizen\b/i;
const OFF =
  /\b(?:switch(?:ed)?|turn(?:ed)?)[- ](?:the oven |it |your oven )?off\b|\bturned-off\b|\boven off\b|\bdoor (?:ajar|open|a ?crack)\b|\bresidual\b/i;
/** What a sentence does elsewhere than in the oven. */
const ELSEWHERE =
  /\b(?:cool(?:s|ed|ing)?|rest(?:s|ing)?|stand|wait|prov(?:e|ing)|proof(?:ing)?|rise|chill|fridge|refrigerate|freez(?:e|er)|soak|boil|simmer|fry|hob|knead|beat|whisk|cream|stir|mix|sweat|melt|infuse|thaw|leave|keep|let)\b/i;
/** One sheet after another, or one piece: not added up. */
const AGAIN = /\b(?:if|unless|reheat|refresh|microwave|next day|from frozen)\b/i;

const COVERED =
  /\bcovered\b(?! with (?:foil|paper))|\blid on\b|\bwith (?:the|a|its) lid\b|\bunder (?:the|a|its) lid\b|\bput (?:on )?the lid\b/i;
const BARE =
  /\buncover(?:ed)?\b|\blid off\b|\bwithout (?:the|a|its) (?:lid|foil|tent)\b|\b(?:remove|take off|lift off) the (?:lid|foil|cover)\b|\bopen the vent\b/i;
const GRILL = /\bunder (?:the|a) (?:hot )?(?:grill|broiler)\b|^\s*(?:and )?(?:grill|broil)\b/i;
/** A foil that comes in the middle of a stretch covers a part of it: the stretch stays as it is. */
const LATER = /\b(?:last|after|when dark|when brown|if (?:it|they)|half ?way)\b/i;

const coverIn = (text: string, before: Cover): Cover =>
  BARE.test(text)
    ? 'none'
    : LATER.test(text)
      ? before
      : TENT.test(text)
        ? 'tent'
        : COVERED.test(text)
          ? 'lid'
          : before;

/** More of a method, or of a sentence, tells nothing of an oven. */
const MOST_METHOD = 20_000;
const MOST_SENTENCE = 400;
/** Sentences of a method, without their numbers. */
export const sentencesOf = (text: string): string[] =>
  text
    .slice(0, MOST_METHOD)
    .replace(/\b(ca|approx|abt|conv)\.(?=\s+\d)/gi, '$1 ')
    .split(/\r?\n|(?<=[.!?])\s+(?=\S)/)
    .map((s) => s.replace(/^\s*(?:[-*•–]\s+|(?:step\s*)?\d{1,2}\s*[.):]\s+)/i, '').trim())
    .filter(Boolean)
    .map((s) => s.slice(0, MOST_SENTENCE));

/** The same oven in other words behind a comma: a gas mark, a fan, °F. It begins nothing of its own. */
const SAME_OVEN =
  /((?:\d{3}\s*°?\s*[CF]?|gas\s*(?:mark\s*)?\d{1,2})(?:\s*fan)?)\s*[,;]\s*(?=(?:or\s+)?(?:gas\b|fan\s+(?:oven\s+)?\d{3}|\d{3}\s*°?\s*(?:C\s*)?\(?fan\b|\d{3}\s*°?\s*F\b))/gi;
const clausesOf = (sentence: string): string[] =>
  sentence
    .replace(/\(([^()]*)\)/g, (_m, inner: string) => ` ${inner} `)
    .replace(SAME_OVEN, '$1 / ')
    .split(
      /[,;]\s+|\s*(?:→|[-=]>)\s*|(?<!\boven)(?<!\bbake):\s+|\s+\bthen\b\s*|\s+(?:and|&)\s+(?=[^,;]{0,40}\d)|\s\+\s|(?<=\d\s?(?:min|mins|minutes))\s+(?=(?:lid|un)\b)/i,
    )
    .filter(Boolean);

/** A sentence that begins with how long: "20-25 mins, don't open the door". */
const TIMED_FIRST =
  /^\s*(?:for\s+|about\s+)?\d{1,3}(?:\s?(?:[¼½¾]|[13]\/[24]))?(?:\s*(?:-|–|to)\s*\d{1,3})?\s*(?:mins?|minutes?|h|hrs?|hours?)\b|^\s*\d{2}\s*[-–]\s*\d{2}\s*\.?$|^\s*\d{1,3}\s*['’′](?=\s*(?:[.,;]|$))/i;
/** What is put where it bakes. */
const PUT_IN =
  /(?:^|[,;]|\bthen\b|&|\band\b)\s*(?:pour|spoon|scrape|tip|ladle|pipe|drop|put|place|slide|divide|turn)\b[^.]*\b(?:in|into|over|on|onto|between)\b/i;

/** A bake of which the verb is left out: "into the tin, 55 min til a skewer is clean". */
const isLeftOut = (sentence: string): boolean =>
  DONE_IN_OVEN.test(sentence) && (INTO_TIN.test(sentence) || !ELSEWHERE.test(sentence));

const ON_THE_WAY = /^\s*(?:loose(?:ly)? )?(?:foil|tent|turn(?:ing)?|rotat\w+|swap\w*|cover)\b/i;
/**
 * A time that nothing says what it is of: last in its sentence ("shape, cross on top, 45 min"), or first in it after something was put
 * in ("pour in. 20 mins"). The last of a method, min; of one where nothing else is baked it is the bake.
 */
function timeAlone(method: string): [number, number] | null {
  const sentences = sentencesOf(method);
  for (let i = sentences.length - 1; i >= 0; i--) {
    const sentence = sentences[i]!;
    const clauses = clausesOf(sentence);
    // What is done on the way stands behind the time: "50-55 min, foil after 30".
    const clause = clauses.findLast((c) => !ON_THE_WAY.test(c)) ?? '';
    // What is done before counts where it comes right before, or where nothing tells of an oven.
    const isElsewhere =
      ELSEWHERE.test(clause) ||
      ELSEWHERE.test(clauses.at(-2) ?? '') ||
      (ELSEWHERE.test(sentence) && !DONE_IN_OVEN.test(clause));
    if (isElsewhere || WARMS.test(sentence)) continue;
    const [time, ...more] = TIMED_FIRST.test(clause) ? timesIn(clause, true) : [];
    if (
      time &&
      more.length === 0 &&
      /^(?:\s+or so)?[\s.!]*(?:[-–—(:].*|\s*(?:un)?till?\b.*|,?\s*(?:golden|brown|crisp|set|risen|puffed|turning|rotating|swapping)\b.*)?$/.test(
        clause.slice(time.end),
      )
    )
      return time.minutes;
    if (TIMED_FIRST.test(sentence) && PUT_IN.test(sentences[i - 1] ?? ''))
      return timesIn(sentence)[0]!.minutes;
  }
  return null;
}

/** What stands around a clause: its sentence, whether it is done now or only warmed, whether the heat is changed, whether the oven is hot. */
type Around = { sentence: string; isNow: boolean; warms: boolean; turns: boolean; isHot: boolean };
/** Whether a clause itself speaks of the oven as of where the bake is. */
const isOfOven = (clause: string, { sentence, isNow, warms, turns, isHot }: Around): boolean =>
  BAKES.test(clause) ||
  (!warms && IN_OVEN.test(clause)) ||
  STARTS_HOT.test(clause) ||
  (isNow && (OVEN_AND_TIME.test(clause) || inFigures(clause) || TIME_AT_HEAT.test(clause))) ||
  (isHot && isLeftOut(sentence) && DONE_IN_OVEN.test(clause)) ||
  (isHot && COOKS.test(clause)) ||
  (turns && TURNS.test(clause)) ||
  (isHot && /\b(?:pot|casserole|stone|steel|dutch oven)\b/i.test(clause));

/** A thing that is baked or roasted by itself, to be mashed, peeled or laid on. */
const THING_BAKED =
  /\b(?:bake|roast)\s+(?:the\s+|your\s+)?((?:\p{L}+ )?\p{L}+)\s+(?:at|for|in|on|until|whole|\d)|\b(?:put|place|spread|toss)\s+(?:the\s+|your\s+)?((?:\p{L}+ )?\p{L}+)\s+(?:in|on|with)\b[^.]*\broast\b/iu;
const THINGS: readonly (GroupId | undefined)[] = ['fruit', 'nut_pieces', 'seed_pieces'];
function isOfThing(sentence: string): boolean {
  const [, baked, roasted] = THING_BAKED.exec(sentence) ?? [];
  const name = baked ?? roasted;
  const match = name === undefined ? null : referenceMatcher.match(name);
  return match !== null && isSilent(match) && THINGS.includes(ingredientById(match.best!.id)?.group);
}
/** What a sentence tells of the oven; `isHot`: it was heated, `baked`: something was in it. */
function toldIn(sentence: string, isHot: boolean, baked: boolean) {
  const clauses = clausesOf(sentence);
  const warms = WARMS.test(sentence);
  /** Nothing in it is only made ready. */
  const isNow = !warms && !AHEAD.test(sentence);
  const figuresAlone =
    isNow && !ELSEWHERE.test(sentence) && !/^\s*steam\b/i.test(sentence) && HEAT_THEN_TIME.test(sentence);
  const bakes =
    BAKES.test(sentence) ||
    (isNow && clauses.some((c) => inFigures(c) || TIME_AT_HEAT.test(c))) ||
    STARTS_HOT.test(sentence) ||
    figuresAlone ||
    (isNow && (OVEN_AND_TIME.test(sentence) || clauses.some((c) => STARTS_HOT.test(c)))) ||
    (!warms && IN_OVEN.test(sentence)) ||
    (isHot && !warms && (INTO_HOT.test(sentence) || isLeftOut(sentence) || COOKS.test(sentence)));
  const heats = warms || HEATS_OVEN.test(sentence) || ONLY_HEAT.test(sentence);
  const turns = TURNS.test(sentence) && (isHot || baked);
  // What stands before the verb of the oven is done elsewhere: "press into the tin, chill, bake 14 min".
  const begun =
    heats ||
    figuresAlone ||
    STARTS_HOT.test(sentence) ||
    (isHot && isLeftOut(sentence)) ||
    (turns && TIMED_FIRST.test(sentence));
  return { clauses, warms, isNow, bakes, heats, turns, begun };
}

/**
 * The stretches of the oven that a method tells of, in order, and the heat it is brought to. Minutes of the hob, the fridge,
 * the rack, of an oven that is off and of what is done "after 20 min" are none of them; the heat of a core is no oven's.
 */
export function stagesIn(method: string, hot: OvenRead['heated'] = null): OvenRead {
  const stages: Stage[] = [];
  let heated = hot;
  let now: { c: number; fan: boolean } | null = null;
  let cover: Cover = 'none';
  for (const sentence of sentencesOf(method)) {
    const isHot = heated !== null;
    const { clauses, warms, isNow, bakes, heats, turns, ...told } = toldIn(
      sentence,
      isHot,
      stages.length > 0,
    );
    if (!bakes && !heats && !turns) continue;
    let { begun } = told;
    let away = false;
    let isOff = false;
    const ofThing = isOfThing(sentence);
    const coverBefore: Cover = cover;
    for (const clause of clauses) {
      if (AGAIN.test(clause) && stages.length > 0) continue;
      // What follows in the sentence is in an oven that is off: "switch off, leave in the oven 20 min".
      isOff ||= OFF.test(clause);
      if (isOff && !BAKES.test(clause)) {
        away = true;
        continue;
      }
      const ovenVerb = isOfOven(clause, { sentence, isNow, warms, turns, isHot: heated !== null });
      if (ovenVerb) {
        begun = true;
        away = false;
      } else if (ELSEWHERE.test(clause) && !/\boven\b/i.test(clause)) {
        away = true;
        continue;
      }
      // "While they proof, heat the oven": what is heated is no more away.
      if (heats && HEATS_OVEN.test(clause)) away = false;
      cover = coverIn(clause, cover);
      if (!begun || away) continue;
      const heat = ovenIn(clause, 60);
      if (heat) now = heat;
      if (heats && !ovenVerb && heat && stages.length === 0) heated = now;
      // An oven takes its time to get hot: that is no bake.
      if (heats && !bakes) continue;
      if (HEATS_OVEN.test(clause) && !ovenVerb) continue;
      for (const t of timesIn(clause, true)) {
        const before = clause.slice(0, t.at);
        if (MARKER.test(before) || AFTER.test(before) || t.minutes[1] > 600) continue;
        stages.push({
          ovenC: now?.c ?? null,
          fan: now?.fan ?? false,
          minutes: t.minutes,
          cover,
          steam: /\bsteam\b/i.test(clause) && !/\b(?:no|without|let out|release the) steam\b/i.test(clause),
          grill: GRILL.test(clause),
          ...(ofThing ? { ofThing } : {}),
        });
      }
    }
    // What lay over that thing lies over nothing else.
    if (ofThing) cover = coverBefore;
  }
  const own = stages.filter((s) => !s.ofThing);
  // Where nothing else is baked or fried it is the bake.
  if (own.length < stages.length && (own.length > 0 || EACH_SIDE.test(method)))
    return { stages: own, heated };
  const oven: OvenRead['heated'] = heated;
  const minutes = oven && stages.length === 0 ? timeAlone(method) : null;
  if (oven && minutes)
    stages.push({ ovenC: oven.c, fan: oven.fan, minutes, cover: 'none', steam: false, grill: false });
  return { stages, heated: heated ?? (stages.length === 0 ? now : null) };
}
