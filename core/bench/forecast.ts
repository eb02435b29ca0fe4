/** What a probe in the middle read: min since it went in, °C. */
export type Probed = { min: number; c: number };
/** The curve that the model gave: the middle's temperature by min, and how far the model is to be believed. */
export type Modelled = { curve: readonly Probed[]; untilC: number };
export type TimeLeft = {
  /** Min from the last reading until the middle is there: likeliest, and 8 times of 10 between. */
  min: number;
  from: number;
  to: number;
  /** How much slower than the model this bake runs: 1 is as it said. */
  slower: number;
};

/** How far bakes are off the model: a factor on time, about 1, as log-normal. Common practice, no source. */
const PRIOR_SD = 0.3;
/** A probe is off by so much, and is not quite in the middle; °C. */
const NOISE_C = 1.2;
const OFFSET_SD = 4;
/** Factors that are tried, slow and quick, on a log grid; offsets of the probe, °C. */
const FACTORS = Array.from({ length: 81 }, (_, i) => Math.exp(-0.8 + (1.6 * i) / 80));
const OFFSETS = [-9, -6, -3, 0, 3, 6, 9];
/** 8 of 10: from the tenth to the ninetieth percentile. */
const [LOW, HIGH] = [0.1, 0.9];
/** Readings one after another are not independent: each counts as so many of a minute. */
const PER_MIN = 1.5;

/** The model's middle at a time, between its points; beyond its end it goes on as it ended. */
export function middleAt(curve: readonly Probed[], min: number): number {
  const i = curve.findIndex((p) => p.min >= min);
  if (i === 0) return curve[0]!.c;
  if (i < 0) {
    const [a, b] = [curve.at(-2)!, curve.at(-1)!];
    return b.c + ((b.c - a.c) / Math.max(1e-6, b.min - a.min)) * (min - b.min);
  }
  const [a, b] = [curve[i - 1]!, curve[i]!];
  return a.c + ((b.c - a.c) * (min - a.min)) / Math.max(1e-6, b.min - a.min);
}
/** When the model's middle has a temperature first; null where it never has. */
function reaches(curve: readonly Probed[], c: number): number | null {
  const i = curve.findIndex((p) => p.c >= c);
  if (i < 0) return null;
  if (i === 0) return curve[0]!.min;
  const [a, b] = [curve[i - 1]!, curve[i]!];
  return a.min + ((c - a.c) / Math.max(1e-6, b.c - a.c)) * (b.min - a.min);
}

/**
 * How long a bake still takes by its probe: the model's curve stretched in time and moved by what the probe is off, each pair
 * weighed by how well it fits what was read and by how likely it was before (a grid posterior). Null without a reading, or where
 * the model never gets there.
 */
export function timeLeft({ curve, untilC }: Modelled, readings: readonly Probed[]): TimeLeft | null {
  const last = readings.at(-1);
  if (!last || curve.length < 3) return null;
  const done = reaches(curve, untilC);
  if (done === null) return null;
  // As many readings as there were minutes: a probe that sends ten a second knows no more than one that sends one.
  const step = Math.max(1, Math.floor(readings.length / Math.max(4, PER_MIN * last.min)));
  const used = readings.filter((_r, i) => (readings.length - 1 - i) % step === 0);
  const tried: { w: number; left: number; factor: number }[] = [];
  let best = Number.NEGATIVE_INFINITY;
  for (const factor of FACTORS)
    for (const offset of OFFSETS) {
      let log = -0.5 * (Math.log(factor) / PRIOR_SD) ** 2 - 0.5 * (offset / OFFSET_SD) ** 2;
      for (const r of used) {
        // What is near the start says little of how fast it goes: the offset is of a probe that is off the middle.
        const off =
          (r.c - middleAt(curve, r.min / factor) - offset) / (NOISE_C + 0.03 * Math.abs(r.c - curve[0]!.c));
        log -= 0.5 * Math.min(off * off, 16);
      }
      best = Math.max(best, log);
      tried.push({
        w: log,
        left: Math.max(0, factor * (reaches(curve, untilC - offset) ?? done) - last.min),
        factor,
      });
    }
  const weights = tried.map((t) => ({ ...t, w: Math.exp(t.w - best) }));
  const total = weights.reduce((s, t) => s + t.w, 0);
  const sorted = [...weights].sort((a, b) => a.left - b.left);
  const quantile = (q: number): number => {
    let sum = 0;
    for (const t of sorted) if ((sum += t.w / total) >= q) return t.left;
    return sorted.at(-1)!.left;
  };
  return {
    min: quantile(0.5),
    from: quantile(LOW),
    to: quantile(HIGH),
    slower: Math.exp(weights.reduce((s, t) => s + (t.w / total) * Math.log(t.factor), 0)),
  };
}
