import { useCallback, useEffect, useMemo, useState } from 'react';
import type { BenchDeed, RunDetail } from '../../contract/bench';
import type { BenchEvent } from '../../core/bench';
import { addressOf, problemIn } from '../api/ask';
import { useAddEventsMutation, useRunQuery } from '../api/days';
import { keyHere } from '../api/home';

/** What was done on this device and is not on the server yet: kept here until it is, so that a flat battery loses nothing. */
type Waiting = { id: string; at: number; doc: BenchDeed };
const AGAIN_MS = [0, 1000, 3000, 10_000];
/** Sent in pieces, so that a long time away goes in however long it was. */
const AT_ONCE = 200;

const boxOf = (id: string): string => keyHere(`bench:${id}`);
function fromBox(id: string): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(boxOf(id)) ?? '[]') as Waiting[];
  } catch {
    return [];
  }
}
/** False where the browser's store takes nothing more: what is not sent then is lost with the page, which is said. */
function toBox(id: string, waiting: readonly Waiting[]): boolean {
  try {
    if (waiting.length === 0) localStorage.removeItem(boxOf(id));
    else localStorage.setItem(boxOf(id), JSON.stringify(waiting));
    return true;
  } catch {
    return false;
  }
}

/** What was done here and waits to be sent: kept in the browser's store, sent the oldest first, tried again when it fails. */
function useOutbox(id: string) {
  const [add] = useAddEventsMutation();
  const [waiting, setWaiting] = useState<Waiting[]>(() => fromBox(id));
  const [tries, setTries] = useState(0);
  const [boxed, setBoxed] = useState(true);
  const [refused, setRefused] = useState<string | null>(null);
  const put = useCallback(
    (to: (waiting: Waiting[]) => Waiting[]) =>
      setWaiting((w) => {
        const now = to(w);
        setBoxed(toBox(id, now));
        return now;
      }),
    [id],
  );
  // A try that fails is followed by another, sooner when the network is back.
  useEffect(() => {
    if (waiting.length === 0 || refused) return;
    let over = false;
    const send = async () => {
      const some = waiting.slice(0, AT_ONCE);
      const now = Date.now();
      const done = await add({
        id,
        events: some.map(({ at, ...e }) => ({ ...e, agoMs: Math.max(0, now - at) })),
      });
      if (over) return;
      if ('error' in done) {
        const problem = problemIn(done.error);
        if (problem && problem.status >= 400 && problem.status < 500) setRefused(problem.code);
        else setTries((n) => n + 1);
        return;
      }
      const sent = new Set(some.map((e) => e.id));
      setTries(0);
      put((w) => w.filter((e) => !sent.has(e.id)));
    };
    const timer = setTimeout(() => void send(), AGAIN_MS[Math.min(tries, AGAIN_MS.length - 1)]);
    const soon = () => setTries(0);
    window.addEventListener('online', soon);
    return () => {
      over = true;
      clearTimeout(timer);
      window.removeEventListener('online', soon);
    };
  }, [waiting, tries, refused, add, id, put]);
  return { waiting, put, late: tries > 0, boxed, refused };
}

/**
 * A run as it goes, on this device and on others: what is done is shown at once, kept here, and sent until the server has it; what
 * others do comes as it happens.
 */
export function useRun(id: string) {
  const { data, error, refetch } = useRunQuery(id);
  const { waiting, put, ...outbox } = useOutbox(id);
  const tell = useCallback(
    (doc: BenchDeed): string => {
      const event: Waiting = { id: crypto.randomUUID(), at: Date.now(), doc };
      put((w) => [...w, event]);
      return event.id;
    },
    [put],
  );

  // What other devices do: the browser asks again by itself where the line is cut.
  useEffect(() => {
    const live = new EventSource(addressOf('runLive', id));
    live.onmessage = () => void refetch();
    return () => live.close();
  }, [id, refetch]);

  const events = useMemo((): BenchEvent[] => {
    const there = new Set(data?.events.map((e) => e.id));
    const own = waiting.filter((w) => !there.has(w.id)).map((w) => ({ ...w.doc, id: w.id, at: w.at }));
    return [...(data?.events ?? []), ...own];
  }, [data, waiting]);
  const run: RunDetail | undefined = data;
  return { ...outbox, run, events, tell, waiting: waiting.length, error: data ? null : error };
}
