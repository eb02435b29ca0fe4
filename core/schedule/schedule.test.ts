import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WHOLE } from '../testing/build';
import { dayOf } from '../testing/days';
import { bruteValue, tinyProblem } from '../testing/tiny';
import { problemOf } from './build';
import { GRID } from './problem';
import type { DayAsked } from './request';
import { finish } from '../rebalance';
import { planSteps, type Planned } from './plan';
import { Search } from './search';
import { verify } from './verify';

/** Draws by a plain congruence, so that a case is named by its number. */
function drawsOf(seed: number): (n: number) => number {
  let state = (seed * 48271 + 11) % 2147483647;
  return (n) => {
    state = (state * 48271) % 2147483647;
    return Math.floor(state / 7) % n;
  };
}
const planOf = (day: DayAsked, more = {}): Planned & { problem: ReturnType<typeof problemOf>['problem'] } => {
  const { problem } = problemOf(day);
  return { ...finish(planSteps(problem, more)), problem };
};
const SMALL = fc.record({ seed: fc.integer({ min: 1, max: 5000 }), bakes: fc.integer({ min: 1, max: 3 }) });
const CASES = WHOLE ? 300 : 40;
/** Enough for small days, and for a plan of larger ones. */
const QUICK = { tries: 24, nodes: 1500 };

describe('the search, against every time tried', () => {
  it(`${CASES} small days come to the same value, or to none`, () => {
    for (let seed = 1; seed <= CASES; seed++) {
      const problem = tinyProblem(drawsOf(seed));
      const brute = bruteValue(problem);
      const search = new Search(problem).run();
      expect(search.done, `day ${seed}`).toBe(true);
      if (brute === Infinity) expect(search.best, `day ${seed}`).toBeNull();
      // The search stops where nothing is better by half a tenth.
      else expect(Math.abs(search.below - brute), `day ${seed}`).toBeLessThanOrEqual(0.05 + 1e-6);
      if (search.best) expect(verify(problem, search.best), `day ${seed}`).toEqual([]);
    }
  }, 600_000);
});

describe('plans of days', () => {
  it('hold every lag, count, hour and share, and one heat at a time', () => {
    for (const [seed, bakes] of [[1, 2], [2, 4], [3, 4], [4, 6], [5, 8]] as const) {
      const { plan, problem } = planOf(dayOf(seed, bakes), QUICK);
      expect(plan, `${bakes} bakes, ${seed}`).not.toBeNull();
      expect(verify(problem, plan!), `${bakes} bakes, ${seed}`).toEqual([]);
    }
  }); // prettier-ignore

  it('the verifier sees what is broken', () => {
    const { plan, problem } = planOf(dayOf(2, 3));
    const broken = (change: (p: NonNullable<typeof plan>) => void): string[] => {
      const copy = structuredClone(plan!);
      change(copy);
      return verify(problem, copy).map((f) => f.what);
    };
    const mixed = problem.touches[0]!.from;
    expect(broken((p) => (p.time[mixed] = p.time[mixed]! + 600))).toContain('lag');
    expect(broken((p) => (p.who[0] = 7))).toContain('nobody');
    expect(broken((p) => p.time.forEach((_, v) => v > 0 && (p.time[v] = p.time[v]! - 1000)))).toContain(
      'away',
    );
    expect(broken((p) => (p.time[problem.stays[0]!.end] = p.time[problem.stays[0]!.end]! + 5))).toContain(
      'length',
    );
    expect(broken(() => undefined)).toEqual([]);
  });

  it('the same day planned twice is the same plan, and all of it a day later is the same a day later', () => {
    fc.assert(
      fc.property(SMALL, ({ seed, bakes }) => {
        const day = dayOf(seed, bakes);
        const by = (min: number): DayAsked => ({
          ...day,
          from: day.from + min,
          bakes: day.bakes.map((b) => ({ ...b, readyBy: b.readyBy + min })),
          people: day.people.map((p) => ({ ...p, there: p.there.map(([a, b]) => [a + min, b + min]) })),
          odd: day.odd.map(([a, b]) => [a + min, b + min]),
        });
        const one = planOf(day, QUICK);
        expect(planOf(day, QUICK).plan).toEqual(one.plan);
        expect(planOf(by(1440), QUICK).plan).toEqual(one.plan);
      }),
      { numRuns: 12 },
    );
  });

  it('an oven or a pair of hands more never makes a proved day worse; a bake less neither', () => {
    fc.assert(
      fc.property(SMALL, ({ seed, bakes }) => {
        const day = dayOf(seed, bakes);
        const best = planOf(day, QUICK);
        fc.pre(best.proof.kind === 'proved' && best.plan !== null);
        const proved = (d: DayAsked): void => {
          const other = planOf(d, QUICK);
          if (other.proof.kind === 'proved')
            expect(other.value).toBeLessThanOrEqual(best.value + 0.05 + 1e-6);
        };
        proved({ ...day, people: [...day.people, { ...day.people[0]!, id: 'more' }] });
        proved({
          ...day,
          ovens: [...day.ovens, { id: 'more', name: 'More', racks: 2 }],
          bakes: day.bakes.map((b) => ({ ...b, room: [...b.room, { loads: 1, racks: 1 }] })),
        });
        if (bakes > 1) proved({ ...day, bakes: day.bakes.slice(1) });
      }),
      { numRuns: 20 },
    );
  });

  it('where nothing may be late, every proof and bake has the longest it may take', () => {
    const day: DayAsked = { ...dayOf(3, 2), careful: true };
    const laid = problemOf(day);
    const plan = planOf(day, QUICK).plan!;
    for (const [i, t] of laid.problem.tasks.entries()) {
      const asked = day.bakes[t.bake]!.tasks.find((x) => x.id === t.id)!;
      const took = plan.time[t.end]! + t.endsAfter - plan.time[t.start]!;
      if (!asked.stretches) expect(took, `${i} ${t.id}`).toBeGreaterThanOrEqual(asked.minutes[1] - GRID);
    }
  });
});
