import { Network } from './network';
import {
  betweenMin,
  meets,
  oddOf,
  setupMin,
  valueOf,
  type Plan,
  type Problem,
  type Span,
  type Stay,
  type Touch,
} from './problem';

/** A stretch that is held; `fixed` ones (somebody is away) cannot move. */
type Held = Span & { need: number; fixed?: boolean };
type Counted = { most: number; held: Held[] };
type NewArc = [from: number, to: number, lag: number];
/** One way to settle a clash: arcs more, modes fewer, how two stays lie to one another, odd hours paid for. */
type Choice = {
  arcs?: NewArc[];
  modes?: [stay: number, keep: readonly number[]][];
  relation?: [pair: number, how: Relation];
  pays?: number;
};
/** Two stays: at one heat in one oven; in different ovens; one after the other. */
type Relation = 'same' | 'apart' | 'row';

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
  best?: Plan | null;
  /** Nodes at most; `until` is asked now and then whether time is up. */
  nodes?: number;
  until?: () => boolean;
  /** Clashes that are tried out at a node before one is branched on. */
  strong?: number;
  /** Ends when nothing can be better by more than this share. */
  gap?: number;
  firstOnly?: boolean;
};

/** Costs are scaled to whole numbers; each event prefers to be late by a little of its own, so that times are unique. */
const SCALE = 1e8;
const GRAIN = 0.1;
const MOST_CLASHES = 4;
const MOST_STEPS = 4000;
const NODES_A_STEP = 32;

/**
 * Branch and bound over what cannot stand together: the times of the relaxed plan come from the network; the first clashes of
 * counted things, ovens, hands and odd hours are branched on, the one whose least child costs most; depth first, the cheapest
 * child first. A search that ends by itself has proved its answer.
 */
export class Search {
  best: Plan | null;
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
    this.below = more.below ?? Infinity;
    this.best = more.best ?? null;
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

  /** Sets of stretches that hold more of a thing than there is, each as small as can be. */
  #overfull(): Held[][] {
    const found: Held[][] = [];
    for (const { most, held } of this.#counted) {
      const timed = held
        .map((u) => ({ u, from: this.#at(u.from) + u.after, to: this.#at(u.to) + u.upTo }))
        .filter((x) => x.to > x.from)
        .sort((a, b) => a.from - b.from || a.to - b.to);
      let here: typeof timed = [];
      let load = 0;
      let ofThis = 0;
      for (const x of timed) {
        here = here.filter((y) => y.to > x.from || ((load -= y.u.need), false));
        here.push(x);
        load += x.u.need;
        if (load <= most) continue;
        const set: Held[] = [];
        let sum = 0;
        for (const y of [...here].sort((a, b) => b.u.need - a.u.need || a.to - b.to)) {
          set.push(y.u);
          sum += y.u.need;
          if (sum > most) break;
        }
        for (let k = set.length - 1; k >= 0; k--)
          if (sum - set[k]!.need > most) {
            sum -= set[k]!.need;
            set.splice(k, 1);
          }
        if (set.every((u) => u.fixed)) continue;
        found.push(set);
        if (++ofThis >= MOST_CLASHES) break;
      }
    }
    return found;
  }

  /** Who does what: each touch by somebody who is there and has the share left, first come first. */
  #assignHands(): { who: number[] } | { clash: (Touch & { fixed?: boolean })[] } {
    const { touches, workers } = this.#p;
    const timed = touches
      .map((t, i) => ({ t, i, from: this.#at(t.from) + t.after, to: this.#at(t.to) + t.upTo }))
      .filter((x) => this.#touchOn[x.i])
      .sort((a, b) => a.from - b.from || b.t.share - a.t.share || a.i - b.i);
    const who = new Array<number>(touches.length).fill(-1);
    let [steps, far] = [0, -1];
    const fits = (k: number, w: number): boolean => {
      const x = timed[k]!;
      if (meets(workers[w]!.away, x.from, x.to)) return false;
      let share = x.t.share;
      for (let j = 0; j < k; j++)
        if (who[timed[j]!.i] === w && timed[j]!.to > x.from) share += timed[j]!.t.share;
      return share <= 100;
    };
    const put = (k: number): boolean => {
      if (k === timed.length) return true;
      if (++steps > MOST_STEPS) return false;
      far = Math.max(far, k);
      for (let w = 0; w < workers.length; w++)
        if (fits(k, w)) {
          who[timed[k]!.i] = w;
          if (put(k + 1)) return true;
          who[timed[k]!.i] = -1;
        }
      return false;
    };
    if (put(0)) return { who };
    const fails = timed[far]!;
    const together = timed.filter((x) => x.from < fails.to && fails.from < x.to).map((x) => x.t);
    const away = workers
      .flatMap((w) => w.away)
      .filter(([a, b]) => timed.some((x) => together.includes(x.t) && x.from < b && a < x.to))
      .map((a) => ({ ...fixedSpan(a), share: 100, task: -1 }));
    return { clash: [...together, ...away] };
  }

  /** The cheapest modes that stand together at these times; else the stay that found no place. */
  #assignOvens(): {
    timed: Timed[];
    modes: number[] | null;
    cost: number;
    least: number;
    fails: Timed | null;
  } {
    const { stays, ovens } = this.#p;
    const timed: Timed[] = stays
      .map((stay, i) => ({ i, stay, from: this.#at(stay.held), to: this.#at(stay.end) }))
      .filter((x) => this.#stayOn[x.i])
      .sort((a, b) => a.from - b.from || a.i - b.i);
    const n = timed.length;
    const modes = stays.map((_, i) => (this.#stayOn[i] ? -1 : this.#modes[i]![0]!));
    const rest = new Array<number>(n + 1).fill(0);
    for (let k = n - 1; k >= 0; k--)
      rest[k] =
        rest[k + 1]! + Math.min(...this.#modes[timed[k]!.i]!.map((m) => timed[k]!.stay.modes[m]!.cost));
    let found: number[] | null = null;
    let [cost, steps, far] = [Infinity, 0, -1];
    const fits = (k: number, m: number): boolean => {
      const [x, mode] = [timed[k]!, timed[k]!.stay.modes[m]!];
      if (mode.minutes !== this.#at(x.stay.end) - this.#at(x.stay.start)) return false;
      let racks = mode.racks;
      for (let j = 0; j < k; j++) {
        const y = timed[j]!;
        const other = y.stay.modes[modes[y.i]!]!;
        const how = this.#relations.get(pairOf(x.i, y.i));
        const same = other.oven === mode.oven;
        if (how === 'same' && !(same && other.heatC === mode.heatC)) return false;
        if (how === 'apart' && same) return false;
        if (!same) continue;
        if (y.to > x.from && other.heatC === mode.heatC && !x.stay.alone && !y.stay.alone)
          racks += other.racks;
        else if (y.to + betweenMin({ stay: y.stay, mode: other }, { mode }) > x.from) return false;
      }
      return racks <= ovens[mode.oven]!.racks;
    };
    const put = (k: number, sum: number): void => {
      if (sum + rest[k]! >= cost) return;
      if (k === n) {
        [cost, found] = [sum, [...modes]];
        return;
      }
      if (++steps > MOST_STEPS) return;
      far = Math.max(far, k);
      const { i, stay } = timed[k]!;
      const left = [...this.#modes[i]!].sort((a, b) => stay.modes[a]!.cost - stay.modes[b]!.cost || a - b);
      for (const m of left)
        if (fits(k, m)) {
          modes[i] = m;
          put(k + 1, sum + stay.modes[m]!.cost);
          modes[i] = -1;
          if (steps > MOST_STEPS) return;
        }
    };
    put(0, 0);
    return { timed, modes: found, cost, least: rest[0]!, fails: far < 0 ? null : timed[far]! };
  }

  /** What can be done about ovens that do not suffice: pairs that meet, then modes, then gaps and racks. */
  #ovenChoices({ timed, fails }: { timed: Timed[]; fails: Timed | null }): Choice[][] {
    const near = nearTo(timed, fails ?? timed.at(-1)!);
    const found: Choice[][] = [];
    for (const [a, x] of near.entries())
      for (const y of near.slice(a + 1)) {
        if (this.#relations.has(pairOf(x.i, y.i)) || !(x.from < y.to && y.from < x.to)) continue;
        const choices = this.#pairChoices(x, y);
        if (choices) found.push(choices);
        if (found.length >= MOST_CLASHES) return found;
      }
    if (found.length > 0) return found;
    const several = (x: Timed) => this.#modes[x.i]!.length > 1;
    const pick = [...near.filter(several), ...timed.filter(several)].sort(
      (x, y) => this.#modes[x.i]!.length - this.#modes[y.i]!.length,
    )[0];
    if (pick) return [this.#modes[pick.i]!.map((k) => ({ modes: [[pick.i, [k]]] }))];
    return [this.#fixedOvens(timed)];
  }
  #mode = (x: Timed) => x.stay.modes[this.#modes[x.i]![0]!]!;

  #pairChoices(x: Timed, y: Timed): Choice[] | null {
    const left = (z: Timed) => this.#modes[z.i]!.map((k) => ({ k, mode: z.stay.modes[k]! }));
    const [xs, ys] = [left(x), left(y)];
    // A row set before the modes are known must take the least gap; what it is then is looked at again.
    let [xy, yx] = [Infinity, Infinity];
    for (const a of xs)
      for (const b of ys)
        if (a.mode.oven === b.mode.oven) {
          xy = Math.min(xy, betweenMin({ stay: x.stay, mode: a.mode }, b));
          yx = Math.min(yx, betweenMin({ stay: y.stay, mode: b.mode }, a));
        }
    if (xy === Infinity) return null;
    const pair = pairOf(x.i, y.i);
    const choices: Choice[] = [];
    const alike = (a: Timed['stay']['modes'][number], b: typeof a) =>
      a.oven === b.oven && a.heatC === b.heatC;
    if (!x.stay.alone && !y.stay.alone) {
      const keep = (some: typeof xs, others: typeof ys) =>
        some.filter((s) =>
          others.some(
            (o) => alike(s.mode, o.mode) && s.mode.racks + o.mode.racks <= this.#p.ovens[s.mode.oven]!.racks,
          ),
        );
      const [kx, ky] = [keep(xs, ys), keep(ys, xs)];
      if (kx.length > 0 && ky.length > 0)
        choices.push({
          relation: [pair, 'same'],
          modes: [
            [x.i, kx.map((m) => m.k)],
            [y.i, ky.map((m) => m.k)],
          ],
        });
    }
    if (new Set([...xs, ...ys].map((m) => m.mode.oven)).size > 1) choices.push({ relation: [pair, 'apart'] });
    choices.push({ relation: [pair, 'row'], arcs: [[x.stay.end, y.stay.held, xy]] });
    choices.push({ relation: [pair, 'row'], arcs: [[y.stay.end, x.stay.held, yx]] });
    return choices;
  }

  /** All modes are set: gaps between heats, racks, lengths. */
  #fixedOvens(timed: readonly Timed[]): Choice[] {
    for (const [a, x] of timed.entries())
      for (const y of timed.slice(a + 1)) {
        const [p, q] = [this.#mode(x), this.#mode(y)];
        if (p.oven !== q.oven || (p.heatC === q.heatC && !x.stay.alone && !y.stay.alone)) continue;
        const xy = betweenMin({ stay: x.stay, mode: p }, { mode: q });
        const yx = betweenMin({ stay: y.stay, mode: q }, { mode: p });
        if (x.from < y.to + yx && y.from < x.to + xy)
          return [{ arcs: [[x.stay.end, y.stay.held, xy]] }, { arcs: [[y.stay.end, x.stay.held, yx]] }];
      }
    for (const x of timed) {
      const mode = this.#mode(x);
      const beside = timed.filter((y) => {
        const other = this.#mode(y);
        return other.oven === mode.oven && other.heatC === mode.heatC && y.from <= x.from && y.to > x.from;
      });
      const set: Held[] = [];
      let racks = 0;
      for (const y of [...beside].sort((a, b) => this.#mode(b).racks - this.#mode(a).racks)) {
        set.push({ from: y.stay.held, after: 0, to: y.stay.end, upTo: 0, need: 1 });
        racks += this.#mode(y).racks;
        if (racks > this.#p.ovens[mode.oven]!.racks) return orders(set);
      }
    }
    return [];
  }

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
    if (this.#more.firstOnly) throw STOP;
  }

  /** The clashes of the times as they stand, each as the choices that settle it; a plan is taken down where there are none. */
  #clashes(): Choice[][] | null {
    const clashes = this.#overfull().map(orders);
    if (clashes.length < MOST_CLASHES) {
      const ovens = this.#assignOvens();
      if (!ovens.modes) clashes.push(...this.#ovenChoices(ovens));
      else if (clashes.length === 0) {
        const hands = this.#assignHands();
        if ('clash' in hands) return [this.#handChoices(hands.clash)];
        this.#record(hands.who, ovens.modes);
        const odd = this.#oddChoices();
        if (odd.length > 0) return odd;
        return ovens.cost > ovens.least + 1e-9 ? this.#ovenChoices(ovens) : null;
      }
    }
    return clashes;
  }
  #handChoices(set: readonly (Touch & { fixed?: boolean })[]): Choice[] {
    const overlaps = (x: Touch, y: Touch): boolean =>
      this.#at(x.from) + x.after < this.#at(y.to) + y.upTo &&
      this.#at(y.from) + y.after < this.#at(x.to) + x.upTo;
    return set.flatMap((x) =>
      set
        .filter((y) => x !== y && !(x.fixed && y.fixed) && overlaps(x, y))
        .map((y) => ({ arcs: [[x.to, y.from, x.upTo - y.after] as NewArc] })),
    );
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

type Timed = { i: number; stay: Stay; from: number; to: number };
type Tried = { choice: Choice; bound: number };
const STOP = Symbol('stop');
const pairOf = (a: number, b: number): number => Math.min(a, b) * 4096 + Math.max(a, b);
const fixedSpan = ([from, to]: readonly [number, number]): Held => ({
  from: 0,
  after: from,
  to: 0,
  upTo: to,
  need: 100,
  fixed: true,
});
/** One of a set that cannot all stand together has to be over before another begins. */
const orders = (set: readonly Held[]): Choice[] =>
  set.flatMap((x) =>
    set
      .filter((y) => x !== y && !(x.fixed && y.fixed))
      .map((y) => ({ arcs: [[x.to, y.from, x.upTo - y.after] as NewArc] })),
  );
/** Stays linked to one by stays that meet, or nearly. */
function nearTo(timed: readonly Timed[], one: Timed): Timed[] {
  const gap = setupMin(0, 250);
  const near = [one];
  for (let k = 0; k < near.length; k++)
    for (const x of timed)
      if (!near.includes(x) && x.from < near[k]!.to + gap && near[k]!.from < x.to + gap) near.push(x);
  return near;
}
