import { NEAREST, openFlow, radiation, type Face, type Oven, type Side } from './face';
import { gridOf, type Section, type SideName } from './grid';
import { readAt, type Material } from './properties';
import { conduct, properties, shortest, warm } from './step';

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

const BROWN_C = 150;
const BROWN_STEP_C = 33.2;
/** A step is so much of the longest that stays stable. */
const STABLE = 0.85;

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
