import { kelvin } from '../units';
import type { Grid, SideName } from './grid';
import { evaporationJ, vapourFlow, type Material } from './properties';

/** Stefan-Boltzmann constant, W/(m² K⁴). */
const SIGMA = 5.670374419e-8;

/**
 * What a side of the section meets. `robin` is for exact solutions: a film to a bath, no water leaving. A wall has heat
 * of its own, J/(m² K), and may begin hot.
 */
export type Side =
  | { kind: 'closed' }
  | { kind: 'robin'; h: number; bathC: number }
  | { kind: 'open' }
  | { kind: 'wall'; heatJ: number; contact: number; emissivity: number; startC?: number };

export type Sides = Record<Exclude<SideName, 'inner'>, Side> & { inner?: Side };

/**
 * The oven at a moment, °C: air; what shines on the top and from below; film W/(m² K); vapour in the air, Pa; whether
 * the bake is under a lid.
 */
export type Oven = {
  tempC: number;
  topC: number;
  belowC: number;
  film: number;
  vapourPa: number;
  covered: boolean;
};

const DOUGH_EMISSIVITY = 0.9;
/** Diffusion of vapour through dry crust, m²/s over its tortuosity, in the resistance δ / this. Fitted. */
const CRUST_DIFFUSION = 8e-7;
const FILM_RESISTANCE = 860;
/** Film under a lid, where the air hardly moves, W/(m² K). From memory. */
const COVERED_FILM = 5;
const LID_EMISSIVITY = 0.6;
/** The front counts as no nearer to the middle of its cell than this share of half the cell; then the cell has dried. */
export const NEAREST = 0.15;

/** Heat that shines on a surface for a degree between it and what shines, W/(m² K). */
export const radiation = (emissivity: number, surfaceC: number, ovenC: number): number => {
  const [s, o] = [kelvin(surfaceC), kelvin(ovenC)];
  return emissivity * SIGMA * (s * s + o * o) * (s + o);
};

const NEAR_C = 0.005;
const NEAR_W = 0.05;
/** Where a falling function crosses nothing, by false position with the Illinois rule; `guess` lies between. */
function rootBetween(f: (x: number) => number, lo: number, hi: number, guess: number): number {
  let [a, b, fa, fb] = [lo, hi, Number.NaN, Number.NaN];
  let x = guess;
  let side = 0;
  for (let k = 0; k < 40; k++) {
    const fx = f(x);
    if (Math.abs(fx) < NEAR_W) return x;
    if (fx > 0) {
      [a, fa] = [x, fx];
      if (side === 1) fb /= 2;
      side = 1;
    } else {
      [b, fb] = [x, fx];
      if (side === -1) fa /= 2;
      side = -1;
    }
    if (b - a < NEAR_C) break;
    // Near the guess first; where an end has no finite value, halve.
    if (Number.isNaN(fa)) x = Math.max((a + b) / 2, b - 1);
    else if (Number.isNaN(fb)) x = Math.min((a + b) / 2, a + 1);
    else x = Number.isFinite(fb) ? (fa * b - fb * a) / (fa - fb) : (a + b) / 2;
  }
  return (a + b) / 2;
}

/** An outer face and what it has come to. */
export type Face = {
  /** The cells behind it, how many of them have dried through, and the one its front stands in. */
  behind: number[];
  dried: number;
  cell: number;
  /** The cell behind it dried from another side: nothing flows here any more. */
  idle: boolean;
  area: number;
  half: number;
  name: SideName;
  side: Exclude<Side, { kind: 'closed' }>;
  wallC: number;
  crust: number;
  surfaceC: number;
  frontC: number;
  /** Flows in this step: W into the cell's water and dough, W into the wall, kg/s of water, W that it takes along. */
  q: number;
  toWall: number;
  water: number;
  wet: number;
};

/** A face of dough in the air of the oven, or under a lid: where its front stands, and what flows. */
export function openFlow(
  f: Face,
  material: Material,
  oven: Oven,
  shineC: number,
  cellC: number,
  lambda: number,
): number {
  const film = oven.covered ? COVERED_FILM : oven.film;
  const shine = radiation(DOUGH_EMISSIVITY, f.surfaceC, shineC);
  // Heat comes to the lid as to any wall, and from it to the dough. What shines beyond the air's heat is added.
  const direct = film + shine;
  const h = oven.covered
    ? 1 / (1 / direct + 1 / (oven.film + radiation(LID_EMISSIVITY, f.surfaceC, oven.tempC)))
    : direct;
  const bathC = oven.covered ? oven.tempC : (film * oven.tempC + shine * shineC) / direct;
  const through = 1 / (1 / h + f.crust / material.dryConductivity);
  // From the front to the middle of the cell it stands in.
  const g = lambda / Math.max(NEAREST * f.half, (2 * f.dried + 1) * f.half - f.crust);
  const resistance = FILM_RESISTANCE / film + f.crust / CRUST_DIFFUSION;
  // Under a lid the air is steam: nothing leaves before it boils.
  const vapour = (c: number): number =>
    oven.covered ? 0 : vapourFlow(material, c, oven.vapourPa, resistance);
  const top = material.frontC;
  const boiling = through * (bathC - top) - g * (top - cellC);
  let front = top;
  let water: number;
  if (boiling >= evaporationJ(top) * vapour(top))
    // It boils: what heat there is beyond conduction evaporates.
    water = Math.max(0, boiling / evaporationJ(top));
  else {
    const excess = (c: number): number => {
      const m = vapour(c);
      return Number.isFinite(m)
        ? through * (bathC - c) - evaporationJ(c) * m - g * (c - cellC)
        : Number.NEGATIVE_INFINITY;
    };
    const lo = Math.min(cellC, bathC, top) - 40;
    front = rootBetween(excess, lo, top, Math.min(top - NEAR_C, Math.max(lo + NEAR_C, f.frontC)));
    water = vapour(front);
  }
  f.frontC = front;
  f.q = f.area * through * (bathC - front);
  f.surfaceC = bathC - (through * (bathC - front)) / h;
  f.water = f.area * water;
  f.wet = f.water * evaporationJ(front);
  return f.area * g;
}

/** Every face through which anything passes, as it is at the beginning. */
export function facesOf({ faces }: Grid, sides: Sides, startC: number): Face[] {
  return faces.flatMap(({ behind, area, half, side: name }): Face[] => {
    const side = sides[name] ?? { kind: 'closed' };
    if (side.kind === 'closed') return [];
    const wallC = side.kind === 'wall' ? (side.startC ?? startC) : startC;
    const still = { q: 0, toWall: 0, water: 0, wet: 0 };
    return [
      {
        behind,
        dried: 0,
        cell: behind[0]!,
        idle: false,
        area,
        half,
        name,
        side,
        wallC,
        crust: 0,
        surfaceC: startC,
        frontC: startC,
        ...still,
      },
    ];
  });
}
