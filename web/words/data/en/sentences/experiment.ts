import { catalogue } from '../../../catalogue';

export const experimentSentences = catalogue('sentences/experiment', {
  together: (a: { before: string; next: string }) => `${a.before} with ${a.next}`,
  halfwayTo: (a: { low: string; high: string }) => `halfway, ${a.low} to ${a.high}`,
  fromTo: (a: { single: string; low: string; high: string; signed: string }) =>
    `${a.single}, from ${a.low} to ${a.high}: ${a.signed}`,
  beyondWhatEachDoesAlone: (a: { name: string; signed: string }) =>
    `${a.name}, beyond what each does alone: ${a.signed}`,
  to: (a: { signed: string; signed2: string }) => ` (${a.signed} to ${a.signed2})`,
  shown: '. Shown.',
  notShownItMayBe: '. Not shown: it may be nothing.',
  thisPlanCannotTellIt: (a: { list: string }) => ` This plan cannot tell it from ${a.list}.`,
  noBakeWasMadeTwice:
    'No bake was repeated, so nobody can say how much of this is chance. Repeat some bakes, or add some halfway.',
  noBakeWasMadeTwice2: (a: { number: string }) =>
    `No bake was repeated. If most of these have no effect, chance reaches to about ${a.number}`,
  andNoneGoesBeyondIt: (a: { rest: string }) => `${a.rest}, and none goes beyond it.`,
  beyondItBakeSomeOf: (a: { rest: string; list: string }) =>
    `${a.rest}. Beyond it: ${a.list}. Bake some of them again to be sure.`,
  twoBakesMadeAlikeLay: (a: { number: string; measured: string }) =>
    `Two identical bakes differed by about ${a.number} in ${a.measured}.`,
  nothingWasShownToChange: (a: { spread: string }) =>
    `${a.spread} Nothing was shown to change it. That is not to say that nothing does.`,
  shownToChangeIt: (a: { spread: string; list: string }) => `${a.spread} Shown to change it: ${a.list}.`,
  itBendsAndTheBest: ': the effect is not a straight line, and the best may lie between.',
  halfwayItIsAgainstThe: (a: { signed: string; which: string; which2: string }) =>
    `Halfway it is ${a.signed} against the corners${a.which}${a.which2}`,
  everyCombinationIsBakedNothing: 'Every combination is baked: no effect hides another.',
  resolutionIiiEachFactorHides: 'Resolution III: each factor can be mistaken for two others together.',
  resolutionIvFactorsStandClear: 'Resolution IV: factors are clear; pairs can be mistaken for other pairs.',
  resolutionVFactorsAndPairs: 'Resolution V: factors and pairs are clear of each other.',
  fromToBesideBeside: (a: {
    name: string;
    low: string;
    high: string;
    low2: string;
    name2: string;
    low3: string;
    high2: string;
    name3: string;
    high3: string;
  }) =>
    `${a.name}, from ${a.low} to ${a.high}: ${a.low2} beside ${a.name2} ${a.low3}, ${a.high2} beside ${a.name3} ${a.high3}.`,
  bake: (a: { i: number; settings: string }) => `bake ${a.i}: ${a.settings}`,
});
