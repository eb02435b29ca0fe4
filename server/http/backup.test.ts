import { describe, expect, it } from 'vitest';
import type { BackupLine, RestoreWord } from '../../contract/backup';
import type {
  Draft,
  DraftAnswer,
  FormulaCard,
  FormulaDetail,
  KitchenRow,
  PantryRow,
  ShelfPage,
  Version,
} from '../../contract/dto';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { readFormula } from '../../core/reading';
import { seedDemo } from '../seed';
import { NOWHERE, path, problem, testApi } from '../testing/api';

const here = await testApi();
const other = await testApi();
await seedDemo(here.database.db);

const fileOf = async ({ api }: typeof here): Promise<string> =>
  (
    await api
      .get(path('/backup'))
      .buffer(true)
      .parse((res, done) => {
        let text = '';
        res.on('data', (d: Buffer) => (text += d.toString()));
        res.on('end', () => done(null, text));
      })
      .expect(200)
  ).body as string;
const linesOf = (file: string): BackupLine[] =>
  file
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l) as BackupLine);
const fileWith = (lines: readonly unknown[]): string => lines.map((l) => JSON.stringify(l)).join('\n');
const send = ({ api }: typeof here, file: string, kitchen = true) =>
  api
    .post(path(`/backup${kitchen ? '?kitchen=yes' : ''}`))
    .set('content-type', 'application/x-ndjson')
    .buffer(true)
    .parse((res, done) => {
      let text = '';
      res.on('data', (d: Buffer) => (text += d.toString()));
      res.on('end', () =>
        done(
          null,
          text
            .trim()
            .split('\n')
            .map((l) => JSON.parse(l) as unknown),
        ),
      );
    })
    .send(file);
const bring = async (to: typeof here, file: string, kitchen = true) => {
  const words = (await send(to, file, kitchen).expect(200)).body as RestoreWord[];
  const last = words.at(-1)!;
  if (!('restored' in last)) throw new Error(JSON.stringify(last));
  return last.restored;
};
const shelf = async ({ api }: typeof here): Promise<FormulaCard[]> =>
  ((await api.get(path('/formulas?limit=200')).expect(200)).body as ShelfPage).formulas;
/** Without the moment it was made, and without what counts changes of one store. */
const strip = (file: string) =>
  linesOf(file).map((l) => ('head' in l ? { head: { ...l.head, madeAt: '' } } : l));

describe('everything in a file', () => {
  it('comes back elsewhere as it was: formulas, versions with marks, copies, pantry, eaters, ways, kitchen', async () => {
    const [first] = await shelf(here);
    const detail = (await here.api.get(path(`/formulas/${first!.id}`)).expect(200)).body as FormulaDetail;
    const v = detail.versions.at(-1)!;
    await here.api
      .patch(path(`/versions/${v.id}`))
      .send({ note: 'Best of three.', star: true })
      .expect(200);
    const doc = (exclude: string[]) => ({
      baseId: v.id,
      source: readFormula(DEMO_FORMULAS[0]!).formula,
      request: { exclude },
    });
    const draftAt = path(`/formulas/${first!.id}/draft`);
    await here.api
      .put(draftAt)
      .send({ rev: 0, doc: doc(['egg']) })
      .expect(200);
    await here.api
      .post(path(`/formulas/${first!.id}/asides`))
      .send({ doc: doc(['oil']) })
      .expect(201);
    const file = await fileOf(here);
    const restored = await bring(other, file);
    expect(restored.added).toBeGreaterThan(DEMO_FORMULAS.length);
    expect(restored.kitchen).toBe(true);
    expect(strip(await fileOf(other))).toEqual(strip(file));
    const cards = async (at: typeof here) =>
      (await shelf(at)).map(({ updatedAt: _at, ...c }) => c).sort((a, b) => a.id.localeCompare(b.id));
    expect(await cards(other)).toEqual(await cards(here));
    const kept = (await other.api.get(path(`/versions/${v.id}`)).expect(200)).body as Version;
    expect(kept).toMatchObject({ star: true, note: 'Best of three.' });
    const kitchen = (await other.api.get(path('/kitchen')).expect(200)).body as KitchenRow;
    expect(kitchen.ovens?.length).toBeGreaterThan(0);
    const copies = (await other.api.get(draftAt).expect(200)).body as DraftAnswer;
    expect([copies.draft!.doc.request.exclude, copies.aside.map((a) => a.exclude)]).toEqual([
      ['egg'],
      [['oil']],
    ]);
    // What came in is gone on with like anything else.
    const next = (await other.api
      .put(draftAt)
      .send({ rev: copies.draft!.rev, doc: doc(['nuts']) })
      .expect(200)) as { body: Draft };
    expect(next.body.rev).toBeGreaterThan(copies.draft!.rev);
    const again = { parentId: v.id, name: 'next', doc: kept.doc, request: { exclude: [] } };
    await other.api
      .post(path(`/formulas/${first!.id}/versions`))
      .send(again)
      .expect(201);
  });

  it('brought in twice adds nothing and changes nothing', async () => {
    const file = await fileOf(here);
    const before = strip(await fileOf(other));
    expect((await bring(other, file)).added).toBe(0);
    expect(strip(await fileOf(other))).toEqual(before);
  });

  it('adds what is new to what is here, and brings back what was deleted here', async () => {
    const [one, two] = await shelf(other);
    await other.api.delete(path(`/formulas/${one!.id}`)).expect(204);
    await other.api
      .patch(path(`/formulas/${two!.id}`))
      .send({ title: 'Called otherwise' })
      .expect(200);
    await here.api
      .post(path('/formulas'))
      .send({ formula: readFormula({ text: '200 g oat flour\n2 eggs', title: 'Newer' }).formula })
      .expect(201);
    await bring(other, await fileOf(here), false);
    expect((await shelf(other)).map((c) => c.title)).toEqual(
      expect.arrayContaining([one!.title, 'Called otherwise', 'Newer']),
    );
  });

  it('a file of the older edition, one JSON document, comes in as well; one that was cut off does not', async () => {
    const lines = linesOf(await fileOf(here));
    const head = lines.flatMap((l) => ('head' in l ? [l.head] : []))[0]!;
    const formulas: { versions: unknown[]; draft: unknown }[] = [];
    for (const l of lines) {
      if ('formula' in l) formulas.push({ ...l.formula, versions: [], draft: null });
      if ('version' in l) formulas.at(-1)!.versions.push(l.version);
      if ('draft' in l) formulas.at(-1)!.draft = l.draft;
    }
    const older = { ...head, newCrumb: 1, pantry: lines.flatMap((l) => ('pantry' in l ? l.pantry : [])) };
    const laidOut = `${JSON.stringify(older).slice(0, -1)},"formulas":[\n${formulas.map((f) => JSON.stringify(f)).join(',\n')}]}\n`;
    // As it was written, and as another program would write the same document.
    for (const text of [laidOut.replace(/\]\}\n$/, '\n]}\n'), JSON.stringify({ ...older, formulas })]) {
      const third = await testApi();
      expect((await bring(third, text)).added).toBeGreaterThan(DEMO_FORMULAS.length);
      expect((await shelf(third)).length).toBe((await shelf(here)).length);
      const cut = await send(await testApi(), text.slice(0, -200));
      expect([cut.status, (cut.body as { code: string }[])[0]!.code]).toEqual([
        422,
        expect.stringMatching(/^backup\./),
      ]);
    }
  });

  it('refuses what is not ours, cut off, torn, twice or hostile, with the line it stands in, and takes none of it', async () => {
    const lines = linesOf(await fileOf(here));
    const third = await testApi();
    const refuse = async (bad: readonly unknown[] | string, code: string, where = /./) => {
      const res = await send(third, typeof bad === 'string' ? bad : fileWith(bad));
      const [told] = res.body as { code: string; path: string; args: object }[];
      expect([res.status, told!.code]).toEqual([422, code]);
      expect(`${told!.path} ${JSON.stringify(told!.args)}`).toMatch(where);
      expect(await shelf(third)).toEqual([]);
      expect(((await third.api.get(path('/pantry'))).body as { items: PantryRow[] }).items).toEqual([]);
    };
    await refuse('', 'backup.notOurs');
    await refuse('hello', 'backup.notOurs');
    await refuse('{"hello": 1}', 'backup.notOurs');
    await refuse([{ newCrumb: 99 }], 'backup.edition');
    const [first, ...rest] = lines as [{ head: object }, ...BackupLine[]];
    await refuse([{ head: { ...first.head, newCrumb: 3 } }, ...rest], 'backup.edition', /line 1/);
    await refuse(lines.slice(1), 'backup.notOurs');
    await refuse(lines.slice(0, -1), 'backup.cut');
    await refuse(
      lines.filter((_l, i) => i !== lines.length - 2),
      'backup.cut',
    );
    await refuse(fileWith(lines).slice(0, -40), 'backup.cut', /line/);
    const at = lines.findIndex((l) => 'version' in l);
    const v = lines[at] as Extract<BackupLine, { version: object }>;
    const withVersion = (more: object) =>
      lines.map((l, i) => (i === at ? { version: { ...v.version, ...more } } : l));
    const place = new RegExp(`line ${at + 1}`);
    await refuse(withVersion({ parentId: NOWHERE }), 'backup.torn', place);
    await refuse(withVersion({ id: "'; drop table version; --" }), 'body.invalid', place);
    await refuse(withVersion({ doc: { ...v.version.doc, parts: [] } }), 'body.invalid', /doc\.parts/);
    for (const createdAt of ['yesterday', '+275760-09-13T00:00:00.000Z'])
      await refuse(withVersion({ createdAt }), 'body.invalid', /createdAt/);
    await refuse([...lines.slice(0, at + 1), ...lines.slice(at)], 'backup.twice', /line/);
    const later = lines.findIndex((l, i) => i > at && 'version' in l);
    const stolen = lines.map((l, i) =>
      i === later && 'version' in l ? { version: { ...l.version, id: v.version.id } } : l,
    );
    await refuse(stolen, 'backup.twice');
    // A version of another formula that is here cannot be taken for one's own: told at the end, and none of it is in.
    const rival = await testApi();
    await bring(
      rival,
      fileWith([...lines.slice(0, at + 1).filter((l) => !('pantry' in l)), endOf(1, 1)]),
      false,
    );
    const last = (
      (await send(rival, fileWith(withVersion({}).map((l) => ('formula' in l ? reborn(l) : l)))).expect(200))
        .body as RestoreWord[]
    ).at(-1)!;
    expect(last).toMatchObject({ problem: { code: 'version.otherFormula' } });
    expect(await shelf(rival)).toHaveLength(1);
  });

  it('takes one type of body and one file at a time', async () => {
    const third = await testApi();
    const res = await third.api.post(path('/backup')).send({ backup: {} });
    expect([res.status, problem(res).code]).toEqual([415, 'body.wrongType']);
    const file = await fileOf(here);
    const both = await Promise.all([send(third, file), send(third, file)]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 409]);
  });
});

const endOf = (formulas: number, versions: number) => ({ end: { formulas, versions, pantry: 0 } });
/** The same formula under an id of its own. */
const reborn = (l: Extract<BackupLine, { formula: object }>) => ({
  formula: {
    ...l.formula,
    id: `${l.formula.id.slice(0, -4)}${l.formula.id.endsWith('0000') ? '1111' : '0000'}`,
  },
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
