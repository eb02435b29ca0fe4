import { problemOf } from './build';
import type { BakeAsked, DayAsked } from './request';

import { finish } from '../rebalance';
import { planSteps } from './plan';

/** What a day lacks: hours of people, oven, a counted thing, or time before it is wanted. */
export type Lack =
  | { kind: 'people' }
  | { kind: 'oven' }
  | { kind: 'count'; thing: string }
  | { kind: 'time' }
  | { kind: 'fits' };
/** What would help: a bake ready so many min later, or the evening before; another pair of hands; one more of a thing. */
export type Remedy =
  | { kind: 'later'; bakeId: string; readyBy: number }
  | { kind: 'before'; bakeId: string; readyAt: number }
  | { kind: 'more'; thing: string }
  | { kind: 'drop'; bakeId: string };
/** The smallest set of bakes that cannot stand together, what it is for the want of, and what helps. */
export type Clash = { bakeIds: string[]; lacks: Lack[]; remedies: Remedy[]; proved: boolean };

const TRIES = { tries: 40, nodes: 4000 };
const NIGHT_MIN = 1080;
/** A bake is tried so much later, min. */
const LATER_MIN = [15, 30, 45, 60, 90, 120, 180, 240, 360, 480, 720];
const MOST_REMEDIES = 2;

type Verdict = 'fits' | 'proved' | 'unknown';
const tried = (day: DayAsked, ms: () => boolean): Verdict => {
  const { problem } = problemOf(day);
  const now = () => (ms() ? 1 : 0);
  const { plan, impossible } = finish(planSteps(problem, { ...TRIES, now, ms: 1 }));
  if (plan) return 'fits';
  return impossible ? 'proved' : 'unknown';
};
const only = (day: DayAsked, ids: ReadonlySet<string>): DayAsked => ({
  ...day,
  bakes: day.bakes.filter((b) => ids.has(b.id)),
});
const withBake = (day: DayAsked, id: string, more: Partial<BakeAsked>): DayAsked => ({
  ...day,
  bakes: day.bakes.map((b) => (b.id === id ? { ...b, ...more } : b)),
});
const always = (day: DayAsked): DayAsked => ({
  ...day,
  people: day.people.map((p) => ({ ...p, there: [[day.from - 2880, day.from + 10080]] })),
});
const manyHands = (day: DayAsked): DayAsked => ({
  ...day,
  people: [...day.people, ...day.people.map((p) => ({ ...p, id: `${p.id}+` }))],
});
const manyOvens = (day: DayAsked): DayAsked => ({
  ...day,
  ovens: day.bakes.map((b) => ({ id: b.id, name: b.id, racks: 99 })),
  bakes: day.bakes.map((b) => ({ ...b, room: day.bakes.map(() => ({ loads: 1, racks: 1 })) })),
});

/**
 * Why there is no plan of a day, as small as it can be said: bakes are taken out as long as what is left still does not fit;
 * then hours, ovens and counted things are lifted one by one. A set of which each part was decided is proved; where a search
 * ended undecided it counts as not fitting, and the answer says that it is only suspected.
 */
export function clashOf(day: DayAsked, ends: () => boolean = () => false): Clash {
  let proved = true;
  const fits = (d: DayAsked): boolean => {
    const verdict = tried(d, ends);
    if (verdict === 'unknown') proved = false;
    return verdict === 'fits';
  };
  // One bake that cannot stand alone is the commonest, and is told alone.
  const alone = day.bakes.find((b) => tried(only(day, new Set([b.id])), ends) === 'proved');
  const ids = new Set(alone ? [alone.id] : day.bakes.map((b) => b.id));
  if (!alone)
    for (const { id } of day.bakes) {
      if (ids.size === 1) break;
      ids.delete(id);
      if (fits(only(day, ids))) ids.add(id);
    }
  const least = only(day, ids);
  if (alone && alone.room.every((r) => r === null))
    return {
      bakeIds: [alone.id],
      lacks: [{ kind: 'fits' }],
      remedies: [{ kind: 'drop', bakeId: alone.id }],
      proved: true,
    };
  const lacks: Lack[] = [];
  if (day.people.length > 0 && (fits(always(least)) || fits(manyHands(least))))
    lacks.push({ kind: 'people' });
  if (day.people.length === 0) lacks.push({ kind: 'people' });
  if (fits(manyOvens(least))) lacks.push({ kind: 'oven' });
  for (const thing of Object.keys(day.counts))
    if (fits({ ...least, counts: { ...least.counts, [thing]: 99 } })) lacks.push({ kind: 'count', thing });
  if (lacks.length === 0) lacks.push({ kind: 'time' });
  return { bakeIds: [...ids], lacks, remedies: remediesOf(day, least, lacks, fits), proved };
}

function remediesOf(
  day: DayAsked,
  least: DayAsked,
  lacks: readonly Lack[],
  fits: (d: DayAsked) => boolean,
): Remedy[] {
  const found: Remedy[] = [];
  const all = (d: (of: DayAsked) => DayAsked): boolean => fits(d(day));
  // The bake that has to give way least: each a little later, together, until one of them will do.
  later: for (const min of LATER_MIN)
    for (const b of least.bakes) {
      const readyBy = b.readyBy + min;
      if (!all((d) => withBake(d, b.id, { readyBy, keepsMin: b.keepsMin + min }))) continue;
      found.push({ kind: 'later', bakeId: b.id, readyBy });
      break later;
    }
  for (const b of least.bakes) {
    const keepsMin = b.keepsMin + NIGHT_MIN;
    if (!all((d) => withBake(d, b.id, { keepsMin }))) continue;
    const { problem, from } = problemOf(withBake(day, b.id, { keepsMin }));
    const at = finish(planSteps(problem, TRIES)).plan;
    const last = problem.tasks.findLast((t) => day.bakes[t.bake]!.id === b.id)!;
    if (at) found.push({ kind: 'before', bakeId: b.id, readyAt: from + at.time[last.end]! + last.endsAfter });
    break;
  }
  for (const lack of lacks)
    if (
      lack.kind === 'count' &&
      all((d) => ({ ...d, counts: { ...d.counts, [lack.thing]: d.counts[lack.thing]! + 1 } }))
    )
      found.push({ kind: 'more', thing: lack.thing });
  if (found.length === 0 && least.bakes.length > 1)
    for (const b of least.bakes)
      if (all((d) => ({ ...d, bakes: d.bakes.filter((x) => x.id !== b.id) }))) {
        found.push({ kind: 'drop', bakeId: b.id });
        break;
      }
  return found.slice(0, MOST_REMEDIES);
}
