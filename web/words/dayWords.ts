import type { Clash, DayPlan, Lack, Remedy, Rescue, Thing } from '../../core/schedule';
import { timeText } from './actions';
import { dayTitle, timeOf } from './clockWords';
import { counted, listed } from './format';

/** How sure a plan is to be the best. */
export function sayProof({ proof }: DayPlan): string {
  if (proof.kind === 'proved') return 'No better plan than this: proved.';
  if (proof.kind === 'best') return 'The best plan found; a better one is not ruled out.';
  const percent = Math.max(1, Math.ceil(100 * (proof.share ?? 0)));
  return `No plan is better by more than ${percent} %: proved.`;
}

const THING_WORDS: Record<Thing, string> = {
  mixer: 'mixer',
  hob: 'rings on the hob',
  fridge: 'shelves in the fridge',
  freezer: 'shelves in the freezer',
  warm: 'warm places',
  pot: 'lidded pots',
  bowl: 'mixing bowls',
};
export const thingName = (thing: string): string => THING_WORDS[thing as Thing] ?? thing;

function sayLack(lack: Lack): string {
  switch (lack.kind) {
    case 'people':
      return 'there are not enough hands in the hours given';
    case 'oven':
      return 'the ovens do not suffice';
    case 'count':
      return `there are not enough ${thingName(lack.thing)}`;
    case 'time':
      return 'there is not enough time before it is wanted';
    case 'fits':
      return 'it goes into no oven of this day, or not in one go and cannot wait for a second';
  }
}
/** What does not fit, in a sentence; suspected where the search ended undecided. */
export function sayClash({ bakeIds, lacks, proved }: Clash, title: (id: string) => string): string {
  const who = listed(bakeIds.map(title));
  const why = listed(lacks.map(sayLack));
  return `${who} ${bakeIds.length === 1 ? 'does' : 'do'} not fit${bakeIds.length > 1 ? ' together' : ''}: ${why}.${proved ? '' : ' This is suspected, not proved.'}`;
}
export function sayRemedy(r: Remedy, title: (id: string) => string, now: number): string {
  switch (r.kind) {
    case 'later':
      return `${title(r.bakeId)} ready at ${timeOf(r.readyBy)}`;
    case 'before':
      return `${title(r.bakeId)} made ahead, ready ${dayTitle(r.readyAt, now)}, ${timeOf(r.readyAt)}`;
    case 'more':
      return `one more of: ${thingName(r.thing)}`;
    case 'drop':
      return `leave out ${title(r.bakeId)}`;
  }
}
const DAY_MIN = 1440;
/** "3 h 20 min"; whole days from two on. */
export const lengthText = (min: number): string =>
  min >= 2 * DAY_MIN
    ? counted(Math.round(min / DAY_MIN), 'day')
    : timeText([Math.round(min), Math.round(min)]);

/** "1:04:30", or "+2:10" past its time. */
export function countdown(ms: number): string {
  const s = Math.abs(Math.round(ms / 1000));
  const two = (n: number): string => String(n).padStart(2, '0');
  const text = s >= 3600 ? `${Math.floor(s / 3600)}:${two(Math.floor((s % 3600) / 60))}:${two(s % 60)}` : `${Math.floor(s / 60)}:${two(s % 60)}`; // prettier-ignore
  return ms < 0 ? `+${text}` : text;
}

/** What to do with what would wait too long. */
export function sayRescue({ kind, overMin }: Rescue, title: string): string {
  const by = lengthText(overMin);
  switch (kind) {
    case 'fridge':
      return `${title} would prove ${by} too long. Put it into the fridge now, covered; take it out when its oven is nearly hot.`;
    case 'feed':
      return `The starter for ${title} would be past its height by ${by}. Feed it again in time.`;
    case 'gas':
      return `${title} is mixed and would stand ${by} too long: its soda or powder is losing gas. Bake what goes in now, or mix it again later.`;
    case 'hot':
      return `The pot for ${title} is hot ${by} too soon. Turn the oven down until the dough is ready.`;
    case 'waits':
      return `${title} would wait ${by} longer than it bears. Cover it, keep it cool, and look at it before you go on.`;
  }
}
