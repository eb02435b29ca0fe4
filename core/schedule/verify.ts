import type { Plan, Problem } from './problem';

/** What is wrong with a plan: of what, how much is there and how much may be. */
export type Fault = {
  what: 'lag' | 'count' | 'nobody' | 'away' | 'share' | 'length' | 'racks' | 'heat';
  of: string;
  is: number;
  may: number;
};

/**
 * Looks a plan through minute by minute and shares no code with what made it: every lag, every count, every hour, every share
 * of hands, and that an oven has one heat at a time with the minutes between that a change of heat takes.
 */
export function verify(p: Problem, { time, who, mode }: Plan): Fault[] {
  const faults: Fault[] = [];
  for (const { from, to, lag, owner } of p.arcs)
    if (time[to]! - time[from]! < lag)
      faults.push({ what: 'lag', of: owner, is: time[to]! - time[from]!, may: lag });
  const load = (spans: { from: number; to: number; need: number }[]): number => {
    const minutes = new Float64Array(p.horizon + 1);
    for (const { from, to, need } of spans) for (let m = Math.max(0, from); m < to; m++) minutes[m]! += need;
    return minutes.reduce((most, x) => Math.max(most, x), 0);
  };
  for (const [thing, may] of Object.entries(p.counts)) {
    const held = p.uses.filter((u) => u.thing === thing);
    const is = load(
      held.map((u) => ({ from: time[u.from]! + u.after, to: time[u.to]! + u.upTo, need: u.need })),
    );
    if (is > may) faults.push({ what: 'count', of: thing, is, may });
  }
  const work = p.touches.map((t, i) => ({
    who: who[i] ?? -1,
    from: time[t.from]! + t.after,
    to: time[t.to]! + t.upTo,
    need: t.share,
  }));
  for (const w of work) {
    const worker = p.workers[w.who];
    if (!worker) faults.push({ what: 'nobody', of: '', is: w.from, may: 0 });
    for (const [a, b] of worker?.away ?? [])
      for (let m = w.from; m < w.to; m++)
        if (m >= a && m < b) {
          faults.push({ what: 'away', of: worker!.name, is: m, may: a });
          break;
        }
  }
  p.workers.forEach((worker, k) => {
    const is = load(work.filter((w) => w.who === k));
    if (is > 100) faults.push({ what: 'share', of: worker.name, is, may: 100 });
  });
  const gains = 8;
  const loses = 4;
  p.ovens.forEach((oven, o) => {
    const here = p.stays
      .map((s, i) => ({ s, m: s.modes[mode[i]!]!, from: time[s.held]!, to: time[s.end]! }))
      .filter((x) => x.m.oven === o);
    for (const { s, m } of here)
      if (time[s.end]! - time[s.start]! !== m.minutes)
        faults.push({ what: 'length', of: oven.name, is: time[s.end]! - time[s.start]!, may: m.minutes });
    const is = load(here.map((x) => ({ from: x.from, to: x.to, need: x.m.racks })));
    if (is > oven.racks) faults.push({ what: 'racks', of: oven.name, is, may: oven.racks });
    for (const x of here)
      for (const y of here) {
        if (x === y || x.from > y.from || (x.from === y.from && here.indexOf(x) > here.indexOf(y))) continue;
        if (x.m.heatC === y.m.heatC && !x.s.alone && !y.s.alone) continue;
        const change = y.m.heatC - (x.m.heatC - x.s.coolsC);
        const minutes =
          change === 0 ? 0 : 5 * Math.ceil(Math.abs(change) / (change > 0 ? gains : loses) / 5 - 1e-9);
        if (y.from < x.to + minutes)
          faults.push({ what: 'heat', of: oven.name, is: y.from - x.to, may: minutes });
      }
  });
  return faults;
}
