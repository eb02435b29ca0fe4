import type { PantryRow } from '../../contract/dto';
import { makePantry, type Pantry } from '../../core/pantry';

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
