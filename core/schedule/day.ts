import { problemOf, type Laid } from './build';
import { taskKey, type DayAsked } from './request';
import { planSteps, type Planned, type PlanMore, type Proof } from './plan';
import { setupMin, type Plan } from './problem';
import { verify } from './verify';

/** A task on the clock, min since the epoch, with who lends a hand when, and the oven it is in. */
export type Lain = {
  bakeId: string;
  taskId: string;
  from: number;
  to: number;
  hands: { personId: string; from: number; to: number }[];
  ovenId: string | null;
  heatC: number | null;
};
/** What an oven does: heats from about so warm, or is used at a heat by these bakes. */
export type OvenStretch = {
  ovenId: string;
  from: number;
  to: number;
  heatC: number;
  heats: boolean;
  bakeIds: string[];
};
export type DayPlan = { lain: Lain[]; ovens: OvenStretch[]; value: number; proof: Proof };

/** An oven that nobody needs for longer than this is turned off. */
const OFF_MIN = 60;
const ROOM_C = 20;

/** The plan of a problem in the words of the day: when, who, where. Times are min since the epoch again. */
export function dayPlanOf(
  day: DayAsked,
  { problem, from, stayOf }: Laid,
  { plan, value, proof }: Planned,
): DayPlan | null {
  if (!plan) return null;
  const at = (event: number): number => from + plan.time[event]!;
  const inOven = new Map<string, number>();
  for (const [key, stay] of stayOf) inOven.set(key, stay);
  const lain = problem.tasks.map((t, i): Lain => {
    const asked = day.bakes[t.bake]!;
    const stay = inOven.get(`${t.bake}/${t.id}`);
    const mode = stay === undefined ? undefined : problem.stays[stay]!.modes[plan.mode[stay]!];
    return {
      bakeId: asked.id,
      taskId: t.id,
      from: at(t.start),
      to: at(t.end) + t.endsAfter,
      hands: problem.touches.flatMap((touch, k) =>
        touch.task === i
          ? [
              {
                personId: day.people[plan.who[k]!]!.id,
                from: at(touch.from) + touch.after,
                to: at(touch.to) + touch.upTo,
              },
            ]
          : [],
      ),
      ovenId: mode ? day.ovens[mode.oven]!.id : null,
      heatC: mode?.heatC ?? null,
    };
  });
  return { lain, ovens: ovensOf(day, problem.stays, plan, from), value, proof };
}

/** What each oven does in a row: heated from cold or from what it was at before, then used. */
function ovensOf(day: DayAsked, stays: Laid['problem']['stays'], plan: Plan, origin: number): OvenStretch[] {
  return day.ovens.flatMap(({ id: ovenId }, oven) => {
    const here = stays
      .map((stay, i) => ({
        stay,
        mode: stay.modes[plan.mode[i]!]!,
        from: origin + plan.time[stay.start]!,
        held: origin + plan.time[stay.held]!,
        to: origin + plan.time[stay.end]!,
      }))
      .filter((x) => x.mode.oven === oven)
      .sort((a, b) => a.held - b.held);
    const done: OvenStretch[] = [];
    let [lastC, until] = [ROOM_C, -Infinity];
    for (const x of here) {
      const heatC = x.mode.heatC;
      const bakeId = day.bakes[x.stay.bake]!.id;
      const beside = done.find((d) => !d.heats && d.heatC === heatC && d.from <= x.from && d.to > x.from);
      if (beside) {
        beside.bakeIds.push(bakeId);
        beside.to = Math.max(beside.to, x.to);
      } else {
        const warm = x.held - until <= OFF_MIN ? lastC : ROOM_C;
        const heats = setupMin(warm, heatC);
        // A pot is heated with its oven and holds it from then on.
        const from = x.held < x.from ? x.held : x.from - heats;
        if (heats > 0) done.push({ ovenId, from, to: x.from, heatC, heats: true, bakeIds: [bakeId] });
        done.push({ ovenId, from: x.from, to: x.to, heatC, heats: false, bakeIds: [bakeId] });
      }
      lastC = heatC - x.stay.coolsC;
      until = Math.max(until, x.to);
    }
    return done;
  });
}

/** A plan that breaks a rule of its own is no plan: it is an error of ours, and is not shown. */
export function checked(laid: Laid, planned: Planned): Planned {
  const faults = planned.plan ? verify(laid.problem, planned.plan) : [];
  if (faults.length > 0) throw new Error(`a plan broke its own rules: ${JSON.stringify(faults[0])}`);
  return planned;
}
export type DayAnswer = { plan: DayPlan | null; impossible: boolean };

/** Plans a day; the answer was looked through by the verifier. Between its steps it can be left. */
export function* planDay(day: DayAsked, more: PlanMore = {}): Generator<void, DayAnswer> {
  const laid = problemOf(day);
  const steps = planSteps(laid.problem, more);
  for (let s = steps.next(); ; s = steps.next()) {
    if (s.done) return { plan: dayPlanOf(day, laid, checked(laid, s.value)), impossible: s.value.impossible };
    yield;
  }
}

/** A plan of a day as one of another problem of the same day: by task, for what both have. */
export function retimed(
  day: DayAsked,
  { problem, from, stayOf }: Laid,
  was: DayPlan,
): { plan: Plan; known: Set<number> } {
  const lain = new Map(was.lain.map((l) => [taskKey(l.bakeId, l.taskId), l]));
  const time = new Array<number>(problem.events).fill(0);
  const who = new Array<number>(problem.touches.length).fill(-1);
  const mode = new Array<number>(problem.stays.length).fill(0);
  const known = new Set(day.bakes.map((_, i) => i));
  problem.tasks.forEach((t) => {
    const l = lain.get(taskKey(day.bakes[t.bake]!.id, t.id));
    if (!l) known.delete(t.bake);
    else {
      time[t.start] = l.from - from;
      time[t.end] = l.to - from - t.endsAfter;
    }
  });
  problem.touches.forEach((touch, k) => {
    const t = problem.tasks[touch.task]!;
    const l = lain.get(taskKey(day.bakes[t.bake]!.id, t.id));
    const start = from + time[touch.from]! + touch.after;
    const hand =
      l?.hands.find((h) => Math.abs(h.from - start) < 1) ?? l?.hands.at(touch.from === t.start ? 0 : -1);
    who[k] = Math.max(
      0,
      day.people.findIndex((p) => p.id === hand?.personId),
    );
  });
  for (const [key, i] of stayOf) {
    const [bake, id] = key.split('/') as [string, string];
    const l = lain.get(taskKey(day.bakes[Number(bake)]!.id, id));
    const stay = problem.stays[i]!;
    const oven = day.ovens.findIndex((o) => o.id === l?.ovenId);
    const found = stay.modes.findIndex((m) => m.oven === oven && m.heatC === l?.heatC);
    mode[i] = Math.max(0, found);
    if (found < 0) known.delete(stay.bake);
    // A stay of several stretches ends at an event of its own.
    time[stay.end] = Math.max(time[stay.end]!, time[stay.start]! + (stay.modes[mode[i]]?.minutes ?? 0));
  }
  return { plan: { time, who, mode }, known };
}
