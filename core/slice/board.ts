import { LINEAR } from './light';
import type { Plane } from './plane';
import type { Field, Mask } from './raster';
import type { Picture } from './types';

/** A part of the board seen from straight above: linear light in three colours over a grid of `scale` px a mm. */
export type Board = {
  w: number;
  h: number;
  /** Px a mm, and the place of the grid's corner on the board, mm. */
  scale: number;
  x0: number;
  y0: number;
  r: Field;
  g: Field;
  b: Field;
  /** 0 outside the photo, 2 where the photo is as bright as it can be, else 1. */
  seen: Mask;
};

/** Bytes from which a colour is taken for as bright as it can be. */
const BRIGHTEST = 251;

/**
 * The board between `x0, y0` and `x1, y1` (mm) from straight above. Each pixel is the mean of as many of the photo's as fall on
 * it, or lies between four where they are larger; means are of light, not of bytes.
 */
export function boardOf(
  { data, width, height }: Picture,
  { back: m }: Plane,
  [x0, y0, x1, y1]: readonly [number, number, number, number],
  scale: number,
  photoPxPerMm: number,
): Board {
  const w = Math.max(2, Math.round((x1 - x0) * scale));
  const h = Math.max(2, Math.round((y1 - y0) * scale));
  const [r, g, b] = [new Float32Array(w * h), new Float32Array(w * h), new Float32Array(w * h)];
  const seen = new Uint8Array(w * h);
  const box = Math.max(1, Math.floor(photoPxPerMm / scale + 0.25));
  const share = 1 / (box * box);
  // Plain variables throughout: this runs for every pixel, and a small array each would cost more than the sums.
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const x = x0 + (i + 0.5) / scale;
      const y = y0 + (j + 0.5) / scale;
      const d = m[6]! * x + m[7]! * y + m[8]!;
      const u = (m[0]! * x + m[1]! * y + m[2]!) / d;
      const v = (m[3]! * x + m[4]! * y + m[5]!) / d;
      const at = j * w + i;
      if (box === 1) {
        const a = Math.floor(u - 0.5);
        const c = Math.floor(v - 0.5);
        if (a < 0 || c < 0 || a >= width - 1 || c >= height - 1) continue;
        const fx = u - 0.5 - a;
        const fy = v - 0.5 - c;
        const k = (c * width + a) * 4;
        const q = k + 4 * width;
        const p00 = (1 - fx) * (1 - fy);
        const p10 = fx * (1 - fy);
        const p01 = (1 - fx) * fy;
        const p11 = fx * fy;
        for (let o = 0; o < 3; o++)
          (o === 0 ? r : o === 1 ? g : b)[at] =
            LINEAR[data[k + o]!]! * p00 +
            LINEAR[data[k + 4 + o]!]! * p10 +
            LINEAR[data[q + o]!]! * p01 +
            LINEAR[data[q + 4 + o]!]! * p11;
        seen[at] = data[k]! >= BRIGHTEST && data[k + 1]! >= BRIGHTEST ? 2 : 1;
        continue;
      }
      const a = Math.round(u - box / 2);
      const c = Math.round(v - box / 2);
      if (a < 0 || c < 0 || a + box > width || c + box > height) continue;
      let sr = 0;
      let sg = 0;
      let sb = 0;
      let bright = 0;
      for (let q = 0; q < box; q++)
        for (let p = 0, k = ((c + q) * width + a) * 4; p < box; p++, k += 4) {
          sr += LINEAR[data[k]!]!;
          sg += LINEAR[data[k + 1]!]!;
          sb += LINEAR[data[k + 2]!]!;
          if (data[k]! >= BRIGHTEST && data[k + 1]! >= BRIGHTEST) bright += 1;
        }
      r[at] = sr * share;
      g[at] = sg * share;
      b[at] = sb * share;
      seen[at] = 2 * bright > box * box ? 2 : 1;
    }
  return { w, h, scale, x0, y0, r, g, b, seen };
}

/** What the board's own light is, as the logarithm of each colour over the place: six terms of second order. */
export type Surface = readonly [readonly number[], readonly number[], readonly number[]];
/** Places are told in units of so many mm about the middle, so that all terms are of one size. */
export const TERM_MM = 80;
export const termsOf = (x: number, y: number, [mx, my]: readonly [number, number]): number[] => {
  const [u, v] = [(x - mx) / TERM_MM, (y - my) / TERM_MM];
  return [1, u, v, u * u, u * v, v * v];
};
export const surfaceAt = (c: readonly number[], t: readonly number[]): number =>
  c[0]! + c[1]! * t[1]! + c[2]! * t[2]! + c[3]! * t[3]! + c[4]! * t[4]! + c[5]! * t[5]!;
