import { GRID, valueOf, type Plan, type Problem } from '../schedule/problem';
import { verify } from '../schedule/verify';

/** A day so small that every time of every event can be tried: two or three bakes of a touch, a wait and an oven. */
export function tinyProblem(draw: (n: number) => number): Problem {
  const bakes = 2 + draw(2);
  const slots = bakes === 2 ? 16 : 13;
  const horizon = slots * GRID;
  const ovens = 1 + draw(2);
  const p: Problem = {
    events: 1 + 2 * bakes, horizon, bakeOf: new Int32Array(1 + 2 * bakes).fill(-1), bakes, readyAt: [], tasks: [], arcs: [],
    uses: [], touches: [], stays: [], costs: [], counts: { tin: 1 + draw(2) },
    workers: Array.from({ length: 1 + draw(2) }, (_, i) => {
      const from = GRID * draw(slots);
      return { name: `w${i}`, away: draw(2) ? [[from, from + GRID * (1 + draw(3))] as [number, number]] : [] };
    }),
    ovens: Array.from({ length: ovens }, (_, i) => ({ name: `o${i}`, racks: 1 + draw(2) })),
    odd: draw(2) ? [[0, GRID * (1 + draw(4))]] : [], oddCost: 0.6,
  }; // prettier-ignore
  const heats = [180, 180 + 10 * draw(4)];
  for (let b = 0; b < bakes; b++) {
    const [mix, oven] = [1 + 2 * b, 2 + 2 * b];
    p.bakeOf[mix] = p.bakeOf[oven] = b;
    const hands = GRID * (1 + draw(2));
    const bakeMin = GRID * (1 + draw(3));
    const ready = horizon - GRID * draw(4);
    const waits = GRID * draw(3);
    p.readyAt.push(ready);
    p.tasks.push({ bake: b, id: 'mix', start: mix, end: mix, endsAfter: hands }, { bake: b, id: 'bake', start: oven, end: oven, endsAfter: bakeMin }); // prettier-ignore
    p.arcs.push(
      { from: mix, to: oven, lag: hands, owner: 'order', bake: b },
      { from: oven, to: mix, lag: -(hands + waits), owner: 'wait', bake: b },
      { from: oven, to: 0, lag: bakeMin - ready, owner: 'ready', bake: b },
    );
    p.touches.push({ from: mix, after: 0, to: mix, upTo: hands, share: 50 + 50 * draw(2), task: 2 * b });
    p.uses.push({ thing: 'tin', need: 1, from: mix, after: 0, to: oven, upTo: bakeMin });
    p.costs.push({ weight: 1, from: mix, to: oven, least: hands }, { weight: 0.2 * (1 + draw(3)), from: oven, to: 0, least: bakeMin - ready }); // prettier-ignore
    const own = heats[draw(2)]!;
    // The end of the stay is an event at a fixed distance, so that the oven's law sees it as it does in a day.
    p.stays.push({
      start: oven, end: p.events, held: oven, alone: false, coolsC: 0, bake: b,
      modes: p.ovens.flatMap((_, o) =>
        heats.filter((c, i) => heats.indexOf(c) === i && Math.abs(c - own) <= 10).map((heatC) => ({ oven: o, heatC, minutes: bakeMin, racks: 1, cost: 0.3 * Math.abs(heatC - own) })),
      ),
    }); // prettier-ignore
    p.arcs.push(
      { from: oven, to: p.events, lag: bakeMin, owner: 'order', bake: b },
      { from: p.events, to: oven, lag: -bakeMin, owner: 'order', bake: b },
    );
    p.bakeOf = Int32Array.from([...p.bakeOf, b]);
    p.events++;
  }
  return p;
}

/** The least value there is, by trying every time on the grid, every pair of hands and every mode; infinity where nothing holds. */
export function bruteValue(p: Problem): number {
  let best = Infinity;
  const time = new Array<number>(p.events).fill(0);
  const own = p.tasks.map((t) => t.start);
  const holds = (upTo: number): boolean => {
    const set = new Set([
      0,
      ...own.slice(0, upTo + 1),
      ...p.stays.filter((s) => own.slice(0, upTo + 1).includes(s.start)).map((s) => s.end),
    ]);
    return p.arcs.every((a) => !set.has(a.from) || !set.has(a.to) || time[a.to]! - time[a.from]! >= a.lag);
  };
  const every = (counts: number[], see: (pick: number[]) => void, pick: number[] = []): void => {
    if (pick.length === counts.length) return see(pick);
    for (let k = 0; k < counts[pick.length]!; k++) every(counts, see, [...pick, k]);
  };
  const leaf = (): void =>
    every(p.stays.map((s) => s.modes.length), (mode) => {
      const plan: Plan = { time: [...time], who: [], mode: [...mode] };
      const value = valueOf(p, plan);
      if (value >= best - 1e-9) return;
      every(p.touches.map(() => p.workers.length), (who) => {
        if (value < best - 1e-9 && verify(p, { ...plan, who }).length === 0) best = value;
      });
    }); // prettier-ignore
  const put = (k: number): void => {
    if (k === own.length) return leaf();
    for (let t = 0; t <= p.horizon; t += GRID) {
      time[own[k]!] = t;
      const stay = p.stays.find((s) => s.start === own[k]);
      if (stay) time[stay.end] = t + stay.modes[0]!.minutes;
      if (holds(k)) put(k + 1);
    }
  };
  put(0);
  return best;
}
