import { borderMm } from './outline';
import { COUNTED_MM, holeSizes, openMoves, type Crumb } from './crumb';
import { distinct, type Crust } from './crust';
import type { Face } from './face';
import type { Levels } from './levels';
import { labOf } from './light';
import type { Plane } from './plane';
import { median, type Mask } from './raster';
import { onBoard, type Shape, type Stand } from './shape';
import type { GummyLine, Lab, Measured, Point, RefusalId, SliceDrawing, SliceNumbers } from './types';

/** Everything that was found on a photo; lengths in mm of the card's plane, of which the face shows `larger.by` times as large. */
export type Seen = {
  plane: Plane;
  corners: Point[];
  photoPx: number;
  larger: { by: number; give: number };
  border: Point[];
  stand: Stand;
  shape: Shape;
  face: Face;
  crust: Crust;
  levels: Levels;
  /** Null where the photo does not show it, and why in `lacking`. */
  crumb: Crumb | null;
  gummy: GummyLine | null;
  overExposed: boolean;
  lacking: RefusalId[];
};

/** How the rims of holes are lit moves the open share by so much: the difference between two makes of drawn slices. */
const OPEN_GIVE = 0.03;
const give = (value: number, by: number): Measured => ({ value, give: by });

/** What was found in numbers, as large as it is on the face, each with its span. */
export function numbersOf({
  larger,
  shape,
  face,
  crust,
  levels,
  crumb,
  gummy,
  overExposed,
  lacking,
}: Seen): SliceNumbers {
  const s = 1 / larger.by;
  const sizes = crumb && holeSizes(crumb);
  return {
    heightMm: give(shape.height * s, shape.height * s * (0.012 + larger.give)),
    widthMm: give(shape.width * s, shape.width * s * (0.012 + larger.give)),
    areaCm2: give((shape.area * s * s) / 100, ((shape.area * s * s) / 100) * (0.02 + 2 * larger.give)),
    dipMm: give(shape.dip * s, 0.5),
    crust: distinct(crust)
      ? {
          topMm: give(crust.topMm * s, 0.4),
          sideMm: give(crust.sideMm * s, 0.4),
          baseMm: give(crust.baseMm * s, 0.4),
        }
      : null,
    open: crumb && give(crumb.open, Math.hypot(openMoves(crust.crumb, levels) / 2, OPEN_GIVE)),
    typicalHoleMm: sizes && give(sizes.typical * s, 0.08 * sizes.typical * s),
    largestMm: sizes && give(sizes.largest * s, 0.1 * sizes.largest * s),
    holesPerCm2: sizes && give(sizes.perCm2 / (s * s), (0.16 * sizes.perCm2) / (s * s)),
    openBelow: crumb && crumb.thirds[0],
    openAbove: crumb && crumb.thirds[2],
    uneven: crumb && crumb.uneven,
    gummy: gummy && { ...gummy, thickMm: gummy.thickMm * s, fromBaseMm: gummy.fromBaseMm * s },
    crumbColour: crumb && !overExposed ? wallColour(face, crust.crumb, crumb) : null,
    crustColour: overExposed ? null : crust.colour,
    lacking,
  };
}

/** What was found as lines over the photo. */
export function drawingOf({
  plane,
  corners,
  photoPx,
  border,
  stand,
  shape,
  face,
  crust,
  crumb,
  gummy,
}: Seen): SliceDrawing {
  const toPhoto = (p: Point): Point => plane.toPhoto(onBoard(stand, p));
  const radius = (mm: number): number => (mm / 2) * photoPx;
  const strip = (t: number): Point[] => [toPhoto([shape.from, t]), toPhoto([shape.to, t])];
  return {
    card: corners,
    outline: thinned(border).map(plane.toPhoto),
    base: strip(0) as [Point, Point],
    height: [toPhoto([shape.top[0], 0]), toPhoto(shape.top)] as [Point, Point],
    dip:
      shape.dip > 1
        ? ([toPhoto([shape.low[0], shape.shoulder]), toPhoto(shape.low)] as [Point, Point])
        : null,
    crumb: thinned(borderMm(crust.crumb, face)).map(plane.toPhoto),
    gummy: gummy && [...strip(gummy.fromBaseMm), ...strip(gummy.fromBaseMm + gummy.thickMm).reverse()],
    holes: (crumb?.holes ?? [])
      .filter((o) => o.d >= COUNTED_MM)
      .map((o) => ({ at: toPhoto([o.u, o.t]), r: radius(o.d) })),
    tunnels: (crumb?.tunnels ?? []).map((o) => ({ at: toPhoto([o.u, o.t]), r: radius(o.d) })),
  };
}

/** Median colour of the walls of the crumb. */
function wallColour(
  { r, g, b }: { r: Float32Array; g: Float32Array; b: Float32Array },
  mask: Mask,
  { hole }: Crumb,
): Lab {
  const of: [number[], number[], number[]] = [[], [], []];
  for (let k = 0; k < mask.length; k += 4)
    if (mask[k] && !hole[k]) labOf(r[k]!, g[k]!, b[k]!).forEach((v, c) => of[c]!.push(v));
  return of.map(median) as unknown as Lab;
}

/** Lines over the photo have a point every so many mm. */
const POINT_MM = 0.8;
function thinned(line: readonly Point[]): Point[] {
  const out: Point[] = [];
  for (const p of line) {
    const last = out.at(-1);
    if (!last || Math.hypot(p[0] - last[0], p[1] - last[1]) >= POINT_MM) out.push(p);
  }
  return out;
}
