import { CLASSES } from '../classes';
import { type Formula, profileOf, massOf, doughLines, type Part, type Profile, isBeside } from '../formula';
import type { Lookup } from '../ingredients';
import type { Move } from './types';

/** What comes in wet and of unsure water: blended tofu, yogurt, purée; so much of it may be more or less, as a share. */
const UNSURE: readonly string[] = ['pulse', 'plant_cultured', 'fruit', 'binder'];
const UNSURE_SHARE = 0.08;
/** Things that change how much a dough drinks. */
const DRINKERS: readonly string[] = [
  'binder',
  'flour',
  'starch',
  'blend',
  'seed_flour',
  'nut_flour',
  'pulse',
];

const SHAPED_FAMILIES: readonly string[] = ['yeast_loaf', 'cookie', 'flaky'];
const IS_SHAPED = 0.5;
const PASTRY: readonly string[] = ['shortcrust', 'flaky'];
const PASTRY_SHARE = 0.5;
/** Least to keep back where a new binder or flour came into a shaped dough, as a share of its liquid; of a pastry's water. */
const SHAPED_SHARE = 0.05;
/** Liquids that may be kept back in part. */
export const POURED: readonly string[] = [
  'water',
  'milk',
  'plant_drink',
  'nut_drink',
  'cultured',
  'plant_cultured',
];

/** More of a thing that was there than this came in beside it, as a share: less is rounding. */
const JOINED = 0.02;

/**
 * Water worth keeping back: the spread of the added solids' thirst at this wetness, one standard deviation, g.
 * Spreads of lines that stay cancel against the source, which worked.
 */
export const holdBack = (part: Part, profile: Profile, moves: readonly Move[], lookup: Lookup): number =>
  holdBackFor(
    part,
    profile,
    new Map(
      moves.flatMap((m) => {
        const more = (m.toG ?? 0) - (m.fromG ?? 0);
        return (m.op === 'add' || (m.op === 'scale' && m.reason.code === 'move.joined')) && more > 0
          ? [[m.lineId, more] as const]
          : [];
      }),
    ),
    lookup,
  );

/**
 * Water worth keeping back of a kept formula, g, by what came in against the one it was made from: lines of its own, and what
 * joined a line that was there (more psyllium); and the liquid it is kept back of, the heaviest of the bowls, null where there
 * is none.
 */
export function holdBackOf(
  formula: Formula,
  written: Formula,
  lookup: Lookup,
): { massG: number; lineId: string | null } {
  const before = new Map(
    written.parts.flatMap((p) => p.lines.map((l) => [l.id, l.amount.massG ? massOf(l) : 0] as const)),
  );
  const liquids = formula.parts
    .flatMap(doughLines)
    .filter((l) => POURED.includes(lookup(l.item)?.group ?? ''))
    .sort((a, b) => massOf(b) - massOf(a));
  const came = new Map(
    formula.parts.flatMap((p) =>
      p.lines.flatMap((l) => {
        const was = before.get(l.id);
        const more = (l.amount.massG ? massOf(l) : 0) - (was ?? 0);
        const drinks = DRINKERS.includes(lookup(l.item)?.group ?? '');
        const joined = was !== undefined && drinks && more > JOINED * was;
        return was === undefined || joined ? [[l.id, more] as const] : [];
      }),
    ),
  );
  const parts = formula.parts.map((p) => holdBackFor(p, profileOf(p, lookup), came, lookup));
  return { massG: Math.hypot(...parts), lineId: liquids[0]?.id ?? null };
}

/**
 * The same of one part: one spread of what the new solids drink and the new wet things bring; in shaped doughs and pastry at
 * least what bakers keep back there. Never more than there is to pour. Common practice, no source.
 */
function holdBackFor(
  part: Part,
  profile: Profile,
  added: ReadonlyMap<string, number>,
  lookup: Lookup,
): number {
  const came = part.lines.flatMap((l) => {
    const massG = added.get(l.id);
    const ingredient = massG !== undefined && !isBeside(l.role) ? lookup(l.item) : null;
    return ingredient && massG ? [{ massG, ingredient, gel: l.state === 'gel' }] : [];
  });
  const wetness = profile.wetness?.value ?? 0;
  const spread = Math.hypot(
    ...came.map(
      ({ massG, ingredient, gel }) => (gel ? 2 : wetness) * massG * (ingredient.absorption.sd ?? 0),
    ),
    ...came
      .filter(({ ingredient }) => !ingredient.dry && UNSURE.includes(ingredient.group))
      .map(({ massG }) => UNSURE_SHARE * massG),
  );
  const poured = (of: (group: string) => boolean): number =>
    doughLines(part).reduce((s, l) => s + (of(lookup(l.item)?.group ?? '') ? massOf(l) : 0), 0);
  const { family, jobs } = CLASSES[part.classId];
  const drinks = came.some(({ ingredient }) => DRINKERS.includes(ingredient.group));
  const shaped = SHAPED_FAMILIES.includes(family) && (jobs.shape ?? 0) >= IS_SHAPED;
  const least = !drinks
    ? 0
    : PASTRY.includes(part.classId)
      ? PASTRY_SHARE * poured((g) => g === 'water')
      : shaped
        ? SHAPED_SHARE * poured((g) => POURED.includes(g))
        : 0;
  return Math.min(
    Math.max(spread, least),
    poured((g) => POURED.includes(g)),
  );
}
