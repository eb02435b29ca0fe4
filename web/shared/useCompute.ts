import { startTransition, useCallback, useEffect, useId, useState } from 'react';
import type { WorkInput, WorkName, WorkOutput } from '../../contract/work';
import { usePantry } from '../pantry/usePantry';
import { compute, ComputeError, type ComputeFault } from '../workers/compute';

export type Computed<T> = {
  output: T | null;
  working: boolean;
  failed: ComputeFault | null;
  /** How far long work is, 0 to 1; null where it is not long. */
  progress: number | null;
  /** Asks once more, after it failed. */
  again: () => void;
};

/**
 * The result of a computation for the latest input, worked out in the worker. While a newer one is on its way
 * the older stays on show; an answer that comes late for an older input is dropped. It waits for the pantry, and is
 * worked out anew when that changes.
 */
export function useCompute<N extends WorkName>(
  name: N,
  input: WorkInput<N> | null,
  delayMs = 0,
): Computed<WorkOutput<N>> {
  const { rows, ready } = usePantry();
  const key = input === null || !ready ? null : JSON.stringify(input);
  const [done, setDone] = useState<{
    key: string;
    rows: unknown;
    output: WorkOutput<N> | null;
    failed: ComputeFault | null;
  } | null>(null);
  const place = useId();
  const [tries, setTries] = useState(0);
  const [progress, setProgress] = useState<number | null>(null);
  useEffect(() => {
    if (key === null) return;
    let stale = false;
    let ended = false;
    const timer = setTimeout(() => {
      compute(
        name,
        JSON.parse(key) as WorkInput<N>,
        rows,
        place,
        // Told over a channel of its own: the last words may come after the answer.
        (at, of) => !stale && !ended && setProgress(at / of),
      ).then(
        (output) => {
          ended = true;
          if (stale || output === null) return;
          // Drawn in slices: keys and presses come first.
          startTransition(() => {
            setDone({ key, rows, output, failed: null });
            setProgress(null);
          });
        },
        (error: unknown) =>
          !stale &&
          setDone((last) => ({
            key,
            rows,
            output: last?.output ?? null,
            failed: error instanceof ComputeError ? error.fault : 'failed',
          })),
      );
    }, delayMs);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [name, key, rows, delayMs, place, tries]);
  const again = useCallback(() => {
    setDone((last) => last && { ...last, failed: null, key: '' });
    setTries((n) => n + 1);
  }, []);
  return {
    output: done?.output ?? null,
    working: input !== null && (done?.key !== key || done?.rows !== rows),
    failed: done?.failed ?? null,
    progress,
    again,
  };
}
