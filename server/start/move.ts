import { Readable } from 'node:stream';
import type { Db } from '../db/open';
import { backupText } from '../services/backup-out';
import type { Compute } from '../work/compute';
import { bringIn, contentsOf, type Contents } from './backups';

/** What was moved, as it is where it went. */
export type Moved = Contents;

const isEmpty = ({ formulas, versions, pantry, runs, trials, photos }: Contents['end']): boolean =>
  [formulas, versions, pantry, runs, trials, photos].every((n) => !n);
const bytes = (db: Db): Readable => Readable.from(backupText(db), { objectMode: false });

/** Whether two kitchens hold the same, told by counts and hash. */
const isSame = (a: Contents, b: Contents): boolean =>
  a.hash === b.hash && JSON.stringify(a.end) === JSON.stringify(b.end);

/**
 * Copies a kitchen into another store's, which must be empty, and proves that it is the same there. Nothing is taken
 * away where it came from. People and their sessions stay behind: who comes in is a matter of each store.
 */
export async function moveKitchen(from: Db, to: Db, compute: Compute): Promise<Moved> {
  const there = await contentsOf(bytes(to));
  if (!isEmpty(there.end))
    throw new Error('The kitchen it is to go to has something in it. Give an empty one.');
  const before = await contentsOf(bytes(from));
  await bringIn(to, bytes(from), compute);
  const after = await contentsOf(bytes(to));
  if (!isSame(before, after))
    throw new Error(
      `What arrived is not what was sent: ${JSON.stringify(before)} before, ${JSON.stringify(after)} after. Nothing was taken away where it came from.`,
    );
  return after;
}
