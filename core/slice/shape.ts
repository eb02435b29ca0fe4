import { median } from './raster';
import type { Point } from './types';

/** Where the slice stands: a place on its base line, and the direction along it; heights are counted away from it. */
export type Stand = { at: Point; along: Point };
/** A place on the board, mm, as how far along the base and how high above it. */
export const standing = ({ at, along }: Stand, [x, y]: Point): Point => {
  const [dx, dy] = [x - at[0], y - at[1]];
  return [along[0] * dx + along[1] * dy, along[1] * dx - along[0] * dy];
};
export const onBoard = ({ at, along }: Stand, [u, t]: Point): Point => [
  at[0] + along[0] * u + along[1] * t,
  at[1] + along[1] * u - along[0] * t,
];

/** The same for px of a grid whose corner and scale are given, along a row and down it: far quicker than one by one. */
export type Grid = { x0: number; y0: number; scale: number };
export function standingOn({ at, along }: Stand, { x0, y0, scale }: Grid) {
  const [c, s] = [along[0] / scale, along[1] / scale];
  const [dx, dy] = [(x0 - at[0]) * scale + 0.5, (y0 - at[1]) * scale + 0.5];
  const u0 = c * dx + s * dy;
  const t0 = s * dx - c * dy;
  return {
    u: (i: number, j: number): number => u0 + c * i + s * j,
    t: (i: number, j: number): number => t0 + s * i - c * j,
  };
}

const COLUMN_MM = 0.5;
/** The rounded corners of a slice are no base: only so much of its width, in the middle, counts. */
const MIDDLE = 0.72;

/** The line a slice stands on: its lowest places, column by column, those off the line hardly counted (Cauchy weights). */
export function standOf(border: readonly Point[], down: Point): Stand {
  const n = border.length;
  const mid: Point = [border.reduce((s, p) => s + p[0], 0) / n, border.reduce((s, p) => s + p[1], 0) / n];
  let stand: Stand = { at: mid, along: [down[1], -down[0]] };
  for (let turn = 0; turn < 6; turn++) {
    const lowest = new Map<number, number>();
    let [from, to] = [Infinity, -Infinity];
    for (const p of border) {
      const [u, t] = standing(stand, p);
      const column = Math.floor(u / COLUMN_MM);
      lowest.set(column, Math.min(lowest.get(column) ?? Infinity, t));
      from = Math.min(from, u);
      to = Math.max(to, u);
    }
    const edge = ((1 - MIDDLE) / 2) * (to - from);
    const places = [...lowest]
      .map(([c, t]): Point => [(c + 0.5) * COLUMN_MM, t])
      .filter(([u]) => u > from + edge && u < to - edge);
    if (places.length < 8) break;
    let weights = places.map(() => 1);
    let [slope, level] = [0, 0];
    for (let k = 0; k < 10; k++) {
      const all = weights.reduce((s, x) => s + x, 0);
      const mu = places.reduce((s, p, i) => s + weights[i]! * p[0], 0) / all;
      const mt = places.reduce((s, p, i) => s + weights[i]! * p[1], 0) / all;
      let [uu, ut] = [0, 0];
      places.forEach(([u, t], i) => {
        uu += weights[i]! * (u - mu) ** 2;
        ut += weights[i]! * (u - mu) * (t - mt);
      });
      slope = ut / uu;
      level = mt - slope * mu;
      const offs = places.map(([u, t]) => Math.abs(t - level - slope * u));
      const usual = Math.max(0.1, 1.48 * median(offs));
      weights = offs.map((o) => 1 / (1 + (o / (2 * usual)) ** 2));
    }
    const length = Math.hypot(1, slope);
    const [a, b] = [onBoard(stand, [0, level]), onBoard(stand, [1, level + slope])];
    stand = { at: a, along: [(b[0] - a[0]) / length, (b[1] - a[1]) / length] };
  }
  return stand;
}

/** The line through two points marked by hand; the slice lies above it. */
export function standThrough([a, b]: readonly [Point, Point], border: readonly Point[]): Stand {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const stand: Stand = { at: a, along: [(b[0] - a[0]) / length, (b[1] - a[1]) / length] };
  const above = border.reduce((s, p) => s + standing(stand, p)[1], 0);
  return above >= 0 ? stand : { at: a, along: [-stand.along[0], -stand.along[1]] };
}

/** Size of a slice, mm and mm²; `from` and `to` are its ends along the base, `top` its highest place, `low` the lowest of its dip. */
export type Shape = {
  height: number;
  width: number;
  area: number;
  dip: number;
  from: number;
  to: number;
  top: Point;
  low: Point;
  shoulder: number;
};

const STRIP_MM = 0.6;
export function shapeOf(border: readonly Point[], stand: Stand): Shape {
  const places = border.map((p) => standing(stand, p));
  let [from, to, area] = [Infinity, -Infinity, 0];
  const tops = new Map<number, number>();
  places.forEach(([u, t], i) => {
    from = Math.min(from, u);
    to = Math.max(to, u);
    const strip = Math.floor(u / STRIP_MM);
    tops.set(strip, Math.max(tops.get(strip) ?? -Infinity, t));
    const [v, s] = places[(i + 1) % places.length]!;
    area += (u * s - v * t) / 2;
  });
  const strips = [...tops].sort(([a], [b]) => a - b);
  const raw = strips.map(([, t]) => t);
  const profile = raw.map((_, i) => median(raw.slice(Math.max(0, i - 2), i + 3)));
  const uOf = (i: number) => (strips[i]![0] + 0.5) * STRIP_MM;
  const running = (values: readonly number[]): number[] => {
    let most = -Infinity;
    return values.map((v) => (most = Math.max(most, v)));
  };
  // As deep as water would stand on it: below the lower of the highest places on either side.
  const left = running(profile);
  const right = running([...profile].reverse()).reverse();
  let [dip, low, highest] = [0, 0, 0];
  profile.forEach((t, i) => {
    const depth = Math.min(left[i]!, right[i]!) - t;
    if (depth > dip) [dip, low] = [depth, i];
    if (t > profile[highest]!) highest = i;
  });
  const height = profile[highest]!;
  return {
    height,
    width: to - from,
    area: Math.abs(area),
    dip,
    from,
    to,
    top: [uOf(highest), height],
    low: [uOf(low), profile[low]!],
    shoulder: profile[low]! + dip,
  };
}
