import { Skeleton } from '@mantine/core';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Version } from '../../../contract/dto';
import type { TrialRow } from '../../../contract/notebook';
import { SCORE_IDS, type Actual } from '../../../core/judge';
import { besideOf } from '../../../core/rebalance';
import type { SliceNumbers } from '../../../core/slice';
import { notebookApi } from '../../api/notebook';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { differenceWords } from '../../words/differences';
import { fixed, grams, inPercent } from '../../words/format';
import { degrees } from '../../words/heat';
import { sliceAgainst, sliceLines } from '../../words/sliceWords';
import { OUTCOME_WORDS, SCORE_WORDS } from '../../words/trialWords';
import classes from './notebook.module.css';
import { Photo } from './Photos';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.besidePage;

type Laid = { trial: TrialRow; version: Version };
const MOST = 4;
/** The widest of the photos that are shown at one scale, px. */
const WIDEST_PX = 260;
const BAR_MM = 20;

/** The photo of a trial; where it and others were measured, all at one scale with a bar. */
function Shown({ trial, pxPerMm }: { trial: TrialRow; pxPerMm: number | null }) {
  const slice = trial.slices?.[0];
  const photo = trial.photos.find((p) => p.hash === slice?.photo) ?? trial.photos[0];
  if (!photo) return null;
  const shown = <Photo photo={photo} alt={`${trial.title}, ${bakedOn(trial)}`} />;
  if (!slice || pxPerMm === null) return shown;
  return (
    <div className={classes.scaled} style={{ width: slice.wideMm * pxPerMm }}>
      {shown}
      <span className={classes.scaleBar} style={{ width: BAR_MM * pxPerMm }}>
        {W.mm({ bARMM: BAR_MM })}
      </span>
    </div>
  );
}

/** Rows of how it was baked, each as it is told. */
const PROCESS: [keyof Actual, string, (x: number) => string][] = [
  ['massG', W.inTheBowls, grams],
  ['feelG', W.waterByFeel, grams],
  ['riseMin', W.itRose, (x) => W.min({ number: fixed(x, 0) })],
  ['bakeMin', W.itBaked, (x) => W.min({ number: fixed(x, 0) })],
  ['coreC', W.middleWhenOut, degrees],
  ['coolMin', W.cutAfter, (x) => W.min({ number: fixed(x, 0) })],
  ['loss', W.lostInTheOven, (x) => inPercent(x, 1)],
  ['roomC', W.theKitchenHad, degrees],
];

/** The trials of some ids with the versions they were baked from, the oldest first; null until they are there. */
function useLaid(key: string): { laid: Laid[] | null; lost: boolean } {
  const dispatch = useAppDispatch();
  const [laid, setLaid] = useState<Laid[] | null>(null);
  const [lost, setLost] = useState(false);
  useEffect(() => {
    let over = false;
    const load = async () => {
      const ids = key.split(',').filter(Boolean).slice(0, MOST);
      const all = await Promise.all(
        ids.map(async (id) => {
          const trial = await dispatch(
            notebookApi.endpoints.trial.initiate(id, { subscribe: false }),
          ).unwrap();
          const version = await dispatch(
            notebookApi.endpoints.version.initiate(trial.versionId, { subscribe: false }),
          ).unwrap();
          return { trial, version };
        }),
      );
      if (!over) setLaid(all.sort((a, b) => a.trial.bakedAt - b.trial.bakedAt));
    };
    load().catch(() => !over && setLost(true));
    return () => {
      over = true;
    };
  }, [key, dispatch]);
  return { laid, lost };
}

/** A row of the table: its name, and what it is of each trial. */
function Row({
  name,
  note,
  laid,
  num = false,
  children,
}: {
  name: React.ReactNode;
  note?: string;
  laid: readonly Laid[];
  num?: boolean;
  children: (l: Laid, at: number) => React.ReactNode;
}) {
  return (
    <tr>
      <th scope="row">
        {name}
        {note !== undefined && (
          <>
            <br />
            <span className="small quiet">{note}</span>
          </>
        )}
      </th>
      {laid.map((l, at) => (
        <td key={l.trial.id} {...(num && { className: 'num' })}>
          {children(l, at)}
        </td>
      ))}
    </tr>
  );
}

/** What the cut slice measured, and how it differs from that of the first that was measured. */
function Slice({ of, first }: { of: TrialRow; first: SliceNumbers }) {
  const numbers = of.slices?.[0]?.numbers;
  if (!numbers) return W.notMeasured;
  return (
    <ul>
      {sliceLines(numbers).map(([name, said]) => (
        <li key={name}>
          {name}: {said}
        </li>
      ))}
      {numbers !== first &&
        sliceAgainst(first, numbers).map((d) => (
          <li key={d}>
            <b>{d}</b>
          </li>
        ))}
    </ul>
  );
}

/** The photos, and what was measured on them. */
function Looks({ laid }: { laid: readonly Laid[] }) {
  const measured = laid.flatMap((l) => l.trial.slices?.[0] ?? []);
  const first = measured[0]?.numbers;
  const pxPerMm = measured.length > 1 ? WIDEST_PX / Math.max(...measured.map((s) => s.wideMm)) : null;
  const scaled = pxPerMm !== null && <span className="small quiet"> {W.measuredOnesAtOneScale}</span>;
  return (
    <>
      {laid.some((l) => l.trial.photos.length > 0) && (
        <Row name={W.photo({ note: scaled })} laid={laid}>
          {({ trial }) => <Shown trial={trial} pxPerMm={pxPerMm} />}
        </Row>
      )}
      {first && (
        <Row name={W.theSlice} note={W.measuredOnThePhoto} laid={laid}>
          {({ trial }) => <Slice of={trial} first={first} />}
        </Row>
      )}
    </>
  );
}

/** What differs in the formulas, how each was baked, what was said of it. */
function Differences({ laid }: { laid: readonly Laid[] }) {
  const { pantry } = usePantry();
  const docs = laid.map((l) => l.version.doc);
  const beside = besideOf(docs, pantry.exact);
  return (
    <>
      <Row name={W.formulaAgainstTheFirst} laid={laid}>
        {(_l, at) =>
          at === 0 ? (
            W.theFirst
          ) : (
            <ul>
              {differenceWords(beside, docs, at).map((d) => (
                <li key={d}>{d}</li>
              ))}
            </ul>
          )
        }
      </Row>
      {PROCESS.filter(([k]) => laid.some((l) => l.trial.actual[k] !== undefined)).map(([k, name, say]) => (
        <Row key={k} name={name} laid={laid} num>
          {({ trial }) => {
            const x = trial.actual[k];
            return typeof x === 'number' ? say(x) : W.notMeasured;
          }}
        </Row>
      ))}
      {SCORE_IDS.filter((s) => laid.some((l) => l.trial.scores[s])).map((s) => (
        <Row
          key={s}
          name={SCORE_WORDS[s].name}
          note={`1 ${SCORE_WORDS[s].low}, 5 ${SCORE_WORDS[s].high}`}
          laid={laid}
          num
        >
          {({ trial }) => trial.scores[s] ?? ''}
        </Row>
      ))}
      {laid.some((l) => l.trial.notes) && (
        <Row name={W.notes} laid={laid}>
          {({ trial }) => trial.notes}
        </Row>
      )}
    </>
  );
}

/** Two to four trials beside each other: the photos, what differs in formula and process, what came of it. */
export function BesidePage() {
  const [search] = useSearchParams();
  const { laid, lost } = useLaid(search.get('ids') ?? '');
  usePageTitle(W.trialsBesideEachOther);
  if (lost)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.oneOfTheseTrialsIs}>
          <Link to="/notebook">{W.toTheNotebook}</Link>
        </Notice>
      </main>
    );
  if (!laid) return <Skeleton height={400} role="status" aria-label={W.fetchingTheTrials} />;
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.besideEachOther}</h1>
        <Link to="/notebook">{W.toTheNotebook}</Link>
      </header>
      <div className={classes.wide} role="region" aria-label={W.trialsBesideEachOther} tabIndex={0}>
        <table className={classes.compare}>
          <thead>
            <tr>
              <th scope="col">{W.trial}</th>
              {laid.map(({ trial, version }) => (
                <th key={trial.id} scope="col">
                  <Link to={`/notebook/${trial.id}`}>{trial.title}</Link>
                  <br />
                  <span className="small quiet">
                    {bakedOn(trial)}, {version.targetId ? version.name : W.asWritten}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Looks laid={laid} />
            <Row name={W.itCameOut} laid={laid}>
              {({ trial }) => (
                <span className={classes.mark} data-outcome={trial.outcome}>
                  {OUTCOME_WORDS[trial.outcome]}
                </span>
              )}
            </Row>
            <Row name={W.whatWasWrong} laid={laid}>
              {({ trial }) => trial.faults.map((f) => FAULT_WORDS[f].name).join(', ') || W.nothing}
            </Row>
            <Differences laid={laid} />
          </tbody>
        </table>
      </div>
    </main>
  );
}
