import {
  bakeOf,
  coolingOf,
  drawnMember,
  faultsOf,
  MEMBERS,
  STOPS,
  type BakeFault,
  type BakeSetup,
} from './setup';
import type { BakeResult } from './heat';

export const REASONS = ['mass', 'make', 'vessel', 'oven', 'start', 'cover'] as const;
/** What changed between two bakes, one at a time; `together` is what they make beyond their sum. */
export type Reason = (typeof REASONS)[number] | 'together';

export type Compared = {
  faults: BakeFault[];
  /** Time of the changed over that of the source: middle, least and most of the ensemble; null where it does not agree. */
  ratio: { value: number; lo: number; hi: number } | null;
  /** Change by each thing alone, as a share: 0.07 is seven percent longer. */
  reasons: { reason: Reason; share: number }[];
  /** Minutes: the source's own stated time times the ratio, or the model's window where none was stated. */
  minutes: { from: number; to: number; basis: 'stated' | 'model' } | null;
  source: BakeResult | null;
  adapted: BakeResult | null;
  /** Minutes on the rack until it can be cut, by the model. */
  coolMin: number | null;
};

/** Members of the ensemble that differ by more than this share say that no number is to be trusted. */
const DISAGREE = 0.15;
/** With no stated time the model's own window is this wide to each side (median error of stated bakes). */
const ALONE = 0.2;

/** One group of the set-up taken from the changed, all else from the source. */
const only = (source: BakeSetup, adapted: BakeSetup, reason: Exclude<Reason, 'together'>): BakeSetup => {
  switch (reason) {
    case 'mass':
      return { ...source, massG: adapted.massG, density: adapted.density };
    case 'make':
      return { ...source, make: adapted.make };
    case 'vessel':
      return { ...source, vessel: adapted.vessel, metal: adapted.metal };
    case 'oven':
      return { ...source, ovenC: adapted.ovenC, fan: adapted.fan, pressurePa: adapted.pressurePa };
    case 'start':
      return { ...source, startC: adapted.startC };
    default:
      return { ...source, coveredMin: adapted.coveredMin };
  }
};
const sameGroup = (a: BakeSetup, b: BakeSetup, reason: Exclude<Reason, 'together'>): boolean =>
  JSON.stringify(only(a, b, reason)) === JSON.stringify(a);

/**
 * What a change does to the time: both are baked by every member of the ensemble, and what is told is the source's own
 * stated time by the ratio. Reasons are the ratio with one thing changed at a time. `cells` sets how fine.
 */
export function* compareSteps(
  source: BakeSetup,
  adapted: BakeSetup,
  stated: readonly [number, number] | null,
  cells = 10,
): Generator<{ done: number; of: number }, Compared> {
  const faults = [...new Set([...faultsOf(source), ...faultsOf(adapted)])];
  const empty: Compared = {
    faults,
    ratio: null,
    reasons: [],
    minutes: null,
    source: null,
    adapted: null,
    coolMin: null,
  };
  if (faults.some((f) => STOPS.includes(f))) return empty;
  const changed = REASONS.filter((r) => !sameGroup(source, adapted, r));
  const of = 2 * MEMBERS.length + changed.length;
  let done = 0;
  const ratios: number[] = [];
  const drawn = drawnMember(source.classId);
  const kept: { source: BakeResult | null; adapted: BakeResult | null } = { source: null, adapted: null };
  for (let m = 0; m < MEMBERS.length; m++) {
    const before = bakeOf(source, m, cells);
    yield { done: ++done, of };
    const after = changed.length === 0 ? before : bakeOf(adapted, m, cells);
    yield { done: ++done, of };
    if (before.doneMin !== null && after.doneMin !== null) ratios.push(after.doneMin / before.doneMin);
    if (m === drawn) [kept.source, kept.adapted] = [before, after];
  }
  if (ratios.length < MEMBERS.length || !kept.source || !kept.adapted)
    return { ...empty, ...kept, faults: [...faults, 'unknown'] };
  const base = kept.source.doneMin!;
  const reasons: Compared['reasons'] = [];
  for (const reason of changed) {
    const alone = bakeOf(only(source, adapted, reason), drawn, cells).doneMin;
    yield { done: ++done, of };
    if (alone !== null) reasons.push({ reason, share: alone / base - 1 });
  }
  const value = kept.adapted.doneMin! / base;
  const rest = value / reasons.reduce((p, r) => p * (1 + r.share), 1) - 1;
  if (Math.abs(rest) > 0.005) reasons.push({ reason: 'together', share: rest });
  const [lo, hi] = [Math.min(...ratios), Math.max(...ratios)];
  const agree = hi - lo <= DISAGREE * value;
  return {
    faults,
    ratio: agree ? { value, lo, hi } : null,
    reasons: reasons.sort((a, b) => Math.abs(b.share) - Math.abs(a.share)),
    minutes: !agree
      ? null
      : stated
        ? { from: stated[0] * lo, to: stated[1] * hi, basis: 'stated' }
        : {
            from: kept.adapted.doneMin! * (1 - ALONE),
            to: kept.adapted.doneMin! * (1 + ALONE),
            basis: 'model',
          },
    ...kept,
    coolMin: coolingOf(adapted, Math.min(cells, 8)),
  };
}
