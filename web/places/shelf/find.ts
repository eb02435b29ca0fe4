import {
  SHELF_ORDERS,
  SHELF_STATES,
  type EaterRow,
  type ShelfOrder,
  type ShelfQuery,
  type ShelfState,
} from '../../../contract/dto';
import { CLASS_IDS, type ClassId } from '../../../core/classes';
import { avoidsOfEater } from '../../../core/exclusions';
import { lookedFor } from '../../words/shelfWords';

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
 * What is looked for as the shelf is asked for it. Null where nothing can be found: one who avoids words of their own is
 * met by no version, since no list holds them and what is not known stays not known.
 */
export function askedOf(
  { q, kind, eater, state, order }: Looking,
  eaters: readonly EaterRow[],
): ShelfQuery | null {
  const who = eaters.find((e) => e.id === eater);
  if (who && who.words.length > 0) return null;
  const out = who ? avoidsOfEater(who) : [];
  return {
    ...lookedFor(q),
    ...(kind ? { kind } : {}),
    ...(state === 'all' ? {} : { state }),
    ...(order === 'latest' ? {} : { order }),
    ...(out.length > 0 ? { out: out.join(',') } : {}),
  };
}
