import type { AvoidId, Fact, GroupId } from '../ingredients';

/** What a packet prints per 100 g, EU style: carbohydrate is without fibre. Null is not printed, never 0. kcal, else g. */
export const PANEL_KEYS = ['kcal', 'fat', 'carbs', 'sugars', 'polyols', 'fibre', 'protein', 'salt'] as const;
export type PanelKey = (typeof PANEL_KEYS)[number];
export type Panel = Record<PanelKey, number | null>;
export const EMPTY_PANEL: Panel = {
  kcal: null,
  fat: null,
  carbs: null,
  sugars: null,
  polyols: null,
  fibre: null,
  protein: null,
  salt: null,
};

/** An ingredient of the baker's own. What is not given is that of the ingredient it is like, or not known. */
export type OwnDoc = {
  kind: 'own';
  name: string;
  otherNames: string[];
  /** Reference ingredient whose jobs, water uptake and acid it has; null for like none. */
  like: string | null;
  group: GroupId;
  panel: Panel;
  gPerCup: number | null;
  gPerPiece: number | null;
  facts: Partial<Record<AvoidId, Fact>>;
  note: string;
};

/** How far the text of a photo may be believed: nothing is concluded from it before it was compared with the packet. */
export type PhotoOfLabel = {
  /** Words that the reader of the photo was not sure of; each is looked at like a word nobody knows. */
  unsure: string[];
  /** Print went to the edge of the photo, and nobody has said that it is all there. */
  cutOff: boolean;
  /** Somebody has compared the text with the packet. */
  compared: boolean;
};

/** A packet with its label. It may stand for reference ingredients everywhere they are asked for. */
export type PacketDoc = {
  kind: 'packet';
  name: string;
  like: string;
  labelText: string;
  /** Words of the label that nobody knew and the baker has looked at. */
  seenWords: string[];
  /** There where the text came from a photo, not where it was typed. */
  photo?: PhotoOfLabel | undefined;
  panel: Panel;
  /** What a packet holds, g, and what it costs, in the kitchen's currency. */
  packG: number | null;
  price: number | null;
  /** Day it was opened, YYYY-MM-DD. */
  openedOn: string | null;
  everywhere: boolean;
  /** So many times as much water as its kind, learnt from bench runs: what went in by feel. */
  drinks?: { times: number; runs: string[] } | undefined;
};

/** A flour blend of the baker's own: shares by mass, in percent, of ingredients. */
export type BlendDoc = {
  kind: 'blend';
  name: string;
  otherNames: string[];
  parts: { id: string; percent: number }[];
  /** Reference blends it stands for everywhere. */
  standsFor: string[];
  note: string;
};

export type PantryDoc = OwnDoc | PacketDoc | BlendDoc;
export type PantryKind = PantryDoc['kind'];
/**
 * One revision of a thing of the baker's own. Revisions never change: a version that cites one keeps its meaning.
 * `id` is the revision, `itemId` the thing.
 */
export type PantryItem = { id: string; itemId: string; rev: number; doc: PantryDoc };
