import { Button } from '@mantine/core';
import { useRemovePantryMutation, useRestorePantryMutation } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { saveFile } from '../../parts/saveFile';
import { toastUndo } from '../../parts/toastUndo';
import { toastError } from '../../parts/toastError';
import { usePantry } from '../../pantry/usePantry';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.broken;

const nameOf = (doc: unknown): string =>
  doc !== null && typeof doc === 'object' && typeof (doc as { name?: unknown }).name === 'string'
    ? (doc as { name: string }).name
    : W.somethingWithoutAName;

/** Things in the pantry that cannot be read: named, to be kept in a file, and taken out. */
export function Broken() {
  const { broken } = usePantry();
  const [remove] = useRemovePantryMutation();
  const [restore] = useRestorePantryMutation();
  if (broken.length === 0) return null;
  const itemIds = [...new Set(broken.map((b) => b.itemId))];
  async function takeOut() {
    const done = await remove(itemIds);
    if ('error' in done) toastError(W.notTakenOut, done.error);
    else toastUndo(W.takenOutOfThePantry, () => restore(itemIds));
  }
  return (
    <Notice kind="trouble" title={W.hereCannotBeRead({ count: W.thingCount({ n: itemIds.length }) })}>
      {W.itStandsForNothingAnd({ broken: broken.map((b) => nameOf(b.doc)).join(', ') })}
      <div>
        <Button
          size="compact-md"
          variant="light"
          mt={8}
          mr={8}
          onClick={() =>
            saveFile('pantry-not-read.json', JSON.stringify(broken, null, 2), 'application/json')
          }
        >
          {W.saveItAsAFile}
        </Button>
        <Button size="compact-md" variant="light" mt={8} onClick={() => void takeOut()}>
          {W.takeItOut}
        </Button>
      </div>
    </Notice>
  );
}
