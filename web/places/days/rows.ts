import type { BakeDay } from '../../../contract/days';
import type { Task } from '../../../core/plan';
import type { Lain } from '../../../core/schedule';
import { dayTitle } from '../../words/clockWords';
import type { DayBakeRead } from './asked';

/** A task of the plan with its bake. */
export type PlanRow = { lain: Lain; bake: DayBakeRead; task: Task };

/** The plan in the order of time, day by day. */
export function rowsByDay(
  day: BakeDay,
  bakes: readonly DayBakeRead[],
  now: number,
): { title: string; rows: PlanRow[] }[] {
  const rows = (day.plan?.lain ?? []).flatMap((lain): PlanRow[] => {
    const bake = bakes.find((b) => b.id === lain.bakeId);
    const task = bake?.tasks.find((t) => t.id === lain.taskId);
    return bake && task ? [{ lain, bake, task }] : [];
  });
  rows.sort((a, b) => a.lain.from - b.lain.from);
  const titles = [...new Set(rows.map((r) => dayTitle(r.lain.from, now)))];
  return titles.map((title) => ({ title, rows: rows.filter((r) => dayTitle(r.lain.from, now) === title) }));
}
