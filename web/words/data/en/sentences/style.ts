import { catalogue } from '../../../catalogue';

export const styleSentences = catalogue('sentences/style', {
  noAddedGum: 'no added gum',
  waysThatBringInA: 'replacements that bring in a gum come last',
  wholegrain: 'wholegrain',
  flaxChiaAndWholeGrains: 'flaxseed, chia and whole grains before starches',
  lightCrumb: 'light crumb',
  starchesAndFoamsBeforeFlax: 'starches and foams before flaxseed, chia and whole grains',
  noSeedOrNutButter: 'no seed or nut butter',
  wholeFoodFatComesLast: 'whole-food fat comes last',
  fewestToBuy: 'fewest to buy',
  eachIngredientToBuyCounts: 'each ingredient to buy counts against an option',
  cheapest: 'cheapest',
  byThePricesOfYour: 'by the prices of your packets; where there is none, by a rough price of its kind',
  fromMyPantry: 'from my pantry',
  whatIsNotInYour: 'what is not in your pantry comes last',
  bringsInAGum: (a: { n: string }) => `Brings in a gum: ${a.n}.`,
  notWholegrain: (a: { n: string }) => `Not wholegrain: ${a.n}.`,
  notLight: (a: { n: string }) => `Not light: ${a.n}.`,
  wholeFoodFat: (a: { n: string }) => `Whole-food fat: ${a.n}.`,
  notInYourPantry: (a: { n: string }) => `Not in your pantry: ${a.n}.`,
});
