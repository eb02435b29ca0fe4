import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formulasIn } from './index';

const TWO = `# Tin loaf

Ingredients:
- 300 g sorghum flour
- 240 g water
- 6 g salt

Method:
1. Mix.
2. Bake until done.

Oven: 200 °C, 45 min

# Oat bars

## For the base
- 200 g certified oats
- 100 g maple syrup
## Topping
- 50 g chocolate
- 10 g coconut oil
`;

describe('several formulas in one text', () => {
  it('are told apart by marked titles, with method and oven', () => {
    const [loaf, bars] = formulasIn(TWO)!;
    expect(loaf).toMatchObject({
      title: 'Tin loaf',
      text: '300 g sorghum flour\n240 g water\n6 g salt',
      oven: '200 °C, 45 min',
    });
    expect(loaf!.method.split('\n')).toHaveLength(2);
    expect(bars!.title).toBe('Oat bars');
    expect(bars!.text.split('\n')).toEqual([
      'For the base:',
      '200 g certified oats',
      '100 g maple syrup',
      'For the topping:',
      '50 g chocolate',
      '10 g coconut oil',
    ]);
  });

  it('or by a rule; a first line without an amount is the title', () => {
    const found = formulasIn(
      'Flatbreads\n200 g rice flour\n150 g water\n-----\n100 g oats\n1 banana\n3 eggs',
    )!;
    expect(found.map((f) => f.title)).toEqual(['Flatbreads', '']);
    expect(found.map((f) => f.text.split('\n').length)).toEqual([2, 3]);
  });

  it('a rule between ingredients and method parts nothing', () => {
    const found = formulasIn('200 g rice flour\n150 g water\n---\n1. Mix well.\n2. Bake 20 min.')!;
    expect(found).toHaveLength(1);
    expect(found[0]!.method).toContain('Bake 20 min.');
  });

  it('a plain list is one formula and is left to be read as it stands', () => {
    expect(formulasIn('200 g rice flour\n150 g water')).toBeNull();
    expect(formulasIn('# Only a title')).toBeNull();
    expect(formulasIn('')).toBeNull();
  });

  it('there are bounds, and no text breaks it', () => {
    const many = Array.from({ length: 90 }, (_, i) => `# F${i}\n10 g salt\n20 g water`).join('\n');
    expect(formulasIn(many)).toHaveLength(60);
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (junk) => {
        for (const f of formulasIn(`---\n${junk}\n# x\n${junk}`) ?? []) expect(typeof f.text).toBe('string');
      }),
    );
  });

  it('every amount of every formula comes through', () => {
    const title = fc.constantFrom('Loaf', 'Bars', 'Buns');
    const grams = fc.array(fc.integer({ min: 1, max: 900 }), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(fc.array(fc.tuple(title, grams), { minLength: 2, maxLength: 6 }), (formulas) => {
        const text = formulas
          .map(([t, gs]) => `# ${t}\n${gs.map((g) => `- ${g} g flour`).join('\n')}`)
          .join('\n\n');
        expect(
          formulasIn(text)!.map((f) => [f.title, f.text.split('\n').map((r) => parseInt(r, 10))]),
        ).toEqual(formulas);
      }),
    );
  });
});
