import { CLASSES, type PropKey } from '../classes';
import { msg, type Msg } from '../explain';
import { massOf, profileOf, type Line, type Part, type Profile } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import {
  MASS_BAND,
  MASS_WEIGHT,
  overrunCost,
  toleranceWidth,
  WETNESS_BAND,
  WETNESS_WEIGHT,
  wetnessBand,
} from './bands';
import { groupsOf } from './clash';
import { LeastSquares, minimiseJudged, type Judged } from './qp';
import type { Pins } from './types';
import {
  leavenVariables,
  lessLiquid,
  variablesOf,
  waterVariable,
  type Choice,
  type DoseBase,
  type PartSolution,
  type Variable,
} from './variables';

/** What a liquid line that gives way, and what a widening costs beside closeness. */
export const LESS_LIQUID_COST = 1;
export const WIDENED_COST = 2;

/** Pull towards the source inside the tolerances: breaks ties, moves nothing that matters. */
const SOFT_PULL = 0.03;
const WETNESS_PULL = 0.2;
/** Cost of one percent outside a band, or one window outside a dose, when the bands cannot all be met. */
const ELASTIC_COST = 40;
/** A dose leaves its window last: what a kit is made of is known better than how wet a dough may be. */
const DOSE_ELASTIC = 3;
/** A change below this share of an amount is not spoken of. */
const LEAST_SAID = 2e-4;
/** Slack below this share is rounding, not a widening. */
const WIDENED = 1e-5;

type Linear = { constant: number; row: [number, number][] };

/** A property of the adapted part as a linear form in the variables. */
function linearForm(key: PropKey, variables: readonly Variable[], staying: Profile): Linear {
  const row = variables.flatMap((v, j): [number, number][] => {
    const x = v.row[key]?.value ?? 0;
    return x === 0 ? [] : [[j, v.sign * x]];
  });
  return { constant: staying.props[key].value, row };
}

const scaled = (row: readonly [number, number][], k: number): [number, number][] =>
  row.map(([i, v]) => [i, v * k]);

/** The programme of one part: what stays is summed once, each combination of kits is solved on top of it. */
export class PartProgramme {
  readonly #staying: Profile;
  readonly #leaving: ReadonlySet<string>;
  readonly #leavening: readonly Variable[];

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
    // With nothing going and nothing held the part is its own target: it comes back as it is, and does not drift.
    const target = choices.length === 0 && groupsOf(this.pins).length === 0 ? this.#staying : this.target;
    const solve = (all: Variable[], elastic: boolean) =>
      attempt(this.part, all, this.#staying, target, this.pins, elastic);
    const strict = solve(variables, false);
    if (strict || room <= LESS_LIQUID_COST) return strict;
    const less = lessLiquid(this.part, this.#leaving, this.pins.lines ?? {}, this.lookup);
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
    const at = (key: PropKey): number =>
      variables.reduce(
        (s, v, j) => s + (v.row[key]?.value ?? 0) * amounts[j]!,
        this.#staying.props[key].value,
      );
    const over = (now: number, goal: number, width: number, weight: number): number =>
      overrunCost(now, Math.max(0, goal - width), goal + width, weight);
    const { props, wetness } = this.target;
    let sum = over(at('mass'), props.mass.value, MASS_BAND * props.mass.value, MASS_WEIGHT);
    const demand = at('demand');
    if (wetness && demand > 0)
      sum += over(at('freeWater') / demand, wetness.value, wetnessBand(wetness.value), WETNESS_WEIGHT);
    for (const t of CLASSES[this.part.classId].tolerances)
      sum += over(at(t.key), props[t.key].value, toleranceWidth(t, this.target), t.weight);
    return sum;
  }

  #variables(choices: readonly Choice[]): Variable[] {
    const chosen = variablesOf(this.part, choices, this.lookup, true, this.#doseBase());
    // A kit that brings the same thing has its own window for it.
    const evening = this.#leavening.filter(
      (v) => v.joins !== null || chosen.every((c) => c.ingredient.id !== v.ingredient.id),
    );
    const variables = [...chosen, ...evening];
    const water = this.lookup({ kind: 'ref', id: 'water' });
    return water
      ? [
          ...variables,
          waterVariable(this.part, this.#leaving, this.target.props.mass.value, water, this.lookup),
        ]
      : variables;
  }

  /** The programme itself, for another solver to be held against: strict, or with every band and window to give. */
  programme(choices: readonly Choice[], elastic: boolean): Pick<Built, 'qp' | 'judged'> {
    return build(this.part, this.#variables(choices), this.#staying, this.target, this.pins, elastic);
  }

  #doseBase(): DoseBase {
    return { flourG: this.#staying.flourG, liquidG: this.target.props.freeWater.value };
  }

  /** Amounts brushed on or on the tin, which no balance touches. */
  besides(choices: readonly Choice[]): Variable[] {
    return variablesOf(this.part, choices, this.lookup, false, this.#doseBase());
  }
}

type Built = {
  qp: LeastSquares;
  judged: Judged[];
  slack: { wet: number; mass: number; dose: number };
  wetBand: number;
};

/** The programme of one combination; `elastic` with a widening for every band and window behind the amounts. */
function build(
  part: Part,
  variables: Variable[],
  staying: Profile,
  target: Profile,
  pins: Pins,
  elastic: boolean,
): Built {
  const judged = CLASSES[part.classId].tolerances
    .map((t) => ({ ...t, form: linearForm(t.key, variables, staying) }))
    .filter((t) => t.form.row.length > 0 && t.weight > 0);
  const wetBand = target.wetness?.value
    ? wetnessBand(target.wetness.value) / target.wetness.value
    : WETNESS_BAND;
  const n = variables.length;
  // Behind the amounts stand, when elastic, the widenings.
  const slack = { wet: n, mass: n + 1, dose: n + 2 };
  const size = elastic ? 2 * n + 2 : n;
  const qp = new LeastSquares(size);
  // Amounts are counted in steps, so that grams of gum and grams of flour weigh alike.
  const steps = variables.map((v) => v.step);
  const inSteps = (row: readonly [number, number][]): [number, number][] =>
    row.map(([j, a]) => [j, a * steps[j]!]);

  variables.forEach((v, j) => {
    qp.square([[j, 1]], v.usual / v.step, v.weight);
    if (v.cost > 0) qp.linear(j, v.cost);
    const pinned = pins.lines?.[v.lineId];
    if (pinned !== undefined) {
      qp.equal([[j, 1]], pinned / v.step);
      return;
    }
    const give: [number, number][] = elastic ? [[slack.dose + j, 1]] : [];
    qp.atLeast([[j, 1], ...give], v.lo / v.step);
    qp.atMost([[j, 1], ...scaled(give, -1)], v.hi / v.step);
    if (elastic) qp.atLeast([[j, 1]], 0);
  });

  const kept = judged.map(({ form, ...tolerance }): Judged => {
    const { key, weight } = tolerance;
    const goal = target.props[key].value;
    const width = toleranceWidth(tolerance, target) || 1;
    const row = scaled(inSteps(form.row), 1 / width);
    const t = (goal - form.constant) / width;
    qp.square(row, t, SOFT_PULL * weight);
    return { row, target: t, weight };
  });

  if (target.wetness && target.props.demand.value > 0) {
    const w0 = target.wetness.value;
    const free = linearForm('freeWater', variables, staying);
    const demand = linearForm('demand', variables, staying);
    // One unit is one band: free − w·demand over band × the source's demand.
    const band = wetnessBand(w0);
    const unit = band * target.props.demand.value;
    const at = (w: number): Linear => ({
      constant: (free.constant - w * demand.constant) / unit,
      row: scaled(inSteps([...free.row, ...scaled(demand.row, -w)]), 1 / unit),
    });
    const middle = at(w0);
    qp.square(middle.row, -middle.constant, WETNESS_PULL);
    if (pins.lockWetness) qp.equal(middle.row, -middle.constant);
    else {
      const [low, high] = [at(Math.max(0, w0 - band)), at(w0 + band)];
      const give: [number, number][] = elastic ? [[slack.wet, 1]] : [];
      qp.atLeast([...low.row, ...give], -low.constant);
      qp.atMost([...high.row, ...scaled(give, -1)], -high.constant);
    }
  }

  for (const [key, value] of Object.entries(pins.props?.[part.id] ?? {})) {
    const form = linearForm(key as PropKey, variables, staying);
    const unit = Math.abs(value) || 1;
    if (form.row.length > 0) qp.equal(scaled(inSteps(form.row), 1 / unit), (value - form.constant) / unit);
  }

  const mass = linearForm('mass', variables, staying);
  const unit = MASS_BAND * target.props.mass.value || 1;
  const massRow = scaled(inSteps(mass.row), 1 / unit);
  const t = (target.props.mass.value - mass.constant) / unit;
  if (pins.lockMass) qp.equal(massRow, t);
  else if (!pins.freeMass) {
    const give: [number, number][] = elastic ? [[slack.mass, 1]] : [];
    qp.atLeast([...massRow, ...give], t - 1);
    qp.atMost([...massRow, ...scaled(give, -1)], t + 1);
  }

  if (elastic) {
    for (let i = n; i < size; i++) {
      qp.square([[i, 1]], 0, 1);
      qp.linear(i, i < slack.dose ? ELASTIC_COST : DOSE_ELASTIC * ELASTIC_COST);
      qp.atLeast([[i, 1]], 0);
    }
  }

  return { qp, judged: kept, slack, wetBand };
}

function attempt(
  part: Part,
  variables: Variable[],
  staying: Profile,
  target: Profile,
  pins: Pins,
  elastic: boolean,
): PartSolution | null {
  const { qp, judged, slack, wetBand } = build(part, variables, staying, target, pins, elastic);
  const minimum = minimiseJudged(qp, judged);
  if (!minimum) return null;
  const amounts = variables.map((v, j) => v.sign * Math.max(0, minimum.x[j]! * v.step));
  return { variables, amounts, widened: elastic ? widenings(minimum.x, variables, slack, wetBand) : [] };
}

/** Says that a liquid line gives way, which without a conflict it should not. */
function heldBack(solved: PartSolution, less: Variable, part: Part): Msg[] {
  const takenG = -(solved.amounts[solved.variables.indexOf(less)] ?? 0);
  const fromG = massOf(part.lines.find((l) => l.id === less.joins)!);
  return takenG > LEAST_SAID * fromG
    ? [msg('widened.line', { id: less.ingredient.id, fromG, toG: fromG - takenG })]
    : [];
}

function widenings(
  x: readonly number[],
  variables: readonly Variable[],
  slack: { wet: number; mass: number; dose: number },
  wetBand: number,
): Msg[] {
  const out: Msg[] = [];
  const percent = (units: number, band: number) => Math.round(1000 * band * (1 + units)) / 10;
  if (x[slack.wet]! > WIDENED)
    out.push(
      msg('widened.wetness', {
        percent: percent(x[slack.wet]!, wetBand),
        band: Math.round(1000 * wetBand) / 10,
      }),
    );
  if (x[slack.mass]! > WIDENED)
    out.push(msg('widened.mass', { percent: percent(x[slack.mass]!, MASS_BAND), band: 100 * MASS_BAND }));
  variables.forEach((v, j) => {
    const grams = x[slack.dose + j]! * v.step;
    if (x[slack.dose + j]! > WIDENED && grams > LEAST_SAID * v.hi) {
      out.push(
        msg('widened.dose', {
          id: v.ingredient.id,
          fromG: v.lo,
          toG: v.hi,
          atG: Math.max(0, x[j]! * v.step),
        }),
      );
    }
  });
  return out;
}
