import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { describe, expect, it } from 'vitest';
import { openFolder, type OpenDb } from '../db/open';
import { problemOf } from '../http/guards';
import { createFormula, listFormulas } from '../services/formulas';
import { formula, ownFolder } from './running';

const folder = ownFolder();
const SCRIPT = pathToFileURL(join(import.meta.dirname, '../../dist/server/store-thread.js'));

async function until(ok: () => Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 200; tries++) {
    if (await ok()) return;
    await new Promise((r) => setTimeout(r, 50));
  }
  throw new Error('it never came to be');
}
const titles = async ({ db }: OpenDb) => (await listFormulas(db)).formulas.map((f) => f.title);

describe('the thread that holds the database', () => {
  it('that dies in the middle of work is noticed, told, and started again with all that was confirmed', async () => {
    const store = await openFolder(folder.dir(), SCRIPT);
    for (let round = 0; round < 2; round++) {
      const confirmed: string[] = [];
      const refusals: unknown[] = [];
      const writers = Array.from({ length: 4 }, async (_, w) => {
        for (let n = 0; n < 30; n++) {
          const title = `round ${round}, writer ${w}, ${n}`;
          await createFormula(store.db, { ...formula, title }).then(
            () => confirmed.push(title),
            (e: unknown) => refusals.push(e),
          );
        }
      });
      await until(() => Promise.resolve(confirmed.length > 8));
      store.killThread();
      await Promise.all(writers);
      expect(refusals.length).toBeGreaterThan(0);
      for (const r of refusals) expect(problemOf(r)?.code).toMatch(/^store\.(?:restarted|busy)$/);
      await until(() =>
        titles(store).then(
          () => true,
          () => false,
        ),
      );
      const page = await listFormulas(store.db, { w: `round ${round},`.split(' '), limit: '200' });
      const there = new Set(page.formulas.map((f) => f.title));
      expect(confirmed.filter((t) => !there.has(t))).toEqual([]);
    }
    await store.close();
  }, 120_000);

  it('lets the loop go on while it works', async () => {
    const store = await openFolder(folder.dir(), SCRIPT);
    let beats = 0;
    const beat = setInterval(() => (beats += 1), 2);
    // Two seconds of the database's time, in one query.
    const began = performance.now();
    await store.db.execute('select pg_sleep(0.5), count(*) from generate_series(1, 3000000)');
    const ms = performance.now() - began;
    clearInterval(beat);
    // In its own thread nearly all beats come; in this one there would be none. A loaded machine drops some.
    expect(beats).toBeGreaterThan(ms / 40);
    await store.close();
  }, 60_000);
});
