import { LINEAR, luminance } from './light';
import { median, quantile } from './raster';
import type { Picture, Point } from './types';

/** A bank card, mm (ISO/IEC 7810, ID-1): its short and its long side. */
export const CARD_MM = [53.98, 85.6] as const;

/** A projective map of a plane: three rows of three. */
type Matrix = readonly number[];
const mapped = (m: Matrix, [x, y]: Point): Point => {
  const d = m[6]! * x + m[7]! * y + m[8]!;
  return [(m[0]! * x + m[1]! * y + m[2]!) / d, (m[3]! * x + m[4]! * y + m[5]!) / d];
};
/** The map that undoes one (its adjugate: a factor does not matter). */
const undone = ([a, b, c, d, e, f, g, h, i]: Matrix): Matrix => [
  e! * i! - f! * h!,
  c! * h! - b! * i!,
  b! * f! - c! * e!,
  f! * g! - d! * i!,
  a! * i! - c! * g!,
  c! * d! - a! * f!,
  d! * h! - e! * g!,
  b! * g! - a! * h!,
  a! * e! - b! * d!,
];

/** From the photo to the board in mm, and back. The card's first corner is the origin, its first side the first axis. */
export type Plane = { toBoard: (p: Point) => Point; toPhoto: (p: Point) => Point; back: Matrix };

/**
 * The board as the four corners of a rectangle show it, `wide` by `high` mm (Heckbert 1989, unit square to quadrilateral).
 */
export function planeOf(corners: readonly Point[], wide: number, high: number): Plane {
  const [[x0, y0], [x1, y1], [x2, y2], [x3, y3]] = corners as [Point, Point, Point, Point];
  const [dx1, dx2, sx] = [x1 - x2, x3 - x2, x0 - x1 + x2 - x3];
  const [dy1, dy2, sy] = [y1 - y2, y3 - y2, y0 - y1 + y2 - y3];
  const det = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / det;
  const h = (dx1 * sy - sx * dy1) / det;
  const [u, v] = [1 / wide, 1 / high];
  const back = [
    (x1 - x0 + g * x1) * u,
    (x3 - x0 + h * x3) * v,
    x0,
    (y1 - y0 + g * y1) * u,
    (y3 - y0 + h * y3) * v,
    y0,
    g * u,
    h * v,
    1,
  ];
  const there = undone(back);
  return { toBoard: (p) => mapped(there, p), toPhoto: (p) => mapped(back, p), back };
}

const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
/** Corners in order around their middle, the first side a short one. */
export function ordered(corners: readonly Point[]): Point[] {
  const [mx, my] = [0, 1].map((i) => corners.reduce((s, p) => s + p[i]!, 0) / corners.length) as [
    number,
    number,
  ];
  const around = [...corners].sort(
    (p, q) => Math.atan2(p[1] - my, p[0] - mx) - Math.atan2(q[1] - my, q[0] - mx),
  ) as [Point, Point, Point, Point];
  const [a, b, c, d] = around;
  return apart(a, b) + apart(c, d) <= apart(b, c) + apart(d, a) ? around : [b, c, d, a];
}

/** Luminance between pixels, linear. */
function luminanceOf({ data, width, height }: Picture, x: number, y: number): number {
  const u = Math.min(width - 1.001, Math.max(0, x - 0.5));
  const v = Math.min(height - 1.001, Math.max(0, y - 0.5));
  const [i, j] = [Math.floor(u), Math.floor(v)];
  const [fx, fy] = [u - i, v - j];
  const at = (k: number) => luminance(LINEAR[data[k]!]!, LINEAR[data[k + 1]!]!, LINEAR[data[k + 2]!]!);
  const k = (j * width + i) * 4;
  const below = k + 4 * width;
  return (at(k) * (1 - fx) + at(k + 4) * fx) * (1 - fy) + (at(below) * (1 - fx) + at(below + 4) * fx) * fy;
}

const PROFILES = 60;
/** A line as normal and distance. */
type Line = { nx: number; ny: number; d: number };
/** The line through points, those far off it not counted (least squares with weights of nought and one, eight turns). */
function lineThrough(points: readonly Point[]): Line {
  let kept = points;
  let line: Line = { nx: 0, ny: 1, d: 0 };
  for (let turn = 0; turn < 8; turn++) {
    const n = kept.length;
    const [mx, my] = [0, 1].map((i) => kept.reduce((s, p) => s + p[i]!, 0) / n) as [number, number];
    let [xx, xy, yy] = [0, 0, 0];
    for (const [x, y] of kept) {
      xx += (x - mx) ** 2;
      xy += (x - mx) * (y - my);
      yy += (y - my) ** 2;
    }
    const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
    line = { nx: -Math.sin(angle), ny: Math.cos(angle), d: 0 };
    line.d = line.nx * mx + line.ny * my;
    const off = ([x, y]: Point) => Math.abs(line.nx * x + line.ny * y - line.d);
    const most = Math.max(0.1, 2.5 * 1.48 * median(points.map(off)));
    kept = points.filter((p) => off(p) <= most);
  }
  return line;
}
const crossing = (p: Line, q: Line): Point => {
  const det = p.nx * q.ny - p.ny * q.nx;
  return [(p.d * q.ny - q.d * p.ny) / det, (p.nx * q.d - q.nx * p.d) / det];
};

/**
 * The card's corners from its edges, which are found near the marked ones to a part of a pixel: its own corners are round.
 * `edgePx` is the width from a tenth to nine tenths of an edge, which tells how sharp the photo is. Null where no light card
 * stands out from what is around it.
 */
export function cardEdges(
  picture: Picture,
  marked: readonly Point[],
): { corners: Point[]; edgePx: number } | null {
  const lines: Line[] = [];
  const widths: number[] = [];
  const [cx, cy] = [0, 1].map((i) => marked.reduce((s, p) => s + p[i]!, 0) / 4) as [number, number];
  for (let e = 0; e < 4; e++) {
    const [a, b] = [marked[e]!, marked[(e + 1) % 4]!];
    const length = apart(a, b);
    if (!(length > 20)) return null;
    let [nx, ny] = [(a[1] - b[1]) / length, (b[0] - a[0]) / length];
    // Inwards.
    if ((cx - a[0]) * nx + (cy - a[1]) * ny < 0) [nx, ny] = [-nx, -ny];
    const reach = Math.max(8, 0.045 * length);
    const points: Point[] = [];
    for (let i = 0; i < PROFILES; i++) {
      const t = 0.1 + (0.8 * i) / (PROFILES - 1);
      const [x, y] = [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
      const profile: number[] = [];
      for (let s = -reach; s <= reach; s += 0.5) profile.push(luminanceOf(picture, x + nx * s, y + ny * s));
      const quarter = Math.max(3, profile.length >> 2);
      const low = median(profile.slice(0, quarter));
      const high = median(profile.slice(-quarter));
      if (high - low < 0.06) continue;
      const at = (share: number): number => {
        const level = low + (high - low) * share;
        const k = profile.findIndex((p, q) => q > 0 && profile[q - 1]! < level && p >= level);
        return k < 0
          ? NaN
          : -reach + 0.5 * (k - 1 + (level - profile[k - 1]!) / (profile[k]! - profile[k - 1]!));
      };
      const half = at(0.5);
      if (!Number.isFinite(half)) continue;
      points.push([x + nx * half, y + ny * half]);
      // From 15 to 85 % is 2.073 standard deviations of a blurred edge, from 10 to 90 % 2.563.
      const wide = at(0.85) - at(0.15);
      if (wide > 0) widths.push((wide * 2.563) / 2.073);
    }
    if (points.length < PROFILES / 3) return null;
    lines.push(lineThrough(points));
  }
  const [p, q, r, s] = lines as [Line, Line, Line, Line];
  const corners = [crossing(s, p), crossing(p, q), crossing(q, r), crossing(r, s)];
  const fits = corners.every(
    (c, i) => Number.isFinite(c[0]) && apart(c, marked[i]!) < 0.15 * apart(marked[0]!, marked[2]!),
  );
  return fits ? { corners, edgePx: quantile(widths, 0.5) } : null;
}

/** By how much opposite sides of the card differ, as the logarithm of their ratio in a mm: how far the camera leaned. */
export function converges([a, b, c, d]: readonly Point[]): number {
  const across = Math.log(apart(a!, b!) / apart(c!, d!)) / CARD_MM[1];
  const along = Math.log(apart(b!, c!) / apart(d!, a!)) / CARD_MM[0];
  return Math.hypot(across, along);
}
/** Pixels in a mm, from the four sides of the card. */
export const pxPerMm = ([a, b, c, d]: readonly Point[]): number =>
  (apart(a!, b!) + apart(c!, d!)) / (4 * CARD_MM[0]) + (apart(b!, c!) + apart(d!, a!)) / (4 * CARD_MM[1]);

/** Diagonal of a frame of 35 mm film, mm, by which focal lengths are told "as if on film". */
const FILM_MM = Math.hypot(36, 24);
/** What telephones' main cameras have, mm as if on film; common practice, no source. */
const USUAL_FOCAL_MM = { is: 26, from: 23, to: 29 };
/** How far the camera stood from the board, mm: by its focal length and how large the card shows (thin lens far from its subject). */
const distanceMm = (picture: { width: number; height: number }, scale: number, focalMm: number): number =>
  ((focalMm / FILM_MM) * Math.hypot(picture.width, picture.height)) / scale;

/** By how much lengths on the cut face show larger than on the card below it, and how unsure that is. */
export function faceLarger(
  picture: { width: number; height: number },
  scale: number,
  aboveMm: number,
  focalMm: number | undefined,
): { by: number; give: number } {
  if (aboveMm === 0) return { by: 1, give: 0 };
  const by = (focal: number): number => {
    const distance = distanceMm(picture, scale, focal);
    return distance / Math.max(distance / 2, distance - aboveMm);
  };
  if (focalMm !== undefined) return { by: by(focalMm), give: 0.004 };
  const { is, from, to } = USUAL_FOCAL_MM;
  return { by: by(is), give: (by(from) - by(to)) / 2 };
}

/** How far the camera leaned from straight above, degrees: sides farther away are shorter by the sine of it over the distance. */
export const leanDeg = (
  picture: { width: number; height: number },
  scale: number,
  converging: number,
  focalMm: number = USUAL_FOCAL_MM.is,
): number => (180 / Math.PI) * Math.asin(Math.min(1, converging * distanceMm(picture, scale, focalMm)));
