import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { barAt, packed } from './bars';
import { hoursOf, isShort, minAt, scaleOf, xOf } from './scale';

const busy = fc.array(
  fc.tuple(fc.integer({ min: 0, max: 2880 }), fc.integer({ min: 5, max: 300 })).map(([from, long]) => [from, from + long] as const),
  { minLength: 1, maxLength: 20 },
); // prettier-ignore

describe('the clock drawn over a width', () => {
  it('goes on to the right, holds all that is done, and tells the time at a place', () => {
    fc.assert(
      fc.property(busy, fc.integer({ min: 300, max: 2000 }), (list, width) => {
        const pieces = scaleOf(list, width);
        for (const [a, b] of list) {
          expect(xOf(pieces, a)).toBeLessThanOrEqual(xOf(pieces, b));
          expect(Math.abs(minAt(pieces, xOf(pieces, a), 1) - a)).toBeLessThanOrEqual(1);
          expect(barAt(pieces, a, b).width).toBeGreaterThan(0);
        }
        for (const h of hoursOf(pieces)) expect(Math.abs(h % 60)).toBe(0);
        pieces.forEach((p, i) => i > 0 && expect(p.x).toBeCloseTo(pieces[i - 1]!.x + pieces[i - 1]!.width));
      }),
    );
  });

  it('a night in which nothing is done is drawn short', () => {
    const pieces = scaleOf([[0, 60], [720, 780]], 800); // prettier-ignore
    expect(pieces.filter(isShort)).toHaveLength(1);
    expect(xOf(pieces, 700) - xOf(pieces, 80)).toBeLessThan(40);
  });

  it('rows hold what does not lie over another', () => {
    fc.assert(
      fc.property(busy, (list) => {
        const rows = packed(list.map(([from, to]) => ({ from, to })));
        expect(rows.flat()).toHaveLength(list.length);
        for (const row of rows)
          for (let i = 1; i < row.length; i++) expect(row[i]!.from).toBeGreaterThanOrEqual(row[i - 1]!.to);
      }),
    );
  });
});
