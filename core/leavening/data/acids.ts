import type { Basis } from '../../explain';

/** Molar masses, g/mol (IUPAC standard atomic weights), and how many protons soda takes from a molecule. */
export const SODA_G_MOL = 84.007;
export const ACID_MOLES = {
  citric_acid: { gMol: 192.123, protons: 3 },
  acetic: { gMol: 60.052, protons: 1 },
  lactic: { gMol: 90.078, protons: 1 },
  tartaric_acid: { gMol: 150.087, protons: 2 },
  cream_of_tartar: { gMol: 188.177, protons: 1 },
  gdl: { gMol: 178.14, protons: 1 },
} as const;
export type PureAcid = keyof typeof ACID_MOLES;

/**
 * Neutralising values of leavening acids: grams of soda that 100 g meet. Phosphates and alum have no simple
 * stoichiometry in a dough; theirs are the usual handbook values, from memory.
 */
export const HANDBOOK_NV: Record<string, { value: number; basis: Basis }> = {
  monocalcium_phosphate: { value: 80, basis: 'memory' },
  sapp: { value: 72, basis: 'memory' },
  salp: { value: 100, basis: 'memory' },
  sas: { value: 104, basis: 'memory' },
  dcpd: { value: 33, basis: 'memory' },
};

/**
 * Share of the gas that comes in the bowl within the first minutes; the rest waits for heat. Dough rates of reaction
 * as handbooks give them, from memory: tartrate and monocalcium phosphate fast, pyrophosphate and alum slow.
 */
export const BENCH_SHARE: Record<string, number> = {
  soda: 0.8,
  potassium_bicarbonate: 0.8,
  baking_powder: 0.35,
  powder_phosphate_free: 0.65,
  bakers_ammonia: 0.05,
};

/** A tartrate powder made at home, parts by mass: as much tartar as meets the soda, and starch to keep it dry. */
export const HOME_POWDER_STARCH = 0.25;

/** Grams in a level teaspoon of soda. Common practice, no source. */
export const SODA_G_TSP = 4.7;
