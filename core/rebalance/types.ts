import type { CautionId, ClassId, LimitId, How, JobId, JobNeed, OwnKit, PropKey } from '../classes';
import type { Msg, Sourced } from '../explain';
import type { ExclusionId, OilReading } from '../exclusions';
import type { Formula, LineRole, Profile, PropUnit } from '../formula';
import type { AvoidId, GroupId, Lookup } from '../ingredients';
import type { StepEdit } from '../method';
import type { Style, StyleMiss } from './style';

/** What the baker holds: kits chosen, amounts held, balances locked. */
export type Pins = {
  /** Kit by conflict id. */
  kits?: Record<string, string>;
  /** Grams by line id of the adapted formula. */
  lines?: Record<string, number>;
  /** A property by part and key, in its own unit. */
  props?: Record<string, Partial<Record<PropKey, number>>>;
  lockWetness?: boolean;
  lockMass?: boolean;
  /** Total mass may grow or shrink as it likes. */
  freeMass?: boolean;
};

export type AdaptInput = {
  formula: Formula;
  exclude: readonly ExclusionId[];
  oil?: OilReading;
  /** Words of the baker's own: whatever is named so has to go. */
  words?: readonly string[];
  /** Avoidances for which traces matter: a "may contain" warning rules a thing out. */
  strict?: readonly AvoidId[];
  /** Where the targets come from; the formula itself when absent. Repeated adapting names its root, so nothing drifts. */
  target?: Formula;
  /** Groups that may come in though the formula has none of them. */
  allow?: readonly AvoidId[];
  pins?: Pins;
  /** How the house likes to bake: moves the ranking. */
  style?: Style;
  /** Ways of the baker's own, tried beside ours. */
  own?: readonly OwnKit[];
  /** Whole solutions wanted at most. */
  limit?: number;
  /** False: only the solutions, not every way at each conflict, as while an amount is dragged. */
  options?: boolean;
};
export type AdaptContext = { lookup: Lookup };

/** Lines of one kind that must leave, with the jobs they did here. */
export type Conflict = {
  id: string;
  partId: string;
  classId: ClassId;
  group: GroupId;
  role: LineRole | null;
  lineIds: string[];
  ingredientIds: string[];
  avoids: AvoidId[];
  /** It is only named for what must go: its packet says whether it holds any. */
  asks: boolean;
  massG: number | null;
  /** As eggs of 50 g in a usual batch of 700 g, for ways that are good for so many. */
  eggs: number;
  /** Sugar is more than a twelfth of the part. */
  sweet: boolean;
  /** How most of it went in, by the method; open where that does not say. */
  how?: How;
  /** Share of the air that such a thing can hold which it was beaten to, 0 to 1. */
  air: number;
  jobs: JobNeed[];
};

/** How another bake differs that works: held by psyllium, held by gum, rolled up in place of layers. */
export type OtherKind = 'psyllium' | 'gum' | 'rolled';

/** What decides between two answers: what speaks against the one, and what against the other. */
export type Between = { against: Msg[]; forIt: Msg[] };

/** One way to cover a conflict while the other choices stay: its amounts, its cost, what it brings in. */
export type Option = {
  conflictId: string;
  kitId: string;
  amounts: { lineId: string; ingredientId: string; massG: number | null }[];
  /** How much worse than the best way here; 0 is the best. */
  behind: number;
  /** Why it comes after the best way here: what decides, first. */
  because: Msg[];
  /** What decides between it and the way that is chosen here; null for that one. */
  beside: Between | null;
  bringsIn: AvoidId[];
  unknown: AvoidId[];
  cautions: CautionId[];
  feasible: boolean;
};

export type Move = {
  op: 'drop' | 'add' | 'scale' | 'keep';
  lineId: string;
  ingredientId: string | null;
  kitId?: string;
  conflictId?: string;
  /** Of what comes in: the group of what left. */
  group?: GroupId;
  fromG: number | null;
  toG: number | null;
  reason: Msg;
};

export type FitKey = PropKey | 'wetness';
/** One property of the adapted part beside the source's, with the band it should stay in. */
export type Fit = {
  partId: string;
  key: FitKey;
  unit: PropUnit | 'ratio';
  source: Sourced;
  adapted: Sourced;
  lo: number;
  hi: number;
  /** `open`: lines that are not known could change the answer, so none is given. */
  state: 'inside' | 'low' | 'high' | 'open';
  weight: number;
};

export type ScorePart = {
  code:
    | 'closeness'
    | 'allergens'
    | 'unknown'
    | 'uncovered'
    | 'usual'
    | 'scarce'
    | 'fresh'
    | 'widened'
    | 'warned'
    | 'suits'
    | 'watch'
    | 'style';
  value: number;
};
export type LineVerdict = {
  lineId: string;
  ingredientId: string | null;
  contains: AvoidId[];
  may: AvoidId[];
  unknown: AvoidId[];
};
/** `open`: too little is known for any word of how sure it is. */
export type Confidence = { level: 'good' | 'fair' | 'low' | 'open'; because: Msg[] };

export type Solution = {
  key: string;
  formula: Formula;
  kits: Record<string, string>;
  moves: Move[];
  fit: Fit[];
  profiles: Record<string, Profile>;
  score: ScorePart[];
  total: number;
  uncovered: JobId[];
  steps: StepEdit[];
  verdicts: LineVerdict[];
  bringsIn: { avoid: AvoidId; ingredientId: string }[];
  cautions: CautionId[];
  widened: Msg[];
  /** What the app would say against it that it does not say of the source. */
  warned: Msg[];
  /** Wishes of the house that it does not meet. */
  misses: StyleMiss[];
  /** Why it comes after the first answer: what decides, first; nothing for that itself. */
  because: Msg[];
  /** What cannot be had here, since what held the bake has to go. */
  limits: LimitId[];
  /** Water worth keeping back at first, g: what the spread of the new solids' thirst amounts to. */
  holdBackG: number;
  confidence: Confidence;
};

export type Outcome = {
  avoids: AvoidId[];
  conflicts: Conflict[];
  solutions: Solution[];
  /** For the first solution: every way at each conflict. */
  options: Option[];
  sourceProfiles: Record<string, Profile>;
  cannot: { need: Msg; clash: string[] }[];
  /** Another bread that works, where egg or gum that held this one has to go; with its water on flour, percent. */
  other: { kind: OtherKind; formula: Formula; hydration: number } | null;
  /** Groups that some way would bring in, and that stay out since the formula has none of them. */
  heldOut: AvoidId[];
};
