import { proxy, wrap, type Remote } from 'comlink';
import type { PantryRow } from '../../contract/dto';
import type { WorkInput, WorkName, WorkOutput } from '../../contract/work';
import type { CoreWorker } from './core.worker';
import type { TellProgress } from './turns';

let remote: Remote<CoreWorker> | null = null;
let told: readonly PantryRow[] | null = null;
let next = 1;

function start(): Remote<CoreWorker> {
  return wrap<CoreWorker>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }));
}

/**
 * Runs a computation in the web worker, which is started on first use and kept. It is told of the pantry once for
 * each that it has not seen. The latest job of a place wins: null for one that was overtaken.
 */
export async function compute<N extends WorkName>(
  name: N,
  input: WorkInput<N>,
  pantry: readonly PantryRow[],
  place: string,
  tell?: TellProgress,
): Promise<WorkOutput<N> | null> {
  remote ??= start();
  if (told !== pantry && (pantry.length > 0 || told !== null)) {
    told = pantry;
    void remote.run({ id: next++, name: 'pantry', input: [...pantry] }, 'pantry');
  }
  const job = { id: next++, name, input };
  const answer = await (tell ? remote.run(job, place, proxy(tell)) : remote.run(job, place));
  if ('stopped' in answer) return null;
  if ('failed' in answer) throw new Error(answer.failed);
  return answer.output as WorkOutput<N>;
}
