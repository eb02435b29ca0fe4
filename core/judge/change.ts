import { CLASSES } from '../classes';
import {
  doughLines,
  mainPart,
  mapLines,
  massOf,
  profileOf,
  wetWaterG,
  type Formula,
  type Line,
} from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import { dosesOf, fitOf, type FitKey } from '../rebalance';
import type { RepairId } from './types';

/** The one change, sized: which amount, from what to what, g. */
export type SizedChange = {
  lineId: string;
  fromG: number;
  toG: number;
  /** It was made smaller so that nothing else is lost. */ held: boolean;
};

const POURED: readonly string[] = ['water', 'milk', 'plant_drink', 'nut_drink'];
const LEAVENERS: readonly string[] = ['leavener', 'yeast'];
/** Steps that are felt and still leave the same bake. Common practice, no source. */
const STEP = { water: 0.04, psyllium: 0.01, leavening: 0.2, sour: 0.25 } as const;

type Asked = {
  /** The line that is changed, of those of the main part: the heaviest that fits. */
  is: (i: Ingredient) => boolean;
  /** By how much at the most, g, with its sign. */
  by: (line: Line, formula: Formula, lookup: Lookup) => number;
  /** What the change is meant to move: it may leave its band, nothing else. */
  moves: readonly FitKey[];
};
const flourOf = (f: Formula, lookup: Lookup): number =>
  doughLines(mainPart(f.parts)!).reduce((s, l) => s + (lookup(l.item)?.flour ? massOf(l) : 0), 0);
const water = (sign: 1 | -1): Asked => ({
  is: (i) => POURED.includes(i.group),
  by: (_l, f, lookup) => sign * STEP.water * wetWaterG(mainPart(f.parts)!, lookup),
  moves: ['wetness', 'water', 'freeWater'],
});
const psyllium = (sign: 1 | -1): Asked => ({
  is: (i) => i.like === 'psyllium_powder' || i.like === 'psyllium_husk',
  by: (_l, f, lookup) => sign * STEP.psyllium * flourOf(f, lookup),
  moves: ['bind', 'wetness', 'fibre', 'demand', 'bite'],
});
const share = (is: Asked['is'], by: number, moves: readonly FitKey[]): Asked => ({
  is,
  by: (l) => by * massOf(l),
  moves,
});
const soda = (i: Ingredient): boolean => i.group === 'leavener' && i.baseMmolG.value > 0;
const SIZED: Partial<Record<RepairId, Asked>> = {
  less_water: water(-1),
  more_water: water(1),
  more_psyllium: psyllium(1),
  less_psyllium: psyllium(-1),
  less_leavening: share((i) => LEAVENERS.includes(i.group), -STEP.leavening, ['lift', 'acid', 'base']),
  more_leavening: share((i) => LEAVENERS.includes(i.group), STEP.leavening, ['lift', 'acid', 'base']),
  less_soda: share(soda, -STEP.sour, ['lift', 'acid', 'base']),
  more_acid: share((i) => i.group === 'acid', STEP.sour, ['acid']),
  less_acid: share((i) => i.group === 'acid', -STEP.sour, ['acid']),
};

/** A formula with one amount changed. */
const withAmount = (formula: Formula, lineId: string, massG: number): Formula =>
  mapLines(formula, (l) =>
    l.id === lineId ? { ...l, amount: { ...l.amount, massG: { value: massG, basis: 'derived' } } } : l,
  );

/**
 * How large the one change is to be: as large as is usual, or smaller, so that no property but the one it is meant for leaves the
 * band it is held in. Null where a repair is no matter of one amount, or there is no such line.
 */
export function sizeOf(repair: RepairId, formula: Formula, lookup: Lookup): SizedChange | null {
  const asked = SIZED[repair];
  const part = mainPart(formula.parts);
  if (!asked || !part) return null;
  const line = doughLines(part)
    .filter((l) => {
      const i = lookup(l.item);
      return i !== null && l.amount.massG !== null && asked.is(i);
    })
    .sort((a, b) => massOf(b) - massOf(a))[0];
  if (!line) return null;
  const fromG = massOf(line);
  const target = profileOf(part, lookup);
  const judged = new Set<string>([...CLASSES[part.classId].tolerances.map((t) => t.key), 'mass']);
  const most = asked.by(line, formula, lookup);
  // A dose stays within its window where it was within it.
  const windows = dosesOf(part, lookup).filter((d) => d.percent >= d.window[0] && d.percent <= d.window[1]);
  const fits = (toG: number): boolean => {
    const changed = withAmount(formula, line.id, toG);
    const now = mainPart(changed.parts)!;
    const inside = fitOf(now, profileOf(now, lookup), target).every(
      (f) => f.state === 'inside' || asked.moves.includes(f.key) || !judged.has(f.key),
    );
    const doses = dosesOf(now, lookup);
    return (
      inside &&
      windows.every((w) => {
        const d = doses.find((x) => x.dosed === w.dosed);
        return !d || (d.percent >= w.window[0] - 1e-9 && d.percent <= w.window[1] + 1e-9);
      })
    );
  };
  for (const by of [1, 0.75, 0.5, 0.25]) {
    const toG = Math.max(0, fromG + by * most);
    if (fits(toG)) {
      const round = toG >= 50 ? 1 : 0.1;
      return { lineId: line.id, fromG, toG: Math.round(toG / round) * round, held: by < 1 };
    }
  }
  return null;
}

const linesOf = (f: Formula): Line[] => f.parts.flatMap((p) => p.lines);

/** How much larger lines are than they were (g by id): the middle of the ratios of those that are in both; 1 without any. */
function timesOf(lines: readonly Line[], were: ReadonlyMap<string, number>): number {
  const ratios = lines
    .flatMap((l) => {
      const was = were.get(l.id) ?? 0;
      return was > 0 && massOf(l) > 0 ? [massOf(l) / was] : [];
    })
    .sort((a, b) => a - b);
  return ratios[Math.floor(ratios.length / 2)] ?? 1;
}

/** So near is an amount that was only rounded for a scale, as a share. */
const SAME = 0.005;

/**
 * What is held, g by line, so that one amount of what was baked changes and nothing is evened out against it: that amount, and every
 * other that the version does not have from the formula it was made from. In amounts of that formula, however large the version is.
 */
export function heldFor(
  { lineId, toG }: Pick<SizedChange, 'lineId' | 'toG'>,
  baked: Formula,
  written: Formula,
): Record<string, number> {
  const lines = linesOf(baked);
  const were = new Map(linesOf(written).map((l) => [l.id, massOf(l)]));
  const times = timesOf(lines, were);
  const held = lines.flatMap((l): [string, number][] => {
    if (l.id === lineId) return [[l.id, toG / times]];
    if (l.amount.massG === null) return [];
    const at = massOf(l) / times;
    const was = were.get(l.id) ?? 0;
    return Math.abs(at - was) <= SAME * was ? [] : [[l.id, at]];
  });
  return Object.fromEntries(held);
}
