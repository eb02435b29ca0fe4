import type { Basis } from '../explain';
import type { GroupId, ItemRef, ItemState } from '../ingredients';
import type { StepEdit } from '../method';

/**
 * What a thing does in a bake. Binding is five jobs: thickness when cold, a dough that can be shaped, holding
 * gas at 50-85 °C, setting on heating, setting on cooling.
 */
export const JOB_IDS = [
  'wet',
  'thicken',
  'shape',
  'hold_gas',
  'set_hot',
  'set_cool',
  'shorten',
  'flake',
  'cream',
  'emulsify',
  'foam',
  'sweeten',
  'brown',
  'sour',
  'flavour',
  'glaze',
  'release',
  'bite',
] as const;
export type JobId = (typeof JOB_IDS)[number];
/** The jobs that together are binding. */
export const BINDING: readonly JobId[] = ['thicken', 'shape', 'hold_gas', 'set_hot', 'set_cool'];

export const CLASS_IDS = ['yeast_loaf', 'batter', 'cookie'] as const;
export type ClassId = (typeof CLASS_IDS)[number];

export const PROP_KEYS = [
  'mass',
  'water',
  'freeWater',
  'demand',
  'fat',
  'sugars',
  'starch',
  'protein',
  'fibre',
  'salt',
  'energy',
  'acid',
  'base',
  'bind',
  'shorten',
  'lift',
  'bite',
] as const;
/** An additive property: a coefficient per gram of each line, summed over the part. */
export type PropKey = (typeof PROP_KEYS)[number];

export const FEEL_WORDS = [
  'pours',
  'runs',
  'drops',
  'frosting',
  'sticky',
  'tacky',
  'rolls',
  'cracks',
] as const;
export type FeelWord = (typeof FEEL_WORDS)[number];

/** How closely a property is held: inside ± max(rel × source, floor) nothing is paid, outside `weight` × distance². */
export type Tolerance = { key: PropKey; rel: number; floor: number; weight: number };

export type ProductClass = {
  id: ClassId;
  /** How much each job matters, 0 to 1. */
  jobs: Partial<Record<JobId, number>>;
  tolerances: Tolerance[];
  /** Wetness in which such a dough or batter is workable. */
  wetness: [number, number];
  /** How much fat counts beside water in the feel, as a share of its grams. */
  fatFeel: number;
  /** Credit a whole-food stand-in gets for tenderness against fat here, 0 to 1. */
  shortenCredit: number;
  basis: Basis;
};

/** Which leaving lines a kit can stand in for. */
export type ConflictPattern = {
  groups: GroupId[] | 'any';
  classes?: ClassId[];
  role?: 'release' | 'wash' | 'dusting' | 'taste';
};

/** Amounts are per gram of what leaves, per 50 g egg of it, or percent of the flour. */
export type DoseUnit = 'g' | 'egg' | 'flour%';
export type KitItem = {
  item: ItemRef;
  state?: ItemState;
  dose: { lo: number; usual: number; hi: number; per: DoseUnit };
  /** Only in these classes; everywhere when absent. */
  classes?: ClassId[];
  /** Joins a line of the same ingredient that is there already (more of the same baking powder). */
  joins?: true;
};

/** What a kit may not do in a class: too many eggs at once, too large a share of the batter, or at all. */
export type ClassCap = { classId: ClassId; maxEggs?: number; fit: number };

export type SchoolTag = 'gum_free' | 'no_oil' | 'whole_food' | 'light' | 'wholegrain';
export type CautionId =
  | 'hydrate_fibre'
  | 'green_sunflower'
  | 'soft_fat'
  | 'no_snap'
  | 'keeps_less'
  | 'bean_taste'
  | 'added_oil_in_drinks'
  | 'soured_drink'
  | 'dense'
  | 'legume_peanut'
  | 'salted_block';

/** A named way to cover the jobs of a thing that leaves. Data, not code. */
export type Kit = {
  id: string;
  for: ConflictPattern;
  /** The jobs a baker takes it for; how strongly is worked out from its items. */
  covers: JobId[];
  items: KitItem[];
  caps: ClassCap[];
  steps: StepEdit[];
  cautions: CautionId[];
  tags: SchoolTag[];
  /** How usual the choice is where it suits, 0 to 1. */
  usual: number;
  /** How easy to come by: 0 in every kitchen, 1 in a shop, 2 to be ordered. */
  scarcity: 0 | 1 | 2;
  basis: Basis;
};

export type JobNeed = { job: JobId; strength: number };
