import { CLASSES, type Tolerance } from '../classes';
import { PROP_UNIT, type Part, type Profile, type Reach } from '../formula';
import type { Fit } from './types';

/** Wetness stays within this share of the source's, mass within the other (common practice, no source). */
export const WETNESS_BAND = 0.03;
/**
 * In a dough held by fat there is hardly any water, and 3 % of it is less than any scale shows: there the band
 * is this much wetness to each side (2 g of water for solids that take up 100 g).
 */
export const WETNESS_FLOOR = 0.02;
export const MASS_BAND = 0.06;

/** Without soda in the source there is nothing its acid has to meet: this many times the floor then. */
const ACID_ALONE = 5;
/** Soda below this, mmol per 1000 g of a part, is none. */
const NO_SODA = 1;

/**
 * Half the width of the band of a judged property about its target: a share of it, or the floor for a batch of this
 * size. Acid has to fit where soda is to be met; else, as that of the milk in a pancake, it is only taste.
 * Common practice, no source.
 */
export function toleranceWidth(
  { key, rel, floor }: Pick<Tolerance, 'key' | 'rel' | 'floor'>,
  { props }: Profile,
): number {
  const kilos = props.mass.value / 1000;
  const alone = key === 'acid' && props.base.value <= NO_SODA * kilos;
  return Math.max(rel * Math.abs(props[key].value), (alone ? ACID_ALONE : 1) * floor * kilos);
}

/** Half the width of the wetness band about a target. */
export const wetnessBand = (wetness: number): number => Math.max(WETNESS_BAND * wetness, WETNESS_FLOOR);

/** Whether such a bake is judged by how wet it is: what is beaten to a foam, set or poured is not. */
export const judgesWetness = ({ classId }: Pick<Part, 'classId'>): boolean => CLASSES[classId].wetness[0] > 0;

/** How much an overrun of the bands weighs beside those of the class's properties. */
export const MASS_WEIGHT = 1;
export const WETNESS_WEIGHT = 1.5;

const within = (x: number, lo: number, hi: number): Fit['state'] => {
  const eps = 1e-6 * Math.max(1, Math.abs(hi));
  return x < lo - eps ? 'low' : x > hi + eps ? 'high' : 'inside';
};

/** Every judged property of the adapted part beside the target's, with its band. */
export function fitOf(part: Part, adapted: Profile, target: Profile): Fit[] {
  const one = (
    key: Fit['key'],
    source: Fit['source'],
    now: Fit['adapted'],
    width: number,
    weight: number,
  ): Fit => {
    const [lo, hi] = [Math.max(0, source.value - width), source.value + width];
    return {
      partId: part.id,
      key,
      unit: key === 'wetness' ? 'ratio' : PROP_UNIT[key],
      source,
      adapted: now,
      lo,
      hi,
      state: within(now.value, lo, hi),
      weight,
    };
  };
  const fits = [
    one('mass', target.props.mass, adapted.props.mass, MASS_BAND * target.props.mass.value, MASS_WEIGHT),
  ];
  if (judgesWetness(part) && target.wetness && adapted.wetness)
    fits.push(
      one('wetness', target.wetness, adapted.wetness, wetnessBand(target.wetness.value), WETNESS_WEIGHT),
    );
  for (const t of CLASSES[part.classId].tolerances)
    fits.push(one(t.key, target.props[t.key], adapted.props[t.key], toleranceWidth(t, target), t.weight));
  return fits;
}

/** Beyond so many half bands a property is lost: how far it is lost does not tell two answers apart. */
const LOST = 2.5;
/** What a property costs beyond its band: weight × (overrun in half bands)², as far as it counts. */
export function overrunCost(now: number, lo: number, hi: number, weight: number): number {
  const half = (hi - lo) / 2 || 1;
  return weight * Math.min(LOST, Math.max(0, lo - now, now - hi) / half) ** 2;
}

/** Σ weight × (overrun in tolerances)², over all judged properties. */
export const closenessOf = (fits: readonly Fit[]): number =>
  fits.reduce((sum, f) => sum + overrunCost(f.adapted.value, f.lo, f.hi, f.weight), 0);

/**
 * What can be said of fits over lines that are not known: where those could move a property further than half its band, it
 * is open.
 */
export function withOpen(fits: readonly Fit[], profile: Profile, reach: Reach | null): Fit[] {
  if (!reach) return [...fits];
  const { props } = profile;
  const moved = (key: Fit['key'], value: number): number =>
    key === 'wetness'
      ? value * (reach.freeWater / props.freeWater.value + reach.demand / props.demand.value)
      : reach[key];
  return fits.map((f) => (moved(f.key, f.source.value) > (f.hi - f.lo) / 2 ? { ...f, state: 'open' } : f));
}
