import { configureStore } from '@reduxjs/toolkit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { DraftDoc } from '../../../contract/dto';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { readFormula } from '../../../core/reading';
import { api } from '../../api/api';
import { autosave, localDraft } from './autosave';
import { desk, deskReducer } from './deskSlice';

const doc: DraftDoc = {
  baseId: 'v1',
  source: readFormula(DEMO_FORMULAS[0]!).formula,
  request: { exclude: [] },
};
const makeStore = () =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, desk: deskReducer },
    middleware: (d) => d().prepend(autosave.middleware).concat(api.middleware),
  });
type Store = ReturnType<typeof makeStore>;
let store: Store;
const now = () => store.getState().desk;
const open = (rev = 0) =>
  store.dispatch(desk.opened({ formulaId: 'f1', doc, pristine: doc, rev, save: 'kept' }));

beforeEach(() => {
  localStorage.clear();
  store = makeStore();
  open();
});

describe('the working copy', () => {
  it('is undone and redone step by step; a new change ends the redoing', () => {
    store.dispatch(desk.excludeSet(['egg']));
    store.dispatch(desk.excludeSet(['egg', 'oil']));
    store.dispatch(desk.undone());
    expect(now().doc?.request.exclude).toEqual(['egg']);
    store.dispatch(desk.redone());
    expect(now().doc?.request.exclude).toEqual(['egg', 'oil']);
    store.dispatch(desk.undone());
    store.dispatch(desk.lockSet({ lockMass: true }));
    store.dispatch(desk.redone());
    expect(now().doc?.request).toEqual({ exclude: ['egg'], pins: { lockMass: true } });
    for (let k = 0; k < 5; k++) store.dispatch(desk.undone());
    expect(now().doc).toEqual(doc);
  });

  it('all of a drag is one step back; the next drag is another', () => {
    const drag = (massG: number, going = true) =>
      store.dispatch(desk.lineHeld({ lineId: 'l1', massG, kits: { c: 'k' }, going }));
    [10, 11, 12].forEach((g) => drag(g));
    store.dispatch(desk.settled());
    [13, 14].forEach((g) => drag(g));
    store.dispatch(desk.undone());
    expect(now().doc?.request.pins).toEqual({ kits: { c: 'k' }, lines: { l1: 12 } });
    store.dispatch(desk.undone());
    expect(now().doc).toEqual(doc);
  });

  it('properties held, other wishes and words on steps come and go without a trace', () => {
    store.dispatch(desk.propHeld({ partId: 'p1', key: 'fat', value: 90 }));
    store.dispatch(desk.kitsSet({ 'p1:egg:dough': 'chia_gel' }));
    store.dispatch(desk.styleSet({ fewest: true }));
    expect(now().doc?.request.pins).toEqual({ props: { p1: { fat: 90 } } });
    store.dispatch(desk.wanted({ exclude: ['egg'] }));
    expect(now().doc?.request.style).toEqual({ fewest: true });
    store.dispatch(desk.stepChosen({ id: 's1', choice: { off: true } }));
    store.dispatch(desk.stepChosen({ id: 's1', choice: null }));
    store.dispatch(desk.styleSet(null));
    store.dispatch(desk.propHeld({ partId: 'p1', key: 'fat', value: null }));
    expect(now().doc?.request).toEqual({ exclude: ['egg'], pins: {} });
  });

  it('a change that changes nothing is none', () => {
    store.dispatch(desk.excludeSet([]));
    store.dispatch(desk.letGo());
    store.dispatch(desk.lineHeld({ lineId: 'l1', massG: null }));
    expect(now().past.length).toBeLessThanOrEqual(1);
  });

  it('other exclusions let go of choices made for the old ones', () => {
    store.dispatch(desk.kitsSet({ 'p1:egg:dough': 'chia_gel' }));
    store.dispatch(desk.lineHeld({ lineId: 'x', massG: 5 }));
    store.dispatch(desk.excludeSet(['oil']));
    expect(now().doc?.request.pins).toEqual({});
  });

  it('corrects a line in place and keeps what was written', () => {
    store.dispatch(desk.lineCorrected({ lineId: 'l1', item: { kind: 'ref', id: 'teff_flour' }, massG: 140 }));
    const line = now().doc!.source.parts[0]!.lines[0]!;
    expect(line.item).toEqual({ kind: 'ref', id: 'teff_flour' });
    expect(line.amount).toMatchObject({
      massG: { value: 140, basis: 'user' },
      written: '150 g sorghum flour',
      confidence: 1,
    });
  });

  it('after a clash either copy can be taken, and mine is one undo away', () => {
    store.dispatch(desk.excludeSet(['egg']));
    const theirs = { rev: 4, doc: { ...doc, request: { exclude: ['oil' as const] } }, updatedAt: '' };
    store.dispatch(desk.conflicted(theirs));
    expect(now().save).toBe('conflict');
    store.dispatch(desk.theirsTaken());
    expect([now().rev, now().doc?.request.exclude]).toEqual([4, ['oil']]);
    store.dispatch(desk.undone());
    expect(now().doc?.request.exclude).toEqual(['egg']);
  });
});

describe('saving as one works', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  const answer = (status: number, body: unknown) =>
    vi.fn(() =>
      Promise.resolve(
        new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } }),
      ),
    );

  it('is in the browser at once, on the server after a pause, and then only there', async () => {
    const put = answer(200, { rev: 1, doc: { ...doc, request: { exclude: ['egg'] } }, updatedAt: '' });
    vi.stubGlobal('fetch', put);
    store.dispatch(desk.excludeSet(['nuts']));
    store.dispatch(desk.excludeSet(['egg']));
    await vi.advanceTimersByTimeAsync(1);
    expect(localDraft('f1')?.doc.request.exclude).toEqual(['egg']);
    expect(put).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(1000);
    expect(put).toHaveBeenCalledTimes(1);
    expect([now().save, now().rev, localDraft('f1')]).toEqual(['saved', 1, null]);
  });

  it('a server that does not answer leaves the copy in the browser', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.reject(new TypeError('down'))),
    );
    store.dispatch(desk.excludeSet(['egg']));
    await vi.advanceTimersByTimeAsync(1000);
    expect(now().save).toBe('offline');
    expect(localDraft('f1')?.doc.request.exclude).toEqual(['egg']);
  });

  it('a clash is shown and nothing more is sent until it is settled', async () => {
    const put = answer(409, {
      status: 409,
      code: 'draft.conflict',
      path: 'rev',
      args: {},
      current: { rev: 7, doc, updatedAt: '' },
    });
    vi.stubGlobal('fetch', put);
    store.dispatch(desk.excludeSet(['egg']));
    await vi.advanceTimersByTimeAsync(1000);
    expect([now().save, now().theirs?.rev]).toEqual(['conflict', 7]);
    store.dispatch(desk.excludeSet(['oil']));
    await vi.advanceTimersByTimeAsync(2000);
    expect(put).toHaveBeenCalledTimes(1);
  });
});
