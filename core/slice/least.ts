/** Solves a small symmetric system by elimination with pivots. */
export function solved(matrix: number[][], right: number[]): number[] {
  const n = right.length;
  const a = matrix.map((row, i) => [...row, right[i]!]);
  for (let c = 0; c < n; c++) {
    let p = c;
    for (let i = c + 1; i < n; i++) if (Math.abs(a[i]![c]!) > Math.abs(a[p]![c]!)) p = i;
    [a[c], a[p]] = [a[p]!, a[c]!];
    for (let i = c + 1; i < n; i++) {
      const f = a[i]![c]! / a[c]![c]!;
      for (let j = c; j <= n; j++) a[i]![j]! -= f * a[c]![j]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let s = a[i]![n]!;
    for (let j = i + 1; j < n; j++) s -= a[i]![j]! * x[j]!;
    x[i] = s / a[i]![i]!;
  }
  return x;
}

/** Least squares of values over terms; `ridge` keeps all terms but the first small where the places do not tell them apart. */
export function fitted(
  terms: readonly (readonly number[])[],
  values: ArrayLike<number>,
  ridge = 0,
): number[] {
  const n = terms[0]?.length ?? 0;
  const normal = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  const right = new Array<number>(n).fill(0);
  terms.forEach((t, k) => {
    for (let i = 0; i < n; i++) {
      right[i]! += t[i]! * values[k]!;
      for (let j = 0; j < n; j++) normal[i]![j]! += t[i]! * t[j]!;
    }
  });
  for (let i = 1; i < n; i++) normal[i]![i]! += ridge * terms.length;
  return solved(normal, right);
}
