import { describe, expect, it } from 'vitest';
import { readFormula } from './read';

/** Formulas of our own, as people keep them: what each should be read as is common practice, no source. */
const read = (text: string) => readFormula({ text }).formula;
/** Ingredients with their grams, whole; a line that is not known as its words. */
const lines = (text: string): string[] =>
  read(text).parts.flatMap((p) =>
    p.lines.map(
      (l) =>
        `${l.item.kind === 'ref' ? l.item.id : `?${l.item.kind === 'unknown' ? l.item.text : ''}`} ${Math.round(l.amount.massG?.value ?? -1)}`,
    ),
  );
const kinds = (text: string): string =>
  read(text)
    .method.flatMap((s) => (s.actions ?? []).map((a) => a.kind))
    .join(' ');

describe('formulas as people keep them', () => {
  it('notes in one’s own hand: amounts behind their things, numbers without units, words cut short', () => {
    const note = `Harbour polenta cake, from my notebook
butter 180 (soft)
caster 190
alm. 170 ground
polenta 90 fine
bp 1.5t
eggs 3
zest 2 lemons, juice 1
syrup: juice 1 lemon + 90 icing
cream butt + sug, add dry & eggs bit by bit. 20 cm springform. gas 4 45m. prick, syrup on hot`;
    expect(lines(note)).toEqual([
      'butter 180',
      'sugar 190',
      'almond_flour 170',
      'maize_meal 90',
      'baking_powder 7',
      'egg 150',
      'lemon_zest 12',
      'lemon_juice 45',
      'lemon_juice 45',
      'icing_sugar 90',
    ]);
    const f = read(note);
    expect(f.title).toContain('polenta cake');
    expect(f.parts.map((p) => p.name)).toEqual(['', 'syrup']);
    // Gas mark 4 is 350 °F.
    expect(f.bake).toMatchObject({ minutes: [45, 45] });
    expect(f.bake!.ovenC).toBeCloseTo(176.7, 1);
    // What was taken without a unit is said.
    const said = readFormula({ text: note }).lines.flatMap((l) => l.issues.map((i) => i.code));
    expect(said.filter((c) => c === 'amount.bareGrams')).toHaveLength(5);
  });

  it('told in one breath: a name, the things, the steps', () => {
    const told =
      'My aunt’s ferry shortbread: 210g butter, 100g caster sugar, 220g rice flour, 100g cornflour, pinch of salt. Cream butter & sugar, work in flours and salt, press into a 23cm round tin, prick all over. Bake 150C about 45-50 min until pale gold.';
    expect(lines(told)).toEqual([
      'butter 210',
      'sugar 100',
      'white_rice_flour 220',
      'corn_starch 100',
      'salt 0',
    ]);
    expect(read(told)).toMatchObject({
      title: 'My aunt’s ferry shortbread',
      bake: { ovenC: 150, minutes: [45, 50] },
    });
    expect(
      lines(
        'Flatbreads (makes 6): 180g plain yogurt | 190g gf self raising | 1 tsp psyllium powder\nMix, rest 10, divide into 6. Dry fry 2 min each side.',
      ),
    ).toHaveLength(3);
  });

  it('two bowls of one batter are one part; a bake needs no verb once the oven is hot', () => {
    const loaf = `MARROW LOAF (gf!!) – makes 1 big loaf, cuts into about 12
Wet bits
300g marrow, grated
3 eggs beaten
110ml sunflower oil (or melted butter)
Dry bits
240g plain gf flour blend w/ xanthan
140 g soft brown sugar
1½ tsp baking powder, ½ tsp bicarb

Oven 170 fan / 190 conventional. Grease + line a 2lb loaf tin.
Whisk the wet, stir into the dry.
Into the tin, 55-60 mins til a skewer is clean. Cover w foil after 40 if getting dark.`;
    const f = read(loaf);
    expect(f.parts).toHaveLength(1);
    expect(f.title).toMatch(/^MARROW LOAF/);
    expect(f.bake).toMatchObject({ ovenC: 190, minutes: [55, 60] });
    expect(kinds(loaf)).toBe('preheat prepare prepare whisk bake bake');
  });

  it('leaders, numbers, arrows and who wrote it are no part of a row', () => {
    expect(
      lines(
        'Lock loaf\nTeff flour ........ 150 g\nBuckwheat flour ... 200 g\nWarm water ........ 380 ml\nStir all together.\nBake 40 min at 200 °C.',
      ),
    ).toEqual(['teff_flour 150', 'buckwheat_flour 200', 'water 380']);
    expect(
      lines(
        'Quay cakes\n1. 200g rice flour\n2. 100ml oat milk\n3. oil for the rings\na) whisk flour and milk\nb) cook 8 min',
      ),
    ).toHaveLength(3);
    const posted = read(
      'Posted by Wren on Thursday\nSoft rolls, no dairy\n3/4 c. warm potato water\n200 g tapioca flour\n1. Mix.\n2. Bake at 375 for 22-25 min.',
    );
    expect(posted.title).toBe('Soft rolls, no dairy');
    const arrows = read(
      '★ Deck blondies ★\n1 x 400g tin chickpeas, drained (240g drained)\n50g gf oats, whizzed to flour\n→ Oven on to 180/160 fan.\n→ Whizz everything, scrape into a lined 8" square tin.\n→ 22-25 mins: golden at the edges. Cool completely!!',
    );
    expect(arrows.title).toBe('Deck blondies');
    expect(arrows.bake).toMatchObject({ ovenC: 180, minutes: [22, 25] });
    expect(arrows.parts[0]!.lines.map((l) => [l.amount.massG?.value, l.role])).toEqual([
      [240, undefined],
      [50, undefined],
    ]);
  });

  it('what is shared, soaked, bracketed or kept back counts as it is meant', () => {
    expect(lines('flour: 300g (half rice half sorghum), 90g potato starch, 12 g psyllium')).toEqual([
      'white_rice_flour 150',
      'sorghum_flour 150',
      'potato_starch 90',
      'psyllium_husk 12',
    ]);
    const dates = read(
      '190g dates, soaked in 150ml boiling water 20 mins, NOT drained\n75g dark choc, chopped (keep some back for the top)\n2 balls mozzarella (120g each) torn',
    ).parts[0]!.lines;
    expect(dates.map((l) => Math.round(l.amount.massG?.value ?? -1))).toEqual([190, 150, 75, 240]);
    expect(dates.some((l) => l.uptake)).toBe(false);
    expect(dates[2]!.role).toBeUndefined();
  });

  it.each([
    ['2 yolks', 'egg_yolk 34'],
    ['3 large whites, whisked', 'egg_white 99'],
    ['3 lemons (zest+juice, about 120ml)', 'lemon_zest 18, lemon_juice 124'],
    ['zest/juice of 1 lime', 'lime_zest 4, lime_juice 30'],
    ['200 g gf sourdough discard (brown rice)', 'rice_starter 200'],
    ['90 g sunflower, 60 g pumpkin, 30 g flax seeds', 'sunflower_seeds 90, pumpkin_seeds 60, flax_whole 30'],
    ['200 g pumpkin, 60 g leek', 'squash_puree 200, leek 60'],
    ['1 c. buttermilk or 1 c. oat milk + 1 T. vinegar', 'buttermilk 245'],
    ['1 cup milk or 1 cup oat milk, 1 tsp vanilla', 'milk 244, vanilla 4'],
    ['1/2 t. bk. soda', 'soda 2'],
    ['1 tbsp melted butter for the rings & pan', 'butter 14'],
    ['1/2 c. rice bran oil', 'rice_bran_oil 109'],
  ])('%s', (row, want) => {
    expect(lines(`200 g rice flour\n${row}`).slice(1).join(', ')).toBe(want);
  });

  it('what is written as gluten-free is never silently a thing with gluten', () => {
    for (const name of ['gf seitan', 'gluten-free barley malt', 'gluten-free rye flour']) {
      const [, line] = read(`200 g rice flour\n50 g ${name}`).parts[0]!.lines;
      expect(line!.item.kind, name).toBe('unknown');
    }
  });

  it('ovens, times and tins without their units', () => {
    const f = read(
      "Dark loaf\n2 cups rice flour\n3 eggs\n1 cup sugar\n\nPreheat 350. Line 9x5. Mix all, rest 15'. Bake 50' until dark.",
    );
    expect(Math.round(f.bake!.ovenC!)).toBe(177);
    expect(f.bake!.minutes).toEqual([50, 50]);
    expect(f.tin).toMatchObject({ shape: 'loaf', written: '9x5' });
  });
});
