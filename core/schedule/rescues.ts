import type { Task } from '../plan';
import { taskKey } from './request';
import type { DayPlan } from './day';
import type { BakeTasks, BegunMap } from './ticks';

/**
 * What has begun and would wait longer than it bears: a proved dough is slowed in the fridge, a starter is fed again, a batter with soda or powder is
 * losing its gas, a hot pot or oven is let down, anything else is covered and looked at. `overMin`: by how much, min.
 */
export type Rescue = {
  bakeId: string;
  taskId: string;
  kind: 'fridge' | 'feed' | 'gas' | 'hot' | 'waits';
  overMin: number;
};

/** Over by less than this is nothing. */
const LEAST_MIN = 5;
/** A mixed thing that bears no longer wait than this is losing gas. */
const GAS_MIN = 15;

/** What of a day under way has to be rescued, by the plan as it stands; the worst first. */
export function rescuesOf(
  bakes: readonly BakeTasks[],
  plan: DayPlan,
  begun: BegunMap,
  now: number,
): Rescue[] {
  const lain = new Map(plan.lain.map((l) => [taskKey(l.bakeId, l.taskId), l]));
  const found: Rescue[] = [];
  for (const { id, tasks } of bakes)
    for (const t of tasks) {
      const was = begun[taskKey(id, t.id)];
      const next = tasks.find((x) => x.after.includes(t.id));
      const at = next && (begun[taskKey(id, next.id)]?.from ?? lain.get(taskKey(id, next.id))?.from);
      if (!was || t.waitMost === null || at === undefined || begun[taskKey(id, next!.id)]) continue;
      const end = was.to ?? was.from + (was.lasts ?? 0);
      const overMin = Math.max(at, now) - end - t.waitMost;
      if (overMin < LEAST_MIN) continue;
      found.push({ bakeId: id, taskId: t.id, kind: kindOf(t), overMin });
    }
  return found.sort((a, b) => b.overMin - a.overMin);
}

function kindOf(t: Task): Rescue['kind'] {
  if (t.kind === 'proof') return 'fridge';
  if (t.kind === 'feed') return 'feed';
  if (t.kind === 'heat_pot') return 'hot';
  return t.handsFirst > 2 && t.waitMost !== null && t.waitMost <= GAS_MIN ? 'gas' : 'waits';
}
