import { CLASSES } from '../classes';
import { type Part, doughLines, massOf, coefficients } from '../formula';
import type { Lookup, Ingredient } from '../ingredients';
import { type Variable, evensLineId, WATER_WEIGHT, WATER_COST } from './variables';

/** Sour things a baker would add more of, the likelier first; vinegar comes in where there is none. */
const SOURS = ['lemon_juice', 'cider_vinegar', 'lime_juice', 'rice_vinegar'] as const;
const NEW_SOUR = 'cider_vinegar';
/** An acid put in is at most this share of the part, and counted in steps of a fifth of that. */
const MOST_SOUR = 0.05;
/** Powder is raised by at most half. */
const MOST_POWDER = 0.5;

/**
 * What evens out acid and lift that went with what leaves: sour juice or vinegar where soda stays that the leaving
 * acid met, and more of a baking powder that is there. `allowed` says what may come in.
 */
export function leavenVariables(
  part: Part,
  leaving: ReadonlySet<string>,
  massG: number,
  lookup: Lookup,
  allowed: (i: Ingredient) => boolean,
): Variable[] {
  const lines = doughLines(part).flatMap((line) => {
    const ingredient = lookup(line.item);
    return ingredient ? [{ line, ingredient, goes: leaving.has(line.id) }] : [];
  });
  const sum = (goes: boolean, of: (i: Ingredient) => number): number =>
    lines.reduce((s, l) => (l.goes === goes ? s + massOf(l.line) * of(l.ingredient) : s), 0);
  const one = (
    ingredient: Ingredient,
    evens: 'acid' | 'lift',
    hi: number,
    joins: string | null,
  ): Variable => ({
    lineId: evensLineId(part, evens),
    ingredient,
    row: coefficients(ingredient, undefined, part.classId),
    lo: 0,
    usual: 0,
    hi,
    step: hi / 5,
    weight: WATER_WEIGHT,
    sign: 1,
    cost: WATER_COST,
    joins,
    evens,
  });
  const out: Variable[] = [];
  if (sum(true, (i) => i.acidMmolG.value) > 0 && sum(false, (i) => i.baseMmolG.value) > 0) {
    const there = SOURS.flatMap((id) => lines.find((l) => l.ingredient.like === id && !l.goes) ?? [])[0];
    const sour = there?.ingredient ?? lookup({ kind: 'ref', id: NEW_SOUR });
    if (sour && (there || allowed(sour)))
      out.push(one(sour, 'acid', MOST_SOUR * massG, there?.line.id ?? null));
  }
  const powder = lines.find(
    (l) =>
      !l.goes && l.ingredient.gasMmolG.value > 0 && l.ingredient.baseMmolG.value === 0 && massOf(l.line) > 0,
  );
  const lifts = (i: Ingredient): number => coefficients(i, undefined, part.classId).lift?.value ?? 0;
  if (powder && sum(true, lifts) > 0)
    out.push(one(powder.ingredient, 'lift', MOST_POWDER * massOf(powder.line), powder.line.id));
  return out;
}

/** What may help to bind where binding left, the likelier first: more of one that is there, else a little of a new one. */
const BINDERS = [
  'psyllium_powder',
  'psyllium_husk',
  'xanthan_gum',
  'guar_gum',
  'flax_ground',
  'chia_ground',
] as const;
const NEW_BINDER = 'psyllium_powder';
/** A binder that helps: so much more of what is there, and of a new one, as a share of the flour. Common practice, no source. */
const MORE_BINDER = 0.5;
const LEAST_BINDER = 6e-3;
const MOST_BINDER = 0.012;

/**
 * A binder beside the ways, where eggs or another binder leave a dough or batter that is held by it: more of what is there, or
 * a little psyllium. It costs a line of its own, so that it is taken only where binding stays open.
 */
export function binderVariable(
  part: Part,
  leaving: ReadonlySet<string>,
  flourG: number,
  lookup: Lookup,
  allowed: (i: Ingredient) => boolean,
): Variable | null {
  if (CLASSES[part.classId].structure !== 'starch_gum' || flourG <= 0) return null;
  const lines = doughLines(part).flatMap((line) => {
    const ingredient = lookup(line.item);
    return ingredient ? [{ line, ingredient, goes: leaving.has(line.id) }] : [];
  });
  const binds = (i: Ingredient): number => coefficients(i, undefined, part.classId).bind?.value ?? 0;
  if (!lines.some((l) => l.goes && binds(l.ingredient) > 0)) return null;
  const there = BINDERS.flatMap((id) => lines.find((l) => l.ingredient.like === id && !l.goes) ?? [])[0];
  const ingredient = there?.ingredient ?? lookup({ kind: 'ref', id: NEW_BINDER });
  if (!ingredient || (!there && !allowed(ingredient))) return null;
  const hi = there ? MORE_BINDER * massOf(there.line) : MOST_BINDER * flourG;
  return {
    lineId: evensLineId(part, 'bind'),
    ingredient,
    row: coefficients(ingredient, undefined, part.classId),
    // Of a new thing no less than does something.
    lo: there ? 0 : LEAST_BINDER * flourG,
    usual: 0,
    hi,
    step: Math.max(hi / 3, 1e-6),
    weight: WATER_WEIGHT,
    sign: 1,
    cost: WATER_COST,
    joins: there?.line.id ?? null,
    evens: 'bind',
  };
}
