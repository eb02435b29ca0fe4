import { atHead } from '../../words/case';
import { Button, Group } from '@mantine/core';
import { saving, useAppDispatch } from '../../store/store';
import { Notice } from '../../parts/Notice';
import { fileName, saveFile } from '../../parts/saveFile';
import { sayStanding } from '../../words/savingWords';
import { copyFile } from '../../working/copyFile';
import { workingCopy } from '../../working/workingSlice';
import type { WorkingState } from '../../working/workingState';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.saved;

/** Where the saving does not go by itself: what stands in its way, and what can be done. */
export function Saved({ state, title }: { state: WorkingState; title: string }) {
  const dispatch = useAppDispatch();
  const { standing, browserFull, doc, formulaId } = state;
  const asFile = doc && (
    <Button
      size="compact-md"
      variant="default"
      onClick={() =>
        saveFile(
          fileName(W.workingCopy({ title }), 'jsonl'),
          copyFile(title, doc, new Date().toISOString(), () => crypto.randomUUID()),
          'application/x-ndjson',
        )
      }
    >
      {W.saveItAsAFile}
    </Button>
  );
  if (standing.is === 'conflict')
    return (
      <Notice kind="trouble" title={W.thisFormulaWasChangedIn}>
        {W.bothAreStillThereWhichever}
        <Group mt={8} gap={8}>
          <Button size="compact-md" variant="light" onClick={() => dispatch(workingCopy.mineTaken())}>
            {W.goOnWithWhatIs}
          </Button>
          {standing.theirs && (
            <Button size="compact-md" variant="light" onClick={() => dispatch(workingCopy.theirsTaken())}>
              {W.takeTheOtherTabs}
            </Button>
          )}
          {asFile}
        </Group>
      </Notice>
    );
  const unsaved = standing.is === 'waiting' || standing.is === 'refused';
  if (!unsaved && !(browserFull && standing.is === 'changed')) return null;
  return (
    <Notice kind="trouble" title={unsaved ? W.notSavedYet : W.thisBrowserHasNoRoom}>
      {unsaved
        ? atHead(sayStanding(standing, browserFull).replace(/^not saved(?: yet)?[:.] /, ''))
        : W.whatYouChangeIsSaved}
      <Group mt={8} gap={8}>
        {unsaved && (
          <Button
            size="compact-md"
            variant="light"
            onClick={() => formulaId && void saving.saver.retry(formulaId)}
          >
            {W.tryNow}
          </Button>
        )}
        {asFile}
      </Group>
    </Notice>
  );
}
