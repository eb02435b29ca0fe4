import { useCallback, useEffect, useRef, useState } from 'react';
import type { TrialRow } from '../../contract/notebook';
import type { Trial } from '../../core/judge';
import { problemIn } from '../api/ask';
import { notebookApi, usePutTrialMutation, useTrialQuery } from '../api/notebook';
import { useAppDispatch } from '../store/store';

const RESTS_MS = 500;
const AGAIN_MS = 4000;

type Clashed = { theirs: TrialRow | null; refused: string | null };

/** Sends what was written last, one after another: again while the server is away, and no more once it was refused. */
function useSending(id: string) {
  const [put] = usePutTrialMutation();
  const [state, setState] = useState<'kept' | 'keeping' | 'waiting'>('kept');
  const [{ theirs, refused }, setClashed] = useState<Clashed>({ theirs: null, refused: null });
  const rev = useRef(0);
  const changed = useRef<Trial | null>(null);
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const send = useCallback(async () => {
    if (busy.current || !changed.current) return;
    busy.current = true;
    const wanted = changed.current;
    const done = await put({ id, rev: rev.current, doc: wanted });
    busy.current = false;
    if ('data' in done && done.data) {
      rev.current = done.data.rev;
      if (changed.current === wanted) {
        changed.current = null;
        setState('kept');
      } else void send();
      return;
    }
    const problem = problemIn(done.error);
    if (problem?.code === 'trial.changed') setClashed({ theirs: problem.current as TrialRow, refused: null });
    else if (problem && problem.status >= 400 && problem.status < 500)
      setClashed({ theirs: null, refused: problem.code });
    else {
      setState('waiting');
      timer.current = setTimeout(() => void send(), AGAIN_MS);
    }
  }, [id, put]);
  const settle = (at: number): void => {
    rev.current = at;
    setClashed({ theirs: null, refused: null });
  };
  return { state, setState, theirs, refused, settle, rev, changed, busy, timer, send };
}

/** A trial as it is written: kept by itself a moment after each change, tried again while the server is away. */
export function useTrial(id: string) {
  const { data, error } = useTrialQuery(id);
  const [doc, setDoc] = useState<Trial | null>(null);
  const { state, setState, theirs, refused, settle, rev, changed, busy, timer, send } = useSending(id);
  const opened = useRef(false);
  const dispatch = useAppDispatch();
  // What is there is taken when the page opens, and again where it is newer than what was seen and nothing was written here.
  useEffect(() => {
    if (!data) return;
    const newer = data.rev > rev.current && !changed.current && !busy.current;
    if (opened.current && !newer) return;
    opened.current = true;
    const { id: _id, rev: at, ...trial } = data;
    rev.current = at;
    setDoc(trial);
  }, [data, rev, changed, busy]);

  const set = useCallback(
    (more: Partial<Trial>) =>
      setDoc((now) => {
        if (!now) return now;
        const next = { ...now, ...more };
        changed.current = next;
        setState('keeping');
        clearTimeout(timer.current);
        timer.current = setTimeout(() => void send(), RESTS_MS);
        return next;
      }),
    [send, setState, changed, timer],
  );
  // What was typed last goes on its way when the page is left, and is what the next page that shows the trial begins with.
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      const last = changed.current;
      if (last) dispatch(notebookApi.util.updateQueryData('trial', id, (row) => ({ ...row, ...last })));
      void send();
    },
    [send, dispatch, id, changed, timer],
  );
  const takeTheirs = () => {
    if (!theirs) return;
    const { id: _id, rev: at, ...trial } = theirs;
    changed.current = null;
    settle(at);
    setDoc(trial);
    setState('kept');
  };
  const keepMine = () => {
    if (!theirs) return;
    settle(theirs.rev);
    void send();
  };
  return { doc, set, state, clash: theirs, takeTheirs, keepMine, refused, error: data ? null : error };
}
