/** Kits in the baker's words: the name of the choice, and what to expect of it. */
export const KIT_WORDS: Record<string, { name: string; about: string }> = {
  flax_gel: {
    name: 'Ground flax gel',
    about: 'Binds and wets, lifts nothing. Grey-brown specks, a nutty taste. Good to two or three eggs.',
  },
  chia_gel: {
    name: 'Ground chia gel',
    about: 'A stronger gel than flax, milder in taste. Good to two or three eggs.',
  },
  psyllium_gel: {
    name: 'Psyllium powder gel',
    about: 'The strongest: holds gas and shape in a dough. Too much is gummy.',
  },
  aquafaba: {
    name: 'Aquafaba, whisked',
    about: 'The liquid of cooked chickpeas holds a foam: the lightest way, weaker in binding.',
  },
  chickpea_slurry: { name: 'Chickpea flour slurry', about: 'Sets in the heat much as egg does, and browns.' },
  soy_yogurt_egg: { name: 'Soy yogurt', about: 'Its protein steadies bubbles and keeps the crumb soft.' },
  silken_tofu_egg: { name: 'Silken tofu, blended', about: 'Sets dense and smooth: for rich bakes.' },
  apple_egg: {
    name: 'Apple purée',
    about: 'Moist, but no protein: dense and weak. Not for a bake that must stand tall.',
  },
  starch_slurry: { name: 'Potato starch slurry', about: 'Set and chew, no lift and no taste of its own.' },
  soy_drink: { name: 'Soy drink', about: 'Nearest to milk in protein: browns and softens most like it.' },
  oat_drink: { name: 'Certified oat drink', about: 'Mild and a little sweet. Only if oats are tolerated.' },
  rice_drink: { name: 'Rice drink', about: 'Thin and sweet, almost no protein: paler, leaner.' },
  almond_drink: { name: 'Almond drink', about: 'Nearly only water, and a nut.' },
  water_milk: { name: 'Water', about: 'The water of the milk alone: plainer and paler.' },
  soy_powder: {
    name: 'Soy milk powder',
    about: 'Protein like milk powder, less sugar: browns a little less.',
  },
  chickpea_for_powder: { name: 'Chickpea flour and sugar', about: 'Gives back protein, sugar and colour.' },
  sugar_for_powder: {
    name: 'A little sugar',
    about: 'Gives back the sweetness and some colour, not the protein.',
  },
  soy_lemon: {
    name: 'Soy drink and lemon juice',
    about: 'Curdles and thickens; carries the acid the soda needs.',
  },
  soy_vinegar: { name: 'Soy drink and cider vinegar', about: 'As with lemon, a touch sharper.' },
  oat_lemon: {
    name: 'Certified oat drink and lemon juice',
    about: 'Sour and thin: no protein to thicken it.',
  },
  rice_vinegar: { name: 'Rice drink and cider vinegar', about: 'Sour and thin: no protein to thicken it.' },
  soy_yogurt: {
    name: 'Soy yogurt, thinned',
    about: 'Body and protein; less sour than buttermilk, so a little lemon helps.',
  },
  coconut_milk: { name: 'Tinned coconut milk', about: 'Rich, tastes of coconut.' },
  soy_drink_oil: { name: 'Soy drink and oil', about: 'The fat and water of cream, without its body.' },
  soy_seed_butter: {
    name: 'Soy drink and sunflower seed butter',
    about: 'Whole-food fat in place of cream; darker, nutty.',
  },
  plant_block: {
    name: 'Firm plant block',
    about: 'Creams, rubs and flakes nearly as butter does. Firm ones only: a tub is too soft and wet.',
  },
  shortening_water: {
    name: 'Vegetable shortening and water',
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
    about: 'Purée tenders, the seed butter gives back some fat.',
  },
  squash_for_oil: { name: 'Squash purée', about: 'Moist and mild, almost no fat: eat it fresh.' },
  apple_for_oil: { name: 'Apple purée', about: 'Moist and a little sweet, no fat: eat it fresh.' },
  soy_yogurt_for_oil: { name: 'Soy yogurt', about: 'Moist with some protein, hardly any fat.' },
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
  drink_wash: { name: 'Soy drink and maple syrup, brushed on', about: 'Gloss and colour.' },
  water_wash: { name: 'Water, brushed on', about: 'A soft crust without gloss.' },
  cider_for_malt: { name: 'Cider vinegar', about: 'The same acid, without barley.' },
  maple_syrup: { name: 'Maple syrup', about: 'Brings more water and less sugar than honey.' },
};
