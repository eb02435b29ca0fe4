import type { BakeChange, BakeSetup, Compared } from '../../../core/bake';
import { addedMin, changesOf } from '../../../core/bake';
import { REASON_WORDS } from '../../words/data/bake';
import { fixed } from '../../words/format';
import { bareDegrees, degrees } from '../../words/heat';
import { minutesText } from '../../words/say';
import classes from './bake.module.css';

/** Less than this is no change of time. */
const NOTHING = 0.005;
const percent = (x: number): string => `${x >= 0 ? '+' : '−'}${fixed(Math.abs(100 * x), 0)} %`;
const min = (x: number): string => `${fixed(x, 0)} min`;
const cm = (x: number): string => fixed(x, 1);

/** What the change does to the time at the oven. */
const changeText = (added: number): string =>
  added === 0
    ? 'The changes make less than a minute.'
    : `The changes ${added > 0 ? 'add' : 'take off'} about ${min(Math.abs(added))}.`;

/** One thing to do otherwise at the oven, in words. */
function sayChange(c: BakeChange): string {
  switch (c.kind) {
    case 'time':
      return `${min(Math.abs(c.min))} ${c.min > 0 ? 'longer' : 'shorter'}`;
    case 'heat':
      return `${degrees(c.toC)} at first in place of ${bareDegrees(c.fromC)}`;
    case 'fan':
      return c.on ? 'fan on' : 'fan off';
    case 'cover':
      return Number.isFinite(c.until) ? `covered until ${min(c.until)}` : 'covered all the time';
    case 'bare':
      return 'without the lid';
    case 'then':
      return c.grill ? `grill from ${min(c.from)}` : `${degrees(c.toC)} from ${min(c.from)}`;
    case 'tent':
      return `foil over it from about ${min(c.from)}: it will be dark`;
    case 'colour':
      return c.ratio > 1 ? 'browner on top than as written' : 'paler on top than as written';
    case 'level':
      return `stands ${cm(c.toCm)} cm high in place of ${cm(c.fromCm)}`;
    case 'start':
      return `goes in at ${degrees(c.toC)} in place of ${bareDegrees(c.fromC)}`;
    default:
      return `look from ${min(c.from)}`;
  }
}

/** What is to be done otherwise, the time, and why it is so. */
export function Told({
  source,
  adapted,
  compared,
  stated,
}: {
  source: BakeSetup;
  adapted: BakeSetup;
  compared: Compared;
  stated: readonly [number, number] | null;
}) {
  const { ratio, minutes: time, pace } = compared;
  // What rounds to no change, whichever way it is modelled, is none.
  const reasons = compared.reasons.filter((r) => [r.share, r.lo, r.hi].some((x) => Math.abs(x) >= 0.005));
  if (!time || !ratio)
    return (
      <p className={classes.time} role="status">
        {stated
          ? `Keep the stated ${minutesText(stated[0], stated[1])} in mind, look early, and go by the signs.`
          : 'No time can be given: go by the signs.'}
      </p>
    );
  const changes = changesOf(source, adapted, stated, compared);
  const first = adapted.phases[0]!;
  return (
    <>
      <p className={classes.time} role="status">
        {degrees(first.ovenC)}
        {first.fan ? ' fan' : ''}
        {adapted.phases.length > 1 ? ' at first' : ''}: about {minutesText(time.from, time.to)}
      </p>
      <ul className={classes.changes} aria-label="What to do otherwise">
        {changes.map((c) => (
          <li key={c.kind === 'then' ? `then-${c.from}` : c.kind}>{sayChange(c)}</li>
        ))}
      </ul>
      <p className="quiet">
        {time.basis === 'stated' && stated
          ? Math.abs(ratio.value - 1) < NOTHING
            ? `As written ${minutesText(stated[0], stated[1])}; ${reasons.length === 0 ? 'what is changed makes no difference at the oven.' : 'what is changed comes out even.'}`
            : `Original: ${minutesText(stated[0], stated[1])}. ${changeText(addedMin(stated, ratio.value))}`
          : 'The formula states no time: this is the model’s own window, with its spread. The change alone is better known than the time.'}
        {pace.bakes > 0 &&
          ` Your own ${pace.bakes === 1 ? 'timed bake makes' : `${pace.bakes} timed bakes make`} it ${percent(pace.factor - 1)}.`}
      </p>
      {reasons.length > 0 && (
        <ul className={classes.reasons} aria-label="What makes it so">
          {reasons.map((r) => (
            <li key={r.reason}>
              <b>{percent(r.share)}</b> {REASON_WORDS[r.reason]}
              {percent(r.lo) !== percent(r.hi) && (
                <span className="small quiet">
                  {' '}
                  ({percent(r.lo)} to {percent(r.hi)})
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
