import { msg, type Msg } from '../explain';
import {
  derivedAmount,
  doughLines,
  massOf,
  profileOf,
  totalMassG,
  type Formula,
  type Line,
  type Part,
  type Profile,
} from '../formula';
import { idOf, refTo, type Ingredient, type Lookup } from '../ingredients';
import type { StepEdit } from '../method';
import type { Conflict, Move } from './types';
import { editsOf, eveningStep, madeOnce } from './step-edits';
import type { Choice, PartSolution, Variable } from './variables';

/** Below this an added amount is rounding: no line is made of it. */
const NOTHING_G = 1e-6;
/** Water that only evens out is left away below this share of the part: no scale shows it. */
const NO_WATER = 2e-4;
/** An amount that may also be nothing, and would be a line of its own, is left away below this share: half a gram a kilogram. */
const NO_LINE = 5e-4;
/** `edits` are worked out when asked for: only the solutions that are shown need them. */
export type AssembledPart = { part: Part; moves: Move[]; edits: () => StepEdit[] };

/** The adapted part: kit lines stand where the line they replace stood, joined amounts in the line they join. */
export function assemblePart(
  part: Part,
  choices: readonly Choice[],
  solved: PartSolution,
  offDough: readonly Variable[],
  lookup: Lookup,
  held: Record<string, number> = {},
): AssembledPart {
  const partG = totalMassG(part.lines);
  const leastG = (v: Variable): number =>
    !v.came ? NO_WATER * partG : v.lo === 0 && !v.joins ? NO_LINE * partG : NOTHING_G;
  const all = [
    ...solved.variables.map((v, j) => ({ v, massG: solved.amounts[j]! })),
    ...offDough.map((v) => ({ v, massG: v.usual > 0 ? v.usual : null })),
  ].filter(({ v, massG }) => massG === null || Math.abs(massG) > leastG(v));
  const choiceOf = new Map(choices.flatMap((c) => c.conflict.lineIds.map((id) => [id, c] as const)));
  const salt = saltOff(part, choices, all, held, lookup);
  const made = new Assembly(all, held);
  for (const line of part.lines) {
    const choice = choiceOf.get(line.id);
    if (choice) made.drop(line, choice.conflict);
    else made.keep(line, salt?.lineId === line.id ? salt.massG : 0);
  }
  const { lines, moves } = made;
  for (const entry of all)
    if (!entry.v.came && !entry.v.joins && !pouredIn(entry, all, lines, moves, partG, held))
      made.place(entry, undefined);
  shareLines(lines, moves, held);

  return {
    part: { ...part, lines },
    moves,
    edits: () => [
      ...madeOnce(editsOf(choices, all, part, lookup)),
      ...lines.flatMap((line) => eveningStep(line, part, lookup)),
    ],
  };
}

type Entry = { v: Variable; massG: number | null };

/** The lines of an adapted part as they are put together, each with the move that made it. */
class Assembly {
  readonly lines: Line[] = [];
  readonly moves: Move[] = [];
  readonly #all: readonly Entry[];
  readonly #held: Record<string, number>;
  /** Conflicts whose ways stand in the part already. */
  readonly #placed = new Set<string>();

  constructor(all: readonly Entry[], held: Record<string, number>) {
    this.#all = all;
    this.#held = held;
  }

  /** A line of its own for what comes in. */
  place({ v, massG }: Entry, role: Line['role']): void {
    this.lines.push({
      id: v.lineId,
      item: refTo(v.ingredient),
      amount:
        massG === null ? { massG: null, written: '', confidence: 1, reading: [] } : derivedAmount(massG),
      ...(role ? { role } : {}),
      ...(v.state ? { state: v.state } : {}),
      ...(v.came ? { came: v.came } : {}),
    });
    this.moves.push({
      op: 'add',
      lineId: v.lineId,
      ingredientId: v.ingredient.id,
      ...(v.came ? { kitId: v.came.kit, conflictId: v.came.for, group: v.came.group } : {}),
      fromG: 0,
      toG: massG,
      reason: v.came ? msg('move.kit', { kit: v.came.kit }) : msg(`move.${v.evens ?? 'water'}`),
    });
  }

  /** A line goes; where the first of its conflict stood stands what comes instead. */
  drop(line: Line, { id, avoids, role }: Conflict): void {
    this.moves.push({
      op: 'drop',
      lineId: line.id,
      ingredientId: idOf(line.item),
      conflictId: id,
      fromG: line.amount.massG?.value ?? null,
      toG: 0,
      reason: msg('move.drop', { avoids }),
    });
    if (this.#placed.has(id)) return;
    this.#placed.add(id);
    for (const entry of this.#all)
      if (entry.v.came?.for === id && !entry.v.joins) this.place(entry, entry.v.role ?? role ?? undefined);
  }

  /** A line stays: as it is, or with what joins it, as much as the baker holds of all that, and so much less salt. */
  keep(line: Line, lessG: number): void {
    const joining = this.#all.filter(({ v }) => v.joins === line.id);
    const heldG = this.#held[line.id];
    const fromG = line.amount.massG?.value ?? null;
    const of = { lineId: line.id, ingredientId: idOf(line.item), fromG };
    if (joining.length === 0 && heldG === undefined && lessG === 0) {
      this.lines.push(line);
      this.moves.push({ op: 'keep', ...of, toG: fromG, reason: msg('move.keep') });
      return;
    }
    const addedG = joining.reduce((s, { massG }) => s + (massG ?? 0), 0);
    const toG = heldG ?? massOf(line) + addedG - lessG;
    this.lines.push({
      ...line,
      amount: { ...line.amount, massG: { ...line.amount.massG, value: toG, basis: 'derived' } },
    });
    const kit = joining.find(({ v }) => v.came)?.v.came?.kit;
    const why = (): Msg => {
      if (heldG !== undefined) return msg('move.held');
      if (kit) return msg('move.joined', { kit, addedG });
      if (lessG > 0) return msg('move.lessSalt');
      return msg(toG < (fromG ?? 0) ? 'move.lessLiquid' : `move.${joining[0]?.v.evens ?? 'water'}`);
    };
    this.moves.push({ op: 'scale', ...of, toG, reason: why() });
  }
}

/** More salt than this share of a part comes off the salt, as far as this share of that; less is not tasted. Common practice. */
const SALT_TOLD = 6e-4;
const MOST_SALT = 0.8;
const PURE_SALT = 90;

/** What a salted thing brings more than what left comes off the salt line, where there is one that is not held. */
function saltOff(
  part: Part,
  choices: readonly Choice[],
  all: readonly { v: Pick<Variable, 'ingredient'>; massG: number | null }[],
  held: Record<string, number>,
  lookup: Lookup,
): { lineId: string; massG: number } | null {
  const leaving = new Set(choices.filter((c) => c.conflict.role === null).flatMap((c) => c.conflict.lineIds));
  const share = (i: Ingredient | null): number => (i?.per100g.salt?.value ?? 0) / 100;
  const isSalt = (i: Ingredient | null): boolean => share(i) > PURE_SALT / 100;
  const brought = all.reduce(
    (s, { v, massG }) => (isSalt(v.ingredient) ? s : s + (massG ?? 0) * share(v.ingredient)),
    0,
  );
  const left = doughLines(part).reduce(
    (s, l) => (leaving.has(l.id) ? s + massOf(l) * share(lookup(l.item)) : s),
    0,
  );
  const line = doughLines(part).find(
    (l) => isSalt(lookup(l.item)) && !leaving.has(l.id) && held[l.id] === undefined,
  );
  const more = brought - left;
  return line && more > SALT_TOLD * totalMassG(part.lines)
    ? { lineId: line.id, massG: Math.min(more, MOST_SALT * massOf(line)) }
    : null;
}

/** Water that only evens out, and is less than this share of a part, goes in with water that comes in anyway. */
const LITTLE_WATER = 0.03;
/** Below this share it is left away where there is none: no crumb shows it. Common practice, no source. */
const NO_NEED = 4e-3;

/** Adds water that only evens out to water that came in and is not held; true where it needs no line of its own. */
function pouredIn(
  { v, massG }: { v: Pick<Variable, 'evens' | 'ingredient'>; massG: number | null },
  all: { v: { lineId: string }; massG: number | null }[],
  lines: Line[],
  moves: Move[],
  partG: number,
  held: Record<string, number>,
): boolean {
  if (v.evens || massG === null || v.ingredient.id !== 'water') return false;
  // The first by id, whatever order the lines stand in.
  const [first] = lines
    .filter((l) => l.came && idOf(l.item) === 'water' && !l.role && held[l.id] === undefined)
    .sort((a, b) => (a.id < b.id ? -1 : 1));
  const at = first ? lines.indexOf(first) : -1;
  if (at < 0) return massG < NO_NEED * partG;
  if (massG > LITTLE_WATER * partG) return false;
  const line = lines[at]!;
  const now = massOf(line) + massG;
  // The step that speaks of it speaks of all of it.
  const entry = all.find((e) => e.v.lineId === line.id);
  if (entry) entry.massG = now;
  lines[at] = { ...line, amount: derivedAmount(now) };
  const move = moves.findIndex((m) => m.lineId === line.id);
  moves[move] = { ...moves[move]!, toG: now };
  return true;
}

/**
 * The same thing in the same state that came in for two things is one line to weigh, as `areOneLine` has it. What is held is all of
 * that line; two that are held each by itself stay apart.
 */
function shareLines(lines: Line[], moves: Move[], held: Record<string, number>): void {
  const isHeld = (l: Line): boolean => held[l.id] !== undefined;
  for (let i = 0; i < lines.length; i++) {
    const first = lines[i]!;
    if (!first.came) continue;
    for (let k = lines.length - 1; k > i; k--) {
      const other = lines[k]!;
      if (!other.came || (isHeld(lines[i]!) && isHeld(other))) continue;
      if (idOf(other.item) !== idOf(first.item)) continue;
      if (other.state !== first.state || other.role !== first.role) continue;
      if (idOf(first.item) === 'water' && other.came.kit !== first.came.kit) continue;
      const [a, b] = [lines[i]!.amount.massG, other.amount.massG];
      if (!a || !b) continue;
      const massG = a.value + b.value;
      // Called by what is held, else by the first of their names, whatever order the lines stand in.
      const isFirst = isHeld(lines[i]!) || (!isHeld(other) && lines[i]!.id < other.id);
      const [kept, gone] = isFirst ? [lines[i]!, other] : [other, lines[i]!];
      lines[i] = {
        ...kept,
        amount: derivedAmount(massG),
        alsoFor: [...(kept.alsoFor ?? []), ...(gone.alsoFor ?? []), gone.came!.for].sort(),
      };
      lines.splice(k, 1);
      const [to, from] = [kept.id, gone.id].map((id) => moves.findIndex((m) => m.lineId === id));
      moves[to!] = { ...moves[to!]!, toG: massG };
      moves.splice(from!, 1);
    }
  }
}

export const profilesOf = (formula: Formula, lookup: Lookup): Record<string, Profile> =>
  Object.fromEntries(formula.parts.map((p) => [p.id, profileOf(p, lookup)]));
