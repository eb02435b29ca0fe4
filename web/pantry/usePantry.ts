import type { PantryRow } from '../../contract/dto';
import { pantryOf } from '../../contract/work';
import { makePantry, REFERENCE_PANTRY, type Pantry } from '../../core/pantry';
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

/** The newest revision of everything that has not been taken out, in the order it was put in. */
export function newestOf(rows: readonly PantryRow[]): PantryRow[] {
  const newest = new Map<string, PantryRow>();
  for (const row of rows)
    if (!row.gone && (newest.get(row.itemId)?.rev ?? 0) < row.rev) newest.set(row.itemId, row);
  return [...newest.values()];
}

/** A pantry of one document that is still being written, over what is there: for what a form shows. */
export const withDraft = (rows: readonly PantryRow[], doc: PantryRow['doc']): Pantry =>
  makePantry([...rows.filter((r) => !r.gone), { id: DRAFT_ID, itemId: DRAFT_ID, rev: 1, doc }]);
export const DRAFT_ID = 'draft';
