import type { Kit, KitItem } from '../classes';
import { coefficients, doughLines, massOf, type Came, type Line, type Part } from '../formula';
import type { GroupId, Ingredient, ItemState, Lookup } from '../ingredients';
import type { Msg } from '../explain';
import { cameInId } from './conflict-id';
import { EGG_G, itemsIn } from './conflicts';
import type { Conflict } from './types';

export type Choice = { conflict: Conflict; kit: Kit };

/** A dose at the edge of its window costs as much as a third of a tolerance overrun. */
const DOSE_WEIGHT = 0.3;
export const WATER_WEIGHT = 0.3;
export const WATER_COST = 0.3;

type Evens = 'acid' | 'lift' | 'bind';

/** What a line is called that came for no one thing. */
export const evensLineId = (part: Part, evens: Evens): string => `${part.id}:${evens}`;

/** One amount the engine is free to set. `lineId` is what the adapted line will be called. */
export type Variable = {
  lineId: string;
  ingredient: Ingredient;
  state?: ItemState;
  /** What one gram of it brings of each property here. */
  row: ReturnType<typeof coefficients>;
  lo: number;
  usual: number;
  hi: number;
  /** Grams that count as one step away from the usual dose. */
  step: number;
  weight: number;
  /** −1 for an amount taken off the line it joins, else 1. */
  sign: 1 | -1;
  /** Cost of the first gram, per step: keeps an adjuster out until it is worth a line. */
  cost: number;
  /** What it comes in for; undefined for an amount of no kit. */
  came?: Came;
  /** The staying line this amount is added to, if any. */
  joins: string | null;
  /** What a line of its own is for, as the line was for that it comes instead of. */
  role?: 'inclusion';
  /** What an amount of no kit is there to even out; water where it does not say. */
  evens?: Evens;
};

export type PartSolution = {
  variables: Variable[];
  amounts: number[];
  widened: Msg[];
};

/** What doses in percent are of, g: the flour that stays, the free water as written. */
export type DoseBase = { flourG: number; liquidG: number };

const baseOf = (conflict: Conflict, item: KitItem, { flourG, liquidG }: DoseBase): number => {
  const mass = conflict.massG ?? 0;
  switch (item.dose.per) {
    case 'g':
      return mass;
    case 'egg':
      return mass / EGG_G;
    case 'flour%':
      return flourG / 100;
    case 'liquid%':
      return liquidG / 100;
  }
};

/** The larger line first; of equal ones the one first by id, whatever order they stand in. */
const byMass = (a: Line, b: Line): number => massOf(b) - massOf(a) || (a.id < b.id ? -1 : 1);

/** The staying line of a part that an added amount of the same ingredient can join. */
function joinable(
  part: Part,
  leaving: ReadonlySet<string>,
  ingredient: Ingredient,
  lookup: Lookup,
): string | null {
  const lines = doughLines(part).filter(
    (l) => lookup(l.item)?.id === ingredient.id && !leaving.has(l.id) && l.amount.massG,
  );
  return lines.sort(byMass)[0]?.id ?? null;
}

/** Grams of an ingredient in the lines that stay. */
const stayingG = (part: Part, leaving: ReadonlySet<string>, ingredient: Ingredient, lookup: Lookup): number =>
  doughLines(part).reduce(
    (s, l) => s + (!leaving.has(l.id) && lookup(l.item)?.id === ingredient.id ? massOf(l) : 0),
    0,
  );

/**
 * Whether two amounts are one line to weigh: the same thing in the same state for two conflicts. Water stays with the gel that it
 * makes, and is shared where both are the same gel.
 */
export const areOneLine = (a: Variable, b: Variable): boolean =>
  a.came !== undefined &&
  b.came !== undefined &&
  !a.joins &&
  !b.joins &&
  a.ingredient.id === b.ingredient.id &&
  a.state === b.state &&
  a.role === b.role &&
  (a.ingredient.id !== 'water' || a.came.kit === b.came.kit);

/** Amounts of the chosen kits: in the dough as variables, on top of it or on the tin (`dough` false) at the usual dose. */
export function variablesOf(
  part: Part,
  choices: readonly Choice[],
  lookup: Lookup,
  dough: boolean,
  of: DoseBase,
  leaving: ReadonlySet<string>,
): Variable[] {
  return choices
    .filter(({ conflict }) => (conflict.role === null) === dough)
    .flatMap(({ conflict, kit }) => {
      const items = itemsIn(kit, part);
      const first = part.lines.find((l) => conflict.lineIds.includes(l.id));
      const gels = items.filter((i) => i.state === 'gel' || i.state === 'slurry');
      // A gel of what is in the dough already is more of that line, and its water more of the dough's.
      const more = gels.some((i) => {
        const made = lookup(i.item);
        return made !== null && joinable(part, leaving, made, lookup) !== null && i.state === 'gel';
      });
      return items.flatMap((item) => {
        const ingredient = lookup(item.item);
        if (!ingredient) return [];
        const isWater = ingredient.id === 'water';
        const state = more && item.state === 'gel' ? undefined : item.state;
        const joins =
          item.joins || (isWater && (gels.length === 0 || more)) || (more && item.state === 'gel');
        const base = baseOf(conflict, item, of) * (item.forAir ? conflict.air : 1);
        // So much starch on the liquid is meant in all: what stays of it counts.
        const there =
          item.dose.per === 'liquid%' && item.joins ? stayingG(part, leaving, ingredient, lookup) : 0;
        const less = (x: number): number => Math.max(0, x * base - there);
        const [lo, usual, hi] = [less(item.dose.lo), less(item.dose.usual), less(item.dose.hi)];
        return {
          lineId: cameInId(conflict.id, kit.id, ingredient.id),
          ingredient,
          ...(state ? { state } : {}),
          row: coefficients(ingredient, state, part.classId),
          lo,
          usual,
          hi,
          step: Math.max((hi - lo) / 2, 1e-3 * base, 1e-6),
          weight: DOSE_WEIGHT,
          sign: 1 as const,
          cost: 0,
          came: { for: conflict.id, group: conflict.group, kit: kit.id },
          joins: joins ? joinable(part, leaving, ingredient, lookup) : null,
          ...(first?.role === 'inclusion' ? { role: first.role } : {}),
        };
      });
    });
}

/** The universal adjuster: water put to the dough beside what the kits bring. */
export const waterLineId = (part: Part): string => `${part.id}:water`;

export function waterVariable(
  part: Part,
  leaving: ReadonlySet<string>,
  massG: number,
  water: Ingredient,
  lookup: Lookup,
): Variable {
  return {
    lineId: waterLineId(part),
    ingredient: water,
    row: coefficients(water, undefined, part.classId),
    lo: 0,
    usual: 0,
    hi: 0.25 * massG,
    step: Math.max(0.03 * massG, 1e-6),
    weight: WATER_WEIGHT,
    sign: 1,
    cost: WATER_COST,
    joins: joinable(part, leaving, water, lookup),
  };
}

/** Above this many usual doses nothing is tried even without windows. */
const NO_WINDOW = 10;

/**
 * The same amount without its window and with a tenth of the pull to its usual dose: shows whether a dose is right
 * by what it does, or only by its bounds.
 */
export const withRelaxedBounds = (v: Variable): Variable =>
  v.came ? { ...v, lo: 0, hi: NO_WINDOW * Math.max(v.usual, v.hi), weight: v.weight / 10 } : v;

/** Liquids a baker would hold back when what comes in is wetter than what left. */
const LIQUIDS: readonly GroupId[] = ['water', 'milk', 'plant_drink', 'nut_drink', 'cultured'];
const MOST_HELD_BACK = 0.5;

/** Liquid taken off the largest staying liquid line, at most half of it; null where there is none. */
export function lessLiquid(
  part: Part,
  leaving: ReadonlySet<string>,
  held: Record<string, number>,
  lookup: Lookup,
): Variable | null {
  let best: { line: Line; ingredient: Ingredient } | null = null;
  for (const line of doughLines(part)) {
    const ingredient = lookup(line.item);
    if (!ingredient || ingredient.dry || !LIQUIDS.includes(ingredient.group)) continue;
    if (leaving.has(line.id) || held[line.id] !== undefined) continue;
    if (!best || byMass(line, best.line) < 0) best = { line, ingredient };
  }
  if (!best || massOf(best.line) === 0) return null;
  const massG = massOf(best.line);
  return {
    lineId: `${part.id}:less`,
    ingredient: best.ingredient,
    row: coefficients(best.ingredient, best.line.state, part.classId),
    lo: 0,
    usual: 0,
    hi: MOST_HELD_BACK * massG,
    step: 0.05 * massG,
    weight: WATER_WEIGHT,
    sign: -1,
    cost: WATER_COST,
    joins: best.line.id,
  };
}
