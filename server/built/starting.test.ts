import { existsSync } from 'node:fs';
import { Agent, request, type IncomingMessage } from 'node:http';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import type { KitchenRow, Version } from '../../contract/dto';
import type { Outcome } from '../../core/rebalance';
import { ended } from '../testing/ended';
import { formula, ownFolder, send, start, startAndEnd, titles } from './running';

const folder = ownFolder();

describe('starting and stopping', () => {
  it('has a demo kitchen apart, keeps the data over a restart, closes cleanly on Ctrl-C, whoever follows a day', async () => {
    const first = await start('--port', '0');
    const demo = `${first.url}/demo`;
    expect(await titles(demo)).toHaveLength(DEMO_FORMULAS.length);
    // One's own kitchen has nothing of it: no formula, eater, oven or packet.
    expect(await titles(first.url)).toEqual([]);
    const ownHas = async (path: string) =>
      (await (await fetch(`${first.url}/api/v1${path}`)).json()) as unknown;
    expect(await Promise.all(['/eaters', '/ways', '/pantry'].map(ownHas))).toEqual([
      { rows: [] },
      { rows: [] },
      { items: [] },
    ]);
    expect(((await ownHas('/kitchen')) as KitchenRow).ovens).toBeUndefined();
    // What stands in the demo's pantry stands for nothing here, and the other way round.
    const match = async (url: string) =>
      (await (await send(url, '/match', { names: ['Lantern bun flour'] })).json()) as unknown;
    expect(await match(demo)).not.toEqual(await match(first.url));
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
    expect(existsSync(join(folder.dir(), 'lock.json'))).toBe(false);

    const second = await start('--port', '0');
    expect(await titles(second.url)).toEqual(['Kept over night']);
    expect(await titles(`${second.url}/demo`)).toHaveLength(DEMO_FORMULAS.length);
    expect(await (await fetch(`${second.url}/api/v1/versions/${made.version.id}`)).json()).toEqual(
      made.version,
    );
    // A stop ends what is followed, in order, and waits for nobody who follows.
    const { rows } = (await (await fetch(`${second.url}/demo/api/v1/days`)).json()) as {
      rows: { id: string }[];
    };
    const followed = await fetch(`${second.url}/demo/api/v1/days/${rows[0]!.id}/live`);
    expect(followed.headers.get('content-type')).toContain('text/event-stream');
    const all = followed.text();
    second.child.kill('SIGTERM');
    // Cut off, it would be refused as half a body.
    expect(await all).toBe(': here\n\n');
    expect(await ended(second.child)).toBe(0);
  });

  it('stopped while it is being asked it answers what is on its way and ends the line with it', async () => {
    const { child, url, said } = await start('--port', '0', '--empty');
    // One line: the second request goes out on it when the first is answered, which is after the stop.
    const agent = new Agent({ keepAlive: true, maxSockets: 1 });
    const ask = (path: string, body: unknown) =>
      new Promise<IncomingMessage>((done, refuse) => {
        const headers = { 'content-type': 'application/json' };
        const req = request(`${url}/api/v1${path}`, { method: 'POST', agent, headers }, (res) => {
          res.resume().once('end', () => done(res));
        });
        req.on('error', refuse).end(JSON.stringify(body));
      });
    // A thread has to be started for it first: it is on its way when the stop comes.
    const slow = ask('/adapt', { formula, exclude: ['egg', 'dairy'] });
    const next = ask('/formulas', { formula: { ...formula, title: 'Taken at the last moment' } });
    // Asked later and answered: what was asked before has been taken.
    await fetch(`${url}/api/v1/health`);
    child.kill('SIGINT');
    expect([(await slow).statusCode, (await next).statusCode]).toEqual([200, 201]);
    expect((await next).headers.connection).toBe('close');
    expect(await ended(child)).toBe(0);
    expect(said()).not.toMatch(/"level":[456]0/);
    const again = await start('--port', '0', '--empty');
    expect(await titles(again.url)).toEqual(['Taken at the last moment']);
  });

  it('--empty has no demo kitchen', async () => {
    const { url } = await start('--port', '0', '--empty');
    expect(await titles(url)).toEqual([]);
    expect((await fetch(`${url}/demo/api/v1/formulas`)).status).toBe(404);
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
      said: expect.stringContaining('from 0 to 65535') as string,
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
