import { catalogue } from '../catalogue';
import type { CautionId, FeelWord, LimitId, JobId } from '../../../core/classes';
import type { Component, GroupId, ItemKind, KeepingId, PieceName } from '../../../core/ingredients';
import type { PanelKey } from '../../../core/pantry';
import type { LineRole } from '../../../core/formula';
import type { Fit, FitKey } from '../../../core/rebalance';
import type { PresetId, RulesetId } from '../../../core/exclusions';
import type { CupStandard, SpoonStandard, UnitId } from '../../../core/units';

export const JOB_WORDS: Record<JobId, string> = catalogue('terms.JOB_WORDS', {
  wet: 'adds moisture',
  thicken: 'thickens',
  shape: 'holds shape',
  hold_gas: 'holds gas',
  set_hot: 'sets in heat',
  set_cool: 'sets as it cools',
  shorten: 'tenderises',
  flake: 'flakes',
  cream: 'creams',
  emulsify: 'emulsifies',
  foam: 'lifts',
  sweeten: 'sweetens',
  brown: 'browns',
  sour: 'adds acidity',
  flavour: 'flavours',
  glaze: 'adds shine',
  release: 'stops sticking',
  bite: 'adds crunch',
});

export const JOB_NOUNS: Record<JobId, string> = catalogue('terms.JOB_NOUNS', {
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
});

/** How a property stands to its band. */
export const FIT_WORDS: Record<Fit['state'], string> = catalogue('terms.FIT_WORDS', {
  inside: '',
  low: 'low',
  high: 'high',
  open: 'can’t say yet',
});

export const PROP_WORDS: Record<FitKey, string> = catalogue('terms.PROP_WORDS', {
  mass: 'total weight',
  water: 'water',
  freeWater: 'free water',
  demand: 'water absorption',
  fat: 'fat',
  sugars: 'sugar',
  starch: 'starch',
  protein: 'protein',
  fibre: 'fibre',
  salt: 'salt',
  energy: 'energy',
  acid: 'acid',
  base: 'alkali',
  bind: 'binding',
  shorten: 'tenderising',
  lift: 'leavening gas',
  bite: 'inclusions',
  wetness: 'effective hydration',
});

export const PROP_NOTES: Partial<Record<FitKey, string>> = catalogue('terms.PROP_NOTES', {
  wetness:
    'Free water against what the dry ingredients absorb, not water against flour. It keeps the dough workable when the flours change; at 100% there is exactly as much water as they absorb.',
  bind: 'Counted in eggs: 1 is what one 50 g egg binds in this kind of bake. Thickness, shape, gas holding and setting, weighed by what the bake needs.',
  shorten:
    'Grams of fat, or what stands in for fat in tenderness: purée and yogurt count by this kind of bake, fat locked in nuts and seeds in part.',
  lift: 'Millimoles of gas that soda and powder can give, soda counted as if its acid is there, and the foam of egg or aquafaba as its equal.',
  acid: 'Millimoles of acid, as titrated. Soda works only against this.',
  mass: 'Everything in the bowl, without what is brushed on or greases the tin.',
  water: 'All the water there is: in eggs, drinks and purées too.',
});

export const FEEL_WORDS_TEXT: Record<FeelWord, string> = catalogue('terms.FEEL_WORDS_TEXT', {
  pours: 'pours',
  runs: 'runs off slowly',
  drops: 'drops in a lump',
  frosting: 'like buttercream',
  sticky: 'sticky',
  tacky: 'tacky',
  rolls: 'rolls',
  cracks: 'cracks',
});

/** Units as they follow a number: one, and several. */
export const UNIT_WORDS: Record<UnitId, readonly [one: string, many: string]> = catalogue(
  'terms.UNIT_WORDS',
  {
    mg: ['mg', 'mg'],
    g: ['g', 'g'],
    kg: ['kg', 'kg'],
    oz: ['oz', 'oz'],
    lb: ['lb', 'lb'],
    ml: ['ml', 'ml'],
    cl: ['cL', 'cL'],
    dl: ['dL', 'dL'],
    l: ['L', 'L'],
    floz: ['fl oz', 'fl oz'],
    pint: ['pint', 'pints'],
    quart: ['quart', 'quarts'],
    tsp: ['tsp', 'tsp'],
    tbsp: ['tbsp', 'tbsp'],
    cup: ['cup', 'cups'],
    dash: ['dash', 'dashes'],
    pinch: ['pinch', 'pinches'],
    dessertspoon: ['dessertspoon', 'dessertspoons'],
    teacup: ['teacup', 'teacups'],
    piece: ['piece', 'pieces'],
    stick: ['stick', 'sticks'],
    sachet: ['sachet', 'sachets'],
    tin: ['tin', 'tins'],
    clove: ['clove', 'cloves'],
    leaf: ['leaf', 'leaves'],
    stalk: ['stalk', 'stalks'],
    knob: ['knob', 'knobs'],
    handful: ['handful', 'handfuls'],
    drop: ['drop', 'drops'],
    splash: ['splash', 'splashes'],
    drizzle: ['drizzle', 'drizzles'],
  },
);

export const CAUTION_WORDS: Record<CautionId, string> = catalogue('terms.CAUTION_WORDS', {
  hydrate_fibre:
    'Soak flaxseed, chia and psyllium first and never add them dry: dry psyllium can swell in the throat. They are very high in fibre, so start with a small slice and drink water with it. If you take medicines, ask a pharmacist first.',
  green_sunflower:
    'Sunflower seed with soda or powder may turn green as it cools: harmless, unsightly. A little more acid, or pumpkin seed instead.',
  soft_fat: 'This fat is soft when warm: keep everything cold, and expect it to spread more.',
  no_snap: 'Without firm fat it will not snap or flake: expect a tender, fudgy bar.',
  keeps_less: 'Dries sooner than the original: eat within a day or two, or freeze sliced.',
  bean_taste: 'A faint taste of pulses until it is baked through and cold.',
  added_oil_in_drinks: 'Plant drinks often contain added oil: read the packet if you leave oil out.',
  soured_drink: 'A soured drink looks curdled, as it should. It brings only as much acid as its amount says.',
  dense: 'Expect a moister, denser crumb.',
  legume_peanut: 'Pulses come in: some people who avoid peanut react to them too.',
  starch_simmer:
    'A starch filling is not thick before 90 °C: bring it to 92 to 96 °C and simmer 1 to 2 min before it is filled; then bake only until the centre trembles. Cool it from 57 to 21 °C within 2 h, to 5 °C within 4 h more.',
  no_proof: 'Without yeast it goes into the oven at once: a shorter, cake-like crumb, and no taste of yeast.',
  laxative: 'Polyols loosen bowels, and xylitol harms dogs.',
  soak_cold: 'Soak grain, seeds or pulses in the fridge if it takes hours.',
  sweeter: 'It brings sugar of its own: expect it sweeter and browner.',
  salted_block:
    'Plant blocks are mostly salted: check the packet, and leave out the salt line if yours is salted.',
});

/** What cannot be had where egg or fat is what holds the bake. */
export const LIMIT_WORDS: Record<LimitId, string> = catalogue('terms.LIMIT_WORDS', {
  no_gluten:
    'Gluten held this together and gave it its chew. Expect a shorter, closer crumb, a dough that is spread or shaped with wet hands and not kneaded, one rise instead of two, and a few trials. Water is worked out for the new flours; hold some back.',
  no_hollow_shell:
    'Egg is what makes this puff up hollow. Without it, expect a soft bun with an uneven crumb.',
  no_sponge:
    'Egg foam is what holds this up: without it there is no sponge, only a closer, softer cake. Aquafaba makes a meringue, weaker and drier.',
  no_layers: 'There are no layers without firm fat: rolled buns or a short crust are possible.',
  no_custard_tremble:
    'Egg sets this at 77 to 82 °C: without it, it is a different custard, set by starch, soya or pulses, with a different feel.',
});

/** What a line is used for, where it is not in the dough; worded so that it is read again as such. */
export const ROLE_WORDS: Partial<Record<LineRole, string>> = catalogue('terms.ROLE_WORDS', {
  release: 'for the tin',
  wash: 'for brushing',
  dusting: 'for dusting',
  taste: 'to taste',
});

/** What a line that came in stands for, by the kind of thing that left. */
export const GROUP_WORDS: Partial<Record<GroupId, string>> = catalogue('terms.GROUP_WORDS', {
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
});

export const PRESET_WORDS: Record<PresetId, string> = catalogue('terms.PRESET_WORDS', {
  vegan: 'vegan',
  eu14: 'the 14 of the EU',
  us9: 'the 9 of the US',
  every_nut: 'every nut, coconut too',
  grain_free: 'no grain',
  low_fodmap: 'inulin, honey and pulses',
});

export const RULESET_WORDS: Record<RulesetId, string> = catalogue('terms.RULESET_WORDS', {
  eu: 'European Union, 14 groups',
  us: 'United States, 9 groups',
  gluten: 'gluten alone',
});

export const CUP_WORDS: Record<CupStandard, string> = catalogue('terms.CUP_WORDS', {
  us: 'US, 237 ml',
  metric: 'Metric, 250 ml',
  imperial: 'Imperial, 284 ml',
});
export const SPOON_WORDS: Record<SpoonStandard, string> = catalogue('terms.SPOON_WORDS', {
  us: 'US, 4.9 and 14.8 ml',
  metric: 'Metric, 5 and 15 ml',
  australian: 'Australian, 5 and 20 ml',
});

export const COMPONENT_WORDS: Record<Component, string> = catalogue('terms.COMPONENT_WORDS', {
  water: 'water',
  protein: 'protein',
  fat: 'fat',
  starch: 'starch',
  sugars: 'sugars',
  polyols: 'polyols',
  fibre: 'fibre',
  acids: 'organic acids',
  alcohol: 'alcohol',
  salt: 'salt',
  ash: 'other minerals',
  leavening: 'leavening salts',
});

export const PANEL_WORDS: Record<PanelKey, string> = catalogue('terms.PANEL_WORDS', {
  kcal: 'Energy, kcal',
  fat: 'Fat, g',
  carbs: 'Carbohydrate, g',
  sugars: 'of which sugars, g',
  polyols: 'of which polyols, g',
  fibre: 'Fibre, g',
  protein: 'Protein, g',
  salt: 'Salt, g',
});

export const KIND_WORDS: Record<ItemKind, string> = catalogue('terms.KIND_WORDS', {
  ref: 'our table',
  own: 'your own',
  packet: 'packet',
  blend: 'blend',
});

/** Kinds of things, for the pantry's shelves. */
export const GROUP_NAMES: Record<GroupId, string> = catalogue('terms.GROUP_NAMES', {
  flour: 'flours',
  starch: 'starches',
  blend: 'flour blends',
  grain: 'whole grains',
  binder: 'binders and gums',
  egg: 'eggs',
  egg_white: 'egg white',
  egg_yolk: 'egg yolk',
  milk: 'milk',
  milk_powder: 'milk powders',
  cultured: 'cultured milk',
  cream: 'cream',
  cheese: 'cheese',
  butter: 'butter',
  fat_firm: 'firm fats',
  oil: 'oils',
  nut_flour: 'ground nuts',
  nut_pieces: 'nuts',
  nut_butter: 'nut butters',
  nut_drink: 'nut drinks',
  plant_drink: 'plant drinks',
  plant_cultured: 'plant yogurts',
  plant_cream: 'plant creams',
  plant_cheese: 'plant cheeses',
  seed_flour: 'ground seeds',
  seed_pieces: 'seeds',
  seed_butter: 'seed butters',
  sugar: 'sugars',
  syrup: 'syrups',
  honey: 'honey',
  leavener: 'raising agents',
  yeast: 'yeasts',
  starter: 'starters',
  alcohol: 'alcohol',
  acid: 'acids',
  salt: 'salts',
  water: 'water and the like',
  fruit: 'fruit and vegetables',
  pulse: 'pulses and tofu',
  chocolate: 'chocolate and cocoa',
  flavour: 'flavours',
});

export const PIECE_WORDS: Record<PieceName, string> = catalogue('terms.PIECE_WORDS', {
  piece: 'one',
  xlarge: 'extra large',
  large: 'large',
  medium: 'medium',
  small: 'small',
  stick: 'stick',
  sachet: 'sachet',
  clove: 'clove',
  leaf: 'leaf',
  stalk: 'stalk',
  tin: 'tin, drained',
});

export const KEEPING_WORDS: Record<KeepingId, string> = catalogue('terms.KEEPING_WORDS', {
  dry: 'Dry, cool and closed; months.',
  dry_dark_months: 'Dry, dark and cold, for the fat turns: the freezer keeps it best.',
  opened_cold: 'Once opened in the fridge; the packet says how long.',
  fridge_days: 'In the fridge, a few days.',
  fridge_week: 'In the fridge, a week or more.',
  rots: 'As fruit and vegetables keep; cut, in the fridge.',
});
