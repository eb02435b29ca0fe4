import {
  isEffectShown,
  marginOf,
  type Analysis,
  type Crossing,
  type Effect,
  type Experiment,
  type Factor,
  type Setting,
} from '../../core/judge';
import { fixed } from './format';
import { listed } from './plural';
import { experimentSentences } from './data/en/sentences/experiment';

const W = experimentSentences;

/** How a factor is set, in its own words. */
export const settingWords = ({ low, high }: Factor, s: Setting): string =>
  s === 0 ? W.halfwayTo({ low, high }) : s < 0 ? low : high;

const nameOf = (factors: readonly Factor[], of: readonly number[]): string =>
  of.map((f) => factors[f]!.name).reduce((before, next) => W.together({ before, next }));
/** With its sign; what rounds to nothing has none. */
const signed = (x: number): string => {
  const said = fixed(Math.abs(x), Math.abs(x) < 10 ? 1 : 0);
  return Number(said) === 0 ? said : `${x < 0 ? '−' : '+'}${said}`;
};

export const effectName = (factors: readonly Factor[], e: Effect): string => nameOf(factors, e.of);
/** One effect: how much, how sure, and what else it may be in this plan. */
export function effectWords(factors: readonly Factor[], e: Effect): string {
  const single = e.of.length === 1 ? factors[e.of[0]!] : undefined;
  const what = single
    ? W.fromTo({ single: single.name, low: single.low, high: single.high, signed: signed(e.value) })
    : W.beyondWhatEachDoesAlone({ name: nameOf(factors, e.of), signed: signed(e.value) });
  const range =
    e.from === null || e.to === null ? '' : W.to({ signed: signed(e.from), signed2: signed(e.to) });
  const shown = e.from === null ? '' : isEffectShown(e) ? W.shown : W.notShownItMayBe;
  const or =
    e.or.length > 0 ? W.thisPlanCannotTellIt({ list: listed(e.or.map((o) => nameOf(factors, o))) }) : '';
  return `${what}${range}${shown || '.'}${or}`;
}

/** What an experiment shows as a whole. */
export function analysisWords(
  { factors, measured }: Pick<Experiment, 'factors' | 'measured'>,
  a: Analysis,
): string {
  if (!a.spread) {
    const margin = marginOf(a.effects);
    if (margin === null) return W.noBakeWasMadeTwice;
    const out = a.effects.filter((e) => Math.abs(e.value) > margin);
    const rest = W.noBakeWasMadeTwice2({ number: fixed(margin, 1) });
    return out.length === 0
      ? W.andNoneGoesBeyondIt({ rest })
      : W.beyondItBakeSomeOf({
          rest,
          list: listed(out.map((e) => `${effectName(factors, e)} (${signed(e.value)})`)),
        });
  }
  const shown = a.effects.filter(isEffectShown);
  const spread = W.twoBakesMadeAlikeLay({ number: fixed(a.spread.sd * Math.SQRT2, 1), measured });
  if (shown.length === 0) return W.nothingWasShownToChange({ spread });
  const said = shown.map((e) => `${effectName(factors, e)} (${signed(e.value)})`);
  return W.shownToChangeIt({ spread, list: listed(said) });
}
export const bendWords = (bend: NonNullable<Analysis['bend']>): string =>
  W.halfwayItIsAgainstThe({
    signed: signed(bend.value),
    which:
      bend.from === null || bend.to === null
        ? ''
        : W.to({ signed: signed(bend.from), signed2: signed(bend.to) }),
    which2: isEffectShown(bend) ? W.itBendsAndTheBest : '.',
  });

export const resolutionWords = (resolution: number): string =>
  resolution === Number.POSITIVE_INFINITY
    ? W.everyCombinationIsBakedNothing
    : resolution === 3
      ? W.resolutionIiiEachFactorHides
      : resolution === 4
        ? W.resolutionIvFactorsStandClear
        : W.resolutionVFactorsAndPairs;

/** Two factors together in words: how the first works beside either of the second. */
export function crossingWords(factors: readonly Factor[], { of, means }: Crossing): string {
  const [a, b] = of.map((f) => factors[f]!) as [Factor, Factor];
  const [low, high] = means.map(([from, to]) => signed(to - from)) as [string, string];
  return W.fromToBesideBeside({
    name: a.name,
    low: a.low,
    high: a.high,
    low2: low,
    name2: b.name,
    low3: b.low,
    high2: high,
    name3: b.name,
    high3: b.high,
  });
}
/** One bake of an experiment by its number and settings. */
export const runTitle = (factors: readonly Factor[], settings: readonly Setting[], i: number): string =>
  W.bake({
    i: i + 1,
    settings: settings.map((s, f) => `${factors[f]!.name} ${settingWords(factors[f]!, s)}`).join(', '),
  });
