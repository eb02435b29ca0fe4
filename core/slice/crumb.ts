import { hills } from './basins';
import type { Face } from './face';
import type { Levels } from './levels';
import { blurred, distances, maskOf, regions, type Mask } from './raster';
import { standingOn, type Shape, type Stand } from './shape';

/**
 * A place is open where it is darker than the walls by this share of what the holes around are: little, since small holes show
 * faint. Holes are measured at half, where an edge that is blurred keeps its place. Both were tried on drawn slices.
 */
const OPEN_SHARE = 0.3;
const SIZE_SHARE = 0.5;
/** Between these the open share is told to lie. */
const OPEN_SHARES = [0.22, 0.38] as const;
/**
 * Where holes stand close their walls are thin and show dark, and too few are found; where they stand apart the edges of walls
 * count as holes. What is read is stretched about its middle; a straight line through 64 drawn slices.
 */
const OPEN_MIDDLE = 0.4;
const OPEN_STRETCH = 1.12;
/** Holes are parted where they narrow by this share, or by so many px. */
const NARROWS = 0.06;
const NARROWS_PX = 0.5;
/** What lies so near to a thing that is no hole is its edge, mm. */
const EDGE_MM = 0.5;
/** Fewer px than this are texture. */
const LEAST_PX = 8;
/** Holes are counted from this diameter, mm. */
export const COUNTED_MM = 1.2;
const TILE_MM = 15;
/** Some holes that touch count as one: the mean came out 4 % too large on drawn slices of two makes. */
const TOUCHING = 0.96;

/** A hole: its middle along the base and above it, mm; its diameter as of a circle of its area. */
export type Hole = { u: number; t: number; d: number; area: number };
export type Crumb = {
  holes: Hole[];
  open: number;
  thirds: [number, number, number];
  /** Spread over tiles as a share of their mean, and the standard error of the mean over them. */
  uneven: number;
  error: number;
  areaMm2: number;
  hole: Mask;
  tunnels: Hole[];
};

const stretched = ({ open, all }: Counted): number =>
  Math.min(1, Math.max(0, OPEN_MIDDLE + OPEN_STRETCH * (open / Math.max(1, all) - OPEN_MIDDLE)));

type Moments = { n: number; u: number; t: number; uu: number; ut: number; tt: number };
/** Tall and narrow, and full: as high as it is wide 2.3 times over, 9 mm and more, within 35° of upright. */
function isTunnel({ n, u, t, uu, ut, tt }: Moments, scale: number): boolean {
  const [mu, mt] = [u / n, t / n];
  const [a, b, c] = [uu / n - mu * mu, tt / n - mt * mt, ut / n - mu * mt];
  const root = Math.sqrt((a - b) ** 2 + 4 * c * c);
  const [long, short] = [
    4 * Math.sqrt((a + b + root) / 2),
    4 * Math.sqrt(Math.max(1e-4, (a + b - root) / 2)),
  ];
  const lean = Math.abs(Math.abs(0.5 * Math.atan2(2 * c, a - b)) - Math.PI / 2) * (180 / Math.PI);
  const full = n / (scale * scale) / ((Math.PI / 4) * long * short);
  return long / short > 2.3 && long > 9 && lean < 35 && full > 0.88;
}

/** Whether a px is hole, at a share of the way from wall to hole; faint holes must stand out of the noise. */
function holeAt({ ratio, hole, noise }: Levels, share: number): (k: number) => boolean {
  const least = Math.max(0.06, 3 * noise);
  return (k) => ratio[k]! < 1 - (1 - Math.min(hole[k]!, 1 - least)) * share;
}
/** Px of the holes that hang together with one of the given px, and of their edges. */
function leftOut(hole: Mask, given: readonly number[], w: number, h: number, edgePx: number): Mask {
  const n = w * h;
  if (given.length === 0) return new Uint8Array(n);
  const { of } = regions(hole, w, h);
  const ids = new Set(given.map((k) => of[k] ?? 0).filter((id) => id > 0));
  const away = distances(
    maskOf(n, (k) => !ids.has(of[k]!)),
    w,
    h,
  );
  return maskOf(n, (k) => ids.size > 0 && away[k]! <= edgePx);
}
/** By how much the open share differs between two places of that share: how far it depends on it. */
export function openMoves(crumb: Mask, levels: Levels): number {
  const [a, b] = OPEN_SHARES.map((share) => holeAt(levels, share)) as [
    (k: number) => boolean,
    (k: number) => boolean,
  ];
  let [moved, all] = [0, 0];
  for (let k = 0; k < crumb.length; k++) {
    if (!crumb[k]) continue;
    all += 1;
    if (a(k) !== b(k)) moved += 1;
  }
  return moved / Math.max(1, all);
}

/** Where each px stands on the base and above it, mm; 0 where it is no crumb. */
type Standing = { u: Float32Array; t: Float32Array };
function standingsOf(crumb: Mask, face: Face, stand: Stand): Standing {
  const { w, h } = face;
  const place = standingOn(stand, face);
  const [u, t] = [new Float32Array(w * h), new Float32Array(w * h)];
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const k = j * w + i;
      if (!crumb[k]) continue;
      u[k] = place.u(i, j);
      t[k] = place.t(i, j);
    }
  return { u, t };
}

/** Holes that are each one by itself, parted where they narrow; those that are tunnels also by themselves. */
function holesOf(hole: Mask, { w, h, scale }: Face, { u, t }: Standing): { holes: Hole[]; tunnels: Hole[] } {
  const rounded = blurred(distances(hole, w, h), w, h, 1);
  for (let k = 0; k < rounded.length; k++) if (!hole[k]) rounded[k] = 0;
  const { of, count } = hills(rounded, w, NARROWS, NARROWS_PX);
  const moments = Array.from({ length: count + 1 }, (): Moments => ({
    n: 0,
    u: 0,
    t: 0,
    uu: 0,
    ut: 0,
    tt: 0,
  }));
  for (let k = 0; k < of.length; k++) {
    if (!of[k]) continue;
    const m = moments[of[k]!]!;
    const [x, y] = [u[k]!, t[k]!];
    m.n += 1;
    m.u += x;
    m.t += y;
    m.uu += x * x;
    m.ut += x * y;
    m.tt += y * y;
  }
  const holes: Hole[] = [];
  const tunnels: Hole[] = [];
  for (const m of moments) {
    if (m.n < LEAST_PX) continue;
    const area = m.n / (scale * scale);
    const one = { u: m.u / m.n, t: m.t / m.n, d: Math.sqrt((4 * area) / Math.PI), area };
    holes.push(one);
    if (area > 12 && isTunnel(m, scale)) tunnels.push(one);
  }
  return { holes, tunnels };
}

/** How many px were counted, and how many of them are open. */
type Counted = { open: number; all: number };
const none = (): Counted => ({ open: 0, all: 0 });

/** The open share of all, of each third from the bottom up, and of tiles, with its spread over them. */
function sharesOf(
  is: { counts: (k: number) => boolean; open: (k: number) => boolean },
  { u, t }: Standing,
  scale: number,
  shape: Shape,
): Pick<Crumb, 'open' | 'thirds' | 'uneven' | 'error' | 'areaMm2'> {
  const total = none();
  const thirds = [none(), none(), none()];
  const across = Math.ceil((shape.to - shape.from) / TILE_MM) + 1;
  const tiles = Array.from({ length: across * (Math.ceil(shape.height / TILE_MM) + 1) }, none);
  for (let k = 0; k < u.length; k++) {
    if (!is.counts(k)) continue;
    const on = is.open(k) ? 1 : 0;
    const above = Math.max(0, t[k]!);
    const third = thirds[Math.min(2, Math.floor((3 * above) / shape.height))]!;
    const tile = tiles[Math.floor(above / TILE_MM) * across + Math.floor((u[k]! - shape.from) / TILE_MM)];
    third.open += on;
    third.all += 1;
    total.open += on;
    total.all += 1;
    if (!tile) continue;
    tile.open += on;
    tile.all += 1;
  }
  const full = tiles.filter((c) => c.all > 0.6 * (TILE_MM * scale) ** 2).map(stretched);
  const mean = full.reduce((s, x) => s + x, 0) / full.length;
  const spread = Math.sqrt(full.reduce((s, x) => s + (x - mean) ** 2, 0) / Math.max(1, full.length - 1));
  return {
    open: stretched(total),
    thirds: thirds.map(stretched) as [number, number, number],
    uneven: spread / mean,
    error: spread / Math.sqrt(full.length),
    areaMm2: total.all / (scale * scale),
  };
}

/** Holes of the crumb; `noHoles` are px that the baker says are none. */
export function crumbOf(
  face: Face,
  crumb: Mask,
  levels: Levels,
  stand: Stand,
  shape: Shape,
  noHoles: readonly number[],
): Crumb {
  const { w, h, scale } = face;
  const n = w * h;
  const isHole = holeAt(levels, SIZE_SHARE);
  const hole = maskOf(n, (k) => crumb[k] === 1 && isHole(k));
  const left = leftOut(hole, noHoles, w, h, EDGE_MM * scale);
  for (let k = 0; k < n; k++) if (left[k]) hole[k] = 0;
  const standing = standingsOf(crumb, face, stand);
  // What the baker says is no hole is no crumb either.
  const is = { counts: (k: number) => crumb[k] === 1 && !left[k], open: holeAt(levels, OPEN_SHARE) };
  return { ...holesOf(hole, face, standing), ...sharesOf(is, standing, scale, shape), hole };
}

/** What is told of the holes of 1.2 mm and more: mean diameter by area, of the five largest, and how many in a cm². */
export function holeSizes({
  holes,
  areaMm2,
}: Crumb): { typical: number; largest: number; perCm2: number } | null {
  const counted = holes.filter((o) => o.d >= COUNTED_MM).sort((a, b) => b.d - a.d);
  if (counted.length < 5) return null;
  const area = counted.reduce((s, o) => s + o.area, 0);
  return {
    typical: (TOUCHING * counted.reduce((s, o) => s + o.d * o.area, 0)) / area,
    largest: counted.slice(0, 5).reduce((s, o) => s + o.d, 0) / 5,
    perCm2: (100 * counted.length) / areaMm2,
  };
}
