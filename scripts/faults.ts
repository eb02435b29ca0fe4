import { type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import type { BackupLine } from '../contract/backup';
import { CALLS, type WithBody } from '../contract/calls';
import type { ShelfPage } from '../contract/dto';
import { makeDurable } from '../server/db/durable';
import { BODIES, changed, FULL_FORMULA, placesIn, retyped } from '../server/testing/bodies';
import { chance, cut, record } from '../server/testing/power';
import { template } from '../server/testing/template';
import { serve, type Served } from './served';

/**
 * What befalls a server and its folder, done on purpose: `npm run faults`. Kills under writes, in a first start, in the
 * middle of a file, at a clean stop; power cuts; requests with something wrong. Prints what was confirmed, what is found
 * again, what is there by half. Bounded in number and time, and on this machine alone.
 */
const ROUNDS = Number(process.argv[2] ?? 100);
const MUTATED = Number(process.argv[3] ?? 50_000);
const POWER_CUTS = Number(process.argv[4] ?? 60);
const seed = Date.now() % 1_000_000;
const random = chance(seed);
const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
console.log(`seed ${seed}`);

const start = (dir: string, ...more: string[]): Promise<Served> => serve(dir, more);
const ended = (child: ChildProcess): Promise<void> =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve()
    : new Promise((done) => child.once('exit', () => done()));
const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));
const send = (url: string, method: string, path: string, body: unknown, type = 'application/json') =>
  fetch(`${url}${path}`, {
    method,
    headers: { 'content-type': type },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
async function all(url: string): Promise<Map<string, string>> {
  const there = new Map<string, string>();
  for (let from = 0; ; from += 200) {
    const page = (await (await fetch(`${url}/formulas?limit=200&from=${from}`)).json()) as ShelfPage;
    for (const f of page.formulas) there.set(f.title, f.id);
    if (page.formulas.length === 0) return there;
  }
}

type Tally = { confirmed: number; found: number; half: number };
const tally = (): Tally => ({ confirmed: 0, found: 0, half: 0 });
const say = (what: string, { confirmed, found, half }: Tally, rounds: number) =>
  console.log(`${what}, ${rounds} rounds: ${confirmed} confirmed, ${found} found, ${half} by half`);

/** Killed with three writers at work: formulas and their working copies. */
async function underWrites(rounds: number): Promise<void> {
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
async function inFirstStart(rounds: number): Promise<void> {
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
async function inImport(rounds: number): Promise<void> {
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
async function cleanStops(rounds: number): Promise<void> {
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

/** Requests with something wrong in them: taken or refused in words, never a failure of ours. */
async function mutated(count: number): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
  const { child, url } = await start(dir, '--empty');
  const made = (await (await send(url, 'POST', '/formulas', BODIES.createFormula)).json()) as {
    formula: { id: string };
    version: { id: string };
  };
  const names = (Object.keys(BODIES) as WithBody[]).filter((n) => n !== 'adapt' && n !== 'bake');
  const hostile: unknown[] = [
    null,
    true,
    -1,
    0.5,
    1e308,
    2 ** 31,
    '',
    '\0',
    '\ud800',
    'x'.repeat(5000),
    [],
    {},
    [[]],
    { a: { b: 1 } },
    [null],
    '__proto__',
  ];
  const statuses = new Map<number, number>();
  let failed = 0;
  let done = 0;
  const lane = async () => {
    while (done < count) {
      done += 1;
      const name = pick(names);
      let body: unknown = BODIES[name];
      for (let k = 0; k < 1 + random() * 3; k++) {
        const place = pick(placesIn(body));
        const at = place.reduce<unknown>((v, key) => (v as Record<string | number, unknown>)[key], body);
        const way = random();
        body = changed(
          body,
          place,
          way < 0.2 && place.length > 0 ? { drop: true } : { to: way < 0.4 ? retyped(at) : pick(hostile) },
        );
      }
      const { method, path } = CALLS[name];
      const id =
        random() < 0.8
          ? name === 'markVersion'
            ? made.version.id
            : made.formula.id
          : pick(['x', '%00', '..', crypto.randomUUID()]);
      const res = await send(url, method.toUpperCase(), path.replace(':id', id), JSON.stringify(body) ?? '');
      statuses.set(res.status, (statuses.get(res.status) ?? 0) + 1);
      if (res.status >= 500) {
        failed += 1;
        if (failed < 5)
          console.log(
            name,
            res.status,
            (await res.text()).slice(0, 200),
            JSON.stringify(body)?.slice(0, 300),
          );
      } else await res.arrayBuffer();
    }
  };
  await Promise.all(Array.from({ length: 6 }, lane));
  const healthy =
    (await fetch(`${url}/health`)).ok && (await fetch(`${url}/pantry`)).ok && (await all(url)).size > 0;
  console.log(
    `${count} requests with something wrong: ${failed} × 5xx; answers ${[...statuses]
      .sort()
      .map(([s, n]) => `${s}: ${n}`)
      .join(', ')}; afterwards ${healthy ? 'everything reads' : 'SOMETHING DOES NOT READ'}`,
  );
  child.kill('SIGKILL');
  await ended(child);
  rmSync(dir, { recursive: true, force: true });
}

/** The power cut off at any moment, on a disk that may lose or tear whatever was not synced. */
async function powerCuts(cuts: number): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
  const [data, base, folder] = ['data', 'base', 'cut'].map((n) => join(dir, n)) as [string, string, string];
  await (await PGlite.create({ dataDir: data, loadDataDir: await template() })).close();
  cpSync(data, base, { recursive: true });
  const recorder = record(data);
  const durable = makeDurable(data);
  const db = await PGlite.create({ dataDir: data });
  await db.exec('create table t (n int primary key, doc text)');
  durable.settle();
  const first = recorder.entries.length;
  const ROWS = 150;
  for (let n = 0; n < ROWS; n++) {
    await db.query('insert into t values ($1, $2)', [n, `${n}:${'x'.repeat(n % 11 === 0 ? 90_000 : 900)}`]);
    durable.settle();
    recorder.mark(String(n));
    if (n % 40 === 39) await db.exec('checkpoint');
  }
  durable.stop();
  recorder.stop();
  await db.close();
  const sum = tally();
  for (let k = 0; k < cuts; k++) {
    const after = first + Math.floor(random() * (recorder.entries.length - first));
    const marks = cut(base, recorder.entries, after, folder, random, k % 3 === 0 ? 'lost' : 'chance');
    const opened = await PGlite.create({ dataDir: folder });
    const { rows } = await opened.query<{ n: number; doc: string }>('select n, doc from t');
    await opened.close();
    const there = new Map(rows.map((r) => [String(r.n), r.doc]));
    sum.confirmed += marks.length;
    sum.found += marks.filter((m) => there.get(m)?.startsWith(`${m}:x`)).length;
  }
  rmSync(dir, { recursive: true, force: true });
  say('power cut off', sum, cuts);
}

await underWrites(ROUNDS);
await inFirstStart(Math.ceil(ROUNDS / 10));
await inImport(Math.ceil(ROUNDS / 5));
await cleanStops(Math.ceil(ROUNDS / 5));
await powerCuts(POWER_CUTS);
await mutated(MUTATED);
process.exit(0);
