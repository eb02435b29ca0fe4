import { MOST_CLASHES, type Held } from './choices';

/** A counted thing: how many there are, and the stretches that hold some. */
export type Counted = { most: number; held: Held[] };
type Timed = { u: Held; from: number; to: number };

/** Sets of stretches that hold more of a thing than there is, each as small as can be. */
export function overfull(counted: readonly Counted[], at: (event: number) => number): Held[][] {
  return counted.flatMap(({ most, held }) => {
    const found: Held[][] = [];
    const timed = held
      .map((u): Timed => ({ u, from: at(u.from) + u.after, to: at(u.to) + u.upTo }))
      .filter((x) => x.to > x.from)
      .sort((a, b) => a.from - b.from || a.to - b.to);
    let here: Timed[] = [];
    let load = 0;
    for (const x of timed) {
      here = here.filter((y) => y.to > x.from || ((load -= y.u.need), false));
      here.push(x);
      load += x.u.need;
      const set = load > most ? fewest(here, most) : [];
      // Where nothing of it can move, nothing can be settled here.
      if (!set.every((u) => u.fixed)) found.push(set);
      if (found.length >= MOST_CLASHES) break;
    }
    return found;
  });
}

/** A few of those that hold more than there is together, so that any one fewer would do: the largest, then the first to end. */
function fewest(here: readonly Timed[], most: number): Held[] {
  const set: Held[] = [];
  let sum = 0;
  for (const { u } of [...here].sort((a, b) => b.u.need - a.u.need || a.to - b.to)) {
    set.push(u);
    sum += u.need;
    if (sum > most) break;
  }
  for (let k = set.length - 1; k >= 0; k--)
    if (sum - set[k]!.need > most) {
      sum -= set[k]!.need;
      set.splice(k, 1);
    }
  return set;
}
