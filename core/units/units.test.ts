import fc from 'fast-check';
import { unit as mathUnit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import {
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  GAS_MARKS,
  gasMarkToFahrenheit,
  isCountUnit,
  isMassUnit,
  toGrams,
  toMillilitres,
  US_MEASURES,
  type MassUnit,
  type VolumeUnit,
} from './units';

/** Names by which mathjs, the reference library, knows the same US customary units. */
const MASS: [MassUnit, string][] = [
  ['mg', 'mg'],
  ['g', 'g'],
  ['kg', 'kg'],
  ['oz', 'oz'],
  ['lb', 'lbm'],
];
const VOLUME: [VolumeUnit, string][] = [
  ['ml', 'ml'],
  ['cl', 'centiliter'],
  ['dl', 'deciliter'],
  ['l', 'l'],
  ['cup', 'cup'],
  ['floz', 'fluidounce'],
  ['pint', 'pint'],
  ['quart', 'quart'],
];

describe('units against mathjs', () => {
  it.each(MASS)('one %s is the mass mathjs gives', (ours, theirs) => {
    expect(toGrams(1, ours)).toBeCloseTo(mathUnit(1, theirs).toNumber('g'), 9);
  });

  // mathjs rounds its customary volumes (a cup is 236.588 mL there): 5 ppm.
  it.each(VOLUME)('one %s is the volume mathjs gives', (ours, theirs) => {
    const reference = mathUnit(1, theirs).toNumber('ml');
    expect(Math.abs(toMillilitres(1, ours, US_MEASURES) / reference - 1)).toBeLessThan(5e-6);
  });

  it('mathjs has the metric spoons', () => {
    const metric = { cup: 'metric', spoon: 'metric' } as const;
    expect(toMillilitres(1, 'tsp', metric)).toBeCloseTo(mathUnit(1, 'teaspoon').toNumber('ml'), 12);
    expect(toMillilitres(1, 'tbsp', metric)).toBeCloseTo(mathUnit(1, 'tablespoon').toNumber('ml'), 12);
  });

  it('converts temperatures as mathjs does', () => {
    for (const f of [-40, 32, 212, 325, 350, 425]) {
      expect(fahrenheitToCelsius(f)).toBeCloseTo(mathUnit(f, 'degF').toNumber('degC'), 9);
    }
  });
});

describe('unit laws', () => {
  it('°F and °C round-trip', () => {
    fc.assert(
      fc.property(fc.double({ min: -300, max: 1000, noNaN: true }), (c) => {
        expect(fahrenheitToCelsius(celsiusToFahrenheit(c))).toBeCloseTo(c, 9);
      }),
    );
  });

  it('metric spoons and cups are the round ones; 16 US tablespoons fill a US cup', () => {
    const metric = { cup: 'metric', spoon: 'metric' } as const;
    expect(toMillilitres(2, 'tbsp', metric)).toBe(30);
    expect(toMillilitres(1, 'cup', metric)).toBe(250);
    expect(toMillilitres(3, 'tsp', US_MEASURES)).toBeCloseTo(toMillilitres(1, 'tbsp', US_MEASURES), 9);
    expect(toMillilitres(16, 'tbsp', US_MEASURES)).toBeCloseTo(toMillilitres(1, 'cup', US_MEASURES), 9);
    expect(toMillilitres(16, 'pinch', US_MEASURES)).toBeCloseTo(toMillilitres(1, 'tsp', US_MEASURES), 9);
  });

  it('knows the kind of every unit', () => {
    expect([isMassUnit('lb'), isMassUnit('cup'), isCountUnit('stick'), isCountUnit('g')]).toEqual([
      true,
      false,
      true,
      false,
    ]);
  });

  // Common practice, no source: the usual table of gas ovens.
  it('gas marks are 25 °F apart, mark 4 at 350 °F', () => {
    expect(GAS_MARKS.map(gasMarkToFahrenheit)).toEqual([275, 300, 325, 350, 375, 400, 425, 450, 475]);
    expect(Math.round(fahrenheitToCelsius(gasMarkToFahrenheit(6)))).toBe(204);
  });
});
