import {
  doughMassG,
  mapLines,
  piecesOf,
  profileOf,
  totalFlourG,
  totalMassG,
  type Formula,
  type Part,
  type StatedTin,
} from '../formula';
import type { Lookup } from '../ingredients';
import { linkedOnce, sizedMethod } from '../reading';
import { fitOf } from './bands';
import type { Fit, FitKey } from './types';

/** How large a batch is wanted. Masses in g; `lossPercent` is what the oven takes. */
export type ScaleTo =
  | { by: 'batch'; times: number }
  | { by: 'dough'; massG: number }
  | { by: 'flour'; massG: number }
  | { by: 'line'; lineId: string; massG: number }
  | { by: 'pieces'; pieces: number; eachG: number; lossPercent: number }
  | { by: 'tin'; tin: StatedTin; fill: number };

/** Raw dough and batter hold a little air, g per mL. Common practice, no source. */
const DOUGH_G_ML = 1.05;
/** How full tins are filled with raw dough or batter where the formula does not say. Common practice, no source. */
export const USUAL_FILL = 0.6;
/** How full a formula fills its own tin, 0 to 1; the usual share where it names none. */
export const fillOf = (formula: Formula): number =>
  formula.tin
    ? doughMassG(formula) / (DOUGH_G_ML * formula.tin.count * formula.tin.volumeMl.value)
    : USUAL_FILL;
const LEAST = 0.01;
const MOST = 200;

/**
 * The factor that makes a formula as large as wanted; null where there is nothing to go by (no flour, no such line)
 * or the factor is not between 1/100 and 200. Pieces are weighed baked: the dough for them is that and the loss.
 */
export function scaleFactor(formula: Formula, to: ScaleTo, lookup: Lookup): number | null {
  const whole = doughMassG(formula);
  const ratio = (wanted: number, there: number): number => (there > 0 ? wanted / there : Number.NaN);
  const factor = (): number => {
    switch (to.by) {
      case 'batch':
        return to.times;
      case 'dough':
        return ratio(to.massG, whole);
      case 'flour':
        return ratio(to.massG, totalFlourG(formula, lookup));
      case 'line':
        return ratio(
          to.massG,
          totalMassG(formula.parts.flatMap((p) => p.lines).filter((l) => l.id === to.lineId)),
        );
      case 'pieces':
        return ratio((to.pieces * to.eachG) / (1 - to.lossPercent / 100), whole);
      case 'tin':
        return ratio(to.tin.count * to.tin.volumeMl.value * to.fill * DOUGH_G_ML, whole);
    }
  };
  const k = factor();
  return Number.isFinite(k) && k >= LEAST && k <= MOST ? k : null;
}

/** The formula with every known mass times a factor, spreads with it. */
export const scaled = (formula: Formula, factor: number): Formula =>
  mapLines(formula, (l) =>
    l.amount.massG
      ? {
          ...l,
          amount: {
            ...l.amount,
            massG: {
              ...l.amount.massG,
              value: factor * l.amount.massG.value,
              ...(l.amount.massG.sd === undefined ? {} : { sd: factor * l.amount.massG.sd }),
              basis: 'derived',
            },
          },
        }
      : l,
  );

/**
 * The formula as large as wanted, with the pieces it then makes: those asked for, else its own count times the
 * factor, at least one; its method says them, and amounts, as they now are. Null as in {@link scaleFactor}.
 */
export function sized(
  formula: Formula,
  to: ScaleTo,
  lookup: Lookup,
): { formula: Formula; factor: number } | null {
  const factor = scaleFactor(formula, to, lookup);
  if (factor === null) return null;
  const own = formula.yield;
  const pieces = to.by === 'pieces' ? to.pieces : own && Math.max(1, Math.round(factor * own.pieces));
  const larger: Formula = {
    ...scaled(formula, factor),
    ...(pieces ? { yield: { name: own?.name ?? '', pieces } } : {}),
    ...tinsFor(formula, to, factor),
  };
  const [was, now] = [piecesOf(formula), piecesOf(larger)];
  const method = sizedMethod(linkedOnce(formula, lookup).method, {
    factor,
    ...(was && now ? { pieces: { was, now } } : {}),
    ...(formula.tin && larger.tin ? { tins: { was: formula.tin.count, now: larger.tin.count } } : {}),
    ...(to.by === 'pieces' ? { eachG: to.eachG / (1 - to.lossPercent / 100) } : {}),
  });
  return { formula: { ...larger, method }, factor };
}

/** The tins of a larger batch: those asked for, else as many more of its own as come nearest, at least one. */
function tinsFor({ tin }: Formula, to: ScaleTo, factor: number): Pick<Formula, 'tin'> {
  if (to.by === 'tin') return { tin: to.tin };
  return tin ? { tin: { ...tin, count: Math.max(1, Math.round(tin.count * factor)) } } : {};
}

/** What a kitchen scale shows: tenths of a gram below 20 g, whole grams above. */
const STEP_BELOW_G = 20;
export const scaleStep = (massG: number): number => (massG < STEP_BELOW_G ? 0.1 : 1);

/** A mass as a scale shows it, never nothing for something. */
export function roundedG(massG: number, step = scaleStep(massG)): number {
  const rounded = Math.round(massG / step) * step;
  return massG > 0 && rounded === 0 ? step : Number(rounded.toFixed(1));
}

/** What rounding does to the balances: the largest shift of wetness, and the properties that left their band. */
export type Rounded = { formula: Formula; wetnessPercent: number; left: { partId: string; key: FitKey }[] };

/** Rounding may shift wetness by this much; beyond it the wet lines of a part are weighed to tenths. */
const MOST_SHIFT_PERCENT = 0.5;
const FINE_G = 0.1;

function roundedPart(part: Part, lookup: Lookup): { part: Part; shift: number } {
  const before = profileOf(part, lookup).wetness?.value ?? 0;
  const round = (fine: boolean): { part: Part; shift: number } => {
    const lines = part.lines.map((l) => {
      if (!l.amount.massG) return l;
      const wet = fine && lookup(l.item)?.dry === false;
      const value = roundedG(l.amount.massG.value, wet ? FINE_G : undefined);
      return { ...l, amount: { ...l.amount, massG: { ...l.amount.massG, value } } };
    });
    const after = profileOf({ ...part, lines }, lookup).wetness?.value ?? 0;
    return { part: { ...part, lines }, shift: before > 0 ? 100 * Math.abs(after / before - 1) : 0 };
  };
  const plain = round(false);
  return plain.shift > MOST_SHIFT_PERCENT ? round(true) : plain;
}

/**
 * The formula of record: every mass as a scale shows it, so no line moves by more than half a step; where there is
 * so little water that whole grams of it matter, the wet lines are weighed to tenths. What that does to wetness and
 * which property it takes out of its band is said.
 */
export function rounded(formula: Formula, target: Formula, lookup: Lookup): Rounded {
  const made = formula.parts.map((p) => roundedPart(p, lookup));
  const left = formula.parts.flatMap((part, i) => {
    const root = target.parts.find((p) => p.id === part.id) ?? part;
    const [before, after, goal] = [part, made[i]!.part, root].map((p) => profileOf(p, lookup));
    const inside = (fits: readonly Fit[]) =>
      new Set(fits.filter((f) => f.state === 'inside').map((f) => f.key));
    const was = inside(fitOf(part, before!, goal!));
    const is = inside(fitOf(part, after!, goal!));
    return [...was].filter((key) => !is.has(key)).map((key) => ({ partId: part.id, key }));
  });
  return {
    formula: { ...formula, parts: made.map((m) => m.part) },
    wetnessPercent: Math.max(0, ...made.map((m) => m.shift)),
    left,
  };
}
