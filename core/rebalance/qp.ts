import { solveQP } from 'quadprog';

/** One row of a programme: Σ a·x ≥ b, or = b. `a` is sparse, by variable number from 0. */
export type Row = { a: [index: number, value: number][]; b: number; equal?: true };

/**
 * A strictly convex quadratic programme: minimise ½ xᵀQx − cᵀx under the rows. Q is symmetric and positive
 * definite, n × n.
 */
export type Programme = { n: number; Q: number[][]; c: number[]; rows: Row[] };

/** The minimiser and the objective there; null where no x meets the rows. */
export type Minimum = { x: number[]; value: number };

/** Solves by the dual method of Goldfarb & Idnani (1983), as in the package quadprog. */
export function minimise({ n, Q, c, rows }: Programme): Minimum | null {
  const sorted = [...rows.filter((r) => r.equal), ...rows.filter((r) => !r.equal)];
  const D: number[][] = [[]];
  const A: number[][] = [[]];
  const d: number[] = [0];
  for (let i = 0; i < n; i++) {
    D.push([0, ...Q[i]!]);
    d.push(c[i]!);
    A.push(new Array<number>(sorted.length + 1).fill(0));
  }
  const b: number[] = [0];
  sorted.forEach((row, k) => {
    for (const [i, value] of row.a) A[i + 1]![k + 1] = (A[i + 1]![k + 1] ?? 0) + value;
    b.push(row.b);
  });
  const out = solveQP(D, d, A, b, sorted.filter((r) => r.equal).length);
  if (out.message !== '') return null;
  const x = out.solution.slice(1, n + 1);
  return x.every(Number.isFinite) ? { x, value: out.value[1] } : null;
}

/** Builds a programme from squares: Σ w·(a·x − t)², with bounds and rows. */
export class LeastSquares {
  #n: number;
  #Q: number[][];
  #c: number[];
  #rows: Row[] = [];

  constructor(n: number) {
    this.#n = n;
    this.#Q = Array.from({ length: n }, () => new Array<number>(n).fill(0));
    this.#c = new Array<number>(n).fill(0);
  }

  /** Adds weight·(a·x − target)². */
  square(a: [number, number][], target: number, weight: number): void {
    for (const [i, ai] of a) {
      for (const [j, aj] of a) this.#Q[i]![j]! += 2 * weight * ai * aj;
      this.#c[i]! += 2 * weight * ai * target;
    }
  }

  /** Adds cost·x for one variable. */
  linear(i: number, cost: number): void {
    this.#c[i]! -= cost;
  }

  atLeast(a: [number, number][], b: number): void {
    this.#rows.push({ a, b });
  }

  atMost(a: [number, number][], b: number): void {
    this.#rows.push({ a: a.map(([i, v]) => [i, -v]), b: -b });
  }

  equal(a: [number, number][], b: number): void {
    this.#rows.push({ a, b, equal: true });
  }

  /** The same programme, to be added to apart. The rows are shared: only squares may be added to a copy. */
  copy(): LeastSquares {
    const made = new LeastSquares(0);
    made.#n = this.#n;
    made.#Q = this.#Q.map((row) => [...row]);
    made.#c = [...this.#c];
    made.#rows = this.#rows;
    return made;
  }

  /** The same programme with so many free variables more, behind the ones there are. */
  widened(more: number): LeastSquares {
    const made = new LeastSquares(this.#n + more);
    for (let i = 0; i < this.#n; i++) {
      for (let j = 0; j < this.#n; j++) made.#Q[i]![j] = this.#Q[i]![j]!;
      made.#c[i] = this.#c[i]!;
    }
    made.#rows = [...this.#rows];
    return made;
  }

  get size(): number {
    return this.#n;
  }

  programme(): Programme {
    return { n: this.#n, Q: this.#Q, c: this.#c, rows: this.#rows };
  }
}

/** A property to be kept within one unit of its target: nothing is paid inside, weight × overrun² outside. */
export type Judged = { row: [number, number][]; target: number; weight: number };

const MOST_ROUNDS = 12;

const valueAt = (row: readonly [number, number][], x: readonly number[]): number =>
  row.reduce((s, [i, a]) => s + a * x[i]!, 0);

/** The programme with a slack behind the amounts for every property's overrun. */
export function withSlacks(base: LeastSquares, judged: readonly Judged[]): Programme {
  const n = base.size;
  const qp = base.widened(judged.length);
  judged.forEach(({ row, target, weight }, k) => {
    qp.square([[n + k, 1]], 0, weight);
    qp.atMost([...row, [n + k, -1]], target + 1);
    qp.atLeast([...row, [n + k, 1]], target - 1);
  });
  return qp.programme();
}

/** The same minimum with a slack for every property: always exact, at several times the work. */
function minimiseWithSlacks(base: LeastSquares, judged: readonly Judged[]): Minimum | null {
  const found = minimise(withSlacks(base, judged));
  return found && { x: found.x.slice(0, base.size), value: found.value };
}

/**
 * Minimises the squares with the overruns of the judged properties on top. The overruns are convex and
 * piecewise quadratic: each round pays for the sides that were overrun in the last one, until they no longer
 * change; then the point is the minimum (the gradients agree). That keeps the programme at the size of its
 * amounts, where a slack for every property would double it. Sides that come round again would go on for ever:
 * then, and only then, the slacks are used.
 */
export function minimiseJudged(base: LeastSquares, judged: readonly Judged[]): Minimum | null {
  let sides: number[] = judged.map(() => 0);
  const seen = new Set<string>();
  for (let round = 0; round < MOST_ROUNDS && !seen.has(sides.join()); round++) {
    seen.add(sides.join());
    const qp = base.copy();
    let constant = 0;
    judged.forEach(({ row, target, weight }, k) => {
      if (sides[k] === 0) return;
      qp.square(row, target + sides[k]!, weight);
      constant += weight * (target + sides[k]!) ** 2;
    });
    const found = minimise(qp.programme());
    if (!found) return null;
    const now = judged.map(({ row, target }) => {
      const off = valueAt(row, found.x) - target;
      return off > 1 ? 1 : off < -1 ? -1 : 0;
    });
    if (now.every((side, k) => side === sides[k])) return { x: found.x, value: found.value + constant };
    sides = now;
  }
  return minimiseWithSlacks(base, judged);
}
