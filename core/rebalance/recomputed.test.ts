import { describe, expect, it } from 'vitest';
import type { ExclusionId } from '../exclusions';
import { massOf, profileOf } from '../formula';
import { idOf, lookupReference } from '../ingredients';
import { liftOf } from '../leavening';
import { readFormula } from '../reading';
import { adapt } from './adapt';

/**
 * Ten answers worked out once more by other figures than the engine's. Water and salt, g in 100 g: USDA FoodData Central, SR
 * Legacy (sodium times 2.5 as salt), from memory; of what it does not have (a plant block, seed meal, psyllium) what packets
 * print, common practice, no source.
 */
const PER_100: Record<string, { water: number; salt: number }> = {
  white_rice_flour: { water: 11.9, salt: 0 },
  corn_starch: { water: 8.3, salt: 0.02 },
  tapioca_starch: { water: 11, salt: 0 },
  sorghum_flour: { water: 10.3, salt: 0.01 },
  buckwheat_flour: { water: 11.2, salt: 0.03 },
  chickpea_flour: { water: 10.3, salt: 0.16 },
  pumpkin_seed_meal: { water: 6, salt: 0.02 },
  pumpkin_seed_butter: { water: 2, salt: 0.02 },
  sugar: { water: 0, salt: 0 },
  brown_sugar: { water: 1.3, salt: 0.07 },
  egg: { water: 76.2, salt: 0.36 },
  soy_drink: { water: 92, salt: 0.1 },
  soy_yogurt: { water: 88, salt: 0.1 },
  oat_drink: { water: 90, salt: 0.1 },
  psyllium_powder: { water: 7, salt: 0.1 },
  silken_tofu: { water: 88, salt: 0.01 },
  banana: { water: 74.9, salt: 0 },
  apple_puree: { water: 88.2, salt: 0 },
  flax_ground: { water: 7, salt: 0.08 },
  chia_ground: { water: 5.8, salt: 0.04 },
  butter: { water: 16.2, salt: 0.03 },
  plant_block: { water: 18, salt: 0.9 },
  sunflower_oil: { water: 0, salt: 0 },
  lemon_juice: { water: 92.3, salt: 0 },
  xanthan_gum: { water: 11, salt: 0 },
  instant_yeast: { water: 5.1, salt: 0.13 },
  baking_powder: { water: 5, salt: 0 },
  soda: { water: 0.2, salt: 0 },
  salt: { water: 0.2, salt: 100 },
  water: { water: 100, salt: 0 },
};
/** g/mol: IUPAC's standard atomic weights, added up. */
const [NAHCO3, CO2, CITRIC, MALIC] = [84.007, 44.009, 192.12, 134.09];
/**
 * Acid, mmol of protons a g: lemon juice 48 g citric acid a litre of 1.03 kg (Penniston et al., J. Endourol. 22, 2008, from
 * memory), three protons; banana 0.35 % as malic acid, two; brown sugar and soy drink little, common practice.
 */
const ACID: Record<string, number> = {
  lemon_juice: ((48 / 1030) * 3 * 1000) / CITRIC,
  banana: (0.0035 * 2 * 1000) / MALIC,
  brown_sugar: 0.03,
  soy_drink: 0.01,
  // About 0.8 % lactic acid (90.08 g/mol, one proton), as in yogurt of milk.
  soy_yogurt: (0.008 * 1000) / 90.08,
};
/** Of a baking powder at least 12 % is gas (US federal specification, from memory); no household powder gives more than 16 %. */
const POWDER_CO2 = [0.12, 0.16] as const;

const WHISKED = 'Whisk everything.\nBake 40 min at 175 °C.';
const TEN: [title: string, rows: string, method: string, exclude: ExclusionId[]][] = [
  ['Muffins', '240 g white rice flour\n120 g sugar\n8 g baking powder\n2 g salt\n120 g eggs\n180 g milk\n90 g butter', 'Whisk eggs, milk and melted butter.\nStir in the rest.\nBake 22 min at 190 °C.', ['egg', 'dairy']],
  ['Soda bread', '300 g sorghum flour\n100 g tapioca starch\n5 g bicarbonate of soda\n6 g salt\n360 g buttermilk\n60 g eggs', 'Mix. Bake 45 min at 200 °C.', ['egg', 'dairy']],
  ['Yogurt cake', '200 g white rice flour\n60 g cornflour\n150 g sugar\n4 g bicarbonate of soda\n2 g salt\n180 g eggs\n200 g plain yogurt\n90 g sunflower oil\n20 g lemon juice', WHISKED, ['dairy']],
  ['Shortbread', '220 g white rice flour\n100 g cornflour\n200 g butter\n100 g sugar\n2 g salt', 'Rub the butter in. Press. Bake 40 min at 150 °C.', ['dairy']],
  ['Loaf', '300 g white rice flour\n150 g tapioca starch\n12 g xanthan gum\n7 g instant yeast\n9 g salt\n150 g eggs\n40 g sunflower oil\n360 g water', 'Beat. Prove 45 min. Bake 50 min at 200 °C.', ['egg']],
  ['Pancakes', '200 g buckwheat flour\n8 g baking powder\n3 g salt\n120 g eggs\n280 g milk\n30 g butter', 'Whisk. Fry 2 min a side.', ['egg', 'dairy']],
  ['Almond cake', '200 g ground almonds\n100 g white rice flour\n150 g sugar\n150 g eggs\n120 g butter\n6 g baking powder\n2 g salt', 'Cream butter and sugar, beat in the eggs, fold in the rest. Bake 40 min at 170 °C.', ['nuts']],
  ['Banana bread', '250 g white rice flour\n300 g banana\n100 g brown sugar\n100 g eggs\n80 g sunflower oil\n5 g bicarbonate of soda\n4 g salt\n15 g lemon juice', 'Mix. Bake 55 min at 175 °C.', ['egg', 'oil']],
  ['Salted cookies', '200 g white rice flour\n150 g salted butter\n100 g brown sugar\n50 g eggs\n3 g baking powder\n2 g salt', 'Cream butter and sugar, add egg, fold in flour. Bake 12 min at 180 °C.', ['egg', 'dairy']],
  ['Set filling', '400 g milk\n150 g eggs\n80 g sugar\n10 g cornflour', 'Cook on the hob until thick.', ['egg', 'dairy']],
]; // prettier-ignore

describe('ten answers, worked out by hand', () => {
  it.each(TEN)('%s: water, salt, soda neutralised and gas', (title, text, method, exclude) => {
    const { formula } = readFormula({ title, text, method });
    const [best] = adapt({ formula, exclude }, { lookup: lookupReference }).solutions;
    const part = best!.formula.parts[0]!;
    const rows = part.lines.map((l) => ({ id: idOf(l.item)!, g: massOf(l) }));
    for (const { id } of rows) expect(PER_100, `figures of ${id}`).toHaveProperty(id);
    const sum = (of: (id: string) => number) => rows.reduce((s, { id, g }) => s + g * of(id), 0);
    const { props } = profileOf(part, lookupReference);

    const water = sum((id) => PER_100[id]!.water / 100);
    expect(Math.abs(props.water.value - water)).toBeLessThan(0.03 * water + 1);
    const salt = sum((id) => PER_100[id]!.salt / 100);
    expect(Math.abs(props.salt.value - salt)).toBeLessThan(0.08 * salt + 0.1);

    const lift = liftOf(part, lookupReference);
    const of = (kind: string): number => lift.gas.find((x) => x.kind === kind)?.mmol ?? 0;
    const base = sum((id) => (id === 'soda' ? 1000 / NAHCO3 : 0));
    expect(Math.abs(lift.baseMmol.value - base)).toBeLessThan(1e-3 * base + 1e-9);
    const acid = sum((id) => ACID[id] ?? 0);
    if (base > 0) {
      expect(Math.abs(lift.acidMmol.value - acid)).toBeLessThan(0.2 * acid);
      // HCO3- and H+ give one CO2; what meets no acid gives half by heat: 2 NaHCO3 -> Na2CO3 + H2O + CO2.
      const met = Math.min(lift.acidMmol.value, base);
      expect(of('met')).toBeCloseTo(met, 1);
      expect(of('heat')).toBeCloseTo((base - met) / 2, 1);
      // Soda that is left is less than a bake bears: no soapy answer stands first.
      expect(lift.residueMmol.value / lift.massG).toBeLessThan(0.045);
    }
    const powderG = sum((id) => (id === 'baking_powder' ? 1 : 0));
    expect(of('powder')).toBeGreaterThanOrEqual((1000 * POWDER_CO2[0] * powderG) / CO2 - 1e-9);
    expect(of('powder')).toBeLessThanOrEqual((1000 * POWDER_CO2[1] * powderG) / CO2 + 1e-9);
  });
});
