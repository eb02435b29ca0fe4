import { fold } from '../explain';
import { INGREDIENTS, ingredientById, idOf, type Ingredient, type Lookup } from '../ingredients';
import { fromBlend, fromOwn, fromPacket } from './make';
import {
  PANEL_KEYS,
  type BlendDoc,
  type OwnDoc,
  type PacketDoc,
  type PantryDoc,
  type PantryItem,
  type PhotoOfLabel,
} from './types';

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
  /** Revisions that nothing could be made of: they stand for nothing and are found by nobody. */
  broken: readonly BrokenItem[];
};
/** Why a revision is set aside: its shape is not one of ours, or its figures are no numbers. */
export type BrokenItem = { id: string; itemId: string; why: 'shape' | 'figures' };

const isText = (x: unknown): x is string => typeof x === 'string';
const isFigure = (x: unknown): boolean => x === null || (typeof x === 'number' && Number.isFinite(x));
const isNames = (x: unknown): boolean => Array.isArray(x) && x.every(isText);

function isPhoto(photo: unknown): boolean {
  if (photo === undefined) return true;
  if (photo === null || typeof photo !== 'object') return false;
  const p = photo as Record<keyof PhotoOfLabel, unknown>;
  return isNames(p.unsure) && typeof p.cutOff === 'boolean' && typeof p.compared === 'boolean';
}
/**
 * Whether a revision has the shape its kind says. A store outlives the code that wrote it: what an older edition let in is
 * looked at before anything is made of it.
 */
function isSound(doc: unknown): doc is PantryDoc {
  if (doc === null || typeof doc !== 'object') return false;
  const d = doc as Partial<Record<keyof OwnDoc | keyof PacketDoc | keyof BlendDoc, unknown>>;
  const panelFits = (): boolean =>
    d.panel !== null &&
    typeof d.panel === 'object' &&
    PANEL_KEYS.every((k) => isFigure((d.panel as Record<string, unknown>)[k]));
  if (!isText(d.name)) return false;
  switch (d.kind) {
    case 'own':
      return (
        isNames(d.otherNames) &&
        (d.like === null || isText(d.like)) &&
        isText(d.group) &&
        panelFits() &&
        isFigure(d.gPerCup) &&
        isFigure(d.gPerPiece) &&
        d.facts !== null &&
        typeof d.facts === 'object'
      );
    case 'packet':
      return (
        isText(d.like) &&
        isText(d.labelText) &&
        isNames(d.seenWords) &&
        isPhoto(d.photo) &&
        panelFits() &&
        isFigure(d.packG) &&
        isFigure(d.price)
      );
    case 'blend':
      return (
        isNames(d.otherNames) &&
        isNames(d.standsFor) &&
        Array.isArray(d.parts) &&
        (d.parts as unknown[]).every(
          (p) =>
            p !== null &&
            typeof p === 'object' &&
            isText((p as { id?: unknown }).id) &&
            typeof (p as { percent?: unknown }).percent === 'number',
        )
      );
    default:
      return false;
  }
}
const isFinite = ({ per100g, energyKcal }: Ingredient): boolean =>
  [...Object.values(per100g), energyKcal].every((x) => x === null || Number.isFinite(x.value));

/**
 * Builds the pantry, each revision by itself: one that nothing can be made of is named in `broken` and stops no other. Only the newest revision of a thing stands for anything; older ones are there to be cited.
 * Blends may hold packets and ingredients of the baker's own, not other blends.
 */
export function makePantry(all: readonly PantryItem[]): Pantry {
  const made = new Map<string, Ingredient>();
  const broken: BrokenItem[] = [];
  const items = all.filter(({ id, itemId, doc }) => {
    if (isSound(doc)) return true;
    broken.push({ id, itemId, why: 'shape' });
    return false;
  });
  const keep = ({ id, itemId }: PantryItem, ingredient: Ingredient): void => {
    if (isFinite(ingredient)) made.set(id, ingredient);
    else broken.push({ id, itemId, why: 'figures' });
  };
  const newest = new Map<string, PantryItem>();
  for (const item of items) {
    const there = newest.get(item.itemId);
    if (!there || there.rev < item.rev) newest.set(item.itemId, item);
  }
  const byId = (id: string): Ingredient | null => made.get(id) ?? ingredientById(id);
  for (const item of items) {
    const { id, doc } = item;
    if (doc.kind === 'own') keep(item, fromOwn(id, doc, doc.like === null ? null : ingredientById(doc.like)));
    const base = doc.kind === 'packet' ? ingredientById(doc.like) : null;
    if (doc.kind === 'packet' && base) keep(item, fromPacket(id, doc, base));
  }
  for (const item of items) {
    const { id, doc } = item;
    if (doc.kind !== 'blend') continue;
    const parts = doc.parts.map((p) => ({ ingredient: byId(p.id), percent: p.percent }));
    const blend = fromBlend(id, doc, parts);
    if (blend) keep(item, blend);
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
    broken,
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
