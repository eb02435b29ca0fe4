import { Loads, past, slot } from './loads';
import { betweenMin, GRID, type Plan, type Problem, type Span } from './problem';

type Row = { stay: number; mode: number; from: number; to: number };
type Put = { take: () => boolean; back: () => void };

/**
 * Puts one bake after another into what is still free, each event as late as it can be, on the grid, hours that nobody minds
 * first; goes back where a later event finds no place, as often as a budget allows. It meets plans that a search by clashes
 * does not come to, and is taken as a start and as a way out of one (serial generation scheme; Kolisch, 1996).
 */
export class Greedy {
  readonly #p: Problem;
  readonly #budget: number;
  readonly #out: [number, number][][];
  readonly #in: [number, number][][];
  readonly #eventsOf: number[][];
  readonly #least: Int32Array;
  readonly #most: Int32Array;
  readonly #first: { least: Int32Array; most: Int32Array } | null = null;
  readonly #fixed: Uint8Array;
  readonly #loads: Loads;
  readonly #odd: Uint8Array;
  readonly #atEvent: { uses: number[]; touches: number[]; stays: number[] }[];
  readonly #handOn: Uint8Array;
  #who: number[];
  #mode: number[];
  #oven: Row[] = [];
  #left = 0;

  constructor(p: Problem, budget = 3000) {
    this.#p = p;
    this.#budget = budget;
    const n = p.events;
    this.#loads = new Loads(p.horizon);
    this.#out = Array.from({ length: n }, () => []);
    this.#in = Array.from({ length: n }, () => []);
    for (const { from, to, lag } of p.arcs) {
      this.#out[from]!.push([to, lag]);
      this.#in[to]!.push([from, lag]);
    }
    p.stays.forEach((s) => {
      const lengths = s.modes.map((m) => m.minutes);
      const [least, most] = [Math.min(...lengths), Math.max(...lengths)];
      this.#out[s.start]!.push([s.end, least]);
      this.#in[s.end]!.push([s.start, least]);
      this.#out[s.end]!.push([s.start, -most]);
      this.#in[s.start]!.push([s.end, -most]);
    });
    this.#eventsOf = Array.from({ length: p.bakes }, () => []);
    for (let v = 1; v < n; v++) if (p.bakeOf[v]! >= 0) this.#eventsOf[p.bakeOf[v]!]!.push(v);
    this.#atEvent = Array.from({ length: n }, () => ({ uses: [], touches: [], stays: [] }));
    const note = (list: 'uses' | 'touches' | 'stays', i: number, ...events: number[]) => {
      for (const v of new Set(events)) this.#atEvent[v]![list].push(i);
    };
    p.uses.forEach((u, i) => note('uses', i, u.from, u.to));
    p.touches.forEach((t, i) => note('touches', i, t.from, t.to));
    p.stays.forEach((s, i) => note('stays', i, s.start, s.end, s.held));
    this.#handOn = new Uint8Array(n);
    for (const t of p.touches) this.#handOn[t.from] = 1;
    this.#odd = new Uint8Array(this.#loads.slots);
    for (const [a, b] of p.odd) this.#odd.fill(1, slot(Math.max(0, a)), past(Math.max(0, b)));
    this.#fixed = new Uint8Array(n);
    this.#least = new Int32Array(n);
    this.#most = new Int32Array(n).fill(p.horizon);
    this.#most[0] = 0;
    this.#who = [];
    this.#mode = [];
    if (this.#spread([...Array(n).keys()], []))
      this.#first = { least: this.#least.slice(), most: this.#most.slice() };
    this.reset();
  }
  /** Whether the lags alone leave room. */
  get possible(): boolean {
    return this.#first !== null;
  }

  reset(): void {
    if (!this.#first) return;
    this.#least.set(this.#first.least);
    this.#most.set(this.#first.most);
    this.#fixed.fill(0);
    this.#fixed[0] = 1;
    this.#who = new Array<number>(this.#p.touches.length).fill(-1);
    this.#mode = new Array<number>(this.#p.stays.length).fill(-1);
    this.#oven = [];
    this.#loads.clear();
    for (const [thing, most] of Object.entries(this.#p.counts)) this.#loads.count(thing, most);
    this.#p.ovens.forEach((o, i) => this.#loads.count(ovenKey(i), o.racks));
    this.#p.workers.forEach((w, i) => {
      this.#loads.count(handKey(i), 100);
      for (const [a, b] of w.away) this.#loads.add(handKey(i), a, b, 1000);
    });
  }

  /** Carries bounds along the arcs; what it changed goes on the trail. False where nothing is left between them. */
  #spread(queue: number[], trail: [0 | 1, number, number][]): boolean {
    const [least, most] = [this.#least, this.#most];
    for (let v = queue.pop(); v !== undefined; v = queue.pop()) {
      for (const [w, lag] of this.#out[v]!)
        if (least[v]! + lag > least[w]!) {
          trail.push([0, w, least[w]!]);
          least[w] = least[v]! + lag;
          if (least[w] > most[w]!) return false;
          queue.push(w);
        }
      for (const [w, lag] of this.#in[v]!)
        if (most[v]! - lag < most[w]!) {
          trail.push([1, w, most[w]!]);
          most[w] = most[v]! - lag;
          if (least[w]! > most[w]) return false;
          queue.push(w);
        }
    }
    return true;
  }
  #spanOf = ({ from, after, to, upTo }: Span): [number, number] => [
    this.#least[from]! + after,
    this.#least[to]! + upTo,
  ];
  #known = (...events: number[]): boolean => events.every((v) => this.#fixed[v]);

  /** What an event that is now set takes hold of: each of it, and how it lets go again. */
  #holds(v: number): Put[] {
    const p = this.#p;
    const { uses, touches, stays } = this.#atEvent[v]!;
    return [
      ...uses.map((i): Put => {
        const u = p.uses[i]!;
        let at: [number, number] | null = null;
        return {
          take: () => {
            if (!this.#known(u.from, u.to)) return true;
            const span = this.#spanOf(u);
            if (!this.#loads.fits(u.thing, ...span, u.need)) return false;
            at = span;
            this.#loads.add(u.thing, ...span, u.need);
            return true;
          },
          back: () => at && this.#loads.add(u.thing, ...at, -u.need),
        };
      }),
      ...touches.map((i): Put => {
        const t = p.touches[i]!;
        let at: [number, number] | null = null;
        return {
          take: () => {
            if (!this.#known(t.from, t.to)) return true;
            const span = this.#spanOf(t);
            const worker = p.workers.findIndex((_, w) => this.#loads.fits(handKey(w), ...span, t.share));
            if (worker < 0) return false;
            at = span;
            this.#who[i] = worker;
            this.#loads.add(handKey(worker), ...span, t.share);
            return true;
          },
          back: () => {
            if (at) this.#loads.add(handKey(this.#who[i]!), ...at, -t.share);
            if (at) this.#who[i] = -1;
          },
        };
      }),
      ...stays.map((i): Put => {
        const s = p.stays[i]!;
        let row: Row | null = null;
        return {
          take: () => {
            if (!this.#known(s.start, s.end, s.held)) return true;
            const [from, to] = [this.#least[s.held]!, this.#least[s.end]!];
            const ways = s.modes.map((_, k) => k).sort((a, b) => s.modes[a]!.cost - s.modes[b]!.cost);
            const k = ways.find((m) => this.#ovenFits(i, m, from, to));
            if (k === undefined) return false;
            row = { stay: i, mode: k, from, to };
            this.#mode[i] = k;
            this.#oven.push(row);
            this.#loads.add(ovenKey(s.modes[k]!.oven), from, to, s.modes[k]!.racks);
            return true;
          },
          back: () => {
            if (!row) return;
            const m = s.modes[row.mode]!;
            this.#loads.add(ovenKey(m.oven), row.from, row.to, -m.racks);
            this.#oven.splice(this.#oven.indexOf(row), 1);
            this.#mode[i] = -1;
          },
        };
      }),
    ];
  }
  #ovenFits(i: number, k: number, from: number, to: number): boolean {
    const stay = this.#p.stays[i]!;
    const mode = stay.modes[k]!;
    if (mode.minutes !== this.#least[stay.end]! - this.#least[stay.start]!) return false;
    if (!this.#loads.fits(ovenKey(mode.oven), from, to, mode.racks)) return false;
    return !this.#oven.some((x) => {
      const other = { stay: this.#p.stays[x.stay]!, mode: this.#p.stays[x.stay]!.modes[x.mode]! };
      if (other.mode.oven !== mode.oven) return false;
      if (other.mode.heatC === mode.heatC && !stay.alone && !other.stay.alone) return false;
      return x.from <= from
        ? x.to + betweenMin(other, { mode }) > from
        : to + betweenMin({ stay, mode }, other) > x.from;
    });
  }

  /** Sets an event at a time; gives what takes it back, or null where it does not fit. */
  #set(v: number, time: number): (() => void) | null {
    const trail: [0 | 1, number, number][] = [
      [0, v, this.#least[v]!],
      [1, v, this.#most[v]!],
    ];
    const held: Put[] = [];
    const back = () => {
      for (const h of held.reverse()) h.back();
      for (const [which, w, was] of trail.reverse())
        if (which) this.#most[w] = was;
        else this.#least[w] = was;
      this.#fixed[v] = 0;
    };
    this.#least[v] = this.#most[v] = time;
    this.#fixed[v] = 1;
    for (const h of this.#holds(v)) {
      if (!h.take()) {
        back();
        return null;
      }
      held.push(h);
    }
    if (this.#spread([v], trail)) return back;
    back();
    return null;
  }

  /** Puts in all events of a bake, or none. */
  insert(bake: number): boolean {
    const latest = this.#first!.most;
    const events = [...this.#eventsOf[bake]!].sort((a, b) => latest[b]! - latest[a]! || b - a);
    this.#left = this.#budget;
    const place = (k: number): boolean => {
      if (k === events.length) return true;
      const v = events[k]!;
      const passes = this.#handOn[v] ? [0, 1] : [null];
      for (const pass of passes)
        for (let t = this.#most[v]!, low = this.#least[v]!; t >= low; t -= GRID) {
          if (pass !== null && this.#odd[slot(t)] !== pass) continue;
          if (--this.#left < 0) return false;
          const back = this.#set(v, t);
          if (!back) continue;
          if (place(k + 1)) return true;
          back();
        }
      return false;
    };
    return place(0);
  }

  /** Begins with some bakes as a plan has them. */
  begin(plan: Plan, keep: ReadonlySet<number>): boolean {
    this.reset();
    const p = this.#p;
    const on = (v: number): boolean => keep.has(p.bakeOf[v]!);
    for (let v = 1; v < p.events; v++)
      if (on(v)) {
        this.#least[v] = this.#most[v] = plan.time[v]!;
        this.#fixed[v] = 1;
      }
    for (const u of p.uses) if (on(u.from)) this.#loads.add(u.thing, ...this.#spanOf(u), u.need);
    p.touches.forEach((t, i) => {
      if (!on(t.from)) return;
      this.#who[i] = plan.who[i]!;
      this.#loads.add(handKey(plan.who[i]!), ...this.#spanOf(t), t.share);
    });
    p.stays.forEach((s, i) => {
      if (!on(s.start)) return;
      const k = plan.mode[i]!;
      const row = { stay: i, mode: k, from: plan.time[s.held]!, to: plan.time[s.end]! };
      this.#mode[i] = k;
      this.#oven.push(row);
      this.#loads.add(ovenKey(s.modes[k]!.oven), row.from, row.to, s.modes[k]!.racks);
    });
    return this.#spread([...Array(p.events).keys()], []);
  }

  /** What belongs to all lies as late as it may. */
  snapshot(): Plan {
    const time = Array.from(this.#least, (least, v) =>
      this.#p.bakeOf[v]! < 0 && v > 0 ? this.#most[v]! : least,
    );
    return { time, who: [...this.#who], mode: [...this.#mode] };
  }
}

const ovenKey = (i: number): string => `oven/${i}`;
const handKey = (i: number): string => `hands/${i}`;
