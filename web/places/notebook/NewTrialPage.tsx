import { Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { recordOf, type BenchRecord } from '../../../core/bench';
import { OUTCOME_IDS, type Actual, type OutcomeId } from '../../../core/judge';
import { useFormulaQuery, useVersionQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
import { useCreateTrialMutation } from '../../api/notebook';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { OUTCOME_WORDS } from '../../words/trialWords';
import { useBench } from '../../shared/useBench';
import classes from './notebook.module.css';
import own from './judge.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.newTrialPage;

/** What a run measured, as a trial has it. */
function actualOf({ massG, feel, oven, bake }: BenchRecord, ovenC: number | null | undefined): Actual {
  const last = oven.probe.at(-1);
  const cool = oven.outAt !== null && oven.cutAt !== null ? (oven.cutAt - oven.outAt) / 60_000 : null;
  return {
    ...(massG > 0 ? { massG } : {}),
    ...(bake.tookMin === null ? {} : { bakeMin: bake.tookMin }),
    ...(typeof ovenC === 'number' ? { ovenC } : {}),
    ...(last ? { coreC: last.c } : {}),
    ...(cool === null ? {} : { coolMin: cool }),
    ...(oven.inAt === null ? {} : { doors: oven.doors }),
    ...(oven.loss === null ? {} : { loss: oven.loss }),
    ...(feel ? { keptG: feel.keptG, feelG: feel.putG } : {}),
  };
}

/** "Baked it": one press says how it came out, and the trial is kept; the rest can be told then, or later. */
export function NewTrialPage() {
  const [search] = useSearchParams();
  const runId = search.get('run');
  return runId ? <FromRun runId={runId} /> : <FromVersion versionId={search.get('version') ?? ''} />;
}

function FromRun({ runId }: { runId: string }) {
  const { run, made, state, error } = useBench(runId);
  if (error) return <Lost code={problemIn(error)?.code ?? null} />;
  if (!run || !made || !state) return <Skeleton height={300} role="status" aria-label={W.fetchingTheRun} />;
  const record = recordOf(made.formula, made.order, state);
  return (
    <Begin
      versionId={run.versionId}
      runId={run.id}
      batches={run.batches}
      actual={actualOf(record, made.formula.bake?.ovenC)}
      bakedAt={record.oven.outAt ?? run.begunAt}
    />
  );
}
const FromVersion = ({ versionId }: { versionId: string }) => (
  <Begin versionId={versionId} runId={null} batches={1} actual={{}} bakedAt={null} />
);

function Lost({ code }: { code: string | null }) {
  return (
    <main id="main" className={classes.page}>
      <Notice kind="trouble" title={W.thisBakeCannotBeFound}>
        {sayProblem(code)} <Link to="/notebook">{W.toTheNotebook}</Link>
      </Notice>
    </main>
  );
}

function Begin({
  versionId,
  runId,
  batches,
  actual,
  bakedAt,
}: {
  versionId: string;
  runId: string | null;
  batches: number;
  actual: Actual;
  bakedAt: number | null;
}) {
  const { data: version, error } = useVersionQuery(versionId);
  const { data: detail } = useFormulaQuery(version?.formulaId ?? '', { skip: !version });
  const [create, creating] = useCreateTrialMutation();
  const [pressed, setPressed] = useState<OutcomeId | null>(null);
  const navigate = useNavigate();
  usePageTitle(W.bakedIt);
  if (error) return <Lost code={problemIn(error)?.code ?? null} />;
  if (!version || !detail) return <Skeleton height={300} role="status" aria-label={W.fetchingTheVersion} />;
  const keep = async (outcome: OutcomeId) => {
    setPressed(outcome);
    const done = await create({
      formulaId: version.formulaId,
      versionId,
      runId,
      title: detail.title,
      bakedAt: bakedAt ?? Date.now(),
      batches,
      outcome,
      scores: {},
      faults: [],
      actual,
      photos: [],
      notes: '',
      tasters: [],
      tests: version.request.tests ?? null,
    });
    if ('data' in done && done.data) await navigate(`/notebook/${done.data.id}`, { replace: true });
    else setPressed(null);
  };
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.howDidItComeOut}</h1>
        <p className="quiet">
          {detail.title}
          {version.targetId ? `, ${version.name}` : ''}
        </p>
      </header>
      <div className={own.outcomes} role="group" aria-label={W.howItCameOut}>
        {OUTCOME_IDS.map((o) => (
          <button
            key={o}
            type="button"
            className={own.outcome}
            disabled={pressed !== null}
            onClick={() => void keep(o)}
          >
            {OUTCOME_WORDS[o]}
          </button>
        ))}
      </div>
      <p className="quiet">{W.onePressKeepsItFaults}</p>
      {creating.error && (
        <Notice kind="trouble" title={W.itWasNotKept}>
          {sayProblem(problemIn(creating.error)?.code ?? null)}
        </Notice>
      )}
    </main>
  );
}
