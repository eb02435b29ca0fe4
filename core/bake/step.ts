import type { Grid } from './grid';
import { findIn, FROM_C, STEP_C, TABLE_SIZE, type Material } from './properties';

/** Conductivity and heat capacity, J/K, of every cell as hot as it is. */
export function properties(
  material: Material,
  temp: Float64Array,
  volume: Float64Array,
  lambda: Float64Array,
  capacity: Float64Array,
): void {
  const { lambda: table, heat } = material;
  for (let k = 0; k < temp.length; k++) {
    const x = Math.min(TABLE_SIZE - 1.000001, Math.max(0, (temp[k]! - FROM_C) / STEP_C));
    const i = Math.floor(x);
    lambda[k] = table[i]! + (x - i) * (table[i + 1]! - table[i]!);
    capacity[k] = (volume[k]! * material.rho * (heat[i + 1]! - heat[i]!)) / STEP_C;
  }
}
/** Heat flow between neighbouring cells, W, and each cell's coupling to its neighbours, W/K. */
export function conductHeat(
  { from, to, reach }: Grid,
  temp: Float64Array,
  lambda: Float64Array,
  flow: Float64Array,
  load: Float64Array,
): void {
  flow.fill(0);
  load.fill(0);
  for (let e = 0; e < reach.length; e++) {
    const a = from[e]!;
    const b = to[e]!;
    const g = (reach[e]! * 2 * lambda[a]! * lambda[b]!) / (lambda[a]! + lambda[b]!);
    const q = g * (temp[b]! - temp[a]!);
    flow[a] = flow[a]! + q;
    flow[b] = flow[b]! - q;
    load[a] = load[a]! + g;
    load[b] = load[b]! + g;
  }
}
/** Seconds in which the first cell would lose its heat. */
export function shortest(capacity: Float64Array, load: Float64Array): number {
  let found = Number.POSITIVE_INFINITY;
  for (let k = 0; k < load.length; k++) if (load[k]! > 0) found = Math.min(found, capacity[k]! / load[k]!);
  return found;
}
/** Lets what flows flow for so many seconds. */
export function warm(
  material: Material,
  volume: Float64Array,
  flow: Float64Array,
  dt: number,
  heat: Float64Array,
  temp: Float64Array,
): void {
  for (let k = 0; k < temp.length; k++) {
    heat[k] = heat[k]! + (flow[k]! * dt) / (volume[k]! * material.rho);
    temp[k] = findIn(material.heat, heat[k]!, temp[k]!);
  }
}
