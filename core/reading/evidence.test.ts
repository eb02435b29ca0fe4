import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ClassId } from '../classes';
import { mainPart, mapLines } from '../formula';
import { lookupReference } from '../ingredients';
import { guessAgain, SURE_OF_KIND } from './evidence';
import { readFormula } from './read';

const read = (text: string, title = '', method = '') => readFormula({ text, title, method }).formula;
const kind = (text: string, title = '', method = '') => {
  const { classId, guess } = read(text, title, method).parts[0]!;
  return { classId, ...guess! };
};
const SPONGE =
  '180 g white rice flour\n60 g tapioca starch\n150 g butter\n200 g sugar\n3 eggs\n120 ml milk\n10 g baking powder';

describe('the kind of bake by evidence', () => {
  // Make-ups of our own in the ranges bakers use (common practice, no source), under a title that tells nothing.
  it.each<[string, ClassId]>([
    [
      '200 g rice flour\n100 g tapioca starch\n18 g psyllium\n6 g instant yeast\n6 g salt\n360 g water',
      'gel_loaf',
    ],
    ['200 g rice flour\n140 g butter\n80 g sugar\n1 g salt', 'cookie'],
    ['200 g rice flour\n1 tsp salt\n2 eggs\n360 ml milk\n20 g butter', 'pancake'],
    ['100 g rice flour\n90 g butter\n180 ml water\n3 eggs\n2 g salt', 'choux'],
    ['80 g rice flour\n120 g butter\n200 g sugar\n2 eggs\n100 g dark chocolate', 'brownie'],
  ])('told by make-up alone: %j', (text, want) => {
    const k = kind(text, 'From the quay');
    expect([k.classId, k.other]).toContain(want);
    expect(k.because).not.toContain('name');
  });

  it('a name that the make-up bears out is taken; the two likeliest are asked for where nothing tells', () => {
    expect(kind(SPONGE, 'Lantern cake')).toMatchObject({ classId: 'batter', because: ['name', 'make'] });
    expect(kind(SPONGE, 'Lantern cake').p).toBeGreaterThan(SURE_OF_KIND);
    const untold = kind(SPONGE, 'Lantern');
    expect(untold.p).toBeLessThan(SURE_OF_KIND);
    expect(untold.other).toBeDefined();
  });

  it.each([
    // Common practice, no source: creamed with its weight of butter, or eggs beaten to a foam that hardly has any.
    ['Rhubarb sponge', '175 g butter', 'Cream the butter and sugar.', 'batter'],
    [
      'Lantern sponge',
      '20 g butter',
      'Whisk eggs and sugar to a ribbon. Fold in flour and butter.',
      'foam_cake',
    ],
    ['Lantern sponge', '1 tsp vanilla', 'Whisk eggs and sugar until pale. Fold in the flour.', 'foam_cake'],
    ['Chiffon cake', '60 g butter', '', 'foam_cake'],
  ])('a sponge is creamed or a foam: %s with %s', (title, fat, method, want) => {
    const k = kind(`175 g rice flour\n175 g sugar\n4 eggs\n${fat}`, title, method);
    expect(k.classId).toBe(want);
  });

  it('what follows "with" speaks of another part; verbs and vessels are evidence', () => {
    expect(kind(SPONGE, 'Carrot loaf with pecan streusel').classId).toBe('batter');
    const plain = kind(SPONGE, 'Lantern');
    const tins = kind(SPONGE, 'Lantern', 'Spoon into a muffin tin lined with paper cases.');
    expect(tins.classId).toBe('muffin');
    expect(tins.because).toContain('method');
    expect(plain.because).not.toContain('method');
  });

  it('one unread line makes no cake of buns: corrected, it is guessed again; what the baker said stays', () => {
    const f = read(
      '300 g rice flour\n12 g psyllium\n7 g glimmer lift\n30 g sugar\n40 g butter\n1 egg\n280 g water',
      'From the quay',
    );
    expect(f.parts[0]!.classId).not.toBe('bun');
    const mended = mapLines(f, (l) =>
      l.item.kind === 'unknown' ? { ...l, item: { kind: 'ref', id: 'instant_yeast' } } : l,
    );
    expect(['bun', 'yeast_loaf', 'enriched']).toContain(
      guessAgain(mended, lookupReference).parts[0]!.classId,
    );
    const { guess: _guess, ...said } = mended.parts[0]!;
    const own = { ...mended, parts: [{ ...said, classId: 'cookie' as const }] };
    expect(guessAgain(own, lookupReference)).toEqual(own);
  });

  it('probabilities are probabilities, and half, double or tenfold of a bake is the same kind', () => {
    fc.assert(
      fc.property(
        fc.record({
          flour: fc.integer({ min: 50, max: 400 }),
          fat: fc.integer({ min: 0, max: 300 }),
          sugar: fc.integer({ min: 0, max: 400 }),
          water: fc.integer({ min: 1, max: 500 }),
          times: fc.constantFrom(0.5, 2, 10),
        }),
        ({ flour, fat, sugar, water, times }) => {
          const text = (k: number) =>
            `${k * flour} g rice flour\n${k * fat} g butter\n${k * sugar} g sugar\n${k * water} g water`;
          const [a, b] = [kind(text(1)), kind(text(times))];
          expect(a.p).toBeGreaterThan(0);
          expect(a.p).toBeLessThanOrEqual(1);
          expect([b.classId, b.p.toFixed(6)]).toEqual([a.classId, a.p.toFixed(6)]);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('the main part is the heaviest that is no filling, topping or wash', () => {
    const f = read('Base\n100 g rice flour\n60 g butter\nFilling\n500 g apples\n80 g sugar', 'Apple pie');
    expect(mainPart(f.parts)!.name).toBe('Base');
    expect(mainPart([])).toBeUndefined();
  });
});

it('a heading with a wash in it is a wash; a title with one is of what it lies on', () => {
  const text =
    'Dough:\n300 g rice flour\n7 g instant yeast\n250 g milk\n1 egg\n40 g butter\nWash & topping:\n1 egg yolk\n20 g sesame seeds';
  const kinds = readFormula({ title: 'Soft buns with egg wash', text }).formula.parts.map((p) => p.classId);
  expect(kinds[0]).not.toBe('wash');
  expect(kinds[1]).toBe('wash');
});
