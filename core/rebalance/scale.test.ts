import { argOf } from '../explain';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { doughMassG, profileOf, type Formula, type StatedTin } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { formula } from '../testing/build';
import {
  adapt,
  fillOf,
  rounded,
  roundedG,
  scaled,
  scaleFactor,
  scaleStep,
  sized,
  type ScaleTo,
} from './index';

const DEMOS = DEMO_FORMULAS.map((d) => readFormula(d).formula);
const F = formula('bun', {
  white_rice_flour: 300,
  tapioca_starch: 100,
  water: 320,
  salt: 8,
  instant_yeast: 6,
  sunflower_oil: 26,
});
const k = (to: ScaleTo, f = F) => scaleFactor(f, to, lookupReference);

const TIN: StatedTin = {
  shape: 'loaf',
  written: '900 g loaf tin',
  volumeMl: { value: 1755, basis: 'practice' },
  count: 1,
};

describe('scaling', () => {
  it('by batch, dough, flour, one line, pieces and tin', () => {
    expect(k({ by: 'batch', times: 2.5 })).toBe(2.5);
    expect(k({ by: 'dough', massG: 1520 })).toBeCloseTo(2, 12);
    expect(k({ by: 'flour', massG: 500 })).toBeCloseTo(1.25, 12);
    // "I have 370 g of this."
    expect(k({ by: 'line', lineId: 'white_rice_flour', massG: 370 })).toBeCloseTo(370 / 300, 12);
    // Eight rolls of 90 g out of the oven at 12 % bake loss need 818 g of dough.
    expect(k({ by: 'pieces', pieces: 8, eachG: 90, lossPercent: 12 })! * 760).toBeCloseTo(818.18, 2);
    expect(k({ by: 'tin', tin: TIN, fill: 0.6 })! * 760).toBeCloseTo(1755 * 0.6 * 1.05, 6);
  });

  it('for a tin it names the tin, twice two of them is twice as much, and its own fill gives itself back', () => {
    const in900 = { ...F, tin: TIN };
    expect(sized(F, { by: 'tin', tin: TIN, fill: 0.6 }, lookupReference)!.formula.tin).toEqual(TIN);
    const one = scaleFactor(F, { by: 'tin', tin: TIN, fill: 0.6 }, lookupReference)!;
    const two = scaleFactor(F, { by: 'tin', tin: { ...TIN, count: 2 }, fill: 0.6 }, lookupReference)!;
    expect(two).toBeCloseTo(2 * one, 9);
    expect(scaleFactor(in900, { by: 'tin', tin: TIN, fill: fillOf(in900) }, lookupReference)).toBeCloseTo(
      1,
      9,
    );
    expect(fillOf(F)).toBe(0.6);
    // A larger batch takes more of the same tins.
    const tins = (times: number) => sized(in900, { by: 'batch', times }, lookupReference)!.formula.tin!.count;
    expect([0.4, 1, 1.4, 2, 3.5].map(tins)).toEqual([1, 1, 1, 2, 4]);
  });

  it('counts the pieces it then makes: those asked for, else its own times the factor', () => {
    const buns: Formula = { ...F, yield: { pieces: 9, name: 'buns' } };
    const made = (to: ScaleTo, f = buns) => sized(f, to, lookupReference)?.formula.yield;
    expect(made({ by: 'batch', times: 2 })).toEqual({ pieces: 18, name: 'buns' });
    expect(made({ by: 'batch', times: 0.01 })).toEqual({ pieces: 1, name: 'buns' });
    expect(made({ by: 'pieces', pieces: 8, eachG: 90, lossPercent: 12 })).toEqual({
      pieces: 8,
      name: 'buns',
    });
    expect(made({ by: 'batch', times: 2 }, F)).toBeUndefined();
    expect(sized(buns, { by: 'batch', times: 0 }, lookupReference)).toBeNull();
  });

  it('has no factor where there is nothing to go by, or out of all measure', () => {
    expect(k({ by: 'flour', massG: 500 }, formula('glaze', { sugar: 100, water: 20 }))).toBeNull();
    expect(k({ by: 'line', lineId: 'nothing', massG: 5 })).toBeNull();
    for (const times of [0, -1, 1e9, Number.NaN]) expect(k({ by: 'batch', times })).toBeNull();
  });

  it('is linear: every mass and every additive property k times, wetness and percentages as they were', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DEMOS), fc.double({ min: 0.05, max: 50, noNaN: true }), (f, factor) => {
        const g = scaled(f, factor);
        f.parts.forEach((p, i) => {
          const [a, b] = [profileOf(p, lookupReference), profileOf(g.parts[i]!, lookupReference)];
          for (const key of ['mass', 'water', 'fat', 'starch', 'salt', 'energy'] as const)
            expect(b.props[key].value).toBeCloseTo(factor * a.props[key].value, 4);
          if (a.wetness) expect(b.wetness!.value).toBeCloseTo(a.wetness.value, 9);
        });
        expect(scaleFactor(g, { by: 'dough', massG: doughMassG(f) }, lookupReference)).toBeCloseTo(
          1 / factor,
          6,
        );
      }),
    );
  });
});

describe('rounding to what a scale shows', () => {
  it('no line moves by more than half a step, and nothing becomes nothing', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 5000, noNaN: true }), (g) => {
        const r = roundedG(g);
        expect(r).toBeGreaterThan(0);
        expect(Math.abs(r - g)).toBeLessThanOrEqual(Math.max(scaleStep(g) / 2, 0.1) + 1e-9);
      }),
    );
    expect([roundedG(7.04), roundedG(19.96), roundedG(20.4), roundedG(133.5)]).toEqual([7, 20, 20, 134]);
  });

  it('moves wetness by less than one percent on every demo, and says which property it takes out', () => {
    for (const f of DEMOS) {
      const best = adapt({ formula: f, exclude: ['egg'] }, { lookup: lookupReference }).solutions[0]!;
      const r = rounded(best.formula, f, lookupReference);
      expect(r.wetnessPercent, f.title).toBeLessThan(1);
      for (const { key } of r.left) expect(best.fit.find((x) => x.key === key)!.state).toBe('inside');
      for (const l of r.formula.parts.flatMap((p) => p.lines))
        if (l.amount.massG) expect(roundedG(l.amount.massG.value, 0.1)).toBeCloseTo(l.amount.massG.value, 9);
    }
  });
});

describe('the method at another size', () => {
  const METHOD = [
    'Whisk 100 g of the rice flour with the yeast and 2 tbsp water.',
    'Mix in the rest of the flour, the salt, the oil and the water.',
    'Divide into 8 pieces of about 75 g each and shape.',
    'Prove 45 minutes at 28 °C, then bake at 220 °C for 18 minutes.',
  ];
  const buns = {
    ...readFormula({
      title: 'Rolls',
      text: '300 g white rice flour\n100 g tapioca starch\n320 g water\n8 g salt\n6 g instant yeast\n26 g sunflower oil',
      method: METHOD.join('\n'),
    }).formula,
    yield: { pieces: 8, name: 'rolls' },
  };
  const said = (to: ScaleTo): string[] =>
    sized(buns, to, lookupReference)!.formula.method.map((s) => {
      let text = s.text;
      for (const w of [...(s.swaps ?? [])].reverse())
        text = `${text.slice(0, w.from)}${argOf(w.msg, 'word')}${text.slice(w.to)}`;
      return text;
    });

  it('says its amounts, pieces and what one weighs as they now are, and no time or heat', () => {
    const [mix, , divide, bake] = said({ by: 'batch', times: 2.5 });
    expect(mix).toBe('Whisk 250 g of the rice flour with the yeast and 5 tbsp water.');
    expect(divide).toBe('Divide into 20 pieces of about 75 g each and shape.');
    expect(bake).toBe(METHOD[3]);
    expect(said({ by: 'batch', times: 1.25 })[0]).toContain('2½ tbsp');
    expect(said({ by: 'pieces', pieces: 6, eachG: 90, lossPercent: 10 })[2]).toBe(
      'Divide into 6 pieces of about 100 g each and shape.',
    );
  });

  it('at its own size is as it was written, and a document from before there were links is linked first', () => {
    expect(said({ by: 'batch', times: 1 })).toEqual(METHOD);
    const old = { ...buns, method: buns.method.map(({ actions: _, ...s }) => s) };
    expect(sized(old, { by: 'batch', times: 2 }, lookupReference)!.formula.method[2]!.swaps?.length).toBe(1);
  });

  it('the swaps of a step never lie over each other, whatever the size', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DEMOS), fc.double({ min: 0.1, max: 20, noNaN: true }), (f, times) => {
        for (const s of sized(f, { by: 'batch', times }, lookupReference)!.formula.method)
          (s.swaps ?? []).reduce((end, w) => {
            expect(w.from).toBeGreaterThanOrEqual(end);
            return w.to;
          }, 0);
      }),
    );
  });
});
