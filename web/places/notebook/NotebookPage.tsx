import { withinSentence } from '../../words/case';
import { Button, Checkbox, NativeSelect, Skeleton, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { TrialQuery, TrialRow } from '../../../contract/notebook';
import { FAULT_IDS } from '../../../core/judge';
import { problemIn } from '../../api/ask';
import { useExperimentsQuery, useTastingsQuery, useTrialsQuery } from '../../api/notebook';
import { useRunsQuery } from '../../api/days';
import { FaultDrawing } from '../../drawings/FaultDrawing';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { listed } from '../../words/plural';
import { sayProblem } from '../../words/problems';
import { OUTCOME_WORDS } from '../../words/trialWords';
import classes from './notebook.module.css';
import { Photo } from './Photos';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.notebookPage;

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
        <span className="small">{listed(trial.faults.map((f) => withinSentence(FAULT_WORDS[f].name)))}</span>
      )}
      {trial.notes && <span className="small quiet">{trial.notes.slice(0, 120)}</span>}
      {laid !== null && (
        <Checkbox
          label={W.besideOthers}
          aria-label={W.layOfBesideOthers({ trialTitle: trial.title, bakedOn: bakedOn(trial) })}
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
          {W.layBesideEachOther({ idsCount: ids.length })}
        </Button>
        {ids.length === 2 && (
          <Button variant="default" onClick={() => void navigate(`/notebook/taste?ids=${ids.join(',')}`)}>
            {W.tasteThemBlind}
          </Button>
        )}
      </>
    ),
  };
}

/** A list of things that have a page, each with a word on how far it is. */
function Named<T extends { id: string; title: string }>({
  title,
  of,
  to,
  children,
}: {
  title: string;
  of: readonly T[];
  to: (one: T) => string;
  children: (one: T) => React.ReactNode;
}) {
  if (of.length === 0) return null;
  return (
    <section className={`sheet ${classes.part}`} aria-label={title}>
      <h2>{title}</h2>
      <ul>
        {of.map((one) => (
          <li key={one.id}>
            <Link to={to(one)}>{one.title}</Link> <span className="small quiet">{children(one)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
/** The last few, the latest first. */
const latest = <T,>(of: readonly T[]): T[] => of.slice(-5).reverse();

/** What is open: bakes of which nothing was said, experiments, tastings. */
function Open({ trials }: { trials: readonly TrialRow[] }) {
  const { data: runs = [] } = useRunsQuery();
  const { data: tastings = [] } = useTastingsQuery();
  const { data: experiments = [] } = useExperimentsQuery();
  const told = new Set(trials.map((t) => t.runId));
  const open = runs.filter((r) => !told.has(r.id) && Date.now() - r.begunAt < OPEN_DAYS * 86_400_000);
  return (
    <>
      <Named title={W.nothingSaidOfThemYet} of={open} to={(r) => `/notebook/new?run=${r.id}`}>
        {(r) => (
          <>
            {bakedOn({ bakedAt: r.begunAt })}. <Link to={`/bench/${r.id}`}>{W.backToTheBench}</Link>
          </>
        )}
      </Named>
      <Named title={W.experiments} of={latest(experiments)} to={(x) => `/notebook/experiment/${x.id}`}>
        {(x) =>
          W.ofMeasured({
            filterCount: x.runs.filter((r) => r.y !== null).length,
            count: W.bakeCount({ n: x.runs.length }),
          })
        }
      </Named>
      <Named title={W.tastedBlind} of={latest(tastings)} to={(t) => `/notebook/tasting/${t.id}`}>
        {(t) =>
          W.ofHaveAnswered({
            bakedOn: bakedOn({ bakedAt: t.at }),
            filterCount: t.servings.filter((s) => s.said !== null).length,
            servingsCount: t.servings.length,
          })
        }
      </Named>
    </>
  );
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
  const { laidOf, lay, button } = useLaid();
  usePageTitle(W.notebook);
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.notebook}</h1>
        {data && <span className="quiet">{W.trialCount({ n: data.found })}</span>}
      </header>
      <Open trials={data?.trials ?? []} />
      <search className={classes.bar}>
        <TextInput
          label={W.wordsInTitleOrNotes}
          value={q}
          onChange={(e) => {
            setQ(e.currentTarget.value);
            setFrom(0);
          }}
        />
        <NativeSelect
          label={W.whatWasWrong}
          value={fault}
          onChange={(e) => {
            setFault(e.currentTarget.value);
            setFrom(0);
          }}
          data={[
            { value: '', label: W.anything },
            ...FAULT_IDS.map((f) => ({ value: f, label: FAULT_WORDS[f].name })),
          ]}
        />
        {button}
      </search>
      {error && (
        <Notice kind="trouble" title={W.theNotebookCannotBeShown}>
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {!data && !error && <Skeleton height={300} role="status" aria-label={W.fetchingTheNotebook} />}
      {data && data.trials.length === 0 && (
        <p>{words || fault ? W.noTrialWithThatIn : W.nothingIsWrittenDownYet}</p>
      )}
      {data && (
        <ul className={classes.list} aria-label={W.trials}>
          {data.trials.map((t) => (
            <TrialCard key={t.id} trial={t} laid={laidOf(t.id)} onLay={lay(t.id)} />
          ))}
        </ul>
      )}
      {data && data.found > PAGE && (
        <div className={classes.bar}>
          <Button variant="default" disabled={from === 0} onClick={() => setFrom(Math.max(0, from - PAGE))}>
            {W.laterOnes}
          </Button>
          <Button variant="default" disabled={from + PAGE >= data.found} onClick={() => setFrom(from + PAGE)}>
            {W.earlierOnes}
          </Button>
        </div>
      )}
    </main>
  );
}
