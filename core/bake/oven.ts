import type { ClassId } from '../classes';
import type { BakePhase } from '../formula';
import type { Oven } from './boundary';
import type { Vessel } from './vessel';

/** Film of still and of fanned air, W/(m² K), and vapour in the air, Pa; with steam in the oven. From memory. */
const FILM = { still: 12, fan: 30 } as const;
const AIR_PA = { still: 10_000, fan: 5000, steam: 30_000 } as const;
/** What shines on the top and from below beyond the air's heat, °C. Common practice, no source. */
const SHINES = { even: [0, 0], top: [25, -25], below: [-25, 25] } as const;
/** A grill shines on the top as something so hot, °C. From memory. */
const GRILL_C = 330;
/** The door opened: the air is so much colder at once, K, and comes back with this time constant, min. From memory. */
const DOOR_K = 30;
const DOOR_MIN = 3;

/** A stretch of still, even, uncovered heat. */
export const plainPhase = (ovenC: number, fan = false): BakePhase => ({
  min: 0,
  ovenC,
  fan,
  cover: 'none',
  steam: false,
  heat: 'even',
});

/** The stretch a minute falls into; the last goes on. */
export function phaseAt(phases: readonly BakePhase[], min: number): BakePhase {
  let end = 0;
  for (const p of phases.slice(0, -1)) {
    end += p.min;
    if (min < end) return p;
  }
  return phases.at(-1)!;
}
/** Minutes at which one stretch gives way to the next. */
export const turnsOf = (phases: readonly BakePhase[]): number[] =>
  phases.slice(0, -1).map((_p, i) => phases.slice(0, i + 1).reduce((s, p) => s + p.min, 0));

/**
 * The oven of a programme. A door that is opened costs heat each time. A foil tent is left out: what it does to the
 * time is not known within a factor of two, so nothing is claimed of it.
 */
export const ovenOf =
  (phases: readonly BakePhase[], doors: readonly number[] = []) =>
  (min: number): Oven => {
    const { ovenC, fan, cover, steam, heat } = phaseAt(phases, min);
    const cold = doors.reduce((s, at) => (min >= at ? s + DOOR_K * Math.exp(-(min - at) / DOOR_MIN) : s), 0);
    const tempC = ovenC - cold;
    const [top, below] = heat === 'grill' ? [0, 0] : SHINES[heat];
    return {
      tempC,
      topC: heat === 'grill' ? Math.max(GRILL_C, tempC) : tempC + top,
      belowC: tempC + below,
      film: fan ? FILM.fan : FILM.still,
      vapourPa: steam ? AIR_PA.steam : fan ? AIR_PA.fan : AIR_PA.still,
      covered: cover === 'lid',
    };
  };

/** Minutes at which a door is opened so many times in a bake: evenly, so that once is at half time. */
export const doorsAt = (times: number, wholeMin: number): number[] =>
  Array.from({ length: times }, (_x, i) => ((i + 1) * wholeMin) / (times + 1));

/** A dial is set to no finer than this, °C. */
const DIAL_STEP_C = 5;
/** What to set an oven to that is so much hotter than it says, °C, for it to be so hot: as near as a dial can be set. */
export const dialC = (ovenC: number, offsetC: number): number =>
  DIAL_STEP_C * Math.round((ovenC - offsetC) / DIAL_STEP_C);

/** By how many minutes a changed bake is longer than a stated one, to the minute. */
export const addedMin = ([from, to]: readonly [number, number], ratio: number): number =>
  Math.round(((from + to) / 2) * (ratio - 1));

/** Heat of one programme with the covers of another: for telling what each does. */
export function mergePhases(heat: readonly BakePhase[], covers: readonly BakePhase[]): BakePhase[] {
  const turns = [...new Set([...turnsOf(heat), ...turnsOf(covers)])].sort((a, b) => a - b);
  return [0, ...turns].map((from, i) => {
    const to = turns[i];
    return {
      ...phaseAt(heat, from),
      cover: phaseAt(covers, from).cover,
      min: to === undefined ? 0 : to - from,
    };
  });
}

/** Two schools of baking bread, both alive. Common practice, no source. */
export const SCHOOL_IDS = ['hot', 'gentle'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];
export const SCHOOLS: Record<SchoolId, BakePhase[]> = {
  hot: [
    { ...plainPhase(230), min: 30, cover: 'lid' },
    { ...plainPhase(220), min: 0 },
  ],
  gentle: [plainPhase(175)],
};
/** The kinds of bake that both schools speak of. */
export const hasSchools = (classId: ClassId): boolean =>
  classId === 'yeast_loaf' || classId === 'gel_loaf' || classId === 'seed_loaf' || classId === 'soda_bread';

/** Room about each tin or piece in an oven, and depth over width of it. Common practice, no source. */
const GAP_CM = 3;
const DEPTH_SHARE = 0.85;
/** How often an oven must be filled for so many vessels; null where one is too large for it. */
export function loadsOf(v: Vessel, { widthCm, racks }: { widthCm: number; racks: number }): number | null {
  const [a, b] = [2 * v.halfCm, v.lengthCm || 2 * v.halfCm];
  const [long, short] = [Math.max(a, b), Math.min(a, b)];
  const depthCm = DEPTH_SHARE * widthCm;
  if (long > widthCm || short > depthCm) return null;
  const fit = (x: number, y: number): number =>
    Math.floor((widthCm + GAP_CM) / (x + GAP_CM)) * Math.floor((depthCm + GAP_CM) / (y + GAP_CM));
  return Math.ceil(v.count / (racks * Math.max(1, fit(long, short), fit(short, long))));
}
