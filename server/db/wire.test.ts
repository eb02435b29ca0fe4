import type { Duplex } from 'node:stream';
import type { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { problemOf } from '../http/guards';
import { migratedLite } from '../testing/template';
import { embeddedPool, openMemory } from './open';
import { serveWire } from './wire';

let lite: PGlite;
let trouble: Error | null = null;
let fatal: Error | null = null;
let settled = 0;
let connect: ReturnType<typeof serveWire>;

async function fresh(): Promise<void> {
  lite = await migratedLite();
  trouble = fatal = null;
  connect = serveWire(
    lite,
    () => {
      settled += 1;
      if (trouble) throw trouble;
    },
    (error) => (fatal = error),
  );
}
const poolOf = (max: number) => {
  const pool = new pg.Pool({ ...embeddedPool(connect), max });
  pool.on('error', () => undefined);
  return pool;
};
beforeAll(fresh);
afterAll(() => lite.close());

describe('the wire', () => {
  it('carries queries, errors and megabytes either way, to several connections each its own', async () => {
    const pool = poolOf(4);
    await pool.query('create table w (n int, t text)');
    const big = 'x'.repeat(3_000_000);
    const sent = Array.from({ length: 24 }, (_, n) =>
      pool.query<{ n: number; l: number }>('select $1::int n, length($2::text) l', [
        n,
        n % 2 ? big : 'small',
      ]),
    );
    const answers = (await Promise.all(sent)).map((r) => r.rows[0]);
    expect(answers).toEqual(sent.map((_p, n) => ({ n, l: n % 2 ? big.length : 5 })));
    expect((await pool.query<{ t: string }>("select repeat('y', 3000000) t")).rows[0]!.t).toHaveLength(
      3_000_000,
    );
    await expect(pool.query('select 1/0')).rejects.toMatchObject({ code: '22012' });
    expect((await pool.query('select 1 as one')).rows).toEqual([{ one: 1 }]);
    await pool.end();
  });

  it('a transaction keeps the session to itself; one whose client goes away is rolled back', async () => {
    const pool = poolOf(2);
    const [a, b] = [await pool.connect(), await pool.connect()];
    await a.query('begin');
    await a.query("insert into w values (1, 'a')");
    let seen: unknown = null;
    const other = b.query<{ n: number }>('select count(*)::int n from w').then(({ rows: [row] }) => {
      seen = row;
    });
    await a.query("insert into w values (2, 'a')");
    expect(seen).toBeNull();
    await a.query('commit');
    await other;
    expect(seen).toEqual({ n: 2 });
    await a.query('begin');
    await a.query('delete from w');
    a.release(new Error('gone'));
    expect((await b.query('select count(*)::int n from w')).rows).toEqual([{ n: 2 }]);
    b.release();
    await pool.end();
  });

  it('nothing is answered before it is settled; what cannot be settled is told and ends the serving', async () => {
    const pool = poolOf(1);
    const before = settled;
    await pool.query("insert into w values (3, 'b')");
    expect(settled).toBeGreaterThan(before);
    trouble = Object.assign(new Error('ENOSPC: no space left on device, fsync'), { code: 'ENOSPC' });
    const failure: unknown = await pool.query("insert into w values (4, 'b')").catch((e: unknown) => e);
    expect(problemOf(failure)).toMatchObject({ code: 'store.full', status: 507 });
    expect(fatal).toBe(trouble);
    await expect(pool.query('select 1')).rejects.toThrow();
    await pool.end().catch(() => undefined);
    await fresh();
  });
});

describe('what the store says', () => {
  it('is told by kind, however deep it is wrapped', async () => {
    const wrapped = (code: string, message = 'x') =>
      new Error('Failed query', { cause: Object.assign(new Error(message), { code }) });
    expect(problemOf(wrapped('53100'))?.code).toBe('store.full');
    expect(problemOf(wrapped('', 'could not extend file: No space left on device'))?.code).toBe('store.full');
    expect(problemOf(wrapped('store.restarted'))).toMatchObject({ code: 'store.restarted', status: 503 });
    expect(problemOf(new Error('timeout exceeded when trying to connect'))?.code).toBe('store.busy');
    expect(problemOf(new Error('a bug'))).toBeNull();
    // A query that fails for a reason of its own is a fault of ours and stays one.
    const pool = poolOf(1);
    const failure: unknown = await drizzle(pool)
      .execute('select nothing_there')
      .catch((e: unknown) => e);
    expect(problemOf(failure)).toBeNull();
    await pool.end();
  });

  it('the database asked inside its own transaction is told to be busy, not waited for for ever', async () => {
    const { db, close } = await openMemory(await migratedLite(), { connectionTimeoutMillis: 300 });
    const failure: unknown = await db
      .transaction(async () => {
        // What the linter forbids, done where it can be seen.
        // eslint-disable-next-line no-restricted-syntax
        await db.execute('select 1');
      })
      .catch((e: unknown) => e);
    expect([problemOf(failure)?.code, String(failure)]).toEqual(['store.busy', expect.any(String)]);
    await close();
  });

  it('a connection that is lost before its transaction has begun is given back, and the next is a new one', async () => {
    const { db, pool, close } = await openMemory(await migratedLite());
    pool.once('acquire', (client) => {
      (client as unknown as { connection: { stream: Duplex } }).connection.stream.destroy();
    });
    await expect(db.transaction(() => Promise.resolve(1))).rejects.toThrow();
    expect(await db.transaction(() => Promise.resolve(2))).toBe(2);
    expect(pool.waitingCount).toBe(0);
    await close();
  });
});
