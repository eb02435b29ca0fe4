import { CLASSES, type PropKey } from '../classes';
import type { Part, Profile } from '../formula';
import { judgesWetness, MASS_BAND, toleranceWidth, WETNESS_BAND, wetnessBand } from './bands';
import { LeastSquares, type Judged } from './qp';
import type { Pins } from './types';
import { areOneLine, type Variable } from './variables';

/** Where the judged properties begin in a column of a programme. */
const JUDGED_FROM = 3;
/** Pull towards the source inside the tolerances: breaks ties, moves nothing that matters. */
const SOFT_PULL = 0.03;
const WETNESS_PULL = 0.2;
/** Cost of one percent outside a band, or one window outside a dose, when the bands cannot all be met. */
const ELASTIC_COST = 40;
/** A dose leaves its window last: what a kit is made of is known better than how wet a dough may be. */
const DOSE_ELASTIC = 3;

/** Properties in the order of the columns: three that have bands of their own, then those judged. */
export const columnKeys = ({ classId }: Part): PropKey[] => [
  'freeWater',
  'demand',
  'mass',
  ...CLASSES[classId].tolerances.map((t) => t.key),
];

/** What is brushed on has no balance to keep. */
export const isBrushed = ({ classId }: Part): boolean => classId === 'wash';

/** What a programme is made of: what stays, what is aimed at, and the amounts to find with what a step of each brings. */
export type Given = {
  part: Part;
  pins: Pins;
  staying: Profile;
  target: Profile;
  variables: readonly Variable[];
  /** Of each variable: what a step of it brings, in the order of `columnKeys`. */
  columns: readonly Float64Array[];
  /** With a widening for every band and window behind the amounts. */
  elastic: boolean;
};
export type Built = {
  qp: LeastSquares;
  judged: Judged[];
  slack: { wet: number; mass: number; dose: number };
  wetBand: number;
};

/** The programme of one combination. */
export function programmeOf(given: Given): Built {
  return new Rows(given).built();
}

/** Its rows: each asks one thing of the amounts. */
class Rows {
  readonly #given: Given;
  readonly #qp: LeastSquares;
  /** Behind the amounts stand, when elastic, the widenings. */
  readonly #slack: Built['slack'];
  readonly #size: number;

  constructor(given: Given) {
    this.#given = given;
    const n = given.variables.length;
    this.#slack = { wet: n, mass: n + 1, dose: n + 2 };
    this.#size = given.elastic ? 2 * n + 2 : n;
    this.#qp = new LeastSquares(this.#size);
  }

  built(): Built {
    const { wetness } = this.#given.target;
    this.#amounts();
    const judged = this.#judged();
    this.#wetness();
    this.#held();
    this.#mass();
    if (this.#given.elastic) this.#widenings();
    const wetBand = wetness?.value ? wetnessBand(wetness.value) / wetness.value : WETNESS_BAND;
    return { qp: this.#qp, judged, slack: this.#slack, wetBand };
  }

  /** A property of the adapted part, in so many grams a unit, as values of the amounts: these, and what stays. */
  #form(place: number, unit: number): Float64Array {
    const { columns } = this.#given;
    const row = new Float64Array(columns.length);
    for (let j = 0; j < row.length; j++) row[j] = columns[j]![place]! / unit;
    return row;
  }
  #stays = (key: PropKey): number => this.#given.staying.props[key].value;
  #gives = (i: number): number | undefined => (this.#given.elastic ? i : undefined);

  /** Amounts are counted in steps, so that grams of gum and grams of flour weigh alike. */
  #amounts(): void {
    const { variables, elastic } = this.#given;
    const held = this.#heldLines();
    variables.forEach((v, j) => {
      this.#qp.squareOf(j, v.usual / v.step, v.weight);
      if (v.cost > 0) this.#qp.linear(j, v.cost);
      if (held.has(v)) {
        this.#qp.least(j, 0);
        return;
      }
      this.#qp.least(j, v.lo / v.step, this.#gives(this.#slack.dose + j));
      this.#qp.most(j, v.hi / v.step, this.#gives(this.#slack.dose + j));
      if (elastic) this.#qp.least(j, 0);
    });
  }

  /** Holds what the baker holds: of a line that came in for several things all that is in it. Gives the amounts that are held. */
  #heldLines(): ReadonlySet<Variable> {
    const { variables, pins } = this.#given;
    const held = new Set<Variable>();
    const pinOf = (v: Variable): number | undefined => pins.lines?.[v.lineId];
    for (const v of variables) {
      const massG = pinOf(v);
      if (massG === undefined) continue;
      const line = variables.filter(
        (x) => x === v || (areOneLine(v, x) && pinOf(x) === undefined && !held.has(x)),
      );
      for (const x of line) held.add(x);
      this.#qp.equal(
        variables.map((x) => (line.includes(x) ? x.step : 0)),
        massG,
      );
    }
    return held;
  }

  /** What the kind of bake judges, in its tolerances. */
  #judged(): Judged[] {
    const { part, target } = this.#given;
    return CLASSES[part.classId].tolerances.flatMap((tolerance, k): Judged[] => {
      const { key, weight } = tolerance;
      const width = toleranceWidth(tolerance, target) || 1;
      const row = this.#form(JUDGED_FROM + k, width);
      if (weight <= 0 || row.every((x) => x === 0)) return [];
      const t = (target.props[key].value - this.#stays(key)) / width;
      this.#qp.square(row, t, SOFT_PULL * weight);
      return [{ row, target: t, weight }];
    });
  }

  /** As wet as it was, within the band; exactly where that is locked. */
  #wetness(): void {
    const { part, target, pins } = this.#given;
    if (!target.wetness || target.props.demand.value <= 0) return;
    if (!pins.lockWetness && !judgesWetness(part)) return;
    const w0 = target.wetness.value;
    // One unit is one band: free − w·demand over band × the source's demand.
    const band = wetnessBand(w0);
    const unit = band * target.props.demand.value;
    const [free, demand] = [this.#form(0, unit), this.#form(1, unit)];
    const at = (w: number): [row: Float64Array, t: number] => [
      free.map((f, j) => f - w * demand[j]!),
      -(this.#stays('freeWater') - w * this.#stays('demand')) / unit,
    ];
    const middle = at(w0);
    this.#qp.square(...middle, WETNESS_PULL);
    if (pins.lockWetness) this.#qp.equal(...middle);
    else {
      this.#qp.atLeast(...at(Math.max(0, w0 - band)), this.#gives(this.#slack.wet));
      this.#qp.atMost(...at(w0 + band), this.#gives(this.#slack.wet));
    }
  }

  /** Properties that the baker holds. */
  #held(): void {
    const { part, pins, variables } = this.#given;
    for (const [key, value] of Object.entries(pins.props?.[part.id] ?? {})) {
      const held = key as PropKey;
      const unit = Math.abs(value) || 1;
      const row = Float64Array.from(variables, (v) => (v.sign * v.step * (v.row[held]?.value ?? 0)) / unit);
      if (row.some((x) => x !== 0)) this.#qp.equal(row, (value - this.#stays(held)) / unit);
    }
  }

  /** As heavy as it was, within the band; exactly where that is locked. */
  #mass(): void {
    const { part, target, pins } = this.#given;
    const unit = MASS_BAND * target.props.mass.value || 1;
    const mass = this.#form(2, unit);
    const t = (target.props.mass.value - this.#stays('mass')) / unit;
    if (pins.lockMass) this.#qp.equal(mass, t);
    else if (!pins.freeMass && !isBrushed(part)) {
      this.#qp.atLeast(mass, t - 1, this.#gives(this.#slack.mass));
      this.#qp.atMost(mass, t + 1, this.#gives(this.#slack.mass));
    }
  }

  #widenings(): void {
    for (let i = this.#given.variables.length; i < this.#size; i++) {
      this.#qp.squareOf(i, 0, 1);
      this.#qp.linear(i, i < this.#slack.dose ? ELASTIC_COST : DOSE_ELASTIC * ELASTIC_COST);
      this.#qp.least(i, 0);
    }
  }
}
