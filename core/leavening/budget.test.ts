import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { profileOf, type Part } from '../formula';
import { ingredientById, lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { anyPart, line, part } from '../testing/build';
import { altitudeAdvice, asTeaspoons, exchangesFor, liftOf, repairsOf, risksOf, SODA_MMOL_G } from './index';

const ACIDS = {
  lemon: ingredientById('lemon_juice')!,
  vinegar: ingredientById('cider_vinegar')!,
  powder: ingredientById('baking_powder')!,
};
const of = (rows: Record<string, number>, classId: Part['classId'] = 'muffin') =>
  part(
    classId,
    Object.entries(rows).map(([id, g]) => line(id, g)),
  );
const lift = (rows: Record<string, number>, classId?: Part['classId']) =>
  liftOf(of(rows, classId), lookupReference);
const SODA_TSP = 4.7;

describe('acid against soda (common practice, no source)', () => {
  it('a teaspoon of soda with two tablespoons of lemon juice is about half met', () => {
    const b = lift({ white_rice_flour: 250, soda: SODA_TSP, lemon_juice: 30 });
    expect(b.metShare).toBeGreaterThan(0.38);
    expect(b.metShare).toBeLessThan(0.55);
    expect(b.effect).toBe('soapy');
  });

  it('half a teaspoon of soda with 240 g buttermilk is nearly neutral; 15 g vinegar leave about half of it over', () => {
    const buttermilk = lift({ white_rice_flour: 250, soda: SODA_TSP / 2, buttermilk: 240 });
    expect(buttermilk.metShare).toBeGreaterThan(0.8);
    const vinegar = lift({ white_rice_flour: 250, soda: SODA_TSP / 2, soy_drink: 225, cider_vinegar: 15 });
    expect(1 - vinegar.metShare!).toBeGreaterThan(0.4);
    expect(1 - vinegar.metShare!).toBeLessThan(0.6);
    // 26 to 32 g of vinegar are what keeps it working.
    const [more] = repairsOf(vinegar, ACIDS);
    expect(more).toMatchObject({ id: 'more_acid', with: 'cider_vinegar' });
    expect(15 + (more as { massG: number }).massG).toBeGreaterThan(25);
    expect(15 + (more as { massG: number }).massG).toBeLessThan(35);
  });

  it('powder alone: a teaspoon for 120 to 140 g of flour is inside the window, five are too much', () => {
    expect(lift({ white_rice_flour: 130, water: 120, baking_powder: 4.6 }).state).toBe('inside');
    expect(lift({ white_rice_flour: 130, water: 120, baking_powder: 22 }).state).toBe('high');
    expect(lift({ white_rice_flour: 130, water: 120, baking_powder: 1 }).state).toBe('low');
  });
});

describe('laws of the budget', () => {
  it('gas is what is met and half of what is not, powder beside it; nothing is made of nothing', () => {
    fc.assert(
      fc.property(anyPart, fc.double({ min: 0, max: 8, noNaN: true }), (p, sodaG) => {
        const b = liftOf(
          { ...p, lines: [...p.lines.filter((l) => l.id !== 'soda'), line('soda', sodaG)] },
          lookupReference,
        );
        const met = Math.min(b.acidMmol.value, b.baseMmol.value);
        const soda = b.gas
          .filter((g) => g.kind === 'met' || g.kind === 'heat')
          .reduce((s, g) => s + g.mmol, 0);
        expect(soda).toBeCloseTo(met + 0.5 * (b.baseMmol.value - met), 6);
        expect(b.residueMmol.value).toBeCloseTo(b.baseMmol.value - b.acidMmol.value, 9);
        expect(b.dissolvedMmol).toBeLessThanOrEqual(b.gasMmol + 1e-9);
        for (const g of b.gas) expect(g.benchMmol).toBeLessThanOrEqual(g.mmol + 1e-9);
        expect(b.ovenMl).toBeGreaterThanOrEqual(b.coldMl);
      }),
      { numRuns: 60 },
    );
  });

  it('is linear in the batch', () => {
    for (const d of DEMO_FORMULAS)
      for (const p of readFormula(d).formula.parts) {
        const twice = { ...p, lines: [...p.lines, ...p.lines.map((l) => ({ ...l, id: `${l.id}b` }))] };
        const [a, b] = [liftOf(p, lookupReference), liftOf(twice, lookupReference)];
        expect(b.gasMmol).toBeCloseTo(2 * a.gasMmol, 6);
        if (a.gasPer100 !== null) expect(b.gasPer100).toBeCloseTo(a.gasPer100, 6);
        expect(b.metShare ?? 0).toBeCloseTo(a.metShare ?? 0, 9);
      }
  });

  it('thinner air makes more of the same gas', () => {
    const p = of({ white_rice_flour: 130, water: 120, baking_powder: 5 });
    const high = altitudeAdvice(2000)!;
    expect(liftOf(p, lookupReference, high.pressurePa).ovenMl).toBeGreaterThan(
      1.5 * liftOf(p, lookupReference).ovenMl,
    );
  });
});

describe('the same gas another way', () => {
  it('every exchange gives the gas of what it replaces', () => {
    for (const id of ['baking_powder', 'powder_phosphate_free', 'soda']) {
      const from = ingredientById(id)!;
      const mmol = from.gasMmolG.value * 10;
      const all = exchangesFor(from, 10, ACIDS);
      expect(all.length).toBeGreaterThan(0);
      for (const e of all) {
        const gas = e.items.reduce((s, i) => s + i.massG * ingredientById(i.id)!.gasMmolG.value, 0);
        expect(gas, e.id).toBeCloseTo(mmol, 0);
        const acid = e.items.reduce((s, i) => s + i.massG * ingredientById(i.id)!.acidMmolG.value, 0);
        if (id !== 'soda') expect(acid / mmol, e.id).toBeCloseTo(1, 1);
      }
    }
    expect(exchangesFor(ingredientById('sugar')!, 10, ACIDS)).toEqual([]);
  });

  it('a quarter of soda, half of tartar, a quarter of starch: the usual powder of the house', () => {
    const home = exchangesFor(ingredientById('baking_powder')!, 10, ACIDS)[0]!;
    const total = home.items.reduce((s, i) => s + i.massG, 0);
    const share = (id: string) => home.items.find((i) => i.id === id)!.massG / total;
    expect(share('soda')).toBeCloseTo(0.23, 1);
    expect(share('cream_of_tartar')).toBeCloseTo(0.52, 1);
    expect(share('corn_starch')).toBeCloseTo(0.25, 6);
  });

  it('less soda and powder for it: the gas stays, the alkali goes', () => {
    const rows = { white_rice_flour: 250, soda: SODA_TSP, lemon_juice: 30 };
    const before = lift(rows);
    const repair = repairsOf(before, ACIDS).find((r) => r.id === 'less_soda')!;
    const after = lift({ ...rows, soda: repair.toG, baking_powder: repair.powderG });
    expect(after.residueMmol.value).toBeCloseTo(0, 6);
    expect(after.gasMmol).toBeCloseTo(before.gasMmol, 6);
    expect(repairsOf(after, ACIDS)).toEqual([]);
    expect(asTeaspoons(before.residueMmol.value)).toBeCloseTo(
      before.residueMmol.value / SODA_MMOL_G / 4.7,
      9,
    );
  });
});

describe('what may go wrong', () => {
  const state = (rows: Record<string, number>) => {
    const p = of(rows);
    return { budget: liftOf(p, lookupReference), profile: profileOf(p, lookupReference) };
  };
  const MUFFIN = {
    white_rice_flour: 250,
    egg: 100,
    water: 150,
    baking_powder: 9,
    xanthan_gum: 2,
    sunflower_oil: 60,
  };
  const risks = (rows: Record<string, number>, more: { proof?: number; sunflower?: boolean } = {}) =>
    risksOf({
      source: state(MUFFIN),
      adapted: state(rows),
      proof: more.proof ?? null,
      sunflower: more.sunflower ?? false,
    });

  it('nothing changed, nothing to fear', () => {
    expect(risks(MUFFIN)).toEqual([]);
  });

  it('more gas in a weaker, wetter crumb is likely to sink; less gas stays dense', () => {
    const [first] = risks({ ...MUFFIN, egg: 0.001, water: 260, baking_powder: 22 });
    expect(first).toMatchObject({ id: 'sinks', level: 'likely' });
    expect(first!.because.map((b) => b.code)).toEqual(
      expect.arrayContaining(['risk.gasHigh', 'risk.lessBind']),
    );
    expect(risks({ ...MUFFIN, baking_powder: 2 })[0]).toMatchObject({ id: 'dense', level: 'likely' });
    expect(risks(MUFFIN, { proof: 1.3 })[0]).toMatchObject({
      id: 'sinks',
      repair: { code: 'repair.shorterProof' },
    });
    expect(risks(MUFFIN, { proof: 0.3 })[0]!.repair.code).toBe('repair.longerProof');
  });

  it('soda left over tastes, and turns sunflower green; much more binder makes tunnels', () => {
    const soda = risks({ ...MUFFIN, soda: 5, baking_powder: 3 }, { sunflower: true });
    expect(soda.map((r) => r.id)).toEqual(expect.arrayContaining(['soapy', 'green']));
    expect(risks({ ...MUFFIN, psyllium_powder: 20 }).map((r) => r.id)).toContain('tunnels');
  });
});

describe('altitude', () => {
  it('nothing is changed low down; from 900 m an eighth less powder, at 2 100 m a quarter (extension tables, from memory)', () => {
    expect(altitudeAdvice(300)!.change).toBeNull();
    expect(altitudeAdvice(900)!.change!.leaveningLess).toEqual([0.125, 0.125]);
    expect(altitudeAdvice(2100)!.change!.leaveningLess).toEqual([0.25, 0.25]);
    expect(altitudeAdvice(3500)!.change!.leaveningLess).toEqual([0.25, 0.25]);
    expect(altitudeAdvice(9500)).toBeNull();
    expect(altitudeAdvice(1600)!.boilsC).toBeCloseTo(94.7, 0);
  });

  it('changes grow with height', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 900, max: 4000, noNaN: true }),
        fc.double({ min: 0, max: 800, noNaN: true }),
        (m, up) => {
          const [a, b] = [altitudeAdvice(m)!.change!, altitudeAdvice(m + up)!.change!];
          expect(b.liquidMore[1]).toBeGreaterThanOrEqual(a.liquidMore[1] - 1e-12);
          expect(b.leaveningLess[0]).toBeGreaterThanOrEqual(a.leaveningLess[0] - 1e-12);
        },
      ),
    );
  });
});
