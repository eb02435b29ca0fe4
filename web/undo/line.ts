/** What something was, step by step, and what was undone: the one model of undo, for the working copy and the kitchen. */
export type UndoLine<T> = { past: T[]; future: T[] };

const MOST = 100;
export const emptyLine = <T>(): UndoLine<T> => ({ past: [], future: [] });
/** It was changed from this: what was undone before can no longer be done again. */
export const stepped = <T>({ past }: UndoLine<T>, from: T): UndoLine<T> => ({
  past: [...past.slice(1 - MOST), from],
  future: [],
});
/** One back from what is now; null where there is nothing to go back to. */
export function back<T>({ past, future }: UndoLine<T>, now: T): { to: T; line: UndoLine<T> } | null {
  const to = past.at(-1);
  return to === undefined ? null : { to, line: { past: past.slice(0, -1), future: [now, ...future] } };
}
/** One forward again. */
export function forth<T>({ past, future }: UndoLine<T>, now: T): { to: T; line: UndoLine<T> } | null {
  const [to, ...rest] = future;
  return to === undefined ? null : { to, line: { past: [...past, now], future: rest } };
}
