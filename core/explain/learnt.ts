/** How the baker's own figures correct the given ones: a factor, its spread as a share, and how many it comes from. */
export type Learnt = { factor: number; sd: number; from: number };
/** A figure that was so much more or less than told says that something else was wrong. */
const WILD = 2.5;

/**
 * A factor from pairs of told and taken, drawn towards 1 while they are few: a normal prior of spread `before` on the logarithm,
 * noise of spread `each` on every pair. A pair that says less, such as one from another oven, has a weight below 1.
 */
export function learntFactor(
  pairs: readonly { said: number; took: number; weight?: number }[],
  { before, each }: { before: number; each: number },
): Learnt {
  const used = pairs
    .filter((p) => p.said > 0 && p.took > 0)
    .map((p) => ({ log: Math.log(p.took / p.said), weight: p.weight ?? 1 }))
    .filter((p) => Math.abs(p.log) <= Math.log(WILD));
  const weight = used.reduce((s, p) => s + p.weight, 0) + (each / before) ** 2;
  return {
    factor: Math.exp(used.reduce((s, p) => s + p.weight * p.log, 0) / weight),
    sd: each / Math.sqrt(weight),
    from: used.length,
  };
}
