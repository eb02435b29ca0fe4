import { describe, expect, it } from 'vitest';
import { finish } from '../rebalance';
import { atHour, bakeAsked, dayOf } from '../testing/days';
import { taskKey, type DayAsked, type Live } from './request';
import { clashOf } from './clash';
import { planDay, type DayPlan } from './day';
import { better, replan } from './live';

const planned = (day: DayAsked): DayPlan => finish(planDay(day, { tries: 24, nodes: 1500 })).plan!;
/** The day at a time: what was to be begun by then was, what was to be over is; one thing went on longer. */
function liveAt(plan: DayPlan, now: number, lateMin = 0): Live {
  const begun: Record<string, { from: number; to: number | null; lasts?: number }> = {};
  const running = plan.lain.filter((l) => l.from < now && l.to > now);
  for (const l of plan.lain.filter((x) => x.from < now))
    begun[taskKey(l.bakeId, l.taskId)] =
      l.to <= now
        ? { from: l.from, to: l.to }
        : { from: l.from, to: null, lasts: l.to - l.from + (l === running[0] ? lateMin : 0) };
  return { now, begun, oven: {} };
}

describe('a day under way', () => {
  const cases = [1, 2, 3, 5, 6].flatMap((seed) => [1.25, 1.45, 1.55, 1.65].map((at) => ({ seed, at })));

  it.each(cases)('day $seed at $at: there is always an answer, it keeps what has begun and puts nothing into the past', ({ seed, at }) => {
    const day = dayOf(seed, 4);
    const plan = planned(day);
    const now = Math.round((at * 1440) / 5) * 5;
    const live = liveAt(plan, now, 25);
    const next = replan(day, plan, live);
    expect(next).not.toBeNull();
    for (const l of next!.plan.lain) {
      const was = live.begun[taskKey(l.bakeId, l.taskId)];
      if (was) expect(l.from).toBe(was.from);
      else expect(l.from).toBeGreaterThanOrEqual(now);
    }
  }); // prettier-ignore

  it('there is an answer whatever was done when, by whom and how late: forty days, each at a moment of its own', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const day = dayOf(seed, 1 + (seed % 5));
      const plan = planned(day);
      const [first, last] = [
        Math.min(...plan.lain.map((l) => l.from)),
        Math.max(...plan.lain.map((l) => l.to)),
      ];
      const now = Math.round(first + ((seed * 37) % 100) * 0.01 * (last - first));
      const live = liveAt(plan, now, 10 * (seed % 9));
      // Somebody took things out of their order, or forgot to tick them.
      for (const [i, key] of Object.keys(live.begun).entries())
        if (i % 3 === seed % 3) delete (live.begun as Record<string, unknown>)[key];
      expect(replan(day, plan, live), `day ${seed}`).not.toBeNull();
    }
  });

  it('with nothing late the plan stands as it is, to a few minutes', () => {
    const day = dayOf(2, 3);
    const plan = planned(day);
    const now = Math.min(...plan.lain.map((l) => l.from)) + 30;
    const next = replan(day, plan, liveAt(plan, now))!;
    expect(next.beyond).toBeNull();
    const moved = next.plan.lain.filter((l) => {
      const was = plan.lain.find((x) => x.bakeId === l.bakeId && x.taskId === l.taskId)!;
      return Math.abs(was.from - l.from) > 15;
    });
    expect(moved.map((m) => m.taskId)).toEqual([]);
  });

  it('a bake that comes in at noon is fitted in beside the others', () => {
    const day = dayOf(3, 3);
    const plan = planned(day);
    const now = atHour(1, 11);
    const live = liveAt(plan, now);
    const more = { ...day, bakes: [...day.bakes, bakeAsked('late', 'muffins', atHour(1, 17), 1)] };
    const next = replan(more, plan, live)!;
    expect(next.plan.lain.filter((l) => l.bakeId === 'late').length).toBeGreaterThan(0);
  });

  it('a bake moved to the other oven is baked there', () => {
    const day = dayOf(1, 3, { ovens: 2 });
    const plan = planned(day);
    const bake = day.bakes[0]!.id;
    const now = Math.min(...plan.lain.map((l) => l.from));
    const other = plan.lain.find((l) => l.bakeId === bake && l.ovenId)!.ovenId === 'o0' ? 'o1' : 'o0';
    const next = replan(day, plan, { now, begun: {}, oven: { [bake]: other } })!;
    expect(next.plan.lain.find((l) => l.bakeId === bake && l.ovenId)!.ovenId).toBe(other);
  });

  it('what is left in hours that are over is done in overtime, and that is said', () => {
    const day = {
      ...dayOf(1, 1),
      people: [{ id: 'me', name: 'Me', there: [[0, atHour(1, 22)]] as [number, number][] }],
    };
    const plan = planned(day);
    expect(replan(day, plan, { now: atHour(1, 23), begun: {}, oven: {} })!.beyond).toBe('hours');
  });

  it('what is in the second oven stays in it', () => {
    const day = dayOf(1, 3, { ovens: 2 });
    const plan = planned(day);
    const inOven = plan.lain.filter((l) => l.ovenId);
    for (const stay of inOven) {
      const next = replan(day, plan, liveAt(plan, stay.from + 5))!.plan;
      expect(next.lain.find((l) => l.bakeId === stay.bakeId && l.taskId === stay.taskId)!.ovenId).toBe(
        stay.ovenId,
      );
    }
  });

  it('a better order is offered only where it is better', () => {
    const day = dayOf(2, 3);
    const plan = planned(day);
    const live: Live = { now: Math.min(...plan.lain.map((l) => l.from)), begun: {}, oven: {} };
    const next = replan(day, plan, live)!;
    const other = finish(better(day, next.plan, live, { tries: 16, nodes: 500 }));
    if (other) expect(other.value).toBeLessThan(next.plan.value);
  });
});

describe('a day that does not fit', () => {
  const one = (name: string, more: Partial<DayAsked> = {}): DayAsked => ({ ...dayOf(1, 1), bakes: [bakeAsked('a', name, atHour(1, 12), 1)], ...more }); // prettier-ignore

  it('with nobody there people are what it lacks', () => {
    expect(clashOf(one('muffins', { people: [] }))).toMatchObject({
      bakeIds: ['a'],
      lacks: [{ kind: 'people' }],
    });
  });
  it('a bake that goes into no oven is told alone', () => {
    const day = one('muffins');
    expect(clashOf({ ...day, bakes: day.bakes.map((b) => ({ ...b, room: [null] })) })).toMatchObject({ lacks: [{ kind: 'fits' }], proved: true }); // prettier-ignore
  });
  it('wanted sooner than it can be: time, and a later hour that does', () => {
    const day = { ...one('round'), from: atHour(1, 8) };
    const clash = clashOf(day);
    expect(clash).toMatchObject({ bakeIds: ['a'], lacks: [{ kind: 'time' }], proved: true });
    const later = clash.remedies.find((r) => r.kind === 'later');
    expect(later).toBeDefined();
  });
  it('with one bowl two doughs are mixed one after the other; with two they need not be', () => {
    const at = (bowl: number): DayAsked => ({
      ...dayOf(1, 1, { people: 2, ovens: 2 }),
      counts: { bowl },
      odd: [],
      bakes: [bakeAsked('a', 'muffins', atHour(1, 12), 2), bakeAsked('b', 'muffins', atHour(1, 12), 2)].map((b) => ({ ...b, tins: [] })), // prettier-ignore
    });
    const mixes = (bowl: number) => planned(at(bowl)).lain.filter((l) => l.taskId === 't2').map((l) => l.from); // prettier-ignore
    expect(new Set(mixes(2)).size).toBe(1);
    expect(new Set(mixes(1)).size).toBe(2);
  });
  it('two bakes and one pot for the same hour: the smallest set, one pot more or a later hour', () => {
    const from = atHour(1, 0);
    // Eaten fresh: no loaf may be ready long before the other.
    const fresh = (id: string, name: string) => {
      const b = bakeAsked(id, name, atHour(1, 18), 2);
      return {
        ...b,
        keepsMin: 30,
        tasks: b.tasks.map((t) =>
          t.kind === 'cool' ? { ...t, minutes: [120, 130] as [number, number] } : t,
        ),
      };
    };
    const day: DayAsked = {
      ...dayOf(1, 1, { ovens: 2 }),
      from: from - 1440,
      bakes: [fresh('a', 'round'), fresh('b', 'round'), fresh('c', 'cookies')],
    };
    const clash = clashOf(day);
    expect([...clash.bakeIds].sort()).toEqual(['a', 'b']);
    expect(clash.lacks).toContainEqual({ kind: 'count', thing: 'pot' });
    expect(clash.remedies.length).toBeGreaterThan(0);
    expect(clash.remedies.length).toBeLessThanOrEqual(2);
  });
});
