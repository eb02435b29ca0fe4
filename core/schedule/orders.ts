import { betweenMin, meets, type Plan, type Problem } from './problem';
import type { SearchMore } from './search';

/** Who came before is kept for so many of those before; the rest follows from them. */
const LOOKS_BACK = 4;

/**
 * The orders of a plan as arcs, not its times: what holds a thing before what, whose hands come first, on which side of an
 * absence, which stay before which in which mode, which odd hours are paid for. Only of the bakes in `keep`.
 */
export function keepOrders(
  p: Problem,
  plan: Plan,
  keep: ReadonlySet<number>,
): Required<Pick<SearchMore, 'arcs' | 'modes' | 'pays'>> {
  const at = (event: number): number => plan.time[event]!;
  const on = (event: number): boolean => keep.has(p.bakeOf[event]!);
  const arcs: [number, number, number][] = [];
  type Timed = {
    from: number;
    to: number;
    need: number;
    start: number;
    end: number;
    after: number;
    upTo: number;
  };
  const timed = (u: { from: number; after: number; to: number; upTo: number }, need: number): Timed => ({
    from: at(u.from) + u.after, to: at(u.to) + u.upTo, need, start: u.from, end: u.to, after: u.after, upTo: u.upTo,
  }); // prettier-ignore
  const chain = (held: Timed[], most: number): void => {
    held.sort((a, b) => a.from - b.from || a.to - b.to);
    held.forEach((y, k) => {
      let kept = 0;
      for (let j = k - 1; j >= 0 && kept < LOOKS_BACK; j--) {
        const x = held[j]!;
        if (x.to > y.from || x.need + y.need <= most) continue;
        arcs.push([x.end, y.start, x.upTo - y.after]);
        kept++;
      }
    });
  };
  for (const [thing, most] of Object.entries(p.counts))
    chain(
      p.uses.filter((u) => u.thing === thing && on(u.from)).map((u) => timed(u, u.need)),
      most,
    );
  const pays: number[] = [];
  p.workers.forEach((worker, w) => {
    const mine = p.touches
      .map((t, i) => ({ ...timed(t, t.share), i }))
      .filter((x) => on(x.start) && plan.who[x.i] === w);
    chain([...mine], 100);
    for (const x of mine) {
      for (const [a, b] of worker.away)
        if (x.to <= a) arcs.push([x.end, 0, x.upTo - a]);
        else if (x.from >= b) arcs.push([0, x.start, b - x.after]);
      if (meets(p.odd, x.from, x.to)) pays.push(x.i);
    }
  });
  const modes = p.stays.map((s, i) => (on(s.start) ? [plan.mode[i]!] : s.modes.map((_, k) => k)));
  const stays = p.stays
    .map((stay, i) => ({ stay, from: at(stay.held), to: at(stay.end), mode: stay.modes[plan.mode[i]!]! }))
    .filter((x) => on(x.stay.start));
  for (const x of stays)
    for (const y of stays) {
      if (x === y || x.mode.oven !== y.mode.oven || x.to > y.from || x.from >= y.from) continue;
      const gap = betweenMin(x, y);
      const full = x.mode.racks + y.mode.racks > p.ovens[x.mode.oven]!.racks;
      if (x.mode.heatC !== y.mode.heatC || x.stay.alone || y.stay.alone || full)
        arcs.push([x.stay.end, y.stay.held, gap]);
    }
  return { arcs, modes, pays };
}
