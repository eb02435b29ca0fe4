import { shuffler } from './draw';

/** How two bakes are tasted blind: which of three is the odd one (ISO 4120), or which of two one likes better (ISO 5495). */
export const TASTING_KINDS = ['triangle', 'paired'] as const;
export type TastingKind = (typeof TASTING_KINDS)[number];
/** Which of the two bakes lies under a code. */
export type Sample = 'a' | 'b';
/** What is put before one taster, in this order, and what they said: the code of the odd one, or of the liked one; null while open. */
export type Serving = { taster: string; plates: { code: number; of: Sample }[]; said: number | null };
/** A blind tasting of two trials. */
export type Tasting = {
  kind: TastingKind;
  title: string;
  /** Ms since the epoch. */
  at: number;
  a: string;
  b: string;
  servings: Serving[];
};

/** The orders that are served equally often: all six of a triangle, both of a pair. */
const ORDERS: Record<TastingKind, readonly (readonly Sample[])[]> = {
  triangle: [
    ['a', 'a', 'b'],
    ['a', 'b', 'a'],
    ['b', 'a', 'a'],
    ['b', 'b', 'a'],
    ['b', 'a', 'b'],
    ['a', 'b', 'b'],
  ],
  paired: [
    ['a', 'b'],
    ['b', 'a'],
  ],
};
const FIRST_CODE = 100;
const CODES = 900;

/**
 * What each taster is served: every order as often as any other, give or take one, in random turn, under three-digit codes that no
 * two plates share. No more than 300 plates: there are 900 codes, and few of them look alike.
 */
export function servingsOf(kind: TastingKind, tasters: readonly string[], seed: number): Serving[] {
  const shuffled = shuffler(seed);
  const orders = ORDERS[kind];
  const turns: (readonly Sample[])[] = [];
  while (turns.length < tasters.length) turns.push(...shuffled(orders));
  const codes = shuffled(Array.from({ length: CODES }, (_, i) => FIRST_CODE + i));
  return tasters.map((taster, i) => ({
    taster,
    plates: turns[i]!.map((of) => ({ code: codes.pop()!, of })),
    said: null,
  }));
}

/** The code of the odd one of three. */
export function oddOne({ plates }: Serving): number {
  const of = (s: Sample) => plates.filter((p) => p.of === s);
  return (of('a').length === 1 ? of('a') : of('b'))[0]!.code;
}

/** ln n!, by adding up: exact enough for the numbers of tasters there are. */
function lnFactorial(n: number): number {
  let sum = 0;
  for (let i = 2; i <= n; i++) sum += Math.log(i);
  return sum;
}
/** Chance of at least so many of n where each has the chance p: the upper tail of the binomial. */
export function atLeast(k: number, n: number, p: number): number {
  let sum = 0;
  for (let i = Math.max(0, k); i <= n; i++)
    sum += Math.exp(
      lnFactorial(n) - lnFactorial(i) - lnFactorial(n - i) + i * Math.log(p) + (n - i) * Math.log(1 - p),
    );
  return Math.min(1, sum);
}

/** What came of a tasting so far. */
export type Tasted = {
  kind: TastingKind;
  /** Who has answered. */
  n: number;
  /** Who found the odd one, or liked a better. */
  count: number;
  /** Of a pair: which was liked better by more; null where neither was. */
  liked: Sample | null;
  /** How often chance alone brings as much or more; 1 of none. */
  p: number;
  /** So many of n are wanted at the least to say it, at one in twenty. */
  wanted: number;
};
/** One in twenty: what is said at all. */
const SAID = 0.05;
const CHANCE: Record<TastingKind, number> = { triangle: 1 / 3, paired: 1 / 2 };
const pOf = (kind: TastingKind, count: number, n: number): number =>
  n === 0
    ? 1
    : kind === 'triangle'
      ? atLeast(count, n, CHANCE.triangle)
      : // Either may be liked better: both tails.
        Math.min(1, 2 * atLeast(Math.max(count, n - count), n, CHANCE.paired));

/** The fewest of n that say something; n + 1 where n are too few to say anything. */
export function fewest(kind: TastingKind, n: number): number {
  for (let k = Math.ceil(n * CHANCE[kind]); k <= n; k++) if (pOf(kind, k, n) <= SAID) return k;
  return n + 1;
}

export function tastedOf({ kind, servings }: Pick<Tasting, 'kind' | 'servings'>): Tasted {
  const told = servings.filter((s) => s.said !== null);
  const n = told.length;
  const count = told.filter((s) =>
    kind === 'triangle' ? s.said === oddOne(s) : s.plates.find((p) => p.code === s.said)?.of === 'a',
  ).length;
  return {
    kind,
    n,
    count,
    liked: kind === 'triangle' || 2 * count === n ? null : 2 * count > n ? 'a' : 'b',
    p: pOf(kind, count, n),
    wanted: fewest(kind, n),
  };
}
/** Whether anything was shown. */
export const isShown = ({ p, n }: Tasted): boolean => n > 0 && p <= SAID;
