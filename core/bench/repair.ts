import { bakeOf, displayedVariant, setupOf } from '../bake';
import type { Msg } from '../explain';
import { mapLines, mainPart, profileOf, totalMassG, type Formula } from '../formula';
import { refTo, type Lookup } from '../ingredients';
import { newWarnings, warningsOf } from '../rebalance';
import { partIdOf, wantedG, type BenchState } from './run';
import type { BenchOrder, Weighing } from './order';

/** What a slip or its repair comes to: the feel before and after as wetness, how much there is, how full and how long. */
export type Effect = {
  massG: number;
  wetness: { was: number | null; now: number | null };
  /** Bake time of the batch against what it was; null where the model cannot say. */
  timeBy: number | null;
  /** What the checks say of it now and did not before. */
  warnings: Msg[];
};
export type Repair =
  /** So much is taken out again: only what lies on top, dry, and went in last. */
  | { kind: 'takeOut'; g: number }
  /** So much more is put to it. */
  | { kind: 'add'; g: number }
  /** The rest of the part is made larger by so much; what is in already is topped up. */
  | { kind: 'scale'; by: number; more: { weighing: string; g: number }[]; effect: Effect }
  /** It stays as it is. */
  | { kind: 'leave'; effect: Effect };

/** Groups that run into what is below: nothing of them can be lifted off again with a spoon. */
const WET: readonly string[] = [
  'water',
  'milk',
  'plant_drink',
  'nut_drink',
  'egg',
  'egg_white',
  'egg_yolk',
  'oil',
  'syrup',
  'honey',
  'acid',
  'cream',
  'plant_cream',
  'cultured',
  'plant_cultured',
];
/** More than this nobody makes a part larger for a slip. Common practice, no source. */
const MOST_SCALE = 1.5;

/** A version as it is in the bowls: what is in counts as it is, what is to come as it is wanted. */
export function asItIs(formula: Formula, order: BenchOrder, state: BenchState, lookup: Lookup): Formula {
  const grams = new Map<string, number>();
  for (const w of order.weighings)
    if (!state.leftOut.has(w.id)) {
      // What is kept back still comes, until it was put to it by feel.
      const back = state.byFeel.some((f) => f.lineId === w.lineId) ? 0 : w.keepBackG;
      grams.set(
        w.lineId,
        (grams.get(w.lineId) ?? 0) + (state.put.get(w.id) ?? wantedG(order, state, w)) + back,
      );
    }
  for (const f of state.byFeel) grams.set(f.lineId, (grams.get(f.lineId) ?? 0) + f.g);
  const weighed = new Set(order.weighings.map((w) => w.lineId));
  return mapLines(formula, (line) => {
    const other = state.swapped.get(line.id);
    const item = other ? lookup({ kind: 'ref', id: other }) : null;
    if (!weighed.has(line.id) && !item) return line;
    const massG = grams.get(line.id) ?? 0;
    return {
      ...line,
      ...(item ? { item: refTo(item) } : {}),
      amount: { ...line.amount, massG: { value: massG, basis: 'derived' } },
    };
  });
}

/** How much longer or shorter a batch bakes that is so many times the mass in the same tin; null where nothing is known. */
export function timeBy(formula: Formula, by: number, lookup: Lookup): number | null {
  const setup = setupOf(formula, lookup);
  if (!setup || Math.abs(by - 1) < 1e-3) return setup ? 1 : null;
  const member = displayedVariant(setup.classId);
  const [was, now] = [setup, { ...setup, massG: setup.massG * by }].map((s) => bakeOf(s, member, 6).doneMin);
  return was && now ? now / was : null;
}

export function effectOf(formula: Formula, now: Formula, lookup: Lookup): Effect {
  const [was, is] = [mainPart(formula.parts), mainPart(now.parts)];
  const wet = (f: typeof was): number | null => (f ? (profileOf(f, lookup).wetness?.value ?? null) : null);
  const [a, b] = [formula, now].map((f) => f.parts.reduce((s, p) => s + totalMassG(p.lines), 0)) as [
    number,
    number,
  ];
  return {
    massG: b,
    wetness: { was: wet(was), now: wet(is) },
    timeBy: a > 0 ? timeBy(formula, b / a, lookup) : null,
    warnings: is && was ? newWarnings(warningsOf(is, lookup), warningsOf(was, lookup)) : [],
  };
}

/**
 * What can be done about a weighing that is off, the smallest change first; nothing where it is as near as nobody notices. Each
 * repair keeps account of every gram: what it asks for is put to the bowls, or taken from them.
 */
export function repairsOf(
  formula: Formula,
  order: BenchOrder,
  state: BenchState,
  w: Weighing,
  lookup: Lookup,
): Repair[] {
  const inIt = state.put.get(w.id);
  if (inIt === undefined) return [];
  const wanted = wantedG(order, state, w);
  const over = inIt - wanted;
  if (Math.abs(over) <= w.toleranceG) return [];
  const leave: Repair = {
    kind: 'leave',
    effect: effectOf(formula, asItIs(formula, order, state, lookup), lookup),
  };
  if (over < 0) return [{ kind: 'add', g: -over }, leave];
  const line = formula.parts.flatMap((p) => p.lines).find((l) => l.id === w.lineId);
  const group = line ? lookup(line.item)?.group : undefined;
  const last = [...order.weighings].filter((x) => x.bowl === w.bowl && state.put.has(x.id)).at(-1);
  const lies = last?.id === w.id && !WET.includes(group ?? '');
  const part = partIdOf(order, w);
  const by = wanted > 0 ? inIt / wanted : 1;
  const own = order.weighings.filter((x) => partIdOf(order, x) === part);
  const more = own.flatMap((x) => {
    const there = state.put.get(x.id);
    const short = there === undefined || x.id === w.id ? 0 : by * wantedG(order, state, x) - there;
    return short > x.toleranceG ? [{ weighing: x.id, g: short }] : [];
  });
  const larger = new Map(state.factor).set(part, (state.factor.get(part) ?? 1) * by);
  const topped = new Map(state.put);
  for (const m of more) topped.set(m.weighing, (topped.get(m.weighing) ?? 0) + m.g);
  const scaled = asItIs(formula, order, { ...state, factor: larger, put: topped }, lookup);
  return [
    ...(lies ? [{ kind: 'takeOut' as const, g: over }] : []),
    ...(by <= MOST_SCALE
      ? [{ kind: 'scale' as const, by, more, effect: effectOf(formula, scaled, lookup) }]
      : []),
    leave,
  ];
}

/** Steps until which a thing that was forgotten can still go in: to the last that mixes its part, before it is shaped or baked. */
export function lateUntil(formula: Formula, lineId: string): string | null {
  const part = formula.parts.find((p) => p.lines.some((l) => l.id === lineId));
  let last: string | null = null;
  for (const step of formula.method) {
    if (step.struck) continue;
    const acts = (step.actions ?? []).filter((a) => !a.partId || a.partId === part?.id);
    const added = step.added ? [step.kind] : [];
    const kinds = [...acts.map((a) => a.kind as string), ...added];
    const ends = kinds.findIndex((k) =>
      ['shape', 'divide', 'fill', 'proof', 'bake', 'blind_bake'].includes(k),
    );
    if (
      kinds
        .slice(0, ends < 0 ? undefined : ends)
        .some((k) => ['mix', 'knead', 'whisk', 'fold', 'cream', 'rub', 'gel'].includes(k))
    )
      last = step.id;
    if (ends >= 0 && last) return last;
  }
  return last;
}
