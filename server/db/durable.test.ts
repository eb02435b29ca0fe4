import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { WHOLE } from '../../core/testing/build';
import { chance, cut, record } from '../testing/power';
import { template } from '../testing/template';
import { makeDurable } from './durable';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'crumb-power-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

/** Rows of a few kilobytes, large ones that grow files, a checkpoint, an index, a drop: what a store does in a day. */
async function work(db: PGlite, mark: (what: string) => void, settle: () => void): Promise<void> {
  const confirm = (what: string) => {
    settle();
    mark(what);
  };
  await db.exec('create table t (n int primary key, doc text)');
  confirm('table');
  for (let n = 0; n < 60; n++) {
    const size = n % 9 === 0 ? 60_000 : 600;
    await db.query('insert into t values ($1, $2)', [n, `${n}:${'x'.repeat(size)}`]);
    confirm(`row ${n}`);
    if (n === 20) await db.exec('checkpoint');
    if (n === 30) await db.exec('create index on t (length(doc)); analyze t');
    if (n === 40)
      await db.exec(
        'create table gone (x int); insert into gone select generate_series(1, 5000); drop table gone',
      );
    if (n === 45) for (const sql of ['checkpoint', 'vacuum t']) await db.exec(sql);
  }
}

/** Opens what a cut left and says which confirmed rows are not there. */
async function missing(folder: string, marks: readonly string[]): Promise<string[]> {
  const db = await PGlite.create({ dataDir: folder });
  const tables = await db.query<{ n: number }>("select count(*)::int n from pg_tables where tablename = 't'");
  if (tables.rows[0]!.n === 0) {
    await db.close();
    return marks.slice();
  }
  const { rows } = await db.query<{ n: number; doc: string }>('select n, doc from t');
  await db.close();
  const there = new Map(rows.map((r) => [r.n, r.doc]));
  return marks
    .filter((m) => m.startsWith('row '))
    .filter((m) => !there.get(Number(m.slice(4)))?.startsWith(`${m.slice(4)}:x`));
}

/** Runs the work with the recorder below, and gives what it recorded. */
async function recorded(settled: boolean) {
  const data = join(dir, 'data');
  const base = join(dir, 'base');
  await (await PGlite.create({ dataDir: data, loadDataDir: await template() })).close();
  cpSync(data, base, { recursive: true });
  const recorder = record(data);
  const durable = settled ? makeDurable(data) : null;
  const db = await PGlite.create({ dataDir: data });
  durable?.settle();
  await work(db, recorder.mark, () => durable?.settle());
  durable?.stop();
  recorder.stop();
  await db.close();
  return { base, entries: recorder.entries };
}

const CUTS = WHOLE ? 20 : 3;
const marksAfter = (entries: { op: string }[], n: number) =>
  entries.findIndex((_e, i) => entries.slice(0, i + 1).filter((e) => e.op === 'mark').length === n) + 1;

describe('a power cut', () => {
  it(`at any moment loses nothing that was confirmed (${CUTS} of the worst disks)`, async () => {
    const { base, entries } = await recorded(true);
    const seed = Date.now() % 100_000;
    const random = chance(seed);
    for (let k = 0; k < CUTS; k++) {
      // After the first row at least, so that there is something to lose; the last of them right after the last row.
      const first = marksAfter(entries, 2);
      const after = k === CUTS - 1 ? entries.length : first + Math.floor(random() * (entries.length - first));
      const folder = join(dir, 'cut');
      const marks = cut(base, entries, after, folder, random, k % 3 === 0 ? 'lost' : 'chance');
      expect([`seed ${seed}, entry ${after}`, await missing(folder, marks)]).toEqual([
        `seed ${seed}, entry ${after}`,
        [],
      ]);
    }
  }, 180_000);

  it('would lose what was not put on the disk: the proof that this can fail', async () => {
    const { base, entries } = await recorded(false);
    const folder = join(dir, 'cut');
    const marks = cut(base, entries, entries.length, folder, chance(1), 'lost');
    expect((await missing(folder, marks)).length).toBeGreaterThan(20);
  }, 120_000);
});
