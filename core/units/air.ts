/** Pressure of the air, and water's with it. Pa and °C. */

export const SEA_LEVEL_PA = 101_325;
const ZERO_K = 273.15;
/** Molar gas constant, J/(mol K): exact since the SI of 2019. */
export const GAS_R = 8.314462618;
export const kelvin = (tempC: number): number => tempC + ZERO_K;

/** Heights for which the formula of the standard atmosphere's lowest layer is asked here, m. */
export const ALTITUDE_M = [-400, 9000] as const;

/**
 * Mean pressure at a height, Pa, by the ICAO standard atmosphere (ISO 2533:1975): 15 °C and 101 325 Pa at sea
 * level, 6.5 K a kilometre. Null outside -400 to 9 000 m.
 */
export function pressureAtPa(altitudeM: number): number | null {
  if (!(altitudeM >= ALTITUDE_M[0] && altitudeM <= ALTITUDE_M[1])) return null;
  return SEA_LEVEL_PA * (1 - (0.0065 * altitudeM) / 288.15) ** 5.25588;
}

/** Coefficients of the saturation line, IAPWS-IF97 (2007), table 34. */
const N = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5, -0.32325550322333e7,
  0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6, -0.23855557567849, 0.65017534844798e3,
] as const;

/** Vapour pressure of water, Pa, at 0 to 374 °C: IAPWS-IF97 (2007), equation 30. */
export function saturationPa(tempC: number): number {
  const t = kelvin(tempC) + N[8] / (kelvin(tempC) - N[9]);
  const a = t * t + N[0] * t + N[1];
  const b = N[2] * t * t + N[3] * t + N[4];
  const c = N[5] * t * t + N[6] * t + N[7];
  return 1e6 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}

/** Temperature at which water boils under a pressure, °C: IAPWS-IF97 (2007), equation 31. */
export function boilingC(pressurePa: number): number {
  const beta = (pressurePa / 1e6) ** 0.25;
  const e = beta * beta + N[2] * beta + N[5];
  const f = N[0] * beta * beta + N[3] * beta + N[6];
  const g = N[1] * beta * beta + N[4] * beta + N[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  return (N[9] + d - Math.sqrt((N[9] + d) ** 2 - 4 * (N[8] + N[9] * d))) / 2 - ZERO_K;
}
