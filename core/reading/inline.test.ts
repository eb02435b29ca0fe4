import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toldInSteps } from './inline';
import { referenceMatcher } from './match';
import { readFormula } from './read';

const told = (...steps: string[]): string[] => toldInSteps(steps, referenceMatcher);

describe('a recipe told in sentences alone', () => {
  it('has the things it weighs out for its list', () => {
    expect(
      told(
        'Cream 1 stick butter with 3/4 c. brown sugar (packed).',
        'Add 1 egg & 1 t. vanilla.',
        'Sift together 1 c. gf flour, 1/2 t. soda, 1/4 t. salt; add.',
      ),
    ).toEqual([
      '1 stick butter',
      '3/4 c. brown sugar (packed)',
      '1 egg',
      '1 t. vanilla',
      '1 c. gf flour',
      '1/2 t. soda',
      '1/4 t. salt',
    ]);
  });

  it('takes no heat, time, size or count of pieces for a thing', () => {
    expect(
      told(
        'Mix 200 g rice flour, 2 eggs and 150 ml milk.',
        'Divide into 12 balls of 70 g each, 2 cm apart in a 20 x 30 cm tin.',
        'Bake at 180 °C, or 350F, for 25 min; turn after 10 minutes.',
      ),
    ).toEqual(['200 g rice flour', '2 eggs', '150 ml milk']);
  });

  it('keeps what is measured and not known, so that it is asked about; too few things are no list', () => {
    expect(told('Mix 200 g rice flour, 2 eggs and 5 g moonbeam.')).toContain('5 g moonbeam');
    expect(told('Mash the bananas with 1 egg.', 'Bake 40 min.')).toEqual([]);
  });

  it('gives way to a list that is there, and never throws', () => {
    const { formula } = readFormula({
      text: 'Scones\n300 g gf flour\n80 g butter\n1 egg\nMix 300 g gf flour with 80 g butter, 1 egg and 2 tbsp milk. Bake 15 min.',
    });
    expect(formula.parts[0]!.lines).toHaveLength(3);
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 200 }), { maxLength: 5 }), (s) => told(...s).length !== 1),
    );
  });

  it('becomes a formula: cookies of a community cookbook', () => {
    const { formula } = readFormula({
      text: 'Nutty oat cookies\nCream 1 stick butter with 3/4 c. brown sugar. Add 1 egg & 1 t. vanilla. Sift together 1 c. gf flour, 1/2 t. soda, 1/4 t. salt; add. Stir in 1/2 c. chopped pecans. 350°, 10-12 min.',
    });
    expect(formula.parts[0]!.lines.map((l) => (l.item.kind === 'ref' ? l.item.id : '?'))).toEqual([
      'butter', 'brown_sugar', 'egg', 'vanilla', 'gf_blend', 'soda', 'salt', 'pecans',
    ]); // prettier-ignore
    expect(formula.bake?.minutes).toEqual([10, 12]);
  });
});
