import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const daySentences = catalogue('sentences/day', {
  mixer: 'mixer',
  does: 'does',
  doWord: 'do',
  together: ' together',
  noBetterPlanThanThis: 'No better plan than this: proved.',
  theBestPlanFoundA: 'The best plan found; a better one is not ruled out.',
  noPlanIsBetterBy: (a: { percent: number }) => `No plan is better by more than ${a.percent} %: proved.`,
  ringsOnTheHob: 'rings on the hob',
  shelvesInTheFridge: 'shelves in the fridge',
  shelvesInTheFreezer: 'shelves in the freezer',
  warmPlaces: 'warm places',
  liddedPots: 'lidded pots',
  mixingBowls: 'mixing bowls',
  thereAreNotEnoughHands: 'there are not enough hands in the hours given',
  theOvensDoNotSuffice: 'the ovens do not suffice',
  thereAreNotEnough: (a: { thing: string }) => `there are not enough ${a.thing}`,
  thereIsNotEnoughTime: 'there is not enough time before it is wanted',
  itGoesIntoNoOven: 'it goes into no oven of this day, or not in one go and cannot wait for a second',
  thisIsSuspectedNotProved: ' This is suspected, not proved.',
  notFit: (a: { who: string; which: string; which2: string; why: string; which3: string }) =>
    `${a.who} ${a.which} not fit${a.which2}: ${a.why}.${a.which3}`,
  readyAt: (a: { title: string; time: string }) => `${a.title} ready at ${a.time}`,
  madeAheadReady: (a: { title: string; day: string; time: string }) =>
    `${a.title} made ahead, ready ${a.day}, ${a.time}`,
  oneMoreOf: (a: { thing: string }) => `one more of: ${a.thing}`,
  leaveOut: (a: { title: string }) => `leave out ${a.title}`,
  dayCount: (a: { n: number }) => counted(a.n, 'day'),
  wouldProveTooLongPut: (a: { title: string; by: string }) =>
    `${a.title} would prove ${a.by} too long. Put it into the fridge now, covered; take it out when its oven is nearly hot.`,
  theStarterForWouldBe: (a: { title: string; by: string }) =>
    `The starter for ${a.title} would be past its height by ${a.by}. Feed it again in time.`,
  isMixedAndWouldStand: (a: { title: string; by: string }) =>
    `${a.title} is mixed and would stand ${a.by} too long: its soda or powder is losing gas. Bake what goes in now, or mix it again later.`,
  thePotForIsHot: (a: { title: string; by: string }) =>
    `The pot for ${a.title} is hot ${a.by} too soon. Turn the oven down until the dough is ready.`,
  wouldWaitLongerThanIt: (a: { title: string; by: string }) =>
    `${a.title} would wait ${a.by} longer than it bears. Cover it, keep it cool, and look at it before you go on.`,
});
