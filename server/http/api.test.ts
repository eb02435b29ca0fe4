import { sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { DEMO_EATERS, DEMO_PANTRY, DEMO_WAYS } from '../../demo/data/pantry';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import type {
  Aside,
  AsideMeta,
  Draft,
  DraftAnswer,
  FormulaCard,
  FormulaDetail,
  KitchenRow,
  ShelfPage,
  ShelfQuery,
  Version,
} from '../../contract/dto';
import { CALLS } from '../../contract/calls';
import { setupOf, type Compared } from '../../core/bake';
import { lookupReference } from '../../core/ingredients';
import { readFormula } from '../../core/reading';
import { CORE_VERSION, type Outcome } from '../../core/rebalance';
import { seedDemo } from '../seed';
import { createFormula, getFormula, listFormulas } from '../services/formulas';
import { getKitchen, putKitchen } from '../services/kitchen';
import { keepVersion } from '../services/versions';
import { BODIES } from '../testing/bodies';
import { emptyDatabase, NOWHERE, path, problem, testApi } from '../testing/api';

const { formula } = readFormula(DEMO_FORMULAS[0]!);
const { api, database } = await testApi();

const put = async (f = formula) => {
  const res = await api.post(path('/formulas')).send({ formula: f }).expect(201);
  return res.body as { formula: { id: string }; version: Version };
};

const shelf = async (query: string) =>
  (await api.get(path(`/formulas?${query}`)).expect(200)).body as ShelfPage;
const cardOf = async (id: string): Promise<FormulaCard> =>
  [...(await shelf('limit=200')).formulas, ...(await shelf('state=aside&limit=200')).formulas].find(
    (c) => c.id === id,
  )!;

describe('stateless calls', () => {
  it('reads, matches, reads labels and adapts', async () => {
    const read = await api
      .post(path('/read'))
      .send({ text: '2 large eggs\n1 cup oat milk', kitchen: { cup: 'metric', spoon: 'metric' } })
      .expect(200);
    expect(
      (read.body as { lines: { line: { amount: { massG: { value: number } } } }[] }).lines.map((l) =>
        Math.round(l.line.amount.massG.value),
      ),
    ).toEqual([100, 257]);
    const match = await api
      .post(path('/match'))
      .send({ names: ['applesauce', 'moon dust'] })
      .expect(200);
    expect((match.body as { matches: { silent: boolean }[] }).matches.map((m) => m.silent)).toEqual([
      true,
      false,
    ]);
    const labels = await api.post(path('/labels')).send({ text: 'Rice flour, whey (milk).' }).expect(200);
    expect((labels.body as { contains: { avoid: string }[] }).contains.map((c) => c.avoid)).toEqual([
      'milk',
      'rice',
    ]);
    const adapt = await api
      .post(path('/adapt'))
      .send({ formula, exclude: ['egg', 'oil'], limit: 2 })
      .expect(200);
    const outcome = adapt.body as Outcome;
    expect(outcome.solutions).toHaveLength(2);
    expect(outcome.solutions[0]!.fit.length).toBeGreaterThan(5);
  });

  it('says what a colder dough does to the time in the oven, and refuses what is no set-up', async () => {
    const source = setupOf(readFormula(DEMO_FORMULAS[1]!).formula, lookupReference)!;
    const ask = { source, adapted: { ...source, startC: 4 }, stated: [50, 55], cells: 6 };
    const answer = (await api.post(path('/bake')).send(ask).expect(200)).body as Compared;
    expect(answer.ratio!.value).toBeGreaterThan(1.08);
    expect(answer.minutes).toMatchObject({ basis: 'stated' });
    const hot = { ...ask, adapted: { ...source, phases: [{ ...source.phases[0]!, ovenC: 900 }] } };
    expect(((await api.post(path('/bake')).send(hot).expect(200)).body as Compared).faults).toEqual([
      'ovenHot',
    ]);
    const wrong = { ...ask, cells: 400 };
    expect(problem(await api.post(path('/bake')).send(wrong).expect(422)).path).toBe('cells');
  });

  it('describes itself', async () => {
    const res = await api.get(path('/openapi.json')).expect(200);
    const { paths } = res.body as { paths: Record<string, Record<string, { requestBody?: unknown }>> };
    const described = Object.entries(paths).flatMap(([p, of]) => Object.keys(of).map((m) => `${m} ${p}`));
    expect(described.sort()).toEqual(
      Object.values(CALLS)
        .map((c) => `${c.method} ${path(c.path.replace(':id', '{id}'))}`)
        .sort(),
    );
    expect(JSON.stringify(paths['/api/v1/adapt']!.post!.requestBody)).toContain('"exclude"');
  });
});

describe('formulas and versions', () => {
  it('keeps a formula with its source, lists it, renames it', async () => {
    const made = await put();
    expect(await cardOf(made.formula.id)).toMatchObject({
      title: formula.title,
      versions: 1,
      lines: formula.parts[0]!.lines.length,
      leavesOut: [],
      hasDraft: false,
    });
    const renamed = await api
      .patch(path(`/formulas/${made.formula.id}`))
      .send({ title: 'Kiosk muffins' })
      .expect(200);
    expect((renamed.body as { title: string }).title).toBe('Kiosk muffins');
  });

  it('puts a formula aside and takes it out again, and copies it with its line of versions', async () => {
    const { formula: f, version } = await put();
    await api
      .patch(path(`/formulas/${f.id}`))
      .send({ archived: true })
      .expect(200);
    expect(await cardOf(f.id)).toMatchObject({ archived: true, kept: [] });
    await api
      .patch(path(`/formulas/${f.id}`))
      .send({ archived: false })
      .expect(200);
    expect((await cardOf(f.id)).archived).toBe(false);
    const body = {
      parentId: version.id,
      name: 'no egg',
      doc: { ...formula, avoids: ['egg'] },
      request: { exclude: ['egg'] },
    };
    await api
      .post(path(`/formulas/${f.id}/versions`))
      .send(body)
      .expect(201);
    const copy = (await api.post(path(`/formulas/${f.id}/duplicate`)).expect(201)).body as FormulaDetail;
    expect(copy.title).toBe(`${formula.title} (copy)`);
    expect(copy.id).not.toBe(f.id);
    const [source, adapted] = copy.versions;
    expect(copy.versions).toHaveLength(2);
    expect(adapted).toMatchObject({ parentId: source!.id, targetId: source!.id, formulaId: copy.id });
    expect(await cardOf(copy.id)).toMatchObject({ kept: [['egg']], versions: 2 });
    // The copy goes its own way: what is kept of the one is not of the other.
    expect((await cardOf(f.id)).versions).toBe(2);
    await api.post(path('/formulas/00000000-0000-4000-8000-000000000000/duplicate')).expect(404);
    await api
      .patch(path(`/formulas/${f.id}`))
      .send({ archived: 'yes' })
      .expect(422);
  });

  it('appends versions, names their target, and never changes one', async () => {
    const { formula: f, version } = await put();
    const body = {
      parentId: version.id,
      name: 'no egg',
      doc: { ...formula, avoids: ['egg'] },
      request: { exclude: ['egg'] },
    };
    const first = (
      await api
        .post(path(`/formulas/${f.id}/versions`))
        .send(body)
        .expect(201)
    ).body as Version;
    expect(first).toMatchObject({
      parentId: version.id,
      targetId: version.id,
      avoids: ['egg'],
      coreVersion: CORE_VERSION,
    });
    const second = (
      await api
        .post(path(`/formulas/${f.id}/versions`))
        .send({ ...body, parentId: first.id, name: 'again' })
        .expect(201)
    ).body as Version;
    expect(second.targetId).toBe(version.id);
    const corrected = (
      await api
        .post(path(`/formulas/${f.id}/versions`))
        .send({ ...body, name: 'mended', source: { ...formula, title: 'mended' } })
        .expect(201)
    ).body as Version;
    expect([corrected.targetId, corrected.parentId]).not.toContain(version.id);
    const detail = (await api.get(path(`/formulas/${f.id}`)).expect(200)).body as { versions: Version[] };
    expect(detail.versions.map((v) => v.name)).toEqual(['', 'no egg', 'again', '', 'mended']);
    expect((await api.get(path(`/versions/${version.id}`)).expect(200)).body).toEqual(
      JSON.parse(JSON.stringify(version)),
    );
    await expect(
      database.db.execute(`update version set name = 'x' where id = '${version.id}'`),
    ).rejects.toThrow();
    await expect(database.db.execute(`delete from version where id = '${version.id}'`)).rejects.toThrow();
  });

  it('refuses a parent of another formula', async () => {
    const [a, b] = [await put(), await put()];
    const res = await api
      .post(path(`/formulas/${a.formula.id}/versions`))
      .send({ parentId: b.version.id, name: 'x', doc: formula, request: { exclude: [] } });
    expect([res.status, problem(res).code]).toEqual([409, 'version.otherFormula']);
  });

  it('deletes and restores', async () => {
    const { formula: f } = await put();
    await api.delete(path(`/formulas/${f.id}`)).expect(204);
    expect(problem(await api.get(path(`/formulas/${f.id}`)).expect(404)).code).toBe('formula.notFound');
    await api.post(path(`/formulas/${f.id}/restore`)).expect(200);
    await api.get(path(`/formulas/${f.id}`)).expect(200);
  });

  it('seeds an empty shelf only', async () => {
    expect(await seedDemo(database.db)).toBe(0);
    const other = await emptyDatabase();
    expect(await seedDemo(other.db)).toBe(DEMO_FORMULAS.length);
    expect(await seedDemo(other.db)).toBe(0);
    await other.close();
  });
});

describe('the shelf', () => {
  it('counts the lines of every part', async () => {
    const many = DEMO_FORMULAS.map((d) => readFormula(d).formula).find((f) => f.parts.length > 2)!;
    const { formula: f } = await put(many);
    expect((await cardOf(f.id)).lines).toBe(many.parts.reduce((n, p) => n + p.lines.length, 0));
  });

  it('is told a piece at a time, sifted and ordered', async () => {
    const other = await emptyDatabase();
    const list = (q: ShelfQuery) => listFormulas(other.db, q);
    for (const [i, title] of ['Crème tart', 'Quince tart', 'Rye-free loaf', 'Lemon cake'].entries())
      await createFormula(other.db, {
        ...formula,
        title,
        parts: [{ ...formula.parts[0]!, classId: i === 2 ? 'yeast_loaf' : 'batter' }],
      });
    const titles = async (q: ShelfQuery) => (await list(q)).formulas.map((f) => f.title);
    expect(await titles({ order: 'title' })).toEqual([
      'Crème tart',
      'Lemon cake',
      'Quince tart',
      'Rye-free loaf',
    ]);
    expect(await titles({ order: 'title', from: '1', limit: '2' })).toEqual(['Lemon cake', 'Quince tart']);
    expect(await list({ w: ['tart', 'creme'] })).toMatchObject({
      found: 1,
      all: 4,
      kinds: ['yeast_loaf', 'batter'],
    });
    // A word may be in the title, or be what a kind goes by.
    expect(await titles({ w: 'bread~yeast_loaf' })).toEqual(['Rye-free loaf']);
    expect(await titles({ kind: 'yeast_loaf' })).toEqual(['Rye-free loaf']);
    const id = (await list({ w: 'lemon' })).formulas[0]!.id;
    const source = (await getFormula(other.db, id)).versions[0]!;
    await keepVersion(other.db, id, {
      parentId: source.id,
      name: 'v',
      doc: { ...formula, avoids: ['gluten', 'egg', 'milk'] },
      request: { exclude: ['egg', 'dairy'] },
    });
    expect(await titles({ out: 'egg,milk' })).toEqual(['Lemon cake']);
    expect(await titles({ out: 'egg,soy' })).toEqual([]);
    expect(await titles({ state: 'adapted' })).toEqual(['Lemon cake']);
    expect((await titles({ state: 'new' })).length).toBe(3);
    const { rev, ...doc } = await getKitchen(other.db);
    const timed = [{ classId: 'batter' as const, saidMin: 30, tookMin: 33, formulaId: id, on: '2026-11-20' }];
    await putKitchen(other.db, { rev, doc: { ...doc, timed } });
    expect((await list({ order: 'baked' })).formulas[0]).toMatchObject({ id, bakedAt: '2026-11-20' });
    await putKitchen(other.db, { rev: rev + 1, doc });
    expect((await list({ w: 'lemon' })).formulas[0]!.bakedAt).toBeNull();
    await other.close();
  });

  it('refuses what is not asked in the right way', async () => {
    for (const q of ['limit=0', 'limit=300', 'from=-1', 'state=nowhere', 'kind=x', 'out=a b', 'zzz=1'])
      await api.get(path(`/formulas?${q}`)).expect(422);
  });
});

describe('working copies', () => {
  const made = async () => {
    const { formula: f, version } = await put();
    const doc = (exclude: string[]) => ({ baseId: version.id, source: formula, request: { exclude } });
    return { id: f.id, version, doc, url: path(`/formulas/${f.id}/draft`) };
  };

  it('two tabs on one: the second is told, and given what is there', async () => {
    const { url, doc } = await made();
    expect((await api.get(url).expect(200)).body).toEqual({ draft: null, aside: [] });
    const first = (
      await api
        .put(url)
        .send({ rev: 0, doc: doc(['egg']) })
        .expect(200)
    ).body as Draft;
    const late = await api
      .put(url)
      .send({ rev: 0, doc: doc(['oil']) })
      .expect(409);
    expect(problem(late).code).toBe('draft.conflict');
    expect((problem(late).current as Draft).doc.request.exclude).toEqual(['egg']);
    const next = (
      await api
        .put(url)
        .send({ rev: first.rev, doc: doc(['nuts']) })
        .expect(200)
    ).body as Draft;
    expect(next.rev).toBeGreaterThan(first.rev);
  });

  it('a revision is never used twice: a save from before a version was kept is told, and nothing is lost', async () => {
    const { id, url, doc, version } = await made();
    const a = (
      await api
        .put(url)
        .send({ rev: 0, doc: doc(['egg']) })
        .expect(200)
    ).body as Draft;
    const keep = {
      parentId: version.id,
      name: 'kept',
      doc: formula,
      request: { exclude: [] },
      draftRev: a.rev,
    };
    await api
      .post(path(`/formulas/${id}/versions`))
      .send(keep)
      .expect(201);
    expect((await api.get(url).expect(200)).body).toEqual({ draft: null, aside: [] });
    const b = (
      await api
        .put(url)
        .send({ rev: 0, doc: doc(['oil']) })
        .expect(200)
    ).body as Draft;
    expect(b.rev).toBeGreaterThan(a.rev);
    await api
      .put(url)
      .send({ rev: a.rev, doc: doc(['egg', 'nuts']) })
      .expect(409);
    expect(((await api.get(url).expect(200)).body as DraftAnswer).draft!.doc.request.exclude).toEqual([
      'oil',
    ]);
  });

  it('keeping a version leaves a copy that was saved since where it is', async () => {
    const { id, url, doc, version } = await made();
    const mine = (
      await api
        .put(url)
        .send({ rev: 0, doc: doc(['egg']) })
        .expect(200)
    ).body as Draft;
    await api
      .put(url)
      .send({ rev: mine.rev, doc: doc(['oil']) })
      .expect(200);
    const keep = { parentId: version.id, name: 'kept', doc: formula, request: { exclude: [] } };
    for (const more of [{ draftRev: mine.rev }, {}])
      await api
        .post(path(`/formulas/${id}/versions`))
        .send({ ...keep, ...more })
        .expect(201);
    expect(((await api.get(url).expect(200)).body as DraftAnswer).draft!.doc.request.exclude).toEqual([
      'oil',
    ]);
  });

  it('copies are set aside, taken up again, dropped and brought back; the same one is not put there twice', async () => {
    const { id, url, doc } = await made();
    const to = path(`/formulas/${id}/asides`);
    const one = (
      await api
        .post(to)
        .send({ doc: doc(['egg']) })
        .expect(201)
    ).body as AsideMeta;
    const same = (
      await api
        .post(to)
        .send({ doc: doc(['egg']) })
        .expect(201)
    ).body as AsideMeta;
    expect(same.id).toBe(one.id);
    await api
      .post(to)
      .send({ doc: doc(['oil']) })
      .expect(201);
    const beside = async () =>
      ((await api.get(url).expect(200)).body as DraftAnswer).aside.map((x) => x.exclude);
    expect(await beside()).toEqual([['oil'], ['egg']]);
    expect(((await api.get(path(`/asides/${one.id}`)).expect(200)).body as Aside).doc).toEqual(doc(['egg']));
    await api.delete(path(`/asides/${one.id}`)).expect(204);
    expect(await beside()).toEqual([['oil']]);
    await api.get(path(`/asides/${one.id}`)).expect(404);
    await api.post(path(`/asides/${one.id}/restore`)).expect(200);
    expect(await beside()).toEqual([['oil'], ['egg']]);
    for (const bad of [NOWHERE, 'x']) await api.get(path(`/asides/${bad}`)).expect(404);
  });
});

describe('races', () => {
  it('of ten first saves exactly one gets through, and the others are told', async () => {
    const { formula: f, version } = await put();
    const doc = { baseId: version.id, source: formula, request: { exclude: [] } };
    const all = await Promise.all(
      Array.from({ length: 10 }, () => api.put(path(`/formulas/${f.id}/draft`)).send({ rev: 0, doc })),
    );
    expect(all.map((r) => r.status).sort()).toEqual([200, ...new Array<number>(9).fill(409)]);
  });

  it('of twelve versions kept at once each has a number of its own', async () => {
    const { formula: f, version } = await put();
    const body = { parentId: version.id, name: 'v', doc: formula, request: { exclude: [] } };
    const all = await Promise.all(
      Array.from({ length: 12 }, () => api.post(path(`/formulas/${f.id}/versions`)).send(body)),
    );
    expect(all.map((r) => r.status)).toEqual(new Array<number>(12).fill(201));
    const rows = await database.db.execute<{ n: number; seqs: number }>(
      sql`select count(*)::int n, count(distinct seq)::int seqs from version where formula_id = ${f.id}`,
    );
    expect(rows.rows[0]).toEqual({ n: 13, seqs: 13 });
    expect((await cardOf(f.id)).versions).toBe(13);
  });

  it('of six changes to one thing exactly one gets through: pantry, eater, way, kitchen', async () => {
    const made = async (to: string, doc: unknown, at = (b: unknown) => b as { id: string }) =>
      at(
        (
          await api
            .post(path(to))
            .send(doc as object)
            .expect(201)
        ).body,
      );
    const item = await made('/pantry', { docs: [DEMO_PANTRY[0]] }, (b) => ({
      id: (b as { items: { itemId: string }[] }).items[0]!.itemId,
    }));
    const eater = await made('/eaters', DEMO_EATERS[0]);
    const way = await made('/ways', DEMO_WAYS[0]);
    const day = await made('/days', BODIES.createDay);
    const { rev, ...kitchen } = (await api.get(path('/kitchen')).expect(200)).body as KitchenRow;
    const puts: [string, object][] = [
      [`/pantry/${item.id}`, { rev: 1, doc: DEMO_PANTRY[0] }],
      [`/eaters/${eater.id}`, { rev: 1, doc: DEMO_EATERS[1] }],
      [`/ways/${way.id}`, { rev: 1, doc: DEMO_WAYS[0] }],
      [`/days/${day.id}`, BODIES.putDay],
      ['/kitchen', { rev, doc: kitchen }],
    ];
    for (const [to, body] of puts) {
      const all = await Promise.all(Array.from({ length: 6 }, () => api.put(path(to)).send(body)));
      expect([to, all.map((r) => r.status).sort()]).toEqual([to, [200, 409, 409, 409, 409, 409]]);
      const late = problem(all.find((r) => r.status === 409)!);
      expect(late.code).toMatch(/changed$/);
    }
    const late = problem(await api.put(path(`/eaters/${eater.id}`)).send({ rev: 1, doc: DEMO_EATERS[2] }));
    expect(late.current).toMatchObject({ name: DEMO_EATERS[1]!.name, rev: 2 });
  });
});

/** Bodies that must be refused with a reason and a place, never with a crash. */
const HOSTILE: [name: string, to: string, body: unknown, status: number, where: string][] = [
  ['a number as text', '/read', { text: 5 }, 422, 'text'],
  ['no text', '/read', {}, 422, 'text'],
  ['an unknown key', '/read', { text: '', nonsense: 1 }, 422, ''],
  ['a list', '/read', [], 422, ''],
  ['an unknown exclusion', '/adapt', { formula, exclude: ['gravity'] }, 422, 'exclude[0]'],
  ['a number in text form', '/adapt', { formula, exclude: [], limit: '3' }, 422, 'limit'],
  [
    'a formula without parts',
    '/adapt',
    { formula: { ...formula, parts: [] }, exclude: [] },
    422,
    'formula.parts',
  ],
  ['a foreign schema', '/formulas', { formula: { ...formula, schema: 2 } }, 422, 'formula.schema'],
  [
    'a script as a class',
    '/formulas',
    { formula: { ...formula, parts: [{ ...formula.parts[0]!, classId: '<script>' }] } },
    422,
    'formula.parts[0].classId',
  ],
  [
    'an unknown key deep down',
    '/formulas',
    { formula: { ...formula, parts: [{ ...formula.parts[0]!, __proto: 1 }] } },
    422,
    'formula.parts[0]',
  ],
  [
    'too long a title',
    '/formulas',
    { formula: { ...formula, title: 'x'.repeat(201) } },
    422,
    'formula.title',
  ],
];

describe('bad input', () => {
  it.each(HOSTILE)('%s', async (_name, to, body, status, where) => {
    const res = await api.post(path(to)).send(body as object);
    expect(res.headers['content-type']).toContain('application/problem+json');
    expect([res.status, problem(res).path]).toEqual([status, where]);
    expect(JSON.stringify(res.body)).not.toMatch(/at .*\.ts|node_modules/);
  });

  it('a mass that is no finite number', async () => {
    const raw = JSON.stringify({ formula, exclude: [] }).replace('"value":150', '"value":1e400');
    const res = await api.post(path('/adapt')).set('content-type', 'application/json').send(raw);
    expect([res.status, problem(res).path]).toEqual([422, 'formula.parts[0].lines[0].amount.massG.value']);
  });

  it('broken JSON, 5 MB, another type of body', async () => {
    const send = (type: string, raw: string) => api.post(path('/read')).set('content-type', type).send(raw);
    expect(problem(await send('application/json', '{"text":').expect(400)).code).toBe('body.notJson');
    expect(
      problem(await send('application/json', JSON.stringify({ text: 'x'.repeat(5_000_000) })).expect(413))
        .code,
    ).toBe('body.tooLarge');
    expect(problem(await send('application/x-www-form-urlencoded', 'text=1').expect(415)).code).toBe(
      'body.wrongType',
    );
  });

  it.each([
    '/formulas/1',
    `/formulas/${NOWHERE}`,
    `/versions/${NOWHERE}`,
    "/versions/x'; drop table version",
    '/formulas/1/draft',
    '/nothing',
  ])('unknown: %s', async (p) => {
    const res = await api.get(path(encodeURI(p)));
    expect([res.status, problem(res).code.endsWith('otFound')]).toEqual([404, true]);
  });

  it('refuses foreign hosts, origins and cross-site pages; scripts without those headers pass', async () => {
    const get = (headers: Record<string, string>) => api.get(path('/health')).set(headers);
    await get({ Host: 'evil.test' }).expect(403);
    await get({ Host: 'localhost:4173', Origin: 'http://evil.test' }).expect(403);
    await get({ Host: 'localhost:4173', Origin: 'http://localhost:9999' }).expect(403);
    await get({ 'Sec-Fetch-Site': 'cross-site' }).expect(403);
    // Nor by sending the browser here, nor from another port of this machine.
    await get({ 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate' }).expect(403);
    await get({ 'Sec-Fetch-Site': 'same-site', 'Sec-Fetch-Mode': 'navigate' }).expect(403);
    await get({ 'Sec-Fetch-Site': 'none', 'Sec-Fetch-Mode': 'navigate' }).expect(200);
    await get({
      Host: 'localhost:4173',
      Origin: 'http://localhost:4173',
      'Sec-Fetch-Site': 'same-origin',
    }).expect(200);
    const res = await get({}).expect(200);
    expect(res.headers['content-security-policy']).toContain("script-src 'self'");
  });
});
