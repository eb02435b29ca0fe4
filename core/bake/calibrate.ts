import { CLASSES, type ClassId } from '../classes';
import { learntFactor } from '../explain';

/** A bake that was timed: what was told and what it took, min; of which formula, in which oven, and when. */
export type TimedBake = {
  classId: ClassId;
  saidMin: number;
  tookMin: number;
  formulaId?: string;
  ovenId?: string;
  /** An instant, ISO 8601. */
  on?: string;
};
/** How the baker's own bakes compare with the times given here: a factor, its spread as a share, from how many. */
export type Pace = { factor: number; sd: number; bakes: number };

/** Spread of stated bakes about the model, and of one bake about the next in the same oven, as logs. From memory. */
const SPREAD = { before: 0.15, each: 0.07 };
/** What a bake in another oven says of this one. Common practice, no source. */
const OTHER_OVEN = 0.4;

/** Pace of a family of bakes in an oven, from the bakes timed here; those of another oven count for less. */
export function paceOf(timed: readonly TimedBake[], classId: ClassId, ovenId?: string): Pace {
  const { family } = CLASSES[classId];
  const { factor, sd, from } = learntFactor(
    timed
      .filter((b) => CLASSES[b.classId].family === family)
      .map((b) => ({
        said: b.saidMin,
        took: b.tookMin,
        weight: b.ovenId && ovenId && b.ovenId !== ovenId ? OTHER_OVEN : 1,
      })),
    SPREAD,
  );
  return { factor, sd, bakes: from };
}
