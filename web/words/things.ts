import type { CautionId, ClassId, FeelWord, JobId } from '../../core/classes';
import type { ExclusionId } from '../../core/exclusions';
import { ingredientById, type AvoidId, type GroupId } from '../../core/ingredients';
import type { FitKey } from '../../core/rebalance';
import type { UnitId } from '../../core/units';

const upper = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** An ingredient's usual name; in a sentence without the capital. */
export const ingredientName = (id: string, inSentence = false): string => {
  const name = ingredientById(id)?.names[0] ?? id;
  return inSentence ? name : upper(name);
};

export const AVOID_WORDS: Record<AvoidId, string> = {
  gluten: 'gluten',
  wheat: 'wheat',
  egg: 'egg',
  milk: 'milk',
  tree_nut: 'tree nuts',
  peanut: 'peanut',
  soy: 'soy',
  sesame: 'sesame',
  lupin: 'lupin',
  mustard: 'mustard',
  celery: 'celery',
  fish: 'fish',
  crustacean: 'crustaceans',
  mollusc: 'molluscs',
  sulphite: 'sulphites',
  coconut: 'coconut',
  oats: 'oats',
  corn: 'corn',
  legume: 'pulses',
  nightshade: 'potato and its kin',
  oil: 'added oil',
  whole_food_fat: 'whole-food fat',
  honey: 'honey',
  animal: 'animal products',
  gum: 'gums',
  yeast: 'yeast',
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

export const CLASS_WORDS: Record<ClassId, string> = {
  yeast_loaf: 'Yeasted tin loaf',
  batter: 'Quick bread, muffin or cake',
  cookie: 'Cookie or pastry',
};

export const JOB_WORDS: Record<JobId, string> = {
  wet: 'wets',
  thicken: 'thickens',
  shape: 'holds shape',
  hold_gas: 'holds gas',
  set_hot: 'sets in heat',
  set_cool: 'sets cooling',
  shorten: 'tenders',
  flake: 'flakes',
  cream: 'creams',
  emulsify: 'emulsifies',
  foam: 'lifts',
  sweeten: 'sweetens',
  brown: 'browns',
  sour: 'sours',
  flavour: 'flavours',
  glaze: 'glosses',
  release: 'releases',
  bite: 'gives bite',
};

export const JOB_NOUNS: Record<JobId, string> = {
  ...JOB_WORDS,
  wet: 'water',
  thicken: 'thickness',
  shape: 'shape',
  hold_gas: 'gas holding',
  set_hot: 'setting in heat',
  set_cool: 'setting on cooling',
  shorten: 'tenderness',
  flake: 'flake',
  cream: 'air from creaming',
  emulsify: 'emulsion',
  foam: 'lift',
  sweeten: 'sweetness',
  brown: 'browning',
  sour: 'sourness',
  flavour: 'flavour',
  glaze: 'gloss',
  release: 'release from the tin',
  bite: 'bite',
};

export const PROP_WORDS: Record<FitKey, string> = {
  mass: 'total mass',
  water: 'water',
  freeWater: 'free water',
  demand: 'thirst of the solids',
  fat: 'fat',
  sugars: 'sugar',
  starch: 'starch',
  protein: 'protein',
  fibre: 'fibre',
  salt: 'salt',
  energy: 'energy',
  acid: 'acid',
  base: 'alkali',
  bind: 'binder',
  shorten: 'tenderness',
  lift: 'lift',
  bite: 'pieces',
  wetness: 'wetness',
};

export const PROP_NOTES: Partial<Record<FitKey, string>> = {
  wetness:
    'Free water over what the solids take up in a dough. It keeps the dough workable when the solids change; 1 is all the water they ask for and no more.',
  bind: 'Counted in eggs: 1 is what one 50 g egg binds in this kind of bake. Thickness, shape, gas holding and setting, weighed by what the bake needs.',
  shorten:
    'Grams of fat, or what stands in for fat in tenderness: purée and yogurt count by this kind of bake, fat locked in nuts and seeds in part.',
  lift: 'Millimoles of gas that soda and powder can give, soda counted as if its acid is there, and the foam of egg or aquafaba as its equal.',
  acid: 'Millimoles of acid, as titrated. Soda works only against this.',
  mass: 'Everything in the bowl, without what is brushed on or greases the tin.',
  water: 'All the water there is: in eggs, drinks and purées too.',
};

export const FEEL_WORDS_TEXT: Record<FeelWord, string> = {
  pours: 'pours',
  runs: 'runs off slowly',
  drops: 'drops in a lump',
  frosting: 'like frosting',
  sticky: 'sticky',
  tacky: 'tacky',
  rolls: 'rolls',
  cracks: 'cracks',
};

export const UNIT_WORDS: Record<UnitId, string> = {
  mg: 'mg',
  g: 'g',
  kg: 'kg',
  oz: 'oz',
  lb: 'lb',
  ml: 'mL',
  cl: 'cL',
  dl: 'dL',
  l: 'L',
  floz: 'fl oz',
  pint: 'pints',
  quart: 'quarts',
  tsp: 'tsp',
  tbsp: 'tbsp',
  cup: 'cups',
  dash: 'dash',
  pinch: 'pinch',
  piece: 'pieces',
  stick: 'sticks',
  sachet: 'sachets',
};

export const CAUTION_WORDS: Record<CautionId, string> = {
  hydrate_fibre:
    'Flax, chia and psyllium go in swollen, never dry, and want plenty of water. Start small if new to them. Not near medicines without advice.',
  green_sunflower:
    'Sunflower seed with soda or powder may turn green as it cools: harmless, unsightly. A little more acid, or pumpkin seed instead.',
  soft_fat: 'This fat is soft when warm: keep everything cold, and expect it to spread more.',
  no_snap: 'Without firm fat it will not snap or flake: expect a tender, fudgy bar.',
  keeps_less: 'Dries sooner than the one as written: eat within a day or two, or freeze sliced.',
  bean_taste: 'A faint taste of pulses until it is baked through and cold.',
  added_oil_in_drinks: 'Plant drinks often hold added oil: read the packet when oil is out.',
  soured_drink:
    'A soured drink looks curdled: that is right. It carries as much acid as the amount says, no more.',
  dense: 'Expect a moister, denser crumb.',
  legume_peanut: 'Pulses come in: some who avoid peanut react to them as well.',
  salted_block:
    'Plant blocks are mostly salted: look at the packet, and leave the salt line out if yours is.',
};

/** What a line that came in stands for, by the kind of thing that left. */
export const GROUP_WORDS: Partial<Record<GroupId, string>> = {
  egg: 'for egg',
  egg_white: 'for egg white',
  egg_yolk: 'for egg yolk',
  milk: 'for milk',
  milk_powder: 'for milk powder',
  cultured: 'for buttermilk or yogurt',
  cream: 'for cream',
  butter: 'for butter',
  fat_firm: 'for firm fat',
  oil: 'for oil',
  nut_flour: 'for ground nuts',
  nut_pieces: 'for nuts',
  nut_butter: 'for nut butter',
  nut_drink: 'for nut drink',
  acid: 'for vinegar',
  syrup: 'for syrup',
  honey: 'for honey',
};

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

export const kitName = (id: string): string => KIT_WORDS[id]?.name ?? id;
