import { sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { CALLS, needOf, type CallName, type WithBody } from '../../contract/calls';
import type { Version } from '../../contract/dto';
import { PEOPLE_CALLS } from '../../contract/people-calls';
import { isEnough, ROLES } from '../../contract/people';
import { problem } from '../testing/api';
import { BODIES } from '../testing/bodies';
import { browserOf, peopleApp, type Browser } from '../testing/people';

const { app, store, ownerOf, signedIn, anotherKitchen } = await peopleApp();
const { browser: ours } = await ownerOf(1);
const { browser: theirs } = await ownerOf(await anotherKitchen());
const NAMES = Object.keys(CALLS) as CallName[];

/** One of each thing there is, in a kitchen. */
async function filled(browser: Browser): Promise<{ ids: Record<string, string>; version: Version }> {
  const made = async (name: WithBody): Promise<{ id: string }> =>
    (await browser.send(name, BODIES[name]).expect(201)).body as { id: string };
  const { formula, version } = (await browser.send('createFormula', BODIES.createFormula).expect(201))
    .body as {
    formula: { id: string };
    version: Version;
  };
  const pantry = (await browser.send('createPantry', BODIES.createPantry).expect(201)).body as {
    items: { itemId: string }[];
  };
  const photo = (await browser.send('createPhoto', BODIES.createPhoto).expect(201)).body as { hash: string };
  const aside = (await browser.send('createAside', BODIES.createAside, formula.id).expect(201)).body as {
    id: string;
  };
  return {
    version,
    ids: {
      formulas: formula.id,
      versions: version.id,
      pantry: pantry.items[1]!.itemId,
      photos: photo.hash,
      asides: aside.id,
      eaters: (await made('createEater')).id,
      ways: (await made('createWay')).id,
      days: (await made('createDay')).id,
      runs: (await made('createRun')).id,
      trials: (await made('createTrial')).id,
      experiments: (await made('createExperiment')).id,
      tastings: (await made('createTasting')).id,
      people: ((await browser.send('createPerson', BODIES.createPerson).expect(201)).body as { id: string })
        .id,
      sessions: ((await browser.send('sessions').expect(200)).body as { rows: { id: string }[] }).rows[0]!.id,
    },
  };
}
const { ids, version } = await filled(ours);
const bodyOf = (name: CallName): unknown =>
  name === 'keepVersion'
    ? { ...BODIES.keepVersion, parentId: version.id }
    : (BODIES as Partial<Record<CallName, unknown>>)[name];
const withId = NAMES.filter((n) => CALLS[n].path.includes(':id'));
const idFor = (name: CallName): string => ids[CALLS[name].path.split('/')[1]!]!;

describe('two kitchens on one store', () => {
  it.each(withId)('%s: what is of another kitchen is not there', async (name) => {
    const res = await theirs.send(name, bodyOf(name), idFor(name));
    expect([res.status, problem(res).code]).toEqual([404, expect.stringMatching(/\.notFound$/)]);
  });

  it('and is there for whose it is', async () => {
    for (const name of withId.filter((n) => CALLS[n].method === 'get' && !CALLS[n].path.endsWith('/live')))
      expect([name, (await ours.send(name, undefined, idFor(name))).status]).toEqual([name, 200]);
  });

  it('lists, searches and a backup tell of nothing of the other', async () => {
    const lists = NAMES.filter((n) => CALLS[n].method === 'get' && !CALLS[n].path.includes(':id'));
    for (const name of lists) {
      const text = (await theirs.send(name).buffer(true)).text;
      for (const [kind, id] of Object.entries(ids))
        expect([name, kind, text.includes(id)]).toEqual([name, kind, false]);
    }
    const moved = (await theirs.send('removePantry', { itemIds: [ids.pantry] }).expect(200)).body as unknown;
    expect(moved).toEqual({ moved: 0 });
    await theirs.send('createPairing', { personId: ids.people }).expect(404);
  });

  it('a file of one comes whole into the other, with the ids it has: neither takes from the other', async () => {
    const file = (await ours.send('backup').buffer(true)).text;
    const count = (text: string) => JSON.parse(text.trim().split('\n').at(-1)!) as unknown;
    const third = (await ownerOf(await anotherKitchen())).browser;
    const said = await third
      .send('restore', undefined, '', { 'content-type': 'application/x-ndjson' })
      .send(file)
      .buffer(true);
    expect(said.text).toContain('"restored"');
    expect(count((await third.send('backup').buffer(true)).text)).toEqual(count(file));
    await third.send('deleteFormula', undefined, ids.formulas).expect(204);
    await ours.send('formula', undefined, ids.formulas).expect(200);
  });

  it('a connection that was told no kitchen sees nothing and adds nothing; one of a kitchen writes into no other', async () => {
    const tables = await store.door.execute<{ name: string; on: boolean; forced: boolean }>(
      sql`select relname as name, relrowsecurity as on, relforcerowsecurity as forced from pg_class
        where relkind = 'r' and relnamespace = 'public'::regnamespace`,
    );
    expect(tables.rows.length).toBeGreaterThan(18);
    expect(tables.rows.filter((t) => !t.on || !t.forced)).toEqual([]);
    const seen = await store.door.execute(sql`select id from formula`);
    expect(seen.rows).toEqual([]);
    const refused = { cause: { message: expect.stringMatching(/row-level security|null value/) as string } };
    await expect(
      store.door.execute(sql`insert into formula (title, class_id) values ('x', 'batter')`),
    ).rejects.toMatchObject(refused);
    await expect(
      store.of(2).execute(sql`insert into formula (kitchen_id, title, class_id) values (1, 'x', 'batter')`),
    ).rejects.toMatchObject(refused);
    await expect(store.of(2).execute(sql`update formula set kitchen_id = 1`)).resolves.toMatchObject({
      rowCount: 0,
    });
    await store.of(2).transaction(async (tx) => {
      expect((await tx.execute(sql`select id from formula where kitchen_id = 1`)).rows).toEqual([]);
    });
  });
});

describe('roles', () => {
  it.each(NAMES.filter((n) => needOf(n) !== 'anyone'))('%s: nobody who is not signed in', async (name) => {
    const res = await browserOf(app).send(name, bodyOf(name));
    expect([res.status, problem(res).code]).toEqual([401, 'session.none']);
  });

  it.each(ROLES)('%s: what their role allows and no more', async (role) => {
    const { browser } = await signedIn(ours, role);
    for (const name of NAMES) {
      const need = needOf(name);
      if (need === 'anyone' || CALLS[name].stream || name === 'signOut') continue;
      const { status, body } = await browser.send(name, bodyOf(name));
      const refused = status === 403 && (body as { code: string }).code === 'role.notAllowed';
      expect([name, refused]).toEqual([name, !isEnough(role, need)]);
    }
  });

  it('a helper runs days and benches, judges what came out, and deletes nothing', () => {
    const allowed = NAMES.filter((n) => needOf(n) === 'helper' && CALLS[n].method !== 'get');
    expect(allowed.filter((n) => CALLS[n].method === 'delete' && !(n in PEOPLE_CALLS))).toEqual([]);
    expect(allowed).toEqual(expect.arrayContaining(['putDay', 'createRun', 'addEvents', 'createTrial']));
    for (const n of ['createFormula', 'keepVersion', 'putDraft', 'putKitchen', 'removePantry'] as const)
      expect(allowed).not.toContain(n);
  });
});
