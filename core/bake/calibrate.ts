import { CLASSES, type ClassId } from '../classes';

/** A bake that was timed: what was told and what it took, min; of which formula, and when. */
export type TimedBake = {
  classId: ClassId;
  saidMin: number;
  tookMin: number;
  formulaId?: string;
  /** An instant, ISO 8601. */
  on?: string;
};
/** What one's own bakes say of the times told here: a factor, its spread as a share, from how many. */
export type Pace = { factor: number; sd: number; bakes: number };

/** Spread of stated bakes about the model, and of one bake about the next in the same oven, as logs. From memory. */
const BEFORE_SD = 0.15;
const BAKE_SD = 0.07;
/** A bake that took so much more or less than told says that something else was wrong. */
const WILD = 2.5;

/**
 * Pace of an oven and a family of bakes, from the bakes timed in it: the mean of the logs, drawn towards 1 while they
 * are few (normal prior and noise).
 */
export function paceOf(timed: readonly TimedBake[], classId: ClassId): Pace {
  const { family } = CLASSES[classId];
  const logs = timed
    .filter((b) => CLASSES[b.classId].family === family && b.saidMin > 0 && b.tookMin > 0)
    .map((b) => Math.log(b.tookMin / b.saidMin))
    .filter((l) => Math.abs(l) <= Math.log(WILD));
  const weight = logs.length + (BAKE_SD / BEFORE_SD) ** 2;
  return {
    factor: Math.exp(logs.reduce((a, b) => a + b, 0) / weight),
    sd: BAKE_SD / Math.sqrt(weight),
    bakes: logs.length,
  };
}
