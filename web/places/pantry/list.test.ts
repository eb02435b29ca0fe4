import { describe, expect, it } from 'vitest';
import type { PantryRow } from '../../../contract/dto';
import { fold } from '../../../core/explain';
import { EMPTY_PANEL, makePantry, REFERENCE_PANTRY, type OwnDoc } from '../../../core/pantry';
import { newestOf } from '../../pantry/rows';
import { entriesOf, NO_FACETS, searchEntries, type Facets } from './list';

const row = (id: string, rev: number, more: Partial<OwnDoc> = {}, gone = false): PantryRow => ({
  id: `${id}-${rev}`,
  itemId: id,
  rev,
  gone,
  createdAt: '',
  doc: {
    kind: 'own',
    name: id,
    otherNames: [],
    like: null,
    group: 'flour',
    panel: EMPTY_PANEL,
    gPerCup: null,
    gPerPiece: null,
    facts: {},
    note: '',
    ...more,
  },
});
const rows = [
  row('quay flour', 1),
  row('quay flour', 2, { name: 'Quay flour, finer' }),
  row('lost flour', 1, {}, true),
];
const pantry = makePantry(rows.filter((r) => !r.gone));
const entries = entriesOf(pantry, rows);
const search = (facets: Partial<Facets>) =>
  searchEntries(entries, { ...NO_FACETS, ...facets }).map((e) => e.ingredient.id);

describe('the pantry’s list', () => {
  it('shows the newest revision of what is there', () => {
    expect(newestOf(rows).map((r) => r.id)).toEqual(['quay flour-2']);
    expect(search({ kind: 'own' })).toEqual(['quay flour-2']);
    expect(entries).toHaveLength(REFERENCE_PANTRY.all().length + 1);
  });

  it('finds by any name, accents and order aside, names that start so first', () => {
    expect(search({ q: 'cornstarch' })[0]).toBe('corn_starch');
    expect(search({ q: 'CREME fraiche' })).toContain('creme_fraiche');
    expect(search({ q: 'flour rice' })).toContain('white_rice_flour');
    expect(search({ q: 'soy' })[0]).toMatch(/^soy/);
    expect(search({ q: 'zzz' })).toEqual([]);
    expect(fold('Purée')).toBe('puree');
  });

  it('sifts by whose it is, kind, packet and what nothing was found of', () => {
    expect(search({ group: 'egg' }).sort()).toEqual(['duck_egg', 'egg', 'egg_powder']);
    const fine = search({ group: 'plant_drink', without: ['soy'] });
    expect(fine).toEqual([]);
    expect(search({ group: 'starch', without: ['corn', 'nightshade', 'dairy'] }).sort()).toEqual([
      'arrowroot',
      'kuzu',
      'rice_starch',
      'tapioca_pearls',
      'tapioca_starch',
    ]);
    expect(search({ unread: true, group: 'leavener' }).sort()).toEqual([
      'baking_powder',
      'powder_phosphate_free',
    ]);
    // What is not known is not among what nothing was found of.
    expect(search({ kind: 'own', without: ['egg'] })).toEqual([]);
  });
});
