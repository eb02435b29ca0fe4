import { notify } from './notify';
import { problemIn } from '../api/ask';
import { sayProblem } from '../words/problems';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.toastError;

/** Says what could not be done, and why. */
export function toastError(title: string, error: unknown): void {
  void notify({
    color: 'beet',
    title,
    closeButtonProps: { 'aria-label': W.close },
    message: sayProblem(problemIn(error)?.code ?? null),
  });
}
