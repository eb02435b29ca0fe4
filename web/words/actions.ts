import type { Action, ActionVessel, SizeCm } from '../../core/method';
import { ACTION_COVER_WORDS, ACTION_PLACE_WORDS } from './data/actions';
import { counted, fixed, grams } from './format';
import { degrees } from './heat';
import { minutesText } from './say';

/** Minutes as a clock has them: seconds below one, hours from two on. */
export function timeText([lo, hi]: readonly [number, number]): string {
  if (hi < 1) return `${Math.round(60 * hi)} s`;
  if (lo >= 120) {
    const [a, b] = [lo / 60, hi / 60].map((h) => fixed(h, h % 1 === 0 ? 0 : 1));
    return a === b ? `${a} h` : `${a} to ${b} h`;
  }
  return minutesText(lo, hi);
}

/** Centimetres as they are measured: tenths, and millimetres below one. */
const cmText = (cm: number): string =>
  cm < 1 ? `${fixed(10 * cm, 0)} mm` : `${fixed(cm, cm % 1 === 0 ? 0 : 1)} cm`;

function sizeText({ thick, wide, long }: SizeCm): string {
  const across =
    wide === undefined
      ? ''
      : long === undefined
        ? `${cmText(wide)} across`
        : `${cmText(wide)} by ${cmText(long)}`;
  return [across, thick === undefined ? '' : `${cmText(thick)} thick`].filter(Boolean).join(', ');
}
const vesselText = ({ words, count }: ActionVessel): string => (count ? `${count} ${words}` : words);

/** What an act says of itself: how long, how hot, under what, where, until when, how many. */
export function actionFacts(a: Action): string[] {
  const facts = [
    a.minutes ? `${timeText(a.minutes)}${a.perSide ? ' a side' : ''}` : '',
    a.afterMin !== undefined ? `after ${a.afterMin} min` : '',
    a.overnight && !a.minutes ? 'overnight' : '',
    a.tempC === undefined ? '' : `${degrees(a.tempC)}${a.fan ? ' fan' : ''}`,
    a.cover ? ACTION_COVER_WORDS[a.cover] : '',
    a.place ? ACTION_PLACE_WORDS[a.place] : '',
    a.pieces !== undefined
      ? `${counted(a.pieces, 'piece')}${a.pieceG === undefined ? '' : ` of ${grams(a.pieceG)}`}`
      : a.pieceG === undefined
        ? ''
        : `${grams(a.pieceG)} each`,
    typeof a.share === 'number' ? `${fixed(100 * a.share, 0)} % of it` : '',
    a.sizeCm ? sizeText(a.sizeCm) : '',
    a.vessel ? vesselText(a.vessel) : '',
    a.racks !== undefined && a.racks > 1 ? `on ${a.racks} racks` : '',
    a.until ? `until ${a.until}` : '',
  ];
  return facts.filter(Boolean);
}
