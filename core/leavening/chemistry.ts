import { GAS_R, kelvin, saturationPa, SEA_LEVEL_PA } from '../units';
import { ACID_MOLES, SODA_G_MOL, type PureAcid } from './data/acids';

/** CO2 that a gram of soda gives, and acid that it meets, mmol. */
export const SODA_MMOL_G = 1000 / SODA_G_MOL;

/** Grams of soda that 100 g of a pure acid meet: 100 · protons · M(soda) / M(acid). */
export const neutralisingValue = (acid: PureAcid): number =>
  (100 * ACID_MOLES[acid].protons * SODA_G_MOL) / ACID_MOLES[acid].gMol;

/** Grams of an acid, known by its neutralising value, that meet so much soda. */
export const acidFor = (sodaG: number, nv: number): number => (100 * sodaG) / nv;

/** Least CO2 a powder may have by US standard, and what soda gives that: 12 % of its mass (from memory). */
export const LEAST_POWDER_CO2 = 0.12;
const CO2_G_MOL = 44.009;
/** CO2 of a powder by the share of its mass, mmol/g. */
export const powderMmolG = (co2Share: number): number => (1000 * co2Share) / CO2_G_MOL;

/** Dry gas by the ideal gas law, mL. Pressure in Pa. */
export const gasMl = (mmol: number, tempC: number, pressurePa = SEA_LEVEL_PA): number =>
  (1e6 * (mmol / 1000) * GAS_R * kelvin(tempC)) / pressurePa;

/**
 * Gas in a bubble that water vapour fills up to its pressure over the dough, mL: n·R·T / (P − a_w·p_sat). Infinite
 * where vapour alone reaches the pressure, that is at boiling.
 */
export function moistGasMl(
  mmol: number,
  tempC: number,
  waterActivity = 1,
  pressurePa = SEA_LEVEL_PA,
): number {
  const dry = pressurePa - waterActivity * saturationPa(tempC);
  return dry > 0 ? gasMl(mmol, tempC, dry) : Number.POSITIVE_INFINITY;
}

/** CO2 that stays dissolved in a litre of water at 25 °C under air pressure, mmol (Henry's law; from memory). */
export const DISSOLVED_25_MMOL_L = 33;
/** Change of CO2's solubility with temperature, K: van 't Hoff, 2400 K (Sander's compilation, from memory). */
const HENRY_K = 2400;
/** CO2 that stays in so much water before bubbles grow, mmol. */
export const dissolvedMmol = (waterG: number, tempC = 25): number =>
  (DISSOLVED_25_MMOL_L * waterG * Math.exp(HENRY_K * (1 / kelvin(tempC) - 1 / kelvin(25)))) / 1000;

/** Share of its CO2 that soda gives by heat alone: 2 NaHCO3 → Na2CO3 + CO2 + H2O. */
export const BY_HEAT = 0.5;
