import { loadsOf, setupOf } from '../bake';
import { suitabilityOf, type Formula } from '../formula';
import type { AvoidId, Lookup } from '../ingredients';
import { tasksOf, type Task } from '../plan';
import type { BakeAsked } from './build';

/** An oven as the room it has: inside width, cm, and racks. */
export type Room = { widthCm: number; racks: number };
/** A version of the size it is to be baked in, and what its eaters must not have. */
export type Wanted = { formula: Formula; avoids: readonly AvoidId[] };

/**
 * What a version asks of a day: its tasks, and how it goes into each oven, by the size of its tin or pieces; null where it does
 * not. What does not go in at once is baked in loads, if what waits for its turn bears it. Where no size is known it is one rack.
 */
export function askedOf(
  { formula }: Wanted,
  lookup: Lookup,
  ovens: readonly Room[],
): Pick<BakeAsked, 'tasks' | 'room'> {
  const tasks = tasksOf(formula, lookup);
  const vessel = setupOf(formula, lookup)?.vessel;
  const room = ovens.map((oven) => {
    if (!vessel) return { loads: 1, racks: 1 };
    const fillings = loadsOf(vessel, { ...oven, racks: 1 });
    if (fillings === null) return null;
    const loads = Math.ceil(fillings / oven.racks);
    if (loads > 1 && !waits(tasks, loads - 1)) return null;
    return { loads, racks: Math.min(fillings, oven.racks) };
  });
  return { tasks, room };
}

/** Whether what is to be baked may stand while so many loads before it are in the oven. */
function waits(tasks: readonly Task[], before: number): boolean {
  const bake = tasks.find((t) => t.kind === 'bake');
  if (!bake) return true;
  const last = tasks.filter((t) => bake.after.includes(t.id) && t.id !== 'heat');
  return last.every((t) => t.waitMost === null || t.waitMost >= before * bake.minutes[1]);
}

/**
 * Whether bowls and tools have to be washed before a bake: another of the day holds, or may hold, what its eaters must not
 * have. What is not known of the other counts as if it did.
 */
export const washesFirst = (of: Wanted, others: readonly Wanted[], lookup: Lookup): boolean =>
  of.avoids.length > 0 &&
  others.some((o) => suitabilityOf(o.formula, of.avoids, lookup).finding !== 'no_conflict_found');
