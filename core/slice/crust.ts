import type { Face } from './face';
import { labOf, lightness, luminanceAt } from './light';
import { blurred, median, quantile, type Field, type Mask } from './raster';
import { standing, standingOn, type Stand } from './shape';
import type { Lab, Point } from './types';

/** The rim is looked at in this many sectors around the middle, so deep, mm. */
const SECTORS = 24;
const DEEP_MM = 20;
/** A crust that is no more than so much darker than the crumb, in steps of lightness, is none in that sector, or on the whole. */
const NONE = 3;
const FAINT = 10;
/** Crumb begins so far inside the crust, mm. */
const RIM_MM = 1;

/** The crust of a face, and what lies inside it. */
export type Crust = {
  /** How much darker than the crumb, over the sectors, in steps of lightness. */
  contrast: number;
  crumb: Mask;
  colour: Lab | null;
  /** Medians over the top, the sides and the base, mm. */
  topMm: number;
  sideMm: number;
  baseMm: number;
};

/** Depth at which the light is half-way from the crust's to the crumb's, from a profile of lightness by depth in px. */
function depthOf(profile: readonly number[], scale: number): { px: number; contrast: number } {
  const inner = median(profile.slice(Math.round(7 * scale), Math.round(13 * scale)).filter(Number.isFinite));
  let darkest = 2;
  for (let q = 2; q < Math.round(3.5 * scale) && q < profile.length; q++)
    if (profile[q]! < profile[darkest]!) darkest = q;
  // The crust's own level: the dark stretch up to the steepest rise.
  let [steepest, at] = [0, darkest];
  for (let q = Math.max(4, darkest); q + 4 < Math.min(profile.length, Math.round(10 * scale)); q++) {
    const rise = profile[q + 4]! - profile[q - 4]!;
    if (rise > steepest) [steepest, at] = [rise, q];
  }
  const outer = median(profile.slice(2, Math.max(4, Math.round(0.8 * at))).filter(Number.isFinite));
  const contrast = inner - outer;
  if (!(contrast > NONE)) return { px: 0, contrast: contrast || 0 };
  const half = lightness((luminanceAt(outer) + luminanceAt(inner)) / 2);
  for (let q = Math.max(1, darkest); q < profile.length; q++)
    if (profile[q]! >= half) {
      const before = profile[q - 1]!;
      return { px: q - 0.5 + (half - before) / Math.max(1e-6, profile[q]! - before), contrast };
    }
  return { px: 0, contrast };
}

/** The crust of a face, `inside` being how far each px is from its edge; the sectors stand on the base. */
export function crustOf(face: Face, inside: Field, stand: Stand, middle: Point): Crust {
  const { w, h, scale, mask } = face;
  const soft = blurred(face.y, w, h, 1);
  const slope = blurred(inside, w, h, 4);
  const [mu, mt] = standing(stand, middle);
  const place = standingOn(stand, face);
  const turnOf = (i: number, j: number): number => {
    return (Math.atan2(place.t(i, j) - mt, place.u(i, j) - mu) / (2 * Math.PI) + 1) % 1;
  };
  const deep = Math.round(DEEP_MM * scale);
  const seen = Array.from({ length: SECTORS }, () => Array.from({ length: deep }, (): number[] => []));
  for (let j = 2; j < h - 2; j++)
    for (let i = 2; i < w - 2; i++) {
      const k = j * w + i;
      // Every fifth px of the edge is enough.
      if (!mask[k] || inside[k]! >= 2 || (7 * i + 13 * j) % 5 !== 0) continue;
      let [gx, gy] = [slope[k + 1]! - slope[k - 1]!, slope[k + w]! - slope[k - w]!];
      const size = Math.hypot(gx, gy);
      if (size < 0.3) continue;
      [gx, gy] = [gx / size, gy / size];
      const sector = seen[Math.floor(turnOf(i, j) * SECTORS) % SECTORS]!;
      for (let q = 0; q < deep; q++) {
        const [x, y] = [Math.round(i + gx * q), Math.round(j + gy * q)];
        if (x < 0 || y < 0 || x >= w || y >= h) break;
        // Beyond the middle the way in is the way out.
        if (inside[y * w + x]! < 0.8 * q) break;
        sector[q]!.push(soft[y * w + x]!);
      }
    }
  const depths = seen.map((sector) =>
    depthOf(
      sector.map((v) => (v.length > 5 ? lightness(quantile(v, 0.7)) : NaN)),
      scale,
    ),
  );
  const contrast = median(depths.map((d) => d.contrast));
  const round = (i: number) => depths[(i + SECTORS) % SECTORS]!.px;
  const px = depths.map((_, i) => (contrast < FAINT ? 0 : median([round(i - 1), round(i), round(i + 1)])));
  const at = (i: number, j: number): number => {
    const a = turnOf(i, j) * SECTORS - 0.5 + SECTORS;
    const [k, f] = [Math.floor(a), a - Math.floor(a)];
    return px[k % SECTORS]! * (1 - f) + px[(k + 1) % SECTORS]! * f;
  };
  const crumb = new Uint8Array(w * h);
  const colours: [number[], number[], number[]] = [[], [], []];
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const k = j * w + i;
      if (!mask[k]) continue;
      const d = inside[k]!;
      const crust = d > 15 * scale ? 0 : at(i, j);
      if (d > crust + RIM_MM * scale) crumb[k] = 1;
      else if (d > 2 && d < 0.8 * crust && (i + j) % 3 === 0)
        labOf(face.r[k]!, face.g[k]!, face.b[k]!).forEach((v, c) => colours[c]!.push(v));
    }
  // Sectors of 15°: the top stands between 60 and 120°, the base between 240 and 300°.
  const over = (from: number, to: number) => median(px.slice(from, to)) / scale;
  return {
    contrast,
    crumb,
    colour: colours[0].length > 50 ? (colours.map(median) as unknown as Lab) : null,
    topMm: over(4, 8),
    sideMm: median([...px.slice(0, 2), ...px.slice(10, 14), ...px.slice(22)]) / scale,
    baseMm: over(16, 20),
  };
}
/** Whether the crust is distinct from the crumb at all. */
export const distinct = (crust: Crust): boolean => crust.contrast >= FAINT;
