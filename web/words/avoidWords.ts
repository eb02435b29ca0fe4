import type { AvoidId } from '../../core/ingredients';
import { AVOID_WORDS } from './data/names';

/** Avoidances as the fewest words: "gluten, egg, dairy, nuts". Nuts are both kinds of them. */
export function avoidWords(avoids: readonly AvoidId[]): string[] {
  const words = new Set<string>();
  for (const a of avoids)
    words.add(a === 'milk' ? 'dairy' : a === 'tree_nut' || a === 'peanut' ? 'nuts' : AVOID_WORDS[a]);
  return [...words];
}

/** What a formula leaves out on the shelf: gluten goes with all of them and is not repeated. */
export const leavesOut = (avoids: readonly AvoidId[]): string =>
  avoidWords(avoids.filter((a) => a !== 'gluten')).join(', ');
