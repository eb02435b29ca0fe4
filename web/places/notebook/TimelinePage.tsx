import { withinSentence } from '../../words/case';
import { Button, Checkbox, Skeleton } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { bestOf, cameOf } from '../../../core/judge';
import { besideOf } from '../../../core/rebalance';
import { useFormulaQuery } from '../../api/api';
import { useTrialsQuery } from '../../api/notebook';
import { usePantry } from '../../pantry/usePantry';
import { toCsv } from '../../parts/csv';
import { fileName, saveFile } from '../../parts/saveFile';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { differenceWords } from '../../words/differences';
import { listed } from '../../words/plural';
import { TRIAL_COLUMNS, trialRows, trialsMarkdown } from '../../words/trialText';
import { cameWords, changeWords, OUTCOME_WORDS } from '../../words/trialWords';
import { useLaid } from './NotebookPage';
import { LostPage } from '../../shared/LostPage';
import classes from './notebook.module.css';
import { Multiples } from './Multiples';
import { Photo } from './Photos';
import { useVersions } from './useVersions';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.timelinePage;

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
  usePageTitle(detail ? W.trials({ detailTitle: detail.title }) : W.trials2);
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
  if (error) return <LostPage title={W.theseTrialsCannotBeShown} error={error} />;
  if (!data || !detail) return <Skeleton height={400} role="status" aria-label={W.fetchingTheTrials} />;
  const byId = new Map(trials.map((t) => [t.id, t]));
  const nameOf = (versionId: string): string => {
    const v = versions?.get(versionId);
    return v?.targetId ? v.name : W.asWritten;
  };
  const save = async (as: 'md' | 'csv') => {
    const all = trials.map((trial, i) => ({
      trial,
      version: nameOf(trial.versionId),
      changed: changes?.[i] ?? [],
    }));
    if (as === 'md')
      saveFile(
        fileName(W.trials3({ detailTitle: detail.title }), 'md'),
        trialsMarkdown(detail.title, all),
        'text/markdown',
      );
    else
      saveFile(
        fileName(W.trials3({ detailTitle: detail.title }), 'csv'),
        await toCsv(trialRows(all), TRIAL_COLUMNS),
        'text/csv',
      );
  };
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.trials4({ detailTitle: detail.title })}</h1>
        <span className="quiet">{W.trialCount({ n: trials.length })}</span>
        <Link to={`/formula/${id}/swap`}>{W.toTheDesk}</Link>
        <Link to={`/formula/${id}/versions`}>{W.versions}</Link>
        <Link to={`/formula/${id}/experiment`}>{W.planAnExperiment}</Link>
      </header>
      <div className={`${classes.bar} no-print`}>
        {button}
        {trials.length > 0 && changes && (
          <>
            <Button variant="default" size="compact-md" onClick={() => void save('md')}>
              {W.saveAsText}
            </Button>
            <Button variant="default" size="compact-md" onClick={() => void save('csv')}>
              {W.saveAsTable}
            </Button>
            <Button variant="default" size="compact-md" onClick={() => window.print()}>
              {W.print}
            </Button>
          </>
        )}
      </div>
      {trials.length === 0 && <p>{W.nothingOfItIsIn}</p>}
      <Multiples trials={trials} bestId={best?.id} originalId={original} />
      <ol className={classes.timeline} aria-label={W.trialsFirstToLast}>
        {original && trials.length > 0 && trials[0]!.versionId !== original && (
          <li>
            <b>
              <Link to={`/formula/${id}/card/${original}`}>{W.asWritten2}</Link>
            </b>{' '}
            <span className="small quiet">{W.theOriginalNotBakedSince}</span>
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
              {t.id === best?.id && <span className="small">{W.bestSoFar}</span>}
              <p className="small quiet">
                {nameOf(t.versionId)}
                {changed &&
                  (changed.length === 0
                    ? i === 0
                      ? ''
                      : W.theSameFormulaAgain
                    : `. ${i === 0 ? W.againstTheOriginal : W.againstTheTrialBefore}: ${changed.join(' ')}`)}
              </p>
              {t.tests && <p className="small">{W.itWasToTry({ change: changeWords(t.tests.repair) })}</p>}
              {came && <p>{cameWords(came)}</p>}
              {t.faults.length > 0 && (
                <p>{listed(t.faults.map((f) => withinSentence(FAULT_WORDS[f].name)))}</p>
              )}
              {t.photos.length > 0 && (
                <div className={classes.photos}>
                  {t.photos.slice(0, 3).map((p, k) => (
                    <Photo
                      key={p.hash}
                      photo={p}
                      alt={W.photo({ detailTitle: detail.title, bakedOn: bakedOn(t), k: k + 1 })}
                    />
                  ))}
                </div>
              )}
              {t.notes && <p className="quiet">{t.notes}</p>}
              {laidOf(t.id) !== null && (
                <Checkbox
                  className="no-print"
                  label={W.besideOthers}
                  aria-label={W.layTheTrialOfBeside({ bakedOn: bakedOn(t) })}
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
