import type { Task } from '../plan';
import { awayOf, lengthOf } from './as-tasks';
import { GRID, onGrid, type Cost, type Event, type Owner, type Problem } from './problem';
import { taskKey, type BakeAsked, type DayAsked, type Live, type Stretch } from './request';

/** Waiting longer than it bears, where what has happened leaves nothing else, a minute. */
const OVER_COST = 20;
const ODD_COST = 0.6;
/** A day under way is looked at this far beyond its end, min. */
const LATEST_MIN = 1440;

/** A task on its two events: it ends so long after its `end`. */
export type Placed = Omit<Event, 'bake' | 'id'>;
/** Tasks of a bake by their ids. */
export type Events = ReadonlyMap<string, Placed>;

/** The problem of a day while it is laid out: its events and what lies between them. */
export class Laying {
  readonly day: DayAsked;
  readonly live: Live | null;
  readonly problem: Problem;
  readonly #bakeOf: number[] = [-1];

  constructor(day: DayAsked, live: Live | null) {
    this.day = day;
    this.live = live;
    // What is late still has to find room.
    const wanted = Math.max(GRID, ...day.bakes.map((b) => b.readyBy - day.from));
    const horizon = live ? Math.max(wanted, live.now - day.from) + LATEST_MIN : wanted;
    const rel = ([a, b]: Stretch): Stretch => [a - day.from, b - day.from];
    this.problem = {
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
  }

  event(bake: number): number {
    this.#bakeOf.push(bake);
    return this.problem.events++;
  }
  arc(from: number, to: number, lag: number, owner: Owner, bake: number): void {
    this.problem.arcs.push({ from, to, lag, owner, bake });
  }
  cost(cost: Cost): void {
    if (cost.weight > 0) this.problem.costs.push(cost);
  }

  /** What has not begun is not in the past; what was put at a time is begun then, or as soon after as it still can be. */
  begins(start: number, key: string, bake: number): void {
    const soonest = this.live ? onGrid(this.live.now - this.day.from) : 0;
    if (soonest > 0) this.arc(0, start, soonest, 'begun', bake);
    const pin = this.day.pins?.[key];
    if (pin !== undefined && pin - this.day.from >= soonest) this.fix(start, pin - this.day.from, bake);
  }
  fix(event: number, time: number, bake: number): void {
    this.arc(0, event, time, 'begun', bake);
    this.arc(event, 0, -time, 'begun', bake);
  }
  /** How long a task is planned to take, min. */
  lengthOf = (t: Task): number => lengthOf(t, this.day.careful ?? false);

  /** No more than so many min between; where it cannot be helped any more, more at a price. */
  atMost(from: number, to: number, most: number, softened: boolean, bake: number): void {
    if (!softened) {
      this.arc(to, from, -most, 'wait', bake);
      return;
    }
    const over = this.event(bake);
    this.arc(to, over, 0, 'wait', bake);
    this.arc(from, over, most, 'wait', bake);
    this.cost({ weight: OVER_COST, from, to: over, least: most });
  }
  /** What is known of a task of a day under way: when it was begun, how long it took or will take at the least. */
  begun(asked: BakeAsked, t: Task): { from: number; length: number; over: boolean } | null {
    const was = this.live?.begun[taskKey(asked.id, t.id)];
    if (!was) return null;
    const from = was.from - this.day.from;
    if (was.to !== null) return { from, length: Math.max(0, was.to - was.from), over: true };
    const soFar = onGrid(this.live.now - was.from);
    return { from, length: Math.max(was.lasts ?? this.lengthOf(t), soFar), over: false };
  }

  /** The problem, when all of it is laid. */
  sealed(): Problem {
    this.problem.bakeOf = Int32Array.from(this.#bakeOf);
    return this.problem;
  }
}
