import { describe, expect, it } from 'vitest';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { askedOf, washesFirst } from './asked';
import { shoppingOf, weighAhead, type Listed } from './lists';

const read = (id: string, text: string, avoids: Listed['avoids'] = [], more = {}): Listed => ({
  id,
  avoids,
  formula: readFormula({ title: id, text, method: 'Mix.\nBake 30 minutes at 180 °C.', ...more }).formula,
});
const buns = read('buns', '300 g rice flour\n2 eggs\n100 g milk\n50 g sugar');
const loaf = read('loaf', '200 g rice flour\n100 g walnuts\n250 g water\n10 g something odd', ['egg']);
const BOTH = [buns, loaf];

describe('lists of a day', () => {
  it('each thing once, in all; water is not bought; what is not understood stands as it was written', () => {
    const list = shoppingOf(BOTH, lookupReference);
    const rice = list.find((t) => t.item?.id === 'white_rice_flour')!;
    expect(rice).toMatchObject({ massG: 500, bakeIds: ['buns', 'loaf'], cost: null });
    expect(list[0]).toBe(rice);
    expect(list.some((t) => t.item?.group === 'water')).toBe(false);
    const odd = list.find((t) => t.item === null)!;
    expect(odd.written).toContain('something odd');
    // Not known to be free of egg, which the loaf must be.
    expect(odd.check).toContain('egg');
  });

  it('the money is what packets say, and nothing else', () => {
    const priced: typeof lookupReference = (item) => {
      const found = lookupReference(item);
      return found?.id === 'white_rice_flour' ? { ...found, pricePerKg: 4 } : found;
    };
    const list = shoppingOf(BOTH, priced);
    expect(list.filter((t) => t.cost !== null).map((t) => [t.item!.id, t.cost])).toEqual([
      ['white_rice_flour', 2],
    ]);
  });

  it('what is short is told where it is known what is left, and in packets where one says what it holds', () => {
    const packed: typeof lookupReference = (item) => {
      const found = lookupReference(item);
      return found?.id === 'white_rice_flour' ? { ...found, packG: 400 } : found;
    };
    const of = (left: [string, number][]) => {
      const list = shoppingOf(BOTH, packed, new Map(left));
      return (id: string) => list.find((t) => t.item?.id === id)!;
    };
    expect(of([['white_rice_flour', 50]])('white_rice_flour')).toMatchObject({ shortG: 450, packets: 2 });
    expect(of([['white_rice_flour', 900]])('white_rice_flour')).toMatchObject({ shortG: 0, packets: 0 });
    // Not known is not nothing, and not enough is not told in packets that nobody knows.
    expect(of([])('white_rice_flour')).toMatchObject({ leftG: null, shortG: null, packets: null });
    expect(of([['sugar', 20]])('sugar')).toMatchObject({ shortG: 30, packets: null });
  });

  it('dry things are weighed ahead, what holds least of what others must not have first', () => {
    const known = read('loaf', '200 g rice flour\n100 g walnuts\n250 g water', ['egg']);
    const ahead = weighAhead([buns, known], lookupReference);
    expect(ahead.map((a) => a.id)[0]).toBe('loaf');
    expect(ahead.find((a) => a.id === 'buns')!.holds).toContain('egg');
    expect(ahead.flatMap((a) => a.lines.map((l) => l.item.id))).not.toContain('milk');
  });

  it('bowls are washed before a bake whose eaters must not have what another of the day holds', () => {
    expect(washesFirst(loaf, [buns], lookupReference)).toBe(true);
    expect(washesFirst(buns, [loaf], lookupReference)).toBe(false);
    expect(washesFirst(loaf, [read('plain', '100 g rice flour\n100 g water')], lookupReference)).toBe(false);
  });
});

describe('a bake and its oven', () => {
  const tin = (text: string) =>
    read('t', '300 g rice flour\n300 g water', [], {
      method: `Mix.\nScrape into a ${text} and bake 30 minutes at 180 °C.`,
    });

  it('goes in where it has room, on as many racks as it needs, in loads where it may wait', () => {
    const small = askedOf(tin('20 cm round tin'), lookupReference, { ovens: [{ widthCm: 45, racks: 2 }, { widthCm: 12, racks: 1 }] }); // prettier-ignore
    expect(small.room[0]).toEqual({ loads: 1, racks: 1 });
    expect(small.room[1]).toBeNull();
  });

  it('holds its tin where the kitchen has that one, and not where it has another', () => {
    const of = (wide: number) => ({
      id: `${wide}`,
      tin: { ...tin('20 cm round tin').formula.tin!, cm: { wide } },
    });
    const room = { ovens: [{ widthCm: 45, racks: 2 }] };
    expect(askedOf(tin('20 cm round tin'), lookupReference, { ...room, tins: [of(26), of(20)] }).tins).toEqual([{ thing: 'tin 20', need: 1 }]); // prettier-ignore
    expect(
      askedOf(tin('20 cm round tin'), lookupReference, { ...room, tins: [of(26)] }).tins,
    ).toBeUndefined();
  });
});
