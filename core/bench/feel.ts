import { FEEL_WORDS, type FeelWord } from '../classes';
import { profileOf, type Formula } from '../formula';
import type { Lookup } from '../ingredients';
import type { BenchOrder } from './order';
import { partIdOf, type BenchState } from './run';

/** Water that is kept back and may go in by feel now. */
export type ByFeel = {
  lineId: string;
  /** How it should feel with all of its water in, on the feel scale; null where that cannot be told. */
  wanted: FeelWord | null;
  /** Kept back at first, put to it so far, g. */
  keptG: number;
  putG: number;
  /** What went in at once, g: what was weighed of the line. */
  withG: number;
};
/** A portion at a time: a few of them are what is kept back, a round number of grams. */
export const portionG = (keptG: number): number => (keptG >= 60 ? 10 : keptG >= 15 ? 5 : 2);
/** More than so many times what was kept back goes in for no feel: something else is wrong then. Common practice, no source. */
const MOST = 3;
export const isTooMuchByFeel = ({ keptG, putG }: ByFeel): boolean => putG > MOST * keptG;

/** The water that goes in by feel as things stand: once all of its part is in, until it was said to be enough; else null. */
export function byFeelNow(
  formula: Formula,
  order: BenchOrder,
  state: BenchState,
  lookup: Lookup,
): ByFeel | null {
  const onto = new Set(order.bowls.filter((b) => b.onto).map((b) => b.id));
  for (const w of order.weighings) {
    if (w.keepBackG <= 0 || !state.put.has(w.id)) continue;
    const own = state.byFeel.filter((f) => f.lineId === w.lineId);
    if (own.some((f) => f.enough)) continue;
    const part = partIdOf(order, w);
    const open = order.weighings.some(
      (x) =>
        partIdOf(order, x) === part && !onto.has(x.bowl) && !state.put.has(x.id) && !state.leftOut.has(x.id),
    );
    if (open) continue;
    const of = formula.parts.find((p) => p.id === part);
    return {
      lineId: w.lineId,
      wanted: (of && profileOf(of, lookup).feel?.word) ?? null,
      keptG: w.keepBackG,
      putG: own.reduce((s, f) => s + f.g, 0),
      withG: state.put.get(w.id)!,
    };
  }
  return null;
}

/** The feel that is wanted with its neighbours: one that is too wet, and two that want more water; wet to dry. */
export function feelsAbout(wanted: FeelWord): FeelWord[] {
  const at = FEEL_WORDS.indexOf(wanted);
  const from = Math.max(0, Math.min(at - 1, FEEL_WORDS.length - 4));
  return FEEL_WORDS.slice(from, from + 4);
}
