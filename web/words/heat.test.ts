import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { BAKE_FAULT_WORDS, BAKE_NOTE_WORDS, KEEP_WORDS } from './data/bake';
import { GENERAL_CAUTIONS } from './data/handbook';
import { KIT_WORDS } from './data/kits';
import { PLAN_FAULT_WORDS } from './data/lift';
import { CAUTION_WORDS } from './data/terms';
import {
  bareDegrees,
  degrees,
  degreesApart,
  degreesSpan,
  fromField,
  heatUnit,
  toKitchenScale,
  ovenDegrees,
  setHeatScale,
  toField,
} from './heat';

afterEach(() => setHeatScale('c'));

describe('the scale of the kitchen', () => {
  it('shows heat, spans and differences on it; a difference has no 32 in it', () => {
    expect([degrees(100), degreesSpan(96, 99), degreesApart(12), bareDegrees(20), heatUnit()]).toEqual([
      '100 °C',
      '96 to 99 °C',
      '12 °C',
      '20',
      '°C',
    ]);
    setHeatScale('f');
    // The steam point and the temperatures of the US Food Code 3-501.14: 57 °C (135 °F), 21 °C (70 °F), 5 °C (41 °F).
    expect([degrees(100), degreesSpan(57, 21), degrees(5), degreesApart(20), heatUnit()]).toEqual([
      '212 °F',
      '135 to 70 °F',
      '41 °F',
      '36 °F',
      '°F',
    ]);
  });

  it('an oven stands on both, the kitchen’s own first, °F to five as on the dial', () => {
    expect(ovenDegrees(218, false)).toBe('218 °C (425 °F)');
    setHeatScale('f');
    expect(ovenDegrees(218, true)).toBe('425 °F fan (218 °C)');
    expect(ovenDegrees(218, true, 'c')).toBe('218 °C fan (425 °F)');
  });

  it('what is typed in whole degrees comes back as it was typed', () => {
    for (const scale of ['c', 'f'] as const)
      fc.assert(
        fc.property(fc.integer({ min: -40, max: 600 }), fc.boolean(), (typed, apart) => {
          setHeatScale(scale);
          return toField(fromField(typed, apart), apart) === typed;
        }),
      );
    setHeatScale('f');
    expect(fromField(9, true)).toBe(5);
  });
});

describe('our own sentences', () => {
  it.each([
    [
      'Cool it from 57 to 21 °C within 2 h, and below 5 °C',
      'Cool it from 135 to 70 °F within 2 h, and below 41 °F',
    ],
    ['10 to 15 min at 190 to 205 °C', '10 to 15 min at 374 to 401 °F'],
    ['bring it to 92-96 °C and simmer', 'bring it to 198-205 °F and simmer'],
    ['Give the dough between −30 and 60 °C.', 'Give the dough between −22 and 140 °F.'],
    ['Ovens differ by 20 °C: know your own.', 'Ovens differ by 36 °F: know your own.'],
    ['15 to 20 °C lower', '27 to 36 °F lower'],
    [
      'No oven is above 320 °C. Give it in °C: was it °F?',
      'No oven is above 608 °F. Give it in °F: was it °C?',
    ],
    ['nothing of heat', 'nothing of heat'],
  ])('%s', (said, inF) => {
    expect(toKitchenScale(said)).toBe(said);
    setHeatScale('f');
    expect(toKitchenScale(said)).toBe(inF);
  });

  it('leave no number of °C behind, in any of them', () => {
    const all = [
      ...Object.values(BAKE_FAULT_WORDS),
      ...Object.values(BAKE_NOTE_WORDS),
      ...Object.values(KEEP_WORDS),
      ...Object.values(PLAN_FAULT_WORDS),
      ...Object.values(CAUTION_WORDS),
      ...Object.values(KIT_WORDS).map((k) => k.about),
      ...GENERAL_CAUTIONS.map((c) => c.text),
    ];
    const hot = all.filter((t) => t.includes(' °C'));
    expect(hot.length).toBeGreaterThan(20);
    setHeatScale('f');
    expect(hot.map(toKitchenScale).filter((t) => /\d °C/.test(t))).toEqual([]);
    // The words around the numbers are as they were.
    for (const t of hot)
      expect(toKitchenScale(t).replace(/[−\d]+|°[CF]/g, '')).toBe(t.replace(/[−\d]+|°[CF]/g, ''));
  });
});
