import type { Reading } from './gauge';
import type { Feed } from './starter';
import type { Place } from './yeast';

/** What a baker plans for the rise of one formula. °C, hours, grams; growth 1 is doubled. */
export type LiftPlan = {
  /** Where it rises, one place after the other. */
  places: Place[];
  rise: number;
  /** How warm the dough should come out of the bowl; how warm flour and room are; what mixing adds. */
  wantC: number;
  dryC: number;
  frictionC: number;
  /** Liquid the yeast is woken in. */
  wakeC: number;
  feed: Feed;
  feedC: number;
  /** Starter the dough needs, and what is to be left to go on with. */
  needG: number;
  leftG: number;
  readings: Reading[];
  /** A hot mixture that goes in last: blended grain, a cooked gel. Grams of it, and how hot. */
  hotG?: number;
  hotC?: number;
};

/** Where one begins. Common practice, no source. */
export const USUAL_PLAN: LiftPlan = {
  places: [{ hours: 6, tempC: 22 }],
  rise: 0.9,
  wantC: 26,
  dryC: 20,
  frictionC: 1,
  wakeC: 38,
  feed: { starter: 1, water: 5, flour: 5 },
  feedC: 22,
  needG: 200,
  leftG: 20,
  readings: [],
};

/** Places by name. °C and the hours one first tries. Common practice, no source. */
export const PLACES = {
  room: { hours: 4, tempC: 22 },
  light: { hours: 1.5, tempC: 29 },
  fridge: { hours: 10, tempC: 4 },
} as const;
export type PlaceId = keyof typeof PLACES;

export const PLAN_FAULTS = [
  'placeCold',
  'placeHot',
  'placeKills',
  'hours',
  'rise',
  'wantHot',
  'wantCold',
  'wakeKills',
  'wakeHot',
  'wakeCold',
  'feedFlour',
  'feedStarter',
  'feedWater',
  'feedCold',
  'feedHot',
  'need',
  'left',
  'hot',
  'hotAmount',
] as const;
/** What is wrong with a plan, by what and where it is; the interface has the words. */
export type PlanFault = (typeof PLAN_FAULTS)[number];

const MOST_HOURS = 72;

/** Everything that cannot be, or that kills, in a plan. */
export function planFaults(plan: LiftPlan): PlanFault[] {
  const faults: PlanFault[] = [];
  const when = (fault: PlanFault, is: boolean) => is && faults.push(fault);
  const temps = plan.places.map((p) => p.tempC);
  when(
    'placeCold',
    temps.some((t) => t < -2),
  );
  when(
    'placeKills',
    temps.some((t) => t >= 50 && t <= 100),
  );
  when(
    'placeHot',
    temps.some((t) => !(t <= 100)),
  );
  when('hours', plan.places.length === 0 || plan.places.some((p) => !(p.hours > 0 && p.hours <= MOST_HOURS)));
  when('rise', !(plan.rise >= 0.1 && plan.rise <= 4));
  when('wantHot', !(plan.wantC <= 45));
  when('wantCold', plan.wantC < 4);
  when('wakeKills', !(plan.wakeC < 50));
  when('wakeHot', plan.wakeC > 43 && plan.wakeC < 50);
  when('wakeCold', plan.wakeC < 25);
  when('feedFlour', !(plan.feed.flour > 0));
  when('feedStarter', !(plan.feed.starter > 0));
  when('feedWater', !(plan.feed.water >= 0));
  when('feedCold', plan.feedC <= 5);
  when('feedHot', !(plan.feedC < 38));
  when('need', !(plan.needG > 0));
  when('left', !(plan.leftG >= 0));
  when('hot', plan.hotC !== undefined && !(plan.hotC >= -2 && plan.hotC <= 100));
  when('hotAmount', plan.hotG !== undefined && !(plan.hotG >= 0));
  return faults;
}
