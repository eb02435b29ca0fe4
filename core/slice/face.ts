import type { Board } from './board';
import { luminance } from './light';
import { CARD_MM } from './plane';
import { median, type Field, type Mask } from './raster';

/** Light of the card's white is set to this; ordinary white paper and plastic, common practice, no source. */
export const CARD_LIGHT = 0.85;

/** Factors that make the card a neutral white; null where it is as bright as the photo can show. */
export function cardWhite({ w, h, scale, x0, y0, r, g, b }: Board): {
  by: [number, number, number];
  over: boolean;
} {
  const of: [number[], number[], number[]] = [[], [], []];
  for (let a = 0.15; a < 0.86; a += 0.05)
    for (let c = 0.15; c < 0.86; c += 0.05) {
      const i = Math.round((a * CARD_MM[0] - x0) * scale);
      const j = Math.round((c * CARD_MM[1] - y0) * scale);
      if (i < 0 || j < 0 || i >= w || j >= h) continue;
      const k = j * w + i;
      of[0].push(r[k]!);
      of[1].push(g[k]!);
      of[2].push(b[k]!);
    }
  const white = of.map(median) as [number, number, number];
  return {
    by: white.map((x) => CARD_LIGHT / x) as [number, number, number],
    over: Math.max(...white) > 0.97,
  };
}

/** The cut face in even light: colours and luminance over its part of the board, the slice's mask, and how far in each px lies. */
export type Face = Board & {
  y: Field;
  mask: Mask;
  /** Px of the mask at the photo's brightest, as a share. */
  glare: number;
};

/** The face in the light of the middle of the card, its white taken for `CARD_LIGHT`. */
export function faceOf(
  board: Board,
  mask: Mask,
  by: readonly [number, number, number],
  even: (x: number, y: number) => number,
): Face {
  const { w, h, scale, x0, y0, r, g, b, seen } = board;
  const y = new Float32Array(w * h);
  let [bright, all] = [0, 0];
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const k = j * w + i;
      const f = even(x0 + (i + 0.5) / scale, y0 + (j + 0.5) / scale);
      r[k]! *= by[0] * f;
      g[k]! *= by[1] * f;
      b[k]! *= by[2] * f;
      y[k] = luminance(r[k]!, g[k]!, b[k]!);
      if (!mask[k]) continue;
      all += 1;
      if (seen[k] === 2) bright += 1;
    }
  return { ...board, y, mask, glare: bright / Math.max(1, all) };
}
