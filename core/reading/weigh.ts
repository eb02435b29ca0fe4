import type { Sourced } from '../explain';
import type { GroupId, Ingredient, PieceName } from '../ingredients';
import {
  isCountUnit,
  isMassUnit,
  toGrams,
  toMillilitres,
  type TextMeasures,
  type UnitId,
  type VolumeUnit,
} from '../units';
import type { Reading } from './amount';

/** A knob of butter, a handful of anything, g. Common practice, no source. */
const BY_HAND_G: Partial<Record<UnitId, number>> = { knob: 15, handful: 30 };
/** Flour packed into the cup, or sifted into it, against spooned. Common practice, no source. */
export const PACKED = 1.15;
export const SIFTED = 0.85;

function pieceMass(r: Reading, i: Ingredient, measures: TextMeasures): Sourced | null {
  const byHand = BY_HAND_G[r.unit];
  if (byHand) return { value: byHand, sd: 0.35 * byHand, basis: 'practice', sourceId: 'practice' };
  const grading = measures.eggs ?? 'us';
  const name: PieceName = r.unit === 'piece' ? (r.size ?? 'piece') : (r.unit as PieceName);
  const found =
    i.pieces.find((p) => p.name === name && (p.grading ?? grading) === grading) ??
    i.pieces.find((p) => r.unit === 'piece' && p.name === 'piece');
  return found?.massG ?? null;
}

/** Millilitres to grams by the ingredient's density, as the cup was filled. */
function volumeMass(ml: number, i: Ingredient, filled: number): Sourced | null {
  const d = i.densityGMl;
  return d && { ...d, value: d.value * ml * filled, sd: (d.sd ?? 0) * ml };
}

const WATER_LIKE = 1;

/** Things that nobody counts: a number of them without a unit is grams. */
const NOT_COUNTED: ReadonlySet<GroupId> = new Set<GroupId>([
  'flour',
  'starch',
  'blend',
  'sugar',
  'syrup',
  'honey',
  'butter',
  'fat_firm',
  'oil',
  'water',
  'milk',
  'plant_drink',
  'nut_drink',
  'cream',
  'plant_cream',
  'cultured',
  'plant_cultured',
  'milk_powder',
  'nut_flour',
  'seed_flour',
  'chocolate',
  'cheese',
  'plant_cheese',
]);
/** From here on a bare number is grams: of what is not counted, and of anything of which no piece is known. Common practice. */
const BARE_GRAMS = { notCounted: 10, any: 50 } as const;
/** Nobody counts out so many of anything for a batch: "250 egg" are grams. Common practice. */
const MOST_COUNTED = 100;
/** Whether a number without a unit means grams of such a thing. */
export function isBareGrams({ unit, qty, size, each }: Reading, i: Ingredient | null): boolean {
  if (!i || unit !== 'piece' || size !== null || each) return false;
  if (i.pieces.some((p) => p.name === 'piece')) return qty[0] >= MOST_COUNTED;
  return qty[0] >= (NOT_COUNTED.has(i.group) ? BARE_GRAMS.notCounted : BARE_GRAMS.any);
}

type Weighed = { mass: Sourced; step: 'mass' | 'volume' | 'piece' };
/** Grams of one reading, or null where the ingredient is not known or has no such measure. */
export function gramsOf(
  r: Reading,
  i: Ingredient | null,
  measures: TextMeasures,
  filled: number,
): Weighed | null {
  const mid = ((r.qty[0] + r.qty[1]) / 2) * r.heap;
  const rangeSd = ((r.qty[1] - r.qty[0]) / Math.sqrt(12)) * r.heap;
  const by = r.cup ? { ...measures, cup: r.cup } : measures;
  if (r.each) {
    const one = isMassUnit(r.each.unit)
      ? toGrams(r.each.qty, r.each.unit)
      : toMillilitres(r.each.qty, r.each.unit as VolumeUnit, by) * (i?.densityGMl?.value ?? WATER_LIKE);
    return {
      mass: { value: mid * one, ...(rangeSd > 0 ? { sd: rangeSd * one } : {}), basis: 'label' },
      step: 'mass',
    };
  }
  if (isMassUnit(r.unit)) {
    const per = toGrams(1, r.unit);
    const sd = rangeSd * per;
    return { mass: { value: mid * per, ...(sd > 0 ? { sd } : {}), basis: 'user' }, step: 'mass' };
  }
  if (!i) return null;
  if (isBareGrams(r, i)) return { mass: { value: mid, basis: 'derived' }, step: 'volume' };
  const count = isCountUnit(r.unit);
  const each = count
    ? pieceMass(r, i, measures)
    : volumeMass(toMillilitres(1, r.unit as VolumeUnit, by), i, r.unit === 'cup' ? filled : 1);
  if (!each) return null;
  // A heaped spoon is a matter of the hand: a fifth either way.
  const heapSd = r.heap === 1 ? 0 : 0.2 * mid * each.value;
  const sd = Math.hypot(mid * (each.sd ?? 0), rangeSd * each.value, heapSd);
  return {
    mass: {
      value: mid * each.value,
      ...(sd > 0 ? { sd } : {}),
      basis: 'derived',
      ...(each.sourceId ? { sourceId: each.sourceId } : {}),
    },
    step: count ? 'piece' : 'volume',
  };
}
