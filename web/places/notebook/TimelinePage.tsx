import { withinSentence } from '../../words/case';
import { Button, Checkbox, Skeleton } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import type { TrialRow } from '../../../contract/notebook';
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
import { bakedOn, MOST_TRIALS } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.timelinePage;

/** What each trial changed against the one before it, the first against the original; null until all of it is there. */
function useChanges(
  trials: readonly TrialRow[],
  original: string | undefined,
  versions: ReturnType<typeof useVersions>['versions'],
): (string[] | null)[] | null {
  const { pantry } = usePantry();
  return useMemo(() => {
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
}

/** All trials of a formula, first to last: what was changed from one to the next, and what came of it. */
export function TimelinePage() {
  const { id = '' } = useParams();
  const { data: detail } = useFormulaQuery(id);
  const { data, error } = useTrialsQuery({ formula: id, limit: MOST_TRIALS });
  const trials = useMemo(() => [...(data?.trials ?? [])].sort((a, b) => a.bakedAt - b.bakedAt), [data]);
  const original = detail?.versions[0]?.id;
  const { versions } = useVersions([...(original ? [original] : []), ...trials.map((t) => t.versionId)]);
  const { laidOf, lay, button } = useLaid();
  usePageTitle(detail ? W.trials({ detailTitle: detail.title }) : W.trials2);
  const changes = useChanges(trials, original, versions);
  if (error) return <LostPage title={W.theseTrialsCannotBeShown} error={error} />;
  if (!data || !detail) return <Skeleton height={400} role="status" aria-label={W.fetchingTheTrials} />;
  // The original is what they are held against, not one of them.
  const best = bestOf(trials.filter((t) => t.versionId !== original));
  const byId = new Map(trials.map((t) => [t.id, t]));
  const nameOf = (versionId: string): string => {
    const v = versions?.get(versionId);
    return v?.targetId ? v.name : W.asWritten;
  };
  const told = trials.map((trial, i) => ({
    trial,
    version: nameOf(trial.versionId),
    changed: changes?.[i] ?? null,
  }));
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
        {trials.length > 0 && changes && <Saving title={detail.title} told={told} />}
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
        {told.map((one, i) => (
          <li key={one.trial.id} data-best={one.trial.id === best?.id || undefined}>
            <One
              {...one}
              at={i}
              isBest={one.trial.id === best?.id}
              before={one.trial.tests ? byId.get(one.trial.tests.trialId) : undefined}
              title={detail.title}
            />
            {laidOf(one.trial.id) !== null && (
              <Checkbox
                className="no-print"
                label={W.besideOthers}
                aria-label={W.layTheTrialOfBeside({ i: i + 1 })}
                checked={laidOf(one.trial.id) ?? false}
                onChange={(e) => lay(one.trial.id)(e.currentTarget.checked)}
              />
            )}
          </li>
        ))}
      </ol>
    </main>
  );
}

type Told = { trial: TrialRow; version: string; changed: string[] | null };

/** The trials as a file, or on paper. */
function Saving({ title, told }: { title: string; told: readonly Told[] }) {
  const all = told.map((t) => ({ ...t, changed: t.changed ?? [] }));
  const name = W.trials3({ detailTitle: title });
  const saveTable = async (): Promise<void> =>
    saveFile(fileName(name, 'csv'), await toCsv(trialRows(all), TRIAL_COLUMNS), 'text/csv');
  return (
    <>
      <Button
        variant="default"
        size="compact-md"
        onClick={() => saveFile(fileName(name, 'md'), trialsMarkdown(title, all), 'text/markdown')}
      >
        {W.saveAsText}
      </Button>
      <Button variant="default" size="compact-md" onClick={() => void saveTable()}>
        {W.saveAsTable}
      </Button>
      <Button variant="default" size="compact-md" onClick={() => window.print()}>
        {W.print}
      </Button>
    </>
  );
}

/** One trial, by its place among all: what was changed for it, and what came of it. */
function One({
  trial: t,
  version,
  changed,
  at,
  isBest,
  before,
  title,
}: Told & { at: number; isBest: boolean; before: TrialRow | undefined; title: string }) {
  const came = before ? cameOf(before, t) : null;
  const against = at === 0 ? W.againstTheOriginal : W.againstTheTrialBefore;
  const same = at === 0 ? '' : W.theSameFormulaAgain;
  return (
    <>
      <b>
        <Link to={`/notebook/${t.id}`}>{W.trialOf({ i: at + 1, bakedOn: bakedOn(t) })}</Link>
      </b>{' '}
      <span className={classes.mark} data-outcome={t.outcome}>
        {OUTCOME_WORDS[t.outcome]}
      </span>{' '}
      {isBest && <span className="small">{W.bestSoFar}</span>}
      <p className="small quiet">
        {version}
        {changed && (changed.length === 0 ? same : `. ${against}: ${changed.join(' ')}`)}
      </p>
      {t.tests && <p className="small">{W.itWasToTry({ change: changeWords(t.tests.repair) })}</p>}
      {came && <p>{cameWords(came)}</p>}
      {t.faults.length > 0 && <p>{listed(t.faults.map((f) => withinSentence(FAULT_WORDS[f].name)))}</p>}
      {t.photos.length > 0 && (
        <div className={classes.photos}>
          {t.photos.slice(0, 3).map((p, k) => (
            <Photo
              key={p.hash}
              photo={p}
              alt={W.photo({ detailTitle: title, bakedOn: bakedOn(t), k: k + 1 })}
            />
          ))}
        </div>
      )}
      {t.notes && <p className="quiet">{t.notes}</p>}
    </>
  );
}
