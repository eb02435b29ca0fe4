import { createHash } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { gunzipSync, gzipSync } from 'node:zlib';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { newKitchen } from '../people/door';
import { createFormula } from '../services/formulas';
import { backupText } from '../services/backup-out';
import { emptyDatabase } from '../testing/api';
import { FULL_FORMULA } from '../testing/bodies';
import { fill } from '../testing/filled';
import { inPlace } from '../work/compute';
import { backUpDue, backupsIn, contentsOf, prune, writeBackup } from './backups';
import { drill } from './drill';
import { moveKitchen } from './move';

let dir: string;
beforeEach(() => (dir = mkdtempSync(join(tmpdir(), 'crumb-backups-'))));
afterEach(() => rmSync(dir, { recursive: true, force: true }));
const HOUR = 3_600_000;

describe('backups by the clock', () => {
  it('one of each kitchen when it is due, none before, and no more are kept than is asked for', async () => {
    const store = await emptyDatabase();
    await createFormula(store.db, FULL_FORMULA);
    const second = await newKitchen(store.door, 'Second');
    const plan = { everyMs: 24 * HOUR, keep: 2, dir };
    expect(await backUpDue(store, plan)).toBe(2);
    expect(await backUpDue(store, plan)).toBe(0);
    // Which of the two is the newer hangs on whether a second turned between them.
    const ofKitchen = (kitchen: number) => backupsIn(dir).filter((b) => b.kitchen === kitchen);
    expect([ofKitchen(1).length, ofKitchen(second).length]).toEqual([1, 1]);
    for (const hours of [30, 60, 90])
      await writeBackup(store.db, 1, dir, new Date(Date.now() - hours * HOUR));
    prune(dir, 1, 2);
    expect(ofKitchen(1).map((b) => Math.round((Date.now() - b.at) / HOUR))).toEqual([0, 30]);
    // Nothing half written has a name, and what is no backup is let be.
    writeFileSync(join(dir, 'notes.txt'), 'ours');
    prune(dir, 1, 1);
    expect(readdirSync(dir)).toContain('notes.txt');
    const endOf = (kitchen: number): unknown =>
      JSON.parse(
        gunzipSync(readFileSync(ofKitchen(kitchen)[0]!.file))
          .toString()
          .trim()
          .split('\n')
          .at(-1)!,
      );
    expect(endOf(1)).toMatchObject({ end: { formulas: 1, versions: 1 } });
    expect(endOf(second)).toMatchObject({ end: { formulas: 0, versions: 0 } });
    await store.close();
  });
});

describe('the drill', () => {
  it('opens the newest backup of each kitchen, and says which will not do', async () => {
    const store = await emptyDatabase();
    await fill(store.db);
    await writeBackup(store.db, 1, dir);
    const [done] = await drill(dir, emptyDatabase, inPlace());
    const text = gunzipSync(readFileSync(done!.file)).toString();
    expect(done!.contents.end.formulas).toBe(
      text.split('\n').filter((l) => l.startsWith('{"formula"')).length,
    );
    expect(done!.contents.end).toMatchObject({
      formulas: 1,
      versions: 3,
      copies: 2,
      runs: 1,
      trials: 1,
      photos: 1,
    });
    // A word of it changed still opens: only what was promised of it can tell. One that was cut does not.
    const cut = text.split('\n').slice(0, -3).join('\n');
    writeFileSync(done!.file, gzipSync(cut));
    await expect(drill(dir, emptyDatabase, inPlace())).rejects.toThrow(/new-crumb-1-.*(cut|incomplete)/);
    rmSync(done!.file);
    await expect(drill(dir, emptyDatabase, inPlace())).rejects.toThrow(/There is no backup/);
    await store.close();
  });
});

describe('moving a kitchen', () => {
  it('brings all of it into an empty one and proves it by counts and hash; into one with something in it it does not go', async () => {
    const [from, to] = [await emptyDatabase(), await emptyDatabase()];
    await fill(from.db);
    const moved = await moveKitchen(from.db, to.db, inPlace());
    const before = await contentsOf(Readable.from(backupText(from.db)));
    expect(moved).toEqual(before);
    await expect(moveKitchen(from.db, to.db, inPlace())).rejects.toThrow(/has something in it/);
    // And over again, back into a third: the same.
    const back = await emptyDatabase();
    expect(await moveKitchen(to.db, back.db, inPlace())).toEqual(before);
    for (const s of [from, to, back]) await s.close();
  });

  it('the hash of what is in it does not hang on when it was made, how lines follow or keys are sorted', async () => {
    const end = '{"end":{"formulas":0,"versions":0,"pantry":0}}';
    const one = [
      '{"head":{"newCrumb":2,"madeAt":"a","ways":[]}}',
      '{"run":{"id":"1","doc":{"a":1,"b":2}}}',
      '{"trial":{"id":"2"}}',
      end,
    ];
    const other = [
      '{"head":{"ways":[],"madeAt":"b","newCrumb":2}}',
      '{"trial":{"id":"2"}}',
      '{"run":{"doc":{"b":2,"a":1},"id":"1"}}',
      end,
    ];
    const hashes = await Promise.all([one, other].map((l) => contentsOf(Readable.from([l.join('\n')]))));
    expect(hashes[0]).toEqual(hashes[1]);
    const changed = await contentsOf(Readable.from([one.join('\n').replace('"a":1', '"a":3')]));
    expect(changed.hash).not.toBe(hashes[0]!.hash);
    expect(hashes[0]!.hash).toHaveLength(createHash('sha256').update('').digest('hex').length);
  });
});
