import { massOf, type Formula } from '../formula';
import type { Lookup } from '../ingredients';
import { linkMethod } from './actions';

/** What a step takes of a line of what is baked: so many grams; null where the line has none, or the share is only a word. */
export type Take = { lineId: string; massG: number | null; word: 'some' | 'most' | 'rest' | null };

/**
 * What each step takes, by the step's id: linked on the formula whose words they are, weighed on the one that is baked. Lines
 * that left take nothing; what came in stands in the steps that bring it.
 */
export function takesOf(written: Formula, baked: Formula, lookup: Lookup): Map<string, Take[]> {
  const now = new Map(baked.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  const out = new Map<string, Take[]>();
  for (const step of linkMethod(written, lookup).method) {
    const takes = (step.actions ?? [])
      .filter((a) => a.kind !== 'drain')
      .flatMap((a) => a.uses ?? [])
      .flatMap(({ lineId, share }): Take[] => {
        const line = now.get(lineId);
        if (!line) return [];
        const whole = line.amount.massG ? massOf(line) : null;
        return typeof share === 'number'
          ? [{ lineId, massG: whole === null ? null : share * whole, word: null }]
          : [{ lineId, massG: null, word: share }];
      });
    if (takes.length > 0) out.set(step.id, takes);
  }
  return out;
}
