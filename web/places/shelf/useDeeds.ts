import { useMemo } from 'react';
import type { FormulaCard } from '../../../contract/dto';
import {
  useChangeFormulaMutation,
  useDeleteFormulaMutation,
  useDuplicateFormulaMutation,
  useRestoreFormulaMutation,
} from '../../api/api';
import { toastUndo } from '../../parts/toastUndo';
import { toastError } from '../../parts/toastError';
import { useMayChange } from '../../shared/useMayChange';
import { shelfWords } from '../../words/data/en/shelf';

const W = shelfWords.shelfPage;

/** What can be done with a formula of the shelf. */
export type Deeds = {
  takeOff: (card: FormulaCard) => Promise<void>;
  putAside: (card: FormulaCard, archived: boolean) => Promise<void>;
  copy: (card: FormulaCard) => Promise<void>;
};
export const titleOf = (card: FormulaCard): string => card.title || W.untitledFormula;

/** The deeds of all rows, made once; null for who may change nothing. */
export function useDeeds(): Deeds | null {
  const mayChange = useMayChange();
  const [remove] = useDeleteFormulaMutation();
  const [restore] = useRestoreFormulaMutation();
  const [change] = useChangeFormulaMutation();
  const [duplicate] = useDuplicateFormulaMutation();
  return useMemo(
    () =>
      mayChange
        ? {
            takeOff: async (card) => {
              const done = await remove(card.id);
              if ('error' in done) toastError(W.notDeleted, done.error);
              else toastUndo(W.isDeleted({ title: titleOf(card) }), () => restore(card.id));
            },
            putAside: async (card, archived) => {
              const { id } = card;
              const done = await change({ id, archived });
              if ('error' in done) toastError(W.notArchived, done.error);
              else if (archived)
                toastUndo(W.isArchived({ title: titleOf(card) }), () => change({ id, archived: false }));
            },
            copy: async (card) => {
              const done = await duplicate(card.id);
              if ('error' in done) toastError(W.notCopied, done.error);
            },
          }
        : null,
    [mayChange, remove, restore, change, duplicate],
  );
}
