import { problemOf } from './build';
import { taskKey, type DayAsked, type Live } from './request';
import { checked, dayPlanOf, retimed, type DayPlan } from './day';
import { keepOrders } from './orders';
import { planSteps, type PlanMore } from './plan';
import { valueOf } from './problem';
import { Search } from './search';
import { verify } from './verify';

/** A day planned anew, and beyond what it had to go: the hours that people gave, or also what there is of counted things. */
export type Replanned = { plan: DayPlan; beyond: 'hours' | 'things' | null };

const FREE_NODES = 400;
const ORDERED_NODES = 120;

/** The people of a day, there from now on whatever their hours are, and as much of everything as is wanted: for when nothing else is left. */
const stretched = (day: DayAsked, now: number, beyond: Replanned['beyond']): DayAsked => ({
  ...day,
  ...(beyond === 'things' ? { counts: {} } : {}),
  people: day.people.map((p) => ({ ...p, there: [...p.there, [now, now + 2880]] })),
});

/**
 * A day under way planned anew at once: what has begun stays where it is, the rest keeps its orders and moves as little as it
 * has to. Where no order stands any more it is planned without them, and where nobody's hours suffice they stay on, which is said.
 */
export function replan(day: DayAsked, was: DayPlan, told: Live): Replanned | null {
  const live = where(was, { ...told, begun: wholly(day, was, told.begun) });
  for (const beyond of [null, 'hours', 'things'] as const) {
    const asked = beyond ? stretched(day, live.now, beyond) : day;
    const laid = problemOf(asked, live);
    if (laid.problem.stays.some((s) => s.modes.length === 0)) return null;
    const { plan, known } = retimed(asked, laid, was);
    const kept = keepOrders(laid.problem, plan, known);
    const begun = new Set(Object.keys(told.begun));
    const ordered = new Search(laid.problem, { ...kept, nodes: ORDERED_NODES, strong: 3 }).run();
    const found = ordered.best ?? new Search(laid.problem, { nodes: FREE_NODES, strong: 4 }).run().best;
    if (!found || verify(laid.problem, found).length > 0) continue;
    const value = valueOf(laid.problem, found);
    const next = dayPlanOf(asked, laid, { plan: found, value, proof: { kind: 'best' }, impossible: false });
    if (next) return { plan: withBegun(next, was, begun), beyond };
  }
  return null;
}

/**
 * What was begun, with what nobody ticked: what has to come before something that was begun is over, at the latest when that
 * began.
 */
function wholly(day: DayAsked, { lain }: DayPlan, begun: Live['begun']): Live['begun'] {
  const all: Record<string, Live['begun'][string]> = { ...begun };
  for (const { id, tasks } of day.bakes)
    for (const t of [...tasks].reverse()) {
      const from = all[taskKey(id, t.id)]?.from;
      if (from === undefined) continue;
      for (const before of t.after) {
        const was = all[taskKey(id, before)];
        const planned = lain.find((l) => l.bakeId === id && l.taskId === before)?.from ?? from;
        const began = Math.min(from, was?.from ?? planned);
        if (was && was.from === began && was.to !== null && was.to <= from) continue;
        all[taskKey(id, before)] = { from: began, to: from };
      }
    }
  return all;
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
  const laid = problemOf(day, where(now, { ...live, begun: wholly(day, now, live.begun) }));
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
