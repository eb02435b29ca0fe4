import type { ClassId } from '../classes';
import type { Sourced } from '../explain';
import type { AvoidId, ItemRef, ItemState } from '../ingredients';
import type { Step } from '../method';
import type { UnitId } from '../units';

/**
 * An amount with how it was come by. `massG` is null where it is not known: never 0 for lack of knowledge.
 * `confidence` is 0 to 1; `reading` keeps each step from what was written to grams.
 */
export type Amount = {
  massG: Sourced | null;
  written: string;
  confidence: number;
  reading: { qty: [number, number]; unit: UnitId; step: string }[];
};

/** `inclusion` pieces stay out of the adjusting; `release` greases the tin; `wash` is brushed on. The latter two are not in the dough. */
export type LineRole = 'inclusion' | 'release' | 'wash';

export type Line = {
  id: string;
  item: ItemRef;
  amount: Amount;
  role?: LineRole;
  state?: ItemState;
  preparation?: string;
};

/** What is made together and solved in one class: a dough, a crust, a filling. */
export type Part = { id: string; name: string; classId: ClassId; lines: Line[] };

/** What was stated of the bake: oven in °C, time as a range in minutes. */
export type StatedBake = { ovenC: number | null; minutes: [number, number] | null; fan: boolean };
export type Yield = { pieces: number; name: string };

export type Formula = {
  schema: 1;
  title: string;
  parts: Part[];
  method: Step[];
  yield?: Yield;
  bake?: StatedBake;
  /** What this formula already leaves out; an adaptation keeps to it. */
  avoids: AvoidId[];
  originalText: string;
};

/** An amount in grams that the engine worked out. */
export function derivedAmount(massG: number, sd?: number): Amount {
  return {
    massG: { value: massG, ...(sd === undefined ? {} : { sd }), basis: 'derived' },
    written: '',
    confidence: 1,
    reading: [],
  };
}

/** Lines that are in the dough or batter, not on the tin or brushed on top. */
export function doughLines(part: Part): Line[] {
  return part.lines.filter((l) => l.role !== 'release' && l.role !== 'wash');
}

/** Grams of a line; 0 where the mass is not known (the profile says so apart). */
export const massOf = (line: Line): number => line.amount.massG?.value ?? 0;
