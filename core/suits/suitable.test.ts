import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AVOID_IDS, lookupReference, type AvoidId } from '../ingredients';
import { EMPTY_PANEL, makePantry, type PacketDoc } from '../pantry';
import { suitabilityOf, unconfirmedOf } from './suitable';
import type { Formula, Line } from '../formula';

/**
 * What these things are, written down by hand and not from the tables: yes, what a packet decides ("?"), and by leaving it
 * out, no. By Annex II of EU 1169/2011 and what each thing is made of.
 */
const ORACLE: Record<string, Partial<Record<AvoidId, 'yes' | '?'>>> = {
  wheat_flour: { gluten: 'yes', wheat: 'yes' },
  barley_flour: { gluten: 'yes' },
  rye_flour: { gluten: 'yes' },
  spelt_flour: { gluten: 'yes', wheat: 'yes' },
  white_rice_flour: {},
  tapioca_starch: {},
  buckwheat_flour: {},
  egg: { egg: 'yes' },
  egg_white: { egg: 'yes' },
  butter: { milk: 'yes' },
  milk: { milk: 'yes' },
  buttermilk: { milk: 'yes' },
  walnuts: { tree_nut: 'yes' },
  almond_flour: { tree_nut: 'yes' },
  peanut_butter: { peanut: 'yes' },
  soy_drink: { soy: 'yes' },
  tahini: { sesame: 'yes' },
  sugar: {},
  salt: {},
  water: {},
  sunflower_oil: {},
  baking_powder: { gluten: '?' },
  gf_blend_gum: { gluten: '?' },
};
const BIG: AvoidId[] = ['gluten', 'wheat', 'egg', 'milk', 'tree_nut', 'peanut', 'soy', 'sesame'];

const line = (id: string, i: number): Line => ({
  id: `l${i}`,
  item: ORACLE[id] ? { kind: 'ref', id } : { kind: 'unknown', text: id },
  amount: { massG: { value: 10, basis: 'user' }, written: `10 g ${id}`, confidence: 1, reading: [] },
});
const formula = (ids: readonly string[]): Pick<Formula, 'parts'> => ({
  parts: [{ id: 'p1', name: '', classId: 'batter', lines: ids.map(line) }],
});
const things = fc.array(fc.constantFrom(...Object.keys(ORACLE), 'vegan butter', 'something odd'), {
  maxLength: 12,
});
const wanted = fc.subarray(BIG);

describe('one voice', () => {
  it('never says more than what the things are: whatever holds something is told, whatever is not known is to be checked', () => {
    fc.assert(
      fc.property(things, wanted, (ids, avoids) => {
        const s = suitabilityOf(formula(ids), avoids, lookupReference);
        const all: AvoidId[] = AVOID_IDS.filter((a) => a === 'gluten' || avoids.includes(a));
        const holds = (a: AvoidId) => ids.some((id) => ORACLE[id]?.[a] === 'yes');
        const open = (a: AvoidId) => ids.some((id) => !ORACLE[id] || ORACLE[id][a] === '?');
        const told = new Set(s.contains.flatMap((c) => c.avoids));
        expect(all.filter((a) => told.has(a))).toEqual(all.filter(holds));
        const unconfirmed = unconfirmedOf(s);
        for (const a of all) if (holds(a) || open(a)) expect(unconfirmed).toContain(a);
        if (s.finding === 'no_conflict_found') expect(all.some((a) => holds(a) || open(a))).toBe(false);
        expect(s.finding === 'contains').toBe(all.some(holds));
      }),
      { numRuns: 500 },
    );
  });

  it('a packet says what its label does: what it warns of, and what nobody knows, keeps it open', () => {
    const packet = (labelText: string): PacketDoc => ({
      kind: 'packet',
      name: 'Powder of the quay',
      like: 'baking_powder',
      labelText,
      seenWords: [],
      panel: EMPTY_PANEL,
      packG: null,
      price: null,
      openedOn: null,
      everywhere: true,
    });
    const of = (label: string) => {
      const pantry = makePantry([{ id: 'r', itemId: 'i', rev: 1, doc: packet(label) }]);
      return suitabilityOf(formula(['white_rice_flour', 'baking_powder']), ['milk'], pantry.lookup).finding;
    };
    expect(of('')).toBe('check_packets');
    expect(of('Sodium bicarbonate, corn starch, cream of tartar.')).toBe('no_conflict_found');
    expect(of('Sodium bicarbonate, wheat starch.')).toBe('contains');
    expect(of('Sodium bicarbonate, corn starch. May contain milk.')).toBe('may_contain');
    expect(of('Sodium bicarbonate, glimmerdust.')).toBe('check_packets');
  });

  it('what is brushed on or greases the tin is eaten too', () => {
    const f = formula(['white_rice_flour', 'butter']);
    f.parts[0]!.lines[1]!.role = 'release';
    expect(suitabilityOf(f, ['milk'], lookupReference).finding).toBe('contains');
  });

  it('a formula of nothing holds no conflict, and gluten is looked for whatever was asked', () => {
    expect(suitabilityOf(formula([]), [], lookupReference)).toMatchObject({
      finding: 'no_conflict_found',
      avoids: ['gluten'],
    });
    expect(suitabilityOf(formula(['barley_flour']), [], lookupReference).finding).toBe('contains');
  });
});
