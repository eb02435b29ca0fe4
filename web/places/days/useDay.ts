import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { BakeDay, DayRow } from '../../../contract/days';
import { addressOf, problemIn } from '../../api/ask';
import { daysApi, leaveDay, useDayQuery, usePutDayMutation } from '../../api/days';
import { makeTurns } from '../../api/inTurn';
import { useAppDispatch } from '../../store/store';
import { sayProblem } from '../../words/problems';

/** A change of a day, so that it can be made once more on what another device made of it meanwhile. */
export type DayChange = (day: BakeDay) => BakeDay;

/** So often a day is looked at anew where it is not heard that another device changed it, ms. */
const POLL_MS = 20_000;
const MOST_TRIES = 5;

/**
 * A bake day as it is, with the presses that are on their way. A change that finds the day changed by another device is made
 * on that; what cannot be kept is said, and not shown as if it were.
 */
export function useDay(id: string) {
  const { data, error, refetch } = useDayQuery(id, { pollingInterval: POLL_MS });
  // What other devices do is told as it happens; the browser asks again by itself where the line is cut.
  useEffect(() => {
    const live = new EventSource(addressOf('dayLive', id));
    live.onmessage = () => void refetch();
    live.onopen = () => void refetch();
    return () => live.close();
  }, [id, refetch]);
  const [put] = usePutDayMutation();
  const dispatch = useAppDispatch();
  const [waiting, setWaiting] = useState<readonly DayChange[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const inTurn = useMemo(() => makeTurns(), []);
  const change = useCallback(
    (to: DayChange): Promise<void> => {
      setWaiting((w) => [...w, to]);
      return inTurn(async () => {
        // As it was last answered; where another device changed it since, its answer says what it is now.
        let there = (await dispatch(daysApi.endpoints.day.initiate(id, { subscribe: false }))).data;
        for (let tries = 0; there && tries < MOST_TRIES; tries++) {
          const { id: _id, rev, ...doc } = there;
          const done = await put({ id, rev, doc: to(doc) });
          const told = 'error' in done ? problemIn(done.error) : null;
          if (!('error' in done)) {
            setTrouble(null);
            break;
          }
          there = told?.code === 'day.changed' ? (told.current as DayRow) : undefined;
          if (!there) setTrouble(sayProblem(told?.code ?? null));
        }
        if (!there) setTrouble((t) => t ?? sayProblem(null));
        setWaiting((w) => w.filter((f) => f !== to));
      });
    },
    [dispatch, id, inTurn, put],
  );
  const day = useMemo(() => {
    if (!data) return null;
    const { id: _id, rev: _rev, ...doc } = data;
    return waiting.reduce<BakeDay>((d, to) => to(d), doc);
  }, [data, waiting]);
  const leaving = useRef<() => void>(() => undefined);
  useEffect(() => {
    // The first that waits is on its way already, and will have made the next revision of the day.
    leaving.current = () => {
      if (data && day && waiting.length > 1) leaveDay(id, { rev: data.rev + 1, doc: day });
    };
  }, [data, day, id, waiting]);
  useEffect(() => {
    const leave = () => leaving.current();
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, []);
  return { day, error: data ? null : error, refetch, change, trouble };
}
