import { describe, expect, it } from 'vitest';
import { linesOfTable } from './index';

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

  it('says what is missing', () => {
    expect(linesOfTable([])).toEqual({ fault: 'empty' });
    expect(linesOfTable([{ foo: '1' }])).toEqual({ fault: 'noNames' });
    expect(linesOfTable([{ name: 'salt' }])).toEqual({ fault: 'noAmounts' });
    expect(linesOfTable([{ name: '', grams: '3' }])).toEqual({ fault: 'empty' });
  });
});
