import type { ExclusionId } from '../../core/exclusions';
import { ingredientById, type AvoidId } from '../../core/ingredients';
import { KIT_WORDS } from './data/kits';
import { AVOID_WORDS } from './data/terms';

export { KIT_WORDS } from './data/kits';
export * from './data/terms';

const upper = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** An ingredient's usual name; in a sentence without the capital. */
export const ingredientName = (id: string, inSentence = false): string => {
  const name = ingredientById(id)?.names[0] ?? id;
  return inSentence ? name : upper(name);
};

export const EXCLUSION_WORDS: Record<ExclusionId, { name: string; button: string }> = {
  egg: { name: 'egg', button: 'Leave out egg' },
  dairy: { name: 'dairy', button: 'Leave out dairy' },
  nuts: { name: 'nuts', button: 'Leave out nuts' },
  oil: { name: 'added oil', button: 'Leave out oil' },
};

/** What a formula leaves out, as the fewest words: "egg, dairy, nuts". Gluten goes without saying. */
export function withoutWords(avoids: readonly AvoidId[]): string {
  const words = new Set<string>();
  for (const a of avoids) {
    if (a === 'gluten' || a === 'wheat') continue;
    if (a === 'milk') words.add('dairy');
    else if (a === 'tree_nut' || a === 'peanut') words.add('nuts');
    else words.add(AVOID_WORDS[a]);
  }
  return [...words].join(', ');
}

export const kitName = (id: string): string => KIT_WORDS[id]?.name ?? id;
