import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { learntFactor } from '../explain';
import { passedAt } from './gauge';
import { peakOf } from './starter';
import { slownessOf } from './vigour';
import { riseOf } from './yeast';

const SPREAD = { before: 0.2, each: 0.1 };
const DOUGH = {
  massG: 900,
  waterG: 430,
  saltG: 8,
  sugarG: 15,
  instantG: 7,
  doughC: 26,
  path: [{ hours: 12, tempC: 24 }],
  rise: 0.9,
};

describe('what is learnt from told and taken', () => {
  it('nothing without pairs; the mean of the prior and the data, by their weights (normal prior and noise)', () => {
    expect(learntFactor([], SPREAD)).toEqual({ factor: 1, sd: SPREAD.before, from: 0 });
    // Prior of spread 0.2 is worth (0.1 / 0.2)² of a pair: one pair of e^0.1 moves it by 0.1 × 1 / 1.25.
    const one = learntFactor([{ said: 100, took: 100 * Math.exp(0.1) }], SPREAD);
    expect(Math.log(one.factor)).toBeCloseTo(0.08, 12);
    expect(one.sd).toBeCloseTo(0.1 / Math.sqrt(1.25), 12);
  });
  it('lies between nothing and what the pairs say, comes nearer with each, and a pair that says less moves less', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 2, noNaN: true }), fc.integer({ min: 1, max: 30 }), (by, n) => {
        const pairs = (count: number, weight = 1) =>
          Array.from({ length: count }, () => ({ said: 60, took: 60 * by, weight }));
        const off = (p: { factor: number }) => Math.abs(Math.log(by) - Math.log(p.factor));
        const some = learntFactor(pairs(n), SPREAD);
        const more = learntFactor(pairs(n + 1), SPREAD);
        expect(off(more)).toBeLessThanOrEqual(off(some) + 1e-12);
        expect(more.sd).toBeLessThan(some.sd);
        expect(off(learntFactor(pairs(n, 0.4), SPREAD))).toBeGreaterThanOrEqual(off(some) - 1e-12);
      }),
    );
  });
  it('what was three times as long says that something else was wrong', () => {
    expect(learntFactor([{ said: 60, took: 180 }], SPREAD)).toMatchObject({ factor: 1, from: 0 });
  });
});

describe('rises of one’s own', () => {
  it('slow yeast makes the clock slower by about as much, and yeast is not starter', () => {
    const risen = Array.from({ length: 8 }, () => ({ of: 'yeast' as const, saidMin: 80, tookMin: 100 }));
    const { factor, from } = slownessOf(risen, 'yeast');
    expect(from).toBe(8);
    expect(factor).toBeGreaterThan(1.2);
    expect(factor).toBeLessThan(1.25);
    const [was, now] = [riseOf(DOUGH).minutes!, riseOf({ ...DOUGH, slowness: factor }).minutes!];
    expect(now / was).toBeGreaterThan(1.12);
    expect(now / was).toBeLessThan(factor + 0.01);
    expect(slownessOf(risen, 'starter').factor).toBe(1);
    const feed = { starter: 1, water: 5, flour: 5 };
    expect(peakOf(feed, 24, 1.2)!.hours).toBeCloseTo(1.2 * peakOf(feed, 24)!.hours, 9);
  });
  it('a growth is passed between two readings, and not before the first or after the last', () => {
    const readings = [
      { min: 10, heightMm: 50 },
      { min: 40, heightMm: 70 },
      { min: 70, heightMm: 100 },
    ];
    expect(passedAt(readings, 0.7)).toBeCloseTo(45, 9);
    expect(passedAt(readings, 1.2)).toBeNull();
    expect(passedAt([], 0.7)).toBeNull();
  });
});
