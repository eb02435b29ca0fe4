import { isBeside, massOf, type Formula } from '../formula';
import type { BenchOrder } from './order';
import { ovenSoFar, type OvenSoFar } from './oven';
import { bowlsOf, wantedG, type BenchState } from './run';

/** One line of a run as it was meant and as it went. */
export type Went = {
  lineId: string;
  /** What the version says for this batch, g. */
  plannedG: number;
  /** What went in, by weighing and by feel, g; null where nothing was weighed yet. */
  wentG: number | null;
  leftOut: boolean;
  /** What stood in for it. */
  otherId: string | null;
  /** Further off than nobody notices. */
  off: boolean;
};
/** What happened, beside what was planned. */
export type BenchRecord = {
  lines: Went[];
  /** All that is in the bowls, g. */
  massG: number;
  /** Water by feel: kept back, and what of it or beyond it went in, g; null where none was kept back. */
  feel: { keptG: number; putG: number; last: number } | null;
  oven: OvenSoFar;
  /** The bake as planned and as it went, min; null where it is not over or nothing was stated. */
  bake: { plannedMin: [number, number] | null; tookMin: number | null };
  notes: string[];
};

/** The record of a run: each line with what was planned and what went in, the water by feel, the bake. */
export function recordOf(formula: Formula, order: BenchOrder, state: BenchState): BenchRecord {
  const lines = formula.parts
    .flatMap((p) => p.lines)
    .filter((l) => l.amount.massG && (!isBeside(l.role) || order.weighings.some((w) => w.lineId === l.id)))
    .map((l): Went => {
      const own = order.weighings.filter((w) => w.lineId === l.id);
      const done = own.filter((w) => state.put.has(w.id));
      const feel = state.byFeel.filter((f) => f.lineId === l.id).reduce((s, f) => s + f.g, 0);
      const wentG = done.length === 0 ? null : done.reduce((s, w) => s + state.put.get(w.id)!, 0) + feel;
      const asked = done.reduce((s, w) => s + wantedG(order, state, w), 0);
      const tolerance = own.reduce((s, w) => s + w.toleranceG, 0);
      return {
        lineId: l.id,
        plannedG: massOf(l),
        wentG,
        leftOut: own.length > 0 && own.every((w) => state.leftOut.has(w.id)),
        otherId: state.swapped.get(l.id) ?? null,
        off: wentG !== null && Math.abs(wentG - feel - asked) > tolerance,
      };
    });
  const keptG = order.weighings.filter((w) => state.put.has(w.id)).reduce((s, w) => s + w.keepBackG, 0);
  const oven = ovenSoFar(state.live);
  return {
    lines,
    massG: bowlsOf(order, state).reduce((s, b) => s + b.massG, 0),
    feel:
      keptG > 0
        ? { keptG, putG: state.byFeel.reduce((s, f) => s + f.g, 0), last: state.byFeel.at(-1)?.feel ?? -1 }
        : null,
    oven,
    bake: {
      plannedMin: formula.bake?.minutes ?? null,
      tookMin: oven.inAt !== null && oven.outAt !== null ? (oven.outAt - oven.inAt) / 60_000 : null,
    },
    notes: state.live.flatMap((e) => (e.kind === 'note' ? [e.text] : [])),
  };
}

/** Nearer than this nobody notices, as a share of all the liquid. Common practice, no source. */
const LEAST_OFF = 0.03;
/**
 * How much more or less liquid a dough took than was written, as a share of all of it: what went in by feel against what was kept
 * back. Null where nothing was kept back, it was not said to be enough, or it is within what nobody notices.
 */
export function thirstOf(state: BenchState, { feel }: BenchRecord, liquidG: number): number | null {
  if (!feel || liquidG <= 0 || !state.byFeel.some((f) => f.enough)) return null;
  const off = (feel.putG - feel.keptG) / liquidG;
  return Math.abs(off) < LEAST_OFF ? null : off;
}

/** Before the first bake a packet is taken to drink as its kind does: that counts as so many bakes. */
const PRIOR_BAKES = 1;
const MOST_TIMES = 1.5;
/**
 * How thirsty a packet is after one more bake: what the run says of it, with what was learnt before. All flours of the dough are
 * taken to be off alike. `times` is against its kind, between two thirds and one and a half.
 */
export function learnt(
  before: { times: number; runs: readonly string[] } | undefined,
  run: string,
  thirst: number,
): { times: number; runs: string[] } {
  const runs = before?.runs ?? [];
  if (runs.includes(run)) return { times: before!.times, runs: [...runs] };
  // The dough was made with what is known of the packet: what it took beside that is on top of it.
  const now = before?.times ?? 1;
  const n = runs.length + PRIOR_BAKES;
  const log = Math.log(now) + Math.log(1 + thirst) / (n + 1);
  const times = Math.exp(Math.min(Math.log(MOST_TIMES), Math.max(-Math.log(MOST_TIMES), log)));
  return { times: Math.round(1000 * times) / 1000, runs: [...runs, run] };
}
