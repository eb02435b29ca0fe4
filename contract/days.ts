import { taskKey, type DayPlan, type Lain } from '../core/schedule';
import type { Entry } from './calendar';
import type { Hours } from './dto';

/** One bake of a day: a kept version, so many batches of it, wanted at min since the epoch, ready no longer before than that. */
export type DayBake = {
  id: string;
  formulaId: string;
  versionId: string;
  title: string;
  batches: number;
  readyBy: number;
  keepsMin: number;
};
/** Somebody who works: their hours on the day and on the evening before; null where they are not there. */
export type DayPerson = { id: string; name: string; hours: Hours | null; before: Hours | null };
/** A timer set by hand, in ms since the epoch by the server's clock; `off` when it was turned off. */
export type HandTimer = { id: string; name: string; begunAt: number; endsAt: number; off: boolean };
/** What was begun and what is over, min since the epoch; null while it goes on. */
export type Begun = { from: number; to: number | null; lasts?: number };

/**
 * A bake day: what is wanted, who and what is there, and how it goes. `plan` was made for what `plannedFor` names; where
 * that is not what is wanted now, it is made anew. Nothing of a running day is kept anywhere else, so that a second
 * device, a reload and a restart of the server find it as it is.
 */
export type BakeDay = {
  title: string;
  /** The day of the table, "2026-12-05". */
  date: string;
  bakes: DayBake[];
  people: DayPerson[];
  ovenIds: string[];
  /** How many mixers, rings, shelves, warm places, pots there are. */
  counts: Record<string, number>;
  /** Outside these hours nobody works if it can be helped; null where it is all the same. */
  usual: Hours | null;
  plan: DayPlan | null;
  plannedFor: string;
  /** What each task of the plan is, in words, by "bake/task": for calendars that read it from the server. */
  told: Record<string, string>;
  /** By "bake/task". */
  begun: Record<string, Begun>;
  /** Ovens that bakes are in or were moved to, by bake. */
  inOven: Record<string, string>;
  /** Tasks that were put at a time, by "bake/task", min since the epoch. */
  pins: Record<string, number>;
  /** Planned with the longest that things may take. */
  careful?: boolean;
  /** Alarms that were answered, by what they are for. */
  answered: string[];
  timers: HandTimer[];
};
/** Who lends a hand to a task, by name. */
export const handsOf = ({ hands }: Lain, people: readonly DayPerson[]): string =>
  [...new Set(hands.map((h) => people.find((p) => p.id === h.personId)?.name ?? ''))].join(', ');

/** The plan of a day as entries of a calendar. */
export const calendarEntries = ({ plan, told, people }: BakeDay): Entry[] =>
  (plan?.lain ?? []).map((l) => ({
    title: told[taskKey(l.bakeId, l.taskId)] ?? '',
    about: handsOf(l, people),
    from: l.from,
    to: l.to,
    alarm: l.hands.length > 0,
  }));
/** A day of which nothing has been planned or begun. */
export const UNPLANNED = {
  plan: null,
  plannedFor: '',
  told: {},
  begun: {},
  inOven: {},
  pins: {},
  answered: [],
  timers: [],
} satisfies Partial<BakeDay>;
export type DayRow = BakeDay & { id: string; rev: number };

/** What a kitchen has of counted things, until it is said otherwise. */
export const USUAL_COUNTS = { mixer: 1, hob: 4, fridge: 4, freezer: 2, warm: 2, pot: 1, bowl: 4 };
