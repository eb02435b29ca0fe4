import type { RequestListener, Server } from 'node:http';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { FolderLockedError } from './db/lock';
import { FIRST_KITCHEN, openFolder, openServer, type OpenDb } from './db/open';
import { makeApp, type AppOptions } from './http/app';
import type { House } from './http/handlers';
import { endLive } from './http/live';
import { hasOwner, newKitchen, newSetUpCode } from './people/door';
import { seedDemo } from './seed';
import { listPantry } from './services/pantry';
import { backupsOf } from './start/backups';
import { kitchensOf } from './start/kitchens';
import { takePort } from './start/listen';
import { certificate, ownAddresses, ownNames, type Certificate } from './start/network';
import { AskedWrong, optionsOf, type Options } from './start/options';
import { inThreads, type Compute } from './work/compute';

const STORE_THREAD = new URL('./store-thread.js', import.meta.url);

function fail(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}
const say = (line: string): void => void process.stdout.write(`${line}\n`);

function options(): Options {
  try {
    return optionsOf(process.argv.slice(2), process.env);
  } catch (error) {
    if (!(error instanceof AskedWrong)) throw error;
    if (error.code !== 0) return fail(error.message);
    say(error.message);
    return process.exit(0);
  }
}

/** The store: a PostgreSQL server where its address was given, else the folder. */
async function openStore({ database, data }: Options): Promise<OpenDb> {
  if (database !== null)
    return openServer(database).catch((error: unknown) =>
      fail(
        `The database at ${new URL(database).host || 'DATABASE_URL'} cannot be opened: ${(error as Error).message}`,
      ),
    );
  return openFolder(data, STORE_THREAD).catch((error: unknown) => {
    if (error instanceof FolderLockedError) fail(error.message);
    return fail(`The data folder ${data} cannot be opened: ${(error as Error).message}`);
  });
}

/** How others on the network come to it over HTTPS. */
async function encrypted({ data }: Options): Promise<Certificate> {
  return certificate(data, ['localhost', '127.0.0.1', ...ownNames(), ...ownAddresses()]).catch(
    (error: unknown) => fail(`No certificate could be made in ${data}: ${(error as Error).message}`),
  );
}

/** Makes one more kitchen on a server, and says how its owner comes in. */
async function addKitchen(asked: Options, name: string): Promise<void> {
  const store = await openStore(asked);
  const code = await newSetUpCode(store.door, await newKitchen(store.door, name), asked.setUpCode);
  say(`${name} is there. Its owner sets it up in the browser with the code ${code}`);
  await store.close();
}

/** The demo kitchen has a folder of its own: nothing of it is ever in the other. It is opened when it is first asked for. */
function demoOf(asked: Options, compute: Compute) {
  let demo: Promise<OpenDb> | null = null;
  return {
    open: async (): Promise<House> => {
      demo ??= openFolder(join(asked.data, 'demo'), STORE_THREAD);
      const store = await demo.catch((error: unknown) => {
        demo = null;
        throw error;
      });
      await seedDemo(store.db);
      const beside = compute.beside();
      beside.know(await listPantry(store.db));
      return { kitchen: FIRST_KITCHEN, db: store.db, compute: beside, store };
    },
    close: async (): Promise<void> => (await demo?.catch(() => null))?.close(),
  };
}

/** Where others find it. */
function addressesOf({ publicUrl, lan }: Options, scheme: string, port: number): string[] {
  if (publicUrl) return [publicUrl.origin];
  return lan ? ownAddresses().map((a) => `${scheme}://${a}:${port}`) : [];
}

/** So long one who stops it waits for answers, ms: a search that starts its thread on a busy machine took over two seconds. */
const LAST_ANSWERS_MS = 10_000;

/**
 * Ends it once: nothing new is begun, requests that came are answered, then what stood behind them is closed. Asked again, it
 * waits for no answer any more.
 */
function closer(
  server: Server,
  { first, last }: { first: () => void; last: readonly (() => Promise<void>)[] },
): (code: number) => Promise<void> {
  let closing = false;
  return async (code) => {
    if (closing) return server.closeAllConnections();
    closing = true;
    first();
    endLive();
    const closed = new Promise((r) => server.close(r));
    // Who is still asking is told that the line ends with this answer: else it would be cut in the middle of the next.
    server.prependListener('request', (_req, res) => void res.setHeader('connection', 'close'));
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), LAST_ANSWERS_MS).unref();
    await closed;
    for (const end of last) await end();
    process.exit(code);
  };
}

/** How it says where it is, and how to come in. */
async function sayWhere(
  asked: Options,
  store: OpenDb,
  tls: Certificate | null,
  { scheme, port, addresses }: { scheme: string; port: number; addresses: string[] },
): Promise<void> {
  say(`New Crumb is at ${scheme}://localhost:${port}`);
  if (asked.people && !(await hasOwner(store.door, FIRST_KITCHEN))) {
    const code = await newSetUpCode(store.door, FIRST_KITCHEN, asked.setUpCode);
    say(`Nobody can sign in yet. Set it up there with the code ${code}`);
  }
  for (const address of addresses) say(`From other devices: ${address}`);
  if (tls)
    say(`They ask once whether to trust it. Its certificate has the SHA-256 fingerprint\n${tls.fingerprint}`);
  else if (asked.lan)
    say(
      'Without HTTPS phones give no camera, stay-awake or work without the network, and what is sent can be read on the way.',
    );
}

async function main(): Promise<void> {
  const asked = options();
  if (asked.addKitchen !== null) return addKitchen(asked, asked.addKitchen);
  const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' }, pino.destination(2));
  const tls = asked.lan && !asked.plain ? await encrypted(asked) : null;
  const { server, port, opened } = await takePort(asked.lan ? '0.0.0.0' : '127.0.0.1', asked.port, tls).catch(
    (error: unknown) => fail((error as Error).message),
  );
  const store = await openStore(asked);
  const compute = inThreads(new URL('./thread.js', import.meta.url));
  const demo = demoOf(asked, compute);
  const scheme = tls ? 'https' : 'http';
  const addresses = (): string[] => addressesOf(asked, scheme, port);
  const backups = backupsOf(store, asked.backup, log);
  const close = closer(server, {
    first: backups.stop,
    last: [() => compute.close(), () => store.close(), () => demo.close()],
  });
  process.on('SIGINT', () => void close(0));
  process.on('SIGTERM', () => void close(0));

  try {
    const of = kitchensOf(store, compute);
    const secure = tls !== null || asked.publicUrl?.protocol === 'https:';
    const kitchens: AppOptions['kitchens'] = asked.people
      ? { people: { door: store.door, of, news: store.news, secure, addresses } }
      : { house: await of(FIRST_KITCHEN) };
    const app: RequestListener = makeApp({
      kitchens,
      // For who looks after a server; one machine alone has nobody who reads them.
      ...(asked.people
        ? { metrics: (await import('./start/metrics')).metricsOf(store, asked.metricsToken) }
        : {}),
      hosts: () => [
        ...(asked.lan ? [...ownAddresses(), ...ownNames()] : []),
        ...(asked.publicUrl ? [asked.publicUrl.hostname] : []),
      ],
      webDir: fileURLToPath(new URL('../web', import.meta.url)),
      log,
      ...(asked.empty ? {} : { demo: demo.open }),
    });
    opened(app);
    await sayWhere(asked, store, tls, { scheme, port, addresses: addresses() });
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\n`);
    return close(1);
  }
  if (!asked.empty) say(`A demo kitchen to look round is at ${scheme}://localhost:${port}/demo`);
  say(
    asked.database === null
      ? `Kept in ${asked.data}. Ctrl-C stops it.`
      : 'Kept on the PostgreSQL server. Ctrl-C stops it.',
  );
}

await main();
