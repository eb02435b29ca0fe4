import type { Make } from './properties';

/** What of a dough bears on colour: sugars as a share of its mass, and pH where it is known. */
export type Browning = { sugars: number; ph: number | null };

/** A usual dough, beside which the rate is told: sugars and protein as shares, pH. */
const USUAL = { sugars: 0.05, protein: 0.06, ph: 6.6 } as const;
/** Powers of the two shares, and how much a step of pH does. Directions are known, these figures are our own guess. */
const POWER = 0.3;
const PH_STEP = 0.12;
const MOST = 2;

/**
 * How fast a dough browns beside a usual one, 0.5 to 2: sugars and protein together make the colour, alkali hastens
 * and acid slows it. Directions: common practice and food chemistry; the figures have no source.
 */
export function brownRate({ protein }: Make, { sugars, ph }: Browning): number {
  const share = (x: number, usual: number): number => Math.max(0.1, x / usual) ** POWER;
  const alkali = ph === null ? 1 : 10 ** (PH_STEP * (ph - USUAL.ph));
  const rate = share(sugars, USUAL.sugars) * share(protein, USUAL.protein) * alkali;
  return Math.min(MOST, Math.max(1 / MOST, rate));
}

/** Where a small bake is golden and done, and where a bake is dark, min at 150 °C. Fitted; the second a guess. */
export const GOLDEN = 2.5;
export const DARK = 10;
