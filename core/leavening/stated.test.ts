import { describe, expect, it } from 'vitest';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { statedRise } from './stated';

const LIST = '200 g rice flour\n100 g tapioca starch\n7 g instant yeast\n15 g psyllium husk\n280 g water';
const rise = (method: string) => {
  const f = readFormula({ text: LIST, method, title: 'Quay loaf' }).formula;
  return statedRise(f, f.parts[0]!, lookupReference);
};

// Places in words: common practice, no source.
describe('a rise that a method states', () => {
  it.each([
    ['Prove 45-60 min somewhere warm.', { minutes: [45, 60], tempC: 28, placed: true }],
    ['Leave to rise at 26 °C, 50 min.', { minutes: [50, 50], tempC: 26, placed: false }],
    ['Prove an hour and a quarter on the counter.', { minutes: [75, 75], tempC: 22, placed: true }],
    ['Let it rise 1 hour.', { minutes: [60, 60], tempC: 24, placed: true }],
    [
      'Prove 30 min. Shape. Final proof 40 min in a warm place.',
      { minutes: [40, 40], tempC: 28, placed: true },
    ],
  ])('%j', (method, want) => {
    expect(rise(`Mix everything. ${method} Bake 40 min at 200 °C.`)).toEqual(want);
  });
  it('the fridge is no rise of minutes, and what says no time states none', () => {
    expect(rise('Mix everything. Cover and chill overnight, 10 hours. Bake 40 min at 200 °C.')).toBeNull();
    expect(rise('Mix everything. Let it rise until doubled. Bake.')).toBeNull();
  });
});
