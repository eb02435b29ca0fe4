import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { describe, expect, inject, it } from 'vitest';
import { createFormula, getFormula, listFormulas } from '../services/formulas';
import { keepVersion } from '../services/versions';
import { emptyOn } from '../testing/api';
import { journal, migrationsUpTo } from '../testing/migrations';
import { BODIES } from '../testing/bodies';
import { openServer } from './open';

const socket = inject('postgres')!;
describe('several processes on one server', () => {
  it('start at once on an empty database: one makes the tables, the others wait', async () => {
    const url = await emptyOn(socket);
    const stores = await Promise.all(Array.from({ length: 4 }, () => openServer(url)));
    expect(await Promise.all(stores.map(async (s) => (await listFormulas(s.db)).all))).toEqual([0, 0, 0, 0]);
    await Promise.all(stores.map((s) => s.close()));
  });

  it('keep versions of one formula at once: each has a number of its own', async () => {
    const url = await emptyOn(socket);
    const [one, two] = [await openServer(url), await openServer(url)];
    const { formula, version } = await createFormula(one.db, BODIES.createFormula.formula);
    const keep = (n: number) =>
      keepVersion((n % 2 ? one : two).db, formula.id, {
        parentId: version.id,
        name: `v${n}`,
        doc: BODIES.createFormula.formula,
        request: { exclude: [] },
      });
    await Promise.all(Array.from({ length: 12 }, (_, n) => keep(n)));
    const { versions } = await getFormula(two.db, formula.id);
    expect(new Set(versions.map((v) => v.id)).size).toBe(13);
    const { rows } = await one.db.execute<{ n: number }>(
      sql`select count(distinct seq)::int as n from version`,
    );
    expect(rows[0]!.n).toBe(13);
    await one.close();
    await two.close();
  });
});

describe('a server of an earlier day', () => {
  it('is brought up by the ordinary user who owns its tables', async () => {
    const url = await emptyOn(socket);
    const before = migrationsUpTo(journal.entries.findIndex((e) => e.tag.endsWith('kitchens')) - 1);
    const client = new pg.Client({ connectionString: url });
    await client.connect();
    await migrate(drizzle(client), { migrationsFolder: before.dir });
    await client.query(
      "insert into formula (title, class_id, folded) values ('Old loaf', 'batter', 'old loaf')",
    );
    await client.end();
    before.drop();
    const store = await openServer(url);
    expect((await listFormulas(store.db)).formulas.map((f) => f.title)).toEqual(['Old loaf']);
    expect((await listFormulas(store.of(2))).all).toBe(0);
    await store.close();
  });
});
