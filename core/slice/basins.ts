import type { Field } from './raster';

/**
 * Parts a mask along the saddles of a height field: from the heights down, each pixel joins the hill beside it, and two hills
 * are one where the lower stands less than `rise` px, or less than the share `share` of its height, above the saddle between
 * them. (Watershed by immersion, Vincent and Soille 1991, with dynamics, Grimaud 1992.) Numbers from 1; 0 where height is 0.
 */
export function hills(
  height: Field,
  w: number,
  share: number,
  rise: number,
): { of: Int32Array; count: number } {
  const STEPS = 8;
  const n = height.length;
  let top = 0;
  for (let i = 0; i < n; i++) if (height[i]! > top) top = height[i]!;
  const levels = Math.ceil(top * STEPS) + 2;
  const levelOf = (i: number): number => levels - 1 - Math.floor(height[i]! * STEPS);
  const starts = new Int32Array(levels + 1);
  for (let i = 0; i < n; i++) if (height[i]! > 0) starts[levelOf(i) + 1]! += 1;
  for (let i = 0; i < levels; i++) starts[i + 1]! += starts[i]!;
  const order = new Int32Array(starts[levels]!);
  for (let i = 0; i < n; i++)
    if (height[i]! > 0) {
      const level = levelOf(i);
      order[starts[level]!] = i;
      starts[level]! += 1;
    }

  const of = new Int32Array(n);
  const parent = [0];
  const peak = [0];
  const root = (a: number): number => {
    let at = a;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at]!]!;
      at = parent[at]!;
    }
    return at;
  };
  const near = [-1, 1, -w, w, -w - 1, -w + 1, w - 1, w + 1];
  for (const i of order) {
    const x = i % w;
    let mine = 0;
    for (const step of near) {
      const j = i + step;
      if (j < 0 || j >= n || Math.abs((j % w) - x) > 1 || !of[j]) continue;
      const other = root(of[j]);
      if (mine === 0) {
        mine = other;
        continue;
      }
      if (other === mine) continue;
      const [low, high] = peak[other]! < peak[mine]! ? [other, mine] : [mine, other];
      if (peak[low]! - height[i]! < Math.max(rise, share * peak[low]!)) parent[low] = high;
      mine = high;
    }
    if (mine === 0) {
      mine = parent.length;
      parent.push(mine);
      peak.push(height[i]!);
    }
    of[i] = mine;
  }
  const names = new Map<number, number>();
  for (const i of order) {
    const r = root(of[i]!);
    if (!names.has(r)) names.set(r, names.size + 1);
    of[i] = names.get(r)!;
  }
  return { of, count: names.size };
}
