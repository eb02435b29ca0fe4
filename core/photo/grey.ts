/** A picture in grey: a byte a pixel, row by row, 0 black to 255 white. */
export type Grey = { w: number; h: number; px: Uint8ClampedArray };

/** Grey of a picture's bytes (red, green, blue, alpha), by the luma weights of ITU-R BT.601. */
export function greyOf(rgba: Uint8ClampedArray, w: number, h: number): Grey {
  const px = new Uint8ClampedArray(w * h);
  for (let i = 0, j = 0; i < px.length; i++, j += 4)
    px[i] = 0.299 * rgba[j]! + 0.587 * rgba[j + 1]! + 0.114 * rgba[j + 2]!;
  return { w, h, px };
}

/** Means of squares of side 2 r + 1 about each pixel, by a table of sums: as quick for large squares as for small. */
function meansOf({ w, h, px }: Grey, r: number): Float32Array {
  const row = w + 1;
  const sums = new Float64Array(row * (h + 1));
  for (let y = 0; y < h; y++)
    for (let x = 0, line = 0; x < w; x++) {
      line += px[y * w + x]!;
      sums[(y + 1) * row + x + 1] = sums[y * row + x + 1]! + line;
    }
  const out = new Float32Array(w * h);
  for (let y = 0; y < h; y++) {
    const [top, bottom] = [Math.max(0, y - r), Math.min(h, y + r + 1)];
    for (let x = 0; x < w; x++) {
      const [left, right] = [Math.max(0, x - r), Math.min(w, x + r + 1)];
      const sum =
        sums[bottom * row + right]! -
        sums[top * row + right]! -
        sums[bottom * row + left]! +
        sums[top * row + left]!;
      out[y * w + x] = sum / ((bottom - top) * (right - left));
    }
  }
  return out;
}

/** Share of the width within which light is taken to be even. */
const LIGHT_SHARE = 0.04;

/**
 * The picture as dark print on even paper: each pixel beside the mean about it, so that a shadow or a bright side of the
 * packet goes; light print on a dark ground is turned about.
 */
export function evenPrint(grey: Grey): Grey {
  const { w, h } = grey;
  const mean = meansOf(grey, Math.max(8, Math.round(LIGHT_SHARE * w)));
  const out = new Uint8ClampedArray(w * h);
  // Print covers less than its ground: where most of what stands out is lighter, the print is light.
  let darker = 0;
  let lighter = 0;
  for (let i = 0; i < out.length; i++) {
    const d = grey.px[i]! - mean[i]!;
    if (d < -25) darker += 1;
    else if (d > 25) lighter += 1;
  }
  const sign = lighter > 0 && darker > 1.6 * lighter ? -1 : 1;
  for (let i = 0; i < out.length; i++) {
    const m = Math.max(20, mean[i]!);
    out[i] =
      sign > 0
        ? 215 + (255 * (grey.px[i]! - m)) / m
        : 215 - (255 * (grey.px[i]! - m)) / Math.max(60, 255 - m);
  }
  return { w, h, px: out };
}

/** The picture made smaller by a whole number, each pixel the mean of a square. */
function shrunk({ w, h, px }: Grey, by: number): Grey {
  const [nw, nh] = [Math.floor(w / by), Math.floor(h / by)];
  const out = new Uint8ClampedArray(nw * nh);
  for (let y = 0; y < nh; y++)
    for (let x = 0; x < nw; x++) {
      let sum = 0;
      for (let dy = 0; dy < by; dy++)
        for (let dx = 0; dx < by; dx++) sum += px[(y * by + dy) * w + x * by + dx]!;
      out[y * nw + x] = sum / (by * by);
    }
  return { w: nw, h: nh, px: out };
}

/** Most that a label is straightened by, degrees: beyond it the baker turns the picture. */
export const MOST_SKEW = 15;
const LOOKED_AT_PX = 500;

/**
 * By how much lines of print lean, degrees, clockwise positive, to a quarter of a degree. Of all angles the one is taken at
 * which the rows' sums of ink differ most from one to the next (the projection profile; Postl, 1986). 0 where no angle
 * stands out.
 */
export function skewOf(print: Grey): number {
  const small = shrunk(print, Math.max(1, Math.round(print.w / LOOKED_AT_PX)));
  const ink: [x: number, y: number, much: number][] = [];
  for (let y = 0; y < small.h; y++)
    for (let x = 0; x < small.w; x++) {
      const much = 200 - small.px[y * small.w + x]!;
      if (much > 30) ink.push([x, y, much]);
    }
  if (ink.length < 50) return 0;
  const half = Math.ceil(small.w * Math.tan((MOST_SKEW * Math.PI) / 180)) + 2;
  const score = (deg: number): number => {
    const tan = Math.tan((deg * Math.PI) / 180);
    const rows = new Float64Array(small.h + 2 * half);
    for (const [x, y, much] of ink) rows[Math.round(y - x * tan) + half]! += much;
    let sum = 0;
    for (let i = 1; i < rows.length; i++) sum += (rows[i]! - rows[i - 1]!) ** 2;
    return sum;
  };
  let best = 0;
  let most = 1.02 * score(0);
  const look = (from: number, to: number, step: number) => {
    for (let deg = from; deg <= to + 1e-9; deg += step) {
      const s = score(deg);
      if (s > most) [best, most] = [deg, s];
    }
  };
  look(-MOST_SKEW, MOST_SKEW, 1);
  const about = best;
  look(about - 0.75, about + 0.75, 0.25);
  return best;
}

/** The picture turned about its middle, degrees clockwise, as large as before; what comes in at the corners is paper. */
export function turned({ w, h, px }: Grey, degrees: number): Grey {
  const out = new Uint8ClampedArray(w * h).fill(215);
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  const [cx, cy] = [(w - 1) / 2, (h - 1) / 2];
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const fx = cx + (x - cx) * cos + (y - cy) * sin;
      const fy = cy - (x - cx) * sin + (y - cy) * cos;
      const [x0, y0] = [Math.floor(fx), Math.floor(fy)];
      if (x0 < 0 || y0 < 0 || x0 >= w - 1 || y0 >= h - 1) continue;
      const [ax, ay] = [fx - x0, fy - y0];
      const i = y0 * w + x0;
      out[y * w + x] =
        (1 - ay) * ((1 - ax) * px[i]! + ax * px[i + 1]!) + ay * ((1 - ax) * px[i + w]! + ax * px[i + w + 1]!);
    }
  return { w, h, px: out };
}

/** The picture as a file that a reader of print takes: portable graymap, binary (PGM, "P5"). */
export function pgmOf({ w, h, px }: Grey): Uint8Array {
  const head = Array.from(`P5\n${w} ${h}\n255\n`, (c) => c.charCodeAt(0));
  const out = new Uint8Array(head.length + px.length);
  out.set(head);
  out.set(px, head.length);
  return out;
}
