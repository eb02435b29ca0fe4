import type { EaterRow, FormulaCard } from '../../../contract/dto';
import { CLASS_IDS, type ClassId } from '../../../core/classes';
import { avoidsOfEater } from '../../../core/exclusions';
import { fold, foldedWords } from '../../../core/explain';

export const SHELF_STATES = ['all', 'new', 'adapted', 'changed', 'aside'] as const;
export type ShelfState = (typeof SHELF_STATES)[number];
export const SHELF_ORDERS = ['latest', 'baked', 'title', 'kind', 'versions'] as const;
export type ShelfOrder = (typeof SHELF_ORDERS)[number];

/** What is looked for on the shelf, and in which order. */
export type Looking = {
  q: string;
  kind: ClassId | null;
  /** Kept without what this eater avoids. */
  eater: string | null;
  state: ShelfState;
  order: ShelfOrder;
};

export const lookingIn = (params: URLSearchParams): Looking => ({
  q: params.get('q') ?? '',
  kind: CLASS_IDS.find((c) => c === params.get('kind')) ?? null,
  eater: params.get('eater'),
  state: SHELF_STATES.find((s) => s === params.get('state')) ?? 'all',
  order: SHELF_ORDERS.find((o) => o === params.get('order')) ?? 'latest',
});

/**
 * Whether some kept version leaves out all that an eater avoids. Words of their own are in no version's list, so one who
 * has them is never said to be met: what is not known stays not known.
 */
export function keptFor(card: FormulaCard, eater: EaterRow): boolean {
  const avoids = avoidsOfEater(eater);
  return eater.words.length === 0 && card.kept.some((out) => avoids.every((a) => out.includes(a)));
}

const inState = (card: FormulaCard, state: ShelfState): boolean => {
  if (state === 'aside') return card.archived;
  if (card.archived) return false;
  if (state === 'new') return card.kept.length === 0;
  if (state === 'adapted') return card.kept.length > 0;
  return state === 'all' || card.hasDraft;
};

const ORDERS: Record<ShelfOrder, (a: FormulaCard, b: FormulaCard) => number> = {
  latest: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
  baked: (a, b) => (b.bakedAt ?? '').localeCompare(a.bakedAt ?? ''),
  title: (a, b) => a.title.localeCompare(b.title),
  kind: (a, b) => CLASS_IDS.indexOf(a.classId) - CLASS_IDS.indexOf(b.classId),
  versions: (a, b) => b.versions - a.versions,
};

/** The formulas that are looked for, in order; equal ones by title. Every word must be in the title or the kind. */
export function findOnShelf(
  cards: readonly FormulaCard[],
  { q, kind, eater, state, order }: Looking,
  eaters: readonly EaterRow[],
  kindName: (id: ClassId) => string,
): FormulaCard[] {
  const words = foldedWords(q);
  const who = eaters.find((e) => e.id === eater);
  return cards
    .filter((c) => {
      const said = fold(`${c.title} ${kindName(c.classId)}`);
      return (
        inState(c, state) &&
        (kind === null || c.classId === kind) &&
        (!who || keptFor(c, who)) &&
        words.every((w) => said.includes(w))
      );
    })
    .sort((a, b) => ORDERS[order](a, b) || a.title.localeCompare(b.title));
}
