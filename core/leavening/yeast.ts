import { GAS_R, kelvin, SEA_LEVEL_PA } from '../units';
import { dissolvedMmol } from './chemistry';

/** Yeast by kind, grams that do the same. Common practice, no source; bakers use all three tables. */
export const YEAST_TABLES = {
  usual: { fresh_yeast: 3, active_dry_yeast: 1.5, instant_yeast: 1 },
  lean: { fresh_yeast: 2.5, active_dry_yeast: 1.25, instant_yeast: 1 },
  generous: { fresh_yeast: 4, active_dry_yeast: 4 / 3, instant_yeast: 1 },
} as const;
export type YeastTable = keyof typeof YEAST_TABLES;
export const YEAST_TABLE_IDS = ['usual', 'lean', 'generous'] as const;
export type YeastKind = keyof (typeof YEAST_TABLES)['usual'];
export const YEAST_KINDS = ['fresh_yeast', 'active_dry_yeast', 'instant_yeast'] as const;

/** So much yeast of one kind as another kind, g. */
export const yeastAs = (massG: number, from: YeastKind, to: YeastKind, table: YeastTable): number =>
  (massG * YEAST_TABLES[table][to]) / YEAST_TABLES[table][from];

/** Temperatures between which a thing grows, where it is fastest, °C. */
export type Cardinals = { minC: number; optC: number; maxC: number };
/** Baker's yeast's gassing; optimum above that of its growth. From memory, good to about 2 °C. */
export const YEAST_CARDINALS: Cardinals = { minC: 2, optC: 35, maxC: 46 };

/**
 * Speed at a temperature as a share of that at the optimum, 0 to 1: the cardinal temperature model with inflection
 * (Rosso, Lobry & Flandrois 1993, J. theor. Biol. 162, 447), 0 outside the cardinals.
 */
export function speedAt(tempC: number, { minC, optC, maxC }: Cardinals): number {
  if (tempC <= minC || tempC >= maxC) return 0;
  const up = (tempC - maxC) * (tempC - minC) ** 2;
  const down = (optC - minC) * ((optC - minC) * (tempC - optC) - (optC - maxC) * (optC + minC - 2 * tempC));
  return up / down;
}

/** CO2 of a gram of instant yeast in an hour at its optimum, mmol, with its spread. From memory. */
export const GAS_RATE = { value: 8.5, sd: 2 } as const;
/** Share of the gas that a gluten-free dough keeps, with its spread. From memory. */
export const KEPT_GAS = { value: 0.75, sd: 0.1 } as const;
/** Hours before yeast is at work, at its optimum; slower in the cold. From memory. */
const LAG_H = 0.2;
/** Raw dough, g per mL: it holds little air yet. Common practice, no source. */
const DOUGH_G_ML = 1.08;

/**
 * Share of its speed that yeast keeps beside salt and sugar, both for 100 g of water: half at 9 g salt; sugar up to 8 g
 * feeds it, and halves it at 50 g. From memory.
 */
export function heldBack(saltPer100Water: number, sugarPer100Water: number): number {
  const salt = 1 / (1 + (saltPer100Water / 9) ** 2);
  const sugar = 1 / (1 + (Math.max(0, sugarPer100Water - 8) / 42) ** 1.5);
  return salt * sugar;
}

/** A stretch of time in a place, °C. */
export type Place = { hours: number; tempC: number };
export type RiseInput = {
  massG: number;
  waterG: number;
  saltG: number;
  sugarG: number;
  /** As instant yeast, g. */
  instantG: number;
  doughC: number;
  path: readonly Place[];
  /** Growth wanted: 1 is doubled. */
  rise: number;
  pressurePa?: number;
  /** By how much longer rises take here than told; 1 where nothing was learnt. */
  slowness?: number;
};
export type RisePoint = { min: number; doughC: number; gain: number };
export type Rise = {
  /** Minutes to the wanted growth: as modelled, and early to late; null where the path ends before. */
  minutes: number | null;
  early: number | null;
  late: number | null;
  curve: RisePoint[];
};

/** A kilogram of dough comes half-way to the air about it in so many minutes. Common practice, no source. */
const HALF_WAY_MIN = 40;
const STEP_MIN = 2;
/**
 * Past this growth a gluten-free dough begins to let its gas go, and grows by so much more at most. Common practice, no
 * source.
 */
const LETS_GO = 1.1;
const AT_MOST_MORE = 0.5;
const heldGain = (gain: number): number =>
  gain <= LETS_GO ? gain : LETS_GO + AT_MOST_MORE * (1 - Math.exp((LETS_GO - gain) / AT_MOST_MORE));

function run(input: RiseInput, rate: number, kept: number): RisePoint[] {
  const { massG, waterG, path, pressurePa = SEA_LEVEL_PA } = input;
  const held = heldBack((100 * input.saltG) / waterG, (100 * input.sugarG) / waterG);
  const startMl = massG / DOUGH_G_ML;
  const tau = (HALF_WAY_MIN / Math.LN2) * (massG / 1000) ** (2 / 3);
  let doughC = input.doughC;
  let woken = 0;
  let made = 0;
  let min = 0;
  const curve: RisePoint[] = [{ min: 0, doughC, gain: 0 }];
  for (const place of path) {
    for (let left = place.hours * 60; left > 1e-9; left -= STEP_MIN) {
      const dt = Math.min(STEP_MIN, left);
      doughC += (place.tempC - doughC) * (1 - Math.exp(-dt / tau));
      const speed = speedAt(doughC, YEAST_CARDINALS);
      woken += (speed * dt) / 60;
      if (woken > LAG_H) made += (rate * speed * held * input.instantG * dt) / 60;
      min += dt;
      const free = Math.max(0, kept * made - dissolvedMmol(waterG, doughC));
      const ml = (1e6 * (free / 1000) * GAS_R * kelvin(doughC)) / pressurePa;
      curve.push({ min, doughC, gain: heldGain(ml / startMl) });
    }
  }
  return curve;
}

/** Minutes at which a curve first reaches a growth, between its points; null where it does not. */
export function reached(curve: readonly Pick<RisePoint, 'min' | 'gain'>[], rise: number): number | null {
  const k = curve.findIndex((p) => p.gain >= rise);
  if (k < 0) return null;
  if (k === 0) return 0;
  const [a, b] = [curve[k - 1]!, curve[k]!];
  return a.min + ((b.min - a.min) * (rise - a.gain)) / (b.gain - a.gain);
}

/**
 * How a yeasted dough grows along a path of temperatures: CO2 by yeast, temperature, salt and sugar, less what the
 * water dissolves and the crumb lets go. Early and late are one spread of yeast and dough to each side.
 */
export function riseOf(input: RiseInput): Rise {
  const rate = GAS_RATE.value / (input.slowness ?? 1);
  const off = GAS_RATE.sd / (input.slowness ?? 1);
  const curve = run(input, rate, KEPT_GAS.value);
  return {
    minutes: reached(curve, input.rise),
    early: reached(run(input, rate + off, KEPT_GAS.value + KEPT_GAS.sd), input.rise),
    late: reached(run(input, rate - off, KEPT_GAS.value - KEPT_GAS.sd), input.rise),
    curve,
  };
}

/** Heat capacities, J/(g K): water, and dry flour, sugar and starch; Choi & Okos (1986), near 20 °C. */
export const HEAT_J = { water: 4.18, dry: 1.7 } as const;
/** Melting heat of ice, J/g. */
const ICE_J_G = 334;
/** Above this yeast is harmed, above that it dies, °C. Common practice, no source. */
export const YEAST_WARM_C = 43;
export const YEAST_DIES_C = 50;

export type WaterHeat = {
  tempC: number;
  /** Part of the water to be given as ice, g, where even ice-cold water is too warm. */
  iceG: number;
  state: 'fine' | 'too_warm' | 'kills' | 'ice';
};

/**
 * How warm the water must be for a dough to come out as warm as wanted: the heats of water, dry things and mixing
 * add to nothing. `frictionC` is how much mixing alone warms the dough.
 */
export function waterFor(input: {
  wantC: number;
  waterG: number;
  dryG: number;
  dryC: number;
  frictionC: number;
}): WaterHeat {
  const { wantC, waterG, dryG, dryC, frictionC } = input;
  const [w, d] = [HEAT_J.water * waterG, HEAT_J.dry * dryG];
  const tempC = ((w + d) * (wantC - frictionC) - d * dryC) / w;
  if (tempC < 0) {
    const iceG = Math.min(waterG, (-tempC * w) / ICE_J_G);
    return { tempC: 0, iceG, state: 'ice' };
  }
  return {
    tempC,
    iceG: 0,
    state: tempC >= YEAST_DIES_C ? 'kills' : tempC > YEAST_WARM_C ? 'too_warm' : 'fine',
  };
}

/** What several things come to when they are stirred together, °C. Heat capacity by their water. */
export function mixedC(things: readonly { massG: number; waterShare: number; tempC: number }[]): number {
  const heat = (t: (typeof things)[number]): number =>
    t.massG * (t.waterShare * HEAT_J.water + (1 - t.waterShare) * HEAT_J.dry);
  const all = things.reduce((s, t) => s + heat(t), 0);
  return things.reduce((s, t) => s + heat(t) * t.tempC, 0) / all;
}
