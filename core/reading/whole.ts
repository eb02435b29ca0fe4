import { bowlMassG, doughLines, isBeside, type Formula, type Part } from '../formula';
import { INGREDIENTS, type Ingredient, type Lookup } from '../ingredients';
import type { Action } from '../method';
import { linkMethod } from './actions';
import { Lines } from './mentions';
import { phraseAt, wordsOf } from './spoken';

/**
 * What does not fit between the list and the method: a line that no step takes, one of which a known share is left over, a
 * thing that a step takes and no line has, pieces that do not come to the dough. `stepId`: where a missing line would go in.
 */
export type MethodCheck =
  | { code: 'unused'; lineId: string; stepId: string | null }
  | { code: 'left'; lineId: string; share: number; stepId: string | null }
  | { code: 'unlisted'; stepId: string; ingredientId: string }
  | { code: 'pieces'; stepId: string; pieces: number; pieceG: number; doughG: number };

/** A method says less than this in so many words: nothing is said of what it leaves out. */
const LEAST_ACTS = 2;
/** Pieces may come to this share more or less than the dough before it is said: scraps, and a little more for the board. */
const PIECES_OFF = 0.25;
const MIXED: readonly Action['kind'][] = [
  'mix',
  'whisk',
  'rub',
  'cream',
  'knead',
  'fold',
  'melt',
  'cook',
  'gel',
];
/** What every kitchen has beside the list: for the tin, the board, the bath. */
const BESIDE_THE_LIST = /^(?:water|oil|ice|salt|flour|steam|butter)$/;

/** Ingredients by the names that they alone have. */
let byName: Map<string, Ingredient> | null = null;
function nameless(): Map<string, Ingredient> {
  if (byName) return byName;
  byName = new Map();
  for (const i of INGREDIENTS)
    for (const name of i.names) {
      const phrase = wordsOf(name)
        .map((w) => w.text)
        .join(' ');
      if (!BESIDE_THE_LIST.test(phrase)) byName.set(phrase, i);
    }
  return byName;
}

/** Things that an act takes and no line of the list has. */
function unlistedIn(act: Action, lines: Lines): Ingredient[] {
  const words = wordsOf(act.text);
  const out: Ingredient[] = [];
  for (let i = 0; i < words.length;) {
    let taken = 0;
    for (let n = Math.min(4, words.length - i); n > 0 && taken === 0; n--) {
      const phrase = phraseAt(words, i, n);
      if (phrase === null) continue;
      if (lines.means(phrase)) taken = n;
      else {
        const named = nameless().get(phrase);
        // A word alone may be many things; two and more are a name.
        if (named && (n > 1 || named.names[0]!.toLowerCase() === phrase)) {
          out.push(named);
          taken = n;
        }
      }
    }
    i += Math.max(1, taken);
  }
  return out;
}

/** The step that a line would go in with: the last of its part that mixes. */
function stepFor(linked: Formula, partId: string): string | null {
  let last: string | null = null;
  for (const s of linked.method)
    if (s.actions?.some((a) => a.partId === partId && MIXED.includes(a.kind) && a.uses)) last = s.id;
  return last;
}

/** What the list and the method say that does not fit together. Nothing where there is hardly a method. */
export function checkMethod(formula: Formula, lookup: Lookup): MethodCheck[] {
  const linked = linkMethod(formula, lookup);
  const steps = linked.method.map((s) => ({ id: s.id, actions: s.actions ?? [] }));
  const acts = steps.flatMap((s) => s.actions);
  if (acts.filter((a) => a.uses).length < LEAST_ACTS) return [];
  const out: MethodCheck[] = [];
  for (const part of linked.parts)
    for (const line of part.lines) {
      // What is strewn, brushed on or put on the tin is often not spoken of.
      if (isBeside(line.role)) continue;
      const shares = acts.flatMap(
        (a) => a.uses?.filter((u) => u.lineId === line.id).map((u) => u.share) ?? [],
      );
      const stepId = stepFor(linked, part.id);
      if (shares.length === 0) out.push({ code: 'unused', lineId: line.id, stepId });
      else if (shares.every((x) => typeof x === 'number')) {
        const left = 1 - shares.reduce<number>((s, x) => s + x, 0);
        if (left > 0.03) out.push({ code: 'left', lineId: line.id, share: left, stepId });
      }
    }
  const lines = new Lines(linked.parts, lookup);
  for (const s of steps)
    for (const a of s.actions) {
      if (MIXED.includes(a.kind))
        for (const i of unlistedIn(a, lines))
          out.push({ code: 'unlisted', stepId: s.id, ingredientId: i.id });
      const off = piecesOff(a, linked.parts);
      if (off) out.push({ ...off, code: 'pieces', stepId: s.id });
    }
  return out;
}

function piecesOff(
  a: Action,
  parts: readonly Part[],
): { pieces: number; pieceG: number; doughG: number } | null {
  if (!a.pieces || !a.pieceG || a.ours?.includes('pieces')) return null;
  const part = parts.find((p) => p.id === a.partId);
  const doughG = part ? bowlMassG(doughLines(part)) : 0;
  const known = part !== undefined && doughLines(part).every((l) => l.amount.massG);
  if (!known || Math.abs((a.pieces * a.pieceG) / doughG - 1) <= PIECES_OFF) return null;
  return { pieces: a.pieces, pieceG: a.pieceG, doughG };
}
