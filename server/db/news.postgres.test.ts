import pg from 'pg';
import { describe, expect, inject, it } from 'vitest';
import { openServer, type OpenDb } from './open';
import { addressOn, emptyDatabase } from '../testing/api';

/** Two processes on one database: only a server has them. */
const socket = inject('postgres');
const heardSoon = async (heard: () => boolean): Promise<boolean> => {
  for (let i = 0; i < 200 && !heard(); i++) await new Promise((r) => setTimeout(r, 20));
  return heard();
};

describe('news between processes', () => {
  it('arrives at the other once, and again after its connection was cut', async () => {
    const one: OpenDb = await emptyDatabase();
    const name = (await one.pool.query<{ n: string }>('select current_database() as n')).rows[0]!.n;
    const two = await openServer(addressOn(socket!, name));
    const heard = { one: 0, two: 0 };
    one.news.follow(1, 'day', 'x', () => (heard.one += 1));
    two.news.follow(1, 'day', 'x', () => (heard.two += 1));
    const pantries: (number | null)[] = [];
    two.news.followAll('pantry', (kitchen) => pantries.push(kitchen));
    one.news.tell(1, 'day', 'x');
    expect(heard.one).toBe(1);
    expect(await heardSoon(() => heard.two === 1)).toBe(true);
    // Every listener's connection is ended, as a restart of the server would.
    const admin = new pg.Client({ host: socket!, user: 'postgres', database: name });
    await admin.connect();
    await admin.query(
      "select pg_terminate_backend(pid) from pg_stat_activity where query like 'listen%' and datname = current_database()",
    );
    await admin.end();
    // Both are told to look when they listen again.
    expect(await heardSoon(() => heard.one >= 2 && heard.two >= 2)).toBe(true);
    // Of which kitchen something was told meanwhile nobody knows: of any.
    expect(pantries).toEqual([null]);
    const before = heard.two;
    one.news.tell(1, 'day', 'x');
    expect(await heardSoon(() => heard.two === before + 1)).toBe(true);
    await two.close();
    await one.close();
  });
});
