import type { Basis } from '../explain';
import type { AvoidId, GroupId, ItemRef, ItemState } from '../ingredients';
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

/** How a thing goes in: it decides whether it brings air, flake or nothing of the kind. */
export const HOWS = ['whipped', 'creamed', 'rubbed', 'layered', 'melted', 'cooked', 'mixed'] as const;
export type How = (typeof HOWS)[number];

/** Kinds of bake, grouped by what holds them: each family shares what can stand in for what. */
export const FAMILY_IDS = [
  'yeast_loaf',
  'batter',
  'cookie',
  'flaky',
  'foam',
  'meringue',
  'choux',
  'custard',
  'set',
  'finish',
] as const;
export type FamilyId = (typeof FAMILY_IDS)[number];

export const CLASS_IDS = [
  'yeast_loaf',
  'gel_loaf',
  'bun',
  'baguette',
  'boiled_ring',
  'doughnut',
  'flatbread',
  'enriched',
  'seed_loaf',
  'soda_bread',
  'batter',
  'muffin',
  'pancake',
  'brownie',
  'foam_cake',
  'meringue',
  'choux',
  'cookie',
  'shortcrust',
  'flaky',
  'press_in',
  'crumb',
  'frangipane',
  'cracker',
  'egg_custard',
  'starch_set',
  'uncooked_set',
  'fruit_filling',
  'wash',
  'glaze',
] as const;
export type ClassId = (typeof CLASS_IDS)[number];

/** What holds the shape of a bake. */
export const STRUCTURES = [
  'starch_gum',
  'gel',
  'egg',
  'foam',
  'fat',
  'sugar',
  'starch_paste',
  'none',
] as const;
export type Structure = (typeof STRUCTURES)[number];

/** How one tells that it is done. */
export const DONE_SIGNS = [
  'core',
  'hollow',
  'skewer',
  'springs',
  'edges',
  'golden',
  'trembles',
  'bubbles',
  'thick',
  'dry',
  'none',
] as const;
export type DoneSign = (typeof DONE_SIGNS)[number];

/** What is dosed on flour (percent of it): the window in which such bakes work. */
export const DOSED = ['psyllium', 'gum', 'soda', 'powder', 'salt', 'yeast'] as const;
export type Dosed = (typeof DOSED)[number];

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

/**
 * How closely a property is held: inside ± max(rel × source, floor) nothing is paid, outside `weight` × distance².
 * `floor` is for 1000 g of dough, so that a batch of any size is judged alike.
 */
export type Tolerance = { key: PropKey; rel: number; floor: number; weight: number };

export type ProductClass = {
  id: ClassId;
  family: FamilyId;
  structure: Structure;
  done: DoneSign[];
  /** Usual feel, wet end to dry end. */
  feel: [FeelWord, FeelWord];
  doses: Partial<Record<Dosed, [number, number]>>;
  /** What cannot be had where the thing that is the structure has to go; said with every answer. */
  limits?: Partial<Record<'egg' | 'fat', LimitId>> | undefined;
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

/** What is said where egg, fat or gluten is the structure and leaves. */
export const LIMIT_IDS = [
  'no_gluten',
  'no_hollow_shell',
  'no_sponge',
  'no_layers',
  'no_custard_tremble',
] as const;
export type LimitId = (typeof LIMIT_IDS)[number];

/** Which leaving lines a kit can stand in for. */
export type ConflictPattern = {
  groups: GroupId[] | 'any';
  /** Only for these ingredients of the groups. */
  ids?: string[];
  /** Only where one of these has to go: gum out of the binders, say. */
  avoids?: AvoidId[];
  families?: FamilyId[];
  role?: 'release' | 'wash' | 'dusting' | 'taste';
};

/** Amounts are per gram of what leaves, per 50 g egg of it, or percent of the flour or of the free water as written. */
export const DOSE_UNITS = ['g', 'egg', 'flour%', 'liquid%'] as const;
export type DoseUnit = (typeof DOSE_UNITS)[number];
export type KitItem = {
  item: ItemRef;
  state?: ItemState;
  dose: { lo: number; usual: number; hi: number; per: DoseUnit };
  /** Only in these families; everywhere when absent. */
  families?: FamilyId[];
  /** Joins a line of the same ingredient that is there already (more of the same baking powder). */
  joins?: true;
  /** In place of the air that was beaten in: as much less as it was beaten less. */
  forAir?: true;
};

/** How well a kit suits a family, 0 to 1 (0 or absent: not at all), and how many eggs at most it stands in for. */
export type Caps = {
  fit: Partial<Record<FamilyId, number>>;
  maxEggs?: number;
  /** Kinds that it suits otherwise than the rest of their family. */
  classes?: Partial<Record<ClassId, number>>;
  /** It tastes of pulses or yeast: in a sweet filling or icing it suits half as well. */
  savoury?: true;
  /** Beyond `maxEggs` its fit is gone after so many more. */
  fades?: number;
  /** Times the fit, where what leaves went in so. */
  how?: Partial<Record<How, number>>;
};

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
  | 'salted_block'
  | 'starch_simmer'
  | 'no_proof'
  | 'laxative'
  | 'soak_cold'
  | 'sweeter';

/** A named way to cover the jobs of a thing that leaves. Data, not code. */
export type Kit = {
  id: string;
  for: ConflictPattern;
  /** The jobs a baker takes it for; how strongly is worked out from its items. */
  covers: JobId[];
  items: KitItem[];
  caps: Caps;
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
