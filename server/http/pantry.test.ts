import { sql } from 'drizzle-orm';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import type { DayRow } from '../../contract/days';
import {
  DEFAULT_KITCHEN,
  type EaterRow,
  type KitchenRow,
  type PantryRow,
  type WayRow,
} from '../../contract/dto';
import { EMPTY_PANEL, type BlendDoc, type OwnDoc, type PacketDoc } from '../../core/pantry';
import { readFormula, type ReadResult } from '../../core/reading';
import type { Outcome } from '../../core/rebalance';
import { formula } from '../../core/testing/build';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { DEMO_WAYS } from '../../demo/data/pantry';
import { BODIES } from '../testing/bodies';
import { NOWHERE, path, problem, testApi } from '../testing/api';

const { api, database } = await testApi();
const DRINK: PacketDoc = {
  kind: 'packet',
  name: 'Harbour soya drink',
  like: 'soy_drink',
  labelText: 'Water, soya beans, sea salt.',
  seenWords: [],
  panel: EMPTY_PANEL,
  packG: 1000,
  price: 1.8,
  openedOn: '2026-11-20',
  everywhere: true,
};
const CRUNCH: OwnDoc = {
  kind: 'own',
  name: 'Quay crunch',
  otherNames: ['harbour crunch'],
  like: null,
  group: 'flavour',
  panel: EMPTY_PANEL,
  gPerCup: 90,
  gPerPiece: null,
  facts: { soy: 'yes' },
  note: '',
};
const BLEND: BlendDoc = {
  kind: 'blend',
  name: 'Lantern blend',
  otherNames: [],
  parts: [
    { id: 'white_rice_flour', percent: 60 },
    { id: 'tapioca_starch', percent: 40 },
  ],
  standsFor: ['gf_blend'],
  note: '',
};
const post = async (...docs: unknown[]): Promise<PantryRow[]> =>
  ((await api.post(path('/pantry')).send({ docs }).expect(201)).body as { items: PantryRow[] }).items;
const list = async (): Promise<PantryRow[]> =>
  ((await api.get(path('/pantry')).expect(200)).body as { items: PantryRow[] }).items;
const remove = (...itemIds: string[]) => api.post(path('/pantry/remove')).send({ itemIds }).expect(200);

describe('the pantry', () => {
  it('what is put in is read, matched and swapped with at once', async () => {
    const [drink, crunch, blend] = await post(DRINK, CRUNCH, BLEND);
    const read = (
      await api
        .post(path('/read'))
        .send({ text: '200 ml soy milk\n1 cup harbour crunch\n100 g gluten-free plain flour' })
    ).body as ReadResult;
    expect(read.formula.parts[0]!.lines.map((l) => l.item)).toEqual([
      { kind: 'packet', id: drink!.id },
      { kind: 'own', id: crunch!.id },
      { kind: 'blend', id: blend!.id },
    ]);
    expect(read.lines[1]!.line.amount.massG!.value).toBeCloseTo(90, 6);
    const match = (await api.post(path('/match')).send({ names: ['quay crunch'] })).body as {
      matches: { best: { id: string } }[];
    };
    expect(match.matches[0]!.best.id).toBe(crunch!.id);
    const cake = formula('batter', {
      white_rice_flour: 200,
      egg: 100,
      milk: 200,
      sugar: 100,
      baking_powder: 8,
    });
    const out = (
      await api
        .post(path('/adapt'))
        .send({ formula: cake, exclude: ['dairy'], pins: { kits: { 'p1:milk:dough': 'soy_drink' } } })
    ).body as Outcome;
    expect(out.solutions[0]!.formula.parts[0]!.lines.map((l) => l.item)).toContainEqual({
      kind: 'packet',
      id: drink!.id,
    });
    await remove(drink!.itemId, crunch!.itemId, blend!.itemId);
  });

  it('a revision is new, the old one stays; one that comes late is refused', async () => {
    const [first] = await post(CRUNCH);
    const second = await api
      .put(path(`/pantry/${first!.itemId}`))
      .send({ rev: 1, doc: { ...CRUNCH, gPerCup: 95 } })
      .expect(200);
    expect(second.body).toMatchObject({ itemId: first!.itemId, rev: 2, doc: { gPerCup: 95 } });
    expect(
      (await list()).filter((r) => r.itemId === first!.itemId).map((r) => [r.rev, (r.doc as OwnDoc).gPerCup]),
    ).toEqual([
      [1, 90],
      [2, 95],
    ]);
    const late = await api
      .put(path(`/pantry/${first!.itemId}`))
      .send({ rev: 1, doc: CRUNCH })
      .expect(409);
    expect(problem(late)).toMatchObject({ code: 'pantry.changed', args: { rev: 1, current: 2 } });
    await expect(database.db.execute(sql`update pantry_revision set rev = 9`)).rejects.toThrow();
    await remove(first!.itemId);
    expect(
      problem(
        await api
          .put(path(`/pantry/${first!.itemId}`))
          .send({ rev: 2, doc: CRUNCH })
          .expect(404),
      ).code,
    ).toBe('pantry.notFound');
  });

  it('many are taken out and put back at once; what is gone is not found by name but can be cited', async () => {
    const made = await post(
      ...['Aa crunch', 'Bb crunch', 'Cc crunch'].map((name) => ({ ...CRUNCH, name, otherNames: [] })),
    );
    const itemIds = made.map((m) => m.itemId);
    expect((await remove(...itemIds)).body).toEqual({ moved: 3 });
    expect((await remove(...itemIds)).body).toEqual({ moved: 0 });
    const gone = (await list()).filter((r) => itemIds.includes(r.itemId));
    expect(gone.map((r) => r.gone)).toEqual([true, true, true]);
    const match = (await api.post(path('/match')).send({ names: ['bb crunch'] })).body as {
      matches: { silent: boolean }[];
    };
    expect(match.matches[0]!.silent).toBe(false);
    expect((await api.post(path('/pantry/restore')).send({ itemIds }).expect(200)).body).toEqual({
      moved: 3,
    });
    expect((await list()).filter((r) => itemIds.includes(r.itemId)).every((r) => !r.gone)).toBe(true);
    await remove(...itemIds);
  });

  it.each([
    ['an ingredient there is none of', { ...DRINK, like: 'no_such' }, 'pantry.unknownId', 'docs[0].like'],
    [
      'a blend of what is not there',
      { ...BLEND, parts: [{ id: NOWHERE, percent: 100 }] },
      'pantry.unknownId',
      'docs[0].parts[0].id',
    ],
    [
      'a blend that stands for nothing there is',
      { ...BLEND, standsFor: ['no_such'] },
      'pantry.unknownId',
      'docs[0].standsFor[0]',
    ],
    ['no name', { ...CRUNCH, name: '' }, 'body.invalid', 'docs[0].name'],
    ['text for a number', { ...CRUNCH, gPerCup: '90' }, 'body.invalid', 'docs[0].gPerCup'],
    ['a day that is none', { ...DRINK, openedOn: 'soon' }, 'body.invalid', 'docs[0].openedOn'],
    ['a key that is not known', { ...CRUNCH, zzz: 1 }, 'body.invalid', 'docs[0]'],
    [
      'more fat than there is room',
      { ...DRINK, panel: { ...EMPTY_PANEL, fat: 101 } },
      'body.invalid',
      'docs[0].panel.fat',
    ],
    ['a kind that is none', { kind: 'gadget' }, 'body.invalid', 'docs[0].kind'],
  ])('refuses %s, and keeps nothing of it', async (_what, doc, code, where) => {
    const before = (await list()).length;
    const res = await api
      .post(path('/pantry'))
      .send({ docs: [doc] })
      .expect(422);
    expect(problem(res).code).toBe(code);
    expect(problem(res).path).toContain(where);
    expect(await list()).toHaveLength(before);
  });

  it('a blend may hold a packet, not another blend', async () => {
    const [drink, blend] = await post(DRINK, BLEND);
    const [mixed] = await post({
      ...BLEND,
      name: 'With drink',
      standsFor: [],
      parts: [
        { id: drink!.id, percent: 10 },
        { id: 'white_rice_flour', percent: 90 },
      ],
    });
    const cycle = await api
      .post(path('/pantry'))
      .send({ docs: [{ ...BLEND, parts: [{ id: blend!.id, percent: 100 }] }] })
      .expect(422);
    expect(problem(cycle).code).toBe('pantry.cycle');
    await remove(drink!.itemId, blend!.itemId, mixed!.itemId);
  });
});

describe('eaters and the kitchen', () => {
  const CLUB = { name: 'Hiking club', exclude: ['egg', 'dairy', 'oil'], words: ['cardamom'], traces: false };

  it('eaters are added, changed, taken off and put back', async () => {
    const made = (await api.post(path('/eaters')).send(CLUB).expect(201)).body as EaterRow;
    expect(made).toMatchObject(CLUB);
    await api
      .put(path(`/eaters/${made.id}`))
      .send({ rev: 1, doc: { ...CLUB, traces: true } })
      .expect(200);
    const eaters = async () =>
      ((await api.get(path('/eaters')).expect(200)).body as { rows: EaterRow[] }).rows;
    expect((await eaters()).map((e) => [e.name, e.traces])).toEqual([['Hiking club', true]]);
    await api.delete(path(`/eaters/${made.id}`)).expect(204);
    expect(await eaters()).toEqual([]);
    await api.post(path(`/eaters/${made.id}/restore`)).expect(200);
    expect(await eaters()).toHaveLength(1);
    for (const id of [NOWHERE, 'x'])
      expect(
        problem(
          await api
            .put(path(`/eaters/${id}`))
            .send({ rev: 1, doc: CLUB })
            .expect(404),
        ).code,
      ).toBe('eater.notFound');
    await api
      .post(path('/eaters'))
      .send({ ...CLUB, exclude: ['joy'] })
      .expect(422);
  });

  it('bake days are listed, kept as they go, taken off and put back; a late word is refused with what is there', async () => {
    const made = (await api.post(path('/days')).send(BODIES.createDay).expect(201)).body as DayRow;
    const at = path(`/days/${made.id}`);
    expect((await api.get(at).expect(200)).body).toEqual(made);
    const { id: _id, rev, ...doc } = made;
    const begun = { ...doc, begun: { ...doc.begun, 'b1/t2': { from: 29_899_100, to: null } } };
    await api.put(at).send({ rev, doc: begun }).expect(200);
    const late = problem(await api.put(at).send({ rev, doc }).expect(409));
    expect(late).toMatchObject({ code: 'day.changed', current: { rev: 2, begun: begun.begun } });
    const calendar = await api
      .get(`${at}/calendar.ics`)
      .expect(200)
      .expect('Content-Type', /^text\/calendar/);
    const [event] = new ICAL.Component(ICAL.parse(calendar.text) as unknown[]).getAllSubcomponents('vevent');
    expect(new ICAL.Event(event)).toMatchObject({ summary: 'Harbour scones: Mix', description: 'Kiosk' });
    expect(new ICAL.Event(event).startDate.toUnixTime()).toBe(60 * doc.plan!.lain[0]!.from);
    await api.delete(at).expect(204);
    expect(problem(await api.get(`${at}/calendar.ics`).expect(404)).code).toBe('day.notFound');
    await api.post(`${at}/restore`).expect(200);
    const rows = ((await api.get(path('/days')).expect(200)).body as { rows: DayRow[] }).rows;
    expect(rows.map((d) => d.begun)).toContainEqual(begun.begun);
    expect(
      problem(
        await api
          .post(path('/days'))
          .send({ ...doc, date: 'soon' })
          .expect(422),
      ).path,
    ).toBe('date');
  });

  it('ways of one’s own are added, tried, changed, taken off and put back', async () => {
    const way = DEMO_WAYS[0]!;
    const made = (await api.post(path('/ways')).send(way).expect(201)).body as WayRow;
    const { id, rev, ...doc } = made;
    expect(doc).toEqual(way);
    const { formula } = readFormula(DEMO_FORMULAS[0]!);
    const answer = (
      await api
        .post(path('/adapt'))
        .send({ formula, exclude: ['egg'], own: [{ id, doc }], style: { fewest: true } })
        .expect(200)
    ).body as Outcome;
    expect(answer.options.some((o) => o.kitId === id)).toBe(true);
    await api
      .put(path(`/ways/${id}`))
      .send({ rev, doc: { ...way, step: '' } })
      .expect(200);
    await api.delete(path(`/ways/${id}`)).expect(204);
    const ways = async () => ((await api.get(path('/ways')).expect(200)).body as { rows: WayRow[] }).rows;
    expect(await ways()).toEqual([]);
    await api.post(path(`/ways/${id}/restore`)).expect(200);
    expect((await ways()).map((w) => w.step)).toEqual(['']);
    const wrong = { ...way, items: [{ ...way.items[0]!, lo: 50 }] };
    expect(problem(await api.post(path('/ways')).send(wrong).expect(422)).path).toBe('items[0]');
    await api
      .post(path('/ways'))
      .send({ ...way, items: [] })
      .expect(422);
    expect(
      problem(
        await api
          .put(path(`/ways/${NOWHERE}`))
          .send({ rev: 1, doc: way })
          .expect(404),
      ).code,
    ).toBe('way.notFound');
  });

  it('the kitchen has measures from the first day, and keeps what is chosen', async () => {
    const now = async () => (await api.get(path('/kitchen')).expect(200)).body as KitchenRow;
    const put = async (doc: object, rev: number) =>
      (await api.put(path('/kitchen')).send({ rev, doc })).status;
    const first = await now();
    expect(first).toEqual({ ...DEFAULT_KITCHEN, rev: 0 });
    const mine = { cup: 'imperial', spoon: 'australian', eggs: 'us', currency: '£', ruleset: 'us' };
    expect(await put(mine, 0)).toBe(200);
    expect(await put({ ...mine, cup: 'metric' }, 1)).toBe(200);
    expect(await now()).toEqual({ ...mine, cup: 'metric', rev: 2 });
    expect(await put({ ...mine, cup: 'bucket' }, 2)).toBe(422);
    const liked = { ...mine, style: { grain: 'whole', pantryOnly: true }, atHand: ['sugar'] };
    expect(await put(liked, 2)).toBe(200);
    expect(await now()).toEqual({ ...liked, rev: 3 });
    expect(await put({ ...mine, style: { grain: 'any' } }, 3)).toBe(422);
    // Another tab that has not seen it does not overwrite it, and is given what is there.
    const late = await api.put(path('/kitchen')).send({ rev: 1, doc: mine }).expect(409);
    expect(problem(late)).toMatchObject({ code: 'kitchen.changed', current: { ...liked, rev: 3 } });
  });

  it('labels are read by the rule set asked for', async () => {
    const found = async (ruleset: string) =>
      (
        (await api.post(path('/labels')).send({ text: 'Barley malt, lupin, milk', ruleset }).expect(200))
          .body as { contains: { avoid: string; declared: boolean }[] }
      ).contains
        .filter((c) => c.declared)
        .map((c) => c.avoid);
    expect(await found('us')).toEqual(['milk']);
    expect(await found('eu')).toEqual(['gluten', 'milk', 'lupin']);
  });
});
