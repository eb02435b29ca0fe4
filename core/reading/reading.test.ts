import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { INGREDIENTS } from '../ingredients';
import { isSilent, matchName, readFormula, readLine } from './index';

type Row = [written: string, id: string | null, grams: number | null, ...codes: string[]];

/** Lines as found in written formulas, with the grams they stand for (cups and spoons by the ingredient's own weight). */
const LINES: Row[] = [
  ['250 g sorghum flour', 'sorghum_flour', 250],
  ['2 large eggs', 'egg', 100],
  ['1 1/2 cups buttermilk', 'buttermilk', 367.5],
  ['1½ tsp baking powder', 'baking_powder', 6.6],
  ['1/3 cup (80 ml) sunflower oil', 'sunflower_oil', 72.7],
  ['225 g / 8 oz butter, softened', 'butter', 225],
  ['2-3 tbsp honey', 'honey', 53.1],
  ['2 to 3 tablespoons honey', 'honey', 53.1],
  ['rice flour 200 g', 'white_rice_flour', 200],
  ['Eggs: 2', 'egg', 100],
  ['1,5 dl milk', 'milk', 154.7],
  ['1.000 g sugar', 'sugar', 1],
  ['1 stick unsalted butter', 'butter', 113.4],
  ['half a tsp salt', 'salt', 3],
  ['a pinch of salt', 'salt', 0.375],
  ['one and a half cups sugar', 'sugar', 300],
  ['• 2 Tbsp flaxseed meal', 'flax_ground', 14.1],
  ['1 lb potato starch', 'potato_starch', 453.6],
  ['1 sachet instant yeast', 'instant_yeast', 7],
  ['1 cup walnuts, toasted and chopped', 'walnuts', 115],
  ['200g tapoica flour', 'tapioca_starch', 200],
  ['flour, brown rice, 120 g', 'brown_rice_flour', 120],
  ['light olive oil 20 ml', 'olive_oil', 18],
  ['1kg potato starch', 'potato_starch', 1000],
  ['1,5 kg white rice flour', 'white_rice_flour', 1500],
  ['500 mg salt', 'salt', 0.5],
  ['2 oz walnuts', 'walnuts', 56.7],
  ['1 ½ cups teff flour', 'teff_flour', 195],
  ['⅔ cup sugar', 'sugar', 133],
  ['2 2/3 cup sugar', 'sugar', 533],
  ['1⁄2 cup sugar', 'sugar', 100],
  ['a cup of sugar', 'sugar', 200],
  ['half a cup sugar', 'sugar', 100],
  ['two eggs', 'egg', 100],
  ['1 medium egg', 'egg', 44],
  ['2 extra large eggs', 'egg', 100],
  ['3-4 medium bananas', 'banana', 413],
  ['1 to 1 1/2 cups water', 'water', 296],
  ['about 30 g honey', 'honey', 30],
  ['approx. 30g honey', 'honey', 30],
  ['1 heaped tsp cinnamon', 'cinnamon', 2.6],
  ['1 T sugar', 'sugar', 12.5],
  ['1 t salt', 'salt', 6],
  ['250 ml soya milk', 'soy_drink', 257],
  ['0.5 l water', 'water', 500],
  ['2 fl oz lemon juice', 'lemon_juice', 61],
  ['1 pint milk', 'milk', 488],
  ['3 dashes salt', 'salt', 2.25],
  ['Butter, cold and cubed - 170 g', 'butter', 170],
  ['unsalted butter 170g', 'butter', 170],
  ['120 g cornflour', 'corn_starch', 120],
  ['120 g gram flour', 'chickpea_flour', 120],
  ['30 g milled linseed', 'flax_ground', 30],
  ['15 ml apple cider vinegar', 'cider_vinegar', 15.2],
  ['100 g ground almonds, sifted', 'almond_flour', 100],
  ['50g Caster Sugar', 'sugar', 50],
  ['5 g bicarbonate of soda', 'soda', 5],
  ['1 packet yeast', 'active_dry_yeast', 7],
  ['40 g maple syrop', 'maple_syrup', 40],
  ['7 g psylium husk powder', 'psyllium_powder', 7],
  ['60 g (1/2 cup) pumpkin seeds', 'pumpkin_seeds', 60],
  ['60 g (1 cup) pumpkin seeds', 'pumpkin_seeds', 60, 'amount.disagree'],
  ['500 g sugar (1/4 cup)', 'sugar', 500, 'amount.disagree'],
  ['1e400 g salt', 'salt', null, 'amount.notFinite'],
  ['-2 cups water', 'water', null, 'amount.negative'],
  ['0 g salt', 'salt', null, 'amount.zero'],
  ['999999 kg water', 'water', null, 'amount.tooMuch'],
  ['salt', 'salt', null, 'amount.missing'],
  ['3 sachets honey', 'honey', null, 'amount.noMeasure'],
  ['<script>alert(1)</script>', null, null, 'name.unknown', 'amount.missing'],
  ['🥕🥕🥕', null, null, 'name.unknown', 'amount.missing'],
  ['120 g coconut sugar', null, 120, 'name.unsure'],
  ['100 g gluten-free oats', null, 100, 'name.unsure'],
  ['50 g moon dust', null, 50, 'name.unknown'],
];

describe('reading one line', () => {
  it.each(LINES)('%s', (written, id, grams, ...codes) => {
    const { line, issues } = readLine(written, 'l1');
    expect(line.item.kind === 'ref' ? line.item.id : null).toBe(id);
    if (grams === null) expect(line.amount.massG).toBeNull();
    else expect(line.amount.massG!.value).toBeCloseTo(grams, 0);
    expect(issues.map((i) => i.code)).toEqual(codes);
    expect(line.amount.written).toBe(written);
  });

  it('knows greasing, washes and pieces from the dough', () => {
    expect(readLine('butter for greasing', 'l').line.role).toBe('release');
    expect(readLine('1 egg, for brushing', 'l').line.role).toBe('wash');
    expect(readLine('60 g hazelnuts', 'l').line.role).toBe('inclusion');
    expect(readLine('60 g rice flour', 'l').line.role).toBeUndefined();
  });

  it('keeps how a mass was come by, and its spread', () => {
    const { amount } = readLine('2-3 tbsp honey', 'l').line;
    expect(amount.reading).toEqual([{ qty: [2, 3], unit: 'tbsp', step: 'volume' }]);
    expect(amount.massG!.sd!).toBeGreaterThan(5);
    expect(readLine('50 g honey', 'l').line.amount.massG!.sd).toBeUndefined();
  });

  it('measures by the kitchen', () => {
    const metric = { cup: 'metric', spoon: 'metric' } as const;
    expect(readLine('1 cup water', 'l', metric).line.amount.massG!.value).toBeCloseTo(250, 0);
  });
});

describe('matching names', () => {
  it.each(INGREDIENTS.flatMap((i) => i.names.map((n) => [n, i.id] as const)))('%s', (name, id) => {
    const match = matchName(name);
    expect(match.best).toEqual({ id, confidence: 1 });
  });

  it.each([
    'vegan butter',
    'egg replacer',
    'almond extract',
    'peanut',
    'coconut sugar',
    'rice syrup',
    'oat bran',
    'potato',
    'butterbeans',
    'nut butter',
    'soy sauce',
    'eggplant',
  ])('asks about %s', (name) => {
    expect(isSilent(matchName(name))).toBe(false);
  });
});

describe('reading a formula', () => {
  const text = '200 g rice flour\n100 g sugar\n2 eggs\n120 ml oil';

  it('reads the stated bake in both scales and finds a slip between them', () => {
    const bake = (oven: string, time = '') => readFormula({ text, oven, time });
    expect(bake('350F', '25-30 min').formula.bake).toEqual({ ovenC: 177, minutes: [25, 30], fan: false });
    expect(bake('fan 160 C', '1 h 10 min').formula.bake).toEqual({
      ovenC: 160,
      minutes: [70, 70],
      fan: true,
    });
    expect(bake('gas mark 4').formula.bake!.ovenC).toBe(177);
    expect(bake('425').formula.bake!.ovenC).toBe(218);
    expect(bake('425 °F (about 200 °C)').issues.map((i) => i.code)).toContain('bake.tempsDisagree');
    expect(bake('900 C').issues.map((i) => i.code)).toContain('bake.ovenOdd');
    expect(bake('hot', 'a while').issues.map((i) => i.code)).toEqual(['bake.ovenUnread', 'bake.timeUnread']);
    expect(readFormula({ text, method: 'Mix. Bake at 180 °C for 40 minutes.' }).formula.bake).toEqual({
      ovenC: 180,
      minutes: [40, 40],
      fan: false,
    });
  });

  it('guesses the class, which can be said otherwise', () => {
    const guess = (title: string, t = text) => readFormula({ text: t, title }).formula.parts[0]!.classId;
    expect(guess('Lemon cake')).toBe('batter');
    expect(guess('Ginger biscuits')).toBe('cookie');
    expect(guess('Morning rolls', `${text}\n7 g instant yeast`)).toBe('yeast_loaf');
    expect(readFormula({ text, classId: 'cookie' }).formula.parts[0]!.classId).toBe('cookie');
  });

  it('says when there is nothing, no flour, or too much', () => {
    const codes = (t: string) => readFormula({ text: t }).issues.map((i) => i.code);
    expect(codes('')).toEqual(['read.empty']);
    expect(codes('2 eggs')).toEqual(['read.noFlour']);
    expect(codes('1 g rice flour\n'.repeat(600))).toEqual(['read.tooManyLines']);
    expect(codes('For the dough:\n200 g rice flour')).toEqual(['read.headings']);
  });

  it('reads 500 lines and keeps every one', () => {
    expect(readFormula({ text: '1 g rice flour\n'.repeat(500) }).lines).toHaveLength(500);
  });

  it('never throws, never loses a line, never makes a negative or endless mass', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (noise) => {
        const { lines } = readFormula({ text: noise, method: noise, oven: noise, time: noise, title: noise });
        for (const { line } of lines) {
          const g = line.amount.massG?.value ?? 1;
          expect(Number.isFinite(g) && g > 0).toBe(true);
        }
      }),
      { numRuns: 500 },
    );
  });
});
