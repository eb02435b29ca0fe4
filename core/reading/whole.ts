import { bowlMassG, doughLines, isBeside, type Formula, type LineRole, type Part } from '../formula';
import { EGG_GROUPS, type Lookup } from '../ingredients';
import { isDeed, type Action } from '../method';
import { linkMethod } from './actions';
import { calledIn } from './called';
import { Lines } from './mentions';
import { partNamed } from './spoken';

/**
 * What does not fit between the list and the method: a line that no step takes, one of which a known share is left over, a
 * thing that a step takes and no line has, egg that is brushed on where all of it went in before, pieces that do not come to the dough. `stepId`: where a missing line would go in.
 */
export type MethodCheck =
  | { code: 'unused'; lineId: string; stepId: string | null }
  | { code: 'left'; lineId: string; share: number; stepId: string | null }
  | { code: 'unlisted'; stepId: string; ingredientId: string; role?: LineRole }
  | { code: 'spent'; stepId: string; ingredientId: string; role: LineRole }
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
/** Acts that put something on or into the bake: what they name belongs to it. */
const PUT: readonly Action['kind'][] = [...MIXED, 'wash', 'glaze', 'fill'];
/** What every kitchen has beside the list: for the tin, the board, the bath. */
const BESIDE_THE_LIST = /^(?:water|oil|ice|salt|flour|steam|butter)$/;

/** Things that an act takes and no line of the list has. */
const unlistedIn = (act: Action, lines: Lines): string[] => [
  ...new Set(
    calledIn(
      act.text,
      (phrase) => lines.means(phrase) || lines.says(phrase) || BESIDE_THE_LIST.test(phrase),
    ).flatMap(({ ingredient, from, to }) =>
      ingredient && !isDeed(act.text.slice(from, to), act.text.slice(0, from)) ? [ingredient.id] : [],
    ),
  ),
];
/** What is brushed on of a thing that all went in before: lines of eggs that such an act names and takes nothing of. */
const BRUSHES = /\b(?:brush|glaze|paint|wash)\b/i;
function spentIn(act: Action, lines: Lines): string[] {
  if (!BRUSHES.test(act.text)) return [];
  const used = new Set(act.uses?.map((u) => u.lineId));
  const of = (act.names ?? []).flatMap((n) =>
    n.lineIds.some((id) => used.has(id)) ? [] : n.lineIds.flatMap((id) => lines.of(id)?.ingredient ?? []),
  );
  return [...new Set(of.filter((i) => EGG_GROUPS.includes(i.group)).map((i) => i.id))];
}

/** What a thing is in the bake that such an act puts on it. */
const ROLE_OF: Partial<Record<Action['kind'], LineRole>> = {
  wash: 'wash',
  glaze: 'dusting',
  fill: 'dusting',
};

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
  const isUsed = (lineId: string): boolean => acts.some((a) => a.uses?.some((u) => u.lineId === lineId));
  for (const part of linked.parts) {
    // "Line the dish with the pastry": how it is made is not told, and nothing is said of each of its things.
    const isBegun = part.lines.some((l) => !isBeside(l.role) && isUsed(l.id));
    if (!isBegun && acts.some((a) => partNamed(a.text, [part]))) continue;
    for (const line of part.lines) {
      // What is sprinkled, brushed on or put on the tin is often not spoken of.
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
  }
  const lines = new Lines(linked.parts, lookup);
  for (const s of steps)
    for (const a of s.actions) {
      if (PUT.includes(a.kind))
        for (const ingredientId of unlistedIn(a, lines)) {
          const role = ROLE_OF[a.kind];
          out.push({ code: 'unlisted', stepId: s.id, ingredientId, ...(role ? { role } : {}) });
        }
      for (const ingredientId of spentIn(a, lines))
        out.push({ code: 'spent', stepId: s.id, ingredientId, role: 'wash' });
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
