import { language } from './language';
import type { Hours } from '../../contract/dto';
import type { Task } from '../../core/plan';
import type { Placed, Stretch } from '../../core/schedule';
import { timeText } from './actions';
import { TASK_WORDS } from './data/tasks';
import { degrees } from './heat';
import { clockSentences } from './data/en/sentences/clock';

const W = clockSentences;

const BASES: Record<Task['basis'], string> = {
  written: W.asWritten,
  yeast: W.byTheYeastClock,
  model: W.byTheBakeModelRoughly,
  way: W.asItsWayAsks,
  usual: W.usual,
  guess: W.aGuessTheMethodDoes,
};

/** What is done, with its heat. */
export const taskTitle = ({ kind, ovenC }: Task): string =>
  `${TASK_WORDS[kind]}${ovenC !== undefined && (kind === 'heat_oven' || kind === 'heat_pot' || kind === 'bake' || kind === 'blind_bake') ? `, ${degrees(ovenC)}` : ''}`;
/** How long, and where that is from. */
export const taskLength = ({ task, from, to }: Placed): string => {
  const min = Math.round(to - from);
  const own = task.learnt ? W.byOfYourOwn({ count: W.timeCount({ n: task.learnt }) }) : '';
  return `${timeText([min, min])}, ${BASES[task.basis]}${own}`;
};

const DATE = new Intl.DateTimeFormat(language.locale, { weekday: 'long', day: 'numeric', month: 'long' });
const TIME = new Intl.DateTimeFormat(language.locale, { hour: '2-digit', minute: '2-digit' });
export const dateOf = (min: number): Date => new Date(min * 60_000);
/** "Tonight", "Tomorrow", else the day. */
export function dayTitle(min: number, nowMin: number, inSentence = false): string {
  const [day, today] = [dateOf(min), dateOf(nowMin)].map(
    (d) => new Date(d.getFullYear(), d.getMonth(), d.getDate()),
  );
  const apart = Math.round((day!.getTime() - today!.getTime()) / 86_400_000);
  const name = DATE.format(dateOf(min));
  if (apart === 0) return inSentence ? W.todayWithin({ name }) : W.today({ name });
  if (apart === 1) return inSentence ? W.tomorrowWithin({ name }) : W.tomorrow({ name });
  return name;
}
const WEEKDAY = new Intl.DateTimeFormat(language.locale, { weekday: 'long' });
/** "Saturday". */
export const weekdayOf = (min: number): string => WEEKDAY.format(dateOf(min));
export const timeOf = (min: number): string => TIME.format(dateOf(min));

/** The same hours on each day between two times, as the clock of this place has them: also over a night it is put forward. */
export function dailyHours({ from, to }: Hours, first: number, last: number): Stretch[] {
  const stretches: Stretch[] = [];
  const day = dateOf(first);
  day.setHours(0, 0, 0, 0);
  for (day.setDate(day.getDate() - 1); day.getTime() / 60_000 <= last; day.setDate(day.getDate() + 1)) {
    const at = (min: number): number =>
      new Date(day.getFullYear(), day.getMonth(), day.getDate(), 0, min).getTime() / 60_000;
    stretches.push([at(from), at(to > from ? to : to + 1440)]);
  }
  return stretches;
}
const two = (n: number): string => String(n).padStart(2, '0');
/** "2026-12-05", by the clock of this place. */
export const isoDay = (d: Date): string => `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
/** "06:30", from min of the day and back; null for what is no time. */
export const hourText = (min: number): string => `${two(Math.floor(min / 60) % 24)}:${two(min % 60)}`;
export function hourOf(text: string): number | null {
  const found = /^(\d{1,2}):(\d{2})$/.exec(text);
  return found ? 60 * Number(found[1]) + Number(found[2]) : null;
}
