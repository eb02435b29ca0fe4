import type { Board } from './board';
import type { Ground } from './ground';
import { blurred, distances, filled, largest, maskOf, type Mask } from './raster';
import type { Grid } from './shape';
import type { Point } from './types';

/** Things narrower than twice this are not slice: crumbs, the rim of a shadow. */
const NARROW_MM = 1;

/** The largest thing on the board, with what it encloses, its thin spurs taken off. */
export function sliceMask({ w, h, scale }: Board, { unlike, limit }: Ground): Mask {
  const n = w * h;
  const thing = filled(
    maskOf(n, (k) => unlike[k]! > limit),
    w,
    h,
  );
  const reach = NARROW_MM * scale;
  const inside = distances(thing, w, h);
  const off = distances(
    maskOf(n, (k) => inside[k]! <= reach),
    w,
    h,
  );
  const opened = maskOf(n, (k) => thing[k] === 1 && off[k]! <= reach);
  const one = largest(opened, w, h);
  const smooth = blurred(one, w, h, 1.5);
  return maskOf(n, (k) => smooth[k]! > 0.5);
}

/** What a polygon encloses on a grid (even-odd rule); `at` gives its corners in px of the grid. */
export function polygonMask(corners: readonly Point[], w: number, h: number): Mask {
  const out = new Uint8Array(w * h);
  for (let j = 0; j < h; j++) {
    const y = j + 0.5;
    const cuts: number[] = [];
    corners.forEach(([ax, ay], i) => {
      const [bx, by] = corners[(i + 1) % corners.length]!;
      if (ay > y !== by > y) cuts.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
    });
    cuts.sort((a, b) => a - b);
    for (let c = 0; c + 1 < cuts.length; c += 2)
      for (let i = Math.max(0, Math.ceil(cuts[c]! - 0.5)); i < w && i + 0.5 < cuts[c + 1]!; i++)
        out[j * w + i] = 1;
  }
  return out;
}

/** The outer border of a mask over a part of the board, mm. */
export const borderMm = (mask: Mask, { w, h, x0, y0, scale }: Grid & { w: number; h: number }): Point[] =>
  borderOf(mask, w, h).map(([i, j]): Point => [x0 + i / scale, y0 + j / scale]);

/** The outer border of a mask as a closed line through the middles of its border pixels' outer sides, px of the grid. */
export function borderOf(mask: Mask, w: number, h: number): Point[] {
  const is = (x: number, y: number): boolean => x >= 0 && y >= 0 && x < w && y < h && mask[y * w + x] === 1;
  const start = mask.indexOf(1);
  if (start < 0) return [];
  // Along the corners of pixels, the mask on the right hand.
  const [sx, sy] = [start % w, Math.floor(start / w)];
  const out: Point[] = [];
  let [x, y, dx, dy] = [sx, sy, 1, 0];
  do {
    out.push([x + dx / 2, y + dy / 2]);
    x += dx;
    y += dy;
    // The two pixels ahead: on the left and on the right of the way.
    const left = is(x + (dx - 1 + dy) / 2, y + (dy - 1 - dx) / 2);
    const right = is(x + (dx - 1 - dy) / 2, y + (dy - 1 + dx) / 2);
    if (!right) [dx, dy] = [-dy, dx];
    else if (left) [dx, dy] = [dy, -dx];
  } while (x !== sx || y !== sy || dx !== 1 || dy !== 0);
  return out;
}
