/** What is done in one act of a method, finer than the kind of its step. */
export const ACTION_KINDS = [
  'prepare',
  'preheat',
  'gel',
  'soak',
  'drain',
  'cream',
  'rub',
  'whisk',
  'melt',
  'mix',
  'knead',
  'fold',
  'cook',
  'boil',
  'rest',
  'proof',
  'chill',
  'shape',
  'divide',
  'score',
  'fill',
  'wash',
  'blind_bake',
  'bake',
  'uncover',
  'turn',
  'cool',
  'glaze',
  'other',
] as const;
export type ActionKind = (typeof ACTION_KINDS)[number];

/** Part of a divided line, 0 to 1; a word where no figure was given. `rest` is what no act before took. */
export type ActionShare = number | 'some' | 'most' | 'rest';
export const ACTION_SHARES = ['some', 'most', 'rest'] as const;
/** What lies over it: a pot's lid, a foil over the top, a cloth or the like against drying; `none` once that is off. */
export const ACTION_COVERS = ['none', 'lid', 'tent', 'cloth'] as const;
export type ActionCover = (typeof ACTION_COVERS)[number];
export const TEMP_OF = ['oven', 'liquid', 'room'] as const;
export type TempOf = (typeof TEMP_OF)[number];
export const ACTION_PLACES = ['room', 'warm', 'fridge', 'freezer', 'hob', 'oven'] as const;
export type ActionPlace = (typeof ACTION_PLACES)[number];

/**
 * One thing done: its words are `text`, from `from` to `to` in the words of its step. `uses` are the lines it takes, and how
 * much of each. Minutes are from least to most; `tempC` is of the oven, or of what `tempOf` says. `share` is of the dough, `pieceG` what one piece weighs. `ours` are the fields that were not written here:
 * an oven heat from before, pieces from the yield.
 */
export type Action = {
  kind: ActionKind;
  text: string;
  from: number;
  to: number;
  partId?: string;
  uses?: { lineId: string; share: ActionShare }[];
  /** Words of the step that mean lines, used here or made into something before: where they stand in its text. */
  names?: { from: number; to: number; lineIds: string[] }[];
  minutes?: [number, number];
  perSide?: boolean;
  /** Begins so many minutes into the bake: a foil "after 25". */
  afterMin?: number;
  tempC?: number;
  tempOf?: TempOf;
  fan?: boolean;
  cover?: ActionCover;
  place?: ActionPlace;
  until?: string;
  pieces?: number;
  pieceG?: number;
  share?: ActionShare;
  overnight?: boolean;
  ours?: ActionField[];
};
export const ACTION_FIELDS = ['tempC', 'pieces', 'place', 'cover'] as const;
export type ActionField = (typeof ACTION_FIELDS)[number];
