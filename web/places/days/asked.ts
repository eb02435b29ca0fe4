import { dayStart } from '../../parts/newDay';
import type { OwnTimes } from '../../../core/plan';
import type { BakeDay } from '../../../contract/days';
import type { Kitchen, KitchenOven, KitchenTin, Version } from '../../../contract/dto';
import type { Lookup } from '../../../core/ingredients';
import { sized } from '../../../core/rebalance';
import {
  askedOf,
  washesFirst,
  type BakeAsked,
  type BakeTasks,
  type DayAsked,
  type Listed,
  type Live,
  type Stretch,
} from '../../../core/schedule';
import { dailyHours, dateOf } from '../../words/clockWords';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.asked;

/** A bake of a day with the version that is baked, of the size it is baked in, and the letter it goes by. */
export type DayBakeRead = BakeTasks &
  Listed &
  Pick<BakeAsked, 'room' | 'tins'> & { title: string; batches: number; readyBy: number; letter: string };

/** The bakes of a day, each with its version at its size: its tasks, and how it goes into the ovens of the day. */
export function bakesOf(
  day: BakeDay,
  versions: readonly Version[],
  there: { ovens: readonly KitchenOven[]; tins: readonly KitchenTin[]; times?: OwnTimes },
  lookup: Lookup,
): DayBakeRead[] {
  return day.bakes.flatMap((b, i) => {
    const version = versions.find((v) => v.id === b.versionId);
    if (!version) return [];
    const formula = sized(version.doc, { by: 'batch', times: b.batches }, lookup)?.formula ?? version.doc;
    const wanted = { formula, avoids: version.avoids };
    return [
      { ...b, ...wanted, ...askedOf(wanted, lookup, there), letter: String.fromCharCode(65 + (i % 26)) },
    ];
  });
}
/** Where the kitchen has no oven yet: a usual one, so that a day can be planned. */
const SOME_OVEN: KitchenOven = {
  id: 'oven',
  name: W.theOven,
  offsetC: 0,
  fan: false,
  widthCm: 45,
  racks: 2,
};
/** The ovens of the kitchen that a day uses. */
export const ovensOf = (day: BakeDay, { ovens = [] }: Kitchen): KitchenOven[] =>
  ovens.length === 0 ? [SOME_OVEN] : ovens.filter((o) => day.ovenIds.includes(o.id));

/** Two days before the first thing is wanted a day may be begun. */
const REACH_MIN = 2880;
const GRID_MIN = 5;

/** What is asked of the planner for a day: who is there when, which ovens, what each bake takes. */
export function dayAsked(
  day: BakeDay,
  bakes: readonly DayBakeRead[],
  ovens: readonly KitchenOven[],
  lookup: Lookup,
  from = 0,
): DayAsked {
  const onGrid = (min: number): number => Math.floor(min / GRID_MIN) * GRID_MIN;
  const wanted = day.bakes.map((b) => b.readyBy);
  const start = Math.max(onGrid(Math.min(...wanted) - REACH_MIN), onGrid(from));
  const last = Math.max(...wanted) + REACH_MIN;
  const table = dayStart(day.date);
  const eve = dateOf(table);
  eve.setDate(eve.getDate() - 1);
  const onDay = (hours: BakeDay['usual'], of: number): Stretch[] =>
    hours ? dailyHours(hours, of, of).filter(([a]) => a >= of && a < of + 1440) : [];
  return {
    from: start,
    bakes: bakes.map((b) => ({
      id: b.id,
      tasks: [...b.tasks],
      readyBy: onGrid(b.readyBy),
      keepsMin: day.bakes.find((x) => x.id === b.id)!.keepsMin,
      room: b.room,
      ...(b.tins ? { tins: b.tins } : {}),
      washFirst: washesFirst(
        b,
        bakes.filter((o) => o.id !== b.id),
        lookup,
      ),
    })),
    people: day.people.map(({ id, name, hours, before }) => ({
      id,
      name,
      there: [...onDay(before, eve.getTime() / 60_000), ...onDay(hours, table)],
    })),
    ovens: ovens.map(({ id, name, racks }) => ({ id, name, racks })),
    counts: day.counts,
    odd: day.usual ? outside(dailyHours(day.usual, start, last), start, last) : [],
    pins: day.pins,
    ...(day.careful ? { careful: true } : {}),
  };
}

/** What lies outside a row of stretches. */
function outside(inside: readonly Stretch[], from: number, to: number): Stretch[] {
  const odd: Stretch[] = [];
  let at = from;
  for (const [a, b] of inside) {
    if (a > at) odd.push([at, a]);
    at = Math.max(at, b);
  }
  if (at < to) odd.push([at, to]);
  return odd;
}

/** A day as it goes at a time: what has begun, and which ovens things are in. */
export const liveOf = (day: BakeDay, now: number): Live => ({ now, begun: day.begun, oven: day.inOven });

/** What a plan was made for, in full: where it is not what is wanted now, the plan is not either. */
export const wantedOf = ({ bakes, people, ovenIds, counts, usual, pins, date, careful }: BakeDay): string =>
  JSON.stringify({ date, bakes, people, ovenIds, counts, usual, pins, careful });
