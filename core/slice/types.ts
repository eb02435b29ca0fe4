/** A place in a photo, px from its left upper corner, or on the board, mm. */
export type Point = readonly [number, number];
/** A picture as a canvas gives it: red, green, blue, alpha, a byte each, row by row. */
export type Picture = { readonly data: Uint8ClampedArray; readonly width: number; readonly height: number };

/** What a baker marks on the photo of a slice; all in px of that photo. */
export type Marks = {
  /** The four corners of the card, roughly, in order around it. */
  card: readonly Point[];
  /** The edge of the slice drawn by hand, where it was not found right. */
  outline?: readonly Point[];
  /** Two points on the line it stands on. */
  base?: readonly [Point, Point];
  /** Points in dark things that are no holes: a raisin, a seed. */
  noHoles?: readonly Point[];
  /** How far the cut face lies above the card, mm: 0 where the card lies on something as thick as the slice. */
  faceAboveMm?: number;
  /** The camera's focal length as if on 35 mm film, mm; absent where the photo does not say. */
  focalMm?: number;
};

/** The same as shares of the photo's width and height, so that they hold for it in any size. */
export type MarkShares = Marks;

/** Why a photo cannot be measured, or only in part. */
export const REFUSAL_IDS = [
  'noCard',
  'angle',
  'glare',
  'board',
  'noSlice',
  'cutOff',
  'blurred',
  'tooSmall',
  'overExposed',
  'faint',
] as const;
export type RefusalId = (typeof REFUSAL_IDS)[number];

/** A figure with half the width of the span it lies in nine times of ten; the span holds for our own drawn slices only. */
export type Measured = { value: number; give: number };
/** A wet, dark band above the base. `depth` is how much darker than the crumb it is, in steps of CIE lightness. */
export type GummyLine = { thickMm: number; fromBaseMm: number; depth: number };
/** Colour as CIELAB (D65, 2°), the card taken for a neutral white of 85 %. */
export type Lab = readonly [number, number, number];

/** What a photo of a slice says in numbers. What could not be told is null, and why stands in `lacking`. */
export type SliceNumbers = {
  heightMm: Measured;
  widthMm: Measured;
  areaCm2: Measured;
  /** How deep the top sinks between its two highest shoulders. */
  dipMm: Measured;
  crust: { topMm: Measured; sideMm: Measured; baseMm: Measured } | null;
  /** Area of the holes as a share of the crumb's ("void fraction", "porosity"). */
  open: Measured | null;
  /** Mean diameter of the holes of 1.2 mm and more, each counted by its area, mm. */
  typicalHoleMm: Measured | null;
  /** Mean diameter of the five largest, mm. */
  largestMm: Measured | null;
  /** Holes of 1.2 mm and more in a cm² of crumb: to be compared between photos only. */
  holesPerCm2: Measured | null;
  /** The same share in the lowest and the highest third. */
  openBelow: number | null;
  openAbove: number | null;
  /** How much it differs from place to place: coefficient of variation over squares of 15 mm. */
  uneven: number | null;
  gummy: GummyLine | null;
  crumbColour: Lab | null;
  crustColour: Lab | null;
  lacking: RefusalId[];
};

/** What was measured as lines over the photo, px of the photo. */
export type SliceDrawing = {
  card: Point[];
  outline: Point[];
  base: [Point, Point];
  /** From the base to the highest place. */
  height: [Point, Point];
  /** Level of the lower shoulder, and the lowest place of the dip below it. */
  dip: [Point, Point] | null;
  crumb: Point[];
  gummy: Point[] | null;
  /** Holes of 1.2 mm and more: middle and half-width, px. */
  holes: { at: Point; r: number }[];
  /** Tall, narrow holes that may be tunnels: to be looked at. */
  tunnels: { at: Point; r: number }[];
};

/** How a photo was taken, as far as it shows: pixels in a mm, blur of an edge in mm, how far from straight above. */
export type SliceQuality = { pxPerMm: number; edgeMm: number; leanDeg: number };
export type SliceAnswer =
  | { ok: true; numbers: SliceNumbers; drawing: SliceDrawing; quality: SliceQuality }
  | { ok: false; why: RefusalId };
