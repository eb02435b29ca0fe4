import { CLASSES, type ClassId, type FamilyId } from '../classes';
import { doughLines, profileOf, totalMassG, type Formula, type StatedTin, type TinShape } from '../formula';
import type { Lookup } from '../ingredients';
import { SEA_LEVEL_PA } from '../units';
import { bake, type BakeResult, type Side } from './heat';
import { materialOf, type Make } from './properties';

export const TIN_METALS = ['tin', 'shiny', 'dark', 'glass', 'stone', 'silicone', 'iron'] as const;
export type TinMetal = (typeof TIN_METALS)[number];
/** Heat a wall holds, J/(m² K), and how it takes up radiation. Common practice and memory. */
const WALLS: Record<TinMetal, { heatJ: number; emissivity: number; contact: number }> = {
  tin: { heatJ: 2200, emissivity: 0.6, contact: 0.003 },
  shiny: { heatJ: 2200, emissivity: 0.25, contact: 0.003 },
  dark: { heatJ: 2200, emissivity: 0.9, contact: 0.003 },
  glass: { heatJ: 9000, emissivity: 0.9, contact: 0.003 },
  stone: { heatJ: 12_000, emissivity: 0.9, contact: 0.004 },
  silicone: { heatJ: 3000, emissivity: 0.9, contact: 0.008 },
  iron: { heatJ: 15_000, emissivity: 0.9, contact: 0.003 },
};

/** How one bake is set up: dough, vessel and oven. */
export type BakeSetup = {
  classId: ClassId;
  make: Make;
  massG: number;
  /** Bulk density when it goes in, g/mL. */
  density: number;
  vessel: Vessel;
  metal: TinMetal;
  startC: number;
  ovenC: number;
  fan: boolean;
  /** Minutes under a lid or tent at first. */
  coveredMin: number;
  pressurePa: number;
};

/** What it is baked in, cm: half its width, its length where it is long, and how many of them share the dough. */
export type Vessel = {
  kind: 'round' | 'long' | 'free';
  /** Radius of a round one, half the width of a long one. */
  halfCm: number;
  /** Length of a long one; 0 for round. */
  lengthCm: number;
  /** Height of the walls; 0 for none. */
  wallCm: number;
  count: number;
};

/** Usual proportions of tins by shape: width and height for what they hold. Common practice, no source. */
const DEPTH_CM: Record<TinShape, number> = {
  loaf: 7.5,
  round: 5,
  square: 5,
  ring: 8,
  muffin: 3.2,
  tray: 3,
  pie: 3.5,
};
/** Holes of a muffin tin, mL each. Common practice, no source. */
const HOLE_ML = 100;

/** The vessel of a stated tin, from what it holds and its shape's usual depth. */
export function vesselOf(tin: StatedTin): Vessel {
  const ml = tin.volumeMl.value;
  const depth = DEPTH_CM[tin.shape];
  if (tin.shape === 'muffin') {
    const holes = Math.max(1, Math.round(ml / HOLE_ML));
    return {
      kind: 'round',
      halfCm: Math.sqrt(ml / holes / depth / Math.PI),
      lengthCm: 0,
      wallCm: depth,
      count: holes * tin.count,
    };
  }
  const area = ml / depth;
  if (tin.shape === 'loaf') {
    // A loaf tin is about 2.1 times as long as wide.
    const width = Math.sqrt(area / 2.1);
    return { kind: 'long', halfCm: width / 2, lengthCm: area / width, wallCm: depth, count: tin.count };
  }
  if (tin.shape === 'tray' || tin.shape === 'square') {
    const width = Math.sqrt(area / (tin.shape === 'tray' ? 1.4 : 1));
    return { kind: 'long', halfCm: width / 2, lengthCm: area / width, wallCm: depth, count: tin.count };
  }
  return { kind: 'round', halfCm: Math.sqrt(area / Math.PI), lengthCm: 0, wallCm: depth, count: tin.count };
}

/** Without a tin: pieces set free, as wide as such pieces usually stand, times as wide as high. Common practice. */
const FREE_WIDE = 2.2;
export function freeVessel(massG: number, density: number, pieces: number): Vessel {
  const ml = massG / density / pieces;
  // A flat cylinder: π r² h with 2 r = FREE_WIDE · h.
  const height = (ml / (Math.PI * (FREE_WIDE / 2) ** 2)) ** (1 / 3);
  return { kind: 'free', halfCm: (FREE_WIDE * height) / 2, lengthCm: 0, wallCm: 0, count: pieces };
}

/** Bulk density of what goes into the oven, g/mL, by family of bake. Common practice, no source. */
const DENSITY: Partial<Record<ClassId, number>> = {
  yeast_loaf: 0.7,
  gel_loaf: 0.75,
  bun: 0.6,
  baguette: 0.65,
  enriched: 0.65,
  seed_loaf: 1,
  soda_bread: 0.95,
  batter: 0.9,
  muffin: 0.9,
  foam_cake: 0.45,
  brownie: 1.05,
  cookie: 1.1,
  shortcrust: 1.15,
  press_in: 1.1,
  egg_custard: 1.05,
};
export const densityOfClass = (classId: ClassId): number => DENSITY[classId] ?? 1;

/** Height of the dough in its vessel, cm, over all its area. */
export function levelCm({ massG, density, vessel }: Pick<BakeSetup, 'massG' | 'density' | 'vessel'>): number {
  const area = vessel.kind === 'long' ? 2 * vessel.halfCm * vessel.lengthCm : Math.PI * vessel.halfCm ** 2;
  return massG / density / vessel.count / area;
}

/** Why a bake cannot be worked out, or is not to be believed; the interface has the words. */
export const BAKE_FAULTS = [
  'noMass',
  'ovenCold',
  'ovenHot',
  'tinFull',
  'tinSmall',
  'noTin',
  'notThis',
  'start',
  'unknown',
] as const;
export type BakeFault = (typeof BAKE_FAULTS)[number];

/** Classes the model does not explain: the stated time stays, and the signs lead. */
const NOT_MODELLED: readonly ClassId[] = [
  'egg_custard',
  'starch_set',
  'uncooked_set',
  'fruit_filling',
  'wash',
  'glaze',
  'choux',
  'pancake',
  'boiled_ring',
  'foam_cake',
  'cracker',
  'crumb',
];
/** Faults that leave nothing to work out. */
export const STOPS: readonly BakeFault[] = [
  'noMass',
  'ovenCold',
  'ovenHot',
  'start',
  'notThis',
  'tinSmall',
  'unknown',
];

/** Raw dough or batter, g/mL, and how full of it a tin may be. Common practice, no source. */
const RAW_G_ML = 1.05;
const FULL = 0.8;

export function faultsOf(s: BakeSetup): BakeFault[] {
  const faults: BakeFault[] = [];
  if (!(s.massG > 0)) faults.push('noMass');
  if (!(s.ovenC >= 80)) faults.push('ovenCold');
  if (!(s.ovenC <= 320)) faults.push('ovenHot');
  if (!(s.startC >= -30 && s.startC <= 60)) faults.push('start');
  if (NOT_MODELLED.includes(s.classId)) faults.push('notThis');
  if (s.vessel.wallCm === 0 && CLASSES[s.classId].family === 'batter') faults.push('noTin');
  if (!faults.some((f) => STOPS.includes(f)) && s.vessel.wallCm > 0) {
    // Raw dough, before it is airy, must fit with room to rise.
    const share = levelCm({ ...s, density: Math.max(s.density, RAW_G_ML) }) / s.vessel.wallCm;
    if (share > 1) faults.push('tinSmall');
    else if (share > FULL) faults.push('tinFull');
  }
  return faults;
}
/** The parts that are baked: what is brushed on or poured over when it is done is not. */
const inTheOven = ({ parts }: Formula): Formula['parts'] =>
  parts.filter((p) => CLASSES[p.classId].family !== 'finish');

/** Make-up of what is in the tin, of all parts together; null where nothing is known. */
export function makeOf(formula: Formula, lookup: Lookup): Make | null {
  const sum = { water: 0, protein: 0, fat: 0, sugars: 0, starch: 0, fibre: 0, salt: 0, mass: 0 };
  for (const part of inTheOven(formula)) {
    const { props } = profileOf(part, lookup);
    for (const k of Object.keys(sum) as (keyof typeof sum)[]) sum[k] += props[k].value;
  }
  const all = sum.water + sum.protein + sum.fat + sum.sugars + sum.starch + sum.fibre + sum.salt;
  if (!(all > 0)) return null;
  return {
    water: sum.water / all,
    protein: sum.protein / all,
    fat: sum.fat / all,
    carbohydrate: (sum.sugars + sum.starch) / all,
    fibre: sum.fibre / all,
    ash: sum.salt / all,
  };
}

/** The set-up a formula's own statements make; what it does not say is the usual. Null where there is no heat or no mass. */
export function setupOf(
  formula: Formula,
  lookup: Lookup,
  more: { pressurePa?: number; pieces?: number } = {},
): BakeSetup | null {
  const make = makeOf(formula, lookup);
  const massG = totalMassG(inTheOven(formula).flatMap(doughLines));
  const ovenC = formula.bake?.ovenC;
  const classId = formula.parts[0]?.classId;
  if (!make || !classId || ovenC === null || ovenC === undefined || massG <= 0) return null;
  const density = densityOfClass(classId);
  const vessel = formula.tin
    ? vesselOf(formula.tin)
    : freeVessel(massG, density, Math.max(1, more.pieces ?? formula.yield?.pieces ?? 1));
  return {
    classId,
    make,
    massG,
    density,
    vessel,
    metal: 'tin',
    startC: 24,
    ovenC,
    fan: formula.bake?.fan ?? false,
    coveredMin: 0,
    pressurePa: more.pressurePa ?? SEA_LEVEL_PA,
  };
}

/** Film of still and of fanned air, W/(m² K), and vapour in the air, Pa. From memory. */
const FILM = { still: 12, fan: 30 } as const;
const AIR_PA = { still: 10_000, fan: 5000 } as const;

/** Members of the ensemble: core to be reached, °C (calibration values, no probe's), and factor of conductivity. */
export const MEMBERS = [
  { untilC: 90, factor: 0.9 },
  { untilC: 90, factor: 1 },
  { untilC: 96, factor: 0.9 },
  { untilC: 96, factor: 1 },
] as const;
const SOFT: readonly string[] = ['enriched', 'bun', 'muffin', 'batter', 'brownie', 'cookie', 'seed_loaf'];
/** The member that is drawn: soft and dense bakes to 90, lean ones to 96 °C. */
export const drawnMember = (classId: ClassId): number =>
  SOFT.includes(classId) || CLASSES[classId].family === 'batter' ? 1 : 3;

const MOST_MIN = 240;

/**
 * Short and flaky doughs hold little water: their middle is through before it nears boiling, and colour is what says
 * that they are done. Common practice, no source.
 */
const DRY: readonly FamilyId[] = ['cookie', 'flaky'];
const DRY_DONE_C = 88;

/** One member's bake of a set-up, on a grid of so many cells each way. */
export function bakeOf(s: BakeSetup, member: number, cells = 10): BakeResult {
  const { untilC, factor } = MEMBERS[member]!;
  const { vessel } = s;
  const dry = DRY.includes(CLASSES[s.classId].family);
  const height = Math.max(0.4, levelCm(s)) / 100;
  const wall: Side = { kind: 'wall', ...WALLS[s.metal] };
  const open: Side = { kind: 'open' };
  return bake({
    section: {
      kind: vessel.kind === 'long' ? 'plane' : 'round',
      across: cells,
      up: cells,
      width: vessel.halfCm / 100,
      height,
    },
    material: materialOf({ make: s.make, density: s.density, pressurePa: s.pressurePa, factor }),
    sides: {
      outer: vessel.wallCm > 0 ? wall : open,
      top: open,
      bottom: wall,
    },
    startC: s.startC,
    oven: (min) => ({
      tempC: s.ovenC,
      film: s.fan ? FILM.fan : FILM.still,
      vapourPa: s.fan ? AIR_PA.fan : AIR_PA.still,
      covered: min < s.coveredMin,
    }),
    // Water boils lower up high, and so is done lower.
    untilC: (dry ? DRY_DONE_C : untilC) - (SEA_LEVEL_PA - s.pressurePa) * BOILS_LESS,
    mostMin: MOST_MIN,
  });
}
/** °C that water boils lower for a Pa of pressure less, near sea level. */
const BOILS_LESS = 2.8e-4;

/** A bake out of its tin on a rack: film and radiation of a still room, W/(m² K), and the room, °C. From memory. */
const RACK_FILM = 11;
const ROOM_C = 21;
/** As hot as a bake comes out, and what it is cut at, °C. Common practice, no source. */
const OUT_C = 97;
export const CUT_C = 35;

/**
 * Minutes until the middle is down to what it can be cut at, out of the tin on a rack. What goes on evaporating is left
 * out, so it comes somewhat late. Null where it takes more than half a day.
 */
export function coolingOf(s: BakeSetup, cells = 8): number | null {
  const air: Side = { kind: 'robin', h: RACK_FILM, bathC: ROOM_C };
  const { vessel } = s;
  return bake({
    section: {
      kind: vessel.kind === 'long' ? 'plane' : 'round',
      across: cells,
      up: cells,
      width: vessel.halfCm / 100,
      height: Math.max(0.4, levelCm(s)) / 100,
    },
    material: materialOf({ make: s.make, density: s.density, pressurePa: s.pressurePa }),
    sides: { outer: air, top: air, bottom: air },
    startC: OUT_C,
    oven: () => ({ tempC: ROOM_C, film: RACK_FILM, vapourPa: 1500, covered: false }),
    untilC: CUT_C,
    cools: true,
    mostMin: 720,
    every: 5,
  }).doneMin;
}
