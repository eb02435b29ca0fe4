import { fold } from '../explain';
import { INGREDIENTS, ingredientById, idOf, type Ingredient, type Lookup } from '../ingredients';
import { fromBlend, fromOwn, fromPacket } from './make';
import type { PantryItem } from './types';

/** Everything there is to bake with: the reference ingredients and the baker's own. */
export type Pantry = {
  /** What a line means: a reference ingredient that something of the baker's stands for everywhere is that thing. */
  lookup: Lookup;
  /** What a line says, to the letter: for kept versions, which never change their meaning. */
  exact: Lookup;
  /** By id, nothing standing for anything. */
  byId: (id: string) => Ingredient | null;
  /** What stands for a reference ingredient, by its id. */
  standIns: ReadonlyMap<string, Ingredient>;
  /** The baker's own, in the order given. */
  own: readonly Ingredient[];
  all: () => Ingredient[];
};

/**
 * Builds the pantry. Only the newest revision of a thing stands for anything; older ones are there to be cited.
 * Blends may hold packets and ingredients of the baker's own, not other blends.
 */
export function makePantry(items: readonly PantryItem[]): Pantry {
  const made = new Map<string, Ingredient>();
  const newest = new Map<string, PantryItem>();
  for (const item of items) {
    const there = newest.get(item.itemId);
    if (!there || there.rev < item.rev) newest.set(item.itemId, item);
  }
  const byId = (id: string): Ingredient | null => made.get(id) ?? ingredientById(id);
  for (const { id, doc } of items) {
    if (doc.kind === 'own')
      made.set(id, fromOwn(id, doc, doc.like === null ? null : ingredientById(doc.like)));
    const base = doc.kind === 'packet' ? ingredientById(doc.like) : null;
    if (doc.kind === 'packet' && base) made.set(id, fromPacket(id, doc, base));
  }
  for (const { id, doc } of items) {
    if (doc.kind !== 'blend') continue;
    const parts = doc.parts.map((p) => ({ ingredient: byId(p.id), percent: p.percent }));
    const blend = fromBlend(id, doc, parts);
    if (blend) made.set(id, blend);
  }
  const standIns = new Map<string, Ingredient>();
  for (const { id, doc } of newest.values()) {
    const ingredient = made.get(id);
    if (!ingredient) continue;
    if (doc.kind === 'packet' && doc.everywhere) standIns.set(doc.like, ingredient);
    if (doc.kind === 'blend') for (const ref of doc.standsFor) standIns.set(ref, ingredient);
  }
  const exact: Lookup = (item) => {
    const id = idOf(item);
    return id === null ? null : byId(id);
  };
  const own = [...newest.values()].flatMap(({ id }) => made.get(id) ?? []);
  return {
    lookup: (item) => (item.kind === 'ref' ? (standIns.get(item.id) ?? exact(item)) : exact(item)),
    exact,
    byId,
    standIns,
    own,
    all: () => [...INGREDIENTS, ...own],
  };
}

/** The reference ingredients and nothing else. */
export const REFERENCE_PANTRY: Pantry = makePantry([]);

/**
 * A lookup that also knows words of the baker's own: whatever is named so contains what must go. Words are looked
 * for whole or as the start of a word, in every name a thing has.
 */
export function withOwnWords(lookup: Lookup, words: readonly string[]): Lookup {
  const wanted = words.map((w) => fold(w).trim()).filter(Boolean);
  if (wanted.length === 0) return lookup;
  const marked = new Map<Ingredient, Ingredient>();
  return (item) => {
    const found = lookup(item);
    if (!found) return null;
    let out = marked.get(found);
    if (!out) {
      const hit = found.names.some((n) => wanted.some((w) => ` ${fold(n)}`.includes(` ${w}`)));
      out = hit ? { ...found, facts: { ...found.facts, own_word: 'yes' } } : found;
      marked.set(found, out);
    }
    return out;
  };
}
