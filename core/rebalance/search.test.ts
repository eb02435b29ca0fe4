import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { CLASSES } from '../classes';
import { avoidsOf } from '../exclusions';
import { massOf, profileOf, type Formula, type Part } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { formula, line, WHOLE } from '../testing/build';
import { adaptSteps } from './adapt';
import { PartBench } from './bench';
import { keyOf, pick, type Slot } from './trial';
import { groupsOf, only, smallestClash } from './clash';
import { candidatesFor, conflictsOf } from './conflicts';
import { adapt, finish, type AdaptInput } from './index';

const AVOIDS = avoidsOf(['egg', 'dairy', 'nuts', 'oil']);
const DEMOS = DEMO_FORMULAS.map((d) => readFormula(d).formula);
const run = (f: Formula, more: Partial<AdaptInput> = {}) =>
  adapt({ formula: f, exclude: ['egg', 'dairy', 'nuts', 'oil'], ...more }, { lookup: lookupReference });

/**
 * Combinations tried one by one at most: where there are more, the things with most ways are given fewer. `npm run prove`
 * tries ten times as many.
 */
const MOST_TRIED = WHOLE ? 1500 : 150;
function benchOf(source: Formula, part: Part, most = Infinity): { bench: PartBench; slots: Slot[] } {
  const slots = conflictsOf(part, lookupReference, AVOIDS).map((conflict): Slot => ({
    conflict,
    kits: candidatesFor(conflict, lookupReference, AVOIDS),
  }));
  while (slots.reduce((n, s) => n * s.kits.length, 1) > most) {
    const longest = slots.reduce((a, b) => (b.kits.length > a.kits.length ? b : a));
    // From the middle, so that what is usual and what is not both stay.
    longest.kits.splice(Math.floor(longest.kits.length / 2), 1);
  }
  return {
    bench: new PartBench(part, slots, profileOf(part, lookupReference), source, AVOIDS, lookupReference, {}),
    slots,
  };
}
const PARTS = DEMOS.flatMap((f) => f.parts.map((p) => [`${f.title} ${p.name}`, f, p] as const));
/** Every combination there is. */
const product = (slots: readonly Slot[]) =>
  slots.reduce<Slot['kits'][]>((made, s) => made.flatMap((m) => s.kits.map((k) => [...m, k])), [[]]);

describe('choosing', () => {
  it.each(PARTS)(
    '%s: pruning gives the five that trying all gives',
    (_t, f, part) => {
      const { bench, slots } = benchOf(f, part, MOST_TRIED);
      const found = finish(bench.search(5));
      const brute = benchOf(f, part, MOST_TRIED).bench;
      const all = product(slots).map((kits) => brute.try(kits));
      const best = pick(all, slots, 5).trials;
      expect(found.map((t) => keyOf(t.kits))).toEqual(best.map((t) => keyOf(t.kits)));
      found.forEach((t, i) => expect(t.total).toBeCloseTo(best[i]!.total, 9));
    },
    60_000,
  );

  it.each(PARTS)(
    '%s: no combination costs less than its bound; closeness is told before the part is made',
    (_t, f, part) => {
      const { bench, slots } = benchOf(f, part);
      if (slots.length === 0) return;
      const least = bench.bound();
      fc.assert(
        fc.property(fc.tuple(...slots.map((s) => fc.constantFrom(...s.kits))), (kits) => {
          const trial = bench.try(kits);
          if (!trial) return;
          expect(least(kits)).toBeLessThanOrEqual(trial.total + 1e-9);
          const closeness = trial.score.find((s) => s.code === 'closeness')!.value;
          expect(least(kits) + closeness).toBeLessThanOrEqual(trial.total + 1e-6);
        }),
        { numRuns: 25 },
      );
    },
  );

  it('the picked really differ: in two choices where two can differ', () => {
    for (const [, f, part] of PARTS) {
      const { bench, slots } = benchOf(f, part, MOST_TRIED);
      const free = slots.filter((s) => s.kits.length > 1).length;
      const found = finish(bench.search(4));
      found.forEach((a, i) =>
        found.slice(i + 1).forEach((b) => {
          const apart = a.kits.filter((k, j) => k !== b.kits[j]).length;
          expect(apart).toBeGreaterThanOrEqual(Math.min(1, free));
        }),
      );
    }
  });

  it('tells how far it is, and can be stopped at any step', () => {
    const steps = adaptSteps({ formula: DEMOS[0]!, exclude: ['egg', 'dairy'] }, { lookup: lookupReference });
    const first = steps.next();
    expect(first.done).toBe(false);
    expect(first.value).toMatchObject({
      done: expect.any(Number) as number,
      of: expect.any(Number) as number,
    });
    expect(steps.return({} as never).done).toBe(true);
  });
});

describe('the method of a formula', () => {
  it.each(DEMOS.map((f) => [f.title, f] as const))(
    '%s: a change says its part where there are several, and not where there is one',
    (_t, f) => {
      const changes = run(f).solutions[0]!.formula.method.flatMap((s) => [
        ...(s.added ? [s.added] : []),
        ...(s.struck ? [s.struck] : []),
        ...s.notes,
      ]);
      if (f.parts.length > 1) expect(changes.length).toBeGreaterThan(2);
      const names = f.parts.map((p) => p.name);
      for (const c of changes)
        if (f.parts.length > 1) expect(names).toContain(c.args.part);
        else expect(c.args.part).toBeUndefined();
    },
  );
});

describe('laws of the whole engine', () => {
  const scaled = (f: Formula, k: number): Formula => ({
    ...f,
    parts: f.parts.map((p) => ({
      ...p,
      lines: p.lines.map((l) =>
        l.amount.massG
          ? { ...l, amount: { ...l.amount, massG: { ...l.amount.massG, value: k * l.amount.massG.value } } }
          : l,
      ),
    })),
  });
  const masses = (f: Formula) =>
    Object.fromEntries(f.parts.flatMap((p) => p.lines.map((l) => [l.id, massOf(l)])));
  const small = DEMOS.filter((f) => !/muffins|pound|crown/.test(f.title));

  it('adapt(k·f) = k·adapt(f): the same kits, every mass k times', () => {
    fc.assert(
      // Egg kits have a cap on how many eggs they stand in for: a formula is scaled without eggs.
      fc.property(fc.constantFrom(...small), fc.double({ min: 0.1, max: 100, noNaN: true }), (f, k) => {
        const one = adapt({ formula: f, exclude: ['dairy', 'oil', 'nuts'] }, { lookup: lookupReference })
          .solutions[0]!;
        const many = adapt(
          { formula: scaled(f, k), exclude: ['dairy', 'oil', 'nuts'] },
          { lookup: lookupReference },
        ).solutions[0]!;
        expect(many.kits).toEqual(one.kits);
        const [a, b] = [masses(one.formula), masses(many.formula)];
        for (const id of Object.keys(a))
          expect(Math.abs(b[id]! / k - a[id]!)).toBeLessThanOrEqual(1e-6 * Math.max(1, a[id]!));
      }),
      { numRuns: 12 },
    );
  }, 60_000);

  it('the order of the lines changes nothing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...small),
        fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
        (f, chance) => {
          const keys = new Map(
            f.parts.flatMap((p) => p.lines.map((l) => [l.id, chance.next().value as number])),
          );
          const mixed = {
            ...f,
            parts: f.parts.map((p) => ({
              ...p,
              lines: [...p.lines].sort((a, b) => keys.get(a.id)! - keys.get(b.id)!),
            })),
          };
          const [a, b] = [run(f).solutions[0]!, run(mixed).solutions[0]!];
          expect(b.kits).toEqual(a.kits);
          const [ma, mb] = [masses(a.formula), masses(b.formula)];
          for (const id of Object.keys(ma)) expect(mb[id]).toBeCloseTo(ma[id]!, 6);
        },
      ),
      { numRuns: 10 },
    );
  }, 60_000);

  it('adapting what was adapted, with targets from the root, does not drift', () => {
    for (const f of small) {
      const once = run(f).solutions[0]!.formula;
      const twice = run(once, { target: f }).solutions[0]!.formula;
      for (const [id, g] of Object.entries(masses(once)))
        expect(Math.abs(masses(twice)[id]! - g)).toBeLessThan(1e-6);
    }
  });

  it('a property that is held is kept, and what is let go of the mass band may grow', () => {
    const f = DEMOS[0]!;
    const held = run(f, { pins: { props: { p1: { protein: 60 } } } }).solutions[0]!;
    expect(held.profiles.p1!.props.protein.value).toBeCloseTo(60, 6);
    const kits = run(f).solutions[0]!.kits;
    const lines = { l1: 400 };
    const grown = run(f, { pins: { kits, lines, freeMass: true, props: { p1: { starch: 420 } } } });
    expect(grown.solutions[0]!.profiles.p1!.props.mass.value).toBeGreaterThan(1.1 * 1128);
  });
});

describe('what holds and contradicts', () => {
  const f = formula('muffin', {
    white_rice_flour: 200,
    sugar: 100,
    egg: 100,
    milk: 150,
    butter: 80,
    baking_powder: 8,
    walnuts: 60,
  });
  const pins = {
    kits: { 'p1:nut_pieces:dough': 'pumpkin_pieces' },
    lockMass: true,
    lockWetness: true,
    lines: { 'p1:nut_pieces:dough/pumpkin_pieces/pumpkin_seeds': 10, 'p1:water': 0, sugar: 100 },
  };

  it('names a smallest clash: letting go of any one mends it, all of it alone does not', () => {
    const ask = (held: object) =>
      adapt({ formula: f, exclude: ['nuts'], pins: held }, { lookup: lookupReference });
    const [cannot] = ask(pins).cannot;
    expect(cannot!.need.code).toBe('cannot.locks');
    expect(cannot!.clash.length).toBeGreaterThan(1);
    expect(cannot!.clash).not.toContain('line:sugar');
    expect(ask(only(pins, cannot!.clash)).solutions).toEqual([]);
    for (const g of cannot!.clash)
      expect(
        ask(
          only(
            pins,
            cannot!.clash.filter((x) => x !== g),
          ),
        ).solutions.length,
        g,
      ).toBeGreaterThan(0);
  });

  it('the deletion filter is right for any set of contradictions', () => {
    const names = ['a', 'b', 'c', 'd', 'e'];
    const all = { lines: Object.fromEntries(names.map((n) => [n, 1])) };
    fc.assert(
      fc.property(
        fc.array(fc.subarray(names, { minLength: 1 }), { minLength: 1, maxLength: 4 }),
        (clashes) => {
          const feasible = (held: { lines?: Record<string, number> }) =>
            !clashes.some((c) => c.every((n) => n in (held.lines ?? {})));
          const found = smallestClash(all, feasible).map((g) => g.name);
          expect(feasible(only(all, found))).toBe(false);
          for (const g of found)
            expect(
              feasible(
                only(
                  all,
                  found.filter((x) => x !== g),
                ),
              ),
            ).toBe(true);
        },
      ),
    );
    expect(groupsOf({ lockMass: true, props: { p1: { fat: 3 } } }).map((g) => g.name)).toEqual([
      'mass',
      'prop:p1:fat',
    ]);
  });
});

describe('where egg or firm fat is the structure', () => {
  const adapted = (f: Formula, exclude: AdaptInput['exclude']) =>
    adapt({ formula: f, exclude }, { lookup: lookupReference });

  it('a sponge of eight eggs gets no eight flax eggs: what cannot be had is said, with low confidence', () => {
    const sponge = formula('foam_cake', { egg: 400, sugar: 240, white_rice_flour: 160, corn_starch: 80 });
    const out = adapted(sponge, ['egg']);
    for (const s of out.solutions) {
      expect(s.limits).toEqual(['no_sponge']);
      expect(s.confidence.level).toBe('low');
      expect(Object.values(s.kits)).not.toContain('flax_gel');
    }
  });

  it('no purée in a laminated dough; without any firm fat there are no layers', () => {
    const flaky = formula('flaky', {
      white_rice_flour: 250,
      tapioca_starch: 80,
      butter: 240,
      water: 100,
      salt: 4,
    });
    const out = adapted(flaky, ['dairy', 'oil', 'coconut']);
    for (const s of out.solutions) {
      expect(Object.values(s.kits)).not.toContain('apple_for_butter');
      expect(s.limits).toEqual(['no_layers']);
    }
    expect(adapted(flaky, ['dairy']).solutions[0]!.limits).toEqual([]);
  });

  it('choux and egg custard say what is not assured', () => {
    const choux = formula('choux', {
      egg: 200,
      white_rice_flour: 100,
      tapioca_starch: 30,
      butter: 90,
      water: 250,
      salt: 3,
    });
    expect(adapted(choux, ['egg']).solutions[0]!.limits).toEqual(['no_hollow_shell']);
    const custard: Formula = {
      ...formula('egg_custard', {}),
      parts: [
        {
          id: 'p1',
          name: 'custard',
          classId: 'egg_custard',
          lines: [line('egg', 150), line('cream', 200), line('milk', 200), line('sugar', 60)],
        },
      ],
    };
    const set = adapted(custard, ['egg']).solutions[0]!;
    expect(set.limits).toEqual(['no_custard_tremble']);
    expect(Object.values(set.kits)[0]).toMatch(/custard/);
    expect(CLASSES.egg_custard.limits).toEqual({ egg: 'no_custard_tremble' });
  });
});
