import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import type { BackupLine } from '../contract/backup';
import type { Draft, ShelfPage, Version } from '../contract/dto';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { readFormula } from '../core/reading';
import { makeDurable } from '../server/db/durable';
import { notebook } from './bench-notebook';
import { at, print, sorted } from './print';
import { serve } from './served';

/**
 * The built server under load: `npm run bench:load`. Eight clients read, look for, save, compute, for so many seconds;
 * then a shelf of ten thousand goes out and comes back. Bounded, on this machine alone.
 */
const SECONDS = Number(process.argv[2] ?? 120);
const FORMULAS = Number(process.argv[3] ?? 10_000);
const EACH = 5;
const CLIENTS = 8;

type Kind = 'reads' | 'saves' | 'computes';
const times: Record<Kind, number[]> = { reads: [], saves: [], computes: [] };
let errors = 0;

async function timed(
  kind: Kind,
  url: string,
  path: string,
  body?: unknown,
  method = body ? 'POST' : 'GET',
  client = '',
): Promise<unknown> {
  const t = performance.now();
  const res = await fetch(`${url}${path}`, {
    method,
    headers: { 'x-client': client, ...(body ? { 'content-type': 'application/json' } : {}) },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  const said: unknown = await res.json().catch(() => null);
  times[kind].push(performance.now() - t);
  if (res.status >= 400) {
    errors += 1;
    if (errors < 4) console.log(path, res.status, said);
  }
  return said;
}

/** One client: opens a formula of its own, works on it, looks about, has something computed now and then. */
async function client(url: string, name: string, until: number): Promise<void> {
  const { formula } = readFormula(DEMO_FORMULAS[Number(name.slice(1)) % DEMO_FORMULAS.length]!);
  const made = (await timed(
    'saves',
    url,
    '/formulas',
    { formula: { ...formula, title: `of ${name}` } },
    'POST',
    name,
  )) as {
    formula: { id: string };
    version: Version;
  };
  let rev = 0;
  for (let n = 0; performance.now() < until; n++) {
    await timed('reads', url, '/formulas?limit=60', undefined, 'GET', name);
    await timed('reads', url, `/formulas/${made.formula.id}`, undefined, 'GET', name);
    const doc = {
      baseId: made.version.id,
      source: formula,
      request: { exclude: [], pins: { lines: { l1: n } } },
    };
    rev = (
      (await timed('saves', url, `/formulas/${made.formula.id}/draft`, { rev, doc }, 'PUT', name)) as Draft
    ).rev;
    await timed('reads', url, `/versions/${made.version.id}`, undefined, 'GET', name);
    await timed('reads', url, '/formulas?w=loaf', undefined, 'GET', name);
    if (n % 4 === 0) await timed('computes', url, '/match', { names: ['oat milk', 'linseed'] }, 'POST', name);
    if (n % 20 === 0)
      await timed('computes', url, '/adapt', { formula, exclude: ['egg', 'dairy'], limit: 1 }, 'POST', name);
    await new Promise((r) => setTimeout(r, 20));
  }
}

async function mixed(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-load-'));
  const { url, stop } = await serve(dir);
  const until = performance.now() + 1000 * SECONDS;
  const health = watchHealth(url, 50);
  await Promise.all(Array.from({ length: CLIENTS }, (_, i) => client(url, `c${i}`, until)));
  const healthy = await health();
  await stop();
  rmSync(dir, { recursive: true, force: true });
  console.log(`${CLIENTS} clients for ${SECONDS} s:`);
  const tell = (kind: Kind, aim: string) => {
    const all = sorted(times[kind]);
    print(`${kind}, ${all.length}: p50`, at(all, 0.5), 'ms');
    print(`${kind}: p99`, at(all, 0.99), 'ms', aim);
  };
  tell('reads', '150');
  tell('saves', '150');
  tell('computes', '');
  print(`health, ${healthy.length}: p50`, at(healthy, 0.5), 'ms');
  print('health: p99', at(healthy, 0.99), 'ms', '20');
  print('errors', errors, '', '0');
}

/** Watches the server's health from another process; what is given back ends it and gives its times, sorted, in ms. */
function watchHealth(url: string, every: number): () => Promise<number[]> {
  const child = spawn(process.execPath, [join(import.meta.dirname, 'watch-health.mjs'), url, String(every)], {
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  let said = '';
  child.stdout.on('data', (d: Buffer) => (said += d.toString()));
  return async () => {
    const ended = new Promise((done) => child.once('close', done));
    child.stdin.end();
    await ended;
    return sorted(JSON.parse(said) as number[]);
  };
}

/** Health while something long goes on. */
async function whileHealthy<T>(
  url: string,
  work: () => Promise<T>,
): Promise<{ done: T; seconds: number; p99: number }> {
  const health = watchHealth(url, 25);
  const t = performance.now();
  const done = await work();
  const seconds = (performance.now() - t) / 1000;
  return { done, seconds, p99: at(await health(), 0.99) };
}

async function large(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-load-'));
  const first = await serve(dir);
  const lines = (await (await fetch(`${first.url.replace('/api/', '/demo/api/')}/backup`)).text())
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l) as BackupLine);
  await first.stop();
  rmSync(dir, { recursive: true, force: true });
  const sources = lines.flatMap((l, i) => {
    const next = lines[i + 1];
    return 'formula' in l && next && 'version' in next ? [{ formula: l.formula, version: next.version }] : [];
  });
  const parts = [`${JSON.stringify(lines[0])}\n`];
  for (let i = 0; i < FORMULAS; i++) {
    const { formula, version } = sources[i % sources.length]!;
    const id = randomUUID();
    const ids = Array.from({ length: EACH }, () => randomUUID());
    let text = `${JSON.stringify({ formula: { ...formula, id, title: `${formula.title}, no. ${i}` } })}\n`;
    ids.forEach((vid, k) => {
      const of = k === 0 ? null : ids[0]!;
      text += `${JSON.stringify({ version: { ...version, id: vid, parentId: of, targetId: of, mark: null, name: k ? `v${k}` : '' } })}\n`;
    });
    parts.push(text);
  }
  parts.push(`${JSON.stringify({ end: { formulas: FORMULAS, versions: FORMULAS * EACH, pantry: 0 } })}\n`);
  const file = new Blob(parts);
  const into = mkdtempSync(join(tmpdir(), 'crumb-load-'));
  const { url, stop } = await serve(into, ['--empty']);
  console.log(`${FORMULAS} formulas with ${FORMULAS * EACH} versions, ${(file.size / 1e6).toFixed(0)} MB:`);
  const inn = await whileHealthy(url, async () =>
    (
      await fetch(`${url}/backup`, {
        method: 'POST',
        headers: { 'content-type': 'application/x-ndjson' },
        body: file,
      })
    ).text(),
  );
  if (!inn.done.includes('"restored"')) console.log(inn.done.slice(-300));
  print('in', inn.seconds, 's', '120');
  print('  health meanwhile, p99', inn.p99, 'ms', '20');
  const pages: number[] = [];
  const finds: number[] = [];
  for (let k = 0; k < 40; k++) {
    for (const [to, all] of [
      [`/formulas?limit=60&from=${60 * k}`, pages],
      [`/formulas?w=no&w=${k}`, finds],
    ] as const) {
      const t = performance.now();
      const page = (await (await fetch(`${url}${to}`)).json()) as ShelfPage;
      all.push(performance.now() - t);
      if (page.all !== FORMULAS) console.log('the list is not whole', page.all);
    }
  }
  print('a page of the list, p50', at(sorted(pages), 0.5), 'ms', '100');
  print('a page of the list, p95', at(sorted(pages), 0.95), 'ms', '100');
  print('looking for words in it, p50', at(sorted(finds), 0.5), 'ms', '100');
  print('looking for words in it, p95', at(sorted(finds), 0.95), 'ms', '100');
  const out = await whileHealthy(url, async () => {
    let bytes = 0;
    const res = await fetch(`${url}/backup`);
    for await (const chunk of res.body!) bytes += (chunk as Uint8Array).length;
    return bytes;
  });
  print('out', out.seconds, 's', '120');
  print('  health meanwhile, p99', out.p99, 'ms', '20');
  await stop();
  rmSync(into, { recursive: true, force: true });
}

/** What one save costs when nobody else is there: the database's own share, and that of putting it on the disk. */
async function oneSave(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-load-'));
  const { settle, stop } = makeDurable(join(dir, 'db'));
  const db = await PGlite.create({ dataDir: join(dir, 'db') });
  await db.exec('create table draft (rev int primary key, doc jsonb not null)');
  settle();
  const doc = JSON.stringify(readFormula(DEMO_FORMULAS[0]!).formula);
  const query: number[] = [];
  const disk: number[] = [];
  for (let rev = 0; rev < 300; rev++) {
    const t = performance.now();
    await db.query('insert into draft values ($1, $2::text::jsonb)', [rev, doc]);
    const said = performance.now();
    settle();
    query.push(said - t);
    disk.push(performance.now() - said);
  }
  await db.close();
  settle();
  stop();
  rmSync(dir, { recursive: true, force: true });
  console.log('one save of a formula, alone:');
  for (const [name, all] of [
    ['in the database', query],
    ['onto the disk', disk],
  ] as const) {
    print(`  ${name}, p50`, at(sorted(all), 0.5), 'ms');
    print(`  ${name}, p99`, at(sorted(all), 0.99), 'ms');
  }
}

await oneSave();
await mixed();
await large();
const trials = mkdtempSync(join(tmpdir(), 'crumb-load-'));
const kept = await serve(trials, ['--empty']);
await notebook(kept.url);
await kept.stop();
rmSync(trials, { recursive: true, force: true });
process.exit(0);
