import { fahrenheitToCelsius, gasMarkToFahrenheit } from '../units';
import { numberOf } from './amount';

/** A temperature as it stands in a text: °C, whether it was given in °F, whether it is of an oven with a fan, and where. */
export type Heat = { c: number; fromF: boolean; fan: boolean; at: number; end: number };

/** A bare number from here on is °F: no oven at home is as hot in °C. Common practice, no source. */
const BARE_F_FROM = 275;
/** Bare numbers that can be an oven, and ovens that can be meant, °C. */
const BARE: [number, number] = [100, 550];
export const OVEN_C: [number, number] = [50, 330];
export const plausible = (c: number): boolean => c >= OVEN_C[0] && c <= OVEN_C[1];

/** Times that are said without a figure, as they would be with one. */
const SAID: [RegExp, string][] = [
  [/\bhalf an hour\b/gi, '30 min'],
  [/\bhalf hour\b/gi, '30 min'],
  [/\bhalf (?:an )?hr\b/gi, '30 min'],
  [/\bquarter of an hour\b/gi, '15 min'],
  [/\bthree quarters of an hour\b/gi, '45 min'],
];
/** Words for numbers that times have and amounts have not. */
const TENS: Record<string, number> = { fifteen: 15, twenty: 20, thirty: 30, forty: 40 };
const COUNTED = `a|an|one|two|three|four|five|six|seven|eight|nine|ten|twelve|${Object.keys(TENS).join('|')}`;

const DEGREES =
  /(?<![\d.,])(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*(°|º|deg(?:rees)?\.?|grad\b)?\s*(?:(celsius|fahrenheit|[CF])\b)?/gi;
const GAS = /\bgas\s*(?:mark\s*)?(\d{1,2})\b/gi;
/** What follows a number that is no heat. */
const MEASURED =
  /^\s*(?:g|kg|ml|l|cm|mm|oz|lb|in|inch(?:es)?|["”″%x×]|min(?:ute)?s?|mins?|h|hrs?|hours?|sec(?:ond)?s?|s|times|more|cups?|tbsp|tsp|pieces?|strips?|rounds?|balls?|each|(?:-|–|to)\s*\d)\b/i;
/** Words before a bare number that make it a heat. */
const BEFORE_BARE =
  /(?:\bpre-?heat(?:ed)?\s+|@\s*|\b(?:at|to|into|oven|deck|bake|then|about|down|up|fan|and)\s*(?:to\s+|at\s+|is\s+|of\s+|about\s+|around\s+)?:?\s*|^\s*|[:;,/]\s*)$/i;
const OVENISH =
  /\b(?:oven|deck|bak(?:e|ed|es|ing)|pre-?heat|turn|drop|lower|reduce|raise|roast|heat|crank|load)\b/i;
/** What a bare number goes on to that is a heat: how long, under what, or the end. */
const LEADS_ON =
  /^\s*(?:°|\/\s*\d{1,3}\s?m(?:in\w*)?\b|for\b|oven\b|\(?\s*\d{3}\s*(?:°\s*)?C?\s*fan\b|,|\.|$|(?:with |w\/ ?)?(?:steam|dry|lid|(?:un)?covered)\b|\d{1,3}\s*[-–]\s*\d{1,3}\s*(?:[,.;]|$)|\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?\s?(?:mins?|minutes|m)\b)/;
const FAN_BEFORE =
  /\b(?:fan|convection|conv\.?|umluft|heißluft)(?:[- ]?(?:oven|assisted|forced))?\s*(?:at|to|:)?\s*$/i;
const FAN_AFTER = /^\s*\(?\s*(?:fan|convection|conv\b\.?|umluft|heißluft)(?!\s*(?:\d{3}|:|(?:oven )?off\b))/i;

/**
 * The temperatures a text names, in its order. A number without its letter is a heat where it stands like one ("oven to
 * 350", "bake at 190 for", "425 for 10 min"), °F from 275 on. `bare` false: only those with a sign or a letter.
 */
export function heatsIn(text: string, bare = true): Heat[] {
  const found: Heat[] = [];
  for (const m of text.matchAll(DEGREES)) {
    const at = m.index;
    const [all, first, last, sign, letter] = m as unknown as [string, string, string?, string?, string?];
    const end = at + all.trimEnd().length;
    const after = text.slice(end, end + 20);
    const before = text.slice(Math.max(0, at - 24), at);
    const value = last && Number(last) > Number(first) ? (Number(first) + Number(last)) / 2 : Number(first);
    if (!letter) {
      if (sign === undefined) {
        const near = found.at(-1);
        // "220C/200 fan": the second leans on the first.
        const leans = near !== undefined && /^[\s/(,]*(?:fan\s*)?$/i.test(text.slice(near.end, at));
        if (!bare || value < BARE[0] || value > BARE[1] || MEASURED.test(after)) continue;
        // "170 fan" is said of an oven and of nothing else.
        const sure = leans || FAN_AFTER.test(after) || /^\s*\/\s*\d{3}\s*°?\s*C?\s*\(?fan\b/i.test(after);
        if (!sure && !BEFORE_BARE.test(before)) continue;
        if (!sure && !OVENISH.test(text) && !LEADS_ON.test(after)) continue;
      } else if (value < BARE[0] / 2) continue;
    }
    const fromF = letter ? /^f/i.test(letter) : value >= BARE_F_FROM;
    const fan = FAN_BEFORE.test(before) || FAN_AFTER.test(after);
    found.push({ c: fromF ? fahrenheitToCelsius(value) : value, fromF, fan, at, end });
  }
  for (const m of text.matchAll(GAS))
    found.push({
      c: fahrenheitToCelsius(gasMarkToFahrenheit(Number(m[1]))),
      fromF: true,
      fan: false,
      at: m.index,
      end: m.index + m[0].length,
    });
  return found.sort((a, b) => a.at - b.at);
}

/**
 * Ovens by their word, °C: the table of British cookery books, where gas 4 is moderate. Between two of a row the middle one.
 * From memory; they agree within 10 °C. In a warm oven dough is left to rise, and in a cool one things cool: neither is a heat.
 */
const BY_WORD: Record<string, number> = {
  'very slow': 120,
  'very cool': 120,
  slow: 150,
  'moderately slow': 160,
  moderate: 180,
  'moderately hot': 200,
  'fairly hot': 200,
  hot: 220,
  quick: 220,
  'very hot': 240,
};
const WORDED = new RegExp(
  `(?<!\\b(?:the|your)\\s)(?<!\\p{L})(${Object.keys(BY_WORD)
    .sort((a, b) => b.length - a.length)
    .join('|')})\\s+oven\\b`,
  'giu',
);
/** A text with the heat of an oven that is only told by its word: "a moderate oven" is one of 180 °C. Null where there is none. */
export function worded(text: string): { text: string; word: string; c: number } | null {
  const first = [...text.matchAll(WORDED)][0]?.[1]?.toLowerCase();
  if (first === undefined) return null;
  return {
    text: text.replace(WORDED, (_all, word: string) => `oven ${BY_WORD[word.toLowerCase()]!} °C`),
    word: first,
    c: BY_WORD[first]!,
  };
}

/** A sentence that is a heat and nothing else: "350F." */
export const ONLY_HEAT =
  /^\s*\d{3}\s*°?\s*C?\s*[/(]\s*(?:\d{3}\s*°?\s*C?\s*fan|fan\s*\d{3}\s*°?\s*C?)\)?\.?$|^\s*(?:fan )?\d{3}\s*(?:°?\s*[CF]|°|deg(?:rees)?\.?(?:\s*[CF])?)(?:\s*[/(]\s*\d{3}\s*°?\s*[CF]?)?(?: fan)?\)?(?:\s*\/?\s*gas (?:mark )?\d)?\.?$|^\s*gas\s*(?:mark\s*)?\d{1,2}\.?$|^\s*(?:1[4-9]\d|2[0-5]\d|3\d\d|4[0-7]\d)\.$/i;
/** Words of a probe in the middle: such a heat below boiling is no oven's. */
const CORE = /\b(?:inside|internal|core|centre|center|middle|probe|reads?|registers?|thermometer)\b/i;

/**
 * The oven that a clause tells of, and whether by fan, from `leastC` on. Of an oven told twice the one with no fan counts: the
 * other is the same oven in another house. Null where none is told; a core is none.
 */
export function ovenIn(clause: string, leastC: number): { c: number; fan: boolean } | null {
  const named = heatsIn(clause).filter(
    (h) => plausible(h.c) && h.c >= leastC && !(h.c < 111 && CORE.test(clause)),
  );
  const heat = named.find((h) => !h.fan && !h.fromF) ?? named.find((h) => !h.fan) ?? named[0];
  if (!heat) return null;
  return {
    c: heat.c,
    fan:
      heat.fan || (/(?<!\b(?:no|without|not)\s)\b(?:fan|convection)\b/i.test(clause) && named.length === 1),
  };
}

/** Before a time: it says when something is done within a stretch, or how long into it, not how long one takes. */
export const MARKER =
  /(?:\bfor the (?:last|first|final)|\bin the last|\blast|\bhalfway|\bevery|\bfirst)\s*(?:about\s+)?$/i;
export const AFTER = /\bafter(?: the first)?\s*(?:about\s+)?$/i;
/** Words of what is cooked on a hob, where "cook for 40 minutes" is of the oven that was heated. */
export const OF_A_HOB = 'pan|hob|skillet|griddle|stir\\w*|simmer|low|medium|side';
/** What is done to a thing in a pan, and to none in an oven. */
export const EACH_SIDE = /\b(?:a|per|each) side\b/i;
/** A foil over the top. */
export const TENT = /\btent(?:ing|ed)?\b|\bfoil\b/i;

/** Temperatures with their letter or sign, °C: those given in °C, and those given in °F or gas marks. */
export function temperaturesIn(text: string): { celsius: number[]; fromF: number[] } {
  const all = heatsIn(text, false);
  return {
    celsius: all.filter((h) => !h.fromF).map((h) => h.c),
    fromF: all.filter((h) => h.fromF).map((h) => h.c),
  };
}

/** A time as it stands in a text, min, from least to most. */
export type Time = { minutes: [number, number]; at: number; end: number };

const NUM = `\\d{1,4}(?:[.,]\\d{1,2})?(?:\\s?[¼½¾])?|[¼½¾]|\\b(?:${COUNTED})\\b`;
const UNIT =
  '(h|hours?|hrs?|stunden?|std|min|mins?|minuten?|minutes?|(?<=\\d)m|sec|secs?|seconds?|(?<=\\d)s(?=\\s+(?:each|per|a|on)\\b))';
const SPAN = new RegExp(
  `(?<![\\d.,])(${NUM})\\+?\\s*(?:(?:-|–|to|or)\\s*(${NUM})\\s*)?-?\\s*(?:(?:more|further|extra)\\s+)?${UNIT}\\b\\.?(?:\\s*(?:and|&)?\\s*(?:(a quarter|a half|three quarters|½|¼|¾)\\b|(\\d{1,3})(?!\\d)\\s*(?:min(?:ute)?s?\\b)?(?!\\s*(?:°|[CF]\\b|g\\b|cm\\b))))?`,
  'giu',
);
/** "for another 12-15", "18 to 20 more": minutes that nobody called so. */
const NAMELESS =
  /(?:^\s*(\d{2})\s*[-–]\s*(\d{2})(?=\s*\.?$)|\b(?:for|another)\s+(?:another\s+|about\s+)?(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?(?=\s*(?:more\b|longer\b|[.,;)]|$|until\b|till\b|or\b|with\b))|(?<=(?:\d{3}\s*°?\s*(?:[CF]|[CF]?\s*(?:fan|conv|static))|\d{3}\s*\/\s*\d{3}|^\s*\d{3}),?\s+)(\d{1,2})\s*(?:-|–)\s*(\d{1,2})(?=\s*(?:$|[.,;]))|(\d{1,2})(?:\s*(?:-|–)\s*(\d{1,2}))?(?=\s*@\s*\d{3})|(?<=\d{3}\s*°?\s*(?:[CF]|[CF]?\s*(?:fan|conv))\s+(?:x\s*)?)(\d{2})(?=\s+(?:lid|(?:un)?covered|then)\b|\s*[,;]|\s*\.?$)|(?<=\b(?:steam|dry|lid (?:on|off)|(?:un)?covered)\s+)(\d{1,2})(?=\s*(?:$|[.,;]))|(?<=^\s*(?:then )?(?:chill|rest|prove|proof|rise|knead|cool|soak|stand|freeze)\s+)(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?(?=\s*(?:$|[.,;)]))|(?<=\b(?:golden|brown|set|done|risen)\s+)(\d{1,2})\s*(?:-|–|to)\s*(\d{1,2})(?=\s*(?:$|[.,;]))|(?<![\d/])\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s+(?:more|longer)\b(?!\s*(?:°|tbsp|tsp|g\b|cups?)))/gi;
const numeric = (text: string): number => TENS[text.trim().toLowerCase()] ?? numberOf(text);

/** Shares of an hour that are written with a stroke: "1 1/4 hrs", "1/2 an hour". */
const STROKED =
  /(?<![\d/.,])(?:(\d{1,2})[ -])?([13]\/[24])(?:\s+(?:of\s+)?an)?(?=\s?(?:h|hrs?|hours?|min(?:ute)?s?)\b)/gi;
const SHARES: Record<string, string> = { '1/2': '½', '1/4': '¼', '3/4': '¾' };
/** The times a text names, in its order; `nameless` takes in those whose minutes are not called so. */
export function timesIn(given: string, nameless = false): Time[] {
  // 15' is 15 min.
  let text = given
    .replace(/(?<=\d)['’′](?=[\s.,;:)–-]|$)/g, 'm')
    .replace(/(?<=\d)-?ish\b/gi, (m) => ' '.repeat(m.length));
  // As long as before: where a time stands is told by its place.
  for (const [words, said] of SAID) text = text.replace(words, (m) => said.padEnd(m.length));
  text = text.replace(STROKED, (m, whole: string | undefined, share: string) =>
    `${whole ?? ''}${SHARES[share]!}`.padEnd(m.length),
  );
  const found: Time[] = [];
  for (const m of text.matchAll(SPAN)) {
    const [all, first, last, unit, share, more] = m as unknown as [
      string,
      string,
      string?,
      string?,
      string?,
      string?,
    ];
    const hours = /^h/i.test(unit!);
    const per = hours ? 60 : /^s/i.test(unit!) ? 1 / 60 : 1;
    // Only an hour is followed by minutes of its own.
    const own = !hours ? 0 : share ? 60 * numberOf(share) : more ? Number(more) : 0;
    const lo = numeric(first) * per + own;
    const hi = last ? numeric(last) * per + own : lo;
    found.push({ minutes: lo <= hi ? [lo, hi] : [hi, lo], at: m.index, end: m.index + all.length });
  }
  // "1 hr to 1 hr 15": from one to the other.
  for (let i = found.length - 1; i > 0; i--) {
    const [a, b] = [found[i - 1]!, found[i]!];
    if (!/^\s*(?:-|–|to|or)\s*$/i.test(text.slice(a.end, b.at)) || b.minutes[1] < a.minutes[0]) continue;
    found.splice(i - 1, 2, { minutes: [a.minutes[0], b.minutes[1]], at: a.at, end: b.end });
  }
  if (nameless)
    for (const m of text.matchAll(NAMELESS)) {
      const end = m.index + m[0].length;
      if (found.some((f) => m.index < f.end && end > f.at)) continue;
      const [first, last] = m.slice(1).filter((x) => x !== undefined);
      const lo = Number(first);
      const hi = Number(last ?? lo);
      if (lo > 0 && lo <= hi) found.push({ minutes: [lo, hi], at: m.index, end });
    }
  return found.sort((a, b) => a.at - b.at);
}

/** The first time a text names, min, as a range; null where it names none. */
export const minutesIn = (text: string): [number, number] | null => timesIn(text)[0]?.minutes ?? null;
