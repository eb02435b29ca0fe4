import { Skeleton } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { problemIn } from '../../api/ask';
import { useCounting } from '../../instruments/useInstruments';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { useAwake } from '../../shared/useAwake';
import classes from './bench.module.css';
import { useBench } from '../../shared/useBench';
import { Weigh } from './Weigh';
import { testsWords } from '../../words/trialWords';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.benchPage;

/** A scale that counts coarser than this weighs no salt. */
const COARSE_G = 2;

/** Where the work is large: one thing, how much of it, what is on the scale; and the next. */
export function BenchPage() {
  const { runId = '' } = useParams();
  const step = useCounting('mass')?.last?.step ?? 0;
  const { run, version, made, state, pantry, stepG, tell, waiting, late, boxed, refused, error } = useBench(
    runId,
    step > COARSE_G ? step : 0,
  );
  usePageTitle(run ? W.atTheBench({ runTitle: run.title }) : W.atTheBench2);
  useAwake(true);
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.thisRunCannotBeShown}>
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      </main>
    );
  if (!made || !state || !run) return <Skeleton height={500} role="status" aria-label={W.fetchingTheRun} />;
  return (
    <main id="main" className={classes.page} data-work>
      <header className={classes.head}>
        <h1>{run.title}</h1>
        <Link to={`/formula/${run.formulaId}/card/${run.versionId}`}>{W.theCard}</Link>
        <Link to={`/bench/${run.id}/record`}>{W.whatHappened}</Link>
        <p className="small quiet" role="status">
          {refused
            ? sayProblem(refused)
            : waiting > 0
              ? late
                ? boxed
                  ? W.theServerDoesNotAnswer({ waiting })
                  : W.theServerDoesNotAnswer2
                : W.saving
              : W.allSaved}
        </p>
        {version?.request.tests && <p role="note">{testsWords(version.request.tests)}</p>}
      </header>
      <Weigh
        key={run.id}
        formula={made.formula}
        order={made.order}
        state={state}
        pantry={pantry}
        stepG={stepG}
        tell={tell}
      />
    </main>
  );
}
