import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { readFormula } from '../../core/reading';
import type { Version } from '../../contract/dto';
import type { Outcome } from '../../core/rebalance';

/** The server as it is built and started, as a process of its own: what only a process can show. */
const MAIN = join(import.meta.dirname, '../../dist/server/main.js');
const KILLS = 20;
const { formula } = readFormula(DEMO_FORMULAS[3]!);

type Running = { child: ChildProcess; url: string; said: () => string };
type Ended = { code: number | null; said: string };

let dir: string;
let started: ChildProcess[];
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'crumb-built-'));
  started = [];
});
afterEach(() => {
  started.forEach((c) => c.kill('SIGKILL'));
  rmSync(dir, { recursive: true, force: true });
});

function launch(args: string[]): { child: ChildProcess; said: () => string } {
  const child = spawn(process.execPath, [MAIN, '--data', dir, ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  started.push(child);
  let text = '';
  child.stdout.on('data', (d: Buffer) => (text += d.toString()));
  child.stderr.on('data', (d: Buffer) => (text += d.toString()));
  return { child, said: () => text };
}

/** Starts and waits for the printed address. */
async function start(...args: string[]): Promise<Running> {
  const { child, said } = launch(args);
  for (;;) {
    const url = /at (http:\/\/localhost:\d+)/.exec(said())?.[1];
    if (url) return { child, url: url.replace('localhost', '127.0.0.1'), said };
    if (child.exitCode !== null) throw new Error(`the server ended: ${said()}`);
    await new Promise((r) => setTimeout(r, 20));
  }
}

const ended = (child: ChildProcess): Promise<number | null> =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve(child.exitCode)
    : new Promise((done) => child.once('exit', (code) => done(code)));

async function startAndEnd(...args: string[]): Promise<Ended> {
  const { child, said } = launch(args);
  return { code: await ended(child), said: said() };
}

const send = (url: string, path: string, body: unknown) =>
  fetch(`${url}/api/v1${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

async function titles(url: string): Promise<string[]> {
  const list = (await (await fetch(`${url}/api/v1/formulas`)).json()) as { formulas: { title: string }[] };
  return list.formulas.map((f) => f.title);
}

describe('starting and stopping', () => {
  it('fills in the demo once, keeps the data over a restart, closes cleanly on Ctrl-C', async () => {
    const first = await start('--port', '0');
    expect(first.said()).toContain(`${DEMO_FORMULAS.length} demo formulas put on the shelf`);
    const made = (await (
      await send(first.url, '/formulas', { formula: { ...formula, title: 'Kept over night' } })
    ).json()) as { version: Version };
    const thread = (await (
      await send(first.url, '/adapt', { formula, exclude: ['dairy'] })
    ).json()) as Outcome;
    expect(thread.solutions.length).toBeGreaterThan(0);
    const page = await fetch(`${first.url}/formula/x/swap`);
    expect([page.status, page.headers.get('content-type')]).toEqual([200, 'text/html; charset=utf-8']);
    first.child.kill('SIGINT');
    expect(await ended(first.child)).toBe(0);
    expect(existsSync(join(dir, 'lock.json'))).toBe(false);

    const second = await start('--port', '0');
    expect(await titles(second.url)).toHaveLength(DEMO_FORMULAS.length + 1);
    expect(await (await fetch(`${second.url}/api/v1/versions/${made.version.id}`)).json()).toEqual(
      made.version,
    );
    second.child.kill('SIGTERM');
    expect(await ended(second.child)).toBe(0);
  });

  it('--empty starts with an empty shelf', async () => {
    const { url } = await start('--port', '0', '--empty');
    expect(await titles(url)).toEqual([]);
  });

  it('a second process on the same folder is told so', async () => {
    await start('--port', '0', '--empty');
    const second = await startAndEnd('--port', '0');
    expect([second.code, second.said]).toEqual([1, expect.stringMatching(/in use by process \d+.*--data/)]);
  });

  it('a busy port that was asked for gets a clear message; one that is no port too', async () => {
    const busy = createServer();
    await new Promise<void>((done) => busy.listen(0, '127.0.0.1', done));
    const port = (busy.address() as { port: number }).port;
    const taken = await startAndEnd('--port', String(port), '--empty');
    expect([taken.code, taken.said]).toEqual([1, expect.stringContaining(`Port ${port} is in use`)]);
    busy.close();
    expect(await startAndEnd('--port', 'cake')).toMatchObject({
      code: 1,
      said: expect.stringContaining('is not a port') as string,
    });
    expect(await startAndEnd('--prot', '1')).toMatchObject({
      code: 1,
      said: expect.stringContaining('--port N') as string,
    });
  });

  it('listens on the loopback address only', async () => {
    const { url, child } = await start('--port', '0', '--empty');
    const port = Number(new URL(url).port);
    const { readFileSync } = await import('node:fs');
    const rows = ['/proc/net/tcp', '/proc/net/tcp6'].flatMap((f) => readFileSync(f, 'utf8').split('\n'));
    const hex = port.toString(16).toUpperCase().padStart(4, '0');
    const local = rows
      .flatMap((r) => /^\s*\d+: (\w+):(\w{4}) \w+:0000 0A/.exec(r)?.slice(1, 3).join(':') ?? [])
      .filter((a) => a.endsWith(`:${hex}`));
    expect(local).toEqual([`0100007F:${hex}`]);
    child.kill('SIGKILL');
  });
});

describe('kill -9 in the middle of saving', () => {
  it(`loses nothing that was confirmed, ${KILLS} times`, async () => {
    const confirmed: string[] = [];
    for (let round = 0; round < KILLS; round++) {
      const { child, url } = await start('--port', '0', '--empty');
      const there = new Set(await titles(url));
      expect(confirmed.filter((t) => !there.has(t))).toEqual([]);
      let stop = false;
      const writer = async (w: number) => {
        for (let n = 0; !stop; n++) {
          const title = `round ${round}, writer ${w}, ${n}`;
          const ok = await send(url, '/formulas', { formula: { ...formula, title } }).then(
            (r) => r.status === 201,
            () => false,
          );
          if (ok) confirmed.push(title);
        }
      };
      const writers = [writer(1), writer(2), writer(3)];
      await new Promise((r) => setTimeout(r, 120 + 17 * round));
      child.kill('SIGKILL');
      stop = true;
      await Promise.all([ended(child), ...writers]);
    }
    const { url } = await start('--port', '0', '--empty');
    const there = new Set(await titles(url));
    expect(confirmed.filter((t) => !there.has(t))).toEqual([]);
    // A slow machine confirms fewer before it is killed; that some were is what makes this a test.
    expect(confirmed.length).toBeGreaterThan(KILLS / 4);
  }, 240_000);
});
