/** The value at a share of a sorted list: 0.5 is the median. */
export const at = (sorted: readonly number[], q: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]!;
export const sorted = (xs: readonly number[]): number[] => [...xs].sort((a, b) => a - b);

/** A figure on a line of its own, beside what was aimed at. */
export const print = (what: string, value: number, unit: string, aim = ''): void =>
  console.log(
    `${what.padEnd(62)} ${value.toFixed(value < 10 ? 2 : 0).padStart(8)} ${unit.padEnd(3)} ${aim && `aim ${aim}`}`,
  );
