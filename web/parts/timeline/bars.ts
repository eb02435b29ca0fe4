import { xOf, type Piece } from './scale';

/** What is narrower cannot be taken hold of. */
export const TARGET_PX = 24;
/** A bar narrower than this has no room for words. */
const NARROW_PX = 56;
const LEAST_PX = 9;
/** Keys move what has the focus by this, min: when it is wanted, and a task. */
export const WANT_MIN = 15;
export const PIN_MIN = 5;
export const LABEL_PX = 108;
/** How many times as wide hours can be drawn: at the widest the work of five minutes can be taken hold of. */
export const ZOOMS = [1, 2, 4, 8] as const;
export type Zoom = (typeof ZOOMS)[number];
export const LEAST_TRACK_PX = 640;

/** Where a stretch lies on its track. */
export const barAt = (pieces: readonly Piece[], from: number, to: number) => ({
  left: xOf(pieces, from),
  width: Math.max(LEAST_PX, xOf(pieces, to) - xOf(pieces, from)),
});
export const isWide = (pieces: readonly Piece[], from: number, to: number): boolean =>
  barAt(pieces, from, to).width > NARROW_PX;
/** As few rows as hold all without one lying over another. */
export function packed<T extends { from: number; to: number }>(list: readonly T[]): T[][] {
  const rows: T[][] = [];
  for (const one of [...list].sort((a, b) => a.from - b.from)) {
    const row = rows.find((r) => r.at(-1)!.to <= one.from);
    if (row) row.push(one);
    else rows.push([one]);
  }
  return rows;
}
