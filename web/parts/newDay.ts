import { UNPLANNED, USUAL_COUNTS, type BakeDay, type DayRow } from '../../contract/days';
import { USUAL_HOURS, type Kitchen } from '../../contract/dto';
import { isoDay } from '../words/clockWords';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.newDay;

const SATURDAY = 6;
export function nextSaturday(): string {
  const d = new Date();
  d.setDate(d.getDate() + 1 + ((SATURDAY - d.getDay() + 6) % 7));
  return isoDay(d);
}

/** When a day begins, min since the epoch, by the clock here. */
export const dayStart = (date: string): number => new Date(`${date}T00:00`).getTime() / 60_000;
/** When a bake is wanted where nobody said: at one; and ready no longer before than half a day. */
const ONE_PM = 780;
export const KEEPS_MIN = 720;
export const usualReady = (date: string): number => dayStart(date) + ONE_PM;

/** A day of one's own: the people and things of the last one, every oven of the kitchen. */
export const newDay = (
  { title, date, bakes = [] }: Pick<BakeDay, 'title' | 'date'> & Partial<Pick<BakeDay, 'bakes'>>,
  { ovens = [], up = USUAL_HOURS }: Kitchen,
  last?: DayRow,
): BakeDay => ({
  title,
  date,
  bakes,
  people: last?.people ?? [{ id: 'me', name: W.me, hours: up, before: up }],
  ovenIds: ovens.map((o) => o.id),
  counts: last?.counts ?? USUAL_COUNTS,
  usual: last?.usual ?? null,
  ...UNPLANNED,
});
