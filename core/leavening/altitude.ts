import { boilingC, pressureAtPa } from '../units';

/** What is usually changed at a height. Shares of what the formula has, low to high. */
export type AltitudeAdvice = {
  pressurePa: number;
  boilsC: number;
  /** Null below the height where anything is changed. */
  change: {
    leaveningLess: readonly [number, number];
    sugarLess: readonly [number, number];
    liquidMore: readonly [number, number];
    ovenHotterC: readonly [number, number];
  } | null;
};

/**
 * Steps at heights as American extension services give them for cakes (an eighth of a teaspoon of powder less a
 * teaspoon at 900 m, a quarter at 2 100 m; spoons of sugar and liquid a cup; 15 to 25 °F hotter). From memory.
 */
const STEPS = [
  { atM: 900, leaveningLess: [0.125, 0.125], sugarLess: [0, 0.06], liquidMore: [0.06, 0.12] },
  { atM: 1500, leaveningLess: [0.125, 0.25], sugarLess: [0, 0.12], liquidMore: [0.12, 0.25] },
  { atM: 2100, leaveningLess: [0.25, 0.25], sugarLess: [0.06, 0.19], liquidMore: [0.19, 0.25] },
] as const;
const HOTTER_C = [8, 14] as const;

const between = (
  a: readonly [number, number],
  b: readonly [number, number],
  k: number,
): readonly [number, number] => [a[0] + k * (b[0] - a[0]), a[1] + k * (b[1] - a[1])];

/** Advice for a height; null outside the heights of the standard atmosphere's formula. */
export function altitudeAdvice(altitudeM: number): AltitudeAdvice | null {
  const pressurePa = pressureAtPa(altitudeM);
  if (pressurePa === null) return null;
  const air = { pressurePa, boilsC: boilingC(pressurePa) };
  const [first] = STEPS;
  if (altitudeM < first.atM) return { ...air, change: null };
  const above = STEPS.findIndex((s) => s.atM > altitudeM);
  const hi = above < 0 ? STEPS.at(-1)! : STEPS[above]!;
  const lo = above < 0 ? hi : STEPS[above - 1]!;
  const k = hi === lo ? 0 : (altitudeM - lo.atM) / (hi.atM - lo.atM);
  return {
    ...air,
    change: {
      leaveningLess: between(lo.leaveningLess, hi.leaveningLess, k),
      sugarLess: between(lo.sugarLess, hi.sugarLess, k),
      liquidMore: between(lo.liquidMore, hi.liquidMore, k),
      ovenHotterC: HOTTER_C,
    },
  };
}
