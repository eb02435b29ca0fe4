import { boilingC, kelvin, saturationPa, SEA_LEVEL_PA } from '../units';

/** Shares by mass of what a dough is made of; they add to 1. */
export type Make = {
  water: number;
  protein: number;
  fat: number;
  carbohydrate: number;
  fibre: number;
  ash: number;
};
const KEYS = ['protein', 'fat', 'carbohydrate', 'fibre', 'ash'] as const;

/** a + b·T + c·T², T in °C. */
type Poly = readonly [number, number, number];
const at = ([a, b, c]: Poly, t: number): number => a + b * t + c * t * t;

/**
 * Conductivity W/(m K), density kg/m³ and heat capacity J/(kg K) of the components of food: Choi & Okos (1986), Food
 * Engineering and Process Applications 1, 93, for -40 to 150 °C. The linear term of fat's conductivity is that of the
 * later reprints (−2.7604e-4); the one in the paper would make it negative.
 */
const K: Record<keyof Make | 'ice', Poly> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  ice: [2.2196, -6.2489e-3, 1.0154e-4],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};
const RHO: Record<keyof Make | 'ice', Poly> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  ice: [916.89, -0.13071, 0],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  fibre: [1311.5, -0.36589, 0],
  ash: [2423.8, -0.28063, 0],
};
const CP: Record<keyof Make | 'ice', Poly> = {
  water: [4176.2, -9.0864e-2, 5.4731e-3],
  ice: [2062.3, 6.0769, 0],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  carbohydrate: [1548.8, 1.9625, -5.9399e-3],
  fibre: [1845.9, 1.8306, -4.6509e-3],
  ash: [1092.6, 1.8896, -3.6817e-3],
};

/** Where water in a dough begins to freeze, °C, and its heat of freezing, J/kg. From memory. */
const FREEZES_C = -3;
const FREEZING_J = 333_600;
/** Water that proteins hold from freezing, kg per kg of them. From memory. */
const BOUND = 0.4;

/** Share of the mass that is ice at a temperature, 0 to 1. */
export function iceShare({ water, protein }: Make, tempC: number): number {
  if (tempC >= FREEZES_C) return 0;
  return Math.max(0, water - BOUND * protein) * (1 - FREEZES_C / tempC);
}

const shares = (make: Make, tempC: number): [keyof Make | 'ice', number][] => {
  const ice = iceShare(make, tempC);
  return [['ice', ice], ['water', make.water - ice], ...KEYS.map((k): [keyof Make, number] => [k, make[k]])];
};

/** Density without pores, kg/m³. */
export const densityOf = (make: Make, tempC: number): number =>
  1 / shares(make, tempC).reduce((s, [k, x]) => s + x / at(RHO[k], tempC), 0);

/** Heat capacity without freezing, J/(kg K). */
export const heatCapacity = (make: Make, tempC: number): number =>
  shares(make, tempC).reduce((s, [k, x]) => s + x * at(CP[k], tempC), 0);

/** Conductivity without pores, W/(m K): components side by side by volume, as Choi & Okos mix them. */
export function conductivity(make: Make, tempC: number): number {
  const rho = densityOf(make, tempC);
  return shares(make, tempC).reduce((s, [k, x]) => s + ((x * rho) / at(RHO[k], tempC)) * at(K[k], tempC), 0);
}

/** Heat of evaporation, J/kg (linear, from memory). */
export const evaporationJ = (tempC: number): number => 2.5009e6 - 2386 * tempC;
/** Gas constant of water vapour, J/(kg K). */
export const R_VAPOUR = 461.5;

/** Water activity by kg water for a kg of fat-free dry matter (fitted, from memory). */
export const activityOf = (make: Make): number => {
  const solids = make.protein + make.carbohydrate + make.fibre + make.ash;
  return solids > 0 ? 1 / (1 + (0.08 / (make.water / solids)) ** 2.5) : 1;
};

/** Where the water of a dough boils under a pressure, °C: raised by what is dissolved (1/T = 1/T0 + 2.045e-4·ln a_w). */
export const boilsAt = (activity: number, pressurePa = SEA_LEVEL_PA): number =>
  1 / (1 / kelvin(boilingC(pressurePa)) + 2.045e-4 * Math.log(activity)) - kelvin(0);

/**
 * Conductivity of a pore, W/(m K): air, and vapour that evaporates on its warm side and condenses on the cold one. After
 * published work on baking bread (Thorvaldsson & Janestad 1999; Purlis & Salvadori 2009), from memory.
 */
export function poreConductivity(tempC: number, activity: number, pressurePa = SEA_LEVEL_PA): number {
  const air = 0.0243 + 7e-5 * tempC;
  if (tempC <= 0) return air;
  const tk = kelvin(tempC);
  const diffusion = 2.12e-5 * (tk / 273.15) ** 1.88;
  const vapour = activity * saturationPa(tempC);
  const slope = (activity * (saturationPa(tempC + 0.05) - saturationPa(Math.max(0, tempC - 0.05)))) / 0.1;
  const crowd = vapour >= pressurePa ? 10 : Math.min(10, pressurePa / (pressurePa - vapour));
  return air + (diffusion / (R_VAPOUR * tk)) * crowd * evaporationJ(tempC) * slope;
}

/** Conductivity of something solid with pores in it, W/(m K), by Maxwell: `pores` is their share of the volume. */
export const withPores = (solid: number, pore: number, pores: number): number =>
  (solid * (2 * solid + pore - 2 * pores * (solid - pore))) / (2 * solid + pore + pores * (solid - pore));

/** The tables are by temperature, from `FROM_C` in steps of `STEP_C`. */
export const [FROM_C, TO_C, STEP_C] = [-40, 260, 0.5];
export const TABLE_SIZE = Math.round((TO_C - FROM_C) / STEP_C) + 1;

/** A dough as the heat model sees it: tables by temperature, and what evaporates. */
export type Material = {
  /** Bulk density, kg/m³. */
  rho: number;
  /** Heat content, J/kg, above that at -40 °C; conductivity, W/(m K); vapour pressure over it, Pa. */
  heat: Float64Array;
  lambda: Float64Array;
  vapour: Float64Array;
  dryConductivity: number;
  /** Water, kg/m³. */
  waterKgM3: number;
  activity: number;
  boilsC: number;
  /** Share of the water that has boiled off where it is so hot. */
  boiledAt: (tempC: number) => number;
  /** As hot as an evaporating front gets, °C: where its vapour has nearly the pressure of the air. */
  frontC: number;
  pressurePa: number;
};
/** Share of the air's pressure that vapour at a boiling front has: beyond it the flow has no limit. */
const FRONT_PRESSURE = 0.99;

/** Boiling is spread over so many degrees: a cell stays there until its water is gone. */
const BOILING_C = 1;

/** A table read at a temperature, between its points. */
export function readAt(table: Float64Array, tempC: number): number {
  const x = Math.min(TABLE_SIZE - 1.000001, Math.max(0, (tempC - FROM_C) / STEP_C));
  const i = Math.floor(x);
  return table[i]! + (x - i) * (table[i + 1]! - table[i]!);
}
/** Temperature at which a rising table has a value, °C; `near` is where it was last. */
export function findIn(table: Float64Array, value: number, near: number): number {
  let i = Math.min(TABLE_SIZE - 2, Math.max(0, Math.floor((near - FROM_C) / STEP_C)));
  while (i > 0 && table[i]! > value) i--;
  while (i < TABLE_SIZE - 2 && table[i + 1]! <= value) i++;
  const x = i + (value - table[i]!) / (table[i + 1]! - table[i]!);
  return FROM_C + STEP_C * Math.min(TABLE_SIZE - 1, Math.max(0, x));
}

/** What a dough is given by: make-up, airiness, air. */
export type MaterialInput = {
  make: Make;
  /** Bulk density, g/mL. */
  density: number;
  pressurePa?: number;
  /** Factor on the conductivity of the crumb: 0.9 to 1 in the ensemble. */
  factor?: number;
};

/** The material of a dough from its make-up and how airy it is. */
export function materialOf({
  make,
  density,
  pressurePa = SEA_LEVEL_PA,
  factor = 1,
}: MaterialInput): Material {
  const rho = 1000 * density;
  const activity = activityOf(make);
  const dense = densityOf(make, 25);
  const pores = Math.min(0.95, Math.max(0, 1 - rho / dense));
  const heat = new Float64Array(TABLE_SIZE);
  const lambda = new Float64Array(TABLE_SIZE);
  const vapour = new Float64Array(TABLE_SIZE);
  const dry: Make = { ...make, water: 0 };
  const left = 1 - make.water;
  const dryMake = Object.fromEntries(
    Object.entries(dry).map(([k, v]) => [k, left > 0 ? v / left : 0]),
  ) as Make;
  const dryPores = Math.min(0.95, pores + (make.water * rho) / 1000);
  const dryK = withPores(conductivity(dryMake, 120), 0.0243 + 7e-5 * 120, dryPores);
  const boilsC = boilsAt(activity, pressurePa);
  const boiledAt = (t: number): number => Math.min(1, Math.max(0, (t - boilsC) / BOILING_C));
  for (let i = 0; i < TABLE_SIZE; i++) {
    const t = FROM_C + i * STEP_C;
    if (i > 0) {
      const ice = iceShare(make, t - STEP_C) - iceShare(make, t);
      const boiled = boiledAt(t) - boiledAt(t - STEP_C);
      heat[i] =
        heat[i - 1]! +
        STEP_C * heatCapacity(make, t - STEP_C / 2) +
        FREEZING_J * ice +
        evaporationJ(boilsC) * make.water * boiled;
    }
    vapour[i] = activity * saturationPa(Math.min(200, Math.max(0.1, t)));
    const wet =
      factor *
      withPores(conductivity(make, t), poreConductivity(Math.min(t, boilsC), activity, pressurePa), pores);
    lambda[i] = wet + boiledAt(t) * (dryK - wet);
  }
  return {
    rho,
    heat,
    lambda,
    vapour,
    dryConductivity: dryK,
    waterKgM3: make.water * rho,
    activity,
    boilsC,
    boiledAt,
    frontC: boilsAt(activity, FRONT_PRESSURE * pressurePa),
    pressurePa,
  };
}

/** Vapour leaving a front through the crust and the air at it, kg/(m² s): Stefan flow. */
export function vapourFlow(
  { vapour: table, pressurePa }: Pick<Material, 'vapour' | 'pressurePa'>,
  frontC: number,
  airPa: number,
  resistance: number,
): number {
  const vapour = readAt(table, frontC);
  if (vapour <= airPa) return 0;
  if (vapour >= 0.9999 * pressurePa) return Number.POSITIVE_INFINITY;
  const tk = kelvin(frontC);
  return (pressurePa / (R_VAPOUR * tk * resistance)) * Math.log((pressurePa - airPa) / (pressurePa - vapour));
}
