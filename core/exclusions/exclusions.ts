import { AVOID_IDS, type AvoidId, type Ingredient } from '../ingredients';

/**
 * What a baker says has to go, in the baker's words, and the avoidances each word stands for.
 * Nuts take in peanut (its own group in EU 1169/2011 Annex II), but neither sesame nor coconut.
 */
export const EXCLUSIONS = {
  egg: ['egg'],
  dairy: ['milk'],
  nuts: ['tree_nut', 'peanut'],
  oil: ['oil'],
} as const satisfies Record<string, readonly AvoidId[]>;
export type ExclusionId = keyof typeof EXCLUSIONS;
export const EXCLUSION_IDS = Object.keys(EXCLUSIONS) as ExclusionId[];

/** Gluten is always out. */
const ALWAYS: readonly AvoidId[] = ['gluten', 'wheat'];

/** How "no oil" is read: extracted fats only, or whole-food fats (seed butter, nuts, butter) as well. */
export type OilReading = 'extracted' | 'all_fat';

/** Every avoidance that follows from the words, gluten always among them, in the order of the closed list. */
export function avoidsOf(exclude: readonly ExclusionId[], oil: OilReading = 'extracted'): AvoidId[] {
  const set = new Set<AvoidId>(ALWAYS);
  for (const word of exclude) for (const a of EXCLUSIONS[word]) set.add(a);
  if (oil === 'all_fat' && set.has('oil')) set.add('whole_food_fat');
  return AVOID_IDS.filter((a) => set.has(a));
}

/**
 * What can be said of one ingredient against a set of avoidances. It fails closed: an ingredient that is not
 * known is `not_known` for all of them, a packet not read is `not_known` for what its kind can hold.
 * `nothing_found` is the most that is ever said.
 */
export type Finding = 'contains' | 'not_known' | 'nothing_found';
export type Verdict = { finding: Finding; contains: AvoidId[]; unknown: AvoidId[] };

export function verdictFor(ingredient: Ingredient | null, avoids: readonly AvoidId[]): Verdict {
  const contains = ingredient ? avoids.filter((a) => ingredient.facts[a] === 'yes') : [];
  const unknown = ingredient ? avoids.filter((a) => ingredient.facts[a] === 'unknown') : [...avoids];
  const finding = contains.length > 0 ? 'contains' : unknown.length > 0 ? 'not_known' : 'nothing_found';
  return { finding, contains, unknown };
}
