import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';

let said = 0;

/** Says what was done, with the way back: a button of `words` that does `back`. Each is told, also of the same thing. */
export function sayDone(
  title: string,
  back: () => Promise<unknown>,
  words: 'Put back' | 'Undo' = 'Put back',
): void {
  const key = `done-${++said}`;
  notifications.show({
    id: key,
    autoClose: 12_000,
    closeButtonProps: { 'aria-label': 'Close' },
    title,
    message: (
      <Button
        size="compact-md"
        variant="light"
        onClick={() => void back().then(() => notifications.hide(key))}
      >
        {words}
      </Button>
    ),
  });
}
