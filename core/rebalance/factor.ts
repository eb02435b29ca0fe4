/** Square matrices stand in one array, by rows of n; what lies beyond n × n is not looked at. */

/** Cholesky: Q = L Lᵀ, the lower half of `l` is written. False where Q is not positive definite. */
export function factor(n: number, q: Float64Array, l: Float64Array): boolean {
  for (let i = 0; i < n; i++)
    for (let k = 0; k <= i; k++) {
      let sum = q[i * n + k]!;
      for (let s = 0; s < k; s++) sum -= l[i * n + s]! * l[k * n + s]!;
      if (i > k) l[i * n + k] = sum / l[k * n + k]!;
      else if (sum > 0) l[i * n + i] = Math.sqrt(sum);
      else return false;
    }
  return true;
}

/** J = L⁻ᵀ: column i of it solves Lᵀ x = eᵢ. */
export function invert(n: number, l: Float64Array, j: Float64Array): void {
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
}

/** The least of ½ xᵀQx − cᵀx: x = J Jᵀ c; `d` is Jᵀ c. */
export function least(n: number, j: Float64Array, c: Float64Array, d: Float64Array, x: Float64Array): void {
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
}

/** Turns column `at` of a square matrix and the next into one another, by a cosine and a sine. */
export function turn(of: Float64Array, n: number, at: number, cc: number, ss: number): void {
  const xny = ss / (1 + cc);
  for (let k = at; k < n * n; k += n) {
    const [t1, t2] = [of[k]!, of[k + 1]!];
    of[k] = t1 * cc + t2 * ss;
    of[k + 1] = xny * (t1 + of[k]!) - t2;
  }
}
