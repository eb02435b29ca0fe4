import type { Task, TaskKind } from '../plan';
import type { BakeAsked, DayAsked, Stretch } from '../schedule/request';

/** Days for tests and benches, made up: seven products of the trade as tasks, so many of them, wanted in the afternoon. */

type Part = Partial<Task> & { kind: TaskKind };
const hand = (kind: TaskKind, min: number, waitMost: number | null = 1440, more: Partial<Task> = {}): Part => ({
  kind, minutes: [min, min], handsFirst: min, waitMost, ...more,
}); // prettier-ignore
const alone = (kind: TaskKind, least: number, most: number, waitMost: number | null = null, more: Partial<Task> = {}): Part => ({
  kind, minutes: [least, most], stretches: true, waitMost, ...more,
}); // prettier-ignore
const oven = (min: number, ovenC: number): Part => ({
  kind: 'bake',
  minutes: [min, min],
  ovenC,
  waitMost: 5,
});
const tasksFrom = (parts: readonly Part[]): Task[] =>
  parts.map((p, i) => ({
    id: `t${i + 1}`, stepId: null, basis: 'usual', stretches: false, handsFirst: 0, handsLast: 0, waitMost: null,
    after: i === 0 ? [] : [`t${i}`], minutes: [5, 5], ...p,
  })); // prettier-ignore

export const PRODUCTS: Record<string, () => Task[]> = {
  tin: () =>
    tasksFrom([hand('gel', 5, 0), alone('rest', 20, 1440), hand('mix', 10, 10), hand('fill', 10, 0), alone('proof', 60, 75, 10, { place: 'warm' }), oven(55, 200), alone('cool', 120, 600)]), // prettier-ignore
  round: () => {
    const row = tasksFrom([hand('feed', 5, 0), alone('rest', 480, 720, 15), hand('knead', 15, 0), alone('rest', 60, 120, 15), hand('shape', 10, 0), alone('proof', 90, 120, 10), oven(50, 240), alone('cool', 120, 900)]); // prettier-ignore
    const heat: Task = {
      ...row[0]!,
      id: 'heat',
      kind: 'heat_pot',
      after: [],
      minutes: [30, 30],
      handsFirst: 1,
      waitMost: 10,
    };
    row[6]!.after.push('heat');
    return [...row.slice(0, 6), heat, ...row.slice(6)];
  },
  muffins: () =>
    tasksFrom([
      hand('prepare', 10),
      hand('mix', 10, 5),
      hand('fill', 10, 5),
      oven(25, 180),
      alone('cool', 20, 480),
    ]),
  pie: () => {
    const row = tasksFrom([hand('rub', 15, 0), alone('chill', 30, 720, 10), hand('cook', 20, 0), alone('cool', 60, 720, 30), hand('shape', 15, 15), hand('fill', 10, 20), oven(45, 190), alone('cool', 120, 720)]); // prettier-ignore
    row[2]!.after = [];
    row[4]!.after = ['t2'];
    row[5]!.after = ['t4', 't5'];
    return row;
  },
  rings: () =>
    tasksFrom([hand('knead', 10, 0), alone('rest', 20, 40, 10), hand('shape', 20, 0), alone('proof', 20, 30, 5), hand('boil', 15, 5), oven(25, 220), alone('cool', 20, 480)]), // prettier-ignore
  seed: () =>
    tasksFrom([hand('soak', 10, 0), alone('soak', 480, 900, 30), hand('mix', 10, 5), hand('fill', 5, 0), alone('rest', 30, 60, 10), oven(70, 180), alone('cool', 180, 900)]), // prettier-ignore
  cookies: () =>
    tasksFrom([
      hand('cream', 10, 0),
      alone('chill', 30, 1440, 90),
      hand('divide', 10, 30),
      oven(15, 180),
      alone('cool', 15, 600),
    ]),
};
const NAMES = Object.keys(PRODUCTS);
const HOUR = 60;
const DAY = 24 * HOUR;

/** Two days, the table on the second; `from` is the first one's midnight. */
export const atHour = (day: 0 | 1, hour: number): number => day * DAY + hour * HOUR;
const owner: Stretch[] = [
  [atHour(0, 8), atHour(0, 22.5)],
  [atHour(1, 6), atHour(1, 22.5)],
];
const helper: Stretch[] = [
  [atHour(0, 16), atHour(0, 20)],
  [atHour(1, 9), atHour(1, 18)],
];

export function bakeAsked(id: string, name: string, readyBy: number, ovens: number): BakeAsked {
  const tin = { tin: 'tin', seed: 'tin', muffins: 'muffin tin', pie: 'dish' }[name];
  return {
    id,
    tasks: PRODUCTS[name]!(),
    readyBy,
    keepsMin: 720,
    room: Array.from({ length: ovens }, () => ({ loads: 1, racks: 1 })),
    ...(tin ? { tins: [{ thing: tin, need: 1 }] } : {}),
  };
}

/** The day of a seed: one person and one oven up to four bakes, two of each for more. The numbers are a plain congruence. */
export function dayOf(seed: number, bakes: number, more: { people?: number; ovens?: number } = {}): DayAsked {
  let state = (seed * 7919 + bakes * 31 + 17) % 2147483647;
  const draw = (n: number): number => {
    state = (state * 48271) % 2147483647;
    return state % n;
  };
  const span = bakes <= 4 ? 20 : bakes <= 8 ? 32 : 40;
  const people = more.people ?? (bakes <= 4 ? 1 : 2);
  const ovens = more.ovens ?? (bakes <= 4 ? 1 : 2);
  return {
    from: 0,
    bakes: Array.from({ length: bakes }, (_, i) =>
      bakeAsked(`b${i}`, NAMES[draw(NAMES.length)]!, atHour(1, 18) - 15 * draw(span), ovens),
    ),
    people: [
      { id: 'owner', name: 'Owner', there: owner },
      { id: 'helper', name: 'Helper', there: helper },
    ].slice(0, people),
    ovens: Array.from({ length: ovens }, (_, i) => ({
      id: `o${i}`,
      name: `Oven ${i + 1}`,
      racks: i === 0 ? 2 : 1,
    })),
    counts: {
      mixer: 1,
      tin: 2,
      'muffin tin': 1,
      pot: 1,
      dish: 2,
      hob: 4,
      fridge: bakes <= 4 ? 4 : 8,
      warm: bakes <= 4 ? 2 : 3,
    },
    odd: [
      [atHour(0, 20), atHour(1, 7)],
      [atHour(1, 20), atHour(1, 30)],
    ],
  };
}
