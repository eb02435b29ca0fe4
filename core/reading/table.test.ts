import { describe, expect, it } from 'vitest';
import { linesOfTable, untabled } from './table';

describe('lines out of a table', () => {
  it('grams and names become lines, parts become headings; what is not taken in is named', () => {
    expect(
      linesOfTable([
        { part: 'Base', grams: '200', ingredient: 'certified oats', colour: 'grey' },
        { part: 'Base', grams: '100', ingredient: 'maple syrup', colour: '' },
        { part: 'Top', grams: '50', ingredient: 'dark chocolate', colour: '' },
      ]),
    ).toEqual({
      text: 'For the base:\n200 g certified oats\n100 g maple syrup\nFor the top:\n50 g dark chocolate',
      left: ['colour'],
    });
  });

  it('an amount with its unit, and what is done to it; headings in any case', () => {
    expect(
      linesOfTable([
        { Amount: '1 1/2', Unit: 'cups', Item: 'walnuts', Preparation: 'chopped' },
        { Amount: '2', Unit: '', Item: 'large eggs', Preparation: '' },
        { Amount: '', Unit: '', Item: '', Preparation: '' },
      ]),
    ).toEqual({ text: '1 1/2 cups walnuts, chopped\n2 large eggs', left: [] });
  });

  it.each([
    [
      'headings and a rule',
      '| Ingredient | g | % |\n|---|---:|:--|\n| Brown rice flour | 300 | 60 |\n| Water (warm) | 475 | 95 |\n\nBake 40 min.',
      '300 g Brown rice flour\n475 g Water (warm)\n\nBake 40 min.',
    ],
    [
      'units in the cells, and what is done to it',
      'Cake\n| Amount | Ingredient | Notes |\n|--|--|--|\n| 2 cups | **walnuts** | chopped |\n| 1 | egg | |',
      'Cake\n2 cups walnuts, chopped\n1 egg',
    ],
    [
      'no headings',
      '| rice flour | 200 g |\n| water | 180 g | warm |',
      '200 g rice flour\n180 g water, warm',
    ],
    ['headings that say nothing', '| Zeug | wieviel |\n|---|---|\n| Reismehl | 200 g |', '200 g Reismehl'],
    [
      'strokes between the cells alone, under headings',
      'Ingredient | weight | %\nCocoa powder | 50 g |\nBoiling water | 125 ml |\nSalt | pinch |',
      '50 g Cocoa powder\n125 ml Boiling water\npinch Salt',
    ],
    [
      'strokes between, no headings',
      'rice flour | 200 g\nwater | 180 g\nsalt | 5 g',
      '200 g rice flour\n180 g water\n5 g salt',
    ],
    [
      'what a page says of itself is none',
      'Makes 16 | 350F | 22-25 min\nPrep 10 | Cook 25 | Easy\nSweet | Treat | Gluten free',
      'Makes 16 | 350F | 22-25 min\nPrep 10 | Cook 25 | Easy\nSweet | Treat | Gluten free',
    ],
    [
      'out of a sheet, with commas',
      'Ingredient,Grams,Notes\nSorghum flour,140,\nWarm water,330,40C\nMix all.',
      '140 g Sorghum flour\n330 g Warm water, 40C\nMix all.',
    ],
    ['out of a sheet, with tabs', 'Name\tAmount\nSalt\t1 tsp\n\nMix, bake.', '1 tsp Salt\n\nMix, bake.'],
    ['a row with commas is no heading', 'Salt, sugar\nFlour, 200 g', 'Salt, sugar\nFlour, 200 g'],
    ['one row is none', 'Prep 10 min\n| a note |\nBake', 'Prep 10 min\n| a note |\nBake'],
    ['bars within a row are none', '1 cup | 120 g flour\n2 | eggs', '1 cup | 120 g flour\n2 | eggs'],
  ])('a table in plain text is laid out in rows: %s', (_what, text, rows) => {
    expect(untabled(text)).toBe(rows);
  });

  it('says what is missing', () => {
    expect(linesOfTable([])).toEqual({ fault: 'empty' });
    expect(linesOfTable([{ foo: '1' }])).toEqual({ fault: 'noNames' });
    expect(linesOfTable([{ name: 'salt' }])).toEqual({ fault: 'noAmounts' });
    expect(linesOfTable([{ name: '', grams: '3' }])).toEqual({ fault: 'empty' });
  });
});
