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

/** Room that one solve after another uses: a search solves thousands of small programmes. */
class Room {
  l = new Float64Array(0);
  j = new Float64Array(0);
  r = new Float64Array(0);
  d = new Float64Array(0);
  z = new Float64Array(0);
  x = new Float64Array(0);
  u = new Float64Array(0);
  ru = new Float64Array(0);
  active = new Int32Array(0);
  isActive = new Uint8Array(0);
  #n = 0;
  #m = 0;

  fit(n: number, m: number): void {
    if (n > this.#n) {
      this.#n = n;
      this.l = new Float64Array(n * n);
      this.j = new Float64Array(n * n);
      this.r = new Float64Array(n * n);
      this.d = new Float64Array(n);
      this.z = new Float64Array(n);
      this.x = new Float64Array(n);
      this.u = new Float64Array(n + 1);
      this.ru = new Float64Array(n + 1);
      this.active = new Int32Array(n + 1);
    }
    if (m > this.#m) {
      this.#m = m;
      this.isActive = new Uint8Array(m);
    }
  }
}
const room = new Room();

/**
 * The minimiser, by the dual active-set method of Goldfarb & Idnani, "A numerically stable dual method for solving strictly
 * convex quadratic programs", Mathematical Programming 27 (1983): it begins at the minimum without rows and takes in the
 * most violated, one at a time. Null where no x meets the rows, or Q is not positive definite. What is given back is valid
 * until the next call.
 */
export function solveDual(p: Dense): Float64Array | null {
  const { n, q, c, equals, from, at, by, b } = p;
  const m = b.length;
  room.fit(n, m);
  const { l, j, r, d, z, x, u, ru, active, isActive } = room;
  isActive.fill(0, 0, m);

  // Cholesky: Q = L Lᵀ, by rows of n.
  for (let i = 0; i < n; i++)
    for (let k = 0; k <= i; k++) {
      let sum = q[i * n + k]!;
      for (let s = 0; s < k; s++) sum -= l[i * n + s]! * l[k * n + s]!;
      if (i > k) l[i * n + k] = sum / l[k * n + k]!;
      else if (sum > 0) l[i * n + i] = Math.sqrt(sum);
      else return null;
    }
  // J = L⁻ᵀ: column i of it solves Lᵀ x = eᵢ.
  for (let i = 0; i < n; i++)
    for (let k = n - 1; k >= 0; k--) {
      let sum = k === i ? 1 : 0;
      if (k > i) {
        j[k * n + i] = 0;
        continue;
      }
      for (let s = k + 1; s <= i; s++) sum -= l[s * n + k]! * j[s * n + i]!;
      j[k * n + i] = sum / l[k * n + k]!;
    }
  // The minimum without rows: x = J Jᵀ c.
  for (let i = 0; i < n; i++) {
    let sum = 0;
    for (let k = 0; k <= i; k++) sum += j[k * n + i]! * c[k]!;
    d[i] = sum;
  }
  for (let k = 0; k < n; k++) {
    let sum = 0;
    for (let i = k; i < n; i++) sum += j[k * n + i]! * d[i]!;
    x[k] = sum;
  }

  /** How many rows are active, the first `fixed` of them equations. */
  let count = 0;
  let fixed = 0;

  const slack = (k: number): number => {
    let sum = -b[k]!;
    for (let e = from[k]!; e < from[k + 1]!; e++) sum += by[e]! * x[at[e]!]!;
    return sum;
  };
  /** d = Jᵀ a, z = the step in x, ru = the step in the multipliers. */
  const directions = (k: number): void => {
    d.fill(0, 0, n);
    for (let e = from[k]!; e < from[k + 1]!; e++) {
      const row = at[e]! * n;
      const value = by[e]!;
      for (let i = 0; i < n; i++) d[i]! += j[row + i]! * value;
    }
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (let s = count; s < n; s++) sum += j[i * n + s]! * d[s]!;
      z[i] = sum;
    }
    for (let i = count - 1; i >= 0; i--) {
      let sum = d[i]!;
      for (let s = i + 1; s < count; s++) sum -= r[i * n + s]! * ru[s]!;
      ru[i] = sum / r[i * n + i]!;
    }
  };
  /** Takes row k, which is free of them, among the active ones. */
  const add = (k: number): void => {
    for (let s = n - 1; s > count; s--) {
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
      const xny = ss / (1 + cc);
      for (let i = 0; i < n; i++) {
        const t1 = j[i * n + s - 1]!;
        const t2 = j[i * n + s]!;
        j[i * n + s - 1] = t1 * cc + t2 * ss;
        j[i * n + s] = xny * (t1 + j[i * n + s - 1]!) - t2;
      }
    }
    for (let i = 0; i <= count; i++) r[i * n + count] = d[i]!;
    active[count] = k;
    isActive[k] = 1;
    count += 1;
  };
  /** Takes the active row that stands at place `gone` out again. */
  const drop = (gone: number): void => {
    isActive[active[gone]!] = 0;
    for (let i = gone; i < count - 1; i++) {
      active[i] = active[i + 1]!;
      u[i] = u[i + 1]!;
      for (let s = 0; s < n; s++) r[s * n + i] = r[s * n + i + 1]!;
    }
    u[count - 1] = u[count]!;
    u[count] = 0;
    count -= 1;
    for (let s = 0; s < n; s++) r[s * n + count] = 0;
    for (let k = gone; k < count; k++) {
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
      for (let i = k + 1; i < count; i++) {
        const t1 = r[k * n + i]!;
        const t2 = r[(k + 1) * n + i]!;
        r[k * n + i] = t1 * cc + t2 * ss;
        r[(k + 1) * n + i] = xny * (t1 + r[k * n + i]!) - t2;
      }
      for (let i = 0; i < n; i++) {
        const t1 = j[i * n + k]!;
        const t2 = j[i * n + k + 1]!;
        j[i * n + k] = t1 * cc + t2 * ss;
        j[i * n + k + 1] = xny * (t1 + j[i * n + k]!) - t2;
      }
    }
  };
  const zDot = (k: number): number => {
    let sum = 0;
    for (let e = from[k]!; e < from[k + 1]!; e++) sum += by[e]! * z[at[e]!]!;
    return sum;
  };
  /** Whether a row says something that the active ones do not: as much of it as rounding alone would leave is nothing. */
  const isFree = (): boolean => {
    let all = 0;
    let free = 0;
    for (let s = 0; s < n; s++) {
      const square = d[s]! * d[s]!;
      all += square;
      if (s >= count) free += square;
    }
    return free > DEPENDS * all;
  };

  for (let k = 0; k < equals; k++) {
    directions(k);
    if (!isFree()) {
      // It says what others say, or contradicts them.
      if (Math.abs(slack(k)) > AGREES) return null;
      continue;
    }
    const t = -slack(k) / zDot(k);
    for (let i = 0; i < n; i++) x[i]! += t * z[i]!;
    u[count] = t;
    for (let i = 0; i < count; i++) u[i]! -= t * ru[i]!;
    add(k);
    fixed = count;
  }

  for (let step = 0; step < MOST_STEPS; step++) {
    let worst = -1;
    let least = -MET;
    for (let k = equals; k < m; k++) {
      if (isActive[k]) continue;
      const s = slack(k);
      if (s < least) {
        least = s;
        worst = k;
      }
    }
    if (worst < 0) return x;
    u[count] = 0;
    // One row comes in, others go out for it, until it is met.
    for (;;) {
      directions(worst);
      let t1 = Number.POSITIVE_INFINITY;
      let goes = -1;
      for (let i = fixed; i < count; i++)
        if (ru[i]! > EPS && u[i]! / ru[i]! < t1) {
          t1 = u[i]! / ru[i]!;
          goes = i;
        }
      const t2 = isFree() ? -slack(worst) / zDot(worst) : Number.POSITIVE_INFINITY;
      const t = Math.min(t1, t2);
      if (t === Number.POSITIVE_INFINITY) return null;
      for (let i = 0; i < count; i++) u[i]! -= t * ru[i]!;
      u[count]! += t;
      if (t2 === Number.POSITIVE_INFINITY) {
        drop(goes);
        continue;
      }
      for (let i = 0; i < n; i++) x[i]! += t * z[i]!;
      if (t === t2) {
        add(worst);
        break;
      }
      drop(goes);
    }
  }
  return null;
}
