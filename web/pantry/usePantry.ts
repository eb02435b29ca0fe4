import type { PantryRow } from '../../contract/dto';
import { pantryOf } from '../../contract/work';
import { REFERENCE_PANTRY, type Pantry } from '../../core/pantry';
import { usePantryQuery } from '../api/api';
import { nameOwn } from '../words/things';

const NOTHING: PantryRow[] = [];
/** Built once for an answer of the server, however many places ask for it. */
const built = new WeakMap<readonly PantryRow[], Pantry>();

export function pantryFor(rows: readonly PantryRow[]): Pantry {
  if (rows.length === 0) return REFERENCE_PANTRY;
  let pantry = built.get(rows);
  if (!pantry) {
    nameOwn(rows.map((r) => ({ id: r.id, name: r.doc.name })));
    pantry = pantryOf(rows);
    built.set(rows, pantry);
  }
  return pantry;
}

export type PantryState = { rows: readonly PantryRow[]; pantry: Pantry; ready: boolean; error: unknown };

/** Everything there is to bake with. Where the server does not answer, the reference ingredients alone. */
export function usePantry(): PantryState {
  const { data, error, isSuccess } = usePantryQuery();
  const rows = data ?? NOTHING;
  return { rows, pantry: pantryFor(rows), ready: isSuccess || error !== undefined, error };
}
