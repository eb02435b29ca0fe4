import { describe, expect, it } from 'vitest';
import { mainPart, massOf, profileOf } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { adapt } from './index';

const LOAF =
  '350 g white rice flour\n150 g tapioca starch\n10 g xanthan gum\n8 g instant yeast\n10 g salt\n3 eggs\n40 g sunflower oil\n380 g milk';
const METHOD =
  'Beat everything for 3 minutes.\nScrape into a 900 g loaf tin and prove 45 minutes.\nBake 50 minutes at 200 °C.';
const run = (exclude: Parameters<typeof adapt>[0]['exclude'], text = LOAF, title = 'White tin loaf') =>
  adapt(
    { formula: readFormula({ title, text, method: METHOD }).formula, exclude },
    { lookup: lookupReference },
  );

// Shares, water and times of psyllium breads: common practice, no source.
describe('a different bread that works', () => {
  it('stands beside the nearest answer where egg that held it goes: psyllium, more water, shaped, a pot', () => {
    const { other, solutions } = run(['egg', 'dairy']);
    expect(solutions.length).toBeGreaterThan(0);
    const main = mainPart(other!.formula.parts)!;
    expect(main.classId).toBe('gel_loaf');
    const ids = main.lines.map((l) => lookupReference(l.item)?.id);
    for (const gone of ['egg', 'xanthan_gum', 'milk']) expect(ids).not.toContain(gone);
    const { flourG, wetness } = profileOf(main, lookupReference);
    const psyllium = main.lines.find((l) => lookupReference(l.item)?.id === 'psyllium_powder')!;
    expect((100 * massOf(psyllium)) / flourG).toBeGreaterThan(5);
    expect((100 * massOf(psyllium)) / flourG).toBeLessThan(12);
    expect(other!.hydration).toBeGreaterThan(115);
    expect(other!.hydration).toBeLessThan(175);
    expect(wetness!.value).toBeGreaterThan(1);
    expect(other!.formula.bake!.phases!.map((p) => p.cover)).toEqual(['lid', 'none']);
    expect(other!.formula.tin).toBeUndefined();
    expect(other!.formula.method.map((s) => s.kind)).toEqual([
      'gel',
      'mix',
      'shape',
      'proof',
      'bake',
      'cool',
    ]);
  });

  it('is not offered where egg stays, in a cake, or where psyllium holds already', () => {
    expect(run(['dairy']).other).toBeNull();
    expect(
      run(['egg'], '200 g rice flour\n150 g sugar\n3 eggs\n100 g oil\n8 g baking powder', 'Plain cake').other,
    ).toBeNull();
    const held =
      '400 g buckwheat flour\n24 g psyllium husk powder\n8 g instant yeast\n8 g salt\n1 egg\n500 g water';
    expect(run(['egg'], held, 'Free-form round loaf').other).toBeNull();
  });
});

// Shares, water and times of a poured loaf and of rolled buns: common practice, no source.
describe('other bakes that work', () => {
  const of = (title: string, text: string, method: string, ask: Partial<Parameters<typeof adapt>[0]>) =>
    adapt(
      { formula: readFormula({ title, text, method }).formula, exclude: [], ...ask },
      { lookup: lookupReference },
    );
  const grams = (f: NonNullable<ReturnType<typeof of>['other']>['formula'], id: string): number =>
    f.parts
      .flatMap((p) => p.lines)
      .reduce((s, l) => s + (lookupReference(l.item)?.id === id ? massOf(l) : 0), 0);

  it('a loaf held by psyllium that must lose it is one held by gum: poured, in a tin, with less water', () => {
    const text =
      '400 g buckwheat flour\n100 g tapioca starch\n25 g psyllium husk powder\n8 g instant yeast\n9 g salt\n560 g water';
    const method =
      'Whisk psyllium into the water to a gel.\nKnead with the rest. Shape a round, prove 1 h.\nBake 55 min at 230 °C.';
    const { other } = of('Free-form round', text, method, { words: ['psyllium'] });
    expect(other!.kind).toBe('gum');
    expect(grams(other!.formula, 'psyllium_powder')).toBe(0);
    expect((100 * grams(other!.formula, 'xanthan_gum')) / 500).toBeCloseTo(2.5, 1);
    expect(grams(other!.formula, 'water')).toBeLessThan(560);
    expect(other!.hydration).toBeGreaterThan(80);
    expect(other!.formula.tin).toMatchObject({ shape: 'loaf' });
    expect(other!.formula.method.map((s) => s.kind)).toEqual(['mix', 'fill', 'proof', 'bake', 'cool']);
    expect(of('Free-form round', text, method, { exclude: ['egg'] }).other).toBeNull();
  });

  it('a dough with butter rolled in, where no firm fat is left, makes rolled buns', () => {
    const text =
      '400 g sorghum flour\n100 g tapioca starch\n25 g psyllium husk powder\n10 g instant yeast\n8 g salt\n50 g sugar\n480 g milk\n200 g butter, cold';
    const method =
      'Knead all but the butter to a dough, chill 1 hour.\nRoll the butter into a sheet between papers, lock in the butter, fold in three; twice more.\nRoll out, cut triangles, shape. Prove 90 min. Bake 20 min at 200 °C.';
    const { other } = of('Harbour crescents', text, method, { exclude: ['dairy', 'oil'] });
    expect(other!.kind).toBe('rolled');
    const { parts } = other!.formula;
    expect(parts[0]!.classId).toBe('bun');
    for (const gone of ['butter', 'milk', 'plant_block']) expect(grams(other!.formula, gone)).toBe(0);
    expect(grams(other!.formula, 'sunflower_seed_butter')).toBeGreaterThan(100);
    expect(other!.formula.yield!.pieces).toBeGreaterThan(10);
  });
});

describe('mixes that are bought, and sugar', () => {
  const answers = (text: string, exclude: Parameters<typeof adapt>[0]['exclude']) =>
    adapt(
      {
        formula: readFormula({ title: 'Quay muffins', text, method: 'Whisk. Bake 22 min at 190 °C.' })
          .formula,
        exclude,
      },
      { lookup: lookupReference },
    );
  const CAKE =
    '240 g gluten-free flour blend with xanthan\n120 g sugar\n8 g baking powder\n120 g eggs\n180 g milk\n90 g butter';
  it('a mix with gum gives way to one that has none, or to a mix of one’s own of the same starch and thirst', () => {
    const o = answers(CAKE, ['gums']);
    expect(o.solutions[0]!.kits['p1:blend:dough']).toBe('gumless_mix');
    expect(o.options.map((x) => x.kitId)).toEqual(
      expect.arrayContaining(['own_rice_mix', 'own_buckwheat_mix']),
    );
    const before = profileOf(readFormula({ text: CAKE }).formula.parts[0]!, lookupReference).props;
    for (const s of o.solutions) {
      const after = profileOf(s.formula.parts[0]!, lookupReference).props;
      for (const key of ['starch', 'demand', 'protein'] as const)
        expect(
          Math.abs(after[key].value - before[key].value) / before[key].value,
          `${s.key} ${key}`,
        ).toBeLessThan(0.2);
    }
  });
  it('sugar gives way by its sweetness, a syrup brings its water, a polyol its caution', () => {
    const o = answers(CAKE, ['refined_sugar']);
    const of = (id: string) => o.options.find((x) => x.kitId === id)!;
    const g = (id: string) => of(id).amounts.reduce((s, a) => s + (a.massG ?? 0), 0);
    // Erythritol is about two thirds as sweet as sugar, xylitol as sweet (published sweetness, from memory).
    expect(g('xylitol_for_sugar') / 120).toBeCloseTo(1, 1);
    expect(g('erythritol_for_sugar')).toBeGreaterThan(1.04 * 120);
    expect(of('maple_for_sugar').feasible).toBe(true);
    const maple = adapt(
      {
        formula: readFormula({ title: 'Quay muffins', text: CAKE }).formula,
        exclude: ['refined_sugar'],
        pins: { kits: { 'p1:sugar:dough': 'maple_for_sugar' } },
      },
      { lookup: lookupReference },
    ).solutions[0]!;
    // A third of the syrup is water: less milk goes in.
    const milk = maple.formula.parts[0]!.lines.find((l) => lookupReference(l.item)?.id === 'milk')!;
    expect(massOf(milk)).toBeLessThan(180);
    const xylitol = adapt(
      {
        formula: readFormula({ title: 'Quay muffins', text: CAKE }).formula,
        exclude: ['refined_sugar'],
        pins: { kits: { 'p1:sugar:dough': 'xylitol_for_sugar' } },
      },
      { lookup: lookupReference },
    ).solutions[0]!;
    expect(xylitol.cautions).toContain('laxative');
  });
});
