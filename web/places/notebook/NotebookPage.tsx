import { Button, Checkbox, NativeSelect, Skeleton, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { TrialQuery, TrialRow } from '../../../contract/notebook';
import { FAULT_IDS } from '../../../core/judge';
import {
  problemIn,
  useExperimentsQuery,
  useRunsQuery,
  useTastingsQuery,
  useTrialsQuery,
} from '../../api/api';
import { FaultDrawing } from '../../drawings/FaultDrawing';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { counted, listed } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { OUTCOME_WORDS } from '../../words/trialWords';
import classes from './notebook.module.css';
import { Photo } from './Photos';
import { bakedOn } from './Why';

const PAGE = 60;
const MOST_BESIDE = 4;
/** Runs of so many days are shown as long as nothing was said of them. */
const OPEN_DAYS = 3;

/** A trial in a few words and a picture. */
export function TrialCard({
  trial,
  laid,
  onLay,
}: {
  trial: TrialRow;
  laid: boolean | null;
  onLay: (on: boolean) => void;
}) {
  const photo = trial.photos[0];
  const fault = trial.faults[0];
  return (
    <li className="sheet">
      <Link to={`/notebook/${trial.id}`} className={classes.thumb} aria-hidden="true" tabIndex={-1}>
        {photo ? <Photo photo={photo} alt="" /> : <FaultDrawing fault={fault ?? null} />}
      </Link>
      <Link to={`/notebook/${trial.id}`}>
        <b>{trial.title}</b>
      </Link>
      <span className="small quiet">{bakedOn(trial)}</span>
      <span className={classes.mark} data-outcome={trial.outcome}>
        {OUTCOME_WORDS[trial.outcome]}
      </span>
      {trial.faults.length > 0 && (
        <span className="small">{listed(trial.faults.map((f) => FAULT_WORDS[f].name.toLowerCase()))}</span>
      )}
      {trial.notes && <span className="small quiet">{trial.notes.slice(0, 120)}</span>}
      {laid !== null && (
        <Checkbox
          label="Beside others"
          aria-label={`Lay ${trial.title} of ${bakedOn(trial)} beside others`}
          checked={laid}
          onChange={(e) => onLay(e.currentTarget.checked)}
        />
      )}
    </li>
  );
}

/** Trials picked to be laid beside each other. */
export function useLaid() {
  const [ids, setIds] = useState<string[]>([]);
  const navigate = useNavigate();
  return {
    laidOf: (id: string): boolean | null =>
      ids.includes(id) ? true : ids.length < MOST_BESIDE ? false : null,
    lay: (id: string) => (on: boolean) => setIds((all) => (on ? [...all, id] : all.filter((x) => x !== id))),
    button: ids.length >= 2 && (
      <>
        <Button onClick={() => void navigate(`/notebook/beside?ids=${ids.join(',')}`)}>
          Lay {ids.length} beside each other
        </Button>
        {ids.length === 2 && (
          <Button variant="default" onClick={() => void navigate(`/notebook/taste?ids=${ids.join(',')}`)}>
            Taste them blind
          </Button>
        )}
      </>
    ),
  };
}

/** The notebook: what was baked, the latest first, and what came of it. */
export function NotebookPage() {
  const [q, setQ] = useState('');
  const [fault, setFault] = useState('');
  const [from, setFrom] = useState(0);
  const [words] = useDebouncedValue(q, 200);
  const query: TrialQuery = {
    ...(words.trim() ? { q: words.trim() } : {}),
    ...(fault ? { fault } : {}),
    from: String(from),
    limit: String(PAGE),
  };
  const { data, error } = useTrialsQuery(query);
  const { data: runs = [] } = useRunsQuery();
  const { data: tastings = [] } = useTastingsQuery();
  const { data: experiments = [] } = useExperimentsQuery();
  const { laidOf, lay, button } = useLaid();
  usePageTitle('Notebook');
  const told = new Set(data?.trials.map((t) => t.runId));
  const open = runs.filter((r) => !told.has(r.id) && Date.now() - r.begunAt < OPEN_DAYS * 86_400_000);
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>Notebook</h1>
        {data && <span className="quiet">{counted(data.found, 'trial')}</span>}
      </header>
      {open.length > 0 && (
        <section className={`sheet ${classes.part}`} aria-label="Nothing said of them yet">
          <h2>Nothing said of them yet</h2>
          <ul>
            {open.map((r) => (
              <li key={r.id}>
                <Link to={`/notebook/new?run=${r.id}`}>{r.title}</Link>{' '}
                <span className="small quiet">
                  {bakedOn({ bakedAt: r.begunAt })}. <Link to={`/bench/${r.id}`}>Back to the bench</Link>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {experiments.length > 0 && (
        <section className={`sheet ${classes.part}`} aria-label="Experiments">
          <h2>Experiments</h2>
          <ul>
            {experiments
              .slice(-5)
              .reverse()
              .map((x) => (
                <li key={x.id}>
                  <Link to={`/notebook/experiment/${x.id}`}>{x.title}</Link>{' '}
                  <span className="small quiet">
                    {x.runs.filter((r) => r.y !== null).length} of {counted(x.runs.length, 'bake')} measured
                  </span>
                </li>
              ))}
          </ul>
        </section>
      )}
      {tastings.length > 0 && (
        <section className={`sheet ${classes.part}`} aria-label="Tasted blind">
          <h2>Tasted blind</h2>
          <ul>
            {tastings
              .slice(-5)
              .reverse()
              .map((t) => (
                <li key={t.id}>
                  <Link to={`/notebook/tasting/${t.id}`}>{t.title}</Link>{' '}
                  <span className="small quiet">
                    {bakedOn({ bakedAt: t.at })}, {t.servings.filter((s) => s.said !== null).length} of{' '}
                    {t.servings.length} have answered
                  </span>
                </li>
              ))}
          </ul>
        </section>
      )}
      <search className={classes.bar}>
        <TextInput
          label="Words in title or notes"
          value={q}
          onChange={(e) => {
            setQ(e.currentTarget.value);
            setFrom(0);
          }}
        />
        <NativeSelect
          label="What was wrong"
          value={fault}
          onChange={(e) => {
            setFault(e.currentTarget.value);
            setFrom(0);
          }}
          data={[
            { value: '', label: 'anything' },
            ...FAULT_IDS.map((f) => ({ value: f, label: FAULT_WORDS[f].name })),
          ]}
        />
        {button}
      </search>
      {error && (
        <Notice kind="trouble" title="The notebook cannot be shown">
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {!data && !error && <Skeleton height={300} role="status" aria-label="Fetching the notebook" />}
      {data && data.trials.length === 0 && (
        <p>
          {words || fault
            ? 'No trial with that in it.'
            : 'Nothing is written down yet. When something comes out of the oven, press “Baked it” on its card: one more press and it is here.'}
        </p>
      )}
      {data && (
        <ul className={classes.list} aria-label="Trials">
          {data.trials.map((t) => (
            <TrialCard key={t.id} trial={t} laid={laidOf(t.id)} onLay={lay(t.id)} />
          ))}
        </ul>
      )}
      {data && data.found > PAGE && (
        <div className={classes.bar}>
          <Button variant="default" disabled={from === 0} onClick={() => setFrom(Math.max(0, from - PAGE))}>
            Later ones
          </Button>
          <Button variant="default" disabled={from + PAGE >= data.found} onClick={() => setFrom(from + PAGE)}>
            Earlier ones
          </Button>
        </div>
      )}
    </main>
  );
}
