import type { Sourced } from '../explain';
import type { Ingredient, ItemState } from '../ingredients';
import { CLASSES } from './data/classes';
import { FAT_CREDIT, IN_PIECES, SAME_JOBS, STRENGTHS, STRENGTH_SPREAD } from './data/strengths';
import { BINDING, type ClassId, type FamilyId, type How, type JobId } from './types';

const NONE: Sourced = { value: 0, basis: 'derived' };

/**
 * What is left of a job by how the thing went in: air only where it was beaten in, flake only where firm fat stayed in pieces
 * or layers, creaming only where it was creamed. A job that is not named is done however it goes in. Common practice, no source.
 */
const BY_HOW: Partial<Record<JobId, Partial<Record<How, number>>>> = {
  foam: { whipped: 1, creamed: 0.6, mixed: 0.25, rubbed: 0.1, layered: 0.1, melted: 0.1, cooked: 0 },
  cream: { creamed: 1, whipped: 0.5, mixed: 0, rubbed: 0, layered: 0, melted: 0, cooked: 0 },
  flake: { rubbed: 1, layered: 1, creamed: 0, whipped: 0, mixed: 0, melted: 0, cooked: 0 },
};
/** Share of a job that a thing does where it goes in so; all of it where that is not known. */
export const doneSo = (job: JobId, how: How | undefined): number =>
  how === undefined ? 1 : (BY_HOW[job]?.[how] ?? 1);

const tabled = (i: Ingredient, state: ItemState | undefined, job: JobId, how?: How): number => {
  const id = i.like ?? '';
  const row = (state && STRENGTHS[`${id}@${state}`]) || STRENGTHS[id] || STRENGTHS[SAME_JOBS[id] ?? ''];
  return row ? (doneSo(job, how) * (row[1][job] ?? 0)) / row[0] : 0;
};

const practice = (value: number): Sourced =>
  value === 0 ? NONE : { value, sd: STRENGTH_SPREAD * value, basis: 'practice', sourceId: 'practice' };

/** Per-gram share of a component, 0 to 1; what is not known counts nothing here and is shown as not known by the profile. */
const share = (i: Ingredient, part: 'water' | 'sugars' | 'fat'): Sourced => {
  const x = i.per100g[part];
  if (!x || x.value === 0) return NONE;
  return { ...x, value: x.value / 100, ...(x.sd === undefined ? {} : { sd: x.sd / 100 }) };
};

/**
 * Grams of fat that one gram of the thing stands for in tenderness. Free fat counts full; fat locked in pieces,
 * meal or seeds by what carries it; purée and yogurt by the class's credit (purée tenders a batter, hardly a
 * cookie).
 */
function shorten(i: Ingredient, state: ItemState | undefined, classId: ClassId): Sourced {
  const fat = share(i, 'fat');
  const credit = FAT_CREDIT[i.group] ?? 1;
  const extra = tabled(i, state, 'shorten') * CLASSES[classId].shortenCredit;
  const value = fat.value * credit + extra;
  const sd = Math.hypot((fat.sd ?? 0) * credit, STRENGTH_SPREAD * extra);
  return value === 0 ? NONE : { value, ...(sd > 0 ? { sd } : {}), basis: 'derived', sourceId: 'practice' };
}

/**
 * How strongly one gram of an ingredient does a job in a class. Units by job: wet g water, shorten g fat,
 * sweeten g sugars, sour mmol acid, bite g pieces, all others in eggs or tastes as the strength table says.
 */
export function jobStrength(
  i: Ingredient,
  state: ItemState | undefined,
  classId: ClassId,
  job: JobId,
  how?: How,
): Sourced {
  switch (job) {
    case 'wet':
      return i.dry ? NONE : share(i, 'water');
    case 'sweeten':
      return share(i, 'sugars');
    case 'sour':
      return i.acidMmolG;
    case 'shorten':
      return shorten(i, state, classId);
    case 'bite':
      return i.group === 'nut_pieces' || i.group === 'seed_pieces' || IN_PIECES.has(i.like ?? '')
        ? { value: 1, basis: 'derived' }
        : NONE;
    default:
      return practice(tabled(i, state, job, how));
  }
}

/** Binding as a whole, in eggs: the five binding jobs weighed by what the class needs of each. */
export function bindStrength(i: Ingredient, state: ItemState | undefined, classId: ClassId): Sourced {
  const weights = CLASSES[classId].jobs;
  const sum = BINDING.reduce((s, j) => s + (weights[j] ?? 0), 0);
  return practice(BINDING.reduce((s, j) => s + (weights[j] ?? 0) * tabled(i, state, j), 0) / sum);
}

/**
 * Where air beaten in lifts, and how much of it the foam of one egg brings, mmol: in a kneaded, layered or set dough none. A
 * meringue of two parts sugar to one of white has about 3 mL of air to the gram, 0.12 mmol at room temperature: a third of it
 * is white. Common practice, no source.
 */
const AIR_MMOL: Partial<Record<FamilyId, number>> = {
  batter: 3.3,
  foam: 3.3,
  cookie: 3.3,
  choux: 3.3,
  meringue: 10,
};

/** Kinds that are rubbed, pressed or rolled thin: no air that was beaten in is left in them. */
const NO_AIR: readonly ClassId[] = ['shortcrust', 'press_in', 'cracker', 'crumb'];

/** CO2 or its equal in foam, mmol per g: what leaveners can give, and what the foam of an egg holds here. */
export function liftStrength(
  i: Ingredient,
  state: ItemState | undefined,
  classId: ClassId,
  how?: How,
): Sourced {
  const foam =
    (NO_AIR.includes(classId) ? 0 : (AIR_MMOL[CLASSES[classId].family] ?? 0)) * tabled(i, state, 'foam', how);
  return foam === 0 ? i.gasMmolG : practice(foam);
}
