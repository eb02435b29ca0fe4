import { learntFactor, type Learnt } from '../explain';

/** A rise that was timed: of a dough by its yeast, or of a fed starter to its height; told and taken, min. */
export type TimedRise = {
  of: 'yeast' | 'starter';
  saidMin: number;
  tookMin: number;
  formulaId?: string;
  /** An instant, ISO 8601. */
  on?: string;
};
/** Spread of yeast and dough about the clock, as GAS_RATE and KEPT_GAS have it together, and of one rise about the next. From memory. */
const SPREAD = { before: 0.27, each: 0.12 };

/** By how much longer rises take here than the clock tells, from those that were timed. */
export const slownessOf = (timed: readonly TimedRise[], of: TimedRise['of']): Learnt =>
  learntFactor(
    timed.filter((t) => t.of === of).map((t) => ({ said: t.saidMin, took: t.tookMin })),
    SPREAD,
  );
