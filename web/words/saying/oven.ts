import type { BakePhase, StatedBake } from '../../../core/formula';
import { COVER_WORDS, HEAT_WORDS } from '../data/bake';
import { saySentences } from '../data/en/sentences/say';
import { inTurn, ovenDegrees, type HeatScale } from '../heat';

const W = saySentences;

export const minutesText = (from: number, to: number): string => {
  const [a, b] = [Math.round(from), Math.round(to)];
  return a === b ? W.min({ a }) : W.toMin({ a, b });
};

/** One stretch of a bake: "230 °C (446 °F) under a lid, with steam". */
const phaseText = ({ ovenC, fan, cover, steam, heat }: BakePhase, first?: HeatScale): string =>
  [
    `${ovenDegrees(ovenC, fan, first)}${COVER_WORDS[cover].does}`,
    steam ? W.withSteam : '',
    heat === 'even' ? '' : heat === 'grill' ? W.underTheGrill : W.moreHeatFrom({ heat: HEAT_WORDS[heat] }),
  ]
    .filter(Boolean)
    .join(', ');

/** Oven and time as a baker reads them, stretch by stretch where there are several; `first`: on which scale, else the kitchen's. */
export function ovenText({ ovenC, minutes, fan, phases }: StatedBake, first?: HeatScale): string {
  const whole = minutes === null ? '' : minutesText(minutes[0], minutes[1]);
  if (!phases || phases.length < 2)
    return [ovenC === null ? '' : ovenDegrees(ovenC, fan, first), whole].filter(Boolean).join(', ');
  const steps = phases.map((p, i) =>
    i === phases.length - 1
      ? phaseText(p, first)
      : W.minAt({ min: Math.round(p.min), phase: phaseText(p, first) }),
  );
  return `${inTurn(steps)}${whole && W.inAll({ whole })}`;
}
