import { Button, Skeleton } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { CLASSES } from '../../../core/classes';
import { mainPart } from '../../../core/formula';
import { cameOf } from '../../../core/judge';
import {
  useRemoveTrialMutation,
  useRestoreTrialMutation,
  useTrialQuery,
  useVersionQuery,
} from '../../api/api';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { cameWords, changeWords } from '../../words/trialWords';
import { Judge, Outcome } from './Judge';
import { LostPage } from './LostPage';
import classes from './notebook.module.css';
import { useTakeOut } from './useTakeOut';
import { useTrial } from './useTrial';
import { bakedOn, Why } from './Why';

const KEPT = {
  kept: 'All kept',
  keeping: 'Keeping',
  waiting: 'The server does not answer; it is tried again.',
};

/** One trial: how it came out, what is wrong, why, and what to try. */
export function TrialPage() {
  const { id = '' } = useParams();
  return <One key={id} id={id} />;
}

function One({ id }: { id: string }) {
  const { doc, set, state, clash, takeTheirs, keepMine, refused, error } = useTrial(id);
  const { data: version } = useVersionQuery(doc?.versionId ?? '', { skip: !doc });
  const { data: source } = useVersionQuery(version?.targetId ?? '', { skip: !version?.targetId });
  const { data: before } = useTrialQuery(doc?.tests?.trialId ?? '', { skip: !doc?.tests });
  const { pantry } = usePantry();
  const [remove] = useRemoveTrialMutation();
  const [restore] = useRestoreTrialMutation();
  const takeOut = useTakeOut(remove, restore);
  usePageTitle(doc ? `${doc.title}, trial` : 'Trial');
  if (error) return <LostPage title="This trial cannot be shown" error={error} />;
  if (!doc) return <Skeleton height={500} role="status" aria-label="Fetching the trial" />;
  const part = version && mainPart(version.doc.parts);
  const came = before ? cameOf(before, doc) : null;
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{doc.title}</h1>
        <span className="quiet">
          {bakedOn(doc)}
          {version?.targetId ? `, ${version.name}` : ', as written'}
        </span>
        <Link to={`/formula/${doc.formulaId}/trials`}>All trials of it</Link>
        {doc.runId && <Link to={`/bench/${doc.runId}/record`}>What happened</Link>}
        <span className="small quiet" role="status">
          {refused ? sayProblem(refused) : KEPT[state]}
        </span>
      </header>
      {clash && (
        <Notice kind="trouble" title="This trial was changed elsewhere in the meantime">
          <Button size="compact-md" variant="default" onClick={takeTheirs}>
            Take what is there
          </Button>{' '}
          <Button size="compact-md" variant="default" onClick={keepMine}>
            Keep what is here
          </Button>
        </Notice>
      )}
      {doc.tests && (
        <p className={`sheet ${classes.part}`} role="note">
          It was to try: {changeWords(doc.tests.repair)}.{' '}
          {before && <Link to={`/notebook/${doc.tests.trialId}`}>The trial before</Link>}{' '}
          {came && cameWords(came)}
        </p>
      )}
      <Outcome trial={doc} set={set} />
      {version && (version.targetId === null || source) && (
        <Why id={id} trial={doc} version={version} written={source?.doc ?? null} lookup={pantry.exact} />
      )}
      <Judge id={id} trial={doc} family={part ? CLASSES[part.classId].family : null} set={set} />
      <Button variant="subtle" color="gray" onClick={() => void takeOut(id)}>
        Take this trial out
      </Button>
    </main>
  );
}
