import { Button, NumberInput, Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { ExperimentRow } from '../../../contract/notebook';
import { analysed, resolutionOf } from '../../../core/judge';
import {
  problemIn,
  useExperimentQuery,
  usePutExperimentMutation,
  useRemoveExperimentMutation,
  useRestoreExperimentMutation,
} from '../../api/api';
import { Notice } from '../../parts/Notice';
import { sayDone } from '../../parts/sayDone';
import { usePageTitle } from '../../parts/usePageTitle';
import {
  analysisWords,
  bendWords,
  effectWords,
  resolutionWords,
  settingWords,
} from '../../words/experimentWords';
import { sayProblem } from '../../words/problems';
import { EffectChart } from './EffectChart';
import classes from './notebook.module.css';

/** An experiment: the bakes in their order, what was measured, and in the end what it shows. */
export function ExperimentPage() {
  const { id = '' } = useParams();
  const { data, error } = useExperimentQuery(id);
  usePageTitle(data ? data.title : 'An experiment');
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title="This experiment cannot be shown">
          {sayProblem(problemIn(error)?.code ?? null)} <Link to="/notebook">To the notebook</Link>
        </Notice>
      </main>
    );
  return data ? (
    <One row={data} />
  ) : (
    <Skeleton height={400} role="status" aria-label="Fetching the experiment" />
  );
}

function One({ row }: { row: ExperimentRow }) {
  const { id, rev, ...doc } = row;
  const [put, putting] = usePutExperimentMutation();
  const [remove] = useRemoveExperimentMutation();
  const [restore] = useRestoreExperimentMutation();
  const navigate = useNavigate();
  const analysis = analysed(doc);
  const done = doc.runs.filter((r) => r.y !== null).length;
  const measure = (at: number, y: number | null) =>
    void put({ id, rev, doc: { ...doc, runs: doc.runs.map((r, i) => (i === at ? { ...r, y } : r)) } });
  const out = async () => {
    const gone = await remove(id);
    if ('error' in gone) return;
    await navigate('/notebook');
    sayDone('Taken out of the notebook', () => restore(id));
  };
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{doc.title}</h1>
        <Link to={`/formula/${doc.formulaId}/trials`}>Its trials</Link>
        <Link to="/notebook">To the notebook</Link>
      </header>
      <section className={`sheet ${classes.part}`} aria-label="What it shows">
        <h2>What it shows</h2>
        {analysis ? (
          <>
            <p role="status">{analysisWords(doc, analysis)}</p>
            <EffectChart factors={doc.factors} analysis={analysis} />
            <ul>
              {analysis.effects.map((e) => (
                <li key={e.of.join()}>{effectWords(doc.factors, e)}</li>
              ))}
              {analysis.bend && <li>{bendWords(analysis.bend)}</li>}
            </ul>
          </>
        ) : (
          <p role="status">
            {done} of {doc.runs.length} baked. What it shows is told when all are:{' '}
            {resolutionWords(resolutionOf(doc.factors.length, doc.halvings))}
          </p>
        )}
      </section>
      {putting.error && (
        <Notice kind="trouble" title="It was not kept">
          {sayProblem(problemIn(putting.error)?.code ?? null)}
        </Notice>
      )}
      <section className={`sheet ${classes.part}`}>
        <h2>The bakes, in this order</h2>
        <p className="small quiet">
          The order is drawn by lot, so that a warm afternoon or a new packet is not taken for one of the
          factors. Keep it.
        </p>
        <div className={classes.wide} role="region" aria-label="The bakes" tabIndex={0}>
          <table className={classes.served}>
            <thead>
              <tr>
                <th scope="col">Bake</th>
                {doc.factors.map((f) => (
                  <th key={f.name} scope="col">
                    {f.name}
                  </th>
                ))}
                <th scope="col">{doc.measured}</th>
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
                      label={`${doc.measured} of bake ${i + 1}`}
                      value={r.y}
                      disabled={putting.isLoading}
                      onKeep={(y) => measure(i, y)}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <div className={`${classes.bar} no-print`}>
          <Button variant="default" onClick={() => window.print()}>
            Print
          </Button>
          <Button variant="subtle" color="gray" onClick={() => void out()}>
            Take this experiment out
          </Button>
        </div>
      </section>
    </main>
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
