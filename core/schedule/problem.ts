/**
 * What has to be planned, in the terms of the search: events on a clock of whole minutes, arcs between them, and what they
 * take hold of. Event 0 is the origin of the clock. Resource-constrained scheduling with least and most lags; Neumann,
 * Schwindt, Zimmermann, "Project Scheduling with Time Windows" (2003), names the parts.
 */

/** Why an arc is there: the work itself, how long it may wait, when it is wanted, how long it keeps, what is past. */
export const OWNERS = ['order', 'wait', 'ready', 'keeps', 'begun'] as const;
export type Owner = (typeof OWNERS)[number];
/** t[to] ≥ t[from] + lag, min; a most lag is the arc back with a negative one. `bake` is whose it is, −1 for nobody's. */
export type Arc = { from: number; to: number; lag: number; owner: Owner; bake: number };

/** From t[from] + after until t[to] + upTo. */
export type Span = { from: number; after: number; to: number; upTo: number };
/** So much of a counted thing over a span. */
export type Use = Span & { thing: string; need: number };
/** Somebody's hands over a span, `share` of them in %: two of 50 go together. */
export type Touch = Span & { share: number; task: number };
/** One way to bake: in which oven, how hot, how long, on how many racks, and what it costs against the best. */
export type Mode = { oven: number; heatC: number; minutes: number; racks: number; cost: number };
/**
 * A stay in an oven: `held` is the event from which the oven is held (a pot heats before it is filled), `start` and `end` of
 * the bake itself. `alone` where its heat changes on the way: nothing else goes in beside it; `lastC` is how it leaves the oven
 * then, against the heat of its mode.
 */
export type Stay = {
  start: number;
  end: number;
  held: number;
  modes: Mode[];
  alone: boolean;
  coolsC: number;
  bake: number;
};
/** weight · (t[to] − t[from] − least). */
export type Cost = { weight: number; from: number; to: number; least: number };
/** Someone at work: the stretches in which they are not there, min. */
export type Worker = { name: string; away: [from: number, to: number][] };
export type OvenRoom = { name: string; racks: number };
/** A task on its two events: it ends at t[end] + endsAfter. */
export type Event = { bake: number; id: string; start: number; end: number; endsAfter: number };

export type Problem = {
  events: number;
  horizon: number;
  /** Whose event it is; −1 for the origin and what belongs to all. */
  bakeOf: Int32Array;
  bakes: number;
  /** When each bake is wanted, min: for the order in which they are put in. */
  readyAt: number[];
  tasks: Event[];
  arcs: Arc[];
  uses: Use[];
  touches: Touch[];
  stays: Stay[];
  costs: Cost[];
  /** How many there are of what is counted. */
  counts: Record<string, number>;
  workers: Worker[];
  ovens: OvenRoom[];
  /** Stretches in which nobody works if it can be helped; what a minute of work there costs. */
  odd: [from: number, to: number][];
  oddCost: number;
};
/** Times of all events, who does each touch, in which mode each stay is. */
export type Plan = { time: number[]; who: number[]; mode: number[] };

/** The grid on which a person reads a clock, min. */
export const GRID = 5;
export const onGrid = (min: number): number => Math.ceil(min / GRID - 1e-9) * GRID;

/** An oven gains so many °C a minute, and loses so many with its door ajar. Common practice, no source. */
const GAINS = 8;
const LOSES = 4;
/** From one heat to another, min on the grid. */
export const setupMin = (fromC: number, toC: number): number =>
  fromC === toC ? 0 : onGrid(Math.abs(toC - fromC) / (toC > fromC ? GAINS : LOSES));
/** Between two stays in one oven, min. */
export const betweenMin = (a: { stay: Stay; mode: Mode }, b: { mode: Mode }): number =>
  setupMin(a.mode.heatC - a.stay.coolsC, b.mode.heatC);

/** Whether a stretch meets one of a list. */
export const meets = (list: readonly (readonly [number, number])[], from: number, to: number): boolean =>
  list.some(([a, b]) => from < b && a < to);

/** What work in odd hours costs. It is charged whole where any part of it lies there: a yes or no to branch on. */
export const oddOf = (p: Problem, { after, upTo, share }: Touch): number =>
  (p.oddCost * (upTo - after) * share) / 100;

/** What a plan costs, in weighted minutes: waiting, being ready too soon, other heats, odd hours. */
export function valueOf(p: Problem, { time, mode }: Plan): number {
  let sum = 0;
  for (const c of p.costs) sum += c.weight * (time[c.to]! - time[c.from]! - c.least);
  p.stays.forEach((s, i) => (sum += s.modes[mode[i]!]!.cost));
  for (const t of p.touches)
    if (meets(p.odd, time[t.from]! + t.after, time[t.to]! + t.upTo)) sum += oddOf(p, t);
  return sum;
}
