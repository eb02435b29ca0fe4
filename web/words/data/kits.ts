import { catalogue } from '../catalogue';
/** Kits in the baker's words: the name of the choice, and what to expect of it. */
export const KIT_WORDS: Record<string, { name: string; about: string }> = catalogue('kits.KIT_WORDS', {
  gum_blend_for_gluten: {
    name: 'Gluten-free flour blend with gum',
    about: 'The nearest to plain flour in cakes, biscuits and pastry. Read its packet: add no more gum.',
  },
  rice_sorghum_psyllium_for_gluten: {
    name: 'Sorghum, tapioca and psyllium',
    about:
      'For breads and buns: psyllium holds the gas, tapioca gives some chew. Needs more water and a rest.',
  },
  rice_starch_for_gluten: {
    name: 'Rice flour, potato starch and a little xanthan',
    about: 'Light and mild, for cakes and biscuits. Stales soon.',
  },
  buckwheat_psyllium_for_gluten: {
    name: 'Buckwheat, rice and psyllium',
    about: 'Dark and full in taste, close in crumb. For breads that may be hearty.',
  },
  certified_for_oat_flour: {
    name: 'Certified gluten-free oat flour',
    about:
      'The same flour, of oats grown and milled apart and tested. Some people with coeliac disease cannot tolerate any oats.',
  },
  certified_for_oats: {
    name: 'Certified gluten-free oats',
    about:
      'The same oats, grown and milled apart and tested. Some people with coeliac disease cannot tolerate any oats.',
  },
  flax_gel: {
    name: 'Ground flaxseed gel',
    about: 'Binds and wets, lifts nothing. Grey-brown specks, a nutty taste. Good to two or three eggs.',
  },
  chia_gel: {
    name: 'Ground chia gel',
    about: 'A stronger gel than flaxseed, milder in taste. Good to two or three eggs.',
  },
  psyllium_gel: {
    name: 'Psyllium powder gel',
    about: 'The strongest: holds gas and shape in a dough. Too much is gummy.',
  },
  aquafaba: {
    name: 'Aquafaba, whisked',
    about: 'The liquid of cooked chickpeas holds a foam: the lightest choice, weaker in binding.',
  },
  chickpea_slurry: { name: 'Chickpea flour slurry', about: 'Sets in the heat much as egg does, and browns.' },
  soy_yogurt_egg: { name: 'Soya yogurt', about: 'Its protein steadies bubbles and keeps the crumb soft.' },
  silken_tofu_egg: { name: 'Silken tofu, blended', about: 'Sets dense and smooth: for rich bakes.' },
  apple_egg: {
    name: 'Apple purée',
    about: 'Moist, but no protein: dense and weak. Not for a bake that must stand tall.',
  },
  starch_slurry: { name: 'Potato starch slurry', about: 'Set and chew, no lift and no taste of its own.' },
  soy_drink: { name: 'Soya drink', about: 'Nearest to milk in protein: browns and softens most like it.' },
  oat_drink: { name: 'Certified oat drink', about: 'Mild and a little sweet. Only if oats are tolerated.' },
  rice_drink: { name: 'Rice drink', about: 'Thin and sweet, almost no protein: paler, leaner.' },
  almond_drink: { name: 'Almond drink', about: 'Nearly only water, and a nut.' },
  water_milk: { name: 'Water', about: 'The water of the milk alone: plainer and paler.' },
  soy_powder: {
    name: 'Soya milk powder',
    about: 'Protein like milk powder, less sugar: browns a little less.',
  },
  chickpea_for_powder: { name: 'Chickpea flour and sugar', about: 'Gives back protein, sugar and colour.' },
  sugar_for_powder: {
    name: 'A little sugar',
    about: 'Gives back the sweetness and some colour, not the protein.',
  },
  soy_lemon: {
    name: 'Soya drink and lemon juice',
    about: 'Curdles and thickens; carries the acid the soda needs.',
  },
  soy_vinegar: { name: 'Soya drink and cider vinegar', about: 'As with lemon, a touch sharper.' },
  oat_lemon: {
    name: 'Certified oat drink and lemon juice',
    about: 'Sour and thin: no protein to thicken it.',
  },
  rice_vinegar: { name: 'Rice drink and cider vinegar', about: 'Sour and thin: no protein to thicken it.' },
  soy_yogurt: {
    name: 'Soya yogurt, thinned',
    about: 'Body and protein; less sour than buttermilk, so a little lemon helps.',
  },
  coconut_milk: { name: 'Tinned coconut milk', about: 'Rich, tastes of coconut.' },
  soy_drink_oil: { name: 'Soya drink and oil', about: 'The fat and water of cream, without its body.' },
  soy_seed_butter: {
    name: 'Soya drink and sunflower seed butter',
    about: 'Whole-food fat in place of cream; darker, nutty.',
  },
  plant_block: {
    name: 'Firm plant block',
    about: 'Creams, rubs and flakes nearly as butter does. Firm ones only: a tub is too soft and wet.',
  },
  shortening_water: {
    name: 'Vegetable shortening, with water',
    about: 'All fat: the biggest flakes, no taste of its own.',
  },
  coconut_fat: { name: 'Coconut oil and water', about: 'Firm when cold, gone at 24 °C.' },
  oil_for_butter: { name: 'Sunflower oil and water', about: 'Tender, but liquid: it cannot be creamed.' },
  seed_butter_apple: {
    name: 'Sunflower seed butter and apple',
    about: 'Whole-food fat with purée: soft and dark, keeps less.',
  },
  tahini_apple: { name: 'Tahini and apple', about: 'Whole-food fat with purée; tastes of sesame.' },
  seed_butter_pastry: {
    name: 'Sunflower seed butter, worked in',
    about: 'Holds together and melts, without snap or flake.',
  },
  tahini_pastry: {
    name: 'Tahini, worked in',
    about: 'Short and crumbly, tastes of sesame; no snap or flake.',
  },
  apple_for_butter: { name: 'Apple purée', about: 'Wets without fat: cakey and soft, dry in a day.' },
  apple_seed_butter: {
    name: 'Apple purée and pumpkin seed butter',
    about: 'Purée tenderises, the seed butter gives back some fat.',
  },
  squash_for_oil: { name: 'Squash purée', about: 'Moist and mild, almost no fat: eat it fresh.' },
  apple_for_oil: { name: 'Apple purée', about: 'Moist and a little sweet, no fat: eat it fresh.' },
  soy_yogurt_for_oil: { name: 'Soya yogurt', about: 'Moist with some protein, hardly any fat.' },
  seed_butter_for_oil: {
    name: 'Sunflower seed butter',
    about: 'As much fat as the oil had, and protein with it: denser.',
  },
  butter_for_oil: { name: 'Butter, melted', about: 'More taste; firmer when cold.' },
  pumpkin_meal: { name: 'Ground pumpkin seeds', about: 'Weight for weight; a green tint, good flavour.' },
  sunflower_meal: { name: 'Ground sunflower seeds', about: 'Weight for weight, nearest to almond in taste.' },
  oat_meal: { name: 'Certified oat flour', about: 'Bulk and flavour without the fat: leaner.' },
  rice_for_nut_flour: { name: 'More rice flour', about: 'Bulk alone: leaner, drier.' },
  pumpkin_pieces: { name: 'Pumpkin seeds, toasted', about: 'Bite and flavour, weight for weight.' },
  sunflower_pieces: { name: 'Sunflower seeds, toasted', about: 'Bite, milder.' },
  raisins_for_nuts: { name: 'Raisins', about: 'Chew and sweetness in place of crunch.' },
  sunflower_butter: { name: 'Sunflower seed butter', about: 'One for one.' },
  tahini_butter: { name: 'Tahini', about: 'One for one; tastes of sesame.' },
  paper_lining: {
    name: 'Baking paper, no grease',
    about: 'Line the tin; wet hands with water instead of oil.',
  },
  drink_wash: { name: 'Soya drink and maple syrup, brushed on', about: 'Gloss and colour.' },
  water_wash: { name: 'Water, brushed on', about: 'A soft crust without gloss.' },
  cider_for_malt: { name: 'Cider vinegar', about: 'The same acid, without barley.' },
  maple_syrup: { name: 'Maple syrup', about: 'Brings more water and less sugar than honey.' },
  vegan_cheese: {
    name: 'Vegan cheese',
    about: 'Melts and tastes differently; products vary widely and contain added oil.',
  },
  vegan_cream_cheese: {
    name: 'Plant-based cream cheese',
    about: 'Weight for weight; softer when beaten. Some contain nuts or coconut: read the packet.',
  },
  yeast_for_cheese: {
    name: 'Nutritional yeast with oil and salt',
    about: 'The taste of hard cheese and its browning, with none of its bulk or stretch.',
  },
  egg_left_out: {
    name: 'Left out, with a little water',
    about: 'Where egg did little: crusts, crackers, many biscuits, a lean dough. Bring it together by feel.',
  },
  own_rice_mix: {
    name: 'Own mix: rice, potato, tapioca',
    about: 'Light and plain, held by a little psyllium in place of gum.',
  },
  own_sorghum_mix: {
    name: 'Own mix: sorghum, tapioca, cornflour',
    about: 'Closer to bread in taste; psyllium holds it.',
  },
  own_buckwheat_mix: {
    name: 'Own mix: buckwheat, tapioca, arrowroot',
    about: 'Dark and nutty, without rice or maize; psyllium holds it.',
  },
  own_gum_mix: {
    name: 'Own mix with xanthan',
    about: 'Rice, potato and tapioca, with the gum such mixes are sold with.',
  },
  gumless_mix: {
    name: 'Mix without gum, and psyllium',
    about: 'The same kind of mix sold without gum; a little psyllium holds instead.',
  },
  xylitol_for_sugar: {
    name: 'Xylitol',
    about: 'As sweet as sugar, gram for gram, and browns little. Yeast does not live on it.',
  },
  erythritol_for_sugar: {
    name: 'Erythritol',
    about: 'A third less sweet, cool on the tongue, and may turn to grains as it cools.',
  },
  xanthan_for_psyllium: {
    name: 'Xanthan gum',
    about: 'Holds a batter, not a dough that is shaped: pour it into a tin.',
  },
  flavour_left_out: {
    name: 'Left out',
    about: 'Nothing comes in its place: only its taste is gone.',
  },
  vanilla_for_extract: {
    name: 'Vanilla instead',
    about: 'As much vanilla: another taste that most bakes bear.',
  },
  powder_left_out: {
    name: 'Milk powder left out',
    about: 'A little paler and less soft. Few will notice.',
  },
  tofu_for_cheese: { name: 'Firm tofu with lemon', about: 'Bulk and set, mild in taste: season it more.' },
  left_off: { name: 'Left off', about: 'It was only sprinkled on top or on the board.' },
  left_out_taste: { name: 'Left out', about: 'It was only added to taste.' },
  psyllium_husk_gel: {
    name: 'Psyllium husk gel',
    about: 'As the powder, a little weaker weight for weight. Weigh it, never spoon it.',
  },
  chia_whole_gel: { name: 'Whole chia gel', about: 'Strong, with visible seeds.' },
  aquafaba_white: {
    name: 'Aquafaba with cream of tartar',
    about: 'Whips to a foam like white; weaker in the oven.',
  },
  seed_butter_yolk: {
    name: 'Seed butter and soya drink',
    about: 'Enriches and emulsifies as yolk does; it does not set.',
  },
  fizz_egg: {
    name: 'Soya drink with soda and vinegar',
    about: 'A fizz in place of the foam: lift without binding.',
  },
  egg_replacer: { name: 'Egg replacer powder', about: 'Starch with raising agents from a packet: read it.' },
  cornflour_custard: {
    name: 'Cornflour to slice, and soya drink',
    about:
      'The firm end, 8 to 10% of the liquid: bring it to 92 to 96 °C before filling, then bake until the centre trembles.',
  },
  cornflour_cream: {
    name: 'Cornflour for a cream, and soya drink',
    about: '6 to 8% of the liquid: stands up on a spoon, does not slice. Bring it to 92 to 96 °C and simmer.',
  },
  cornflour_pouring: {
    name: 'Cornflour to pour, and soya drink',
    about: '3 to 4% of the liquid: a sauce. Bring it to 92 to 96 °C and simmer.',
  },
  tapioca_custard: { name: 'Tapioca and soya drink', about: 'Clear and soft; thins if boiled long.' },
  rice_custard: { name: 'Arrowroot and rice drink', about: 'Glossy and mild; thins if boiled long.' },
  tofu_custard: {
    name: 'Silken tofu',
    about: 'Sets in the heat much as egg custard does, mild once seasoned.',
  },
  chickpea_custard: { name: 'Chickpea flour batter', about: 'Sets firm and browns: for savoury fillings.' },
  pea_drink: { name: 'Pea drink', about: 'Protein near milk, no soya.' },
  coconut_drink: { name: 'Coconut drink', about: 'Wets; little protein, so paler.' },
  hemp_drink: { name: 'Hemp drink', about: 'Wets, a grassy taste; little protein.' },
  coconut_yogurt: { name: 'Coconut yogurt', about: 'Rich and thick, less sour: lemon makes up for it.' },
  oat_yogurt: { name: 'Oat yogurt', about: 'Mild, less sour: lemon makes up for it.' },
  apple_vinegar_cultured: {
    name: 'Apple purée with vinegar',
    about: 'Water and acid without any drink; no protein.',
  },
  coconut_cream: { name: 'Coconut cream', about: 'Fat and body; it tastes of itself.' },
  soy_cream_lemon: {
    name: 'Soya cream with lemon',
    about: 'Fat, body and tang of a soured cream. It thickens when the lemon meets it.',
  },
  coconut_cream_lemon: {
    name: 'Coconut cream with lemon',
    about: 'Rich and thick, with a little tang; tastes of coconut in plain bakes.',
  },
  tofu_lemon: {
    name: 'Silken tofu with lemon',
    about: 'Blended smooth: body and protein that sets, hardly any fat.',
  },
  soy_cream: { name: 'Soya cream', about: 'For cooking and set fillings; contains added oil.' },
  oat_cream: { name: 'Oat cream', about: 'Mild; contains added oil.' },
  tofu_cream: { name: 'Silken tofu, blended', about: 'Body without fat.' },
  bean_cheese: { name: 'White beans and yeast flakes', about: 'Savour without melt.' },
  creamed_coconut: {
    name: 'Creamed coconut',
    about: 'Whole coconut, firm below 24 °C: the one firm fat that is no extracted oil.',
  },
  avocado_for_butter: { name: 'Avocado, mashed', about: 'Whole-food fat, green and soft; no creaming.' },
  spread_for_butter: { name: 'Plant spread', about: 'Softer and wetter than a block: not for pastry.' },
  banana_for_oil: { name: 'Banana, mashed', about: 'Moist and sweet; it tastes of itself.' },
  bean_for_oil: { name: 'White beans, puréed', about: 'Moist, mild, dense.' },
  tahini_for_oil: { name: 'Tahini', about: 'Sesame with its own fat.' },
  other_oil: { name: 'Olive oil', about: 'Another oil, gram for gram.' },
  coconut_for_nut_flour: {
    name: 'Coconut flour with oil',
    about: 'A third of the weight, for it drinks; the fat and the hold come back beside it.',
  },
  coconut_whole_for_nut_flour: {
    name: 'Desiccated coconut, ground',
    about: 'Fat and bite; it tastes of itself.',
  },
  tiger_nut: { name: 'Tiger nut flour', about: 'A tuber, no nut: sweet, with some fat.' },
  sesame_pieces: { name: 'Sesame seeds', about: 'Fine bite, strong taste.' },
  coconut_pieces: { name: 'Desiccated coconut', about: 'Chewy bite.' },
  nib_pieces: { name: 'Cocoa nibs', about: 'Hard, bitter bite.' },
  pumpkin_butter: { name: 'Pumpkin seed butter', about: 'Green and strong, gram for gram.' },
  date_syrup: { name: 'Date syrup', about: 'Dark and sour-sweet, near honey.' },
  agave: { name: 'Agave syrup', about: 'Very sweet, mild.' },
  rice_syrup: { name: 'Rice syrup', about: 'Half as sweet: sweetness drops.' },
  coconut_sugar: { name: 'Coconut sugar', about: 'Gram for gram, darker.' },
  maple_for_sugar: {
    name: 'Maple syrup for sugar',
    about: 'Brings its own water, which comes off the liquid.',
  },
  date_for_sugar: { name: 'Date paste', about: 'Whole fruit: dense, moist, brown.' },
  psyllium_for_gum: {
    name: 'Psyllium powder',
    about: 'Usual in breads with no gum: gives shape and holds gas.',
  },
  flax_for_gum: { name: 'Ground flaxseed', about: 'Holds a cake or cookie, tastes nutty.' },
  chia_for_gum: { name: 'Ground chia', about: 'Holds well, little taste.' },
  powder_for_yeast: { name: 'Baking powder', about: 'Into the oven at once: no proof, a cake-like crumb.' },
  soda_for_yeast: { name: 'Soda with lemon', about: 'Into the oven at once; needs all its acid.' },
  buckwheat_levain: { name: 'Buckwheat starter', about: 'Gram for gram, with its own flour and water.' },
  buckwheat_for_flour: { name: 'Buckwheat flour', about: 'Darker, stronger, no grain by botany.' },
  sorghum_for_flour: { name: 'Sorghum flour', about: 'Mild and soft.' },
  rice_for_flour: { name: 'White rice flour', about: 'Neutral; fine milling keeps it from being gritty.' },
  quinoa_for_flour: { name: 'Quinoa flour', about: 'More protein, a bitter edge.' },
  tapioca_for_starch: { name: 'Tapioca starch', about: 'Chewy and elastic.' },
  potato_for_starch: { name: 'Potato starch', about: 'Soft and moist.' },
  arrowroot_for_starch: { name: 'Arrowroot', about: 'Clear, neutral.' },
  corn_for_starch: { name: 'Cornflour', about: 'Short and tender.' },
  vegan_chocolate: { name: 'Vegan chocolate', about: 'Read its packet for traces of milk.' },
  cocoa_for_chocolate: {
    name: 'Cocoa with apple purée',
    about: 'The taste without the fat; it does not melt.',
  },
  starch_gloss: { name: 'Cornflour gloss', about: 'Brushed on hot from the pan, it dries to a shine.' },
  soften_in_water: {
    name: 'No fat, softened in water',
    about: 'What was softened in fat is softened in a little water, covered.',
  },
});
