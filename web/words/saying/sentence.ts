import type { Filled, Messages, MsgCode } from '../../../core/explain';
import { grams } from '../format';
import { listed } from '../plural';
import { ingredientName } from '../things';

/** A sentence for each of some codes. */
export type Say<C extends MsgCode> = { [K in C]: (a: Messages[K]) => string };

/** Ids as a list in words; one that has none shows itself. */
export const named = <T extends string>(ids: readonly string[], table: Record<T, string>): string =>
  listed(ids.map((id) => table[id as T] ?? id));
/** Ingredients by their ids, within a sentence. */
export const things = (ids: readonly string[]): string => listed(ids.map((id) => ingredientName(id, true)));

/** "14 g ground flax", from the amounts the engine filled in; nothing where it filled in none. */
export function amount(a: Filled, i: 1 | 2 | 3): string {
  const id = a[`n${i}`];
  return id === undefined ? '' : `${grams(a[`g${i}`] ?? 0)} ${ingredientName(id, true)}`;
}
export const amounts = (a: Filled): string =>
  listed(([1, 2, 3] as const).map((i) => amount(a, i)).filter(Boolean));
