import type { AvoidId } from '../../core/ingredients';
import { AVOID_WORDS } from './data/names';
import { unitWords } from './data/en/units';

const W = unitWords;

/** One avoidance as a baker says it: milk is left out with all that is made of it. */
export const avoidWord = (a: AvoidId): string => (a === 'milk' ? W.dairy : AVOID_WORDS[a]);

/** Avoidances as the fewest words: "gluten, egg, dairy, nuts". Nuts are both kinds of them. */
export function avoidWords(avoids: readonly AvoidId[]): string[] {
  const words = new Set<string>();
  for (const a of avoids) words.add(a === 'tree_nut' || a === 'peanut' ? W.nuts : avoidWord(a));
  return [...words];
}

/** What a formula leaves out on the shelf: gluten goes with all of them and is not repeated. */
export const leavesOut = (avoids: readonly AvoidId[]): string =>
  avoidWords(avoids.filter((a) => a !== 'gluten')).join(', ');
