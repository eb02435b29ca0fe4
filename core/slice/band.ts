import type { Face } from './face';
import { solved } from './least';
import type { Levels } from './levels';
import { lightness } from './light';
import { blurred, median, type Mask } from './raster';
import { standingOn, type Shape, type Stand } from './shape';
import type { GummyLine } from './types';

const ROW_MM = 0.5;
/** Only so much of the width, in the middle, is looked at: beside the crust it is darker anyway. */
const MIDDLE = 0.82;
/** A band begins in the lower part of the slice, and is so thick, mm. */
const BEGINS_BELOW = 0.45;
const ENDS_BELOW = 0.55;
const THICK_MM = [2, 22] as const;
/** It is one where it is so much darker, in steps of lightness, and tells so much of the differences between rows. */
const DARKER = 1.6;
const TELLS = 0.4;

/**
 * The gummy line: of all bands in the lower half the one that, taken as darker by one amount, explains best how bright the
 * walls of the crumb are row by row, beside a slope over the whole height. Light was evened over the face, not by rows.
 */
export function bandOf(
  face: Face,
  crumb: Mask,
  levels: Levels,
  hole: Mask,
  stand: Stand,
  shape: Shape,
): GummyLine | null {
  const { w, h } = face;
  const soft = blurred(face.y, w, h, 1);
  const rows = Array.from({ length: Math.ceil(shape.height / ROW_MM) + 1 }, (): number[] => []);
  const place = standingOn(stand, face);
  const middle = (shape.from + shape.to) / 2;
  const reach = ((shape.to - shape.from) / 2) * MIDDLE;
  for (let j = 0; j < h; j++)
    for (let i = j % 2; i < w; i += 2) {
      const k = j * w + i;
      if (!crumb[k] || hole[k] || levels.ratio[k]! < 0.95) continue;
      if (Math.abs(place.u(i, j) - middle) <= reach)
        rows[Math.max(0, Math.floor(place.t(i, j) / ROW_MM))]?.push(soft[k]!);
    }
  const seen = rows
    .map((v, b) => ({ t: (b + 0.5) * ROW_MM, n: v.length, l: v.length > 60 ? lightness(median(v)) : NaN }))
    .filter((r) => Number.isFinite(r.l));
  if (seen.length < 20) return null;
  const half = shape.height / 2;
  // Sums up to each row: what a band adds to them is told without going over its rows again.
  const n = seen.length;
  const [upT, upL] = [[0], [0]];
  let [tt, tl, ll] = [0, 0, 0];
  seen.forEach(({ t, l }, i) => {
    const x = t - half;
    upT.push(upT[i]! + x);
    upL.push(upL[i]! + l);
    tt += x * x;
    tl += x * l;
    ll += l * l;
  });
  const missed = (from: number, to: number) => {
    const [st, sl] = [upT[to]! - upT[from]!, upL[to]! - upL[from]!];
    const normal = [
      [n, upT[n]!, from - to],
      [upT[n]!, tt, -st],
      [from - to, -st, to - from],
    ];
    const right = [upL[n]!, tl, -sl];
    const of =
      to > from
        ? solved(normal, right)
        : [...solved([normal[0]!.slice(0, 2), normal[1]!.slice(0, 2)], right.slice(0, 2)), 0];
    return { error: ll - of.reduce((s, c, i) => s + c * right[i]!, 0), depth: of[2]! };
  };
  const none = missed(0, 0).error;
  let best: { error: number; depth: number; from: number; to: number } | null = null;
  for (let a = 0; a < n && seen[a]!.t < BEGINS_BELOW * shape.height; a++)
    for (let b = a + 1; b <= n; b++) {
      const thick = seen[b - 1]!.t - seen[a]!.t + ROW_MM;
      if (thick < THICK_MM[0]) continue;
      if (thick > THICK_MM[1] || seen[b - 1]!.t > ENDS_BELOW * shape.height) break;
      const { error, depth } = missed(a, b);
      if (depth > 0 && (!best || error < best.error))
        best = { error, depth, from: seen[a]!.t - ROW_MM / 2, to: seen[b - 1]!.t + ROW_MM / 2 };
    }
  if (!best || best.depth <= DARKER || 1 - best.error / none <= TELLS) return null;
  return { thickMm: best.to - best.from, fromBaseMm: best.from, depth: best.depth };
}
