import { Button, Group } from '@mantine/core';
import { saving, useAppDispatch } from '../../app/store';
import { Notice } from '../../parts/Notice';
import { fileName, saveFile } from '../../parts/saveFile';
import { sayStanding } from '../../words/savingWords';
import { copyFile } from '../../working/copyFile';
import { workingCopy, type WorkingState } from '../../working/workingSlice';

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
          fileName(`${title} working copy`, 'jsonl'),
          copyFile(title, doc, new Date().toISOString(), () => crypto.randomUUID()),
          'application/x-ndjson',
        )
      }
    >
      Save it as a file
    </Button>
  );
  if (standing.is === 'conflict')
    return (
      <Notice kind="trouble" title="This formula was changed in another tab as well">
        Both are still there. Whichever you go on with, the other waits beside it.
        <Group mt={8} gap={8}>
          <Button size="compact-md" variant="light" onClick={() => dispatch(workingCopy.mineTaken())}>
            Go on with what is here
          </Button>
          {standing.theirs && (
            <Button size="compact-md" variant="light" onClick={() => dispatch(workingCopy.theirsTaken())}>
              Take the other tab’s
            </Button>
          )}
          {asFile}
        </Group>
      </Notice>
    );
  const unsaved = standing.is === 'waiting' || standing.is === 'refused';
  if (!unsaved && !(browserFull && standing.is === 'changed')) return null;
  return (
    <Notice kind="trouble" title={unsaved ? 'Not saved yet' : 'This browser has no room left'}>
      {unsaved
        ? capital(sayStanding(standing, browserFull).replace(/^not saved(?: yet)?[:.] /, ''))
        : 'What you change is saved on the server as before; only the spare copy in this browser is missing.'}
      <Group mt={8} gap={8}>
        {unsaved && (
          <Button
            size="compact-md"
            variant="light"
            onClick={() => formulaId && void saving.saver.retry(formulaId)}
          >
            Try now
          </Button>
        )}
        {asFile}
      </Group>
    </Notice>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
