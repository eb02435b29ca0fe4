import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_KITCHEN, type Kitchen, type KitchenOven } from '../../contract/dto';
import { mergeKitchen, settled } from './mergeKitchen';

const oven = (id: string, offsetC = 0): KitchenOven => ({
  id,
  name: id,
  offsetC,
  fan: true,
  widthCm: 45,
  racks: 2,
});
const timed = (tookMin: number) => ({ classId: 'batter' as const, saidMin: 30, tookMin });
const base: Kitchen = {
  ...DEFAULT_KITCHEN,
  ovens: [oven('a'), oven('b')],
  atHand: ['sugar'],
  timed: [timed(31)],
};

describe('two changes of one kitchen', () => {
  it('both stand where they are of different things: fields, ovens, timed bakes, what is at hand', () => {
    const mine = {
      ...base,
      currency: '£',
      ovens: [oven('a', 12), oven('b'), oven('c')],
      timed: [timed(31), timed(28)],
    };
    const theirs = {
      ...base,
      heat: 'f' as const,
      ovens: [oven('a'), oven('d')],
      atHand: ['sugar', 'salt'],
      timed: [timed(31), timed(35)],
    };
    const { merged, clashes } = mergeKitchen(base, mine, theirs);
    expect(clashes).toEqual([]);
    expect(merged).toMatchObject({ currency: '£', heat: 'f', atHand: ['sugar', 'salt'] });
    // b was removed there and not touched here; c and d were added; a was changed here.
    expect(merged.ovens).toEqual([oven('a', 12), oven('d'), oven('c')]);
    expect(merged.timed).toEqual([timed(31), timed(35), timed(28)]);
  });

  it('where both changed one thing otherwise, what is kept stands and both are told', () => {
    const mine = { ...base, cup: 'metric' as const, ovens: [oven('a', 12), oven('b')] };
    const theirs = { ...base, cup: 'imperial' as const, ovens: [oven('a', 5), oven('b')] };
    const { merged, clashes } = mergeKitchen(base, mine, theirs);
    expect(merged).toEqual(theirs);
    expect(clashes).toEqual([
      { key: 'cup', id: null, mine: 'metric', theirs: 'imperial' },
      { key: 'ovens', id: 'a', mine: oven('a', 12), theirs: oven('a', 5) },
    ]);
    const after = clashes.reduce(settled, merged);
    expect([after.cup, after.ovens]).toEqual(['metric', mine.ovens]);
  });

  it('one that was changed here and removed there is told, and comes back where mine is chosen', () => {
    const mine = { ...base, ovens: [oven('a', 12), oven('b')] };
    const theirs = { ...base, ovens: [oven('b')] };
    const { merged, clashes } = mergeKitchen(base, mine, theirs);
    expect(merged.ovens).toEqual([oven('b')]);
    expect(settled(merged, clashes[0]!).ovens).toEqual([oven('b'), oven('a', 12)]);
  });

  it('laws: nothing changed here gives theirs, nothing there gives mine, the same on both sides is no clash', () => {
    const kitchens = fc.record({
      cup: fc.constantFrom('us' as const, 'metric' as const),
      offsets: fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 4 }),
    });
    const of = ({ cup, offsets }: { cup: 'us' | 'metric'; offsets: number[] }): Kitchen => ({
      ...DEFAULT_KITCHEN,
      cup,
      ovens: offsets.map((o, i) => oven(`o${i}`, o)),
    });
    fc.assert(
      fc.property(kitchens, kitchens, (x, y) => {
        const [a, b] = [of(x), of(y)];
        expect(mergeKitchen(a, a, b)).toEqual({ merged: b, clashes: [] });
        expect(mergeKitchen(a, b, a)).toEqual({ merged: b, clashes: [] });
        expect(mergeKitchen(a, b, b)).toEqual({ merged: b, clashes: [] });
      }),
    );
  });
});
