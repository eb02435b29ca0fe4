import { CLASSES, type ClassId, type FamilyId } from '../classes';
import { bowlMassG, doughLines, mainPart, profileOf, type BakePhase, type Formula } from '../formula';
import type { Lookup } from '../ingredients';
import { liftOf } from '../leavening';
import { SEA_LEVEL_PA } from '../units';
import { brownRate, GOLDEN, type Browning } from './brown';
import type { Section } from './grid';
import type { Side } from './boundary';
import { bake, type BakeResult } from './heat';
import { ovenOf, plainPhase } from './oven';
import { materialOf, type Make } from './properties';
import {
  freeFormOf,
  freeVessel,
  halfAt,
  heightOf,
  isRounded,
  metalOf,
  vesselOf,
  WALLS,
  type FreeForm,
  type TinMetal,
  type Vessel,
} from './vessel';

/** How one bake is set up: dough, vessel and oven. */
export type BakeSetup = {
  classId: ClassId;
  make: Make;
  browning: Browning;
  massG: number;
  /** Bulk density when it goes in, g/mL. */
  density: number;
  vessel: Vessel;
  metal: TinMetal;
  /** The pot, stone or sheet was heated with the oven. */
  hot: boolean;
  startC: number;
  phases: BakePhase[];
  /** Minutes at which the door is opened: to look, to turn it. */
  doors: number[];
  pressurePa: number;
};

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

/** Height of the dough in its vessel, cm. */
export const levelCm = ({
  massG,
  density,
  vessel,
}: Pick<BakeSetup, 'massG' | 'density' | 'vessel'>): number => heightOf(vessel, massG / density);

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

/** Sugars and pH of what is in the oven, for its colour. */
function browningOf(formula: Formula, lookup: Lookup, massG: number): Browning {
  const sugars = inTheOven(formula).reduce((s, p) => s + profileOf(p, lookup).props.sugars.value, 0);
  const whole = mainPart(inTheOven(formula));
  const ph = whole ? liftOf(whole, lookup).ph : null;
  return { sugars: massG > 0 ? sugars / massG : 0, ph: ph && (ph[0] + ph[1]) / 2 };
}

/** What is known of a bake beside what its formula says. */
export type SetupMore = { pressurePa?: number; pieces?: number; form?: FreeForm; massG?: number };

/** The set-up a formula's own statements make; what it does not say is the usual. Null where there is no heat or no mass. */
export function setupOf(formula: Formula, lookup: Lookup, more: SetupMore = {}): BakeSetup | null {
  const make = makeOf(formula, lookup);
  const whole = bowlMassG(inTheOven(formula).flatMap(doughLines));
  const massG = more.massG ?? whole;
  const { bake: stated, tin } = formula;
  const classId = mainPart(inTheOven(formula))?.classId;
  const phases =
    stated?.phases && stated.phases.length > 0
      ? stated.phases
      : typeof stated?.ovenC === 'number'
        ? [plainPhase(stated.ovenC, stated.fan)]
        : null;
  if (!make || !classId || !phases || whole <= 0) return null;
  const density = densityOfClass(classId);
  const pieces = Math.max(1, more.pieces ?? formula.yield?.pieces ?? 1);
  return {
    classId,
    make,
    browning: browningOf(formula, lookup, whole),
    massG,
    density,
    vessel: tin
      ? vesselOf(tin, massG / density)
      : freeVessel(massG / density, pieces, more.form ?? freeFormOf(classId)),
    metal: tin ? metalOf(tin.shape) : 'tin',
    hot: tin?.shape === 'pot',
    startC: 24,
    phases,
    doors: [],
    pressurePa: more.pressurePa ?? SEA_LEVEL_PA,
  };
}

/** Members of the ensemble: core to be reached, °C (calibration values, no probe's), and factor of conductivity. */
export const MODEL_VARIANTS = [
  { untilC: 90, factor: 0.9 },
  { untilC: 90, factor: 1 },
  { untilC: 96, factor: 0.9 },
  { untilC: 96, factor: 1 },
] as const;
const SOFT: readonly string[] = ['enriched', 'bun', 'muffin', 'batter', 'brownie', 'cookie', 'seed_loaf'];
/** The member that is drawn: soft and dense bakes to 90, lean ones to 96 °C. */
export const displayedVariant = (classId: ClassId): number =>
  SOFT.includes(classId) || CLASSES[classId].family === 'batter' ? 1 : 3;

const MOST_MIN = 240;

/**
 * Short and flaky doughs hold little water: their middle is through before it nears boiling, and colour is what says
 * that they are done. Common practice, no source.
 */
const DRY: readonly FamilyId[] = ['cookie', 'flaky'];
const DRY_DONE_C = 88;

/** The crust says when these are done too, and not the middle alone. Common practice, no source. */
const CRUST_TOO: readonly ClassId[] = ['baguette'];

/** The section of a bake: how the dough stands in its vessel, on a grid of so many cells each way. */
export function sectionOf(s: Pick<BakeSetup, 'massG' | 'density' | 'vessel'>, cells: number): Section {
  const { vessel: v } = s;
  const level = Math.max(0.4, levelCm(s));
  const hole = v.holeCm ?? 0;
  const ring = v.kind === 'free' && v.form === 'ring';
  const rim = halfAt(v, level, v.kind === 'free' ? 0 : level);
  const width = rim - hole;
  const slants = isRounded(v) || (v.taper ?? 1) < 1;
  const outline = ring
    ? (x: number, y: number) => Math.hypot(2 * x - 1, y) - 1
    : (x: number, y: number) => x - (halfAt(v, level, Math.max(0, y) * level) - hole) / width;
  return {
    kind: v.lengthCm > 0 ? 'plane' : 'round',
    across: cells,
    up: cells,
    width: width / 100,
    height: level / 100,
    ...(hole > 0 ? { hole: hole / 100 } : {}),
    ...(slants ? { outline } : {}),
  };
}

/** °C that water boils lower for a Pa of pressure less, near sea level. */
const BOILS_LESS = 2.8e-4;

/** One member's bake of a set-up, on a grid of so many cells each way. */
export function bakeOf(s: BakeSetup, member: number, cells = 10): BakeResult {
  const { untilC, factor } = MODEL_VARIANTS[member]!;
  const { vessel } = s;
  const dry = DRY.includes(CLASSES[s.classId].family);
  const walled: Side = { kind: 'wall', ...WALLS[s.metal] };
  const open: Side = { kind: 'open' };
  return bake({
    section: sectionOf(s, cells),
    material: materialOf({ make: s.make, density: s.density, pressurePa: s.pressurePa, factor }),
    sides: {
      inner: vessel.wallCm > 0 ? walled : open,
      outer: vessel.wallCm > 0 ? walled : open,
      top: open,
      bottom: { ...walled, ...(s.hot ? { startC: s.phases[0]!.ovenC } : {}) },
    },
    startC: s.startC,
    oven: ovenOf(s.phases, s.doors),
    brownRate: brownRate(s.make, s.browning),
    untilBrown: dry || CRUST_TOO.includes(s.classId) ? GOLDEN : 0,
    // Water boils lower up high, and so is done lower.
    untilC: (dry ? DRY_DONE_C : untilC) - (SEA_LEVEL_PA - s.pressurePa) * BOILS_LESS,
    mostMin: MOST_MIN,
  });
}

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
  return bake({
    section: sectionOf(s, cells),
    material: materialOf({ make: s.make, density: s.density, pressurePa: s.pressurePa }),
    sides: { inner: air, outer: air, top: air, bottom: air },
    startC: OUT_C,
    oven: ovenOf([plainPhase(ROOM_C)]),
    untilC: CUT_C,
    cools: true,
    mostMin: 720,
    every: 5,
  }).doneMin;
}
