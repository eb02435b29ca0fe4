import { describe, expect, it } from 'vitest';
import { DEMO_PANTRY } from '../../demo/data/pantry';
import { makePantry, type PantryItem } from './index';

const items: PantryItem[] = DEMO_PANTRY.map((doc, i) => ({ id: `r${i}`, itemId: `i${i}`, rev: 1, doc }));
const whole = makePantry(items);
const bad = (doc: unknown, id = 'bad'): PantryItem => ({
  id,
  itemId: id,
  rev: 1,
  doc: doc as PantryItem['doc'],
});

/** Every place of a document, and what an older edition may have let stand there. */
function* spoiled(doc: object): Generator<[string, unknown]> {
  for (const [key, value] of Object.entries(doc)) {
    const { [key as never]: _gone, ...without } = doc as Record<string, unknown>;
    yield [`no ${key}`, without];
    for (const other of [null, 7, 'x', [], {}, [null], Number.NaN])
      if (JSON.stringify(other) !== JSON.stringify(value))
        yield [`${key} ${JSON.stringify(other)}`, { ...doc, [key]: other }];
  }
}

describe('a pantry with something in it that cannot be read', () => {
  it.each([
    ['nothing', null],
    ['a number', 7],
    ['no kind', { name: 'x' }],
    ['a kind there is none of', { kind: 'gadget', name: 'x' }],
    ['no facts', { ...DEMO_PANTRY.find((d) => d.kind === 'own'), facts: undefined }],
  ])('%s is named, and everything else is as it would be', (_what, doc) => {
    const pantry = makePantry([...items, bad(doc)]);
    expect(pantry.broken).toEqual([{ id: 'bad', itemId: 'bad', why: 'shape' }]);
    expect(pantry.own).toEqual(whole.own);
    expect([...pantry.standIns.keys()]).toEqual([...whole.standIns.keys()]);
  });

  it('whatever is wrong with one, it is built or named, never thrown over, and never a figure that is none', () => {
    for (const kind of ['own', 'packet', 'blend']) {
      const doc = DEMO_PANTRY.find((d) => d.kind === kind)!;
      for (const [what, spoilt] of spoiled(doc)) {
        const pantry = makePantry([...items, bad(spoilt)]);
        const made = pantry.byId('bad');
        const figures = made ? Object.values(made.per100g).flatMap((x) => (x ? [x.value] : [])) : [];
        expect([kind, what, figures.every(Number.isFinite)]).toEqual([kind, what, true]);
        expect(pantry.own.length).toBeGreaterThanOrEqual(whole.own.length);
      }
    }
  });

  it('a blend that holds one cannot be made, and says nothing false', () => {
    const blend = {
      kind: 'blend',
      name: 'b',
      otherNames: [],
      parts: [{ id: 'bad', percent: 100 }],
      standsFor: [],
      note: '',
    };
    const pantry = makePantry([bad({ kind: 'own' }), bad(blend, 'b')]);
    expect([pantry.byId('b'), pantry.broken.map((b) => b.id)]).toEqual([null, ['bad']]);
  });
});
