import type { Task } from '../plan';
import {
  IN_PASSING_MIN,
  isAtOven,
  isOven,
  LEAVES_BOWL,
  LONG_MIN,
  MIXES,
  staysOf,
  stretchCost,
  thingOf,
  waitCost,
  washed,
} from './as-tasks';
import { LayStays } from './lay-stays';
import { Laying, type Events, type Placed } from './laying';
import { GRID, onGrid, type Problem } from './problem';
import { taskKey, type BakeAsked, type DayAsked, type Live } from './request';

/** A day as a problem; `stayOf` tells by the first task of each stay which one it is. Times are min since `from`. */
export type Laid = { problem: Problem; from: number; stayOf: ReadonlyMap<string, number> };

/** Taking in and taking out are a moment each: two at once are no trouble. Common practice, no source. */
const AT_OVEN = { min: GRID, share: 50 };
const READY_SOON = 0.2;
const FIRST_SOON = 0.5;
/** Ready after it was wanted, where what has happened leaves nothing else, a minute. */
const LATE_COST = 5;

/** Builds the problem of a day piece by piece: events, what lies between them, what is held. */
class Builder {
  readonly #laying: Laying;
  readonly stays: LayStays;

  constructor(day: DayAsked, live: Live | null) {
    this.#laying = new Laying(day, live);
    this.stays = new LayStays(this.#laying);
  }

  bake(bake: number): void {
    const asked = this.#laying.day.bakes[bake]!;
    const tasks = washed(
      asked.tasks.filter((t) => t.kind !== 'heat_oven'),
      asked.washFirst === true,
    );
    const stays = staysOf(tasks);
    const inner = new Set(stays.flatMap((run) => (run.length > 1 ? run.map((t) => t.id) : [])));
    const events = new Map<string, Placed>();
    // What is set aside is set aside by whoever worked at it: with that work, not later.
    const worked = (id: string): boolean =>
      tasks.some((x) => x.id === id && (x.handsFirst > IN_PASSING_MIN || isOven(x)));
    const followed = new Set(
      tasks.filter((t) => t.handsFirst <= IN_PASSING_MIN && t.after.some(worked)).map((t) => t.id),
    );
    for (const t of tasks) {
      const start = this.#laying.event(bake);
      const was = this.#laying.begun(asked, t);
      const open = t.stretches || (isOven(t) && !inner.has(t.id));
      const length = was?.length ?? this.#laying.lengthOf(t);
      const at = { start, end: open ? this.#laying.event(bake) : start, endsAfter: open ? 0 : length };
      events.set(t.id, at);
      this.#laying.problem.tasks.push({ bake, id: t.id, ...at });
      if (was) this.#laying.fix(start, was.from, bake);
      else this.#laying.begins(start, taskKey(asked.id, t.id), bake);
      if (was?.over && open) this.#laying.fix(at.end, was.from + length, bake);
      else if (t.stretches) {
        this.#laying.arc(start, at.end, length, 'order', bake);
        this.#laying.atMost(start, at.end, Math.max(length, onGrid(t.minutes[1])), was !== null, bake);
        this.#laying.cost({ weight: stretchCost(t), from: start, to: at.end, least: length });
      }
      if (!was) this.#touch(t, at, followed.has(t.id));
      const thing = thingOf(t);
      if (thing && thing in this.#laying.day.counts)
        this.#laying.problem.uses.push({
          thing,
          need: 1,
          from: start,
          after: 0,
          to: at.end,
          upTo: at.endsAfter,
        });
    }
    for (const t of tasks)
      for (const id of t.after)
        this.#follow(id, t, { asked, bake, tasks, events, inner, atOnce: followed.has(t.id) && worked(id) });
    this.#bowls(tasks, events);
    for (const run of stays) this.stays.lay(asked, bake, run, tasks, events);
    this.#ends(asked, bake, tasks, events);
  }

  #touch(t: Task, at: Placed, inPassing: boolean): void {
    const task = this.#laying.problem.tasks.length - 1;
    const { start, end, endsAfter } = at;
    if (isOven(t) || isAtOven(t) || t.kind === 'heat_pot') {
      this.#laying.problem.touches.push({
        from: start,
        after: 0,
        to: start,
        upTo: AT_OVEN.min,
        share: AT_OVEN.share,
        task,
      });
      if (isOven(t))
        this.#laying.problem.touches.push({
          from: end,
          after: endsAfter - AT_OVEN.min,
          to: end,
          upTo: endsAfter,
          share: AT_OVEN.share,
          task,
        });
    } else if (t.handsFirst > IN_PASSING_MIN || (t.handsFirst > 0 && !inPassing))
      this.#laying.problem.touches.push({
        from: start,
        after: 0,
        to: start,
        upTo: onGrid(t.handsFirst),
        share: 100,
        task,
      });
  }

  #follow(id: string, t: Task, { asked, bake, tasks, events, inner, atOnce }: Following): void {
    const before = tasks.find((x) => x.id === id);
    const a = events.get(id);
    const b = events.get(t.id)!;
    if (!before || !a) return;
    this.#laying.arc(a.end, b.start, a.endsAfter, 'order', bake);
    // Within a stay nothing waits.
    const inOven = inner.has(id) && inner.has(t.id);
    const most = inOven || (atOnce && !isOven(before)) ? 0 : before.waitMost;
    const crosses = this.#laying.begun(asked, before) !== null;
    if (most !== null) this.#laying.atMost(a.end, b.start, a.endsAfter + onGrid(most), crosses, bake);
    this.#laying.cost({ weight: waitCost(before.waitMost), from: a.end, to: b.start, least: a.endsAfter });
  }

  /** A bowl is held from the first mixing until what was mixed goes into its tin, is shaped, or is baked. */
  #bowls(tasks: readonly Task[], events: Events): void {
    if (!('bowl' in this.#laying.day.counts)) return;
    const first = tasks.find((t) => MIXES.has(t.kind));
    const out = tasks.find((t, i) => i > tasks.indexOf(first!) && LEAVES_BOWL.has(t.kind));
    if (first && out)
      this.#laying.problem.uses.push({
        thing: 'bowl',
        need: 1,
        from: events.get(first.id)!.start,
        after: 0,
        to: events.get(out.id)!.start,
        upTo: 0,
      });
  }

  /** Ready by, and not so long before that it is past its best; what counts as work of the day. */
  #ends(asked: BakeAsked, bake: number, tasks: readonly Task[], events: Events): void {
    const ready = asked.readyBy - this.#laying.day.from;
    const isLast = (t: Task): boolean => !tasks.some((x) => x.after.includes(t.id));
    for (const t of tasks.filter(isLast)) {
      const { end, endsAfter } = events.get(t.id)!;
      this.#laying.problem.costs.push({ weight: READY_SOON, from: end, to: 0, least: endsAfter - ready });
      if (this.#laying.live) {
        const late = this.#laying.event(bake);
        this.#laying.arc(end, late, endsAfter, 'ready', bake);
        this.#laying.arc(0, late, ready, 'ready', bake);
        this.#laying.cost({ weight: LATE_COST, from: 0, to: late, least: ready });
        continue;
      }
      this.#laying.arc(end, 0, endsAfter - ready, 'ready', bake);
      this.#laying.arc(0, end, ready - asked.keepsMin - endsAfter, 'keeps', bake);
    }
  }

  /** The first work of the day itself is as late as can be; what a long rest follows may be the evening before. */
  finish(): Problem {
    const p = this.#laying.problem;
    const first = this.#laying.event(-1);
    this.#laying.arc(0, first, 0, 'order', -1);
    for (const [i, asked] of this.#laying.day.bakes.entries()) {
      const long = asked.tasks.findLastIndex(
        (t) => t.stretches && t.minutes[1] >= LONG_MIN && t.kind !== 'cool',
      );
      const before = new Set(asked.tasks.slice(0, long + 1).map((t) => t.id));
      for (const t of p.touches) {
        const task = p.tasks[t.task]!;
        if (task.bake === i && !before.has(task.id)) this.#laying.arc(first, t.from, -t.after, 'order', -1);
      }
    }
    p.costs.push({ weight: FIRST_SOON, from: first, to: 0, least: -p.horizon });
    return this.#laying.sealed();
  }
}

type Following = {
  asked: BakeAsked;
  bake: number;
  tasks: readonly Task[];
  events: Events;
  inner: ReadonlySet<string>;
  atOnce: boolean;
};
/** The problem of a day. Times of it are min since `from`. */
export function problemOf(day: DayAsked, live: Live | null = null): Laid {
  const builder = new Builder(day, live);
  day.bakes.forEach((_, i) => builder.bake(i));
  return { problem: builder.finish(), from: day.from, stayOf: builder.stays.of };
}
