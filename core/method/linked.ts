import { msg, type StepMsg } from '../explain';
import type { AvoidId } from '../ingredients';
import type { Spoken } from './named';
import type { Step, WordSwap } from './steps';

/**
 * In place of the names of what leaves, where `inline`, else in a note. `foams`: whether what comes can be whisked to a
 * foam. `notBrushed`: where it is brushed on, something else comes in its place, or nothing does.
 */
export type Instead = {
  op: 'instead';
  of: Spoken;
  msg: StepMsg;
  inline: boolean;
  /** Lines that leave and that this is in place of; what comes: a thing, water alone, nothing. */
  lineIds: string[];
  comes: 'thing' | 'water' | 'nothing';
  foams: boolean;
  notBrushed?: true;
};

/** What an adaptation does to the lines of a formula, as its method needs to know it. */
export type LineChanges = {
  /** Lines that leave altogether. */
  leaving: ReadonlySet<string>;
  /** What a line that stays is called in full: a drink of oats is not just "milk" where milk is out. */
  called: ReadonlyMap<string, StepMsg>;
  avoids: readonly AvoidId[];
  /** What greased the tin leaves, and nothing greases it now. */
  lined: boolean;
};
export const NO_CHANGES: LineChanges = { leaving: new Set(), called: new Map(), avoids: [], lined: false };

/** Words of a step that are found by its links, with what joins them to the rest, and the edit they are of; `word`: the name alone. */
export type Linked = { from: number; to: number; edit: Instead; word: { from: number; to: number } };

/** A number or an article goes with the word that leaves. */
const COUNT_BEFORE =
  /(?:(?<![\p{L}\d])(?:an?|one|two|three|four|five|six|\d+(?:[.,/]\d+)?)\s+(?:large\s+)?|(?:beaten|melted|softened)\s+)$/iu;
/** So do words that only join it, where nothing comes. */
const JOIN_BEFORE =
  /(?:,?\s*(?:\b(?:and|with|in|of|the|an?|smear|little|some|knob|melted|beaten|softened|rest|over)\b|[&+]))*\s*$/i;

const startOf = (text: string, from: number, before: RegExp): number =>
  from - (before.exec(text.slice(0, from))?.[0].length ?? 0);

/** A list goes on after a name that leaves, and nothing of it stood before: "eggs and oil". */
const JOIN_AFTER = /^(?:\s*,\s*(?:(?:and|&)\s+)?|\s+(?:and|[&+])\s+)(?=\p{L}|\d)/iu;
const LISTED_BEFORE = /(?:,|[&+]|\band\b|\bwith\b)\s*(?:(?:the|an?)\s+)?$/i;
/** Between two commas one of them goes with it: "milk, butter, eggs". */
const COMMA_BEFORE = /,\s*(?:(?:the|an?|beaten|melted|large|\d+)\s+)*$/i;
const ARTICLE_BEFORE = /(?:\b(?:the|an?|beaten|melted|large|\d+)\s+)+$/i;

/** A name with what joins it to the rest, where nothing comes in its place. */
function withoutName(text: string, from: number, to: number): { from: number; to: number } {
  const after = JOIN_AFTER.exec(text.slice(to))?.[0];
  return after && !LISTED_BEFORE.test(text.slice(0, from))
    ? { from: startOf(text, from, ARTICLE_BEFORE), to: to + after.length }
    : { from: startOf(text, from, after?.startsWith(',') ? COMMA_BEFORE : JOIN_BEFORE), to };
}

/**
 * A name of which the words before or after went with another: what is left of it. Where nothing is left before it, what follows goes with
 * it: "eggs, yolk and butter" is butter. Null where the name itself went.
 */
export function besides<T extends Linked>(
  text: string,
  c: T,
  gone: readonly { from: number; to: number }[],
): T | null {
  let { from, to } = c;
  for (const g of gone) {
    if (g.from >= to || g.to <= from) continue;
    if (g.to <= c.word.from) from = g.to;
    else if (g.from >= c.word.to) to = g.from;
    else return null;
    if (g.to === c.word.from && c.edit.comes === 'nothing')
      to = c.word.to + (JOIN_AFTER.exec(text.slice(c.word.to))?.[0].length ?? 0);
  }
  return { ...c, from, to };
}

/** Where the first line that an edit is for stands among these. */
const firstOf = (lineIds: readonly string[], { lineIds: of }: Instead): number =>
  lineIds.findIndex((id) => of.includes(id));

/** The words of a step that mean lines that leave, by the links of its acts. */
export function linkedNames(step: Step, edits: readonly Instead[], { leaving }: LineChanges): Linked[] {
  return (step.actions ?? []).flatMap((a) =>
    (a.names ?? []).flatMap(({ from, to, lineIds }): Linked[] => {
      if (!lineIds.every((id) => leaving.has(id))) return [];
      return (
        edits
          .filter((e) => e.lineIds.some((id) => lineIds.includes(id)))
          // What the word means first comes first: a yolk is the yolk, though it may be an egg's.
          .sort((a, b) => firstOf(lineIds, a) - firstOf(lineIds, b))
          .map((edit) => ({
            ...(edit.comes === 'nothing'
              ? withoutName(step.text, from, to)
              : { from: startOf(step.text, from, COUNT_BEFORE), to }),
            edit,
            word: { from, to },
          }))
      );
    }),
  );
}

/** What a word may be taken for where these are out. */
export const TAKEN_FOR: Partial<Record<AvoidId, RegExp>> = {
  milk: /^(?:milk|butter|cream|yogh?urt|cheese|buttermilk|custard)s?$/i,
  egg: /^eggs?$/i,
  tree_nut: /^nuts?$/i,
};
/** How eggs go in, and nothing that comes for them. */
const ONE_BY_ONE = /,?\s*\bone (?:at a time|by one|after (?:the other|another))\b/gi;
/** How a tin, hands or a board are spoken of by what is put on them: where this is out, or where the tin is lined. */
const PUT_ON: [AvoidId | 'lined', RegExp, string][] = [
  ['milk', /\bbuttered(?:(?:,| and| &) (?:base-)?lined)?\b/gi, 'lined'],
  [
    'milk',
    /\bbutter(?: and line)?(?= (?:an?|the|your|two|\d)\b[^.;]*\b(?:tins?|pans?|dish|trays?|moulds?)\b)/gi,
    'line',
  ],
  ['tree_nut', /\b(?:wal|hazel)nut[- ]size[d]?\b/gi, 'small, round'],
  ['oil', /\boiled(?= (?:hands|fingers|palms))/gi, 'wet'],
  ['oil', /\b(?:oiled|greased)(?:(?:,| and| &) (?:base-)?lined)?\b/gi, 'lined'],
  ['oil', /\b(?:oil|grease)(?: and line)?(?= (?:an?|the|your|two|\d))/gi, 'line'],
  ['lined', /\bgreased(?:(?:,| and| &) (?:base-)?lined)?\b/gi, 'lined'],
  ['lined', /\bgrease(?: and line)?(?= (?:an?|the|your|two|\d))/gi, 'line'],
];

/** Words of a step that no line explains and that would still name what is out: each with what is said instead. */
export function otherWords(step: Step, { leaving, called, avoids, lined }: LineChanges): WordSwap[] {
  const out: WordSwap[] = [];
  const put = (from: number, to: number, m: StepMsg) => {
    if (!out.some((s) => s.from < to && from < s.to)) out.push({ from, to, msg: m });
  };
  for (const a of step.actions ?? [])
    for (const { from, to, lineIds } of a.names ?? []) {
      const full = lineIds.length === 1 && !leaving.has(lineIds[0]!) ? called.get(lineIds[0]!) : undefined;
      const word = step.text.slice(from, to);
      if (full && avoids.some((x) => TAKEN_FOR[x]?.test(word))) put(from, to, full);
    }
  if (
    avoids.includes('egg') &&
    step.actions?.some((a) => a.names?.some((n) => n.lineIds.every((id) => leaving.has(id))))
  )
    for (const m of step.text.matchAll(ONE_BY_ONE)) put(m.index, m.index + m[0].length, msg('step.nothing'));
  // On a hob "line the pan" is no help.
  const hob = step.actions?.some((a) => a.kind === 'cook' || a.kind === 'turn') ?? false;
  const holds = (on: AvoidId | 'lined'): boolean => (on === 'lined' ? lined && !hob : avoids.includes(on));
  for (const [on, pattern, word] of PUT_ON)
    if (holds(on))
      for (const m of step.text.matchAll(pattern))
        put(
          m.index,
          m.index + m[0].length,
          msg('step.word', { word: hob && word === 'line' ? 'heat' : word }),
        );
  return out;
}
