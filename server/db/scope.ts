import { drizzle, type NodePgQueryResultHKT } from 'drizzle-orm/node-postgres';
import type { PgDatabase } from 'drizzle-orm/pg-core';
import type pg from 'pg';
import * as schema from './schema';

/** The database as a kitchen sees it, or a transaction in it. */
export type Db = PgDatabase<NodePgQueryResultHKT, typeof schema>;

/** The part of the app that works with kitchens. It is no owner of tables and held by row-level security. */
const APP_ROLE = 'new_crumb_app';
/**
 * What a connection is there for: one kitchen; the door, where it is looked up who comes before their kitchen is known; or the
 * store itself, its tables and statistics.
 */
export type Scope = { kitchen: number } | 'door' | 'store';

/** What each connection was told last. Nothing else sets it, so it need not be set again. */
const told = new WeakMap<object, string>();

/**
 * Makes the role of the app where whoever connects would be held by no policy: a superuser, as the embedded database has
 * only. On a server where the user is an ordinary one its own tables hold it (FORCE ROW LEVEL SECURITY), and no role is made.
 */
export async function makeRole(client: pg.ClientBase): Promise<string | null> {
  const { rows } = await client.query<{ free: boolean }>(
    'select rolsuper or rolbypassrls as free from pg_roles where rolname = current_user',
  );
  if (!rows[0]?.free) return null;
  await client.query(`
    do $$ begin
      create role ${APP_ROLE} nologin;
    exception when duplicate_object or unique_violation then null;
    end $$`);
  await client.query(`grant usage on schema public to ${APP_ROLE}`);
  await client.query(`grant select, insert, update, delete on all tables in schema public to ${APP_ROLE}`);
  await client.query(`grant usage on all sequences in schema public to ${APP_ROLE}`);
  return APP_ROLE;
}

/** Connections of a pool, each told what it is there for before it is given out. */
class Scoped {
  readonly #as: string;
  readonly #kitchen: string;
  readonly #door: string;
  constructor(
    readonly pool: pg.Pool,
    readonly role: string | null,
    readonly scope: Scope,
  ) {
    this.#kitchen = typeof scope === 'object' ? String(scope.kitchen) : '';
    this.#door = scope === 'door' ? 'open' : '';
    this.#as = `${this.#kitchen}/${this.#door}/${scope === 'store' ? '' : (role ?? '')}`;
  }

  async connect(): Promise<pg.PoolClient> {
    const client = await this.pool.connect();
    if (told.get(client) === this.#as) return client;
    told.delete(client);
    try {
      if (this.role) await client.query(this.scope === 'store' ? 'reset role' : `set role ${this.role}`);
      await client.query("select set_config('app.kitchen', $1, false), set_config('app.door', $2, false)", [
        this.#kitchen,
        this.#door,
      ]);
    } catch (error) {
      // One of which nobody knows whose it is goes to nobody.
      client.release(true);
      throw error;
    }
    told.set(client, this.#as);
    return client;
  }

  /** As a pool has it: one query on any connection. */
  async query(...args: Parameters<pg.PoolClient['query']>): Promise<unknown> {
    const client = await this.connect();
    try {
      return await (client.query as (...a: unknown[]) => Promise<unknown>).apply(client, args);
    } finally {
      client.release();
    }
  }
}

/**
 * The database as a scope sees it. Drizzle's own transactions keep their connection for ever where it is lost before they
 * have begun, and the only connection of an embedded database would be gone with it.
 */
export function dbOf(pool: pg.Pool, role: string | null, scope: Scope): Db {
  const scoped = new Scoped(pool, role, scope);
  const transaction: Db['transaction'] = async (work, config) => {
    const client = await scoped.connect();
    try {
      return await drizzle(client, { schema }).transaction(work, config);
    } finally {
      // One that was lost is not taken back by the pool.
      client.release();
    }
  };
  return Object.assign(drizzle(scoped as unknown as pg.Pool, { schema }), { transaction }) as Db;
}
