import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import type { BackupLine } from '../../contract/backup';
import { FULL_FORMULA } from '../../server/testing/bodies';
import { ended } from '../../server/testing/ended';
import { all, random, say, send, start, tally } from './common';

/** Killed with three writers at work: formulas and their working copies. */
export async function underWrites(rounds: number): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
  const sum = tally();
  const confirmed = new Set<string>();
  for (let round = 0; round <= rounds; round++) {
    const { child, url } = await start(dir, '--empty');
    const there = await all(url);
    for (const title of confirmed) if (!there.has(title)) console.log(`LOST: ${title}`);
    if (round === rounds) {
      sum.confirmed = confirmed.size;
      sum.found = [...confirmed].filter((t) => there.has(t)).length;
      for (const id of there.values()) {
        const detail = (await (await fetch(`${url}/formulas/${id}`)).json()) as { versions: unknown[] };
        if (detail.versions.length === 0) sum.half += 1;
      }
      child.kill('SIGKILL');
      await ended(child);
      break;
    }
    let stop = false;
    const writers = [1, 2, 3].map(async (w) => {
      for (let n = 0; !stop; n++) {
        const title = `round ${round}, writer ${w}, ${n}`;
        const ok = await send(url, 'POST', '/formulas', { formula: { ...FULL_FORMULA, title } }).then(
          (r) => r.status === 201,
          () => false,
        );
        if (ok) confirmed.add(title);
      }
    });
    await wait(60 + random() * 500);
    child.kill('SIGKILL');
    stop = true;
    await Promise.all([ended(child), ...writers]);
  }
  rmSync(dir, { recursive: true, force: true });
  say('killed under writes', sum, rounds);
}

/** The demo kitchen of the same server. */
const demoOf = (url: string) => url.replace('/api/', '/demo/api/');

/** Killed while the demo is laid out, at any moment: the next start finds all of it or makes it. */
export async function inFirstStart(rounds: number): Promise<void> {
  const sum = tally();
  for (let round = 0; round < rounds; round++) {
    const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
    const { child, url } = await start(dir);
    void fetch(demoOf(`${url}/formulas`)).catch(() => undefined);
    await wait(random() * 9000);
    child.kill('SIGKILL');
    await ended(child);
    const again = await start(dir);
    const n = (await all(demoOf(again.url))).size;
    sum.confirmed += 1;
    if (n === 12) sum.found += 1;
    else sum.half += 1;
    again.child.kill('SIGKILL');
    await ended(again.child);
    rmSync(dir, { recursive: true, force: true });
  }
  say('killed while the demo is laid out', sum, rounds);
}

/** Killed while a file comes in: all of it is there or none. */
export async function inImport(rounds: number): Promise<void> {
  const sum = tally();
  const of = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
  const source = await start(of);
  const lines = (await (await fetch(`${demoOf(source.url)}/backup`)).text())
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l) as BackupLine);
  source.child.kill('SIGKILL');
  await ended(source.child);
  rmSync(of, { recursive: true, force: true });
  const [head] = lines;
  const formula = lines.find((l) => 'formula' in l) as Extract<BackupLine, { formula: object }>;
  const version = lines.find((l) => 'version' in l) as Extract<BackupLine, { version: object }>;
  const MANY = 400;
  const file = [
    head!,
    ...Array.from({ length: MANY }, (_, i) => [
      { formula: { ...formula.formula, id: crypto.randomUUID(), title: `no. ${i}` } },
      {
        version: { ...version.version, id: crypto.randomUUID(), parentId: null, targetId: null, mark: null },
      },
    ]).flat(),
    { end: { formulas: MANY, versions: MANY, pantry: 0 } },
  ]
    .map((l) => JSON.stringify(l))
    .join('\n');
  for (let round = 0; round < rounds; round++) {
    const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
    const { child, url } = await start(dir, '--empty');
    const sent = send(url, 'POST', '/backup', file, 'application/x-ndjson').then(
      async (r) => (await r.text()).includes('"restored"'),
      () => false,
    );
    await wait(200 + random() * 3500);
    child.kill('SIGKILL');
    const ok = await sent.catch(() => false);
    await ended(child);
    const again = await start(dir, '--empty');
    const n = (await all(again.url)).size;
    if (ok) sum.confirmed += 1;
    if (ok && n === MANY) sum.found += 1;
    if (n !== 0 && n !== MANY) sum.half += 1;
    again.child.kill('SIGKILL');
    await ended(again.child);
    rmSync(dir, { recursive: true, force: true });
  }
  say('killed while a file came in', sum, rounds);
}

/** Stopped with Ctrl-C under writes: whatever was answered is there, and the folder is free. */
export async function cleanStops(rounds: number): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
  const sum = tally();
  const confirmed = new Set<string>();
  for (let round = 0; round < rounds; round++) {
    const { child, url } = await start(dir, '--empty');
    let stop = false;
    const writer = (async () => {
      for (let n = 0; !stop; n++) {
        const title = `stop ${round}, ${n}`;
        const ok = await send(url, 'POST', '/formulas', { formula: { ...FULL_FORMULA, title } }).then(
          (r) => r.status === 201,
          () => false,
        );
        if (ok) confirmed.add(title);
      }
    })();
    await wait(50 + random() * 300);
    child.kill('SIGINT');
    await ended(child);
    stop = true;
    await writer;
  }
  const { child, url } = await start(dir, '--empty');
  const there = await all(url);
  sum.confirmed = confirmed.size;
  sum.found = [...confirmed].filter((t) => there.has(t)).length;
  child.kill('SIGKILL');
  await ended(child);
  rmSync(dir, { recursive: true, force: true });
  say('stopped cleanly under writes', sum, rounds);
}
