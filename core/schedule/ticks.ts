import type { Task } from '../plan';
import { taskKey, type Live } from './request';
import type { DayPlan, Lain } from './day';

/** A bake of a day by its tasks. */
export type BakeTasks = { id: string; tasks: readonly Task[] };
export type BegunMap = Live['begun'];
/** What may be pressed of a task: it is begun, it is over, it was neither after all. */
export type Tick = 'begin' | 'over' | 'undo';

/** What goes on by itself once somebody has begun it. */
export const goesOn = (t: Task): boolean =>
  t.minutes[0] > t.handsFirst + t.handsLast && t.handsFirst <= t.minutes[0] / 2;
const IN_PASSING_MIN = 1;
const lainOf = (plan: DayPlan, bakeId: string, taskId: string): Lain | undefined =>
  plan.lain.find((l) => l.bakeId === bakeId && l.taskId === taskId);

/**
 * What is begun and over once a task is ticked, min since the epoch. What had to be over before it is over; what is only set
 * aside begins with the work before it. Undone, it and all that came of it have not been.
 */
export function ticked(
  bakes: readonly BakeTasks[],
  plan: DayPlan,
  begun: BegunMap,
  key: string,
  tick: Tick,
  now: number,
): BegunMap {
  const next: Record<string, BegunMap[string]> = { ...begun };
  const bake = bakes.find((b) => b.tasks.some((t) => taskKey(b.id, t.id) === key));
  const task = bake?.tasks.find((t) => taskKey(bake.id, t.id) === key);
  if (!bake || !task) return begun;
  const keyOf = (id: string): string => taskKey(bake.id, id);
  if (tick === 'undo') {
    const drop = (id: string): void => {
      if (!(keyOf(id) in next)) return;
      delete next[keyOf(id)];
      for (const t of bake.tasks) if (t.after.includes(id)) drop(t.id);
    };
    drop(task.id);
    return next;
  }
  const planned = (id: string): number => {
    const l = lainOf(plan, bake.id, id);
    return l ? l.to - l.from : 0;
  };
  const from =
    next[key]?.from ?? (tick === 'begin' ? now : Math.min(now, lainOf(plan, bake.id, task.id)?.from ?? now));
  next[key] = tick === 'begin' ? { from, to: null, lasts: planned(task.id) } : { from, to: now };
  const close = (id: string, at: number): void => {
    const was = next[keyOf(id)];
    if (was?.to !== null && was !== undefined) return;
    const began = Math.min(at, was?.from ?? lainOf(plan, bake.id, id)?.from ?? at);
    next[keyOf(id)] = { from: began, to: at };
    for (const before of bake.tasks.find((t) => t.id === id)?.after ?? []) close(before, began);
  };
  for (const id of task.after) close(id, from);
  if (tick === 'over')
    for (const t of bake.tasks)
      if (t.after.includes(task.id) && t.handsFirst <= IN_PASSING_MIN && goesOn(t) && !(keyOf(t.id) in next))
        if (t.after.every((id) => typeof next[keyOf(id)]?.to === 'number'))
          next[keyOf(t.id)] = { from: now, to: null, lasts: planned(t.id) };
  return next;
}

/** A bake that failed is made again: nothing of it has been. */
export const madeAgain = (begun: BegunMap, bakeId: string): BegunMap =>
  Object.fromEntries(Object.entries(begun).filter(([key]) => !key.startsWith(taskKey(bakeId, ''))));

/** Something that is to be done or goes on: when it is due, by the plan or by how long it was to last. */
export type Next = { key: string; bakeId: string; task: Task; lain: Lain; running: boolean; due: number };
/** What is left of a day, the soonest first; what goes on by itself is due when it is over. */
export function nextOf(bakes: readonly BakeTasks[], plan: DayPlan, begun: BegunMap): Next[] {
  const left = plan.lain.flatMap((lain): Next[] => {
    const key = taskKey(lain.bakeId, lain.taskId);
    const task = bakes.find((b) => b.id === lain.bakeId)?.tasks.find((t) => t.id === lain.taskId);
    const was = begun[key];
    if (!task || (was && was.to !== null)) return [];
    const due = was ? was.from + (was.lasts ?? lain.to - lain.from) : lain.from;
    return [{ key, bakeId: lain.bakeId, task, lain, running: was !== undefined, due }];
  });
  return left.sort((a, b) => a.due - b.due || a.key.localeCompare(b.key));
}
