import type { Kitchen, VersionRequest } from '../../../contract/dto';
import { doughLines, massOf, profileOf, type Formula, type Part } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import {
  altitudeAdvice,
  isYeasted,
  liftOf,
  planFaults,
  riseOf,
  USUAL_PLAN,
  yeastAs,
  YEAST_KINDS,
  type LiftPlan,
  type Rise,
  type YeastKind,
  type YeastTable,
} from '../../../core/leavening';
import { fixed } from '../../words/format';
import { degrees } from '../../words/heat';

/** A stretch of time as a baker says it, to five minutes. */
export const span = (min: number): string => {
  const m = Math.round(min / 5) * 5;
  const [h, r] = [Math.floor(m / 60), m % 60];
  return h === 0 ? `${r} min` : r === 0 ? `${h} h` : `${h} h ${r} min`;
};

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
export const RISE_FAULTS = [
  'placeCold',
  'placeHot',
  'placeKills',
  'hours',
  'rise',
  'wantHot',
  'wantCold',
] as const;

/** The rise of a part along its plan; null where the plan cannot be, or there is no flour, water or yeast. */
export function plannedRise(
  part: Part,
  lookup: Lookup,
  table: YeastTable,
  plan: LiftPlan,
  pressurePa: number,
): Rise | null {
  const { flourG, props } = profileOf(part, lookup);
  const { instantG } = yeastIn(part, lookup, table);
  const bad = planFaults(plan).some((f) => (RISE_FAULTS as readonly string[]).includes(f));
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
  });
}

/** What the card says of the lift: how long the proof, and whether soda is met. One line each. */
export function liftLines(doc: Formula, request: VersionRequest, lookup: Lookup, kitchen: Kitchen): string[] {
  const plan = request.lift ?? USUAL_PLAN;
  const pressurePa = altitudeAdvice(kitchen.altitudeM ?? 0)!.pressurePa;
  return doc.parts.flatMap((part) => {
    const of = doc.parts.length > 1 && part.name ? `${part.name}: ` : '';
    const out: string[] = [];
    const rise = isYeasted(part, lookup)
      ? plannedRise(part, lookup, kitchen.yeast ?? 'usual', plan, pressurePa)
      : null;
    if (rise?.minutes) {
      const at = plan.places.map((p) => degrees(p.tempC)).join(', then ');
      out.push(
        `${of}rise by ${fixed(100 * plan.rise, 0)} % at ${at}: about ${span(rise.minutes)}, look from ${span(rise.early ?? rise.minutes)}`,
      );
    }
    const budget = liftOf(part, lookup, pressurePa);
    if (budget.metShare !== null && budget.metShare < 0.95)
      out.push(`${of}${fixed(100 * (1 - budget.metShare), 0)} % of the soda meets no acid: it browns more`);
    return out;
  });
}
