import { describe, expect, it } from 'vitest';
import { massOf } from '../formula';
import { readFormula, readLine } from './index';
import { percentList } from './percent';
import { tidied } from './tidy';

/** Title, lines and steps of one paste, as they were read. */
function told(text: string) {
  const { formula, issues } = readFormula({ text });
  const lines = formula.parts.flatMap((p) =>
    p.lines.map((l) => [l.item.kind === 'ref' ? l.item.id : '??', Math.round(massOf(l))] as const),
  );
  return { ...formula, lines, steps: formula.method.map((s) => s.text), issues: issues.map((i) => i.code) };
}

describe('pictures, boxed digits and what a scanner took for letters', () => {
  it.each([
    ['✨ 80g butter', '- 80g butter'],
    ['🍌🍪 2 bananas', '- 2 bananas'],
    ['Banana cookies 🍌', 'Banana cookies'],
    ['1️⃣ Mash the bananas', '1. Mash the bananas'],
    ['👩‍🍳 Whisk', '- Whisk'],
    ['★★★★ Good', '★★★★ Good'],
    ['¹⁄₂ tsp salt', '1⁄2 tsp salt'],
    ['l tsp salt', '1 tsp salt'],
    ['I cup rice flour', '1 cup rice flour'],
    ['1l/2 cups milk', '1 1/2 cups milk'],
    ['O.5 tsp salt', '0.5 tsp salt'],
    ['Line a tin', 'Line a tin'],
    ['[12:04] Lisa: 300g flour', '300g flour'],
    ['3/11/26, 12:04 - Lisa: mix', 'mix'],
    ['Topping: 30 g sugar', 'Topping: 30 g sugar'],
    ['I like it with l or two more', 'I like it with l or two more'],
    ['200 °C', '200 °C'],
  ])('%s', (from, to) => expect(tidied(from)).toBe(to));

  it('a list set with them is one, with its steps, and words for those who look on are left out', () => {
    const read = told(
      'Oat cookies 🍪\n\nSave this for later! 👇\n\n✨ 2 bananas\n✨ 80g butter\n✨ 100g GF oat flour\n\n1️⃣ Mash bananas, stir in butter\n2️⃣ Bake at 180°C for 12-14 mins\n\n#glutenfree #easybaking',
    );
    expect(read.title).toBe('Oat cookies');
    expect(read.lines.map(([id]) => id)).toEqual(['banana', 'butter', 'oat_flour']);
    expect(read.steps).toHaveLength(2);
    expect(read.bake).toMatchObject({ ovenC: 180, minutes: [12, 14] });
  });

  it('places in a film and what readers say are no list and no steps', () => {
    const read = told(
      'Flatbread\n0:00 Intro\n2:10 Dough\n200g yoghurt\n150g gluten-free flour\n1 tsp baking powder\nMix to a dough.\nBake at 220C for 8 min.\nReviews\n★★★★★ Made these twice, used 4 eggs and they were perfect!',
    );
    expect(read.lines).toHaveLength(3);
    expect(read.steps).toEqual(['Mix to a dough.', 'Bake at 220C for 8 min.']);
  });
});

describe('a list in per cent', () => {
  const LIST = 'Sorghum flour 60%\nPotato starch 40%\nPsyllium husk powder 4.5%\nSalt 2%\nWater 90%';
  it('is of the weight of its flour where that is told, with every row in grams', () => {
    const read = told(`Loaf\n${LIST}\nTotal flour 500 g.\nMix.\nBake 45 min at 200C.`);
    expect(read.lines).toEqual([
      ['sorghum_flour', 300],
      ['potato_starch', 200],
      ['psyllium_powder', 23],
      ['salt', 10],
      ['water', 450],
    ]);
    expect(read.issues).not.toContain('read.perHundred');
  });
  it('is of a hundred grams where nothing tells, and that is said', () => {
    const read = told(LIST);
    expect(read.lines.map(([, g]) => g)).toEqual([60, 40, 5, 2, 90]);
    expect(read.issues).toContain('read.perHundred');
  });
  it('goes by the weight of the dough, or by one thing that has both', () => {
    expect(percentList(`${LIST}\nTotal dough 1 965 g`.replace('1 965', '1965'))?.flourG).toBe(1000);
    expect(percentList(LIST.replace('Salt 2%', 'Salt 6 g 2%'))).toMatchObject({ flourG: 300, isSaid: true });
  });
  it('counts thousands and kilograms, and leaves out what only sums up', () => {
    expect(percentList(`${LIST}\nTotal dough 1,965 g`)?.flourG).toBe(1000);
    expect(percentList(`For 1 kg flour\n${LIST}`)?.flourG).toBe(1000);
    expect(told(`Loaf\n${LIST}\nHydration: 90%\nTotal 196.5%\nMix.`).lines).toHaveLength(5);
  });
  it('is none where a share beside an amount tells of one thing', () => {
    expect(percentList('100 g chocolate 70%\n200 ml cream 35%\n50 g butter\n2 eggs')).toBeNull();
    expect(readLine('100 g chocolate 70%', 'l1').line.amount.massG?.value).toBe(100);
  });
});

describe('a kind in brackets', () => {
  // A bracket passed over has made milk chocolate a dark one, and oat milk a cow's.
  it.each([
    ['200 ml milk (oat)', 'oat_drink'],
    ['100 g chocolate (milk)', 'milk_chocolate'],
    ['100 g butter (vegan)', 'plant_block'],
    ['250 g yoghurt (I use coconut)', 'coconut_yogurt'],
    ['40 g starter (brown rice)', 'rice_starter'],
    ['100 g sugar (coconut)', 'coconut_sugar'],
    ['200 ml milk (or water)', 'milk'],
    ['100 g butter (soft)', 'butter'],
    ['2 eggs (or 2 flax eggs)', 'egg'],
    ['200 ml milk (for brushing)', 'milk'],
  ])('%s', (row, id) => expect(readLine(row, 'l1').line.item).toMatchObject({ id }));
});

describe('amounts in words of the kitchen', () => {
  it.each([
    // Old kitchen tables: an egg is a quarter cup, a walnut two spoons. From memory.
    ['butter the size of an egg', 'butter', 57],
    ['butter the size of a walnut', 'butter', 28],
    ['salt pinch', 'salt', 0],
    // A dessertspoon is two teaspoons, a teacup a quarter of a British pint. From memory.
    ['2 dessertspoons sugar', 'sugar', 17],
    ['a teacup of milk', 'milk', 142],
    ['small bunch of parsley', 'rosemary', 30],
    ['Golden syrup: 3 big spoonfuls', 'golden_syrup', 70],
    ['1 tsp b.p.', 'baking_powder', 4],
    ['1/4 tsp b. soda', 'soda', 1],
    ['1 (15-ounce) can pumpkin puree', 'squash_puree', 425],
    ['100 g sugar (or less to taste)', 'sugar', 100],
    ['1 cup milk of choice', 'milk', 244],
  ])('%s', (row, id, g) => {
    const { line } = readLine(row, 'l1');
    expect(line.item).toMatchObject({ id });
    expect(line.role).toBeUndefined();
    expect(Math.round(massOf(line))).toBe(g);
  });

  it('what an egg is made up to is filled with the rest, a quarter pint being 142 ml', () => {
    expect(told('200 g rice flour\n1 egg made up to 1/4 pt with milk').lines).toEqual([
      ['white_rice_flour', 200],
      ['egg', 50],
      ['milk', 96],
    ]);
  });
  it.each([
    ['1 large egg + milk to make 190 ml', ['egg', 'milk']],
    ['jam & whipped cream to fill', ['jam', 'cream']],
    ['soy milk + maple syrup, for brushing', ['soy_drink', 'maple_syrup']],
    ['salt and pepper', ['salt', 'black_pepper']],
  ])('%s', (row, ids) =>
    expect(
      told(`200 g rice flour\n${row}`)
        .lines.slice(1)
        .map(([id]) => id),
    ).toEqual(ids),
  );
  it('what is weighed as it is used is no disagreement with its pieces', () => {
    const { line, issues } = readLine('3 apples, diced (about 330g prepared)', 'l1');
    expect([line.amount.massG?.value, issues]).toEqual([330, []]);
    expect(readLine('3 apples (1 kg)', 'l1').issues.map((i) => i.code)).toEqual(['amount.disagree']);
  });
  it('a list of bare numbers is in grams throughout, and it is said', () => {
    const { formula, lines } = readFormula({ text: 'chickpea flour 300\nwater 900\nolive oil 100\nsalt 8' });
    expect(formula.parts[0]!.lines.map((l) => l.amount.massG?.value)).toEqual([300, 900, 100, 8]);
    expect(lines.every((l) => l.issues.some((i) => i.code === 'amount.bareGrams'))).toBe(true);
    expect(formula.parts[0]!.lines[3]!.amount.written).toBe('salt 8');
  });
});

describe('ovens and tins as they are told at home', () => {
  // The table of British cookery books: gas 4 is moderate. From memory.
  it('a moderate oven is one of 180 °C, and that it is told by a word is said', () => {
    const read = told(
      '6 oz rice flour\n6 oz sugar\n3 eggs\nBeat well.\nModerate oven about 40 mins in a 7" tin.',
    );
    expect(read.bake).toMatchObject({ ovenC: 180, minutes: [40, 40] });
    expect(read.issues).toContain('bake.ovenByWord');
    // A shape that nobody said is a guess, and it is said.
    expect(read.tin).toMatchObject({ shape: 'round', written: '7" tin' });
    expect(read.issues).toContain('read.tinShape');
  });
  it('a warm oven is a place to rise, a steamer is no oven, and dropping spoonfuls is a deed', () => {
    expect(told('200 g rice flour\n7 g yeast\nLeave in a warm oven 40 min to rise.').bake).toBeUndefined();
    expect(told('200 g rice flour\n7 g yeast\nSteam at 100C for 20 min.').bake).toBeUndefined();
    expect(told('200 g rice flour\n2 eggs\nMix.\nDrop spoonfuls onto a tray.').steps).toHaveLength(2);
  });
  it('where a figure says how hot it is the word says nothing', () => {
    const read = told('200 g rice flour\n2 eggs\nMix.\nBake in a hot oven, 230C, 15 min.');
    expect(read.bake?.ovenC).toBe(230);
    expect(read.issues).not.toContain('bake.ovenByWord');
  });
  it.each([
    ['Press in the apples. 175 degrees, 30 minutes on the lower rack.', 175, 30],
    ['23 cm tin, 180C, 40 min.', 180, 40],
    ['Roll, cut 8 rounds. 220C (gas 7) 12 mins', 220, 12],
    ['Heat oven to 160C. Mix. 20 x 20 tin, 30 min - should wobble.', 160, 30],
  ])('%s', (method, ovenC, min) => {
    const { formula } = readFormula({ text: '200 g rice flour\n2 eggs\n100 g sugar', method });
    expect(formula.bake).toMatchObject({ ovenC, minutes: [min, min] });
  });
  it.each([
    ['Pour in a greased springform (24 cm).', 'round', 'springform (24 cm)'],
    ['Brownies go into a 20cm tin.', 'square', '20cm tin'],
    ['Spoon into a 20 x 20 tin.', 'square', '20 x 20 tin'],
  ])('%s', (method, shape, written) => {
    const { formula, issues } = readFormula({ text: '200 g rice flour\n2 eggs', method });
    expect(formula.tin).toMatchObject({ shape, written });
    expect(issues.some((i) => i.code === 'read.tinShape')).toBe(written === '20cm tin');
  });
});

describe('parts, marks and rows of one paste', () => {
  it('a mark says in brackets what it is measured in, or how many it makes', () => {
    const read = told(
      '**Peanut cookies**\nIngredients (metric / US)\n- Peanut butter, smooth — 250 g / 1 cup\n- Sugar — 200 g\n- Egg — 1\n\nMethod (20 minutes)\nStir it all.\nBake 10 min at 175°C.',
    );
    expect(read.title).toBe('Peanut cookies');
    expect(read.lines.map(([id]) => id)).toEqual(['peanut_butter', 'sugar', 'egg']);
    expect(read.steps).toHaveLength(2);
    expect(
      told('Buns\nIngredients (makes 12 buns)\n200 g rice flour\n2 eggs\nMethod\nMix.\nBake.').yield,
    ).toEqual({
      pieces: 12,
      name: 'buns',
    });
  });
  it('a row that is a list has its things, one that nobody can read among them', () => {
    const read = told(
      'Scones\n8oz GF self-raising flour, 1/2 tsp xanthan gum, 1 tsp b.p., 2oz butter, 1oz sugar, 2oz sultanas, 3 qq\nRub in, roll, cut 8 rounds. Bake at 220C 12 mins',
    );
    expect(read.lines.map(([id]) => id)).toEqual([
      'gf_self_raising',
      'xanthan_gum',
      'baking_powder',
      'butter',
      'sugar',
      'raisins',
      '??',
    ]);
  });
  it('what one row holds beside its thing is said where it is not counted', () => {
    const long = `500 g rice flour, ${'sifted well and then '.repeat(12)}toasted, 20 g salt`;
    expect(readLine(long, 'l1').issues.map((i) => i.code)).toEqual(['line.more']);
    for (const row of [
      '200 g butter, 20 g of it melted',
      '2 cups rice flour, 1 cup at a time',
      '100 g sugar, plus 1 tbsp for the top',
    ])
      expect(readLine(row, 'l1').issues).toEqual([]);
  });
  it('a letter tells its list in a sentence, one spoon like the one before', () => {
    const read = told(
      'You need 6 oz of soft brown sugar, 3 eggs, 2 oz walnuts, the rind of an orange, 6 oz rice flour, a teaspoon of bicarb, one of cinnamon and half a teaspoon of nutmeg. Beat it all. Bake at gas 4 for 40 minutes.',
    );
    expect(read.lines.map(([id]) => id)).toEqual([
      'brown_sugar',
      'egg',
      'walnuts',
      'orange_zest',
      'white_rice_flour',
      'soda',
      'cinnamon',
      'nutmeg',
    ]);
    expect(read.lines[6]![1]).toBe(3);
  });
  it('a dough takes all of a levain that was made before, is raised by it, and is what the method speaks of', () => {
    const read = told(
      'Buckwheat sourdough\nLevain (night before):\n- 40g starter (brown rice)\n- 100g buckwheat flour\n- 100g water\nDough (morning):\n- all the levain\n- 300g buckwheat flour\n- 20g psyllium husks\n- 420g water\n- 9g salt\nShape, prove 2h in a banneton, bake at 240C 35 min',
    );
    expect(read.parts.map((p) => [p.name, p.classId])).toEqual([
      ['Levain (night before)', 'gel_loaf'],
      ['Dough (morning)', 'gel_loaf'],
    ]);
    expect(read.lines[0]).toEqual(['rice_starter', 40]);
  });
  it.each([
    [
      'Lemon drizzle',
      '225 g butter\n225 g sugar\n4 eggs\n225 g gluten-free self-raising flour\n1 tsp baking powder',
      'batter',
    ],
    [
      'Lemon drizzle traybake',
      '225 g butter\n225 g sugar\n4 eggs\n225 g rice flour\n2 tsp baking powder',
      'batter',
    ],
    ['Filling', '75 g butter\n60 g sugar\n1 tbsp cinnamon', 'glaze'],
    ['Filling', '500 g apples\n60 g sugar\n1 tbsp cinnamon', 'fruit_filling'],
  ])('%s of %j is a %s', (title, text, kind) => {
    expect(readFormula({ title, text }).formula.parts[0]!.classId).toBe(kind);
  });
  it('sentences of a row with no capitals are steps, but not behind a shortened word', () => {
    const steps = readFormula({
      text: '150 g buckwheat flour\n2 eggs',
      method: 'whizz all in a blender. stand approx. half an hour. fry thin in butter.',
    }).formula.method.map((s) => s.text);
    expect(steps).toEqual(['whizz all in a blender.', 'stand approx. half an hour.', 'fry thin in butter.']);
  });

  it.each([
    ['2 C GF flour 1 C yogurt 2 t BP 1/2 t salt', ['gf_blend', 'yogurt', 'baking_powder', 'salt']],
    ['250g butter 250g sugar 3 eggs 100g polenta', ['butter', 'sugar', 'egg', 'maize_meal']],
    [
      'INGREDIENTS: rice flour (1 1/2 cups), sugar (2 Tbsp), salt (1 tsp), eggs (2), oil (1/4 cup)',
      ['white_rice_flour', 'sugar', 'salt', 'egg', 'sunflower_oil'],
    ],
    [
      'Flours: 200 g brown rice, 150 g buckwheat, 100 g tapioca',
      ['brown_rice_flour', 'buckwheat_flour', 'tapioca_starch'],
    ],
    [
      '4 eggs (240 g)\nsame weight of: soft butter, sugar, rice flour',
      ['egg', 'butter', 'sugar', 'white_rice_flour'],
    ],
    ['Equal volumes of eggs, milk and cornflour (200ml each)', ['egg', 'milk', 'corn_starch']],
    [
      '1 c. cornmeal ... 1 c. GF flour\n1 T. b.powder ... 1/2 t. salt',
      ['maize_meal', 'gf_blend', 'baking_powder', 'salt'],
    ],
    ['- [ ] 200 g sugar\n+ pinch of salt\n+ 2 eggs', ['sugar', 'salt', 'egg']],
    ['Group A\n200 g rice flour\nGroup B\n2 eggs', ['white_rice_flour', 'egg']],
  ])('%j is as many things, in one part', (list, ids) => {
    const read = told(`Cake\n${list}\nMETHOD: Mix it all and bake at 180C for 35 minutes.`);
    expect(read.lines.map(([id]) => id)).toEqual(ids);
    expect(read.parts).toHaveLength(1);
    expect(read.bake).toMatchObject({ ovenC: 180, minutes: [35, 35] });
  });
  it('rows that only look like another kind: a tip, the wet bowl, what it makes, how hot it is', () => {
    const read = told(
      'Makes one 900g loaf\nDry\n200 g rice flour\n1 tsp salt\nWet\n200 ml water\nPsyllium: 25 g (wait 10 min)\nMix dry. Add wet.\n170 fan 15-18 min\n> Tip: it sinks as it cools.',
    );
    expect(read.title).toBe('');
    expect(read.lines.map(([id]) => id)).toEqual(['white_rice_flour', 'salt', 'water', 'psyllium_husk']);
    expect(read.steps.join(' ')).toBe('Mix dry. Add wet. 170 fan 15-18 min');
    expect(read.bake).toMatchObject({ ovenC: 170, fan: true, minutes: [15, 18] });
  });
  it('a bake without a fan has none, and grams in so many eggs are grams', () => {
    const read = told(
      'Choux\n125 water\n110 butter\n5 salt\n150 gf flour\n250 egg (~5)\npipe, 190C no fan 30-35 min',
    );
    expect(read.bake).toMatchObject({ ovenC: 190, fan: false, minutes: [30, 35] });
    expect(read.lines.map(([, g]) => g)).toEqual([125, 110, 5, 150, 250]);
  });
  it.each([
    ['Birthday cupcakes x12', { pieces: 12 }],
    ['Servings: 16 squares', { pieces: 16, name: 'squares' }],
    ['Divide in 4 rolls', { pieces: 4 }],
  ])('%s', (title, made) => {
    expect(readFormula({ title, text: '200 g rice flour\n2 eggs' }).formula.yield).toMatchObject(made);
  });
  it.each([
    ['Victoria sandwich (for 2 x 20cm tins)', 'round', 2],
    ['Cake in a 8.5 x 4.5 loaf pan', 'loaf', 1],
  ])('%s', (title, shape, count) => {
    expect(readFormula({ title, text: '200 g rice flour' }).formula.tin).toMatchObject({ shape, count });
  });
  it('what nobody fries is no doughnut, whatever is in it', () => {
    const { parts } = told(
      '240 g rice flour\n80 g potato starch\n25 g sugar\n7 g instant yeast\n300 ml milk\n2 eggs\n50 ml oil\nMix. Let rise 45 minutes. Bake at 190C for 35 minutes.',
    );
    expect(parts[0]!.classId).not.toBe('doughnut');
  });
});

describe('lists with a title and little else', () => {
  it('a title is one where a list follows and no method, but not a thing or a part', () => {
    expect(
      told('Almond-free frangipane (for nut allergy)\n100 g vegan block\n100 g sugar\n2 eggs').title,
    ).toBe('Almond-free frangipane (for nut allergy)');
    expect(
      told('Puds\n200 g cornflour\n4 eggs\nsalt\nbeef dripping\nWhisk. 230C, 20 mins.').parts,
    ).toHaveLength(1);
    expect(
      told('Batter\n200 g rice flour\n100 g sugar\nGlaze\n100 g icing sugar').parts.map((p) => p.name),
    ).toEqual(['Batter', 'Glaze']);
    for (const first of ['Dough', 'salt', 'rice flour 200', 'For the base:'])
      expect(told(`${first}\n100 g butter\n100 g sugar\n2 eggs`).title).toBe('');
  });
  it.each([
    ['DRY: 1 cup cornmeal • 1 Tbsp baking powder • 2 Tbsp sugar', ['maize_meal', 'baking_powder', 'sugar']],
    ['ADD: 170g shredded cheddar • 2 eggs, beaten', ['cheddar', 'egg']],
    ['Flour mix: rice 120, buckwheat 60', ['white_rice_flour', 'buckwheat_flour']],
    ['3 tbsp tahini + extra to swirl', ['tahini']],
    ['150g 70% chocolate, chopped', ['dark_chocolate']],
  ])('%s', (row, ids) => {
    const read = told(`Cake\n200 g almond flour\n${row}\nMix.\n400°F | 18–20 min`);
    expect(read.lines.slice(1).map(([id]) => id)).toEqual(ids);
    expect(read.bake?.minutes).toEqual([18, 20]);
  });
  it('a dough made before, water it is boiled in, a heat with its minutes unnamed', () => {
    const read = told(
      'Bagels 6 pcs\nPreferment: 100 sorghum / 100 water / 1 yeast, 12h\n200 GF bread mix\n60 tapioca\n190 water\n6 salt\nBoil: 2 L water + 1 tbsp molasses\nmix, rest 15, divide 6\n230C 20-22',
    );
    expect(read.parts.map((p) => [p.name, p.lines[0]!.role ?? 'in'])).toEqual([
      ['Preferment', 'in'],
      ['', 'in'],
      ['Boil', 'bath'],
    ]);
    expect(read.bake).toMatchObject({ ovenC: 230, minutes: [20, 22] });
  });
  it.each([
    ['Corn muffins (12)', 12],
    ['Crackers\nmakes ~ 30', 30],
  ])('%j makes %d', (head, pieces) => {
    expect(told(`${head}\n200 g rice flour\n2 eggs\nMix and bake.`).yield?.pieces).toBe(pieces);
  });
  it('yolks and no starch make a custard of chocolate pots', () => {
    const text = '300 ml cream\n5 egg yolks\n50 g sugar\n150 g chocolate';
    expect(readFormula({ title: 'Chocolate pots', text }).formula.parts[0]!.classId).toBe('egg_custard');
    const starch = `${text}\n20 g cornflour`.replace('5 egg yolks\n', '');
    expect(readFormula({ title: 'Chocolate pots', text: starch }).formula.parts[0]!.classId).toBe(
      'starch_set',
    );
  });
  it('a word that is like another weighs no more than itself', () => {
    // "Minced" alone was meat, by the likeness to mince.
    expect(readLine('minced', 'l1').line.item.kind).toBe('unknown');
  });
});

describe('rows with signs of another kind', () => {
  it('a step may begin with a count or a heat behind its number', () => {
    const read = told(
      'Crown\n280 g gf flour\n2 eggs\n7 g yeast\n1. Mix it all.\n2. 1st rise 1 hr.\n3. 350F 30-35 mins, internal 200F.',
    );
    expect(read.steps).toEqual(['Mix it all.', '1st rise 1 hr.', '350F 30-35 mins, internal 200F.']);
    expect(read.bake).toMatchObject({ ovenC: 176.7, minutes: [30, 35] });
    const plaited = readFormula({
      text: '280 g gf flour\n7 g yeast',
      method: 'Divide in 3, roll ropes, braid.',
    });
    expect(plaited.formula.yield).toBeUndefined();
    expect(
      told('Loaf\n200 g gf flour\n200 g water\n1. Mix it.\n2. Rest it.\n3. 2lb tin, 180C, 50 min.').steps.at(
        -1,
      ),
    ).toBe('2lb tin, 180C, 50 min.');
    expect(told('1. 250 g starter\n2. 100 g rice flour\n3. 90 g water').lines).toHaveLength(3);
  });
  it('the order of a machine makes no parts', () => {
    expect(
      told('Loaf\nLiquids first:\n300 ml water\n2 eggs\nDry on top:\n300 g rice flour\nMix.\nBake.').parts,
    ).toHaveLength(1);
  });
  it('amounts behind a comma are amounts, whatever deed the word is elsewhere', () => {
    const read = told(
      'Cake\nFlour (Almond), 2 cups\nEggs, 3 large\nButter, melted — 4 Tbsp\nSalt, 1/4 tsp\nMix. Bake 40 min.',
    );
    expect(read.lines).toEqual([
      ['almond_flour', 196],
      ['egg', 150],
      ['butter', 57],
      ['salt', 2],
    ]);
  });
  it('German: juice and peel of a lemon, the tin a list is for, an icing', () => {
    const read = told(
      'Rezept: Zitronenkuchen\nFür eine Kastenform (25 cm):\n200 g weiche Butter\n4 Eier\n250 g glutenfreies Mehl\nSaft und Schale von 1 Zitrone\nFür den Guss: 100 g Puderzucker, 2 EL Zitronensaft\nOfen auf 180 °C vorheizen. 45 Minuten backen.',
    );
    expect(read.title).toBe('Zitronenkuchen');
    expect(read.lines.map(([id]) => id)).toEqual([
      'butter',
      'egg',
      'gf_blend',
      'lemon_juice',
      'lemon_zest',
      'icing_sugar',
      'lemon_juice',
    ]);
    expect(read.parts.map((p) => p.classId)).toEqual(['batter', 'glaze']);
  });
  it('the last time of a method is the bake, whatever was whisked before it', () => {
    const read = told(
      'Bars\n200 g gf flour\n100 g butter\n2 eggs\n350°. Press crust in 8x8, 15 min. Whisk filling, pour, 25-28 min til set. Cool, cut 16.',
    );
    expect(read.bake).toMatchObject({ ovenC: 176.7, minutes: [25, 28] });
    expect(read.tin?.shape).toBe('square');
    expect(told('Bars\n200 g gf flour\n2 eggs\n350°. Whisk, rest, 20 min.').bake?.minutes ?? null).toBeNull();
    expect(told('Bars\n200 g gf flour\n2 eggs\nMix. Cut into 4 x 4 cm squares.').tin).toBeUndefined();
  });
});

describe('steps and what they take', () => {
  const LIST = '250 g buckwheat flour\n1 tsp salt\n1 egg\n600 ml water';
  /** The acts of a method on a list: what each does and takes. */
  const acts = (method: string, text = LIST) => {
    const { formula } = readFormula({ text, method });
    const ids = new Map(
      formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l.item.kind === 'ref' ? l.item.id : '??'])),
    );
    return formula.method
      .flatMap((s) => s.actions ?? [])
      .map((a) => ({ ...a, takes: (a.uses ?? []).map((u) => ids.get(u.lineId)) }));
  };

  it('rows that count up with a deed behind the number are steps; "1 egg" is none', () => {
    const read = told(
      `Galettes\n${LIST}\n1 slice ham\n1 Mix flour and salt, add the egg\n2 Whisk in the water.\n3 Next day heat a pan.`,
    );
    expect(read.lines.map(([id]) => id)).toEqual(['buckwheat_flour', 'salt', 'egg', 'water', 'bacon']);
    expect(read.steps).toEqual([
      'Mix flour and salt, add the egg',
      'Whisk in the water.',
      'Next day heat a pan.',
    ]);
    expect(told('Buns\n1 egg\n2 bananas\n3 apples\n200 g rice flour\nMix and bake.').lines).toHaveLength(4);
  });
  it('the rest of a dough that was pressed in is no line of the next part', () => {
    const [, chill] = acts(
      'Press two thirds into the tin; chill the rest.',
      'Base\n200 g rice flour\n100 g butter\nMiddle\n600 g apples',
    );
    expect(chill).toMatchObject({ kind: 'chill', takes: [] });
  });
  it('a foil that comes later leaves the bake its minutes, and two signs are one', () => {
    const [bake, foil] = acts('Bake at 200C for 22-25 minutes, covering with foil after 15.');
    expect(bake).toMatchObject({ kind: 'bake', minutes: [22, 25] });
    expect(foil).toMatchObject({ cover: 'tent', afterMin: 15 });
    const [one, ...more] = acts('Bake for 30 minutes until golden and set in the centre.');
    expect(one?.until).toBe('golden and set in the centre');
    expect(more).toEqual([]);
  });
  it('the fruit is all of it', () => {
    const [mix, work] = acts(
      'Beat everything except the fruit. Work in the fruit.',
      '300 g rice flour\n1 egg\n80 g sultanas\n40 g mixed peel',
    );
    expect(mix?.takes).toEqual(['white_rice_flour', 'egg']);
    expect(work?.takes.sort()).toEqual(['dried_fruit', 'raisins']);
  });
  it('an oven that drops to 375 F drops no 375 pieces', () => {
    const { formula } = readFormula({
      text: LIST,
      method: 'Bake 20 min at 425 F, then drop to 375 F and bake 20 min.',
    });
    expect(formula.yield).toBeUndefined();
  });
  it('a sponge of yeast and milk is a dough made before another, and a cross is a part', () => {
    const { parts } = told(
      'Buns\nSponge: 7 g fast yeast, 1 tsp sugar, 150 ml milk\nDough: 300 g GF bread flour, 1 egg, 50 g butter\nCross: 40 g rice flour, 40 ml water\nMix. Bake at 200C for 22 minutes.',
    );
    expect(parts.map((p) => p.name)).toEqual(['Sponge', 'Dough', 'Cross']);
    expect(parts[0]!.classId).not.toBe('foam_cake');
  });
});
