import { AVOID_IDS, type AvoidId, type Ingredient } from '../ingredients';

/**
 * What a baker says has to go, in the baker's words, and the avoidances each word stands for.
 * Nuts take in peanut (its own group in EU 1169/2011 Annex II), but neither sesame nor coconut, and not pine nut
 * and chestnut, which are outside the Annex: `tree_nuts`, `peanut`, `pine_nuts` and `chestnut` narrow or widen it.
 */
export const EXCLUSIONS = {
  egg: ['egg'],
  dairy: ['milk'],
  nuts: ['tree_nut', 'peanut'],
  oil: ['oil'],
  tree_nuts: ['tree_nut'],
  peanut: ['peanut'],
  pine_nuts: ['pine_nut'],
  chestnut: ['chestnut'],
  soy: ['soy'],
  sesame: ['sesame'],
  coconut: ['coconut'],
  oats: ['oats'],
  corn: ['corn'],
  rice: ['rice'],
  grain: ['grain'],
  wheat: ['wheat', 'wheat_starch'],
  wheat_starch: ['wheat_starch'],
  legumes: ['legume'],
  lupin: ['lupin'],
  nightshade: ['nightshade'],
  gums: ['gum'],
  yeast: ['yeast'],
  honey: ['honey'],
  animal: ['animal'],
  refined_sugar: ['refined_sugar'],
  inulin: ['inulin'],
  mustard: ['mustard'],
  celery: ['celery'],
  fish: ['fish'],
  crustaceans: ['crustacean'],
  molluscs: ['mollusc'],
  sulphites: ['sulphite'],
} as const satisfies Record<string, readonly AvoidId[]>;
export type ExclusionId = keyof typeof EXCLUSIONS;
export const EXCLUSION_IDS = Object.keys(EXCLUSIONS) as ExclusionId[];
/** The four that are asked for first. */
export const USUAL_EXCLUSIONS: readonly ExclusionId[] = ['egg', 'dairy', 'nuts', 'oil'];

/** Several words at once, for the usual kinds of table. */
export const PRESETS = {
  vegan: ['animal'],
  eu14: [
    'egg',
    'dairy',
    'tree_nuts',
    'peanut',
    'soy',
    'sesame',
    'wheat',
    'lupin',
    'mustard',
    'celery',
    'fish',
    'crustaceans',
    'molluscs',
    'sulphites',
  ],
  us9: ['egg', 'dairy', 'tree_nuts', 'pine_nuts', 'peanut', 'soy', 'sesame', 'wheat', 'fish', 'crustaceans'],
  every_nut: ['nuts', 'pine_nuts', 'chestnut', 'coconut'],
  grain_free: ['grain'],
  low_fodmap: ['inulin', 'honey', 'legumes'],
} as const satisfies Record<string, readonly ExclusionId[]>;
export type PresetId = keyof typeof PRESETS;
export const PRESET_IDS = Object.keys(PRESETS) as PresetId[];

/** Gluten is always out. */
const ALWAYS: readonly AvoidId[] = ['gluten'];

/** How "no oil" is read: extracted fats only, or whole-food fats (seed butter, nuts, butter) as well. */
export type OilReading = 'extracted' | 'all_fat';

/** Every avoidance that follows from the words, gluten always among them, in the order of the closed list. */
export function avoidsOf(
  exclude: readonly ExclusionId[],
  oil: OilReading = 'extracted',
  ownWords: readonly string[] = [],
): AvoidId[] {
  const set = new Set<AvoidId>(ALWAYS);
  for (const word of exclude) for (const a of EXCLUSIONS[word]) set.add(a);
  if (oil === 'all_fat' && set.has('oil')) set.add('whole_food_fat');
  if (ownWords.length > 0) set.add('own_word');
  return AVOID_IDS.filter((a) => set.has(a));
}

/**
 * What can be said of one ingredient against a set of avoidances. It fails closed: an ingredient that is not
 * known is `check_packets` for all of them, a packet not read is `check_packets` for what its kind can hold.
 * `no_conflict_found` is the most that is ever said.
 */
export const FINDINGS = ['contains', 'may_contain', 'check_packets', 'no_conflict_found'] as const;
export type Finding = (typeof FINDINGS)[number];
export type Verdict = { finding: Finding; contains: AvoidId[]; may: AvoidId[]; unknown: AvoidId[] };

export function verdictFor(ingredient: Ingredient | null, avoids: readonly AvoidId[]): Verdict {
  const where = (fact: 'yes' | 'may' | 'unknown'): AvoidId[] =>
    ingredient ? avoids.filter((a) => ingredient.facts[a] === fact) : [];
  const contains = where('yes');
  const may = where('may');
  const unknown = ingredient ? where('unknown') : [...avoids];
  const finding =
    contains.length > 0
      ? 'contains'
      : may.length > 0
        ? 'may_contain'
        : unknown.length > 0
          ? 'check_packets'
          : 'no_conflict_found';
  return { finding, contains, may, unknown };
}

/** True where a verdict rules the thing out: it contains what must go, or warns of traces that matter to somebody. */
export const isRefused = (verdict: Verdict, strict: readonly AvoidId[]): boolean =>
  verdict.contains.length > 0 || verdict.may.some((a) => strict.includes(a));
