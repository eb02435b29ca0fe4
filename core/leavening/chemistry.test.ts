import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ingredientById } from '../ingredients';
import {
  acidFor,
  dissolvedMmol,
  gasMl,
  LEAST_POWDER_CO2,
  moistGasMl,
  neutralisingValue,
  powderMmolG,
  SODA_MMOL_G,
} from './index';
import { HANDBOOK_NV } from './data/acids';

const acid = (id: string): number => ingredientById(id)!.acidMmolG.value;

describe('soda and acids', () => {
  it('a gram of soda is 11.90 mmol', () => {
    expect(SODA_MMOL_G).toBeCloseTo(11.904, 3);
    expect(ingredientById('soda')!.baseMmolG.value).toBeCloseTo(SODA_MMOL_G, 1);
  });

  // Handbook neutralising values (from memory) beside the exact stoichiometry.
  it.each([
    ['cream_of_tartar', 45, 1],
    ['gdl', 47.5, 3],
    ['tartaric_acid', 112, 2],
    ['citric_acid', 131, 1],
    ['lactic', 93, 1],
    ['acetic', 140, 1],
  ] as const)('%s: 100 g meet %d g of soda', (id, handbook, within) => {
    expect(Math.abs(neutralisingValue(id) - handbook)).toBeLessThanOrEqual(within);
  });

  it('our table of ingredients says the same as the stoichiometry', () => {
    for (const id of ['citric_acid', 'tartaric_acid', 'cream_of_tartar', 'gdl'] as const)
      expect(acid(id)).toBeCloseTo((SODA_MMOL_G * neutralisingValue(id)) / 100, 0);
    // Vinegar of 5 % acetic acid; lactic acid of 0.9 % in yogurt.
    expect(acid('cider_vinegar')).toBeCloseTo((SODA_MMOL_G * 0.05 * neutralisingValue('acetic')) / 100, 2);
    expect(acid('yogurt')).toBeCloseTo((SODA_MMOL_G * 0.009 * neutralisingValue('lactic')) / 100, 1);
  });

  it('phosphates of our table are those of their handbook values', () => {
    expect(acid('monocalcium_phosphate')).toBeCloseTo(
      (SODA_MMOL_G * HANDBOOK_NV.monocalcium_phosphate!.value) / 100,
      0,
    );
    expect(acid('sapp')).toBeCloseTo((SODA_MMOL_G * HANDBOOK_NV.sapp!.value) / 100, 0);
  });

  it('2.24 g of tartar meet a gram of soda, as home powder has it (2 : 1 by the spoon)', () => {
    expect(acidFor(1, neutralisingValue('cream_of_tartar'))).toBeCloseTo(2.24, 2);
  });

  it('the least powder has 12 % CO2, that is 2.73 mmol/g; ours lies above', () => {
    expect(powderMmolG(LEAST_POWDER_CO2)).toBeCloseTo(2.73, 2);
    expect(ingredientById('baking_powder')!.gasMmolG.value).toBeGreaterThanOrEqual(2.73);
    expect(ingredientById('powder_phosphate_free')!.gasMmolG.value).toBeGreaterThanOrEqual(2.73);
  });
});

describe('gas', () => {
  it('a mole at 0 °C and one atmosphere is 22.414 L, at 25 °C 24.465 L (CODATA)', () => {
    expect(gasMl(1000, 0)).toBeCloseTo(22_414, 0);
    expect(gasMl(1000, 25)).toBeCloseTo(24_465, 0);
  });

  it('at 90 °C with vapour in the bubble a mmol is about 97 mL, at water activity 0.9 about 79', () => {
    expect(moistGasMl(1, 90)).toBeGreaterThan(94);
    expect(moistGasMl(1, 90)).toBeLessThan(99);
    expect(moistGasMl(1, 90, 0.9)).toBeCloseTo(79, 0);
    expect(moistGasMl(1, 100.1)).toBe(Number.POSITIVE_INFINITY);
  });

  it('a litre of water keeps 33 mmol at 25 °C, about twice that at 4 °C', () => {
    expect(dissolvedMmol(1000)).toBeCloseTo(33, 6);
    // Henry's law: solubility of CO2 at 4 °C is 1.9 to 2.0 times that at 25 °C (handbook tables, from memory).
    const ratio = dissolvedMmol(1000, 4) / dissolvedMmol(1000);
    expect(ratio).toBeGreaterThan(1.7);
    expect(ratio).toBeLessThan(2.1);
  });

  it('is linear in the gas, and never less moist than dry', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        fc.double({ min: 5, max: 95, noNaN: true }),
        (n, t) => {
          expect(gasMl(2 * n, t)).toBeCloseTo(2 * gasMl(n, t), 6);
          expect(moistGasMl(n, t)).toBeGreaterThanOrEqual(gasMl(n, t));
          expect(moistGasMl(n, t, 0)).toBeCloseTo(gasMl(n, t), 6);
        },
      ),
    );
  });
});
