import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { idOf } from '../ingredients';
import { referenceMatcher } from './match';
import { namedRow } from './named-row';
import { readFormula } from './read';

const of = (row: string) => namedRow(row, referenceMatcher);

describe('a row that lists things behind a name', () => {
  it.each<[string, string, boolean, string[]]>([
    [
      'Topping: a handful of flaked almonds, 1 tbsp demerara',
      'Topping',
      true,
      ['a handful of flaked almonds', '1 tbsp demerara'],
    ],
    ['Topping: flaked almonds, demerara sugar', 'Topping', true, ['flaked almonds', 'demerara sugar']],
    [
      'For the drizzle: juice of 2 lemons and 85 g sugar',
      'drizzle',
      true,
      ['juice of 2 lemons', '85 g sugar'],
    ],
    [
      'Syrup: juice and zest of 1 lemon + 100 g icing sugar',
      'Syrup',
      true,
      ['juice and zest of 1 lemon', '100 g icing sugar'],
    ],
    ['To finish: a few chopped pistachios', 'To finish', true, ['a few chopped pistachios']],
    [
      'Crumble topping (optional): 50 g oats, 30 g cold butter, diced',
      'Crumble topping',
      true,
      ['50 g oats', '30 g cold butter, diced'],
    ],
    [
      'Filling: 3 apples, peeled and diced, 1 tsp cinnamon',
      'Filling',
      true,
      ['3 apples, peeled and diced', '1 tsp cinnamon'],
    ],
    [
      'Seeds for the top: black and white sesame seeds, 1 tbsp poppy seeds',
      'Seeds for the top',
      true,
      ['black and white sesame seeds', '1 tbsp poppy seeds'],
    ],
    [
      'Für den Guss: 100 g Puderzucker, 2 EL Zitronensaft',
      'Für den Guss',
      true,
      ['100 g Puderzucker', '2 EL Zitronensaft'],
    ],
    // Of the same dough, whatever it is called.
    [
      'Dry: 200 g rice flour, 50 g tapioca starch, ½ tsp salt',
      'Dry',
      false,
      ['200 g rice flour', '50 g tapioca starch', '½ tsp salt'],
    ],
    ['Add-ins: 100 g walnuts, 1 banana', 'Add-ins', false, ['100 g walnuts', '1 banana']],
  ])('%s', (row, name, isPart, things) => {
    expect(of(row)).toEqual({ name, isPart, things });
  });

  it.each([
    'flour: 300 g, of which half rice',
    'Butter: 200 g',
    'Eggs: 2 large',
    'Oven: 220 C, fan 200 C',
    'Time: 12 min',
    'Makes: 8 scones',
    'Allergens: milk, egg, nuts',
    'Contains: milk and eggs',
    'Per slice: 12 g fat, 30 g sugar, 0.3 g salt',
    'Variations: walnuts, 50 g chocolate',
    'Topping: mix the oats with melted butter. Scatter over.',
    'Topping: scatter over and bake again',
    'Equipment: 2 bowls, 1 whisk',
    'To serve: clotted cream and jam',
  ])('%s lists nothing to weigh', (row) => {
    expect(of(row)).toBeNull();
  });

  it('what it lists is what is written: no word of a row is lost', () => {
    const thing = fc.constantFrom(
      '50 g walnuts',
      'a pinch of salt',
      '2 tbsp demerara sugar',
      '1 egg, beaten',
      'flaked almonds',
      '30 g butter, soft and diced',
    );
    fc.assert(
      fc.property(
        fc.array(thing, { minLength: 1, maxLength: 5 }),
        fc.constantFrom(', ', ' and ', ' + ', '; '),
        (things, between) => {
          expect(of(`Topping: ${things.join(between)}`)?.things).toEqual(things);
        },
      ),
    );
  });
});

const PASTE = `Pear traybake

175 g soft butter
175 g golden caster sugar
3 medium eggs
200 g gluten free self-raising flour
60 ml milk
2 ripe pears, peeled and diced
Topping: a handful of flaked almonds, 1 tbsp demerara
To serve: clotted cream

Heat the oven to 180C. Line a 20 x 30 cm tin.
Beat the butter and sugar, add the eggs, then the flour with the milk. Fold in the pears.
Spread in the tin, scatter the topping over and bake for 35-40 minutes.`;

describe('in a whole paste', () => {
  const { formula } = readFormula({ text: PASTE });

  it('such a row is a part of its own, and what is scattered over is taken by that step', () => {
    expect(formula.parts.map((p) => [p.name, p.lines.map((l) => idOf(l.item))])).toEqual([
      ['', ['butter', 'sugar', 'egg', 'gf_self_raising', 'milk', 'pear']],
      ['Topping', ['almonds', 'demerara_sugar']],
    ]);
    const taken = formula.method.flatMap((s) => s.actions?.flatMap((a) => a.uses ?? []) ?? []);
    for (const l of formula.parts[1]!.lines)
      expect(taken.filter((u) => u.lineId === l.id)).toEqual([{ lineId: l.id, share: 1 }]);
  });

  it('what it is served with is the end of the method', () => {
    expect(formula.method.at(-1)!.text).toBe('To serve: clotted cream');
  });

  it('of the wet things and the dry the batter is one part; rows after a part in one row are of the part before it', () => {
    const { parts } = readFormula({
      text: 'Muffins\nDry: 200 g rice flour, 1 tbsp baking powder\nGlaze: 1 egg, beaten\nWet: 2 eggs, 200 ml milk\n1 tsp salt\nMix dry. Whisk wet. Combine and fill a muffin tin. Brush with the glaze. Bake 20 min at 190C.',
    }).formula;
    expect(parts.map((p) => [p.name, p.classId, p.lines.length])).toEqual([
      ['', 'muffin', 5],
      ['Glaze', 'wash', 1],
    ]);
  });
});
