import { describe, expect, it } from 'vitest';
import { piecesOf } from './pieces';

const file = (more: object) => JSON.stringify({ newCrumb: 1, madeAt: '2026-11-25T10:00:00Z', ...more });

describe('a backup is sent in pieces', () => {
  it('the small lists first, then formulas, none lost and in their order', () => {
    const formulas = Array.from({ length: 9 }, (_, i) => ({ id: i, pad: 'x'.repeat(1_500_000) }));
    const read = piecesOf(file({ formulas, eaters: [{ id: 'e' }], pantry: [{ id: 'p' }] }));
    if ('fault' in read) throw new Error(read.fault);
    const [small, ...rest] = read.pieces;
    expect(small).toMatchObject({
      formulas: [],
      eaters: [{ id: 'e' }],
      pantry: [{ id: 'p' }],
      kitchen: null,
    });
    expect(rest.length).toBeGreaterThan(3);
    expect(rest.flatMap((p) => p.formulas.map((f) => f.id))).toEqual(formulas.map((f) => f.id));
    for (const p of rest) expect(p.eaters).toEqual([]);
  });

  it('says why a file is none', () => {
    expect(piecesOf('{ "newCrumb": 1, ')).toEqual({ fault: 'notJson' });
    expect(piecesOf('[1, 2]')).toEqual({ fault: 'notOurs' });
    expect(piecesOf('null')).toEqual({ fault: 'notOurs' });
    expect(piecesOf('{"newCrumb": 7}')).toEqual({ fault: 'edition' });
  });
});
