import { Button, Skeleton } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { CLASSES } from '../../../core/classes';
import { mainPart } from '../../../core/formula';
import { cameOf } from '../../../core/judge';
import { useVersionQuery } from '../../api/api';
import { useRemoveTrialMutation, useRestoreTrialMutation, useTrialQuery } from '../../api/notebook';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { cameWords, changeWords } from '../../words/trialWords';
import { Judge, Outcome } from './Judge';
import { LostPage } from '../../shared/LostPage';
import classes from './notebook.module.css';
import { useTakeOut } from './useTakeOut';
import { useTrial } from '../../shared/useTrial';
import { bakedOn, Why } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.trialPage;

const KEPT = {
  kept: W.allKept,
  keeping: W.keeping,
  waiting: W.theServerDoesNotAnswer,
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
  usePageTitle(doc ? W.trial({ docTitle: doc.title }) : W.trial2);
  if (error) return <LostPage title={W.thisTrialCannotBeShown} error={error} />;
  if (!doc) return <Skeleton height={500} role="status" aria-label={W.fetchingTheTrial} />;
  const part = version && mainPart(version.doc.parts);
  const came = before ? cameOf(before, doc) : null;
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{doc.title}</h1>
        <span className="quiet">
          {bakedOn(doc)}
          {version?.targetId ? `, ${version.name}` : W.asWritten}
        </span>
        <Link to={`/formula/${doc.formulaId}/trials`}>{W.allTrialsOfIt}</Link>
        {doc.runId && <Link to={`/bench/${doc.runId}/record`}>{W.whatHappened}</Link>}
        <span className="small quiet" role="status">
          {refused ? sayProblem(refused) : KEPT[state]}
        </span>
      </header>
      {clash && (
        <Notice kind="trouble" title={W.thisTrialWasChangedElsewhere}>
          <Button size="compact-md" variant="default" onClick={takeTheirs}>
            {W.takeWhatIsThere}
          </Button>{' '}
          <Button size="compact-md" variant="default" onClick={keepMine}>
            {W.keepWhatIsHere}
          </Button>
        </Notice>
      )}
      {doc.tests && (
        <p className={`sheet ${classes.part}`} role="note">
          {W.itWasToTry({ change: changeWords(doc.tests.repair) })}{' '}
          {before && <Link to={`/notebook/${doc.tests.trialId}`}>{W.theTrialBefore}</Link>}{' '}
          {came && cameWords(came)}
        </p>
      )}
      <Outcome trial={doc} set={set} />
      {version && (version.targetId === null || source) && (
        <Why id={id} trial={doc} version={version} written={source?.doc ?? null} lookup={pantry.exact} />
      )}
      <Judge id={id} trial={doc} family={part ? CLASSES[part.classId].family : null} set={set} />
      <Button variant="subtle" color="gray" onClick={() => void takeOut(id)}>
        {W.takeThisTrialOut}
      </Button>
    </main>
  );
}
