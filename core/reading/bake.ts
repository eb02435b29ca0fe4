import { msg, type Msg } from '../explain';
import type { BakePhase, Cover, StatedBake } from '../formula';
import { fahrenheitToCelsius, gasMarkToFahrenheit } from '../units';

/** To a tenth of a degree, so that a whole °F is found again in it. */
const tenth = (x: number): number => Math.round(10 * x) / 10;
/** A problem of the whole, with an oven temperature that would settle it. */
export type BakeIssue = Msg & { fixes?: { ovenC: number }[] };

/** Ovens that can be meant, °C; anything else is asked about. */
const OVEN_C: [number, number] = [50, 330];
/** °F and °C of one oven may differ by rounding; beyond this one of them is wrong. */
const SAME_OVEN_C = 8;

const plausible = (c: number): boolean => c >= OVEN_C[0] && c <= OVEN_C[1];

/** Temperatures a text names, °C: those given in °C, and those given in °F or gas marks. */
export function temperaturesIn(text: string): { celsius: number[]; fromF: number[] } {
  const celsius: number[] = [];
  const fromF: number[] = [];
  for (const m of text.matchAll(/(?<!\d)(\d{2,4})\s*(?:°|º|deg(?:rees)?)?\s*(C|F|celsius|fahrenheit)\b/gi)) {
    const value = Number(m[1]);
    if (/^f/i.test(m[2]!)) fromF.push(fahrenheitToCelsius(value));
    else celsius.push(value);
  }
  for (const m of text.matchAll(/\bgas\s*(?:mark)?\s*(\d{1,2})\b/gi))
    fromF.push(fahrenheitToCelsius(gasMarkToFahrenheit(Number(m[1]))));
  return { celsius, fromF };
}

/** The first time a text names, min, as a range; null where it names none. */
export function minutesIn(text: string): [number, number] | null {
  const m =
    /(?<!\d)(\d{1,4}(?:[.,]\d{1,2})?)\s*(?:(?:-|–|to)\s*(\d{1,4}(?:[.,]\d{1,2})?)\s*)?(h|hours?|hrs?|min|mins?|minutes?)\b\.?(?:\s*(\d{1,3})\s*min)?/i.exec(
      text,
    );
  if (!m) return null;
  const per = /^h/i.test(m[3]!) ? 60 : 1;
  const more = m[4] ? Number(m[4]) : 0;
  const lo = Number(m[1]!.replace(',', '.')) * per + more;
  const hi = m[2] ? Number(m[2].replace(',', '.')) * per + more : lo;
  return lo <= hi ? [lo, hi] : [hi, lo];
}

const COVERED =
  /\bcovered\b|\blid on\b|\bwith (?:the|a|its) lid\b|\bunder (?:the|a|its) lid\b|\bput (?:on )?the lid\b/i;
const BARE =
  /\buncover(?:ed)?\b|\blid off\b|\bwithout (?:the|a|its) (?:lid|foil|tent)\b|\b(?:remove|take off) the (?:lid|foil|cover)\b|\bopen\b/i;
const TENT = /\btent(?:ed)?\b|\bfoil\b/i;
const GRILL = /\bgrill\b|\bbroil(?:er)?\b/i;
const NOT_BAKING = /\b(?:cool|rest|stand|prove|proof|rise|chill|soak|boil|preheat|heat the oven|freeze)\b/i;

/** The cover a stretch of a sentence speaks of, or the one before. */
const coverIn = (text: string, before: Cover): Cover =>
  BARE.test(text) ? 'none' : TENT.test(text) ? 'tent' : COVERED.test(text) ? 'lid' : before;

/**
 * The stretches of a bake that a text tells apart: "30 min covered, 10 min uncovered, grill 5 min", "218 °C for 15 min,
 * then 177 °C for 45-55 min". Null where it tells of one only. `firstC` is the oven where the first names none.
 */
function phasesIn(
  text: string,
  firstC: number | null,
  fan: boolean,
): { phases: BakePhase[]; minutes: [number, number] } | null {
  const found: { phase: BakePhase; range: [number, number] }[] = [];
  let ovenC = firstC;
  let cover: Cover = 'none';
  for (const piece of text.split(/[,;\n]|\.(?=\s|$)|\bthen\b|\band\b(?=[^,;]{0,24}\d)|\+/i)) {
    const { celsius, fromF } = temperaturesIn(piece);
    const named = celsius.at(-1) ?? fromF.at(-1);
    const elsewhere = NOT_BAKING.test(piece);
    if (named !== undefined && plausible(named) && (!elsewhere || /\boven\b|\bpreheat/i.test(piece)))
      ovenC = tenth(named);
    if (elsewhere) continue;
    cover = coverIn(piece, cover);
    const range = minutesIn(piece);
    if (!range || ovenC === null) continue;
    const heat = GRILL.test(piece) ? 'grill' : 'even';
    const phase = {
      min: (range[0] + range[1]) / 2,
      ovenC,
      fan,
      cover,
      steam: /\bsteam\b/i.test(piece),
      heat,
    } as const;
    found.push({ phase, range });
  }
  if (found.length < 2 || found.length > MOST_PHASES) return null;
  const sum = (at: 0 | 1): number => found.reduce((s, { range }) => s + range[at], 0);
  return { phases: found.map(({ phase }) => phase), minutes: [sum(0), sum(1)] };
}
/** More stretches than this are no programme of an oven. */
const MOST_PHASES = 8;

/**
 * The oven and time that were stated. A bare number in the oven field is taken for °C below 300, else for °F.
 * Without a field the method is searched: the last temperature named, and the time of the step that bakes.
 */
export function readBake(
  oven: string,
  time: string,
  method: string,
): { bake: StatedBake | null; issues: BakeIssue[] } {
  const issues: BakeIssue[] = [];
  const baking = method
    .split(/\r?\n|(?<=[.!?])\s+/)
    .filter((t) => /\b(?:bake|uncover|lid|foil|tent|grill|broil|oven)\b/i.test(t))
    .join('\n');
  const source = oven.trim() || baking || method;
  const { celsius, fromF } = temperaturesIn(source);
  const bare = /^\s*(\d{2,4})\s*°?\s*$/.exec(oven);
  if (bare)
    (Number(bare[1]) < 300 ? celsius : fromF).push(
      Number(bare[1]) < 300 ? Number(bare[1]) : fahrenheitToCelsius(Number(bare[1])),
    );
  let ovenC = celsius.at(-1) ?? fromF.at(-1) ?? null;
  if (
    oven.trim() &&
    celsius.length > 0 &&
    fromF.length > 0 &&
    Math.abs(celsius.at(-1)! - fromF.at(-1)!) > SAME_OVEN_C
  ) {
    issues.push({
      ...msg('bake.tempsDisagree', { c: celsius.at(-1)!, f: Math.round(fromF.at(-1)!) }),
      fixes: [{ ovenC: Math.round(fromF.at(-1)!) }, { ovenC: celsius.at(-1)! }],
    });
  }
  if (ovenC !== null && !plausible(ovenC)) {
    issues.push(msg('bake.ovenOdd', { c: Math.round(ovenC) }));
    ovenC = null;
  }
  if (oven.trim() && ovenC === null && issues.length === 0)
    issues.push(msg('bake.ovenUnread', { text: oven.slice(0, 60) }));
  const bakeStep = method.split(/\r?\n|(?<=[.!?])\s+/).findLast((s) => /\bbake\b/i.test(s)) ?? '';
  const field = time.trim();
  const fan = /\bfan\b|\bconvection\b/i.test(source);
  const firstC = oven.trim() ? (celsius[0] ?? fromF[0] ?? null) : null;
  const whole = minutesIn(field) ?? minutesIn(`${field} min`);
  const inMethod = (): ReturnType<typeof phasesIn> => {
    const read = phasesIn(baking, firstC, fan);
    // Beside a time of its own the method's stretches count only where they add up to it.
    return read && (!whole || (read.minutes[0] <= whole[1] && read.minutes[1] >= whole[0])) ? read : null;
  };
  // Where the heat itself is in doubt there is no telling what its stretches are.
  const staged = issues.length > 0 ? null : (phasesIn(field, firstC, fan) ?? inMethod());
  const minutes = staged?.minutes ?? (field ? whole : minutesIn(bakeStep));
  if (field && !minutes) issues.push(msg('bake.timeUnread', { text: field.slice(0, 60) }));
  if (ovenC === null && !minutes) return { bake: null, issues };
  return {
    bake: {
      ovenC: staged?.phases[0]?.ovenC ?? (ovenC === null ? null : tenth(ovenC)),
      minutes,
      fan,
      ...(staged ? { phases: staged.phases } : {}),
    },
    issues,
  };
}
