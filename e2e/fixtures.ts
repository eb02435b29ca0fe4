import { spawn, type ChildProcess } from 'node:child_process';
import http from 'node:http';
import https from 'node:https';
import { test as base } from '@playwright/test';
import { SHORT_LIVED } from '../server/testing/short-lived';
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

/** The built server with the demo in a fresh folder, one for each worker. */
export const test = base.extend<object, { server: string }>({
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
  baseURL: async ({ server }, use) => use(`${server}/`),
});
export { expect } from '@playwright/test';
