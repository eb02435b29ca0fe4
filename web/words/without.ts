import type { AvoidId } from '../../core/ingredients';
import { AVOID_WORDS } from './data/terms';

/** What a formula leaves out, as the fewest words: "egg, dairy, nuts". Gluten goes without saying. */
export function withoutWords(avoids: readonly AvoidId[]): string {
  const words = new Set<string>();
  for (const a of avoids) {
    if (a === 'gluten') continue;
    if (a === 'milk') words.add('dairy');
    else if (a === 'tree_nut' || a === 'peanut') words.add('nuts');
    else words.add(AVOID_WORDS[a]);
  }
  return [...words].join(', ');
}
