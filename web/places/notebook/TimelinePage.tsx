import { Button, Checkbox, Skeleton } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { bestOf, cameOf } from '../../../core/judge';
import { besideOf } from '../../../core/rebalance';
import { useFormulaQuery, useTrialsQuery } from '../../api/api';
import { usePantry } from '../../pantry/usePantry';
import { toCsv } from '../../parts/csv';
import { fileName, saveFile } from '../../parts/saveFile';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { differenceWords } from '../../words/differences';
import { counted, listed } from '../../words/format';
import { TRIAL_COLUMNS, trialRows, trialsMarkdown } from '../../words/trialText';
import { cameWords, changeWords, OUTCOME_WORDS } from '../../words/trialWords';
import { useLaid } from './NotebookPage';
import { LostPage } from './LostPage';
import classes from './notebook.module.css';
import { Multiples } from './Multiples';
import { Photo } from './Photos';
import { useVersions } from './useVersions';
import { bakedOn } from './Why';

const MOST = '299';

/** All trials of a formula, first to last: what was changed from one to the next, and what came of it. */
export function TimelinePage() {
  const { id = '' } = useParams();
  const { data: detail } = useFormulaQuery(id);
  const { data, error } = useTrialsQuery({ formula: id, limit: MOST });
  const trials = useMemo(() => [...(data?.trials ?? [])].sort((a, b) => a.bakedAt - b.bakedAt), [data]);
  const original = detail?.versions[0]?.id;
  const { versions } = useVersions([...(original ? [original] : []), ...trials.map((t) => t.versionId)]);
  const { pantry } = usePantry();
  const { laidOf, lay, button } = useLaid();
  usePageTitle(detail ? `${detail.title}, trials` : 'Trials');
  // The original is what they are held against, not one of them.
  const best = bestOf(trials.filter((t) => t.versionId !== original));
  const changes = useMemo(() => {
    if (!versions || !original) return null;
    return trials.map((t, i) => {
      const before = versions.get(trials[i - 1]?.versionId ?? original)?.doc;
      const now = versions.get(t.versionId)?.doc;
      if (!before || !now) return null;
      if (before === now) return [];
      const docs = [before, now];
      return differenceWords(besideOf(docs, pantry.exact), docs, 1);
    });
  }, [versions, original, trials, pantry]);
  if (error) return <LostPage title="These trials cannot be shown" error={error} />;
  if (!data || !detail) return <Skeleton height={400} role="status" aria-label="Fetching the trials" />;
  const byId = new Map(trials.map((t) => [t.id, t]));
  const nameOf = (versionId: string): string => {
    const v = versions?.get(versionId);
    return v?.targetId ? v.name : 'as written';
  };
  const save = async (as: 'md' | 'csv') => {
    const all = trials.map((trial, i) => ({
      trial,
      version: nameOf(trial.versionId),
      changed: changes?.[i] ?? [],
    }));
    if (as === 'md')
      saveFile(fileName(`${detail.title} trials`, 'md'), trialsMarkdown(detail.title, all), 'text/markdown');
    else
      saveFile(
        fileName(`${detail.title} trials`, 'csv'),
        await toCsv(trialRows(all), TRIAL_COLUMNS),
        'text/csv',
      );
  };
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{detail.title}: trials</h1>
        <span className="quiet">{counted(trials.length, 'trial')}</span>
        <Link to={`/formula/${id}/swap`}>To the desk</Link>
        <Link to={`/formula/${id}/versions`}>Versions</Link>
        <Link to={`/formula/${id}/experiment`}>Plan an experiment</Link>
      </header>
      <div className={`${classes.bar} no-print`}>
        {button}
        {trials.length > 0 && changes && (
          <>
            <Button variant="default" size="compact-md" onClick={() => void save('md')}>
              Save as text
            </Button>
            <Button variant="default" size="compact-md" onClick={() => void save('csv')}>
              Save as table
            </Button>
            <Button variant="default" size="compact-md" onClick={() => window.print()}>
              Print
            </Button>
          </>
        )}
      </div>
      {trials.length === 0 && (
        <p>
          Nothing of it is in the notebook yet. After a bake press “Baked it” on the card of what you baked.
        </p>
      )}
      <Multiples trials={trials} bestId={best?.id} originalId={original} />
      <ol className={classes.timeline} aria-label="Trials, first to last">
        {original && trials.length > 0 && trials[0]!.versionId !== original && (
          <li>
            <b>
              <Link to={`/formula/${id}/card/${original}`}>As written</Link>
            </b>{' '}
            <span className="small quiet">the original, not baked since it is here</span>
          </li>
        )}
        {trials.map((t, i) => {
          const before = t.tests ? byId.get(t.tests.trialId) : undefined;
          const came = before ? cameOf(before, t) : null;
          const changed = changes?.[i] ?? null;
          return (
            <li key={t.id} data-best={t.id === best?.id || undefined}>
              <b>
                <Link to={`/notebook/${t.id}`}>{bakedOn(t)}</Link>
              </b>{' '}
              <span className={classes.mark} data-outcome={t.outcome}>
                {OUTCOME_WORDS[t.outcome]}
              </span>{' '}
              {t.id === best?.id && <span className="small">best so far</span>}
              <p className="small quiet">
                {nameOf(t.versionId)}
                {changed &&
                  (changed.length === 0
                    ? i === 0
                      ? ''
                      : ', the same formula again'
                    : `. ${i === 0 ? 'Against the original' : 'Against the trial before'}: ${changed.join(' ')}`)}
              </p>
              {t.tests && <p className="small">It was to try: {changeWords(t.tests.repair)}.</p>}
              {came && <p>{cameWords(came)}</p>}
              {t.faults.length > 0 && <p>{listed(t.faults.map((f) => FAULT_WORDS[f].name.toLowerCase()))}</p>}
              {t.photos.length > 0 && (
                <div className={classes.photos}>
                  {t.photos.slice(0, 3).map((p, k) => (
                    <Photo key={p.hash} photo={p} alt={`${detail.title}, ${bakedOn(t)}, photo ${k + 1}`} />
                  ))}
                </div>
              )}
              {t.notes && <p className="quiet">{t.notes}</p>}
              {laidOf(t.id) !== null && (
                <Checkbox
                  className="no-print"
                  label="Beside others"
                  aria-label={`Lay the trial of ${bakedOn(t)} beside others`}
                  checked={laidOf(t.id) ?? false}
                  onChange={(e) => lay(t.id)(e.currentTarget.checked)}
                />
              )}
            </li>
          );
        })}
      </ol>
    </main>
  );
}
