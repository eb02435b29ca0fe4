import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { doseFaults, kitById, kitOfOwn, type OwnKit } from '../classes';
import { avoidsOf } from '../exclusions';
import { profileOf, type Formula } from '../formula';
import { ingredientById, INGREDIENTS, lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { formula } from '../testing/build';
import { PartBench } from './bench';
import { pick, type Slot } from './trial';
import { candidatesFor, conflictsOf } from './conflicts';
import { adapt, finish, missesOf, styleCost, type AdaptInput, type Style } from './index';
import { priceOf } from './price';
import { priceCost } from './style';

const DEMOS = DEMO_FORMULAS.map((d) => readFormula(d).formula);
const run = (f: Formula, more: Partial<AdaptInput> = {}) =>
  adapt({ formula: f, exclude: ['egg', 'dairy', 'nuts', 'oil'], ...more }, { lookup: lookupReference });
const muffins = DEMOS[0]!;
const comes = (f: Formula, style: Style): string[] =>
  run(f, { style }).solutions[0]!.moves.flatMap((m) =>
    m.op === 'add' && m.ingredientId !== 'water' ? [m.ingredientId!] : [],
  );
const of = (...ids: string[]) => ids.map((id) => ingredientById(id)!);

describe('what the house likes', () => {
  it('names the wishes an answer does not meet, and by what', () => {
    const incoming = {
      kits: [kitById('flax_gel')!, kitById('seed_butter_for_oil')!],
      added: of('flax_ground', 'sunflower_seed_butter', 'xanthan_gum', 'water'),
    };
    const all: Style = { gumFree: true, grain: 'light', noWholeFat: true, onlyFrom: ['flax_ground'] };
    expect(missesOf(all, incoming, new Set(['xanthan_gum']))).toEqual([
      { rule: 'gumFree', ids: ['xanthan_gum'] },
      { rule: 'light', ids: ['flax_gel'] },
      { rule: 'noWholeFat', ids: ['seed_butter_for_oil'] },
      { rule: 'onlyFrom', ids: ['sunflower_seed_butter'] },
    ]);
    expect(missesOf({}, incoming, new Set())).toEqual([]);
    expect(missesOf({ grain: 'whole' }, incoming, new Set())).toEqual([]);
  });

  it('costs nothing where nothing is wished, and never less for more that comes in', () => {
    const some = fc.subarray(INGREDIENTS.slice(0, 200));
    const style = fc.record({
      gumFree: fc.boolean(),
      grain: fc.constantFrom('whole' as const, 'light' as const, undefined),
      fewest: fc.boolean(),
      onlyFrom: fc.option(fc.constant(['sugar', 'flax_ground']), { nil: undefined }),
    });
    fc.assert(
      fc.property(style, some, some, (wish, a, b) => {
        const kits = [kitById('flax_gel')!];
        const cost = (added: typeof a) => styleCost(wish, { kits, added }, new Set());
        expect(cost([...a, ...b])).toBeGreaterThanOrEqual(cost(a) - 1e-12);
        expect(styleCost({}, { kits, added: a }, new Set())).toBe(0);
      }),
      { numRuns: 60 },
    );
  });

  it('a packet’s price is known, another only rough; dearer things cost more for the same mass', () => {
    const [sugar, nuts] = of('sugar', 'almonds');
    expect(priceOf({ ...sugar!, pricePerKg: 3.5 })).toEqual({ perKg: 3.5, known: true });
    expect(priceOf(nuts!).known).toBe(false);
    const cost = (i: typeof sugar) => priceCost({ cheapest: true }, [{ ingredient: i!, massG: 100 }], 1000);
    expect(cost(nuts)).toBeGreaterThan(cost(sugar));
    expect(priceCost({}, [{ ingredient: nuts!, massG: 100 }], 1000)).toBe(0);
    // The same part twice as large costs the same a kilogram.
    const twice = priceCost({ cheapest: true }, [{ ingredient: nuts!, massG: 200 }], 2000);
    expect(twice).toBeCloseTo(cost(nuts), 12);
  });

  it('moves the ranking: fewer new things, none that is not at home, no gum, no seed butter', () => {
    const plain = comes(muffins, {});
    expect(comes(muffins, { fewest: true }).length).toBeLessThanOrEqual(plain.length);
    const home = ['apple_puree', 'oat_drink', 'flax_ground', 'lemon_juice', 'pumpkin_seeds'];
    const fromHome = run(muffins, { style: { onlyFrom: home } }).solutions[0]!;
    const bought = fromHome.misses.flatMap((m) => m.ids);
    const without = run(muffins).solutions[0]!;
    const there = new Set(
      muffins.parts.flatMap((p) => p.lines).map((l) => ('id' in l.item ? l.item.id : '')),
    );
    const wouldBuy = without.moves.filter(
      (m) => m.op === 'add' && !there.has(m.ingredientId!) && ![...home, 'water'].includes(m.ingredientId!),
    );
    expect(bought.length).toBeLessThan(wouldBuy.length);
    const fat = run(muffins, { style: { noWholeFat: true } }).solutions[0]!;
    const tags = Object.values(fat.kits).flatMap((k) => kitById(k)!.tags);
    expect(tags.filter((t) => t === 'whole_food').length).toBeLessThanOrEqual(1);
    expect(without.misses).toEqual([]);
  });

  it('wholegrain and light houses get different answers for two eggs of a cake', () => {
    const cake = formula('batter', {
      white_rice_flour: 150,
      tapioca_starch: 50,
      sugar: 120,
      egg: 100,
      sunflower_oil: 60,
      soy_drink: 120,
      baking_powder: 8,
      xanthan_gum: 1.5,
    });
    const kit = (style: Style) =>
      kitById(run(cake, { exclude: ['egg'], style }).solutions[0]!.kits['p1:egg:dough']!)!;
    expect(kit({ grain: 'light' }).tags).not.toContain('wholegrain');
    expect(kit({ grain: 'whole' }).tags).not.toContain('light');
  });

  it('pruning stays exact under every style', () => {
    const styles: Style[] = [
      { gumFree: true, fewest: true },
      { grain: 'whole', cheapest: true },
      { noWholeFat: true, onlyFrom: ['flax_ground', 'soy_drink'] },
    ];
    const avoids = avoidsOf(['egg', 'dairy']);
    for (const f of [DEMOS[0]!, DEMOS[3]!])
      for (const part of f.parts)
        for (const style of styles) {
          const slots = conflictsOf(part, lookupReference, avoids).map((conflict): Slot => ({
            conflict,
            kits: candidatesFor(conflict, lookupReference, avoids),
          }));
          const bench = () =>
            new PartBench(
              part,
              slots,
              profileOf(part, lookupReference),
              f,
              avoids,
              lookupReference,
              {},
              style,
            );
          const product = slots.reduce<Slot['kits'][]>(
            (made, s) => made.flatMap((m) => s.kits.map((k) => [...m, k])),
            [[]],
          );
          const brute = bench();
          const best = pick(
            product.map((kits) => brute.try(kits)),
            slots,
            3,
          ).trials;
          expect(finish(bench().search(3)).map((t) => t.total)).toEqual(best.map((t) => t.total));
        }
  });
});

describe('ways of the baker’s own', () => {
  const mine: OwnKit = {
    id: '7a0d0f6e-0000-4000-8000-000000000001',
    doc: {
      name: 'Sweet potato and chickpea',
      groups: ['egg'],
      families: ['batter'],
      items: [
        { id: 'sweet_potato', lo: 30, usual: 40, hi: 50, per: 'egg', state: null },
        { id: 'chickpea_flour', lo: 6, usual: 8, hi: 10, per: 'egg', state: 'slurry' },
      ],
      step: 'Mash it with the slurry.',
    },
  };
  const chosen = (more: Partial<AdaptInput> = {}) => {
    const conflict = run(muffins).conflicts.find((c) => c.group === 'egg')!.id;
    return {
      conflict,
      answer: run(muffins, { own: [mine], pins: { kits: { [conflict]: mine.id } }, ...more }),
    };
  };

  it('is offered, can be chosen, comes in its window, and brings its step', () => {
    const { conflict, answer } = chosen();
    const [best] = answer.solutions;
    expect(best!.kits[conflict]).toBe(mine.id);
    const eggs = answer.conflicts.find((c) => c.id === conflict)!.massG! / 50;
    const grams = best!.moves.find((m) => m.ingredientId === 'sweet_potato')!.toG!;
    expect(grams).toBeGreaterThanOrEqual(30 * eggs - 1e-6);
    expect(grams).toBeLessThanOrEqual(50 * eggs + 1e-6);
    expect(best!.formula.method.some((s) => s.added?.code === 'step.own')).toBe(true);
    expect(run(muffins, { own: [mine] }).options.some((o) => o.kitId === mine.id)).toBe(true);
  });

  it('is not offered where it holds what must go, nor outside its families', () => {
    const legume = run(muffins, { own: [mine], exclude: ['egg', 'legumes'] });
    expect(legume.options.some((o) => o.kitId === mine.id)).toBe(false);
    const elsewhere = kitOfOwn({ ...mine, doc: { ...mine.doc, families: [] } });
    expect(Object.values(elsewhere.caps.fit).every((f) => f > 0)).toBe(true);
    expect(kitOfOwn(mine).caps.fit).toEqual({ batter: 0.8 });
    expect(kitOfOwn({ ...mine, doc: { ...mine.doc, step: ' ' } }).steps).toEqual([]);
  });

  it('without it the choice is refused in words', () => {
    const { conflict } = chosen();
    const gone = run(muffins, { pins: { kits: { [conflict]: mine.id } } });
    expect(gone.cannot[0]!.need).toMatchObject({ code: 'cannot.chosenKit', args: { known: false } });
  });

  it('says what is wrong with a dose', () => {
    const item = mine.doc.items[0]!;
    expect(doseFaults(mine.doc)).toEqual([]);
    expect(
      doseFaults({ items: [item, { ...item, id: '' }, { ...item, hi: 0 }, { ...item, lo: 45 }] }),
    ).toEqual([
      { item: 1, fault: 'unknown' },
      { item: 2, fault: 'nothing' },
      { item: 3, fault: 'order' },
    ]);
  });
});
