import { addedMin, changesOf, type BakeChange, type BakeSetup, type Compared } from '../../../core/bake';
import { REASON_WORDS } from '../../words/data/bake';
import { fixed, inPercent } from '../../words/format';
import { bareDegrees, degrees } from '../../words/heat';
import { minutesText } from '../../words/say';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.told;

/** Less than this is no change of time. */
const NOTHING = 0.005;
const percent = (x: number): string => `${x >= 0 ? '+' : '−'}${inPercent(Math.abs(x))}`;
const min = (x: number): string => W.min({ number: fixed(x, 0) });
const cm = (x: number): string => fixed(x, 1);

/** What the change does to the time at the oven. */
const changeText = (added: number): string =>
  added === 0
    ? W.theChangesMakeLessThan
    : W.theChangesAbout({ which: added > 0 ? W.add : W.takeOff, min: min(Math.abs(added)) });

/** One thing to do otherwise at the oven, in words. */
function sayChange(c: BakeChange): string {
  switch (c.kind) {
    case 'time':
      return `${min(Math.abs(c.min))} ${c.min > 0 ? W.longer : W.shorter}`;
    case 'heat':
      return W.atFirstInPlaceOf({ temperature: degrees(c.toC), degrees: bareDegrees(c.fromC) });
    case 'fan':
      return c.on ? W.fanOn : W.fanOff;
    case 'cover':
      return Number.isFinite(c.until) ? W.coveredUntil({ min: min(c.until) }) : W.coveredAllTheTime;
    case 'bare':
      return W.withoutTheLid;
    case 'then':
      return c.grill
        ? W.grillFrom({ min: min(c.from) })
        : W.fromWord({ temperature: degrees(c.toC), min: min(c.from) });
    case 'tent':
      return W.foilOverItFromAbout({ min: min(c.from) });
    case 'colour':
      return c.ratio > 1 ? W.brownerOnTopThanAs : W.palerOnTopThanAs;
    case 'level':
      return W.standsCmHighInPlace({ cm: cm(c.toCm), cm2: cm(c.fromCm) });
    case 'start':
      return W.goesInAtInPlace({ temperature: degrees(c.toC), degrees: bareDegrees(c.fromC) });
    case 'look':
      return W.lookFrom({ min: min(c.from) });
  }
}

/** What is to be done otherwise, the time, and why it is so. */
export function BakeVerdict({
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
        {stated ? W.keepTheStatedInMind({ minutes: minutesText(stated[0], stated[1]) }) : W.noTimeCanBeGiven}
      </p>
    );
  const changes = changesOf(source, adapted, stated, compared);
  const first = adapted.phases[0]!;
  return (
    <>
      <p className={classes.time} role="status">
        {W.about({
          temperature: degrees(first.ovenC),
          which: first.fan ? W.fan : '',
          which2: adapted.phases.length > 1 ? W.atFirst : '',
          minutes: minutesText(time.from, time.to),
        })}
      </p>
      <ul className={classes.changes} aria-label={W.whatToDoOtherwise}>
        {changes.map((c) => (
          <li key={c.kind === 'then' ? `then-${c.from}` : c.kind}>{sayChange(c)}</li>
        ))}
      </ul>
      <p className="quiet">
        {time.basis === 'stated' && stated
          ? Math.abs(ratio.value - 1) < NOTHING
            ? W.asWritten({
                minutes: minutesText(stated[0], stated[1]),
                which: reasons.length === 0 ? W.whatIsChangedMakesNo : W.whatIsChangedComesOut,
              })
            : W.original({
                minutes: minutesText(stated[0], stated[1]),
                change: changeText(addedMin(stated, ratio.value)),
              })
          : W.theFormulaStatesNoTime}
        {pace.bakes > 0 &&
          W.yourOwnIt({
            which: pace.bakes === 1 ? W.timedBakeMakes : W.timedBakesMake({ bakes: pace.bakes }),
            percent: percent(pace.factor - 1),
          })}
      </p>
      {reasons.length > 0 && (
        <ul className={classes.reasons} aria-label={W.whatMakesItSo}>
          {reasons.map((r) => (
            <li key={r.reason}>
              <b>{percent(r.share)}</b> {REASON_WORDS[r.reason]}
              {percent(r.lo) !== percent(r.hi) && (
                <span className="small quiet">
                  {' '}
                  {W.to({ percent: percent(r.lo), percent2: percent(r.hi) })}
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
