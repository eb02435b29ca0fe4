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
