import { createListenerMiddleware } from '@reduxjs/toolkit';
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
  effect: async (_action, { getState, dispatch, cancelActiveListeners, delay }) => {
    const { formulaId, doc, rev } = getState().desk;
    if (!formulaId || !doc) return;
    localStorage.setItem(key(formulaId), JSON.stringify({ rev, doc } satisfies LocalDraft));
    cancelActiveListeners();
    await delay(PAUSE_MS);
    await saveNow(formulaId, getState, dispatch);
  },
});

autosave.startListening({
  actionCreator: desk.mineTaken,
  effect: async (_action, { getState, dispatch }) => {
    const { formulaId } = getState().desk;
    if (formulaId) await saveNow(formulaId, getState, dispatch);
  },
});

async function saveNow(formulaId: string, getState: () => State, dispatch: (action: never) => unknown): Promise<void> {
  const send = dispatch as (action: unknown) => Promise<{ data?: Draft; error?: unknown }>;
  const { doc, rev, save, formulaId: open } = getState().desk;
  if (!doc || open !== formulaId || save === 'conflict' || save === 'saving') return;
  void send(desk.saving());
  const result = await send(api.endpoints.saveDraft.initiate({ formulaId, rev, doc }));
  if (getState().desk.formulaId !== formulaId) return;
  if (result.data) {
    void send(desk.saved({ rev: result.data.rev, doc }));
    const now = getState().desk;
    if (now.save === 'saved') dropLocalDraft(formulaId);
    else await saveNow(formulaId, getState, dispatch);
    return;
  }
  const problem = problemIn(result.error);
  if (problem?.code === 'draft.conflict') void send(desk.conflicted((problem.current as Draft | null | undefined) ?? null));
  else void send(desk.saveFailed());
}
