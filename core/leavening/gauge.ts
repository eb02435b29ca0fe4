import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { reached } from './yeast';

/** A height read off the dough or the jar, mm, so many minutes after it was shaped. */
export type Reading = { min: number; heightMm: number };
export type GaugeState = 'few' | 'rising' | 'near' | 'over' | 'stalled';
export type Gauge = {
  state: GaugeState;
  /** Growth at the last reading: 1 is doubled. */
  gain: number;
  /** Minutes from the last reading to the target; null where the curve never gets there or is not known yet. */
  leftMin: number | null;
  /** Spread of that, minutes, by how far the readings are off the curve. */
  spreadMin: number | null;
  /** Growth by minute, of the fitted curve; empty while there are too few readings. */
  curve: { min: number; gain: number }[];
  /** Growth at which it would stop. */
  most: number | null;
};

/**
 * Growth by time: the Gompertz curve as Zwietering et al. (1990, Appl. Environ. Microbiol. 56, 1875) wrote it, with a
 * height, a steepest rise and a lag: y = A·exp(−exp(μ·e/A·(λ − t) + 1)).
 */
export const gompertz =
  ([most, steep, lag]: readonly number[]) =>
  (min: number): number =>
    most! * Math.exp(-Math.exp(((steep! * Math.E) / most!) * (lag! - min) + 1));

/** What is wrong with readings, the first of it; null where nothing is. */
export function readingFault(readings: readonly Reading[]): { at: number; fault: 'height' | 'time' } | null {
  for (const [at, r] of readings.entries()) {
    if (!(r.heightMm > 0 && r.heightMm <= 2000)) return { at, fault: 'height' };
    if (!(r.min >= 0 && r.min <= 60 * 72) || (at > 0 && r.min <= readings[at - 1]!.min))
      return { at, fault: 'time' };
  }
  return null;
}

/** How long after the first reading a growth was passed, min, between the two about it; null where it was not. */
export function passedAt(readings: readonly Reading[], target: number): number | null {
  const first = readings[0];
  if (!first) return null;
  return reached(
    readings.map((r) => ({ min: r.min - first.min, gain: r.heightMm / first.heightMm - 1 })),
    target,
  );
}

const FEWEST = 3;
/** Within this share of the target it is time to heat the oven. */
const NEAR = 0.85;
/** Slower than this share of its steepest it is about spent. */
const SPENT = 0.15;
/** Grown past the target by this much, it is over. Common practice, no source. */
const OVER = 1.15;
/** A dough that is well is held to reach this much more than the target; a curve must fit in a third of the error to say it does not. */
const HOPED = 1.25;
const PLAINLY = 1 / 3;
/** How far off a height is read, as growth: a millimetre and a half in fifty. */
const READ_OFF = 0.03;
const CURVE_POINTS = 60;
const LOOK_AHEAD = 2.2;

/**
 * Fits the growth of a dough and says how long to the target. Few readings say little: below three nothing is
 * foretold. `target` is the growth wanted, 1 for doubled, 0.7 for a dough that gains no more.
 */
export function gaugeOf(readings: readonly Reading[], target: number): Gauge {
  const first = readings[0];
  const last = readings.at(-1);
  const gains = readings.map((r) => r.heightMm / (first?.heightMm ?? 1) - 1);
  const gain = gains.at(-1) ?? 0;
  const none = { leftMin: null, spreadMin: null, curve: [], most: null };
  if (!first || !last) return { state: 'few', gain: 0, ...none };
  if (gain > OVER * target) return { state: 'over', gain, ...none };
  if (readings.length < FEWEST || last.min <= first.min) return { state: 'few', gain, ...none };
  if (gain <= 0.02) return { state: 'stalled', gain, ...none };
  const span = last.min - first.min;
  const x = readings.map((r) => r.min - first.min);
  const fit = (least: number, start: readonly [number, number]) =>
    levenbergMarquardt({ x, y: gains }, gompertz, {
      initialValues: [1.1 * least, ...start],
      minValues: [least, gain / span / 4, 0],
      maxValues: [Math.max(2.5, 3 * target), (20 * gain) / span, span],
      maxIterations: 200,
      damping: 1e-3,
      gradientDifference: 1e-4,
      errorTolerance: 1e-9,
    });
  const free = fit(Math.max(gain, 0.3), [(1.3 * gain) / span, 0.15 * span]);
  // Where a dough will stop is not known before it slows: it is held to get past the target, unless the readings
  // speak plainly against it.
  const hoped = fit(Math.max(gain, HOPED * target), [free.parameterValues[1]!, free.parameterValues[2]!]);
  const plain =
    Math.sqrt(hoped.parameterError / gains.length) > READ_OFF &&
    free.parameterError < PLAINLY * hoped.parameterError;
  const p = (plain ? free : hoped).parameterValues;
  const at = gompertz(p);
  const [most, steep] = [p[0]!, p[1]!];
  const slope = (t: number): number => (at(t + 1) - at(t - 1)) / 2;
  const reach = reachedAt(p, target);
  const off = Math.sqrt(gains.reduce((s, g, i) => s + (g - at(x[i]!)) ** 2, 0) / gains.length);
  const ends = first.min + Math.max(span * 1.3, Math.min(reach ?? span * LOOK_AHEAD, span * 6) * 1.15);
  const curve = Array.from({ length: CURVE_POINTS + 1 }, (_, k) => {
    const t = ((ends - first.min) * k) / CURVE_POINTS;
    return { min: first.min + t, gain: at(t) };
  });
  const leftMin = reach === null ? null : Math.max(0, reach - span);
  const state: GaugeState =
    gain >= NEAR * target
      ? 'near'
      : reach === null || (slope(span) < SPENT * steep && gain < NEAR * target)
        ? 'stalled'
        : 'rising';
  return {
    state,
    gain,
    leftMin,
    spreadMin: reach === null ? null : Math.max(2, off / Math.max(1e-6, slope(reach)), 0.1 * (leftMin ?? 0)),
    curve,
    most,
  };
}

/** When a curve reaches a growth, minutes; null where it stays below it. */
function reachedAt([most, steep, lag]: readonly number[], target: number): number | null {
  if (target >= most!) return null;
  return lag! + ((1 - Math.log(-Math.log(target / most!))) * most!) / (steep! * Math.E);
}
