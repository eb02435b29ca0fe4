import type { WorkAnswer, WorkJob, WorkRunner } from '../../contract/work';

/** The most of the worker's loop that is taken at a time, ms. */
const CHUNK_MS = 8;

export type OnProgress = (done: number, of: number) => void;

/** Lets whatever else has come in have its turn. */
const turn = (): Promise<void> =>
  new Promise((done) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      done();
    };
    port2.postMessage(null);
  });

/**
 * Does jobs in parts of at most 8 ms. The latest job of a place wins: an older one that is still being worked out
 * there is stopped. Progress is told between the parts.
 */
export function makeScheduler(
  { steps }: WorkRunner,
  now: () => number = () => performance.now(),
): (job: WorkJob, place: string, tell?: OnProgress) => Promise<WorkAnswer> {
  const latest = new Map<string, number>();
  return async (job, place, tell) => {
    latest.set(place, job.id);
    const work = steps(job);
    let since = now();
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      if (now() - since < CHUNK_MS) continue;
      tell?.(step.value.done, step.value.of);
      await turn();
      if (latest.get(place) !== job.id) return { id: job.id, stopped: true };
      since = now();
    }
  };
}
