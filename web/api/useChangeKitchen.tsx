import { useStore } from 'react-redux';
import { DEFAULT_KITCHEN, type Kitchen } from '../../contract/dto';
import { useAppDispatch, useAppSelector, type RootState } from '../app/store';
import { Notice } from '../parts/Notice';
import { sayProblem } from '../words/problems';
import { api, problemIn, usePutKitchenMutation } from './api';
import { kitchenLine } from './kitchenSlice';

/**
 * Changes some of what is kept of the kitchen, on what it is at that moment; `trouble` is shown where it could not be
 * kept. Every change can be undone while the page is open.
 */
export function useChangeKitchen() {
  const store = useStore<RootState>();
  const dispatch = useAppDispatch();
  const line = useAppSelector((s) => s.kitchenLine);
  const [put, putting] = usePutKitchenMutation();
  const now = (): Kitchen => api.endpoints.kitchen.select()(store.getState()).data ?? DEFAULT_KITCHEN;
  const change = async (more: Partial<Kitchen>) => {
    const before = now();
    const done = await put({ ...before, ...more });
    if (!('error' in done)) dispatch(kitchenLine.changed(before));
    return done;
  };
  const step = async (
    to: Kitchen | undefined,
    said: typeof kitchenLine.undone | typeof kitchenLine.redone,
  ) => {
    if (!to) return;
    const before = now();
    const done = await put(to);
    if (!('error' in done)) dispatch(said(before));
  };
  const trouble = putting.error !== undefined && (
    <Notice kind="trouble" title="Not kept">
      {sayProblem(problemIn(putting.error)?.code ?? null)}
    </Notice>
  );
  return {
    change,
    trouble,
    canUndo: line.past.length > 0,
    canRedo: line.future.length > 0,
    undo: () => step(line.past.at(-1), kitchenLine.undone),
    redo: () => step(line.future[0], kitchenLine.redone),
  };
}
