import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boilingC, pressureAtPa, saturationPa, SEA_LEVEL_PA } from './index';

describe('the standard atmosphere', () => {
  // ISO 2533:1975, table 5 (Pa at geopotential heights), values from memory.
  it.each([
    [0, 101_325],
    [500, 95_460.8],
    [1000, 89_874.6],
    [2000, 79_495.2],
    [3000, 70_108.5],
    [5000, 54_019.9],
  ])('at %d m it is %d Pa, within 0.001 %%', (m, pa) => {
    expect(Math.abs(pressureAtPa(m)! / pa - 1)).toBeLessThan(1e-5);
  });

  it('is asked for heights people bake at only', () => {
    for (const m of [-401, 9001, Number.NaN, Number.POSITIVE_INFINITY]) expect(pressureAtPa(m)).toBeNull();
  });
});

describe('water boiling', () => {
  // IAPWS-IF97 (2007), table 35: saturation pressure, MPa, at K.
  it.each([
    [300, 0.353658941e-2],
    [500, 0.263889776e1],
    [600, 0.123443146e2],
  ])('the published check value at %d K', (k, mpa) => {
    expect(saturationPa(k - 273.15) / 1e6 / mpa).toBeCloseTo(1, 8);
  });
  // IAPWS-IF97 (2007), table 36: saturation temperature, K, at MPa.
  it.each([
    [0.1, 372.755919],
    [1, 453.035632],
    [10, 584.149488],
  ])('the published check value at %d MPa', (mpa, k) => {
    expect(boilingC(mpa * 1e6) + 273.15).toBeCloseTo(k, 5);
  });

  it('at sea level it boils at 99.97 °C; a kilometre up 3.3 °C lower', () => {
    expect(boilingC(SEA_LEVEL_PA)).toBeCloseTo(99.97, 2);
    expect(boilingC(SEA_LEVEL_PA) - boilingC(pressureAtPa(1000)!)).toBeCloseTo(3.3, 0);
  });

  it('pressure and boiling point undo each other', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 180, noNaN: true }), (t) => {
        expect(boilingC(saturationPa(t))).toBeCloseTo(t, 5);
      }),
    );
  });
});
