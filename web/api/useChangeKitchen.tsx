import { useStore } from 'react-redux';
import { DEFAULT_KITCHEN, type Kitchen } from '../../contract/dto';
import type { RootState } from '../app/store';
import { Notice } from '../parts/Notice';
import { sayProblem } from '../words/problems';
import { api, problemIn, usePutKitchenMutation } from './api';

/**
 * Changes some of what is kept of the kitchen, on what it is at that moment; `trouble` is shown where it could not be
 * kept.
 */
export function useChangeKitchen() {
  const store = useStore<RootState>();
  const [put, putting] = usePutKitchenMutation();
  const change = (more: Partial<Kitchen>) => {
    const { data = DEFAULT_KITCHEN } = api.endpoints.kitchen.select()(store.getState());
    return put({ ...data, ...more });
  };
  const trouble = putting.error !== undefined && (
    <Notice kind="trouble" title="Not kept">
      {sayProblem(problemIn(putting.error)?.code ?? null)}
    </Notice>
  );
  return { change, trouble };
}
