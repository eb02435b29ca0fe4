import { createServer, type RequestListener, type Server } from 'node:http';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { pino } from 'pino';
import { FolderLockedError } from './db/lock';
import { openFolder, type OpenDb } from './db/open';
import { makeApp } from './http/app';
import type { House } from './http/routes';
import { seedDemo } from './seed';
import { listPantry } from './services/pantry';
import { inThreads } from './work/compute';

const STORE_THREAD = new URL('./store-thread.js', import.meta.url);
const DEFAULT_PORT = 4173;
const TRIED_PORTS = 20;

const HELP = `New Crumb

  --data DIR   where the shelf is kept (default: .data in this folder)
  --port N     port on this machine (default: ${DEFAULT_PORT}, or the next free one)
  --empty      without the demo kitchen
  --help       this text`;

type Options = { data: string; port: number | null; empty: boolean };

function fail(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

function options(): Options {
  try {
    const { values } = parseArgs({
      options: {
        data: { type: 'string' },
        port: { type: 'string' },
        empty: { type: 'boolean' },
        help: { type: 'boolean' },
      },
    });
    if (values.help) {
      process.stdout.write(`${HELP}\n`);
      process.exit(0);
    }
    const port = values.port === undefined ? null : Number(values.port);
    if (port !== null && !(Number.isInteger(port) && port >= 0 && port < 65536)) {
      fail(`--port ${values.port} is not a port. Give a number from 0 to 65535.`);
    }
    return {
      data: resolve((values.data ?? '.data').replace(/^~/, homedir())),
      port,
      empty: values.empty ?? false,
    };
  } catch (error) {
    return fail(`${(error as Error).message}\n\n${HELP}`);
  }
}

/** Listens on the loopback address only. A port that was asked for is taken or refused; else the next free one is. */
function listen(server: Server, asked: number | null): Promise<number> {
  return new Promise((done, refuse) => {
    let port = asked ?? DEFAULT_PORT;
    server.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EADDRINUSE') return refuse(error);
      if (asked !== null || port >= DEFAULT_PORT + TRIED_PORTS) {
        return refuse(new Error(`Port ${port} is in use. Stop what uses it, or choose another with --port.`));
      }
      port += 1;
      server.listen(port, '127.0.0.1');
    });
    server.on('listening', () => {
      const address = server.address();
      done(typeof address === 'object' && address ? address.port : port);
    });
    server.listen(port, '127.0.0.1');
  });
}

async function main(): Promise<void> {
  const { data, port, empty } = options();
  const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' }, pino.destination(2));
  // The port comes first: ended while its threads are still loading, Node 20 can die with a fatal error of its own.
  // What is asked before the kitchen is open waits for it.
  let opened!: (app: RequestListener) => void;
  const app = new Promise<RequestListener>((done) => (opened = done));
  const server = createServer((req, res) => void app.then((answer) => answer(req, res)));
  const at = await listen(server, port).catch((error: unknown) => fail((error as Error).message));
  const database = await openFolder(data, STORE_THREAD).catch((error: unknown) => {
    if (error instanceof FolderLockedError) fail(error.message);
    return fail(`The data folder ${data} cannot be opened: ${(error as Error).message}`);
  });
  const compute = inThreads(new URL('./thread.js', import.meta.url));
  let demo: Promise<OpenDb> | null = null;
  /** The demo kitchen has a folder of its own: nothing of it is ever in the other. */
  async function openDemo(): Promise<House> {
    demo ??= openFolder(join(data, 'demo'), STORE_THREAD);
    const { db } = await demo.catch((error: unknown) => {
      demo = null;
      throw error;
    });
    await seedDemo(db);
    const beside = compute.beside();
    beside.know(await listPantry(db));
    return { db, compute: beside };
  }
  const webDir = fileURLToPath(new URL('../web', import.meta.url));

  let closing = false;
  const close = async (code: number) => {
    if (closing) return;
    closing = true;
    const closed = new Promise((r) => server.close(r));
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 2000).unref();
    await closed;
    await compute.close();
    await database.close();
    await (await demo?.catch(() => null))?.close();
    process.exit(code);
  };
  process.on('SIGINT', () => void close(0));
  process.on('SIGTERM', () => void close(0));

  try {
    compute.know(await listPantry(database.db));
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\n`);
    return close(1);
  }
  opened(makeApp({ db: database.db, compute, webDir, log, ...(empty ? {} : { demo: openDemo }) }));
  process.stdout.write(`New Crumb is at http://localhost:${at}\n`);
  if (!empty) process.stdout.write(`A demo kitchen to look round is at http://localhost:${at}/demo\n`);
  process.stdout.write(`Kept in ${data}. Ctrl-C stops it.\n`);
}

await main();
