import { doughLines, massOf, profileOf, type Formula, type Part } from '../formula';
import type { Lookup } from '../ingredients';
import { planFaults, USUAL_PLAN, type LiftPlan, type PlanFault } from './plan';
import { statedRise, type StatedRise } from './stated';
import { riseOf, YEAST_KINDS, yeastAs, type Rise, type YeastKind, type YeastTable } from './yeast';

/** Yeast of a part as instant yeast, g, with its lines. */
export function yeastIn(part: Part, lookup: Lookup, table: YeastTable) {
  const lines = doughLines(part).flatMap((l) => {
    const like = lookup(l.item)?.like;
    return like && (YEAST_KINDS as readonly string[]).includes(like)
      ? [{ id: like as YeastKind, massG: massOf(l) }]
      : [];
  });
  return { lines, instantG: lines.reduce((s, l) => s + yeastAs(l.massG, l.id, 'instant_yeast', table), 0) };
}

/** Faults of a plan that keep its rise from being worked out. */
export const RISE_FAULTS: readonly PlanFault[] = [
  'placeCold',
  'placeHot',
  'placeKills',
  'hours',
  'rise',
  'wantHot',
  'wantCold',
];

/** The rise of a part along its plan, as slow as rises are known to be here; null where the plan cannot be, or there is no flour, water or yeast. */
export function plannedRise(
  part: Part,
  lookup: Lookup,
  table: YeastTable,
  plan: LiftPlan,
  pressurePa: number,
  slowness = 1,
): Rise | null {
  const { flourG, props } = profileOf(part, lookup);
  const { instantG } = yeastIn(part, lookup, table);
  const bad = planFaults(plan).some((f) => RISE_FAULTS.includes(f));
  if (bad || flourG <= 0 || props.freeWater.value <= 0 || instantG <= 0) return null;
  return riseOf({
    massG: props.mass.value,
    waterG: props.freeWater.value,
    saltG: props.salt.value,
    sugarG: props.sugars.value,
    instantG,
    doughC: plan.wantC,
    path: plan.places,
    rise: plan.rise,
    pressurePa,
    slowness,
  });
}

/** Longer than any rise, h: a stated one is compared by how soon each dough gets there. */
const LONG_H = 48;
/** Below this share a change of time is none that a baker would see. */
const SEEN = 0.03;

/** A stated rise, and what the change makes of it, min; with what our clock alone would say of the dough as it was written. */
export type RiseByChange = {
  stated: StatedRise;
  minutes: [number, number];
  changed: boolean;
  modelMin: number | null;
};
/**
 * A stated rise is a fact, as a stated bake is: the clock gives only how much sooner or later the changed dough gets there.
 * Null where none is stated.
 */
export function riseByChange(
  written: Formula,
  part: Part,
  lookup: Lookup,
  table: YeastTable,
  pressurePa: number,
): RiseByChange | null {
  const source = written.parts.find((p) => p.id === part.id) ?? part;
  const stated = statedRise(written, source, lookup);
  if (!stated) return null;
  const plan = { ...USUAL_PLAN, places: [{ hours: LONG_H, tempC: stated.tempC }] };
  const model = (p: Part) => plannedRise(p, lookup, table, plan, pressurePa)?.minutes ?? null;
  const [was, now] = [model(source), model(part)];
  const ratio = was !== null && now !== null && was > 0 ? now / was : 1;
  const changed = Math.abs(ratio - 1) > SEEN;
  const [lo, hi] = stated.minutes;
  return { stated, minutes: changed ? [lo * ratio, hi * ratio] : [lo, hi], changed, modelMin: was };
}
