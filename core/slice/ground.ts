import { surfaceAt, TERM_MM, termsOf, type Board, type Surface } from './board';
import { fitted } from './least';
import { CARD_MM } from './plane';
import { blurred, median, quantile, type Field } from './raster';

/** Keeps the logarithm of black finite. */
const DARK = 0.004;
/** How dark a shadow may be before it counts as another thing: the logarithm of the light that is left. */
const SHADOW = 0.9;
type Parabola = readonly [number, number, number];
/** Grid px between the places looked at; how wide a rim of the photo is board for certain, mm. */
const STEP = 8;
const RIM_MM = 9;

const inCard = (x: number, y: number, more: number): boolean =>
  x > -more && x < CARD_MM[0] + more && y > -more && y < CARD_MM[1] + more;

/** The light of the board below what lies on it, and how unlike the board each place is. */
export type Ground = {
  surface: Surface;
  mid: readonly [number, number];
  /** Spread of the board's own light about the surface, as a logarithm. */
  spread: number;
  /** How unlike the board, place by place, a little smoothed; 0 on the card and where nothing is seen. */
  unlike: Field;
  /** Above this it is another thing; and what 97 of 100 places of the board stay below. */
  limit: number;
  own: number;
};

/** A threshold that parts values in two by the greatest variance between them (Otsu 1979). */
function otsu(values: readonly number[], most: number): number {
  const STEPS = 256;
  const counts = new Float64Array(STEPS);
  for (const v of values) counts[Math.min(STEPS - 1, Math.floor((v / most) * STEPS))]! += 1;
  const all = values.length;
  let [sum, below, sumBelow, best, at] = [0, 0, 0, -1, 0];
  for (let i = 0; i < STEPS; i++) sum += i * counts[i]!;
  for (let i = 0; i < STEPS; i++) {
    below += counts[i]!;
    sumBelow += i * counts[i]!;
    if (below === 0 || below === all) continue;
    const d = sumBelow / below - (sum - sumBelow) / (all - below);
    const between = below * (all - below) * d * d;
    if (between > best) [best, at] = [between, i];
  }
  return ((at + 1) / STEPS) * most;
}

/** A place of the board that is looked at: its px, the terms of the surface there, its light in each colour as a logarithm. */
type Place = { k: number; terms: number[]; logs: number[]; rim: boolean };

/** Places on the board, some px apart; those at the rim of what is seen are board for certain. */
function placesOf({ w, h, scale, x0, y0, seen, r, g, b }: Board, mid: Ground['mid']): Place[] {
  const reach = Math.round(RIM_MM * scale);
  const places: Place[] = [];
  for (let j = 1; j < h - 1; j += STEP)
    for (let i = 1; i < w - 1; i += STEP) {
      const k = j * w + i;
      const [x, y] = [x0 + (i + 0.5) / scale, y0 + (j + 0.5) / scale];
      if (!seen[k] || inCard(x, y, 3)) continue;
      const rim =
        i < reach ||
        j < reach ||
        i >= w - reach ||
        j >= h - reach ||
        !seen[k - reach] ||
        !seen[k + reach] ||
        !seen[k - reach * w] ||
        !seen[k + reach * w];
      const logs = [r, g, b].map((c) => Math.log(c[k]! + DARK));
      places.push({ k, terms: termsOf(x, y, mid), logs, rim });
    }
  return places;
}

/** The surface through the light of the rim and then of all that fits it, its spread, and the places that fit. */
function surfaceThrough(places: readonly Place[]): { surface: Surface; spread: number; used: Place[] } {
  let used = places.filter((p) => p.rim);
  let surface: Surface = [[], [], []];
  let spread = 0;
  const off = (p: Place): [number, number] => {
    const d = p.logs.map((v, c) => v - surfaceAt(surface[c]!, p.terms));
    const m = (d[0]! + d[1]! + d[2]!) / 3;
    return [m, Math.hypot(d[0]! - m, d[1]! - m, d[2]! - m)];
  };
  for (let turn = 0; turn < 6 && used.length > 12; turn++) {
    const terms = used.map((p) => p.terms);
    surface = [0, 1, 2].map((c) =>
      fitted(
        terms,
        used.map((p) => p.logs[c]!),
        turn === 0 ? 1e-3 : 1e-5,
      ),
    ) as unknown as Surface;
    const offs = used.map(off);
    spread = Math.min(0.4, Math.max(0.03, 1.48 * median(offs.map(([m]) => Math.abs(m)))));
    const tint = Math.min(0.3, Math.max(0.02, 1.2 * median(offs.map(([, t]) => t))));
    used = places.filter((p) => {
      const [m, t] = off(p);
      return Math.abs(m) < 3 * spread && t < 3.5 * tint && (turn > 0 || p.rim);
    });
  }
  return { surface, spread, used };
}

/** How far each px is from the surface, in colour and brightness. A shadow is board still; what is brighter is not. */
function awayFrom(
  surface: Surface,
  { w, h, scale, x0, y0, seen, ...light }: Board,
  mid: Ground['mid'],
): Field {
  const raw = new Float32Array(w * h);
  for (let j = 0; j < h; j++) {
    const y = y0 + (j + 0.5) / scale;
    // Along a row each surface is a parabola.
    const rows = surface.map((c) => {
      const [, , v, , , vv] = termsOf(mid[0], y, mid);
      return [c[0]! + c[2]! * v! + c[5]! * vv!, c[1]! + c[4]! * v!, c[3]!] as const;
    });
    const [[r0, r1, r2], [g0, g1, g2], [b0, b1, b2]] = rows as unknown as [Parabola, Parabola, Parabola];
    for (let i = 0; i < w; i++) {
      const k = j * w + i;
      const x = x0 + (i + 0.5) / scale;
      if (!seen[k] || inCard(x, y, 3.5)) continue;
      const u = (x - mid[0]) / TERM_MM;
      const r = Math.log(light.r[k]! + DARK) - r0 - u * (r1 + u * r2);
      const g = Math.log(light.g[k]! + DARK) - g0 - u * (g1 + u * g2);
      const b = Math.log(light.b[k]! + DARK) - b0 - u * (b1 + u * b2);
      const m = (r + g + b) / 3;
      const bright = m > 0 ? m : Math.max(0, -m - SHADOW);
      raw[k] = Math.sqrt((r - m) ** 2 + (g - m) ** 2 + (b - m) ** 2 + bright * bright);
    }
  }
  return raw;
}

/**
 * The board's light as a smooth surface, fitted first to the rim of the photo and then to all that fits it, and how far each
 * place is from it.
 */
export function groundOf(board: Board): Ground {
  const { w, h, scale, x0, y0 } = board;
  const mid = [x0 + w / 2 / scale, y0 + h / 2 / scale] as const;
  const { surface, spread, used } = surfaceThrough(placesOf(board, mid));
  const unlike = blurred(awayFrom(surface, board, mid), w, h, 1.2);
  const own = quantile(
    used.map((p) => unlike[p.k]!),
    0.97,
  );
  const some: number[] = [];
  for (let k = 0; k < unlike.length; k += 3) if (unlike[k]! > 0) some.push(unlike[k]!);
  const apart = otsu(
    some.map((v) => Math.min(v, 1.2)),
    1.2,
  );
  const things = some.filter((v) => v > apart).map((v) => Math.min(v, 1.5));
  const limit = Math.max(1.3 * own, 0.6 * quantile(things, 0.25));
  return { surface, mid, spread, unlike, limit, own };
}

/** By what light of a place on the board is multiplied to be as it were in the middle of the card. */
export function evenLight({ surface, mid }: Ground): (x: number, y: number) => number {
  const at = (x: number, y: number) => {
    const t = termsOf(x, y, mid);
    return (surfaceAt(surface[0], t) + surfaceAt(surface[1], t) + surfaceAt(surface[2], t)) / 3;
  };
  const middle = at(CARD_MM[0] / 2, CARD_MM[1] / 2);
  return (x, y) => Math.exp(middle - at(x, y));
}
