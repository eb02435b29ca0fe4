import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { makeDurable } from '../../server/db/durable';
import { cut, record } from '../../server/testing/power';
import { template } from '../../server/testing/template';
import { random, say, tally } from './common';

/** The power cut off at any moment, on a disk that may lose or tear whatever was not synced. */
export async function powerCuts(cuts: number): Promise<void> {
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
