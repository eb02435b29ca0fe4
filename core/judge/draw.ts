import { drawsFrom } from '../bench';

/** A list in an order that the seed decides (Fisher and Yates; Durstenfeld, 1964); further draws go on from there. */
export function shuffler(seed: number): <T>(list: readonly T[]) => T[] {
  const draw = drawsFrom(Math.abs(Math.trunc(seed)) % 1_000_000_007);
  return (list) => {
    const out = [...list];
    for (let i = out.length - 1; i > 0; i--) {
      const j = Math.floor(draw() * (i + 1));
      [out[i], out[j]] = [out[j]!, out[i]!];
    }
    return out;
  };
}
