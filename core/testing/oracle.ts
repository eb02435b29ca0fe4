import type { AvoidId } from '../ingredients';

/**
 * What each ingredient contains, written by hand from what the thing is, apart from the tags the solver reads.
 * The oracle for "contains nothing excluded": whatever is not listed under an avoidance does not contain it.
 */
const GLUTEN_GRAINS = [
  'wheat_flour', 'spelt_flour', 'semolina', 'vital_gluten', 'breadcrumbs', 'soy_sauce', 'wheat_starter', 'rolled_oats', 'plain_oat_flour',
  'oat_bran', 'rye_flour', 'barley_flour', 'malt_vinegar', 'malt_syrup', 'beer', 'porridge', 'malt_powder'];
const RICE = [
  'white_rice_flour', 'brown_rice_flour', 'sweet_rice_flour', 'rice_starch', 'rice_bran', 'white_rice', 'brown_rice',
  'cooked_rice', 'puffed_rice', 'soaked_rice', 'rice_drink', 'rice_syrup', 'rice_vinegar', 'rice_protein', 'crisped_rice', 'rice_bran_oil'];
const CORN = ['corn_starch', 'maize_flour', 'maize_meal', 'masa_harina', 'corn_oil', 'custard_powder', 'sweetcorn', 'gf_cornflakes'];
const OATS = ['oat_flour', 'rolled_oats', 'plain_oat_flour', 'certified_oats', 'oat_bran', 'oat_drink', 'oat_yogurt', 'oat_cream', 'porridge'];
const EGGS = ['egg', 'egg_white', 'egg_yolk', 'egg_powder', 'egg_white_powder', 'duck_egg', 'mayonnaise', 'lemon_curd'];
const MILKS = [
  'milk', 'milk_powder', 'buttermilk', 'yogurt', 'cream', 'butter', 'ghee', 'skimmed_milk', 'lactose_free_milk',
  'goat_milk', 'evaporated_milk', 'condensed_milk', 'whole_milk_powder', 'buttermilk_powder', 'whey_powder', 'sour_cream',
  'creme_fraiche', 'kefir', 'greek_yogurt', 'single_cream', 'cream_cheese', 'mascarpone', 'ricotta', 'cottage_cheese',
  'quark', 'cheddar', 'parmesan', 'mozzarella', 'feta', 'salted_butter', 'milk_chocolate', 'white_chocolate', 'custard', 'clotted_cream', 'caramel_sauce', 'lemon_curd', 'blue_cheese', 'halloumi'];
const TREE_NUTS = [
  'almond_flour', 'hazelnut_ground', 'walnuts', 'hazelnuts', 'almonds', 'pecans', 'almond_butter', 'almond_drink',
  'hazelnut_drink', 'cashew_drink', 'almond_yogurt', 'walnut_oil', 'hazelnut_oil', 'walnut_meal', 'pistachio_meal',
  'cashew_meal', 'pecan_meal', 'almond_flour_defatted', 'cashews', 'pistachios', 'macadamias', 'brazil_nuts',
  'mixed_nuts', 'hazelnut_butter', 'cashew_butter', 'pistachio_paste', 'marzipan', 'praline_paste', 'almond_cream'];
const PEANUT = ['peanut_butter', 'peanut_flour', 'peanut_oil', 'peanuts'];
const SOY = [
  'soy_drink', 'soy_yogurt', 'soy_milk_powder', 'silken_tofu', 'soy_flour', 'firm_tofu', 'soy_cream', 'soybean_oil',
  'soy_sauce', 'tamari', 'soy_protein', 'tempeh', 'miso', 'soy_lecithin'];
const HONEY = ['honey'];
const COCONUT = [
  'coconut_flour', 'coconut_milk', 'coconut_oil', 'coconut_drink', 'coconut_yogurt', 'coconut_cream', 'creamed_coconut',
  'coconut_milk_powder', 'desiccated_coconut', 'coconut_water', 'coconut_condensed'];

export const CONTAINS: Record<AvoidId, readonly string[]> = {
  gluten: GLUTEN_GRAINS,
  wheat: [
    'wheat_flour', 'spelt_flour', 'semolina', 'vital_gluten', 'breadcrumbs', 'soy_sauce', 'wheat_starter',
    'wheat_starch_gf',
  ],
  egg: EGGS,
  milk: MILKS,
  tree_nut: TREE_NUTS,
  peanut: PEANUT,
  soy: SOY,
  sesame: ['sesame_seeds', 'tahini', 'sesame_flour', 'sesame_oil', 'everything_seasoning'],
  lupin: ['lupin_flour'],
  mustard: ['mustard'],
  celery: ['celery_stalk'],
  fish: ['smoked_fish'],
  crustacean: [],
  mollusc: [],
  sulphite: ['balsamic_vinegar', 'white_wine', 'dry_cider'],
  coconut: COCONUT,
  oats: OATS,
  corn: CORN,
  legume: [
    ...SOY, ...PEANUT, 'chickpea_flour', 'aquafaba', 'guar_gum', 'lentil_flour', 'pea_flour', 'fava_flour',
    'lupin_flour', 'cooked_chickpeas', 'cooked_lentils', 'red_lentils', 'white_beans', 'black_beans', 'pea_protein',
    'pea_drink', 'carob', 'locust_bean_gum', 'urad_flour', 'mung_flour', 'split_peas', 'mung_beans', 'kidney_beans', 'green_peas'],
  nightshade: [
    'potato_starch', 'potato_flour', 'mashed_potato', 'tomato', 'sun_dried_tomatoes', 'peppers', 'potato_flakes', 'potato_fibre', 'potato_protein', 'tomato_paste', 'passata', 'aubergine', 'paprika', 'cayenne', 'chilli'],
  oil: [
    'sunflower_oil', 'olive_oil', 'coconut_oil', 'shortening', 'plant_block', 'plant_spread', 'ghee', 'oat_cream',
    'soy_cream', 'vegan_cheese', 'vegan_cream_cheese', 'walnut_oil', 'hazelnut_oil', 'peanut_oil', 'sesame_oil',
    'avocado_oil', 'soybean_oil', 'corn_oil', 'lard', 'suet', 'vegetable_suet', 'cocoa_butter', 'palm_fat', 'baking_spray', 'mayonnaise', 'flax_oil', 'hemp_oil', 'grapeseed_oil', 'rice_bran_oil', 'pumpkin_seed_oil', 'vegan_mayonnaise', 'liquid_vegan_egg', 'pesto', 'chocolate_spread'],
  whole_food_fat: [
    'butter', 'cream', 'coconut_milk', 'almond_flour', 'hazelnut_ground', 'walnuts', 'hazelnuts', 'almonds', 'pecans',
    'almond_butter', 'peanut_butter', 'pumpkin_seeds', 'sunflower_seeds', 'sesame_seeds', 'pumpkin_seed_meal',
    'sunflower_seed_meal', 'sunflower_seed_butter', 'pumpkin_seed_butter', 'tahini', 'dark_chocolate', 'unsweetened_chocolate', 'sour_cream',
    'creme_fraiche', 'single_cream', 'cream_cheese', 'mascarpone', 'ricotta', 'cheddar', 'parmesan', 'mozzarella', 'feta',
    'salted_butter', 'coconut_yogurt', 'almond_yogurt', 'coconut_cream', 'creamed_coconut', 'coconut_milk_powder',
    'walnut_meal', 'pistachio_meal', 'cashew_meal', 'pecan_meal', 'cashews', 'pistachios', 'macadamias', 'brazil_nuts',
    'pine_nuts', 'peanuts', 'mixed_nuts', 'hazelnut_butter', 'cashew_butter', 'pistachio_paste', 'marzipan',
    'praline_paste', 'poppy_seeds', 'hemp_seeds', 'seed_mix', 'milk_chocolate', 'white_chocolate', 'vegan_chocolate',
    'cocoa_nibs', 'avocado', 'desiccated_coconut', 'olives', 'basil_seeds', 'almond_cream', 'clotted_cream', 'blue_cheese', 'halloumi', 'bacon', 'meat'],
  honey: HONEY,
  animal: [...new Set([...EGGS, ...MILKS]), ...HONEY, 'gelatine', 'lard', 'suet', 'bacon', 'smoked_fish', 'meat'],
  gum: ['gf_blend_gum', 'xanthan_gum', 'guar_gum', 'locust_bean_gum', 'methylcellulose', 'glucomannan', 'acacia_gum', 'gellan_gum'],
  yeast: [
    'instant_yeast', 'active_dry_yeast', 'fresh_yeast', 'rice_starter', 'buckwheat_starter', 'wheat_starter',
    'nutritional_yeast',
  ],
  rice: RICE,
  grain: [
    ...new Set([
      ...GLUTEN_GRAINS, ...RICE, ...CORN, ...OATS, 'wheat_starch_gf', 'sorghum_flour', 'millet_flour', 'teff_flour',
      'teff_ivory', 'millet', 'cooked_millet', 'fonio_flour', 'teff_grain', 'sorghum_grain']),
  ],
  refined_sugar: [
    'sugar', 'brown_sugar', 'icing_sugar', 'dark_chocolate', 'mincemeat', 'malt_syrup', 'condensed_milk', 'marzipan', 'praline_paste',
    'demerara_sugar', 'vanilla_sugar', 'dextrose', 'fructose', 'golden_syrup', 'glucose_syrup', 'invert_syrup', 'jam',
    'milk_chocolate', 'white_chocolate', 'vegan_chocolate', 'sprinkles', 'dried_cranberries', 'crisped_rice', 'gf_cornflakes', 'gf_biscuits', 'glace_cherries', 'candied_ginger', 'pearl_sugar', 'marshmallows', 'caramel_sauce', 'coconut_condensed', 'lemon_curd', 'custard', 'chocolate_spread', 'lemonade'],
  wheat_starch: ['wheat_starch_gf'],
  inulin: ['chicory_syrup', 'inulin', 'garlic', 'onion', 'leek', 'jerusalem_artichoke'],
  pine_nut: ['pine_nuts'],
  chestnut: ['chestnut_flour', 'chestnuts'],
  own_word: [],
};

/** Made by somebody from several things: no word about their allergens is worth anything until a packet is read. */
export const PROCESSED: readonly string[] = ['suet', 'vegetable_suet', 
  'gf_blend', 'gf_blend_gum', 'soy_drink', 'oat_drink', 'rice_drink', 'almond_drink', 'coconut_milk', 'soy_yogurt',
  'soy_milk_powder', 'silken_tofu', 'plant_block', 'plant_spread', 'shortening', 'icing_sugar', 'almond_butter',
  'peanut_butter', 'sunflower_seed_butter', 'pumpkin_seed_butter', 'tahini', 'baking_powder', 'dark_chocolate', 'unsweetened_chocolate', 'food_colour',
  'wheat_starch_gf', 'certified_oats', 'firm_tofu', 'pea_protein', 'gf_self_raising', 'gf_bread_blend', 'gf_breadcrumbs',
  'breadcrumbs', 'coconut_drink', 'pea_drink', 'hemp_drink', 'hazelnut_drink', 'cashew_drink', 'tiger_nut_drink',
  'coconut_yogurt', 'oat_yogurt', 'almond_yogurt', 'coconut_cream', 'oat_cream', 'soy_cream', 'vegan_cheese',
  'vegan_cream_cheese', 'coconut_milk_powder', 'egg_replacer', 'baking_spray', 'mayonnaise', 'mixed_nuts',
  'hazelnut_butter', 'cashew_butter', 'pistachio_paste', 'marzipan', 'praline_paste', 'seed_mix', 'vanilla_sugar',
  'stevia_blend', 'jam', 'milk_chocolate', 'white_chocolate', 'vegan_chocolate', 'sprinkles', 'powder_phosphate_free',
  'rice_starter', 'soy_sauce', 'tamari', 'mustard', 'mixed_spice', 'almond_extract', 'lemon_extract', 'flower_water',
  'vanilla_paste', 'gf_beer', 'custard_powder', 'vegetable_stock', 'dried_cranberries', 'dried_fruit',
  'sun_dried_tomatoes', 'olives', 'potato_flakes', 'oat_fibre', 'rice_protein', 'soy_protein', 'potato_protein', 'crisped_rice', 'gf_cornflakes', 'gf_biscuits', 'tempeh', 'miso', 'glace_cherries', 'candied_ginger', 'sauerkraut', 'capers', 'spice_blend', 'everything_seasoning', 'sunflower_lecithin', 'malt_powder', 'marshmallows', 'caramel_sauce', 'coconut_condensed', 'lemon_curd', 'chocolate_spread', 'vegan_mayonnaise', 'plant_milk', 'plant_yogurt', 'custard', 'liquid_vegan_egg', 'almond_cream', 'vegan_whipping_cream', 'vegan_sour_cream', 'oat_powder_drink', 'bacon', 'worcestershire', 'pesto', 'liqueur', 'lemonade', 'mincemeat'];

/** True when the oracle knows the ingredient to contain the thing. */
export const holds = (ingredientId: string, avoid: AvoidId): boolean => CONTAINS[avoid].includes(ingredientId);
