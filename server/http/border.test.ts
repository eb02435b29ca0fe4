import { describe, expect, it } from 'vitest';
import { bodySchema } from '../../contract/call-schemas';
import { CALLS, type CallName, type WithBody } from '../../contract/calls';
import { PEOPLE_CALLS } from '../../contract/people-calls';
import type { DraftAnswer, PantryRow, ShelfPage, Version } from '../../contract/dto';
import { pantryOf } from '../../contract/work';
import { doughMassG, pinItems, profileOf } from '../../core/formula';
import { lookupReference } from '../../core/ingredients';
import { WHOLE } from '../../core/testing/build';
import { BODIES, changed, placesIn, retyped, type Change } from '../testing/bodies';
import { NOWHERE, path, problem, testApi } from '../testing/api';

const { api } = await testApi();

/** What calls with an id are sent to: made once. */
const made = (await api.post(path('/formulas')).send(BODIES.createFormula).expect(201)).body as {
  formula: { id: string };
  version: Version;
};
const eater = (await api.post(path('/eaters')).send(BODIES.createEater).expect(201)).body as { id: string };
const way = (await api.post(path('/ways')).send(BODIES.createWay).expect(201)).body as { id: string };
const day = (await api.post(path('/days')).send(BODIES.createDay).expect(201)).body as { id: string };
const run = (await api.post(path('/runs')).send(BODIES.createRun).expect(201)).body as { id: string };
const trial = (await api.post(path('/trials')).send(BODIES.createTrial).expect(201)).body as { id: string };
const tasting = (await api.post(path('/tastings')).send(BODIES.createTasting).expect(201)).body as {
  id: string;
};
const experiment = (await api.post(path('/experiments')).send(BODIES.createExperiment).expect(201)).body as {
  id: string;
};
const item = (
  (await api.post(path('/pantry')).send(BODIES.createPantry).expect(201)).body as { items: PantryRow[] }
).items[1]!;
const IDS: Partial<Record<CallName, string>> = {
  addEvents: run.id,
  changeFormula: made.formula.id,
  keepVersion: made.formula.id,
  putDraft: made.formula.id,
  createAside: made.formula.id,
  markVersion: made.version.id,
  revisePantry: item.itemId,
  putEater: eater.id,
  putWay: way.id,
  putDay: day.id,
  putTrial: trial.id,
  putTasting: tasting.id,
  putExperiment: experiment.id,
};
const bodyFor = (name: WithBody): unknown =>
  name === 'keepVersion' ? { ...BODIES.keepVersion, parentId: made.version.id } : BODIES[name];
const send = (name: WithBody, body: unknown) => {
  const { method, path: to } = CALLS[name];
  return api[method](path(to.replace(':id', IDS[name] ?? NOWHERE))).send(body as object);
};
/** A body with so many places has the same things in it several times. */
const MANY_PLACES = 30;
const NAMES = Object.keys(BODIES) as WithBody[];

/** A kept formula that pages can draw: the sums that every page of it makes come out. */
function readsBack({ doc }: Version): void {
  const pinned = pinItems(doc, lookupReference);
  expect(Number.isFinite(doughMassG(pinned))).toBe(true);
  for (const part of pinned.parts) profileOf(part, lookupReference);
}

describe('every call', () => {
  it('that has a schema has a right body here, which is taken', async () => {
    expect(NAMES.filter((n) => bodySchema(n) !== null)).toHaveLength(NAMES.length);
    for (const name of NAMES) {
      const res = await send(name, bodyFor(name));
      const taken = res.status < 300 || problem(res).code.endsWith('changed');
      // Where nobody signs in, a right body is all that these calls hear of.
      expect([name, name in PEOPLE_CALLS ? problem(res).code === 'people.off' : taken]).toEqual([name, true]);
    }
  });

  it.each(NAMES)(
    '%s: each key taken out, made null or of another type is taken or refused in words',
    async (name) => {
      const body = bodyFor(name);
      const at = (place: (string | number)[]) =>
        place.reduce<unknown>((v, k) => (v as Record<string | number, unknown>)[k], body);
      const bad: string[] = [];
      const kept: Version[] = [];
      const places = placesIn(body);
      for (const [n, place] of places.entries()) {
        const all: Change[] = [{ drop: true }, { to: null }, { to: retyped(at(place)) }];
        // A large body holds the same again and again: each place has its turn, and `npm run prove` does all to each.
        for (const change of WHOLE || places.length < MANY_PLACES ? all : [all[n % 3]!]) {
          if (place.length === 0 && 'drop' in change) continue;
          const res = await send(name, changed(body, place, change));
          const told = res.status < 300 || (res.status < 500 && 'code' in (res.body as object));
          if (!told) bad.push(`${place.join('.')} ${JSON.stringify(change)}: ${res.status}`);
          if (res.status === 201 && name === 'createFormula') kept.push((res.body as typeof made).version);
          if (res.status === 201 && name === 'keepVersion') kept.push(res.body as Version);
        }
      }
      expect(bad).toEqual([]);
      kept.forEach(readsBack);
    },
  );

  it.each(NAMES)('%s: without a body it is refused in words', async (name) => {
    const { method, path: to } = CALLS[name];
    const res = await api[method](path(to.replace(':id', IDS[name] ?? NOWHERE)));
    expect([res.status, problem(res).code]).toEqual([422, 'body.invalid']);
  });

  it('what was taken meanwhile reads back: nothing in the pantry is broken, lists and copies are told', async () => {
    const { items } = (await api.get(path('/pantry')).expect(200)).body as { items: PantryRow[] };
    expect(items.length).toBeGreaterThan(3);
    expect(pantryOf(items).broken).toEqual([]);
    expect(
      ((await api.get(path('/formulas?limit=200')).expect(200)).body as ShelfPage).formulas.length,
    ).toBeGreaterThan(0);
    const answer = (await api.get(path(`/formulas/${made.formula.id}/draft`)).expect(200))
      .body as DraftAnswer;
    expect(answer.draft).not.toBeNull();
    for (const to of ['/eaters', '/ways', '/kitchen', `/formulas/${made.formula.id}`])
      await api.get(path(to)).expect(200);
  });
});

describe('hostile bodies', () => {
  const raw = (to: string, text: string) =>
    api.post(path(to)).set('content-type', 'application/json').send(text);

  it.each([
    ['zeros', () => JSON.stringify({ names: new Array(200_000).fill(0) })],
    ['nulls', () => JSON.stringify({ docs: new Array(190_000).fill(null) })],
    ['nested lists', () => `${'['.repeat(300_000)}${']'.repeat(300_000)}`],
    ['nested records', () => `${'{"a":'.repeat(100_000)}1${'}'.repeat(100_000)}`],
    ['one long key', () => JSON.stringify({ ['k'.repeat(500_000)]: 1 })],
  ])('%s are refused at once', async (_what, text) => {
    for (const to of ['/match', '/pantry', '/formulas']) {
      const res = await raw(to, text());
      expect([res.status < 500, (res.body as { code?: string }).code !== undefined]).toEqual([true, true]);
      expect(JSON.stringify(res.body).length).toBeLessThan(1000);
    }
  });

  it('a NUL or half a pair anywhere is refused with its place, never by the store', async () => {
    for (const title of ['a\\u0000b', '\\ud800']) {
      const res = await api
        .patch(path(`/formulas/${made.formula.id}`))
        .set('content-type', 'application/json')
        .send(`{"title":"${title.replaceAll('\\\\', '\\')}"}`);
      expect([res.status, problem(res).path]).toEqual([422, 'title']);
    }
    for (const to of ['/formulas/%00', '/formulas/%ff', '/versions/%ed%a0%80', '/formulas?w=%00'])
      expect((await api.get(path(to))).status).toBeLessThan(500);
  });
});
