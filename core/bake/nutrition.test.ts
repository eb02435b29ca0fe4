import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lookupReference } from '../ingredients';
import { anyPart, formula, line } from '../testing/build';
import type { Formula } from '../formula';
import { labelDecimals, NUTRIENTS, nutritionOf, per100 } from './nutrition';

const of = (f: Formula) => nutritionOf(f, lookupReference);
const batter = (rows: Record<string, number>): Formula => formula('batter', rows);
const baked = (f: Formula): Formula => ({ ...f, bake: { ovenC: 180, minutes: [25, 30], fan: false } });

describe('nutrition of a batch', () => {
  // Regulation (EU) 1169/2011, Annex XIV: carbohydrate 17 kJ and 4 kcal a gram, fat 37 and 9.
  it('has its energy by the factors of the law', () => {
    const sugar = of(batter({ sugar: 100 }));
    expect(sugar.kcal.value / 400).toBeCloseTo(1, 1);
    expect(sugar.kj.value / 1700).toBeCloseTo(1, 1);
    const oil = of(batter({ sunflower_oil: 100 }));
    // Tables give oil 884 kcal, by a factor of its own: within 2 %.
    expect(Math.abs(oil.kcal.value / 900 - 1)).toBeLessThan(0.02);
    expect(Math.abs(oil.kj.value / 3700 - 1)).toBeLessThan(0.02);
  });

  // Annex I: salt is sodium × 2.5. Sodium bicarbonate is 27.37 % sodium by molar mass (22.990 / 84.007).
  it('counts the sodium of soda as salt, that of potassium bicarbonate not', () => {
    expect(of(batter({ soda: 1 })).of.salt.value).toBeCloseTo(2.5 * 0.2737, 2);
    expect(of(batter({ potassium_bicarbonate: 1 })).of.salt.value).toBe(0);
    expect(of(batter({ salt: 5, soda: 2 })).of.salt.value).toBeCloseTo(5 + 2 * 0.684, 1);
    // A usual powder holds about a quarter of soda: between 0.1 and 0.25 g of salt a gram from it alone.
    const powder = of(batter({ baking_powder: 1 })).of.salt.value;
    expect(powder).toBeGreaterThan(0.1);
    expect(powder).toBeLessThan(0.25);
  });

  // How much clings: common practice, no source.
  it('what is brushed on, boiled in or fried in counts as far as it clings', () => {
    const dough = { white_rice_flour: 300, water: 300 };
    const beside = (id: string, g: number, role: 'wash' | 'bath' | 'release') => {
      const f = batter(dough);
      return of({ ...f, parts: [{ ...f.parts[0]!, lines: [...f.parts[0]!.lines, line(id, g, { role })] }] });
    };
    const plain = of(batter(dough));
    const egg = lookupReference({ kind: 'ref', id: 'egg' })!.energyKcal.value / 100;
    expect(beside('egg', 50, 'wash').kcal.value - plain.kcal.value).toBeCloseTo(25 * egg, 3);
    expect(beside('molasses', 40, 'bath').kcal.value).toBeCloseTo(plain.kcal.value, 6);
    const fried = beside('sunflower_oil', 1000, 'bath');
    expect(fried.of.fat.value - plain.of.fat.value).toBeCloseTo(60, 0);
    expect(beside('sunflower_oil', 20, 'bath').of.fat.value - plain.of.fat.value).toBeCloseTo(20, 0);
  });

  it('carbohydrate takes in sugars and polyols and leaves out fibre', () => {
    const flour = of(batter({ white_rice_flour: 100 }));
    const i = lookupReference({ kind: 'ref', id: 'white_rice_flour' })!;
    expect(flour.of.carbohydrate.value).toBeCloseTo(i.per100g.starch!.value + i.per100g.sugars!.value, 6);
    expect(flour.of.fibre.value).toBeCloseTo(i.per100g.fibre!.value, 6);
  });

  it('is for what comes out of the oven: lighter than what went in, with its spread; raw it is all there', () => {
    const rows = { white_rice_flour: 200, sugar: 100, water: 200 };
    expect(of(batter(rows)).bakedG).toEqual({ value: 500, basis: 'derived' });
    const out = of(baked(batter(rows)));
    expect(out.bakedG.value).toBeLessThan(470);
    expect(out.bakedG.value).toBeGreaterThan(430);
    expect(out.bakedG.sd).toBeGreaterThan(1);
    expect(per100(out.kcal, out).value).toBeCloseTo((100 * out.kcal.value) / out.bakedG.value, 9);
  });

  it('what is not known is named and counts as nothing; greasing that is weighed counts', () => {
    const f = batter({ sugar: 100 });
    const unknown = { ...line('sugar', 5), id: 'x', item: { kind: 'unknown' as const, text: 'moondust' } };
    const part = {
      ...f.parts[0]!,
      lines: [...f.parts[0]!.lines, unknown, line('butter', 10, { role: 'release' })],
    };
    const told = of({ ...f, parts: [part] });
    expect(told.unknownLines).toEqual(['x']);
    expect(told.of.fat.value).toBeGreaterThan(7);
  });

  it('adds up: two batches hold twice as much, and parts hold what they hold together', () => {
    fc.assert(
      fc.property(anyPart, anyPart, (a, b) => {
        const f = (parts: Formula['parts']): Formula => ({ ...batter({}), parts });
        const [x, y] = [of(f([a])), of(f([{ ...b, id: 'p2' }]))];
        const both = of(f([a, { ...b, id: 'p2' }]));
        for (const n of NUTRIENTS) expect(both.of[n].value).toBeCloseTo(x.of[n].value + y.of[n].value, 6);
        expect(both.kcal.value).toBeCloseTo(x.kcal.value + y.kcal.value, 6);
        // No batch holds more than it weighs.
        expect(both.of.fat.value + both.of.carbohydrate.value + both.of.protein.value).toBeLessThanOrEqual(
          both.bakedG.value * 1.0001,
        );
      }),
      { numRuns: 50 },
    );
  });

  // European Commission, guidance on tolerances for nutrient values, December 2012, section 6.
  it('shows as many digits as a label does', () => {
    expect(labelDecimals('energy', 312.4)).toBe(0);
    expect(labelDecimals('fat', 18.2)).toBe(0);
    expect(labelDecimals('fibre', 3.44)).toBe(1);
    expect(labelDecimals('salt', 1.24)).toBe(1);
    expect(labelDecimals('salt', 0.664)).toBe(2);
  });
});
