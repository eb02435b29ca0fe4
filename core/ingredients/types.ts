import type { Sourced } from '../explain';

/**
 * What 100 g of a food is made of, in g per 100 g. The parts add up to 100.
 * `starch` takes in dextrins, `acids` are organic acids, `salt` is sodium chloride, `ash` the other minerals,
 * `leavening` the salts of soda and powder.
 */
export const COMPONENTS = [
  'water',
  'protein',
  'fat',
  'starch',
  'sugars',
  'polyols',
  'fibre',
  'acids',
  'alcohol',
  'salt',
  'ash',
  'leavening',
] as const;
export type Component = (typeof COMPONENTS)[number];

/**
 * Everything one may leave out. The first fifteen are the groups of EU 1169/2011 Annex II, with wheat on its own.
 * `tree_nut` is the Annex's eight; pine nut and chestnut are outside it and stand apart. `grain` are the true
 * cereals (not buckwheat, quinoa, amaranth). `inulin` are fructans, high in FODMAP. `own_word` is whatever words
 * the baker gave: only a lookup that knows the words sets it.
 */
export const AVOID_IDS = [
  'gluten',
  'wheat',
  'egg',
  'milk',
  'tree_nut',
  'peanut',
  'soy',
  'sesame',
  'lupin',
  'mustard',
  'celery',
  'fish',
  'crustacean',
  'mollusc',
  'sulphite',
  'coconut',
  'oats',
  'corn',
  'legume',
  'nightshade',
  'oil',
  'whole_food_fat',
  'honey',
  'animal',
  'gum',
  'yeast',
  'rice',
  'grain',
  'refined_sugar',
  'wheat_starch',
  'inulin',
  'pine_nut',
  'chestnut',
  'own_word',
] as const;
export type AvoidId = (typeof AVOID_IDS)[number];

/** The avoidances that are allergens by law in the EU; a processed food is unknown in all of them until its label is read. */
export const LABEL_ALLERGENS = AVOID_IDS.slice(0, 15);

/** `may`: its packet warns of traces. */
export type Fact = 'yes' | 'no' | 'unknown' | 'may';

/** What a thing is in a bowl: kits say which of these they can stand in for. */
export const GROUP_IDS = [
  'flour',
  'starch',
  'blend',
  'grain',
  'binder',
  'egg',
  'egg_white',
  'egg_yolk',
  'milk',
  'milk_powder',
  'cultured',
  'cream',
  'cheese',
  'butter',
  'fat_firm',
  'oil',
  'nut_flour',
  'nut_pieces',
  'nut_butter',
  'nut_drink',
  'plant_drink',
  'plant_cultured',
  'plant_cream',
  'plant_cheese',
  'seed_flour',
  'seed_pieces',
  'seed_butter',
  'sugar',
  'syrup',
  'honey',
  'leavener',
  'yeast',
  'starter',
  'alcohol',
  'acid',
  'salt',
  'water',
  'fruit',
  'pulse',
  'chocolate',
  'flavour',
] as const;
export type GroupId = (typeof GROUP_IDS)[number];
/** The groups of whole egg and its parts. */
export const EGG_GROUPS: readonly string[] = ['egg', 'egg_white', 'egg_yolk'];

/** A countable piece and its mass in g, without shell, stone or wrapping. */
/** Whose grades of eggs: by USDA AMS 56 (in dozens), or by Regulation (EU) 2023/2465, Article 4 (each). */
export const EGG_GRADINGS = ['us', 'eu'] as const;
export type EggGrading = (typeof EGG_GRADINGS)[number];

export type Piece = {
  name: PieceName;
  /** Holds by these grades only; by any when absent. */
  grading?: EggGrading;
  massG: Sourced;
};
export const PIECE_NAMES = [
  'piece',
  'xlarge',
  'large',
  'medium',
  'small',
  'stick',
  'sachet',
  'clove',
  'leaf',
  'stalk',
  'tin',
] as const;
export type PieceName = (typeof PIECE_NAMES)[number];

/** Where and how long a thing keeps: dry and cool, cold once opened, in the fridge, frozen. Common practice, no source. */
export const KEEPING_IDS = [
  'dry',
  'dry_dark_months',
  'opened_cold',
  'fridge_days',
  'fridge_week',
  'rots',
] as const;
export type KeepingId = (typeof KEEPING_IDS)[number];

/** How much of a fat is solid at 20 °C (0 to 1) and where it has melted, °C. */
export type Melting = { solid20: Sourced; meltsC: Sourced };

/** What stands behind an ingredient: our tables, or something of the baker's own. */
export type ItemKind = 'ref' | 'own' | 'packet' | 'blend';

export type Ingredient = {
  /** Unique over our tables and the baker's own. */
  id: string;
  kind: ItemKind;
  /** The reference ingredient whose jobs and doses it has; itself for one of our tables, null where it is like none. */
  like: string | null;
  group: GroupId;
  /** First the usual name, then what else it is called. Lower case, unique over the set. */
  names: string[];
  /** g per 100 g; null is not known, never 0. */
  per100g: Record<Component, Sourced | null>;
  energyKcal: Sourced;
  /** kcal per g of its polyols: 2.4, for erythritol 0 (EU 1169/2011 Annex XIV). */
  polyolKcalG: number;
  /** Counts as flour in baker's percentages. */
  flour: boolean;
  /** Sold dry: its own moisture is bound and wets nothing. */
  dry: boolean;
  /** Water the thing takes up in a dough, g per g as it is. */
  absorption: Sourced;
  /** Acid it brings, mmol per g, as titrated. */
  acidMmolG: Sourced;
  /** Alkali it brings that acid can meet, mmol per g. */
  baseMmolG: Sourced;
  /** CO2 it can give when its acid and base meet fully, mmol per g. */
  gasMmolG: Sourced;
  /** Share of its protein that sets firm on heating, 0 to 1. */
  settingProtein: Sourced;
  /** Null for what is liquid at 20 °C or hardly holds fat. */
  melting: Melting | null;
  keeping: KeepingId;
  /** What a kilogram costs, in the kitchen's currency; absent where no packet says it. */
  pricePerKg?: number;
  /** What one packet of it holds, g; absent where no packet says it. */
  packG?: number;
  /** Bulk density, g per mL, filled as a baker fills a cup. */
  densityGMl: Sourced | null;
  pieces: Piece[];
  facts: Record<AvoidId, Fact>;
  /** Made by somebody else from several things: only its packet says what is in it. */
  labelNeeded: boolean;
};

/** What a line points at. Gels, starters and preferments are parts of their own and nest. */
export type ItemRef =
  | { kind: ItemKind; id: string }
  | { kind: 'part'; partId: string; share: number }
  | { kind: 'unknown'; text: string };

/** The id of the ingredient a line points at; null for a part of its own and for what is not known. */
export const idOf = (item: ItemRef): string | null => ('id' in item ? item.id : null);

/** How a line points at an ingredient. */
export const refTo = (i: Pick<Ingredient, 'id' | 'kind'>): ItemRef => ({ kind: i.kind, id: i.id });

/** Finds what a line points at among the reference data and the baker's own; null when it is not known. */
export type Lookup = (item: ItemRef) => Ingredient | null;

/** How a thing stands in the bowl, where that changes what it does: whisked to foam, swollen to a gel, stirred to a slurry. */
export type ItemState = 'gel' | 'slurry' | 'whisked';
