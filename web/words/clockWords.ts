import type { Placed, Task } from '../../core/plan';
import { timeText } from './actions';
import { TASK_WORDS } from './data/tasks';
import { degrees } from './heat';

const BASES: Record<Task['basis'], string> = {
  written: 'as written',
  way: 'as its way asks',
  usual: 'usual',
  guess: 'a guess: the method does not say',
};

/** What is done, with its heat. */
export const taskTitle = ({ kind, ovenC }: Task): string =>
  `${TASK_WORDS[kind]}${ovenC !== undefined && (kind === 'heat_oven' || kind === 'heat_pot' || kind === 'bake' || kind === 'blind_bake') ? `, ${degrees(ovenC)}` : ''}`;
/** How long, and where that is from. */
export const taskLength = ({ task, from, to }: Placed): string => {
  const min = Math.round(to - from);
  return `${timeText([min, min])}, ${BASES[task.basis]}`;
};

const DATE = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
export const dateOf = (min: number): Date => new Date(min * 60_000);
/** "Tonight", "Tomorrow", else the day. */
export function dayTitle(min: number, nowMin: number): string {
  const [day, today] = [dateOf(min), dateOf(nowMin)].map(
    (d) => new Date(d.getFullYear(), d.getMonth(), d.getDate()),
  );
  const apart = Math.round((day!.getTime() - today!.getTime()) / 86_400_000);
  const name = DATE.format(dateOf(min));
  if (apart === 0) return `Today, ${name}`;
  return apart === 1 ? `Tomorrow, ${name}` : name;
}
export const timeOf = (min: number): string => TIME.format(dateOf(min));
