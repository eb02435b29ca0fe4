import type { ClassId } from '../classes';
import { msg, type Msg } from '../explain';
import { doughLines, massOf, type Line, type Part, type StatedTin, type Yield, totalMassG } from '../formula';
import { idOf, type Ingredient, type Lookup } from '../ingredients';

/** A correction offered with one press. */
export type Fix = { massG?: number; ingredientId?: string };
export type Check = { lineId: string; issue: Msg; fixes: Fix[] };

type Usual = 'check.soda' | 'check.powder' | 'check.salt' | 'check.gum' | 'check.psyllium';
/** Usual share of the flour, in percent, above which a line is asked about. Common practice, no source. */
const MOST_PERCENT: [test: (i: Ingredient) => boolean, most: number, code: Usual][] = [
  [(i) => i.like === 'soda' || i.like === 'potassium_bicarbonate', 2.5, 'check.soda'],
  [(i) => i.group === 'leavener' && i.baseMmolG.value === 0, 9, 'check.powder'],
  [(i) => i.group === 'salt' && (i.per100g.salt?.value ?? 0) > 90, 4, 'check.salt'],
  [(i) => i.facts.gum === 'yes' && i.group === 'binder', 4, 'check.gum'],
  [(i) => i.like === 'psyllium_powder' || i.like === 'psyllium_husk', 16, 'check.psyllium'],
];
/** Yeast by kind: the usual share of the flour, percent. Fresh : active : instant is about 3 : 1.5 : 1. */
const YEAST_PERCENT: Record<string, [number, number]> = {
  instant_yeast: [0.2, 3],
  active_dry_yeast: [0.3, 4],
  fresh_yeast: [1, 9],
};

const share = (massG: number, flourG: number): number => (100 * massG) / flourG;
const one = (x: number): number => Math.round(10 * x) / 10;

/** What a tablespoon was written for where a teaspoon was meant, and the other way round. */
const SPOON_SLIP = 3;

function yeastSlip(i: Ingredient, percent: number): Fix[] {
  const kinds = Object.entries(YEAST_PERCENT).filter(
    ([id, [lo, hi]]) => id !== i.like && percent >= lo && percent <= hi,
  );
  return kinds.slice(0, 2).map(([ingredientId]) => ({ ingredientId }));
}

/**
 * How much the flours of a part drink beside usual ones, at least 1: psyllium is dosed by it. A coconut flour takes up several
 * times its weight, so that a third of psyllium on it is no slip.
 */
export function drinksOf(part: Part, lookup: Lookup): number {
  const flours = doughLines(part).flatMap((l) => {
    const i = lookup(l.item);
    return i?.flour ? [{ massG: massOf(l), drinks: i.absorption.value }] : [];
  });
  const massG = flours.reduce((s, f) => s + f.massG, 0);
  return massG > 0 ? Math.max(1, flours.reduce((s, f) => s + f.massG * f.drinks, 0) / massG) : 1;
}

/** Checks of the lines of one part against its flour: soda, powder, salt, gum and yeast far from the usual. */
export function checkShares(part: Part, lookup: Lookup): Check[] {
  const lines = doughLines(part);
  const flourG = lines.reduce((s, l) => (lookup(l.item)?.flour ? s + massOf(l) : s), 0);
  if (flourG < 50) return [];
  return lines.flatMap((line): Check[] => {
    const i = lookup(line.item);
    const massG = massOf(line);
    if (!i || massG === 0) return [];
    const percent = share(massG, flourG);
    const spoon = line.amount.reading.find((r) => r.unit === 'tbsp');
    const args = { id: i.id, percent: one(percent) };
    const yeast = YEAST_PERCENT[i.like ?? ''];
    if (yeast && (percent < yeast[0] || percent > yeast[1])) {
      return [
        {
          lineId: line.id,
          issue: msg('check.yeast', { ...args, lo: yeast[0], hi: yeast[1] }),
          fixes: yeastSlip(i, percent),
        },
      ];
    }
    const hit = MOST_PERCENT.find(([is]) => is(i));
    const most = hit && hit[1] * (hit[2] === 'check.psyllium' ? drinksOf(part, lookup) : 1);
    if (!hit || !most || percent <= most) return [];
    return [
      {
        lineId: line.id,
        issue: msg(hit[2], { ...args, most: Math.round(most) }),
        fixes: spoon && share(massG / SPOON_SLIP, flourG) <= most ? [{ massG: massG / SPOON_SLIP }] : [],
      },
    ];
  });
}

/** Which of two amounts of one line is likelier, and why. */
export type Likelier = { better: 'a' | 'b' | null; why: 'tenfold' | 'ounces' | 'share' | null };

/**
 * Two amounts of one line that do not agree, `a` by weight and `b` by volume, g. Ten times one another is a
 * slipped nought; 28 times is ounces for grams; else the one nearer to what the rest of the formula makes likely.
 */
export function likelier(aG: number, bG: number, restG: number): Likelier {
  const ratio = Math.max(aG, bG) / Math.min(aG, bG);
  const near = (x: number) => Math.abs(ratio / x - 1) < 0.2;
  // A slip makes the weight wrong: the cup was there to be seen.
  if (near(10) || near(100)) return { better: 'b', why: 'tenfold' };
  if (near(28.35)) return { better: 'b', why: 'ounces' };
  if (restG > 0) {
    const [sa, sb] = [aG / (aG + restG), bG / (bG + restG)];
    // One line being most of the bowl is the unlikelier reading.
    if (Math.max(sa, sb) > 0.45 && Math.min(sa, sb) < 0.35)
      return { better: sa < sb ? 'a' : 'b', why: 'share' };
  }
  return { better: null, why: null };
}

/** Mass of one piece by what it is called, g. Common practice, no source. */
const PIECE_G: [RegExp, [number, number]][] = [
  [/muffin|cupcake/, [40, 160]],
  [/bun|roll/, [45, 180]],
  [/cracker/, [2, 60]],
  [/cookie|biscuit/, [8, 100]],
  [/bar|square|slice|piece/, [20, 180]],
  [/loa|cake|round/, [300, 2500]],
  [/flatbread|pancake|scone|tart/, [30, 250]],
];

/** Names that tell no kind. */
const SHAPELESS = /^(?:pieces|rounds|balls|mounds)$/;
/** Kinds of bake of which a piece weighs a few grams. */
const SMALL: ReadonlySet<ClassId> = new Set(['cookie', 'cracker']);

/** The batch against what it is said to make and the tin it goes into. */
export function checkBatch(
  parts: readonly Part[],
  yields: Yield | undefined,
  tin: StatedTin | undefined,
  lookup: Lookup,
): Msg[] {
  const issues: Msg[] = [];
  // What is poured, spread or brushed on is in no piece and no tin.
  const lines: Line[] = parts
    .filter((p) => p.classId !== 'glaze' && p.classId !== 'wash')
    .flatMap(doughLines);
  if (lines.length === 0 || lines.some((l) => !l.amount.massG || idOf(l.item) === null || !lookup(l.item)))
    return issues;
  const massG = totalMassG(lines);
  if (yields) {
    const each = massG / yields.pieces;
    // "Makes 24" names no kind, nor do "18 rounds": of small things it is the kind of the bake that tells.
    const kind =
      SHAPELESS.test(yields.name) && SMALL.has(parts[0]!.classId) ? parts[0]!.classId : yields.name;
    const usual = PIECE_G.find(([is]) => is.test(kind))?.[1];
    if (usual && (each < usual[0] || each > usual[1]))
      issues.push(
        msg('check.yield', {
          pieces: yields.pieces,
          name: yields.name,
          each: Math.round(each),
          lo: usual[0],
          hi: usual[1],
        }),
      );
  }
  // In a pot or a trough the dough stands as it was shaped: it need not fill it.
  if (tin && tin.shape !== 'pot' && tin.shape !== 'trough') {
    // Raw dough and batter hold a little air: about 1.05 g/mL (common practice, no source).
    const fill = massG / 1.05 / (tin.volumeMl.value * tin.count);
    if (fill > 0.95 || fill < 0.25)
      issues.push(
        msg(fill > 0.95 ? 'check.tinSmall' : 'check.tinLarge', { percent: Math.round(100 * fill) }),
      );
  }
  return issues;
}
