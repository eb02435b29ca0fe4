/**
 * Times of events under differences: least Σ cost[v]·t[v] with t[to] − t[from] ≥ lag for every arc, t[0] = 0 and every time
 * between 0 and a horizon. Solved by the network simplex on the dual flow problem: the potentials of the spanning tree are
 * the times. It stays dual feasible while arcs are added, so that a child of a search takes a pivot or two from its parent.
 *
 * Ahuja, Magnanti, Orlin, "Network Flows" (1993), chapter 11 (network simplex) and 9.1 (its dual in potentials).
 */
export class Network {
  /** Times, min; whole wherever all lags are. */
  readonly time: Float64Array;
  /** Σ cost·time of the tree as it stands: a lower bound that only grows with pivots. */
  value = 0;
  pivots = 0;
  readonly #from: number[] = [];
  readonly #to: number[] = [];
  readonly #lag: number[] = [];
  #arcs = 0;
  // The tree: parent, the arc to it, whether that points up, its flow; children as linked lists.
  readonly #parent: Int32Array;
  readonly #arc: Int32Array;
  readonly #up: Uint8Array;
  readonly #flow: Float64Array;
  readonly #child: Int32Array;
  readonly #next: Int32Array;
  readonly #before: Int32Array;
  readonly #mark: Int32Array;
  readonly #stack: Int32Array;
  #stamp = 0;

  constructor(cost: Float64Array, horizon: number) {
    const n = cost.length;
    this.time = new Float64Array(n);
    this.#parent = new Int32Array(n);
    this.#arc = new Int32Array(n);
    this.#up = new Uint8Array(n);
    this.#flow = new Float64Array(n);
    this.#child = new Int32Array(n).fill(-1);
    this.#next = new Int32Array(n).fill(-1);
    this.#before = new Int32Array(n).fill(-1);
    this.#mark = new Int32Array(n);
    this.#stack = new Int32Array(n);
    this.#parent[0] = -1;
    // A star at the origin: what would rather be late stands at the horizon, the rest at 0. No artificial arcs.
    for (let v = 1; v < n; v++) {
      const late = cost[v]! <= 0;
      const latest = this.add(v, 0, -horizon);
      const earliest = this.add(0, v, 0);
      this.#arc[v] = late ? latest : earliest;
      this.#up[v] = late ? 1 : 0;
      this.#flow[v] = Math.abs(cost[v]!);
      this.time[v] = late ? horizon : 0;
      this.#link(v, 0);
      this.value += cost[v]! * this.time[v]!;
    }
  }

  /** An arc more: t[to] ≥ t[from] + lag, min. */
  add(from: number, to: number, lag: number): number {
    const k = this.#arcs++;
    this.#from[k] = from;
    this.#to[k] = to;
    this.#lag[k] = lag;
    return k;
  }

  #link(v: number, parent: number): void {
    const first = this.#child[parent]!;
    this.#parent[v] = parent;
    this.#next[v] = first;
    this.#before[v] = -1;
    if (first >= 0) this.#before[first] = v;
    this.#child[parent] = v;
  }
  #unlink(v: number): void {
    const [before, next] = [this.#before[v]!, this.#next[v]!];
    if (before >= 0) this.#next[before] = next;
    else this.#child[this.#parent[v]!] = next;
    if (next >= 0) this.#before[next] = before;
  }

  /** The tree and the number of arcs, to come back to. */
  save(): Saved {
    return {
      arcs: this.#arcs,
      value: this.value,
      ints: [this.#parent, this.#arc, this.#child, this.#next, this.#before].map((a) => a.slice()),
      up: this.#up.slice(),
      flow: this.#flow.slice(),
      time: this.time.slice(),
    };
  }
  /** Back to what was saved: arcs added since are gone. */
  load(s: Saved): void {
    this.#arcs = s.arcs;
    this.value = s.value;
    [this.#parent, this.#arc, this.#child, this.#next, this.#before].forEach((a, k) => a.set(s.ints[k]!));
    this.#up.set(s.up);
    this.#flow.set(s.flow);
    this.time.set(s.time);
  }

  /** The most violated arc of the first block that has one, the newest first; −1 where all hold. */
  #entering(start: number): { arc: number; by: number } {
    const { time } = this;
    const [from, to, lag] = [this.#from, this.#to, this.#lag];
    let [cursor, seen, arc, by] = [start, 0, -1, 0];
    while (seen < this.#arcs) {
      const block = Math.min(this.#arcs - seen, BLOCK);
      for (let k = 0; k < block; k++) {
        const short = time[from[cursor]!]! + lag[cursor]! - time[to[cursor]!]!;
        if (short > by) [by, arc] = [short, cursor];
        if (--cursor < 0) cursor = this.#arcs - 1;
      }
      seen += block;
      if (arc >= 0) break;
    }
    this.#cursor = cursor;
    return { arc, by };
  }
  #cursor = 0;

  /**
   * Pivots until every arc holds. False where none can (a positive cycle) or the value passes `stop`. Throws where it would
   * turn in circles, which the costs' own small differences prevent.
   */
  solve(stop = Infinity): boolean {
    this.#cursor = this.#arcs - 1;
    const [parent, up, flow, mark, at, time] = [
      this.#parent,
      this.#up,
      this.#flow,
      this.#mark,
      this.#arc,
      this.time,
    ];
    for (let guard = 0; guard < MOST_PIVOTS; guard++) {
      const { arc, by } = this.#entering(this.#cursor);
      if (arc < 0) return true;
      this.pivots++;
      const [i, j] = [this.#from[arc]!, this.#to[arc]!];
      const stamp = ++this.#stamp;
      for (let v = j; v >= 0; v = parent[v]!) mark[v] = stamp;
      let apex = i;
      while (mark[apex] !== stamp) apex = parent[apex]!;
      let [least, leaves, side] = [Infinity, -1, 0];
      for (let v = j; v !== apex; v = parent[v]!)
        if (!up[v] && flow[v]! < least) [least, leaves, side] = [flow[v]!, v, 1];
      for (let v = i; v !== apex; v = parent[v]!)
        if (up[v] && flow[v]! <= least) [least, leaves, side] = [flow[v]!, v, 2];
      if (leaves < 0) return false;
      for (let v = j; v !== apex; v = parent[v]!) flow[v]! += up[v] ? least : -least;
      for (let v = i; v !== apex; v = parent[v]!) flow[v]! += up[v] ? -least : least;
      // The part of the tree that was attached to the leaving arc is attached to the entering one now, turned over along its path.
      const shift = side === 1 ? by : -by;
      let [v, hangs, newArc, newFlow, newUp] = side === 1 ? [j, i, arc, least, 0] : [i, j, arc, least, 1];
      const top = v;
      for (;;) {
        const was = [parent[v]!, at[v]!, flow[v]!, up[v]!] as const;
        this.#unlink(v);
        this.#link(v, hangs);
        at[v] = newArc;
        flow[v] = newFlow;
        up[v] = newUp;
        if (v === leaves) break;
        hangs = v;
        [v, newArc, newFlow, newUp] = [was[0], was[1], was[2], 1 - was[3]];
      }
      let depth = 0;
      this.#stack[depth++] = top;
      while (depth > 0) {
        const x = this.#stack[--depth]!;
        time[x]! += shift;
        for (let y = this.#child[x]!; y >= 0; y = this.#next[y]!) this.#stack[depth++] = y;
      }
      this.value += least * by;
      if (this.value >= stop) return false;
    }
    throw new Error('the network turned in circles');
  }
}

const BLOCK = 80;
const MOST_PIVOTS = 200_000;
export type Saved = {
  arcs: number;
  value: number;
  ints: Int32Array[];
  up: Uint8Array;
  flow: Float64Array;
  time: Float64Array;
};
