/** A field of numbers over a grid, row by row. */
export type Field = Float32Array<ArrayBuffer>;
export type Mask = Uint8Array<ArrayBuffer>;

/** A mask of where something is so. */
export function maskOf(n: number, is: (k: number) => boolean): Mask {
  const out = new Uint8Array(n);
  for (let k = 0; k < n; k++) if (is(k)) out[k] = 1;
  return out;
}

/** The value below which a share `p` (0 to 1) of the values lies; NaN of none. */
export function quantile(values: ArrayLike<number>, p: number): number {
  const n = values.length;
  if (n === 0) return NaN;
  return new Float64Array(values).sort()[Math.min(n - 1, Math.max(0, Math.round(p * (n - 1))))]!;
}
export const median = (values: ArrayLike<number>): number => quantile(values, 0.5);

/** One box mean of half-width `r` along rows, then along columns; the border is repeated. */
function boxed(a: Field, b: Field, w: number, h: number, r: number): void {
  const by = 1 / (2 * r + 1);
  for (let y = 0; y < h; y++) {
    const at = y * w;
    const last = at + w - 1;
    let sum = (r + 1) * a[at]!;
    for (let x = 1; x <= r; x++) sum += a[Math.min(at + x, last)]!;
    for (let x = 0; x < w; x++) {
      b[at + x] = sum * by;
      sum += a[Math.min(at + x + r + 1, last)]! - a[Math.max(at + x - r, at)]!;
    }
  }
  const sums = new Float64Array(w);
  for (let x = 0; x < w; x++) sums[x] = (r + 1) * b[x]!;
  for (let y = 1; y <= r; y++) for (let x = 0; x < w; x++) sums[x]! += b[Math.min(y, h - 1) * w + x]!;
  for (let y = 0; y < h; y++) {
    const [more, less] = [Math.min(y + r + 1, h - 1) * w, Math.max(y - r, 0) * w];
    for (let x = 0; x < w; x++) {
      a[y * w + x] = sums[x]! * by;
      sums[x]! += b[more + x]! - b[less + x]!;
    }
  }
}

/** A field smoothed by a Gaussian of `sigma` px, as three box means of widths that give its variance (Kovesi 2010). */
export function blurred(field: ArrayLike<number>, w: number, h: number, sigma: number): Field {
  const a = new Float32Array(field);
  const b = new Float32Array(w * h);
  const ideal = Math.sqrt(4 * sigma * sigma + 1);
  const low = Math.max(1, 2 * Math.floor((ideal - 1) / 2) + 1);
  const lows = Math.round((12 * sigma * sigma - 3 * low * low - 12 * low - 9) / (-4 * low - 4));
  for (let pass = 0; pass < 3; pass++) {
    const r = ((pass < lows ? low : low + 2) - 1) / 2;
    if (r >= 1) boxed(a, b, w, h, r);
  }
  return a;
}

/**
 * How far each pixel of a mask is from the nearest one outside it, px; 0 outside. What lies beyond the grid does not count.
 * Exact, linear in the number of pixels (Felzenszwalb and Huttenlocher 2012).
 */
export function distances(mask: Mask, w: number, h: number): Field {
  const far = w + h;
  const out = new Float32Array(w * h);
  for (let x = 0; x < w; x++) {
    let d = far;
    for (let y = 0; y < h; y++) out[y * w + x] = d = mask[y * w + x] ? d + 1 : 0;
    d = far;
    for (let y = h - 1; y >= 0; y--) {
      d = mask[y * w + x] ? d + 1 : 0;
      if (d < out[y * w + x]!) out[y * w + x] = d;
    }
  }
  const row = new Float64Array(w);
  const at = new Int32Array(w);
  const from = new Float64Array(w + 1);
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) row[x] = out[y * w + x]! ** 2;
    let k = 0;
    at[0] = 0;
    from[0] = -Infinity;
    from[1] = Infinity;
    for (let q = 1; q < w; q++) {
      let s: number;
      for (;;) {
        const v = at[k]!;
        s = (row[q]! + q * q - row[v]! - v * v) / (2 * (q - v));
        if (s > from[k]! || k === 0) break;
        k -= 1;
      }
      k += 1;
      at[k] = q;
      from[k] = s;
      from[k + 1] = Infinity;
    }
    k = 0;
    for (let q = 0; q < w; q++) {
      while (from[k + 1]! < q) k += 1;
      out[y * w + q] = Math.sqrt((q - at[k]!) ** 2 + row[at[k]!]!);
    }
  }
  return out;
}

/** Pixels of a mask that hang together over their sides, numbered from 1, with the number of pixels of each; 0 is outside. */
export function regions(mask: Mask, w: number, h: number): { of: Int32Array; sizes: number[] } {
  const of = new Int32Array(w * h);
  const stack = new Int32Array(w * h);
  const sizes = [0];
  for (let start = 0; start < of.length; start++) {
    if (!mask[start] || of[start]) continue;
    const id = sizes.length;
    let top = 1;
    let size = 0;
    of[start] = id;
    stack[0] = start;
    while (top > 0) {
      const k = stack[--top]!;
      size += 1;
      const x = k % w;
      for (let side = 0; side < 4; side++) {
        if ((side === 0 && x === 0) || (side === 1 && x === w - 1)) continue;
        const next = side === 0 ? k - 1 : side === 1 ? k + 1 : side === 2 ? k - w : k + w;
        if (!mask[next] || of[next]) continue;
        of[next] = id;
        stack[top++] = next;
      }
    }
    sizes.push(size);
  }
  return { of, sizes };
}
/** The largest region of a mask alone. */
export function largest(mask: Mask, w: number, h: number): Mask {
  const { of, sizes } = regions(mask, w, h);
  let best = 0;
  for (let i = 1; i < sizes.length; i++) if (best === 0 || sizes[i]! > sizes[best]!) best = i;
  return maskOf(w * h, (k) => best > 0 && of[k] === best);
}
/** A mask with what it encloses. */
export function filled(mask: Mask, w: number, h: number): Mask {
  const outside = largest(
    maskOf(w * h, (k) => !mask[k]),
    w,
    h,
  );
  return maskOf(w * h, (k) => !outside[k]);
}

/** A field read between its pixels, whose middles lie at whole numbers; the border is repeated. */
export function between(field: Field, w: number, h: number, x: number, y: number): number {
  const u = Math.min(w - 1.001, Math.max(0, x));
  const v = Math.min(h - 1.001, Math.max(0, y));
  const i = Math.floor(u);
  const j = Math.floor(v);
  const fx = u - i;
  const fy = v - j;
  const k = j * w + i;
  return (
    (field[k]! * (1 - fx) + field[k + 1]! * fx) * (1 - fy) +
    (field[k + w]! * (1 - fx) + field[k + w + 1]! * fx) * fy
  );
}
