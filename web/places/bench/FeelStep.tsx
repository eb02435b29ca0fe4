import { Button } from '@mantine/core';
import { feelsAbout, isTooMuchByFeel, portionG, type ByFeel } from '../../../core/bench';
import { FEEL_WORDS } from '../../../core/classes';
import { FeelDrawing } from '../../drawings/FeelDrawing';
import { grams } from '../../words/format';
import { FEEL_WORDS_TEXT } from '../../words/things';
import classes from './bench.module.css';
import type { BenchProps } from './props';

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
    <section className={classes.now} aria-label="Water by feel">
      <p className={classes.what}>{nameOf(lineId)} by feel</p>
      <p>
        Mix, then feel it. {grams(keptG)} was kept back;{' '}
        {putG > 0 ? `${grams(putG)} of it is in` : 'none of it is in yet'}
        {wanted && `. It should feel like this: ${FEEL_WORDS_TEXT[wanted]}`}.
      </p>
      {isTooMuchByFeel(feel) && (
        <p role="status">
          That is three times what was kept back. Look whether something was left out, or weighed twice.
        </p>
      )}
      <div className={classes.act}>
        <Button
          size="lg"
          className={classes.go}
          onClick={() => tell({ kind: 'byFeel', lineId, g: portion, feel: wantedAt })}
        >
          Put {grams(portion)} to it
        </Button>
        {putG < keptG && (
          <Button
            size="lg"
            variant="default"
            onClick={() => tell({ kind: 'byFeel', lineId, g: keptG - putG, feel: wantedAt })}
          >
            All that is left: {grams(keptG - putG)}
          </Button>
        )}
        {!wanted && (
          <Button size="lg" variant="default" onClick={() => stop(0)}>
            Enough
          </Button>
        )}
      </div>
      {wanted && (
        <>
          <p>Enough? Press how it feels now.</p>
          <div className={classes.feels} role="group" aria-label="How it feels now">
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
                {f === wanted && <small>as it should</small>}
              </button>
            ))}
          </div>
        </>
      )}
    </section>
  );
}
