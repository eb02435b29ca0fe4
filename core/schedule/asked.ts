import { loadsOf, setupOf } from '../bake';
import { type Formula, type StatedTin } from '../formula';
import { suitabilityOf } from '../suits';
import type { AvoidId, Lookup } from '../ingredients';
import { tasksOf, type OwnTimes, type Task } from '../plan';
import { linkedOnce } from '../reading';
import type { BakeAsked } from './request';

/** An oven as the room it has: inside width, cm, and racks. */
export type Room = { widthCm: number; racks: number };
/** A tin of the kitchen, and how many there are. */
export type TinThere = { id: string; tin: StatedTin };
/** What a tin is counted as. */
export const tinKey = (id: string): string => `tin ${id}`;
const NEAR_CM = 1;
const NEAR_SHARE = 0.1;
/** Whether a formula's tin is one of the kitchen's: of its shape, and as wide to a centimetre, or of its volume to a tenth. */
const isThatTin = (a: StatedTin, b: StatedTin): boolean =>
  a.shape === b.shape &&
  (a.cm && b.cm
    ? Math.abs(a.cm.wide - b.cm.wide) <= NEAR_CM && Math.abs((a.cm.long ?? 0) - (b.cm.long ?? 0)) <= NEAR_CM
    : Math.abs(a.volumeMl.value / b.volumeMl.value - 1) <= NEAR_SHARE);

/** A version of the size it is to be baked in, and what its eaters must not have. */
export type Wanted = { formula: Formula; avoids: readonly AvoidId[] };

/**
 * What a version asks of a day: its tasks, and how it goes into each oven, by the size of its tin or pieces; null where it does
 * not. What does not go in at once is baked in loads, if what waits for its turn bears it. Where no size is known it is as many
 * racks as the method says, else one.
 */
export function askedOf(
  { formula }: Wanted,
  lookup: Lookup,
  { ovens, tins = [], times = {} }: { ovens: readonly Room[]; tins?: readonly TinThere[]; times?: OwnTimes },
): Pick<BakeAsked, 'tasks' | 'room' | 'tins'> {
  const tasks = tasksOf(formula, lookup, times);
  const vessel = setupOf(formula, lookup)?.vessel;
  // "Bake on two racks": so many are taken, whatever the sizes say.
  const said = Math.max(
    1,
    ...linkedOnce(formula, lookup).method.flatMap((s) => (s.actions ?? []).map((a) => a.racks ?? 1)),
  );
  const room = ovens.map((oven) => {
    const racks = Math.min(said, oven.racks);
    if (!vessel) return { loads: 1, racks };
    const fillings = loadsOf(vessel, { ...oven, racks: 1 });
    if (fillings === null) return null;
    const loads = Math.ceil(fillings / oven.racks);
    if (loads > 1 && !waits(tasks, loads - 1)) return null;
    return { loads, racks: Math.max(racks, Math.min(fillings, oven.racks)) };
  });
  const { tin } = formula;
  // A lidded pot is counted as such.
  const own = tin && tin.shape !== 'pot' ? tins.find((t) => isThatTin(t.tin, tin)) : undefined;
  return { tasks, room, ...(tin && own ? { tins: [{ thing: tinKey(own.id), need: tin.count }] } : {}) };
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
