import { INGREDIENTS, type Ingredient } from '../../core/ingredients';
import type { Pantry } from '../../core/pantry';
import { ingredientName } from '../words/things';

export type Choice = { value: string; label: string };

/** Things to choose from, by name. */
export const choicesFrom = (ingredients: readonly Ingredient[]): Choice[] =>
  ingredients
    .map((i) => ({ value: i.id, label: ingredientName(i.id) }))
    .sort((a, b) => a.label.localeCompare(b.label));

/** The reference ingredients. */
export const REFERENCE_CHOICES = choicesFrom(INGREDIENTS);

const made = new WeakMap<Pantry, Choice[]>();
/** Everything in a pantry; worked out once for each. */
export function choicesOf(pantry: Pantry): Choice[] {
  const there = made.get(pantry) ?? choicesFrom(pantry.all());
  made.set(pantry, there);
  return there;
}
