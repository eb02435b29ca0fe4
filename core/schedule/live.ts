import { problemOf } from './build';
import { taskKey, type DayAsked, type Live } from './request';
import { checked, dayPlanOf, retimed, type DayPlan } from './day';
import { keepOrders } from './orders';
import { planSteps, type PlanMore } from './plan';
import { valueOf } from './problem';
import { Search } from './search';
import { verify } from './verify';

/** A day planned anew: what is said at once, and whether it stands on work outside the hours that people gave. */
export type Replanned = { plan: DayPlan; overtime: boolean };

const FREE_NODES = 400;
const ORDERED_NODES = 120;

/** The people of a day, there from now on whatever their hours are: for when nothing else is left. */
const stayOn = (day: DayAsked, now: number): DayAsked => ({
  ...day,
  people: day.people.map((p) => ({ ...p, there: [...p.there, [now, now + 2880]] })),
});

/**
 * A day under way planned anew at once: what has begun stays where it is, the rest keeps its orders and moves as little as it
 * has to. Where no order stands any more it is planned without them, and where nobody's hours suffice they stay on, which is said.
 */
export function replan(day: DayAsked, was: DayPlan, told: Live): Replanned | null {
  const live = where(was, told);
  for (const overtime of [false, true]) {
    const asked = overtime ? stayOn(day, live.now) : day;
    const laid = problemOf(asked, live);
    if (laid.problem.stays.some((s) => s.modes.length === 0)) return null;
    const { plan, known } = retimed(asked, laid, was);
    const kept = keepOrders(laid.problem, plan, known);
    const begun = new Set(Object.keys(live.begun));
    const ordered = new Search(laid.problem, { ...kept, nodes: ORDERED_NODES, strong: 3 }).run();
    const found = ordered.best ?? new Search(laid.problem, { nodes: FREE_NODES, strong: 4 }).run().best;
    if (!found || verify(laid.problem, found).length > 0) continue;
    const value = valueOf(laid.problem, found);
    const next = dayPlanOf(asked, laid, { plan: found, value, proof: { kind: 'best' }, impossible: false });
    if (next) return { plan: withBegun(next, was, begun), overtime };
  }
  return null;
}

/** What is in an oven is in the one it was planned for, unless it was said to be elsewhere. */
const where = ({ lain }: DayPlan, live: Live): Live => ({
  ...live,
  oven: {
    ...Object.fromEntries(
      lain.flatMap((l) =>
        l.ovenId && taskKey(l.bakeId, l.taskId) in live.begun ? [[l.bakeId, l.ovenId]] : [],
      ),
    ),
    ...live.oven,
  },
});

/** Who lent a hand to what has begun is what it was. */
const withBegun = (next: DayPlan, was: DayPlan, begun: ReadonlySet<string>): DayPlan => ({
  ...next,
  lain: next.lain.map((l) => {
    const before = was.lain.find((x) => x.bakeId === l.bakeId && x.taskId === l.taskId);
    return before && begun.has(taskKey(l.bakeId, l.taskId)) ? { ...l, hands: before.hands } : l;
  }),
});

/** A better share than this is worth a word. */
const WORTH = 0.05;
/** A better order of what is left, where there is one worth changing for; it is offered, not taken. */
export function* better(
  day: DayAsked,
  now: DayPlan,
  live: Live,
  more: PlanMore,
): Generator<void, DayPlan | null> {
  const laid = problemOf(day, where(now, live));
  const steps = planSteps(laid.problem, more);
  for (let s = steps.next(); ; s = steps.next()) {
    if (!s.done) {
      yield;
      continue;
    }
    const found = dayPlanOf(day, laid, checked(laid, s.value));
    if (!found || found.value >= now.value * (1 - WORTH) - 1) return null;
    return withBegun(found, now, new Set(Object.keys(live.begun)));
  }
}
