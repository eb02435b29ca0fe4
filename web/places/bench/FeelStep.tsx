import { Button } from '@mantine/core';
import { feelsAbout, isTooMuchByFeel, portionG, type ByFeel } from '../../../core/bench';
import { FEEL_WORDS } from '../../../core/classes';
import { FeelDrawing } from '../../drawings/FeelDrawing';
import { grams } from '../../words/format';
import { FEEL_WORDS_TEXT } from '../../words/things';
import classes from './bench.module.css';
import type { BenchProps } from './props';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.feelStep;

/** Water by feel: what was kept back goes in a little at a time, until it feels as it should. */
export function FeelStep({
  feel,
  nameOf,
  tell,
}: {
  feel: ByFeel;
  nameOf: (lineId: string) => string;
  tell: BenchProps['tell'];
}) {
  const { lineId, wanted, keptG, putG } = feel;
  const portion = portionG(keptG);
  const wantedAt = wanted ? FEEL_WORDS.indexOf(wanted) : 0;
  const stop = (at: number) => tell({ kind: 'byFeel', lineId, g: 0, feel: at, enough: true });
  return (
    <section className={classes.now} aria-label={W.waterByFeel}>
      <p className={classes.what}>{W.byFeel({ name: nameOf(lineId) })}</p>
      <p>
        {W.mixThenFeelItWas({
          amount: grams(keptG),
          which: putG > 0 ? W.ofItIsIn({ amount: grams(putG) }) : W.noneOfItIsIn,
          wanted: wanted && W.itShouldFeelLikeThis({ feelWordsText: FEEL_WORDS_TEXT[wanted] }),
        })}
      </p>
      {isTooMuchByFeel(feel) && <p role="status">{W.thatIsThreeTimesWhat}</p>}
      <div className={classes.act}>
        <Button
          size="lg"
          className={classes.go}
          onClick={() => tell({ kind: 'byFeel', lineId, g: portion, feel: wantedAt })}
        >
          {W.putToIt({ amount: grams(portion) })}
        </Button>
        {putG < keptG && (
          <Button
            size="lg"
            variant="default"
            onClick={() => tell({ kind: 'byFeel', lineId, g: keptG - putG, feel: wantedAt })}
          >
            {W.allThatIsLeft({ amount: grams(keptG - putG) })}
          </Button>
        )}
        {!wanted && (
          <Button size="lg" variant="default" onClick={() => stop(0)}>
            {W.enough}
          </Button>
        )}
      </div>
      {wanted && (
        <>
          <p>{W.enoughPressHowItFeels}</p>
          <div className={classes.feels} role="group" aria-label={W.howItFeelsNow}>
            {feelsAbout(wanted).map((f) => (
              <button
                key={f}
                type="button"
                className={classes.feel}
                data-wanted={f === wanted || undefined}
                onClick={() => stop(FEEL_WORDS.indexOf(f))}
              >
                <FeelDrawing feel={f} />
                {FEEL_WORDS_TEXT[f]}
                {f === wanted && <small>{W.asItShould}</small>}
              </button>
            ))}
          </div>
        </>
      )}
    </section>
  );
}
