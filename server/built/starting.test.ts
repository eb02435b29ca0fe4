import { existsSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import type { Version } from '../../contract/dto';
import type { Outcome } from '../../core/rebalance';
import { ended, formula, ownFolder, send, start, startAndEnd, titles } from './running';

const folder = ownFolder();

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
    expect(existsSync(join(folder.dir(), 'lock.json'))).toBe(false);

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
