import type { Task } from '../plan';
import {
  awayOf,
  IN_PASSING_MIN,
  isAtOven,
  isOven,
  LEAVES_BOWL,
  lengthOf,
  LONG_MIN,
  minutesAt,
  MIXES,
  staysOf,
  stretchCost,
  thingOf,
  waitCost,
  washed,
} from './as-tasks';
import { GRID, onGrid, type Cost, type Mode, type Owner, type Problem, type Stay } from './problem';
import { taskKey, type BakeAsked, type DayAsked, type Live, type Stretch } from './request';

/** A day as a problem; `stayOf` tells by the first task of each stay which one it is. Times are min since `from`. */
export type Laid = { problem: Problem; from: number; stayOf: Map<string, number> };

/** Taking in and taking out are a moment each: two at once are no trouble. Common practice, no source. */
const AT_OVEN = { min: GRID, share: 50 };
/** A bake bears this much more or less heat. Common practice, no source. */
const BEARS_C = 10;
/** What a degree off the asked heat costs, in weighted minutes. */
const HEAT_COST = 0.3;
const USUAL_HEAT_C = 180;
const READY_SOON = 0.2;
const FIRST_SOON = 0.5;
const ODD_COST = 0.6;
/** Ready after it was wanted, and waiting longer than it bears, where what has happened leaves nothing else, a minute. */
const LATE_COST = 5;
const OVER_COST = 20;
/** A day under way is looked at this far beyond its end, min. */
const LATEST_MIN = 1440;
/** An oven is at any other heat after so long. */
const COOLS_MIN = 60;

/** Builds the problem of a day piece by piece: events, what lies between them, what is held. */
class Builder {
  readonly #day: DayAsked;
  readonly #live: Live | null;
  readonly #problem: Problem;
  readonly #bakeOf: number[] = [-1];
  readonly #heats: Set<number>;
  readonly #inside: { oven: number; from: number; to: number; heatC: number; racks: number }[] = [];
  readonly stayOf = new Map<string, number>();

  constructor(day: DayAsked, live: Live | null) {
    this.#day = day;
    this.#live = live;
    // What is late still has to find room.
    const wanted = Math.max(GRID, ...day.bakes.map((b) => b.readyBy - day.from));
    const horizon = live ? Math.max(wanted, live.now - day.from) + LATEST_MIN : wanted;
    const rel = ([a, b]: Stretch): Stretch => [a - day.from, b - day.from];
    this.#problem = {
      events: 1,
      horizon,
      bakeOf: new Int32Array(),
      bakes: day.bakes.length,
      readyAt: day.bakes.map((b) => b.readyBy - day.from),
      tasks: [],
      arcs: [],
      uses: [],
      touches: [],
      stays: [],
      costs: [],
      counts: { ...day.counts },
      workers: day.people.map((p) => ({ name: p.name, away: awayOf(p.there.map(rel), horizon) })),
      ovens: day.ovens.map(({ name, racks }) => ({ name, racks })),
      odd: day.odd.map(rel),
      oddCost: ODD_COST,
    };
    this.#heats = new Set(
      day.bakes.flatMap((b) => b.tasks.filter(isOven).map((t) => t.ovenC ?? USUAL_HEAT_C)),
    );
  }

  #event(bake: number): number {
    this.#bakeOf.push(bake);
    return this.#problem.events++;
  }
  #arc(from: number, to: number, lag: number, owner: Owner, bake: number): void {
    this.#problem.arcs.push({ from, to, lag, owner, bake });
  }
  #cost(cost: Cost): void {
    if (cost.weight > 0) this.#problem.costs.push(cost);
  }

  /** What has not begun is not in the past; what was put at a time is begun then, or as soon after as it still can be. */
  #begins(start: number, key: string, bake: number): void {
    const soonest = this.#live ? onGrid(this.#live.now - this.#day.from) : 0;
    if (soonest > 0) this.#arc(0, start, soonest, 'begun', bake);
    const pin = this.#day.pins?.[key];
    if (pin !== undefined && pin - this.#day.from >= soonest) this.#fix(start, pin - this.#day.from, bake);
  }
  #fix(event: number, time: number, bake: number): void {
    this.#arc(0, event, time, 'begun', bake);
    this.#arc(event, 0, -time, 'begun', bake);
  }
  /** No more than so many min between; where it cannot be helped any more, more at a price. */
  #lengthOf = (t: Task): number => lengthOf(t, this.#day.careful ?? false);

  #atMost(from: number, to: number, most: number, softened: boolean, bake: number): void {
    if (!softened) {
      this.#arc(to, from, -most, 'wait', bake);
      return;
    }
    const over = this.#event(bake);
    this.#arc(to, over, 0, 'wait', bake);
    this.#arc(from, over, most, 'wait', bake);
    this.#cost({ weight: OVER_COST, from, to: over, least: most });
  }
  /** What is known of a task of a day under way: when it was begun, how long it took or will take at the least. */
  #begun(asked: BakeAsked, t: Task): { from: number; length: number; over: boolean } | null {
    const was = this.#live?.begun[taskKey(asked.id, t.id)];
    if (!was) return null;
    const from = was.from - this.#day.from;
    if (was.to !== null) return { from, length: Math.max(0, was.to - was.from), over: true };
    const soFar = onGrid(this.#live.now - was.from);
    return { from, length: Math.max(was.lasts ?? this.#lengthOf(t), soFar), over: false };
  }

  bake(bake: number): void {
    const asked = this.#day.bakes[bake]!;
    const tasks = washed(
      asked.tasks.filter((t) => t.kind !== 'heat_oven'),
      asked.washFirst === true,
    );
    const stays = staysOf(tasks);
    const inner = new Set(stays.flatMap((run) => (run.length > 1 ? run.map((t) => t.id) : [])));
    const events = new Map<string, { start: number; end: number; endsAfter: number }>();
    // What is set aside is set aside by whoever worked at it: with that work, not later.
    const worked = (id: string): boolean =>
      tasks.some((x) => x.id === id && (x.handsFirst > IN_PASSING_MIN || isOven(x)));
    const followed = new Set(
      tasks.filter((t) => t.handsFirst <= IN_PASSING_MIN && t.after.some(worked)).map((t) => t.id),
    );
    for (const t of tasks) {
      const start = this.#event(bake);
      const was = this.#begun(asked, t);
      const open = t.stretches || (isOven(t) && !inner.has(t.id));
      const length = was?.length ?? this.#lengthOf(t);
      const at = { start, end: open ? this.#event(bake) : start, endsAfter: open ? 0 : length };
      events.set(t.id, at);
      this.#problem.tasks.push({ bake, id: t.id, ...at });
      if (was) this.#fix(start, was.from, bake);
      else this.#begins(start, taskKey(asked.id, t.id), bake);
      if (was?.over && open) this.#fix(at.end, was.from + length, bake);
      else if (t.stretches) {
        this.#arc(start, at.end, length, 'order', bake);
        this.#atMost(start, at.end, Math.max(length, onGrid(t.minutes[1])), was !== null, bake);
        this.#cost({ weight: stretchCost(t), from: start, to: at.end, least: length });
      }
      if (!was) this.#touch(t, at, followed.has(t.id));
      const thing = thingOf(t);
      if (thing && thing in this.#day.counts)
        this.#problem.uses.push({ thing, need: 1, from: start, after: 0, to: at.end, upTo: at.endsAfter });
    }
    for (const t of tasks)
      for (const id of t.after)
        this.#follow(id, t, { asked, bake, tasks, events, inner, atOnce: followed.has(t.id) && worked(id) });
    this.#bowls(tasks, events);
    for (const run of stays) this.#stay(asked, bake, run, tasks, events);
    this.#ends(asked, bake, tasks, events);
  }

  #touch(t: Task, at: { start: number; end: number; endsAfter: number }, inPassing: boolean): void {
    const task = this.#problem.tasks.length - 1;
    const { start, end, endsAfter } = at;
    if (isOven(t) || isAtOven(t) || t.kind === 'heat_pot') {
      this.#problem.touches.push({
        from: start,
        after: 0,
        to: start,
        upTo: AT_OVEN.min,
        share: AT_OVEN.share,
        task,
      });
      if (isOven(t))
        this.#problem.touches.push({
          from: end,
          after: endsAfter - AT_OVEN.min,
          to: end,
          upTo: endsAfter,
          share: AT_OVEN.share,
          task,
        });
    } else if (t.handsFirst > IN_PASSING_MIN || (t.handsFirst > 0 && !inPassing))
      this.#problem.touches.push({
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
    this.#arc(a.end, b.start, a.endsAfter, 'order', bake);
    // Within a stay nothing waits.
    const inOven = inner.has(id) && inner.has(t.id);
    const most = inOven || (atOnce && !isOven(before)) ? 0 : before.waitMost;
    const crosses = this.#begun(asked, before) !== null;
    if (most !== null) this.#atMost(a.end, b.start, a.endsAfter + onGrid(most), crosses, bake);
    this.#cost({ weight: waitCost(before.waitMost), from: a.end, to: b.start, least: a.endsAfter });
  }

  /** A bowl is held from the first mixing until what was mixed goes into its tin, is shaped, or is baked. */
  #bowls(tasks: readonly Task[], events: Events): void {
    if (!('bowl' in this.#day.counts)) return;
    const first = tasks.find((t) => MIXES.has(t.kind));
    const out = tasks.find((t, i) => i > tasks.indexOf(first!) && LEAVES_BOWL.has(t.kind));
    if (first && out)
      this.#problem.uses.push({
        thing: 'bowl',
        need: 1,
        from: events.get(first.id)!.start,
        after: 0,
        to: events.get(out.id)!.start,
        upTo: 0,
      });
  }

  #stay(asked: BakeAsked, bake: number, run: readonly Task[], tasks: readonly Task[], events: Events): void {
    const [first, last] = [run[0]!, run.at(-1)!];
    const start = events.get(first.id)!.start;
    const tail = events.get(last.id)!;
    const pot = tasks.find((t) => t.kind === 'heat_pot' && first.after.includes(t.id));
    const held = pot ? events.get(pot.id)!.start : start;
    // A stay of several stretches ends at an event of its own: the last of them may be a fixed one.
    const end = tail.endsAfter === 0 ? tail.end : this.#event(bake);
    if (end !== tail.end) {
      this.#arc(tail.end, end, tail.endsAfter, 'order', bake);
      this.#arc(end, tail.end, -tail.endsAfter, 'order', bake);
    }
    const heats = run.filter(isOven).map((t) => t.ovenC ?? USUAL_HEAT_C);
    const begun = this.#begun(asked, first);
    const alone = new Set(heats).size > 1;
    const stay = { start, end, held, alone, coolsC: heats[0]! - heats.at(-1)!, bake };
    this.stayOf.set(`${bake}/${first.id}`, this.#problem.stays.length);
    if (begun)
      this.#problem.stays.push(this.#inOven(asked, run, begun.from, { ...stay, modes: [] }, heats[0]!));
    else this.#problem.stays.push({ ...stay, modes: this.#modes(asked, run, heats[0]!, alone) });
    const span = { after: 0, to: end, upTo: 0 };
    if (pot) {
      if ('pot' in this.#day.counts) this.#problem.uses.push({ thing: 'pot', need: 1, from: held, ...span });
      // In the last half hour of what comes before it, beside it.
      const waiting = first.after.map((id) => tasks.find((t) => t.id === id)).find((t) => t && t !== pot);
      const a = waiting && events.get(waiting.id);
      const crosses = this.#begun(asked, pot) !== null;
      if (a && !crosses) this.#arc(a.end, held, a.endsAfter - onGrid(pot.minutes[1]), 'wait', bake);
    }
    const filled = [...tasks.slice(0, tasks.indexOf(first))]
      .reverse()
      .find((t) => t.kind === 'fill' || t.kind === 'shape');
    const from = filled ? events.get(filled.id)!.start : start;
    for (const { thing, need } of asked.tins ?? [])
      if (thing in this.#day.counts) this.#problem.uses.push({ thing, need, from, ...span });
  }

  /**
   * A stay that has begun is where it is. Whatever the rules say, it is beside what was in there: it takes the heat of that, and
   * the racks that are left.
   */
  #inOven(asked: BakeAsked, run: readonly Task[], from: number, stay: Stay, ownC: number): Stay {
    const oven = Math.max(
      0,
      this.#day.ovens.findIndex((o) => o.id === this.#live!.oven[asked.id]),
    );
    const minutes = run.reduce((s, t) => s + (this.#begun(asked, t)?.length ?? this.#lengthOf(t)), 0);
    const beside = this.#inside.filter(
      (x) => x.oven === oven && x.from < from + minutes + COOLS_MIN && from < x.to + COOLS_MIN,
    );
    const now = beside.filter((x) => x.from < from + minutes && from < x.to);
    const left = this.#day.ovens[oven]!.racks - now.reduce((s, x) => s + x.racks, 0);
    const racks = Math.max(0, Math.min(asked.room[oven]?.racks ?? 1, left));
    const heatC = beside[0]?.heatC ?? ownC;
    this.#inside.push({ oven, from, to: from + minutes, heatC, racks });
    const apart = beside.length === 0;
    return {
      ...stay,
      alone: stay.alone && apart,
      coolsC: apart ? stay.coolsC : 0,
      modes: [{ oven, heatC, minutes, racks, cost: 0 }],
    };
  }

  /** The ways a stay may be baked: in each oven it goes into, at its own heat or one that another bake of the day wants. */
  #modes(asked: BakeAsked, run: readonly Task[], ownC: number, alone: boolean): Mode[] {
    const minutes = run.reduce((s, t) => s + this.#lengthOf(t), 0);
    const bears = (heatC: number): boolean =>
      heatC === ownC || (!alone && run.length === 1 && Math.abs(heatC - ownC) <= BEARS_C);
    return this.#day.ovens.flatMap((_, oven) => {
      const room = asked.room[oven];
      const moved = this.#live?.oven[asked.id];
      if (!room || (moved !== undefined && this.#day.ovens[oven]!.id !== moved)) return [];
      return [...this.#heats]
        .filter(bears)
        .map((heatC) => {
          const once = heatC === ownC ? minutes : onGrid(minutesAt(minutes, ownC, heatC));
          return {
            oven,
            heatC,
            minutes: room.loads * once + (room.loads - 1) * GRID,
            racks: room.racks,
            cost: HEAT_COST * Math.abs(heatC - ownC) + GRID * (room.loads - 1),
          };
        })
        .filter((m) => run.length === 1 || m.minutes === minutes);
    });
  }

  /** Ready by, and not so long before that it is past its best; what counts as work of the day. */
  #ends(asked: BakeAsked, bake: number, tasks: readonly Task[], events: Events): void {
    const ready = asked.readyBy - this.#day.from;
    const isLast = (t: Task): boolean => !tasks.some((x) => x.after.includes(t.id));
    for (const t of tasks.filter(isLast)) {
      const { end, endsAfter } = events.get(t.id)!;
      this.#problem.costs.push({ weight: READY_SOON, from: end, to: 0, least: endsAfter - ready });
      if (this.#live) {
        const late = this.#event(bake);
        this.#arc(end, late, endsAfter, 'ready', bake);
        this.#arc(0, late, ready, 'ready', bake);
        this.#cost({ weight: LATE_COST, from: 0, to: late, least: ready });
        continue;
      }
      this.#arc(end, 0, endsAfter - ready, 'ready', bake);
      this.#arc(0, end, ready - asked.keepsMin - endsAfter, 'keeps', bake);
    }
  }

  /** The first work of the day itself is as late as can be; what a long rest follows may be the evening before. */
  finish(): Problem {
    const p = this.#problem;
    const first = this.#event(-1);
    this.#arc(0, first, 0, 'order', -1);
    for (const [i, asked] of this.#day.bakes.entries()) {
      const long = asked.tasks.findLastIndex(
        (t) => t.stretches && t.minutes[1] >= LONG_MIN && t.kind !== 'cool',
      );
      const before = new Set(asked.tasks.slice(0, long + 1).map((t) => t.id));
      for (const t of p.touches) {
        const task = p.tasks[t.task]!;
        if (task.bake === i && !before.has(task.id)) this.#arc(first, t.from, -t.after, 'order', -1);
      }
    }
    p.costs.push({ weight: FIRST_SOON, from: first, to: 0, least: -p.horizon });
    p.bakeOf = Int32Array.from(this.#bakeOf);
    return p;
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
type Events = ReadonlyMap<string, { start: number; end: number; endsAfter: number }>;
/** The problem of a day. Times of it are min since `from`. */
export function problemOf(day: DayAsked, live: Live | null = null): Laid {
  const builder = new Builder(day, live);
  day.bakes.forEach((_, i) => builder.bake(i));
  return { problem: builder.finish(), from: day.from, stayOf: builder.stayOf };
}
