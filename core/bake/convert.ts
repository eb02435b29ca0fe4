import { levelCm, type BakeSetup } from './setup';
import { heightOf, holdsMl, type TinMetal, type Vessel } from './vessel';

/** What another tin asks for. */
export type TinSwap = {
  /** Height of this much dough in the one and in the other, cm. */
  fromCm: number;
  toCm: number;
  /** Dough for the other tin to stand as high, and to fill as much of it, g; null where a side has no walls. */
  sameDepthG: number;
  sameShareG: number | null;
  /** How much cooler to bake it, °C: what stands higher browns before it is through. */
  coolerC: number;
};

/** Deeper by so much asks for an oven so much cooler, °C; dark and glass walls brown sooner. Common practice, no source. */
const DEEPER: readonly [number, number][] = [
  [1.6, 20],
  [1.25, 10],
];
const EAGER: readonly TinMetal[] = ['dark', 'glass'];
const EAGER_C = 10;

/** Dough that stands so high in a vessel, g. */
function massFor(vessel: Vessel, density: number, cm: number): number {
  let [lo, hi] = [0, 100_000];
  for (let k = 0; k < 60; k++) {
    const mid = (lo + hi) / 2;
    if (heightOf(vessel, mid / density) < cm) lo = mid;
    else hi = mid;
  }
  return lo;
}

/** What a bake asks for in another vessel: how high it stands, how much dough would stand or fill as before, and the heat. */
export function swapTin(from: BakeSetup, to: Vessel, metal: TinMetal = from.metal): TinSwap {
  const { vessel, density, massG } = from;
  const fromCm = levelCm(from);
  const toCm = heightOf(to, massG / density);
  const eager = EAGER.includes(metal) && !EAGER.includes(from.metal) ? EAGER_C : 0;
  return {
    fromCm,
    toCm,
    sameDepthG: massFor(to, density, fromCm),
    sameShareG:
      vessel.wallCm > 0 && to.wallCm > 0
        ? (massG * holdsMl(to) * to.count) / (holdsMl(vessel) * vessel.count)
        : null,
    coolerC: (DEEPER.find(([times]) => toCm >= times * fromCm)?.[1] ?? 0) + eager,
  };
}
