import { Skeleton } from '@mantine/core';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Version } from '../../../contract/dto';
import type { TrialRow } from '../../../contract/notebook';
import { SCORE_IDS, type Actual } from '../../../core/judge';
import { besideOf } from '../../../core/rebalance';
import { notebookApi } from '../../api/notebook';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { differenceWords } from '../../words/differences';
import { fixed, grams } from '../../words/format';
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
  ['loss', W.lostInTheOven, (x) => `${fixed(100 * x, 1)} %`],
  ['roomC', W.theKitchenHad, degrees],
];

/** Two to four trials beside each other: the photos, what differs in formula and process, what came of it. */
export function BesidePage() {
  const [search] = useSearchParams();
  const key = search.get('ids') ?? '';
  const dispatch = useAppDispatch();
  const { pantry } = usePantry();
  const [laid, setLaid] = useState<Laid[] | null>(null);
  const [lost, setLost] = useState(false);
  usePageTitle(W.trialsBesideEachOther);
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
  if (lost)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.oneOfTheseTrialsIs}>
          <Link to="/notebook">{W.toTheNotebook}</Link>
        </Notice>
      </main>
    );
  if (!laid) return <Skeleton height={400} role="status" aria-label={W.fetchingTheTrials} />;
  const rows = <T,>(of: (l: Laid) => T | undefined) => laid.map(of);
  const first = laid[0]!;
  const docs = laid.map((l) => l.version.doc);
  const measured = laid.flatMap((l) => l.trial.slices?.[0] ?? []);
  const pxPerMm = measured.length > 1 ? WIDEST_PX / Math.max(...measured.map((s) => s.wideMm)) : null;
  const beside = besideOf(docs, pantry.exact);
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
            {laid.some((l) => l.trial.photos.length > 0) && (
              <tr>
                <th scope="row">
                  {W.photo({
                    note: pxPerMm !== null && (
                      <span className="small quiet"> {W.measuredOnesAtOneScale}</span>
                    ),
                  })}
                </th>
                {laid.map(({ trial }) => (
                  <td key={trial.id}>
                    <Shown trial={trial} pxPerMm={pxPerMm} />
                  </td>
                ))}
              </tr>
            )}
            {measured.length > 0 && (
              <tr>
                <th scope="row">
                  {W.theSlice}
                  <br />
                  <span className="small quiet">{W.measuredOnThePhoto}</span>
                </th>
                {laid.map(({ trial }) => {
                  const slice = trial.slices?.[0];
                  return (
                    <td key={trial.id}>
                      {slice ? (
                        <ul>
                          {sliceLines(slice.numbers).map(([name, said]) => (
                            <li key={name}>
                              {name}: {said}
                            </li>
                          ))}
                          {slice !== measured[0] &&
                            sliceAgainst(measured[0]!.numbers, slice.numbers).map((d) => (
                              <li key={d}>
                                <b>{d}</b>
                              </li>
                            ))}
                        </ul>
                      ) : (
                        W.notMeasured
                      )}
                    </td>
                  );
                })}
              </tr>
            )}
            <tr>
              <th scope="row">{W.itCameOut}</th>
              {laid.map(({ trial }) => (
                <td key={trial.id} className={classes.mark} data-outcome={trial.outcome}>
                  {OUTCOME_WORDS[trial.outcome]}
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">{W.whatWasWrong}</th>
              {laid.map(({ trial }) => (
                <td key={trial.id}>{trial.faults.map((f) => FAULT_WORDS[f].name).join(', ') || W.nothing}</td>
              ))}
            </tr>
            <tr>
              <th scope="row">{W.formulaAgainstTheFirst}</th>
              {laid.map((l, k) => (
                <td key={l.trial.id}>
                  {l === first ? (
                    W.theFirst
                  ) : (
                    <ul>
                      {differenceWords(beside, docs, k).map((d) => (
                        <li key={d}>{d}</li>
                      ))}
                    </ul>
                  )}
                </td>
              ))}
            </tr>
            {PROCESS.filter(([k]) => laid.some((l) => l.trial.actual[k] !== undefined)).map(
              ([k, name, say]) => (
                <tr key={k}>
                  <th scope="row">{name}</th>
                  {rows((l) => l.trial.actual[k]).map((x, i) => (
                    <td key={i} className="num">
                      {typeof x === 'number' ? say(x) : W.notMeasured}
                    </td>
                  ))}
                </tr>
              ),
            )}
            {SCORE_IDS.filter((s) => laid.some((l) => l.trial.scores[s])).map((s) => (
              <tr key={s}>
                <th scope="row">
                  {SCORE_WORDS[s].name}
                  <br />
                  <span className="small quiet">
                    1 {SCORE_WORDS[s].low}, 5 {SCORE_WORDS[s].high}
                  </span>
                </th>
                {rows((l) => l.trial.scores[s]).map((x, i) => (
                  <td key={i} className="num">
                    {x ?? ''}
                  </td>
                ))}
              </tr>
            ))}
            {laid.some((l) => l.trial.notes) && (
              <tr>
                <th scope="row">{W.notes}</th>
                {laid.map(({ trial }) => (
                  <td key={trial.id}>{trial.notes}</td>
                ))}
              </tr>
            )}
          </tbody>
        </table>
      </div>
    </main>
  );
}
