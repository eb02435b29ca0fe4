import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import type { Draft, FormulaDetail, Version } from '../contract/dto';
import { CSRF_COOKIE, CSRF_HEADER } from '../contract/people';
import { readFormula } from '../core/reading';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { addressOn } from '../server/testing/api';
import { DATABASE_OWNER, startPostgres } from '../server/testing/postgres';
import { BODIES } from '../server/testing/bodies';
import { at, print, sorted } from './print';
import { serve, type Served } from './served';

/**
 * A kitchen of many people: `npm run bench:server`. Two processes on one PostgreSQL, so many signed-in clients; after two
 * thirds of the time one process is killed, later PostgreSQL itself. What was acknowledged is then looked for.
 */
const SECONDS = Number(process.argv[2] ?? 180);
const CLIENTS = Number(process.argv[3] ?? 50);
const CODE = 'KNEAD-KNEAD-KNEAD';
const PASSPHRASE = 'three loaves by the old mill';
/** Between one round of two looks and two saves and the next, ms: somebody who works without a stop. */
const PAUSE_MS = 1000;

const start = (dir: string, database: string): Promise<Served> =>
  serve(dir, ['--backup-every', '0'], { DATABASE_URL: database, SETUP_CODE: CODE });

type Signed = { cookie: string; page: string };
async function signed(url: string, path: string, body: object): Promise<Signed> {
  const res = await fetch(`${url}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!res.ok) throw new Error(`${path}: ${res.status} ${await res.text()}`);
  const cookies = res.headers.getSetCookie().map((c) => c.split(';', 1)[0]!);
  return { cookie: cookies.join('; '), page: cookies.find((c) => c.startsWith(CSRF_COOKIE))!.split('=')[1]! };
}

type Kind = 'reads' | 'saves';
const times: Record<Kind, number[]> = { reads: [], saves: [] };
const counts = { waited: 0, refused: 0, unknown: 0 };
let quiet = true;
/** What the server said it has: events and versions by id, and the last revision of each working copy. */
const acknowledged = {
  events: new Map<string, string>(),
  versions: new Set<string>(),
  drafts: new Map<string, number>(),
};

/** One request, until there is an answer: a server that is gone or says that it is busy is asked again, as a page does. */
function asker(servers: readonly Served[], first: number, { cookie, page }: Signed) {
  let turn = first;
  return async (kind: Kind, path: string, body?: unknown, method = body ? 'POST' : 'GET', again = true) => {
    const began = performance.now();
    for (;;) {
      const { url } = servers[turn % servers.length]!;
      let status = 0;
      let said: unknown = null;
      try {
        const res = await fetch(`${url}${path}`, {
          method,
          headers: { cookie, [CSRF_HEADER]: page, ...(body ? { 'content-type': 'application/json' } : {}) },
          ...(body ? { body: JSON.stringify(body) } : {}),
        });
        status = res.status;
        said = await res.json().catch(() => null);
      } catch {
        turn += 1;
      }
      if (status > 0 && status < 500) {
        if (quiet) times[kind].push(performance.now() - began);
        if (status >= 400 && status !== 409) {
          counts.refused += 1;
          if (counts.refused < 4) console.log(method, path, status, said);
        }
        return { status, said };
      }
      counts.waited += 1;
      if (!again) {
        counts.unknown += 1;
        return { status: 0, said: null };
      }
      await new Promise((r) => setTimeout(r, 250));
    }
  };
}

async function client(servers: readonly Served[], n: number, who: Signed, until: number): Promise<void> {
  const ask = asker(servers, n, who);
  // Not all in the same moment.
  await new Promise((r) => setTimeout(r, PAUSE_MS * Math.random()));
  const { formula } = readFormula(DEMO_FORMULAS[n % DEMO_FORMULAS.length]!);
  const made = (await ask('saves', '/formulas', { formula: { ...formula, title: `of ${n}` } })).said as {
    formula: { id: string };
    version: Version;
  };
  const run = (await ask('saves', '/runs', BODIES.createRun)).said as { id: string };
  const id = made.formula.id;
  let rev = 0;
  for (let k = 0; performance.now() < until; k++) {
    await ask('reads', '/formulas?limit=60');
    await ask('reads', `/formulas/${id}`);
    const doc = {
      baseId: made.version.id,
      source: formula,
      request: { exclude: [], pins: { lines: { l1: k } } },
    };
    const saved = await ask('saves', `/formulas/${id}/draft`, { rev, doc }, 'PUT');
    if (saved.status === 409) rev = (saved.said as { current: Draft }).current.rev;
    else {
      rev = (saved.said as Draft).rev;
      acknowledged.drafts.set(id, rev);
    }
    // Told again it is there once: its id is the page's own.
    const event = { id: randomUUID(), agoMs: 0, doc: { kind: 'weighed', weighing: 'l1', g: k } };
    await ask('saves', `/runs/${run.id}/events`, { events: [event] });
    acknowledged.events.set(event.id, run.id);
    if (k % 10 === 9) {
      const kept = await ask(
        'saves',
        `/formulas/${id}/versions`,
        { parentId: made.version.id, name: `v${k}`, doc: formula, request: { exclude: [] } },
        'POST',
        false,
      );
      if (kept.said) acknowledged.versions.add((kept.said as Version).id);
    }
    await new Promise((r) => setTimeout(r, PAUSE_MS * (0.5 + Math.random())));
  }
}

async function lookedFor(url: string, who: Signed): Promise<void> {
  const get = async <T>(path: string): Promise<T> =>
    (await (await fetch(`${url}${path}`, { headers: { cookie: who.cookie } })).json()) as T;
  let [lost, twice] = [0, 0];
  for (const run of new Set(acknowledged.events.values())) {
    const ids = (await get<{ events: { id: string }[] }>(`/runs/${run}`)).events.map((e) => e.id);
    const there = new Set(ids);
    twice += ids.length - there.size;
    for (const [id, of] of acknowledged.events) if (of === run && !there.has(id)) lost += 1;
  }
  let versions = 0;
  for (const [id, rev] of acknowledged.drafts) {
    const detail = await get<FormulaDetail>(`/formulas/${id}`);
    const own = detail.versions.map((v) => v.id);
    versions += own.filter((v) => acknowledged.versions.has(v)).length;
    twice += own.length - new Set(own).size;
    const { draft } = await get<{ draft: Draft | null }>(`/formulas/${id}/draft`);
    if (draft && draft.rev < rev) lost += 1;
  }
  lost += acknowledged.versions.size - versions;
  print(
    `acknowledged: ${acknowledged.events.size} events, ${acknowledged.versions.size} versions, ${acknowledged.drafts.size} drafts; lost`,
    lost,
    '',
    '0',
  );
  print('there twice', twice, '', '0');
}

const dirs = [0, 1].map(() => mkdtempSync(join(tmpdir(), 'crumb-server-')));
const postgres = startPostgres({ durable: true });
const admin = new pg.Client({ host: postgres.socket, user: 'postgres', database: 'postgres' });
await admin.connect();
await admin.query(`create database kitchen owner ${DATABASE_OWNER}`);
await admin.end();
const database = addressOn(postgres.socket, 'kitchen');
const servers = [await start(dirs[0]!, database), await start(dirs[1]!, database)];
const owner = await signed(servers[0]!.url, '/set-up', {
  code: CODE,
  kitchen: 'Load',
  name: 'Owner',
  signIn: 'owner',
  passphrase: PASSPHRASE,
});
const people: Signed[] = [];
for (let i = 0; i < CLIENTS; i++)
  people.push(await signed(servers[i % 2]!.url, '/sign-in', { signIn: 'owner', passphrase: PASSPHRASE }));
const began = performance.now();
const share = (of: number) => new Promise<void>((r) => setTimeout(r, of * SECONDS * 1000));
const all = Promise.all(people.map((who, i) => client(servers, i, who, began + SECONDS * 1000)));
await share(0.66);
quiet = false;
servers[1]!.child.kill('SIGKILL');
await share(0.14);
postgres.crash();
await all;
console.log(
  `${CLIENTS} clients, two processes on PostgreSQL, ${SECONDS} s; a process killed, then PostgreSQL:`,
);
for (const [kind, aim] of [
  ['reads', '200'],
  ['saves', '250'],
] as const) {
  const list = sorted(times[kind]);
  print(`${kind} before that, ${list.length}: p50`, at(list, 0.5), 'ms');
  print(`${kind} before that: p99`, at(list, 0.99), 'ms', aim);
}
print('asked again while something was gone', counts.waited, '');
print('refused', counts.refused, '', '0');
print('not known whether kept (not asked again)', counts.unknown, '');
await lookedFor(servers[0]!.url, owner);
await servers[0]!.stop();
postgres.stop();
for (const dir of dirs) rmSync(dir, { recursive: true, force: true });
