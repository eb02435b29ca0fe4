import { wrap, type Remote } from 'comlink';
import type { PantryRow } from '../../contract/dto';
import type { WorkInput, WorkName, WorkOutput } from '../../contract/work';
import type { CoreWorker } from './core.worker';

let remote: Remote<CoreWorker> | null = null;
let told: readonly PantryRow[] | null = null;
let next = 1;

function start(): Remote<CoreWorker> {
  return wrap<CoreWorker>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }));
}

/**
 * Runs a computation in the web worker, which is started on first use and kept. It is told of the pantry once for
 * each that it has not seen; jobs are done in the order they are sent.
 */
export async function compute<N extends WorkName>(
  name: N,
  input: WorkInput<N>,
  pantry: readonly PantryRow[],
): Promise<WorkOutput<N>> {
  remote ??= start();
  if (told !== pantry && (pantry.length > 0 || told !== null)) {
    told = pantry;
    void remote.run({ id: next++, name: 'pantry', input: [...pantry] });
  }
  const answer = await remote.run({ id: next++, name, input });
  if ('failed' in answer) throw new Error(answer.failed);
  return answer.output as WorkOutput<N>;
}
