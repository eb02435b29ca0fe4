import { useCallback, useEffect, useRef, useState } from 'react';
import type { BakeDay } from '../../../contract/days';
import {
  madeAgain,
  nextOf,
  rescuesOf,
  ticked,
  type DayPlan,
  type Replanned,
  type Tick,
} from '../../../core/schedule';
import { usePantry } from '../../pantry/usePantry';
import { compute } from '../../workers/compute';
import { liveOf } from './asked';
import type { DayContext } from './dayContext';

/** What is late by less than this moves nothing. */
const LATE_MIN = 3;
const BETTER_MS = 200;

/**
 * What is pressed while a day goes on: it is kept at once and the rest is planned anew, with the orders kept; a better order is
 * offered. What ought to have been begun and was not moves the rest too.
 */
export function useRunning({ day, asked, bakes, change, now }: DayContext) {
  const { rows } = usePantry();
  const [beyond, setBeyond] = useState<Replanned['beyond']>(null);
  const [offer, setOffer] = useState<DayPlan | null>(null);
  const busy = useRef(false);

  const planAnew = useCallback(
    async (next: BakeDay) => {
      if (!asked || !next.plan) return;
      busy.current = true;
      try {
        const live = liveOf(next, now);
        const found = await compute('replan', { day: asked, was: next.plan, live }, rows, 'replan');
        if (!found) return;
        setBeyond(found.beyond);
        await change((d) => ({ ...d, plan: found.plan }));
        const other = await compute(
          'better',
          { day: asked, now: found.plan, live, ms: BETTER_MS },
          rows,
          'better',
        );
        setOffer(other ?? null);
      } catch {
        // What was ticked is kept; the plan stays as it was until the next press.
      } finally {
        busy.current = false;
      }
    },
    [asked, change, now, rows],
  );

  const tick = useCallback(
    async (key: string, how: Tick) => {
      const of = (d: BakeDay): BakeDay =>
        d.plan ? { ...d, begun: ticked(bakes, d.plan, d.begun, key, how, now) } : d;
      const next = of(day);
      void change(of);
      await planAnew(next);
    },
    [bakes, change, day, now, planAnew],
  );
  const again = async (bakeId: string) => {
    const of = (d: BakeDay): BakeDay => ({ ...d, begun: madeAgain(d.begun, bakeId) });
    void change(of);
    await planAnew(of(day));
  };
  const moveTo = async (bakeId: string, ovenId: string) => {
    const of = (d: BakeDay): BakeDay => ({ ...d, inOven: { ...d.inOven, [bakeId]: ovenId } });
    void change(of);
    await planAnew(of(day));
  };
  const next = day.plan ? nextOf(bakes, day.plan, day.begun) : [];
  const rescues = day.plan ? rescuesOf(bakes, day.plan, day.begun, now) : [];
  const late = next.filter((n) => !n.running && n.due < now - LATE_MIN);
  const began = Object.keys(day.begun).length > 0;
  const lateKey =
    began && late.length > 0 ? `${late.map((n) => n.key).join()}@${Math.floor(now / LATE_MIN)}` : '';
  useEffect(() => {
    // Once for what is late, as it gets later; never while an answer is on its way.
    if (lateKey && !busy.current) void planAnew(day);
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [lateKey]);
  const takeOffer = () => {
    if (offer) void change((d) => ({ ...d, plan: offer }));
    setOffer(null);
  };
  return { next, late, rescues, beyond, offer, takeOffer, tick, again, moveTo };
}

export type Running = ReturnType<typeof useRunning>;
