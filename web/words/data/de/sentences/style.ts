import type * as English from '../../en/sentences/style';

export const styleSentences: typeof English.styleSentences = {
  noAddedGum: 'kein zugesetztes Gummi',
  waysThatBringInA: 'Ersatz, der ein Gummi hineinbringt, kommt zuletzt',
  wholegrain: 'Vollkorn',
  flaxChiaAndWholeGrains: 'Lein, Chia und Vollkorn vor Stärken',
  lightCrumb: 'leichte Krume',
  starchesAndFoamsBeforeFlax: 'Stärken und Schäume vor Lein, Chia und Vollkorn',
  noSeedOrNutButter: 'kein Saat- oder Nussmus',
  wholeFoodFatComesLast: 'fettreiche Lebensmittel kommen zuletzt',
  fewestToBuy: 'am wenigsten zu kaufen',
  eachIngredientToBuyCounts: 'jede Zutat, die zu kaufen ist, zählt gegen eine Lösung',
  cheapest: 'am billigsten',
  byThePricesOfYour: 'nach den Preisen deiner Packungen; wo keiner ist, nach einem groben Preis der Art',
  fromMyPantry: 'aus meinem Vorrat',
  whatIsNotInYour: 'was nicht in deinem Vorrat ist, kommt zuletzt',
  bringsInAGum: (a) => `Bringt ein Gummi hinein: ${a.n}.`,
  notWholegrain: (a) => `Kein Vollkorn: ${a.n}.`,
  notLight: (a) => `Nicht leicht: ${a.n}.`,
  wholeFoodFat: (a) => `Fettreiches Lebensmittel: ${a.n}.`,
  notInYourPantry: (a) => `Nicht in deinem Vorrat: ${a.n}.`,
};
