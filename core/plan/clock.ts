import { msg, type Msg } from '../explain';
import type { Task } from './tasks';

/** A task on the clock: begins and ends in min since some origin. */
export type Placed = { task: Task; from: number; to: number };
/** When nobody works: minutes of the day, from in the evening to in the morning. */
export type Sleep = { from: number; to: number };
export type Clock = {
  placed: Placed[];
  /** First hand put to it, and when it can be eaten, min. */
  from: number;
  to: number;
  handsOn: number;
  /** What does not fit as it is placed, in words. */
  clashes: Msg[];
};

const DAY = 1440;
const MOST_SHIFTS = 6;
const middle = ([least, most]: readonly [number, number]): number => Math.round((least + most) / 2);
/** A length that a plan is made with: the least of what may be drawn out, else the middle. */
const planned = (t: Task): number => (t.stretches ? t.minutes[0] : middle(t.minutes));

/**
 * How far into a sleep a stretch of work reaches: the min by which it has to come earlier so that it ends before that sleep
 * begins; 0 where it lies awake. `dayAt` gives the minute of the day of a time.
 */
function intoSleep(from: number, to: number, sleep: Sleep | null, dayAt: (t: number) => number): number {
  if (!sleep || to <= from) return 0;
  const night = (sleep.to - sleep.from + DAY) % DAY;
  // Since the sleep began last, as seen from where the work ends.
  const since = (dayAt(to) - sleep.from + DAY) % DAY;
  return since > 0 && since < night + (to - from) ? since : 0;
}

/**
 * One bake placed backwards from when it is wanted: each task ends when the next begins, as late as can be. Work that
 * would fall into sleep comes before it: what may be drawn out lasts through the night, what may wait waits; where neither can
 * be, that is said. The oven is hot when it is wanted, beside what is done meanwhile.
 */
function placedBy(
  tasks: readonly Task[],
  readyAt: number,
  sleep: Sleep | null = null,
  dayAt: (t: number) => number = (t) => ((t % DAY) + DAY) % DAY,
): Clock {
  const placed: Placed[] = [];
  const clashes: Msg[] = [];
  let next = readyAt;
  for (const task of [...tasks].reverse()) {
    const heats = task.kind === 'heat_oven' || task.kind === 'heat_pot';
    if (heats) {
      placed.push({ task, from: next - planned(task), to: next });
      continue;
    }
    let to = next;
    let from = to - planned(task);
    for (let shift = 0; shift < MOST_SHIFTS; shift++) {
      const atEnd = intoSleep(to - task.handsLast, to, task.handsLast > 0 ? sleep : null, dayAt);
      if (atEnd > 0) {
        to -= atEnd;
        from -= atEnd;
        continue;
      }
      const atStart = intoSleep(from, from + task.handsFirst, task.handsFirst > 0 ? sleep : null, dayAt);
      if (atStart === 0) break;
      // Drawn out, as far as it bears it; else all of it comes earlier.
      if (task.stretches && to - (from - atStart) <= task.minutes[1]) from -= atStart;
      else {
        from -= atStart;
        to = from + planned(task);
      }
    }
    const waits = next - to;
    if (task.waitMost !== null && waits > task.waitMost)
      clashes.push(msg('clock.waits', { kind: task.kind, min: waits, most: task.waitMost }));
    placed.push({ task, from, to });
    next = from;
  }
  placed.reverse();
  return {
    placed,
    from: Math.min(readyAt, ...placed.map((p) => p.from)),
    to: readyAt,
    handsOn: tasks.reduce((s, t) => s + t.handsFirst + t.handsLast, 0),
    clashes,
  };
}

/** Ready sooner than wanted: tried in steps of this many min, as far as this. */
const SOONER_STEP = 15;
const MOST_SOONER = 720;
/**
 * The clock of one bake that is ready by a time: as late as can be. Where nothing fits then, it is ready sooner by as little as
 * makes it fit; where that is of no use either, what does not fit is said.
 */
export function clockOf(
  tasks: readonly Task[],
  readyBy: number,
  sleep: Sleep | null = null,
  dayAt?: (t: number) => number,
): Clock {
  const wanted = placedBy(tasks, readyBy, sleep, dayAt);
  for (let sooner = SOONER_STEP; wanted.clashes.length > 0 && sooner <= MOST_SOONER; sooner += SOONER_STEP) {
    const tried = placedBy(tasks, readyBy - sooner, sleep, dayAt);
    if (tried.clashes.length === 0) return tried;
  }
  return wanted;
}

/** The earliest that a bake begun now can be eaten, min; later by as much as sleep asks for. */
export function readyFrom(
  tasks: readonly Task[],
  now: number,
  sleep: Sleep | null = null,
  dayAt?: (t: number) => number,
): number {
  const awake = clockOf(tasks, 0);
  let ready = now + awake.to - awake.from;
  for (let k = 0; k < 40; k++) {
    const { from, clashes } = clockOf(tasks, ready, sleep, dayAt);
    if (from >= now && clashes.length === 0) return ready;
    ready += Math.max(15, now - from);
  }
  return ready;
}
