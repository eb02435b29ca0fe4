import type { StyleMiss, StyleRule } from '../../core/rebalance';
import type { StyleChoice } from '../../contract/dto';
import { listed } from './format';
import { ingredientName, kitName } from './things';

/** What a wish of the house is called, and what it does to the ranking. */
export const STYLE_WORDS = {
  gumFree: { name: 'no added gum', does: 'ways that bring in a gum come last' },
  whole: { name: 'wholegrain', does: 'flax, chia and whole grains before starches' },
  light: { name: 'light crumb', does: 'starches and foams before flax, chia and whole grains' },
  noWholeFat: { name: 'no seed or nut butter', does: 'whole-food fat comes last' },
  fewest: { name: 'fewest to buy', does: 'each ingredient to buy counts against an option' },
  cheapest: {
    name: 'cheapest',
    does: 'by the prices of your packets; where there is none, by a rough price of its kind',
  },
  pantryOnly: { name: 'from my pantry', does: 'what is not in your pantry comes last' },
} as const;

const MISS: Record<StyleRule, (names: string) => string> = {
  gumFree: (n) => `Brings in a gum: ${n}.`,
  whole: (n) => `Not wholegrain: ${n}.`,
  light: (n) => `Not light: ${n}.`,
  noWholeFat: (n) => `Whole-food fat: ${n}.`,
  onlyFrom: (n) => `Not in your pantry: ${n}.`,
};
const BY_KIT: readonly StyleRule[] = ['whole', 'light', 'noWholeFat'];

/** Which wish an answer does not meet, and by what. */
export const missWords = ({ rule, ids }: StyleMiss): string =>
  MISS[rule](
    listed(ids.map((id) => (BY_KIT.includes(rule) ? kitName(id).toLowerCase() : ingredientName(id, true)))),
  );

/** The wishes chosen, by name. */
export const wishesIn = (s: StyleChoice): string[] => [
  ...(s.gumFree ? [STYLE_WORDS.gumFree.name] : []),
  ...(s.grain ? [STYLE_WORDS[s.grain].name] : []),
  ...(s.noWholeFat ? [STYLE_WORDS.noWholeFat.name] : []),
  ...(s.fewest ? [STYLE_WORDS.fewest.name] : []),
  ...(s.cheapest ? [STYLE_WORDS.cheapest.name] : []),
  ...(s.pantryOnly ? [STYLE_WORDS.pantryOnly.name] : []),
];
