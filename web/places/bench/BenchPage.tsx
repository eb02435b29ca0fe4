import { Skeleton } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { problemIn } from '../../api/api';
import { useCounting } from '../../instruments/useInstruments';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { useAwake } from '../days/useAwake';
import classes from './bench.module.css';
import { useBench } from './useBench';
import { Weigh } from './Weigh';

/** A scale that counts coarser than this weighs no salt. */
const COARSE_G = 2;

/** Where the work is large: one thing, how much of it, what is on the scale; and the next. */
export function BenchPage() {
  const { runId = '' } = useParams();
  const step = useCounting('mass')?.last?.step ?? 0;
  const { run, made, state, pantry, stepG, tell, waiting, late, boxed, refused, error } = useBench(
    runId,
    step > COARSE_G ? step : 0,
  );
  usePageTitle(run ? `${run.title}, at the bench` : 'At the bench');
  useAwake(true);
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title="This run cannot be shown">
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      </main>
    );
  if (!made || !state || !run) return <Skeleton height={500} role="status" aria-label="Fetching the run" />;
  return (
    <main id="main" className={classes.page} data-work>
      <header className={classes.head}>
        <h1>{run.title}</h1>
        <Link to={`/formula/${run.formulaId}/card/${run.versionId}`}>The card</Link>
        <Link to={`/bench/${run.id}/record`}>What happened</Link>
        <p className="small quiet" role="status">
          {refused
            ? sayProblem(refused)
            : waiting > 0
              ? late
                ? boxed
                  ? `The server does not answer: ${waiting} kept on this device and sent when it is there.`
                  : 'The server does not answer, and this device keeps nothing more: do not close the page.'
                : 'Saving'
              : 'All saved'}
        </p>
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
