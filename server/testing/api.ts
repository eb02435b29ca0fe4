import { randomUUID } from 'node:crypto';
import type { PGlite } from '@electric-sql/pglite';
import pg from 'pg';
import request from 'supertest';
import { afterAll, inject } from 'vitest';
import type { Problem } from '../../contract/problem';
import { FIRST_KITCHEN, openMemory, openServer, type OpenDb } from '../db/open';
import type { House } from '../http/handlers';
import { makeApp } from '../http/app';
import { inPlace } from '../work/compute';
import { DATABASE_OWNER } from './postgres';
import { migratedLite } from './template';

/** An id of nothing. */
export const NOWHERE = '00000000-0000-4000-8000-000000000000';
export const path = (p: string): string => `/api/v1${p}`;
export const problem = (res: { body: unknown }): Problem => res.body as Problem;

/** The address of a database on the server of the tests, for the user that the app is there. */
export const addressOn = (socket: string, name: string): string =>
  `postgres://${DATABASE_OWNER}@/${name}?host=${encodeURIComponent(socket)}`;

/** Makes an empty database on the server of the tests; its address. */
export async function emptyOn(socket: string): Promise<string> {
  const name = `t_${randomUUID().replaceAll('-', '')}`;
  const admin = new pg.Client({ host: socket, user: 'postgres', database: 'postgres' });
  await admin.connect();
  await admin.query(`create database ${name} owner ${DATABASE_OWNER}`);
  await admin.end();
  return addressOn(socket, name);
}

/** Databases in memory of this worker that tests have done with, emptied: a new one takes a processor a second. */
const emptied: PGlite[] = [];
/** Empties a database for the next test: no row but the first kitchen, which a migration makes, and a session as it begins. */
async function giveBack(lite: PGlite): Promise<void> {
  await lite.exec('discard all');
  const { rows } = await lite.query<{ all: string }>(
    "select string_agg(quote_ident(tablename), ', ') as all from pg_tables where schemaname = 'public'",
  );
  await lite.exec(`truncate ${rows[0]!.all} restart identity`);
  await lite.query("insert into house (kitchen_id, name) values ($1, '')", [FIRST_KITCHEN]);
  emptied.push(lite);
}

/** An empty database: in memory, or one of its own on the server. */
export async function emptyDatabase(): Promise<OpenDb> {
  const socket = inject('postgres');
  return socket
    ? openServer(await emptyOn(socket))
    : openMemory(emptied.pop() ?? (await migratedLite()), {}, giveBack);
}

/** The first kitchen of an open store, computing in place. */
export const houseOf = (store: OpenDb): House => ({
  kitchen: FIRST_KITCHEN,
  db: store.db,
  compute: inPlace(),
  store,
});

/** The API over an empty database, for the tests of one file; it is closed after them. */
export async function testApi(): Promise<{ api: ReturnType<typeof request>; database: OpenDb }> {
  const database = await emptyDatabase();
  afterAll(() => database.close());
  return { api: request(makeApp({ kitchens: { house: houseOf(database) } })), database };
}
