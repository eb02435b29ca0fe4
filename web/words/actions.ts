import type { Action, ActionVessel, SizeCm } from '../../core/method';
import { ACTION_COVER_WORDS, ACTION_PLACE_WORDS } from './data/actions';
import { fixed, grams, tenths } from './format';
import { degrees } from './heat';
import { minutesText } from './say';
import { actionsSentences } from './data/en/sentences/actions';

const W = actionsSentences;

/** Minutes as a clock has them: seconds below one, hours from two on. */
export function timeText([lo, hi]: readonly [number, number]): string {
  if (hi < 1) return `${Math.round(60 * hi)} s`;
  if (lo >= 120) {
    const [a, b] = [lo / 60, hi / 60].map(tenths);
    return a === b ? `${a} h` : W.toH({ a: a!, b: b! });
  }
  return minutesText(lo, hi);
}

/** Centimetres as they are measured: tenths, and millimetres below one. */
const cmText = (cm: number): string =>
  cm < 1 ? W.mm({ number: fixed(10 * cm, 0) }) : W.cm({ number: tenths(cm) });

function sizeText({ thick, wide, long }: SizeCm): string {
  const across =
    wide === undefined
      ? ''
      : long === undefined
        ? W.across({ cm: cmText(wide) })
        : W.by({ cm: cmText(wide), cm2: cmText(long) });
  return [across, thick === undefined ? '' : W.thick({ cm: cmText(thick) })].filter(Boolean).join(', ');
}
const vesselText = ({ words, count }: ActionVessel): string => (count ? `${count} ${words}` : words);

/** What an act says of itself: how long, how hot, under what, where, until when, how many. */
export function actionFacts(a: Action): string[] {
  const facts = [
    a.minutes ? `${timeText(a.minutes)}${a.perSide ? W.aSide : ''}` : '',
    a.afterMin !== undefined ? W.afterMin({ afterMin: a.afterMin }) : '',
    a.overnight && !a.minutes ? W.overnight : '',
    a.tempC === undefined ? '' : `${degrees(a.tempC)}${a.fan ? ' fan' : ''}`,
    a.cover ? ACTION_COVER_WORDS[a.cover] : '',
    a.place ? ACTION_PLACE_WORDS[a.place] : '',
    a.pieces !== undefined
      ? `${W.pieceCount({ n: a.pieces })}${a.pieceG === undefined ? '' : W.ofWord({ amount: grams(a.pieceG) })}`
      : a.pieceG === undefined
        ? ''
        : W.each({ amount: grams(a.pieceG) }),
    typeof a.share === 'number' ? W.ofIt({ number: fixed(100 * a.share, 0) }) : '',
    a.sizeCm ? sizeText(a.sizeCm) : '',
    a.vessel ? vesselText(a.vessel) : '',
    a.racks !== undefined && a.racks > 1 ? W.onRacks({ racks: a.racks }) : '',
    a.until ? W.until({ until: a.until }) : '',
  ];
  return facts.filter(Boolean);
}
