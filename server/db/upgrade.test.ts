import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { describe, expect, it } from 'vitest';
import { getDraft } from '../services/drafts';
import { getFormula, listFormulas } from '../services/formulas';
import { days, eaters, experiments, getKitchen, tastings, ways } from '../services/kitchen';
import { getRun } from '../services/bench';
import { listTrials, photoBytes } from '../services/notebook';
import { listPantry } from '../services/pantry';
import { journal, migrationsUpTo } from '../testing/migrations';
import { template } from '../testing/template';
import { openMemory, type OpenDb } from './open';

/** Rows by the migration that they were written after. */
const ROWS = new Map(
  readFileSync(join(import.meta.dirname, '../testing/earlier.sql'), 'utf8')
    .split(/^-- after /m)
    .slice(1)
    .map((part) => [Number(part.slice(0, 4)), part.slice(part.indexOf('\n'))]),
);
const id = (n: string): string => `00000000-0000-4000-8000-${n.padStart(12, '0')}`;

const EARLIER = journal.entries.slice(0, -1);
/**
 * The days from which a store is brought up: the first, the last and one between, which take each row over each migration that came
 * after it; every one in `npm run prove`, for a store takes seconds to open.
 */
const DAYS = process.env.WHOLE
  ? EARLIER
  : EARLIER.filter((_, i) => [0, EARLIER.length >> 1, EARLIER.length - 1].includes(i));

/** Stores as they were on those days, with the rows of then, as their files; every migration runs over the rows of before it. */
async function storesOfOld(): Promise<Map<number, Blob>> {
  const lite = await PGlite.create({ loadDataDir: await template() });
  const stores = new Map<number, Blob>();
  for (const { idx } of EARLIER) {
    const { dir, drop } = migrationsUpTo(idx);
    await migrate(drizzle(lite), { migrationsFolder: dir });
    drop();
    await lite.exec(ROWS.get(idx) ?? '');
    if (DAYS.some((d) => d.idx === idx)) stores.set(idx, await lite.dumpDataDir('none'));
  }
  await lite.close();
  return stores;
}
const stores = await storesOfOld();

/** What must be there of the rows that were written after each migration. */
const CHECKS: [number, (store: OpenDb) => Promise<void>][] = [
  [
    0,
    async ({ db }) => {
      const { formulas, all } = await listFormulas(db, { w: 'creme' });
      expect([all, formulas.map((f) => [f.title, f.lines, f.kept])]).toEqual([
        1,
        [['Crème loaf', 2, [['egg']]]],
      ]);
      const { versions } = await getFormula(db, id('1'));
      expect(versions.map((v) => v.avoids)).toEqual([[], ['egg']]);
      expect((await getDraft(db, id('1'))).draft?.rev).toBe(7);
    },
  ],
  [
    2,
    async ({ db }) => {
      expect((await eaters.list(db)).map((e) => [e.name, e.rev])).toEqual([['Tomo', 1]]);
      expect(await getKitchen(db)).toMatchObject({ measures: { cup: 'us' }, currency: '€', rev: 1 });
      expect((await listPantry(db)).map((r) => r.rev)).toEqual([1, 2]);
    },
  ],
  [4, async ({ db }) => expect((await ways.list(db)).map((w) => w.id)).toEqual([id('51')])],
  [
    6,
    async ({ db }) =>
      expect((await getFormula(db, id('1'))).versions[1]).toMatchObject({ name: 'the one', star: true }),
  ],
  [7, async ({ db }) => expect((await getDraft(db, id('1'))).aside.map((a) => a.id)).toEqual([id('61')])],
  [9, async ({ db }) => expect(await days.list(db)).toHaveLength(1)],
  [10, async ({ db }) => expect((await getRun(db, id('81'))).events).toHaveLength(1)],
  [
    11,
    async ({ db }) => {
      expect((await listTrials(db, { fault: 'gummy' })).found).toBe(1);
      expect(await photoBytes(db, 'ab'.repeat(32))).toHaveLength(1);
    },
  ],
  [12, async ({ db }) => expect(await tastings.list(db)).toHaveLength(1)],
  [13, async ({ db }) => expect(await experiments.list(db)).toHaveLength(1)],
];

describe('a store of an earlier day', () => {
  it.each(DAYS)('$tag is brought up whole', async ({ idx }) => {
    const store = await openMemory(await PGlite.create({ loadDataDir: stores.get(idx)! }));
    for (const [since, check] of CHECKS) if (since <= idx) await check(store);
    // Kept versions are as unchangeable as they were, and of the first kitchen alone.
    await expect(store.db.execute(sql`update version set name = 'x'`)).rejects.toMatchObject({
      cause: { message: expect.stringMatching(/never changes/) as string },
    });
    expect((await listFormulas(store.of(2))).all).toBe(0);
    await store.close();
  });

  it('the rows kept for this are of migrations that there are, and each table of them is looked at', () => {
    expect([...ROWS.keys()]).toEqual(CHECKS.map(([n]) => n));
  });
});
