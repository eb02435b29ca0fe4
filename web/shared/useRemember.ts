import { useCallback } from 'react';
import { useStore } from 'react-redux';
import { remembered, withRemembered } from '../../core/reading';
import type { RootState } from '../store/store';
import { api } from '../api/api';
import { useChangeKitchen } from './useChangeKitchen';

/** Keeps what the baker said of names, as [written, the thing meant], so that the next paste is read so. */
export function useRemember(): (said: readonly [string, string][]) => void {
  const store = useStore<RootState>();
  const { change } = useChangeKitchen();
  return useCallback(
    (said) => {
      const all = said.flatMap(([name, means]) => remembered(name, means) ?? []);
      if (all.length === 0) return;
      const before = api.endpoints.kitchen.select()(store.getState()).data?.names ?? [];
      void change({ names: all.reduce(withRemembered, before) });
    },
    // What changes the kitchen looks at it when it does so.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
    [store],
  );
}
