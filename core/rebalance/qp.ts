import { solveDual, type Dense } from './dual';

/** One row of a programme: Σ a·x ≥ b, or = b. `a` is sparse, by variable number from 0. */
export type Row = { a: [index: number, value: number][]; b: number; equal?: true };

/**
 * A strictly convex quadratic programme: minimise ½ xᵀQx − cᵀx under the rows. Q is symmetric and positive
 * definite, n × n.
 */
export type Programme = { n: number; Q: number[][]; c: number[]; rows: Row[] };

/** The minimiser and the objective there; null where no x meets the rows. */
export type Minimum = { x: number[]; value: number };

function valueOf({ n, q, c }: Dense, x: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < n; i++) {
    let row = 0;
    for (let k = 0; k < n; k++) row += q[i * n + k]! * x[k]!;
    sum += x[i]! * (0.5 * row - c[i]!);
  }
  return sum;
}

function minimum(p: Dense): Minimum | null {
  const x = solveDual(p);
  if (!x) return null;
  const own = Array.from(x.subarray(0, p.n));
  return own.every(Number.isFinite) ? { x: own, value: valueOf(p, x) } : null;
}

/** The minimum of a programme, by the dual method of Goldfarb & Idnani (1983). */
export function minimise({ n, Q, c, rows }: Programme): Minimum | null {
  const store = new Rows();
  for (const { a, b, equal } of rows) store.add(a, b, equal ?? false);
  return minimum({ n, q: Float64Array.from(Q.flat()), c: Float64Array.from(c), ...store.flat() });
}

/** Rows side by side in flat arrays: a programme has some forty, most of one variable, and a search builds thousands. */
class Rows {
  readonly #equal = { from: [0], at: [] as number[], by: [] as number[], b: [] as number[] };
  readonly #least = { from: [0], at: [] as number[], by: [] as number[], b: [] as number[] };

  add(a: readonly (readonly [number, number])[], b: number, equal: boolean): void {
    for (const [i, value] of a) this.entry(i, value, equal);
    this.end(b, equal);
  }
  entry(i: number, value: number, equal: boolean): void {
    const to = equal ? this.#equal : this.#least;
    to.at.push(i);
    to.by.push(value);
  }
  end(b: number, equal: boolean): void {
    const to = equal ? this.#equal : this.#least;
    to.b.push(b);
    to.from.push(to.at.length);
  }

  flat(): Pick<Dense, 'equals' | 'from' | 'at' | 'by' | 'b'> {
    const [e, l] = [this.#equal, this.#least];
    const from = new Int32Array(e.b.length + l.b.length + 1);
    from.set(e.from);
    for (let k = 0; k < l.from.length; k++) from[e.b.length + k] = e.at.length + l.from[k]!;
    const join = <T extends Int32Array | Float64Array>(to: T, a: number[], b: number[]): T => {
      to.set(a);
      to.set(b, a.length);
      return to;
    };
    const size = e.at.length + l.at.length;
    return {
      equals: e.b.length,
      from,
      at: join(new Int32Array(size), e.at, l.at),
      by: join(new Float64Array(size), e.by, l.by),
      b: join(new Float64Array(e.b.length + l.b.length), e.b, l.b),
    };
  }

  list(): Row[] {
    return [this.#equal, this.#least].flatMap(({ from, at, by, b }, which) =>
      b.map((value, k): Row => ({
        a: at.slice(from[k], from[k + 1]).map((i, s): [number, number] => [i, by[from[k]! + s]!]),
        b: value,
        ...(which === 0 ? { equal: true as const } : {}),
      })),
    );
  }
}

/** Adds weight·(a·x − target)² to ½ xᵀQx − cᵀx; `a` by variable, as far as it goes. */
function addSquare(
  q: Float64Array,
  c: Float64Array,
  n: number,
  a: ArrayLike<number>,
  target: number,
  weight: number,
): void {
  const twice = 2 * weight;
  for (let i = 0; i < a.length; i++) {
    const ai = twice * a[i]!;
    if (ai === 0) continue;
    const row = i * n;
    for (let k = 0; k < a.length; k++) q[row + k]! += ai * a[k]!;
    c[i]! += ai * target;
  }
}

/** Builds a programme from squares, with bounds and rows. A row gives the value of each variable, as far as it goes. */
export class LeastSquares {
  readonly size: number;
  readonly #q: Float64Array;
  readonly #c: Float64Array;
  readonly #rows = new Rows();

  constructor(n: number) {
    this.size = n;
    this.#q = new Float64Array(n * n);
    this.#c = new Float64Array(n);
  }

  /** Adds weight·(a·x − target)². */
  square(a: ArrayLike<number>, target: number, weight: number): void {
    addSquare(this.#q, this.#c, this.size, a, target, weight);
  }

  /** Adds weight·(x − target)² for one variable. */
  squareOf(i: number, target: number, weight: number): void {
    this.#q[i * this.size + i]! += 2 * weight;
    this.#c[i]! += 2 * weight * target;
  }

  /** Adds cost·x for one variable. */
  linear(i: number, cost: number): void {
    this.#c[i]! -= cost;
  }

  /** One variable is at least b, or at most: what it is short of may be `given` by another. */
  least(i: number, b: number, given?: number): void {
    this.#bound(i, 1, b, given);
  }
  most(i: number, b: number, given?: number): void {
    this.#bound(i, -1, -b, given);
  }
  #bound(i: number, sign: 1 | -1, b: number, given: number | undefined): void {
    this.#rows.entry(i, sign, false);
    if (given !== undefined) this.#rows.entry(given, 1, false);
    this.#rows.end(b, false);
  }
  equalOf(i: number, b: number): void {
    this.#rows.entry(i, 1, true);
    this.#rows.end(b, true);
  }

  atLeast(a: ArrayLike<number>, b: number, given?: number): void {
    this.#row(a, 1, b, false, given);
  }
  atMost(a: ArrayLike<number>, b: number, given?: number): void {
    this.#row(a, -1, -b, false, given);
  }
  equal(a: ArrayLike<number>, b: number): void {
    this.#row(a, 1, b, true, undefined);
  }
  #row(a: ArrayLike<number>, sign: 1 | -1, b: number, equal: boolean, given: number | undefined): void {
    for (let i = 0; i < a.length; i++) if (a[i] !== 0) this.#rows.entry(i, sign * a[i]!, equal);
    if (given !== undefined) this.#rows.entry(given, 1, equal);
    this.#rows.end(b, equal);
  }

  /** The same programme with so many free variables more, behind the ones there are. */
  widened(more: number): LeastSquares {
    const made = new LeastSquares(this.size + more);
    for (let i = 0; i < this.size; i++) {
      for (let k = 0; k < this.size; k++) made.#q[i * made.size + k] = this.#q[i * this.size + k]!;
      made.#c[i] = this.#c[i]!;
    }
    for (const { a, b, equal } of this.#rows.list()) made.#rows.add(a, b, equal ?? false);
    return made;
  }

  programme(): Programme {
    const n = this.size;
    const Q = Array.from({ length: n }, (_, i) => Array.from(this.#q.subarray(i * n, (i + 1) * n)));
    return { n, Q, c: Array.from(this.#c), rows: this.#rows.list() };
  }

  dense(): Dense {
    return { n: this.size, q: this.#q, c: this.#c, ...this.#rows.flat() };
  }
}

/**
 * A property to be kept within one unit of its target: nothing is paid inside, weight × overrun² outside. The row gives the
 * value of each variable.
 */
export type Judged = { row: ArrayLike<number>; target: number; weight: number };

const MOST_ROUNDS = 12;

function valueAt(row: ArrayLike<number>, x: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < row.length; i++) sum += row[i]! * x[i]!;
  return sum;
}

/** The programme with a slack behind the amounts for every property's overrun. */
export const withSlacks = (base: LeastSquares, judged: readonly Judged[]): Programme =>
  slacked(base, judged).programme();
function slacked(base: LeastSquares, judged: readonly Judged[]): LeastSquares {
  const n = base.size;
  const qp = base.widened(judged.length);
  judged.forEach(({ row, target, weight }, k) => {
    qp.squareOf(n + k, 0, weight);
    qp.atMost(row, target + 1, n + k);
    qp.atLeast(row, target - 1, n + k);
  });
  return qp;
}

/** Which sides were overrun at a minimum, −1 below, 1 above: where the rounds of a programme like it may begin. */
export type Sides = readonly number[];

/**
 * Minimises the squares with the overruns of the judged properties on top. The overruns are convex and
 * piecewise quadratic: each round pays for the sides that were overrun in the last one, until they no longer
 * change; then the point is the minimum (the gradients agree). That keeps the programme at the size of its
 * amounts, where a slack for every property would double it. Sides that come round again would go on for ever:
 * then, and only then, the slacks are used. `begin` changes no more than how many rounds there are.
 */
export function minimiseJudged(
  base: LeastSquares,
  judged: readonly Judged[],
  begin?: Sides,
): (Minimum & { sides: Sides }) | null {
  let sides: Sides = begin?.length === judged.length ? begin : judged.map(() => 0);
  const seen: Sides[] = [];
  const same = (a: Sides, b: Sides): boolean => a.every((side, k) => side === b[k]);
  const dense = base.dense();
  const { n } = dense;
  const q = new Float64Array(n * n);
  const c = new Float64Array(n);
  for (let round = 0; round < MOST_ROUNDS && !seen.some((s) => same(s, sides)); round++) {
    seen.push(sides);
    q.set(dense.q);
    c.set(dense.c);
    let constant = 0;
    judged.forEach(({ row, target, weight }, k) => {
      if (sides[k] === 0) return;
      addSquare(q, c, n, row, target + sides[k]!, weight);
      constant += weight * (target + sides[k]!) ** 2;
    });
    const found = minimum({ ...dense, q, c });
    if (!found) return null;
    const now = judged.map(({ row, target }) => {
      const off = valueAt(row, found.x) - target;
      return off > 1 ? 1 : off < -1 ? -1 : 0;
    });
    if (same(now, sides)) return { x: found.x, value: found.value + constant, sides };
    sides = now;
  }
  // Rounds that go in a circle: with slacks it is always exact, at several times the work.
  const found = minimum(slacked(base, judged).dense());
  return found && { x: found.x.slice(0, n), value: found.value, sides: judged.map(() => 0) };
}
