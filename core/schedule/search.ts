import {
  fixedSpan,
  MOST_CLASHES,
  orders,
  type Choice,
  type Look,
  type NewArc,
  type Relation,
} from './choices';
import { assignHands, handChoices } from './hands';
import { Network } from './network';
import { assignOvens, ovenChoices } from './ovens';
import { overfull, type Counted } from './overfull';
import { oddOf, valueOf, type Plan, type Problem, type Stay } from './problem';

export type SearchMore = {
  /** Only these bakes are looked at; the rest lies anywhere. */
  active?: ReadonlySet<number> | null;
  arcs?: readonly NewArc[];
  /** Modes that are left of each stay. */
  modes?: readonly (readonly number[])[];
  /** Touches that may lie in odd hours. */
  pays?: readonly number[];
  /** A plan better than this is looked for. */
  below?: number;
  /** Nodes at most; `until` is asked now and then whether time is up. */
  nodes?: number;
  until?: () => boolean;
  /** Clashes that are tried out at a node before one is branched on. */
  strong?: number;
  /** Ends when nothing can be better by more than this share. */
  gap?: number;
};

/** Costs are scaled to whole numbers; each event prefers to be late by a little of its own, so that times are unique. */
const SCALE = 1e8;
const GRAIN = 0.1;
const NODES_A_STEP = 32;

/**
 * Branch and bound over what cannot stand together: the times of the relaxed plan come from the network; the first clashes of
 * counted things, ovens, hands and odd hours are branched on, the one whose least child costs most; depth first, the cheapest
 * child first. A search that ends by itself has proved its answer.
 */
export class Search {
  best: Plan | null = null;
  below: number;
  /** It ended by itself: nothing better than `below` is left. */
  done = false;
  /** Nothing better than this can be, as far as it was looked at. */
  bound = -Infinity;
  nodes = 0;
  readonly #p: Problem;
  readonly #more: SearchMore;
  readonly #net: Network;
  readonly #counted: Counted[] = [];
  readonly #modes: (readonly number[])[];
  readonly #relations = new Map<number, Relation>();
  readonly #pays: Set<number>;
  readonly #stayOn: boolean[];
  readonly #touchOn: boolean[];
  readonly #constant: number;
  readonly #look: Look;
  readonly #open: (number | null)[] = [];

  constructor(problem: Problem, more: SearchMore = {}) {
    this.#p = problem;
    this.#more = more;
    const cost = new Float64Array(problem.events);
    let constant = 0;
    for (const { weight, from, to, least } of problem.costs) {
      const w = Math.round(weight * SCALE);
      cost[to]! += w;
      cost[from]! -= w;
      constant -= weight * least;
    }
    for (let v = 1; v < problem.events; v++) cost[v]! -= 1 + ((Math.imul(v, 2654435761) >>> 0) % 5);
    cost[0] = 0;
    this.#constant = constant;
    this.#net = new Network(cost, problem.horizon);
    for (const a of problem.arcs) this.#net.add(a.from, a.to, a.lag);
    for (const a of more.arcs ?? []) this.#net.add(...a);
    const active = more.active ?? null;
    const on = (event: number): boolean => active === null || active.has(problem.bakeOf[event]!);
    this.#stayOn = problem.stays.map((s) => on(s.start));
    this.#touchOn = problem.touches.map((t) => on(t.from));
    for (const [thing, most] of Object.entries(problem.counts)) {
      const held = problem.uses.filter((u) => u.thing === thing && on(u.from));
      if (held.reduce((s, u) => s + u.need, 0) > most) this.#counted.push({ most, held });
    }
    // People are one pool until nothing else clashes; who does what is worked out then.
    const away = problem.workers.flatMap((w) => w.away.map((a) => fixedSpan(a)));
    const hands = problem.touches.filter((_, i) => this.#touchOn[i]).map((t) => ({ ...t, need: t.share }));
    this.#counted.push({ most: 100 * problem.workers.length, held: [...hands, ...away] });
    this.#modes = problem.stays.map((s, i) => more.modes?.[i] ?? s.modes.map((_, k) => k));
    this.#modes.forEach((left, i) => this.#fitLength(problem.stays[i]!, left));
    this.#pays = new Set(more.pays);
    this.#look = {
      p: problem,
      at: this.#at,
      modes: this.#modes,
      relations: this.#relations,
      stayOn: this.#stayOn,
      touchOn: this.#touchOn,
    };
    this.below = more.below ?? Infinity;
  }

  run(): this {
    for (const steps = this.steps(); !steps.next().done;);
    return this;
  }
  /** The search in pieces, so that whoever runs it can do something else between. */
  *steps(): Generator<void, this> {
    if (this.#relax()) {
      try {
        yield* this.#node(0);
        this.done = true;
      } catch (stop) {
        if (stop !== STOP) throw stop;
      }
    } else this.done = true;
    const open = this.#open.filter((b) => b !== null && b !== undefined);
    this.bound = this.done ? this.below : Math.min(this.below, ...open);
    return this;
  }

  #fitLength({ start, end, modes }: Stay, left: readonly number[]): void {
    const lengths = left.map((k) => modes[k]!.minutes);
    this.#net.add(start, end, Math.min(...lengths));
    this.#net.add(end, start, -Math.max(...lengths));
  }
  /** What is paid whatever the times are: the cheapest heats left, and odd hours said to be paid. */
  #settled(): number {
    let sum = this.#constant;
    this.#p.stays.forEach((s, i) => (sum += Math.min(...this.#modes[i]!.map((k) => s.modes[k]!.cost))));
    for (const i of this.#pays) sum += oddOf(this.#p, this.#p.touches[i]!);
    return sum;
  }
  #cut(): number {
    return this.below === Infinity
      ? Infinity
      : Math.min(this.below - GRAIN / 2, this.below * (1 - (this.#more.gap ?? 0)));
  }
  #lower = (): number => this.#net.value / SCALE + this.#settled();
  #relax = (): boolean => this.#net.solve((this.#cut() - this.#settled()) * SCALE);
  #at = (event: number): number => this.#net.time[event]!;

  /** Work in odd hours: before them, after them, or paid for. */
  #oddChoices(): Choice[][] {
    const found: Choice[][] = [];
    this.#p.touches.forEach((t, i) => {
      if (this.#pays.has(i) || !this.#touchOn[i]) return;
      const [from, to] = [this.#at(t.from) + t.after, this.#at(t.to) + t.upTo];
      const met = this.#p.odd.find(([a, b]) => from < b && a < to);
      if (met)
        found.push([
          { arcs: [[t.to, 0, t.upTo - met[0]]] },
          { arcs: [[0, t.from, met[1] - t.after]] },
          { pays: i },
        ]);
    });
    return found;
  }

  /** Takes a choice; what it gives takes it back, all but the arcs, which the network's own state does. Null where it leaves no mode. */
  #take(choice: Choice): (() => void) | null {
    const undo: (() => void)[] = [];
    const back = () => undo.reverse().forEach((f) => f());
    for (const a of choice.arcs ?? []) this.#net.add(...a);
    for (const [i, keep] of choice.modes ?? []) {
      const was = this.#modes[i]!;
      const left = was.filter((k) => keep.includes(k));
      if (left.length === 0) {
        back();
        return null;
      }
      this.#modes[i] = left;
      undo.push(() => (this.#modes[i] = was));
      this.#fitLength(this.#p.stays[i]!, left);
    }
    if (choice.relation) {
      const [pair, how] = choice.relation;
      this.#relations.set(pair, how);
      undo.push(() => this.#relations.delete(pair));
    }
    if (choice.pays !== undefined) {
      const paid = choice.pays;
      this.#pays.add(paid);
      undo.push(() => this.#pays.delete(paid));
    }
    return back;
  }

  #record(who: number[], mode: number[]): void {
    const plan = { time: Array.from(this.#net.time), who, mode };
    const value = valueOf(this.#p, plan);
    if (value >= this.below - 1e-9) return;
    this.below = value;
    this.best = plan;
  }

  /** The clashes of the times as they stand, each as the choices that settle it; a plan is taken down where there are none. */
  #clashes(): Choice[][] | null {
    const clashes = overfull(this.#counted, this.#at).map(orders);
    if (clashes.length < MOST_CLASHES) {
      const ovens = assignOvens(this.#look);
      if (!ovens.modes) clashes.push(...ovenChoices(this.#look, ovens));
      else if (clashes.length === 0) {
        const hands = assignHands(this.#look);
        if ('clash' in hands) return [handChoices(this.#look, hands.clash)];
        this.#record(hands.who, ovens.modes);
        const odd = this.#oddChoices();
        if (odd.length > 0) return odd;
        return ovens.cost > ovens.least + 1e-9 ? ovenChoices(this.#look, ovens) : null;
      }
    }
    return clashes;
  }
  *#node(depth: number): Generator<void> {
    if (++this.nodes % NODES_A_STEP === 0) yield;
    if (this.nodes > (this.#more.nodes ?? Infinity) || ((this.nodes & 3) === 0 && this.#more.until?.())) {
      this.#open[depth] = this.#lower();
      throw STOP;
    }
    if (this.#lower() >= this.#cut()) return;
    const clashes = this.#clashes();
    if (!clashes || this.#lower() >= this.#cut()) return;
    const here = this.#net.save();
    const pick = this.#strongest(clashes, here);
    for (const [k, { choice, bound }] of pick.entries()) {
      if (bound >= this.#cut()) continue;
      this.#open[depth] = Math.min(...pick.slice(k).map((x) => x.bound));
      const back = this.#take(choice);
      if (back && this.#relax()) yield* this.#node(depth + 1);
      back?.();
      this.#net.load(here);
    }
    this.#open[depth] = null;
  }

  /** The clash whose cheapest way out costs most; its ways out, the cheapest first. None where one clash has no way out. */
  #strongest(clashes: Choice[][], here: ReturnType<Network['save']>): Tried[] {
    const bound = this.#lower();
    let [pick, most] = [[] as Tried[], -Infinity];
    const few = [...clashes].sort((a, b) => a.length - b.length).slice(0, this.#more.strong ?? 6);
    for (const choices of few) {
      const tried: Tried[] = [];
      for (const choice of choices) {
        const back = this.#take(choice);
        const cost = back && this.#relax() ? this.#lower() : Infinity;
        if (cost < this.#cut()) tried.push({ choice, bound: cost });
        back?.();
        this.#net.load(here);
      }
      if (tried.length === 0) return [];
      const costs = tried.map((t) => t.bound - bound);
      const score =
        1000 * Math.min(...costs) + costs.reduce((s, c) => s + c, 0) / tried.length - tried.length;
      if (score > most) [pick, most] = [tried, score];
      if (tried.length === 1) break;
    }
    return pick.sort((a, b) => a.bound - b.bound);
  }
}

type Tried = { choice: Choice; bound: number };
const STOP = new Error('stopped');
