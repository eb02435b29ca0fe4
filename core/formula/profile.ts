import {
  bindStrength,
  CLASSES,
  FEEL_FROM,
  jobStrength,
  liftStrength,
  PROP_KEYS,
  type ClassId,
  type FeelWord,
  type PropKey,
} from '../classes';
import { linearSum, msg, ratio, type Explanation, type Sourced } from '../explain';
import type { Component, Ingredient, ItemState, Lookup } from '../ingredients';
import { type Formula, doughLines, massOf, type Line, type Part } from './types';

export type PropUnit = 'g' | 'mmol' | 'kcal' | 'eggs';

/** Units of the additive properties. */
export const PROP_UNIT: Record<PropKey, PropUnit> = {
  mass: 'g',
  water: 'g',
  freeWater: 'g',
  demand: 'g',
  fat: 'g',
  sugars: 'g',
  starch: 'g',
  protein: 'g',
  fibre: 'g',
  salt: 'g',
  energy: 'kcal',
  acid: 'mmol',
  base: 'mmol',
  bind: 'eggs',
  shorten: 'g',
  lift: 'mmol',
  bite: 'g',
};

const COMPONENT_OF: Partial<Record<PropKey, Component>> = {
  water: 'water',
  fat: 'fat',
  sugars: 'sugars',
  starch: 'starch',
  protein: 'protein',
  fibre: 'fibre',
  salt: 'salt',
};

const perGram = (x: Sourced): Sourced => ({
  ...x,
  value: x.value / 100,
  ...(x.sd === undefined ? {} : { sd: x.sd / 100 }),
});

type Row = Record<PropKey, Sourced | null>;
/** Rows by ingredient: they never change, and a solve asks for them thousands of times. */
const ROWS = new WeakMap<Ingredient, Map<string, Row>>();

/** All coefficients of an ingredient in a state and class, worked out once. */
export function coefficients(i: Ingredient, state: ItemState | undefined, classId: ClassId): Row {
  const byState = ROWS.get(i) ?? new Map<string, Row>();
  ROWS.set(i, byState);
  const key = `${state ?? ''}|${classId}`;
  let row = byState.get(key);
  if (!row) {
    row = Object.fromEntries(PROP_KEYS.map((k) => [k, coefficientOf(i, state, classId, k)])) as Row;
    byState.set(key, row);
  }
  return row;
}

/** Wetness of a usual batter (common practice, no source). */
const USUAL_BATTER = 1.6;

/**
 * A gel made before holds its own water and no more. In a batter, where every gram of demand is given this many
 * grams of water, its demand is counted that much smaller; near wetness 1, as in a dough, nothing changes.
 */
function gelInBatter(absorption: Sourced): Sourced {
  const { sd, value } = absorption;
  return {
    ...absorption,
    value: value / USUAL_BATTER,
    ...(sd === undefined ? {} : { sd: sd / USUAL_BATTER }),
  };
}

/**
 * What one gram of an ingredient brings of a property in a class; null where its composition is not known.
 * Free water leaves out the moisture bound in dry goods: at the flour's own absorption it makes wetness 1.
 */
function coefficientOf(
  i: Ingredient,
  state: ItemState | undefined,
  classId: ClassId,
  key: PropKey,
): Sourced | null {
  const component = COMPONENT_OF[key];
  if (component) {
    const x = i.per100g[component];
    return x && perGram(x);
  }
  switch (key) {
    case 'mass':
      return { value: 1, basis: 'derived' };
    case 'freeWater': {
      const water = i.per100g.water;
      if (i.dry) return { value: 0, basis: 'derived' };
      return water && perGram(water);
    }
    case 'demand':
      return state === 'gel' && CLASSES[classId].family === 'batter'
        ? gelInBatter(i.absorption)
        : i.absorption;
    case 'energy':
      return perGram(i.energyKcal);
    case 'acid':
      return i.acidMmolG;
    case 'base':
      return i.baseMmolG;
    case 'bind':
      return bindStrength(i, state, classId);
    case 'shorten':
      return jobStrength(i, state, classId, 'shorten');
    case 'bite':
      return jobStrength(i, state, classId, 'bite');
    default:
      return liftStrength(i, state, classId);
  }
}

/**
 * What a part is: additive properties per batch, and what follows from them. `unknownLines` are the lines whose
 * mass or make-up is not known; they count nothing in the sums, so every sum is then a least.
 */
export type Profile = {
  props: Record<PropKey, Sourced>;
  flourG: number;
  /** Free water over what the solids demand; null without solids that take up water. */
  wetness: Sourced | null;
  /** Fluid for the feel: wetness with the class's share of the fat that is free to move. */
  feel: { value: number; word: FeelWord } | null;
  /** Alkali less acid, mmol: above 0 soda is left over. */
  residue: number;
  unknownLines: string[];
};

/**
 * Below this share of its mass the solids of a part ask for too little water for wetness to mean anything: a
 * meringue, a set cream, a fruit filling. Common practice, no source.
 */
const LEAST_DEMAND = 0.05;

/** The word of the feel scale for so much fluid. */
export function feelWord(fluid: number): FeelWord {
  return FEEL_FROM.find(([, from]) => fluid >= from)?.[0] ?? 'cracks';
}

/** What the water that a thing took up counts in: each gram of it one. */
const WATERY: readonly PropKey[] = ['mass', 'water', 'freeWater'];
/** Lines that took up water before they went in, with how much for each gram. */
const takenUp = (lines: readonly Line[], lookup: Lookup) =>
  lines.flatMap((l) => {
    const ingredient = lookup(l.item);
    return l.uptake && ingredient ? [{ massG: massOf(l), uptake: l.uptake, ingredient }] : [];
  });

/** The profile of a part; additive over lines: what is greased or brushed on is not in it. */
export function profileOf(part: Part, lookup: Lookup): Profile {
  const lines = doughLines(part);
  const rows = lines.flatMap((l) => {
    const ingredient = lookup(l.item);
    return ingredient ? [{ massG: massOf(l), row: coefficients(ingredient, l.state, part.classId) }] : [];
  });
  const taken = takenUp(lines, lookup);
  const props = Object.fromEntries(
    PROP_KEYS.map((key) => [
      key,
      linearSum([
        ...rows.flatMap(({ massG, row }) => (row[key] ? [{ k: massG, x: row[key] }] : [])),
        ...(WATERY.includes(key) ? taken.map(({ massG, uptake }) => ({ k: massG, x: uptake })) : []),
      ]),
    ]),
  ) as Record<PropKey, Sourced>;
  const flourG = lines.reduce((sum, l) => sum + (lookup(l.item)?.flour ? massOf(l) : 0), 0);
  const wetness =
    props.demand.value > LEAST_DEMAND * props.mass.value ? ratio(props.freeWater, props.demand) : null;
  const fluid =
    wetness &&
    wetness.value +
      (CLASSES[part.classId].fatFeel * Math.min(props.fat.value, props.shorten.value)) / props.demand.value;
  return {
    props,
    flourG,
    wetness,
    feel: fluid === null ? null : { value: fluid, word: feelWord(fluid) },
    residue: props.base.value - props.acid.value,
    unknownLines: lines.filter((l) => !l.amount.massG || !lookup(l.item)).map((l) => l.id),
  };
}

/** Flour in all parts together, g. */
export const totalFlourG = (formula: Formula, lookup: Lookup): number =>
  formula.parts.reduce((s, p) => s + profileOf(p, lookup).flourG, 0);

/** Below this share of a part's mass flour or starch thickens it; it is no base to count on. Common practice, no source. */
export const LEAST_FLOUR = 0.1;

/** Baker's percentage of a mass: grams per 100 g of flour; null where flour is no base of the part, as in a custard. */
export function bakersPercent(massG: number, profile: Profile): number | null {
  const { flourG, props } = profile;
  return flourG > 0 && flourG >= LEAST_FLOUR * props.mass.value ? (100 * massG) / flourG : null;
}

/** A property opened: what each line brings of it, with the source of every factor. */
export function explainProperty(part: Part, key: PropKey, lookup: Lookup): Explanation {
  const inputs: Explanation['inputs'] = [];
  for (const line of doughLines(part)) {
    const ingredient = lookup(line.item);
    const factor = ingredient && coefficients(ingredient, line.state, part.classId)[key];
    const massG = massOf(line);
    if (!ingredient || !factor || factor.value * massG === 0) continue;
    inputs.push({
      label: msg('ingredient', { id: ingredient.id }),
      factor,
      massG,
      value: factor.value * massG,
    });
  }
  if (WATERY.includes(key))
    for (const { massG, uptake, ingredient } of takenUp(doughLines(part), lookup))
      inputs.push({
        label: msg('explain.takenUp', { id: ingredient.id }),
        factor: uptake,
        massG,
        value: massG * uptake.value,
      });
  inputs.sort((a, b) => b.value - a.value);
  return { equation: msg('explain.sum', { key }), inputs, result: profileOf(part, lookup).props[key] };
}
