import type { ClassId, LimitId, Dosed } from '../../../core/classes';
import type { HeldThing, MsgCode } from '../../../core/explain';
import type { FitKey } from '../../../core/rebalance';
import { withinSentence } from '../case';
import { saySentences } from '../data/en/sentences/say';
import { DOSED_WORDS } from '../data/ways';
import { fixed, grams } from '../format';
import { listed } from '../plural';
import {
  AVOID_WORDS,
  CLASS_WORDS,
  LIMIT_WORDS,
  ingredientName,
  JOB_NOUNS,
  kitName,
  PROP_WORDS,
} from '../things';
import { named, things, type Say } from './sentence';

const W = saySentences;

/** One thing that is held. */
function heldWords(held: HeldThing): string {
  switch (held.what) {
    case 'wetness':
      return W.hydration;
    case 'mass':
      return W.totalMass;
    case 'prop':
      return PROP_WORDS[held.key as FitKey] ?? W.aProperty;
    case 'line':
      return held.id === null
        ? W.aLockedAmount
        : W.theAmountOf({ ingredient: ingredientName(held.id, true) });
  }
}

/** What is said of an answer: why a line moved, what it costs, how sure it is, what cannot be. */
export const SAY_OF_ANSWERS: Say<
  Extract<
    MsgCode,
    | `move.${string}`
    | `widened.${string}`
    | `cannot.${string}`
    | `warned.${string}`
    | `why.${string}`
    | `confidence.${string}`
    | 'limits'
    | `explain.${string}`
    | 'ingredient'
  >
> = {
  'move.keep': () => W.asItWas,
  'move.drop': (a) => W.outFor({ avoids: named(a.avoids, AVOID_WORDS) }),
  'move.kit': (a) => kitName(a.kit, true),
  'move.joined': (a) =>
    W.withWord({
      which: a.addedG < 0 ? '−' : '+',
      amount: grams(Math.abs(a.addedG)),
      replacement: kitName(a.kit, true),
    }),
  'move.water': () => W.forTheSameHydration,
  'move.acid': () => W.forTheAcidThatLeft,
  'move.bind': () => W.forTheBindingThatLeft,
  'move.lift': () => W.forTheLiftThatLeft,
  'move.lessLiquid': () => W.lessForTheSameHydration,
  'move.lessSalt': () => W.lessForTheSaltIn,
  'move.held': () => W.locked,
  'widened.wetness': (a) => W.hydrationCouldNotBeKept({ band: a.band, percent: a.percent }),
  'widened.mass': (a) => W.totalMassCouldNotBe({ band: a.band, percent: a.percent }),
  'widened.dose': (a) =>
    W.isOutsideItsUsualTo({
      ingredient: ingredientName(a.id),
      amount: grams(a.fromG),
      amount2: grams(a.toG),
    }),
  'widened.line': (a) =>
    W.givesWayToWhatComes({
      ingredient: ingredientName(a.id),
      amount: grams(a.fromG),
      amount2: grams(a.toG),
    }),
  'cannot.heldOut': (a) =>
    W.whatCanStandInFor({
      list: things(a.ids),
      avoids: named(a.avoids, AVOID_WORDS),
    }),
  'cannot.noKit': (a) =>
    W.noReplacementFoundForThat({
      ids: things(a.ids),
      jobs: named(a.jobs, JOB_NOUNS) || W.itsPart,
      classValue: withinSentence(CLASS_WORDS[a.classId as ClassId] ?? W.bake),
    }),
  'cannot.amount': (a) => W.howManyGramsOfThere({ ids: things(a.ids) }),
  'cannot.chosenKit': (a) =>
    a.known ? W.cannotBeUsedWithWhat({ replacement: kitName(a.kit) }) : W.theWayChosenIsNot,
  'cannot.locks': (a) =>
    W.theseLocksConflictUnlockOne({
      list: listed(a.held.map(heldWords)) || W.theLocks,
    }),
  'warned.dose': (a) =>
    W.isOfTheFlourSuch({
      dosed: DOSED_WORDS[a.dosed as Dosed] ?? W.aDose,
      number: fixed(a.percent, 1),
      number2: fixed(a.most, 1),
    }),
  'warned.thin': (a) => W.starchIsOfTheLiquid({ number: fixed(a.percent, 1), number2: fixed(a.least, 1) }),
  'warned.gasHigh': () => W.thereIsMoreGasIn,
  'warned.gasLow': () => W.thereIsLittleGasIn,
  'warned.soapy': () => W.sodaIsLeftOverIt,
  'why.closeness': (a) => W.itKeepsLessWell({ keys: named(a.keys, PROP_WORDS) }),
  'why.uncovered': (a) => W.itDoesNotGiveBack({ jobs: named(a.jobs, JOB_NOUNS) }),
  'why.allergens': (a) => W.itBringsIn({ avoids: named(a.avoids, AVOID_WORDS) }),
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
  'confidence.weakKit': (a) => W.isAWeakChoiceIn({ replacement: kitName(a.kit) }),
  'confidence.widened': () => W.aTargetRangeOrA,
  'confidence.uncovered': (a) => W.notReplaced({ jobs: named(a.jobs, JOB_NOUNS) }),
  'confidence.outside': (a) => W.outsideTheTargetRange({ keys: named(a.keys, PROP_WORDS) }),
  limits: (a) => LIMIT_WORDS[a.id as LimitId] ?? a.id,
  'explain.takenUp': (a) => W.waterInFromTheSoak({ ingredient: ingredientName(a.id, true) }),
  'explain.sum': (a) => W.sumOverTheLines({ prop: PROP_WORDS[a.key as FitKey] ?? a.key }),
  ingredient: (a) => ingredientName(a.id),
};
