import { useEffect, useRef } from 'react';
import { ring } from './sound';

/** Something that rings when its time has come: `at` in ms since the epoch. */
export type Alarm = { key: string; at: number; title: string };

/** What has not been answered rings again after so long, ms. */
const AGAIN_MS = 30_000;

/**
 * Alarms whose time has come and that nobody has answered: each rings when it comes and again every half minute, tells itself to
 * whoever allowed notices, and stands in the title of the page.
 */
export function useAlarms(
  alarms: readonly Alarm[],
  answered: readonly string[],
  nowMs: number,
  title: string,
): Alarm[] {
  const ringing = alarms.filter((a) => a.at <= nowMs && !answered.includes(a.key));
  const rang = useRef(new Map<string, number>());
  const told = useRef(new Set<string>());
  useEffect(() => {
    for (const [k, a] of ringing.entries()) {
      const last = rang.current.get(a.key) ?? -Infinity;
      if (nowMs - last < AGAIN_MS) continue;
      rang.current.set(a.key, nowMs);
      ring(k + 1);
      if (!told.current.has(a.key) && 'Notification' in window && Notification.permission === 'granted') {
        told.current.add(a.key);
        new Notification(a.title, { tag: a.key });
      }
    }
  });
  const first = ringing[0]?.title;
  useEffect(() => {
    const was = document.title;
    if (first) document.title = `● ${first}`;
    return () => {
      document.title = was;
    };
  }, [first, title]);
  return ringing;
}
