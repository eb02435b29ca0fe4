import { factor, invert, least, turn } from './factor';

/**
 * A strictly convex quadratic programme in dense arrays, as the dual method wants it: minimise ½ xᵀQx − cᵀx under rows
 * Σ a·x ≥ b, of which the first `equals` are equations. `q` is n × n by rows; the coefficients of row k stand in `at`
 * (variables) and `by` (values) from `from[k]` to `from[k + 1]`.
 */
export type Dense = {
  n: number;
  q: Float64Array;
  c: Float64Array;
  equals: number;
  from: Int32Array;
  at: Int32Array;
  by: Float64Array;
  b: Float64Array;
};

/** Rows are met within this, in their own unit. */
const MET = 1e-9;
/** Equations that say the same may differ by so much; a row is no news below this share, squared, of its length. */
const AGREES = 1e-7;
const DEPENDS = 1e-20;
const EPS = Number.EPSILON;
const MOST_STEPS = 2000;

/**
 * The work of one solve after another, in room that all of them use: a search solves thousands of small programmes. `l` is the
 * Cholesky factor of Q; J = L⁻ᵀ turned so that the active rows are R, upper triangular, in it; `u` are the multipliers; `d`,
 * `z` and `ru` the directions of the row that is looked at.
 */
class DualMethod {
  #p!: Dense;
  #l = new Float64Array(0);
  #j = new Float64Array(0);
  #r = new Float64Array(0);
  #d = new Float64Array(0);
  #z = new Float64Array(0);
  #x = new Float64Array(0);
  #u = new Float64Array(0);
  #ru = new Float64Array(0);
  #active = new Int32Array(0);
  #isActive = new Uint8Array(0);
  /** How many rows are active, the first `fixed` of them equations. */
  #count = 0;
  #fixed = 0;
  #roomN = 0;
  #roomM = 0;

  #fit(n: number, m: number): void {
    if (n > this.#roomN) {
      this.#roomN = n;
      this.#l = new Float64Array(n * n);
      this.#j = new Float64Array(n * n);
      this.#r = new Float64Array(n * n);
      this.#d = new Float64Array(n);
      this.#z = new Float64Array(n);
      this.#x = new Float64Array(n);
      this.#u = new Float64Array(n + 1);
      this.#ru = new Float64Array(n + 1);
      this.#active = new Int32Array(n + 1);
    }
    if (m > this.#roomM) {
      this.#roomM = m;
      this.#isActive = new Uint8Array(m);
    }
  }

  /** The minimiser of a programme; null where there is none. */
  solve(p: Dense): Float64Array | null {
    this.#p = p;
    this.#fit(p.n, p.b.length);
    this.#isActive.fill(0, 0, p.b.length);
    this.#count = 0;
    this.#fixed = 0;
    if (!factor(p.n, p.q, this.#l)) return null;
    invert(p.n, this.#l, this.#j);
    least(p.n, this.#j, p.c, this.#d, this.#x);
    if (!this.#equate()) return null;
    for (let step = 0; step < MOST_STEPS; step++) {
      const worst = this.#worst();
      if (worst < 0) return this.#x;
      if (!this.#meet(worst)) return null;
    }
    return null;
  }

  /** Takes in the equations, one after another. False where they contradict each other. */
  #equate(): boolean {
    const { n, equals } = this.#p;
    const z = this.#z;
    const x = this.#x;
    const u = this.#u;
    const ru = this.#ru;
    for (let k = 0; k < equals; k++) {
      this.#directions(k);
      if (!this.#isFree()) {
        // It says what others say, or contradicts them.
        if (Math.abs(this.#slack(k)) > AGREES) return false;
        continue;
      }
      const t = -this.#slack(k) / this.#zDot(k);
      for (let i = 0; i < n; i++) x[i]! += t * z[i]!;
      u[this.#count] = t;
      for (let i = 0; i < this.#count; i++) u[i]! -= t * ru[i]!;
      this.#add(k);
      this.#fixed = this.#count;
    }
    return true;
  }

  /** The row that is violated most; −1 where all are met. */
  #worst(): number {
    const { equals, b } = this.#p;
    const isActive = this.#isActive;
    let worst = -1;
    let least = -MET;
    for (let k = equals; k < b.length; k++) {
      if (isActive[k]) continue;
      const s = this.#slack(k);
      if (s < least) {
        least = s;
        worst = k;
      }
    }
    return worst;
  }

  /** One row comes in, others go out for it, until it is met. False where it cannot be. */
  #meet(worst: number): boolean {
    const { n } = this.#p;
    const z = this.#z;
    const x = this.#x;
    const u = this.#u;
    const ru = this.#ru;
    u[this.#count] = 0;
    for (;;) {
      this.#directions(worst);
      let t1 = Number.POSITIVE_INFINITY;
      let goes = -1;
      for (let i = this.#fixed; i < this.#count; i++)
        if (ru[i]! > EPS && u[i]! / ru[i]! < t1) {
          t1 = u[i]! / ru[i]!;
          goes = i;
        }
      const t2 = this.#isFree() ? -this.#slack(worst) / this.#zDot(worst) : Number.POSITIVE_INFINITY;
      const t = Math.min(t1, t2);
      if (t === Number.POSITIVE_INFINITY) return false;
      for (let i = 0; i < this.#count; i++) u[i]! -= t * ru[i]!;
      u[this.#count]! += t;
      if (t2 === Number.POSITIVE_INFINITY) {
        this.#drop(goes);
        continue;
      }
      for (let i = 0; i < n; i++) x[i]! += t * z[i]!;
      if (t === t2) {
        this.#add(worst);
        return true;
      }
      this.#drop(goes);
    }
  }

  /** Σ a·v over the coefficients of row k. */
  #along(k: number, v: Float64Array): number {
    const { from, at, by } = this.#p;
    let sum = 0;
    for (let e = from[k]!; e < from[k + 1]!; e++) sum += by[e]! * v[at[e]!]!;
    return sum;
  }
  #slack = (k: number): number => this.#along(k, this.#x) - this.#p.b[k]!;
  #zDot = (k: number): number => this.#along(k, this.#z);

  /** d = Jᵀ a, z = the step in x, ru = the step in the multipliers. */
  #directions(k: number): void {
    const { n, from, at, by } = this.#p;
    const j = this.#j;
    const r = this.#r;
    const d = this.#d;
    const z = this.#z;
    const ru = this.#ru;
    d.fill(0, 0, n);
    for (let e = from[k]!; e < from[k + 1]!; e++) {
      const row = at[e]! * n;
      const value = by[e]!;
      for (let i = 0; i < n; i++) d[i]! += j[row + i]! * value;
    }
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (let s = this.#count; s < n; s++) sum += j[i * n + s]! * d[s]!;
      z[i] = sum;
    }
    for (let i = this.#count - 1; i >= 0; i--) {
      let sum = d[i]!;
      for (let s = i + 1; s < this.#count; s++) sum -= r[i * n + s]! * ru[s]!;
      ru[i] = sum / r[i * n + i]!;
    }
  }

  /** Takes row k, which is free of them, among the active ones. */
  #add(k: number): void {
    const { n } = this.#p;
    const j = this.#j;
    const r = this.#r;
    const d = this.#d;
    const active = this.#active;
    const isActive = this.#isActive;
    for (let s = n - 1; s > this.#count; s--) {
      let cc = d[s - 1]!;
      let ss = d[s]!;
      const h = Math.hypot(cc, ss);
      if (h < EPS) continue;
      d[s] = 0;
      ss /= h;
      cc /= h;
      if (cc < 0) {
        cc = -cc;
        ss = -ss;
        d[s - 1] = -h;
      } else d[s - 1] = h;
      turn(j, n, s - 1, cc, ss);
    }
    for (let i = 0; i <= this.#count; i++) r[i * n + this.#count] = d[i]!;
    active[this.#count] = k;
    isActive[k] = 1;
    this.#count += 1;
  }

  /** Takes the active row that stands at place `gone` out again. */
  #drop(gone: number): void {
    const { n } = this.#p;
    const j = this.#j;
    const r = this.#r;
    const u = this.#u;
    const active = this.#active;
    const isActive = this.#isActive;
    isActive[active[gone]!] = 0;
    for (let i = gone; i < this.#count - 1; i++) {
      active[i] = active[i + 1]!;
      u[i] = u[i + 1]!;
      for (let s = 0; s < n; s++) r[s * n + i] = r[s * n + i + 1]!;
    }
    u[this.#count - 1] = u[this.#count]!;
    u[this.#count] = 0;
    this.#count -= 1;
    for (let s = 0; s < n; s++) r[s * n + this.#count] = 0;
    for (let k = gone; k < this.#count; k++) {
      let cc = r[k * n + k]!;
      let ss = r[(k + 1) * n + k]!;
      const h = Math.hypot(cc, ss);
      if (h < EPS) continue;
      cc /= h;
      ss /= h;
      r[(k + 1) * n + k] = 0;
      if (cc < 0) {
        r[k * n + k] = -h;
        cc = -cc;
        ss = -ss;
      } else r[k * n + k] = h;
      const xny = ss / (1 + cc);
      for (let i = k + 1; i < this.#count; i++) {
        const t1 = r[k * n + i]!;
        const t2 = r[(k + 1) * n + i]!;
        r[k * n + i] = t1 * cc + t2 * ss;
        r[(k + 1) * n + i] = xny * (t1 + r[k * n + i]!) - t2;
      }
      turn(j, n, k, cc, ss);
    }
  }

  /** Whether a row says something that the active ones do not: as much of it as rounding alone would leave is nothing. */
  #isFree(): boolean {
    const { n } = this.#p;
    const d = this.#d;
    let all = 0;
    let free = 0;
    for (let s = 0; s < n; s++) {
      const square = d[s]! * d[s]!;
      all += square;
      if (s >= this.#count) free += square;
    }
    return free > DEPENDS * all;
  }
}
const method = new DualMethod();

/**
 * The minimiser, by the dual active-set method of Goldfarb & Idnani, "A numerically stable dual method for solving strictly
 * convex quadratic programs", Mathematical Programming 27 (1983): it begins at the minimum without rows and takes in the
 * most violated, one at a time. Null where no x meets the rows, or Q is not positive definite. What is given back is valid
 * until the next call.
 */
export const solveDual = (p: Dense): Float64Array | null => method.solve(p);
