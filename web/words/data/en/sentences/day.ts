import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const daySentences = catalogue('sentences/day', {
  mixer: 'mixer',
  does: 'does',
  doWord: 'do',
  together: ' together',
  noBetterPlanThanThis: 'This is the best possible plan.',
  theBestPlanFoundA: 'The best plan found; a better one may exist.',
  noPlanIsBetterBy: (a: { percent: number }) => `No plan is better by more than ${a.percent}%.`,
  ringsOnTheHob: 'rings on the hob',
  shelvesInTheFridge: 'shelves in the fridge',
  shelvesInTheFreezer: 'shelves in the freezer',
  warmPlaces: 'warm places',
  liddedPots: 'lidded pots',
  mixingBowls: 'mixing bowls',
  thereAreNotEnoughHands: 'there are not enough people in the working hours',
  theOvensDoNotSuffice: 'there is not enough oven space',
  thereAreNotEnough: (a: { thing: string }) => `there are not enough ${a.thing}`,
  thereIsNotEnoughTime: 'there is not enough time before it should be ready',
  itGoesIntoNoOven: 'it fits no oven of this day, or needs two rounds and cannot wait for the second',
  thisIsSuspectedNotProved: ' This is likely, not certain.',
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
    `The starter for ${a.title} would be past its peak by ${a.by}. Feed it again in time.`,
  isMixedAndWouldStand: (a: { title: string; by: string }) =>
    `${a.title} is mixed and would wait ${a.by} too long: its soda or baking powder is losing gas. Bake it now, or mix it again later.`,
  thePotForIsHot: (a: { title: string; by: string }) =>
    `The pot for ${a.title} is hot ${a.by} too soon. Turn the oven down until the dough is ready.`,
  wouldWaitLongerThanIt: (a: { title: string; by: string }) =>
    `${a.title} would wait ${a.by} longer than it should. Cover it, keep it cool, and check it before you go on.`,
});
