import { Button, NumberInput, Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { ExperimentRow } from '../../../contract/notebook';
import {
  analysed,
  crossingOf,
  marginOf,
  resolutionOf,
  type Analysis,
  type Crossing,
  type Experiment,
} from '../../../core/judge';
import { useFormulaQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
import {
  useExperimentQuery,
  usePutExperimentMutation,
  useRemoveExperimentMutation,
  useRestoreExperimentMutation,
} from '../../api/notebook';
import { useCreateDayMutation, useDaysQuery } from '../../api/days';
import { useKitchen } from '../../shared/useKitchen';
import { KEEPS_MIN, newDay, nextSaturday, usualReady } from '../../parts/newDay';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import {
  analysisWords,
  bendWords,
  crossingWords,
  effectWords,
  resolutionWords,
  runTitle,
} from '../../words/experimentWords';
import { sayProblem } from '../../words/problems';
import { CrossingChart, NormalPlot } from './CrossingChart';
import { EffectChart } from './EffectChart';
import { Bakes, type Run } from './ExperimentBakes';
import { LostPage } from '../../shared/LostPage';
import classes from './notebook.module.css';
import { useTakeOut } from './useTakeOut';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.experimentPage;

/** Fewer effects than this make no line. */
const FEWEST_PLOTTED = 6;
/** So many bakes are put on a day at first. */
const ONE_DAY = 4;

/** An experiment: the bakes in their order, what was measured, and in the end what it shows. */
export function ExperimentPage() {
  const { id = '' } = useParams();
  const { data, error } = useExperimentQuery(id);
  usePageTitle(data ? data.title : W.anExperiment);
  if (error) return <LostPage title={W.thisExperimentCannotBeShown} error={error} />;
  return data ? (
    <One row={data} />
  ) : (
    <Skeleton height={400} role="status" aria-label={W.fetchingTheExperiment} />
  );
}

function One({ row }: { row: ExperimentRow }) {
  const { id, rev, ...doc } = row;
  const [put, putting] = usePutExperimentMutation();
  const [remove] = useRemoveExperimentMutation();
  const [restore] = useRestoreExperimentMutation();
  const open = doc.runs.flatMap((r, i) => (r.y === null && !r.trialId ? [i] : []));
  const setRun = (at: number, to: Run) =>
    void put({ id, rev, doc: { ...doc, runs: doc.runs.map((r, i) => (i === at ? to : r)) } });
  const takeOut = useTakeOut(remove, restore);
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{doc.title}</h1>
        <Link to={`/formula/${doc.formulaId}/trials`}>{W.itsTrials}</Link>
        <Link to="/notebook">{W.toTheNotebook}</Link>
      </header>
      <Shows doc={doc} />
      {putting.error && (
        <Notice kind="trouble" title={W.itWasNotKept}>
          {sayProblem(problemIn(putting.error)?.code ?? null)}
        </Notice>
      )}
      <section className={`sheet ${classes.part}`}>
        <h2>{W.theBakesInThisOrder}</h2>
        <p className="small quiet">{W.theOrderIsDrawnBy}</p>
        <Bakes doc={doc} busy={putting.isLoading} setRun={setRun} />
        <div className={`${classes.bar} no-print`}>
          {open.length > 0 && <OnDay doc={doc} open={open} />}
          <Button variant="default" onClick={() => window.print()}>
            {W.print}
          </Button>
          <Button variant="subtle" color="gray" onClick={() => void takeOut(id)}>
            {W.takeThisExperimentOut}
          </Button>
        </div>
      </section>
    </main>
  );
}

/** How far pairs of changes depend on each other; where pairs hide behind others they are not drawn as if they were told apart. */
function crossingsOf(doc: Experiment, analysis: Analysis): Crossing[] {
  const told = analysis.effects.filter((e) => e.of.length === 2 && e.or.length === 0);
  const pairs = doc.factors.flatMap((_a, i) =>
    doc.factors.flatMap((_b, k) => (i < k ? [[i, k] as const] : [])),
  );
  return pairs
    .filter(([i, k]) => told.some((e) => e.of[0] === i && e.of[1] === k))
    .flatMap(([i, k]) => crossingOf(doc, i, k) ?? []);
}

/** What it shows, as far as it was baked. */
function Shows({ doc }: { doc: Experiment }) {
  const analysis = analysed(doc);
  return (
    <section className={`sheet ${classes.part}`} aria-label={W.whatItShows}>
      <h2>{W.whatItShows}</h2>
      {analysis ? (
        <Effects doc={doc} analysis={analysis} />
      ) : (
        <p role="status">
          {W.ofBakedWhatItShows({
            done: doc.runs.filter((r) => r.y !== null).length,
            runsCount: doc.runs.length,
            resolution: resolutionWords(resolutionOf(doc.factors.length, doc.halvings)),
          })}
        </p>
      )}
    </section>
  );
}

function Effects({ doc, analysis }: { doc: Experiment; analysis: Analysis }) {
  const crossings = crossingsOf(doc, analysis);
  return (
    <>
      <p role="status">{analysisWords(doc, analysis)}</p>
      <div className={classes.plots}>
        <EffectChart factors={doc.factors} analysis={analysis} />
        {crossings.map((c) => (
          <CrossingChart key={c.of.join()} factors={doc.factors} crossing={c} />
        ))}
        {analysis.effects.length >= FEWEST_PLOTTED && (
          <NormalPlot
            factors={doc.factors}
            analysis={analysis}
            margin={analysis.spread ? null : marginOf(analysis.effects)}
          />
        )}
      </div>
      <ul>
        {analysis.effects.map((e) => (
          <li key={e.of.join()}>{effectWords(doc.factors, e)}</li>
        ))}
        {crossings.map((c) => (
          <li key={c.of.join()}>{crossingWords(doc.factors, c)}</li>
        ))}
        {analysis.bend && <li>{bendWords(analysis.bend)}</li>}
      </ul>
    </>
  );
}

/** The next open bakes go on a bake day, as one is able to bake. */
function OnDay({ doc, open }: { doc: Experiment; open: number[] }) {
  const { data: detail } = useFormulaQuery(doc.formulaId);
  const { data: days } = useDaysQuery();
  const kitchen = useKitchen();
  const [create, creating] = useCreateDayMutation();
  const navigate = useNavigate();
  const [count, setCount] = useState(Math.min(ONE_DAY, open.length));
  const version = detail?.versions.at(-1);
  if (!detail || !version) return null;
  const put = async () => {
    const date = nextSaturday();
    const bakes = open.slice(0, count).map((i) => ({
      id: crypto.randomUUID(),
      formulaId: doc.formulaId,
      versionId: version.id,
      title: `${detail.title}, ${runTitle(doc.factors, doc.runs[i]!.settings, i)}`.slice(0, 200),
      batches: 1,
      readyBy: usualReady(date),
      keepsMin: KEEPS_MIN,
    }));
    const last = days && [...days].sort((a, b) => b.date.localeCompare(a.date))[0];
    const made = await create(newDay({ title: doc.title.slice(0, 120), date, bakes }, kitchen, last));
    if ('data' in made && made.data) await navigate(`/days/${made.data.id}`);
  };
  return (
    <>
      <NumberInput
        label={W.theNext}
        w={90}
        min={1}
        max={open.length}
        allowDecimal={false}
        value={count}
        onChange={(v) => typeof v === 'number' && setCount(v)}
      />
      <Button variant="default" loading={creating.isLoading} onClick={() => void put()}>
        {W.putOnABakeDay({ which: count === 1 ? W.it : W.them })}
      </Button>
      {creating.error && (
        <Notice kind="trouble" title={W.noDayWasMade}>
          {sayProblem(problemIn(creating.error)?.code ?? null)}
        </Notice>
      )}
    </>
  );
}
