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
  readonly #n: number;
  readonly #Q: number[][];
  readonly #c: number[];
  readonly #rows: Row[] = [];

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

  programme(): Programme {
    return { n: this.#n, Q: this.#Q, c: this.#c, rows: this.#rows };
  }
}
