import { massOf, type Formula, type Line, type Part } from '../formula';
import { idOf, type Lookup } from '../ingredients';
import { linkMethod } from '../reading';
import { cameIn, cameInFor, conflictId, wayOf } from './conflict-id';

/** What a step takes of a line of what is baked: so many grams; null where the line has none, or the share is only a word. */
export type Take = { lineId: string; massG: number | null; word: 'some' | 'most' | 'rest' | null };

/**
 * The lines that came in place of one that left, and are not made ready in a step of their own: a gel is told where it is
 * whisked. Lines that came in are called by what they are in place of: part, group and where it was used.
 */
function whatCame(part: Part, line: Line, baked: Formula, lookup: Lookup): Line[] {
  const conflict = conflictId(part, lookup(line.item)?.group, line);
  const steps = baked.method.flatMap((s) =>
    s.added ? [[s.added.args.n1, s.added.args.n2, s.added.args.n3].filter((x) => x !== undefined)] : [],
  );
  const came = baked.parts.flatMap((p) => p.lines).filter((l) => cameIn(l.id));
  // A step of its own tells what it names; of water, that which came with the thing it names beside it.
  const isMade = (l: Line): boolean => {
    const id = idOf(l.item) ?? '';
    const beside = came.filter((x) => x !== l && wayOf(x.id) === wayOf(l.id)).map((x) => idOf(x.item) ?? '');
    return steps.some(
      (named) => named.includes(id) && (id !== 'water' || named.some((n) => beside.includes(String(n)))),
    );
  };
  return baked.parts
    .flatMap((p) => p.lines)
    .filter((l) => (cameInFor(l.id, conflict) || l.alsoFor?.includes(conflict)) && !isMade(l));
}

/**
 * What each step takes, by the step's id: linked on the formula whose words they are, weighed on the one that is baked. Lines
 * that left take nothing; what came in stands in the steps that bring it.
 */
export function takesOf(written: Formula, baked: Formula, lookup: Lookup): Map<string, Take[]> {
  const now = new Map(baked.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  const instead = new Map(
    written.parts.flatMap((p) => p.lines.map((l) => [l.id, whatCame(p, l, baked, lookup)])),
  );
  const out = new Map<string, Take[]>();
  for (const step of linkMethod(written, lookup).method) {
    const takes = (step.actions ?? [])
      .filter((a) => a.kind !== 'drain')
      .flatMap((a) => a.uses ?? [])
      .flatMap(({ lineId, share }) => {
        const stays = now.get(lineId);
        return (stays ? [stays] : (instead.get(lineId) ?? [])).map((line) => ({ line, share }));
      })
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
