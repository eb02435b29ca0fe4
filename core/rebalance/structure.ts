import { CLASSES } from '../classes';
import { msg, type StepMsg } from '../explain';
import {
  derivedAmount,
  mainPart,
  massOf,
  piecesOf,
  profileOf,
  wetWaterG,
  type Formula,
  type Line,
  type Part,
} from '../formula';
import { EGG_GROUPS, type Ingredient, type Lookup } from '../ingredients';
import type { Step, StepKind } from '../method';
import { drinksOf } from '../reading';
import type { Conflict } from './types';

/**
 * A bread held by egg and gum that must lose them is not the same bread with less: held by psyllium it is another, with its own
 * water, shaping, proof and oven. Shares and times: common practice, no source.
 */
const PSYLLIUM_PERCENT = { loaf: 6, small: 5 };
const MOST_PERCENT = 12;
/** Wetness of such a dough that can still be shaped by hand. */
const WETNESS = 1.15;
const LEAST_FLOUR_G = 100;
/** Kinds that have such a bread beside them. */
const LOAVES: readonly string[] = ['yeast_loaf', 'enriched'];
const SMALL: readonly string[] = ['bun'];

export const isGum = (i: Ingredient | null): boolean => i?.group === 'binder' && i.facts.gum === 'yes';
export const isPsyllium = (i: Ingredient | null): boolean =>
  i?.like === 'psyllium_powder' || i?.like === 'psyllium_husk';

/** The dough of a formula held by psyllium in place of egg and gum; null where it is no such bread, or loses neither. */
export function gelBread(formula: Formula, conflicts: readonly Conflict[], lookup: Lookup): Formula | null {
  const main = mainPart(formula.parts);
  if (!main || CLASSES[main.classId].structure !== 'starch_gum') return null;
  const small = SMALL.includes(main.classId);
  if (!small && !LOAVES.includes(main.classId)) return null;
  const loses = conflicts.some(
    (c) =>
      c.partId === main.id &&
      c.role === null &&
      (EGG_GROUPS.includes(c.group) || (c.group === 'binder' && c.avoids.includes('gum'))),
  );
  const { flourG } = profileOf(main, lookup);
  if (!loses || flourG < LEAST_FLOUR_G) return null;

  const percent = Math.min(
    MOST_PERCENT,
    (small ? PSYLLIUM_PERCENT.small : PSYLLIUM_PERCENT.loaf) * drinksOf(main, lookup),
  );
  const psyllium: Line = {
    id: `${main.id}.psyllium`,
    item: { kind: 'ref', id: 'psyllium_powder' },
    amount: derivedAmount((percent / 100) * flourG),
  };
  const stays = main.lines.filter((l) => {
    const i = lookup(l.item);
    return !i || !(EGG_GROUPS.includes(i.group) || isGum(i) || isPsyllium(i)) || l.role !== undefined;
  });
  const { part: gel, waterG } = withWater(
    { ...main, classId: 'gel_loaf' },
    [psyllium, ...stays],
    WETNESS,
    lookup,
  );
  const part = small ? { ...gel, classId: 'bun' as const } : gel;
  const { tin: _tin, ...rest } = formula;
  return {
    ...rest,
    parts: formula.parts.map((p) => (p.id === main.id ? part : p)),
    method: methodOf(massOf(psyllium), waterG, small ? piecesOf(formula) : null),
    bake: small
      ? { ovenC: 220, minutes: [22, 28], fan: false }
      : {
          ovenC: 240,
          minutes: [55, 65],
          fan: false,
          phases: [
            { min: 35, ovenC: 240, fan: false, cover: 'lid', steam: true, heat: 'even' },
            { min: 25, ovenC: 220, fan: false, cover: 'none', steam: false, heat: 'even' },
          ],
        },
  };
}

/** A dough of these lines with as much water as makes it so wet, by what its flours and binders drink. */
export function withWater(
  of: Part,
  lines: readonly Line[],
  wetness: number,
  lookup: Lookup,
): { part: Part; waterG: number } {
  const { guess: _guess, ...main } = of;
  const water = lines.filter((l) => lookup(l.item)?.id === 'water' && !l.role);
  const [first, ...dry] = lines.filter((l) => !water.includes(l));
  const { props } = profileOf({ ...main, lines: [...dry, first!] }, lookup);
  const waterG = Math.max(0, wetness * props.demand.value - props.freeWater.value);
  const poured: Line = {
    id: water[0]?.id ?? `${main.id}.water`,
    item: { kind: 'ref', id: 'water' },
    amount: derivedAmount(waterG),
  };
  return { part: { ...main, lines: [first!, poured, ...dry] }, waterG };
}

/** A step of a bake that is made anew. */
export const stepOf = (kind: StepKind, added: StepMsg): Step => ({
  id: `+${added.code}`,
  kind,
  text: '',
  added,
  notes: [],
});

function methodOf(psylliumG: number, waterG: number, pieces: number | null): Step[] {
  return [
    stepOf('gel', msg('bread.gel', { g1: psylliumG, g2: waterG })),
    stepOf('mix', msg('bread.mix')),
    stepOf('shape', pieces && pieces > 1 ? msg('bread.pieces', { pieces }) : msg('bread.shape')),
    stepOf('proof', msg('bread.proof')),
    stepOf('bake', pieces && pieces > 1 ? msg('bread.bakeSmall') : msg('bread.bakePot')),
    stepOf('cool', pieces && pieces > 1 ? msg('bread.coolSmall') : msg('bread.cool')),
  ];
}

/** Water on flour of the dough, percent, as bakers say it. */
export function hydrationOf(formula: Formula, lookup: Lookup): number | null {
  const main = mainPart(formula.parts);
  if (!main) return null;
  const { flourG } = profileOf(main, lookup);
  return flourG > 0 ? (100 * wetWaterG(main, lookup)) / flourG : null;
}
