import { SCORE_STEPS, seriesOf, type FollowedId, type ScoreId } from '../../../core/judge';
import type { TrialRow } from '../../../contract/notebook';
import { fixed, inPercent } from '../../words/format';
import { degrees } from '../../words/heat';
import { SCORE_WORDS } from '../../words/trialWords';
import classes from './notebook.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.multiples;

const [WIDTH, HEIGHT, PAD] = [150, 44, 6];
const NAMES: Record<Exclude<FollowedId, ScoreId>, string> = {
  bakeMin: W.baked,
  coreC: W.middleWhenOut,
  heightMm: W.heightOfTheSlice,
  openShare: W.openCrumb,
};
const isScore = (id: FollowedId): id is ScoreId => id in SCORE_WORDS;
const nameOf = (id: FollowedId): string => (isScore(id) ? SCORE_WORDS[id].name : NAMES[id]);
function told(id: FollowedId, x: number): string {
  switch (id) {
    case 'bakeMin':
      return W.min({ number: fixed(x, 0) });
    case 'coreC':
      return degrees(x);
    case 'heightMm':
      return W.mm({ number: fixed(x, 0) });
    case 'openShare':
      return inPercent(x);
    default:
      return fixed(x, 0);
  }
}

/** Everything that was told of at least two trials, small and side by side over all of them; the best so far is filled. */
export function Multiples({
  trials,
  bestId,
  originalId,
}: {
  trials: readonly TrialRow[];
  bestId: string | undefined;
  /** The version as written: a bake of it is the level the others are held against. */
  originalId: string | undefined;
}) {
  const all = seriesOf(trials);
  if (all.length === 0) return null;
  return (
    <section className={`sheet ${classes.part}`} aria-label={W.overTheTrials}>
      <h2>{W.overTheTrials}</h2>
      <p className="small quiet">
        {W.theFilledDotIsThe}
        {trials.some((t) => t.versionId === originalId) && W.theDashedLineIsTheOriginal}
      </p>
      <ul className={classes.multiples}>
        {all.map(({ id, values }) => {
          const seen = values.flatMap((v, i) => (v === null ? [] : [{ v, i }]));
          // Scores share one scale, so that they can be held against each other.
          const [least, most] = isScore(id)
            ? [SCORE_STEPS[0], SCORE_STEPS.at(-1)!]
            : [Math.min(...seen.map((s) => s.v)), Math.max(...seen.map((s) => s.v))];
          const x = (i: number) => PAD + ((WIDTH - 2 * PAD) * i) / Math.max(1, values.length - 1);
          const y = (v: number) =>
            HEIGHT - PAD - ((HEIGHT - 2 * PAD) * (v - least)) / Math.max(1e-9, most - least);
          const level = seen.find((s) => trials[s.i]!.versionId === originalId);
          const said = seen.map((s) => W.trial({ i: s.i + 1, told: told(id, s.v) })).join(', ');
          return (
            <li key={id}>
              <span>{nameOf(id)}</span>
              <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`${nameOf(id)}: ${said}`}>
                {level && (
                  <line x1={0} x2={WIDTH} y1={y(level.v)} y2={y(level.v)} className={classes.reference} />
                )}
                <polyline
                  points={seen.map((s) => `${x(s.i)},${y(s.v)}`).join(' ')}
                  className={classes.thread}
                />
                {seen.map((s) => (
                  <circle
                    key={s.i}
                    cx={x(s.i)}
                    cy={y(s.v)}
                    r={trials[s.i]!.id === bestId ? 4.5 : 3}
                    className={trials[s.i]!.id === bestId ? classes.bestDot : classes.dot}
                  />
                ))}
              </svg>
              <span className="small quiet">
                {W.to({
                  told: told(id, seen[0]!.v),
                  told2: told(id, seen.at(-1)!.v),
                  isScore: isScore(id) && `, 1 ${SCORE_WORDS[id].low}, 5 ${SCORE_WORDS[id].high}`,
                })}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
