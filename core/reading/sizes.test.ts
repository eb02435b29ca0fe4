import { describe, expect, it } from 'vitest';
import type { ActionKind } from '../method';
import { sizesOf } from './sizes';

/** Sizes as kitchens write them. Inches by the international inch of 2.54 cm. */
const SAID: [string, ActionKind, ReturnType<typeof sizesOf>][] = [
  ['Roll to 4 mm between papers', 'shape', { sizeCm: { thick: 0.4 } }],
  ['roll out 1/8 inch thick', 'shape', { sizeCm: { thick: 0.32 } }],
  ['pat to a thickness of 2-3 cm', 'shape', { sizeCm: { thick: 2.5 } }],
  ['Roll to 45 x 15 cm', 'shape', { sizeCm: { wide: 15, long: 45 } }],
  ['roll to a 30 cm square, 5 mm thick', 'shape', { sizeCm: { wide: 30, thick: 0.5 } }],
  ['stamp out 8 with a 6cm cutter', 'divide', { sizeCm: { wide: 6 } }],
  [
    'Put in a buttered 9x13 pan',
    'fill',
    { vessel: { words: 'buttered 9x13 pan', cm: { wide: 22.86, long: 33.02 } } },
  ],
  ['line a 9 inch deep pie dish', 'fill', { vessel: { words: '9 inch deep pie dish', cm: { wide: 22.86 } } }],
  [
    'Halve between two 20cm sandwich tins',
    'divide',
    { vessel: { words: '20cm sandwich tins', count: 2, cm: { wide: 20 } } },
  ],
  ['pour into 6 ramekins', 'fill', { vessel: { words: 'ramekins', count: 6 } }],
  ['bake on two racks for 20 min', 'bake', { racks: 2 }],
  ['bake both trays 12 min', 'bake', { racks: 2 }],
  ['swap the trays halfway', 'turn', { vessel: { words: 'trays' }, racks: 2 }],
  // A distance is no size, and a heat or a time is none either.
  ['Scoop 2 inches apart', 'divide', {}],
  ['lay a sheet of foil on top', 'bake', {}],
  ['rest 20 min', 'rest', {}],
];

describe('sizes, vessels and racks', () => {
  it.each(SAID)('of "%s"', (text, kind, said) => {
    expect(sizesOf(text, kind)).toEqual(said);
  });
});
