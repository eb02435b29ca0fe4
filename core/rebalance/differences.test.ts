import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lookupReference } from '../ingredients';
import { anyPart, formula, line } from '../testing/build';
import type { Formula } from '../formula';
import { adapt, besideOf, linesBeside } from './index';

const CAKE = formula('batter', {
  white_rice_flour: 150,
  tapioca_starch: 50,
  sugar: 120,
  egg: 100,
  butter: 90,
  milk: 120,
});
const with_ = (change: Partial<Formula>): Formula => ({ ...CAKE, ...change });
const beside = (...formulas: Formula[]) => besideOf(formulas, lookupReference);

describe('formulas laid side by side', () => {
  it('one beside itself: nothing moves, every balance is inside', () => {
    const [part] = beside(CAKE, CAKE).parts;
    expect(part!.lines.some((l) => l.moves)).toBe(false);
    expect(part!.props.some((p) => p.moves)).toBe(false);
    expect(part!.props.length).toBeGreaterThan(5);
  });

  it('what leaves, what comes and what grows is told in grams; what no scale tells apart stays', () => {
    const [part] = CAKE.parts;
    const other = with_({
      parts: [
        {
          ...part!,
          lines: [
            ...part!.lines
              .filter((l) => l.item.kind === 'ref' && l.item.id !== 'egg')
              .map((l) =>
                l.id === 'milk' ? line('milk', 150) : l.id === 'sugar' ? line('sugar', 120.02) : l,
              ),
            line('flax_ground', 14),
          ],
        },
      ],
    });
    const rows = beside(CAKE, other).parts[0]!.lines.filter((l) => l.moves);
    expect(rows.map((r) => [r.id, ...r.grams])).toEqual([
      ['egg', 100, undefined],
      ['milk', 120, 150],
      ['flax_ground', undefined, 14],
    ]);
  });

  it('several lines of one thing are one; what is used unmeasured is not nought', () => {
    const [part] = CAKE.parts;
    const twice = { ...part!, lines: [...part!.lines, line('sugar', 30, { id: 'more' })] };
    expect(linesBeside([twice]).find((l) => l.id === 'sugar')!.grams).toEqual([150]);
    const greased = {
      ...part!,
      lines: [
        {
          ...line('butter', 1, { role: 'release' }),
          amount: { massG: null, written: '', confidence: 1, reading: [] },
        },
      ],
    };
    expect(linesBeside([greased, { ...part!, lines: [] }])).toEqual([
      { id: 'butter', grams: [null, undefined], moves: true },
    ]);
  });

  it('an adaptation told so agrees with what the engine says of it', () => {
    const [best] = adapt({ formula: CAKE, exclude: ['egg', 'dairy'] }, { lookup: lookupReference }).solutions;
    const { parts } = beside(CAKE, best!.formula);
    for (const fit of best!.fit) {
      const told = parts[0]!.props.find((p) => p.key === fit.key)!;
      expect(told.fits[1]!.adapted.value).toBeCloseTo(fit.adapted.value, 9);
      expect(told.fits[1]!.state).toBe(fit.state);
    }
  });

  it('parts are found by id, then by name; one that is new stands after', () => {
    const base = CAKE.parts[0]!;
    const two = with_({
      parts: [
        { ...base, id: 'q', name: '', lines: base.lines },
        { id: 'r', name: 'Glaze', classId: 'glaze', lines: [line('icing_sugar', 80)] },
      ],
    });
    const told = beside(CAKE, two);
    expect(told.parts.map((p) => p.name)).toEqual(['', 'Glaze']);
    expect(told.parts[0]!.lines.some((l) => l.moves)).toBe(false);
    expect(told.parts[1]!.lines.map((l) => l.grams)).toEqual([[undefined, 80]]);
    expect(told.parts[1]!.props).toEqual([]);
  });

  it('any two: the grams are those of the formulas, and swapping them swaps what is told', () => {
    fc.assert(
      fc.property(anyPart, anyPart, (a, b) => {
        const [x, y] = [with_({ parts: [a] }), with_({ parts: [{ ...b, classId: a.classId }] })];
        const one = beside(x, y).parts[0]!.lines;
        const two = new Map(beside(y, x).parts[0]!.lines.map((l) => [l.id, l.grams]));
        for (const l of one) expect(two.get(l.id)).toEqual([...l.grams].reverse());
        const sum = (k: number) => one.reduce((s, l) => s + (l.grams[k] ?? 0), 0);
        expect(sum(0)).toBeCloseTo(
          a.lines.reduce((s, l) => s + l.amount.massG!.value, 0),
          6,
        );
      }),
      { numRuns: 60 },
    );
  });
});
