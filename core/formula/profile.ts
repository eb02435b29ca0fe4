import {
  bindStrength,
  CLASSES,
  FEEL_FROM,
  jobStrength,
  liftStrength,
  PROP_KEYS,
  type ClassId,
  type FeelWord,
  type How,
  type PropKey,
} from '../classes';
import { linearSum, msg, ratio, type Explanation, type Sourced } from '../explain';
import type { GroupId, Ingredient, ItemState, Lookup } from '../ingredients';
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

const times = (x: Sourced, k: number): Sourced => ({
  ...x,
  value: k * x.value,
  ...(x.sd === undefined ? {} : { sd: k * x.sd }),
});

const perGram = (x: Sourced): Sourced => times(x, 1 / 100);

type Row = Record<PropKey, Sourced | null>;
/** Rows by ingredient: they never change, and a solve asks for them thousands of times. */
const ROWS = new WeakMap<Ingredient, Map<string, Row>>();

/** All coefficients of an ingredient in a state and class, worked out once. */
export function coefficients(i: Ingredient, state: ItemState | undefined, classId: ClassId, how?: How): Row {
  const byState = ROWS.get(i) ?? new Map<string, Row>();
  ROWS.set(i, byState);
  const key = `${state ?? ''}|${classId}|${how ?? ''}`;
  let row = byState.get(key);
  if (!row) {
    row = Object.fromEntries(PROP_KEYS.map((k) => [k, coefficientOf(i, state, classId, k, how)])) as Row;
    byState.set(key, row);
  }
  return row;
}

/**
 * Water that a gel made beforehand keeps to itself, g for each g of what made it: what it was given beyond that is as free as the
 * water of an egg. Set so that the usual gel for an egg wets as the egg did. Common practice, no source.
 */
const GEL_KEEPS: Record<string, number> = {
  flax_ground: 3.5,
  chia_ground: 3.3,
  chia_whole: 3,
  psyllium_powder: 8,
  psyllium_husk: 6.5,
};
/** So do the solids of egg, g for each g of it, however thin the batter is. Common practice, no source. */
const EGG_KEEPS: Partial<Record<GroupId, number>> = { egg: 0.22, egg_white: 0.1, egg_yolk: 0.4 };
const keptBy = (i: Ingredient, state: ItemState | undefined): number | undefined =>
  state === 'gel' ? GEL_KEEPS[i.like ?? i.id] : i.dry ? undefined : EGG_KEEPS[i.group];

/** Flour boiled to a paste, as in choux or a cooked starter, holds so many times the water. Common practice, no source. */
const COOKED_HOLDS = 2.5;

/**
 * What one gram of an ingredient brings of a property in a class; null where its composition is not known.
 * Free water leaves out the moisture bound in dry goods: at the flour's own absorption it makes wetness 1.
 */
function coefficientOf(
  i: Ingredient,
  state: ItemState | undefined,
  classId: ClassId,
  key: PropKey,
  how?: How,
): Sourced | null {
  switch (key) {
    case 'water':
    case 'fat':
    case 'sugars':
    case 'starch':
    case 'protein':
    case 'fibre':
    case 'salt': {
      const x = i.per100g[key];
      return x && perGram(x);
    }
    case 'mass':
      return { value: 1, basis: 'derived' };
    case 'freeWater': {
      const water = i.per100g.water;
      const kept = keptBy(i, state);
      if (kept !== undefined) {
        const own = i.dry ? 0 : (water?.value ?? 0) / 100;
        return { value: own - kept, sd: 0.25 * kept, basis: 'practice', sourceId: 'practice' };
      }
      if (i.dry) return { value: 0, basis: 'derived' };
      return water && perGram(water);
    }
    case 'demand':
      // A gel is judged by the water that it keeps, once.
      if (keptBy(i, state) !== undefined) return { value: 0, basis: 'derived' };
      return i.flour && how === 'cooked' ? times(i.absorption, COOKED_HOLDS) : i.absorption;
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
    case 'lift':
      return liftStrength(i, state, classId, how);
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
    return ingredient
      ? [{ massG: massOf(l), row: coefficients(ingredient, l.state, part.classId, l.how) }]
      : [];
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
    const factor = ingredient && coefficients(ingredient, line.state, part.classId, line.how)[key];
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

/** Water in what goes wet into the dough of a part, g; what dry things hold is no liquid. */
export const wetWaterG = (part: Part, lookup: Lookup): number =>
  doughLines(part).reduce((s, l) => {
    const i = lookup(l.item);
    return i && !i.dry ? s + (massOf(l) * (i.per100g.water?.value ?? 0)) / 100 : s;
  }, 0);
