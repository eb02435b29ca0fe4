import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { MessageChannel, Worker, type MessagePort } from 'node:worker_threads';
import type { PGlite } from '@electric-sql/pglite';
import { isNull, sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { fold } from '../../core/explain';
import { lockFolder } from './lock';
import * as schema from './schema';
import { CHANNEL, newsHere, newsOf, type News } from './news';
import { dbOf, makeRole, type Db } from './scope';
import type { StoreOrder, StoreWord } from './store-thread';
import { PortStream, serveWire } from './wire';

export type { Db };
/** The kitchen that is there from the first start. */
export const FIRST_KITCHEN = 1;
export type OpenDb = {
  /** The first kitchen: the only one where nobody looks after a server of several. */
  db: Db;
  of: (kitchen: number) => Db;
  /** Where it is looked up who comes: people, their sessions and codes of every kitchen. */
  door: Db;
  /** What happens, told to every process on this store. */
  news: News;
  /** Takes statistics, without which a page of many rows is looked for by reading all of them, and cuts an embedded log. */
  tidy: () => Promise<void>;
  /** The connections beneath, which nobody asks but tests. */
  pool: pg.Pool;
  /** How many wait for a connection. */
  waiting: () => number;
  close: () => Promise<void>;
};

/** Migrations lie beside the source and, in a build, beside the bundle. */
export const MIGRATIONS = fileURLToPath(new URL('./migrations', import.meta.url));
/** Two numbers of our own, so that of several processes on one database one migrates and the others wait. */
const MIGRATION_LOCK = 'pg_advisory_lock(7206411, 1)';
const MIGRATION_UNLOCK = 'pg_advisory_unlock(7206411, 1)';
/** Longer than this nobody waits for a connection, ms: `db` asked inside its own transaction would wait for ever. */
const MOST_WAIT_MS = 10_000;
/** So often statistics are taken and the log is cut, ms, where something was written: PGlite has no process that does. */
const HOUSEKEEPING_MS = 20 * 60_000;

async function ready(
  config: pg.PoolConfig,
  closed: () => Promise<void>,
  /** Of a server: how to come to it for news. An embedded database has one process, which tells itself. */
  listen: pg.ClientConfig | null = null,
): Promise<OpenDb> {
  const embedded = listen === null;
  const pool = new pg.Pool({ connectionTimeoutMillis: MOST_WAIT_MS, ...config });
  // An idle client may lose its database; the next query gets a new one.
  pool.on('error', () => undefined);
  // One that loses it in the middle of work fails its query, which is told; without a listener it would end the process.
  pool.on('connect', (c) => void c.on('error', () => undefined));
  const client = await pool.connect();
  let role: string | null;
  try {
    // The lock is of the connection, so the migration must run on the same one.
    await client.query(`select ${MIGRATION_LOCK}`);
    await migrate(drizzle(client), { migrationsFolder: MIGRATIONS });
    role = await makeRole(client);
  } finally {
    await client.query(`select ${MIGRATION_UNLOCK}`).catch(() => undefined);
    client.release();
  }
  const of = (kitchen: number): Db => dbOf(pool, role, { kitchen });
  const store = dbOf(pool, role, 'store');
  const db = of(FIRST_KITCHEN);
  await foldTitles(db);
  const tidy = async (): Promise<void> => {
    await store.execute(sql`analyze`);
    // A server cuts its log itself, and lets none but its own superuser.
    if (embedded) await store.execute(sql`checkpoint`);
  };
  const beat = embedded ? setInterval(() => void tidy().catch(() => undefined), HOUSEKEEPING_MS) : null;
  beat?.unref();
  const news = listen
    ? await newsOf(listen, (text) => pool.query('select pg_notify($1, $2)', [CHANNEL, text]))
    : newsHere();
  return {
    db,
    of,
    door: dbOf(pool, role, 'door'),
    news,
    tidy,
    pool,
    waiting: () => pool.waitingCount,
    close: async () => {
      if (beat) clearInterval(beat);
      await news.close();
      await pool.end();
      await closed();
    },
  };
}

/** Titles from before there was a column to look them up by. */
async function foldTitles(db: Db): Promise<void> {
  const rows = await db
    .select({ id: schema.formula.id, title: schema.formula.title })
    .from(schema.formula)
    .where(isNull(schema.formula.folded));
  for (const { id, title } of rows)
    await db
      .update(schema.formula)
      .set({ folded: fold(title) })
      .where(sql`${schema.formula.id} = ${id}`);
}

/** A pool of one: an embedded database has one session. */
export const embeddedPool = (connect: (port: MessagePort) => void): pg.PoolConfig => ({
  stream: () => {
    const { port1, port2 } = new MessageChannel();
    connect(port2);
    return new PortStream(port1);
  },
  user: 'postgres',
  database: 'postgres',
  max: 1,
  idleTimeoutMillis: 0,
});

/** Waits between starts of a thread that keeps dying, ms: the last is kept to. */
const AGAIN_MS = [0, 500, 2000, 5000];

/** The thread that holds an embedded database; one that dies is started again, and recovers from its log. */
class StoreThread {
  #worker: Worker | null = null;
  #closing = false;
  #starts = 0;

  constructor(
    readonly script: URL,
    readonly dataDir: string,
  ) {}

  start(): Promise<void> {
    const worker = new Worker(this.script, { workerData: { dataDir: this.dataDir }, execArgv: [] });
    this.#worker = worker;
    return new Promise((done, refuse) => {
      let failure = new Error('the database thread ended while it started');
      worker.on('error', (error: Error) => (failure = error));
      worker.on('message', (word: StoreWord) => {
        if (!('ready' in word)) return;
        this.#starts = 0;
        done();
      });
      worker.on('exit', () => {
        this.#worker = null;
        refuse(failure);
        if (this.#closing) return;
        const wait = AGAIN_MS[Math.min(this.#starts, AGAIN_MS.length - 1)]!;
        this.#starts += 1;
        setTimeout(() => !this.#closing && void this.start().catch(() => undefined), wait).unref();
      });
    });
  }

  /** The other end of a connection. Where there is no thread just now it is closed, and whoever asked is told. */
  readonly connect = (port: MessagePort): void => {
    if (this.#worker) this.#worker.postMessage({ connect: port } satisfies StoreOrder, [port]);
    else port.close();
  };

  /** For tests of what happens then. */
  kill(): void {
    void this.#worker?.terminate();
  }

  giveUp(): void {
    this.#closing = true;
    void this.#worker?.terminate();
  }

  async close(): Promise<void> {
    this.#closing = true;
    const worker = this.#worker;
    if (!worker) return;
    const ended = new Promise<void>((done) => worker.once('exit', () => done()));
    worker.postMessage({ close: true } satisfies StoreOrder);
    await ended;
  }
}

/** Opens the database of a data folder, made on the first start, and holds the folder until it is closed. */
export async function openFolder(
  dir: string,
  script: URL,
  onLost?: () => void,
): Promise<OpenDb & { killThread: () => void }> {
  const dataDir = join(dir, 'postgres');
  const thread = new StoreThread(script, dataDir);
  const release = lockFolder(dir, {
    // Another process has the folder: not one more byte is written from here.
    onLost: () => {
      thread.giveUp();
      onLost?.();
    },
  });
  try {
    await thread.start();
    const open = await ready(embeddedPool(thread.connect), async () => {
      await thread.close();
      release();
    });
    return { ...open, killThread: () => thread.kill() };
  } catch (error) {
    thread.giveUp();
    release();
    throw error;
  }
}

/** A database in memory of this thread: one that is there, or a new one. What becomes of it in the end, `closed` says. */
export async function openMemory(
  there?: PGlite,
  more: pg.PoolConfig = {},
  closed = (lite: PGlite): Promise<void> => lite.close(),
): Promise<OpenDb> {
  // The running server has its database in a thread: here the package is not even read.
  const lite = there ?? (await (await import('@electric-sql/pglite')).PGlite.create());
  const connect = serveWire(
    lite,
    () => undefined,
    () => undefined,
  );
  return ready({ ...embeddedPool(connect), ...more }, () => closed(lite));
}

/** A PostgreSQL server, by its address. */
export function openServer(url: string, more: pg.PoolConfig = {}): Promise<OpenDb> {
  return ready({ connectionString: url, max: 10, ...more }, () => Promise.resolve(), {
    connectionString: url,
  });
}
