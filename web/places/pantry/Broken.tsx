import { Button } from '@mantine/core';
import { useRemovePantryMutation, useRestorePantryMutation } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { saveFile } from '../../parts/saveFile';
import { sayDone } from '../../parts/sayDone';
import { sayNot } from '../../parts/sayNot';
import { usePantry } from '../../pantry/usePantry';
import { counted } from '../../words/format';

const nameOf = (doc: unknown): string =>
  doc !== null && typeof doc === 'object' && typeof (doc as { name?: unknown }).name === 'string'
    ? (doc as { name: string }).name
    : 'something without a name';

/** Things in the pantry that cannot be read: named, to be kept in a file, and taken out. */
export function Broken() {
  const { broken } = usePantry();
  const [remove] = useRemovePantryMutation();
  const [restore] = useRestorePantryMutation();
  if (broken.length === 0) return null;
  const itemIds = [...new Set(broken.map((b) => b.itemId))];
  async function takeOut() {
    const done = await remove(itemIds);
    if ('error' in done) sayNot('Not taken out', done.error);
    else sayDone('Taken out of the pantry', () => restore(itemIds));
  }
  return (
    <Notice kind="trouble" title={`${counted(itemIds.length, 'thing')} here cannot be read`}>
      {broken.map((b) => nameOf(b.doc)).join(', ')}. It stands for nothing, and everything else works. Save
      it, take it out, and put it in anew.
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
          Save it as a file
        </Button>
        <Button size="compact-md" variant="light" mt={8} onClick={() => void takeOut()}>
          Take it out
        </Button>
      </div>
    </Notice>
  );
}
