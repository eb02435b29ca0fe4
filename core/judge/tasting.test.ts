import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import {
  atLeast,
  fewest,
  isShown,
  oddOne,
  servingsOf,
  tastedOf,
  TASTING_KINDS,
  type Serving,
} from './tasting';

const people = (n: number): string[] => Array.from({ length: n }, (_, i) => `taster ${i + 1}`);

describe('what is served', () => {
  it('every order as often as any other, under codes that no two plates share, the same from the same seed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TASTING_KINDS),
        fc.integer({ min: 1, max: 60 }),
        fc.nat(),
        (kind, n, seed) => {
          const servings = servingsOf(kind, people(n), seed);
          expect(servings).toEqual(servingsOf(kind, people(n), seed));
          const codes = servings.flatMap((s) => s.plates.map((p) => p.code));
          expect(new Set(codes).size).toBe(codes.length);
          expect(codes.every((c) => c >= 100 && c <= 999)).toBe(true);
          const orders = new Map<string, number>();
          for (const s of servings) {
            const o = s.plates.map((p) => p.of).join('');
            orders.set(o, (orders.get(o) ?? 0) + 1);
          }
          const kinds = kind === 'triangle' ? 6 : 2;
          const all = [...orders.values(), ...Array.from({ length: kinds - orders.size }, () => 0)];
          expect(Math.max(...all) - Math.min(...all)).toBeLessThanOrEqual(1);
        },
      ),
    );
    const [one] = servingsOf('triangle', ['x'], 7);
    expect(
      one!.plates.filter((p) => p.of === one!.plates.find((q) => q.code === oddOne(one!))!.of),
    ).toHaveLength(1);
  });
});

describe('what it shows', () => {
  it('the tail of the binomial is that of jStat', () => {
    const { binomial } = jstat;
    for (const n of [1, 5, 12, 24, 60])
      for (const p of [1 / 3, 1 / 2])
        for (let k = 1; k <= n; k++) expect(atLeast(k, n, p)).toBeCloseTo(1 - binomial.cdf(k - 1, n, p), 9);
  });

  // ISO 4120, table A.1, and ISO 5495, table A.3 (two-sided), at 0.05: from memory, and what the exact binomial gives.
  it.each([
    [6, 5],
    [7, 5],
    [8, 6],
    [9, 6],
    [10, 7],
    [12, 8],
    [15, 9],
    [18, 10],
    [20, 11],
    [24, 13],
    [30, 15],
  ])('of %i in a triangle %i must find the odd one', (n, k) => {
    expect(fewest('triangle', n)).toBe(k);
  });
  it.each([
    [10, 9],
    [12, 10],
    [15, 12],
    [20, 15],
    [30, 21],
  ])('of %i in a pair %i must like the same one better', (n, k) => {
    expect(fewest('paired', n)).toBe(k);
  });

  const answered = (kind: 'triangle' | 'paired', right: number, n: number): Serving[] =>
    servingsOf(kind, people(n), 3).map((s, i) => {
      const hit = kind === 'triangle' ? oddOne(s) : s.plates.find((p) => p.of === 'a')!.code;
      return { ...s, said: i < right ? hit : s.plates.find((p) => p.code !== hit)!.code };
    });
  it('says what was found, and nothing of those who have not answered', () => {
    const found = tastedOf({ kind: 'triangle', servings: answered('triangle', 9, 12) });
    expect(found).toMatchObject({ n: 12, count: 9, wanted: 8 });
    expect(isShown(found)).toBe(true);
    const not = tastedOf({ kind: 'triangle', servings: answered('triangle', 5, 12) });
    expect(isShown(not)).toBe(false);
    const liked = tastedOf({ kind: 'paired', servings: answered('paired', 1, 12) });
    expect(liked).toMatchObject({ count: 1, liked: 'b' });
    expect(isShown(liked)).toBe(true);
    const open = answered('paired', 3, 3).map((s) => ({ ...s, said: null }));
    expect(tastedOf({ kind: 'paired', servings: open })).toMatchObject({ n: 0, p: 1, liked: null });
  });
  it('few tasters can show nothing: five of five in a pair is still not enough', () => {
    expect(fewest('paired', 5)).toBe(6);
    expect(fewest('triangle', 2)).toBe(3);
    expect(fewest('triangle', 3)).toBe(3);
  });
});
