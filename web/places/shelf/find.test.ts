import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { EaterRow, FormulaCard } from '../../../contract/dto';
import { findOnShelf, keptFor, lookingIn, SHELF_ORDERS, SHELF_STATES } from './find';

let made = 0;
const card = (more: Partial<FormulaCard>): FormulaCard => ({
  id: `f${++made}`,
  title: 'Slipway loaf',
  classId: 'yeast_loaf',
  lines: 9,
  versions: 1,
  without: [],
  kept: [],
  archived: false,
  updatedAt: '2026-11-01T10:00:00Z',
  bakedAt: null,
  hasDraft: false,
  ...more,
});
const eater = (more: Partial<EaterRow>): EaterRow => ({
  id: 'e1',
  name: 'Choir',
  exclude: ['egg'],
  words: [],
  traces: false,
  ...more,
});
const CARDS = [
  card({ title: 'Crème tart', classId: 'shortcrust', updatedAt: '2026-11-03T10:00:00Z' }),
  card({ title: 'Anchor buns', classId: 'bun', kept: [['gluten', 'egg']], versions: 2 }),
  card({ title: 'Old rusks', archived: true }),
  card({ title: 'Buoy bread', hasDraft: true, updatedAt: '2026-11-02T10:00:00Z' }),
];
const find = (query: string, eaters: EaterRow[] = []) =>
  findOnShelf(CARDS, lookingIn(new URLSearchParams(query)), eaters, (id) => id.replace('_', ' ')).map(
    (c) => c.title,
  );

describe('what is looked for on the shelf', () => {
  it('in the order of the last bake, what was never baked last', () => {
    const cards = [
      card({ title: 'Never' }),
      card({ title: 'Long ago', bakedAt: '2026-10-01T08:00:00Z' }),
      card({ title: 'Yesterday', bakedAt: '2026-11-24T08:00:00Z' }),
    ];
    const looking = lookingIn(new URLSearchParams('order=baked'));
    expect(findOnShelf(cards, looking, [], () => '').map((c) => c.title)).toEqual([
      'Yesterday',
      'Long ago',
      'Never',
    ]);
  });

  it('is latest first, and what is put aside only where it is asked for', () => {
    expect(find('')).toEqual(['Crème tart', 'Buoy bread', 'Anchor buns']);
    expect(find('state=aside')).toEqual(['Old rusks']);
    expect(find('order=title')).toEqual(['Anchor buns', 'Buoy bread', 'Crème tart']);
    expect(find('order=versions')[0]).toBe('Anchor buns');
  });

  it('finds words in any order, without their accents, in title and kind', () => {
    expect(find('q=CREME')).toEqual(['Crème tart']);
    expect(find('q=loaf+buoy')).toEqual(['Buoy bread']);
    expect(find('q=tart+buoy')).toEqual([]);
    expect(find('kind=bun')).toEqual(['Anchor buns']);
    expect(find('kind=nonsense&state=nonsense&order=nonsense')).toEqual(find(''));
  });

  it('goes by state: not adapted, adapted, changed', () => {
    expect(find('state=new')).toEqual(['Crème tart', 'Buoy bread']);
    expect(find('state=adapted')).toEqual(['Anchor buns']);
    expect(find('state=changed')).toEqual(['Buoy bread']);
  });

  it('is kept for one who avoids no more than some version leaves out; own words are never said to be met', () => {
    expect(find('eater=e1', [eater({})])).toEqual(['Anchor buns']);
    expect(find('eater=e1', [eater({ exclude: ['egg', 'dairy'] })])).toEqual([]);
    expect(find('eater=e1', [eater({ words: ['cardamom'] })])).toEqual([]);
    expect(find('eater=gone', [eater({})])).toEqual(find(''));
    // Two versions do not add up: each must leave out all of it.
    const apart = card({
      kept: [
        ['gluten', 'egg'],
        ['gluten', 'milk'],
      ],
    });
    expect(keptFor(apart, eater({ exclude: ['egg', 'dairy'] }))).toBe(false);
  });

  it('never loses nor doubles one, whatever the order', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            title: fc.string({ maxLength: 12 }),
            versions: fc.integer({ min: 1, max: 9 }),
            archived: fc.boolean(),
          }),
          { maxLength: 40 },
        ),
        fc.constantFrom(...SHELF_ORDERS),
        (rows, order) => {
          const cards = rows.map(card);
          const whole = SHELF_STATES.filter((s) => s === 'all' || s === 'aside').flatMap((state) =>
            findOnShelf(cards, { q: '', kind: null, eater: null, state, order }, [], String),
          );
          expect(whole.map((c) => c.id).sort()).toEqual(cards.map((c) => c.id).sort());
        },
      ),
    );
  });
});
