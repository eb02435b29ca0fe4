import { describe, expect, it } from 'vitest';
import { choicesFor, type Choice } from './choices';
import { keyName, SHORTCUTS } from './shortcuts';

const ALL: Choice[] = [
  { group: 'formulas', name: 'Quince tart', about: 'Shortcrust', to: '/formula/1/swap' },
  { group: 'formulas', name: 'Crème tart', about: 'Egg custard', to: '/formula/2/swap' },
  { group: 'go', name: 'Kitchen', to: '/kitchen' },
  { group: 'do', name: 'Add a formula', to: '/new' },
];
const names = (query: string) => choicesFor(ALL, query).flatMap((g) => g.choices.map((c) => c.name));

describe('find or go to', () => {
  it('offers all of it, group by group, where nothing is asked', () => {
    expect(choicesFor(ALL, '').map((g) => g.group)).toEqual(['formulas', 'go', 'do']);
  });

  it('every word counts, without regard to accents; what begins with it comes first', () => {
    expect(names('creme')).toEqual(['Crème tart']);
    expect(names('tart custard')).toEqual(['Crème tart']);
    expect(names('c')[0]).toBe('Crème tart');
    expect(names('zzz')).toEqual([]);
  });

  it('no group grows past eight', () => {
    const many = Array.from({ length: 50 }, (_, i): Choice => ({ group: 'formulas', name: `Loaf ${i}` }));
    expect(choicesFor(many, 'loaf')[0]!.choices).toHaveLength(8);
  });
});

describe('keys', () => {
  it('are told as the machine calls them, and no two do the same', () => {
    expect([keyName('Ctrl', true), keyName('Ctrl', false), keyName('K', true)]).toEqual(['⌘', 'Ctrl', 'K']);
    const keys = Object.values(SHORTCUTS).map((s) => s.keys.join('+'));
    expect(new Set(keys).size).toBe(keys.length);
  });
});
