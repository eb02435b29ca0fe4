import type { AvoidId } from '../ingredients';

/**
 * What each ingredient contains, written by hand from what the thing is, apart from the tags the solver reads.
 * The oracle for "contains nothing excluded": whatever is not listed under an avoidance does not contain it.
 */
export const CONTAINS: Record<AvoidId, readonly string[]> = {
  gluten: ['wheat_flour', 'rolled_oats', 'malt_vinegar', 'malt_syrup'],
  wheat: ['wheat_flour'],
  egg: ['egg', 'egg_white', 'egg_yolk'],
  milk: ['milk', 'milk_powder', 'buttermilk', 'yogurt', 'cream', 'butter', 'ghee'],
  tree_nut: ['almond_flour', 'hazelnut_ground', 'walnuts', 'hazelnuts', 'almonds', 'pecans', 'almond_butter', 'almond_drink'],
  peanut: ['peanut_butter'],
  soy: ['soy_drink', 'soy_yogurt', 'soy_milk_powder', 'silken_tofu'],
  sesame: ['sesame_seeds', 'tahini'],
  lupin: [],
  mustard: [],
  celery: [],
  fish: [],
  crustacean: [],
  mollusc: [],
  sulphite: [],
  coconut: ['coconut_flour', 'coconut_milk', 'coconut_oil'],
  oats: ['oat_flour', 'rolled_oats', 'oat_drink'],
  corn: ['corn_starch'],
  legume: ['chickpea_flour', 'soy_drink', 'soy_yogurt', 'soy_milk_powder', 'silken_tofu', 'aquafaba', 'peanut_butter', 'guar_gum'],
  nightshade: ['potato_starch'],
  oil: ['sunflower_oil', 'olive_oil', 'coconut_oil', 'shortening', 'plant_block', 'plant_spread', 'ghee'],
  whole_food_fat: [
    'butter', 'cream', 'coconut_milk', 'almond_flour', 'hazelnut_ground', 'walnuts', 'hazelnuts', 'almonds', 'pecans',
    'almond_butter', 'peanut_butter', 'pumpkin_seeds', 'sunflower_seeds', 'sesame_seeds', 'pumpkin_seed_meal',
    'sunflower_seed_meal', 'sunflower_seed_butter', 'pumpkin_seed_butter', 'tahini', 'dark_chocolate',
  ],
  honey: ['honey'],
  animal: [
    'egg', 'egg_white', 'egg_yolk', 'milk', 'milk_powder', 'buttermilk', 'yogurt', 'cream', 'butter', 'ghee', 'honey',
  ],
  gum: ['gf_blend_gum', 'xanthan_gum', 'guar_gum'],
  yeast: ['instant_yeast', 'active_dry_yeast'],
};

/** Made by somebody from several things: no word about their allergens is worth anything until a packet is read. */
export const PROCESSED: readonly string[] = [
  'gf_blend', 'gf_blend_gum', 'soy_drink', 'oat_drink', 'rice_drink', 'almond_drink', 'coconut_milk', 'soy_yogurt',
  'soy_milk_powder', 'silken_tofu', 'plant_block', 'plant_spread', 'shortening', 'icing_sugar', 'almond_butter',
  'peanut_butter', 'sunflower_seed_butter', 'pumpkin_seed_butter', 'tahini', 'baking_powder', 'dark_chocolate',
];

/** True when the oracle knows the ingredient to contain the thing. */
export const holds = (ingredientId: string, avoid: AvoidId): boolean => CONTAINS[avoid].includes(ingredientId);
