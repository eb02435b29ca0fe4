import { FEEL_FROM } from '../../../core/classes';
import type { Profile } from '../../../core/formula';
import type { Fit } from '../../../core/rebalance';
import { HandbookLink } from '../../parts/HandbookLink';
import { amountOf, fixed } from '../../words/format';
import { FEEL_WORDS_TEXT } from '../../words/things';
import classes from './balance.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.feelStrip;

const STEPS = FEEL_FROM.length;
const WETTEST = 4;

/** Where so much fluid stands on the strip, 0 (pours) to 1 (cracks): every word has the same width. */
function place(fluid: number): number {
  const i = FEEL_FROM.findIndex(([, from]) => fluid >= from);
  const at = i < 0 ? STEPS - 1 : i;
  const lo = FEEL_FROM[at]![1];
  const hi = at === 0 ? WETTEST : FEEL_FROM[at - 1]![1];
  const within = Math.min(1, Math.max(0, (hi - fluid) / (hi - lo)));
  return (at + within) / STEPS;
}

type Props = {
  of: string;
  source: Profile;
  adapted: Profile;
  wetness: Fit | undefined;
  holdBackG: number;
  onExplain: () => void;
};

/** How it should feel, from "pours" to "cracks", with a pointer for each version. */
export function FeelStrip({ of, source, adapted, wetness, holdBackG, onExplain }: Props) {
  if (!source.feel || !adapted.feel || !wetness || wetness.state === 'open') return null;
  const [a, b] = [place(source.feel.value), place(adapted.feel.value)];
  const swap = a <= b;
  return (
    <section className={`sheet ${classes.feel}`} aria-label={W.howItShouldFeel({ ofValue: of })}>
      <div className={classes.feelHead}>
        <span>
          {W.howItShouldFeel2} <b>{FEEL_WORDS_TEXT[adapted.feel.word]}</b>
          {source.feel.word !== adapted.feel.word && (
            <> {W.asWritten({ feelWordsText: FEEL_WORDS_TEXT[source.feel.word] })}</>
          )}{' '}
          <HandbookLink section="feel" id={adapted.feel.word}>
            {W.whatDoesThisMean}
          </HandbookLink>
        </span>
        <button type="button" className={classes.wetness} onClick={onExplain}>
          {W.effectiveHydration({
            amount: amountOf(wetness.source, 'ratio'),
            amount2: amountOf(wetness.adapted, 'ratio'),
            note: wetness.state !== 'inside' && <b> {wetness.state}</b>,
          })}
        </button>
      </div>
      <div className={classes.strip} aria-hidden="true">
        <em style={{ left: `${100 * a}%` }} data-side={swap ? 'left' : 'right'} className={classes.was}>
          <span>{W.asWritten2}</span>
        </em>
        <em style={{ left: `${100 * b}%` }} data-side={swap ? 'right' : 'left'}>
          <span>{W.adapted}</span>
        </em>
      </div>
      <ol className={classes.words} aria-hidden="true">
        {FEEL_FROM.map(([word]) => (
          <li key={word}>{FEEL_WORDS_TEXT[word]}</li>
        ))}
      </ol>
      {holdBackG >= 3 && (
        <p className={classes.hold}>{W.holdBackAboutGOf({ number: fixed(holdBackG, 0) })}</p>
      )}
    </section>
  );
}
