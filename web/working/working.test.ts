import { configureStore } from '@reduxjs/toolkit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Draft, DraftDoc } from '../../contract/dto';
import { problem } from '../../contract/problem';
import { keyOfLine, schemaOfLine } from '../../contract/backup-schemas';
import { check } from '../../contract/shapes';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { readFormula } from '../../core/reading';
import { api } from '../api/api';
import { copyFile } from './copyFile';
import { localCopies } from './localCopies';
import { makeSaving, type Saving } from './saving';
import { workingCopy, workingReducer } from './workingSlice';

const doc: DraftDoc = {
  baseId: 'v1',
  source: readFormula(DEMO_FORMULAS[0]!).formula,
  request: { exclude: [] },
};
const out = (...exclude: DraftDoc['request']['exclude']): DraftDoc => ({ ...doc, request: { exclude } });
const makeStore = (saving: Saving) =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, working: workingReducer },
    middleware: (d) => d().prepend(saving.middleware).concat(api.middleware),
  });
let saving: Saving;
let store: ReturnType<typeof makeStore>;
const now = () => store.getState().working;
const open = (more: Partial<Parameters<typeof workingCopy.opened>[0]> = {}) =>
  store.dispatch(
    workingCopy.opened({ formulaId: 'f1', doc, pristine: doc, rev: 0, standing: { is: 'clean' }, ...more }),
  );
const exclude = (...ids: DraftDoc['request']['exclude']) => store.dispatch(workingCopy.excludeSet(ids));
const excluded = () => now().doc?.request.exclude;

beforeEach(() => {
  // What one test leaves on its way is not sent in the next.
  vi.useFakeTimers();
  localStorage.clear();
  sessionStorage.clear();
  saving = makeSaving();
  store = makeStore(saving);
  open();
});

afterEach(() => void vi.useRealTimers());

describe('the working copy', () => {
  it('is undone and redone step by step; a new change ends the redoing', () => {
    exclude('egg');
    exclude('egg', 'oil');
    store.dispatch(workingCopy.undone());
    expect(excluded()).toEqual(['egg']);
    store.dispatch(workingCopy.redone());
    expect(excluded()).toEqual(['egg', 'oil']);
    store.dispatch(workingCopy.undone());
    store.dispatch(workingCopy.lockSet({ lockMass: true }));
    store.dispatch(workingCopy.redone());
    expect(now().doc?.request).toEqual({ exclude: ['egg'], pins: { lockMass: true } });
    for (let k = 0; k < 5; k++) store.dispatch(workingCopy.undone());
    expect(now().doc).toEqual(doc);
  });

  it('all of a drag is one step back; the next drag is another', () => {
    const drag = (massG: number, going = true) =>
      store.dispatch(workingCopy.lineHeld({ lineId: 'l1', massG, kits: { c: 'k' }, going }));
    [10, 11, 12].forEach((g) => drag(g));
    store.dispatch(workingCopy.settled());
    [13, 14].forEach((g) => drag(g));
    store.dispatch(workingCopy.undone());
    expect(now().doc?.request.pins).toEqual({ kits: { c: 'k' }, lines: { l1: 12 } });
    store.dispatch(workingCopy.undone());
    expect(now().doc).toEqual(doc);
  });

  it('properties held, other choices and words on steps come and go without a trace', () => {
    store.dispatch(workingCopy.propHeld({ partId: 'p1', key: 'fat', value: 90 }));
    store.dispatch(workingCopy.kitsSet({ 'p1:egg:dough': 'chia_gel' }));
    store.dispatch(workingCopy.styleSet({ fewest: true }));
    expect(now().doc?.request.pins).toEqual({ props: { p1: { fat: 90 } } });
    store.dispatch(workingCopy.wanted({ exclude: ['egg'] }));
    expect(now().doc?.request.style).toEqual({ fewest: true });
    store.dispatch(workingCopy.stepChosen({ id: 's1', choice: { off: true } }));
    store.dispatch(workingCopy.stepChosen({ id: 's1', choice: null }));
    store.dispatch(workingCopy.styleSet(null));
    store.dispatch(workingCopy.propHeld({ partId: 'p1', key: 'fat', value: null }));
    expect(now().doc?.request).toEqual({ exclude: ['egg'], pins: {} });
  });

  it('a change that changes nothing is none', () => {
    exclude();
    store.dispatch(workingCopy.letGo());
    store.dispatch(workingCopy.lineHeld({ lineId: 'l1', massG: null }));
    expect(now().line.past.length).toBeLessThanOrEqual(1);
  });

  it('other exclusions let go of choices made for the old ones', () => {
    store.dispatch(workingCopy.kitsSet({ 'p1:egg:dough': 'chia_gel' }));
    store.dispatch(workingCopy.lineHeld({ lineId: 'x', massG: 5 }));
    exclude('oil');
    expect(now().doc?.request.pins).toEqual({});
  });

  it('corrects a line in place and keeps what was written', () => {
    store.dispatch(
      workingCopy.lineCorrected({ lineId: 'l1', item: { kind: 'ref', id: 'teff_flour' }, massG: 140 }),
    );
    const line = now().doc!.source.parts[0]!.lines[0]!;
    expect(line.item).toEqual({ kind: 'ref', id: 'teff_flour' });
    expect(line.amount).toMatchObject({
      massG: { value: 140, basis: 'user' },
      written: '150 g sorghum flour',
      confidence: 1,
    });
  });
});

describe('copies that give way', () => {
  it('a version opened beside a changed copy leaves it be until something is changed here; undo leads back to it', () => {
    open({ beside: out('egg'), rev: 4 });
    expect([excluded(), now().asides, now().standing.is]).toEqual([[], [], 'clean']);
    exclude('dairy');
    expect([excluded(), now().asides, now().beside]).toEqual([['dairy'], [out('egg')], null]);
    store.dispatch(workingCopy.undone());
    expect(excluded()).toEqual([]);
    store.dispatch(workingCopy.undone());
    expect(excluded()).toEqual(['egg']);
    store.dispatch(workingCopy.redone());
    store.dispatch(workingCopy.redone());
    expect(excluded()).toEqual(['dairy']);
  });

  it('one that is taken up again changes places with the one that was open', () => {
    exclude('oil');
    store.dispatch(workingCopy.tookUp(out('egg')));
    expect([excluded(), now().asides[0]?.request.exclude]).toEqual([['egg'], ['oil']]);
    store.dispatch(workingCopy.undone());
    expect(excluded()).toEqual(['oil']);
    // As the version stands there is nothing to be kept of it.
    open();
    store.dispatch(workingCopy.tookUp(out('egg')));
    expect(now().asides).toEqual([]);
  });

  it('after a clash either copy can be taken, and the other waits aside', () => {
    const theirs: Draft = { rev: 4, doc: out('oil'), updatedAt: '' };
    exclude('egg');
    store.dispatch(workingCopy.stood({ is: 'conflict', theirs }));
    exclude('egg', 'nuts');
    expect(now().standing.is).toBe('conflict');
    store.dispatch(workingCopy.theirsTaken());
    expect([now().rev, excluded(), now().asides[0]?.request.exclude]).toEqual([4, ['oil'], ['egg', 'nuts']]);
    store.dispatch(workingCopy.undone());
    expect(excluded()).toEqual(['egg', 'nuts']);

    open();
    exclude('egg');
    store.dispatch(workingCopy.stood({ is: 'conflict', theirs }));
    store.dispatch(workingCopy.mineTaken());
    expect([now().rev, excluded(), now().asides]).toEqual([4, ['egg'], [theirs.doc]]);
  });
});

/** A server that holds one draft of one formula, and what is sent to it. */
class FakeServer {
  rev = 0;
  doc: DraftDoc | null = null;
  asides: DraftDoc[] = [];
  calls: string[] = [];
  /** What it answers instead: a status with a problem, or nothing at all. */
  trouble: 'down' | ReturnType<typeof problem> | null = null;
  fetch = vi.fn(async (input: RequestInfo | URL, init?: RequestInit) => {
    const request = new Request(input, init);
    const to = new URL(request.url).pathname.replace('/api/v1', '');
    this.calls.push(`${request.method} ${to}`);
    if (this.trouble === 'down') throw new TypeError('down');
    if (this.trouble) return this.answer(this.trouble.status, this.trouble);
    const body = JSON.parse((await request.text()) || 'null') as { rev: number; doc: DraftDoc };
    if (to.endsWith('/asides')) {
      this.asides.push(body.doc);
      return this.answer(201, { id: String(this.asides.length), exclude: [], words: [] });
    }
    if (body.rev !== (this.doc ? this.rev : 0))
      return this.answer(409, {
        ...problem('draft.conflict', 'rev'),
        current: this.doc && { rev: this.rev, doc: this.doc, updatedAt: '' },
      });
    this.rev += 1;
    this.doc = body.doc;
    return this.answer(200, { rev: this.rev, doc: this.doc, updatedAt: '' });
  });
  private answer(status: number, body: unknown): Response {
    return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  }
}

describe('saving as one works', () => {
  let server: FakeServer;
  const wait = (ms: number) => vi.advanceTimersByTimeAsync(ms);
  beforeEach(() => {
    server = new FakeServer();
    vi.stubGlobal('fetch', server.fetch);
  });
  afterEach(() => void vi.unstubAllGlobals());

  it('is in the browser at once, on the server after a pause, and then only there', async () => {
    exclude('nuts');
    exclude('egg');
    await wait(1);
    expect(saving.local.own('f1')?.doc.request.exclude).toEqual(['egg']);
    expect(server.calls).toEqual([]);
    await wait(1000);
    expect(server.calls).toEqual(['PUT /formulas/f1/draft']);
    expect([now().standing.is, now().rev, saving.local.own('f1')]).toEqual(['saved', 1, null]);
  });

  it('what is changed while it is being saved is saved after it, on the revision that came of it', async () => {
    exclude('egg');
    await wait(600);
    exclude('egg', 'oil');
    exclude('egg', 'oil', 'nuts');
    await wait(2000);
    expect([server.doc?.request.exclude, now().standing.is, server.rev]).toEqual([
      ['egg', 'oil', 'nuts'],
      'saved',
      2,
    ]);
  });

  it('a copy that gave way is on the server before another takes its place there', async () => {
    open({ beside: out('egg') });
    exclude('dairy');
    await wait(1000);
    expect(server.calls).toEqual(['POST /formulas/f1/asides', 'PUT /formulas/f1/draft']);
    expect([server.asides[0]?.request.exclude, server.doc?.request.exclude, now().asides]).toEqual([
      ['egg'],
      ['dairy'],
      [],
    ]);
  });

  it('a server that is down is tried again by itself, ever more rarely, and what was typed meanwhile goes too', async () => {
    server.trouble = 'down';
    exclude('egg');
    await wait(600);
    expect(now().standing).toEqual({ is: 'waiting', code: null, inMs: 1000 });
    await wait(1000);
    await wait(2000);
    expect(now().standing).toMatchObject({ is: 'waiting', inMs: 4000 });
    expect(saving.local.own('f1')?.doc.request.exclude).toEqual(['egg']);
    const tried = server.calls.length;
    expect(tried).toBe(3);
    server.trouble = null;
    await wait(4000);
    expect([now().standing.is, server.doc?.request.exclude, saving.local.own('f1')]).toEqual([
      'saved',
      ['egg'],
      null,
    ]);
  });

  it('is tried at once when the network or the page comes back', async () => {
    server.trouble = 'down';
    exclude('egg');
    await wait(600 + 1000 + 2000 + 4000);
    server.trouble = null;
    saving.saver.wake();
    await wait(1);
    expect([now().standing.is, server.rev]).toEqual(['saved', 1]);
  });

  it.each([
    ['store.busy', 'waiting'],
    ['store.full', 'waiting'],
    ['server.failed', 'waiting'],
    ['formula.notFound', 'refused'],
    ['body.tooLarge', 'refused'],
    ['body.invalid', 'refused'],
  ] as const)('%s leaves it %s, with its own code', async (code, is) => {
    server.trouble = problem(code);
    exclude('egg');
    await wait(600);
    expect(now().standing).toMatchObject({ is, code });
    const sent = server.calls.length;
    server.trouble = null;
    await wait(5000);
    // What was refused is not sent again unchanged, but is when it is changed or the baker asks for it.
    expect(server.calls.length > sent).toBe(is === 'waiting');
    exclude('oil');
    await wait(1000);
    expect([now().standing.is, server.doc?.request.exclude]).toEqual(['saved', ['oil']]);
  });

  it('a browser without room does not keep it from the server, and says so', async () => {
    const full = vi.spyOn(localStorage, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    exclude('egg');
    await wait(1);
    expect(now().browserFull).toBe(true);
    await wait(1000);
    expect([now().standing.is, server.doc?.request.exclude]).toEqual(['saved', ['egg']]);
    full.mockRestore();
    exclude('oil');
    await wait(1);
    expect(now().browserFull).toBe(false);
  });

  it('a clash is shown and nothing more is sent until it is settled; then both are there', async () => {
    server.doc = out('oil');
    server.rev = 7;
    exclude('egg');
    await wait(1000);
    expect(now().standing).toMatchObject({ is: 'conflict', theirs: { rev: 7 } });
    exclude('egg', 'nuts');
    await wait(3000);
    expect(server.calls).toHaveLength(1);
    expect(saving.local.own('f1')?.doc.request.exclude).toEqual(['egg', 'nuts']);
    store.dispatch(workingCopy.mineTaken());
    await wait(1000);
    expect([server.doc.request.exclude, server.asides, now().standing.is]).toEqual([
      ['egg', 'nuts'],
      [out('oil')],
      'saved',
    ]);
  });

  it('an answer that was lost on its way is no clash, in whatever order the store gives its keys', async () => {
    exclude('egg');
    // As a database gives a document back: the same, its keys in an order of its own.
    const turned = (x: unknown): unknown =>
      Array.isArray(x)
        ? x.map(turned)
        : x !== null && typeof x === 'object'
          ? Object.fromEntries(Object.entries(x).map(([k, v]) => [k, turned(v)]).reverse()) // prettier-ignore
          : x;
    server.doc = turned({ ...doc, request: now().doc!.request }) as typeof doc;
    server.rev = 3;
    await wait(1000);
    expect([now().standing.is, now().rev]).toEqual(['saved', 3]);
  });

  it('goes on after the desk was left, and stops where the copy was kept as a version', async () => {
    server.trouble = 'down';
    exclude('egg');
    await wait(600);
    store.dispatch(workingCopy.closed());
    server.trouble = null;
    await wait(2000);
    expect(server.doc?.request.exclude).toEqual(['egg']);
    open({ rev: 1, doc: server.doc, standing: { is: 'saved' } });
    exclude('oil');
    saving.saver.drop('f1');
    store.dispatch(workingCopy.versionKept({ versionId: 'v2' }));
    await wait(5000);
    expect([server.rev, now().standing.is, now().rev]).toEqual([1, 'clean', 0]);
  });

  it('a version has the change it was to find out; what follows it tries nothing until it is asked', () => {
    const tests = { trialId: 't', fault: 'gummy', cause: 'too_wet', repair: 'less_water' } as const;
    store.dispatch(workingCopy.tried({ tests, held: {} }));
    expect(now().doc?.request.tests).toEqual(tests);
    store.dispatch(workingCopy.versionKept({ versionId: 'v3' }));
    expect(now().doc).not.toHaveProperty('request.tests');
    expect(now().doc?.baseId).toBe('v3');
  });

  it('what a page that is gone has left goes to the server: as the working copy, or aside where that has moved on', async () => {
    const gone = (tab: string, formulaId: string, rev: number, copy: DraftDoc) =>
      localStorage.setItem(
        `new-crumb:copy:${tab}:${formulaId}`,
        JSON.stringify({ rev, doc: copy, asides: [], at: 1 }),
      );
    gone('t1', 'f2', 0, out('egg'));
    await saving.saver.sendLeft('f1');
    expect(server.doc?.request.exclude).toEqual(['egg']);
    gone('t2', 'f2', 0, out('oil'));
    // The formula that is open is left to its desk.
    gone('t3', 'f1', 0, out('nuts'));
    await saving.saver.sendLeft('f1');
    expect(server.asides.map((a) => a.request.exclude)).toEqual([['oil']]);
    expect((await saving.local.left()).map((l) => l.formulaId)).toEqual(['f1']);
  });
});

describe('copies in the browser', () => {
  it('each tab has its own; those of living tabs are not taken for left behind', async () => {
    const mine = localCopies();
    mine.put('f1', { rev: 1, doc: out('egg'), asides: [] });
    sessionStorage.clear();
    const other = localCopies();
    other.put('f1', { rev: 1, doc: out('oil'), asides: [] });
    expect([mine.own('f1')?.doc, other.own('f1')?.doc]).toEqual([out('egg'), out('oil')]);
    expect((await other.left()).map((l) => l.copy.doc)).toEqual([out('egg')]);
    const held = [{ name: `new-crumb:tab:${(await other.left())[0]!.key.split(':')[2]}` }];
    vi.stubGlobal('navigator', {
      locks: { query: () => Promise.resolve({ held }), request: () => undefined },
    });
    expect(await other.left()).toEqual([]);
    vi.unstubAllGlobals();
  });

  it('finds one that was kept before copies had a tab, and passes over what it cannot read', async () => {
    localStorage.setItem('new-crumb:draft:f9', JSON.stringify({ rev: 2, doc: out('egg') }));
    localStorage.setItem('new-crumb:copy:x:f8', '{');
    localStorage.setItem('another:thing', '1');
    expect(await localCopies().left()).toMatchObject([{ formulaId: 'f9', copy: { rev: 2, asides: [] } }]);
  });

  it('as a file it is one that can be brought in anywhere', () => {
    let n = 0;
    const file = copyFile(
      'Muffins',
      out('egg'),
      '2026-11-28T10:00:00.000Z',
      () => `0000000${++n}-0000-4000-8000-000000000000`,
    );
    const lines = file
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as unknown);
    expect(lines.map(keyOfLine)).toEqual(['head', 'formula', 'version', 'draft', 'end']);
    for (const l of lines) expect(check(schemaOfLine(keyOfLine(l)!) as never, l)).toHaveProperty('value');
  });
});
