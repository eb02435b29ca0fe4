import { LINEAR } from './light';
import { borderOf } from './outline';
import { CARD_MM } from './plane';
import { maskOf, quantile, regions } from './raster';
import type { Picture, Point } from './types';

/** The photo is looked at so many px wide. */
const WIDE = 420;
/** Shares of the lightest that are tried as the card's least light. */
const LEVELS = [0.85, 0.7, 0.55, 0.4] as const;
/** A card fills its rectangle, and its sides stand to each other as they do, give or take what a slant makes of it. */
const FILLS = 0.93;
const RATIO = CARD_MM[1] / CARD_MM[0];
const RATIO_GIVE = 0.3;
const SHARE_OF_PHOTO = [0.008, 0.45] as const;

/** The smallest rectangle about points over a quarter turn in steps of two degrees. */
function rectangleAbout(points: readonly Point[]): { corners: Point[]; area: number; ratio: number } {
  let best = { corners: [] as Point[], area: Infinity, ratio: 0 };
  for (let turn = 0; turn < 90; turn += 2) {
    const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
    let [u0, u1, v0, v1] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const [x, y] of points) {
      const [u, v] = [c * x + s * y, c * y - s * x];
      u0 = Math.min(u0, u);
      u1 = Math.max(u1, u);
      v0 = Math.min(v0, v);
      v1 = Math.max(v1, v);
    }
    const [wide, high] = [u1 - u0, v1 - v0];
    if (wide * high >= best.area) continue;
    const at = (u: number, v: number): Point => [c * u - s * v, s * u + c * v];
    best = {
      corners: [at(u0, v0), at(u1, v0), at(u1, v1), at(u0, v1)],
      area: wide * high,
      ratio: Math.max(wide, high) / Math.min(wide, high),
    };
  }
  return best;
}

/**
 * The corners of a light, colourless card as they may be, px of the photo: a first place for the marks. Null where nothing in
 * the photo looks like one.
 */
export function findCard({ data, width, height }: Picture): Point[] | null {
  const step = Math.max(1, Math.ceil(width / WIDE));
  const [w, h] = [Math.floor(width / step), Math.floor(height / step)];
  const least = new Float32Array(w * h);
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const k = (Math.floor((j + 0.5) * step) * width + Math.floor((i + 0.5) * step)) * 4;
      least[j * w + i] = Math.min(LINEAR[data[k]!]!, LINEAR[data[k + 1]!]!, LINEAR[data[k + 2]!]!);
    }
  const lightest = quantile(least, 0.995);
  let best: { corners: Point[]; fills: number } | null = null;
  for (const level of LEVELS) {
    const { of, sizes } = regions(
      maskOf(w * h, (k) => least[k]! > level * lightest),
      w,
      h,
    );
    sizes.forEach((size, id) => {
      if (id === 0 || size < SHARE_OF_PHOTO[0] * w * h || size > SHARE_OF_PHOTO[1] * w * h) return;
      const border = borderOf(
        maskOf(w * h, (k) => of[k] === id),
        w,
        h,
      );
      const { corners, area, ratio } = rectangleAbout(border);
      const fills = size / area;
      if (fills < FILLS || Math.abs(ratio - RATIO) > RATIO_GIVE || (best && fills <= best.fills)) return;
      best = { corners: corners.map(([x, y]): Point => [x * step, y * step]), fills };
    });
  }
  return (best as { corners: Point[] } | null)?.corners ?? null;
}
