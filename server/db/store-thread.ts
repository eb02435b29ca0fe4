import { parentPort, workerData, type MessagePort } from 'node:worker_threads';
import { PGlite } from '@electric-sql/pglite';
import { makeDurable } from './durable';
import { serveWire } from './wire';

/** What is said to the thread that holds the database, and what it says. */
export type StoreOrder = { connect: MessagePort } | { close: true };
export type StoreWord = { ready: true } | { closed: true };

const { dataDir } = workerData as { dataDir: string };
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
