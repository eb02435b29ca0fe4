import { BACKUP_SCHEMA, type Backup } from '../../../contract/backup';

/** So much of a backup is sent at once, characters of JSON: a server takes no more than it can hold. */
const MOST_AT_ONCE = 4_000_000;

export const FILE_FAULTS = ['notJson', 'notOurs', 'edition', 'tooLarge'] as const;
export type FileFault = (typeof FILE_FAULTS)[number];
/** Larger files are not fetched into memory. */
export const MOST_FILE_BYTES = 500_000_000;

const listIn = (doc: Record<string, unknown>, key: string): unknown[] =>
  Array.isArray(doc[key]) ? (doc[key] as unknown[]) : [];

/** A backup in pieces that can be sent one after another: the small lists first, for versions speak of them. */
export function piecesOf(text: string): { pieces: Backup[] } | { fault: FileFault } {
  let read: unknown;
  try {
    read = JSON.parse(text);
  } catch {
    return { fault: 'notJson' };
  }
  if (read === null || typeof read !== 'object' || !('newCrumb' in read)) return { fault: 'notOurs' };
  const doc = read as Record<string, unknown>;
  if (doc.newCrumb !== BACKUP_SCHEMA) return { fault: 'edition' };
  // What each holds is checked by the server, which says where it is wrong.
  const { formulas: _formulas, ...small } = doc;
  const empty = { formulas: [], pantry: [], eaters: [], ways: [], kitchen: null };
  const base = { newCrumb: BACKUP_SCHEMA, madeAt: doc.madeAt };
  const pieces: unknown[] = [{ ...base, ...empty, ...small, formulas: [] }];
  let group: unknown[] = [];
  let size = 0;
  for (const f of listIn(doc, 'formulas')) {
    const own = JSON.stringify(f).length;
    if (group.length > 0 && size + own > MOST_AT_ONCE) {
      pieces.push({ ...base, ...empty, formulas: group });
      group = [];
      size = 0;
    }
    group.push(f);
    size += own;
  }
  if (group.length > 0) pieces.push({ ...base, ...empty, formulas: group });
  return { pieces: pieces as Backup[] };
}
