import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import type { Backup, Restored } from '../../contract/backup';
import type { FormulaCard, FormulaDetail, Kitchen, PantryRow, Version } from '../../contract/dto';
import { readFormula } from '../../core/reading';
import { seedDemo } from '../seed';
import { NOWHERE, path, problem, testApi } from '../testing/api';

const here = await testApi();
const other = await testApi();
await seedDemo(here.database.db);

const backupOf = async ({ api }: typeof here) =>
  JSON.parse((await api.get(path('/backup')).expect(200)).text) as Backup;
const bring = async ({ api }: typeof here, backup: unknown, kitchen = true) =>
  (await api.post(path('/backup')).send({ backup, kitchen }).expect(200)).body as Restored;
const shelf = async ({ api }: typeof here) =>
  ((await api.get(path('/formulas')).expect(200)).body as { formulas: FormulaCard[] }).formulas;
const strip = ({ madeAt: _at, ...backup }: Backup) => backup;

describe('everything in a file', () => {
  it('comes back elsewhere as it was: formulas, versions with marks, drafts, pantry, eaters, ways, kitchen', async () => {
    const [first] = await shelf(here);
    const detail = (await here.api.get(path(`/formulas/${first!.id}`)).expect(200)).body as FormulaDetail;
    const v = detail.versions.at(-1)!;
    await here.api
      .patch(path(`/versions/${v.id}`))
      .send({ note: 'Best of three.', star: true })
      .expect(200);
    const doc = {
      baseId: v.id,
      source: readFormula(DEMO_FORMULAS[0]!).formula,
      request: { exclude: ['egg'] },
    };
    await here.api
      .put(path(`/formulas/${first!.id}/draft`))
      .send({ rev: 0, doc })
      .expect(200);
    const backup = await backupOf(here);
    const restored = await bring(other, backup);
    expect(restored.added).toBeGreaterThan(DEMO_FORMULAS.length);
    expect(restored.kitchen).toBe(true);
    expect(strip(await backupOf(other))).toEqual(strip(backup));
    const names = (cards: FormulaCard[]) => cards.map((c) => c.title).sort();
    expect(names(await shelf(other))).toEqual(names(await shelf(here)));
    const kept = (await other.api.get(path(`/versions/${v.id}`)).expect(200)).body as Version;
    expect(kept).toMatchObject({ star: true, note: 'Best of three.' });
    const kitchen = (await other.api.get(path('/kitchen')).expect(200)).body as Kitchen;
    expect(kitchen.ovens?.length).toBeGreaterThan(0);
  });

  it('brought in twice adds nothing and changes nothing', async () => {
    const backup = await backupOf(here);
    const before = strip(await backupOf(other));
    expect((await bring(other, backup)).added).toBe(0);
    expect(strip(await backupOf(other))).toEqual(before);
  });

  it('adds what is new to what is here, and brings back what was deleted here', async () => {
    const [one, two] = await shelf(other);
    await other.api.delete(path(`/formulas/${one!.id}`)).expect(204);
    await other.api
      .patch(path(`/formulas/${two!.id}`))
      .send({ title: 'Called otherwise' })
      .expect(200);
    const made = await here.api
      .post(path('/formulas'))
      .send({ formula: readFormula({ text: '200 g oat flour\n2 eggs', title: 'Newer' }).formula })
      .expect(201);
    await bring(other, await backupOf(here), false);
    const titles = (await shelf(other)).map((c) => c.title);
    expect(titles).toEqual(expect.arrayContaining([one!.title, 'Called otherwise', 'Newer']));
    expect(
      (await shelf(other)).some((c) => c.id === (made.body as { formula: { id: string } }).formula.id),
    ).toBe(true);
  });

  it('a part of a file is a file: only what it holds comes in', async () => {
    const backup = await backupOf(here);
    const third = await testApi();
    const some = {
      ...backup,
      formulas: backup.formulas.slice(0, 2),
      pantry: [],
      eaters: [],
      ways: [],
      kitchen: null,
    };
    expect(await bring(third, some)).toEqual({ added: 2, there: 0, kitchen: false });
    expect(await shelf(third)).toHaveLength(2);
    expect(((await third.api.get(path('/pantry')).expect(200)).body as { items: PantryRow[] }).items).toEqual(
      [],
    );
  });

  it('refuses what is not ours, torn or hostile, with where it is wrong, and takes none of it', async () => {
    const backup = await backupOf(here);
    const third = await testApi();
    const refuse = async (bad: unknown, status: number, where: RegExp, code: string) => {
      const res = await third.api.post(path('/backup')).send({ backup: bad, kitchen: true }).expect(status);
      expect(problem(res).code).toBe(code);
      expect(`${problem(res).path} ${JSON.stringify(problem(res).args)}`).toMatch(where);
      expect(await shelf(third)).toEqual([]);
    };
    await refuse({ hello: 1 }, 422, /New Crumb/, 'body.invalid');
    await refuse({ ...backup, newCrumb: 99 }, 422, /New Crumb/, 'body.invalid');
    const [f, ...rest] = backup.formulas;
    const withVersion = (more: object) => ({
      ...backup,
      formulas: [{ ...f!, versions: [{ ...f!.versions[0]!, ...more }] }, ...rest],
    });
    await refuse(withVersion({ parentId: NOWHERE }), 422, /versions/, 'backup.torn');
    await refuse(withVersion({ id: "'; drop table version; --" }), 422, /versions\[0\]\.id/, 'body.invalid');
    await refuse(
      withVersion({ doc: { ...f!.versions[0]!.doc, parts: [] } }),
      422,
      /doc\.parts/,
      'body.invalid',
    );
    await refuse(withVersion({ createdAt: 'yesterday' }), 422, /createdAt/, 'body.invalid');
    // A version of another formula cannot be taken for one's own.
    await bring(third, { ...backup, formulas: [f!] }, false);
    const stolen = { ...rest[0]!, versions: [{ ...f!.versions[0]! }] };
    const res = await third.api
      .post(path('/backup'))
      .send({ backup: { ...backup, formulas: [stolen] }, kitchen: false })
      .expect(409);
    expect(problem(res).code).toBe('version.otherFormula');
    expect(await shelf(third)).toHaveLength(1);
  });
});

describe('what is said of a kept version', () => {
  it('name, note and star change; what it holds does not; a copy takes them along', async () => {
    const card = (await shelf(here)).find((c) => c.versions > 1)!;
    const detail = (await here.api.get(path(`/formulas/${card.id}`)).expect(200)).body as FormulaDetail;
    const v = detail.versions.at(-1)!;
    const before = (await here.api.get(path(`/versions/${v.id}`)).expect(200)).body as Version;
    const named = (
      await here.api
        .patch(path(`/versions/${v.id}`))
        .send({ name: 'Trial 3', star: true })
        .expect(200)
    ).body as Version;
    expect(named).toMatchObject({ name: 'Trial 3', star: true, note: before.note });
    expect(named.doc).toEqual(before.doc);
    await here.api
      .patch(path(`/versions/${v.id}`))
      .send({ note: 'Less water.' })
      .expect(200);
    const again = (await here.api.get(path(`/formulas/${card.id}`)).expect(200)).body as FormulaDetail;
    expect(again.versions.at(-1)).toMatchObject({ name: 'Trial 3', note: 'Less water.', star: true });
    const copy = (await here.api.post(path(`/formulas/${card.id}/duplicate`)).expect(201))
      .body as FormulaDetail;
    expect(copy.versions.at(-1)).toMatchObject({ name: 'Trial 3', note: 'Less water.', star: true });
  });

  it('refuses an empty name, what is no mark, and a version there is none of', async () => {
    const [card] = await shelf(here);
    const detail = (await here.api.get(path(`/formulas/${card!.id}`)).expect(200)).body as FormulaDetail;
    const at = path(`/versions/${detail.versions[0]!.id}`);
    await here.api.patch(at).send({ name: '' }).expect(422);
    await here.api.patch(at).send({ doc: {} }).expect(422);
    await here.api
      .patch(path(`/versions/${NOWHERE}`))
      .send({ star: true })
      .expect(404);
  });
});
