import { useEffect } from 'react';
import type { BakeDay } from '../../../contract/days';
import { taskKey, type Clash, type DayAsked } from '../../../core/schedule';
import { useCompute } from '../../workers/useCompute';
import { taskTitle } from '../../words/clockWords';
import { wantedOf, type DayBakeRead } from './asked';
import type { DayChange } from './useDay';

/** A first plan comes after this, ms, the best of the longer look after that. */
const FIRST_MS = 500;
const BEST_MS = 4000;

/**
 * Plans a day when what is wanted of it changed: a first plan is shown soon, a better one replaces it. A day under way is left
 * alone: it is planned anew by what happens. The plan is kept with the day.
 */
export function usePlan(
  day: BakeDay | null,
  asked: DayAsked | null,
  bakes: readonly DayBakeRead[],
  change: (to: DayChange) => Promise<void>,
): { working: number | null; clash: Clash | null } {
  const wanted = day ? wantedOf(day) : '';
  const live = day !== null && Object.keys(day.begun).length > 0;
  const stale = day !== null && asked !== null && !live && day.plannedFor !== wanted;
  const asks = stale && asked ? { day: asked, ms: FIRST_MS } : null;
  const first = useCompute('plan', asks);
  // An output belongs to what is asked now only while something is asked and nothing is being worked out.
  const soon = asks && !first.working ? (first.output?.plan ?? null) : null;
  const asksBest = asks && soon ? { ...asks, ms: BEST_MS } : null;
  const best = useCompute('plan', asksBest);
  const found = asksBest && !best.working ? (best.output?.plan ?? null) : null;
  useEffect(() => {
    if (!stale || !(found ?? soon)) return;
    const final = found !== null;
    void change((d) =>
      wantedOf(d) === wanted
        ? { ...d, plan: found ?? soon, told: toldOf(bakes), plannedFor: final ? wanted : d.plannedFor }
        : d,
    );
  }, [stale, found, soon, change, wanted, bakes]);
  if (!stale) return { working: null, clash: null };
  const clash = !first.working && first.output ? first.output.clash : null;
  return { working: clash ? null : (best.progress ?? first.progress ?? 0), clash };
}

/** What each task is, in words. */
const toldOf = (bakes: readonly DayBakeRead[]): Record<string, string> =>
  Object.fromEntries(
    bakes.flatMap((b) => b.tasks.map((t) => [taskKey(b.id, t.id), `${b.title}: ${taskTitle(t)}`])),
  );
