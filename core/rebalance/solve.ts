import { CLASSES, PROP_KEYS, type PropKey } from '../classes';
import { profileOf, type Line, type Part, type Profile } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import {
  judgesWetness,
  MASS_BAND,
  MASS_WEIGHT,
  overrunCost,
  toleranceWidth,
  WETNESS_WEIGHT,
  wetnessBand,
} from './bands';
import { groupsOf } from './clash';
import { columnKeys, isBrushed, programmeOf, type Built } from './programme';
import { minimiseJudged, type Sides } from './qp';
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

/** What brings nothing of any property. */
const NOTHING = Object.fromEntries(PROP_KEYS.map((key) => [key, null])) as Variable['row'];

/** What a step of a variable brings of each property that a programme looks at, by the place of the property. */
const columnOf = (v: Variable, keys: readonly PropKey[]): Float64Array =>
  Float64Array.from(keys, (key) => v.sign * v.step * (v.row[key]?.value ?? 0));

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
    // What the baker holds of a line is not evened out on it.
    const isHeld = (v: Variable): boolean => v.joins !== null && held[v.joins] !== undefined;
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
    this.#water = pours && !isHeld(pours) ? pours : null;
    this.#less = lessLiquid(part, this.#leaving, held, lookup);
    this.#keys = columnKeys(part);
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
    if (!plain || !binder || !this.isLow('bind', plain) || this.#holds(variables, binder)) return plain;
    if (!binder.joins && variables.some((v) => v.ingredient.id === binder.ingredient.id)) return plain;
    const helped = this.#solve([...variables, binder], choices, room);
    const worth = binder.joins ? MORE_IS_WORTH : LINE_IS_WORTH;
    return helped && this.#worth(helped) + worth < this.#worth(plain) ? helped : plain;
  }

  /** Whether the baker holds what a way brings of the same thing: it is not evened out beside. */
  #holds = (brought: readonly Variable[], v: Variable): boolean =>
    brought.some((b) => b.ingredient.id === v.ingredient.id && this.pins.lines?.[b.lineId] !== undefined);

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
      (v) =>
        !this.#holds(chosen, v) &&
        (v.joins !== null || chosen.every((c) => c.ingredient.id !== v.ingredient.id)),
    );
    return [...chosen, ...evening, ...(this.#water ? [this.#water] : [])];
  }

  /** The amounts that a way brings, in the dough or beside it. */
  brings(choice: Choice): Variable[] {
    return [...this.#bring(choice), ...this.besides([choice])];
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
    ).map(this.#withinHeld);
    this.#brought.set(key, made);
    return made;
  }

  /**
   * What joins a line that the baker holds is part of the amount held, and no more than that: it adds nothing to what the line
   * brings already.
   */
  #withinHeld = (v: Variable): Variable => {
    const heldG = v.joins === null ? undefined : this.pins.lines?.[v.joins];
    if (heldG === undefined) return v;
    const within = (g: number): number => Math.min(g, heldG);
    return { ...v, row: NOTHING, lo: within(v.lo), usual: within(v.usual), hi: within(v.hi) };
  };

  #column(v: Variable): Float64Array {
    const known = this.#columns.get(v);
    if (known) return known;
    const made = columnOf(v, this.#keys);
    this.#columns.set(v, made);
    return made;
  }

  #attempt(variables: Variable[], target: Profile, elastic: boolean): PartSolution | null {
    const { qp, judged, slack, wetBand } = this.#built(variables, target, elastic);
    const minimum = minimiseJudged(qp, judged, this.#sides);
    if (!minimum) return null;
    this.#sides = minimum.sides;
    const amounts = variables.map((v, j) => v.sign * Math.max(0, minimum.x[j]! * v.step));
    return { variables, amounts, widened: elastic ? widenings(minimum.x, variables, slack, wetBand) : [] };
  }

  /** The programme itself, for another solver to be held against: strict, or with every band and window to give. */
  programme(choices: readonly Choice[], elastic: boolean): Pick<Built, 'qp' | 'judged'> {
    return this.#built(this.#variables(choices), this.target, elastic);
  }

  #built(variables: readonly Variable[], target: Profile, elastic: boolean): Built {
    const columns = variables.map((v) => this.#column(v));
    return programmeOf({
      part: this.part,
      pins: this.pins,
      staying: this.#staying,
      target,
      variables,
      columns,
      elastic,
    });
  }

  #doseBase(): DoseBase {
    return { flourG: this.#staying.flourG, liquidG: this.target.props.freeWater.value };
  }

  /** Amounts brushed on or on the tin, which no balance touches. */
  besides(choices: readonly Choice[]): Variable[] {
    return variablesOf(this.part, choices, this.lookup, false, this.#doseBase(), this.#leaving);
  }
}
