import { useCallback, useEffect, useRef, useState } from 'react';
import type { TrialRow } from '../../contract/notebook';
import type { Trial } from '../../core/judge';
import { problemIn } from '../api/api';
import { notebookApi, usePutTrialMutation, useTrialQuery } from '../api/notebook';
import { useAppDispatch } from '../store/store';

const RESTS_MS = 500;
const AGAIN_MS = 4000;

/** A trial as it is written: kept by itself a moment after each change, tried again while the server is away. */
export function useTrial(id: string) {
  const { data, error } = useTrialQuery(id);
  const [put] = usePutTrialMutation();
  const [doc, setDoc] = useState<Trial | null>(null);
  const [state, setState] = useState<'kept' | 'keeping' | 'waiting'>('kept');
  const [clash, setClash] = useState<TrialRow | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const rev = useRef(0);
  const opened = useRef(false);
  const changed = useRef<Trial | null>(null);
  const busy = useRef(false);
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
  }, [data]);

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
    if (problem?.code === 'trial.changed') setClash(problem.current as TrialRow);
    else if (problem && problem.status >= 400 && problem.status < 500) setRefused(problem.code);
    else {
      setState('waiting');
      timer.current = setTimeout(() => void send(), AGAIN_MS);
    }
  }, [id, put]);
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
    [send],
  );
  // What was typed last goes on its way when the page is left, and is what the next page that shows the trial begins with.
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      const last = changed.current;
      if (last) dispatch(notebookApi.util.updateQueryData('trial', id, (row) => ({ ...row, ...last })));
      void send();
    },
    [send, dispatch, id],
  );
  const takeTheirs = () => {
    if (!clash) return;
    const { id: _id, rev: at, ...trial } = clash;
    rev.current = at;
    changed.current = null;
    setDoc(trial);
    setClash(null);
    setState('kept');
  };
  const keepMine = () => {
    if (!clash) return;
    rev.current = clash.rev;
    setClash(null);
    void send();
  };
  return { doc, set, state, clash, takeTheirs, keepMine, refused, error: data ? null : error };
}
