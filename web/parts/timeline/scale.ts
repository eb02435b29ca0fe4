/** A stretch of the clock on its way over the page: min since the epoch to px. */
export type Piece = { from: number; to: number; x: number; width: number };

/** Where nothing is done for longer than this the clock is drawn short. */
const IDLE_MIN = 90;
const IDLE_PX = 34;
const PAD_MIN = 10;
const LEAST_PX_H = 46;

/**
 * The clock drawn over a width: hours in which something is done are all of one length, long stretches in which nothing is are
 * drawn short. Where the width does not hold them it is made wider; `zoom` makes the hours so many times as wide.
 */
export function scaleOf(busy: readonly (readonly [number, number])[], width: number, zoom = 1): Piece[] {
  const sorted = [...busy].sort((a, b) => a[0] - b[0]);
  const runs: [number, number][] = [];
  for (const [a, b] of sorted) {
    const last = runs.at(-1);
    if (last && a - PAD_MIN <= last[1] + IDLE_MIN) last[1] = Math.max(last[1], b + PAD_MIN);
    else runs.push([a - PAD_MIN, b + PAD_MIN]);
  }
  const minutes = runs.reduce((s, [a, b]) => s + b - a, 0);
  const perMin =
    zoom * Math.max(LEAST_PX_H / 60, (width - IDLE_PX * Math.max(0, runs.length - 1)) / Math.max(1, minutes));
  const pieces: Piece[] = [];
  let x = 0;
  runs.forEach(([from, to], i) => {
    const before = runs[i - 1];
    if (before) {
      pieces.push({ from: before[1], to: from, x, width: IDLE_PX });
      x += IDLE_PX;
    }
    pieces.push({ from, to, x, width: perMin * (to - from) });
    x += perMin * (to - from);
  });
  return pieces;
}
/** A short piece is one in which nothing is done. */
export const isShort = (p: Piece): boolean => p.width === IDLE_PX && p.to - p.from > IDLE_MIN;

/** Where a time is, px. */
export function xOf(pieces: readonly Piece[], min: number): number {
  const p = pieces.find((q) => min <= q.to) ?? pieces.at(-1);
  if (!p) return 0;
  const share = (min - p.from) / Math.max(1, p.to - p.from);
  return p.x + p.width * Math.min(1, Math.max(0, share));
}
/** Which time is at a place, on the quarter of an hour. */
export function minAt(pieces: readonly Piece[], x: number, step = 15): number {
  const p = pieces.find((q) => x <= q.x + q.width) ?? pieces.at(-1);
  if (!p) return 0;
  const share = (x - p.x) / Math.max(1, p.width);
  return Math.round((p.from + share * (p.to - p.from)) / step) * step;
}
/** Whole hours that are told along the clock. */
export function hoursOf(pieces: readonly Piece[]): number[] {
  return pieces
    .filter((p) => !isShort(p))
    .flatMap((p) => {
      const first = Math.ceil(p.from / 60) * 60;
      const step = p.width / (p.to - p.from) < 1 ? 120 : 60;
      const hours: number[] = [];
      for (let m = Math.ceil(first / step) * step; m <= p.to; m += step) hours.push(m);
      return hours;
    });
}
