import { CLASSES, type PropKey } from '../classes';
import { profileOf, type Line, type Part, type Profile } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import {
  judgesWetness,
  MASS_BAND,
  MASS_WEIGHT,
  overrunCost,
  toleranceWidth,
  WETNESS_BAND,
  WETNESS_WEIGHT,
  wetnessBand,
} from './bands';
import { groupsOf } from './clash';
import { LeastSquares, minimiseJudged, type Judged, type Sides } from './qp';
import type { Pins } from './types';
import {
  lessLiquid,
  variablesOf,
  waterVariable,
  type Choice,
  type DoseBase,
  type PartSolution,
  type Variable,
} from './variables';
import { binderVariable, leavenVariables } from './evens';
import { heldBack, widenings } from './widenings';

/** What a liquid line that gives way, and what a widening costs beside closeness. */
export const LESS_LIQUID_COST = 1;
export const WIDENED_COST = 2;

/** So much better an answer has to be for more of a binder, and for a binder more: tolerances overrun. */
const MORE_IS_WORTH = 0.05;
const LINE_IS_WORTH = 0.3;

/** Where the judged properties begin in a column of a programme. */
const JUDGED_FROM = 3;
/** Pull towards the source inside the tolerances: breaks ties, moves nothing that matters. */
const SOFT_PULL = 0.03;
const WETNESS_PULL = 0.2;
/** Cost of one percent outside a band, or one window outside a dose, when the bands cannot all be met. */
const ELASTIC_COST = 40;
/** A dose leaves its window last: what a kit is made of is known better than how wet a dough may be. */
const DOSE_ELASTIC = 3;
/** What a step of a variable brings of each property that a programme looks at, by the place of the property. */
const columnOf = (v: Variable, keys: readonly PropKey[]): Float64Array =>
  Float64Array.from(keys, (key) => v.sign * v.step * (v.row[key]?.value ?? 0));

/** What is brushed on has no balance to keep. */
const isBrushed = ({ classId }: Part): boolean => classId === 'wash';

/** The programme of one part: what stays is summed once, each combination of kits is solved on top of it. */
export class PartProgramme {
  readonly #staying: Profile;
  readonly #leaving: ReadonlySet<string>;
  readonly #binder: Variable | null;
  readonly #leavening: readonly Variable[];
  readonly #water: Variable | null;
  readonly #less: Variable | null;
  /** Amounts of each way at each conflict: they are the same in every combination. */
  readonly #brought = new Map<string, Variable[]>();
  readonly #columns = new WeakMap<Variable, Float64Array>();
  /** Properties in the order of the columns: three that have bands of their own, then those judged. */
  readonly #keys: readonly PropKey[];
  /** Where the rounds of the next solve begin: combinations beside each other overrun the same sides. */
  #sides: Sides | undefined;

  constructor(
    readonly part: Part,
    leavingIds: readonly string[],
    readonly target: Profile,
    readonly lookup: Lookup,
    readonly pins: Pins = {},
    allowed: (i: Ingredient) => boolean = () => true,
  ) {
    this.#leaving = new Set(leavingIds);
    const held = pins.lines ?? {};
    const stays: Line[] = part.lines
      .filter((l) => !this.#leaving.has(l.id))
      .map((l) =>
        held[l.id] === undefined
          ? l
          : { ...l, amount: { ...l.amount, massG: { value: held[l.id]!, basis: 'user' as const } } },
      );
    this.#staying = profileOf({ ...part, lines: stays }, lookup);
    // What the baker holds of it is not evened out beside.
    const heldIds = Object.keys(held);
    const isHeld = (v: Variable): boolean =>
      heldIds.some((id) => id === v.joins || id.split('/').at(-1) === v.ingredient.id);
    this.#leavening =
      leavingIds.length === 0
        ? []
        : leavenVariables(part, this.#leaving, target.props.mass.value, lookup, allowed).filter(
            (v) => !isHeld(v),
          );
    const binder = binderVariable(part, this.#leaving, target.flourG, lookup, allowed);
    this.#binder = binder && !isHeld(binder) ? binder : null;
    const water = lookup({ kind: 'ref', id: 'water' });
    const pours =
      water && !isBrushed(part)
        ? waterVariable(part, this.#leaving, target.props.mass.value, water, lookup)
        : null;
    // Water that the baker holds is as much as was said, and no more is poured to it.
    this.#water = pours && !(pours.joins && heldIds.includes(pours.joins)) ? pours : null;
    this.#less = lessLiquid(part, this.#leaving, held, lookup);
    this.#keys = ['freeWater', 'demand', 'mass', ...CLASSES[part.classId].tolerances.map((t) => t.key)];
  }

  /**
   * The amounts nearest to the target that keep the wetness and mass bands, the dose windows and what is
   * pinned. When no amounts do, a liquid line may give way; when that is not enough, the bands and windows are
   * widened as little as possible. Every widening is said, and costs: with less `room` than
   * that it is not tried. `change` makes other windows of the doses. Null only where even that fails (two equal locks that contradict each other).
   */
  solve(
    choices: readonly Choice[],
    room = Number.POSITIVE_INFINITY,
    change = (v: Variable): Variable => v,
  ): PartSolution | null {
    const variables = this.#variables(choices).map(change);
    const plain = this.#solve(variables, choices, room);
    // A binder beside the ways, where binding stays open and it is worth a line.
    const binder = this.#binder;
    if (!plain || !binder || !this.isLow('bind', plain)) return plain;
    if (!binder.joins && variables.some((v) => v.ingredient.id === binder.ingredient.id)) return plain;
    const helped = this.#solve([...variables, binder], choices, room);
    const worth = binder.joins ? MORE_IS_WORTH : LINE_IS_WORTH;
    return helped && this.#worth(helped) + worth < this.#worth(plain) ? helped : plain;
  }

  /** What a solution costs by itself: how far it is off, and what was widened. */
  #worth = (s: PartSolution): number => this.closeness(s) + WIDENED_COST * s.widened.length;

  #solve(variables: Variable[], choices: readonly Choice[], room: number): PartSolution | null {
    // With nothing going and nothing held the part is its own target: it comes back as it is, and does not drift.
    const target = choices.length === 0 && groupsOf(this.pins).length === 0 ? this.#staying : this.target;
    const solve = (all: Variable[], elastic: boolean) => this.#attempt(all, target, elastic);
    const strict = solve(variables, false);
    if (strict || room <= LESS_LIQUID_COST) return strict;
    const less = this.#less;
    const looser = less ? [...variables, less] : variables;
    const solved = (less && solve(looser, false)) ?? (room > WIDENED_COST ? solve(looser, true) : null);
    return solved && less
      ? { ...solved, widened: [...solved.widened, ...heldBack(solved, less, this.part)] }
      : solved;
  }

  /**
   * How far from the target amounts are, as `closenessOf` the finished part would say, without making it.
   * Σ weight × (overrun in tolerances)².
   */
  closeness({ variables, amounts }: PartSolution): number {
    const at = (key: PropKey): number => this.#at(key, variables, amounts);
    const over = (now: number, goal: number, width: number, weight: number): number =>
      overrunCost(now, Math.max(0, goal - width), goal + width, weight);
    const { props, wetness } = this.target;
    let sum = over(at('mass'), props.mass.value, MASS_BAND * props.mass.value, MASS_WEIGHT);
    const demand = at('demand');
    if (wetness && demand > 0 && judgesWetness(this.part))
      sum += over(at('freeWater') / demand, wetness.value, wetnessBand(wetness.value), WETNESS_WEIGHT);
    for (const t of CLASSES[this.part.classId].tolerances)
      sum += over(at(t.key), props[t.key].value, toleranceWidth(t, this.target), t.weight);
    return sum;
  }

  /** A property of the part with these amounts, in its own unit. */
  #at(key: PropKey, variables: readonly Variable[], amounts: readonly number[]): number {
    return variables.reduce(
      (s, v, j) => s + (v.row[key]?.value ?? 0) * amounts[j]!,
      this.#staying.props[key].value,
    );
  }

  /** Whether amounts leave a judged property below its band; or are not judged by it at all. */
  isLow(key: PropKey, { variables, amounts }: PartSolution): boolean {
    const tolerance = CLASSES[this.part.classId].tolerances.find((t) => t.key === key);
    if (!tolerance) return true;
    const now = this.#at(key, variables, amounts);
    const least = Math.max(0, this.target.props[key].value - toleranceWidth(tolerance, this.target));
    return now < least - 1e-6 * Math.max(1, Math.abs(this.target.props[key].value));
  }

  #variables(choices: readonly Choice[]): Variable[] {
    const chosen = choices.flatMap((c) => this.#bring(c));
    // A kit that brings the same thing has its own window for it.
    const evening = this.#leavening.filter(
      (v) => v.joins !== null || chosen.every((c) => c.ingredient.id !== v.ingredient.id),
    );
    return [...chosen, ...evening, ...(this.#water ? [this.#water] : [])];
  }

  #bring({ conflict, kit }: Choice): Variable[] {
    const key = `${conflict.id}/${kit.id}`;
    const known = this.#brought.get(key);
    if (known) return known;
    const made = variablesOf(
      this.part,
      [{ conflict, kit }],
      this.lookup,
      true,
      this.#doseBase(),
      this.#leaving,
    );
    this.#brought.set(key, made);
    return made;
  }

  #column(v: Variable): Float64Array {
    const known = this.#columns.get(v);
    if (known) return known;
    const made = columnOf(v, this.#keys);
    this.#columns.set(v, made);
    return made;
  }

  #attempt(variables: Variable[], target: Profile, elastic: boolean): PartSolution | null {
    const { qp, judged, slack, wetBand } = this.#build(variables, target, elastic);
    const minimum = minimiseJudged(qp, judged, this.#sides);
    if (!minimum) return null;
    this.#sides = minimum.sides;
    const amounts = variables.map((v, j) => v.sign * Math.max(0, minimum.x[j]! * v.step));
    return { variables, amounts, widened: elastic ? widenings(minimum.x, variables, slack, wetBand) : [] };
  }

  /** The programme itself, for another solver to be held against: strict, or with every band and window to give. */
  programme(choices: readonly Choice[], elastic: boolean): Pick<Built, 'qp' | 'judged'> {
    return this.#build(this.#variables(choices), this.target, elastic);
  }

  /** The programme of one combination; `elastic` with a widening for every band and window behind the amounts. */
  #build(variables: readonly Variable[], target: Profile, elastic: boolean): Built {
    const { part, pins } = this;
    const n = variables.length;
    const columns = variables.map((v) => this.#column(v));
    /** A property of the adapted part, in so many grams a unit, as values of the amounts: these, and what stays. */
    const formOf = (place: number, unit: number): Float64Array => {
      const row = new Float64Array(n);
      for (let j = 0; j < n; j++) row[j] = columns[j]![place]! / unit;
      return row;
    };
    const stays = (key: PropKey): number => this.#staying.props[key].value;
    const wetBand = target.wetness?.value
      ? wetnessBand(target.wetness.value) / target.wetness.value
      : WETNESS_BAND;
    // Behind the amounts stand, when elastic, the widenings.
    const slack = { wet: n, mass: n + 1, dose: n + 2 };
    const size = elastic ? 2 * n + 2 : n;
    const qp = new LeastSquares(size);
    const given = (i: number): number | undefined => (elastic ? i : undefined);

    // Amounts are counted in steps, so that grams of gum and grams of flour weigh alike.
    variables.forEach((v, j) => {
      qp.squareOf(j, v.usual / v.step, v.weight);
      if (v.cost > 0) qp.linear(j, v.cost);
      const pinned = pins.lines?.[v.lineId];
      if (pinned !== undefined) {
        qp.equalOf(j, pinned / v.step);
        return;
      }
      qp.least(j, v.lo / v.step, given(slack.dose + j));
      qp.most(j, v.hi / v.step, given(slack.dose + j));
      if (elastic) qp.least(j, 0);
    });

    const judged = CLASSES[part.classId].tolerances.flatMap((tolerance, k): Judged[] => {
      const { key, weight } = tolerance;
      const width = toleranceWidth(tolerance, target) || 1;
      const row = formOf(JUDGED_FROM + k, width);
      if (weight <= 0 || row.every((x) => x === 0)) return [];
      const t = (target.props[key].value - stays(key)) / width;
      qp.square(row, t, SOFT_PULL * weight);
      return [{ row, target: t, weight }];
    });

    if (target.wetness && target.props.demand.value > 0 && (pins.lockWetness || judgesWetness(part))) {
      const w0 = target.wetness.value;
      // One unit is one band: free − w·demand over band × the source's demand.
      const band = wetnessBand(w0);
      const unit = band * target.props.demand.value;
      const [free, demand] = [formOf(0, unit), formOf(1, unit)];
      const at = (w: number): { row: Float64Array; t: number } => ({
        row: free.map((f, j) => f - w * demand[j]!),
        t: -(stays('freeWater') - w * stays('demand')) / unit,
      });
      const middle = at(w0);
      qp.square(middle.row, middle.t, WETNESS_PULL);
      if (pins.lockWetness) qp.equal(middle.row, middle.t);
      else {
        const [low, high] = [at(Math.max(0, w0 - band)), at(w0 + band)];
        qp.atLeast(low.row, low.t, given(slack.wet));
        qp.atMost(high.row, high.t, given(slack.wet));
      }
    }

    for (const [key, value] of Object.entries(pins.props?.[part.id] ?? {})) {
      const held = key as PropKey;
      const unit = Math.abs(value) || 1;
      const row = Float64Array.from(variables, (v) => (v.sign * v.step * (v.row[held]?.value ?? 0)) / unit);
      if (row.some((x) => x !== 0)) qp.equal(row, (value - stays(held)) / unit);
    }

    const unit = MASS_BAND * target.props.mass.value || 1;
    const mass = formOf(2, unit);
    const t = (target.props.mass.value - stays('mass')) / unit;
    if (pins.lockMass) qp.equal(mass, t);
    else if (!pins.freeMass && !isBrushed(part)) {
      qp.atLeast(mass, t - 1, given(slack.mass));
      qp.atMost(mass, t + 1, given(slack.mass));
    }

    if (elastic)
      for (let i = n; i < size; i++) {
        qp.squareOf(i, 0, 1);
        qp.linear(i, i < slack.dose ? ELASTIC_COST : DOSE_ELASTIC * ELASTIC_COST);
        qp.least(i, 0);
      }

    return { qp, judged, slack, wetBand };
  }

  #doseBase(): DoseBase {
    return { flourG: this.#staying.flourG, liquidG: this.target.props.freeWater.value };
  }

  /** Amounts brushed on or on the tin, which no balance touches. */
  besides(choices: readonly Choice[]): Variable[] {
    return variablesOf(this.part, choices, this.lookup, false, this.#doseBase(), this.#leaving);
  }
}

type Built = {
  qp: LeastSquares;
  judged: Judged[];
  slack: { wet: number; mass: number; dose: number };
  wetBand: number;
};
