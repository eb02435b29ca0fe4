import type { Msg } from './messages';

/**
 * A figure with its provenance. One model of spread throughout: errors are independent, so they add in
 * quadrature (GUM, JCGM 100:2008, clause 5.1.2), and the digits shown follow from them.
 */
export type Basis = 'published' | 'practice' | 'memory' | 'label' | 'user' | 'derived';

/** `value` in the unit its place names; `sd` is one standard deviation in the same unit, absent when not judged. */
export type Sourced<T = number> = { value: T; sd?: number; basis: Basis; sourceId?: SourceId };

/** Works that figures are taken from. Those not checked against it were written down from memory. */
export const SOURCES = {
  fdc: 'USDA FoodData Central, figures not checked against it',
  handbook44: 'NIST Handbook 44 (2024), Appendix C',
  practice: 'Common practice, no source',
  choiOkos: 'Choi & Okos (1986), composition properties',
  annex14: 'Regulation (EU) 1169/2011, Annex XIV, energy factors',
  annex2: 'Regulation (EU) 1169/2011, Annex II, allergens',
  stoichiometry: 'Molar masses (IUPAC standard atomic weights)',
  byDifference: 'By difference from 100 g',
  label: 'The packet',
  eggGrades: 'USDA AMS 56 and Regulation (EU) 2023/2465, egg grades, not checked against them',
  user: 'Entered by the baker',
} as const;
export type SourceId = keyof typeof SOURCES;

/** Σ kᵢ·xᵢ with its spread √Σ (kᵢ·sdᵢ)², for independent errors. Terms without a spread add none. */
export function linearSum(terms: readonly { k: number; x: Sourced }[]): Sourced {
  let value = 0;
  let variance = 0;
  for (const { k, x } of terms) {
    value += k * x.value;
    variance += (k * (x.sd ?? 0)) ** 2;
  }
  return variance > 0 ? { value, sd: Math.sqrt(variance), basis: 'derived' } : { value, basis: 'derived' };
}

/** a / b with the relative spreads added in quadrature. `b` must not be 0. */
export function ratio(a: Sourced, b: Sourced): Sourced {
  const value = a.value / b.value;
  const rel = Math.hypot(a.value === 0 ? 0 : (a.sd ?? 0) / a.value, (b.sd ?? 0) / b.value);
  return rel > 0 ? { value, sd: Math.abs(value) * rel, basis: 'derived' } : { value, basis: 'derived' };
}

/**
 * Decimals worth showing: the place of the spread's first digit, between 0 and `most`; without a spread,
 * three significant digits.
 */
export function decimalsFor(x: Sourced, most = 2): number {
  const scale = x.sd !== undefined && x.sd > 0 ? x.sd : Math.abs(x.value) / 100;
  if (scale === 0) return 0;
  return Math.min(most, Math.max(0, Math.ceil(-Math.log10(scale))));
}

/** A number opened: its equation by name, every input with its source, and the result. */
export type Explanation = {
  equation: Msg;
  inputs: { label: Msg; factor: Sourced; massG: number; value: number }[];
  result: Sourced;
};
