/** A reading of an instrument as it came: what, and when, ms. */
export type Reading = { at: number; value: number | null };
/** What a scale shows as things stand. */
export type Shown =
  | { state: 'none' }
  /** No reading for so long: out of reach, out of battery, or it has turned itself off. */
  | { state: 'silent' }
  | { state: 'moving'; g: number }
  | { state: 'steady'; g: number };

/** So long a window is looked at, and so few readings tell nothing. */
const WINDOW_MS = 1200;
const LEAST_READINGS = 4;
/** Silent from here on: slower scales send every second. */
const SILENT_MS = 3500;

/**
 * Whether a scale has come to rest: the spread of its readings over the last second is within its step, and they do not
 * creep. The mean of those readings is what it shows. Readings that say they failed are passed over.
 */
export function shownBy(readings: readonly Reading[], now: number, stepG: number): Shown {
  const last = readings.at(-1);
  if (!last) return { state: 'none' };
  if (now - last.at > SILENT_MS) return { state: 'silent' };
  const recent = readings.filter((r) => r.value !== null && r.at > last.at - WINDOW_MS) as {
    at: number;
    value: number;
  }[];
  const newest = recent.at(-1);
  if (!newest) return { state: 'silent' };
  if (recent.length < LEAST_READINGS || newest.at - recent[0]!.at < WINDOW_MS / 2)
    return { state: 'moving', g: newest.value };
  const mean = recent.reduce((s, r) => s + r.value, 0) / recent.length;
  const sd = Math.sqrt(recent.reduce((s, r) => s + (r.value - mean) ** 2, 0) / recent.length);
  const half = Math.floor(recent.length / 2);
  const of = (list: typeof recent): number => list.reduce((s, r) => s + r.value, 0) / list.length;
  const creep = Math.abs(of(recent.slice(half)) - of(recent.slice(0, half)));
  // A scale that shows steps of 5 g jumps by a whole step at the edge of one.
  return sd <= 0.75 * stepG && creep <= 0.8 * stepG
    ? { state: 'steady', g: mean }
    : { state: 'moving', g: newest.value };
}

/** The bowl was lifted: what went in since the tare is less than nothing by more than any noise. */
export const isLifted = (sinceG: number, bowlG: number): boolean => sinceG < -Math.max(20, 0.3 * bowlG);

/** So many readings are kept: an hour of them takes no more room than a minute. */
export const KEPT_READINGS = 256;
export function kept(readings: readonly Reading[], next: Reading): Reading[] {
  const all = readings.length >= KEPT_READINGS ? readings.slice(-KEPT_READINGS / 2) : readings;
  return [...all, next];
}
