import { describe, expect, it } from 'vitest';
import { massOf } from '../formula';
import { readFormula } from './index';

/** Rows and steps as bakers write them down; what is right for each is common practice, no source. Each has one beside it that looks alike. */
const linesOf = (row: string) =>
  readFormula({ text: row }).formula.parts.flatMap((p) =>
    p.lines.map((l) => [l.item.kind === 'ref' ? l.item.id : '??', Math.round(massOf(l)), l.role ?? 'dough']),
  );
const idOf = (row: string) => linesOf(row).map(([id]) => id);
const LIST =
  '200 g rice flour\n100 g sugar\n100 g butter\n2 eggs\n50 g walnuts, chopped\n100 g milk\n4 g salt';
const read = (method: string, text = LIST, title = 'Harbour bake') =>
  readFormula({ text, method, title }).formula;
const actsOf = (method: string, text = LIST) => {
  const { method: steps, parts } = read(method, text);
  const names = new Map(
    parts.flatMap((p) => p.lines.map((l) => [l.id, l.item.kind === 'ref' ? l.item.id : '??'])),
  );
  return steps
    .flatMap((s) => s.actions ?? [])
    .map((a) => ({ ...a, things: (a.uses ?? []).map((u) => names.get(u.lineId)) }));
};

describe('what a thing is called', () => {
  it.each([
    ['6 cups peeled, sliced Granny Smith apples', 'apple'],
    ['2 Conference pears', 'pear'],
    ['1 tsp pink Himalayan salt', 'salt'],
    ['200 g Millbrook almond flour', 'almond_flour'],
    ['1 cup finely chopped, toasted pecans', 'pecans'],
    ['8 oz gf oatmeal, medium', 'oat_flour'],
    ['1/3 cup old fashioned oats (certified gf)', 'certified_oats'],
    ['1 Tbsp bkg pwdr', 'baking_powder'],
    ['100 g aged egg whites', 'egg_white'],
    ['2 oz unsweetened chocolate, chopped', 'unsweetened_chocolate'],
    ['2 oz chocolate, chopped', 'dark_chocolate'],
    ['1 tsp dried oregano', 'dried_herbs'],
    ['1 tbsp oregano', 'rosemary'],
    ['1/2 tsp garlic granules', 'garlic_powder'],
    ['1/2 cup tapioca flour/starch', 'tapioca_starch'],
    ['1 cup low-fat buttermilk', 'buttermilk'],
    ['380 g water 30C', 'water'],
    ['1 US large/UK medium egg (about 50 g)', 'egg'],
    ['75 g milk -> cook till thick', 'milk'],
    ['200 g tapoica flour', 'tapioca_starch'],
    ['50 g gf plain', 'gf_blend'],
    ['100 g soft lt brown sugar', 'brown_sugar'],
    ['1 lge egg', 'egg'],
    ['210 g oat flour (certified)', 'oat_flour'],
    ['210 g oat flour', 'plain_oat_flour'],
    ['400 g flour (gf pizza mix with wheat starch)', 'gf_blend'],
    ['400 g flour (sifted)', 'wheat_flour'],
    ['1 x 5 ml spoon bicarbonate of soda', 'soda'],
    ['milk 1 1/2 c warm 110', 'milk'],
    ['1 tbsp GF cornflour', 'corn_starch'],
    ['ACV 10 g', 'cider_vinegar'],
    ['1 tsk vanilla sugar', 'vanilla_sugar'],
    ['30 g choc chips if u fancy', 'dark_chocolate'],
    ['75 g melted butter / coconut oil', 'butter'],
  ])('%s', (row, id) => {
    expect(idOf(row)).toEqual([id]);
  });

  it('a word that is near to another by chance is not taken for it', () => {
    // "More" is one letter from the German for a carrot.
    expect(idOf('100 g rice flour + more')).toEqual(['white_rice_flour']);
    expect(read('Mix.', 'Dough: 100 g butter, 3 eggs, 350 g gf flour + more').parts[0]!.lines).toHaveLength(
      3,
    );
  });

  it('is asked where the word before it may make another thing of it', () => {
    // A flour of another grain, a bar with nuts in it, a milk with a third of the fat.
    for (const row of [
      '1 cup breadfruit flour',
      '1 cup millbrook almond flour',
      '1 cup Millbrook chocolate chips',
      '1 cup lite coconut milk',
      '100 g gf granola',
      '200 g reduced fat cream cheese',
    ])
      expect(idOf(row), row).toEqual(['??']);
  });
});

describe('what one row holds', () => {
  it.each([
    [
      '3/4 tsp salt + flaky salt for topping',
      [
        ['salt', 5, 'dough'],
        ['coarse_salt', 0, 'dusting'],
      ],
    ],
    ['1/4 cup olive oil + 1 T to brush', [['olive_oil', 54, 'dough']]],
    ['75 g cheddar, grated + 25 g for the top', [['cheddar', 75, 'dough']]],
    ['25 g cheddar for the top', [['cheddar', 25, 'dusting']]],
    ['1 cup flour + a little for the board', [['wheat_flour', 125, 'dough']]],
    ['1 Tbsp + 1 tsp baking powder', [['baking_powder', 18, 'dough']]],
    [
      '1 egg + enough milk to make 150 ml',
      [
        ['egg', 50, 'dough'],
        ['milk', 104, 'dough'],
      ],
    ],
    [
      '3 g mixed spice, grated zest 1 lemon & 1 orange',
      [
        ['mixed_spice', 3, 'dough'],
        ['lemon_zest', 6, 'dough'],
        ['orange_zest', 7, 'dough'],
      ],
    ],
    [
      'juice of 2 lemons and 85 g sugar',
      [
        ['lemon_juice', 90, 'dough'],
        ['sugar', 85, 'dough'],
      ],
    ],
    ['3 eggs (165 g without shell)', [['egg', 165, 'dough']]],
    [
      '2 eggs (1 in the dough, 1 to glaze)',
      [
        ['egg', 50, 'dough'],
        ['egg', 50, 'wash'],
      ],
    ],
    ['2 eggs (1 small, 1 large)', [['egg', 100, 'dough']]],
    ['125 g gf plain flour + dusting', [['gf_blend', 125, 'dough']]],
    [
      '50 g gf plain flour + water to a paste',
      [
        ['gf_blend', 50, 'dough'],
        ['water', 0, 'taste'],
      ],
    ],
    [
      '200 g flour mix (100 rice, 60 potato starch, 40 corn starch)',
      [
        ['white_rice_flour', 100, 'dough'],
        ['potato_starch', 60, 'dough'],
        ['corn_starch', 40, 'dough'],
      ],
    ],
    // Its parts are no parts of it where they do not add up to it.
    ['200 g gf flour mix (100 rice, 60 potato starch)', [['gf_blend', 200, 'dough']]],
    ['Bananas, 2 ripe', [['banana', 236, 'dough']]],
    ['3 bananas (300g peeled wt)', [['banana', 300, 'dough']]],
    [
      'lard 75g, butter 75g (cold)',
      [
        ['lard', 75, 'dough'],
        ['butter', 75, 'dough'],
      ],
    ],
    ['2 tbsp milk if dry', [['milk', 30, 'taste']]],
    ['120 g raisins (soak in tea if dry)', [['raisins', 120, 'dough']]],
    [
      '1 egg white, caster sugar to top',
      [
        ['egg_white', 33, 'dough'],
        ['sugar', 0, 'dusting'],
      ],
    ],
    ['1 egg, beaten to glaze', [['egg', 50, 'wash']]],
    ['Sweet potato, 200g cooked weight, mashed', [['sweet_potato', 200, 'dough']]],
    ['buckwheat groats 500 g, soaked 6 h, drained', [['buckwheat_groats', 500, 'dough']]],
    ['400 g mincemeat (check the suet)', [['mincemeat', 400, 'dough']]],
    [
      'Yeast 1/2 tsp in 1/4 cup warm water',
      [
        ['active_dry_yeast', 2, 'dough'],
        ['water', 59, 'dough'],
      ],
    ],
    ['400 g rhubarb, in 1cm pieces', [['rhubarb', 400, 'dough']]],
    ['Coconut 1 cup grated', [['desiccated_coconut', 90, 'dough']]],
    ['4 cardamom pods', [['cardamom', 1, 'dough']]],
    ['350 g gf flour + more', [['gf_blend', 350, 'dough']]],
    [
      'zest 2 oranges; juice 1 (other half for drizzle)',
      [
        ['orange_zest', 14, 'dough'],
        ['orange_juice', 80, 'dough'],
      ],
    ],
    ['16 almonds', [['almonds', 19, 'inclusion']]],
    ['2 EL Grieß (GF: Maisgrieß)', [['maize_meal', 20, 'dough']]],
    ['Butter für die Form', [['butter', 0, 'release']]],
    ['Blueberries, 1/2 cup + handful for tops', [['blueberries', 74, 'dough']]],
  ])('%s', (row, lines) => {
    expect(linesOf(row)).toEqual(lines);
  });

  it('things with a stroke between are a list, and so is what is said aside none', () => {
    const { parts, title, method } = readFormula({
      text: 'Almond flour crackers\n(too dry last time)\n1 3/4 cups almond flour | 1 egg white | 1/2 tsp salt\nHeat oven to 325F. Stir together. Roll. Bake 12-15 minutes.',
    }).formula;
    expect([title, parts[0]!.lines.length, method.length > 0]).toEqual(['Almond flour crackers', 3, true]);
  });

  it('a recipe in one row begins with its list, which may end with what is known by name alone', () => {
    const { parts, method } = readFormula({
      text: 'Wraps\n6 eggs, 60 g tapioca flour, 120 ml milk of choice, salt. Blend. Non-stick pan, 1/4 c each, 1 min a side. Makes 8.',
    }).formula;
    expect(parts[0]!.lines.map((l) => (l.item.kind === 'ref' ? l.item.id : '??'))).toEqual([
      'egg',
      'tapioca_starch',
      'milk',
      'salt',
    ]);
    expect(method[0]?.text).toBe('Blend.');
  });

  it('a recipe that is spoken has its amounts in words, and no capitals', () => {
    const { title, parts, method } = readFormula({
      text: 'hey so for the sandwich bread i do: 2 cups brown rice flour, a cup and a half of tapioca starch, quarter cup psyllium husk, tablespoon sugar, two and a quarter teaspoons instant yeast and two cups warm water. everything in the mixer 4 minutes, let it rise 45 min then 375 for an hour.',
    }).formula;
    expect(title).toBe('sandwich bread');
    expect(parts[0]!.lines.map((l) => Math.round(massOf(l)))).toEqual([316, 180, 19, 13, 7, 473]);
    expect(method.flatMap((m) => m.actions ?? []).map((a) => a.kind)).toEqual(['mix', 'proof', 'bake']);
  });

  it('the title says no times, which are read all the same; a step that begins with grams is one', () => {
    const f = readFormula({
      text: 'Ginger snaps. Serves: 30 cookies. Prep: 15 min\n85 g butter\n100 g brown sugar\n150 g teff flour\n• Cream butter & sugar; sift in the flour.\n• 12 g balls, roll in sugar.\n• 175°C – 10 min.',
    }).formula;
    expect([f.title, f.yield?.pieces, f.parts[0]!.lines.length]).toEqual(['Ginger snaps', 30, 3]);
  });

  it('a thing is in the dough where the method mixes it in by another of its words', () => {
    const [, fennel] = linesOf('400 g rice flour\n1 tsp fennel seed');
    expect(fennel).toEqual(['caraway', 2, 'dough']);
    const { parts } = read('Mix flour and fennel. Glaze, seeds.', '400 g rice flour\n1 tsp fennel seed');
    expect(parts[0]!.lines[1]!.role).toBeUndefined();
  });

  it('a part in one row keeps what stands in its brackets', () => {
    const { parts } = read(
      'Mix.',
      'Dough: 110g butter, 210g oat flour (certified), 60g tapioca starch, 1/2t bp, pinch salt',
    );
    expect(parts[0]!.lines.map((l) => (l.item.kind === 'ref' ? l.item.id : '??'))).toEqual([
      'butter',
      'oat_flour',
      'tapioca_starch',
      'baking_powder',
      'salt',
    ]);
  });

  it('what is said of a thing in its bracket makes no note of its row', () => {
    const { parts } = readFormula({
      text: 'White bread\nbread flour blend: 3 1/4 c (455 g) (my mix: 40% sorghum, 30% tapioca, 30% potato)\npsyllium 24 g\nsugar 50 g\nMix all, rise 50 min, bake 50 min at 180 C.',
    }).formula;
    expect(parts[0]!.lines.map((l) => Math.round(massOf(l)))).toEqual([455, 24, 50]);
  });

  it('what is brushed on tells nothing of what it lies on', () => {
    const { parts } = read(
      'Mix.',
      'Pastry\n200 g rice flour\n100 g butter\nFilling\n200 g onions\n100 g swede\nbeaten egg to glaze',
    );
    expect(parts[1]?.classId).not.toBe('egg_custard');
  });

  it('rows with bullets behind a list that has none are steps, whatever they begin with', () => {
    const { parts, method } = readFormula({
      text: 'Currant rounds\n400 g gf pastry\n25 g butter\n50 g brown sugar\n100 g currants\n- melt butter, stir in sugar\n- roll pastry 3 mm\n- tbsp filling each, gather up\n- 3 slashes\n- 220/200fan 15-18min',
    }).formula;
    expect([parts[0]!.lines.length, method.length]).toEqual([4, 5]);
  });

  it('how many it makes may stand in brackets', () => {
    const f = readFormula({
      text: 'Flatbreads\n(makes 6)\nMillet flour 120g\nTapioca starch 30g\nWater 90\nSalt 3\nMix. Roll.',
    }).formula;
    expect([f.yield?.pieces, f.parts[0]!.lines.map((l) => Math.round(massOf(l)))]).toEqual([
      6,
      [120, 30, 90, 3],
    ]);
  });

  it('bits are no part of their own, and notes of the baker no rows', () => {
    const { parts } = readFormula({
      text: 'Loaf (v7)\nChanges since v6: more water, psyllium up\nDry:\nbuckwheat flour 200\nyeast (instant) 6\nsunflower seeds 40 / flax whole 30\nWet:\nwater 220\nBits:\nolives 60\nMethod: dry whisk. wet in. paddle 3 min. into the tin.\nResult: tight at bottom, good crust.',
    }).formula;
    expect(parts.map((p) => p.lines.map((l) => Math.round(massOf(l))))).toEqual([[200, 6, 40, 30, 220, 60]]);
  });

  it('tins of a batch are counted', () => {
    expect(read('Scale into 6 x 2lb tins.').tin).toMatchObject({ shape: 'loaf', count: 6 });
    expect(read('Line a 2lb tin.').tin).toMatchObject({ shape: 'loaf', count: 1 });
  });

  it('words for whom it is are no row of the list, and headings may have figures beside them', () => {
    const { parts, yield: made } = read(
      'Mix all.',
      'dairy free, makes 12\nLevain (8-12h at 24C):\n100 g rice flour\n100 g water\nMain:\nAll of the levain (200 g)\n300 g sorghum flour',
    );
    expect(made?.pieces).toBe(12);
    expect(parts.map((p) => [p.name, p.lines.length])).toEqual([
      ['Levain', 2],
      ['Main', 1],
    ]);
  });
});

describe('tins and pieces', () => {
  it.each([
    ['Grease 12 x 1/2-cup friand pans.', 'muffin', 12, 1420],
    ['Butter 6 individual pudding tins (about 200ml each).', 'muffin', 6, 1200],
    ['Pour into 2 x 4-hole Yorkshire tins.', 'muffin', 4, 400],
    ['Line a 12-hole muffin tin.', 'muffin', 12, 1200],
    ['Butter the 12-hole madeleine tin.', 'muffin', 12, 336],
    ['Spread in greased (tahini) 9x9, score.', 'square', undefined, 2404],
    ['Line a 20cm square brownie tin.', 'square', undefined, 1840],
    ['Scrape into a deep 20cm round tin.', 'round', undefined, 2356],
    ['Scrape into a 20cm round tin.', 'round', undefined, 1571],
  ])('%s', (method, shape, holes, ml) => {
    const { tin } = read(method);
    expect([tin?.shape, tin?.holes, Math.round(tin?.volumeMl.value ?? 0)]).toEqual([shape, holes, ml]);
  });

  it.each([
    ['Roll into 1" balls (approx 18), flatten.', 18],
    ['Pipe 3.5cm rounds (about 48), bang the tray.', 48],
    ['Pour into 2 x 4-hole Yorkshire tins.', 8],
    ['Fill 12 cases 3/4 full.', 12],
    ['Oiled hands, 12 balls, on a lined tray.', 12],
    ['Fridge 2 h. Cut 16.', 16],
    ['Roll pastry 3mm, cut 8 x 12cm.', 8],
    ['Roll out to a 30 x 20 cm sheet.', undefined],
    ['Knead 5 min. 12 rings.', 12],
    ['Using a tablespoon, dollop 18 rounds on a tray.', 18],
    ['Cut 2 cm thick.', undefined],
    ['Fold through in two batches. Drop 2 tablespoons of batter a time.', undefined],
  ])('%s', (method, pieces) => {
    expect(read(method).yield?.pieces).toBe(pieces);
  });
});

describe('the oven', () => {
  it.each([
    // An oven that is off bakes no more.
    ['Oven 180 C. Bake 18-22 min. Switch off, leave in the oven 20 min.', 180, [18, 22]],
    ['Oven gas 2 / 150c. Mix. Tin. 1 hr to 1hr 15 until firm to touch.', 150, [60, 75]],
    ['While they proof, move the rack and preheat the oven to 180ºC (350ºF). Bake 24 min.', 180, [24, 24]],
    ["Oven 230C w steam 15', drop to 210C, no steam, another 45'.", 230, [60, 60]],
    ['Preheat a cast iron skillet in the oven @425. Pour in batter. 22-25 min. rest 10.', 218.3, [22, 25]],
  ])('%s', (method, ovenC, minutes) => {
    const { bake } = read(method);
    expect([bake?.ovenC, bake?.minutes]).toEqual([ovenC, minutes]);
  });
});

describe('what is done', () => {
  const kinds = (method: string) => actsOf(method).map((a) => a.kind);
  it.each([
    ['Mix all. Turn speed down, add milk. Bake 20 min at 180.', ['mix', 'mix', 'mix', 'bake']],
    ['Bake 20 min at 180. Boil the milk. Turn up heat, bubble 2 min.', ['bake', 'boil', 'cook']],
    ['Bake 20 min at 180. Turn down the oven to 160 for 10 min.', ['bake', 'bake']],
    ['Mix all. 150C no fan, 14 mins, rotate halfway.', ['mix', 'bake', 'turn']],
    [
      'Oven 220 C. Mix all. Fill the tin. Back in oven, 20-25 mins until puffed.',
      ['preheat', 'mix', 'fill', 'bake'],
    ],
    ['Bake 20 min at 180. While still warm, prick all over.', ['bake', 'score']],
    ['Mix all. Pour off the dark liquid.', ['mix', 'drain']],
    ['Mix all. Keep back 1 tbsp for glazing.', ['mix', 'other']],
    ['Mix all. 1-2 min per side.', ['mix', 'cook']],
    [
      'Mix all. Drizzle the milk over the flour. Bake 20 min at 180. Drizzle with icing.',
      ['mix', 'mix', 'bake', 'glaze'],
    ],
  ])('%s', (method, is) => {
    expect(kinds(method)).toEqual(is);
  });

  it('takes what its words mean', () => {
    const taken = (method: string, text?: string) => actsOf(method, text).map((a) => a.things);
    // As bakers shorten it, whatever packet it comes from.
    expect(taken('Sift flour and bp.', '200 g rice flour\n6 g baking powder\n4 g bicarb')[0]).toEqual([
      'white_rice_flour',
      'baking_powder',
    ]);
    // All of it, where nothing was taken yet.
    expect(taken('Mix, rest, roll.')[0]).toHaveLength(7);
    expect(taken('Mix dry. Mix everything else but nuts. Nuts in.')[2]).toEqual(['walnuts']);
    // What is for something else is none of all.
    expect(taken('Mix all. Drizzle.', '100 g oats\n50 g honey\n100 g dark chocolate to drizzle')[0]).toEqual([
      'rolled_oats',
      'honey',
    ]);
    // Sugar that is melted later is none of the dry things.
    expect(taken('Mix the dry things. Melt butter, milk and sugar.')[1]).toEqual(['butter', 'milk', 'sugar']);
    expect(taken('Fold in half the milk. Repeat until all used.')[1]).toEqual(['milk']);
    expect(taken('Mix the flour, milk and 1 tsp sugar. Whisk the eggs with the remaining sugar.')[1]).toEqual(
      ['egg', 'sugar'],
    );
  });

  it('means things of the part that they are of', () => {
    const BUNS =
      'Dough\n300 g rice flour\n200 g milk\n80 g butter\n2 eggs\nFilling\n60 g butter\n100 g brown sugar\n2 tsp cinnamon\nIcing\n100 g icing sugar\n20 g milk';
    const [, mixed, , brushed, dotted, beaten] = actsOf(
      'Warm the milk. Mix flour, the milk mixture, eggs and 40 g of the butter. Roll out. Brush with melted butter, sprinkle over the sugar and cinnamon. Dot with the remaining butter. Beat icing sugar and milk.',
      BUNS,
    );
    expect(mixed!.things).toEqual(['white_rice_flour', 'egg', 'butter']);
    expect(brushed!.things).toEqual(['butter', 'brown_sugar', 'cinnamon']);
    expect(brushed!.uses![0]!.share).toBe(1);
    expect(dotted!.uses![0]!.share).toBe(0.5);
    expect(beaten!.things).toEqual(['icing_sugar', 'milk']);
  });
});

describe('parts that finish', () => {
  it.each([
    ['For topping\n1 egg, whisked\n20 g sesame seeds', 'wash'],
    ['Topping\n60 g rice flour\n40 g butter\n40 g sugar', 'crumb'],
    ['Icing\n175 g icing sugar\n20 g lemon juice', 'glaze'],
    ['Toffee sauce\n175 g sugar\n50 g butter\n200 g double cream', 'glaze'],
  ])('%s', (part, kind) => {
    const { parts } = read('Mix all.', `Sponge\n200 g rice flour\n100 g sugar\n2 eggs\n${part}`);
    expect(parts[1]?.classId).toBe(kind);
  });

  it('an egg that is put on at the end is brushed on, with the water in its row; salt is strewn', () => {
    const { parts } = read(
      'Mix. Roll. Brush. Bake.',
      'Dough\n300 g rice flour\n250 g water\nTo finish:\n1 egg yolk beaten with 1 tbsp water\n10 g coarse salt',
    );
    expect(parts[1]!.lines.map((l) => l.role)).toEqual(['wash', 'wash', 'dusting']);
  });

  it('what is poured over is in no piece and no tin', () => {
    const { issues } = readFormula({
      text: 'Sponge\n200 g rice flour\n150 g sugar\n150 g butter\n3 eggs\nToffee sauce\n300 g sugar\n100 g butter\n400 g double cream',
      method: 'Spoon into 6 individual pudding tins (about 200 ml each). Bake 20 min at 180 C.',
    });
    expect(issues.map((i) => i.code).filter((c) => c.startsWith('check.'))).toEqual([]);
  });
});

describe('a paste in its maker’s shorthand', () => {
  const whole = (text: string) => readFormula({ text });
  const TRAYBAKE =
    'Plum squares\nBase\n180 g soft butter\n180 g sugar\n3 eggs\n120 g ground almonds\n90 g rice flour\nTop\n6 plums\n2 tbsp demerara\n';

  it('steps that are numbered without a dot begin with the oven, and cream is creamed', () => {
    const { formula } = whole(
      `${TRAYBAKE}1 Oven 180C/160C fan. Line a tin.\n2 Cream butter and sugar, about 4 mins.\n3 Add the eggs in 3 lots.\n4 Fold in the rest.\n5 Bake 35-40 min. 12 squares.`,
    );
    expect(formula.method).toHaveLength(5);
    expect(formula.parts.map((p) => [p.name, p.lines.length])).toEqual([
      ['Base', 5],
      ['Top', 2],
    ]);
    expect(formula.yield).toEqual({ pieces: 12, name: 'squares' });
    expect(formula.bake).toMatchObject({ ovenC: 180, minutes: [35, 40] });
    // Things that are counted so are no steps.
    expect(
      whole('Trifle\n1 cream cheese tub\n2 butter sticks\n3 eggs\n200 g rice flour').formula.method,
    ).toEqual([]);
  });

  it('stages are parts by their number, and what was made in one goes into the next whole', () => {
    const { formula, lines } = whole(
      'Loaf\nStage 1 (evening, 10 h at 22 °C)\n60 g starter\n150 g buckwheat flour\n170 g water\n\nStage 2\nall of stage 1\n220 g buckwheat flour\n18 g psyllium husk\n390 g water\n\nMix. 220 conv w/ steam 20, 200 dry 35.',
    );
    expect(formula.parts.map((p) => [p.name, p.lines.length])).toEqual([
      ['Stage 1', 3],
      ['Stage 2', 3],
    ]);
    expect(lines.flatMap((l) => l.issues)).toEqual([]);
    expect(formula.bake?.phases).toEqual([
      { min: 20, ovenC: 220, fan: true, cover: 'none', steam: true, heat: 'even' },
      { min: 35, ovenC: 200, fan: false, cover: 'none', steam: false, heat: 'even' },
    ]);
  });

  it.each([
    ['Gas 3. Mix all.\nAbout 50 mins to an hour.', { ovenC: 162.8, minutes: [50, 60] }],
    ['Mix all. 170 fan 22-25.', { ovenC: 170, minutes: [22, 25], fan: true }],
    ['Mix all. 190C (static) 18-20 min. Internal 96 C.', { ovenC: 190, minutes: [18, 20], fan: false }],
    ['Heat oven 190C. Mix, roll out.\n15-18 min turning tray.', { ovenC: 190, minutes: [15, 18] }],
    ['Mix all. 230 10 min w/ steam → 200 40 min.', { ovenC: 230, minutes: [50, 50] }],
    // What rests is in no oven.
    ['Heat oven 190C. Mix, rest 15. Bake 20 min.', { ovenC: 190, minutes: [20, 20] }],
  ])('%s', (method, bake) => expect(read(method).bake).toMatchObject(bake));

  it('minutes that nobody called so, and shares of one thing in one sentence', () => {
    const acts = actsOf(
      'Cream butter and sugar. Beat in half the milk, then the eggs, then the remaining milk. Chill 20. Roll 2 mm.',
    );
    expect(acts[1]!.things).toEqual(['milk', 'egg']);
    expect(acts[1]!.uses![0]!.share).toBe(1);
    expect([acts[2]!.kind, acts[2]!.minutes]).toEqual(['chill', [20, 20]]);
    expect(acts[3]!.minutes).toBeUndefined();
    const CHOC = '200 g dark choc 70%\n100 g milk choc chunks\n100 g rice flour\n25 g cocoa';
    const taken = actsOf(
      'Melt the choc. Fold in flour, cocoa, the choc. Stir in two-thirds of chunks. Scatter the rest of the chunks.',
      CHOC,
    );
    expect(taken.map((a) => a.things)).toEqual([
      ['dark_chocolate'],
      ['white_rice_flour', 'cocoa'],
      ['milk_chocolate'],
      ['milk_chocolate'],
    ]);
    expect(taken[2]!.uses![0]!.share).toBeCloseTo(2 / 3, 6);
  });

  it('a syrup that is spooned over is laid on; what stands under a brush is not', () => {
    const text =
      'Cake\n200 g rice flour\n100 g sugar\n2 eggs\nFor the syrup: juice of 1 more lemon and 90 g icing sugar';
    const [, , spooned] = actsOf(
      'Mix the flour, sugar and eggs. Bake 30 min at 180 C. Spoon over the warm syrup.',
      text,
    );
    expect([spooned!.kind, spooned!.things]).toEqual(['glaze', ['lemon_juice', 'icing_sugar']]);
  });

  it('a grain by its name alone is its flour in a dough that soaks none, and that is said', () => {
    const rows = '420 g teff\n100 g buckwheat\n50 g millet\n200 g tapioca starch\n500 g water';
    const kinds = (method: string) => {
      const { formula, lines } = readFormula({ text: rows, method });
      return [
        formula.parts[0]!.lines.map((l) => (l.item.kind === 'ref' ? l.item.id : '??')).slice(0, 3),
        lines.flatMap((l) => l.issues.map((i) => i.code)),
      ];
    };
    expect(kinds('Mix all. Bake 50 min at 200 C.')).toEqual([
      ['teff_flour', 'buckwheat_flour', 'millet'],
      ['name.choice', 'name.choice'],
    ]);
    expect(kinds('Soak the buckwheat overnight, drain. Mix all.')[0]).toEqual([
      'teff_flour',
      'buckwheat_groats',
      'millet',
    ]);
    expect(kinds('')[0]).toEqual(['teff_grain', 'buckwheat_groats', 'millet']);
  });

  it('what lies on top is strewn', () => {
    expect(linesOf('flaky salt and rosemary on top').map(([id, , role]) => [id, role])).toEqual([
      ['coarse_salt', 'dusting'],
      ['rosemary', 'dusting'],
    ]);
    expect(idOf('200 g tapioca st, 280 g brown rice flr')).toEqual(['tapioca_starch', 'brown_rice_flour']);
  });
});

describe('what is written in few words', () => {
  it.each([
    ['Mix all. Lined 7" sq tin, 150C / gas 2, 1 1/4 hrs.', { ovenC: 150, minutes: [75, 75] }],
    ['Mix all. Bake at 160C for 1/2 an hour.', { ovenC: 160, minutes: [30, 30] }],
    ['Mix all. Bake at 160C for 3/4 hour.', { ovenC: 160, minutes: [45, 45] }],
    ['Oven 220/200 fan/gas 7\nMix all, pat out.\n12-15 mins.', { ovenC: 220, minutes: [12, 15] }],
  ])('%s', (method, bake) => expect(read(method).bake).toMatchObject(bake));

  it('an oven beside the method is hot from the first', () => {
    const formula = readFormula({
      text: LIST,
      method: 'Mix all, pat out.\n12-15 mins.',
      oven: '220 C',
    }).formula;
    const last = formula.method.at(-1)!.actions!.at(-1)!;
    expect([last.kind, last.tempC, last.minutes]).toEqual(['bake', 220, [12, 15]]);
  });

  it('a part in one row may say what is done with it, and lack its commas', () => {
    const { formula } = readFormula({
      text: 'Focaccia\nPoolish: 100g white rice flour 100g water 1g instant yeast - mix, 12hrs room temp\nDough\n150g tapioca\n380g water\n18g psyllium husk\nTop: 30g olive oil, rosemary, flaky salt\nMethod\nHydrate psyllium in 200 of the water 10 mins. Mix. 60-75min rise.',
    });
    expect(formula.parts.map((p) => [p.name, p.lines.map((l) => l.role ?? 'in')])).toEqual([
      ['Poolish', ['in', 'in', 'in']],
      ['Dough', ['in', 'in', 'in']],
      ['Top', ['in', 'dusting', 'dusting']],
    ]);
    const acts = formula.method.flatMap((s) => s.actions ?? []);
    expect(acts.map((a) => a.kind)).toEqual(['mix', 'gel', 'mix', 'proof']);
    expect(acts[1]!.uses!.map((u) => u.share)).toEqual([1, 200 / 380]);
    // A dash within a step parts nothing.
    expect(read('Note: the dough is soft - mix it well.').method).toHaveLength(1);
  });

  it('a part may be called by what it is for', () => {
    const { formula } = readFormula({
      text: 'Sponge\n225 g butter\n225 g sugar\n4 eggs\n225 g rice flour\nTo fill\n150ml/¼ pint double cream\n4 tbsp jam\n\n1. Beat the cake ingredients.\n2. Bake 25 min at 180 C.',
    });
    expect(formula.parts.map((p) => [p.name, p.lines.length])).toEqual([
      ['', 4],
      ['To fill', 2],
    ]);
  });

  it('of what a bracket says to be gluten-free no wheat is taken, whoever made it', () => {
    expect(idOf('8oz Doves SR flour (gf)')).toEqual(['gf_self_raising']);
    expect(idOf('8oz Doves SR flour')).not.toEqual(['gf_self_raising']);
  });

  it('gingerbread with milk in it is a cake, and one that is rolled out is none', () => {
    const kind = (title: string) =>
      readFormula({ title, text: LIST, method: 'Mix. Bake 40 min.' }).formula.parts[0]!.classId;
    expect([kind('Gingerbread'), kind('Gingerbread men')]).toEqual(['batter', 'cookie']);
  });

  it('grams and how many: "scoop 45g x 16"; soda by a bare number; a plus that begins a sentence', () => {
    const { formula, lines } = readFormula({
      text: 'Cookies\nButter 120\nSugar 110\nEgg 55\nRice flour 95\nOat flour 60 (GF)\nCocoa 20\nSoda 3\nChoc 160\n\nMix butter + sugar 1 min. + egg. + dry, fold. + choc.\nscoop 45g x 16',
    });
    expect(lines.map((l) => l.issues.map((i) => i.code))).toEqual(lines.map(() => ['amount.bareGrams']));
    expect(formula.yield).toMatchObject({ pieces: 16 });
    const acts = formula.method.flatMap((s) => s.actions ?? []);
    expect(acts.map((a) => [a.kind, a.uses?.length ?? 0])).toEqual([
      ['mix', 3],
      ['mix', 4],
      ['fold', 0],
      ['mix', 1],
      ['divide', 0],
    ]);
    expect(acts.at(-1)).toMatchObject({ pieces: 16, pieceG: 45 });
  });
});

describe('rows without a verb or an amount', () => {
  it('steps with bullets, of which half are deeds; a thing with no amount before the method; a title with its pieces', () => {
    const { formula } = readFormula({
      text: 'Tea buns | 12 |\nRice flour 220\nSugar 70\nMilk, warm 420\nSultanas 120\nicing sugar\n\n- whisk flour into milk, 5 min\n- fruit last\n- 12 x 90g balls, tray 23x33\n- 200C 22-25',
    });
    expect([formula.title, formula.yield?.pieces]).toEqual(['Tea buns', 12]);
    expect(formula.parts.map((p) => p.lines.length)).toEqual([5]);
    expect(formula.method).toHaveLength(4);
    expect(formula.bake).toMatchObject({ ovenC: 200, minutes: [22, 25] });
  });

  it('times alone, an oven told twice, an oven with no article', () => {
    expect(read('oven 175\nMix all.\ntin (greased)\n40-45').bake).toMatchObject({
      ovenC: 175,
      minutes: [40, 45],
    });
    expect(read('Mix. 180 (160 fan) for 20-25 min.').bake).toMatchObject({ ovenC: 180, fan: false });
    const { bake, yield: made } = read(
      'Mix, roll walnut sized balls (about 40).\nInto 200 oven, 20 min or until puffed.',
    );
    expect([bake?.ovenC, bake?.minutes, made?.pieces]).toEqual([200, [20, 20], 40]);
  });

  it('eggs by their number behind, and how they are; a sign of two words is one', () => {
    expect(linesOf('eggs 6 sep.')).toEqual([['egg', 300, 'dough']]);
    const [proofed, ...more] = actsOf(
      'Cover, leave at room temp till bubbly + sour. Pour over the flour, stir.',
    );
    expect(proofed!.until).toBe('bubbly + sour');
    expect(more.map((a) => a.kind)).toEqual(['mix']);
  });

  it('a pudding of flour that is lifted is a cake, and one that starch sets is none', () => {
    const kind = (text: string) => readFormula({ title: 'Date pudding', text }).formula.parts[0]!.classId;
    expect(kind('250 g dates\n150 g rice flour\n60 g butter\n170 g sugar\n2 eggs\n7 g baking powder')).toBe(
      'batter',
    );
    expect(kind('500 g milk\n40 g corn starch\n60 g sugar')).toBe('starch_set');
  });
});

describe('a second look at rows that were lost', () => {
  it('steps by their number that begin with a time; a fan that is off', () => {
    const { formula } = readFormula({
      text: 'Loaf cake\n140 g chestnut flour\n130 g sugar\n3 eggs\n110 g oil\n1 Preheat 170°C fan off / 150 fan. Line a tin.\n2 Whisk eggs + sugar till thick (5 min, high). Stream in the oil.\n3 Fold in the flour.\n4 55–60 min. Core 98 °C.',
    });
    expect(formula.method).toHaveLength(4);
    expect(formula.bake).toMatchObject({ ovenC: 170, fan: false, minutes: [55, 60] });
    expect(formula.method[1]!.actions![0]!.until).toBe('thick');
  });

  it('a step that begins with the oven alone is no apples', () => {
    const { formula } = readFormula({
      text: 'Crumble\n1 kg apples\n100 g sugar\nsqueeze lemon\n150 g oats\n100 g butter\n\n190. Apples, sugar, lemon in a dish. Rub butter into oats. Scatter over. 40-45 min till bubbling.',
    });
    expect(formula.parts.map((p) => p.lines.length)).toEqual([5]);
    expect(formula.bake).toMatchObject({ ovenC: 190, minutes: [40, 45] });
    expect(idOf('190 g apples, sliced')).toEqual(['apple']);
  });

  it.each([
    ['9 oz flour (SR, g.f.)', [['gf_self_raising', 255, 'dough']]],
    ['4 scallions, sliced', [['onion', 60, 'dough']]],
    ['2 onions, sliced', [['onion', 220, 'dough']]],
    ['300 g GF mix', [['gf_blend', 300, 'dough']]],
    ['500 g cooked mash', [['mashed_potato', 500, 'dough']]],
    [
      'rice fl 120 / oat fl 80',
      [
        ['white_rice_flour', 120, 'dough'],
        ['plain_oat_flour', 80, 'dough'],
      ],
    ],
  ])('%s', (row, things) => expect(linesOf(row)).toEqual(things));

  it('what is left of a thing is of the one that was begun', () => {
    const text = '255 g rice flour\n85 g ground almonds\n170 g sugar\n3 eggs';
    const acts = actsOf(
      'Whisk the eggs and sugar with a little of the flour. Fold in the remaining flour, the almonds.',
      text,
    );
    expect(acts[1]!.things).toEqual(['white_rice_flour', 'almond_flour']);
  });

  it('a pan that is heated in the oven; minutes by a fan; a foil that comes later', () => {
    expect(
      read(
        'Put a 25cm iron pan in the oven & heat to 230°C.\nSwirl oil in the hot pan, pour in batter.\n12-15 mins, then 2 mins under the grill.',
      ).bake,
    ).toMatchObject({ ovenC: 230, minutes: [12, 15] });
    const [baked] = actsOf('170 fan 50, foil after 30.');
    expect([baked!.kind, baked!.minutes, baked!.cover]).toEqual(['bake', [50, 50], undefined]);
    expect(read('Mix. 350/25m').bake).toMatchObject({ minutes: [25, 25] });
    expect(actsOf('Mix. Rest 30 mins (or overnight in fridge).').at(-1)!.kind).toBe('rest');
    // A size is no heat.
    expect(actsOf('Mix. Put the 25 cm tin in the oven.').at(-1)!.kind).not.toBe('bake');
  });
});

describe('more of what a row or a step may say', () => {
  it.each([
    ['2 T grated fresh ginger', [['fresh_ginger', 12, 'dough']]],
    ['1 cup PB', [['peanut_butter', 258, 'dough']]],
    [
      '(opt. 1/2 tsp vanilla, pinch of salt)',
      [
        ['vanilla', 2, 'dough'],
        ['salt', 0, 'dough'],
      ],
    ],
    [
      '2 "flax eggs" (2 T flax + 5 T water)',
      [
        ['flax_ground', 14, 'dough'],
        ['water', 74, 'dough'],
      ],
    ],
    [
      '4 eggs\nsame volume of milk\nsame volume of cornflour',
      [
        ['egg', 200, 'dough'],
        ['milk', 201, 'dough'],
        ['corn_starch', 105, 'dough'],
      ],
    ],
    [
      '100 g sugar\nsame weight of butter',
      [
        ['sugar', 100, 'dough'],
        ['butter', 100, 'dough'],
      ],
    ],
    // The salt of the dough is not the one that is strewn.
    [
      '100 g rice flour\n5 g salt',
      [
        ['white_rice_flour', 100, 'dough'],
        ['salt', 5, 'dough'],
      ],
    ],
  ])('%s', (row, things) => expect(linesOf(row)).toEqual(things));

  it('the salt of the dough is not the flaky salt of the top', () => {
    const roles = (method: string) =>
      read(method, '100 g rice flour\n50 g water\n5 g salt').parts[0]!.lines.map((l) => l.role);
    expect(roles('Combine everything. Brush with water & scatter with flaky salt.')).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    expect(roles('Combine flour and water. Brush with water & scatter over the salt.')[2]).toBe('dusting');
    expect(() => readFormula({ text: `${'('.repeat(300)} 2 eggs`, method: 'Brush.' })).not.toThrow();
  });

  it('headings in small letters, steps that begin with a number of things, names of titles', () => {
    const { formula } = readFormula({
      text: 'Carrot cake\n300g sugar\n3 eggs\n300g gf plain flour\n100g shelled walnuts, plus extra\n\ncream cheese frosting\n600g icing sugar\n250g cream cheese\n\n1. 170C (325F) gas 3.\n2. Beat all. Pour into tins, 20-25 min until golden.',
    });
    expect(formula.parts.map((p) => [p.name, p.lines.length])).toEqual([
      ['', 4],
      ['cream cheese frosting', 2],
    ]);
    expect(formula.bake).toMatchObject({ ovenC: 170, minutes: [20, 25] });
    const flat = readFormula({
      text: 'Tortillas\n150 g cassava flour\n50 g tapioca\n170 g water\n\nMix.\n8 balls. Press 16cm between plastic. Dry pan v hot, 45s each side. Stack in towel.',
    }).formula;
    expect([flat.parts[0]!.lines.length, flat.yield?.pieces]).toEqual([3, 8]);
    expect(flat.method.at(-1)!.actions!.find((a) => a.kind === 'cook')?.minutes).toEqual([0.75, 0.75]);
    expect(
      readFormula({
        text: 'Nut cookies - 3 ingredients\n250 g peanut butter\n150 g sugar\n1 egg\n\nMix. Roll.',
      }).formula.parts.map((p) => p.lines.length),
    ).toEqual([3]);
  });

  it('a pan on the hob is no tin, and four in it are no inches', () => {
    expect(read('Melt first 4 in a pan. Bake in a 2lb loaf tin at 160C 50 min.').tin?.shape).toBe('loaf');
    expect(read('Press into a 9 in pan.').tin?.shape).toBe('round');
  });

  it('a sign behind what is done on the way is of the bake', () => {
    const [, baked, turned] = actsOf(
      'Mix all. Bake @ 170c fan 22-28 min, swapping trays halfway, until crisp.',
    );
    expect([baked!.until, turned!.until]).toEqual(['crisp', undefined]);
    expect(actsOf('Heat in oven till smoking, 8 min.')[0]!.until).toBe('smoking');
  });
});

describe('methods in whole sentences', () => {
  it('a thing that is roasted by itself is none of the bake, unless nothing else is baked', () => {
    const TART = '400 g rhubarb\n200 g rice flour\n100 g butter\n100 g sugar\n2 eggs';
    const bake = (method: string) => read(method, TART).bake;
    expect(
      bake(
        'Rub butter into flour, line a tin. Bake blind at 190°C for 15 minutes. Turn the oven down to 140°C. Meanwhile put the rhubarb in a dish, cover with foil and roast for 15 minutes. Pour in and bake for 35 minutes until set.',
      )?.phases?.map((p) => [p.min, p.cover]),
    ).toEqual([
      [15, 'none'],
      [35, 'none'],
    ]);
    const FLAT = '300 g sweet potato\n200 g chickpea flour\n5 g salt';
    expect(
      read(
        'Bake the sweet potato at 200°C for 45 minutes until soft. Mash. Mix all. Fry 2 min each side.',
        FLAT,
      ).bake,
    ).toBeUndefined();
    expect(read('Bake the sweet potato at 200°C for 45 minutes until soft.', FLAT).bake).toMatchObject({
      ovenC: 200,
    });
  });

  it('what is done to a sheet, in a well, on a tray', () => {
    const acts = actsOf(
      'Dust a baking sheet with flour. Sift the flour and salt. Make a well in the dry ingredients, pour in the milk and mix quickly. Set close together on the sheet. Bake 12 min.',
    );
    expect(acts.map((a) => [a.kind, a.things.length])).toEqual([
      ['prepare', 0],
      ['mix', 2],
      ['mix', 1],
      ['fill', 0],
      ['bake', 0],
    ]);
  });

  it('what a thing is dissolved in goes with it; the rest of one thing is of that', () => {
    const text =
      '4 eggs, separated\n120 g sugar\n1 tbsp instant coffee dissolved in 1 tbsp hot water\n60 g ground walnuts\n30 g rice flour';
    const acts = actsOf(
      'Whisk the yolks with the sugar. Beat in the coffee. Whisk the whites to soft peaks. Fold a third of the whites into the yolks, then the rest. Fold in the walnuts and flour.',
      text,
    );
    expect(acts[1]!.things).toEqual(['instant_coffee', 'water']);
    expect(acts[3]!.things).toEqual([]);
    expect(acts[4]!.things).toEqual(['walnut_meal', 'white_rice_flour']);
    // What is strained is no more taken than what is poured.
    expect(actsOf('Whisk the eggs and sugar. Strain into a jug.')[1]!.things).toEqual([]);
  });
});

describe('lists of a bakery', () => {
  it('in a list of bare grams nobody puts ten lemons, nor six pods of a paste', () => {
    const { formula } = readFormula({
      text: 'Galettes\nPASTRY\nrice flour 320\nbutter 340\neggs 6\ncold water ~80\nvanilla bean paste 6\nFILLING ea.\napples 350g\nsugar 40\nlemon 10\n\n1. rub in\n2. deck 200/190, 35-40, turn at 20',
    });
    expect(
      formula.parts.map((p) =>
        p.lines.map((l) => [l.item.kind === 'ref' ? l.item.id : '??', Math.round(massOf(l))]),
      ),
    ).toEqual([
      [
        ['white_rice_flour', 320],
        ['butter', 340],
        ['egg', 300],
        ['water', 80],
        ['vanilla_paste', 6],
      ],
      [
        ['apple', 350],
        ['sugar', 40],
        [formula.parts[1]!.lines[2]!.item.kind === 'ref' ? formula.parts[1]!.lines[2]!.item.id : '??', 10],
      ],
    ]);
    expect(formula.method.at(-1)!.actions!.at(-1)!.minutes).toEqual([35, 40]);
    expect(idOf('2 vanilla pods')).toEqual(['vanilla_paste']);
  });

  it('a list that semicolons part is parted by nothing else, and what is for serving is that alone', () => {
    const { formula } = readFormula({
      text: 'Torte\ningredients: 250g 70% chocolate; 250g butter; 6 eggs (separated); 250g sugar divided; pinch of salt; icing sugar to serve\nmethod: melt chocolate & butter; cool. 160C/140 fan 50-55 minutes.',
    });
    expect(formula.parts[0]!.lines.map((l) => l.role ?? 'in')).toEqual([
      'in',
      'in',
      'in',
      'in',
      'in',
      'dusting',
    ]);
  });

  it('more of a thing for the top leaves the rest of it in the dough; a note with a star is none of the steps', () => {
    const { formula } = readFormula({
      text: 'Bread\n* 420 g GF bread flour blend*\n* 50 g GF rolled oats + 1T for topping\n* 9 g salt\n* 400 g water\n*I use one with xanthan in it\n\nWhisk dry ingreds. Add water. Sprinkle oats. Bake 375F 55 min.',
    });
    expect(formula.parts[0]!.lines.map((l) => l.role)).toEqual([undefined, undefined, undefined, undefined]);
    expect(formula.method.filter((m) => /xanthan/.test(m.text))).toEqual([]);
    expect(formula.method[0]!.actions![0]!.uses).toHaveLength(3);
  });

  it('a pan of iron is on the hob, and minutes are of each side', () => {
    const [cooked] = actsOf('Hot dry cast-iron, 1.5-2 min/side till blistered.');
    expect([cooked!.kind, cooked!.perSide, cooked!.until]).toEqual(['cook', true, 'blistered']);
    expect(actsOf('25cm springform, base-lined.')[0]!.until).toBeUndefined();
  });
});

describe('the last look of a baker', () => {
  it('an oven that goes down after a time is two stretches and two acts', () => {
    const { bake, method } = read(
      'Preheat 200/180 fan. Mix all, shape.\n15 min, then down to 180 for 30-35.',
    );
    expect(bake?.phases?.map((p) => [p.min, p.ovenC])).toEqual([
      [15, 200],
      [32.5, 180],
    ]);
    expect(method.at(-1)!.actions!.map((a) => [a.kind, a.tempC, a.minutes])).toEqual([
      ['bake', 200, [15, 15]],
      ['bake', 180, [30, 35]],
    ]);
    expect(read("Oven 170°. Mix all. Into tin. 40'.").bake).toMatchObject({ ovenC: 170, minutes: [40, 40] });
  });

  it.each([
    ['zest of 2 oranges + 60 ml juice', ['orange_zest', 'orange_juice']],
    ['zest of 2 oranges + 60 ml milk', ['orange_zest', 'milk']],
    ['milk, sugar to glaze', ['milk', 'sugar']],
    ['milk, warmed to blood heat', ['milk']],
  ])('%s', (row, ids) => expect(idOf(row)).toEqual(ids));

  it('fats are rubbed into what flour there is; extras come last; a tin with no verb is made ready', () => {
    const text =
      'Dry\n225 g GF plain flour\n2 g xanthan\n100 g sugar\nFats\n110 g butter\n30 g lard\nExtras\n100 g dried figs\n75 g walnuts\n50 g olive oil';
    const acts = actsOf(
      '22 cm springform, paper base, oil sides. Rub fats in. Stir in sugar + gum. Fry 2 min, drain on paper.',
      text,
    );
    expect(acts.map((a) => [a.kind, a.things])).toEqual([
      ['prepare', []],
      ['rub', ['butter', 'lard', 'olive_oil', 'gf_blend']],
      ['mix', ['sugar', 'xanthan_gum']],
      ['cook', []],
      ['drain', []],
    ]);
    const bread = 'Dry\n200 g rice flour\nWet\n300 g water\nExtras\n100 g dried figs\n75 g walnuts';
    expect(actsOf('Mix flour and water. Add extras.', bread)[1]!.things).toEqual(['dried_figs', 'walnuts']);
  });
});

describe('a gingerbread as it was pasted', () => {
  const { formula, lines } = readFormula({
    text: 'Sticky pear gingerbread\n\n8oz SR flour (g.f.)\n1 heaped tsp ginger, 1 tsp bicarb\n4oz butter\n4oz dark brown sugar\n8 fl oz milk\n1 egg\n2 pears, diced\nflaky salt on top\n\n1 Oven 160C/140 fan. Line 7" deep square.\n2 Melt butter and sugar gently. Off heat stir in the milk, then the egg.\n3 Pour into the dry, beat. Fold in the pears.\n4 Into the tin, 50-55 min, foil after 30. Cool in tin.\n12 squares.',
  });
  it('has all its rows where they belong', () => {
    expect(formula.parts.map((p) => p.lines.length)).toEqual([9]);
    expect(lines.flatMap((l) => l.issues)).toEqual([]);
    expect(formula.yield).toEqual({ pieces: 12, name: 'squares' });
    expect(formula.tin?.shape).toBe('square');
    expect(formula.bake).toMatchObject({ ovenC: 160, minutes: [50, 55] });
    // A number of things that go in is no yield.
    expect(readFormula({ text: 'Base\n12 biscuits\n100 g butter' }).formula.parts[0]!.lines).toHaveLength(2);
  });
  it('takes the dry things into which the sugar did not go, and stirs off the heat', () => {
    const acts = formula.method.flatMap((s) => s.actions ?? []).map((a) => [a.kind, a.uses?.length ?? 0]);
    expect(acts).toEqual([
      ['preheat', 0],
      ['prepare', 0],
      ['melt', 2],
      ['mix', 2],
      ['mix', 3],
      ['fold', 1],
      ['bake', 0],
      ['cool', 0],
    ]);
  });
});

describe('a tin that only the title tells', () => {
  it.each([
    ['Carrot cake (2 x 20cm)', [2, 20]],
    ['Almond cake, 23 cm', [1, 23]],
    ['Ginger cake', undefined],
    ['Biscuits (12 pieces)', undefined],
  ])('%s', (title, tin) => {
    const told = read('Mix all. Bake 40 min at 180 C.', LIST, title).tin;
    expect(told && [told.count, told.cm?.wide]).toEqual(tin);
  });
  it('is the one of the method where that tells one', () => {
    expect(
      read('Line a 900 g loaf tin. Mix all. Bake 40 min at 180 C.', LIST, 'Almond cake, 23 cm').tin?.shape,
    ).toBe('loaf');
  });
});
