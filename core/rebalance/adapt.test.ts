import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { msg, type HeldThing } from '../explain';
import { kitById } from '../classes';
import { USUAL_EXCLUSIONS, type ExclusionId } from '../exclusions';
import { mapLines, massOf, type Formula } from '../formula';
import { idOf, lookupReference, type AvoidId } from '../ingredients';
import { readFormula } from '../reading';
import { anyPart, formula, WHOLE } from '../testing/build';
import { holds } from '../testing/oracle';
import { adapt, type AdaptInput, type Outcome, type Solution } from './index';

const run = (f: Formula, exclude: ExclusionId[], more: Partial<AdaptInput> = {}): Outcome =>
  adapt({ formula: f, exclude, ...more }, { lookup: lookupReference });

/** What the words mean, said here a second time by hand. */
const MEANS: Partial<Record<ExclusionId, AvoidId[]>> = {
  egg: ['egg'],
  dairy: ['milk'],
  nuts: ['tree_nut', 'peanut'],
  oil: ['oil'],
};
const breaches = (s: Solution, exclude: readonly ExclusionId[]): string[] =>
  s.formula.parts.flatMap((p) =>
    p.lines.flatMap((l) => {
      const id = l.item.kind === 'ref' ? l.item.id : '';
      const out: AvoidId[] = ['gluten', 'wheat', ...exclude.flatMap((e) => MEANS[e] ?? [])];
      return out.filter((a) => holds(id, a)).map((a) => `${id}: ${a}`);
    }),
  );

const SUBSETS = Array.from({ length: 15 }, (_, k) => USUAL_EXCLUSIONS.filter((_id, i) => ((k + 1) >> i) & 1));
const DEMOS = DEMO_FORMULAS.map((d) => ({
  title: d.title,
  formula: readFormula(d).formula,
  read: readFormula(d),
}));
/** Each formula with one thing, with all four, and with a third of the rest, another third for the next: `npm run prove` takes all. */
const CASES = DEMOS.flatMap((d, at) =>
  SUBSETS.filter((s, k) => WHOLE || s.length === 1 || s.length === 4 || (k + at) % 3 === 0).map(
    (s) => [d.title, s.join(' + '), d.formula, s] as const,
  ),
);

describe('demo formulas', () => {
  it.each(DEMOS.map((d) => [d.title, d] as const))('%s is read without a question', (_t, d) => {
    expect(d.read.lines.flatMap((l) => l.issues)).toEqual([]);
    expect(d.read.issues).toEqual([]);
    expect(d.formula.bake?.minutes?.[0]).toBeGreaterThan(1);
  });

  it.each(CASES)('%s without %s', (_t, _s, f, exclude) => {
    const { solutions, cannot, conflicts } = run(f, [...exclude]);
    expect(cannot).toEqual([]);
    expect(solutions.length).toBeGreaterThan(0);
    for (const s of solutions) {
      expect(breaches(s, exclude)).toEqual([]);
      expect(s.verdicts.every((v) => v.contains.length === 0)).toBe(true);
      for (const m of s.moves.filter((x) => x.op === 'keep')) expect(m.toG).toBe(m.fromG);
      const bands = s.fit.filter((x) => x.key === 'wetness' || x.key === 'mass');
      if (s.widened.every((w) => w.code === 'widened.line'))
        for (const b of bands) expect(b.state, `${s.key} ${b.key}`).toBe('inside');
      // An added amount stays in its kit's window unless the widening is said; a little water that evens out joins that of a
      // gel, and one line that came in for two has no window of one.
      const adapted = s.formula.parts.flatMap((p) => p.lines);
      const shared = new Set(adapted.filter((l) => l.alsoFor).map((l) => l.id));
      const wholeG = adapted.reduce((sum, l) => sum + massOf(l), 0);
      for (const m of s.moves.filter((x) => x.kitId && x.op === 'add' && x.toG !== null)) {
        const dose = kitById(m.kitId!)!.items.find(
          (i) => i.item.kind === 'ref' && i.item.id === m.ingredientId,
        )!.dose;
        const base = conflicts.find((c) => c.id === m.conflictId)!.massG! / (dose.per === 'egg' ? 50 : 1);
        const little = m.ingredientId === 'water' ? 0.03 * wholeG : 1e-6;
        const inWindow =
          shared.has(m.lineId) || (m.toG! >= dose.lo * base - 1e-6 && m.toG! <= dose.hi * base + little);
        expect(
          inWindow || s.widened.some((w) => w.code === 'widened.dose'),
          `${m.kitId} ${m.ingredientId}`,
        ).toBe(true);
      }
    }
    expect(new Set(solutions.map((s) => s.key)).size).toBe(solutions.length);
    expect(solutions.map((s) => s.total)).toEqual([...solutions.map((s) => s.total)].sort((a, b) => a - b));
  });

  it('the muffins lose all four at once and get a whole answer', () => {
    const [best] = run(DEMOS[0]!.formula, [...USUAL_EXCLUSIONS]).solutions;
    expect(Object.keys(best!.kits)).toHaveLength(5);
    expect(best!.confidence.level).not.toBe('low');
    expect(best!.formula.method.some((s) => s.notes.length > 0 || s.added)).toBe(true);
  });
});

describe('laws of adapting', () => {
  const anySubset = fc.subarray([...USUAL_EXCLUSIONS]);

  it('with nothing to remove the solver gives the source back', () => {
    fc.assert(
      fc.property(anyPart, (part) => {
        const f: Formula = { ...formula('batter', {}), parts: [part] };
        const [s] = run(f, []).solutions;
        expect(s!.formula.parts[0]!.lines.map((l) => l.id)).toEqual(part.lines.map((l) => l.id));
        s!.formula.parts[0]!.lines.forEach((l, i) =>
          expect(Math.abs(massOf(l) - massOf(part.lines[i]!))).toBeLessThan(1e-6),
        );
      }),
    );
  });

  it('random formulas: nothing excluded remains, or the need is named', () => {
    fc.assert(
      fc.property(anyPart, anySubset, (part, exclude) => {
        const { solutions, cannot, conflicts } = run({ ...formula('batter', {}), parts: [part] }, exclude);
        expect(solutions.length > 0 || cannot.length > 0).toBe(true);
        for (const c of cannot)
          expect([c.need.code.startsWith('cannot.'), c.clash.length > 0]).toEqual([true, true]);
        for (const s of solutions) {
          expect(breaches(s, exclude)).toEqual([]);
          for (const c of conflicts) expect(s.kits[c.id]).toBeTruthy();
          for (const p of s.formula.parts)
            for (const l of p.lines) expect(massOf(l)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('adapting twice breaks neither what went first nor what goes now', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DEMOS), anySubset, anySubset, (d, first, second) => {
        const once = run(d.formula, first).solutions[0]!;
        const twice = run(once.formula, second, { target: d.formula });
        for (const s of twice.solutions) expect(breaches(s, [...first, ...second])).toEqual([]);
        expect(twice.solutions.length).toBeGreaterThan(0);
      }),
      { numRuns: 25 },
    );
  });

  it('the same input gives the same answer', () => {
    const f = DEMOS[2]!.formula;
    expect(JSON.stringify(run(f, ['egg', 'dairy']))).toBe(JSON.stringify(run(f, ['egg', 'dairy'])));
  });
});

describe('what the baker holds', () => {
  const f = DEMOS[0]!.formula;
  const fitOf = (o: Outcome, key: string) => o.solutions[0]!.fit.find((x) => x.key === key)!;

  it('locked wetness and mass are equal to the source', () => {
    const o = run(f, ['egg', 'nuts'], { pins: { lockWetness: true, lockMass: true } });
    expect(fitOf(o, 'wetness').adapted.value).toBeCloseTo(fitOf(o, 'wetness').source.value, 9);
    expect(fitOf(o, 'mass').adapted.value).toBeCloseTo(fitOf(o, 'mass').source.value, 6);
  });

  it('a chosen kit and a held amount stay', () => {
    const kits = { 'p1:egg:dough': 'chia_gel' };
    const lineId = 'p1:egg:dough/chia_gel/chia_ground';
    const o = run(f, ['egg'], { pins: { kits, lines: { [lineId]: 15, l1: 140 } } });
    expect(o.solutions[0]!.kits).toEqual(kits);
    const mass = (id: string) => massOf(o.solutions[0]!.formula.parts[0]!.lines.find((l) => l.id === id)!);
    expect(mass(lineId)).toBeCloseTo(15, 9);
    expect(mass('l1')).toBe(140);
    expect(o.options.map((x) => x.kitId)).toContain('flax_gel');
  });

  it('locks that contradict each other are named', () => {
    const pins = {
      lockMass: true,
      lockWetness: true,
      kits: { 'p1:nut_pieces:dough': 'pumpkin_pieces' },
      lines: { 'p1:nut_pieces:dough/pumpkin_pieces/pumpkin_seeds': 10, 'p1:water': 0 },
    };
    const clash = ['mass', 'line:p1:nut_pieces:dough/pumpkin_pieces/pumpkin_seeds', 'line:p1:water'];
    const held: HeldThing[] = [
      { what: 'mass' },
      { what: 'line', id: 'pumpkin_seeds' },
      { what: 'line', id: null },
    ];
    expect(run(f, ['nuts'], { pins }).cannot).toEqual([{ need: msg('cannot.locks', { held }), clash }]);
  });
});

describe('what a formula has none of', () => {
  const rows = {
    white_rice_flour: 200,
    sugar: 80,
    egg: 100,
    sunflower_oil: 60,
    oat_drink: 150,
    baking_powder: 8,
  };

  it('stays out of it: no butter comes in where oil goes, and what is held out is told', () => {
    const o = run(formula('batter', rows), ['oil']);
    expect(o.heldOut).toContain('milk');
    for (const s of o.solutions) expect(s.bringsIn.map((b) => b.avoid)).not.toContain('milk');
    expect(o.options.map((x) => x.kitId)).not.toContain('butter_for_oil');
    expect(o.options.flatMap((x) => x.bringsIn)).not.toContain('tree_nut');
  });

  it('may come in where it is allowed, and does where the formula has it already', () => {
    const allowed = run(formula('batter', rows), ['oil'], { allow: ['milk'] });
    expect(allowed.options.map((x) => x.kitId)).toContain('butter_for_oil');
    expect(allowed.heldOut).not.toContain('milk');
    const has = run(formula('batter', { ...rows, milk: 50 }), ['oil']);
    expect(has.options.map((x) => x.kitId)).toContain('butter_for_oil');
  });

  it('a way that was chosen before stays chosen', () => {
    const pins = { kits: { 'p1:oil:dough': 'butter_for_oil' } };
    const o = run(formula('batter', rows), ['oil'], { pins });
    expect(o.solutions[0]!.kits).toEqual(pins.kits);
  });
});

describe('a formula with gluten in it', () => {
  it('oats that are not certified are exchanged, and nothing is said of a dough that gluten held', () => {
    const rows = {
      white_rice_flour: 200,
      rolled_oats: 20,
      sugar: 80,
      sunflower_oil: 60,
      water: 80,
      baking_powder: 8,
    };
    const [best] = run(formula('muffin', rows), []).solutions;
    const names = best!.formula.parts[0]!.lines.map((l) => ('id' in l.item ? l.item.id : ''));
    expect(names).not.toContain('rolled_oats');
    expect(best!.limits).toEqual([]);
  });

  it.each([
    ['batter', 'wheat_flour'],
    ['yeast_loaf', 'wheat_flour'],
    ['cookie', 'barley_flour'],
    ['shortcrust', 'spelt_flour'],
  ] as const)(
    '%s of %s: gluten-free flours of its kind come in its place, with what to expect',
    (kind, flour) => {
      const rows = {
        [flour]: 300,
        water: 200,
        salt: 5,
        ...(kind === 'yeast_loaf' ? { instant_yeast: 4 } : { sugar: 60 }),
      };
      const o = run(formula(kind, rows), []);
      expect(o.cannot).toEqual([]);
      const [best] = o.solutions;
      expect(best!.limits).toContain('no_gluten');
      const names = best!.formula.parts[0]!.lines.map((l) => ('id' in l.item ? l.item.id : ''));
      expect(names).not.toContain(flour);
      // What held it together has something in its place: gum or psyllium, in a dose of the trade.
      const held = best!.formula.parts[0]!.lines.some(
        (l) => 'id' in l.item && ['psyllium_powder', 'xanthan_gum', 'gf_blend_gum'].includes(l.item.id),
      );
      expect(held).toBe(true);
      expect(best!.verdicts.every((v) => v.contains.length === 0)).toBe(true);
    },
  );
});

describe('where there is no answer the need is named', () => {
  it.each([] as [string, Record<string, number>, ExclusionId[], string][])(
    '%s',
    (_name, rows, exclude, code) => {
      const o = run(formula('batter', rows), exclude);
      expect(o.solutions).toEqual([]);
      expect(o.cannot.map((c) => c.need.code)).toEqual([code]);
    },
  );

  it('beyond the eggs that a way is good for it is answered, and said to be unsure', () => {
    const sponge = formula('batter', { white_rice_flour: 50, potato_starch: 100, sugar: 180, egg: 300 });
    const o = run(sponge, ['egg']);
    expect(o.cannot).toEqual([]);
    expect(o.solutions[0]!.confidence.level).toBe('low');
  });

  it('nothing depends on the batch: half, double and tenfold get the same ways in the same shares', () => {
    for (const { formula: f } of DEMOS.slice(0, 6)) {
      const [whole] = run(f, ['egg', 'dairy']).solutions;
      for (const times of [0.5, 2, 10]) {
        const large = mapLines(f, (l) => ({
          ...l,
          amount: {
            ...l.amount,
            massG: l.amount.massG && { ...l.amount.massG, value: times * l.amount.massG.value },
          },
        }));
        const [other] = run(large, ['egg', 'dairy']).solutions;
        expect(other?.kits, f.title).toEqual(whole?.kits);
        for (const m of whole?.moves ?? []) {
          const same = other!.moves.find((x) => x.lineId === m.lineId);
          if (m.toG !== null) expect(same!.toG! / times, `${f.title} ${m.lineId}`).toBeCloseTo(m.toG, 2);
        }
      }
    }
  });

  it('an amount that is not known, a kit that is not offered', () => {
    const read = readFormula({ text: '200 g rice flour\n100 g water\neggs' }).formula;
    expect(run(read, ['egg']).cannot[0]!.need.code).toBe('cannot.amount');
    const pins = { kits: { 'p1:egg:dough': 'paper_lining' } };
    expect(run(DEMOS[0]!.formula, ['egg'], { pins }).cannot[0]!.need.code).toBe('cannot.chosenKit');
  });

  it('the stricter reading of oil takes whole-food fats out as well', () => {
    const o = run(DEMOS[0]!.formula, ['oil', 'dairy', 'nuts'], { oil: 'all_fat' });
    for (const s of o.solutions) {
      for (const l of s.formula.parts[0]!.lines)
        expect(holds(l.item.kind === 'ref' ? l.item.id : '', 'whole_food_fat')).toBe(false);
    }
    expect(o.options.some((x) => x.kitId === 'apple_seed_butter')).toBe(false);
  });
});

describe('water that the baker holds', () => {
  it('is as much as was said, however wet it gets: no more is poured to it', () => {
    const { formula } = readFormula({
      title: 'Tin loaf',
      text: '260 g white rice flour\n120 g tapioca starch\n20 g psyllium husk powder\n7 g instant yeast\n8 g salt\n430 g water\n25 g sunflower oil',
    });
    const water = formula.parts[0]!.lines.find((l) => idOf(l.item) === 'water')!;
    for (const g of [380, 413, 470]) {
      const { solutions } = adapt(
        { formula, exclude: [], pins: { lines: { [water.id]: g } }, limit: 1 },
        { lookup: lookupReference },
      );
      const now = solutions[0]!.formula.parts[0]!.lines.filter((l) => idOf(l.item) === 'water');
      expect(now.map((l) => massOf(l))).toEqual([g]);
    }
  });
});

describe('doses against common practice (no source)', () => {
  const CAKE = {
    white_rice_flour: 150,
    tapioca_starch: 50,
    sugar: 120,
    egg: 100,
    sunflower_oil: 60,
    milk: 120,
    baking_powder: 8,
    xanthan_gum: 1.5,
  };
  const grams = (f: Formula, exclude: ExclusionId[], kit: [string, string], id: string): number => {
    const o = run(f, exclude, { pins: { kits: { [kit[0]]: kit[1] } } });
    return o.solutions[0]!.moves.filter((m) => m.kitId === kit[1] && m.ingredientId === id).reduce(
      (s, m) => s + m.toG!,
      0,
    );
  };
  const egg = 'p1:egg:dough';

  it.each([
    ['flax_gel', 'flax_ground', 12, 18],
    ['chia_gel', 'chia_ground', 13, 20],
    ['psyllium_gel', 'psyllium_powder', 5.2, 8.4],
    ['aquafaba', 'aquafaba', 80, 100],
    ['soy_yogurt_egg', 'soy_yogurt', 96, 124],
    ['apple_egg', 'apple_puree', 112, 132],
  ])('two eggs of a cake as %s', (kit, id, lo, hi) => {
    const g = grams(formula('batter', CAKE), ['egg'], [egg, kit], id);
    expect(g).toBeGreaterThanOrEqual(lo);
    expect(g).toBeLessThanOrEqual(hi);
  });

  it('melted butter of a pancake is replaced by a fat, not by fruit, as long as oil may stay', () => {
    const griddle = DEMOS.find((d) => d.formula.parts[0]!.classId === 'pancake')!.formula;
    const [best] = run(griddle, ['dairy', 'nuts']).solutions;
    const came = best!.moves.filter((m) => m.conflictId === 'p1:butter:dough' && m.op === 'add');
    const fats = ['plant_block', 'plant_spread', 'shortening', 'sunflower_oil', 'coconut_oil'];
    expect(came.some((m) => fats.includes(m.ingredientId!))).toBe(true);
  });

  it('nothing is to be weighed that no scale shows', () => {
    for (const d of DEMOS)
      for (const s of run(d.formula, ['egg', 'dairy']).solutions)
        for (const m of s.moves) if (m.op === 'add' && m.toG !== null) expect(m.toG).toBeGreaterThan(0.05);
  });

  it('butter to shortening is 80-83 % with the water given back', () => {
    const f = formula('cookie', { brown_rice_flour: 200, sugar: 80, butter: 150 });
    expect(grams(f, ['dairy'], ['p1:butter:dough', 'shortening_water'], 'shortening') / 150).toBeCloseTo(
      0.81,
      1,
    );
    expect(grams(f, ['dairy'], ['p1:butter:dough', 'shortening_water'], 'water')).toBeGreaterThan(15);
  });

  it("buttermilk's acid comes back with 26-32 g vinegar per 240 g", () => {
    const f = formula('batter', { ...CAKE, milk: 0.001, buttermilk: 240, soda: 2 });
    const vinegar = grams(f, ['dairy'], ['p1:cultured:dough', 'soy_vinegar'], 'cider_vinegar');
    expect(vinegar).toBeGreaterThanOrEqual(22);
    expect(vinegar).toBeLessThanOrEqual(32.4);
  });

  it('a swap that brings in a new allergen says so', () => {
    const o = run(formula('batter', CAKE), ['dairy'], {
      pins: { kits: { 'p1:milk:dough': 'soy_drink' } },
      allow: ['tree_nut'],
    });
    expect(o.solutions[0]!.bringsIn.map((b) => b.avoid)).toEqual(['soy', 'legume']);
    expect(o.options.find((x) => x.kitId === 'almond_drink')!.bringsIn).toEqual(['tree_nut']);
  });
});

it('a document whose steps have no links yet is adapted as one that was linked when it was read', () => {
  const f = readFormula(DEMO_FORMULAS.find((d) => /crown/i.test(d.title))!).formula;
  const old = { ...f, method: f.method.map(({ actions: _, ...s }) => s) };
  const texts = (x: typeof f) =>
    adapt({ formula: x, exclude: ['egg', 'dairy'] }, { lookup: lookupReference }).solutions.map((s) =>
      s.formula.method.map(({ swaps, notes, added }) => ({ swaps, notes, added })),
    );
  expect(texts(old)).toEqual(texts(f));
});
