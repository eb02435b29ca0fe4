import { describe, expect, it } from 'vitest';
import type { BackupLine } from '../../contract/backup';
import type { AddEvents, RunDetail, RunRow } from '../../contract/bench';
import { benchEvent } from '../db/schema';
import { BODIES } from '../testing/bodies';
import { NOWHERE, path, problem, testApi } from '../testing/api';

const { api, database } = await testApi();
const begin = async (): Promise<RunRow> =>
  (await api.post(path('/runs')).send(BODIES.createRun).expect(201)).body as RunRow;
const uuid = (n: number): string => `10000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const poured = (n: number, g: number): AddEvents['events'][number] => ({
  id: uuid(n),
  agoMs: 0,
  doc: { kind: 'weighed', weighing: 'l1', g },
});
const add = async (id: string, events: AddEvents['events']): Promise<RunDetail> =>
  (
    await api
      .post(path(`/runs/${id}/events`))
      .send({ events })
      .expect(200)
  ).body as RunDetail;

describe('bench runs', () => {
  it('keep what happened in its order, each once however often it is sent', async () => {
    const run = await begin();
    await add(run.id, [poured(1, 100), poured(2, 20)]);
    const again = await add(run.id, [poured(2, 20), poured(3, 5), poured(3, 5)]);
    expect(again.events.map((e) => e.id)).toEqual([uuid(1), uuid(2), uuid(3)]);
    expect((await api.get(path(`/runs/${run.id}`)).expect(200)).body).toEqual(again);
    expect(((await api.get(path('/runs')).expect(200)).body as { rows: RunRow[] }).rows).toContainEqual(run);
  });

  it('two devices that add at once lose nothing, and number nothing twice', async () => {
    const run = await begin();
    await Promise.all(Array.from({ length: 20 }, (_, i) => add(run.id, [poured(100 + i, i)])));
    const { events } = (await api.get(path(`/runs/${run.id}`)).expect(200)).body as RunDetail;
    expect(new Set(events.map((e) => e.id)).size).toBe(20);
  });

  it('when something was, is told by how long ago it was: a page whose clock is wrong tells it right', async () => {
    const run = await begin();
    const { events } = await add(run.id, [{ ...poured(200, 1), agoMs: 60_000 }, poured(201, 2)]);
    expect(events[1]!.at - events[0]!.at).toBe(60_000);
  });

  it('what happened never changes: the store refuses it', async () => {
    const run = await begin();
    await add(run.id, [poured(300, 1)]);
    const refused = { cause: { message: expect.stringMatching(/never changes/) as string } };
    await expect(database.db.delete(benchEvent)).rejects.toMatchObject(refused);
    await expect(database.db.update(benchEvent).set({ seq: 9 })).rejects.toMatchObject(refused);
  });

  it('a run that is not there, and what is no deed, are refused in words', async () => {
    expect(problem(await api.get(path(`/runs/${NOWHERE}`)).expect(404)).code).toBe('run.notFound');
    expect(problem(await api.get(path(`/runs/${NOWHERE}/live`)).expect(404)).code).toBe('run.notFound');
    expect(
      problem(
        await api
          .post(path(`/runs/${NOWHERE}/events`))
          .send({ events: [poured(1, 1)] })
          .expect(404),
      ).code,
    ).toBe('run.notFound');
    const run = await begin();
    for (const doc of [{ kind: 'danced' }, { kind: 'weighed', weighing: 'l1' }, null])
      await api
        .post(path(`/runs/${run.id}/events`))
        .send({ events: [{ id: uuid(1), agoMs: 0, doc }] })
        .expect(422);
    await api.delete(path(`/runs/${run.id}`)).expect(204);
    await api.get(path(`/runs/${run.id}`)).expect(404);
  });

  it('goes into a file of everything, and comes back with all of its events', async () => {
    const run = await begin();
    const kept = await add(
      run.id,
      BODIES.addEvents.events.map((e, i) => ({ ...e, id: uuid(400 + i) })),
    );
    const res = await api
      .get(path('/backup'))
      .buffer(true)
      .parse((r, done) => {
        let text = '';
        r.on('data', (d: Buffer) => (text += d.toString()));
        r.on('end', () => done(null, text));
      });
    const file = res.body as string;
    const lines = file
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as BackupLine);
    expect(lines.filter((l) => 'run' in l).length).toBeGreaterThan(0);
    const other = await testApi();
    await other.api.post(path('/backup')).set('content-type', 'application/x-ndjson').send(file).expect(200);
    expect((await other.api.get(path(`/runs/${run.id}`)).expect(200)).body).toEqual(kept);
    // One run fewer than it says is a file that was cut.
    const cut = lines
      .filter((l) => !('run' in l && l.run.id === run.id))
      .map((l) => JSON.stringify(l))
      .join('\n');
    const said = await other.api.post(path('/backup')).set('content-type', 'application/x-ndjson').send(cut);
    expect(JSON.stringify(said.body) + said.text).toContain('backup.cut');
  });

  it('who follows a run hears what is added, and nothing twice', async () => {
    const run = await begin();
    await add(run.id, [poured(500, 1)]);
    const heard: string[] = [];
    const asked = api
      .get(path(`/runs/${run.id}/live`))
      .buffer(true)
      .parse((res, done) => {
        res.on('data', (d: Buffer) => {
          for (const m of d.toString().matchAll(/data: (.*)\n/g))
            heard.push(...(JSON.parse(m[1]!) as { id: string }[]).map((e) => e.id));
          if (heard.length >= 2) (res as unknown as { destroy: () => void }).destroy();
        });
        res.on('close', () => done(null, ''));
      });
    const following = asked.then(
      () => undefined,
      () => undefined,
    );
    await new Promise((r) => setTimeout(r, 150));
    await add(run.id, [poured(501, 2)]);
    await add(run.id, [poured(502, 3)]);
    await following;
    expect(heard).toEqual([uuid(501), uuid(502)]);
  });
});
