import { withinSentence } from './case';
import type {
  CameOf,
  Evidence,
  EvidenceId,
  Level,
  OutcomeId,
  ScoreId,
  Suspect,
  Tests,
} from '../../core/judge';
import { CAUSE_WORDS, FAULT_WORDS, REPAIR_WORDS } from './data/faults';
import { fixed } from './format';
import { listed } from './plural';
import { degrees } from './heat';
import { trialSentences } from './data/en/sentences/trial';

const W = trialSentences;

export const OUTCOME_WORDS: Record<OutcomeId, string> = {
  good: W.goodAsItIs,
  nearly: W.nearlyThere,
  wrong: W.wentWrong,
};
/** What is judged, with the words at both ends. */
export const SCORE_WORDS: Record<ScoreId, { name: string; low: string; high: string }> = {
  taste: { name: W.taste, low: W.notAgain, high: W.couldEatItAll },
  openness: { name: W.crumb, low: W.tight, high: W.open },
  softness: { name: W.softness, low: W.hard, high: W.soft },
  gumminess: { name: W.chew, low: W.clean, high: W.gummy },
  crumble: { name: W.slices, low: W.fallApart, high: W.hold },
  rise: { name: W.rise, low: W.flat, high: W.high },
  crust: { name: W.crust, low: W.soft, high: W.crisp },
  colour: { name: W.colour, low: W.pale, high: W.dark },
  look: { name: W.look, low: W.aSorrySight, high: W.forTheWindow },
  noticed: { name: W.wouldAnyoneNotice, low: W.atOnce, high: W.nobody },
};

const LEVEL_WORDS: Record<Level, string> = { likely: W.likely, possible: W.possible, unlikely: W.unlikely };
export const suspectWords = ({ level, cause }: Pick<Suspect, 'level' | 'cause'>): string =>
  `${LEVEL_WORDS[level]}: ${CAUSE_WORDS[cause]}`;

const whole = (x: number): string => fixed(x, 0);
const tenth = (x: number): string => fixed(x, x < 10 ? 1 : 0);
/** What is known of a bake, as it is so and as it is not. */
const EVIDENCE_WORDS: Record<EvidenceId, (e: Evidence) => string> = {
  core_short: (e) =>
    e.holds
      ? W.theMiddleHadOfWhen({ temperature: degrees(e.value ?? 0), temperature2: degrees(e.against ?? 0) })
      : W.theMiddleWasDoneWhen,
  cut_early: (e) =>
    e.holds
      ? W.itWasCutAfterOf({ whole: whole(e.value ?? 0), whole2: whole(e.against ?? 0) })
      : W.itCooledLongEnoughBefore,
  wetter: (e) => (e.holds ? W.itIsWetterThanIt : W.itIsNoWetterThan),
  drier: (e) => (e.holds ? W.itIsStifferThanAs : W.itIsNoStifferThan),
  wet_by_feel: (e) => (e.holds ? W.muchWaterWentInBy : W.hardlyMoreWaterWentIn),
  psyllium_high: (e) =>
    e.holds
      ? W.psylliumIsOfTheFlour({ tenth: tenth(e.value ?? 0), tenth2: tenth(e.against ?? 0) })
      : W.psylliumIsWithinWhatIts,
  psyllium_low: (e) =>
    e.holds ? W.psylliumIsOnlyOfThe({ tenth: tenth(e.value ?? 0) }) : W.thereIsEnoughPsylliumFor,
  binder_none: (e) => (e.holds ? W.nothingInItBinds : W.somethingInItBinds),
  binder_less: (e) => (e.holds ? W.itBindsLessThanAs : W.itBindsAsMuchAs),
  starch_high: (e) =>
    e.holds ? W.ofItsFloursAreStarch({ whole: whole(e.value ?? 0) }) : W.starchIsNotTheMost,
  protein_low: (e) => (e.holds ? W.itHasHardlyAnyProtein : W.itHasProtein),
  gas_high: (e) => (e.holds ? W.moreGasThanItsKind : W.noMoreGasThanIts),
  gas_low: (e) => (e.holds ? W.lessGasThanItsKind : W.noLessGasThanIts),
  soda_left: (e) => (e.holds ? W.sodaIsLeftOver : W.itsSodaIsUsedUp),
  sour: (e) => (e.holds ? W.itIsSour : W.itIsNotSour),
  seed_and_soda: (e) => (e.holds ? W.sunflowerAndSodaAreIn : W.sunflowerAndSodaDoNot),
  fat_soft: (e) => (e.holds ? W.mostOfItsFatIs : W.mostOfItsFatIs2),
  kitchen_warm: (e) =>
    e.holds ? W.theKitchenHad({ temperature: degrees(e.value ?? 0) }) : W.theKitchenWasNotToo,
  kitchen_cold: (e) =>
    e.holds ? W.theKitchenHadOnly({ temperature: degrees(e.value ?? 0) }) : W.theKitchenWasNotCold,
  rise_long: (e) => (e.holds ? W.itRoseMinLongerThan({ whole: whole(e.value ?? 0) }) : W.itRoseNoLongerThan),
  rise_short: (e) => (e.holds ? W.itRoseOnlyMin({ whole: whole(e.value ?? 0) }) : W.itRoseAsLongAs),
  over_doubled: (e) => (e.holds ? W.itGrewPastDouble : W.itDidNotGrowPast),
  under_doubled: (e) => (e.holds ? W.itDidNotDouble : W.itGrewWell),
  door_early: (e) => (e.holds ? W.theOvenWasOpenedEarly : W.theOvenStayedShutLong),
  rested: (e) => (e.holds ? W.itHadTimeToDrink : W.itHadNoTimeTo),
  coarse_rice: (e) => (e.holds ? W.muchOfItIsRice : W.littleOfItIsRice),
  heavy: (e) => (e.holds ? W.mostOfItsFloursAre : W.itsFloursAreNotHeavy),
  milk_or_egg: (e) => (e.holds ? W.milkOrEggIsIn : W.noMilkAndNoEgg),
  sugar_low: (e) => (e.holds ? W.hardlyAnySugarIsIn : W.itHasSugarToBrown),
  fat_low: (e) => (e.holds ? W.hardlyAnyFatIsIn : W.itHasFat),
  blind_baked: (e) => (e.holds ? W.itsBaseWasBakedFirst : W.itsBaseWasNotBaked),
  wet_filling: (e) => (e.holds ? W.theFillingWentInHot : W.theFillingWasColdAnd),
  baked_short: (e) => (e.holds ? W.itBakedMinShorterThan({ whole: whole(e.value ?? 0) }) : W.itBakedAsLongAs),
  yeasted: (e) => (e.holds ? W.itHasYeast : W.itHasNoYeast),
};
export const evidenceWords = (e: Evidence): string => EVIDENCE_WORDS[e.id](e);

/** What to look at next time to tell two causes apart. */
export const LOOK_WORDS: Partial<Record<EvidenceId, string>> = {
  core_short: W.nextTimeMeasureTheMiddle,
  baked_short: W.nextTimeWriteDownHow,
  cut_early: W.nextTimeWriteDownWhen,
  over_doubled: W.nextTimeMarkTheDough,
  under_doubled: W.nextTimeMarkTheDough,
  rise_long: W.nextTimeWriteDownHow2,
  rise_short: W.nextTimeWriteDownHow2,
  kitchen_warm: W.nextTimeMeasureTheKitchen,
  kitchen_cold: W.nextTimeMeasureTheKitchen,
  door_early: W.nextTimeLeaveTheOven,
  wet_by_feel: W.nextTimeWeighTheWater,
};

/** Whether the one change did it. */
export function cameWords({ fault, gone, newFaults, better }: CameOf): string {
  const name = withinSentence(FAULT_WORDS[fault].name);
  const more = newFaults.map((f) => withinSentence(FAULT_WORDS[f].name));
  return [
    gone ? W.itDidItNoThis({ name }) : W.itDidNotDoIt({ name }),
    more.length > 0 ? W.newWord({ list: listed(more) }) : '',
    gone && better ? W.andItCameOutBetter : '',
  ]
    .filter(Boolean)
    .join(' ');
}
export const changeWords = (repair: Suspect['change']): string => REPAIR_WORDS[repair];
/** What a bake is to find out, where it is baked. */
export const testsWords = ({ repair }: Tests): string => W.bakeTests({ change: changeWords(repair) });
