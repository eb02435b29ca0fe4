import { Button } from '@mantine/core';
import { notify, unnotify } from './notify';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.toastUndo;

let said = 0;

/** Says what was done, with the way back: a button that says `words` that does `back`. Each is told, also of the same thing. */
export function toastUndo(
  title: string,
  back: () => Promise<unknown>,
  words: 'putBack' | 'undo' = 'putBack',
): void {
  const key = `done-${++said}`;
  void notify({
    id: key,
    autoClose: 12_000,
    closeButtonProps: { 'aria-label': W.close },
    title,
    message: (
      <Button size="compact-md" variant="light" onClick={() => void back().then(() => unnotify(key))}>
        {W[words]}
      </Button>
    ),
  });
}
