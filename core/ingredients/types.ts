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

/** Everything one may leave out. The first fifteen are the groups of EU 1169/2011 Annex II, with wheat on its own. */
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
] as const;
export type AvoidId = (typeof AVOID_IDS)[number];

/** The avoidances that are allergens by law in the EU; a processed food is unknown in all of them until its label is read. */
export const LABEL_ALLERGENS = AVOID_IDS.slice(0, 15);

export type Fact = 'yes' | 'no' | 'unknown';

/** What a thing is in a bowl: kits say which of these they can stand in for. */
export type GroupId =
  | 'flour'
  | 'starch'
  | 'blend'
  | 'binder'
  | 'egg'
  | 'egg_white'
  | 'egg_yolk'
  | 'milk'
  | 'milk_powder'
  | 'cultured'
  | 'cream'
  | 'butter'
  | 'fat_firm'
  | 'oil'
  | 'nut_flour'
  | 'nut_pieces'
  | 'nut_butter'
  | 'nut_drink'
  | 'plant_drink'
  | 'plant_cultured'
  | 'seed_flour'
  | 'seed_pieces'
  | 'seed_butter'
  | 'sugar'
  | 'syrup'
  | 'honey'
  | 'leavener'
  | 'yeast'
  | 'acid'
  | 'salt'
  | 'water'
  | 'fruit'
  | 'pulse'
  | 'chocolate'
  | 'flavour';

/** A countable piece and its mass in g, without shell, stone or wrapping. */
export type Piece = {
  name: 'piece' | 'large' | 'medium' | 'small' | 'stick' | 'sachet' | 'clove';
  massG: Sourced;
};

export type Ingredient = {
  id: string;
  group: GroupId;
  /** First the usual name, then what else it is called. Lower case, unique over the set. */
  names: string[];
  /** g per 100 g; null is not known, never 0. */
  per100g: Record<Component, Sourced | null>;
  energyKcal: Sourced;
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
  /** Bulk density, g per mL, filled as a baker fills a cup. */
  densityGMl: Sourced | null;
  pieces: Piece[];
  facts: Record<AvoidId, Fact>;
  /** Made by somebody else from several things: only its packet says what is in it. */
  labelNeeded: boolean;
};

/** What a line points at. Gels, starters and preferments are parts of their own and nest. */
export type ItemRef =
  | { kind: 'ref' | 'own' | 'packet' | 'blend'; id: string }
  | { kind: 'part'; partId: string; share: number }
  | { kind: 'unknown'; text: string };

/** Finds what a line points at among the reference data and the baker's own; null when it is not known. */
export type Lookup = (item: ItemRef) => Ingredient | null;

/** How a thing stands in the bowl, where that changes what it does: whisked to foam, swollen to a gel, stirred to a slurry. */
export type ItemState = 'gel' | 'slurry' | 'whisked';
