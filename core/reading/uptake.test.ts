import { describe, expect, it } from 'vitest';
import { doughMassG, explainProperty, inBowlG, massOf, profileOf } from '../formula';
import { ingredientById, lookupReference } from '../ingredients';
import { readFormula } from './read';
import { boiledFrom, uptakeOf } from './uptake';

const read = (text: string, method = '') => readFormula({ title: 'Buckwheat loaf', text, method }).formula;
const LOAF = '240 g water\n9 g salt\n15 g psyllium husk powder';

describe('what takes up water before it goes in', () => {
  it('soaked and drained in its row: the dry grams stay, the water is in the bowl and not on the scale', () => {
    const f = read(`500 g raw buckwheat groats, soaked overnight and drained\n${LOAF}`);
    const [groats] = f.parts[0]!.lines;
    expect(massOf(groats!)).toBe(500);
    // Common practice, no source: groats drink about eight tenths of their weight in a night.
    expect(inBowlG(groats!)).toBeCloseTo(900, 0);
    expect(doughMassG(f)).toBeCloseTo(500 + 400 + 240 + 9 + 15, 0);
    const water = profileOf(f.parts[0]!, lookupReference).props.freeWater;
    expect(water.value).toBeCloseTo(640, 0);
    expect(water.sd).toBeGreaterThan(60);
  });

  it('or in its method; not where it is soaked and not drained, or was weighed wet', () => {
    const told =
      'Soak the groats overnight.\nDrain the groats well and blend with everything else.\nBake 1 hour at 180 °C.';
    const up = (row: string, method = '') => read(`${row}\n${LOAF}`, method).parts[0]!.lines[0]!.uptake;
    expect(up('500 g buckwheat groats', told)?.value).toBeCloseTo(0.8, 6);
    expect(
      up('500 g buckwheat groats', told.replace('Drain the groats well and blend', 'Blend')),
    ).toBeUndefined();
    expect(up('900 g buckwheat groats, soaked and drained, drained weight')).toBeUndefined();
    expect(up('500 g white rice flour, soaked and drained')).toBeUndefined();
  });

  it('boiled, by the water contents of the raw and the boiled food', () => {
    // USDA FoodData Central, SR Legacy (figures from memory): 100 g raw quinoa is about 305 g boiled, brown rice 295 g.
    expect(100 * (1 + boiledFrom(13.3, 71.6)[0])).toBeCloseTo(305, 0);
    expect(100 * (1 + uptakeOf(ingredientById('brown_rice')!)!.boiled![0])).toBeCloseTo(295, 0);
  });

  it('each property opened sums to what the profile says', () => {
    const part = read(`200 g cashews, soaked 4 h, drained\n100 g rice flour\n${LOAF}`).parts[0]!;
    for (const key of ['mass', 'water', 'freeWater', 'fat'] as const) {
      const { inputs, result } = explainProperty(part, key, lookupReference);
      expect(inputs.reduce((s, i) => s + i.value, 0)).toBeCloseTo(result.value, 6);
    }
  });
});
