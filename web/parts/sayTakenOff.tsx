import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';

/** Says that a thing was taken off, with the way back. */
export function sayTakenOff(key: string, title: string, putBack: () => Promise<unknown>): void {
  notifications.show({
    id: key,
    autoClose: 12_000,
    closeButtonProps: { 'aria-label': 'Close' },
    title,
    message: (
      <Button
        size="compact-md"
        variant="light"
        onClick={() => void putBack().then(() => notifications.hide(key))}
      >
        Put back
      </Button>
    ),
  });
}
