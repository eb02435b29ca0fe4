import { heatsIn, minutesIn } from './heats';
import { readTin } from './tin';

/** What rows say of the whole bake, in the words of its fields; what only says how long one is at work, or how hard it is, is none. */
export type Facts = { oven?: string; time?: string; tin?: string; yields?: string };

const OVEN =
  /^(?:oven|(?:oven|baking|bake) temp(?:erature)?|temp(?:erature)?|heat|backofen|ofen|four|horno|forno)$/i;
const TIME = /^(?:time|(?:bake|baking|cook|cooking|oven) time|time in the oven|bake for|backzeit|cuisson)$/i;
const TIN = /^(?:(?:baking |cake |loaf )?(?:tin|pan|dish|mould|mold)(?: size)?|backform|form)$/i;
const YIELDS = /^(?:makes|yields?|quantity|qty|number|portions|ergibt)$/i;
/** Of the cook and the work, and of nothing that is worked out. */
const ABOUT =
  /^(?:prep(?:aration)?|active|hands[- ]on|total|overall|ready in|level|skill|difficulty|rating|category|cuisine|course|author|cost)(?: time)?$/i;
/** Without a colon only what nothing else is called by: "heat 200 ml milk" is a step. */
const PLAIN =
  /^(?:oven|(?:oven|baking|bake) temp(?:erature)?|(?:bake|baking|cook|cooking|prep|total) time|(?:baking |cake |loaf )?(?:tin|pan)|prep|bake|total)$/i;
const NAMED = /^([\p{L}-]+(?:\s[\p{L}-]+){0,3})(\s*[:=]\s*|\s+[–—-]\s+|\s+(?=\d))(\S.*)$/u;
/** A longer row tells more than a figure: what to do as well. */
const MOST = 70;
/** Deeds of a row that is a step for all its name: "Oven: heat to 190, then turn down". */
const DEED = /\b(?:then|until|put|place|leave|turn|line|grease|remove|after)\b/i;

/** What may stand beside the figures of an oven: more words tell of something else as well. */
const BESIDE =
  /\b(?:deg(?:rees)?|celsius|centigrade|fahrenheit|gas|mark|fan|convection|conventional|static|electric|forced|hot|moderate|or|and|to|at|for|about|around|approx|circa|min(?:ute)?s?|hours?|hrs?|[cfhm])\b/gi;
const isFigures = (said: string): boolean => !/\p{L}/u.test(said.replace(/\d+/g, ' ').replace(BESIDE, ' '));

const FEW_WORDS = /^\p{L}+(?:\s\p{L}+)?$/u;

/** A heat or a time may stand without its unit where its name says what it is: "Oven: 190", "Time: 25". */
const BARE = /^\d{2,3}(?:\s*(?:-|–|to)\s*\d{2,3})?$/;

/** What figures tell of an oven, of a time, or of both. */
const figures = (said: string, oven: boolean, time: boolean): Facts => ({
  ...(oven ? { oven: said } : {}),
  ...(time ? { time: said } : {}),
});

/** A figure that no name stands before, among others in a row: "makes 16 | 350F | 22-25 min | 8x8 pan". */
function bareFact(said: string): Facts | null {
  if (/^(?:makes|yields?)\b/i.test(said)) return /\d/.test(said) ? { yields: said } : null;
  if (/\b(?:tin|pan|dish)s?$/i.test(said)) return readTin(said) === null ? null : { tin: said };
  if (!isFigures(said)) return null;
  const oven = heatsIn(said, false).length > 0;
  const time = minutesIn(said) !== null;
  return oven || time ? figures(said, oven, time) : null;
}

/** What one piece of a row tells; `row`: nothing stands beside it. */
function factOf(text: string, row: boolean): Facts | null {
  const bare = row ? null : bareFact(text.trim());
  if (bare) return bare;
  const [, name = '', joint = '', value = ''] = NAMED.exec(text) ?? [];
  const said = value.replace(/[.;]$/, '');
  if (name === '' || DEED.test(said) || (joint.trim() === '' && !PLAIN.test(name))) return null;
  // "Prep 2 apples" is work at a thing, and none of the cook's figures.
  if (ABOUT.test(name)) return isFigures(said) || (joint.trim() !== '' && FEW_WORDS.test(said)) ? {} : null;
  const isOven = OVEN.test(name);
  // Among others of its kind "bake 25 min" is a time; alone it is a step.
  const isTime = TIME.test(name) || (!row && /^(?:bake|cook)$/i.test(name));
  if (isOven || isTime) {
    if (!isFigures(said)) return null;
    const oven = heatsIn(`oven ${said}`, isOven).length > 0 || (isOven && BARE.test(said));
    const time = minutesIn(said) !== null || (isTime && BARE.test(said));
    if (isOven ? !oven : !time) return null;
    return figures(said, oven, time);
  }
  if (TIN.test(name)) {
    const vessel = /(?:tin|pan|dish)\b/i.exec(name)?.[0].toLowerCase() ?? 'tin';
    const tin = [said, `${said} ${vessel}`].find((t) => readTin(t) !== null);
    return tin === undefined ? null : { tin };
  }
  return YIELDS.test(name) && /\d/.test(said) ? { yields: `makes ${said}` } : null;
}

/**
 * The facts that a row tells behind names ("Oven: 190 °C", "Tin: 20 cm square", "Prep 10 min | Bake 25 min"), each with a figure that its
 * field can read; null where any of it is something else. An oven may come with its time, and a time with its oven.
 */
export function factsIn(row: string): Facts | null {
  // A sentence more is what one does.
  if (row.length > MOST || /[.!?]\s+\S/.test(row)) return null;
  const pieces = row.split(/\s*[|·•;]\s*|\s*,\s*(?=\p{L}+(?:\s\p{L}+)?\s*:)/u).filter(Boolean);
  const told = pieces.map((p) => factOf(p, pieces.length === 1)).filter((f) => f !== null);
  if (told.length === 0 || told.length < pieces.length) return null;
  return told.reduce<Facts>((all, f) => ({ ...all, ...f }), {});
}

const KINDS = ['oven', 'time', 'tin', 'yields'] as const;
/** The facts of each row. Where two rows tell of the same, each is of a stretch of its own and none of the whole. */
export function factsOfRows(rows: readonly string[]): (Facts | null)[] {
  const told = rows.map(factsIn);
  const twice = KINDS.filter((of) => new Set(told.map((f) => f?.[of]).filter(Boolean)).size > 1);
  return told.map((f) => (f && twice.some((of) => f[of] !== undefined) ? null : f));
}

/** Rows without those that tell facts, which are put to `told`. What was told before is not told again: such a row stays. */
export function withoutFacts(
  rows: readonly string[],
  told: Facts,
  keeps: (at: number, facts: Facts) => boolean = () => false,
): string[] {
  const facts = factsOfRows(rows);
  return rows.filter((_, i) => {
    const found = facts[i];
    if (!found || keeps(i, found) || KINDS.some((of) => found[of] !== undefined && told[of] !== undefined))
      return true;
    Object.assign(told, found);
    return false;
  });
}

/** The same of the steps of a method. An oven that something is done after is heated there: that is a step. */
export function stepsWithoutFacts(
  rows: readonly string[],
  told: Facts,
  keeps: (row: string) => boolean,
): string[] {
  const last = rows.findLastIndex((r) => r !== '' && !factsIn(r));
  return withoutFacts(rows, told, (at, { oven }) => {
    const row = rows[at]!;
    return keeps(row) || !row.includes(':') || (oven !== undefined && at < last);
  });
}
