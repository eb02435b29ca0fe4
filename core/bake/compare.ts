import { faultsOf, STOPS, type BakeFault } from './faults';
import { bakeOf, coolingOf, displayedVariant, MODEL_VARIANTS, type BakeSetup } from './setup';
import type { BakeResult } from './heat';
import { paceOf, type Pace } from './calibrate';
import { mergePhases } from './oven';

export const REASONS = ['mass', 'make', 'vessel', 'oven', 'start', 'cover'] as const;
/** What changed between two bakes, one at a time; `together` is what they make beyond their sum. */
export type Reason = (typeof REASONS)[number] | 'together';

export type Compared = {
  faults: BakeFault[];
  /** Time of the changed over that of the source: middle, least and most of the ensemble; null where it does not agree. */
  ratio: { value: number; lo: number; hi: number } | null;
  /** Change by each thing alone, as a share with the least and most of the ensemble: 0.07 is seven percent longer. */
  reasons: { reason: Reason; share: number; lo: number; hi: number }[];
  /** Minutes: the source's own stated time times the ratio, or the model's window where none was stated. */
  minutes: { from: number; to: number; basis: 'stated' | 'model' } | null;
  source: BakeResult | null;
  adapted: BakeResult | null;
  /** Minutes each member of the ensemble takes for the two. */
  members: { source: number; adapted: number }[];
  /** What the baker's own timed bakes make of it. */
  pace: Pace;
  /** Minutes on the rack until it can be cut, by the model. */
  coolMin: number | null;
};

/** Members of the ensemble that differ by more than this share say that no number is to be trusted. */
const DISAGREE = 0.15;
/** With no stated time the model's own window is this wide to each side (median error of stated bakes). */
const ALONE = 0.2;
const ALONE_LEAST = 0.08;
/** The baker has timed no bake. */
const NO_PACE = paceOf([], 'yeast_loaf');

/** Pieces set free, as many and in the same form: they are larger only because there is more of them. */
const grows = ({ vessel: a }: BakeSetup, { vessel: b }: BakeSetup): boolean =>
  a.kind === 'free' && b.kind === 'free' && a.form === b.form && a.count === b.count;

/** One group of the set-up taken from the changed, all else from the source. */
function only(source: BakeSetup, adapted: BakeSetup, reason: Exclude<Reason, 'together'>): BakeSetup {
  const vessel = grows(source, adapted) ? source.vessel : adapted.vessel;
  switch (reason) {
    case 'mass':
      return {
        ...source,
        massG: adapted.massG,
        density: adapted.density,
        vessel: grows(source, adapted) ? adapted.vessel : source.vessel,
      };
    case 'make':
      return { ...source, make: adapted.make, browning: adapted.browning };
    case 'vessel':
      return { ...source, vessel, metal: adapted.metal, hot: adapted.hot };
    case 'oven':
      return {
        ...source,
        phases: mergePhases(adapted.phases, source.phases),
        doors: adapted.doors,
        pressurePa: adapted.pressurePa,
      };
    case 'start':
      return { ...source, startC: adapted.startC };
    case 'cover':
      return { ...source, phases: mergePhases(source.phases, adapted.phases) };
  }
}
const sameGroup = (a: BakeSetup, b: BakeSetup, reason: Exclude<Reason, 'together'>): boolean =>
  JSON.stringify(only(a, b, reason)) === JSON.stringify(a);
/** The last stretch has no length of its own. */
const settled = (s: BakeSetup): BakeSetup => ({ ...s, phases: mergePhases(s.phases, s.phases) });

/** A set-up with its turns and doors on the model's clock, which runs so many times as fast as the baker's. */
const onClock = (s: BakeSetup, clock: number): BakeSetup => ({
  ...s,
  phases: s.phases.map((p) => ({ ...p, min: p.min / clock })),
  doors: s.doors.map((m) => m / clock),
});

export type CompareHow = {
  /** Cells of the section each way. */
  cells?: number;
  /** Only the member that is drawn, and no reasons: a first answer while something is being moved. */
  quick?: boolean;
  pace?: Pace;
  /** Bakes one member: a caller that keeps results gives its own. */
  run?: typeof bakeOf;
};

/** A comparison that is under way: what is baked, and by whom. */
type Comparing = {
  source: BakeSetup;
  adapted: BakeSetup;
  /** What differs between them. */
  changed: Exclude<Reason, 'together'>[];
  /** The member that is drawn, those that bake both, and those that tell how far a reason's share is known. */
  drawn: number;
  asking: number[];
  probing: number[];
  bake: (setup: BakeSetup, member: number) => BakeResult;
};
type Times = { source: number; adapted: number };

/** The two as they are baked: on the model's clock, and only as far as the model explains the stated time. */
function comparing(
  written: BakeSetup,
  wished: BakeSetup,
  stated: readonly [number, number] | null,
  faults: { crustSays: boolean; thick: boolean },
  { cells = 10, quick = false, run = bakeOf }: CompareHow,
): Comparing {
  const drawn = displayedVariant(written.classId);
  // A lid that comes off after half of the stated time comes off after half of the modelled one.
  const timed = [written, wished].some((s) => s.phases.length > 1 || s.doors.length > 0);
  const first = stated && timed ? run(written, drawn, cells).doneMin : null;
  const clock = first && stated ? (stated[0] + stated[1]) / 2 / first : 1;
  const [source, asked] = [settled(onClock(written, clock)), settled(onClock(wished, clock))];
  // Where the model does not explain the stated time, only more dough and colder dough are taken from it.
  const fewer = faults.crustSays || faults.thick;
  const adapted = fewer ? { ...only(source, asked, 'mass'), startC: asked.startC } : asked;
  return {
    source,
    adapted,
    changed: REASONS.filter((r) => !sameGroup(source, adapted, r)),
    drawn,
    asking: quick ? [drawn] : MODEL_VARIANTS.map((_m, m) => m),
    probing: quick ? [] : [...new Set([0, drawn, MODEL_VARIANTS.length - 1])],
    bake: (setup, member) => run(setup, member, cells),
  };
}

/** Both baked by each that is asked, and what the drawn one made of them; tells each bake that is done. */
function* bakedBoth({
  source,
  adapted,
  changed,
  drawn,
  asking,
  bake,
}: Comparing): Generator<
  void,
  { members: Map<number, Times>; source: BakeResult | null; adapted: BakeResult | null }
> {
  const members = new Map<number, Times>();
  let kept: { source: BakeResult | null; adapted: BakeResult | null } = { source: null, adapted: null };
  for (const m of asking) {
    const before = bake(source, m);
    yield;
    const after = changed.length === 0 ? before : bake(adapted, m);
    yield;
    if (before.doneMin !== null && after.doneMin !== null)
      members.set(m, { source: before.doneMin, adapted: after.doneMin });
    if (m === drawn) kept = { source: before, adapted: after };
  }
  return { members, ...kept };
}

/** What each thing alone makes of the time; tells each bake that is done. */
function* reasonsOf(
  { source, adapted, changed, drawn, probing, bake }: Comparing,
  members: ReadonlyMap<number, Times>,
): Generator<void, Compared['reasons']> {
  const reasons: Compared['reasons'] = [];
  for (const reason of probing.length === 0 ? [] : changed) {
    const shares = new Map<number, number>();
    for (const m of probing) {
      const { source: whole, adapted: all } = members.get(m)!;
      const apart = changed.length === 1 ? all : bake(only(source, adapted, reason), m).doneMin;
      yield;
      if (apart !== null) shares.set(m, apart / whole - 1);
    }
    const known = [...shares.values()];
    if (known.length === probing.length)
      reasons.push({ reason, share: shares.get(drawn)!, lo: Math.min(...known), hi: Math.max(...known) });
  }
  return reasons;
}

/** The minutes that are told: the stated ones by the ratio, else the model's own with a window. */
function minutesOf(
  stated: readonly [number, number] | null,
  [lo, hi]: readonly [number, number],
  doneMin: number,
  pace: Pace,
): NonNullable<Compared['minutes']> {
  if (stated)
    return { from: stated[0] * lo * pace.factor, to: stated[1] * hi * pace.factor, basis: 'stated' };
  // The baker's own bakes narrow the window of a time that was never stated.
  const alone = Math.min(ALONE, Math.max(ALONE_LEAST, ALONE * (pace.bakes > 0 ? pace.sd / NO_PACE.sd : 1)));
  const own = doneMin * pace.factor;
  return { from: own * (1 - alone), to: own * (1 + alone), basis: 'model' };
}

/**
 * What a change does to the time: both are baked by every member of the ensemble, and what is told is the source's own
 * stated time by the ratio. Reasons are the ratio with one thing changed at a time, with their spread.
 */
export function* compareSteps(
  asWritten: BakeSetup,
  asChanged: BakeSetup,
  stated: readonly [number, number] | null,
  how: CompareHow = {},
): Generator<{ done: number; of: number }, Compared> {
  const { cells = 10, quick = false, pace = NO_PACE } = how;
  const [written, wished] = [settled(asWritten), settled(asChanged)];
  const crustSays = written.hot && written.phases.some((p) => p.cover === 'lid');
  const faults: BakeFault[] = [
    ...new Set([...faultsOf(written), ...faultsOf(wished), ...(crustSays ? (['crust'] as const) : [])]),
  ];
  const empty: Compared = {
    faults,
    ratio: null,
    reasons: [],
    minutes: null,
    source: null,
    adapted: null,
    members: [],
    pace,
    coolMin: null,
  };
  if (faults.some((f) => STOPS.includes(f))) return empty;
  const under = comparing(written, wished, stated, { crustSays, thick: faults.includes('thick') }, how);
  const of = 2 * under.asking.length + under.changed.length * under.probing.length;
  let done = 0;
  /** Goes on with a part of the work and tells how far all of it is. */
  const told = function* <T>(part: Generator<void, T>): Generator<{ done: number; of: number }, T> {
    for (let step = part.next(); ; step = part.next()) {
      if (step.done) return step.value;
      yield { done: ++done, of };
    }
  };
  const { members, ...kept } = yield* told(bakedBoth(under));
  if (members.size < under.asking.length || !kept.source || !kept.adapted)
    return { ...empty, ...kept, faults: [...faults, 'unknown'] };
  const reasons = yield* told(reasonsOf(under, members));
  const value = kept.adapted.doneMin! / kept.source.doneMin!;
  const rest = value / reasons.reduce((p, r) => p * (1 + r.share), 1) - 1;
  if (!quick && Math.abs(rest) > 0.005) reasons.push({ reason: 'together', share: rest, lo: rest, hi: rest });
  const times = [...members.values()];
  const ratios = times.map((m) => m.adapted / m.source);
  const [lo, hi] = [Math.min(...ratios), Math.max(...ratios)];
  const agree = hi - lo <= DISAGREE * value;
  return {
    faults,
    ratio: agree ? { value, lo, hi } : null,
    reasons: reasons.sort((a, b) => Math.abs(b.share) - Math.abs(a.share)),
    minutes: agree ? minutesOf(stated, [lo, hi], kept.adapted.doneMin!, pace) : null,
    ...kept,
    members: times,
    pace,
    coolMin: quick ? null : coolingOf(under.adapted, Math.min(cells, 8)),
  };
}
