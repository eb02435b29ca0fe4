import type { Kitchen, VersionRequest } from '../../contract/dto';
import type { Formula } from '../../core/formula';
import type { Lookup } from '../../core/ingredients';
import {
  altitudeAdvice,
  isYeasted,
  liftOf,
  plannedRise,
  slownessOf,
  riseByChange,
  USUAL_PLAN,
  type RiseByChange,
} from '../../core/leavening';
import { fixed } from '../words/format';
import { degrees, inTurn } from '../words/heat';
import { liftWords } from '../words/data/en/lift';

const W = liftWords.liftLines;

/** A stretch of time as a baker says it, to five minutes. */
export const span = (min: number): string => {
  const m = Math.round(min / 5) * 5;
  const [h, r] = [Math.floor(m / 60), m % 60];
  return h === 0 ? W.min({ r }) : r === 0 ? `${h} h` : W.hMin({ h, r });
};

const spans = ([lo, hi]: readonly [number, number]): string =>
  span(lo) === span(hi) ? span(lo) : W.to({ time: span(lo), time2: span(hi) });
/** A stated rise in words: as written, or by the change. */
export const riseWords = ({ stated, minutes, changed }: RiseByChange): string =>
  W.riseAt({
    spans: spans(minutes),
    which: stated.placed ? W.about : '',
    temperature: degrees(stated.tempC),
    which2: changed ? W.asWrittenByTheChange({ spans: spans(stated.minutes) }) : W.asWritten,
  });

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
      const at = inTurn(plan.places.map((p) => degrees(p.tempC)));
      out.push(
        W.riseByAtAboutLook({
          ofValue: of,
          number: fixed(100 * plan.rise, 0),
          at,
          time: span(rise.minutes),
          time2: span(rise.early ?? rise.minutes),
        }),
      );
    }
    const budget = liftOf(part, lookup, pressurePa);
    if (budget.metShare !== null && budget.metShare < 0.95)
      out.push(W.ofTheSodaMeetsNo({ ofValue: of, number: fixed(100 * (1 - budget.metShare), 0) }));
    return out;
  });
}
