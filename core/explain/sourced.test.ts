import { describe, expect, it } from 'vitest';
import { decimalsFor, linearSum, ratio, type Sourced } from './sourced';

const x = (value: number, sd?: number): Sourced =>
  sd === undefined ? { value, basis: 'memory' } : { value, sd, basis: 'memory' };

describe('spread', () => {
  it('adds in quadrature (3, 4, 5)', () => {
    expect(
      linearSum([
        { k: 1, x: x(10, 3) },
        { k: -2, x: x(1, 2) },
      ]),
    ).toEqual({
      value: 8,
      sd: 5,
      basis: 'derived',
    });
  });

  it('stays unsaid when no term has one', () => {
    expect(linearSum([{ k: 2, x: x(4) }])).toEqual({ value: 8, basis: 'derived' });
    expect(ratio(x(6), x(3))).toEqual({ value: 2, basis: 'derived' });
  });

  it('of a quotient is the hypotenuse of the relative ones', () => {
    const r = ratio(x(100, 3), x(50, 2));
    expect(r.value).toBe(2);
    expect(r.sd).toBeCloseTo(2 * 0.05, 12);
    expect(ratio(x(0, 1), x(50, 2)).value).toBe(0);
  });

  it('decides the digits shown', () => {
    expect(decimalsFor(x(812.3, 40))).toBe(0);
    expect(decimalsFor(x(2.386, 0.07))).toBe(2);
    expect(decimalsFor(x(2.386, 0.4))).toBe(1);
    expect(decimalsFor(x(0))).toBe(0);
    expect(decimalsFor(x(250))).toBe(0);
  });
});
