import { describe, expect, it } from 'vitest';
import { massOf } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from './index';
import { checkMethod } from './whole';

/** The lines of one row: what each is, its grams, what it is for. */
const linesOf = (row: string) =>
  readFormula({ text: row }).formula.parts.flatMap((p) =>
    p.lines.map((l) => [l.item.kind === 'ref' ? l.item.id : '??', Math.round(massOf(l)), l.role ?? 'dough']),
  );
const read = (text: string) => readFormula({ text }).formula;

describe('what a thing is for', () => {
  it.each([
    ['2 tbsp demerara, to coat', 'demerara_sugar', 'dusting'],
    ['sunflower oil to deep fry', 'sunflower_oil', 'release'],
    ['1 litre vegetable oil for deep frying', 'sunflower_oil', 'release'],
    ['whole nutmeg, for grating', 'nutmeg', 'taste'],
    ['200 g cheddar, for grating', 'cheddar', 'dough'],
    ['200 g cashews, soaked in water to cover', 'cashews', 'inclusion'],
    ['butter for the bowl', 'butter', 'release'],
    // Nobody greases with syrup: it lies in the basin and is turned out with the pudding.
    ['4 tbsp golden syrup for the basin', 'golden_syrup', 'dusting'],
    ['60 g oats, whizzed to flour', 'rolled_oats', 'dough'],
    ['300 g pears for the filling', 'pear', 'dough'],
    ['1 tbsp olive oil, plus extra for the bowl', 'olive_oil', 'dough'],
  ])('%s', (row, id, role) => {
    const [line] = linesOf(row);
    expect([line![0], line![2]]).toEqual([id, role]);
  });

  it('is of what was added alone where a row adds it, else of all that the row joins', () => {
    expect(linesOf('1 medium egg, beaten, plus 1 yolk to glaze')).toEqual([
      ['egg', 44, 'dough'],
      ['egg_yolk', 17, 'wash'],
    ]);
    expect(linesOf('60 g butter, soft, plus 20 g melted for the tops')).toEqual([
      ['butter', 60, 'dough'],
      ['butter', 20, 'dusting'],
    ]);
    expect(linesOf('2 eggs and 1 yolk for brushing').map((l) => l[2])).toEqual(['dough', 'wash']);
    expect(linesOf('1 egg yolk + 1 tbsp milk, for brushing').map((l) => l[2])).toEqual(['wash', 'wash']);
    expect(linesOf('100g sugar + 1 tsp cinnamon to coat').map((l) => [l[0], l[2]])).toEqual([
      ['sugar', 'dusting'],
      ['cinnamon', 'dusting'],
    ]);
  });
});

describe('a thing that few know by its name', () => {
  it.each([
    ['500 g polvilho azedo (sour tapioca starch)', 'tapioca_starch', 500],
    ['80 g pastanella (cream cheese)', 'cream_cheese', 80],
    ['200 g grated parmesan-style hard cheese', 'parmesan', 200],
    ['200 g Bavarian-style quark', 'quark', 200],
    ['3 balls stem ginger chopped', 'candied_ginger', 54],
    ['4 egg whites @ room temp', 'egg_white', 132],
    ['3 v ripe bananas, mashed', 'banana', 354],
    ['250g GF white flour', 'gf_blend', 250],
    ['200 g strong GF white bread flour', 'gf_bread_blend', 200],
    ['150-170ml/5-6fl oz warm water', 'water', 160],
    ['juice of the 2 lemons', 'lemon_juice', 90],
  ])('%s', (row, id, g) => expect(linesOf(row).map((l) => [l[0], l[1]])).toEqual([[id, g]]));

  it('a bracket that says how it is prepared, or that it is for something else, names nothing', () => {
    for (const row of ['100 g glimmerroot (sifted)', '100 g glimmerroot (or butter)'])
      expect(linesOf(row).map((l) => l[0])).toEqual(['??']);
  });
  it('what a row holds beside its thing, by the punnet, is said', () => {
    const { lines } = readFormula({ text: '2 passion fruit, punnet of strawberries' });
    expect(lines[0]!.issues.map((i) => i.code)).toContain('line.more');
  });
  it('a short word that is like another is another word', () => {
    expect(read('Tray bake\nMix 200 g oats, 100 g honey and 80 g butter in a lined tin.').parts).toHaveLength(
      1,
    );
    expect(linesOf('a lined tray').map((l) => l[0])).not.toContain('flax_whole');
  });
});

describe('one oven in several words', () => {
  const bakeOf = (method: string) => readFormula({ text: '200 g rice flour\n1 egg', method }).formula.bake;
  it.each([
    ['Oven 200C, Gas 6. Bake 40 mins.', 200],
    ['Preheat to 180°C, 160 fan, gas mark 4. Bake 25 min.', 180],
    ['Oven 180C, 350F, gas 4. Bake 25 min.', 180],
    ['Oven to 180C, fan 160C. Bake 25 min.', 180],
    ['Bake at 200C, then gas 4, 20 min.', 176.7],
  ])('%s', (method, ovenC) => expect(bakeOf(method)).toMatchObject({ ovenC, fan: false }));

  it('a bake goes on at another heat, with minutes nobody called so', () => {
    const bake = bakeOf('Blind bake 12 mins at 190C. Spread with jam. Bake 180C 30-35. Cool.');
    expect(bake?.phases?.map((p) => [p.ovenC, p.min])).toEqual([
      [190, 12],
      [180, 32.5],
    ]);
  });
  it('figures tell a bake in the midst of other deeds; milk that is kept warm is none', () => {
    expect(bakeOf('Cream, roll, prick, 325F till pale gold abt 25min')).toMatchObject({
      ovenC: 162.8,
      minutes: [25, 25],
    });
    expect(bakeOf('Mix, milk at 80C for 5 min, whisk.')).toBeUndefined();
  });
  it.each([
    ['Oven 180C. Line a tin. Beat all. Pour into the tin. 40 min or so.', 180, [40, 40]],
    ['425, 10" cast iron, 20-25 min until top cracks', 218.3, [20, 25]],
    ['Eier schaumig rühren. Bei 150 Grad Ober-/Unterhitze ca. 25 Minuten backen.', 150, [25, 25]],
    ['DO 245C 40 lid on, 220C 25 lid off, core 98C', 245, [65, 65]],
  ])('%s', (method, ovenC, minutes) => expect(bakeOf(method)).toMatchObject({ ovenC, minutes }));
  it('a fan is no number of pieces', () => {
    expect(
      read('Crackers\n100 g rice flour\n60 g water\nRoll thin, score, 160 fan 45 min.').yield,
    ).toBeUndefined();
  });
});

describe('a title with what it makes', () => {
  it.each([
    'Scones - makes 8',
    'Scones (makes 8)',
    'Scones: makes 8',
    'Scones, makes 8',
    'Scones | makes 8 |',
  ])('%s', (title) => {
    const f = read(
      `${title}\n8 oz gf self raising flour, 2 oz butter, 1 oz sugar, 1 egg, 4 fl oz milk\nMix and bake.`,
    );
    expect([f.title, f.yield?.pieces, f.parts.length]).toEqual(['Scones', 8, 1]);
  });
  it('by how many it is for', () => {
    const f = read('ROTI - for 8\n250 g sorghum flour\n200 ml water\nPat out and cook on a hot griddle.');
    expect([f.title, f.parts.length, f.parts[0]!.classId]).toEqual(['ROTI', 1, 'flatbread']);
  });
  it('by its pieces in brackets', () => {
    expect(read('Crumpets (12)\n300 g rice flour\n500 ml milk\nMix.').yield?.pieces).toBe(12);
  });
  it('before things that run on with nothing between', () => {
    const f = read(
      "Granny's shortbread: 6oz butter 3oz sugar 9oz flour (GF)\nCream, roll, prick, bake 25min at 325F",
    );
    expect([f.title, f.parts[0]!.lines.length, f.parts[0]!.classId]).toEqual([
      "Granny's shortbread",
      3,
      'cookie',
    ]);
  });
});

describe('a list in a way of its own', () => {
  it('weighs what goes with the eggs as they weigh in their shells', () => {
    const f = read(
      'Victoria sponge\nWeigh 4 eggs in shells (approx 240g), then use the same weight of butter, caster sugar and GF self raising flour\n1 tsp baking powder\nTwo 20cm sandwich tins. 180C, 20-25 min.',
    );
    expect(f.parts[0]!.lines.map((l) => Math.round(massOf(l)))).toEqual([200, 240, 240, 240, 4]);
  });
  it('what is folded in is of the same batter', () => {
    const f = read(
      'Carrot muffins\nWet\n3 eggs\n150ml oil\nDry\n200g GF plain flour\n1 tsp bicarbonate\nFold in\n250g carrots\n80g sultanas\nFrosting\n200g soft cheese\n100g icing sugar\nMETHOD\nWhisk wet. Stir dry in. Fold in the rest. Bake 22 mins at 180C.',
    );
    expect(f.parts.map((p) => p.lines.length)).toEqual([6, 2]);
    expect(f.method.map((s) => s.text).join(' ')).toBe(
      'Whisk wet. Stir dry in. Fold in the rest. Bake 22 mins at 180C.',
    );
  });
  it('has its parts in one row each, in their order, and the fruit between them is no pastry', () => {
    const f = read(
      'Apple crumble pie\nPastry: 250g GF plain flour, 125g cold butter, 1 egg, 1 tbsp sugar\n800 g apples\n80 g sugar\nCrumble: 100 g GF oats, 60 g butter, 60 g brown sugar\nBake 45 min at 180C.',
    );
    expect(f.parts.map((p) => [p.name, p.classId, p.lines.length])).toEqual([
      ['Pastry', 'shortcrust', 4],
      ['', 'fruit_filling', 2],
      ['Crumble', 'crumb', 3],
    ]);
  });
  it('says nothing of each thing of a part that the method takes as made', () => {
    const f = read(
      'Pie\nPastry: 250g GF plain flour, 125g butter, 1 egg, beaten, plus 1 yolk to glaze\n800 g apples\n80 g sugar\nLine a 23 cm pie dish with pastry. Mix the apples with half the sugar and fill. Brush with yolk. Bake 45 min at 190C.',
    );
    expect(f.parts[0]!.lines.map((l) => l.role ?? 'dough')).toEqual(['dough', 'dough', 'dough', 'wash']);
    expect(checkMethod(f, lookupReference).map((c) => c.code)).toEqual(['left']);
  });
  it('ends with a bake that is all its method; how long the bake takes is a fact of the whole', () => {
    const list = 'Almond cake\n4 eggs\n150 g sugar\n200 g ground almonds';
    expect(read(`${list}\nBake 170C 40 min`).bake).toMatchObject({ ovenC: 170, minutes: [40, 40] });
    expect(read(`${list}\nPrep 10 min | Bake 40 min\nMix and bake.`).method.map((s) => s.text)).toEqual([
      'Mix and bake.',
    ]);
  });
  it('shares an amount in German', () => {
    expect(linesOf('je 75 g Orangeat und Zitronat').map((l) => [l[0], l[1]])).toEqual([
      ['dried_fruit', 75],
      ['dried_fruit', 75],
    ]);
  });
});

describe('a recipe that is told as one talks', () => {
  it('keeps the zest of its lemons, and begins a part where one is told', () => {
    const f = read(
      'lemon tray bake\n\nso its 225g soft butter 225g caster sugar 275g gluten free self raising flour 4 eggs and zest of 2 lemons, whack it all in a bowl, into a lined 30x23cm tray, 160 fan for 35-40 mins. then for the drizzle mix 175g granulated sugar with the juice of the 2 lemons and pour over',
    );
    const ids = f.parts.map((p) => p.lines.map((l) => (l.item.kind === 'ref' ? l.item.id : '??')));
    expect(ids).toEqual([
      ['butter', 'sugar', 'gf_self_raising', 'egg', 'lemon_zest'],
      ['sugar', 'lemon_juice'],
    ]);
    expect(f.parts.map((p) => p.name)).toEqual(['', 'drizzle']);
  });
});

describe('kinds', () => {
  it.each([
    ['Steamed ginger pudding', 'batter'],
    ['Sticky toffee pudding', 'batter'],
    ['Vanilla pudding', 'starch_set'],
  ])('%s', (title, classId) => {
    const flour =
      classId === 'batter'
        ? '120 g GF self-raising flour\n110 g butter\n2 eggs'
        : '60 g cornflour\n500 ml milk';
    expect(read(`${title}\n${flour}\n100 g sugar\nMix.`).parts[0]!.classId).toBe(classId);
  });
  it('a tart whose flour nobody knows is no filling', () => {
    expect(read('Plum tart\n250 g house mix\n125 g butter\n600 g plums\nMix.').parts[0]!.classId).toBe(
      'shortcrust',
    );
  });
  it('a filling of sweet cream or soft cheese sets by itself; one of fruit is set, one of eggs is baked', () => {
    const filling = (rows: string) =>
      read(`Cake\nBase\n200 g GF biscuits\n90 g butter\nFilling\n${rows}`).parts[1]!.classId;
    expect(filling('500 g cream cheese\n100 g icing sugar\n300 ml double cream')).toBe('uncooked_set');
    expect(filling('300 ml double cream\n1 tbsp icing sugar')).toBe('uncooked_set');
    expect(filling('500 g apples\n50 g sugar')).toBe('fruit_filling');
    expect(filling('400 g cream cheese\n100 g sugar\n2 eggs')).toBe('egg_custard');
  });
});

describe('a word that lines of two parts may mean', () => {
  it('means the part that has most of what the deed names', () => {
    const f = read(
      'Almond tart\nShortcrust:\n175 g GF flour\n85 g butter\n2 tbsp water\nFrangipane:\n125 g butter\n125 g caster\n125 g ground almonds\n2 eggs\nIcing:\n75 g icing sugar\n2 tsp water\nLine a 20 cm tin with the pastry, blind bake 12 mins at 190C. Cream butter and sugar, beat in eggs and almonds. Spread over. Bake 30 min.',
    );
    const cream = f.method.flatMap((s) => s.actions ?? []).find((a) => a.kind === 'cream');
    const frangipane = f.parts[1]!.lines.map((l) => l.id);
    expect(cream?.uses?.map((u) => u.lineId)).toEqual(frangipane.slice(0, 2));
    // What it says in so many words is of that part too.
    expect(cream?.names?.flatMap((n) => n.lineIds)).toEqual(frangipane.slice(0, 2));
  });
});
