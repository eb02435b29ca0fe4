import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { line, part } from '../testing/build';
import { adapt } from './index';
import { between, weighedOf, type Weighed } from './why';
import { newWarnings, warningsOf } from './warnings';

const outcomes = DEMO_FORMULAS.map((d) =>
  adapt({ formula: readFormula(d).formula, exclude: ['egg', 'dairy'] }, { lookup: lookupReference }),
);

describe('why this and not that', () => {
  it('says nothing of the best way, and something of one that is clearly behind', () => {
    for (const { options, solutions } of outcomes) {
      for (const o of options.filter((x) => x.feasible)) {
        if (o.behind === 0) expect(o.because, o.kitId).toEqual([]);
        if (o.behind > 1) expect(o.because.length, `${o.conflictId} ${o.kitId}`).toBeGreaterThan(0);
      }
      expect(solutions[0]?.because ?? []).toEqual([]);
      for (const s of solutions.slice(1)) expect(s.because.length).toBeLessThanOrEqual(3);
    }
  });
});

describe('between any two', () => {
  it('what decides is said both ways, and a way that is chosen is what the others are held against', () => {
    const formula = readFormula(DEMO_FORMULAS[0]!).formula;
    const ask = { formula, exclude: ['egg', 'dairy'] as const };
    const kits = { 'p1:egg:dough': 'aquafaba' };
    const pinned = adapt({ ...ask, exclude: [...ask.exclude], pins: { kits } }, { lookup: lookupReference });
    const eggs = pinned.options.filter((o) => o.conflictId === 'p1:egg:dough' && o.feasible);
    expect(eggs.find((o) => o.kitId === 'aquafaba')!.beside).toBeNull();
    const others = eggs.filter((o) => o.kitId !== 'aquafaba');
    expect(others.every((o) => o.beside !== null)).toBe(true);
    // The best of all has something for it beside what was chosen.
    expect(eggs.find((o) => o.behind === 0)!.beside!.forIt.length).toBeGreaterThan(0);
    const [a, b] = outcomes[0]!.solutions.slice(-2).map(weighedOf) as [Weighed, Weighed];
    const said = between(a, b);
    expect(between(b, a)).toEqual({ against: said.forIt, forIt: said.against });
  });
});

describe('one set of checks for every answer', () => {
  const cake = (powderG: number) =>
    part('batter', [
      line('white_rice_flour', 200),
      line('water', 200),
      line('sugar', 100),
      line('baking_powder', powderG),
    ]);
  const codes = (p: ReturnType<typeof part>) => warningsOf(p, lookupReference).map((w) => w.code);

  it('names a dose well above its window, and no gas where there should be some', () => {
    expect(codes(cake(10))).toEqual([]);
    expect(codes(cake(40))).toEqual(
      expect.arrayContaining(['check.powder', 'warned.dose', 'warned.gasHigh']),
    );
    expect(codes(cake(1))).toContain('warned.gasLow');
  });

  it('doses psyllium by what the flour drinks: much on coconut flour is right, on rice it is not', () => {
    const slab = (flour: string, psylliumG: number) =>
      part('seed_loaf', [line(flour, 56), line('water', 300), line('psyllium_powder', psylliumG)]);
    expect(codes(slab('coconut_flour', 19))).toEqual([]);
    expect(codes(slab('white_rice_flour', 19))).toContain('warned.dose');
    const round = part('gel_loaf', [
      line('buckwheat_flour', 500),
      line('water', 600),
      line('psyllium_powder', 57),
    ]);
    expect(codes(round)).toEqual([]);
  });

  it('a set filling with too little starch stays a sauce', () => {
    const cream = (starchG: number) =>
      part('starch_set', [line('oat_drink', 500), line('sugar', 80), line('corn_starch', starchG)]);
    expect(codes(cream(12))).toContain('warned.thin');
    expect(codes(cream(40))).toEqual([]);
  });

  it('only what the source was not warned of counts against an answer', () => {
    const before = warningsOf(cake(40), lookupReference);
    expect(newWarnings(before, before)).toEqual([]);
    expect(newWarnings(before, []).length).toBe(before.length);
  });

  it('no demo answer comes first with a warning while another stands that has none', () => {
    for (const { solutions } of outcomes)
      if (solutions[0] && solutions[0].warned.length > 0)
        expect(solutions.every((s) => s.warned.length > 0)).toBe(true);
  });
});
