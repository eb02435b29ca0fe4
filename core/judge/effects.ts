import { mean, tOf, type Effect, type Experiment, type Setting } from './experiment';
import type { ScoreId, Trial } from './trial';

/** The mean of the four corners of two factors, low and high of each: how one works where the other is low, and where it is high. */
export type Crossing = {
  of: [number, number];
  means: [[low: number, high: number], [low: number, high: number]];
};
/** Two factors together, from the corners of an experiment whose bakes were all measured; null where one of the four is not there. */
export function crossingOf({ runs }: Pick<Experiment, 'runs'>, a: number, b: number): Crossing | null {
  const at = (x: Setting, y: Setting): number =>
    mean(runs.flatMap((r) => (r.y !== null && r.settings[a] === x && r.settings[b] === y ? [r.y] : [])));
  const means: Crossing['means'] = [
    [at(-1, -1), at(1, -1)],
    [at(-1, 1), at(1, 1)],
  ];
  return means.flat().every(Number.isFinite) ? { of: [a, b], means } : null;
}

/**
 * The value below which a share `p` of the normal curve lies (Acklam's rational approximation, good to 1.2e-9; from memory, held
 * against a reference library).
 */
export function normalQuantile(p: number): number {
  const a = [
    -3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.38357751867269e2, -3.066479806614716e1,
    2.506628277459239,
  ];
  const b = [
    -5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1,
    -1.328068155288572e1, 1,
  ];
  const c = [
    -7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416, 1];
  const poly = (k: readonly number[], x: number): number => k.reduce((s, v) => s * x + v, 0);
  const LOW = 0.02425;
  if (p < LOW) {
    const q = Math.sqrt(-2 * Math.log(p));
    return poly(c, q) / poly(d, q);
  }
  if (p > 1 - LOW) return -normalQuantile(1 - p);
  const q = p - 0.5;
  return (poly(a, q * q) * q) / poly(b, q * q);
}
/**
 * Effects in order, each with the place the normal curve gives it: of nothing but chance they lie on a line through nought
 * (Daniel 1959).
 */
export const normalPlot = (effects: readonly Effect[]): { effect: Effect; z: number }[] =>
  [...effects]
    .sort((a, b) => a.value - b.value)
    .map((effect, i, all) => ({ effect, z: normalQuantile((i + 0.5) / all.length) }));

/** Fewer effects than this tell nothing of chance. */
const FEWEST_EFFECTS = 7;
/**
 * What an effect has to be beyond where no bake was made twice: Lenth's margin of error, from the effects themselves, most of
 * which are taken to be nothing (Lenth 1989, Technometrics 31, 469). Null of fewer than seven.
 */
export function marginOf(effects: readonly Effect[]): number | null {
  const sizes = effects.map((e) => Math.abs(e.value)).sort((x, y) => x - y);
  const m = sizes.length;
  if (m < FEWEST_EFFECTS) return null;
  const middle = (all: readonly number[]): number =>
    (all[Math.floor((all.length - 1) / 2)]! + all[Math.floor(all.length / 2)]!) / 2;
  const first = 1.5 * middle(sizes);
  const pse = 1.5 * middle(sizes.filter((s) => s < 2.5 * first));
  return tBetween(m / 3) * pse;
}
/** Student's t for degrees of freedom that are not whole: between the two about them, by their reciprocals. */
function tBetween(df: number): number {
  const low = Math.max(1, Math.floor(df));
  const share = (1 / low - 1 / df) / (1 / low - 1 / (low + 1));
  return tOf(low) * (1 - share) + tOf(low + 1) * share;
}

/** What a trial says of what is measured in an experiment: a score by its name, or a figure of its slice; null where it says nothing. */
export function toldBy({ scores, slices }: Trial, measured: string): number | null {
  const said = measured.toLowerCase();
  const slice = slices?.[0]?.numbers;
  if (/\bheight\b/.test(said)) return slice ? slice.heightMm.value : null;
  if (/\bsink|\bdip\b/.test(said)) return slice ? slice.dipMm.value : null;
  if (/\bopen\b/.test(said)) return slice?.open ? 100 * slice.open.value : (scores.openness ?? null);
  const score = (Object.keys(scores) as ScoreId[]).find((s) => new RegExp(`\\b${s}\\b`).test(said));
  return score ? scores[score]! : null;
}
