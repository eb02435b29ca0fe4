import type { MsgCode } from '../../../core/explain';
import type { UnitId } from '../../../core/units';
import { fixed, grams } from '../format';
import { ingredientName, UNIT_WORDS } from '../things';
import { saySentences } from '../data/en/sentences/say';
import type { Say } from './sentence';

const W = saySentences;

/** Which of two amounts is likelier, and why. */
const LIKELIER: Record<string, string> = {
  'b tenfold': W.theWeightIsTenTimes,
  'b ounces': W.theyDifferAsOuncesAnd,
  'b share': W.byWeightThisLineWould,
  'a share': W.byVolumeThisLineWould,
};

/** What is said of what was read: lines, amounts, an oven, labels, rows of a table. */
export const SAY_OF_READING: Say<
  Extract<
    MsgCode,
    | `read.${string}`
    | `bake.${string}`
    | `line.${string}`
    | `name.${string}`
    | `amount.${string}`
    | `check.${string}`
    | `csv.${string}`
    | `label.${string}`
  >
> = {
  'read.empty': () => W.nothingToReadYetPaste,
  'read.noFlour': () => W.noFlourOrStarchFound,
  'read.perHundred': () => W.theListIsInPerCent,
  'read.tinShape': (a) => (a.square ? W.theTinIsTakenAsSquare : W.theTinIsTakenAsRound),
  'read.tooManyLines': (a) => W.linesWereGivenTheFirst({ given: a.given, max: a.max }),
  'bake.tempsDisagree': (a) => W.cAndTheFGiven({ c: a.c, f: a.f }),
  'bake.ovenOdd': (a) => W.anOvenAtCIs({ c: a.c }),
  'bake.ovenByWord': (a) => W.theOvenIsToldByAWord({ word: a.word, c: a.c }),
  'bake.ovenUnread': (a) => W.theOvenWasNotUnderstood({ text: a.text }),
  'bake.timeUnread': (a) => W.theTimeWasNotUnderstood({ text: a.text }),
  'line.more': (a) => W.thisRowHoldsMore({ name: a.name }),
  'line.long': (a) => W.thisLineIsVeryLong({ max: a.max }),
  'name.unknown': (a) => (a.name ? W.isNotKnownChooseWhat({ name: a.name }) : W.noNameFoundChooseWhat),
  'name.choice': (a) => W.writtenAsAChoiceTaken({ taken: a.taken }),
  'name.unsure': (a) => W.whichIngredientIsChooseOne({ name: a.name }),
  'amount.missing': () => W.noAmountFoundGiveIt,
  'amount.notFinite': (a) => W.isNoAmountOneCan({ written: a.written }),
  'amount.negative': (a) => W.isLessThanZeroEnter({ written: a.written }),
  'amount.zero': () => W.theAmountIs0Enter,
  'amount.tooMuch': (a) => W.kgInOneLineIs({ kg: a.kg }),
  'amount.noMeasure': (a) => W.weDontKnowWhatOne({ unit: UNIT_WORDS[a.unit as UnitId]?.[0] ?? a.unit }),
  'amount.bareGrams': (a) => W.noUnitTakenAs({ amount: grams(a.g) }),
  'amount.disagree': (a) =>
    W.theTwoAmountsDoNot({
      a: a.a,
      written: a.written,
      b: a.b,
      likelier: LIKELIER[`${a.better} ${a.why}`] ?? W.theWeightIsUsed,
    }),
  'amount.packed': (a) => W.packedIntoTheCupCounted({ percent: a.percent }),
  'amount.sifted': (a) => W.siftedIntoTheCupCounted({ percent: a.percent }),
  'check.soda': (a) => W.ofTheFlourIsMore({ percent: a.percent, most: a.most }),
  'check.powder': (a) => W.ofTheFlourIsMore2({ percent: a.percent, most: a.most }),
  'check.salt': (a) => W.ofTheFlourIsMore3({ percent: a.percent, most: a.most }),
  'check.gum': (a) => W.ofTheFlourIsMore4({ percent: a.percent, most: a.most }),
  'check.psyllium': (a) => W.ofTheFlourIsMore5({ percent: a.percent, most: a.most }),
  'check.yeast': (a) =>
    W.ofTheFlourAsIs({
      percent: a.percent,
      ingredient: ingredientName(a.id, true),
      number: fixed(a.lo, 1),
      number2: fixed(a.hi, 1),
    }),
  'check.yield': (a) =>
    W.wouldWeighGEachRaw({
      pieces: a.pieces,
      name: a.name,
      each: a.each,
      lo: a.lo,
      hi: a.hi,
    }),
  'check.tinSmall': (a) => W.thisBatchWouldFillThe({ percent: a.percent }),
  'check.tinLarge': (a) => W.thisBatchFillsTheStated({ percent: a.percent }),
  'csv.tooMany': (a) => W.moreThanRowsTheRest({ max: a.max }),
  'csv.name': () => W.hasNoName,
  'csv.kind': (a) => W.isNoKindWriteOwn({ text: a.text }),
  'csv.like': (a) => W.isNoIngredientOfOur({ text: a.text }),
  'csv.packetLike': () => W.aPacketHasToSay,
  'csv.number': (a) => W.isNoNumberFrom0({ text: a.text, most: a.most }),
  'csv.panelSum': () => W.fatCarbohydrateFibreProteinAnd,
  'csv.group': (a) => W.isNoGroup({ text: a.text }),
  'csv.date': (a) => W.isNoDayWrite2026({ text: a.text }),
  'csv.part': (a) => W.isNoPartOfA({ text: a.text }),
  'label.holdsGum': () => W.itHoldsAGumAlready,
  'label.wheatStarch': () => W.wheatStarchWithinTheGluten,
  'label.oatsNotCertified': () => W.oatsThatDoNotSay,
  'label.oatsClaimed': () => W.oatsThatAreClaimedGluten,
  'label.looksSour': () => W.itHoldsAcidOrCultures,
  'label.raises': () => W.itHoldsRaisingAgentsMind,
  'label.claims': (a) => W.itClaimsAClaimIs({ words: a.words }),
};
