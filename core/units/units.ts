/**
 * Units as they stand in written formulas, and their exact size.
 * Sizes: NIST Handbook 44 (2024), Appendix C, for US customary volume and avoirdupois mass;
 * the 250 mL cup, 15 mL tablespoon and 5 mL teaspoon are the metric kitchen measures.
 */

/** Mass units, in grams each. */
const MASS_G = { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const;

/** Volume units of fixed size, in millilitres each. */
const VOLUME_ML = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  floz: 29.5735295625,
  pint: 473.176473,
  quart: 946.352946,
} as const;

/** Spoons and cups, whose size depends on the standard chosen in the kitchen, in millilitres. */
const SPOON_ML = {
  us: { tsp: 4.92892159375, tbsp: 14.78676478125 },
  metric: { tsp: 5, tbsp: 15 },
} as const;
const CUP_ML = { us: 236.5882365, metric: 250 } as const;

/** Small amounts by hand. Common practice, no source: a dash is about 1/8 tsp, a pinch about 1/16 tsp. */
const HAND_TSP = { dash: 1 / 8, pinch: 1 / 16 } as const;

export type MassUnit = keyof typeof MASS_G;
export type VolumeUnit = keyof typeof VOLUME_ML | 'tsp' | 'tbsp' | 'cup' | keyof typeof HAND_TSP;
/** Countable things: a whole piece, a stick of butter, a sachet. Their mass belongs to the ingredient. */
export type CountUnit = 'piece' | 'stick' | 'sachet';
export type UnitId = MassUnit | VolumeUnit | CountUnit;

/** Every unit there is. */
export const UNIT_IDS: readonly UnitId[] = [
  ...(Object.keys(MASS_G) as MassUnit[]),
  ...(Object.keys(VOLUME_ML) as (keyof typeof VOLUME_ML)[]),
  'tsp',
  'tbsp',
  'cup',
  'dash',
  'pinch',
  'piece',
  'stick',
  'sachet',
];

export type CupStandard = keyof typeof CUP_ML;
export type SpoonStandard = keyof typeof SPOON_ML;
export type Measures = { cup: CupStandard; spoon: SpoonStandard };

export const US_MEASURES: Measures = { cup: 'us', spoon: 'us' };

export function isMassUnit(unit: UnitId): unit is MassUnit {
  return unit in MASS_G;
}

export function isCountUnit(unit: UnitId): unit is CountUnit {
  return unit === 'piece' || unit === 'stick' || unit === 'sachet';
}

/** Grams in `qty` of a mass unit. */
export function toGrams(qty: number, unit: MassUnit): number {
  return qty * MASS_G[unit];
}

/** Millilitres in `qty` of a volume unit, by the kitchen's cup and spoon standards. */
export function toMillilitres(qty: number, unit: VolumeUnit, measures: Measures): number {
  if (unit === 'cup') return qty * CUP_ML[measures.cup];
  if (unit === 'tsp' || unit === 'tbsp') return qty * SPOON_ML[measures.spoon][unit];
  if (unit === 'dash' || unit === 'pinch') return qty * HAND_TSP[unit] * SPOON_ML[measures.spoon].tsp;
  return qty * VOLUME_ML[unit];
}

/** Celsius from Fahrenheit, exact. */
export function fahrenheitToCelsius(tempF: number): number {
  return ((tempF - 32) * 5) / 9;
}

/** Fahrenheit from Celsius, exact. */
export function celsiusToFahrenheit(tempC: number): number {
  return (tempC * 9) / 5 + 32;
}
