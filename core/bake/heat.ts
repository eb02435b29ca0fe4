import { kelvin } from '../units';
import { gridOf, type Grid, type Section, type SideName } from './grid';
import {
  evaporationJ,
  findIn,
  FROM_C,
  readAt,
  STEP_C,
  TABLE_SIZE,
  vapourFlow,
  type Material,
} from './properties';

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

export type BakeRun = {
  section: Section;
  material: Material;
  sides: Record<Exclude<SideName, 'inner'>, Side> & { inner?: Side };
  startC: number;
  oven: (min: number) => Oven;
  /** Ends when the coldest cell has this, °C, or after so many minutes. */
  untilC: number;
  /** And when its open face has browned so far, min at 150 °C; 0 where colour does not say when it is done. */
  untilBrown?: number;
  /** How fast it browns beside a usual dough. */
  brownRate?: number;
  /** For cooling: ends when the warmest cell is down to `untilC`. */
  cools?: boolean;
  mostMin: number;
  /** Minutes between the points of the curves. */
  every?: number;
};

/**
 * A point of the curves: coldest cell and mean open face, °C; water lost so far as a share of the mass; how far it has
 * browned, min at 150 °C; mean thickness of the dry crust, mm.
 */
export type BakePoint = {
  min: number;
  coreC: number;
  crustC: number;
  loss: number;
  browned: number;
  crustMm: number;
};
export type BakeResult = {
  /** Minutes until it is done; null where it is not in the time given. */
  doneMin: number | null;
  curve: BakePoint[];
  /** Water lost when done, as a share of the mass. */
  loss: number;
  /** ∫ rate · 10^((T − 150)/33.2) dt over the open face, min: how far it has browned when done. */
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
/** Film under a lid, where the air hardly moves, W/(m² K). From memory. */
const COVERED_FILM = 5;
const LID_EMISSIVITY = 0.6;
/** The front counts as no nearer to the middle of its cell than this share of half the cell; then the cell has dried. */
const NEAREST = 0.15;
/** A step is so much of the longest that stays stable. */
const STABLE = 0.85;

const radiation = (emissivity: number, surfaceC: number, ovenC: number): number => {
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

/** Conductivity and heat capacity, J/K, of every cell as hot as it is. */
function properties(
  material: Material,
  temp: Float64Array,
  volume: Float64Array,
  lambda: Float64Array,
  capacity: Float64Array,
): void {
  const { lambda: table, heat } = material;
  for (let k = 0; k < temp.length; k++) {
    const x = Math.min(TABLE_SIZE - 1.000001, Math.max(0, (temp[k]! - FROM_C) / STEP_C));
    const i = Math.floor(x);
    lambda[k] = table[i]! + (x - i) * (table[i + 1]! - table[i]!);
    capacity[k] = (volume[k]! * material.rho * (heat[i + 1]! - heat[i]!)) / STEP_C;
  }
}
/** Heat between neighbours, W, and how strongly each cell hangs on what is about it, W/K. */
function conduct(
  { from, to, reach }: Grid,
  temp: Float64Array,
  lambda: Float64Array,
  flow: Float64Array,
  load: Float64Array,
): void {
  flow.fill(0);
  load.fill(0);
  for (let e = 0; e < reach.length; e++) {
    const a = from[e]!;
    const b = to[e]!;
    const g = (reach[e]! * 2 * lambda[a]! * lambda[b]!) / (lambda[a]! + lambda[b]!);
    const q = g * (temp[b]! - temp[a]!);
    flow[a] = flow[a]! + q;
    flow[b] = flow[b]! - q;
    load[a] = load[a]! + g;
    load[b] = load[b]! + g;
  }
}
/** Seconds in which the first cell would lose its heat. */
function shortest(capacity: Float64Array, load: Float64Array): number {
  let found = Number.POSITIVE_INFINITY;
  for (let k = 0; k < load.length; k++) if (load[k]! > 0) found = Math.min(found, capacity[k]! / load[k]!);
  return found;
}
/** Lets what flows flow for so many seconds. */
function warm(
  material: Material,
  volume: Float64Array,
  flow: Float64Array,
  dt: number,
  heat: Float64Array,
  temp: Float64Array,
): void {
  for (let k = 0; k < temp.length; k++) {
    heat[k] = heat[k]! + (flow[k]! * dt) / (volume[k]! * material.rho);
    temp[k] = findIn(material.heat, heat[k]!, temp[k]!);
  }
}

/** An outer face and what it has come to. */
type Face = {
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
function openFlow(
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

/**
 * Heats a section in an oven: finite volumes in enthalpy, explicit in time. At an open side water leaves from a front
 * that recedes under a dry crust; at a wall there is a lumped tin. Energy is conserved to rounding.
 */
export function bake(run: BakeRun): BakeResult {
  const {
    section,
    material,
    sides,
    untilC,
    untilBrown = 0,
    brownRate = 1,
    cools = false,
    mostMin,
    every = 1,
  } = run;
  const grid = gridOf(section);
  const { cells: n, volume, from, to, reach, faces: outer } = grid;
  const mass = volume.reduce((s, v) => s + v * material.rho, 0);
  const temp = new Float64Array(n).fill(run.startC);
  const heat = new Float64Array(n).fill(readAt(material.heat, run.startC));
  const [flow, lambda, load, capacity] = [0, 1, 2, 3].map(() => new Float64Array(n)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const faces = outer.flatMap(({ behind, area, half, side: name }): Face[] => {
    const side = sides[name] ?? { kind: 'closed' };
    if (side.kind === 'closed') return [];
    const wallC = side.kind === 'wall' ? (side.startC ?? run.startC) : run.startC;
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
        surfaceC: run.startC,
        frontC: run.startC,
        ...still,
      },
    ];
  });
  const open = faces.filter((f) => f.side.kind === 'open');
  // Where nothing is open, as in a closed tin, the walls are what is seen.
  const seen = open.length > 0 ? open : faces;
  const seenArea = seen.reduce((s, f) => s + f.area, 0) || 1;
  const mean = (of: (f: Face) => number): number => seen.reduce((s, f) => s + of(f) * f.area, 0) / seenArea;
  const heldBy = (): number => heat.reduce((s, h, k) => s + h * volume[k]! * material.rho, 0);
  const start = heldBy();

  // A cell that has dried through is crust: it takes no more part, and the front goes on behind it. The last one stays.
  const dry = new Uint8Array(n);
  let lasting = 0;
  let wetCells = n;
  const dryUp = (f: Face): void => {
    const next = f.behind[f.dried + 1];
    if (next === undefined || dry[next] || wetCells <= 1) return;
    const cell = f.cell;
    dry[cell] = 1;
    wetCells--;
    for (let e = 0; e < reach.length; e++) if (from[e] === cell || to[e] === cell) reach[e] = 0;
    f.dried++;
    f.cell = next;
    for (const other of faces) if (other.cell === cell) other.idle = true;
    if (lasting === cell) lasting = next;
  };

  let [min, came, gone, lost, brown] = [0, 0, 0, 0, 0];
  // The middle is what lags: the coldest cell as it heats, the warmest as it cools.
  const middle = (): number => {
    let found = temp[lasting]!;
    for (let k = 0; k < n; k++)
      if (!dry[k] && (cools ? temp[k]! > found : temp[k]! < found)) found = temp[k]!;
    return found;
  };
  /** What has boiled off inside, at the walls, as a share of the mass. */
  const boiledOff = (): number => {
    let sum = 0;
    for (let k = 0; k < n; k++) sum += material.boiledAt(temp[k]!) * volume[k]! * material.waterKgM3;
    return sum / mass;
  };
  const browns = (f: Face, dt: number): number =>
    f.side.kind === 'open'
      ? (brownRate * (f.area / seenArea) * 10 ** ((f.surfaceC - BROWN_C) / BROWN_STEP_C) * dt) / 60
      : 0;
  const curve: BakePoint[] = [];
  const mark = (coreC: number): void => {
    curve.push({
      min,
      coreC,
      crustC: mean((f) => f.surfaceC),
      loss: lost / mass + boiledOff(),
      browned: brown,
      crustMm: 1000 * mean((f) => f.crust),
    });
  };
  const isDone = (coreC: number): boolean =>
    cools ? coreC <= untilC : coreC >= untilC && brown >= untilBrown;

  let doneMin: number | null = null;
  let nextPoint = 0;
  let core = run.startC;
  while (min < mostMin) {
    if (min >= nextPoint - 1e-9) {
      mark(core);
      nextPoint += every;
    }
    const oven = run.oven(min);
    properties(material, temp, volume, lambda, capacity);
    conduct(grid, temp, lambda, flow, load);
    let dt = every * 60;
    for (const f of faces) {
      if (f.idle) continue;
      const k = f.cell;
      const { side } = f;
      const shineC = f.name === 'top' ? oven.topC : f.name === 'bottom' ? oven.belowC : oven.tempC;
      if (side.kind === 'open') load[k]! += openFlow(f, material, oven, shineC, temp[k]!, lambda[k]!);
      else if (side.kind === 'wall') {
        const shine = radiation(side.emissivity, f.wallC, shineC);
        const inside = 1 / (side.contact + f.half / lambda[k]!);
        f.q = f.area * inside * (f.wallC - temp[k]!);
        f.toWall = f.area * (oven.film * (oven.tempC - f.wallC) + shine * (shineC - f.wallC));
        f.surfaceC = f.wallC;
        load[k]! += f.area * inside;
        dt = Math.min(dt, (STABLE * side.heatJ) / (inside + oven.film + shine));
      } else {
        const g = f.area / (1 / side.h + f.half / lambda[k]!);
        f.q = g * (side.bathC - temp[k]!);
        load[k]! += g;
      }
    }
    // The longest step that stays stable: the cell that would lose its heat first sets it.
    dt = Math.min(
      dt,
      STABLE * shortest(capacity, load),
      60 * Math.max(1e-6, nextPoint - min),
      60 * (mostMin - min) + 1e-9,
    );
    for (const f of faces) {
      if (f.idle) {
        brown += browns(f, dt);
        continue;
      }
      flow[f.cell]! += f.q - f.wet;
      gone += f.wet * dt;
      lost += f.water * dt;
      if (f.side.kind === 'wall') {
        f.wallC += ((f.toWall - f.q) * dt) / (f.side.heatJ * f.area);
        came += f.toWall * dt;
      } else came += f.q * dt;
      if (f.side.kind === 'open') {
        f.crust += (f.water * dt) / (f.area * material.waterKgM3);
        if (f.crust > (2 * f.dried + 1 - NEAREST) * f.half) dryUp(f);
        brown += browns(f, dt);
      }
    }
    warm(material, volume, flow, dt, heat, temp);
    min += dt / 60;
    core = middle();
    if (isDone(core)) {
      const before = curve.at(-1)!;
      // Where the middle came last, between two points of the curve; where colour did, now.
      const late = cools || before.coreC < untilC;
      const k = !late || core === before.coreC ? 1 : (untilC - before.coreC) / (core - before.coreC);
      doneMin = before.min + Math.min(1, Math.max(0, k)) * (min - before.min);
      mark(core);
      break;
    }
  }
  const inWalls = faces.reduce(
    (s, f) =>
      s + (f.side.kind === 'wall' ? f.side.heatJ * f.area * (f.wallC - (f.side.startC ?? run.startC)) : 0),
    0,
  );
  return {
    doneMin,
    curve,
    loss: lost / mass + boiledOff(),
    browned: brown,
    balance: came === 0 ? 0 : (came - gone - (heldBy() - start) - inWalls) / came,
  };
}
