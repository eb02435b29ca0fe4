/**
 * Units as they stand in written formulas, and their exact size.
 * Sizes: NIST Handbook 44 (2024), Appendix C, for US customary volume and avoirdupois mass; UK Weights and
 * Measures Act 1985, Schedule 1, for the imperial gallon (4.54609 L) and its parts; the 250 mL cup, 15 mL
 * tablespoon and 5 mL teaspoon are the metric kitchen measures, 20 mL the Australian tablespoon.
 */

/** Mass units, in grams each. */
const MASS_G = { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const;

/** Volume units of fixed size, in millilitres each. */
const VOLUME_ML = { ml: 1, cl: 10, dl: 100, l: 1000 } as const;

/** Fluid ounces, pints and quarts are larger in the imperial measure; a fluid ounce is a twentieth of its pint. */
const CUSTOMARY_ML = {
  us: { floz: 29.5735295625, pint: 473.176473, quart: 946.352946 },
  imperial: { floz: 28.4130625, pint: 568.26125, quart: 1136.5225 },
} as const;

/** Spoons and cups, whose size depends on the standard chosen in the kitchen, in millilitres. */
const SPOON_ML = {
  us: { tsp: 4.92892159375, tbsp: 14.78676478125 },
  metric: { tsp: 5, tbsp: 15 },
  australian: { tsp: 5, tbsp: 20 },
} as const;
const CUP_ML = { us: 236.5882365, metric: 250, imperial: 284.130625 } as const;

/** Amounts by hand, in teaspoons; a teacup is a gill, a quarter of a British pint. Common practice, no source. */
const HAND_TSP = {
  dash: 1 / 8,
  pinch: 1 / 16,
  drop: 1 / 100,
  splash: 1,
  drizzle: 1.5,
  dessertspoon: 2,
  teacup: 28,
} as const;

export type MassUnit = keyof typeof MASS_G;
type Customary = keyof (typeof CUSTOMARY_ML)['us'];
export type VolumeUnit = keyof typeof VOLUME_ML | Customary | 'tsp' | 'tbsp' | 'cup' | keyof typeof HAND_TSP;
/** Countable things: a whole piece, a stick of butter, a sachet. Their mass belongs to the ingredient. */
const COUNT_UNITS = ['piece', 'stick', 'sachet', 'tin', 'clove', 'leaf', 'stalk', 'knob', 'handful'] as const;
export type CountUnit = (typeof COUNT_UNITS)[number];
export type UnitId = MassUnit | VolumeUnit | CountUnit;

/** Every unit there is. */
export const UNIT_IDS: readonly UnitId[] = [
  ...(Object.keys(MASS_G) as MassUnit[]),
  ...(Object.keys(VOLUME_ML) as (keyof typeof VOLUME_ML)[]),
  ...(Object.keys(CUSTOMARY_ML.us) as Customary[]),
  'tsp',
  'tbsp',
  'cup',
  ...(Object.keys(HAND_TSP) as (keyof typeof HAND_TSP)[]),
  ...COUNT_UNITS,
];

export const CUP_STANDARDS = Object.keys(CUP_ML) as CupStandard[];
export type CupStandard = keyof typeof CUP_ML;
export const SPOON_STANDARDS = Object.keys(SPOON_ML) as SpoonStandard[];
export type SpoonStandard = keyof typeof SPOON_ML;
/** Which cup and spoons the kitchen has. With the imperial cup go imperial pints and fluid ounces. */
export type Measures = {
  cup: CupStandard;
  spoon: SpoonStandard;
  /** Whose grades "large" eggs go by; the US ones when absent. */
  eggs?: 'us' | 'eu';
};
/** Those of a kitchen with what a text tells of its own: whose pints and fluid ounces it means; by the cup when absent. */
export type TextMeasures = Measures & { pints?: 'us' | 'imperial' };

export const US_MEASURES: Measures = { cup: 'us', spoon: 'us' };

export function isMassUnit(unit: UnitId): unit is MassUnit {
  return unit in MASS_G;
}

export function isCountUnit(unit: UnitId): unit is CountUnit {
  return (COUNT_UNITS as readonly string[]).includes(unit);
}

/** Grams in `qty` of a mass unit. */
export function toGrams(qty: number, unit: MassUnit): number {
  return qty * MASS_G[unit];
}

/** Ounces in so many grams (international avoirdupois ounce, exact). */
export const toOunces = (massG: number): number => massG / MASS_G.oz;

/** Millilitres in `qty` of a volume unit, by the measures of the kitchen. */
export function toMillilitres(qty: number, unit: VolumeUnit, measures: TextMeasures): number {
  if (unit in VOLUME_ML) return qty * VOLUME_ML[unit as keyof typeof VOLUME_ML];
  if (unit in CUSTOMARY_ML.us)
    return (
      qty *
      CUSTOMARY_ML[measures.pints ?? (measures.cup === 'imperial' ? 'imperial' : 'us')][unit as Customary]
    );
  if (unit === 'cup') return qty * CUP_ML[measures.cup];
  const spoon = SPOON_ML[measures.spoon];
  if (unit === 'tsp' || unit === 'tbsp') return qty * spoon[unit];
  return qty * HAND_TSP[unit as keyof typeof HAND_TSP] * spoon.tsp;
}

/** Centimetres in an inch, exactly (international yard and pound agreement, 1959). */
const CM_PER_INCH = 2.54;
export const inchesToCm = (inches: number): number => inches * CM_PER_INCH;

/** Celsius from Fahrenheit, exact. */
export function fahrenheitToCelsius(tempF: number): number {
  return ((tempF - 32) * 5) / 9;
}

/** Fahrenheit from Celsius, exact. */
export function celsiusToFahrenheit(tempC: number): number {
  return (tempC * 9) / 5 + 32;
}

/** Gas marks 1 to 9 in °F: 25 °F a mark from mark 1 at 275 °F. Common practice, no source. */
export const gasMarkToFahrenheit = (mark: number): number => 250 + 25 * mark;
export const GAS_MARKS = [1, 2, 3, 4, 5, 6, 7, 8, 9] as const;

/** From here up a scale of one gram is near enough, g: half a gram is a tenth of it. */
const SCALE_ENOUGH_G = 5;

/**
 * Eighths of a teaspoon that come nearest to a mass which a scale of one gram cannot weigh; null where it can, where it would
 * be none, or where how much a spoon holds is not known. `gPerMl` is bulk density.
 */
export function eighthsOfTsp(massG: number, gPerMl: number | null, spoon: SpoonStandard): number | null {
  if (gPerMl === null || gPerMl <= 0 || massG >= SCALE_ENOUGH_G) return null;
  const eighths = Math.round((8 * massG) / gPerMl / SPOON_ML[spoon].tsp);
  return eighths > 0 ? eighths : null;
}
