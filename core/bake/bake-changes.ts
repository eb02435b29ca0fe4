import type { Compared } from './compare';
import { DARK } from './brown';
import type { BakePoint, BakeResult } from './heat';
import { phaseAt, turnsOf } from './oven';
import { levelCm, type BakeSetup } from './setup';

/** One thing to do otherwise at the oven; the interface has the words. Minutes, °C, cm, g. */
export type BakeChange =
  | { kind: 'time'; min: number }
  | { kind: 'heat'; fromC: number; toC: number }
  | { kind: 'fan'; on: boolean }
  | { kind: 'cover'; until: number }
  | { kind: 'bare' }
  | { kind: 'then'; from: number; toC: number; grill: boolean }
  | { kind: 'tent'; from: number }
  | { kind: 'level'; fromCm: number; toCm: number }
  | { kind: 'start'; fromC: number; toC: number }
  /** How much browner it is on top than as written, as a ratio. */
  | { kind: 'colour'; ratio: number }
  | { kind: 'look'; from: number };

/** Look for the first time at this share of the shortest time. Common practice, no source. */
const LOOK_AT = 0.85;
/** A change smaller than this is none: minutes, cm. */
const SAME_MIN = 1;
export const SAME_CM = 0.3;
/** So many times as brown, or as pale, is another colour: half a step of shade. */
const BROWNER = 1.4;
const coveredUntil = ({ phases }: BakeSetup): number => {
  const last = phases.findLastIndex((p) => p.cover === 'lid');
  return last < 0 ? 0 : (turnsOf(phases)[last] ?? Number.POSITIVE_INFINITY);
};

/** Minutes on the baker's clock for a minute of the model: the source's own stated time over the modelled. */
export const clockOf = ({ source }: Compared, stated: readonly [number, number] | null): number =>
  stated && source?.doneMin ? (stated[0] + stated[1]) / 2 / source.doneMin : 1;

/** A curve at a minute of the baker's clock, between its points; null once it is out of the oven. */
export function curveAt({ curve }: BakeResult, clock: number, min: number): BakePoint | null {
  const at = min / clock;
  const i = curve.findIndex((p) => p.min >= at - 1e-9);
  if (i < 0) return null;
  const [b, a] = [curve[i]!, curve[i - 1]];
  if (!a || b.min === a.min) return { ...b, min };
  const share = (at - a.min) / (b.min - a.min);
  const mixed = Object.fromEntries(
    (Object.keys(b) as (keyof BakePoint)[]).map((k) => [k, a[k] + share * (b[k] - a[k])]),
  ) as BakePoint;
  return { ...mixed, min };
}

/** What to do otherwise, the most telling first. */
export function changesOf(
  source: BakeSetup,
  adapted: BakeSetup,
  stated: readonly [number, number] | null,
  compared: Compared,
): BakeChange[] {
  const { minutes } = compared;
  const all: BakeChange[] = [];
  if (minutes && stated) {
    const min = (minutes.from + minutes.to - stated[0] - stated[1]) / 2;
    if (Math.abs(min) >= SAME_MIN) all.push({ kind: 'time', min });
  }
  const [before, after] = [source.phases[0]!, adapted.phases[0]!];
  if (before.ovenC !== after.ovenC) all.push({ kind: 'heat', fromC: before.ovenC, toC: after.ovenC });
  if (before.fan !== after.fan) all.push({ kind: 'fan', on: after.fan });
  const [was, until] = [coveredUntil(source), coveredUntil(adapted)];
  if (until > 0 && until !== was) all.push({ kind: 'cover', until });
  else if (was > 0 && until === 0) all.push({ kind: 'bare' });
  // An unchanged programme is not described again.
  const same = JSON.stringify(adapted.phases) === JSON.stringify(source.phases);
  for (const from of same ? [] : turnsOf(adapted.phases)) {
    const [p, earlier] = [phaseAt(adapted.phases, from), phaseAt(adapted.phases, from - 1e-6)];
    if (p.ovenC !== earlier.ovenC || p.heat !== earlier.heat)
      all.push({ kind: 'then', from, toC: p.ovenC, grill: p.heat === 'grill' });
  }
  const browner =
    compared.source && compared.adapted
      ? compared.adapted.browned / Math.max(1e-9, compared.source.browned)
      : 1;
  if (browner > BROWNER || browner < 1 / BROWNER) all.push({ kind: 'colour', ratio: browner });
  const dark = compared.adapted?.curve.find((p) => p.browned >= DARK);
  if (dark && minutes && browner > BROWNER) {
    const from = dark.min * clockOf(compared, stated);
    if (from < minutes.from - SAME_MIN) all.push({ kind: 'tent', from });
  }
  const [fromCm, toCm] = [levelCm(source), levelCm(adapted)];
  if (Math.abs(toCm - fromCm) >= SAME_CM) all.push({ kind: 'level', fromCm, toCm });
  if (source.startC !== adapted.startC)
    all.push({ kind: 'start', fromC: source.startC, toC: adapted.startC });
  if (minutes) all.push({ kind: 'look', from: LOOK_AT * minutes.from });
  return all;
}
