import { CLASSES } from '../classes';
import { msg } from '../explain';
import {
  derivedAmount,
  mainPart,
  massOf,
  profileOf,
  totalMassG,
  type Formula,
  type Line,
  type Part,
} from '../formula';
import type { Lookup } from '../ingredients';
import { readTin } from '../reading';
import { gelBread, isGum, isPsyllium, stepOf, withWater } from './structure';
import type { Conflict, OtherKind } from './types';

/** A loaf held by gum is a thick batter that is poured: so wet, and so much xanthan on flour, percent. Common practice, no source. */
const GUM_PERCENT = 2.5;
const GUM_WETNESS = 1;
/** Psyllium holds a dough from this share of its flour on; below it only helps. */
const LEAST_HELD = 0.03;
/** The loaf tin of two pounds takes some 800 to 1000 g of batter. */
const TIN = '900 g loaf tin';

/**
 * A loaf held by psyllium that must lose it, as one held by xanthan: a batter, poured into a tin, proved once and not shaped.
 * Null where it is none, or keeps its psyllium.
 */
export function gumLoaf(formula: Formula, conflicts: readonly Conflict[], lookup: Lookup): Formula | null {
  const main = mainPart(formula.parts);
  if (!main || CLASSES[main.classId].family !== 'yeast_loaf') return null;
  const loses = conflicts.some(
    (c) => c.partId === main.id && c.role === null && c.group === 'binder' && !c.avoids.includes('gum'),
  );
  const { flourG } = profileOf(main, lookup);
  const psylliumG = totalMassG(main.lines.filter((l) => isPsyllium(lookup(l.item))));
  if (!loses || flourG < 100 || psylliumG < LEAST_HELD * flourG) return null;
  const gum: Line = {
    id: `${main.id}.xanthan`,
    item: { kind: 'ref', id: 'xanthan_gum' },
    amount: derivedAmount((GUM_PERCENT / 100) * flourG),
  };
  const stays = main.lines.filter(
    (l) => l.role !== undefined || !(isPsyllium(lookup(l.item)) || isGum(lookup(l.item))),
  );
  const { part, waterG } = withWater(
    { ...main, classId: 'yeast_loaf' },
    [gum, ...stays],
    GUM_WETNESS,
    lookup,
  );
  return {
    ...formula,
    parts: formula.parts.map((p) => (p.id === main.id ? part : p)),
    tin: readTin(TIN)!,
    method: [
      stepOf('mix', msg('gum.mix', { g1: massOf(gum), g2: waterG })),
      stepOf('fill', msg('gum.fill')),
      stepOf('proof', msg('gum.proof')),
      stepOf('bake', msg('gum.bake')),
      stepOf('cool', msg('gum.cool')),
    ],
    bake: { ovenC: 200, minutes: [45, 55], fan: false },
  };
}

/** What is spread in rolled buns, on the dough: seed butter and sugar, and how large a bun is, g. Common practice, no source. */
const SPREAD = { butter: 0.14, sugar: 0.09 } as const;
const BUN_G = 75;

/**
 * A dough with butter rolled in that can have no firm fat: the same dough without its layers, spread, rolled up and cut. Null
 * where nothing was rolled in, or where it is not raised by yeast.
 */
export function rolledBuns(formula: Formula, conflicts: readonly Conflict[], lookup: Lookup): Formula | null {
  const main = mainPart(formula.parts);
  if (!main) return null;
  const rolled = conflicts.filter((c) => c.partId === main.id && c.how === 'layered' && c.role === null);
  const raised = main.lines.some((l) => ['yeast', 'starter'].includes(lookup(l.item)?.group ?? ''));
  if (rolled.length === 0 || !raised) return null;
  const gone = new Set(rolled.flatMap((c) => c.lineIds));
  const dough: Part = { ...main, classId: 'bun', lines: main.lines.filter((l) => !gone.has(l.id)) };
  const doughG = totalMassG(dough.lines);
  const line = (id: string, massG: number): Line => ({
    id: `${main.id}.${id}`,
    item: { kind: 'ref', id },
    amount: derivedAmount(massG),
  });
  const inside: Part = {
    id: `${main.id}.inside`,
    name: 'Inside',
    classId: 'glaze',
    lines: [
      line('sunflower_seed_butter', SPREAD.butter * doughG),
      line('brown_sugar', SPREAD.sugar * doughG),
    ],
  };
  const pieces = Math.max(4, Math.round(doughG / BUN_G));
  const { tin: _tin, ...rest } = formula;
  return {
    ...rest,
    parts: [...formula.parts.map((p) => (p.id === main.id ? dough : p)), inside],
    yield: { pieces, name: 'buns' },
    method: [
      stepOf('mix', msg('rolled.mix')),
      stepOf('shape', msg('rolled.roll', { g1: massOf(inside.lines[0]!), g2: massOf(inside.lines[1]!) })),
      stepOf('shape', msg('rolled.cut', { pieces })),
      stepOf('proof', msg('rolled.proof')),
      stepOf('bake', msg('rolled.bake')),
    ],
    bake: { ovenC: 190, minutes: [20, 25], fan: false },
  };
}

/** Another bake that works where what held this one must go, and what kind of change it is; null where there is none. */
export function otherBake(
  formula: Formula,
  conflicts: readonly Conflict[],
  lookup: Lookup,
): { kind: OtherKind; formula: Formula } | null {
  const of: [OtherKind, typeof gelBread][] = [
    ['psyllium', gelBread],
    ['gum', gumLoaf],
    ['rolled', rolledBuns],
  ];
  for (const [kind, make] of of) {
    const made = make(formula, conflicts, lookup);
    if (made) return { kind, formula: made };
  }
  return null;
}
