import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const addWords = catalogue('add', {
  putAll: {
    pastedFormula: (a: { i: number }) => `Pasted formula ${a.i}`,
    stop: 'Stop',
    addAllFormulas: (a: { foundCount: number }) => `Add all ${a.foundCount} formulas`,
    addingOf: (a: { done: number; ofValue: number }) => `Adding ${a.done} of ${a.ofValue}`,
    formulaCount: (a: { n: number }) => counted(a.n, 'formula'),
    added: (a: { count: string }) => `${a.count} added.`,
    toTheFormulas: 'Go to formulas',
    notPutThere: (a: { list: string; why: string }) => ` Not added: ${a.list}. ${a.why}`,
  },
  fromElsewhere: {
    thatIsMoreThanTwo: 'That is more than two million characters. Copy only the recipe.',
    noRecipeWithIngredientsIs:
      'No recipe with ingredients is marked in it. Copy its lines and paste them here.',
    itIsCutOffOr:
      'The data is cut off or damaged and can’t be read. Copy all of it, or paste only the lines.',
    theTableHasNoRows: 'The table has no rows.',
    noColumnIsCalledIngredient: 'No column is called "ingredient" or "name". Name it so in the first row.',
    noColumnIsCalledGrams: 'No column is called "grams" or "amount". Name it so in the first row.',
    recipeCount: (a: { n: number }) => counted(a.n, 'recipe'),
    thisIsAPagesSource: (a: { count: string }) => `This is a page’s source. It holds ${a.count}.`,
    itsPicturesRatingsAndNutrition:
      'Its pictures, ratings and nutrition are left behind; oven heat is read from the method.',
    formulaCount: (a: { n: number }) => counted(a.n, 'formula'),
    thisTextHolds: (a: { count: string }) => `This text holds ${a.count}.`,
    theyAreToldApartBy: 'They are told apart by titles marked with # or by a line of dashes.',
    notTakenIn: (a: { list: string }) => ` Not taken in: ${a.list}.`,
    thisIsATableOf: 'This is a table of lines.',
    aTableHoldsNoMethod: (a: { left: string }) =>
      `A table holds no method, oven or tin: say them here.${a.left}`,
    thisIsAPlainText: 'This is a plain text.',
    fromAFile: 'From a file',
    noFormulaCanBeTaken: 'No formula can be taken from this',
    it: 'it',
    take: (a: { which: string }) => `Use ${a.which}`,
  },
  pasteRows: {
    note: 'note',
    part: 'part',
    ingredient: 'ingredient',
    step: 'step',
    title: 'title',
    leftOut: 'left out',
    whatEachRowIs: 'What each row is',
    rowsOfThePaste: 'Rows of the paste',
    kindOf: (a: { rText: string }) => `Kind of “${a.rText}”`,
    asItWasRead: 'As read',
  },
  newFormulaPage: {
    addAFormula: 'Add a formula',
    untitledFormula: 'Untitled formula',
    pasteItAsYouFound: 'Paste it as you found it: cups, spoons, grams, fractions. Gluten-free already.',
    couldNotSave: 'Could not save',
    title: 'Title',
    ingredientsOneALine: 'Ingredients, one a line',
    text250GSorghumFlour2: `250 g sorghum flour
2 large eggs
1 1/2 cups buttermilk`,
    thatIsMoreThanAny: 'That is more than any formula. Split it.',
    method: 'Method',
    oven: 'Oven',
    text180COr350F: '180 C or 350 F',
    time: 'Time',
    text45Min: '45 min',
    kindOfBake: 'Kind of bake',
    readFromTheText: 'read from the text',
    cupsAndSpoons: 'Cups and spoons',
    kitchen: 'Kitchen',
    asInYour: (a: { link: ReactNode }) => rich`as in your ${a.link}`,
    forThisTextAlone: 'for this text alone',
    readingFailed: 'Reading failed',
    nothingYouEnteredIsLost: 'Nothing you entered is lost. Load the page again.',
    whatIsUnderstoodAppearsHere: 'What is understood appears here',
    eachLineInGramsHow:
      'Each line in grams, how it was read, and what is not known. You can correct any of it.',
    take: (a: { temperature: string }) => `Use ${a.temperature}`,
    mainPart: 'Main part',
    bake: (a: { oven: string }) => `Bake: ${a.oven}`,
    addFormula: 'Add formula',
    lineCount: (a: { n: number }) => counted(a.n, 'line'),
    allKnown: 'all known',
    notKnownCorrectThemNow: (a: { unknown: number }) =>
      `${a.unknown} not known: correct them now or later at Read`,
  },
});
