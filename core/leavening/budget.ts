import { liftStrength, type ClassId } from '../classes';
import type { Sourced } from '../explain';
import { doughLines, massOf, profileOf, reachOf, type Line, type Part } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import { SEA_LEVEL_PA } from '../units';
import { BY_HEAT, dissolvedMmol, gasMl, moistGasMl } from './chemistry';
import { BENCH_SHARE } from './data/acids';

/** Where gas comes from: soda that meets acid, soda by heat alone, powder, ammonia, air beaten into egg or the like. */
export const GAS_KINDS = ['met', 'heat', 'powder', 'foam'] as const;
export type GasKind = (typeof GAS_KINDS)[number];
export type Gas = { kind: GasKind; ids: string[]; mmol: number; benchMmol: number };
/** A line that brings acid or alkali, mmol. */
export type Sour = { lineId: string; ingredientId: string; massG: number; mmol: Sourced };

/** Gas, acid and alkali of a part. mmol for the batch unless the name says otherwise. */
export type LiftBudget = {
  classId: ClassId;
  flourG: number;
  massG: number;
  acids: Sour[];
  bases: Sour[];
  acidMmol: Sourced;
  baseMmol: Sourced;
  /** Share of the soda that meets acid, 0 to 1; null without soda. */
  metShare: number | null;
  /** Alkali left over; below 0 it is acid. */
  residueMmol: Sourced;
  gas: Gas[];
  gasMmol: number;
  /** For 100 g of flour; null where flour is no base. */
  gasPer100: number | null;
  /** Usual for the class, mmol for 100 g flour; null where gas is not what lifts it. */
  window: readonly [number, number] | null;
  state: 'inside' | 'low' | 'high' | null;
  /** Stays in the water before bubbles grow, mmol; the volumes leave it out. */
  dissolvedMmol: number;
  /** In the bowl at 25 °C, and at 90 °C in the oven with vapour in the bubbles, mL. */
  coldMl: number;
  ovenMl: number;
  /** Rough pH of the crumb, low to high; null where nothing sour or alkaline is in it. */
  ph: readonly [number, number] | null;
  effect: Effect;
  /** Lines that are not known could change gas or acid by more than is nothing: none of it is to be believed. */
  open: boolean;
};
export const EFFECTS = ['soapy', 'browner', 'neutral', 'tender', 'sour'] as const;
/** What the residue does to taste and colour. */
export type Effect = (typeof EFFECTS)[number];

/**
 * Gas that such bakes usually have, mmol CO2 for 100 g flour. From the usual spoon of powder for 120 to 140 g flour (8
 * to 9 mmol) and the half as much again that gluten-free ones take; common practice, no source.
 */
const WINDOWS: Partial<Record<ClassId, readonly [number, number]>> = {
  muffin: [8, 19],
  batter: [7, 18],
  pancake: [8, 22],
  soda_bread: [7, 18],
  flatbread: [3, 14],
  brownie: [0, 8],
  cookie: [1, 9],
  frangipane: [1, 10],
  cracker: [0, 8],
};

/** mmol that move the pH of a kilogram by one, softly and stiffly buffered dough. From memory. */
const BUFFER = [18, 45] as const;
/** pH of a dough with nothing left over. From memory. */
const NEUTRAL_PH = 6.6;
const OVEN_C = 90;
const ROOM_C = 25;
/** Water activity of a dough at oven spring. From memory. */
const ACTIVITY = 0.95;

/** Alkali left over for 100 g of flour, mmol, above which it is tasted, and above which it only browns; acid likewise. */
const TASTED = 4;
const BROWNS = 1;
const TENDERS = -2;
const SOUR = -10;

function effectOf(per100: number): Effect {
  if (per100 > TASTED) return 'soapy';
  if (per100 > BROWNS) return 'browner';
  if (per100 < SOUR) return 'sour';
  return per100 < TENDERS ? 'tender' : 'neutral';
}

/** Gas, acid or alkali below this share of a part's gas, or below this for 100 g of flour, mmol, change nothing. Common practice, no source. */
const NOTHING = { share: 0.1, per100: 0.5 };

function isOpen(part: Part, lookup: Lookup, gasMmol: number, flourG: number): boolean {
  const reach = reachOf(part, lookup);
  if (!reach) return false;
  const least = Math.max(NOTHING.share * gasMmol, (NOTHING.per100 * flourG) / 100);
  return Math.max(reach.lift, reach.acid, reach.base) > least;
}

const sumOf = (sours: readonly Sour[]): Sourced => {
  const value = sours.reduce((s, x) => s + x.mmol.value, 0);
  const sd = Math.hypot(...sours.map((x) => x.mmol.sd ?? 0));
  return { value, ...(sd > 0 ? { sd } : {}), basis: 'derived' };
};

/** Whether yeast or a starter raises a part. */
export const isYeasted = (part: Part, lookup: Lookup): boolean =>
  doughLines(part).some((l) => {
    const group = lookup(l.item)?.group;
    return group === 'yeast' || group === 'starter';
  });

/** What a unit per gram comes to in a line. */
const times = (x: Sourced, massG: number): Sourced => ({
  ...x,
  value: x.value * massG,
  ...(x.sd === undefined ? {} : { sd: x.sd * massG }),
});

const phOf = (residueMmol: number, massG: number): readonly [number, number] => {
  const at = BUFFER.map((b) => NEUTRAL_PH + residueMmol / (b * (massG / 1000)));
  const clip = (x: number) => Math.min(9.5, Math.max(4, x));
  return [clip(Math.min(...at)), clip(Math.max(...at))];
};

/** A line of a dough with what it is and what it weighs. */
type Known = { line: Line; ingredient: Ingredient; massG: number };

/** What of a dough is sour, or is alkaline, the most first. */
const sours = (lines: readonly Known[], of: (i: Ingredient) => Sourced): Sour[] =>
  lines
    .filter(({ ingredient, massG }) => of(ingredient).value * massG > 0)
    .map(({ line, ingredient, massG }) => ({
      lineId: line.id,
      ingredientId: ingredient.id,
      massG,
      mmol: times(of(ingredient), massG),
    }))
    .sort((a, b) => b.mmol.value - a.mmol.value);

/** Where the gas of a dough comes from: soda that meets acid, soda by heat, powder, and what was beaten in. */
function gasOf(
  lines: readonly Known[],
  { met, unmet, sodaIds }: { met: number; unmet: number; sodaIds: string[] },
  classId: Part['classId'],
): Gas[] {
  const gas: Gas[] = [];
  const add = (kind: GasKind, ids: string[], mmol: number, bench: number): void => {
    if (mmol > 1e-9) gas.push({ kind, ids: [...new Set(ids)], mmol, benchMmol: bench * mmol });
  };
  add('met', sodaIds, met, BENCH_SHARE.soda!);
  add('heat', sodaIds, BY_HEAT * unmet, 0);
  for (const { ingredient: i, massG } of lines)
    if (i.gasMmolG.value > 0 && i.baseMmolG.value === 0)
      add('powder', [i.id], i.gasMmolG.value * massG, BENCH_SHARE[i.like ?? ''] ?? 0.35);
  const airy = lines
    .filter((l) => l.ingredient.gasMmolG.value === 0)
    .map(({ ingredient, line, massG }) => ({
      id: ingredient.id,
      mmol: massG * liftStrength(ingredient, line.state, classId, line.how).value,
    }))
    .filter((l) => l.mmol > 0);
  add(
    'foam',
    airy.map((l) => l.id),
    airy.reduce((sum, l) => sum + l.mmol, 0),
    1,
  );
  return gas;
}

/** Whether so much gas is little or much for a kind of bake; null where nothing is held against it. */
function stateOf(gasPer100: number | null, window: readonly [number, number] | null): LiftBudget['state'] {
  if (window === null || gasPer100 === null) return null;
  if (gasPer100 < window[0]) return 'low';
  return gasPer100 > window[1] ? 'high' : 'inside';
}

/**
 * What lifts a part and what is left over. Soda meets acid one to one by titration; what meets none gives half its
 * gas by heat and leaves alkali. Powder brings its own acid. Gas that the water keeps dissolved lifts nothing.
 */
export function liftOf(part: Part, lookup: Lookup, pressurePa = SEA_LEVEL_PA): LiftBudget {
  const lines = doughLines(part).flatMap((line): Known[] => {
    const ingredient = lookup(line.item);
    return ingredient ? [{ line, ingredient, massG: massOf(line) }] : [];
  });
  const acids = sours(lines, (i) => i.acidMmolG);
  const bases = sours(lines, (i) => i.baseMmolG);
  const [acidMmol, baseMmol] = [sumOf(acids), sumOf(bases)];
  const met = Math.min(acidMmol.value, baseMmol.value);
  const sodaIds = bases.map((b) => b.ingredientId);
  const gas = gasOf(lines, { met, unmet: baseMmol.value - met, sodaIds }, part.classId);
  const gasMmol = gas.reduce((s, g) => s + g.mmol, 0);
  const { flourG, props } = profileOf(part, lookup);
  const massG = props.mass.value;
  const per = (x: number): number | null => (flourG >= 0.1 * massG && flourG > 0 ? (100 * x) / flourG : null);
  const gasPer100 = per(gasMmol);
  const window = isYeasted(part, lookup) ? null : (WINDOWS[part.classId] ?? null);
  const residueMmol: Sourced = {
    value: baseMmol.value - acidMmol.value,
    sd: Math.hypot(baseMmol.sd ?? 0, acidMmol.sd ?? 0),
    basis: 'derived',
  };
  const dissolved = Math.min(gasMmol, dissolvedMmol(props.water.value, ROOM_C));
  return {
    classId: part.classId,
    flourG,
    massG,
    acids,
    bases,
    acidMmol,
    baseMmol,
    metShare: baseMmol.value > 0 ? met / baseMmol.value : null,
    residueMmol,
    gas,
    gasMmol,
    gasPer100,
    window,
    state: stateOf(gasPer100, window),
    dissolvedMmol: dissolved,
    coldMl: gasMl(gasMmol - dissolved, ROOM_C, pressurePa),
    ovenMl: moistGasMl(gasMmol, OVEN_C, ACTIVITY, pressurePa),
    ph: baseMmol.value + acidMmol.value > 0 && massG > 0 ? phOf(residueMmol.value, massG) : null,
    effect: effectOf(per(residueMmol.value) ?? 0),
    open: isOpen(part, lookup, gasMmol, flourG),
  };
}
