import { createListenerMiddleware, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import type { Draft, DraftDoc } from '../../../contract/dto';
import { api, problemIn } from '../../api/api';
import { desk, type DeskState } from './deskSlice';

type State = { desk: DeskState };

const PAUSE_MS = 500;
const key = (formulaId: string): string => `new-crumb:draft:${formulaId}`;

/** A working copy that the server has not confirmed yet, kept by the browser. */
export type LocalDraft = { rev: number; doc: DraftDoc };

export function localDraft(formulaId: string): LocalDraft | null {
  try {
    return JSON.parse(localStorage.getItem(key(formulaId)) ?? 'null') as LocalDraft | null;
  } catch {
    return null;
  }
}

export function dropLocalDraft(formulaId: string): void {
  localStorage.removeItem(key(formulaId));
}

/**
 * Saves the working copy: at once in the browser, after a short pause on the server. What the browser holds goes
 * when the server has confirmed the same text, so a reload at any moment loses nothing.
 */
export const autosave = createListenerMiddleware<State>();

autosave.startListening({
  predicate: (_action, now, before) => now.desk.doc !== before.desk.doc && now.desk.save === 'unsaved',
  effect: async (_action, listener) => {
    const { formulaId, doc, rev } = listener.getState().desk;
    if (!formulaId || !doc) return;
    localStorage.setItem(key(formulaId), JSON.stringify({ rev, doc } satisfies LocalDraft));
    listener.cancelActiveListeners();
    await listener.delay(PAUSE_MS);
    await saveNow(formulaId, listener);
  },
});

autosave.startListening({
  actionCreator: desk.mineTaken,
  effect: async (_action, listener) => {
    const { formulaId } = listener.getState().desk;
    if (formulaId) await saveNow(formulaId, listener);
  },
});

type Listener = { getState: () => State; dispatch: ThunkDispatch<State, unknown, UnknownAction> };

async function saveNow(formulaId: string, store: Listener): Promise<void> {
  const now = () => store.getState().desk;
  const { doc, rev, save, formulaId: open } = now();
  if (!doc || open !== formulaId || save === 'conflict' || save === 'saving') return;
  store.dispatch(desk.saving());
  const result = await store.dispatch(api.endpoints.saveDraft.initiate({ formulaId, rev, doc }));
  if (now().formulaId !== formulaId) return;
  if (result.data) {
    store.dispatch(desk.saved({ rev: result.data.rev, doc }));
    if (now().save === 'saved') dropLocalDraft(formulaId);
    else await saveNow(formulaId, store);
    return;
  }
  const problem = problemIn(result.error);
  if (problem?.code === 'draft.conflict') {
    store.dispatch(desk.conflicted((problem.current as Draft | null | undefined) ?? null));
  } else {
    store.dispatch(desk.saveFailed());
  }
}
