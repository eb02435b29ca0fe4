import type { Formula, Part } from '../formula';
import type { Lookup } from '../ingredients';
import { linkMethod } from '../reading';

/** A rise that a method states: how long, min, and where; `placed`: the heat of the place is ours, by its words. */
export type StatedRise = { minutes: [number, number]; tempC: number; placed: boolean };

/** How warm a place is that is told in words, °C. Common practice, no source. */
const PLACE_C = { warm: 28, room: 22, fridge: 4 } as const;
/** Where nothing is said of the place it is the kitchen's: 24 °C where bakers prove. Common practice, no source. */
const UNTOLD_C = 24;

/**
 * The last rise that the method of a formula states for a part, not in the cold: the one that ends in the oven. Null where
 * none is stated.
 */
export function statedRise(formula: Formula, part: Part, lookup: Lookup): StatedRise | null {
  const acts = linkMethod(formula, lookup).method.flatMap((s) => s.actions ?? []);
  const rises = acts.filter((a) => a.kind === 'proof' && a.minutes && (a.partId ?? part.id) === part.id);
  const last = rises.filter((a) => a.place !== 'fridge' && a.place !== 'freezer').at(-1);
  if (!last?.minutes) return null;
  const told = last.tempOf === 'room' ? last.tempC : undefined;
  const place = last.place === 'warm' || last.place === 'room' ? PLACE_C[last.place] : UNTOLD_C;
  return { minutes: last.minutes, tempC: told ?? place, placed: told === undefined };
}
