import type { BakeDay } from '../../contract/days';
import { weekdayOf, timeOf } from './clockWords';
import { dayStateSentences } from './data/en/sentences/dayState';

const W = dayStateSentences;

/** What is to be said of a day in its row: when it begins, how far it is. */
export function dayState({ bakes, plan, begun }: BakeDay): string {
  const over = Object.values(begun).filter((b) => b.to !== null).length;
  const count = W.bakeCount({ n: bakes.length });
  if (bakes.length === 0) return W.nothingInItYet;
  if (!plan) return W.notPlannedYet({ count });
  if (over > 0 && over >= plan.lain.length) return W.over({ count });
  if (Object.keys(begun).length > 0) return W.underWay({ count });
  const first = Math.min(...plan.lain.map((l) => l.from));
  return W.begunAt({
    count,
    weekday: weekdayOf(first),
    time: timeOf(first),
  });
}
