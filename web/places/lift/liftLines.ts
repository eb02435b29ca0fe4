import type { Kitchen, VersionRequest } from '../../../contract/dto';
import type { Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import {
  altitudeAdvice,
  isYeasted,
  liftOf,
  plannedRise,
  slownessOf,
  riseByChange,
  USUAL_PLAN,
  type RiseByChange,
} from '../../../core/leavening';
import { fixed } from '../../words/format';
import { degrees } from '../../words/heat';

/** A stretch of time as a baker says it, to five minutes. */
export const span = (min: number): string => {
  const m = Math.round(min / 5) * 5;
  const [h, r] = [Math.floor(m / 60), m % 60];
  return h === 0 ? `${r} min` : r === 0 ? `${h} h` : `${h} h ${r} min`;
};

const spans = ([lo, hi]: readonly [number, number]): string =>
  span(lo) === span(hi) ? span(lo) : `${span(lo)} to ${span(hi)}`;
/** A stated rise in words: as written, or by the change. */
export const riseWords = ({ stated, minutes, changed }: RiseByChange): string =>
  `rise ${spans(minutes)} at ${stated.placed ? 'about ' : ''}${degrees(stated.tempC)}${
    changed ? `: as written ${spans(stated.minutes)}, by the change` : ', as written'
  }`;

/** What the card says of the lift: how long the proof, and whether soda is met. One line each. */
export function liftLines(
  doc: Formula,
  request: VersionRequest,
  lookup: Lookup,
  kitchen: Kitchen,
  written = doc,
): string[] {
  const plan = request.lift ?? USUAL_PLAN;
  const pressurePa = altitudeAdvice(kitchen.altitudeM ?? 0)!.pressurePa;
  return doc.parts.flatMap((part) => {
    const of = doc.parts.length > 1 && part.name ? `${part.name}: ` : '';
    const out: string[] = [];
    const yeasted = isYeasted(part, lookup);
    // What the baker planned goes before what was written, and that before our clock.
    const fact =
      yeasted && !request.lift
        ? riseByChange(written, part, lookup, kitchen.yeast ?? 'usual', pressurePa)
        : null;
    if (fact) out.push(`${of}${riseWords(fact)}`);
    const rise =
      yeasted && !fact
        ? plannedRise(
            part,
            lookup,
            kitchen.yeast ?? 'usual',
            plan,
            pressurePa,
            slownessOf(kitchen.risen ?? [], 'yeast').factor,
          )
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
