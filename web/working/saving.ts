import { createListenerMiddleware, type ListenerMiddleware } from '@reduxjs/toolkit';
import { api } from '../api/api';
import { problemIn } from '../api/ask';
import { localCopies, type Copy, type LocalCopies } from './localCopies';
import { Saver, type Sent } from './saver';
import { workingCopy } from './workingSlice';
import type { WorkingState } from './workingState';

type State = { working: WorkingState };
export type Saving = {
  middleware: ListenerMiddleware<State>;
  saver: Saver;
  local: LocalCopies;
};

const copyOf = ({ rev, doc, asides }: WorkingState): Copy => ({ rev, doc: doc!, asides });

/** Ties the saver to a store: what changes there is saved, and what comes of it stands there. */
export function makeSaving(local: LocalCopies = localCopies()): Saving {
  const listener = createListenerMiddleware<State>();
  let store: { dispatch: (action: never) => unknown; getState: () => State } | null = null;
  const dispatch = <T>(action: unknown): Promise<T> => store!.dispatch(action as never) as Promise<T>;
  const sent = async <T>(action: unknown): Promise<Sent<T>> => {
    const done = await dispatch<{ data?: T; error?: unknown }>(action);
    return done.error === undefined ? { ok: done.data as T } : { problem: problemIn(done.error) };
  };
  const saver = new Saver({
    local,
    putDraft: (formulaId, rev, doc) => sent(api.endpoints.saveDraft.initiate({ formulaId, rev, doc })),
    createAside: (formulaId, doc) => sent(api.endpoints.createAside.initiate({ formulaId, doc })),
    tell: (formulaId, word) => {
      const { working: now } = store!.getState();
      if (now.formulaId !== formulaId) return;
      const say = (action: unknown) => void dispatch(action);
      switch (word.is) {
        case 'browser':
          if (now.browserFull !== word.full) say(workingCopy.browserFilled(word.full));
          return;
        case 'saved':
          return say(workingCopy.saved(word));
        case 'asideSaved':
          return say(workingCopy.asideSaved(word.doc));
        case 'saving':
        case 'waiting':
        case 'conflict':
        case 'refused':
          return say(workingCopy.stood(word));
        default:
          word satisfies never;
      }
    },
  });
  listener.startListening({
    predicate: (_action, now, before) => {
      const [a, b] = [now.working, before.working];
      const another = a.doc !== b.doc || (a.standing.is === 'changed' && b.standing.is !== 'changed');
      return a.doc !== null && another && (a.standing.is === 'changed' || a.standing.is === 'conflict');
    },
    effect: (_action, api_) => {
      const now = api_.getState().working;
      if (!now.formulaId || !now.doc) return;
      // Saved text that a save in flight has overtaken is no change of the baker's: the saver goes on with it by itself.
      if (now.standing.is === 'conflict') saver.held(now.formulaId, copyOf(now));
      else if (now.standing.is === 'changed')
        saver.changed(now.formulaId, copyOf(now), api_.getOriginalState().working.standing.is === 'conflict');
    },
  });
  const middleware: Saving['middleware'] = (api_) => {
    store = { dispatch: (action) => api_.dispatch(action), getState: () => api_.getState() };
    return listener.middleware(api_);
  };
  return { middleware, saver, local };
}

/** Wakes the saver when there is reason to hope, and sends what earlier pages left. Once for a page. */
export function watchPage({ saver }: Saving, openNow: () => string | null): void {
  const wake = () => saver.wake();
  window.addEventListener('online', wake);
  window.addEventListener('focus', wake);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && wake());
  void saver.sendLeft(openNow());
}
