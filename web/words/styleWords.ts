import type { StyleMiss, StyleRule } from '../../core/rebalance';
import type { StyleChoice } from '../../contract/dto';
import { listed } from './plural';
import { ingredientName, kitName } from './things';
import { styleSentences } from './data/en/sentences/style';

const W = styleSentences;

/** What a wish of the house is called, and what it does to the ranking. */
export const STYLE_WORDS = {
  gumFree: { name: W.noAddedGum, does: W.waysThatBringInA },
  whole: { name: W.wholegrain, does: W.flaxChiaAndWholeGrains },
  light: { name: W.lightCrumb, does: W.starchesAndFoamsBeforeFlax },
  noWholeFat: { name: W.noSeedOrNutButter, does: W.wholeFoodFatComesLast },
  fewest: { name: W.fewestToBuy, does: W.eachIngredientToBuyCounts },
  cheapest: {
    name: W.cheapest,
    does: W.byThePricesOfYour,
  },
  pantryOnly: { name: W.fromMyPantry, does: W.whatIsNotInYour },
} as const;

const MISS: Record<StyleRule, (names: string) => string> = {
  gumFree: (n) => W.bringsInAGum({ n }),
  whole: (n) => W.notWholegrain({ n }),
  light: (n) => W.notLight({ n }),
  noWholeFat: (n) => W.wholeFoodFat({ n }),
  onlyFrom: (n) => W.notInYourPantry({ n }),
};
const BY_KIT: readonly StyleRule[] = ['whole', 'light', 'noWholeFat'];

/** Which wish an answer does not meet, and by what. */
export const missWords = ({ rule, ids }: StyleMiss): string =>
  MISS[rule](listed(ids.map((id) => (BY_KIT.includes(rule) ? kitName(id, true) : ingredientName(id, true)))));

/** The wishes chosen, by name. */
export const wishesIn = (s: StyleChoice): string[] => [
  ...(s.gumFree ? [STYLE_WORDS.gumFree.name] : []),
  ...(s.grain ? [STYLE_WORDS[s.grain].name] : []),
  ...(s.noWholeFat ? [STYLE_WORDS.noWholeFat.name] : []),
  ...(s.fewest ? [STYLE_WORDS.fewest.name] : []),
  ...(s.cheapest ? [STYLE_WORDS.cheapest.name] : []),
  ...(s.pantryOnly ? [STYLE_WORDS.pantryOnly.name] : []),
];
