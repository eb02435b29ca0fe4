import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const cardWords = catalogue('card', {
  beginBench: {
    atTheBench: 'At the bench',
    howMuchOfIt: 'Batches',
    text1AsOnTheCard: '1 as on the card, 2 twice as much',
    batch: ' batch',
    batches: ' batches',
    writeHowManyBatchesSuch: 'Write how many batches, such as 1 or 2.5.',
    theScaleShowsStepsOf: 'The scale shows steps of',
    theBenchCannotBeBegun: 'The bench could not be started',
    begin: 'Start',
  },
  care: {
    newInIt: 'New ingredients:',
    notKnown: 'Not known:',
    balanceFeelLiftAndThe: (a: { strong: ReactNode; list: string }) =>
      rich`${a.strong} ${a.list}. Balance, feel, lift and the change in baking time depend on that, so they are not given.`,
    wheatAndWhatIsLeft:
      'Keep wheat and everything left out here away from flour, scale, board and tin: traces count.',
    doNotEatRawBatter:
      'Do not eat raw batter or dough. Let it cool fully before cutting: gluten-free crumb goes on setting.',
    helpForABakerNot:
      'Help for a baker, not medical or legal advice. Check the label and your local food law.',
    whatItHoldsAndWhat: 'What it contains and what to watch for',
    takeCare: 'Take care',
  },
  keepBack: {
    keepGOfTheBack: (a: { number: string; ingredient: string }) =>
      `Hold back ${a.number} g of the ${a.ingredient} at first: new ingredients absorb more or less. Stop when it feels right.`,
  },
  lines: {
    asNeeded: 'as needed',
    weigh: 'Weigh',
    grams: 'grams',
    ounces: 'ounces',
    ingredient: 'ingredient',
    bakers: 'baker’s %',
    asWritten: 'original',
    none: 'none',
    inTheBowl: 'in the bowl',
  },
  takes: {
    some: 'some',
    theRestOfThe: 'the rest of the',
    mostOfThe: 'most of the',
  },
  nutrition: {
    fat: 'Fat',
    carbohydrate: 'Carbohydrate',
    ofWhichSugars: 'of which sugars',
    fibre: 'Fibre',
    protein: 'Protein',
    salt: 'Salt',
    more: (a: { namesCount: number }) => `${a.namesCount} more`,
    kjKcal: (a: { number: string; number2: string }) => `${a.number} kJ, ${a.number2} kcal`,
    nutritionAndCost: 'Nutrition and cost',
    nutrition: 'Nutrition',
    nutritionInFigures: 'Nutrition, in figures',
    energy: 'Energy',
    text100GBaked: '100 g baked',
    oneOfAbout: (a: { n: number; amount: string }) => `one of ${a.n}, about ${a.amount}`,
    giveOrTakeG: (a: { number: string }) => `, give or take ${a.number} g`,
    withoutWhatIsNotKnown: (a: { missing: string }) => ` Without what is not known: ${a.missing}.`,
    workedOutFromTablesAnd: (a: { amount: string; which: string; missing: string }) =>
      `Worked out from tables and packets, not measured. Baked weight about ${a.amount}${a.which}. Saturates are not calculated.${a.missing} A label for sale needs more than this.`,
    cost: 'Cost',
    notToldOfLinesHave: (a: { strong: ReactNode; priced: number; priced2: number }) =>
      rich`${a.strong} not given: ${a.priced} of ${a.priced2} lines have a packet with a price.`,
    aPiece: (a: { money: string }) => `, ${a.money} each`,
    lineCount: (a: { n: number }) => counted(a.n, 'line'),
    withoutWhosePriceIsNot: (a: { count: string; names: string }) =>
      `, without ${a.count} whose price is not known: ${a.names}`,
    forTheBatch: (a: { strong: ReactNode; money: string; n: ReactNode; unpricedCount: ReactNode }) =>
      rich`${a.strong} ${a.money} for the batch${a.n}${a.unpricedCount}.`,
  },
  card: {
    forAboutMin: (a: { holdMin: number }) => ` for about ${a.holdMin} min`,
    theMiddleReads: (a: { temperatures: string; which: string }) =>
      `the core temperature is ${a.temperatures}${a.which}`,
    doneWhen: 'Done when',
    coolToBeforeCutting: (a: { strong: ReactNode; list: string; time: string; time2: string }) =>
      rich`${a.strong} ${a.list}. Cool ${a.time} to ${a.time2} before cutting.`,
    keeps: 'Keeps',
    asWritten: 'original',
    method: 'Method',
    lift: 'Lift',
    bake: 'Bake',
    theTimeOfTheOriginal: ', the time of the original: start checking early and go by the signs',
    noStatedTime: 'no stated time',
    forAsWrittenByThe: (a: { which: string }) =>
      `, from ${a.which} in the original: start checking early and go by the signs`,
  },
  cardPage: {
    recipeFile: 'recipe file',
    saveAsARecipeFile: 'Save as a recipe file',
    schemaOrgJsonLdLines:
      'schema.org JSON-LD: lines, steps, time. Percentages, jobs and balance are not included.',
    text: 'text',
    saveAsText: 'Save as text',
    linesStepsAndTheBake: 'Lines, steps and the bake. Percentages, jobs and balance are not included.',
    table: 'table',
    saveAsATable: 'Save as a table',
    theLinesWithGramsAnd: 'The lines with grams and baker’s %. Method and bake are not included.',
    untitledFormula: 'Untitled formula',
    card: (a: { title: string }) => `${a.title}, card`,
    asWritten: 'original',
    backToTheDesk: 'Back to the formula',
    asWrittenBesideIt: 'Show the original beside it',
    saveAs: 'Save as',
    cutIntoSoManySlices: 'Number of slices',
    slices: 'slices',
    paper: 'Paper',
    bakedIt: 'Baked it',
    atTheBench: 'At the bench',
    printTheCard: 'Print the card',
    print: 'Print',
    thisCardCannotBeShown: 'This card could not be loaded',
    fetchingTheCard: 'Loading the card',
  },
});
