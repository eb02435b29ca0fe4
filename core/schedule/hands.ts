import { fixedSpan, MOST_STEPS, type Choice, type Look, type NewArc } from './choices';
import { meets, type Touch } from './problem';

/** Who does what: each touch by somebody who is there and has the share left, first come first. */
export function assignHands(look: Look): { who: number[] } | { clash: (Touch & { fixed?: boolean })[] } {
  const { touches, workers } = look.p;
  const timed = touches
    .map((t, i) => ({ t, i, from: look.at(t.from) + t.after, to: look.at(t.to) + t.upTo }))
    .filter((x) => look.touchOn[x.i])
    .sort((a, b) => a.from - b.from || b.t.share - a.t.share || a.i - b.i);
  const who = new Array<number>(touches.length).fill(-1);
  let [steps, far] = [0, -1];
  const fits = (k: number, w: number): boolean => {
    const x = timed[k]!;
    if (meets(workers[w]!.away, x.from, x.to)) return false;
    let share = x.t.share;
    for (let j = 0; j < k; j++)
      if (who[timed[j]!.i] === w && timed[j]!.to > x.from) share += timed[j]!.t.share;
    return share <= 100;
  };
  const put = (k: number): boolean => {
    if (k === timed.length) return true;
    if (++steps > MOST_STEPS) return false;
    far = Math.max(far, k);
    for (let w = 0; w < workers.length; w++)
      if (fits(k, w)) {
        who[timed[k]!.i] = w;
        if (put(k + 1)) return true;
        who[timed[k]!.i] = -1;
      }
    return false;
  };
  if (put(0)) return { who };
  const fails = timed[far]!;
  const together = timed.filter((x) => x.from < fails.to && fails.from < x.to).map((x) => x.t);
  const away = workers
    .flatMap((w) => w.away)
    .filter(([a, b]) => timed.some((x) => together.includes(x.t) && x.from < b && a < x.to))
    .map((a) => ({ ...fixedSpan(a), share: 100, task: -1 }));
  return { clash: [...together, ...away] };
}

/** Hands that no people suffice for: one of two that meet is over before the other. */
export function handChoices(look: Look, set: readonly (Touch & { fixed?: boolean })[]): Choice[] {
  const overlaps = (x: Touch, y: Touch): boolean =>
    look.at(x.from) + x.after < look.at(y.to) + y.upTo && look.at(y.from) + y.after < look.at(x.to) + x.upTo;
  return set.flatMap((x) =>
    set
      .filter((y) => x !== y && !(x.fixed && y.fixed) && overlaps(x, y))
      .map((y) => ({ arcs: [[x.to, y.from, x.upTo - y.after] as NewArc] })),
  );
}
