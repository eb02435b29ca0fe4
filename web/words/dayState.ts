import type { BakeDay } from '../../contract/days';
import { dateOf, timeOf } from './clockWords';
import { counted } from './format';

/** What is to be said of a day in its row: when it begins, how far it is. */
export function dayState({ bakes, plan, begun }: BakeDay): string {
  const over = Object.values(begun).filter((b) => b.to !== null).length;
  const count = counted(bakes.length, 'bake');
  if (bakes.length === 0) return 'nothing in it yet';
  if (!plan) return `${count}, not planned yet`;
  if (over > 0 && over >= plan.lain.length) return `${count}, over`;
  if (Object.keys(begun).length > 0) return `${count}, under way`;
  const first = Math.min(...plan.lain.map((l) => l.from));
  return `${count}, begun ${dateOf(first).toLocaleDateString('en-GB', { weekday: 'long' })} at ${timeOf(first)}`;
}
