import { wrap, type Remote } from 'comlink';
import type { WorkInput, WorkName, WorkOutput } from '../../contract/work';
import type { CoreWorker } from './core.worker';

let remote: Remote<CoreWorker> | null = null;
let next = 1;

function start(): Remote<CoreWorker> {
  return wrap<CoreWorker>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }));
}

/** Runs a computation in the web worker, which is started on first use and kept. */
export async function compute<N extends WorkName>(name: N, input: WorkInput<N>): Promise<WorkOutput<N>> {
  remote ??= start();
  const answer = await remote.run({ id: next++, name, input });
  if ('failed' in answer) throw new Error(answer.failed);
  return answer.output as WorkOutput<N>;
}
