import type { JobId } from '../classes';
import { msg, type Msg } from '../explain';
import type { AvoidId } from '../ingredients';
import { overrunCost } from './bands';
import type { Between, Fit, ScorePart, Solution } from './types';

/** What an answer is ranked by, and what it is said with. */
export type Weighed = {
  score: readonly ScorePart[];
  fits: readonly Fit[];
  uncovered: readonly JobId[];
  bringsIn: readonly AvoidId[];
  warned: readonly Msg[];
};

/** A term that makes less of a difference decides nothing; so many are said. */
const DECIDES = 0.1;
const MOST_SAID = 3;

/** What of one answer another has not. */
const only = <T>(of: readonly T[], there: readonly T[]): T[] => of.filter((x) => !there.includes(x));

/** Properties that an answer misses by more than the other does, the worst first. */
const missed = (of: readonly Fit[], there: readonly Fit[]): string[] =>
  of
    .map((f) => {
      const cost = ({ adapted, lo, hi, weight }: Fit): number => overrunCost(adapted.value, lo, hi, weight);
      const other = there.find((x) => x.partId === f.partId && x.key === f.key);
      return { key: f.key, more: cost(f) - (other ? cost(other) : 0) };
    })
    .filter((x) => x.more > DECIDES / 2)
    .sort((a, b) => b.more - a.more)
    .slice(0, 2)
    .map((x) => x.key);

/** What decides between two answers, whichever they are. */
export const between = (one: Weighed, other: Weighed): Between => ({
  against: whyAfter(one, other),
  forIt: whyAfter(other, one),
});
/** A whole answer as it is weighed. */
export const weighedOf = ({ score, fit, uncovered, warned, bringsIn }: Solution): Weighed => ({
  score,
  fits: fit,
  uncovered,
  warned,
  bringsIn: bringsIn.map((b) => b.avoid),
});

/** Why an answer comes after another: the terms of the ranking that decide, the heaviest first; nothing where it does not. */
export function whyAfter(answer: Weighed, better: Weighed): Msg[] {
  const of = (w: Weighed, code: ScorePart['code']): number =>
    w.score.find((s) => s.code === code)?.value ?? 0;
  const told: Record<ScorePart['code'], () => Msg | null> = {
    closeness: () => {
      const keys = missed(answer.fits, better.fits);
      return keys.length > 0 ? msg('why.closeness', { keys }) : null;
    },
    uncovered: () => {
      const jobs = only(answer.uncovered, better.uncovered);
      return jobs.length > 0 ? msg('why.uncovered', { jobs }) : null;
    },
    allergens: () => {
      const avoids = only(answer.bringsIn, better.bringsIn);
      return avoids.length > 0 ? msg('why.allergens', { avoids }) : null;
    },
    warned: () => answer.warned[0] ?? null,
    suits: () => msg('why.suits'),
    unknown: () => msg('why.unknown'),
    usual: () => msg('why.usual'),
    scarce: () => msg('why.scarce'),
    fresh: () => msg('why.fresh'),
    watch: () => msg('why.watch'),
    widened: () => msg('why.widened'),
    style: () => msg('why.style'),
  };
  return (Object.keys(told) as ScorePart['code'][])
    .map((code) => ({ code, more: of(answer, code) - of(better, code) }))
    .filter((t) => t.more > DECIDES)
    .sort((a, b) => b.more - a.more)
    .slice(0, MOST_SAID)
    .flatMap(({ code }) => told[code]() ?? []);
}
