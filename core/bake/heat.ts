import { facesOf, NEAREST, openFlow, radiation, type Face, type Oven, type Sides } from './boundary';
import { gridOf, type Grid, type Section } from './grid';
import { readAt, type Material } from './properties';
import { conductHeat, properties, shortest, warm } from './step';

export type BakeRun = {
  section: Section;
  material: Material;
  sides: Sides;
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
  return new Bake(run).result();
}

/** A bake as it goes on: how hot each cell is, what its faces have come to, what came in and what left. */
class Bake {
  readonly #run: BakeRun;
  readonly #every: number;
  readonly #grid: Grid;
  readonly #massKg: number;
  readonly #temp: Float64Array;
  readonly #heat: Float64Array;
  readonly #flow: Float64Array;
  readonly #lambda: Float64Array;
  readonly #load: Float64Array;
  readonly #capacity: Float64Array;
  readonly #faces: Face[];
  /** Faces that are seen, and so brown: where nothing is open, as in a closed tin, the walls. */
  readonly #seen: Face[];
  readonly #seenArea: number;
  /** Cells that have dried through. */
  readonly #dry: Uint8Array;
  #wetCells: number;
  /** A cell that is still dough. */
  #lasting = 0;
  #min = 0;
  /** Heat that came in and that left with the vapour, J; water that left, kg; how far it has browned, min at 150 °C. */
  #came = 0;
  #gone = 0;
  #lost = 0;
  #brown = 0;
  readonly #curve: BakePoint[] = [];
  #nextPoint = 0;

  constructor(run: BakeRun) {
    const { section, material, startC, every = 1 } = run;
    this.#run = run;
    this.#every = every;
    this.#grid = gridOf(section);
    const { cells: n, volume } = this.#grid;
    this.#massKg = volume.reduce((s, v) => s + v * material.rho, 0);
    this.#temp = new Float64Array(n).fill(startC);
    this.#heat = new Float64Array(n).fill(readAt(material.heat, startC));
    this.#flow = new Float64Array(n);
    this.#lambda = new Float64Array(n);
    this.#load = new Float64Array(n);
    this.#capacity = new Float64Array(n);
    this.#dry = new Uint8Array(n);
    this.#wetCells = n;
    this.#faces = facesOf(this.#grid, run.sides, startC);
    const open = this.#faces.filter((f) => f.side.kind === 'open');
    this.#seen = open.length > 0 ? open : this.#faces;
    this.#seenArea = this.#seen.reduce((s, f) => s + f.area, 0) || 1;
  }

  /** Bakes until it is done or its time is over. */
  result(): BakeResult {
    const start = this.#held();
    const doneMin = this.#go();
    const inWalls = this.#faces.reduce(
      (s, { side, area, wallC }) =>
        s + (side.kind === 'wall' ? side.heatJ * area * (wallC - (side.startC ?? this.#run.startC)) : 0),
      0,
    );
    const came = this.#came;
    return {
      doneMin,
      curve: this.#curve,
      loss: this.#loss(),
      browned: this.#brown,
      balance: came === 0 ? 0 : (came - this.#gone - (this.#held() - start) - inWalls) / came,
    };
  }

  #go(): number | null {
    const { startC, oven, mostMin } = this.#run;
    let core = startC;
    while (this.#min < mostMin) {
      if (this.#min >= this.#nextPoint - 1e-9) {
        this.#mark(core);
        this.#nextPoint += this.#every;
      }
      const dt = this.#flows(oven(this.#min));
      this.#leaves(dt);
      warm(this.#run.material, this.#grid.volume, this.#flow, dt, this.#heat, this.#temp);
      this.#min += dt / 60;
      core = this.#middle();
      if (this.#isDone(core)) {
        const doneMin = this.#doneAt(core);
        this.#mark(core);
        return doneMin;
      }
    }
    return null;
  }

  /** What flows between cells and through faces now, W; the seconds for which that holds. */
  #flows(oven: Oven): number {
    const { material, mostMin } = this.#run;
    properties(material, this.#temp, this.#grid.volume, this.#lambda, this.#capacity);
    conductHeat(this.#grid, this.#temp, this.#lambda, this.#flow, this.#load);
    let dt = this.#every * 60;
    for (const f of this.#faces) if (!f.idle) dt = Math.min(dt, this.#through(f, oven));
    // The longest step that stays stable: the cell that would lose its heat first sets it.
    return Math.min(
      dt,
      STABLE * shortest(this.#capacity, this.#load),
      60 * Math.max(1e-6, this.#nextPoint - this.#min),
      60 * (mostMin - this.#min) + 1e-9,
    );
  }

  /** What flows through a face; the seconds in which its wall would lose its heat. */
  #through(f: Face, oven: Oven): number {
    const { side, cell: k } = f;
    const [tempC, lambda] = [this.#temp[k]!, this.#lambda[k]!];
    const shineC = f.name === 'top' ? oven.topC : f.name === 'bottom' ? oven.belowC : oven.tempC;
    if (side.kind === 'open') this.#load[k]! += openFlow(f, this.#run.material, oven, shineC, tempC, lambda);
    else if (side.kind === 'wall') {
      const shine = radiation(side.emissivity, f.wallC, shineC);
      const inside = 1 / (side.contact + f.half / lambda);
      f.q = f.area * inside * (f.wallC - tempC);
      f.toWall = f.area * (oven.film * (oven.tempC - f.wallC) + shine * (shineC - f.wallC));
      f.surfaceC = f.wallC;
      this.#load[k]! += f.area * inside;
      return (STABLE * side.heatJ) / (inside + oven.film + shine);
    } else if (side.kind === 'robin') {
      const g = f.area / (1 / side.h + f.half / lambda);
      f.q = g * (side.bathC - tempC);
      this.#load[k]! += g;
    }
    return Number.POSITIVE_INFINITY;
  }

  /** What leaves and comes in through the faces in so many seconds. */
  #leaves(dt: number): void {
    for (const f of this.#faces) {
      if (!f.idle) this.#passes(f, dt);
      if (f.side.kind === 'open') this.#browns(f, dt);
    }
  }
  #passes(f: Face, dt: number): void {
    this.#flow[f.cell]! += f.q - f.wet;
    this.#gone += f.wet * dt;
    this.#lost += f.water * dt;
    if (f.side.kind === 'wall') {
      f.wallC += ((f.toWall - f.q) * dt) / (f.side.heatJ * f.area);
      this.#came += f.toWall * dt;
    } else this.#came += f.q * dt;
    if (f.side.kind !== 'open') return;
    f.crust += (f.water * dt) / (f.area * this.#run.material.waterKgM3);
    if (f.crust > (2 * f.dried + 1 - NEAREST) * f.half) this.#dryUp(f);
  }
  #browns(f: Face, dt: number): void {
    const rate = 10 ** ((f.surfaceC - BROWN_C) / BROWN_STEP_C);
    this.#brown += ((this.#run.brownRate ?? 1) * (f.area / this.#seenArea) * rate * dt) / 60;
  }

  /** A cell that has dried through is crust: it takes no more part, and the front goes on behind it. The last one stays. */
  #dryUp(f: Face): void {
    const { from, to, reach } = this.#grid;
    const next = f.behind[f.dried + 1];
    if (next === undefined || this.#dry[next] || this.#wetCells <= 1) return;
    const cell = f.cell;
    this.#dry[cell] = 1;
    this.#wetCells--;
    for (let e = 0; e < reach.length; e++) if (from[e] === cell || to[e] === cell) reach[e] = 0;
    f.dried++;
    f.cell = next;
    for (const other of this.#faces) if (other.cell === cell) other.idle = true;
    if (this.#lasting === cell) this.#lasting = next;
  }

  /** The middle is what lags: the coldest cell as it heats, the warmest as it cools. */
  #middle(): number {
    const [temp, dry, cools] = [this.#temp, this.#dry, this.#run.cools];
    let found = temp[this.#lasting]!;
    for (let k = 0; k < temp.length; k++)
      if (!dry[k] && (cools ? temp[k]! > found : temp[k]! < found)) found = temp[k]!;
    return found;
  }
  #isDone(coreC: number): boolean {
    const { cools, untilC, untilBrown = 0 } = this.#run;
    return cools ? coreC <= untilC : coreC >= untilC && this.#brown >= untilBrown;
  }
  /** Where the middle came last, between two points of the curve; where colour did, now. */
  #doneAt(coreC: number): number {
    const { cools, untilC } = this.#run;
    const before = this.#curve.at(-1)!;
    const late = cools || before.coreC < untilC;
    const k = !late || coreC === before.coreC ? 1 : (untilC - before.coreC) / (coreC - before.coreC);
    return before.min + Math.min(1, Math.max(0, k)) * (this.#min - before.min);
  }

  #mean(of: (f: Face) => number): number {
    return this.#seen.reduce((s, f) => s + of(f) * f.area, 0) / this.#seenArea;
  }
  /** Heat in the dough, J. */
  #held(): number {
    const { volume } = this.#grid;
    return this.#heat.reduce((s, h, k) => s + h * volume[k]! * this.#run.material.rho, 0);
  }
  /** Water lost so far, as a share of the mass: from the open faces, and boiled off inside, at the walls. */
  #loss(): number {
    const { material } = this.#run;
    let boiled = 0;
    this.#grid.volume.forEach(
      (v, k) => (boiled += material.boiledAt(this.#temp[k]!) * v * material.waterKgM3),
    );
    return this.#lost / this.#massKg + boiled / this.#massKg;
  }
  #mark(coreC: number): void {
    this.#curve.push({
      min: this.#min,
      coreC,
      crustC: this.#mean((f) => f.surfaceC),
      loss: this.#loss(),
      browned: this.#brown,
      crustMm: 1000 * this.#mean((f) => f.crust),
    });
  }
}
