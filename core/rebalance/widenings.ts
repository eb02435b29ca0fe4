import { type Msg, msg } from '../explain';
import { type Part, massOf } from '../formula';
import { MASS_BAND } from './bands';
import type { PartSolution, Variable } from './variables';

/** A change below this share of an amount is not spoken of. */
const LEAST_SAID = 2e-4;
/** Slack below this share is rounding, not a widening. */
const WIDENED = 1e-5;

/** Says that a liquid line gives way, which without a conflict it should not. */
export function heldBack(solved: PartSolution, less: Variable, part: Part): Msg[] {
  const takenG = -(solved.amounts[solved.variables.indexOf(less)] ?? 0);
  const fromG = massOf(part.lines.find((l) => l.id === less.joins)!);
  return takenG > LEAST_SAID * fromG
    ? [msg('widened.line', { id: less.ingredient.id, fromG, toG: fromG - takenG })]
    : [];
}

export function widenings(
  x: readonly number[],
  variables: readonly Variable[],
  slack: { wet: number; mass: number; dose: number },
  wetBand: number,
): Msg[] {
  const out: Msg[] = [];
  const percent = (units: number, band: number) => Math.round(1000 * band * (1 + units)) / 10;
  if (x[slack.wet]! > WIDENED)
    out.push(
      msg('widened.wetness', {
        percent: percent(x[slack.wet]!, wetBand),
        band: Math.round(1000 * wetBand) / 10,
      }),
    );
  if (x[slack.mass]! > WIDENED)
    out.push(msg('widened.mass', { percent: percent(x[slack.mass]!, MASS_BAND), band: 100 * MASS_BAND }));
  variables.forEach((v, j) => {
    const grams = x[slack.dose + j]! * v.step;
    if (x[slack.dose + j]! > WIDENED && grams > LEAST_SAID * v.hi) {
      out.push(
        msg('widened.dose', {
          id: v.ingredient.id,
          fromG: v.lo,
          toG: v.hi,
        }),
      );
    }
  });
  return out;
}
