import { bandOf } from './band';
import { boardOf, type Board } from './board';
import { crumbOf } from './crumb';
import { crustOf } from './crust';
import { cardWhite, faceOf } from './face';
import { evenLight, groundOf, type Ground } from './ground';
import { levelsOf } from './levels';
import { borderMm, polygonMask, sliceMask } from './outline';
import {
  CARD_MM,
  cardEdges,
  converges,
  faceLarger,
  leanDeg,
  ordered,
  planeOf,
  pxPerMm,
  type Plane,
} from './plane';
import { between, distances, maskOf, type Mask } from './raster';
import { shapeOf, standOf, standThrough, type Grid } from './shape';
import { drawingOf, numbersOf, type Seen } from './told';
import type { Marks, Picture, Point, RefusalId, SliceAnswer } from './types';

/** Px a mm: of the whole board, for the outline; of the face, for its crumb. All lengths are told in mm of it. */
const BOARD_PX = 4;
const FACE_PX = 8;
/** A frame wider than this, mm, is looked at in larger steps. */
const WIDEST_MM = 450;
/** Limits of a photo that can be measured: see docs/slice.md for what each was tried on. */
const MOST = { edgeMm: 0.45, glare: 0.01, leanDeg: 25, boardLike: 0.3, boardSpread: 0.25 };
const LEAST_PX = { outline: 2.5, crumb: 5 };
const LEAST_CONTRAST = 0.1;

/** Part of a mask of the coarse board as a mask of a finer part of it, its edge between the px of the coarse one. */
function finer(mask: Mask, from: Grid & { w: number; h: number }, to: Grid & { w: number; h: number }): Mask {
  const field = new Float32Array(mask);
  const by = from.scale / to.scale;
  const x0 = (to.x0 - from.x0) * from.scale + by / 2 - 0.5;
  const y0 = (to.y0 - from.y0) * from.scale + by / 2 - 0.5;
  return maskOf(
    to.w * to.h,
    (k) => between(field, from.w, from.h, x0 + (k % to.w) * by, y0 + Math.floor(k / to.w) * by) > 0.5,
  );
}

/** Whether a mask comes to the border of what the photo shows of the board. */
const touchesEdge = (mask: Mask, { w, h, seen }: Board): boolean =>
  mask.some((m, k) => {
    if (m === 0) return false;
    const i = k % w;
    const j = Math.floor(k / w);
    return i < 2 || j < 2 || i >= w - 2 || j >= h - 2 || !seen[k - 2] || !seen[k + 2];
  });

/** The board as it would be seen from straight above, as far as the photo shows it, and where it begins, mm. */
function boardSeen(
  picture: Picture,
  plane: Plane,
  photoPx: number,
): { board: Board; x0: number; y0: number } {
  const frame: Point[] = [
    [0, 0],
    [picture.width, 0],
    [picture.width, picture.height],
    [0, picture.height],
  ];
  const ends = frame.map(plane.toBoard);
  const [xs, ys] = [ends.map((p) => p[0]), ends.map((p) => p[1])];
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const boardPx = Math.min(BOARD_PX, (BOARD_PX * WIDEST_MM) / Math.max(x1 - x0, y1 - y0));
  return { board: boardOf(picture, plane, [x0, y0, x1, y1], boardPx, photoPx), x0, y0 };
}

/** Which way is down for whoever took the photo, at a point of the board. */
function downAt(plane: Plane, middle: Point): Point {
  const [px, py] = plane.toPhoto(middle);
  const [dx, dy] = plane.toBoard([px, py + 20]);
  const length = Math.hypot(dx - middle[0], dy - middle[1]);
  return [(dx - middle[0]) / length, (dy - middle[1]) / length];
}

/** What the photo is not good enough for, though the outline can be told. */
function lackingOf({
  over,
  glare,
  edgeMm,
  photoPx,
  contrast,
}: Record<'glare' | 'edgeMm' | 'photoPx' | 'contrast', number> & {
  over: boolean;
}): RefusalId[] {
  const lacking: RefusalId[] = [];
  if (over) lacking.push('overExposed');
  if (glare > MOST.glare) lacking.push('glare');
  if (!(edgeMm < MOST.edgeMm)) lacking.push('blurred');
  if (photoPx < LEAST_PX.crumb) lacking.push('tooSmall');
  if (contrast < LEAST_CONTRAST) lacking.push('faint');
  return lacking;
}

/** Where the slice lies on the board, by its marked outline or by what is unlike the board; or why that cannot be told. */
function sliceOn(
  { board, x0, y0 }: { board: Board; x0: number; y0: number },
  plane: Plane,
  marks: Marks,
): { mask: Mask; border: Point[]; ground: Ground } | RefusalId {
  const ground = groundOf(board);
  const onGrid = (p: Point): Point => {
    const [x, y] = plane.toBoard(p);
    return [(x - x0) * board.scale, (y - y0) * board.scale];
  };
  const mask = marks.outline
    ? polygonMask(marks.outline.map(onGrid), board.w, board.h)
    : sliceMask(board, ground);
  if (!marks.outline && (ground.own > MOST.boardLike * ground.limit || ground.spread > MOST.boardSpread))
    return 'board';
  const border = borderMm(mask, board);
  if (border.length < 100 * board.scale) return 'noSlice';
  return !marks.outline && touchesEdge(mask, board) ? 'cutOff' : { mask, border, ground };
}

/**
 * Measures the photo of a slice beside a card. `tell` hears the share done. The method is docs/slice.md; its spans were found
 * on drawn slices whose figures are known, not on bread.
 */
export function measureSlice(
  picture: Picture,
  marks: Marks,
  tell: (share: number) => void = () => {},
): SliceAnswer {
  const no = (why: RefusalId): SliceAnswer => ({ ok: false, why });
  const found = cardEdges(picture, ordered(marks.card));
  if (!found) return no('noCard');
  const { corners, edgePx } = found;
  const photoPx = pxPerMm(corners);
  const leaned = leanDeg(picture, photoPx, converges(corners), marks.focalMm);
  if (leaned > MOST.leanDeg) return no('angle');
  if (photoPx < LEAST_PX.outline) return no('tooSmall');
  const plane = planeOf(corners, ...CARD_MM);
  tell(0.05);
  const whole = boardSeen(picture, plane, photoPx);
  tell(0.25);
  const white = cardWhite(whole.board);
  const slice = sliceOn(whole, plane, marks);
  if (typeof slice === 'string') return no(slice);
  const { mask, border, ground } = slice;
  tell(0.4);

  const [bx, by] = [border.map((p) => p[0]), border.map((p) => p[1])];
  const box = [Math.min(...bx), Math.min(...by), Math.max(...bx), Math.max(...by)] as const;
  const middle: Point = [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2];
  const stand = marks.base
    ? standThrough([plane.toBoard(marks.base[0]), plane.toBoard(marks.base[1])], border)
    : standOf(border, downAt(plane, middle));
  const shape = shapeOf(border, stand);
  tell(0.45);

  const fine = boardOf(picture, plane, [box[0] - 2, box[1] - 2, box[2] + 2, box[3] + 2], FACE_PX, photoPx);
  const face = faceOf(fine, finer(mask, whole.board, fine), white.by, evenLight(ground));
  tell(0.55);
  const crust = crustOf(face, distances(face.mask, face.w, face.h), stand, middle);
  tell(0.7);
  const levels = levelsOf(face, crust.crumb, stand, shape.height);
  const edgeMm = edgePx / photoPx;
  const lacking = lackingOf({
    over: white.over,
    glare: face.glare,
    edgeMm,
    photoPx,
    contrast: levels.contrast,
  });
  tell(0.8);
  const pixelOf = (p: Point): number => {
    const [x, y] = plane.toBoard(p);
    return Math.floor((y - face.y0) * face.scale) * face.w + Math.floor((x - face.x0) * face.scale);
  };
  const crumb = lacking.some((l) => l !== 'overExposed')
    ? null
    : crumbOf(face, crust.crumb, levels, stand, shape, (marks.noHoles ?? []).map(pixelOf));
  tell(0.95);
  const seen: Seen = {
    plane,
    corners,
    photoPx,
    larger: faceLarger(picture, photoPx, marks.faceAboveMm ?? 0, marks.focalMm),
    border,
    stand,
    shape,
    face,
    crust,
    levels,
    crumb,
    gummy: crumb ? bandOf(face, crust.crumb, levels, crumb.hole, stand, shape) : null,
    overExposed: white.over,
    lacking,
  };
  tell(1);
  return {
    ok: true,
    numbers: numbersOf(seen),
    drawing: drawingOf(seen),
    quality: { pxPerMm: photoPx, edgeMm, leanDeg: leaned },
  };
}
