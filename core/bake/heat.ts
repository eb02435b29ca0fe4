import { kelvin } from '../units';
import { evaporationJ, vapourFlow, type Material } from './properties';

/** Stefan-Boltzmann constant, W/(m² K⁴). */
const SIGMA = 5.670374419e-8;

/**
 * A section through a bake: cells `across` from the middle outwards and `up` from the bottom. `round` turns about the
 * middle, `plane` is as long as one likes. Sizes in m.
 */
export type Section = { kind: 'plane' | 'round'; across: number; up: number; width: number; height: number };

/** What a side of the section meets. `robin` is for exact solutions: a film to a bath, no water leaving. */
export type Side =
  | { kind: 'closed' }
  | { kind: 'robin'; h: number; bathC: number }
  | { kind: 'open' }
  | { kind: 'wall'; heatJ: number; contact: number; emissivity: number };

/** The oven at a moment: air and walls, °C; film W/(m² K); vapour in the air, Pa; whether the top is covered. */
export type Oven = { tempC: number; film: number; vapourPa: number; covered: boolean };

export type BakeRun = {
  section: Section;
  material: Material;
  sides: { outer: Side; top: Side; bottom: Side };
  startC: number;
  oven: (min: number) => Oven;
  /** Ends when the coldest cell has this, °C, or after so many minutes. */
  untilC: number;
  /** For cooling: ends when the warmest cell is down to `untilC`. */
  cools?: boolean;
  mostMin: number;
  /** Minutes between the points of the curves. */
  every?: number;
};

/** A point of the curves: coldest cell and mean surface, °C; water lost so far as a share of the mass. */
export type BakePoint = { min: number; coreC: number; crustC: number; loss: number };
export type BakeResult = {
  /** Minutes until the coldest cell is done; null where it is not in the time given. */
  doneMin: number | null;
  curve: BakePoint[];
  /** Temperatures at the end, row by row from the bottom, °C. */
  field: number[];
  /** Water lost when done, as a share of the mass. */
  loss: number;
  /** ∫ 10^((T − 150)/33.2) dt over the open face, min: how far it has browned when done. */
  browned: number;
  /** Heat that came in, less what evaporation took, less what the dough and walls hold, over what came in. */
  balance: number;
};

const DOUGH_EMISSIVITY = 0.9;
const BROWN_C = 150;
const BROWN_STEP_C = 33.2;
/** Diffusion of vapour through dry crust, m²/s over its tortuosity, in the resistance δ / this. Fitted. */
const CRUST_DIFFUSION = 8e-7;
const FILM_RESISTANCE = 860;

const radiation = (emissivity: number, surfaceC: number, ovenC: number): number => {
  const [s, o] = [kelvin(surfaceC), kelvin(ovenC)];
  return emissivity * SIGMA * (s * s + o * o) * (s + o);
};

const NEAR_C = 0.005;
/** Where a falling function crosses nothing, by false position with the Illinois rule. */
function rootBetween(f: (x: number) => number, lo: number, hi: number): number {
  let [a, b, fa, fb] = [lo, hi, f(lo), f(hi)];
  let side = 0;
  for (let k = 0; k < 40 && b - a > NEAR_C; k++) {
    // Where an end has no finite value, halve.
    const x = Number.isFinite(fa) && Number.isFinite(fb) ? (fa * b - fb * a) / (fa - fb) : (a + b) / 2;
    const fx = f(x);
    if (Math.abs(fx) < 0.05) return x;
    if (fx > 0) {
      [a, fa] = [x, fx];
      if (side === 1) fb /= 2;
      side = 1;
    } else {
      [b, fb] = [x, fx];
      if (side === -1) fa /= 2;
      side = -1;
    }
  }
  return (a + b) / 2;
}

/**
 * Heats a section in an oven: finite volumes in enthalpy, explicit in time. At an open side water leaves from a front
 * that recedes under a dry crust; at a wall there is a lumped tin. Energy is conserved to rounding.
 */
export function bake(run: BakeRun): BakeResult {
  const { section, material, sides, untilC, cools = false, mostMin, every = 1 } = run;
  const { across: nx, up: ny } = section;
  const [dx, dy] = [section.width / nx, section.height / ny];
  const n = nx * ny;
  const round = section.kind === 'round';
  // Volume and faces for a metre of length, or for a radian's worth of turn times 2π.
  const turn = round ? 2 * Math.PI : 1;
  const radius = (i: number): number => (round ? i * dx : 1);
  const volume = Float64Array.from({ length: n }, (_, k) => {
    const i = k % nx;
    return round ? 0.5 * turn * ((dx * (i + 1)) ** 2 - (dx * i) ** 2) * dy : dx * dy;
  });
  const sideArea = (i: number): number => turn * radius(i) * dy;
  const flatArea = (i: number): number => (round ? 0.5 * turn * ((dx * (i + 1)) ** 2 - (dx * i) ** 2) : dx);

  const temp = new Float64Array(n).fill(run.startC);
  const heat = new Float64Array(n).fill(material.heatAt(run.startC));
  const flow = new Float64Array(n);
  const lambda = new Float64Array(n);
  const load = new Float64Array(n);
  type Face = {
    cell: number;
    area: number;
    half: number;
    side: Side;
    wallC: number;
    crust: number;
    surfaceC: number;
  };
  const faces: Face[] = [];
  const face = (cell: number, area: number, half: number, side: Side) => {
    if (side.kind !== 'closed')
      faces.push({ cell, area, half, side, wallC: run.startC, crust: 0, surfaceC: run.startC });
  };
  for (let j = 0; j < ny; j++) face(j * nx + nx - 1, sideArea(nx), dx / 2, sides.outer);
  for (let i = 0; i < nx; i++) {
    face(i, flatArea(i), dy / 2, sides.bottom);
    face((ny - 1) * nx + i, flatArea(i), dy / 2, sides.top);
  }
  const openArea = faces.reduce((s, f) => (f.side.kind === 'open' ? s + f.area : s), 0);
  const mass = volume.reduce((s, v) => s + v * material.rho, 0);

  let [min, came, gone, lost, brown] = [0, 0, 0, 0, 0];
  let doneMin: number | null = null;
  let nextPoint = 0;
  const curve: BakePoint[] = [];
  const start = heat.reduce((s, h, k) => s + h * volume[k]! * material.rho, 0);

  // The middle is what lags: the coldest cell as it heats, the warmest as it cools.
  const middle = (): number => {
    let found = temp[0]!;
    for (let k = 1; k < n; k++) if (cools ? temp[k]! > found : temp[k]! < found) found = temp[k]!;
    return found;
  };
  /** What has boiled off inside, at the walls, as a share of the mass. */
  const boiledOff = (): number => {
    let sum = 0;
    for (let k = 0; k < n; k++) sum += material.boiledAt(temp[k]!) * volume[k]! * material.waterKgM3;
    return sum / mass;
  };
  const crustMean = (): number => {
    const open = faces.filter((f) => f.side.kind === 'open');
    return open.length === 0
      ? faces.reduce((s, f) => s + f.surfaceC * f.area, 0) /
          Math.max(
            1e-12,
            faces.reduce((s, f) => s + f.area, 0),
          )
      : open.reduce((s, f) => s + f.surfaceC * f.area, 0) / openArea;
  };

  while (min < mostMin) {
    if (min >= nextPoint - 1e-9) {
      curve.push({ min, coreC: middle(), crustC: crustMean(), loss: lost / mass + boiledOff() });
      nextPoint += every;
    }
    const oven = run.oven(min);
    for (let k = 0; k < n; k++) {
      lambda[k] = material.conductivityAt(temp[k]!);
      flow[k] = 0;
    }
    // The longest step that stays stable: the cell that would lose its heat first sets it.
    load.fill(0);
    const link = (a: number, b: number, area: number, d: number) => {
      const g = (area / d) * ((2 * lambda[a]! * lambda[b]!) / (lambda[a]! + lambda[b]!));
      const q = g * (temp[b]! - temp[a]!);
      flow[a]! += q;
      flow[b]! -= q;
      load[a]! += g;
      load[b]! += g;
    };
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++) {
        const k = j * nx + i;
        if (i + 1 < nx) link(k, k + 1, sideArea(i + 1), dx);
        if (j + 1 < ny) link(k, k + nx, flatArea(i), dy);
      }
    const outward: { f: Face; q: number; toWall: number; water: number; wet: number; inside: number }[] = [];
    for (const f of faces) {
      const k = f.cell;
      const inner = lambda[k]! / f.half;
      if (f.side.kind === 'robin') {
        const g = f.area / (1 / f.side.h + 1 / inner);
        outward.push({ f, q: g * (f.side.bathC - temp[k]!), toWall: 0, water: 0, wet: 0, inside: 0 });
        load[k]! += g;
      } else if (f.side.kind === 'wall') {
        const h = oven.film + radiation(f.side.emissivity, f.wallC, oven.tempC);
        const inside = 1 / (f.side.contact + 1 / inner);
        outward.push({
          f,
          q: f.area * inside * (f.wallC - temp[k]!),
          toWall: f.area * h * (oven.tempC - f.wallC),
          water: 0,
          wet: 0,
          inside,
        });
        load[k]! += f.area * inside;
        f.surfaceC = f.wallC;
      } else {
        const film = oven.covered ? COVERED_FILM : oven.film;
        const direct = film + radiation(DOUGH_EMISSIVITY, f.surfaceC, oven.tempC);
        // Heat comes to the lid as to any wall, and from it to the dough.
        const h = oven.covered
          ? 1 / (1 / direct + 1 / (oven.film + radiation(LID_EMISSIVITY, f.surfaceC, oven.tempC)))
          : direct;
        const through = 1 / (1 / h + f.crust / material.dryConductivity);
        const depth = Math.max(0.15 * f.half, f.half - f.crust);
        const g = lambda[k]! / depth;
        const resistance = FILM_RESISTANCE / film + f.crust / CRUST_DIFFUSION;
        // Under a lid the air is steam: nothing leaves before it boils.
        const vapour = (c: number): number =>
          oven.covered ? 0 : vapourFlow(material, c, oven.vapourPa, resistance);
        const excess = (c: number): number => {
          const m = vapour(c);
          return Number.isFinite(m)
            ? through * (oven.tempC - c) - evaporationJ(c) * m - g * (c - temp[k]!)
            : Number.NEGATIVE_INFINITY;
        };
        const top = material.frontC;
        let front = top;
        let water: number;
        if (excess(top) >= 0)
          // It boils: what heat there is beyond conduction evaporates.
          water = Math.max(0, (through * (oven.tempC - top) - g * (top - temp[k]!)) / evaporationJ(top));
        else {
          front = rootBetween(excess, Math.min(temp[k]!, oven.tempC, top) - 40, top);
          water = vapour(front);
        }
        const q = f.area * through * (oven.tempC - front);
        f.surfaceC = oven.tempC - (through * (oven.tempC - front)) / h;
        outward.push({
          f,
          q,
          toWall: 0,
          water: f.area * water,
          wet: f.area * water * evaporationJ(front),
          inside: 0,
        });
        load[k]! += f.area * g;
      }
    }
    let dt = every * 60;
    for (const { f, inside } of outward)
      if (f.side.kind === 'wall')
        dt = Math.min(
          dt,
          (0.85 * f.side.heatJ) / (inside + oven.film + radiation(f.side.emissivity, f.wallC, oven.tempC)),
        );
    for (let k = 0; k < n; k++) {
      const capacity =
        volume[k]! * material.rho * (material.heatAt(temp[k]! + 0.5) - material.heatAt(temp[k]! - 0.5));
      if (load[k]! > 0) dt = Math.min(dt, (0.85 * capacity) / load[k]!);
    }
    dt = Math.min(dt, 60 * Math.max(1e-6, nextPoint - min), 60 * (mostMin - min) + 1e-9);
    for (const { f, q, toWall, water, wet } of outward) {
      flow[f.cell]! += q - wet;
      gone += wet * dt;
      lost += water * dt;
      if (f.side.kind === 'wall') {
        f.wallC += ((toWall - q) * dt) / (f.side.heatJ * f.area);
        came += toWall * dt;
      } else came += q * dt;
      if (f.side.kind === 'open') {
        f.crust = Math.min(0.85 * f.half, f.crust + (water * dt) / (f.area * material.waterKgM3));
        brown += ((f.area / openArea) * 10 ** ((f.surfaceC - BROWN_C) / BROWN_STEP_C) * dt) / 60;
      }
    }
    for (let k = 0; k < n; k++) {
      heat[k]! += (flow[k]! * dt) / (volume[k]! * material.rho);
      temp[k] = material.tempAt(heat[k]!);
    }
    const before = curve.at(-1)!;
    min += dt / 60;
    const core = middle();
    if (cools ? core <= untilC : core >= untilC) {
      const k = core === before.coreC ? 1 : (untilC - before.coreC) / (core - before.coreC);
      doneMin = before.min + Math.min(1, Math.max(0, k)) * (min - before.min);
      curve.push({ min, coreC: core, crustC: crustMean(), loss: lost / mass + boiledOff() });
      break;
    }
  }
  const held = heat.reduce((s, h, k) => s + h * volume[k]! * material.rho, 0) - start;
  const inWalls = faces.reduce(
    (s, f) => s + (f.side.kind === 'wall' ? f.side.heatJ * f.area * (f.wallC - run.startC) : 0),
    0,
  );
  return {
    doneMin,
    curve: curve.map((p) => ({ ...p })),
    field: [...temp],
    loss: lost / mass + boiledOff(),
    browned: brown,
    balance: came === 0 ? 0 : (came - gone - held - inWalls) / came,
  };
}

/** Film under a lid, where the air hardly moves, W/(m² K). From memory. */
const COVERED_FILM = 5;
const LID_EMISSIVITY = 0.6;
