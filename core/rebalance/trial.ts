import type { JobId, Kit } from '../classes';
import type { AssembledPart } from './assemble';
import type { Profile } from '../formula';
import type { Msg } from '../explain';
import type { StyleMiss } from './style';
import type { Conflict, ScorePart, Fit } from './types';
import type { PartSolution } from './variables';

export type Slot = { conflict: Conflict; kits: Kit[] };
export type Trial = {
  kits: Kit[];
  part: AssembledPart;
  solved: PartSolution;
  /** Worked out when they are asked for: most trials are only ranked. */
  readonly profile: Profile;
  readonly fits: Fit[];
  uncovered: JobId[];
  misses: StyleMiss[];
  warned: Msg[];
  score: ScorePart[];
  total: number;
};

export const WORST = Number.POSITIVE_INFINITY;
export const keyOf = (kits: readonly Kit[]): string => kits.map((k) => k.id).join('|');

export const MOST_COMBINATIONS = 50_000;

type Picked = { trials: Trial[]; full: boolean; worst: number };

/** The best trials that really differ: in two choices where two can differ, then in one until there are enough. */
export function pick(trials: readonly (Trial | null)[], slots: readonly Slot[], limit: number): Picked {
  const ranked = trials.filter((t): t is Trial => t !== null);
  ranked.sort((a, b) => a.total - b.total || (keyOf(a.kits) < keyOf(b.kits) ? -1 : 1));
  const apart = Math.min(2, slots.filter((s) => s.kits.length > 1).length);
  const picked: Trial[] = [];
  const take = (need: number) => {
    for (const t of ranked) {
      if (picked.length >= limit) return;
      const distance = (o: Trial) => t.kits.filter((k, i) => k !== o.kits[i]).length;
      if (picked.every((p) => distance(p) >= Math.max(1, need))) picked.push(t);
    }
  };
  take(apart);
  const full = picked.length >= limit;
  const worst = picked.at(-1)?.total ?? WORST;
  take(1);
  return { trials: picked.sort((a, b) => a.total - b.total), full, worst };
}
