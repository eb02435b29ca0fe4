import type { Task, TaskKind } from '../plan';
import { GRID, onGrid } from './problem';
import type { Stretch, Thing } from './request';

const WASH_UP_MIN = 10;
/** What is less than this by hand is done in passing. */
export const IN_PASSING_MIN = 1;
/** A tail this long makes what is before it no work of the day itself: it may be the evening before. */
export const LONG_MIN = 240;
/** The middle of a bake is done at about this, from a kitchen's warmth. */
const [DONE_C, ROOM_C] = [96, 20];

/** A minute of waiting costs the more the less a thing bears it. */
export const waitCost = (most: number | null): number => {
  if (most === null) return 0.02;
  if (most <= 15) return 3;
  if (most <= 60) return 1;
  return most <= 300 ? 0.3 : 0.05;
};

/**
 * How long a bake of so many min at one heat takes at another: the middle nears the oven's heat by a like share in a like time
 * (Newton's law of heating), so that the time goes with ln((oven − room)/(oven − done)). Good to ±10 °C about the heat it is for.
 */
export function minutesAt(min: number, fromC: number, toC: number): number {
  const time = (ovenC: number): number => Math.log((ovenC - ROOM_C) / Math.max(1, ovenC - DONE_C));
  return (min * time(toC)) / time(fromC);
}
/** What is done in a bowl, and what ends its stay there. */
export const MIXES: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'gel',
  'cream',
  'rub',
  'whisk',
  'mix',
  'knead',
  'fold',
]);
export const LEAVES_BOWL: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'fill',
  'shape',
  'divide',
  'bake',
  'blind_bake',
  'boil',
  'cook',
]);
const middle = ([least, most]: readonly [number, number]): number => (least + most) / 2;
export const isOven = (t: Task): boolean => t.kind === 'bake' || t.kind === 'blind_bake';
/** What is done to a thing that stays in its oven. */
export const isAtOven = (t: Task): boolean => t.kind === 'uncover' || t.kind === 'turn';

/** What a task holds of what is counted. */
export function thingOf({ kind, place }: Task): Thing | null {
  if (kind === 'cook' || kind === 'boil') return 'hob';
  if (kind === 'cream' || kind === 'knead' || kind === 'whisk') return 'mixer';
  if (place === 'freezer') return 'freezer';
  if (place === 'fridge' || kind === 'chill') return 'fridge';
  return place === 'warm' && kind === 'proof' ? 'warm' : null;
}

/** Runs of bakes that follow each other in the oven with at most a lid or a turn between: each is one stay. */
export function staysOf(tasks: readonly Task[]): Task[][] {
  const follows = (t: Task): Task | undefined => tasks.find((x) => x.after.includes(t.id));
  const taken = new Set<string>();
  const stays: Task[][] = [];
  for (const t of tasks) {
    if (!isOven(t) || taken.has(t.id)) continue;
    const run = [t];
    for (let last = t, next = follows(t); next; last = next, next = follows(next)) {
      const beyond = follows(next);
      if (isOven(next)) run.push(next);
      else if (isAtOven(next) && beyond && (isOven(beyond) || isAtOven(beyond))) run.push(next);
      else break;
      if (last.id === next.id) break;
    }
    for (const x of run) taken.add(x.id);
    stays.push(run);
  }
  return stays;
}

/**
 * What a task is planned with: the least of what may be drawn out, else the middle, or where nothing may be late the most; on
 * the grid.
 */
export const lengthOf = (t: Task, careful: boolean): number =>
  Math.max(GRID, onGrid(t.stretches ? t.minutes[0] : careful ? t.minutes[1] : middle(t.minutes)));
export const stretchCost = (t: Task): number => {
  if (t.kind === 'cool') return 0;
  return t.minutes[1] >= LONG_MIN ? 0.02 : 0.1;
};

/** Washing up comes before the first work at it. */
export function washed(tasks: Task[], first: boolean): Task[] {
  const begins = tasks.find(
    (t) => t.after.length === 0 && t.handsFirst > IN_PASSING_MIN && t.kind !== 'feed' && t.kind !== 'soak',
  );
  if (!first || !begins) return tasks;
  const wash: Task = {
    id: 'wash_up',
    after: [],
    stepId: null,
    kind: 'wash_up',
    minutes: [WASH_UP_MIN, WASH_UP_MIN],
    basis: 'usual',
    stretches: false,
    handsFirst: WASH_UP_MIN,
    handsLast: 0,
    waitMost: null,
  };
  return [wash, ...tasks.map((t) => (t === begins ? { ...t, after: [wash.id] } : t))];
}

/** When somebody is not there, from when they are. */
export function awayOf(there: readonly Stretch[], horizon: number): Stretch[] {
  const away: Stretch[] = [];
  let at = -horizon;
  for (const [from, to] of [...there].sort((a, b) => a[0] - b[0])) {
    if (from > at) away.push([at, from]);
    at = Math.max(at, to);
  }
  if (at < 2 * horizon) away.push([at, 2 * horizon]);
  return away;
}
