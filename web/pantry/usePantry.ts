import type { PantryRow } from '../../contract/dto';
import { pantryOf } from '../../contract/work';
import { makePantry, REFERENCE_PANTRY, type Pantry } from '../../core/pantry';
import { usePantryQuery } from '../api/api';
import { registerOwnNames } from '../words/things';

const NOTHING: PantryRow[] = [];
/** Built once for an answer of the server, however many places ask for it. */
const built = new WeakMap<readonly PantryRow[], Pantry>();

export function pantryFor(rows: readonly PantryRow[]): Pantry {
  if (rows.length === 0) return REFERENCE_PANTRY;
  let pantry = built.get(rows);
  if (!pantry) {
    registerOwnNames(rows.map((r) => ({ id: r.id, name: r.doc.name })));
    pantry = pantryOf(rows);
    built.set(rows, pantry);
  }
  return pantry;
}

/** Rows that something can be made of, and newest ones of things there are that nothing can be made of. */
const sifted = new WeakMap<
  readonly PantryRow[],
  { sound: readonly PantryRow[]; broken: readonly PantryRow[] }
>();
function siftedOf(rows: readonly PantryRow[]): { sound: readonly PantryRow[]; broken: readonly PantryRow[] } {
  let made = sifted.get(rows);
  if (!made) {
    const bad = new Set(makePantry(rows).broken.map((b) => b.id));
    made =
      bad.size === 0
        ? { sound: rows, broken: [] }
        : { sound: rows.filter((r) => !bad.has(r.id)), broken: rows.filter((r) => bad.has(r.id) && !r.gone) };
    sifted.set(rows, made);
  }
  return made;
}

export type PantryState = {
  rows: readonly PantryRow[];
  /** Nothing can be made of these: they stand for nothing until they are taken out. */
  broken: readonly PantryRow[];
  pantry: Pantry;
  ready: boolean;
  error: unknown;
};

/** Everything there is to bake with. Where the server does not answer, the reference ingredients alone. */
export function usePantry(): PantryState {
  const { data, error, isSuccess } = usePantryQuery();
  const { sound: rows, broken } = siftedOf(data ?? NOTHING);
  return { rows, broken, pantry: pantryFor(rows), ready: isSuccess || error !== undefined, error };
}
