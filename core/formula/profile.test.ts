import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PROP_KEYS, type ClassId, type FeelWord } from '../classes';
import { lookupReference } from '../ingredients';
import { anyPart, line, part } from '../testing/build';
import { bakersPercent, derivedAmount, explainProperty, feelWord, profileOf, type Part } from './index';

const profile = (p: Part) => profileOf(p, lookupReference);
const close = (a: number, b: number) =>
  expect(Math.abs(a - b)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(a)));

describe('profile laws', () => {
  it('profile(a ∪ b) = profile(a) + profile(b)', () => {
    fc.assert(
      fc.property(anyPart, anyPart, (a, b) => {
        const both = profile({ ...a, lines: [...a.lines, ...b.lines] });
        const apart = [profile(a), profile({ ...b, classId: a.classId })];
        for (const k of PROP_KEYS)
          close(both.props[k].value, apart[0]!.props[k].value + apart[1]!.props[k].value);
      }),
    );
  });

  it('profile(k·f) = k·profile(f), and wetness stays', () => {
    fc.assert(
      fc.property(anyPart, fc.double({ min: 0.1, max: 100, noNaN: true }), (p, k) => {
        const one = profile(p);
        const scaled = profile({
          ...p,
          lines: p.lines.map((l) => ({ ...l, amount: derivedAmount(k * l.amount.massG!.value) })),
        });
        for (const key of PROP_KEYS) close(scaled.props[key].value, k * one.props[key].value);
        expect(scaled.wetness === null).toBe(one.wetness === null);
        if (one.wetness) close(scaled.wetness!.value, one.wetness.value);
      }),
    );
  });

  it('an opened number is the sum of its lines', () => {
    fc.assert(
      fc.property(anyPart, fc.constantFrom(...PROP_KEYS), (p, key) => {
        const opened = explainProperty(p, key, lookupReference);
        close(
          opened.result.value,
          opened.inputs.reduce((s, i) => s + i.value, 0),
        );
        for (const i of opened.inputs) close(i.value, i.factor.value * i.massG);
      }),
    );
  });
});

describe('what is not known', () => {
  const p = part('batter', [
    line('white_rice_flour', 200),
    { id: 'x', item: { kind: 'unknown', text: 'moon dust' }, amount: derivedAmount(50) },
    {
      ...line('water', 0, { id: 'w' }),
      amount: { massG: null, written: 'some', confidence: 0, reading: [] },
    },
  ]);

  it('is named, not counted as nothing', () => {
    expect(profile(p).unknownLines).toEqual(['x', 'w']);
  });

  it('percentages need flour', () => {
    expect(bakersPercent(50, profile(p))).toBe(25);
    expect(bakersPercent(50, profile(part('batter', [line('water', 50)])))).toBeNull();
    const thickened = part('fruit_filling', [line('corn_starch', 14), line('water', 700)]);
    expect(bakersPercent(50, profile(thickened))).toBeNull();
    expect(profile(part('batter', [line('water', 50)])).wetness).toBeNull();
  });

  it('greasing and washes are not in the dough', () => {
    const greased = part('batter', [line('white_rice_flour', 100), line('butter', 20, { role: 'release' })]);
    expect(profile(greased).props.fat.value).toBeCloseTo(1.4, 9);
  });
});

/** Doughs of the trade and how they feel. Common practice, no source; grams, some estimated from cups. */
const DOUGHS: [string, ClassId, Record<string, number>, FeelWord][] = [
  [
    'free-form psyllium loaf, shaped with wet hands',
    'yeast_loaf',
    {
      buckwheat_flour: 200,
      white_rice_flour: 200,
      chickpea_flour: 100,
      psyllium_powder: 54,
      flax_whole: 50,
      water: 820,
    },
    'sticky',
  ],
  [
    'gum-blend ball, hardly sticky with oiled hands',
    'yeast_loaf',
    { gf_blend_gum: 500, water: 400, sunflower_oil: 12 },
    'tacky',
  ],
  [
    'yogurt dough, very sticky, floured hands after a rest',
    'yeast_loaf',
    { gf_blend_gum: 400, yogurt: 370, milk: 30, egg: 50, butter: 28 },
    'sticky',
  ],
  [
    'coconut dough, moist and not sticky',
    'yeast_loaf',
    { coconut_flour: 56, psyllium_powder: 18, water: 177, sunflower_oil: 55 },
    'rolls',
  ],
  [
    'gum-free pastry that rolls',
    'cookie',
    { gf_blend: 300, psyllium_husk: 5, icing_sugar: 75, water: 75, plant_block: 150 },
    'rolls',
  ],
  [
    'crust gathered from lumps',
    'cookie',
    {
      sorghum_flour: 227,
      white_rice_flour: 170,
      potato_starch: 113,
      xanthan_gum: 6,
      guar_gum: 3,
      water: 100,
      shortening: 340,
    },
    'tacky',
  ],
];

describe('feel of known doughs (common practice, no source)', () => {
  it.each(DOUGHS)('%s', (_name, classId, rows, word) => {
    const p = part(
      classId,
      Object.entries(rows).map(([id, g]) => line(id, g)),
    );
    expect(profile(p).feel!.word).toBe(word);
  });

  it('a 500 g flour psyllium loaf is near 160 % hydration at wetness near 1', () => {
    const rows = DOUGHS[0]![2];
    const loaf = profile(
      part(
        'yeast_loaf',
        Object.entries(rows).map(([id, g]) => line(id, g)),
      ),
    );
    expect((100 * rows.water!) / loaf.flourG).toBeCloseTo(164, 0);
    expect(Math.abs(loaf.wetness!.value - 1)).toBeLessThan(0.1);
  });

  it('runs from pouring to cracking', () => {
    expect([4, 2.4, 1.8, 1.3, 1, 0.8, 0.6, 0.2].map(feelWord)).toEqual([
      'pours',
      'runs',
      'drops',
      'frosting',
      'sticky',
      'tacky',
      'rolls',
      'cracks',
    ]);
  });
});
