import { closeSync, existsSync, fsyncSync, openSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { parentPort, workerData, type MessagePort } from 'node:worker_threads';
import { PGlite } from '@electric-sql/pglite';
import { makeDurable } from './durable';
import { serveWire } from './wire';

/** What is said to the thread that holds the database, and what it says. */
export type StoreOrder = { connect: MessagePort } | { close: true };
export type StoreWord = { ready: true } | { closed: true };

const { dataDir } = workerData as { dataDir: string };
/** A folder of PostgreSQL has this in it from the first moment on. */
const isThere = (dir: string): boolean => existsSync(join(dir, 'PG_VERSION'));

/**
 * Makes the folder of an empty database, unpacked from beside the build where it is there. It gets its name when all of it
 * is on the disk: a start that is broken off leaves nothing that the next would take for a database.
 */
async function make(dir: string): Promise<void> {
  const making = `${dir}.making`;
  rmSync(making, { recursive: true, force: true });
  const { settle, stop } = makeDurable(making);
  const packed = new URL('./empty.tar.gz', import.meta.url);
  const empty = existsSync(packed) ? new Blob([readFileSync(packed)], { type: 'application/x-gzip' }) : null;
  const made = await PGlite.create({ dataDir: making, ...(empty ? { loadDataDir: empty } : {}) });
  await made.close();
  settle();
  stop();
  rmSync(dir, { recursive: true, force: true });
  renameSync(making, dir);
  const parent = openSync(dirname(dir), 'r');
  fsyncSync(parent);
  closeSync(parent);
}

if (!isThere(dataDir)) await make(dataDir);
const { settle } = makeDurable(dataDir);
const db = await PGlite.create({ dataDir });
settle();
const connect = serveWire(db, settle, (error) => {
  // A database that broke in the middle of something is not gone on with: the next thread recovers it from its log.
  setImmediate(() => {
    throw error;
  });
});
parentPort?.on('message', (order: StoreOrder) => {
  if ('connect' in order) {
    connect(order.connect);
    return;
  }
  void db.close().then(() => {
    settle();
    parentPort?.postMessage({ closed: true } satisfies StoreWord);
    parentPort?.close();
  });
});
parentPort?.postMessage({ ready: true } satisfies StoreWord);
