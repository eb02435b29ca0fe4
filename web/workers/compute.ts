import { proxy, wrap, type Remote } from 'comlink';
import type { PantryRow } from '../../contract/dto';
import type { WorkAnswer, WorkInput, WorkJob, WorkName, WorkOutput } from '../../contract/work';
import type { CoreWorker } from './core.worker';
import type { OnProgress } from './turns';

/** Why there is no answer: no worker came to be, the work took too long, or it failed. */
export type ComputeFault = 'blocked' | 'tooLong' | 'failed';
export class ComputeError extends Error {
  constructor(readonly fault: ComputeFault) {
    super(fault);
  }
}

/** So long a worker may take to say that it is there, ms: on a slow machine its code is fetched and read first. */
const MOST_START_MS = 20_000;
/** So long a job may go on without an answer or a word of how far it is, ms. */
const MOST_QUIET_MS = 30_000;
/** A job that lost its worker through no fault of its own is done again so often. */
const MOST_TRIES = 3;

type Pending = {
  name: WorkName;
  input: unknown;
  place: string;
  pantry: readonly PantryRow[];
  tell: OnProgress | undefined;
  tries: number;
  answer: (a: WorkAnswer) => void;
  fail: (e: ComputeError) => void;
};
type Live = {
  worker: Worker;
  remote: Remote<CoreWorker>;
  ready: Promise<unknown>;
  told: readonly PantryRow[] | null;
};

let live: Live | null = null;
let next = 1;
const pending = new Set<Pending>();

/** Rejects after so long; `stop` lets it go. */
function limit(ms: number): { reached: Promise<never>; again: () => void; stop: () => void } {
  let timer: ReturnType<typeof setTimeout>;
  let again = () => undefined as void;
  const reached = new Promise<never>((_done, refuse) => {
    again = () => {
      clearTimeout(timer);
      timer = setTimeout(() => refuse(new ComputeError('tooLong')), ms);
    };
    again();
  });
  return { reached, again: () => again(), stop: () => clearTimeout(timer) };
}

function start(): Live {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<CoreWorker>(worker);
  const broke = new Promise<never>((_done, refuse) => {
    worker.addEventListener('error', () => refuse(new ComputeError('failed')));
  });
  const waited = limit(MOST_START_MS);
  const ready = Promise.race([remote.hello(), broke, waited.reached]).finally(waited.stop);
  const made: Live = { worker, remote, ready, told: null };
  ready.then(
    () => broke.catch(() => give(made, 'failed', null)),
    () => give(made, 'blocked', null),
  );
  return made;
}

/**
 * Gives a worker up. The job that was to blame fails, and all of them where no worker comes to be; the others are done by
 * the next one.
 */
function give(up: Live, fault: ComputeFault, culprit: Pending | null): void {
  if (live !== up) return;
  live = null;
  up.worker.terminate();
  const all = [...pending];
  pending.clear();
  for (const p of all)
    if (p === culprit || fault === 'blocked' || p.tries >= MOST_TRIES) p.fail(new ComputeError(fault));
    else void begin(p);
}

async function begin(p: Pending): Promise<void> {
  p.tries += 1;
  pending.add(p);
  try {
    live ??= start();
  } catch {
    pending.delete(p);
    p.fail(new ComputeError('blocked'));
    return;
  }
  const mine = live;
  try {
    await mine.ready;
  } catch {
    return;
  }
  if (live !== mine || !pending.has(p)) return;
  if (mine.told !== p.pantry && (p.pantry.length > 0 || mine.told !== null)) {
    mine.told = p.pantry;
    void mine.remote
      .run({ id: next++, name: 'pantry', input: [...p.pantry] }, 'pantry')
      .catch(() => undefined);
  }
  const waited = limit(MOST_QUIET_MS);
  const { tell, name, input, place } = p;
  const job = { id: next++, name, input } as WorkJob;
  const heard: OnProgress = (at, of) => {
    waited.again();
    tell?.(at, of);
  };
  try {
    const answer = await Promise.race([
      tell ? mine.remote.run(job, place, proxy(heard)) : mine.remote.run(job, place),
      waited.reached,
    ]);
    if (pending.delete(p)) p.answer(answer);
  } catch (error) {
    if (!pending.has(p)) return;
    if (error instanceof ComputeError) give(mine, 'tooLong', p);
    else if (pending.delete(p)) p.fail(new ComputeError('failed'));
  } finally {
    waited.stop();
  }
}

/**
 * Runs a computation in the web worker, which is started on first use and kept. It is told of the pantry once for
 * each that it has not seen. The latest job of a place wins: null for one that was overtaken. It always ends: with an
 * answer, or a ComputeError that says why there is none.
 */
export async function compute<N extends WorkName>(
  name: N,
  input: WorkInput<N>,
  pantry: readonly PantryRow[],
  place: string,
  tell?: OnProgress,
): Promise<WorkOutput<N> | null> {
  const answer = await new Promise<WorkAnswer>((done, fail) => {
    void begin({ name, input, place, pantry, tell, tries: 0, answer: done, fail });
  });
  if ('stopped' in answer) return null;
  if ('failed' in answer) throw new ComputeError('failed');
  return answer.output as WorkOutput<N>;
}
