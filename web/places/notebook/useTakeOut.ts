import { useNavigate } from 'react-router';
import { toastUndo } from '../../parts/toastUndo';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.useTakeOut;

/** Takes something out of the notebook and goes back there; what was taken out can be put back. */
export function useTakeOut(
  remove: (id: string) => Promise<object>,
  restore: (id: string) => Promise<unknown>,
): (id: string) => Promise<void> {
  const navigate = useNavigate();
  return async (id) => {
    const done = await remove(id);
    if ('error' in done) return;
    await navigate('/notebook');
    toastUndo(W.takenOutOfTheNotebook, () => restore(id));
  };
}
