import { msg } from '../explain';
import { describe, expect, it } from 'vitest';
import { kitById, type Kit } from '../classes';
import { avoidsOf } from '../exclusions';
import { profileOf } from '../formula';
import { ingredientById, lookupReference } from '../ingredients';
import { formula, line, part } from '../testing/build';
import { cautionsOf, newAllergens, verdictsOf } from './verdicts';
import { holdBack, holdBackOf } from './hold-back';
import { closenessOf, fitOf, toleranceWidth } from './bands';
import { candidatesFor, conflictsOf, fitIn } from './conflicts';
import { adapt } from './index';

const CAKE = part('batter', [
  line('white_rice_flour', 150),
  line('tapioca_starch', 50),
  line('sugar', 120),
  line('egg', 100),
  line('egg_white', 33),
  line('butter', 100),
  line('milk', 120),
  line('baking_powder', 8),
  line('butter', 10, { id: 'tin', role: 'release' }),
]);
const conflicts = (exclude: Parameters<typeof avoidsOf>[0]) =>
  conflictsOf(CAKE, lookupReference, avoidsOf(exclude));

describe('what must leave', () => {
  it('is gathered by kind and by where it is used', () => {
    expect(conflicts(['egg', 'dairy']).map((c) => [c.id, c.massG])).toEqual([
      ['p1:egg:dough', 100],
      ['p1:egg_white:dough', 33],
      ['p1:butter:dough', 100],
      ['p1:milk:dough', 120],
      ['p1:butter:release', 10],
    ]);
    expect(conflicts([])).toEqual([]);
  });

  it('has its jobs, strongest first, each no more than the class gives it', () => {
    const [egg] = conflicts(['egg']);
    const strengths = egg!.jobs.map((j) => j.strength);
    expect(strengths).toEqual([...strengths].sort((a, b) => b - a));
    expect(egg!.jobs.map((j) => j.job)).toEqual(expect.arrayContaining(['hold_gas', 'set_hot', 'foam']));
    for (const s of strengths) expect(s > 0 && s <= 1).toBe(true);
    const tin = conflicts(['dairy']).at(-1)!;
    expect(tin.jobs).toEqual([{ job: 'release', strength: 1 }]);
  });
});

describe('who may stand in', () => {
  it('no kit that holds what is out, less beyond its eggs, none where it does not fit', () => {
    const of = (exclude: Parameters<typeof avoidsOf>[0], id: string) =>
      candidatesFor(
        conflicts(exclude).find((c) => c.id === id)!,
        lookupReference,
        avoidsOf(exclude),
      ).map((k) => k.id);
    expect(of(['dairy'], 'p1:butter:dough')).toContain('plant_block');
    expect(of(['dairy', 'oil'], 'p1:butter:dough')).not.toContain('plant_block');
    expect(of(['dairy'], 'p1:milk:dough')).toContain('almond_drink');
    expect(of(['dairy', 'nuts'], 'p1:milk:dough')).not.toContain('almond_drink');
    expect(of(['dairy'], 'p1:butter:release')).toEqual(['paper_lining']);
    const [egg] = conflicts(['egg']);
    const many = { ...egg!, massG: 250, eggs: 5 };
    const ids = candidatesFor(many, lookupReference, avoidsOf(['egg'])).map((k) => k.id);
    expect(ids).toContain('aquafaba');
    // Beyond its eggs it suits less, not suddenly not at all.
    const suits = [1, 3, 5, 9].map((eggs) => fitIn(kitById('flax_gel')!, { ...many, eggs }));
    expect(suits).toEqual([...suits].sort((a, b) => b - a));
    expect(suits[3]!).toBeGreaterThan(0);
    expect(suits[2]!).toBeLessThan(suits[1]!);
    expect(fitIn({ ...kitById('flax_gel')!, caps: { fit: {} } } satisfies Kit, egg!)).toBe(0);
  });

  it('a kit of one’s own can be tried in place of ours', () => {
    const own: Kit = { ...kitById('flax_gel')!, id: 'mine' };
    expect(
      candidatesFor(conflicts(['egg'])[0]!, lookupReference, avoidsOf(['egg']), [own]).map((k) => k.id),
    ).toEqual(['mine']);
  });
});

describe('judging', () => {
  const source = profileOf(CAKE, lookupReference);

  it('the source fits itself, at no distance', () => {
    const fits = fitOf(CAKE, source, source);
    expect(fits.every((f) => f.state === 'inside')).toBe(true);
    expect(closenessOf(fits)).toBe(0);
    for (const f of fits) expect(f.lo <= f.source.value && f.source.value <= f.hi).toBe(true);
  });

  it('acid has to fit where soda is to be met, and is only taste without it', () => {
    const width = (batch: Record<string, number>) => {
      const of = profileOf(formula('pancake', batch).parts[0]!, lookupReference);
      return toleranceWidth({ key: 'acid', rel: 0.12, floor: 2 }, of) / of.props.mass.value;
    };
    const dry = { white_rice_flour: 200, sugar: 20, water: 80 };
    const [milk, soda] = [width({ ...dry, milk: 200 }), width({ ...dry, buttermilk: 197, soda: 3 })];
    expect(milk).toBeCloseTo(5 * 0.002, 9);
    expect(soda).toBeLessThan(milk);
    // The same either way however large the batch.
    expect(width({ white_rice_flour: 600, sugar: 60, water: 240, milk: 600 })).toBeCloseTo(milk, 12);
  });

  it('half of everything is low, twice is high; the farther the dearer, as far as a property can be lost', () => {
    const times = (k: number) =>
      profileOf(
        part(
          'batter',
          CAKE.lines.map((l) => line(l.item.kind === 'ref' ? l.item.id : '', k * l.amount.massG!.value)),
        ),
        lookupReference,
      );
    const sugars = (k: number) => fitOf(CAKE, times(k), source).find((f) => f.key === 'sugars')!;
    expect([sugars(0.5).state, sugars(2).state]).toEqual(['low', 'high']);
    const cost = (k: number) => closenessOf([sugars(k)]);
    expect(cost(1.15)).toBeGreaterThan(cost(1.1));
    expect(cost(3)).toBe(cost(2));
  });

  it('green is a caution only where sunflower meets soda or powder', () => {
    const kit = kitById('sunflower_meal')!;
    expect(cautionsOf([kit], [CAKE], lookupReference)).toContain('green_sunflower');
    expect(cautionsOf([kit], [part('cookie', [line('white_rice_flour', 100)])], lookupReference)).toEqual([]);
  });

  it('allergens that were there before are not new', () => {
    const f = formula('batter', { white_rice_flour: 100, silken_tofu: 50 });
    expect(newAllergens(['soy_drink', 'tahini'], f, lookupReference)).toEqual([
      { avoid: 'sesame', ingredientId: 'tahini' },
    ]);
  });

  it('a line that is not understood is not known for everything', () => {
    const f = formula('batter', { white_rice_flour: 100 });
    f.parts[0]!.lines.push({ ...line('x', 10), item: { kind: 'unknown', text: 'moon dust' } });
    expect(verdictsOf(f, ['egg', 'milk'], lookupReference).at(-1)).toMatchObject({
      contains: [],
      unknown: ['egg', 'milk'],
    });
  });

  it('water worth keeping back is the spread of the new thirst at this wetness', () => {
    const now = part('batter', [...CAKE.lines, line('psyllium_powder', 10, { id: 'new' })]);
    const p = profileOf(now, lookupReference);
    const moves = [
      {
        op: 'add',
        lineId: 'new',
        ingredientId: 'psyllium_powder',
        fromG: 0,
        toG: 10,
        reason: msg('move.keep'),
      },
    ] as const;
    expect(holdBack(now, p, moves, lookupReference)).toBeCloseTo(10 * 1 * p.wetness!.value, 9);
    expect(holdBack(now, p, [], lookupReference)).toBe(0);
  });
});

describe('the adapted method and lines', () => {
  const f = { ...formula('batter', {}), parts: [CAKE] };
  const solve = (kits: Record<string, string>, exclude: ('egg' | 'dairy')[]) =>
    adapt({ formula: f, exclude, pins: { kits } }, { lookup: lookupReference }).solutions[0]!;

  it('kit lines stand where what they replace stood; more of the same powder joins its line', () => {
    const s = solve({ 'p1:egg:dough': 'flax_gel', 'p1:egg_white:dough': 'aquafaba' }, ['egg']);
    const ids = s.formula.parts[0]!.lines.map((l) => l.id);
    expect(ids.indexOf('p1:egg:dough/flax_gel/flax_ground')).toBe(ids.indexOf('sugar') + 1);
    expect(ids.filter((id) => id.includes('baking_powder'))).toEqual(['baking_powder']);
    const powder = s.moves.find((m) => m.lineId === 'baking_powder')!;
    expect(powder.op).toBe('scale');
    expect(powder.toG!).toBeGreaterThan(8);
    expect(s.formula.parts[0]!.lines.find((l) => l.id.endsWith('flax_ground'))!.state).toBe('gel');
  });

  it('every gram is accounted for: total = Σ moves', () => {
    const s = solve({}, ['egg', 'dairy']);
    const inBowl = s.moves.filter((m) => m.lineId !== 'tin').reduce((sum, m) => sum + (m.toG ?? 0), 0);
    expect(inBowl).toBeCloseTo(s.profiles.p1!.props.mass.value, 9);
  });
});

describe('water kept back of a kept bake', () => {
  it('is the spread of what came in, and stands with the heaviest liquid; nothing came in, nothing is kept back', () => {
    const f = formula('batter', { white_rice_flour: 200, milk: 180, water: 60 });
    const flax = line('flax_ground', 14, { id: 'p1:egg:dough/flax_gel/flax_ground' });
    const kept = { ...f, parts: f.parts.map((p) => ({ ...p, lines: [...p.lines, flax] })) };
    const held = holdBackOf(kept, f, lookupReference);
    const wet = profileOf(kept.parts[0]!, lookupReference).wetness!.value;
    expect(held.lineId).toBe('milk');
    expect(held.massG).toBeCloseTo(14 * ingredientById('flax_ground')!.absorption.sd! * wet, 6);
    expect(holdBackOf(kept, kept, lookupReference).massG).toBe(0);
    // What joined a line that was there came in as well.
    const with_ = (g: number) => ({
      ...f,
      parts: f.parts.map((p) => ({
        ...p,
        lines: [...p.lines, line('psyllium_powder', g, { id: 'psyllium' })],
      })),
    });
    expect(holdBackOf(with_(24), with_(20), lookupReference).massG).toBeGreaterThan(1);
    expect(holdBackOf(with_(20.2), with_(20), lookupReference).massG).toBe(0);
  });
});
