import { describe, expect, it } from 'vitest';
import type { BackupLine } from '../../contract/backup';
import type { ShelfPage } from '../../contract/dto';
import type { PhotoRow, TrialPage, TrialRow } from '../../contract/notebook';
import { cameraJpeg } from '../../core/testing/jpeg';
import { BODIES } from '../testing/bodies';
import { NOWHERE, path, problem, testApi } from '../testing/api';

const { api } = await testApi();
const { api: other } = await testApi();
const { api: third } = await testApi();
const made = async (more: object = {}): Promise<TrialRow> =>
  (
    await api
      .post(path('/trials'))
      .send({ ...BODIES.createTrial, ...more })
      .expect(201)
  ).body as TrialRow;
const page = async (query: string): Promise<TrialPage> =>
  (await api.get(path(`/trials?${query}`)).expect(200)).body as TrialPage;
const photo = async (bytes: Uint8Array): Promise<PhotoRow> =>
  (
    await api
      .post(path('/photos'))
      .send({ data: Buffer.from(bytes).toString('base64') })
      .expect(201)
  ).body as PhotoRow;

describe('the notebook', () => {
  it('keeps trials, the latest bake first, found by words, fault and formula', async () => {
    const formulaId = '30000000-0000-4000-8000-000000000001';
    const first = await made({
      formulaId,
      bakedAt: 1000,
      title: 'Crown',
      notes: 'Gummy near the base, Zoë said',
      faults: ['gummy'],
    });
    const second = await made({ formulaId, bakedAt: 2000, title: 'Crown', notes: 'better', faults: [] });
    expect((await page(`formula=${formulaId}`)).trials.map((t) => t.id)).toEqual([second.id, first.id]);
    expect((await page('q=zoe%20crown')).trials.map((t) => t.id)).toEqual([first.id]);
    expect((await page(`formula=${formulaId}&fault=gummy`)).found).toBe(1);
    expect(await page(`formula=${formulaId}&from=1&limit=1`)).toMatchObject({
      found: 2,
      trials: [{ id: first.id }],
    });
    expect(problem(await api.get(path('/trials?limit=0')).expect(422)).code).toBe('body.invalid');
  });

  it('a change that grew from an older one is refused with what is there; taken out, it comes back', async () => {
    const t = await made();
    const { id, rev, ...doc } = t;
    const put = { rev, doc: { ...doc, notes: 'softer' } };
    await api
      .put(path(`/trials/${id}`))
      .send(put)
      .expect(200);
    const told = problem(
      await api
        .put(path(`/trials/${id}`))
        .send(put)
        .expect(409),
    );
    expect(told.code).toBe('trial.changed');
    expect(told.current).toMatchObject({ notes: 'softer', rev: rev + 1 });
    await api.delete(path(`/trials/${id}`)).expect(204);
    expect(problem(await api.get(path(`/trials/${id}`)).expect(404)).code).toBe('trial.notFound');
    await api.post(path(`/trials/${id}/restore`)).expect(200);
    await api.get(path(`/trials/${id}`)).expect(200);
    expect(problem(await api.get(path(`/trials/${NOWHERE}`)).expect(404)).code).toBe('trial.notFound');
  });

  it('the list of formulas shows the photo of the latest trial that has one', async () => {
    const { formula } = (await api.post(path('/formulas')).send(BODIES.createFormula).expect(201)).body as {
      formula: { id: string };
    };
    const shown = async () =>
      ((await api.get(path('/formulas?limit=200')).expect(200)).body as ShelfPage).formulas.find(
        (f) => f.id === formula.id,
      )!.photo;
    expect(await shown()).toBeNull();
    const taken = (letter: string) => [{ hash: letter.repeat(64), wide: 8, high: 6 }];
    await made({ formulaId: formula.id, bakedAt: 1000, photos: taken('b') });
    const latest = await made({ formulaId: formula.id, bakedAt: 2000, photos: taken('c') });
    await made({ formulaId: formula.id, bakedAt: 3000, photos: [] });
    expect(await shown()).toBe('c'.repeat(64));
    await api.delete(path(`/trials/${latest.id}`)).expect(204);
    expect(await shown()).toBe('b'.repeat(64));
  });

  it('photos are kept once, without what the camera wrote, and never change', async () => {
    const a = await photo(cameraJpeg(800, 600));
    const b = await photo(cameraJpeg(800, 600));
    expect(a).toEqual(b);
    expect(a).toMatchObject({ wide: 800, high: 600 });
    const res = await api.get(path(`/photos/${a.hash}`)).expect(200);
    expect(res.headers['content-type']).toContain('image/jpeg');
    expect(res.headers['cache-control']).toContain('immutable');
    expect((res.body as Buffer).toString('latin1')).not.toMatch(/GPS|Exif/);
    expect(problem(await api.get(path(`/photos/${'0'.repeat(64)}`)).expect(404)).code).toBe('photo.notFound');
  });

  it('what is no photo is refused in words: SVG, nothing, torn, far too large', async () => {
    for (const bytes of [
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'),
      Buffer.from([0xff, 0xd8, 0xff]),
      cameraJpeg(800, 600).slice(0, -4),
      cameraJpeg(20_000, 10_000),
    ]) {
      const data = Buffer.from(bytes).toString('base64');
      expect(problem(await api.post(path('/photos')).send({ data }).expect(422)).code).toBe('photo.notJpeg');
    }
    expect(problem(await api.post(path('/photos')).send({ data: '' }).expect(422)).code).toBe('body.invalid');
    expect(problem(await api.post(path('/photos')).send({ data: 'no base64!' }).expect(422)).code).toBe(
      'body.invalid',
    );
  });

  it('goes into the file of everything and back, photos and all', async () => {
    const p = await photo(cameraJpeg(640, 480, [9, 9]));
    const t = await made({ photos: [p], notes: 'for the file' });
    const text = (
      await api
        .get(path('/backup'))
        .buffer(true)
        .parse((res, done) => {
          let all = '';
          res.on('data', (d: Buffer) => (all += d.toString()));
          res.on('end', () => done(null, all));
        })
        .expect(200)
    ).body as string;
    const lines = text
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as BackupLine);
    const { id, rev: _rev, ...doc } = t;
    expect(lines).toContainEqual({ trial: { id, doc } });
    expect(lines.some((l) => 'photo' in l && l.photo.hash === p.hash)).toBe(true);
    const said = await other
      .post(path('/backup'))
      .set('content-type', 'application/x-ndjson')
      .send(text)
      .expect(200);
    expect(said.text).toContain('"restored"');
    expect((await other.get(path(`/trials/${id}`)).expect(200)).body).toMatchObject(doc);
    const back = await other.get(path(`/photos/${p.hash}`)).expect(200);
    const here = await api.get(path(`/photos/${p.hash}`)).expect(200);
    expect((back.body as Buffer).equals(here.body as Buffer)).toBe(true);

    // A photo whose bytes are others than its hash says is refused, and nothing comes in.
    const forged = lines.map((l) =>
      'photo' in l ? { photo: { ...l.photo, data: Buffer.from(cameraJpeg(1, 1)).toString('base64') } } : l,
    );
    const refused = await third
      .post(path('/backup'))
      .set('content-type', 'application/x-ndjson')
      .send(forged.map((l) => JSON.stringify(l)).join('\n'));
    expect(refused.text).toContain('photo.notJpeg');
    expect(problem(await third.get(path(`/trials/${id}`)).expect(404)).code).toBe('trial.notFound');
  });
});
