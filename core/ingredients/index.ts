import { define } from './define';
import { DRY } from './data/dry';
import { FLOURS } from './data/flours';
import { DAIRY } from './data/dairy';
import { GRAINS } from './data/grains';
import { MORE } from './data/more';
import { PANTRY } from './data/pantry';
import { PRODUCE } from './data/produce';
import { WET } from './data/wet';
import type { Ingredient, Lookup } from './types';

export { GERMAN_NAMES } from './data/german';
export { energyOf, withImplied } from './define';
export * from './types';

/** Stamp of the reference data: a kept version says which figures it was worked out with. */
export const DATA_VERSION = '2026-12-01c';

/** The reference ingredients, in the order of the tables. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...FLOURS,
  ...GRAINS,
  ...WET,
  ...DAIRY,
  ...PRODUCE,
  ...DRY,
  ...PANTRY,
  ...MORE,
].map(define);

const BY_ID = new Map(INGREDIENTS.map((i) => [i.id, i]));

/** The reference ingredient of that id, or null when there is none. */
export function ingredientById(id: string): Ingredient | null {
  return BY_ID.get(id) ?? null;
}

/** Lookup among the reference ingredients alone. */
export const lookupReference: Lookup = (item) => ('id' in item ? ingredientById(item.id) : null);
