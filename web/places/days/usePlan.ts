import { useEffect, useMemo } from 'react';
import type { BakeDay } from '../../../contract/days';
import { taskKey, type Clash, type DayAsked } from '../../../core/schedule';
import { taskTitle } from '../../words/clockWords';
import { useCompute } from '../../shared/useCompute';
import { liveOf, wantedOf, type DayBakeRead } from './asked';
import type { DayChange } from './useDay';

/** A first plan comes after this, ms, the best of the longer look after that. */
const FIRST_MS = 500;
const BEST_MS = 4000;

type Wanted = {
  day: BakeDay | null;
  asked: DayAsked | null;
  bakes: readonly DayBakeRead[];
  change: (to: DayChange) => Promise<void>;
  now: number;
};

/**
 * Plans a day when what is wanted of it changed: a first plan is shown soon, a better one replaces it. A day under way keeps what
 * has begun and the orders of the rest. The plan is kept with the day.
 */
export function usePlan({ day, asked, bakes, change, now }: Wanted): {
  working: number | null;
  clash: Clash | null;
} {
  const wanted = day ? wantedOf(day) : '';
  const stale = day !== null && asked !== null && day.plannedFor !== wanted;
  const live = stale && day.plan && Object.keys(day.begun).length > 0 ? day.plan : null;
  const asks = stale && asked && !live ? { day: asked, ms: FIRST_MS } : null;
  const first = useCompute('plan', asks);
  // An output belongs to what is asked now only while something is asked and nothing is being worked out.
  const soon = asks && !first.working ? (first.output?.plan ?? null) : null;
  const asksBest = asks && soon ? { ...asks, ms: BEST_MS } : null;
  const best = useCompute('plan', asksBest);
  const found = asksBest && !best.working ? (best.output?.plan ?? null) : null;
  // What is asked while the day goes on is asked as of when it was asked, not of each second after.
  const asksAnew = useMemo(
    () => (live && asked && day ? { day: asked, was: live, live: liveOf(day, now) } : null),
    // oxlint-disable-next-line react-hooks/exhaustive-deps
    [live !== null, asked],
  );
  const anew = useCompute('replan', asksAnew);
  const moved = asksAnew && !anew.working ? (anew.output?.plan ?? null) : null;
  const plan = moved ?? found ?? soon;
  const isLast = moved !== null || found !== null;
  useEffect(() => {
    if (!stale || !plan) return;
    const told = toldOf(bakes);
    void change((d) =>
      wantedOf(d) === wanted ? { ...d, plan, told, plannedFor: isLast ? wanted : d.plannedFor } : d,
    );
  }, [stale, plan, isLast, change, wanted, bakes]);
  if (!asks) return { working: null, clash: null };
  const clash = first.working ? null : (first.output?.clash ?? null);
  return { working: clash ? null : (best.progress ?? first.progress ?? 0), clash };
}

/** What each task is, in words. */
const toldOf = (bakes: readonly DayBakeRead[]): Record<string, string> =>
  Object.fromEntries(
    bakes.flatMap((b) => b.tasks.map((t) => [taskKey(b.id, t.id), `${b.title}: ${taskTitle(t)}`])),
  );
