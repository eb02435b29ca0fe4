import type { Ingredient } from '../ingredients';
import type { LiftBudget } from './budget';
import { acidFor, BY_HEAT, neutralisingValue, SODA_MMOL_G } from './chemistry';
import { HOME_POWDER_STARCH, SODA_G_TSP } from './data/acids';

/** One way to have the same gas from other leaveners: grams by ingredient, and the acid that comes or goes, mmol. */
export type Exchange = {
  id: 'home_powder' | 'soda_vinegar' | 'soda_lemon' | 'powder' | 'potassium' | 'ammonia';
  items: { id: string; massG: number }[];
  /** Sodium it takes out, where that is why one does it. */
  lessSodium?: true;
};

/** How much lemon juice and vinegar meet a mmol of soda, g (titrated strengths of our table). */
type Acids = { lemon: Ingredient; vinegar: Ingredient; powder: Ingredient };

/**
 * The same gas another way. From powder: soda with tartar and starch (phosphate-free), with vinegar, with lemon.
 * From soda that met acid: powder, and what was sour stays sour; potassium bicarbonate has no sodium.
 */
export function exchangesFor(
  leavener: Pick<Ingredient, 'id' | 'like' | 'gasMmolG' | 'baseMmolG'>,
  massG: number,
  { lemon, vinegar, powder }: Acids,
): Exchange[] {
  const mmol = leavener.gasMmolG.value * massG;
  if (!(mmol > 0)) return [];
  const sodaG = mmol / SODA_MMOL_G;
  const soda = { id: 'soda', massG: sodaG };
  const isSoda = leavener.baseMmolG.value > 0;
  const tartarG = acidFor(sodaG, neutralisingValue('cream_of_tartar'));
  const starchG = (HOME_POWDER_STARCH / (1 - HOME_POWDER_STARCH)) * (sodaG + tartarG);
  if (!isSoda)
    return [
      {
        id: 'home_powder',
        items: [soda, { id: 'cream_of_tartar', massG: tartarG }, { id: 'corn_starch', massG: starchG }],
      },
      { id: 'soda_vinegar', items: [soda, { id: vinegar.id, massG: mmol / vinegar.acidMmolG.value }] },
      { id: 'soda_lemon', items: [soda, { id: lemon.id, massG: mmol / lemon.acidMmolG.value }] },
    ];
  return [
    { id: 'powder', items: [{ id: powder.id, massG: mmol / powder.gasMmolG.value }] },
    // 9.99 mmol/g against 11.90: by molar mass 100.115 g/mol.
    ...(leavener.like === 'soda'
      ? [
          {
            id: 'potassium' as const,
            items: [{ id: 'potassium_bicarbonate', massG: (mmol * 100.115) / 1000 }],
            lessSodium: true as const,
          },
        ]
      : []),
  ];
}

/** Below this share of the soda what is left over is neither tasted nor seen. Common practice, no source. */
const LITTLE = 0.05;

/** What is too much or too little, as a cook would say it, and the repairs that mend it. */
export type Repair =
  | { id: 'more_acid'; massG: number; with: string }
  | { id: 'less_soda'; sodaG: number; toG: number; powderG: number };

/**
 * Repairs of soda that meets too little acid: as much vinegar or lemon as meets the rest, or as much soda as is met,
 * with powder for the gas that the rest gave by heat. Nothing where the soda is met.
 */
export function repairsOf(budget: LiftBudget, { lemon, vinegar, powder }: Acids): Repair[] {
  const over = budget.residueMmol.value;
  const sodas = budget.bases.filter((b) => b.mmol.value > 0);
  if (budget.metShare === null || over <= LITTLE * budget.baseMmol.value || sodas.length === 0) return [];
  const sour = budget.acids.find((a) => a.ingredientId === lemon.id) ? lemon : vinegar;
  const sodaG = sodas.reduce((s, b) => s + b.massG, 0);
  const toG = sodaG * budget.metShare;
  return [
    { id: 'more_acid', massG: over / sour.acidMmolG.value, with: sour.id },
    { id: 'less_soda', sodaG, toG, powderG: (BY_HEAT * over) / powder.gasMmolG.value },
  ];
}

/** Alkali left over as level teaspoons of soda. */
export const asTeaspoons = (mmol: number): number => mmol / SODA_MMOL_G / SODA_G_TSP;
