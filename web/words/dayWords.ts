import type { Clash, DayPlan, Lack, Remedy, Rescue, Thing } from '../../core/schedule';
import { timeText } from './actions';
import { dayTitle, timeOf } from './clockWords';
import { listed } from './plural';
import { daySentences } from './data/en/sentences/day';

const W = daySentences;

/** How sure a plan is to be the best. */
export function sayProof({ proof }: DayPlan): string {
  if (proof.kind === 'proved') return W.noBetterPlanThanThis;
  if (proof.kind === 'best') return W.theBestPlanFoundA;
  const percent = Math.max(1, Math.ceil(100 * (proof.share ?? 0)));
  return W.noPlanIsBetterBy({ percent });
}

const THING_WORDS: Record<Thing, string> = {
  mixer: W.mixer,
  hob: W.ringsOnTheHob,
  fridge: W.shelvesInTheFridge,
  freezer: W.shelvesInTheFreezer,
  warm: W.warmPlaces,
  pot: W.liddedPots,
  bowl: W.mixingBowls,
};
export const thingName = (thing: string): string => THING_WORDS[thing as Thing] ?? thing;

function sayLack(lack: Lack): string {
  switch (lack.kind) {
    case 'people':
      return W.thereAreNotEnoughHands;
    case 'oven':
      return W.theOvensDoNotSuffice;
    case 'count':
      return W.thereAreNotEnough({ thing: thingName(lack.thing) });
    case 'time':
      return W.thereIsNotEnoughTime;
    case 'fits':
      return W.itGoesIntoNoOven;
  }
}
/** What does not fit, in a sentence; suspected where the search ended undecided. */
export function sayClash({ bakeIds, lacks, proved }: Clash, title: (id: string) => string): string {
  const who = listed(bakeIds.map(title));
  const why = listed(lacks.map(sayLack));
  return W.notFit({
    who,
    which: bakeIds.length === 1 ? W.does : W.doWord,
    which2: bakeIds.length > 1 ? W.together : '',
    why,
    which3: proved ? '' : W.thisIsSuspectedNotProved,
  });
}
export function sayRemedy(r: Remedy, title: (id: string) => string, now: number): string {
  switch (r.kind) {
    case 'later':
      return W.readyAt({ title: title(r.bakeId), time: timeOf(r.readyBy) });
    case 'before':
      return W.madeAheadReady({
        title: title(r.bakeId),
        day: dayTitle(r.readyAt, now),
        time: timeOf(r.readyAt),
      });
    case 'more':
      return W.oneMoreOf({ thing: thingName(r.thing) });
    case 'drop':
      return W.leaveOut({ title: title(r.bakeId) });
  }
}
const DAY_MIN = 1440;
/** "3 h 20 min"; whole days from two on. */
export const lengthText = (min: number): string =>
  min >= 2 * DAY_MIN
    ? W.dayCount({ n: Math.round(min / DAY_MIN) })
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
      return W.wouldProveTooLongPut({ title, by });
    case 'feed':
      return W.theStarterForWouldBe({ title, by });
    case 'gas':
      return W.isMixedAndWouldStand({ title, by });
    case 'hot':
      return W.thePotForIsHot({ title, by });
    case 'waits':
      return W.wouldWaitLongerThanIt({ title, by });
  }
}
