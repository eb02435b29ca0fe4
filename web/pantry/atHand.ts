import type { Pantry } from '../../core/pantry';

/** Reference ingredients there are in the house: what was ticked, and what a packet or a thing of one's own is. */
export const atHandOf = (pantry: Pantry, ticked: readonly string[]): string[] =>
  [...new Set([...ticked, ...pantry.own.flatMap((i) => i.like ?? [])])].sort();
