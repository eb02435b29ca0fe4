import { Worker } from 'node:worker_threads';
import {
  makeWorker,
  type WorkAnswer,
  type WorkInput,
  type WorkJob,
  type WorkName,
  type WorkOutput,
} from '../../contract/work';
import type { PantryRow } from '../../contract/dto';
import { refuse } from '../services/fail';

/** Where the heavy calls are done: a thread in the running server, in place where a test wants no thread. */
export type Compute = {
  run<N extends WorkName>(name: N, input: WorkInput<N>): Promise<WorkOutput<N>>;
  /** Tells the baker's own things; jobs asked for after it know them. */
  know(pantry: PantryRow[]): void;
  close(): Promise<void>;
};

class WorkFailedError extends Error {}

function unwrap(answer: WorkAnswer): unknown {
  if ('output' in answer) return answer.output;
  throw new WorkFailedError('failed' in answer ? answer.failed : 'stopped');
}

export function inPlace(): Compute {
  const { run: doJob } = makeWorker();
  return {
    run: async (name, input) => {
      await Promise.resolve();
      return unwrap(doJob({ id: 0, name, input })) as never;
    },
    know: (input) => void unwrap(doJob({ id: 0, name: 'pantry', input })),
    close: () => Promise.resolve(),
  };
}

/** A job that takes longer than this is given up and its thread replaced, so that the next ones are served. */
const MOST_MS = 20_000;

/** Computes in a worker thread, so that the server goes on answering meanwhile. */
export function inThread(script: URL, mostMs = MOST_MS): Compute {
  let next = 1;
  const waiting = new Map<number, { answer: (a: WorkAnswer) => void; fail: (e: Error) => void }>();
  const failAll = (error: Error) => {
    for (const w of waiting.values()) w.fail(error);
    waiting.clear();
  };
  let known: PantryRow[] | null = null;
  const start = (): Worker => {
    const made = new Worker(script);
    if (known) made.postMessage({ id: 0, name: 'pantry', input: known } satisfies WorkJob);
    made.on('message', (a: WorkAnswer) => {
      waiting.get(a.id)?.answer(a);
      waiting.delete(a.id);
    });
    made.on('error', (error) => {
      failAll(error instanceof Error ? error : new Error(String(error)));
      worker = start();
    });
    made.unref();
    return made;
  };
  let worker = start();
  return {
    run: (name, input) => {
      const id = next++;
      return new Promise<WorkAnswer>((resolve, reject) => {
        const timer = setTimeout(() => {
          void worker.terminate();
          worker = start();
          waiting.delete(id);
          failAll(new WorkFailedError('restarted'));
          reject(new WorkFailedError('too long'));
        }, mostMs);
        const done =
          <T>(f: (x: T) => void) =>
          (x: T) => {
            clearTimeout(timer);
            f(x);
          };
        waiting.set(id, { answer: done(resolve), fail: done(reject) });
        worker.postMessage({ id, name, input } satisfies WorkJob);
      }).then(
        (a) => unwrap(a) as never,
        (error: unknown) =>
          error instanceof WorkFailedError ? refuse('work.tooLong') : Promise.reject(error as Error),
      );
    },
    know: (pantry) => {
      known = pantry;
      worker.postMessage({ id: 0, name: 'pantry', input: pantry } satisfies WorkJob);
    },
    close: async () => {
      await worker.terminate();
    },
  };
}
