import type { MsgCode } from '../../../core/explain';
import type { AvoidId } from '../../../core/ingredients';
import { saySentences } from '../data/en/sentences/say';
import { fixed, grams } from '../format';
import { degrees, degreesSpan, ovenDegrees } from '../heat';
import { AVOID_WORDS, ingredientName, kitName } from '../things';
import { minutesText } from './oven';
import { amount, amounts, type Say } from './sentence';

const W = saySentences;

/** What is said in a method: steps that come in, words that change, and what may go wrong in the oven. */
export const SAY_OF_STEPS: Say<
  Extract<
    MsgCode,
    | `bread.${string}`
    | `gum.${string}`
    | `rolled.${string}`
    | `step.${string}`
    | `risk.${string}`
    | `repair.${string}`
  >
> = {
  'bread.gel': (a) => W.whiskPsylliumPowderIntoLukewarm({ amount: grams(a.g1), amount2: grams(a.g2) }),
  'bread.mix': () => W.mixTheDryThingsWork,
  'bread.shape': () => W.shapeATightRoundWith,
  'bread.pieces': (a) => W.divideIntoWithWetHands({ pieces: a.pieces }),
  'bread.proof': () => W.proveCoveredUntilHalfAs({ temperature: degrees(26) }),
  'bread.bakePot': () =>
    W.heatALiddedPotIn({ temperature: degrees(240), temperature2: degrees(220), temperature3: degrees(97) }),
  'bread.bakeSmall': () => W.bakeAtWithSteam22({ temperature: degrees(220) }),
  'bread.cool': () => W.leaveOnARackFor,
  'bread.coolSmall': () => W.leaveOnARackFor2,
  'gum.mix': (a) => W.mixTheFloursXanthanThe({ amount: grams(a.g1), amount2: grams(a.g2) }),
  'gum.fill': () => W.scrapeIntoALined900,
  'gum.proof': () => W.proveCoveredUntilItIs({ temperature: degrees(26) }),
  'gum.bake': () => W.bakeAt45To55({ temperature: degrees(200), temperature2: degrees(97) }),
  'gum.cool': () => W.outOfTheTinAt,
  'rolled.mix': () => W.makeTheDoughAsBefore,
  'rolled.roll': (a) => W.rollOut5MmThick({ amount: grams(a.g1), amount2: grams(a.g2) }),
  'rolled.cut': (a) => W.cutIntoWithAThread({ pieces: a.pieces }),
  'rolled.proof': () => W.proveCoveredUntilTheyTouch({ temperature: degrees(26) }),
  'rolled.bake': () => W.bakeAt20To25({ temperature: degrees(190) }),
  'step.gel': (a) =>
    W.makeTheGelWhiskInto({ amount: amount(a, 1), amount2: amount(a, 2), wait: a.wait ?? 0 }),
  'step.psylliumGel': (a) =>
    W.makeTheGelWhiskInto2({ amount: amount(a, 1), amount2: amount(a, 2), wait: a.wait ?? 0 }),
  'step.slurry': (a) =>
    W.stirIntoUntilSmoothStir({
      amount: amount(a, 1),
      amount2: amount(a, 2),
      which: a.wait ? W.andLeaveMin({ wait: a.wait }) : '',
    }),
  'step.aquafaba': (a) => W.whiskToASoftWhite({ amounts: amounts(a) }),
  'step.tofu': (a) => W.blendUntilQuiteSmooth({ amount: amount(a, 1) }),
  'step.fizz': (a) => W.stirInLastAndBake({ amounts: amounts(a) }),
  'step.simmerStarch': (a) =>
    W.stirIntoSomeOfThe({ amount: amount(a, 1), temperatures: degreesSpan(92, 96) }),
  'step.whiskFast': () => W.whiskItIntoTheLiquid,
  'step.softenInWater': () => W.softenInALittleWater,
  'step.noKnead': () => W.mixUntilSmoothAndRest,
  'step.noProof': () => W.noProofIntoTheOven,
  'step.starchGloss': (a) => W.boilAndBrushItOn({ amounts: amounts(a) || W.aLittleCornflourInWater }),
  'step.sour': (a) => W.stirTogetherAndLeaveMin({ amounts: amounts(a), wait: a.wait ?? 0 }),
  'step.toast': (a) => W.toastInADryPan({ amount: amount(a, 1) }),
  'step.instead': (a) =>
    W.insteadOf({
      ingredient: ingredientName(a.was, true),
      replacement: kitName(a.kit, true),
    }),
  'step.intoDry': (a) => W.mixIntoTheDryThings({ amount: amount(a, 1) }),
  'step.pour': (a) => W.addToTheLiquid({ amount: amount(a, 1) }),
  'step.joined': (a) => W.inPlaceOfThereIs({ ingredient: ingredientName(a.was, true) }),
  'step.stillNamed': (a) =>
    W.stillNamed({ words: a.text, avoid: AVOID_WORDS[a.avoid as AvoidId] ?? a.avoid }),
  'step.ovenNow': (a) => W.now({ oven: ovenDegrees(a.c, a.fan === 1) }),
  'step.timeNow': (a) => W.now2({ minutes: minutesText(a.from, a.to) }),
  'step.tinNow': (a) => W.now3({ which: a.n > 1 ? W.ofWord({ n: a.n }) : '', tin: a.tin }),
  'step.noFoam': () => W.itHoldsNoAirWhisk,
  'step.noBrowning': () => W.itDoesNotBrownMelt,
  'step.keepCold': () => W.keepFatAndBowlCold({ temperature: degrees(24) }),
  'step.noCreaming': () => W.noCreamingThisDoesNot,
  'step.workIn': () => W.workItInWithA,
  // Words in a sentence that are said otherwise; what stands there is put in by `stepWords`.
  'step.called': (a) => (a.id === undefined ? (a.text ?? '') : ingredientName(a.id, true)),
  'step.nothing': () => W.leftOff,
  'step.word': (a) => a.word,
  'step.paper': () => W.lineTheTinWithBaking,
  'step.dryPan': () => W.noGreaseADryPan,
  'step.drinkWash': (a) => W.brushWith({ amounts: amounts(a) || W.soyDrinkAndMapleSyrup }),
  'step.own': (a) => a.text,
  'step.waterWash': () => W.brushWithWater,
  'risk.gasHigh': (a) => W.mmolGasFor100G({ number: fixed(a.per, 1), most: a.most }),
  'risk.gasLow': (a) => W.mmolGasFor100G2({ number: fixed(a.per, 1), least: a.least }),
  'risk.moreGas': (a) => W.moreGasThanAsWritten({ number: fixed(a.percent, 0) }),
  'risk.lessGas': (a) => W.lessGasThanAsWritten({ number: fixed(a.percent, 0) }),
  'risk.lessBind': (a) => W.lessBinderToHoldIt({ number: fixed(a.percent, 0) }),
  'risk.moreBind': (a) => W.moreBinderThanAsWritten({ number: fixed(a.percent, 0) }),
  'risk.wetter': (a) => W.wetterThanAsWritten({ number: fixed(a.percent, 0) }),
  'risk.pastDouble': (a) => W.risenByPastDoubling({ number: fixed(a.percent, 0) }),
  'risk.shortProof': (a) => W.risenByOnly({ number: fixed(a.percent, 0) }),
  'risk.sodaOver': (a) => W.ofTheSodaMeetsNo({ number: fixed(a.percent, 0) }),
  'risk.sunflower': () => W.sunflowerTurnsGreenWhereAlkali,
  'repair.lessGas': (a) => W.firstLessPowderOrSoda({ number: fixed(a.percent, 0) }),
  'repair.shorterProof': () => W.firstBakeItEarlierNearly,
  'repair.longerProof': () => W.firstLetItRiseLonger,
  'repair.lessWater': () => W.first3To5Less,
  'repair.moreBinder': () => W.firstAPercentMorePsyllium,
  'repair.morePowder': () => W.firstALittleMoreBaking,
  'repair.rest': () => W.firstWhiskTheBinderInto,
  'repair.acid': () => W.firstMoreAcidOrLess,
  'repair.pumpkin': () => W.firstMoreAcidOrPumpkin,
};
