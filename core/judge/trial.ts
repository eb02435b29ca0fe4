import type { MarkShares, SliceNumbers } from '../slice';
import type { CauseId, FaultId, RepairId } from './types';

/** What is judged on five steps, with words at both ends. */
export const SCORE_IDS = [
  'taste',
  'openness',
  'softness',
  'gumminess',
  'crumble',
  'rise',
  'crust',
  'colour',
  'look',
  'noticed',
] as const;
export type ScoreId = (typeof SCORE_IDS)[number];
/** Steps of a scale, the last the best for taste and look; for others only the words say which end is which. */
export const SCORE_STEPS = [1, 2, 3, 4, 5] as const;
export type Score = (typeof SCORE_STEPS)[number];

/** How it came out, in one press. */
export const OUTCOME_IDS = ['good', 'nearly', 'wrong'] as const;
export type OutcomeId = (typeof OUTCOME_IDS)[number];

/** How it was baked, as far as it is known: each is absent where nobody measured it. */
export type Actual = {
  /** What was weighed into the bowls, g. */
  massG?: number;
  bakeMin?: number;
  ovenC?: number;
  /** The middle when it came out, °C. */
  coreC?: number;
  coolMin?: number;
  /** The rise, min, and how far it grew: 1 is doubled. */
  riseMin?: number;
  grew?: number;
  roomC?: number;
  /** Min into the bake at which the door was opened. */
  doors?: number[];
  /** What it lost in the oven, as a share. */
  loss?: number;
  /** Water by feel: kept back, and put to it, g. */
  keptG?: number;
  feelG?: number;
};

/** A photo, by the hash of its bytes. */
export type TrialPhoto = { hash: string; wide: number; high: number };
/** What was measured on the photo of a slice: the photo it was, how wide it is on the board in mm, and the marks it rests on. */
export type TrialSlice = { photo: string; wideMm: number; marks: MarkShares; numbers: SliceNumbers };
/** What a trial was to find out: whether one change mends a fault of an earlier one. */
export type Tests = { trialId: string; fault: FaultId; cause: CauseId; repair: RepairId };

/** One bake of one version, and what came of it. */
export type Trial = {
  formulaId: string;
  versionId: string;
  /** The bench run it was weighed in; null where it was entered afterwards. */
  runId: string | null;
  title: string;
  /** Ms since the epoch. */
  bakedAt: number;
  batches: number;
  outcome: OutcomeId;
  scores: Partial<Record<ScoreId, Score>>;
  faults: FaultId[];
  actual: Actual;
  photos: TrialPhoto[];
  /** Absent where no photo was measured. */
  slices?: TrialSlice[];
  notes: string;
  /** Who tasted it. */
  tasters: string[];
  tests: Tests | null;
};

/** Points of a trial for "best so far": how it came out first, then taste, look and whether anyone noticed, less its faults. */
export function pointsOf({ outcome, scores, faults }: Trial): number {
  const of = { good: 20, nearly: 10, wrong: 0 }[outcome];
  const said = (['taste', 'look', 'noticed'] as const).flatMap((s) => scores[s] ?? []);
  const mean = said.length > 0 ? said.reduce<number>((s, x) => s + x, 0) / said.length : 3;
  return of + mean - faults.length;
}
/** The best trial so far, the latest of equals; null of none. */
export function bestOf<T extends Trial>(trials: readonly T[]): T | null {
  return (
    [...trials]
      .sort((a, b) => pointsOf(b) - pointsOf(a) || b.bakedAt - a.bakedAt)
      .find((t) => t.outcome !== 'wrong') ?? null
  );
}

/** What came of the change a trial was to test: the fault is gone, less or as before, and what is new. */
export type CameOf = { fault: FaultId; gone: boolean; newFaults: FaultId[]; better: boolean };
export function cameOf(before: Trial, after: Trial): CameOf | null {
  if (!after.tests) return null;
  const { fault } = after.tests;
  return {
    fault,
    gone: !after.faults.includes(fault),
    newFaults: after.faults.filter((f) => !before.faults.includes(f)),
    better: pointsOf(after) > pointsOf(before),
  };
}
