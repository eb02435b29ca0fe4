import { describe, expect, it } from 'vitest';
import { INGREDIENTS, ingredientById, lookupReference } from '../ingredients';
import { STEP_KINDS } from '../method';
import { STRENGTHS } from './data/strengths';
import {
  bindStrength,
  BINDING,
  CLASS_IDS,
  CLASSES,
  FEEL_FROM,
  JOB_IDS,
  jobStrength,
  kitById,
  KITS,
  liftStrength,
} from './index';

const KIT_CASES = KITS.map((k) => [k.id, k] as const);

describe('kits are sound data', () => {
  it('have ids of their own and at least a dozen are there', () => {
    expect(new Set(KITS.map((k) => k.id)).size).toBe(KITS.length);
    expect(KITS.length).toBeGreaterThanOrEqual(70);
    expect(kitById('no such kit')).toBeNull();
  });

  it.each(KIT_CASES)('%s: doses stand in their windows, of ingredients there are', (_id, kit) => {
    for (const { item, dose } of kit.items) {
      expect(lookupReference(item)).not.toBeNull();
      expect(dose.lo).toBeLessThanOrEqual(dose.usual);
      expect(dose.usual).toBeLessThanOrEqual(dose.hi);
      expect(dose.lo).toBeGreaterThanOrEqual(0);
      expect(dose.hi).toBeGreaterThan(0);
    }
    const ids = kit.items.map((i) => (i.item.kind === 'ref' ? i.item.id : ''));
    expect(new Set(ids).size).toBe(ids.length);
  });

  it.each(KIT_CASES)('%s: says what it covers, where it suits and how usual it is', (_id, kit) => {
    for (const j of kit.covers) expect(JOB_IDS).toContain(j);
    const fits = Object.values(kit.caps.fit);
    for (const f of fits) expect(f >= 0 && f <= 1).toBe(true);
    expect(fits.some((f) => f > 0)).toBe(true);
    expect(kit.usual > 0 && kit.usual <= 1).toBe(true);
    for (const s of kit.steps) {
      if (s.op === 'insert') for (const k of [...s.before, s.kind]) expect(STEP_KINDS).toContain(k);
      if (s.op === 'note' || s.op === 'strike') for (const k of s.at) expect(STEP_KINDS).toContain(k);
    }
  });

  it('what a kit is taken for, its items do', () => {
    for (const kit of KITS) {
      for (const job of kit.covers.filter(
        (j) => !['release', 'glaze', 'wet', 'flavour', 'brown', 'sweeten', 'sour'].includes(j),
      )) {
        const done = CLASS_IDS.some((c) =>
          kit.items.some((i) => jobStrength(lookupReference(i.item)!, i.state, c, job).value > 0),
        );
        expect(done, `${kit.id} ${job}`).toBe(true);
      }
    }
  });

  it('no kit for egg, dairy, nuts or oil brings back what it stands in for, nor gluten', () => {
    const own: Record<string, string> = {
      egg: 'egg',
      egg_white: 'egg',
      egg_yolk: 'egg',
      milk: 'milk',
      milk_powder: 'milk',
      cultured: 'milk',
      cream: 'milk',
      butter: 'milk',
      nut_flour: 'tree_nut',
      nut_pieces: 'tree_nut',
      nut_butter: 'peanut',
      nut_drink: 'tree_nut',
      oil: 'oil',
    };
    for (const kit of KITS) {
      for (const { item } of kit.items) {
        const { facts } = lookupReference(item)!;
        expect(facts.gluten, kit.id).not.toBe('yes');
        // A kit for one avoidance alone (another oil for walnut oil) is of the same kind by design.
        if (kit.for.groups === 'any' || kit.for.avoids) continue;
        for (const g of kit.for.groups)
          if (own[g]) expect(facts[own[g] as 'egg'], `${kit.id} for ${g}`).not.toBe('yes');
      }
    }
  });
});

describe('classes and strengths are sound data', () => {
  it.each(CLASS_IDS)('%s: weights, tolerances and ranges make sense', (id) => {
    const c = CLASSES[id];
    for (const w of Object.values(c.jobs)) expect(w >= 0 && w <= 1).toBe(true);
    for (const t of c.tolerances) expect(t.rel > 0 && t.floor > 0 && t.weight > 0).toBe(true);
    expect(new Set(c.tolerances.map((t) => t.key)).size).toBe(c.tolerances.length);
    expect(c.wetness[0]).toBeLessThan(c.wetness[1]);
    expect(BINDING.some((j) => (c.jobs[j] ?? 0) > 0)).toBe(true);
  });

  it('the feel scale falls from wet to dry', () => {
    const from = FEEL_FROM.map(([, f]) => f);
    expect(from).toEqual([...from].sort((a, b) => b - a));
    expect(from.at(-1)).toBe(0);
  });

  it('strengths are of ingredients there are, and never below nothing', () => {
    for (const [key, [massG, jobs]] of Object.entries(STRENGTHS)) {
      expect(ingredientById(key.split('@')[0]!), key).not.toBeNull();
      expect(massG).toBeGreaterThan(0);
      for (const [job, s] of Object.entries(jobs)) {
        expect(JOB_IDS).toContain(job);
        expect(s).toBeGreaterThan(0);
      }
    }
  });

  it('one egg is one egg: the whole egg binds most of one, and lifts 3.3 mmol', () => {
    const egg = ingredientById('egg')!;
    for (const c of CLASS_IDS.filter((id) => !['set', 'finish', 'custard'].includes(CLASSES[id].family))) {
      const eggs = 50 * bindStrength(egg, undefined, c).value;
      expect(eggs).toBeGreaterThan(0.4);
      expect(eggs).toBeLessThanOrEqual(1);
    }
    expect(50 * liftStrength(egg, undefined, 'batter').value).toBeCloseTo(3.3, 9);
    // In a kneaded dough air beaten in lifts nothing.
    expect(liftStrength(egg, undefined, 'yeast_loaf').value).toBe(0);
  });

  // Common practice, no source: per egg 7 g flax, 8 g chia, 3.5 g psyllium powder; powder at 85 % of husk.
  it('usual per-egg doses bind like an egg, within a third', () => {
    const eggs = (id: string, g: number) => g * bindStrength(ingredientById(id)!, 'gel', 'batter').value;
    const egg = eggs('egg', 50);
    for (const [id, g] of [
      ['flax_ground', 7],
      ['chia_ground', 8],
      ['psyllium_powder', 3.5],
    ] as const) {
      expect(eggs(id, g) / egg).toBeGreaterThan(0.67);
      expect(eggs(id, g) / egg).toBeLessThan(1.34);
    }
    expect(eggs('psyllium_husk', 1) / eggs('psyllium_powder', 1)).toBeCloseTo(0.85, 1);
  });

  it('tenderness: free fat counts full, pieces in part, purée by the class', () => {
    const tender = (id: string, c: 'batter' | 'cookie') =>
      jobStrength(ingredientById(id)!, undefined, c, 'shorten').value;
    expect(tender('sunflower_oil', 'batter')).toBe(1);
    expect(tender('walnuts', 'batter')).toBeLessThan(0.15);
    expect(tender('apple_puree', 'cookie')).toBeLessThan(0.6 * tender('apple_puree', 'batter'));
  });

  it('every ingredient answers for every job in every class', () => {
    const without = INGREDIENTS.flatMap((i) =>
      CLASS_IDS.flatMap((c) =>
        JOB_IDS.filter((j) => !(jobStrength(i, undefined, c, j).value >= 0)).map((j) => [i.id, c, j]),
      ),
    );
    expect(without).toEqual([]);
  });
});
