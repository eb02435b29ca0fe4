import type { ClassId } from '../classes';
import { USUAL_TIN, type StatedTin, type TinShape } from '../formula';

export const TIN_METALS = [
  'tin',
  'shiny',
  'dark',
  'glass',
  'stone',
  'silicone',
  'iron',
  'perforated',
] as const;
export type TinMetal = (typeof TIN_METALS)[number];
/** Heat a wall holds, J/(m² K), its contact, m² K/W, and how it takes up radiation. Common practice and memory. */
export const WALLS: Record<TinMetal, { heatJ: number; emissivity: number; contact: number }> = {
  tin: { heatJ: 2200, emissivity: 0.6, contact: 0.003 },
  shiny: { heatJ: 2200, emissivity: 0.25, contact: 0.003 },
  dark: { heatJ: 2200, emissivity: 0.9, contact: 0.003 },
  glass: { heatJ: 9000, emissivity: 0.9, contact: 0.003 },
  stone: { heatJ: 12_000, emissivity: 0.9, contact: 0.004 },
  silicone: { heatJ: 3000, emissivity: 0.9, contact: 0.008 },
  iron: { heatJ: 15_000, emissivity: 0.9, contact: 0.003 },
  perforated: { heatJ: 1400, emissivity: 0.7, contact: 0.002 },
};

/** What is set free on a sheet or a stone, by how it is shaped. */
export const FREE_FORMS = ['dome', 'oval', 'baton', 'ring', 'flat'] as const;
export type FreeForm = (typeof FREE_FORMS)[number];

/** What it is baked in, cm, and how many of them share the dough. */
export type Vessel = {
  kind: 'round' | 'long' | 'free';
  /** Radius at the rim of a round one, half the width of a long one. */
  halfCm: number;
  /** Length of a long one; 0 for round. */
  lengthCm: number;
  /** Height of the walls; 0 for none. */
  wallCm: number;
  count: number;
  /** Width at the bottom over that at the rim; 1 for straight walls. */
  taper?: number;
  /** Radius of the tube of a ring tin, or of the hole of a ring of dough. */
  holeCm?: number;
  /** How a free one is shaped; flat where it is not said. */
  form?: FreeForm;
};

/** What tins of a shape are made of where it is not said. Common practice, no source. */
export const metalOf = (shape: TinShape): TinMetal =>
  shape === 'pot' ? 'iron' : shape === 'trough' ? 'perforated' : 'tin';

/** A ring tin's tube takes this share of its radius at the middle. Common practice, no source. */
export const TUBE_SHARE = 0.3;

/** Whether it stands free and rounds off towards its top. */
export const isRounded = (v: Vessel): boolean =>
  v.kind === 'free' && v.form !== undefined && v.form !== 'flat';
/** Area at the rim, cm². */
const rimArea = (v: Vessel): number =>
  v.kind === 'long' || v.lengthCm > 0
    ? 2 * v.halfCm * v.lengthCm
    : Math.PI * (v.halfCm ** 2 - (v.holeCm ?? 0) ** 2);
/**
 * What the area comes to on the mean from the bottom up to a share of the walls, over that at the rim: both sides of a
 * long tin lean, and all of a round one's.
 */
const meanShare = (taper: number, y: number): number =>
  taper * taper + taper * (1 - taper) * y + ((1 - taper) ** 2 * y * y) / 3;
const taperOf = (v: Vessel): number => v.taper ?? 1;
/** What one of them holds to the rim, mL. */
export const holdsMl = (v: Vessel): number => rimArea(v) * v.wallCm * meanShare(taperOf(v), 1);

/** A vessel of a shape and walls that holds so much, mL each. */
function sized(shape: TinShape, ml: number, count: number): Vessel {
  const { wall, long, taper } = USUAL_TIN[shape];
  const share = 1 - (shape === 'ring' ? TUBE_SHARE ** 2 : 0);
  const area = ml / wall / meanShare(taper, 1) / share;
  if (long > 0) {
    const width = Math.sqrt(area / long);
    return { kind: 'long', halfCm: width / 2, lengthCm: area / width, wallCm: wall, count, taper };
  }
  const halfCm = Math.sqrt(area / Math.PI);
  const holeCm = shape === 'ring' ? { holeCm: TUBE_SHARE * halfCm } : {};
  return { kind: 'round', halfCm, lengthCm: 0, wallCm: wall, count, taper, ...holeCm };
}

/**
 * The vessel of a stated tin: by its sides where they were said, else by what it holds and its shape's usual
 * proportions. In a pot, and in a trough, dough stands as it is set in: of so much, mL.
 */
export function vesselOf(tin: StatedTin, doughMl: number): Vessel {
  const { shape, count, cm } = tin;
  const usual = USUAL_TIN[shape];
  if (shape === 'pot') {
    const free = freeVessel(doughMl, count, 'dome');
    return cm ? { ...free, halfCm: Math.min(free.halfCm, cm.wide / 2) } : free;
  }
  if (shape === 'trough')
    return { ...freeVessel(doughMl, count, 'baton'), ...(cm?.long ? { lengthCm: cm.long } : {}) };
  const ml = tin.volumeMl.value;
  if (usual.holeMl !== undefined) {
    const holes = tin.holes ?? Math.max(1, Math.round(ml / usual.holeMl));
    return sized(shape, ml / holes, holes * count);
  }
  if (!cm) return sized(shape, ml, count);
  const ring = shape === 'ring' ? { holeCm: (TUBE_SHARE * cm.wide) / 2 } : {};
  const lengthCm = usual.long > 0 ? (cm.long ?? cm.wide * usual.long) : 0;
  const made: Vessel = {
    kind: usual.long > 0 ? 'long' : 'round',
    halfCm: cm.wide / 2,
    lengthCm,
    wallCm: cm.high ?? usual.wall,
    count,
    taper: usual.taper,
    ...ring,
  };
  // What it holds was worked out, or measured with water: that leads, and the walls stand as high as it needs.
  return { ...made, wallCm: (made.wallCm * ml) / holdsMl(made) };
}

/** Width over height of pieces set free, and length over width. Common practice, no source. */
const FREE: Record<FreeForm, { wide: number; long: number }> = {
  dome: { wide: 2.2, long: 0 },
  oval: { wide: 1.8, long: 1.7 },
  baton: { wide: 1.6, long: 6 },
  ring: { wide: 1.6, long: 0 },
  flat: { wide: 6, long: 0 },
};
/** The hole of a ring of dough over the thickness of its strand. Common practice, no source. */
const RING_HOLE = 0.6;

/** Pieces set free: so much dough, mL in all, in so many of a form. */
export function freeVessel(doughMl: number, pieces: number, form: FreeForm): Vessel {
  const ml = doughMl / pieces;
  const { wide, long } = FREE[form];
  const base = { kind: 'free', lengthCm: 0, wallCm: 0, count: pieces, form } as const;
  if (form === 'flat') {
    // π r² h with 2 r = wide · h.
    const h = (ml / (Math.PI * (wide / 2) ** 2)) ** (1 / 3);
    return { ...base, halfCm: (wide * h) / 2 };
  }
  if (form === 'ring') {
    // A half-ellipse of width w and height w / wide, turned about a hole.
    const per = (Math.PI / 4 / wide) * 2 * Math.PI * (RING_HOLE / 2 + 0.5);
    const w = (ml / per) ** (1 / 3);
    return { ...base, halfCm: w * (1 + RING_HOLE / 2), holeCm: (w * RING_HOLE) / 2 };
  }
  if (long > 0) {
    // Half an ellipse long: π/4 · w · h · length.
    const w = (ml / ((Math.PI / 4 / wide) * long)) ** (1 / 3);
    return { ...base, halfCm: w / 2, lengthCm: long * w };
  }
  // Half an ellipsoid: 2/3 π r² h with 2 r = wide · h.
  const h = (ml / ((2 / 3) * Math.PI * (wide / 2) ** 2)) ** (1 / 3);
  return { ...base, halfCm: (wide * h) / 2 };
}

/** How a kind of bake is shaped where it stands free. Common practice, no source. */
export function freeFormOf(classId: ClassId): FreeForm {
  switch (classId) {
    case 'baguette':
      return 'baton';
    case 'boiled_ring':
      return 'ring';
    case 'yeast_loaf':
    case 'gel_loaf':
    case 'bun':
    case 'enriched':
    case 'seed_loaf':
    case 'soda_bread':
    case 'choux':
    case 'meringue':
      return 'dome';
    default:
      return 'flat';
  }
}

/** Height that so much dough comes to in one vessel, cm: the middle of a dome, the level in a tin. */
export function heightOf(v: Vessel, doughMl: number): number {
  const ml = doughMl / v.count;
  if (isRounded(v)) {
    if (v.form === 'ring') {
      const [hole, w] = [v.holeCm ?? 0, v.halfCm - (v.holeCm ?? 0)];
      return ml / ((Math.PI / 4) * w * 2 * Math.PI * (hole + w / 2));
    }
    return v.lengthCm > 0
      ? ml / ((Math.PI / 2) * v.halfCm * v.lengthCm)
      : ml / ((2 / 3) * Math.PI * v.halfCm ** 2);
  }
  const area = rimArea(v);
  const full = holdsMl(v);
  if (v.wallCm === 0 || taperOf(v) === 1) return ml / area;
  // Above the rim it stands as wide as the rim.
  if (ml >= full) return v.wallCm + (ml - full) / area;
  let [lo, hi] = [0, 1];
  for (let k = 0; k < 40; k++) {
    const y = (lo + hi) / 2;
    if (area * v.wallCm * y * meanShare(taperOf(v), y) < ml) lo = y;
    else hi = y;
  }
  return v.wallCm * lo;
}

/** Half the width of the section at a height, cm; for drawing it and for the heat in it. */
export function halfAt(v: Vessel, levelCm: number, y: number): number {
  if (isRounded(v)) return v.halfCm * Math.sqrt(Math.max(0, 1 - (y / levelCm) ** 2));
  if (v.wallCm === 0) return v.halfCm;
  const t = taperOf(v);
  return v.halfCm * (t + (1 - t) * Math.min(1, y / v.wallCm));
}
