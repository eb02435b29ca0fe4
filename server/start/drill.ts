import { Readable } from 'node:stream';
import type { OpenDb } from '../db/open';
import { backupText } from '../services/backup-out';
import type { Compute } from '../work/compute';
import { backupsIn, bringIn, bytesOf, contentsOf, type Contents } from './backups';

export type Drilled = { file: string; kitchen: number; at: Date; contents: Contents; ms: number };

/**
 * Opens the newest backup of each kitchen in a fresh store and proves that what comes out again is what the file holds.
 * Throws with the file and what is wrong with it.
 */
export async function drill(dir: string, fresh: () => Promise<OpenDb>, compute: Compute): Promise<Drilled[]> {
  const newest = new Map(
    backupsIn(dir)
      .reverse()
      .map((b) => [b.kitchen, b]),
  );
  if (newest.size === 0) throw new Error(`There is no backup in ${dir}.`);
  const out: Drilled[] = [];
  for (const { file, kitchen, at } of newest.values()) {
    const began = performance.now();
    const store = await fresh();
    try {
      const held = await contentsOf(bytesOf(file));
      await bringIn(store.db, bytesOf(file), compute);
      const found = await contentsOf(Readable.from(backupText(store.db), { objectMode: false }));
      if (JSON.stringify(held.end) !== JSON.stringify(found.end))
        throw new Error(
          `counts differ: ${JSON.stringify(held.end)} in it, ${JSON.stringify(found.end)} out of it`,
        );
      if (held.hash !== found.hash) throw new Error('what came out is not what is in it');
      out.push({ file, kitchen, at: new Date(at), contents: found, ms: performance.now() - began });
    } catch (error) {
      throw new Error(`${file}: ${(error as Error).message}`, { cause: error });
    } finally {
      await store.close();
    }
  }
  return out;
}
