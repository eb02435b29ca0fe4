import jpeg from 'jpeg-js';
import type { Picture, Point } from '../slice/types';
import { blurred, distances } from '../slice/raster';

/**
 * Drawn photos of slices whose figures are known: an outline of a curve, a crust, a crumb of holes grown from seeds with walls
 * between them, a board, a card, a lens, light and noise. Colours and sizes are ours, from what such things look like; no bread
 * was measured for them.
 */
export type SliceDrawn = {
  wide: number;
  high: number;
  dome: number;
  dip: number;
  bulge: number;
  crust: { top: number; side: number; base: number };
  /** Median diameter of holes, mm, how widely they differ (standard deviation of the logarithm), and the share they are to fill. */
  hole: number;
  varied: number;
  open: number;
  /** How dark holes are, 0 to 1. */
  deep: number;
  gummy: { from: number; thick: number; dark: number } | null;
  crumbLight: number;
  crustLight: number;
  raisins: number;
};
export const BOARDS = ['slate', 'tray', 'linen', 'felt', 'paper', 'oak', 'cork', 'bamboo'] as const;
export type BoardId = (typeof BOARDS)[number];
export const WOODEN: readonly BoardId[] = ['oak', 'cork', 'bamboo'];
export type Shot = {
  board: BoardId;
  /** Px a mm, and the frame in mm. */
  scale: number;
  turn: number;
  tilt: number;
  tiltTo: number;
  light: number;
  lightFrom: number;
  exposure: number;
  cast: readonly [number, number, number];
  blurMm: number;
  noise: number;
  quality: number;
  shadow: boolean;
  glare: number;
  /** How far the slice's face lies above the card, mm. */
  above: number;
  /** How far off the corners are marked, px, standard deviation. */
  missed: number;
};
export type SliceTruth = {
  height: number;
  width: number;
  area: number;
  dip: number;
  crust: { top: number; side: number; base: number };
  open: number;
  typical: number;
  largest: number;
  gummy: SliceDrawn['gummy'];
};

/** A stream of chance of its own for each seed (mulberry32). */
export function chance(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
const normal = (r: () => number): number => Math.sqrt(-2 * Math.log(1 - r())) * Math.cos(2 * Math.PI * r());
/** Normal chances drawn once, to be picked from: a photo needs millions. */
const NORMALS = ((r) => Float32Array.from({ length: 65536 }, () => normal(r)))(chance(1));
/** Linear light, 0 to 1 in 8 192 steps, as sRGB, 0 to 255 (IEC 61966-2-1). */
const SRGB = Float32Array.from({ length: 8193 }, (_, i) => {
  const x = i / 8192;
  return 255 * (x <= 0.0031308 ? 12.92 * x : 1.055 * x ** (1 / 2.4) - 0.055);
});
const step = (x: number, from: number, to: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};
/** Smooth noise of mean 0 between about -1 and 1. */
function noiseOf(seed: number): (x: number, y: number) => number {
  const r = chance(seed);
  const table = Float32Array.from({ length: 65536 }, () => 2 * r() - 1);
  // Plain variables: this runs several times for each pixel.
  return (x, y) => {
    const i = Math.floor(x);
    const j = Math.floor(y);
    const fx = x - i;
    const fy = y - j;
    const u = fx * fx * (3 - 2 * fx);
    const v = fy * fy * (3 - 2 * fy);
    const row = (j & 255) << 8;
    const below = ((j + 1) & 255) << 8;
    const left = i & 255;
    const right = (i + 1) & 255;
    return (
      (table[row | left]! * (1 - u) + table[row | right]! * u) * (1 - v) +
      (table[below | left]! * (1 - u) + table[below | right]! * u) * v
    );
  };
}

/** Grid of the face: px a mm, its size in mm, and the place of its base line's middle. */
const SCALE = 10;
const [FACE_W, FACE_H] = [126, 104];
const [MID, BASE] = [FACE_W / 2, FACE_H - 8];
type Face = {
  w: number;
  h: number;
  light: [Float32Array, Float32Array, Float32Array];
  cover: Float32Array;
  hole: Uint8Array;
  truth: SliceTruth;
  raisins: Point[];
};

/** The edge as a closed curve through control points (Catmull-Rom), mm along the base and above it. */
function edgeOf(d: SliceDrawn, r: () => number): Point[] {
  const [half, hs] = [d.wide / 2, d.high];
  const wob = (by: number) => (r() - 0.5) * 2 * by;
  const through: Point[] = [
    [-half * 0.5, 0],
    [0, 0],
    [half * 0.5, 0],
    [half - 3.5, 0],
    [half, 4],
    [half + d.bulge + wob(0.6), hs * 0.45],
    [half + d.bulge * 0.8 + wob(0.6), hs * 0.78],
    [half * 0.9, hs],
    [half * 0.55, hs + d.dome * 0.72 - d.dip * 0.1 + wob(0.8)],
    [half * 0.22, hs + d.dome * 0.95 - d.dip * 0.75 + wob(0.5)],
    [-half * 0.05, hs + d.dome - d.dip],
    [-half * 0.3, hs + d.dome * 0.93 - d.dip * 0.65 + wob(0.5)],
    [-half * 0.6, hs + d.dome * 0.68 + wob(0.8)],
    [-half * 0.9, hs - 0.5],
    [-half - d.bulge * 0.8 + wob(0.6), hs * 0.76],
    [-half - d.bulge + wob(0.6), hs * 0.4],
    [-half, 4],
    [-half + 3.5, 0],
  ];
  const n = through.length;
  const out: Point[] = [];
  for (let i = 0; i < n; i++) {
    const [p, q, s, t] = [-1, 0, 1, 2].map((k) => through[(i + k + n) % n]!) as [Point, Point, Point, Point];
    for (let k = 0; k < 24; k++) {
      const x = k / 24;
      const of = (c: 0 | 1) =>
        q[c] +
        0.5 *
          x *
          (s[c] - p[c] + x * (2 * p[c] - 5 * q[c] + 4 * s[c] - t[c] + x * (3 * (q[c] - s[c]) + t[c] - p[c])));
      out.push([of(0), of(1)]);
    }
  }
  return out;
}

/** Height, width, area and dip of an edge, from its corners alone. */
function sizeOf(edge: readonly Point[]): Pick<SliceTruth, 'height' | 'width' | 'area' | 'dip'> {
  let area = 0;
  edge.forEach(([u, t], i) => {
    const [v, s] = edge[(i + 1) % edge.length]!;
    area += (u * s - v * t) / 2;
  });
  const us = edge.map((p) => p[0]);
  // Sides that lean out stand over each other: the highest place counts, half-millimetre by half-millimetre.
  const tops = new Map<number, number>();
  const half = Math.max(...edge.map((p) => p[1])) / 2;
  for (const [u, t] of edge)
    if (t > half) tops.set(Math.floor(2 * u), Math.max(tops.get(Math.floor(2 * u)) ?? 0, t));
  const top = [...tops].sort((p, q) => p[0] - q[0]).map(([, t]) => t);
  let dip = 0;
  top.forEach((t, i) => {
    const [left, right] = [Math.max(...top.slice(0, i + 1)), Math.max(...top.slice(i))];
    dip = Math.max(dip, Math.min(left, right) - t);
  });
  return {
    height: Math.max(...edge.map((p) => p[1])),
    width: Math.max(...us) - Math.min(...us),
    area: Math.abs(area),
    dip,
  };
}

type Seed = {
  u: number;
  t: number;
  r: number;
  flat: number;
  turn: number;
  wave: number;
  phase: number;
  tone: number;
};

/** The cut face from straight above, in linear light, and what is true of it. */
export function drawFace(d: SliceDrawn, seed: number): Face {
  const r = chance(seed);
  const [w, h] = [FACE_W * SCALE, FACE_H * SCALE];
  const edge = edgeOf(d, r);
  const mask = new Uint8Array(w * h);
  for (let j = 0; j < h; j++) {
    const t = BASE - (j + 0.5) / SCALE;
    const cuts: number[] = [];
    edge.forEach(([au, at], i) => {
      const [bu, bt] = edge[(i + 1) % edge.length]!;
      if (at > t !== bt > t) cuts.push(au + ((t - at) / (bt - at)) * (bu - au));
    });
    cuts.sort((a, b) => a - b);
    for (let c = 0; c + 1 < cuts.length; c += 2) {
      const to = Math.min(w, Math.round((cuts[c + 1]! + MID) * SCALE));
      for (let i = Math.max(0, Math.round((cuts[c]! + MID) * SCALE)); i < to; i++) mask[j * w + i] = 1;
    }
  }
  const inside = distances(mask, w, h);
  const outside = distances(
    Uint8Array.from(mask, (m) => 1 - m),
    w,
    h,
  );
  const size = sizeOf(edge);
  const middle = size.height / 2;
  const thickAt = (u: number, t: number): number => {
    const a = Math.atan2(t - middle, u);
    const top = step(Math.sin(a), 0.35, 0.75);
    const base = step(-Math.sin(a), 0.35, 0.75);
    return d.crust.top * top + d.crust.base * base + d.crust.side * (1 - top - base);
  };
  const px = ([u, t]: Point): number => Math.floor((BASE - t) * SCALE) * w + Math.floor((u + MID) * SCALE);
  const depthAt = (u: number, t: number): number => {
    const k = px([u, t]);
    return mask[k] ? inside[k]! / SCALE - thickAt(u, t) : -1;
  };

  // Seeds of holes, the larger first, none nearer to another than most of both their sizes.
  const seeds: Seed[] = [];
  const near = new Map<string, Seed[]>();
  const CELL = 6;
  const wanted = d.open * size.area * 1.22;
  const sizes: number[] = [];
  for (let sum = 0; sum < wanted;) {
    const one = Math.min(11, Math.max(0.35, d.hole * Math.exp(d.varied * normal(r))));
    sizes.push(one);
    sum += (Math.PI * one * one) / 4;
  }
  sizes.sort((a, b) => b - a);
  for (const one of sizes)
    for (let tries = 0; tries < 20; tries++) {
      const [u, t, rad] = [(r() - 0.5) * size.width, r() * size.height, one / 2];
      if (depthAt(u, t) < rad + 0.2) continue;
      const g = d.gummy;
      if (g && t > g.from - rad / 2 && t < g.from + g.thick + rad / 2 && r() < 0.85) continue;
      const reach = Math.ceil((rad + 5.5) / CELL);
      const [a, b] = [Math.floor(u / CELL), Math.floor(t / CELL)];
      let free = true;
      for (let p = -reach; free && p <= reach; p++)
        for (let q = -reach; free && q <= reach; q++)
          free = (near.get(`${a + p},${b + q}`) ?? []).every(
            (s) => Math.hypot(s.u - u, s.t - t) > 0.86 * (s.r + rad) + 0.08,
          );
      if (!free) continue;
      const made = {
        u,
        t,
        r: rad,
        flat: 1 + 0.4 * r(),
        turn: r() * Math.PI,
        wave: 0.1 * r(),
        phase: r() * 6.28,
        tone: 0.65 + 0.35 * r(),
      };
      seeds.push(made);
      const key = `${a},${b}`;
      near.set(key, [...(near.get(key) ?? []), made]);
      break;
    }

  // Each place belongs to the seed that it is nearest to beside that seed's size; between two there is a wall, or none.
  const [first, second] = [new Float32Array(w * h).fill(9), new Float32Array(w * h).fill(9)];
  const [of, other] = [new Int32Array(w * h), new Int32Array(w * h)];
  seeds.forEach((s, id) => {
    const most = 1.25 * s.r * s.flat;
    const [co, si] = [Math.cos(s.turn), Math.sin(s.turn)];
    for (let j = Math.floor((BASE - s.t - most) * SCALE); j <= (BASE - s.t + most) * SCALE; j++)
      for (let i = Math.floor((s.u + MID - most) * SCALE); i <= (s.u + MID + most) * SCALE; i++) {
        const k = j * w + i;
        if (!mask[k]) continue;
        const [x, y] = [(i + 0.5) / SCALE - MID - s.u, BASE - (j + 0.5) / SCALE - s.t];
        const [p, q] = [(co * x + si * y) * Math.sqrt(s.flat), (co * y - si * x) / Math.sqrt(s.flat)];
        const u = Math.hypot(p, q) / s.r / (1 + s.wave * Math.cos(2 * Math.atan2(q, p) + 3 * s.phase));
        if (u < first[k]!) {
          second[k] = first[k]!;
          other[k] = of[k]!;
          first[k] = u;
          of[k] = id + 1;
        } else if (u < second[k]!) {
          second[k] = u;
          other[k] = id + 1;
        }
      }
  });
  const joined = seeds.map((_, i) => i + 1);
  const root = (id: number): number => {
    let at = id;
    while (joined[at - 1] !== at) at = joined[at - 1]!;
    return at;
  };
  const broken = (a: number, b: number): boolean => ((a * 7919 + b * 104729) ^ (a * b)) % 7 === 0;
  const WALL = 0.24;
  const isHole = (k: number): boolean => {
    if (first[k]! >= 1) return false;
    if (second[k]! >= 1) return true;
    const [a, b] = [Math.min(of[k]!, other[k]!), Math.max(of[k]!, other[k]!)];
    if (broken(a, b)) {
      joined[root(b) - 1] = root(a);
      return true;
    }
    return ((second[k]! - first[k]!) * seeds[of[k]! - 1]!.r) / 2 > WALL / 2;
  };
  const hole = new Uint8Array(w * h);
  for (let k = 0; k < hole.length; k++) if (mask[k] && isHole(k)) hole[k] = 1;

  const raisins: Point[] = [];
  for (let i = 0; i < d.raisins; i++)
    raisins.push([(r() - 0.5) * size.width * 0.6, size.height * (0.3 + 0.4 * r())]);
  const noise = noiseOf(seed + 11);
  const light: Face['light'] = [new Float32Array(w * h), new Float32Array(w * h), new Float32Array(w * h)];
  const cover = new Float32Array(w * h);
  const from = r() * 6.28;
  const [lx, ly] = [Math.cos(from), Math.sin(from)];
  const [c, k0] = [d.crumbLight, d.crustLight];
  const crumbColour = [c, c * 0.86, c * 0.6];
  const crustColour = [k0, k0 * 0.53, k0 * 0.26];
  let [openPx, crumbPx] = [0, 0];
  const areas = new Map<number, number>();
  for (let k = 0; k < hole.length; k++) {
    const away = mask[k] ? inside[k]! : -outside[k]!;
    if (away < -6) continue;
    cover[k] = Math.min(1, Math.max(0, away + 0.5));
    const u = ((k % w) + 0.5) / SCALE - MID;
    const t = BASE - (Math.floor(k / w) + 0.5) / SCALE;
    const usual = thickAt(u, t);
    const thick = usual * (1 + 0.12 * noise(u * 0.14 + 80, t * 0.14));
    const depth = Math.max(0, away / SCALE);
    const crust = 1 - step(depth, thick - 0.5, thick + 0.5);
    let wet = 1;
    if (d.gummy) {
      const wavy = 0.5 * noise(u * 0.12, 7);
      const { from: g, thick: n, dark } = d.gummy;
      wet =
        1 -
        dark *
          step(t, g + wavy - 0.4, g + wavy + 0.4) *
          (1 - step(t, g + n + wavy - 0.4, g + n + wavy + 0.4));
    }
    const grain =
      1 +
      0.06 * noise(u * 3.1, t * 3.1) +
      0.05 * noise(u * 1.2 + 9, t * 1.2) +
      0.03 * noise(u * 0.3, t * 0.3 + 40);
    let shade = 1;
    if (hole[k]) {
      const s = seeds[of[k]! - 1]!;
      const wall = second[k]! < 1 ? Math.min((second[k]! - first[k]!) / 2, 1 - first[k]!) : 1 - first[k]!;
      // A hole is a ball cut near its middle: steep at its rim, and the darker the deeper.
      const down = Math.sqrt(2 * s.r * Math.max(0, wall * s.r));
      const lit = 1 - 0.35 * first[k]! * (((u - s.u) * lx + (t - s.t) * ly) / s.r);
      shade = 1 - d.deep * s.tone * (1 - Math.exp(-down / 0.35)) * lit;
    }
    for (let q = 0; q < 3; q++)
      light[q]![k] =
        (crumbColour[q]! * (1 - crust) * wet + crustColour[q]! * crust * (0.7 + 0.3 * step(depth, 0, 0.8))) *
        grain *
        Math.max(0.05, shade) ** (1 + 0.08 * q);
    for (const [ru, rt] of raisins)
      if (Math.hypot((u - ru) / 3.4, (t - rt) / 2.4) < 1)
        [0.05, 0.02, 0.025].forEach((v, q) => (light[q]![k] = v));
    if (mask[k] && depth > usual + 1) {
      crumbPx += 1;
      if (hole[k]) openPx += 1;
    }
    if (hole[k]) areas.set(root(of[k]!), (areas.get(root(of[k]!)) ?? 0) + 1 / (SCALE * SCALE));
  }
  const holes = [...areas]
    .filter(([id]) => depthAt(seeds[id - 1]!.u, seeds[id - 1]!.t) > 1)
    .map(([, area]) => ({ area, d: Math.sqrt((4 * area) / Math.PI) }))
    .filter((o) => o.d >= 1.2)
    .sort((a, b) => b.d - a.d);
  const sum = holes.reduce((s, o) => s + o.area, 0);
  return {
    w,
    h,
    light,
    cover,
    raisins,
    hole,
    truth: {
      ...size,
      crust: d.crust,
      open: openPx / crumbPx,
      typical: holes.reduce((s, o) => s + o.d * o.area, 0) / sum,
      largest: holes.slice(0, 5).reduce((s, o) => s + o.d, 0) / Math.min(5, holes.length),
      gummy: d.gummy,
    },
  };
}

const COLOURS: Record<BoardId, readonly [number, number, number]> = {
  slate: [0.19, 0.23, 0.28],
  tray: [0.042, 0.043, 0.05],
  linen: [0.15, 0.2, 0.28],
  felt: [0.05, 0.13, 0.1],
  paper: [0.7, 0.69, 0.66],
  oak: [0.4, 0.27, 0.15],
  cork: [0.44, 0.31, 0.19],
  bamboo: [0.56, 0.41, 0.23],
};
/** The frame, mm; where the slice's base stands in it, and the card's corner with how far it is turned. */
const [FRAME_W, FRAME_H] = [196, 140];
const SLICE_AT: Point = [66, 70];
const CARD = { x: 132, y: 26, w: 53.98, h: 85.6, round: 3.18, turn: 0.03 };

/** A photo of a face beside a card, with the corners as a hand would mark them, and where raisins lie. */
export function photograph(
  face: Face,
  shot: Shot,
  seed: number,
): { picture: Picture; card: Point[]; raisins: Point[] } {
  const r = chance(seed);
  const noise = noiseOf(seed + 3);
  const { scale } = shot;
  const [w, h] = [Math.round(FRAME_W * scale), Math.round(FRAME_H * scale)];
  const DISTANCE = 420;
  const tilt = (shot.tilt * Math.PI) / 180;
  const [ct, st] = [Math.cos(tilt), Math.sin(tilt)];
  const [ca, sa] = [Math.cos(shot.tiltTo), Math.sin(shot.tiltTo)];
  const less = 1 - 0.25 * st;
  const [mx, my] = [FRAME_W / 2, FRAME_H / 2];
  /** From a plane `above` the card to the photo, and back. */
  const project = ([x, y]: Point, above = 0): Point => {
    const [u, v] = [ca * (x - mx) + sa * (y - my), ca * (y - my) - sa * (x - mx)];
    const z = DISTANCE + u * st - above * ct;
    const [p, q] = [((u * ct + above * st) * DISTANCE) / z, (v * DISTANCE) / z];
    return [((ca * p - sa * q) * less + mx) * scale, ((sa * p + ca * q) * less + my) * scale];
  };
  const ray = (i: number, j: number, above: number): Point => {
    const x = (i / scale - mx) / less;
    const y = (j / scale - my) / less;
    const p = (ca * x + sa * y) / DISTANCE;
    const q = (ca * y - sa * x) / DISTANCE;
    const u = (p * (DISTANCE - above * ct) - above * st) / (ct - p * st);
    const v = q * (DISTANCE + u * st - above * ct);
    return [ca * u - sa * v + mx, sa * u + ca * v + my];
  };
  const turn = (shot.turn * Math.PI) / 180;
  const [co, si] = [Math.cos(turn), Math.sin(turn)];
  const centre = face.truth.height / 2;
  const onFace = ([x, y]: Point): Point => {
    const [dx, dy] = [x - SLICE_AT[0], y - SLICE_AT[1]];
    return [(co * dx + si * dy + MID) * SCALE - 0.5, (co * dy - si * dx + BASE - centre) * SCALE - 0.5];
  };
  const [cc, cs] = [Math.cos(CARD.turn), Math.sin(CARD.turn)];
  const onCard = (u: number, v: number): Point => [CARD.x + cc * u - cs * v, CARD.y + cs * u + cc * v];
  const inCard = ([x, y]: Point): boolean => {
    const [dx, dy] = [x - CARD.x, y - CARD.y];
    const [u, v] = [cc * dx + cs * dy, cc * dy - cs * dx];
    if (u < 0 || v < 0 || u > CARD.w || v > CARD.h) return false;
    const a = Math.max(CARD.round - u, u - CARD.w + CARD.round, 0);
    const b = Math.max(CARD.round - v, v - CARD.h + CARD.round, 0);
    return Math.hypot(a, b) <= CARD.round;
  };
  const small = { w: Math.ceil(FRAME_W), h: Math.ceil(FRAME_H) };
  let dark = new Float32Array(small.w * small.h);
  if (shot.shadow) {
    for (let j = 0; j < small.h; j++)
      for (let i = 0; i < small.w; i++) {
        const [x, y] = onFace([i - 2.5, j - 2]);
        if (x >= 0 && y >= 0 && x < face.w && y < face.h)
          dark[j * small.w + i] = face.cover[Math.floor(y) * face.w + Math.floor(x)]!;
      }
    dark = blurred(dark, small.w, small.h, 2);
  }
  const base = COLOURS[shot.board];
  const boardAt = ([x, y]: Point): number => {
    const fine = 1 + 0.04 * noise(x * 2.2, y * 2.2);
    switch (shot.board) {
      case 'linen':
        return fine * (1 + 0.05 * Math.sin(x * 4.5) * Math.sin(y * 4.5));
      case 'oak':
        return fine * (1 + 0.2 * noise(x * 0.1, y * 0.9) + 0.1 * noise(x * 0.3, y * 3));
      case 'bamboo':
        return fine * (1 + 0.12 * noise(x * 0.05, Math.floor(y / 9) * 3.7) + 0.1 * noise(x * 0.2, y * 2.5));
      case 'cork':
        return (
          fine * (1 + 0.22 * noise(x * 0.7, y * 0.7) - 0.25 * step(noise(x * 0.5 + 40, y * 0.5), 0.5, 0.7))
        );
      default:
        return fine;
    }
  };
  const planes = [0, 1, 2].map(() => new Float32Array(w * h));
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const at = ray(i + 0.5, j + 0.5, 0);
      let rgb: [number, number, number];
      if (inCard(at)) rgb = [0.85, 0.85, 0.85];
      else {
        const a = Math.floor(at[0]);
        const b = Math.floor(at[1]);
        const shaded = a >= 0 && b >= 0 && a < small.w && b < small.h ? 1 - 0.5 * dark[b * small.w + a]! : 1;
        const t = boardAt(at) * shaded;
        rgb = [base[0] * t, base[1] * t, base[2] * t];
      }
      const [x, y] = onFace(shot.above === 0 ? at : ray(i + 0.5, j + 0.5, shot.above));
      const p = Math.floor(x);
      const q = Math.floor(y);
      if (p >= 0 && q >= 0 && p < face.w - 1 && q < face.h - 1) {
        const k = q * face.w + p;
        const fx = x - p;
        const fy = y - q;
        const mix = (f: Float32Array): number =>
          (f[k]! * (1 - fx) + f[k + 1]! * fx) * (1 - fy) +
          (f[k + face.w]! * (1 - fx) + f[k + face.w + 1]! * fx) * fy;
        const over = mix(face.cover);
        if (over > 0) for (let n = 0; n < 3; n++) rgb[n] = rgb[n]! * (1 - over) + mix(face.light[n]!) * over;
      }
      const ex = (at[0] - mx) / mx;
      const ey = (at[1] - my) / mx;
      const lit =
        (1 + shot.light * (ex * Math.cos(shot.lightFrom) + ey * Math.sin(shot.lightFrom))) *
        (1 - 0.08 * (ex * ex + ey * ey));
      const shine =
        shot.glare === 0
          ? 0
          : shot.glare * Math.exp(-((at[0] - SLICE_AT[0] - 12) ** 2 + (at[1] - SLICE_AT[1]) ** 2) / 130);
      for (let n = 0; n < 3; n++) planes[n]![j * w + i] = (rgb[n]! + shine) * lit;
    }
  const seen = shot.blurMm > 0 ? planes.map((f) => blurred(f, w, h, shot.blurMm * scale)) : planes;
  const data = new Uint8ClampedArray(w * h * 4);
  const more = 2 ** shot.exposure;
  for (let k = 0; k < w * h; k++) {
    for (let n = 0; n < 3; n++) {
      const v = seen[n]![k]! * more * shot.cast[n]!;
      const grain = NORMALS[(65536 * r()) | 0]! * shot.noise * Math.sqrt(0.02 + Math.max(0, v));
      data[4 * k + n] = SRGB[Math.round(8192 * Math.min(1, Math.max(0, v + grain)))]!;
    }
    data[4 * k + 3] = 255;
  }
  const picture =
    shot.quality >= 100
      ? { data, width: w, height: h }
      : jpeg.decode(jpeg.encode({ data: Buffer.from(data.buffer), width: w, height: h }, shot.quality).data, {
          useTArray: true,
          maxMemoryUsageInMB: 2048,
        });
  const corners: Point[] = [onCard(0, 0), onCard(CARD.w, 0), onCard(CARD.w, CARD.h), onCard(0, CARD.h)];
  const marked = corners.map((c): Point => {
    const [x, y] = project(c);
    return [x + normal(r) * shot.missed, y + normal(r) * shot.missed];
  });
  const raisins = face.raisins.map(([u, t]): Point => {
    const [x, y] = [u, centre - t];
    return project([SLICE_AT[0] + co * x - si * y, SLICE_AT[1] + si * x + co * y], shot.above);
  });
  return {
    picture: { data: new Uint8ClampedArray(picture.data), width: w, height: h },
    card: marked,
    raisins,
  };
}

/** A slice and a photo as they may be, by chance; the board is given. */
export function anySlice(seed: number): SliceDrawn {
  const r = chance(seed * 7 + 1);
  const within = (from: number, to: number) => from + (to - from) * r();
  const dips = r() < 0.4;
  const crumbLight = within(0.48, 0.72);
  return {
    wide: within(72, 98),
    high: within(46, 64),
    dome: dips ? within(0, 6) : within(3, 14),
    dip: dips ? within(3, 12) : 0,
    bulge: within(-1, 3),
    crust: { top: within(1.2, 4.2), side: within(0.9, 3), base: within(1, 3.2) },
    hole: within(0.7, 1.7),
    varied: within(0.35, 0.6),
    open: within(0.18, 0.42),
    deep: within(0.45, 0.8),
    gummy: r() < 0.5 ? { from: within(3, 8), thick: within(3, 11), dark: within(0.1, 0.34) } : null,
    crumbLight,
    crustLight: within(0.16, 0.34),
    raisins: 0,
  };
}
export const PLAIN_SHOT: Shot = {
  board: 'slate',
  scale: 7.5,
  turn: 0,
  tilt: 0,
  tiltTo: 0,
  light: 0,
  lightFrom: 0,
  exposure: 0,
  cast: [1, 1, 1],
  blurMm: 0.05,
  noise: 0.004,
  quality: 88,
  shadow: false,
  glare: 0,
  above: 0,
  missed: 2,
};
export function anyShot(seed: number, board: BoardId): Shot {
  const r = chance(seed * 13 + 5);
  const within = (from: number, to: number) => from + (to - from) * r();
  return {
    ...PLAIN_SHOT,
    board,
    scale: within(6, 8.4),
    turn: within(-14, 14),
    tilt: within(0, 16),
    tiltTo: within(0, 6.28),
    light: within(0, 0.28),
    lightFrom: within(0, 6.28),
    exposure: within(-0.7, 0),
    cast: [within(0.92, 1.06), 1, within(0.85, 1.05)],
    blurMm: within(0.03, 0.14),
    noise: within(0.002, 0.007),
    quality: Math.round(within(65, 95)),
    shadow: r() < 0.5,
  };
}
