import type { ClassId, OwnKitDoc } from '../core/classes';
import type { Eater, ExclusionId, OilReading, RulesetId } from '../core/exclusions';
import type { BakeSetup, FreeForm, Pace, TimedBake, TinMetal } from '../core/bake';
import type { BakePhase, Formula, StatedTin } from '../core/formula';
import type { AvoidId } from '../core/ingredients';
import type { Tests } from '../core/judge';
import type { NameMatch, ReadInput, Remembered } from '../core/reading';
import type { LiftPlan, TimedRise, YeastTable } from '../core/leavening';
import type { StepChoices } from '../core/method';
import type { AdaptInput, Pins, Style } from '../core/rebalance';
import type { PantryDoc, PantryItem } from '../core/pantry';
import type { Measures } from '../core/units';

export type ReadRequest = Omit<ReadInput, 'measures'> & { kitchen?: Measures; names?: Remembered[] };
export type MatchRequest = { names: string[] };
export type MatchAnswer = {
  matches: {
    name: string;
    best: NameMatch | null;
    confidence: number;
    /** Sure enough to be taken without asking. */
    silent: boolean;
    others: NameMatch[];
  }[];
};
export type LabelsRequest = { text: string; ruleset?: RulesetId };
export type AdaptRequest = AdaptInput;
/** Two bakes to be held against each other; `cells` each way of the section says how fine, `pace` what own bakes say. */
export type BakeRequest = {
  source: BakeSetup;
  adapted: BakeSetup;
  stated: readonly [number, number] | null;
  cells: number;
  /** Only the drawn member and no reasons: a first answer while something is being moved. */
  quick?: boolean;
  pace?: Pace;
};
/** What the baker changes at the oven; what is left out is as the formula states it, or the usual. */
export type BakePlan = {
  tin?: StatedTin;
  /** How many pieces share the dough, where there is no tin. */
  pieces?: number;
  form?: FreeForm;
  metal?: TinMetal;
  /** The pot, stone or sheet is heated with the oven. */
  hot?: boolean;
  phases?: BakePhase[];
  startC?: number;
  /** How often the door is opened, to look or to turn it. */
  doors?: number;
  /** Dough that is baked, g, where it is not all of it. */
  massG?: number;
};

/** What a version was made from. */
export type VersionRequest = {
  exclude: ExclusionId[];
  oil?: OilReading;
  words?: string[];
  strict?: AvoidId[];
  /** Groups that may come in though the formula has none of them. */
  allow?: AvoidId[];
  /** For whom it is baked; what they avoid is in the rest. */
  eaters?: string[];
  pins?: Pins;
  style?: StyleChoice;
  steps?: StepChoices;
  lift?: LiftPlan;
  bake?: BakePlan;
  /** The one change it is to try, and of which trial. */
  tests?: Tests;
};
/** Wishes of the house as they are chosen; "only from my pantry" is looked up when it is asked. */
export type StyleChoice = Omit<Style, 'onlyFrom'> & { pantryOnly?: boolean | undefined };
export type WayRow = OwnKitDoc & { id: string; rev: number };

/** A revision of a thing in the pantry. `gone`: taken out, there only to be cited. */
export type PantryRow = PantryItem & { gone: boolean; createdAt: string };
export type CreatePantry = { docs: PantryDoc[] };
export type EaterRow = Eater & { id: string; rev: number };
/** A change to something that is changed in place: the revision it grew from, and all of it as it is to be. */
export type Put<Doc> = { rev: number; doc: Doc };
export type KitchenRow = Kitchen & { rev: number };
export type Kitchen = Measures & {
  currency: string;
  ruleset: RulesetId;
  style?: StyleChoice;
  /** Height above the sea, m, and the table yeasts are exchanged by. */
  altitudeM?: number;
  yeast?: YeastTable;
  /** What ovens and thermometers are marked in; °C where nobody said. */
  heat?: 'c' | 'f';
  /** With ounces beside the grams on the card. */
  ounces?: boolean;
  /** Reference ingredients that are in the cupboard. */
  atHand?: string[];
  /** How much of a thing is left in the cupboard, g, by what a list calls it. */
  stock?: { id: string; g: number }[];
  ovens?: KitchenOven[];
  /** The oven one bakes in, where there is more than one. */
  ovenId?: string;
  tins?: KitchenTin[];
  /** Bakes that were timed here. */
  timed?: TimedBake[];
  /** Rises that were timed here. */
  risen?: TimedRise[];
  /** Names that were said to mean a thing: read so from then on. */
  names?: Remembered[];
  /** When one is up, in min of the day: work is planned within. */
  up?: Hours;
};
/** From one min of the day to another, 0 to 1440. */
export type Hours = { from: number; to: number };
export const USUAL_HOURS: Hours = { from: 390, to: 1350 };
/** An oven: how much hotter it is than it says, °C; whether it has a fan; how wide it is inside, cm; its racks. */
export type KitchenOven = {
  id: string;
  name: string;
  offsetC: number;
  fan: boolean;
  widthCm: number;
  racks: number;
};
export type KitchenTin = { id: string; name: string; tin: StatedTin; metal: TinMetal };
export const DEFAULT_KITCHEN: Kitchen = {
  cup: 'us',
  spoon: 'us',
  eggs: 'eu',
  currency: '€',
  ruleset: 'eu',
};

export type FormulaCard = {
  id: string;
  title: string;
  classId: ClassId;
  lines: number;
  versions: number;
  /** What at least one kept version leaves out, beside gluten. */
  leavesOut: AvoidId[];
  /** What each kept version leaves out. */
  kept: AvoidId[][];
  archived: boolean;
  updatedAt: string;
  /** When a bake of it was last timed; null where none was. */
  bakedAt: string | null;
  /** Hash of the first photo of its latest trial that has one; null where there is none. */
  photo: string | null;
  hasDraft: boolean;
};
export const SHELF_STATES = ['all', 'new', 'adapted', 'changed', 'aside'] as const;
export type ShelfState = (typeof SHELF_STATES)[number];
export const SHELF_ORDERS = ['latest', 'baked', 'title', 'kind', 'versions'] as const;
export type ShelfOrder = (typeof SHELF_ORDERS)[number];
/** What is looked for on the shelf. All of it is text, as it stands in an address. */
export type ShelfQuery = {
  /** Words, each of which must be in the title, or belong to one of the kinds after it: "lemon", "cake~pound_cake,batter". */
  w?: string | string[];
  kind?: string;
  state?: string;
  order?: string;
  /** Avoidances, with commas between, all of which one kept version leaves out. */
  out?: string;
  from?: string;
  limit?: string;
};
/** A piece of the shelf: `found` are looked for in all, `all` stand there, `kinds` are those that occur. */
export type ShelfPage = { formulas: FormulaCard[]; found: number; all: number; kinds: ClassId[] };
export type VersionMeta = {
  id: string;
  formulaId: string;
  parentId: string | null;
  /** The source whose profile the targets come from; null for a source itself. */
  targetId: string | null;
  /** As it was kept, or as it was named since. */
  name: string;
  note: string;
  star: boolean;
  avoids: AvoidId[];
  coreVersion: string;
  dataVersion: string;
  createdAt: string;
};
export type Version = VersionMeta & { doc: Formula; request: VersionRequest };
/** What can be said of a version afterwards. */
export type VersionMark = { name?: string; note?: string; star?: boolean };
export type FormulaDetail = {
  id: string;
  title: string;
  classId: ClassId;
  updatedAt: string;
  versions: VersionMeta[];
};
export type DraftDoc = { baseId: string; source: Formula; request: VersionRequest };
export type Draft = { rev: number; doc: DraftDoc; updatedAt: string };
/** A working copy that was set aside, by what it leaves out. */
export type AsideMeta = {
  id: string;
  baseId: string;
  exclude: ExclusionId[];
  words: string[];
  createdAt: string;
};
export type Aside = AsideMeta & { doc: DraftDoc };
export type DraftAnswer = { draft: Draft | null; aside: AsideMeta[] };
export type CreateVersion = {
  parentId: string;
  name: string;
  note?: string;
  doc: Formula;
  request: VersionRequest;
  source?: Formula;
  /** The working copy it was kept from; one that was saved since is left where it is. */
  draftRev?: number;
};
