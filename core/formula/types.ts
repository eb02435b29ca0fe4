import type { ClassId, How } from '../classes';
import type { Sourced } from '../explain';
import { refTo, type AvoidId, type GroupId, type ItemRef, type ItemState, type Lookup } from '../ingredients';
import type { Step } from '../method';
import type { UnitId } from '../units';

/**
 * An amount with how it was come by. `massG` is null where it is not known: never 0 for lack of knowledge.
 * `confidence` is 0 to 1; `reading` keeps each step from what was written to grams.
 */
export type Amount = {
  massG: Sourced | null;
  written: string;
  confidence: number;
  reading: { qty: [number, number]; unit: UnitId; step: string }[];
};

/**
 * `inclusion` pieces stay out of the adjusting. The others are not in the dough: `release` greases the tin, `wash`
 * is brushed on, `dusting` strewn on the board or the top, `taste` added by taste, unmeasured, `bath`
 * what it is boiled or poached in, which is poured away.
 */
export const LINE_ROLES = ['inclusion', 'release', 'wash', 'dusting', 'taste', 'bath'] as const;
export type LineRole = (typeof LINE_ROLES)[number];
/** True for what never goes into the dough itself: its amount may stay unknown. */
export const isBeside = (role: LineRole | null | undefined): boolean =>
  role !== undefined && role !== null && role !== 'inclusion';

/** What a line came in for: the conflict, the group of what left, and the way by which it came. */
export type Came = { for: string; group: GroupId; kit: string };

export type Line = {
  id: string;
  item: ItemRef;
  amount: Amount;
  role?: LineRole;
  state?: ItemState;
  preparation?: string;
  /** Of a blend: whether gum is in it, where the row says so. */
  gum?: boolean;
  /** Water it takes up before it goes in, soaked or boiled and drained, g for each g of it; its grams are of the dry thing. */
  uptake?: Sourced;
  /** Of a line that came in: what for. */
  came?: Came;
  /** Other conflicts that it came in for as well: one gel for egg and yolk is one line to weigh. */
  alsoFor?: string[];
  /** How it goes in, by the method; open where that does not say. */
  how?: How;
};

/** What speaks for a kind of bake: what it is called, its make-up on flour, verbs and vessels of its method. */
export const KIND_REASONS = ['name', 'make', 'method'] as const;
export type KindReason = (typeof KIND_REASONS)[number];
/** A kind that was guessed: its probability, 0 to 1, the next likeliest, and what speaks for it. */
export type KindGuess = { p: number; other?: ClassId; because: KindReason[] };

/** What is made together and solved in one class: a dough, a crust, a filling. */
export type Part = {
  id: string;
  name: string;
  classId: ClassId;
  lines: Line[];
  /** There while the class is a guess; the baker's word takes it away. */
  guess?: KindGuess;
};

/** What lies over a bake, and where the heat comes from. */
export const COVERS = ['none', 'lid', 'tent'] as const;
export type Cover = (typeof COVERS)[number];
export const HEATS = ['even', 'top', 'below', 'grill'] as const;
export type Heat = (typeof HEATS)[number];
/** A stretch of a bake: so many minutes of one heat and one cover; the last goes on until it is done. */
export type BakePhase = {
  min: number;
  ovenC: number;
  fan: boolean;
  cover: Cover;
  steam: boolean;
  heat: Heat;
};
/**
 * What was stated of the bake: oven in °C, time in all as a range in minutes; `phases` where the heat or the cover
 * changes on the way.
 */
export type StatedBake = {
  ovenC: number | null;
  minutes: [number, number] | null;
  fan: boolean;
  phases?: BakePhase[];
};
export type Yield = { pieces: number; name: string };
export const TIN_SHAPES = [
  'loaf',
  'round',
  'square',
  'ring',
  'muffin',
  'tartlet',
  'tray',
  'pie',
  'trough',
  'pot',
] as const;
export type TinShape = (typeof TIN_SHAPES)[number];
/** A tin as it was stated: what it holds to the rim in mL, `count` of them; its sides in cm where they were said. */
export type StatedTin = {
  shape: TinShape;
  written: string;
  volumeMl: Sourced;
  count: number;
  cm?: { wide: number; long?: number; high?: number };
  /** Holes of a muffin or tartlet tin. */
  holes?: number;
};

export type Formula = {
  schema: 1;
  title: string;
  parts: Part[];
  method: Step[];
  yield?: Yield;
  bake?: StatedBake;
  tin?: StatedTin;
  /** It has to be begun the day before it is wanted. */
  overnight?: boolean;
  /** What this formula already leaves out; an adaptation keeps to it. */
  avoids: AvoidId[];
  originalText: string;
};

/** An amount in grams that the engine worked out. */
export function derivedAmount(massG: number, sd?: number): Amount {
  return {
    massG: { value: massG, ...(sd === undefined ? {} : { sd }), basis: 'derived' },
    written: '',
    confidence: 1,
    reading: [],
  };
}

/** Lines that are in the dough or batter, not on the tin or brushed on top. */
export function doughLines(part: Part): Line[] {
  return part.lines.filter((l) => !isBeside(l.role));
}

/** Grams of a line; 0 where the mass is not known (the profile says so apart). */
export const massOf = (line: Line): number => line.amount.massG?.value ?? 0;

/** What lines weigh together, g; what is not known counts as nothing. */
export const totalMassG = (lines: readonly Line[]): number => lines.reduce((s, l) => s + massOf(l), 0);

/** What a line weighs when it goes into the bowl, g: with the water that it took up. */
export const inBowlG = (line: Line): number => massOf(line) * (1 + (line.uptake?.value ?? 0));
/** What lines weigh together in the bowl, g; what is not known counts as nothing. */
export const bowlMassG = (lines: readonly Line[]): number => lines.reduce((s, l) => s + inBowlG(l), 0);

/** How many pieces it makes: as it says, else as many as its tins have holes; null where neither is known. */
export const piecesOf = ({ yield: makes, tin }: Formula): number | null =>
  makes?.pieces ?? (tin?.holes ? tin.holes * tin.count : null);

/** What goes into the bowls of all parts together, g. */
export const doughMassG = (formula: Formula): number => bowlMassG(formula.parts.flatMap(doughLines));

/** The formula with every line changed. */
export const mapLines = (formula: Formula, change: (line: Line) => Line): Formula => ({
  ...formula,
  parts: formula.parts.map((p) => ({ ...p, lines: p.lines.map(change) })),
});

/**
 * The formula with every line pointing at the very thing it stands for now: a packet that is used for its kind
 * everywhere is named by its revision, so that what is kept goes on meaning it.
 */
export const pinItems = (formula: Formula, lookup: Lookup): Formula =>
  mapLines(formula, (l) => {
    const now = lookup(l.item);
    return now ? { ...l, item: refTo(now) } : l;
  });
