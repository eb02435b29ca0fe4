import type { Task } from '../plan';
import { finish } from '../rebalance';
import { taskKey, type DayAsked, type Stretch } from './request';
import { planDay, type DayPlan, type Lain } from './day';

/** Ready sooner than it is wanted by as much as this where the hours ask for it, min. */
const SOONEST_MIN = 720;
/** A bake with all its waits is begun no sooner than this before it is wanted. */
const BEGINS_MIN = 4320;
/** One bake is proved at once; what is not is good enough. */
const TRIES = { tries: 40, nodes: 4000 };
const ME = 'me';
const BAKE = 'bake';
const OVEN = 'oven';

/** What else is said of one bake: nothing is begun before `from`; tasks put at a time, by id. */
export type OneMore = { from?: number; pins?: Readonly<Record<string, number>> };
/** One bake by one person in an oven of its own, as a day: `there` are the stretches in which they are up. */
const dayOfOne = (
  tasks: readonly Task[],
  readyBy: number,
  there: readonly Stretch[],
  { from = readyBy - BEGINS_MIN, pins = {} }: OneMore,
): DayAsked => ({
  from,
  bakes: [{ id: BAKE, tasks: [...tasks], readyBy, keepsMin: SOONEST_MIN, room: [{ loads: 1, racks: 1 }] }],
  people: [{ id: ME, name: '', there: [...there] }],
  ovens: [{ id: OVEN, name: '', racks: 1 }],
  counts: {},
  odd: [],
  pins: Object.fromEntries(Object.entries(pins).map(([id, at]) => [taskKey(BAKE, id), at])),
});

/** A task of one bake on its clock. */
export type Placed = { task: Task; from: number; to: number };
/** `from`: the first thing that is done; `to`: when it can be eaten; `handsOn`: min of it by hand. */
export type Clock = { placed: Placed[]; from: number; to: number; handsOn: number };

/** The clock of one bake: as late as can be, in the order of time; null where nothing fits. */
export function clockOf(
  tasks: readonly Task[],
  readyBy: number,
  there: readonly Stretch[],
  more: OneMore = {},
): Clock | null {
  if (tasks.length === 0) return { placed: [], from: readyBy, to: readyBy, handsOn: 0 };
  const { plan } = finish(planDay(dayOfOne(tasks, readyBy, there, more), TRIES));
  if (!plan) return null;
  const placed = tasks.flatMap((task) => placedOf(task, plan));
  placed.sort((a, b) => a.from - b.from || a.to - b.to);
  return {
    placed,
    from: Math.min(...placed.map((p) => p.from)),
    to: Math.max(...placed.map((p) => p.to)),
    handsOn: tasks.reduce((s, t) => s + t.handsFirst + t.handsLast, 0),
  };
}
/** The oven is no task of the plan but is heated in time. */
function placedOf(task: Task, { lain, ovens }: DayPlan): Placed[] {
  const l: Pick<Lain, 'from' | 'to'> | undefined =
    task.kind === 'heat_oven' ? ovens.find((o) => o.heats) : lain.find((x) => x.taskId === task.id);
  return l ? [{ task, from: l.from, to: l.to }] : [];
}

const STEP_MIN = 15;
const LATEST_MIN = 4320;
/** The earliest that a bake begun now can be eaten; null where it cannot within three days. */
export function readyFrom(tasks: readonly Task[], now: number, there: readonly Stretch[]): number | null {
  const from = Math.ceil(now / 5) * 5;
  const shortest = tasks.reduce(
    (s, t) => s + (t.after.length > 0 || t.kind !== 'heat_oven' ? t.minutes[0] : 0),
    0,
  );
  const begin = Math.max(STEP_MIN, STEP_MIN * Math.floor(shortest / 2 / STEP_MIN));
  for (let min = begin; min <= LATEST_MIN; min += STEP_MIN) {
    const clock = clockOf(tasks, from + min, there, { from });
    if (clock) return clock.to;
  }
  return null;
}
