import { Button, NativeSelect, NumberInput, Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { ExperimentRow } from '../../../contract/notebook';
import { analysed, crossingOf, marginOf, resolutionOf, toldBy, type Experiment } from '../../../core/judge';
import { problemIn, useFormulaQuery } from '../../api/api';
import {
  useExperimentQuery,
  usePutExperimentMutation,
  useRemoveExperimentMutation,
  useRestoreExperimentMutation,
  useTrialsQuery,
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
  settingWords,
} from '../../words/experimentWords';
import { sayProblem } from '../../words/problems';
import { CrossingChart, NormalPlot } from './CrossingChart';
import { EffectChart } from './EffectChart';
import { LostPage } from '../../shared/LostPage';
import classes from './notebook.module.css';
import { useTakeOut } from './useTakeOut';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.experimentPage;

/** Fewer effects than this make no line. */
const FEWEST_PLOTTED = 6;
const MOST_TRIALS = '100';
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
  const analysis = analysed(doc);
  const done = doc.runs.filter((r) => r.y !== null).length;
  const open = doc.runs.flatMap((r, i) => (r.y === null && !r.trialId ? [i] : []));
  const pairs = doc.factors.flatMap((_a, i) =>
    doc.factors.flatMap((_b, k) => (i < k ? [[i, k] as const] : [])),
  );
  // Where pairs hide behind others they are not drawn as if they were told apart.
  const told = analysis?.effects.filter((e) => e.of.length === 2 && e.or.length === 0) ?? [];
  const crossings = pairs
    .filter(([i, k]) => told.some((e) => e.of[0] === i && e.of[1] === k))
    .flatMap(([i, k]) => crossingOf(doc, i, k) ?? []);
  const { data: trials } = useTrialsQuery({ formula: doc.formulaId, limit: MOST_TRIALS });
  const toTrial = (at: number, trialId: string | null) => {
    const trial = trials?.trials.find((t) => t.id === trialId);
    const y = trial ? toldBy(trial, doc.measured) : null;
    const runs = doc.runs.map((r, i) => {
      if (i !== at) return r;
      const { trialId: _was, ...rest } = r;
      return { ...rest, y: r.y ?? y, ...(trialId ? { trialId } : {}) };
    });
    void put({ id, rev, doc: { ...doc, runs } });
  };
  const measure = (at: number, y: number | null) =>
    void put({ id, rev, doc: { ...doc, runs: doc.runs.map((r, i) => (i === at ? { ...r, y } : r)) } });
  const takeOut = useTakeOut(remove, restore);
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{doc.title}</h1>
        <Link to={`/formula/${doc.formulaId}/trials`}>{W.itsTrials}</Link>
        <Link to="/notebook">{W.toTheNotebook}</Link>
      </header>
      <section className={`sheet ${classes.part}`} aria-label={W.whatItShows}>
        <h2>{W.whatItShows}</h2>
        {analysis ? (
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
        ) : (
          <p role="status">
            {W.ofBakedWhatItShows({
              done,
              runsCount: doc.runs.length,
              resolution: resolutionWords(resolutionOf(doc.factors.length, doc.halvings)),
            })}
          </p>
        )}
      </section>
      {putting.error && (
        <Notice kind="trouble" title={W.itWasNotKept}>
          {sayProblem(problemIn(putting.error)?.code ?? null)}
        </Notice>
      )}
      <section className={`sheet ${classes.part}`}>
        <h2>{W.theBakesInThisOrder}</h2>
        <p className="small quiet">{W.theOrderIsDrawnBy}</p>
        <div className={classes.wide} role="region" aria-label={W.theBakes} tabIndex={0}>
          <table className={classes.served}>
            <thead>
              <tr>
                <th scope="col">{W.bake}</th>
                {doc.factors.map((f) => (
                  <th key={f.name} scope="col">
                    {f.name}
                  </th>
                ))}
                <th scope="col">{doc.measured}</th>
                <th scope="col">{W.bakedAs}</th>
              </tr>
            </thead>
            <tbody>
              {doc.runs.map((r, i) => (
                <tr key={i}>
                  <th scope="row">{i + 1}</th>
                  {r.settings.map((s, f) => (
                    <td key={f}>{settingWords(doc.factors[f]!, s)}</td>
                  ))}
                  <td>
                    <Measured
                      label={W.ofBake({ measured: doc.measured, i: i + 1 })}
                      value={r.y}
                      disabled={putting.isLoading}
                      onKeep={(y) => measure(i, y)}
                    />
                  </td>
                  <td>
                    <NativeSelect
                      aria-label={W.trialOfBake({ i: i + 1 })}
                      disabled={putting.isLoading}
                      value={r.trialId ?? ''}
                      onChange={(e) => toTrial(i, e.currentTarget.value || null)}
                      data={[
                        { value: '', label: W.noTrial },
                        ...(trials?.trials ?? []).map((t) => ({ value: t.id, label: bakedOn(t) })),
                        // One that was taken out stays named.
                        ...(r.trialId && trials && !trials.trials.some((t) => t.id === r.trialId)
                          ? [{ value: r.trialId, label: W.aTrialThatIsNot }]
                          : []),
                      ]}
                    />
                    {r.trialId && (
                      <Button
                        component={Link}
                        to={`/notebook/${r.trialId}`}
                        size="compact-md"
                        variant="subtle"
                      >
                        {W.openIt}
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
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

/** A figure, kept when the field is left. */
function Measured({
  label,
  value,
  disabled,
  onKeep,
}: {
  label: string;
  value: number | null;
  disabled: boolean;
  onKeep: (y: number | null) => void;
}) {
  const [typed, setTyped] = useState<number | string | null>(null);
  const shown = typed ?? value ?? '';
  return (
    <NumberInput
      aria-label={label}
      w={110}
      hideControls
      disabled={disabled}
      value={shown}
      onChange={setTyped}
      onBlur={() => {
        const y = typeof shown === 'number' ? shown : null;
        if (typed !== null && y !== value) onKeep(y);
        setTyped(null);
      }}
    />
  );
}
