import { verdictFor, type Verdict } from '../exclusions';
import { mainPart, massOf, profileOf, type Formula } from '../formula';
import { COMPONENTS, type Ingredient, type Lookup } from '../ingredients';
import { asItIs, effectOf, type Effect } from './repair';
import type { BenchOrder } from './order';
import type { BenchState } from './run';

/** What another thing in a line's place comes to. */
export type Swap = {
  effect: Effect;
  /** What it is for what this version leaves out: unknown stays unknown. */
  verdict: Verdict;
  /** So much more water, or less, keeps it as wet as it was: of which line, g; null where nothing has to change or nothing can. */
  water: { lineId: string; g: number } | null;
};

/** Nearer than this nobody feels it. Common practice, no source. */
const AS_WET = 0.02;
const POURED: readonly string[] = ['water', 'milk', 'plant_drink', 'nut_drink'];

/** The same with another thing for a line, as it would be on the bench. */
const withSwap = (state: BenchState, lineId: string, id: string): BenchState => ({
  ...state,
  swapped: new Map(state.swapped).set(lineId, id),
});

/**
 * What comes of it where another thing goes in for a line, gram for gram: how wet it gets, what the checks say, whether it may go
 * in at all, and the water that makes good what it drinks otherwise.
 */
export function swapOf(
  formula: Formula,
  order: BenchOrder,
  state: BenchState,
  lineId: string,
  other: Ingredient,
  lookup: Lookup,
): Swap {
  const swapped = withSwap(state, lineId, other.id);
  const now = asItIs(formula, order, swapped, lookup);
  const effect = effectOf(formula, now, lookup);
  const verdict = verdictFor(other, formula.avoids);
  const { was, now: is } = effect.wetness;
  const part = mainPart(formula.parts);
  const pours = part?.lines
    .filter((l) => l.id !== lineId && POURED.includes(lookup(l.item)?.group ?? ''))
    .sort((a, b) => massOf(b) - massOf(a))[0];
  const own = part?.lines.some((l) => l.id === lineId);
  if (!was || !is || !pours || !own || Math.abs(is / was - 1) <= AS_WET)
    return { effect, verdict, water: null };
  const wetWith = (g: number): number => {
    const f = asItIs(formula, order, withChange(swapped, pours.id, g), lookup);
    return profileOf(mainPart(f.parts)!, lookup).wetness?.value ?? is;
  };
  // More water is always wetter: halved between none of it and as much again.
  let [low, high] = [-massOf(pours), massOf(pours)];
  if (wetWith(low) > was || wetWith(high) < was) return { effect, verdict, water: null };
  for (let i = 0; i < 30; i++) {
    const mid = (low + high) / 2;
    if (wetWith(mid) < was) low = mid;
    else high = mid;
  }
  const g = Math.round((low + high) / 2);
  return { effect, verdict, water: g === 0 ? null : { lineId: pours.id, g } };
}

/** As if so much more of a line were in, or asked for. */
function withChange(state: BenchState, lineId: string, g: number): BenchState {
  return { ...state, byFeel: [...state.byFeel, { lineId, g, feel: 0, enough: false }] };
}

/** A gram of water more for a gram of it is felt as much as so many grams in a hundred of another make-up. Common practice, no source. */
const THIRST = 30;
/** How unlike two things are: what 100 g of them is made of and what they drink, root of the sum of squares. */
const unlike = (a: Ingredient, b: Ingredient): number =>
  Math.hypot(
    THIRST * (a.absorption.value - b.absorption.value),
    ...COMPONENTS.map((c) => (a.per100g[c]?.value ?? 0) - (b.per100g[c]?.value ?? 0)),
  );
/**
 * What may stand in where there is none of a thing: others of its group that do not hold what is left out; first those of which
 * that is known, then the likest. The verdict goes with each: of what a packet says nothing is concluded.
 */
export function standInsFor(
  formula: Formula,
  of: Ingredient,
  all: readonly Ingredient[],
  most = 4,
): Ingredient[] {
  return all
    .filter((i) => i.id !== of.id && i.group === of.group)
    .map((i) => ({ i, v: verdictFor(i, formula.avoids), apart: unlike(of, i) }))
    .filter(({ v }) => v.contains.length === 0)
    .sort((a, b) => Number(a.v.unknown.length > 0) - Number(b.v.unknown.length > 0) || a.apart - b.apart)
    .slice(0, most)
    .map(({ i }) => i);
}
