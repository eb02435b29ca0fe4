import { withinSentence } from './case';
import type { BakePhase, StatedBake } from '../../core/formula';
import { COVER_WORDS, HEAT_WORDS } from './data/bake';
import type { ClassId, Dosed, HonestId, JobId } from '../../core/classes';
import type { Msg } from '../../core/explain';
import type { AvoidId } from '../../core/ingredients';
import type { FitKey } from '../../core/rebalance';
import { DOSED_WORDS } from './data/ways';
import type { UnitId } from '../../core/units';
import { degrees, degreesSpan, ovenDegrees, type HeatScale } from './heat';
import { fixed, grams } from './format';
import { listed } from './plural';
import {
  AVOID_WORDS,
  CLASS_WORDS,
  HONEST_WORDS,
  ingredientName,
  JOB_NOUNS,
  kitName,
  PROP_WORDS,
  UNIT_WORDS,
} from './things';
import { saySentences } from './data/en/sentences/say';

const W = saySentences;

type Args = Msg['args'];
const n = (a: Args, key: string): number => Number(a[key] ?? 0);
const s = (a: Args, key: string): string => String(a[key] ?? '');
const words = <T extends string>(a: Args, key: string, table: Record<T, string>): string =>
  listed(
    s(a, key)
      .split(' ')
      .filter(Boolean)
      .map((k) => table[k as T] ?? k),
  );
const ids = (a: Args): string =>
  listed(
    s(a, 'ids')
      .split(' ')
      .filter(Boolean)
      .map((id) => ingredientName(id, true)),
  );
/** "14 g ground flax", from the amounts the engine filled in. */
const amount = (a: Args, i: number): string =>
  a[`n${i}`] === undefined ? '' : `${grams(n(a, `g${i}`))} ${ingredientName(s(a, `n${i}`), true)}`;
const amounts = (a: Args): string => listed([1, 2, 3].map((i) => amount(a, i)).filter(Boolean));

/** Which of two amounts is likelier, and why. */
const LIKELIER: Record<string, string> = {
  'b tenfold': W.theWeightIsTenTimes,
  'b ounces': W.theyDifferAsOuncesAnd,
  'b share': W.byWeightThisLineWould,
  'a share': W.byVolumeThisLineWould,
};

/** One thing that is held, by the name the engine gives it. */
function heldWords(name: string): string {
  const [kind, ...rest] = name.split(':');
  if (kind === 'wetness') return 'hydration';
  if (kind === 'mass') return W.totalMass;
  if (kind === 'prop') return PROP_WORDS[rest.at(-1) as FitKey] ?? W.aProperty;
  const id = name.split('/').at(-1) ?? '';
  return name.includes('/') ? W.theAmountOf({ ingredient: ingredientName(id, true) }) : W.aLockedAmount;
}

/** What the computation has to say, in words. One entry a code. */
const SAY: Record<string, (a: Args) => string> = {
  'read.empty': () => W.nothingToReadYetPaste,
  'read.noFlour': () => W.noFlourOrStarchFound,
  'read.tooManyLines': (a) => W.linesWereGivenTheFirst({ given: n(a, 'given'), max: n(a, 'max') }),
  'bake.tempsDisagree': (a) => W.cAndTheFGiven({ c: n(a, 'c'), f: n(a, 'f') }),
  'bake.ovenOdd': (a) => W.anOvenAtCIs({ c: n(a, 'c') }),
  'bake.ovenUnread': (a) => W.theOvenWasNotUnderstood({ text: s(a, 'text') }),
  'bake.timeUnread': (a) => W.theTimeWasNotUnderstood({ text: s(a, 'text') }),
  'line.long': (a) => W.thisLineIsVeryLong({ max: n(a, 'max') }),
  'name.unknown': (a) =>
    s(a, 'name') ? W.isNotKnownChooseWhat({ name: s(a, 'name') }) : W.noNameFoundChooseWhat,
  'name.choice': (a) => W.writtenAsAChoiceTaken({ taken: s(a, 'taken') }),
  'name.unsure': (a) => W.whichIngredientIsChooseOne({ name: s(a, 'name') }),
  'amount.missing': () => W.noAmountFoundGiveIt,
  'amount.notFinite': (a) => W.isNoAmountOneCan({ written: s(a, 'written') }),
  'amount.negative': (a) => W.isLessThanZeroEnter({ written: s(a, 'written') }),
  'amount.zero': () => W.theAmountIs0Enter,
  'amount.tooMuch': (a) => W.kgInOneLineIs({ kg: n(a, 'kg') }),
  'amount.noMeasure': (a) =>
    W.weDontKnowWhatOne({ unit: UNIT_WORDS[s(a, 'unit') as UnitId]?.[0] ?? s(a, 'unit') }),
  'amount.bareGrams': (a) => W.noUnitTakenAs({ amount: grams(Number(a.g)) }),
  'amount.disagree': (a) =>
    W.theTwoAmountsDoNot({
      a: n(a, 'a'),
      written: s(a, 'written'),
      b: n(a, 'b'),
      likelier: LIKELIER[`${s(a, 'better')} ${s(a, 'why')}`] ?? W.theWeightIsUsed,
    }),
  'amount.packed': (a) => W.packedIntoTheCupCounted({ percent: n(a, 'percent') }),
  'amount.sifted': (a) => W.siftedIntoTheCupCounted({ percent: n(a, 'percent') }),
  'check.soda': (a) => W.ofTheFlourIsMore({ percent: n(a, 'percent'), most: n(a, 'most') }),
  'check.powder': (a) => W.ofTheFlourIsMore2({ percent: n(a, 'percent'), most: n(a, 'most') }),
  'check.salt': (a) => W.ofTheFlourIsMore3({ percent: n(a, 'percent'), most: n(a, 'most') }),
  'check.gum': (a) => W.ofTheFlourIsMore4({ percent: n(a, 'percent'), most: n(a, 'most') }),
  'check.psyllium': (a) => W.ofTheFlourIsMore5({ percent: n(a, 'percent'), most: n(a, 'most') }),
  'check.yeast': (a) =>
    W.ofTheFlourAsIs({
      percent: n(a, 'percent'),
      ingredient: ingredientName(s(a, 'id'), true),
      number: fixed(n(a, 'lo'), 1),
      number2: fixed(n(a, 'hi'), 1),
    }),
  'check.yield': (a) =>
    W.wouldWeighGEachRaw({
      pieces: n(a, 'pieces'),
      name: s(a, 'name'),
      each: n(a, 'each'),
      lo: n(a, 'lo'),
      hi: n(a, 'hi'),
    }),
  'check.tinSmall': (a) => W.thisBatchWouldFillThe({ percent: n(a, 'percent') }),
  'check.tinLarge': (a) => W.thisBatchFillsTheStated({ percent: n(a, 'percent') }),
  'csv.tooMany': (a) => W.moreThanRowsTheRest({ max: n(a, 'max') }),
  'csv.name': () => W.hasNoName,
  'csv.kind': (a) => W.isNoKindWriteOwn({ text: s(a, 'text') }),
  'csv.like': (a) => W.isNoIngredientOfOur({ text: s(a, 'text') }),
  'csv.packetLike': () => W.aPacketHasToSay,
  'csv.number': (a) => W.isNoNumberFrom0({ text: s(a, 'text'), most: n(a, 'most') }),
  'csv.panelSum': () => W.fatCarbohydrateFibreProteinAnd,
  'csv.group': (a) => W.isNoGroup({ text: s(a, 'text') }),
  'csv.date': (a) => W.isNoDayWrite2026({ text: s(a, 'text') }),
  'csv.part': (a) => W.isNoPartOfA({ text: s(a, 'text') }),
  'move.keep': () => W.asItWas,
  'move.drop': (a) => `out: ${words(a, 'avoids', AVOID_WORDS)}`,
  'move.kit': (a) => kitName(s(a, 'kit'), true),
  'move.joined': (a) =>
    W.withWord({
      which: n(a, 'addedG') < 0 ? '−' : '+',
      amount: grams(Math.abs(n(a, 'addedG'))),
      replacement: kitName(s(a, 'kit'), true),
    }),
  'move.water': () => W.forTheSameHydration,
  'move.acid': () => W.forTheAcidThatLeft,
  'move.bind': () => W.forTheBindingThatLeft,
  'move.lift': () => W.forTheLiftThatLeft,
  'move.lessLiquid': () => W.lessForTheSameHydration,
  'move.lessSalt': () => W.lessForTheSaltIn,
  'move.held': () => 'locked',
  'widened.wetness': (a) => W.hydrationCouldNotBeKept({ band: n(a, 'band'), percent: n(a, 'percent') }),
  'widened.mass': (a) => W.totalMassCouldNotBe({ band: n(a, 'band'), percent: n(a, 'percent') }),
  'widened.dose': (a) =>
    W.isOutsideItsUsualTo({
      ingredient: ingredientName(s(a, 'id')),
      amount: grams(n(a, 'fromG')),
      amount2: grams(n(a, 'toG')),
    }),
  'widened.line': (a) =>
    W.givesWayToWhatComes({
      ingredient: ingredientName(s(a, 'id')),
      amount: grams(n(a, 'fromG')),
      amount2: grams(n(a, 'toG')),
    }),
  'cannot.heldOut': (a) =>
    W.whatCanStandInFor({
      list: listed(
        s(a, 'ids')
          .split(' ')
          .map((id) => ingredientName(id, true)),
      ),
      avoids: words(a, 'avoids', AVOID_WORDS),
    }),
  'cannot.noKit': (a) =>
    W.noReplacementFoundForThat({
      ids: ids(a),
      jobs: words<JobId>(a, 'jobs', JOB_NOUNS) || W.itsPart,
      classValue: withinSentence(CLASS_WORDS[s(a, 'classId') as ClassId] ?? W.bake),
    }),
  'cannot.amount': (a) => W.howManyGramsOfThere({ ids: ids(a) }),
  'cannot.chosenKit': (a) =>
    n(a, 'known') ? W.cannotBeUsedWithWhat({ replacement: kitName(s(a, 'kit')) }) : W.theWayChosenIsNot,
  'cannot.locks': (a) =>
    W.theseLocksConflictUnlockOne({
      list: listed(s(a, 'clash').split(' ').filter(Boolean).map(heldWords)) || W.theLocks,
    }),
  'bread.gel': (a) =>
    W.whiskPsylliumPowderIntoLukewarm({ amount: grams(n(a, 'g1')), amount2: grams(n(a, 'g2')) }),
  'bread.mix': () => W.mixTheDryThingsWork,
  'bread.shape': () => W.shapeATightRoundWith,
  'bread.pieces': (a) => W.divideIntoWithWetHands({ pieces: n(a, 'pieces') }),
  'bread.proof': () => W.proveCoveredUntilHalfAs({ temperature: degrees(26) }),
  'bread.bakePot': () =>
    W.heatALiddedPotIn({ temperature: degrees(240), temperature2: degrees(220), temperature3: degrees(97) }),
  'bread.bakeSmall': () => W.bakeAtWithSteam22({ temperature: degrees(220) }),
  'bread.cool': () => W.leaveOnARackFor,
  'bread.coolSmall': () => W.leaveOnARackFor2,
  'gum.mix': (a) => W.mixTheFloursXanthanThe({ amount: grams(n(a, 'g1')), amount2: grams(n(a, 'g2')) }),
  'gum.fill': () => W.scrapeIntoALined900,
  'gum.proof': () => W.proveCoveredUntilItIs({ temperature: degrees(26) }),
  'gum.bake': () => W.bakeAt45To55({ temperature: degrees(200), temperature2: degrees(97) }),
  'gum.cool': () => W.outOfTheTinAt,
  'rolled.mix': () => W.makeTheDoughAsBefore,
  'rolled.roll': (a) => W.rollOut5MmThick({ amount: grams(n(a, 'g1')), amount2: grams(n(a, 'g2')) }),
  'rolled.cut': (a) => W.cutIntoWithAThread({ pieces: n(a, 'pieces') }),
  'rolled.proof': () => W.proveCoveredUntilTheyTouch({ temperature: degrees(26) }),
  'rolled.bake': () => W.bakeAt20To25({ temperature: degrees(190) }),
  'warned.dose': (a) =>
    W.isOfTheFlourSuch({
      dosed: DOSED_WORDS[s(a, 'dosed') as Dosed] ?? W.aDose,
      number: fixed(n(a, 'percent'), 1),
      number2: fixed(n(a, 'most'), 1),
    }),
  'warned.thin': (a) =>
    W.starchIsOfTheLiquid({ number: fixed(n(a, 'percent'), 1), number2: fixed(n(a, 'least'), 1) }),
  'warned.gasHigh': () => W.thereIsMoreGasIn,
  'warned.gasLow': () => W.thereIsLittleGasIn,
  'warned.soapy': () => W.sodaIsLeftOverIt,
  'why.closeness': (a) => W.itKeepsLessWell({ keys: words<FitKey>(a, 'keys', PROP_WORDS) }),
  'why.uncovered': (a) => W.itDoesNotGiveBack({ jobs: words<JobId>(a, 'jobs', JOB_NOUNS) }),
  'why.allergens': (a) => W.itBringsIn({ avoids: words<AvoidId>(a, 'avoids', AVOID_WORDS) }),
  'why.suits': () => W.itSuitsThisKindOf,
  'why.unknown': () => W.moreOfItIsUnknown,
  'why.usual': () => W.itIsALessUsual,
  'why.scarce': () => W.itIsHarderToCome,
  'why.fresh': () => W.moreIngredientsHaveToBe,
  'why.watch': () => W.thereIsMoreToWatch,
  'why.widened': () => W.amountsHaveToLeaveTheir,
  'why.style': () => W.itGoesAgainstYourHouse,
  'confidence.open': () => W.aLineIsNotKnown,
  'confidence.narrowed': () => W.soMuchLeavesThatNot,
  'confidence.practice': () => W.amountsFollowUsualPracticeThis,
  'confidence.weakKit': (a) => W.isAWeakChoiceIn({ replacement: kitName(s(a, 'kit')) }),
  'confidence.widened': () => W.aTargetRangeOrA,
  'confidence.uncovered': (a) => W.notReplaced({ jobs: words<JobId>(a, 'jobs', JOB_NOUNS) }),
  'confidence.outside': (a) => W.outsideTheTargetRange({ keys: words<FitKey>(a, 'keys', PROP_WORDS) }),
  'step.gel': (a) =>
    W.makeTheGelWhiskInto({ amount: amount(a, 1), amount2: amount(a, 2), wait: n(a, 'wait') }),
  'step.psylliumGel': (a) =>
    W.makeTheGelWhiskInto2({ amount: amount(a, 1), amount2: amount(a, 2), wait: n(a, 'wait') }),
  'step.slurry': (a) =>
    W.stirIntoUntilSmoothStir({
      amount: amount(a, 1),
      amount2: amount(a, 2),
      which: n(a, 'wait') ? W.andLeaveMin({ wait: n(a, 'wait') }) : '',
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
  honest: (a) => HONEST_WORDS[s(a, 'id') as HonestId] ?? s(a, 'id'),
  'step.sour': (a) => W.stirTogetherAndLeaveMin({ amounts: amounts(a), wait: n(a, 'wait') }),
  'step.toast': (a) => W.toastInADryPan({ amount: amount(a, 1) }),
  'step.instead': (a) =>
    W.insteadOf({
      ingredient: ingredientName(s(a, 'was'), true),
      replacement: kitName(s(a, 'kit'), true),
    }),
  'step.intoDry': (a) => W.mixIntoTheDryThings({ amount: amount(a, 1) }),
  'step.pour': (a) => W.addToTheLiquid({ amount: amount(a, 1) }),
  'step.joined': (a) => W.inPlaceOfThereIs({ ingredient: ingredientName(s(a, 'was'), true) }),
  'step.ovenNow': (a) => W.now({ oven: ovenDegrees(Number(a.c), a.fan === 1) }),
  'step.timeNow': (a) => W.now2({ minutes: minutesText(Number(a.from), Number(a.to)) }),
  'step.tinNow': (a) =>
    W.now3({ which: Number(a.n) > 1 ? W.ofWord({ n: n(a, 'n') }) : '', tin: s(a, 'tin') }),
  'step.noFoam': () => W.itHoldsNoAirWhisk,
  'step.keepCold': () => W.keepFatAndBowlCold({ temperature: degrees(24) }),
  'step.noCreaming': () => W.noCreamingThisDoesNot,
  'step.workIn': () => W.workItInWithA,
  // Words in a sentence that are said otherwise; what stands there is put in by `stepWords`.
  'step.called': (a) => (a.id === undefined ? String(a.text) : ingredientName(String(a.id), true)),
  'step.nothing': () => W.leftOff,
  'step.word': (a) => String(a.word),
  'step.paper': () => W.lineTheTinWithBaking,
  'step.dryPan': () => W.noGreaseADryPan,
  'step.drinkWash': (a) => W.brushWith({ amounts: amounts(a) || W.soyDrinkAndMapleSyrup }),
  'step.own': (a) => s(a, 'text'),
  'step.waterWash': () => W.brushWithWater,
  'risk.gasHigh': (a) => W.mmolGasFor100G({ number: fixed(n(a, 'per'), 1), most: n(a, 'most') }),
  'risk.gasLow': (a) => W.mmolGasFor100G2({ number: fixed(n(a, 'per'), 1), least: n(a, 'least') }),
  'risk.moreGas': (a) => W.moreGasThanAsWritten({ number: fixed(n(a, 'percent'), 0) }),
  'risk.lessGas': (a) => W.lessGasThanAsWritten({ number: fixed(n(a, 'percent'), 0) }),
  'risk.lessBind': (a) => W.lessBinderToHoldIt({ number: fixed(n(a, 'percent'), 0) }),
  'risk.moreBind': (a) => W.moreBinderThanAsWritten({ number: fixed(n(a, 'percent'), 0) }),
  'risk.wetter': (a) => W.wetterThanAsWritten({ number: fixed(n(a, 'percent'), 0) }),
  'risk.pastDouble': (a) => W.risenByPastDoubling({ number: fixed(n(a, 'percent'), 0) }),
  'risk.shortProof': (a) => W.risenByOnly({ number: fixed(n(a, 'percent'), 0) }),
  'risk.sodaOver': (a) => W.ofTheSodaMeetsNo({ number: fixed(n(a, 'percent'), 0) }),
  'risk.sunflower': () => W.sunflowerTurnsGreenWhereAlkali,
  'repair.lessGas': (a) => W.firstLessPowderOrSoda({ number: fixed(n(a, 'percent'), 0) }),
  'repair.shorterProof': () => W.firstBakeItEarlierNearly,
  'repair.longerProof': () => W.firstLetItRiseLonger,
  'repair.lessWater': () => W.first3To5Less,
  'repair.moreBinder': () => W.firstAPercentMorePsyllium,
  'repair.morePowder': () => W.firstALittleMoreBaking,
  'repair.rest': () => W.firstWhiskTheBinderInto,
  'repair.acid': () => W.firstMoreAcidOrLess,
  'repair.pumpkin': () => W.firstMoreAcidOrPumpkin,
  'label.holdsGum': () => W.itHoldsAGumAlready,
  'label.wheatStarch': () => W.wheatStarchWithinTheGluten,
  'label.oatsNotCertified': () => W.oatsThatDoNotSay,
  'label.oatsClaimed': () => W.oatsThatAreClaimedGluten,
  'label.looksSour': () => W.itHoldsAcidOrCultures,
  'label.raises': () => W.itHoldsRaisingAgentsMind,
  'label.claims': (a) => W.itClaimsAClaimIs({ words: s(a, 'words') }),
  'explain.takenUp': (a) => W.waterInFromTheSoak({ ingredient: ingredientName(s(a, 'id'), true) }),
  'explain.sum': (a) => W.sumOverTheLines({ prop: PROP_WORDS[s(a, 'key') as FitKey] ?? s(a, 'key') }),
  ingredient: (a) => ingredientName(s(a, 'id')),
};

/** A message in words; one that is for one part of several says so first. A code without words shows itself as the code. */
export function say(m: Msg): string {
  const said = SAY[m.code]?.(m.args) ?? m.code;
  return m.args.part ? W.forPart({ part: m.args.part, said: withinSentence(said) }) : said;
}

export const hasWords = (code: string): boolean => code in SAY;

export { sayProblem } from './problems';

export const minutesText = (from: number, to: number): string => {
  const [a, b] = [Math.round(from), Math.round(to)];
  return a === b ? W.min({ a }) : W.toMin({ a, b });
};

/** One stretch of a bake: "230 °C (446 °F) under a lid, with steam". */
const phaseText = ({ ovenC, fan, cover, steam, heat }: BakePhase, first?: HeatScale): string =>
  [
    `${ovenDegrees(ovenC, fan, first)}${COVER_WORDS[cover].does}`,
    steam ? W.withSteam : '',
    heat === 'even' ? '' : heat === 'grill' ? W.underTheGrill : W.moreHeatFrom({ heat: HEAT_WORDS[heat] }),
  ]
    .filter(Boolean)
    .join(', ');

/** Oven and time as a baker reads them, stretch by stretch where there are several; `first`: on which scale, else the kitchen's. */
export function ovenText({ ovenC, minutes, fan, phases }: StatedBake, first?: HeatScale): string {
  const whole = minutes === null ? '' : minutesText(minutes[0], minutes[1]);
  if (!phases || phases.length < 2)
    return [ovenC === null ? '' : ovenDegrees(ovenC, fan, first), whole].filter(Boolean).join(', ');
  const steps = phases.map((p, i) =>
    i === phases.length - 1
      ? phaseText(p, first)
      : W.minAt({ min: Math.round(p.min), phase: phaseText(p, first) }),
  );
  return `${steps.join('; then ')}${whole && W.inAll({ whole })}`;
}
