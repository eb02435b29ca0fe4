import type { Ingredient } from '../../../core/ingredients';
import type { PantryDoc } from '../../../core/pantry';

/** What the fields of each kind of thing are given. */
export type FieldsProps<D extends PantryDoc> = {
  doc: D;
  set: (more: Partial<D>) => void;
  /** The thing as it would be, for what a form shows beside itself; null while it cannot be made. */
  preview: Ingredient | null;
};
