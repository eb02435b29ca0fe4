import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { jobStrength, kitById, type ClassId } from '../classes';
import type { ExclusionId } from '../exclusions';
import { profileOf, type Formula } from '../formula';
import { ingredientById, lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { formula } from '../testing/build';
import { freeDoses, leavesWindow } from '../testing/doses';
import { adapt, type AdaptInput } from './index';

/** What the trade does (common practice, no source), solved for and not looked up: the windows are the issue's. */
const run = (f: Formula, exclude: ExclusionId[], kit: [string, string], more: Partial<AdaptInput> = {}) =>
  adapt({ formula: f, exclude, pins: { kits: { [kit[0]]: kit[1] } }, ...more }, { lookup: lookupReference })
    .solutions[0]!;
type Solved = ReturnType<typeof run>;
const grams = (s: Solved, id: string): number =>
  s.moves.filter((m) => m.ingredientId === id && m.op === 'add').reduce((sum, m) => sum + m.toG!, 0);

const CAKE = {
  white_rice_flour: 150,
  tapioca_starch: 50,
  sugar: 120,
  egg: 100,
  sunflower_oil: 60,
  soy_drink: 120,
  baking_powder: 8,
  xanthan_gum: 1.5,
};
const BREAD = {
  brown_rice_flour: 250,
  tapioca_starch: 150,
  egg: 100,
  water: 330,
  sunflower_oil: 25,
  sugar: 15,
  salt: 8,
  instant_yeast: 7,
  xanthan_gum: 6,
};
const COOKIE = {
  brown_rice_flour: 180,
  tapioca_starch: 60,
  sugar: 150,
  egg: 50,
  plant_block: 120,
  baking_powder: 3,
  xanthan_gum: 1,
};
const EGG = 'p1:egg:dough';

describe('doses an egg, in a cake, a bread and a cookie', () => {
  const BAKES: [ClassId, Record<string, number>][] = [
    ['batter', CAKE],
    ['yeast_loaf', BREAD],
    ['cookie', COOKIE],
  ];
  // Grams an egg: the windows of the trade.
  const DOSES: [string, string, number, number][] = [
    ['flax_gel', 'flax_ground', 6, 9],
    ['chia_gel', 'chia_ground', 6.5, 10],
    ['psyllium_gel', 'psyllium_powder', 2.6, 4.2],
    ['aquafaba', 'aquafaba', 40, 50],
    ['soy_yogurt_egg', 'soy_yogurt', 48, 62],
  ];
  it.each(BAKES.flatMap(([c, rows]) => DOSES.map((d) => [c, rows, ...d] as const)))(
    '%s as %s',
    (classId, rows, kit, id, lo, hi) => {
      const s = run(formula(classId, rows), ['egg'], [EGG, kit]);
      const each = grams(s, id) / (rows.egg! / 50);
      expect(each).toBeGreaterThanOrEqual(lo - 1e-6);
      expect(each).toBeLessThanOrEqual(hi + 1e-6);
      // Not at the edge because a bound holds it there: nothing had to be widened.
      expect(s.widened.filter((w) => w.code === 'widened.dose')).toEqual([]);
    },
  );
  it.each([
    ['batter', CAKE],
    ['cookie', COOKIE],
  ] as const)('purée for an egg of a %s: 56 to 66 g', (classId, rows) => {
    const each =
      grams(run(formula(classId, rows), ['egg'], [EGG, 'apple_egg']), 'apple_puree') / (rows.egg / 50);
    expect(each).toBeGreaterThanOrEqual(56 - 1e-6);
    expect(each).toBeLessThanOrEqual(66 + 1e-6);
  });
});

describe('a filling that egg thickened, set by cornflour', () => {
  const CREAM = { milk: 500, egg_yolk: 80, sugar: 100, vanilla_extract: 4 };
  it.each([
    ['cornflour_pouring', 3, 4],
    ['cornflour_cream', 6, 8],
    ['cornflour_custard', 8, 10],
  ])('%s: %d to %d %% of the liquid', (kit, lo, hi) => {
    const f = formula('starch_set', CREAM);
    const s = run(f, ['egg'], ['p1:egg_yolk:dough', kit]);
    const liquid = profileOf(f.parts[0]!, lookupReference).props.freeWater.value;
    const percent = (100 * grams(s, 'corn_starch')) / liquid;
    expect(percent).toBeGreaterThanOrEqual(lo - 1e-6);
    expect(percent).toBeLessThanOrEqual(hi + 1e-6);
  });
});

describe('exchanges', () => {
  it('sugar to maple: more of it, the water of the syrup taken off, the change of sweetness inside its band or said', () => {
    const f = formula('batter', { ...CAKE, egg: 0.001, apple_puree: 60 });
    const s = run(f, ['refined_sugar'], ['p1:sugar:dough', 'maple_for_sugar']);
    const maple = grams(s, 'maple_syrup');
    expect(maple / 120).toBeGreaterThan(1.1);
    expect(maple / 120).toBeLessThanOrEqual(1.5);
    const wet = s.fit.find((x) => x.key === 'wetness')!;
    expect(wet.state === 'inside' || s.widened.some((w) => w.code === 'widened.wetness')).toBe(true);
    // 160 g of syrup bring some 50 g of water: the drink gives way, and that is said.
    expect(s.widened.some((w) => w.code === 'widened.line' && w.args.id === 'soy_drink')).toBe(true);
    expect(s.fit.some((x) => x.key === 'sugars')).toBe(true);
  });

  it('psyllium powder does as much as husk at about 85 % of its mass', () => {
    const does = (id: string) =>
      jobStrength(ingredientById(id)!, 'gel', 'yeast_loaf', 'shape').value +
      jobStrength(ingredientById(id)!, 'gel', 'yeast_loaf', 'hold_gas').value;
    const ratio = does('psyllium_husk') / does('psyllium_powder');
    expect(ratio).toBeGreaterThan(0.75);
    expect(ratio).toBeLessThan(0.92);
    const usual = (kit: string) => kitById(kit)!.items[0]!.dose.usual;
    expect(usual('psyllium_gel') / usual('psyllium_husk_gel')).toBeCloseTo(0.81, 1);
  });

  it('gum of a bread to psyllium powder: 3 to 6 % of the flour', () => {
    const { egg: _egg, ...bread } = BREAD;
    const s = run(
      formula('yeast_loaf', { ...bread, xanthan_gum: 10 }),
      ['gums'],
      ['p1:binder:dough', 'psyllium_for_gum'],
    );
    const percent = (100 * grams(s, 'psyllium_powder')) / 400;
    expect(percent).toBeGreaterThanOrEqual(2.8);
    expect(percent).toBeLessThanOrEqual(6);
  });

  it('coconut for almond flour: a quarter to a third, with fat and binder beside it', () => {
    const f = formula('cookie', {
      almond_flour: 200,
      brown_rice_flour: 100,
      sugar: 80,
      egg: 50,
      plant_block: 60,
    });
    const s = run(f, ['nuts'], ['p1:nut_flour:dough', 'coconut_for_nut_flour']);
    const share = grams(s, 'coconut_flour') / 200;
    expect(share).toBeGreaterThanOrEqual(0.25 - 1e-6);
    expect(share).toBeLessThanOrEqual(0.34);
    expect(grams(s, 'sunflower_oil')).toBeGreaterThan(50);
    expect(s.bringsIn.some((b) => b.avoid === 'coconut')).toBe(true);
  });

  it('buttermilk with more of its acid held back: 15 g vinegar for 240 g, less soda, and the acid it then lacks is said', () => {
    const f = formula('batter', { ...CAKE, egg: 0.001, soy_drink: 0.001, buttermilk: 240, soda: 2.5 });
    const kit: [string, string] = ['p1:cultured:dough', 'soy_vinegar'];
    const full = run(f, ['dairy'], kit);
    const line = full.moves.find((m) => m.ingredientId === 'cider_vinegar')!.lineId;
    const less = run(f, ['dairy'], kit, { pins: { kits: { [kit[0]]: kit[1] }, lines: { [line]: 15 } } });
    expect(grams(less, 'cider_vinegar')).toBeCloseTo(15, 6);
    expect(less.fit.find((x) => x.key === 'acid')!.adapted.value).toBeLessThan(
      full.fit.find((x) => x.key === 'acid')!.adapted.value - 5,
    );
    expect(less.fit.find((x) => x.key === 'acid')!.state).toBe('low');
  });

  it('acid that leaves with honey is made good where soda stays, and left where there is none', () => {
    const { egg: _egg, ...cake } = CAKE;
    const rows = { ...cake, sugar: 40, honey: 160 };
    const best = (soda: Record<string, number>) =>
      adapt(
        { formula: formula('batter', { ...rows, ...soda }), exclude: ['honey'] },
        { lookup: lookupReference },
      ).solutions[0]!;
    const made = best({ soda: 1 }).moves.find((m) => m.reason.code === 'move.acid')!;
    expect(made.ingredientId).toBe('cider_vinegar');
    // Honey's 6 mmol and a little less: some 2 to 8 g of vinegar.
    expect(made.toG).toBeGreaterThan(2);
    expect(made.toG).toBeLessThan(8);
    expect(best({}).moves.some((m) => m.reason.code === 'move.acid')).toBe(false);
    // Nothing that has to go comes in to mend it.
    const words = adapt(
      { formula: formula('batter', { ...rows, soda: 1 }), exclude: ['honey'], words: ['vinegar'] },
      { lookup: lookupReference },
    ).solutions[0]!;
    expect(words.moves.some((m) => m.ingredientId === 'cider_vinegar')).toBe(false);
  });

  it('a pastry without oil, dairy and nuts has an answer of low confidence, or says what is lost', () => {
    const f = formula('shortcrust', {
      white_rice_flour: 150,
      tapioca_starch: 60,
      butter: 110,
      almond_flour: 60,
      sugar: 20,
      water: 40,
    });
    const o = adapt({ formula: f, exclude: ['dairy', 'oil', 'nuts'] }, { lookup: lookupReference });
    const [best] = o.solutions;
    expect(best !== undefined || o.cannot.length > 0).toBe(true);
    if (best) {
      expect(best.cautions).toContain('no_snap');
      expect(best.confidence.level).not.toBe('good');
    }
  });
});

describe('doses without their windows', () => {
  it('few leave half to twice the usual: they are right by what they do, not by their bounds', () => {
    const doses = [DEMO_FORMULAS[0]!, DEMO_FORMULAS[3]!].flatMap((d) =>
      freeDoses(readFormula(d).formula, ['egg', 'dairy', 'nuts', 'oil']),
    );
    expect(doses.length).toBeGreaterThan(8);
    expect(doses.filter(leavesWindow).length / doses.length).toBeLessThan(0.25);
    expect(doses.some((d) => Math.abs(d.freeG - d.usualG) > 0.01 * d.usualG)).toBe(true);
  });
});
