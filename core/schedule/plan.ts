import { Greedy } from './greedy';
import { keepOrders } from './orders';
import { valueOf, type Plan, type Problem } from './problem';
import { Search, type SearchMore } from './search';

/** How sure a plan is to be the best: it is; it is within this share of the best; nothing better was found. */
export type Proof = { kind: 'proved' } | { kind: 'within'; share: number } | { kind: 'best' };
export type Planned = {
  plan: Plan | null;
  value: number;
  proof: Proof;
  /** There is no plan, and that is proved. */
  impossible: boolean;
};
export type PlanMore = {
  /** A clock in ms and when to stop; what is found by then is given. Without one only the numbers of tries bound it. */
  now?: () => number;
  ms?: number;
  seed?: number;
  /** Tries of improvement at most, and nodes of a proof. */
  tries?: number;
  nodes?: number;
};

const COLD_NODES = 400;
const PROOF_NODES = 60_000;
/** So close to the best a proof ends first: what is left is nothing a baker would see. */
export const CLOSE = 0.02;
const COOLING = 0.004;
const STARTS = 4;

/** Small differences of a seed become any number of draws between 0 and 1 (Mulberry32, public domain). */
function draws(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (s + 0x6d2b79f5) | 0;
    let t = Math.imul(s ^ (s >>> 15), 1 | s);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A plan that is made and made better; each state that is worth showing is said as it comes. */
class Planner {
  best: Plan | null = null;
  value = Infinity;
  readonly #p: Problem;
  readonly #draw: () => number;
  readonly #until: () => boolean;
  readonly #all: Set<number>;
  readonly #greedy: Greedy;
  #now: Plan | null = null;
  #nowValue = Infinity;
  #size = 2;
  #nodes = 120;
  #since = 0;

  constructor(p: Problem, seed: number, until: () => boolean) {
    this.#p = p;
    this.#draw = draws(seed);
    this.#until = until;
    this.#all = new Set(Array.from({ length: p.bakes }, (_, i) => i));
    this.#greedy = new Greedy(p);
  }
  get possible(): boolean {
    return this.#greedy.possible;
  }
  search = (more: SearchMore): Search => new Search(this.#p, { until: this.#until, ...more }).run();

  take(plan: Plan, value: number): boolean {
    if (value >= this.value - 1e-6) return false;
    [this.best, this.value] = [plan, value];
    this.#since = 0;
    return true;
  }
  /** Begins anew from a plan, which need not be the best. */
  from(plan: Plan): void {
    [this.#now, this.#nowValue] = [plan, valueOf(this.#p, plan)];
    [this.#size, this.#nodes, this.#since] = [2, 120, 0];
    this.take(plan, this.#nowValue);
  }
  #shuffled(): number[] {
    return [...this.#all]
      .map((b) => [this.#draw(), b] as const)
      .sort((a, b) => a[0] - b[0])
      .map((x) => x[1]);
  }
  /** All orders of a plan kept, the times as good as they can be with them. */
  #compact(plan: Plan): Plan {
    const value = valueOf(this.#p, plan);
    const found = this.search({
      ...keepOrders(this.#p, plan, this.#all),
      nodes: 15,
      below: value + 1e-6,
      strong: 3,
    });
    return found.best ?? plan;
  }

  /** A first plan: bake after bake, those wanted latest first; one that finds no place goes first the next time. */
  construct(start: number): Plan | null {
    const ready = this.#p.readyAt;
    let order = [...this.#all].sort((a, b) => ready[b]! - ready[a]! || a - b);
    if (start === 1) order.reverse();
    if (start > 1) order = this.#shuffled();
    for (let tries = 0; tries < 40 && !this.#until(); tries++) {
      this.#greedy.reset();
      const stuck = order.find((b) => !this.#greedy.insert(b));
      if (stuck === undefined) return this.#compact(this.#greedy.snapshot());
      const inserted = this.#insert(order);
      if (typeof inserted !== 'number') return inserted;
      order = [inserted, ...order.filter((b) => b !== inserted)];
      if (tries > 3) {
        const [i, j] = [this.#pick(order.length), this.#pick(order.length)];
        [order[i], order[j]] = [order[j]!, order[i]!];
      }
    }
    return null;
  }
  #pick = (n: number): number => Math.floor(this.#draw() * n);
  /** Bake after bake with the orders of the others kept; where one finds no place its neighbours move too. */
  #insert(order: readonly number[]): Plan | number {
    const ready = this.#p.readyAt;
    const active = new Set<number>();
    let plan: Plan | null = null;
    for (const bake of order) {
      active.add(bake);
      const near = [...active]
        .filter((b) => b !== bake)
        .sort((a, b) => Math.abs(ready[a]! - ready[bake]!) - Math.abs(ready[b]! - ready[bake]!) || a - b);
      let found: Plan | null = null as Plan | null;
      for (let more = 0; more < 4 && more <= near.length && !found && !this.#until(); more++) {
        const free = new Set([bake, ...near.slice(0, more)]);
        const kept: SearchMore = plan
          ? keepOrders(this.#p, plan, new Set([...active].filter((b) => !free.has(b))))
          : {};
        found = this.search({ ...kept, active, nodes: more === 0 ? 60 : 150, strong: 4 }).best;
      }
      if (!found) return bake;
      plan = found;
    }
    return plan!;
  }

  /** One try to make it better; true where it did. */
  improve(turn: number): boolean {
    if (this.#since > 0 && this.#since % 40 === 0) [this.#now, this.#nowValue] = [this.best, this.value];
    this.#since++;
    return turn % 2 === 1 ? this.#regrow() : this.#loosen();
  }
  /** How long it was of no use. */
  get since(): number {
    return this.#since;
  }
  /** Takes a few bakes out and puts them back greedily. */
  #regrow(): boolean {
    const out = this.#shuffled().slice(0, 1 + this.#pick(Math.min(4, this.#all.size)));
    const keep = new Set([...this.#all].filter((b) => !out.includes(b)));
    if (!this.#greedy.begin(this.#now!, keep) || !out.every((b) => this.#greedy.insert(b))) return false;
    const plan = this.#greedy.snapshot();
    if (valueOf(this.#p, plan) >= this.#nowValue * 1.03) return false;
    const tight = this.#compact(plan);
    const value = valueOf(this.#p, tight);
    if (value < this.#nowValue - Math.log(this.#draw() + 1e-12) * this.#nowValue * COOLING)
      [this.#now, this.#nowValue] = [tight, value];
    return this.take(tight, value);
  }
  /** Lets a few bakes go, near one another in the oven or any, and looks for their best place with the rest in its order. */
  #loosen(): boolean {
    const size = Math.min(this.#all.size, Math.max(1, Math.round(this.#size + this.#draw() * 1.5 - 0.5)));
    const seed = this.#pick(this.#all.size);
    const free = new Set([seed]);
    const order = this.#draw() < 0.5 ? this.#byOven(seed) : this.#shuffled();
    for (const b of order) if (free.size < size) free.add(b);
    const kept = keepOrders(this.#p, this.#now!, new Set([...this.#all].filter((b) => !free.has(b))));
    const found = this.search({ ...kept, nodes: Math.round(this.#nodes), below: this.#nowValue, strong: 4 });
    if (found.done) this.#size = Math.min(this.#all.size, this.#size + 0.15);
    else {
      this.#size = Math.max(1.5, this.#size - 0.2);
      this.#nodes = Math.min(600, this.#nodes * 1.03);
    }
    if (!found.best) return false;
    [this.#now, this.#nowValue] = [found.best, found.below];
    return this.take(found.best, found.below);
  }
  #byOven(seed: number): number[] {
    const middle = (bake: number): number => {
      const times = this.#p.stays.filter((s) => s.bake === bake).map((s) => this.#now!.time[s.start]!);
      return times.reduce((s, t) => s + t, 0) / Math.max(1, times.length);
    };
    const at = middle(seed);
    return [...this.#all].sort((a, b) => Math.abs(middle(a) - at) - Math.abs(middle(b) - at) || a - b);
  }
}

/**
 * Plans a day, better and better: what was found is given as it comes, at the end with how sure it is. A small day is searched
 * through at once. A larger one is begun from several orders, for one start alone may lie on the wrong side of a night; the
 * best is made better and then held against a proof. The same problem, seed and tries give the same plan; a clock only ends it.
 */
export function* planSteps(
  p: Problem,
  { now, ms = Infinity, seed = 1, tries = 400, nodes = PROOF_NODES }: PlanMore = {},
): Generator<Planned, Planned> {
  const ends = now ? now() + ms : Infinity;
  const until = (): boolean => now !== undefined && now() >= ends;
  const none = (impossible: boolean): Planned => ({
    plan: null,
    value: Infinity,
    proof: { kind: 'best' },
    impossible,
  });
  // What goes into no oven is planned by nobody.
  if (p.stays.some((s) => s.modes.length === 0)) return none(true);
  const planner = new Planner(p, seed, until);
  const said = (proof: Proof): Planned => ({
    plan: planner.best,
    value: planner.value,
    proof,
    impossible: false,
  });
  function* searched(search: Search): Generator<Planned, Search> {
    for (const steps = search.steps(); !steps.next().done;) yield said({ kind: 'best' });
    return search;
  }
  if (!planner.possible) return none(true);

  const cold = yield* searched(new Search(p, { nodes: COLD_NODES, until }));
  if (cold.best) planner.from(cold.best);
  if (cold.done) return cold.best ? said({ kind: 'proved' }) : none(true);
  if (cold.best) yield said({ kind: 'best' });
  let bound = cold.bound;

  // Where no start finds a plan its failure is not a proof; a long search may still give one.
  const share = tries / STARTS;
  for (let start = 0; start < STARTS && !until(); start++) {
    const first = planner.construct(start);
    if (!first) continue;
    const before = planner.value;
    planner.from(first);
    if (planner.value < before) yield said({ kind: 'best' });
    for (let turn = 0; turn < share && planner.since < share / 2 && !until(); turn++)
      if (planner.improve(turn)) yield said({ kind: 'best' });
  }
  if (planner.best) {
    planner.from(planner.best);
    for (let turn = 0; turn < share && planner.since < share / 2 && !until(); turn++)
      if (planner.improve(turn)) yield said({ kind: 'best' });
  }
  for (const gap of [CLOSE, 0]) {
    if (until()) break;
    const proof = yield* searched(new Search(p, { nodes, below: planner.value, gap, until }));
    if (proof.best) planner.take(proof.best, proof.below);
    bound = Math.max(bound, proof.done ? planner.value * (1 - gap) : proof.bound);
    if (!proof.done) break;
    if (!planner.best) return none(true);
    if (gap === 0) return said({ kind: 'proved' });
    yield said({ kind: 'within', share: CLOSE });
  }
  if (!planner.best) return none(false);
  const within = Math.max(0, 1 - bound / planner.value);
  return said(within <= 0.25 ? { kind: 'within', share: within } : { kind: 'best' });
}
