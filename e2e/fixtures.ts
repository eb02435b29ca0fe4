import { spawn, type ChildProcess } from 'node:child_process';
import http from 'node:http';
import https from 'node:https';
import { test as base, type BrowserContext, type Page } from '@playwright/test';
import { SHORT_LIVED } from '../server/testing/short-lived';
import { NOWHERE } from './helpers';
import { copySeeded } from './seeded';

/** Ports from here on are used; another where two runs go on at once. */
export const FIRST_PORT = Number(process.env.E2E_PORT ?? 4389);
const WORKER_PORT = FIRST_PORT + 2;
/** A first start makes the database; on a busy machine that takes a while. */
const MOST_START_MS = 60_000;
const MOST_END_MS = 40_000;

/** Whether a server answers, whatever its certificate. */
const isThere = (url: string): Promise<boolean> =>
  new Promise((done) => {
    const ask = url.startsWith('https') ? https : http;
    ask
      .get(`${url}/api/v1/health`, { rejectUnauthorized: false }, (res) => {
        res.resume();
        done(res.statusCode === 200);
      })
      .on('error', () => done(false));
  });

async function answers(url: string, process_: ChildProcess): Promise<void> {
  const until = Date.now() + MOST_START_MS;
  while (Date.now() < until) {
    if (process_.exitCode !== null) throw new Error(`the server ended with ${process_.exitCode}`);
    if (await isThere(url)) return;
    await new Promise((done) => setTimeout(done, 200));
  }
  throw new Error('the server did not start in time');
}

type Served = { demo?: boolean; args?: string[]; env?: Record<string, string>; scheme?: 'http' | 'https' };
/** A built server on a folder and port of its own, which a journey may stop and start again. */
export function serve(
  data: string,
  port: number,
  { demo = true, args = [], env = {}, scheme = 'http' }: Served = {},
) {
  let child: ChildProcess | null = null;
  const end = async (how: 'SIGKILL' | 'SIGINT'): Promise<void> => {
    const ended = new Promise((done) => child!.once('exit', done));
    child!.kill(how);
    const late = new Promise<never>((_, refuse) =>
      setTimeout(() => refuse(new Error('the server did not end in time')), MOST_END_MS).unref(),
    );
    await Promise.race([ended, late]);
  };
  // The demo kitchen answers when it is laid out.
  const url = `${scheme}://localhost:${port}${demo ? '/demo' : ''}`;
  return {
    url,
    start: async (): Promise<void> => {
      child = spawn(
        process.execPath,
        [
          ...SHORT_LIVED,
          'dist/server/main.js',
          '--data',
          data,
          '--port',
          String(port),
          ...(demo ? [] : ['--empty']),
          ...args,
        ],
        {
          stdio: ['ignore', 'ignore', 'inherit'],
          env: { ...process.env, ...env },
        },
      );
      await answers(url, child);
    },
    kill: () => end('SIGKILL'),
    stop: () => end('SIGINT'),
  };
}

/** A page that goes on from journey to journey, and what it was opened with. */
type Kept = { context: BrowserContext; page: Page; as: string };
const STORAGES = 'local_storage,indexeddb,cookies,cache_storage,service_workers';

/**
 * Leaves the app, and nothing of it behind: no storage, no route, no second page. Left first, since an app that is closed may still
 * put away what was typed. It goes to an answer of the same server, so that the process of the page stays: another load in it costs
 * two fifths of one in a new process, where all code is read anew.
 */
async function emptied({ context, page }: Kept, server: string): Promise<void> {
  for (const other of context.pages()) if (other !== page) await other.close();
  await context.setOffline(false);
  await Promise.all([
    context.unrouteAll({ behavior: 'ignoreErrors' }),
    page.unrouteAll({ behavior: 'ignoreErrors' }),
  ]);
  await page.goto(`${server}${NOWHERE}`);
  await page.emulateMedia({ media: null, colorScheme: 'light' });
  await page.evaluate(() => sessionStorage.clear());
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', {
    origin: new URL(server).origin,
    storageTypes: STORAGES,
  });
  await session.detach();
}

/** What belongs to a worker: the built server with the demo in a fresh folder, and the page. */
type OfWorker = { server: string; kept: { now: Kept | null } };
export const test = base.extend<object, OfWorker>({
  server: [
    // Playwright reads the names of what a fixture wants off its first parameter.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, { parallelIndex }) => {
      const data = `test-results/data-${parallelIndex}`;
      copySeeded(data);
      const server = serve(data, WORKER_PORT + parallelIndex);
      await server.start();
      await use(server.url);
      await server.stop();
    },
    { scope: 'worker', timeout: MOST_START_MS + 10_000 },
  ],
  kept: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const kept: OfWorker['kept'] = { now: null };
      await use(kept);
      await kept.now?.context.close();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ server }, use) => use(`${server}/`),
  context: async ({ browser, kept, server, contextOptions, viewport }, use, testInfo) => {
    const as = JSON.stringify([contextOptions, viewport]);
    if (kept.now?.as !== as) {
      await kept.now?.context.close();
      const context = await browser.newContext();
      kept.now = { context, page: await context.newPage(), as };
    }
    const now = kept.now;
    if (viewport) await now.page.setViewportSize(viewport);
    let isOwn = false;
    // A script that runs before the page cannot be taken back: such a page is of its journey alone.
    const add = now.page.addInitScript.bind(now.page);
    now.page.addInitScript = (...script) => {
      isOwn = true;
      return add(...script);
    };
    await use(now.context);
    now.page.addInitScript = add;
    if (!isOwn && testInfo.status === testInfo.expectedStatus && !now.page.isClosed())
      return emptied(now, server);
    kept.now = null;
    await now.context.close();
  },
  page: async ({ context, kept }, use) => {
    if (kept.now?.context !== context) throw new Error('the page is of another context');
    await use(kept.now.page);
  },
});
export { expect } from '@playwright/test';
