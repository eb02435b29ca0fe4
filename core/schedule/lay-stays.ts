import type { Task } from '../plan';
import { isOven, minutesAt } from './as-tasks';
import type { Events, Laying } from './laying';
import { GRID, onGrid, type Mode, type Stay } from './problem';
import type { BakeAsked, DayAsked } from './request';

/** A bake bears this much more or less heat. Common practice, no source. */
const BEARS_C = 10;
/** What a degree off the asked heat costs, in weighted minutes. */
const HEAT_COST = 0.3;
const USUAL_HEAT_C = 180;
/** An oven is at any other heat after so long, min. */
const COOLS_MIN = 60;

const heatsOf = (day: DayAsked): Set<number> =>
  new Set(day.bakes.flatMap((b) => b.tasks.filter(isOven).map((t) => t.ovenC ?? USUAL_HEAT_C)));

/** Lays the stays in ovens: where each may go, how hot, how long, and what it holds beside the oven. */
export class LayStays {
  readonly #laying: Laying;
  readonly #heats: Set<number>;
  readonly #inside: { oven: number; from: number; to: number; heatC: number; racks: number }[] = [];
  /** By bake and first task: which stay it is. */
  readonly of = new Map<string, number>();

  constructor(laying: Laying) {
    this.#laying = laying;
    this.#heats = heatsOf(laying.day);
  }

  lay(asked: BakeAsked, bake: number, run: readonly Task[], tasks: readonly Task[], events: Events): void {
    const [first, last] = [run[0]!, run.at(-1)!];
    const start = events.get(first.id)!.start;
    const tail = events.get(last.id)!;
    const pot = tasks.find((t) => t.kind === 'heat_pot' && first.after.includes(t.id));
    const held = pot ? events.get(pot.id)!.start : start;
    // A stay of several stretches ends at an event of its own: the last of them may be a fixed one.
    const end = tail.endsAfter === 0 ? tail.end : this.#laying.event(bake);
    if (end !== tail.end) {
      this.#laying.arc(tail.end, end, tail.endsAfter, 'order', bake);
      this.#laying.arc(end, tail.end, -tail.endsAfter, 'order', bake);
    }
    const heats = run.filter(isOven).map((t) => t.ovenC ?? USUAL_HEAT_C);
    const begun = this.#laying.begun(asked, first);
    const alone = new Set(heats).size > 1;
    const stay = { start, end, held, alone, coolsC: heats[0]! - heats.at(-1)!, bake };
    this.of.set(`${bake}/${first.id}`, this.#laying.problem.stays.length);
    if (begun)
      this.#laying.problem.stays.push(
        this.#inOven(asked, run, begun.from, { ...stay, modes: [] }, heats[0]!),
      );
    else this.#laying.problem.stays.push({ ...stay, modes: this.#modes(asked, run, heats[0]!, alone) });
    const span = { after: 0, to: end, upTo: 0 };
    if (pot) {
      if ('pot' in this.#laying.day.counts)
        this.#laying.problem.uses.push({ thing: 'pot', need: 1, from: held, ...span });
      // In the last half hour of what comes before it, beside it.
      const waiting = first.after.map((id) => tasks.find((t) => t.id === id)).find((t) => t && t !== pot);
      const a = waiting && events.get(waiting.id);
      const crosses = this.#laying.begun(asked, pot) !== null;
      if (a && !crosses) this.#laying.arc(a.end, held, a.endsAfter - onGrid(pot.minutes[1]), 'wait', bake);
    }
    const filled = [...tasks.slice(0, tasks.indexOf(first))]
      .reverse()
      .find((t) => t.kind === 'fill' || t.kind === 'shape');
    const from = filled ? events.get(filled.id)!.start : start;
    for (const { thing, need } of asked.tins ?? [])
      if (thing in this.#laying.day.counts) this.#laying.problem.uses.push({ thing, need, from, ...span });
  }

  /**
   * A stay that has begun is where it is. Whatever the rules say, it is beside what was in there: it takes the heat of that, and
   * the racks that are left.
   */
  #inOven(asked: BakeAsked, run: readonly Task[], from: number, stay: Stay, ownC: number): Stay {
    const oven = Math.max(
      0,
      this.#laying.day.ovens.findIndex((o) => o.id === this.#laying.live!.oven[asked.id]),
    );
    const minutes = run.reduce(
      (s, t) => s + (this.#laying.begun(asked, t)?.length ?? this.#laying.lengthOf(t)),
      0,
    );
    const beside = this.#inside.filter(
      (x) => x.oven === oven && x.from < from + minutes + COOLS_MIN && from < x.to + COOLS_MIN,
    );
    const now = beside.filter((x) => x.from < from + minutes && from < x.to);
    const left = this.#laying.day.ovens[oven]!.racks - now.reduce((s, x) => s + x.racks, 0);
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
    const minutes = run.reduce((s, t) => s + this.#laying.lengthOf(t), 0);
    const bears = (heatC: number): boolean =>
      heatC === ownC || (!alone && run.length === 1 && Math.abs(heatC - ownC) <= BEARS_C);
    return this.#laying.day.ovens.flatMap((_, oven) => {
      const room = asked.room[oven];
      const moved = this.#laying.live?.oven[asked.id];
      if (!room || (moved !== undefined && this.#laying.day.ovens[oven]!.id !== moved)) return [];
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
}
