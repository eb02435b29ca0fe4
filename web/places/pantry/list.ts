import type { PantryRow } from '../../../contract/dto';
import { EXCLUSIONS, verdictFor, type ExclusionId } from '../../../core/exclusions';
import {
  INGREDIENTS,
  type AvoidId,
  type GroupId,
  type Ingredient,
  type ItemKind,
} from '../../../core/ingredients';
import { fold, foldedWords } from '../../../core/explain';
import type { Pantry } from '../../../core/pantry';
import { newestOf } from '../../pantry/rows';
import { ingredientName } from '../../words/things';

/** A row of the pantry's table, with its names folded once for searching. */
export type Entry = { ingredient: Ingredient; row: PantryRow | null; name: string; search: string };

export type Facets = {
  q: string;
  kind: ItemKind | 'all';
  group: GroupId | 'all';
  /** Only things in which nothing was found of all of these. */
  without: ExclusionId[];
  /** Only things whose packet has still to be read. */
  unread: boolean;
};
export const NO_FACETS: Facets = { q: '', kind: 'all', group: 'all', without: [], unread: false };

const made = new WeakMap<Pantry, Entry[]>();

/** Everything there is, by name: the baker's own first where names are alike. */
export function entriesOf(pantry: Pantry, rows: readonly PantryRow[]): Entry[] {
  const there = made.get(pantry);
  if (there) return there;
  const own = newestOf(rows).flatMap((row): Entry[] => {
    const ingredient = pantry.byId(row.id);
    return ingredient ? [entry(ingredient, row)] : [];
  });
  const list = [...own, ...INGREDIENTS.map((i) => entry(i, null))];
  list.sort((a, b) => (a.search < b.search ? -1 : a.search > b.search ? 1 : 0));
  made.set(pantry, list);
  return list;
}

const entry = (ingredient: Ingredient, row: PantryRow | null): Entry => ({
  ingredient,
  row,
  name: ingredientName(ingredient.id),
  search: [...new Set([ingredientName(ingredient.id), ...ingredient.names].map(fold))].join(' | '),
});

/** The entries that fit, best first: whose name starts so, then whose name holds every word. */
export function searchEntries(entries: readonly Entry[], facets: Facets): Entry[] {
  const words = foldedWords(facets.q);
  const avoids: AvoidId[] = facets.without.flatMap((e): readonly AvoidId[] => EXCLUSIONS[e]);
  const hits = entries.filter(
    ({ ingredient: i, search }) =>
      (facets.kind === 'all' || i.kind === facets.kind) &&
      (facets.group === 'all' || i.group === facets.group) &&
      (!facets.unread || i.labelNeeded) &&
      words.every((w) => search.includes(w)) &&
      (avoids.length === 0 || verdictFor(i, avoids).finding === 'no_conflict_found'),
  );
  if (words.length === 0) return hits;
  const first = words.join(' ');
  const rank = (e: Entry): number =>
    e.search.startsWith(first) ? 0 : e.search.includes(` ${first}`) ? 1 : 2;
  return hits
    .map((e) => ({ e, r: rank(e) }))
    .sort((a, b) => a.r - b.r)
    .map(({ e }) => e);
}
