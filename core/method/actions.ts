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

/** How large something is made, or what it goes into, in cm: across or the shorter side, the longer side. */
export type SizeCm = { thick?: number; wide?: number; long?: number };
/** What something goes into or onto: its words, how many, and how large where that was said. */
export type ActionVessel = { words: string; count?: number; cm?: Omit<SizeCm, 'thick'> };

/**
 * One thing done: its words are `text`, from `from` to `to` in the words of its step. `uses` are the lines it takes, and how
 * much of each. Minutes are from least to most; `tempC` is of the oven, or of what `tempOf` says. `share` is of the dough,
 * `pieceG` what one piece weighs, `sizeCm` how large it is rolled, pressed or cut, `racks` how many are used at once.
 * `ours` are the fields that were not written here: an oven heat from before, pieces from the yield. `mended`: the
 * baker's word goes before what was read.
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
  sizeCm?: SizeCm;
  vessel?: ActionVessel;
  racks?: number;
  ours?: ActionField[];
  mended?: true;
};
export const ACTION_FIELDS = ['tempC', 'pieces', 'place', 'cover'] as const;
export type ActionField = (typeof ACTION_FIELDS)[number];

/** Fields of an act that the baker can put right. */
export const MENDED_FIELDS = [
  'kind',
  'uses',
  'minutes',
  'tempC',
  'cover',
  'place',
  'until',
  'pieces',
  'pieceG',
  'racks',
] as const;
export type MendedField = (typeof MENDED_FIELDS)[number];
/**
 * What the baker put right in one act of a step: it is found by its words, of those with the same words the `nth`, and
 * holds as long as they stand. A field that is null is not so at all, however it was read.
 */
export type ActionMend = { words: string; nth: number } & {
  [F in MendedField]?: Action[F] | (F extends 'kind' ? never : null);
};

/** Which of the acts of a step a mend is for. */
const mendKey = (words: string, nth: number): string => `${nth} ${words}`;

/** The acts of a step with what the baker put right in them; a mend whose words are gone changes nothing. */
export function withMends(acts: readonly Action[], mends: readonly ActionMend[]): Action[] {
  const by = new Map(mends.map((m) => [mendKey(m.words, m.nth), m]));
  const seen = new Map<string, number>();
  return acts.map((act) => {
    const nth = seen.get(act.text) ?? 0;
    seen.set(act.text, nth + 1);
    const mend = by.get(mendKey(act.text, nth));
    if (!mend) return act;
    const { words: _words, nth: _nth, ...fields } = mend;
    const out: Record<string, unknown> = { ...act, mended: true };
    for (const [field, value] of Object.entries(fields))
      if (value === null) delete out[field];
      else if (value !== undefined) out[field] = value;
    const ours = act.ours?.filter((f) => fields[f] === undefined) ?? [];
    if (ours.length > 0) out['ours'] = ours;
    else delete out['ours'];
    return out as Action;
  });
}

/** The mend that makes of an act as it was read one as the baker has it; null where they are the same. */
export function mendOf(read: Action, wanted: Action, nth: number): ActionMend | null {
  const fields = MENDED_FIELDS.filter((f) => JSON.stringify(read[f]) !== JSON.stringify(wanted[f]));
  if (fields.length === 0) return null;
  const entries = fields.map((f) => [f, wanted[f] ?? null]);
  return { words: read.text, nth, ...(Object.fromEntries(entries) as object) };
}
