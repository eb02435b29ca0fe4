import { MOST_CLASHES, MOST_STEPS, orders, pairOf, type Choice, type Held, type Look } from './choices';
import { betweenMin, setupMin, type Mode, type Stay } from './problem';

type Timed = { i: number; stay: Stay; from: number; to: number };

/** The cheapest modes that stand together at these times; else the stay that found no place. */
export function assignOvens(look: Look): {
  timed: Timed[];
  modes: number[] | null;
  cost: number;
  least: number;
  fails: Timed | null;
} {
  const { stays, ovens } = look.p;
  const timed: Timed[] = stays
    .map((stay, i) => ({ i, stay, from: look.at(stay.held), to: look.at(stay.end) }))
    .filter((x) => look.stayOn[x.i])
    .sort((a, b) => a.from - b.from || a.i - b.i);
  const n = timed.length;
  const modes = stays.map((_, i) => (look.stayOn[i] ? -1 : look.modes[i]![0]!));
  const rest = new Array<number>(n + 1).fill(0);
  for (let k = n - 1; k >= 0; k--)
    rest[k] = rest[k + 1]! + Math.min(...look.modes[timed[k]!.i]!.map((m) => timed[k]!.stay.modes[m]!.cost));
  let found: number[] | null = null;
  let [cost, steps, far] = [Infinity, 0, -1];
  const fits = (k: number, m: number): boolean => {
    const [x, mode] = [timed[k]!, timed[k]!.stay.modes[m]!];
    if (mode.minutes !== look.at(x.stay.end) - look.at(x.stay.start)) return false;
    let racks = mode.racks;
    for (let j = 0; j < k; j++) {
      const y = timed[j]!;
      const other = y.stay.modes[modes[y.i]!]!;
      const how = look.relations.get(pairOf(x.i, y.i));
      const same = other.oven === mode.oven;
      if (how === 'same' && !(same && other.heatC === mode.heatC)) return false;
      if (how === 'apart' && same) return false;
      if (!same) continue;
      if (y.to > x.from && other.heatC === mode.heatC && !x.stay.alone && !y.stay.alone) racks += other.racks;
      else if (y.to + betweenMin({ stay: y.stay, mode: other }, { mode }) > x.from) return false;
    }
    return racks <= ovens[mode.oven]!.racks;
  };
  const put = (k: number, sum: number): void => {
    if (sum + rest[k]! >= cost) return;
    if (k === n) {
      [cost, found] = [sum, [...modes]];
      return;
    }
    if (++steps > MOST_STEPS) return;
    far = Math.max(far, k);
    const { i, stay } = timed[k]!;
    const left = [...look.modes[i]!].sort((a, b) => stay.modes[a]!.cost - stay.modes[b]!.cost || a - b);
    for (const m of left)
      if (fits(k, m)) {
        modes[i] = m;
        put(k + 1, sum + stay.modes[m]!.cost);
        modes[i] = -1;
        if (steps > MOST_STEPS) return;
      }
  };
  put(0, 0);
  return { timed, modes: found, cost, least: rest[0]!, fails: far < 0 ? null : timed[far]! };
}

/** What can be done about ovens that do not suffice: pairs that meet, then modes, then gaps and racks. */
export function ovenChoices(
  look: Look,
  { timed, fails }: { timed: Timed[]; fails: Timed | null },
): Choice[][] {
  const near = nearTo(timed, fails ?? timed.at(-1)!);
  const found: Choice[][] = [];
  for (const [a, x] of near.entries())
    for (const y of near.slice(a + 1)) {
      if (look.relations.has(pairOf(x.i, y.i)) || !(x.from < y.to && y.from < x.to)) continue;
      const choices = pairChoices(look, x, y);
      if (choices) found.push(choices);
      if (found.length >= MOST_CLASHES) return found;
    }
  if (found.length > 0) return found;
  const several = (x: Timed) => look.modes[x.i]!.length > 1;
  const pick = [...near.filter(several), ...timed.filter(several)].sort(
    (x, y) => look.modes[x.i]!.length - look.modes[y.i]!.length,
  )[0];
  if (pick) return [look.modes[pick.i]!.map((k) => ({ modes: [[pick.i, [k]]] }))];
  return [fixedOvens(look, timed)];
}

/** The mode of a stay where one alone is left. */
const modeOf = (look: Look, x: Timed): Mode => x.stay.modes[look.modes[x.i]![0]!]!;

function pairChoices(look: Look, x: Timed, y: Timed): Choice[] | null {
  const left = (z: Timed) => look.modes[z.i]!.map((k) => ({ k, mode: z.stay.modes[k]! }));
  const [xs, ys] = [left(x), left(y)];
  // A row set before the modes are known must take the least gap; what it is then is looked at again.
  let [xy, yx] = [Infinity, Infinity];
  for (const a of xs)
    for (const b of ys)
      if (a.mode.oven === b.mode.oven) {
        xy = Math.min(xy, betweenMin({ stay: x.stay, mode: a.mode }, b));
        yx = Math.min(yx, betweenMin({ stay: y.stay, mode: b.mode }, a));
      }
  if (xy === Infinity) return null;
  const pair = pairOf(x.i, y.i);
  const choices: Choice[] = [];
  const alike = (a: Timed['stay']['modes'][number], b: typeof a) => a.oven === b.oven && a.heatC === b.heatC;
  if (!x.stay.alone && !y.stay.alone) {
    const keep = (some: typeof xs, others: typeof ys) =>
      some.filter((s) =>
        others.some(
          (o) => alike(s.mode, o.mode) && s.mode.racks + o.mode.racks <= look.p.ovens[s.mode.oven]!.racks,
        ),
      );
    const [kx, ky] = [keep(xs, ys), keep(ys, xs)];
    if (kx.length > 0 && ky.length > 0)
      choices.push({
        relation: [pair, 'same'],
        modes: [
          [x.i, kx.map((m) => m.k)],
          [y.i, ky.map((m) => m.k)],
        ],
      });
  }
  if (new Set([...xs, ...ys].map((m) => m.mode.oven)).size > 1) choices.push({ relation: [pair, 'apart'] });
  choices.push({ relation: [pair, 'row'], arcs: [[x.stay.end, y.stay.held, xy]] });
  choices.push({ relation: [pair, 'row'], arcs: [[y.stay.end, x.stay.held, yx]] });
  return choices;
}

/** All modes are set: gaps between heats, racks, lengths. */
function fixedOvens(look: Look, timed: readonly Timed[]): Choice[] {
  for (const [a, x] of timed.entries())
    for (const y of timed.slice(a + 1)) {
      const [p, q] = [modeOf(look, x), modeOf(look, y)];
      if (p.oven !== q.oven || (p.heatC === q.heatC && !x.stay.alone && !y.stay.alone)) continue;
      const xy = betweenMin({ stay: x.stay, mode: p }, { mode: q });
      const yx = betweenMin({ stay: y.stay, mode: q }, { mode: p });
      if (x.from < y.to + yx && y.from < x.to + xy)
        return [{ arcs: [[x.stay.end, y.stay.held, xy]] }, { arcs: [[y.stay.end, x.stay.held, yx]] }];
    }
  for (const x of timed) {
    const mode = modeOf(look, x);
    const beside = timed.filter((y) => {
      const other = modeOf(look, y);
      return other.oven === mode.oven && other.heatC === mode.heatC && y.from <= x.from && y.to > x.from;
    });
    const set: Held[] = [];
    let racks = 0;
    for (const y of [...beside].sort((a, b) => modeOf(look, b).racks - modeOf(look, a).racks)) {
      set.push({ from: y.stay.held, after: 0, to: y.stay.end, upTo: 0, need: 1 });
      racks += modeOf(look, y).racks;
      if (racks > look.p.ovens[mode.oven]!.racks) return orders(set);
    }
  }
  return [];
}

/** Stays linked to one by stays that meet, or nearly. */
function nearTo(timed: readonly Timed[], one: Timed): Timed[] {
  const gap = setupMin(0, 250);
  const near = [one];
  for (let k = 0; k < near.length; k++)
    for (const x of timed)
      if (!near.includes(x) && x.from < near[k]!.to + gap && near[k]!.from < x.to + gap) near.push(x);
  return near;
}
