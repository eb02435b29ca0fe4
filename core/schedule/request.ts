import type { Task } from '../plan';

/** A stretch of the clock, in min since the epoch, as all times of a day that is asked for. */
export type Stretch = [from: number, to: number];
/** One bake of a day: its tasks, when it is wanted and how long it may be ready before, min. */
export type BakeAsked = {
  id: string;
  tasks: Task[];
  readyBy: number;
  keepsMin: number;
  /** For each oven: how often it must be filled and how many racks a filling takes; null where it does not go in. */
  room: ({ loads: number; racks: number } | null)[];
  /** What is held from when it is filled until it is out: a tin, by its key, and how many. */
  tins?: { thing: string; need: number }[];
  /** Bowls and tools are washed before its first work: others of the day hold what it must be free of. */
  washFirst?: boolean;
};
export type PersonAsked = { id: string; name: string; there: Stretch[] };
export type OvenAsked = { id: string; name: string; racks: number };
export type DayAsked = {
  /** Nothing is begun before. */
  from: number;
  bakes: BakeAsked[];
  people: PersonAsked[];
  ovens: OvenAsked[];
  /** How many there are: mixers, rings of the hob, shelves of the fridge and the freezer, warm places, pots, tins. What is not named is not counted. */
  counts: Record<string, number>;
  /** When nobody works if it can be helped. */
  odd: Stretch[];
  /** Tasks that were put at a time, by "bake/task". */
  pins?: Readonly<Record<string, number>>;
  /** Planned with the longest that a thing may take, where it is not sure how long: nothing is late then. */
  careful?: boolean;
};
/**
 * A day that is under way, in min since the epoch: what was begun and what is over. What crosses now is softened: what has
 * begun may wait longer than it should and be ready later than wanted, at a price, so that there is always an answer.
 */
export type Live = {
  now: number;
  /** By "bake/task": when it was begun, when it was over (null while it goes on), how long it was planned to last. */
  begun: Readonly<Record<string, { from: number; to: number | null; lasts?: number }>>;
  /** Ovens that bakes are in or have to go to, by bake. */
  oven: Readonly<Record<string, string>>;
};
export const taskKey = (bakeId: string, taskId: string): string => `${bakeId}/${taskId}`;

/** What tasks take hold of, beside ovens and tins. */
export const THINGS = ['mixer', 'hob', 'fridge', 'freezer', 'warm', 'pot', 'bowl'] as const;
export type Thing = (typeof THINGS)[number];
