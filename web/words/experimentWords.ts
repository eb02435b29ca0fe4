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
import { fixed, listed } from './format';

/** How a factor is set, in its own words. */
export const settingWords = ({ low, high }: Factor, s: Setting): string =>
  s === 0 ? `halfway, ${low} to ${high}` : s < 0 ? low : high;

const nameOf = (factors: readonly Factor[], of: readonly number[]): string =>
  of.map((f) => factors[f]!.name).join(' with ');
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
    ? `${single.name}, from ${single.low} to ${single.high}: ${signed(e.value)}`
    : `${nameOf(factors, e.of)}, beyond what each does alone: ${signed(e.value)}`;
  const range = e.from === null || e.to === null ? '' : ` (${signed(e.from)} to ${signed(e.to)})`;
  const shown = e.from === null ? '' : isEffectShown(e) ? '. Shown.' : '. Not shown: it may be nothing.';
  const or =
    e.or.length > 0 ? ` This plan cannot tell it from ${listed(e.or.map((o) => nameOf(factors, o)))}.` : '';
  return `${what}${range}${shown || '.'}${or}`;
}

/** What an experiment shows as a whole. */
export function analysisWords(
  { factors, measured }: Pick<Experiment, 'factors' | 'measured'>,
  a: Analysis,
): string {
  if (!a.spread) {
    const margin = marginOf(a.effects);
    if (margin === null)
      return `No bake was made twice: how much of this is chance nobody can say. Bake some of them again, or some halfway.`;
    const out = a.effects.filter((e) => Math.abs(e.value) > margin);
    const rest = `No bake was made twice. If most of these are nothing, chance reaches to about ${fixed(margin, 1)}`;
    return out.length === 0
      ? `${rest}, and none goes beyond it.`
      : `${rest}. Beyond it: ${listed(out.map((e) => `${effectName(factors, e)} (${signed(e.value)})`))}. Bake some of them again to be sure.`;
  }
  const shown = a.effects.filter(isEffectShown);
  const spread = `Two bakes made alike lay about ${fixed(a.spread.sd * Math.SQRT2, 1)} apart in ${measured}.`;
  if (shown.length === 0)
    return `${spread} Nothing was shown to change it. That is not to say that nothing does.`;
  const said = shown.map((e) => `${effectName(factors, e)} (${signed(e.value)})`);
  return `${spread} Shown to change it: ${listed(said)}.`;
}
export const bendWords = (bend: NonNullable<Analysis['bend']>): string =>
  `Halfway it is ${signed(bend.value)} against the corners${
    bend.from === null || bend.to === null ? '' : ` (${signed(bend.from)} to ${signed(bend.to)})`
  }${isEffectShown(bend) ? ': it bends, and the best may lie between.' : '.'}`;

export const resolutionWords = (resolution: number): string =>
  resolution === Number.POSITIVE_INFINITY
    ? 'Every combination is baked: nothing hides behind anything.'
    : resolution === 3
      ? 'Resolution III: each factor hides behind two others together.'
      : resolution === 4
        ? 'Resolution IV: factors stand clear; pairs hide behind other pairs.'
        : 'Resolution V: factors and pairs stand clear of each other.';

/** Two factors together in words: how the first works beside either of the second. */
export function crossingWords(factors: readonly Factor[], { of, means }: Crossing): string {
  const [a, b] = of.map((f) => factors[f]!) as [Factor, Factor];
  const [low, high] = means.map(([from, to]) => signed(to - from)) as [string, string];
  return `${a.name}, from ${a.low} to ${a.high}: ${low} beside ${b.name} ${b.low}, ${high} beside ${b.name} ${b.high}.`;
}
/** One bake of an experiment by its number and settings. */
export const runTitle = (factors: readonly Factor[], settings: readonly Setting[], i: number): string =>
  `bake ${i + 1}: ${settings.map((s, f) => `${factors[f]!.name} ${settingWords(factors[f]!, s)}`).join(', ')}`;
