import { describe, expect, it } from 'vitest';
import { lookupReference, type Lookup } from '../ingredients';
import { formula } from '../testing/build';
import { costOf } from './index';

const priced: Lookup = (item) => {
  const i = lookupReference(item);
  return i && i.id === 'sugar' ? { ...i, pricePerKg: 2.4 } : i;
};

describe('what a batch costs', () => {
  it('is what the packets say; what has no price is named, water costs nothing', () => {
    const cost = costOf(formula('batter', { white_rice_flour: 200, sugar: 250, water: 100 }), priced);
    expect(cost.known).toBeCloseTo(0.6, 9);
    expect([cost.priced, cost.unpriced]).toEqual([1, ['white_rice_flour']]);
  });

  it('a rough price is never shown as money', () => {
    expect(costOf(formula('batter', { butter: 500 }), lookupReference)).toEqual({
      known: 0,
      priced: 0,
      unpriced: ['butter'],
    });
  });
});
