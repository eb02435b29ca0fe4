import { argOf } from '../explain';
import { massOf, type Formula, type Line, type Part } from '../formula';
import { idOf, type Lookup } from '../ingredients';
import { linkMethod } from '../reading';
import { cameOf, conflictId } from './conflict-id';

/** What a step takes of a line of what is baked: so many grams; null where the line has none, or the share is only a word. */
export type Take = { lineId: string; massG: number | null; word: 'some' | 'most' | 'rest' | null };

/** Whether two lines came in for the same by the same way. */
function isOneWay(a: Line, b: Line): boolean {
  const [x, y] = [cameOf(a), cameOf(b)];
  return x !== undefined && x.for === y?.for && x.kit === y.kit;
}

/**
 * What steps of their own make ready, by the step: a gel of what it is whisked from. A step tells what it names; of water,
 * that which came with the thing it names beside it.
 */
export function madeOf(baked: Formula): Map<string, Line[]> {
  const came = baked.parts.flatMap((p) => p.lines).filter((l) => cameOf(l));
  const out = new Map<string, Line[]>();
  const left = new Set(came);
  for (const { id, added, struck } of baked.method) {
    if (!added || struck) continue;
    const named = (['n1', 'n2', 'n3'] as const).flatMap((n) => argOf(added, n) ?? []);
    const made = [...left].filter((l) => {
      const item = idOf(l.item) ?? '';
      const beside = came.filter((x) => x !== l && isOneWay(x, l));
      return (
        named.includes(item) && (item !== 'water' || beside.some((x) => named.includes(idOf(x.item) ?? '')))
      );
    });
    for (const l of made) left.delete(l);
    if (made.length > 0) out.set(id, made);
  }
  return out;
}

/** The lines that came in place of one that left: called by what they are in place of, its part, group and where it was used. */
function whatCame(part: Part, line: Line, baked: Formula, lookup: Lookup): Line[] {
  const conflict = conflictId(part, lookup(line.item)?.group, line);
  return baked.parts
    .flatMap((p) => p.lines)
    .filter((l) => cameOf(l)?.for === conflict || l.alsoFor?.includes(conflict));
}

/** What each line that was written is now, by its id: itself where it stays, else what came for it. */
const nowOf = (written: Formula, baked: Formula, lookup: Lookup): Map<string, Line[]> =>
  new Map([
    ...written.parts.flatMap((p) =>
      p.lines.map((l): [string, Line[]] => [l.id, whatCame(p, l, baked, lookup)]),
    ),
    ...baked.parts.flatMap((p) => p.lines.map((l): [string, Line[]] => [l.id, [l]])),
  ]);

/**
 * The lines that each step speaks of, whether it takes them or they went in before, by the step's id: in place of what left,
 * what came for it.
 */
export function linesSpokenOf(written: Formula, baked: Formula, lookup: Lookup): Map<string, Set<string>> {
  const now = nowOf(written, baked, lookup);
  return new Map(
    linkMethod(written, lookup).method.map((s) => {
      const ids = (s.actions ?? []).flatMap((a) => [
        ...(a.names ?? []).flatMap((n) => n.lineIds),
        ...(a.uses ?? []).map((u) => u.lineId),
      ]);
      return [s.id, new Set(ids.flatMap((id) => (now.get(id) ?? []).map((l) => l.id)))];
    }),
  );
}

/**
 * What each step takes, by the step's id: linked on the formula whose words they are, weighed on the one that is baked. Lines
 * that left take nothing; what came in stands in the steps that bring it.
 */
export function takesOf(written: Formula, baked: Formula, lookup: Lookup): Map<string, Take[]> {
  const now = nowOf(written, baked, lookup);
  // A gel is told where it is whisked, not again where it goes in.
  const made = new Set([...madeOf(baked).values()].flat());
  const out = new Map<string, Take[]>();
  for (const step of linkMethod(written, lookup).method) {
    const takes = (step.actions ?? [])
      .filter((a) => a.kind !== 'drain')
      .flatMap((a) => a.uses ?? [])
      .flatMap(({ lineId, share }) =>
        (now.get(lineId) ?? []).filter((l) => !made.has(l)).map((line) => ({ line, share })),
      )
      .map(({ line, share }): Take => {
        const lineId = line.id;
        const whole = line.amount.massG ? massOf(line) : null;
        return typeof share === 'number'
          ? { lineId, massG: whole === null ? null : share * whole, word: null }
          : { lineId, massG: null, word: share };
      });
    // Two lines of a kind that left have one stand-in: it is told once.
    const once = takes.filter((t, i) => takes.findIndex((x) => x.lineId === t.lineId) === i);
    if (once.length > 0) out.set(step.id, once);
  }
  return out;
}
