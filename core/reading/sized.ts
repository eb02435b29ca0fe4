import { msg } from '../explain';
import type { Action, Step, WordSwap } from '../method';
import { NUMBER, numberOf } from './amount';
import { pieceGIn, piecesAt } from './fields';

/** How a batch was made larger or smaller: amounts by `factor`; pieces and tins from what they were to what they are. */
export type Sized = {
  factor: number;
  pieces?: { was: number; now: number };
  tins?: { was: number; now: number };
  /** What a piece weighs raw, g, where that was asked for. */
  eachG?: number;
};

const UNITS = 'g|kg|ml|l|oz|lb|cups?|tbsps?|tsps?|tablespoons?|teaspoons?|T|t|c';
/** An amount that stands before the name of a line: "100 g of the", "2 tbsp", "the 3 large". */
const AMOUNT_BEFORE = new RegExp(
  `(?<![\\d.,/°])(${NUMBER})\\s?(?:(${UNITS})\\b\\.?\\s+)?(?:(?:of|the|your|other|large|medium|small|cold|warm|hot|melted|soft|more)\\s+)*$`,
  'u',
);
const FRACTIONS: [number, string][] = [
  [0, ''],
  [0.25, '¼'],
  [1 / 3, '⅓'],
  [0.5, '½'],
  [2 / 3, '⅔'],
  [0.75, '¾'],
  [1, ''],
];
/** A count of spoons, cups or eggs as it is measured: to the nearest part that a spoon or cup has. */
function measured(n: number): string {
  const whole = Math.floor(n);
  const [part, glyph] = FRACTIONS.reduce((best, f) =>
    Math.abs(f[0] - (n - whole)) < Math.abs(best[0] - (n - whole)) ? f : best,
  );
  const full = part === 1 ? whole + 1 : whole;
  return full === 0 && glyph === '' ? '¼' : `${full > 0 ? full : ''}${glyph}`;
}
/** A weight or volume as it is written: tenths below 10, whole ones above; kg, L and lb to hundredths. */
const weighed = (n: number, unit: string): string =>
  String(Number(n.toFixed(/^(?:kg|l|lb)$/.test(unit) ? 2 : n < 10 ? 1 : 0)));

const word = (from: number, to: number, said: string): WordSwap => ({
  from,
  to,
  msg: msg('step.word', { word: said }),
});

/** Amounts of lines that a step says, at the new size. */
function amountsIn(step: Step, { factor }: Sized): WordSwap[] {
  if (Math.abs(factor - 1) < 1e-3) return [];
  const out = new Map<number, WordSwap>();
  for (const name of (step.actions ?? []).flatMap((a) => a.names ?? [])) {
    const m = AMOUNT_BEFORE.exec(step.text.slice(0, name.from));
    if (!m) continue;
    const [, figure, unit] = m;
    const now = numberOf(figure!) * factor;
    if (!Number.isFinite(now)) continue;
    const said = unit && /^(?:g|kg|ml|l|oz|lb)$/.test(unit) ? weighed(now, unit) : measured(now);
    const from = m.index;
    if (said !== figure) out.set(from, word(from, from + figure!.trimEnd().length, said));
  }
  return [...out.values()];
}

/** How many pieces an act makes now: as the yield or the tins have it, where it says the same; else by the factor. */
function piecesNow(n: number, { factor, pieces, tins }: Sized): number {
  if (pieces?.was === n) return pieces.now;
  if (tins?.was === n) return tins.now;
  return Math.max(1, Math.round(n * factor));
}

const MAKING: readonly Action['kind'][] = ['divide', 'shape', 'fill', 'score'];

function piecesOfActs(step: Step, sized: Sized): WordSwap[] {
  return (step.actions ?? []).flatMap((a): WordSwap[] => {
    if (!MAKING.includes(a.kind)) return [];
    const out: WordSwap[] = [];
    const text = step.text.slice(a.from, a.to);
    const made = a.pieces === undefined || a.ours?.includes('pieces') ? null : piecesAt(text);
    // One piece stays one, a larger one: it has its tin.
    if (made?.at && (made.n > 1 || sized.pieces?.was === 1)) {
      const now = piecesNow(made.n, sized);
      if (now !== made.n) out.push(word(a.from + made.at[0], a.from + made.at[1], String(now)));
    }
    const each = sized.eachG === undefined ? null : pieceGIn(text);
    if (each !== null) {
      const at = text.search(new RegExp(`\\b${each}\\s?g\\b`));
      const now = String(Math.round(sized.eachG!));
      if (at >= 0 && now !== String(each))
        out.push(word(a.from + at, a.from + at + String(each).length, now));
    }
    return out;
  });
}

/**
 * The method of a batch made larger or smaller: amounts that its steps say of the list, the pieces they make and what one
 * weighs are those of the new size, as words put in the place of words. What names no line of the list (a size, a time, a
 * heat) stays. The given steps are not changed.
 */
export const sizedMethod = (method: readonly Step[], sized: Sized): Step[] =>
  method.map((step) => {
    if (step.added || step.own !== undefined || step.struck) return step;
    const own = step.swaps ?? [];
    const free = [...amountsIn(step, sized), ...piecesOfActs(step, sized)].filter(
      (s, i, all) =>
        !own.some((o) => o.from < s.to && s.from < o.to) &&
        !all.slice(0, i).some((o) => o.from < s.to && s.from < o.to),
    );
    return free.length > 0 ? { ...step, swaps: [...own, ...free].sort((a, b) => a.from - b.from) } : step;
  });
