import type { ExclusionId } from '../../exclusions';

/**
 * What a good baker would do with formulas that nobody tuned the engine on: by group of what leaves ("egg", "egg@wash"), the
 * ways that are right and the ways that would embarrass; grams of what decides, and the water in all that is wet of the main part. Written
 * before the engine was changed; every second one is set aside and only counted. Common practice, no source.
 */
export type Expert = {
  title: string;
  text: string;
  method: string;
  exclude: ExclusionId[];
  want: Record<string, { right: string[]; never?: string[] }>;
  /** Grams in the whole answer, by ingredient; 0 to 0 where there must be none. */
  grams?: Record<string, [number, number]>;
  /** Water in what is wet of the main part, g. */
  waterG?: [number, number];
};

const GELS = ['flax_gel', 'chia_gel', 'psyllium_gel', 'psyllium_husk_gel', 'chia_whole_gel'];
/** Egg in a cake or muffin of two or three. */
const CAKE_EGG = [...GELS.slice(0, 2), 'soy_yogurt_egg', 'aquafaba', 'chickpea_slurry', 'egg_replacer', 'psyllium_gel', 'silken_tofu_egg', 'starch_slurry', 'fizz_egg'];
const COOKIE_EGG = ['flax_gel', 'chia_gel', 'starch_slurry', 'egg_left_out', 'aquafaba', 'egg_replacer'];
const CRUST_EGG = ['egg_left_out', 'flax_gel', 'chia_gel', 'psyllium_gel', 'starch_slurry'];
const BREAD_EGG = ['psyllium_gel', 'psyllium_husk_gel', 'egg_left_out', 'flax_gel', 'chia_gel', 'chickpea_slurry'];
const DRINKS = ['soy_drink', 'oat_drink', 'pea_drink', 'rice_drink'];
const BLOCKS = ['plant_block', 'shortening_water'];
const SEED_MEALS = ['sunflower_meal', 'pumpkin_meal', 'tiger_nut'];
const SEEDS = ['pumpkin_pieces', 'sunflower_pieces', 'sesame_pieces'];
const CULTURED = ['soy_lemon', 'soy_vinegar', 'soy_yogurt', 'oat_lemon'];
const NOT_CAKE = ['apple_egg'];
const NOT_CRUST = ['aquafaba', 'apple_egg', 'silken_tofu_egg', 'soy_yogurt_egg', 'fizz_egg'];
const NOT_BREAD = ['apple_egg', 'silken_tofu_egg', 'fizz_egg'];
const NOT_FLAKE = ['oil_for_butter', 'apple_for_butter', 'seed_butter_apple', 'spread_for_butter', 'avocado_for_butter'];

export const EXPERTS: readonly Expert[] = [
  {
    title: 'Blackberry muffins',
    text: '180 g rice flour\n60 g tapioca starch\n1/2 tsp xanthan gum\n120 g caster sugar\n10 g baking powder\n2 large eggs\n180 g milk\n80 g sunflower oil\n150 g blackberries\n1/4 tsp salt',
    method: 'Heat the oven to 190 °C.\nMix the dry things.\nWhisk eggs, milk and oil and stir in.\nFold in the blackberries.\nFill 10 cases and bake 24 minutes.',
    exclude: ['egg'],
    want: { egg: { right: CAKE_EGG, never: NOT_CAKE } },
    grams: { baking_powder: [9, 16] },
    waterG: [325, 405],
  },
  {
    title: 'Blackberry muffins, egg and dairy',
    text: '180 g rice flour\n60 g tapioca starch\n1/2 tsp xanthan gum\n120 g caster sugar\n10 g baking powder\n2 large eggs\n180 g milk\n80 g sunflower oil\n150 g blackberries\n1/4 tsp salt',
    method: 'Heat the oven to 190 °C.\nMix the dry things.\nWhisk eggs, milk and oil and stir in.\nFold in the blackberries.\nFill 10 cases and bake 24 minutes.',
    exclude: ['egg', 'dairy', 'oil'],
    want: { egg: { right: CAKE_EGG, never: NOT_CAKE }, milk: { right: DRINKS }, oil: { right: ['apple_seed_butter', 'soy_yogurt_for_oil', 'seed_butter_for_oil', 'tahini_for_oil', 'apple_for_oil', 'squash_for_oil'] } },
    grams: { baking_powder: [9, 16] },
    waterG: [320, 420],
  },
  {
    title: 'Rubbed shortcrust with a yolk',
    text: '200 g gluten-free flour blend with xanthan\n100 g cold butter\n1 egg yolk\n30 g cold water\n2 g salt',
    method: 'Rub the butter into the flour and salt.\nStir in the yolk and the water and bring together.\nChill 30 minutes, roll out and line a 23 cm tart tin.\nBake blind at 190 °C for 18 minutes.',
    exclude: ['egg'],
    want: { egg_yolk: { right: [...CRUST_EGG, 'seed_butter_yolk'], never: NOT_CRUST } },
    grams: { baking_powder: [0, 0], aquafaba: [0, 0] },
    waterG: [35, 55],
  },
  {
    title: 'Shortcrust, butter and egg',
    text: '250 g gluten-free flour blend with xanthan\n125 g cold butter\n1 egg\n20 g water\n25 g icing sugar\n2 g salt',
    method: 'Rub the cold butter into flour, sugar and salt to crumbs.\nAdd the egg and water, press together.\nChill, roll, line two 18 cm tins and bake blind 20 minutes at 180 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: CRUST_EGG, never: NOT_CRUST }, butter: { right: BLOCKS, never: NOT_FLAKE } },
    grams: { baking_powder: [0, 0] },
    waterG: [40, 75],
  },
  {
    title: 'Big white tin loaf',
    text: '350 g white rice flour\n150 g tapioca starch\n12 g psyllium husk powder\n8 g instant yeast\n10 g salt\n20 g sugar\n2 eggs\n30 g sunflower oil\n420 g water',
    method: 'Whisk the psyllium into the water and let it gel 5 minutes.\nBeat in eggs and oil, then the dry things.\nScrape into a 900 g loaf tin and prove 50 minutes.\nBake 55 minutes at 210 °C.',
    exclude: ['egg'],
    want: { egg: { right: BREAD_EGG, never: NOT_BREAD } },
    grams: { baking_powder: [0, 0], psyllium_powder: [12, 26] },
    waterG: [440, 560],
  },
  {
    title: 'Soft sandwich loaf with milk',
    text: '300 g white rice flour\n100 g potato starch\n50 g tapioca starch\n9 g xanthan gum\n7 g instant yeast\n8 g salt\n15 g sugar\n1 egg\n40 g butter, melted\n400 g milk',
    method: 'Warm the milk, stir in the melted butter and the egg.\nBeat into the dry things for 3 minutes.\nScrape into a 1.2 L tin, prove 40 minutes and bake 50 minutes at 200 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: BREAD_EGG, never: NOT_BREAD }, milk: { right: DRINKS }, butter: { right: ['plant_block', 'oil_for_butter', 'spread_for_butter', 'coconut_fat'], never: ['apple_for_butter', 'avocado_for_butter'] } },
    grams: { baking_powder: [0, 0] },
    waterG: [370, 460],
  },
  {
    title: 'Chewy ginger cookies',
    text: '220 g gluten-free flour blend with xanthan\n120 g soft butter\n150 g brown sugar\n60 g molasses\n1 egg\n5 g bicarbonate of soda\n6 g ground ginger\n2 g salt',
    method: 'Cream the butter and sugar.\nBeat in the egg and molasses.\nStir in the dry things, chill an hour.\nRoll into 20 balls and bake 11 minutes at 180 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: COOKIE_EGG, never: ['silken_tofu_egg', 'apple_egg', 'soy_yogurt_egg'] }, butter: { right: ['plant_block', 'shortening_water', 'coconut_fat'], never: ['apple_for_butter', 'avocado_for_butter'] } },
    waterG: [35, 75],
  },
  {
    title: 'Almond shortbread',
    text: '160 g white rice flour\n60 g corn starch\n80 g ground almonds\n150 g soft butter\n80 g caster sugar\n2 g salt',
    method: 'Cream butter and sugar until pale.\nWork in the rest, press into a 20 cm square tin and prick.\nBake 35 minutes at 160 °C and cut while warm.',
    exclude: ['dairy', 'nuts'],
    want: { butter: { right: BLOCKS.concat('coconut_fat', 'creamed_coconut'), never: ['apple_for_butter'] }, nut_flour: { right: SEED_MEALS, never: ['coconut_for_nut_flour'] } },
    waterG: [0, 45],
  },
  {
    title: 'Three-egg sponge',
    text: '4 eggs\n120 g caster sugar\n80 g white rice flour\n40 g corn starch',
    method: 'Whisk eggs and sugar to a thick ribbon, 8 minutes.\nFold in flour and starch.\nPour into two lined 18 cm tins and bake 18 minutes at 180 °C.',
    exclude: ['egg'],
    want: { egg: { right: ['aquafaba'], never: ['flax_gel', 'chia_gel', 'apple_egg', 'psyllium_gel', 'soy_yogurt_egg'] } },
  },
  {
    title: 'Small meringues',
    text: '100 g egg whites\n200 g caster sugar\n3 g white wine vinegar\n5 g corn starch',
    method: 'Whisk the whites to stiff peaks, adding the sugar by the spoon.\nFold in vinegar and starch.\nPipe 20 on paper and dry 80 minutes at 110 °C.',
    exclude: ['egg'],
    want: { egg_white: { right: ['aquafaba', 'aquafaba_white'], never: [...GELS, 'soy_yogurt_egg', 'starch_slurry', 'egg_replacer', 'chickpea_slurry'] } },
    grams: { baking_powder: [0, 0], aquafaba: [80, 160] },
  },
  {
    title: 'Lemon tart filling in a crust',
    text: 'Crust\n180 g gluten-free flour blend with xanthan\n90 g cold butter\n30 g water\nFilling\n3 eggs\n150 g caster sugar\n200 g double cream\n100 g lemon juice',
    method: 'Rub butter into the flour, bind with the water, roll out and line a 23 cm tin.\nBake blind 20 minutes at 190 °C.\nWhisk the filling, pour in and bake 25 minutes at 150 °C until it trembles.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: ['cornflour_custard', 'tofu_custard', 'cornflour_cream'], never: ['flax_gel', 'chia_gel', 'aquafaba', 'left_off'] }, butter: { right: BLOCKS, never: NOT_FLAKE }, cream: { right: ['soy_cream', 'oat_cream', 'coconut_cream', 'coconut_milk', 'tofu_cream', 'soy_drink_oil'] } },
    grams: { baking_powder: [0, 0] },
  },
  {
    title: 'Leek and cheese quiche filling',
    text: 'Filling\n4 eggs\n250 g single cream\n120 g cheddar\n300 g leeks\n2 g salt',
    method: 'Soften the leeks.\nWhisk eggs and cream, stir in leeks and cheese.\nPour into a baked crust and bake 35 minutes at 170 °C until just set.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: ['tofu_custard', 'chickpea_custard', 'cornflour_custard'], never: ['flax_gel', 'chia_gel', 'apple_egg', 'aquafaba'] }, cream: { right: ['soy_cream', 'oat_cream', 'tofu_cream', 'coconut_cream', 'soy_drink_oil'], never: ['apple_vinegar_cultured'] }, cheese: { right: ['vegan_cheese', 'tofu_for_cheese', 'bean_cheese', 'yeast_for_cheese'] } },
  },
  {
    title: 'Fudge brownies',
    text: '200 g dark chocolate\n150 g butter\n250 g caster sugar\n3 eggs\n80 g white rice flour\n30 g cocoa powder\n80 g walnuts\n2 g salt',
    method: 'Melt chocolate and butter.\nWhisk in the sugar, then the eggs.\nFold in flour, cocoa, salt and walnuts.\nBake in a 20 cm square tin 28 minutes at 175 °C.',
    exclude: ['egg', 'dairy', 'nuts'],
    want: { egg: { right: [...CAKE_EGG, 'egg_left_out'], never: ['apple_egg'] }, butter: { right: ['plant_block', 'coconut_fat', 'oil_for_butter', 'shortening_water', 'seed_butter_apple'], never: ['apple_for_butter'] }, nut_pieces: { right: [...SEEDS, 'nib_pieces', 'raisins_for_nuts'] }, chocolate: { right: ['vegan_chocolate'] } },
  },
  {
    title: 'Buttermilk pancakes',
    text: '150 g buckwheat flour\n50 g corn starch\n6 g baking powder\n2 g bicarbonate of soda\n2 eggs\n300 g buttermilk\n30 g butter, melted\n15 g sugar\n2 g salt',
    method: 'Mix the dry things.\nWhisk eggs, buttermilk and melted butter and stir in.\nCook ladlefuls on a hot griddle 2 minutes a side.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: [...CAKE_EGG, 'egg_left_out'], never: NOT_CAKE }, cultured: { right: CULTURED }, butter: { right: ['oil_for_butter', 'plant_block', 'coconut_fat', 'spread_for_butter'], never: ['seed_butter_apple', 'apple_for_butter'] } },
    waterG: [290, 400],
  },
  {
    title: 'Rough puff',
    text: '250 g gluten-free flour blend with xanthan\n200 g cold butter\n120 g ice water\n4 g salt',
    method: 'Cut the cold butter into cubes and toss with flour and salt.\nBring together with the ice water, keeping the lumps.\nRoll out, fold in three, turn and repeat four times, chilling between.\nBake at 210 °C for 25 minutes.',
    exclude: ['dairy'],
    want: { butter: { right: BLOCKS, never: [...NOT_FLAKE, 'coconut_fat', 'creamed_coconut', 'seed_butter_pastry', 'tahini_pastry'] } },
    waterG: [110, 160],
  },
  {
    title: 'Cheese scones',
    text: '250 g gluten-free self-raising flour\n60 g cold butter\n100 g cheddar, grated\n1 egg\n140 g milk\n3 g salt\n1 egg, beaten, to brush',
    method: 'Rub the butter into the flour.\nStir in the cheese.\nBeat egg and milk and mix to a soft dough.\nPat out, cut 8, brush with the beaten egg and bake 14 minutes at 220 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: [...CAKE_EGG, 'egg_left_out'], never: ['apple_egg'] }, butter: { right: BLOCKS.concat('coconut_fat'), never: ['apple_for_butter'] }, milk: { right: DRINKS }, cheese: { right: ['vegan_cheese', 'yeast_for_cheese'] }, 'egg@wash': { right: ['drink_wash', 'water_wash', 'starch_gloss'] } },
    waterG: [130, 230],
  },
  {
    title: 'Enriched buns with egg wash',
    text: 'Dough\n280 g white rice flour\n120 g tapioca starch\n14 g psyllium husk powder\n7 g instant yeast\n50 g sugar\n6 g salt\n1 egg\n60 g soft butter\n330 g milk\nWash\n1 egg yolk\n10 g milk',
    method: 'Whisk the psyllium into the warm milk and rest 10 minutes.\nKnead in everything else.\nDivide into 8, prove 60 minutes.\nBrush with the yolk and milk and bake 22 minutes at 190 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: BREAD_EGG, never: NOT_BREAD }, butter: { right: ['plant_block', 'oil_for_butter', 'spread_for_butter', 'coconut_fat'], never: ['apple_for_butter'] }, milk: { right: DRINKS }, 'egg_yolk@wash': { right: ['drink_wash', 'starch_gloss', 'water_wash'] }, 'milk@wash': { right: ['drink_wash', 'starch_gloss', 'water_wash'] } },
    grams: { baking_powder: [0, 0], psyllium_powder: [14, 26] },
    waterG: [310, 400],
  },
  {
    title: 'Pound cake',
    text: '200 g soft butter\n200 g caster sugar\n4 eggs\n150 g white rice flour\n50 g corn starch\n1 g xanthan gum\n6 g baking powder\n50 g milk',
    method: 'Cream butter and sugar until pale and fluffy.\nBeat in the eggs one at a time.\nFold in the dry things and the milk.\nBake in a 900 g loaf tin 60 minutes at 165 °C.',
    exclude: ['egg'],
    want: { egg: { right: CAKE_EGG, never: ['apple_egg'] } },
    grams: { baking_powder: [6, 12.5] },
    waterG: [150, 260],
  },
  {
    title: 'Parsnip cake with walnuts',
    text: '150 g sorghum flour\n80 g potato starch\n8 g baking powder\n3 g bicarbonate of soda\n3 eggs\n150 g brown sugar\n130 g sunflower oil\n100 g yogurt\n200 g parsnip, grated\n80 g walnuts, chopped',
    method: 'Whisk eggs, sugar and oil.\nStir in yogurt and parsnip, then the dry things and walnuts.\nBake in a 23 cm round tin 45 minutes at 175 °C.',
    exclude: ['egg', 'dairy', 'nuts'],
    want: { egg: { right: CAKE_EGG, never: NOT_CAKE }, cultured: { right: [...CULTURED, 'coconut_yogurt', 'oat_yogurt'] }, nut_pieces: { right: [...SEEDS, 'raisins_for_nuts'] } },
    grams: { baking_powder: [7, 13] },
  },
  {
    title: 'Banana bread',
    text: '200 g brown rice flour\n50 g tapioca starch\n9 g baking powder\n3 ripe bananas\n2 eggs\n100 g brown sugar\n80 g butter, melted\n60 g milk',
    method: 'Mash the bananas, whisk in eggs, sugar, melted butter and milk.\nStir in the dry things.\nBake in a 900 g loaf tin 55 minutes at 170 °C.',
    exclude: ['egg', 'dairy', 'oil'],
    want: { egg: { right: CAKE_EGG, never: [] }, milk: { right: DRINKS }, butter: { right: ['seed_butter_apple', 'tahini_apple', 'apple_for_butter', 'avocado_for_butter', 'creamed_coconut'] } },
  },
  {
    title: 'Pressed oat base',
    text: '180 g gluten-free oat flour\n40 g sugar\n80 g butter, melted\n1 egg white\n2 g salt',
    method: 'Mix it all and press into a 23 cm tin.\nBake 14 minutes at 180 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg_white: { right: CRUST_EGG, never: ['aquafaba', 'aquafaba_white', 'soy_yogurt_egg'] }, butter: { right: ['plant_block', 'coconut_fat', 'shortening_water'], never: ['apple_for_butter'] } },
    grams: { baking_powder: [0, 0], aquafaba: [0, 0] },
  },
  {
    title: 'Crackers with an egg white',
    text: '150 g buckwheat flour\n50 g sunflower seeds\n30 g olive oil\n1 egg white\n60 g water\n4 g salt',
    method: 'Mix to a dough, roll thin between papers and cut.\nBake 20 minutes at 180 °C until dry.',
    exclude: ['egg'],
    want: { egg_white: { right: ['egg_left_out', 'flax_gel', 'chia_gel', 'psyllium_gel', 'psyllium_husk_gel', 'starch_slurry'], never: ['aquafaba', 'aquafaba_white', 'soy_yogurt_egg'] } },
    grams: { baking_powder: [0, 0] },
    waterG: [70, 115],
  },
  {
    title: 'Frangipane',
    text: '100 g soft butter\n100 g caster sugar\n2 eggs\n100 g ground almonds\n20 g white rice flour\n1 tsp almond extract',
    method: 'Cream butter and sugar, beat in the eggs, fold in almonds and flour.\nSpread in a baked crust and bake 30 minutes at 170 °C.',
    exclude: ['egg', 'dairy', 'nuts'],
    want: { egg: { right: [...CAKE_EGG, 'cornflour_custard'], never: ['apple_egg'] }, butter: { right: ['plant_block', 'coconut_fat', 'shortening_water'], never: ['apple_for_butter'] }, nut_flour: { right: SEED_MEALS } },
  },
  {
    title: 'Cream puffs',
    text: '120 g water\n60 g butter\n70 g white rice flour\n20 g tapioca starch\n2 g salt\n3 eggs',
    method: 'Boil water and butter, tip in the flours and cook to a ball on the heat.\nCool, beat in the eggs one by one.\nPipe 18 mounds and bake 28 minutes at 200 °C.',
    exclude: ['dairy'],
    want: { butter: { right: [...BLOCKS, 'oil_for_butter', 'coconut_fat'], never: ['apple_for_butter', 'seed_butter_apple'] } },
    waterG: [200, 300],
  },
  {
    title: 'Pizza base with egg',
    text: '250 g white rice flour\n100 g tapioca starch\n12 g psyllium husk powder\n7 g instant yeast\n7 g salt\n20 g olive oil\n1 egg\n280 g water',
    method: 'Mix everything and knead smooth.\nRest 45 minutes, press out two rounds.\nBake 12 minutes at 240 °C.',
    exclude: ['egg'],
    want: { egg: { right: BREAD_EGG, never: NOT_BREAD } },
    grams: { baking_powder: [0, 0] },
    waterG: [280, 350],
  },
  {
    title: 'Hazelnut cookies, no nuts',
    text: '150 g brown rice flour\n50 g corn starch\n80 g ground hazelnuts\n60 g hazelnuts, chopped\n130 g soft butter\n110 g brown sugar\n1 egg\n3 g baking powder',
    method: 'Cream butter and sugar, beat in the egg.\nStir in the rest.\nSpoon 24 on a tray and bake 14 minutes at 175 °C.',
    exclude: ['nuts'],
    want: { nut_flour: { right: SEED_MEALS, never: ['rice_for_nut_flour'] }, nut_pieces: { right: [...SEEDS, 'nib_pieces', 'raisins_for_nuts', 'coconut_pieces'] } },
  },
  {
    title: 'Vanilla pastry cream',
    text: 'Filling\n500 g milk\n4 egg yolks\n100 g sugar\n35 g corn starch\n30 g butter',
    method: 'Heat the milk.\nWhisk yolks, sugar and starch, pour on the milk and cook, stirring, until it thickens and bubbles.\nStir in the butter and chill under film.',
    exclude: ['egg', 'dairy'],
    want: { egg_yolk: { right: ['cornflour_cream', 'cornflour_pouring', 'tapioca_custard', 'starch_slurry', 'rice_custard', 'cornflour_custard'], never: ['flax_gel', 'chia_gel', 'silken_tofu_egg'] }, milk: { right: DRINKS }, butter: { right: [...BLOCKS, 'coconut_fat', 'oil_for_butter'] } },
    grams: { corn_starch: [35, 62], baking_powder: [0, 0] },
  },
  {
    title: 'Soda bread with buttermilk',
    text: '200 g brown rice flour\n100 g sorghum flour\n100 g potato starch\n8 g psyllium husk powder\n8 g bicarbonate of soda\n6 g salt\n380 g buttermilk\n15 g honey',
    method: 'Mix the dry things.\nStir in buttermilk and honey, shape a round at once and cut a cross.\nBake 45 minutes at 200 °C.',
    exclude: ['dairy'],
    want: { cultured: { right: ['soy_lemon', 'soy_vinegar', 'oat_lemon', 'soy_yogurt', 'rice_vinegar'] } },
    waterG: [320, 400],
  },
  {
    title: 'Waffles',
    text: '200 g white rice flour\n50 g corn starch\n10 g baking powder\n3 eggs\n350 g milk\n90 g butter, melted\n30 g sugar',
    method: 'Separate the eggs and whisk the whites to soft peaks.\nMix the rest, fold in the whites.\nBake in a hot waffle iron 4 minutes.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: ['aquafaba', 'aquafaba_white', 'flax_gel', 'chia_gel', 'soy_yogurt_egg', 'fizz_egg', 'chickpea_slurry', 'starch_slurry', 'egg_replacer'], never: ['apple_egg'] }, milk: { right: DRINKS }, butter: { right: ['oil_for_butter', 'plant_block', 'coconut_fat', 'spread_for_butter'], never: ['apple_for_butter'] } },
  },
  {
    title: 'Seeded crumble topping',
    text: '100 g gluten-free oats\n80 g white rice flour\n90 g cold butter\n70 g brown sugar\n50 g almonds, flaked',
    method: 'Rub the butter into flour, oats and sugar.\nStir in the almonds and scatter over the fruit.\nBake 35 minutes at 180 °C.',
    exclude: ['dairy', 'nuts'],
    want: { butter: { right: [...BLOCKS, 'coconut_fat', 'creamed_coconut'], never: ['apple_for_butter'] }, nut_pieces: { right: [...SEEDS, 'coconut_pieces'] } },
  },
  {
    title: 'Crumble, no dairy and no oil',
    text: '100 g gluten-free oats\n80 g white rice flour\n90 g cold butter\n70 g brown sugar',
    method: 'Rub the butter into flour, oats and sugar.\nScatter over the fruit and bake 35 minutes at 180 °C.',
    exclude: ['dairy', 'oil'],
    want: { butter: { right: ['seed_butter_pastry', 'tahini_pastry', 'creamed_coconut'], never: ['apple_for_butter', 'seed_butter_apple', 'avocado_for_butter'] } },
    grams: { aquafaba: [0, 0] },
  },
  {
    title: 'Bagels',
    text: '300 g white rice flour\n100 g tapioca starch\n20 g psyllium husk powder\n7 g instant yeast\n8 g salt\n15 g maple syrup\n1 egg white\n330 g water',
    method: 'Gel the psyllium in the water.\nKnead in the rest, shape 6 rings, prove 40 minutes.\nBoil 1 minute each side, bake 25 minutes at 220 °C.',
    exclude: ['egg'],
    want: { egg_white: { right: BREAD_EGG, never: [...NOT_BREAD, 'aquafaba_white'] } },
    grams: { baking_powder: [0, 0] },
    waterG: [330, 390],
  },
  {
    title: 'Coffee cake with streusel and pecans',
    text: 'Cake\n180 g white rice flour\n60 g potato starch\n10 g baking powder\n120 g soft butter\n130 g sugar\n3 eggs\n150 g sour cream\nStreusel\n60 g white rice flour\n40 g cold butter\n50 g brown sugar\n50 g pecans, chopped',
    method: 'Cream butter and sugar, beat in the eggs, fold in flours and sour cream.\nSpread in a 23 cm tin.\nRub the streusel together and strew over.\nBake 45 minutes at 175 °C.',
    exclude: ['egg', 'dairy', 'nuts'],
    want: { egg: { right: CAKE_EGG, never: ['apple_egg'] }, butter: { right: [...BLOCKS, 'coconut_fat', 'creamed_coconut'], never: ['apple_for_butter'] }, cream: { right: ['soy_cream_lemon', 'coconut_cream_lemon', 'tofu_lemon', 'soy_yogurt'], never: ['apple_vinegar_cultured'] }, nut_pieces: { right: SEEDS } },
    grams: { baking_powder: [9, 17] },
  },
  {
    title: 'Cornbread',
    text: '200 g polenta\n80 g white rice flour\n10 g baking powder\n2 eggs\n250 g milk\n60 g butter, melted\n30 g honey\n4 g salt',
    method: 'Whisk eggs, milk, honey and butter.\nStir in the dry things.\nBake in a 20 cm tin 25 minutes at 200 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: [...CAKE_EGG, 'egg_left_out'], never: NOT_CAKE }, milk: { right: DRINKS }, butter: { right: ['oil_for_butter', 'plant_block', 'coconut_fat', 'spread_for_butter'], never: ['apple_for_butter'] } },
    waterG: [260, 360],
  },
  {
    title: 'Focaccia with milk powder',
    text: '250 g white rice flour\n150 g tapioca starch\n14 g psyllium husk powder\n20 g skimmed milk powder\n8 g instant yeast\n9 g salt\n40 g olive oil\n400 g water',
    method: 'Gel the psyllium in the water.\nBeat in the rest, spread in an oiled tin, prove 60 minutes.\nBake 25 minutes at 220 °C.',
    exclude: ['dairy'],
    want: { milk_powder: { right: ['soy_powder', 'chickpea_for_powder', 'sugar_for_powder', 'powder_left_out'] } },
    waterG: [380, 430],
  },
  {
    title: 'Ginger loaf without all four',
    text: '180 g sorghum flour\n60 g tapioca starch\n8 g baking powder\n3 g bicarbonate of soda\n100 g butter, melted\n2 eggs\n150 g molasses\n80 g brown sugar\n180 g milk\n50 g walnuts',
    method: 'Melt butter, molasses and sugar.\nCool, whisk in milk and eggs.\nStir in the dry things and walnuts.\nBake in a 900 g loaf tin 50 minutes at 165 °C.',
    exclude: ['egg', 'dairy', 'nuts', 'oil'],
    want: { egg: { right: CAKE_EGG, never: [] }, milk: { right: DRINKS }, butter: { right: ['seed_butter_apple', 'tahini_apple', 'apple_for_butter', 'creamed_coconut', 'avocado_for_butter'] }, nut_pieces: { right: [...SEEDS, 'raisins_for_nuts'] } },
  },
  {
    title: 'Egg-yolk biscuits',
    text: '180 g gluten-free flour blend with xanthan\n110 g cold butter\n60 g icing sugar\n2 egg yolks\n1 g salt',
    method: 'Rub the butter into flour and sugar.\nWork in the yolks, chill, roll out and stamp 24.\nBake 12 minutes at 170 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg_yolk: { right: [...COOKIE_EGG, 'seed_butter_yolk', 'psyllium_gel'], never: ['silken_tofu_egg', 'soy_yogurt_egg', 'apple_egg'] }, butter: { right: BLOCKS.concat('coconut_fat'), never: ['apple_for_butter'] } },
    grams: { baking_powder: [0, 2.6] },
    waterG: [15, 55],
  },
  {
    title: 'Yorkshire-style batter',
    text: '100 g corn starch\n40 g white rice flour\n4 eggs\n250 g milk\n3 g salt',
    method: 'Whisk to a thin batter and rest 30 minutes.\nPour into smoking hot fat in 12 holes and bake 25 minutes at 220 °C.',
    exclude: ['dairy'],
    want: { milk: { right: DRINKS } },
    waterG: [330, 420],
  },
  {
    title: 'Chocolate layer cake with cream icing',
    text: 'Cake\n160 g white rice flour\n60 g tapioca starch\n50 g cocoa powder\n12 g baking powder\n220 g caster sugar\n3 eggs\n120 g sunflower oil\n240 g milk\nIcing\n200 g cream cheese\n60 g soft butter\n120 g icing sugar',
    method: 'Whisk eggs, sugar, oil and milk.\nStir in the dry things.\nBake in two 20 cm tins 28 minutes at 175 °C.\nBeat the icing and spread when cold.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: CAKE_EGG, never: NOT_CAKE }, milk: { right: DRINKS }, cheese: { right: ['vegan_cream_cheese', 'vegan_cheese', 'tofu_cream'] }, butter: { right: ['plant_block', 'coconut_fat', 'shortening_water', 'spread_for_butter'] } },
    waterG: [270, 390],
  },
  {
    title: 'Flatbreads with yogurt',
    text: '250 g white rice flour\n50 g tapioca starch\n10 g psyllium husk powder\n8 g baking powder\n200 g yogurt\n100 g water\n20 g olive oil\n5 g salt',
    method: 'Mix to a soft dough and rest 20 minutes.\nDivide into 6, roll out and cook 2 minutes a side in a hot pan.',
    exclude: ['dairy'],
    want: { cultured: { right: [...CULTURED, 'oat_yogurt', 'coconut_yogurt'] } },
    waterG: [240, 310],
  },
  {
    title: 'Carrot crown, enriched, all four out',
    text: '260 g white rice flour\n120 g potato starch\n16 g psyllium husk powder\n8 g instant yeast\n60 g sugar\n6 g salt\n2 eggs\n70 g soft butter\n300 g milk\n40 g almonds, flaked, to strew',
    method: 'Gel the psyllium in the warm milk.\nKnead in the rest, shape a plait, prove 70 minutes.\nStrew with almonds and bake 32 minutes at 180 °C.',
    exclude: ['egg', 'dairy', 'nuts', 'oil'],
    want: { egg: { right: BREAD_EGG, never: NOT_BREAD }, butter: { right: ['seed_butter_apple', 'tahini_apple', 'creamed_coconut', 'apple_for_butter', 'avocado_for_butter'] }, milk: { right: DRINKS }, 'nut_pieces@dusting': { right: ['left_off', ...SEEDS] } },
    grams: { baking_powder: [0, 0] },
    waterG: [280, 400],
  },
];

/** Written after the engine was changed and put through it once: 10 of 12 first answers were right, none embarrassing. */
export const FRESH: readonly Expert[] = [
  {
    title: 'Madeleines',
    text: '3 eggs\n120 g caster sugar\n100 g white rice flour\n30 g corn starch\n5 g baking powder\n110 g butter, melted',
    method: 'Whisk eggs and sugar until pale and thick.\nFold in the dry things, then the melted butter.\nChill an hour, pipe into 18 shells and bake 10 minutes at 200 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: ['aquafaba', 'flax_gel', 'chia_gel', 'soy_yogurt_egg', 'fizz_egg', 'egg_replacer', 'starch_slurry'], never: ['apple_egg', 'egg_left_out'] }, butter: { right: ['plant_block', 'oil_for_butter', 'coconut_fat'], never: ['apple_for_butter', 'seed_butter_pastry'] } },
  },
  {
    title: 'Oat and raisin biscuits',
    text: '120 g gluten-free oats\n80 g brown rice flour\n90 g soft butter\n80 g brown sugar\n1 egg\n70 g raisins\n2 g bicarbonate of soda',
    method: 'Cream butter and sugar.\nBeat in the egg, stir in the rest.\nDrop 18 spoonfuls on a tray and bake 14 minutes at 175 °C.',
    exclude: ['egg', 'dairy', 'oil'],
    want: { egg: { right: COOKIE_EGG, never: ['silken_tofu_egg', 'apple_egg'] }, butter: { right: ['seed_butter_pastry', 'tahini_pastry', 'creamed_coconut'], never: ['apple_for_butter'] } },
  },
  {
    title: 'Buckwheat crêpes',
    text: '150 g buckwheat flour\n3 eggs\n400 g milk\n30 g butter, melted\n3 g salt',
    method: 'Whisk everything to a thin batter and rest an hour.\nCook thin crêpes in a hot pan.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: [...CAKE_EGG, 'egg_left_out'], never: ['apple_egg'] }, milk: { right: DRINKS }, butter: { right: ['oil_for_butter', 'plant_block', 'coconut_fat', 'spread_for_butter'], never: ['apple_for_butter'] } },
    waterG: [400, 560],
  },
  {
    title: 'Baked vanilla cheesecake',
    text: '500 g cream cheese\n150 g caster sugar\n3 eggs\n150 g sour cream\n20 g corn starch',
    method: 'Beat the cheese and sugar smooth.\nBeat in the eggs, sour cream and starch.\nBake 50 minutes at 150 °C until just set.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: ['cornflour_custard', 'tofu_custard', 'cornflour_cream'], never: ['flax_gel', 'chia_gel', 'aquafaba', 'apple_egg'] }, cheese: { right: ['vegan_cream_cheese', 'tofu_for_cheese'] }, cream: { right: ['soy_cream_lemon', 'coconut_cream_lemon', 'tofu_lemon'] } },
  },
  {
    title: 'Pecan pie filling',
    text: 'Filling\n3 eggs\n200 g brown sugar\n150 g golden syrup\n60 g butter, melted\n180 g pecans',
    method: 'Whisk eggs, sugar, syrup and butter.\nStir in the pecans, pour into a baked crust and bake 40 minutes at 165 °C.',
    exclude: ['egg', 'dairy', 'nuts'],
    want: { egg: { right: ['cornflour_custard', 'tofu_custard', 'cornflour_cream', 'tapioca_custard'], never: ['aquafaba', 'apple_egg'] }, butter: { right: ['plant_block', 'coconut_fat', 'oil_for_butter', 'shortening_water'], never: ['apple_for_butter'] }, nut_pieces: { right: [...SEEDS, 'raisins_for_nuts', 'coconut_pieces'] } },
  },
  {
    title: 'Seeded dinner rolls',
    text: '260 g white rice flour\n140 g tapioca starch\n16 g psyllium husk powder\n8 g instant yeast\n8 g salt\n20 g honey\n30 g olive oil\n1 egg\n380 g water\n40 g sunflower seeds',
    method: 'Gel the psyllium in the water 10 minutes.\nKnead in the rest, shape 9 rolls and prove 50 minutes.\nBake 24 minutes at 200 °C.',
    exclude: ['egg', 'oil'],
    want: { egg: { right: BREAD_EGG, never: NOT_BREAD }, oil: { right: ['seed_butter_for_oil', 'tahini_for_oil', 'apple_seed_butter', 'squash_for_oil', 'apple_for_oil', 'soy_yogurt_for_oil'], never: ['bean_for_oil', 'banana_for_oil'] } },
    grams: { baking_powder: [0, 0] },
    waterG: [385, 470],
  },
  {
    title: 'Chocolate chip cookies',
    text: '200 g gluten-free flour blend with xanthan\n120 g butter, melted\n160 g brown sugar\n1 egg\n1 egg yolk\n4 g bicarbonate of soda\n3 g salt\n150 g dark chocolate, chopped',
    method: 'Whisk the melted butter and sugar.\nWhisk in egg and yolk.\nStir in the dry things and chocolate, chill.\nScoop 16 balls and bake 12 minutes at 180 °C.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: COOKIE_EGG, never: ['silken_tofu_egg', 'apple_egg'] }, egg_yolk: { right: [...COOKIE_EGG, 'seed_butter_yolk'], never: ['silken_tofu_egg', 'apple_egg'] }, butter: { right: ['plant_block', 'coconut_fat', 'oil_for_butter', 'shortening_water'], never: ['apple_for_butter'] }, chocolate: { right: ['vegan_chocolate'] } },
  },
  {
    title: 'Almond sponge for a birthday',
    text: '150 g ground almonds\n100 g white rice flour\n8 g baking powder\n4 eggs\n180 g caster sugar\n180 g soft butter',
    method: 'Cream the butter and sugar until fluffy.\nBeat in the eggs one at a time.\nFold in almonds, flour and powder.\nBake in a 20 cm tin 40 minutes at 165 °C.',
    exclude: ['nuts'],
    want: { nut_flour: { right: SEED_MEALS, never: ['rice_for_nut_flour', 'coconut_for_nut_flour'] } },
  },
  {
    title: 'Potato flatbreads with sour cream',
    text: '300 g mashed potato\n120 g white rice flour\n6 g psyllium husk powder\n80 g sour cream\n6 g salt\n1 egg',
    method: 'Mix to a soft dough, divide into 6 and roll out.\nCook 3 minutes a side in a dry pan.',
    exclude: ['egg', 'dairy'],
    want: { egg: { right: [...BREAD_EGG, 'starch_slurry'], never: ['apple_egg', 'aquafaba', 'fizz_egg'] }, cream: { right: ['soy_cream_lemon', 'coconut_cream_lemon', 'tofu_lemon'], never: ['apple_vinegar_cultured'] } },
  },
  {
    title: 'Panna cotta',
    text: '400 g double cream\n100 g milk\n70 g caster sugar\n6 g gelatine',
    method: 'Soften the gelatine.\nWarm cream, milk and sugar, stir in the gelatine and chill overnight in 5 moulds.',
    exclude: ['dairy'],
    want: { cream: { right: ['coconut_cream', 'soy_cream', 'oat_cream', 'coconut_milk'] }, milk: { right: DRINKS.concat('coconut_drink') } },
  },
  {
    title: 'Savoury walnut crackers',
    text: '120 g brown rice flour\n60 g walnuts, chopped fine\n40 g parmesan, grated\n30 g cold butter\n1 egg\n3 g salt',
    method: 'Rub in the butter, stir in walnuts and cheese.\nBind with the egg, roll thin and cut.\nBake 16 minutes at 180 °C.',
    exclude: ['egg', 'dairy', 'nuts'],
    want: { egg: { right: [...CRUST_EGG, 'psyllium_husk_gel'], never: NOT_CRUST }, butter: { right: [...BLOCKS, 'coconut_fat'], never: ['apple_for_butter'] }, cheese: { right: ['vegan_cheese', 'yeast_for_cheese', 'bean_cheese'] }, nut_pieces: { right: SEEDS } },
  },
  {
    title: 'Honey cake',
    text: '200 g sorghum flour\n60 g potato starch\n8 g baking powder\n2 g bicarbonate of soda\n3 eggs\n180 g honey\n120 g sunflower oil\n120 g black tea',
    method: 'Whisk eggs, honey and oil.\nStir in the tea and the dry things.\nBake in a 900 g loaf tin 50 minutes at 165 °C.',
    exclude: ['egg', 'oil'],
    want: { egg: { right: CAKE_EGG, never: NOT_CAKE }, oil: { right: ['apple_seed_butter', 'soy_yogurt_for_oil', 'seed_butter_for_oil', 'tahini_for_oil', 'apple_for_oil', 'squash_for_oil'] } },
    grams: { baking_powder: [7, 13] },
  },
];
