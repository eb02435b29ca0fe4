import { describe, expect, it } from 'vitest';
import { GERMAN_NAMES, ingredientById } from '../ingredients';
import { readFormula } from './read';
import { isSilent, referenceMatcher } from './match';

const MEASURES = { cup: 'metric', spoon: 'metric' } as const;
const read = (text: string) =>
  readFormula({ text, measures: MEASURES }).formula.parts.flatMap((p) =>
    p.lines.map((l) => [
      l.item.kind === 'unknown' ? null : 'id' in l.item ? l.item.id : null,
      l.amount.massG === null ? null : Math.round(l.amount.massG.value),
    ]),
  );

describe('names and units of a formula in German', () => {
  it('are read as the English ones are', () => {
    // A tablespoon of 15 mL, a teaspoon of 5 mL; a packet of dry yeast 7 g and of vanilla sugar 8 g are common practice.
    expect(
      read(
        [
          '250 g weißes Reismehl',
          '3 Eier (Größe M)',
          '1 Prise Salz',
          '2 EL Olivenöl',
          '1,5 dl Wasser',
          '80 g gemahlene Mandeln',
          '1 Päckchen Trockenhefe',
          '75 g weiche Butter',
          '1 Pck. Vanillezucker',
          '50 g Walnüsse, gehackt',
          'ein halber TL Natron',
        ].join('\n'),
      ).map(([id]) => id),
    ).toEqual([
      'white_rice_flour',
      'egg',
      'salt',
      'olive_oil',
      'water',
      'almond_flour',
      'instant_yeast',
      'butter',
      'vanilla_sugar',
      'walnuts',
      'soda',
    ]);
    expect(read('1,5 dl Wasser')[0]![1]).toBe(150);
    expect(read('2 Päckchen Trockenhefe')[0]![1]).toBe(14);
    expect(read('1 Pfund Zucker')[0]![1]).toBeNull();
  });

  it('"Stück" counts, and is no stock; what it makes is no line', () => {
    expect(read('12 Stück')[0]![0]).toBeNull();
    expect(read('2 Stück Butter')[0]![0]).toBe('butter');
    const makes = (row: string) => {
      const { formula } = readFormula({ text: `${row}\n200 g weißes Reismehl\n2 Eier`, measures: MEASURES });
      return [formula.yield?.pieces, formula.yield?.name, formula.parts[0]!.lines.length];
    };
    expect(makes('Für 12 Stück')).toEqual([12, 'pieces', 2]);
    expect(makes('Ergibt ca. 30 Kekse')).toEqual([30, 'kekse', 2]);
  });

  it('flour that names no grain is wheat, and what only sounds gluten-free is asked about', () => {
    expect(read('200 g Mehl')[0]![0]).toBe('wheat_flour');
    expect(read('200 g Dinkelmehl')[0]![0]).toBe('spelt_flour');
    expect(read('200 g glutenfreies Mehl')[0]![0]).toBe('gf_blend');
  });

  it('every German name is taken silently for what it is', () => {
    const wrong = Object.entries(GERMAN_NAMES).flatMap(([id, names]) =>
      names.filter((name) => {
        const match = referenceMatcher.match(name);
        return !isSilent(match) || match.best!.id !== id;
      }),
    );
    expect(wrong).toEqual([]);
    expect(ingredientById('egg')!.names[0]).toBe('eggs');
  });
});
