import type { Problem, Span } from './problem';

/** A stretch that is held; `fixed` ones (somebody is away) cannot move. */
export type Held = Span & { need: number; fixed?: boolean };
export type NewArc = [from: number, to: number, lag: number];
/** One way to settle a clash: arcs more, modes fewer, how two stays lie to one another, odd hours paid for. */
export type Choice = {
  arcs?: NewArc[];
  modes?: [stay: number, keep: readonly number[]][];
  relation?: [pair: number, how: Relation];
  pays?: number;
};
/** Two stays: at one heat in one oven; in different ovens; one after the other. */
export type Relation = 'same' | 'apart' | 'row';

/** A node of the search as those see it who look for clashes: the times, and what is settled so far. */
export type Look = {
  p: Problem;
  at: (event: number) => number;
  /** Modes that are left of each stay. */
  modes: readonly (readonly number[])[];
  relations: ReadonlyMap<number, Relation>;
  /** Which stays and touches are looked at. */
  stayOn: readonly boolean[];
  touchOn: readonly boolean[];
};

/** Clashes of one kind that are looked at together; steps of trying who and where. */
export const MOST_CLASHES = 4;
export const MOST_STEPS = 4000;
export const pairOf = (a: number, b: number): number => Math.min(a, b) * 4096 + Math.max(a, b);
export const fixedSpan = ([from, to]: readonly [number, number]): Held => ({
  from: 0,
  after: from,
  to: 0,
  upTo: to,
  need: 100,
  fixed: true,
});
/** One of a set that cannot all stand together has to be over before another begins. */
export const orders = (set: readonly Held[]): Choice[] =>
  set.flatMap((x) =>
    set
      .filter((y) => x !== y && !(x.fixed && y.fixed))
      .map((y) => ({ arcs: [[x.to, y.from, x.upTo - y.after] as NewArc] })),
  );
