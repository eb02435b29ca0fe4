import { notifications } from '@mantine/notifications';
import { problemIn } from '../api/api';
import { sayProblem } from '../words/problems';

/** Says what could not be done, and why. */
export function sayNot(title: string, error: unknown): void {
  notifications.show({
    color: 'beet',
    title,
    closeButtonProps: { 'aria-label': 'Close' },
    message: sayProblem(problemIn(error)?.code ?? null),
  });
}
