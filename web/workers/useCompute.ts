import { useEffect, useState } from 'react';
import type { WorkInput, WorkName, WorkOutput } from '../../contract/work';
import { compute } from './compute';

export type Computed<T> = { output: T | null; working: boolean; failed: string | null };

/**
 * The result of a computation for the latest input, worked out in the worker. While a newer one is on its way
 * the older stays on show; an answer that comes late for an older input is dropped.
 */
export function useCompute<N extends WorkName>(
  name: N,
  input: WorkInput<N> | null,
  delayMs = 0,
): Computed<WorkOutput<N>> {
  const [state, setState] = useState<Computed<WorkOutput<N>>>({ output: null, working: true, failed: null });
  const key = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (key === null) return;
    let stale = false;
    setState((s) => ({ ...s, working: true }));
    const timer = setTimeout(() => {
      compute(name, JSON.parse(key) as WorkInput<N>).then(
        (output) => !stale && setState({ output, working: false, failed: null }),
        (error: unknown) =>
          !stale && setState((s) => ({ ...s, working: false, failed: error instanceof Error ? error.message : String(error) })),
      );
    }, delayMs);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [name, key, delayMs]);
  return state;
}
