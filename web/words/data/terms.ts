import type { CautionId, ClassId, FeelWord, JobId } from '../../../core/classes';
import type { AvoidId, GroupId } from '../../../core/ingredients';
import type { FitKey } from '../../../core/rebalance';
import type { UnitId } from '../../../core/units';

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
