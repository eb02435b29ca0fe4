import { setMaxListeners } from 'node:events';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import { checkLines } from '../../contract/lines';
import {
  makeWorker,
  type WorkAnswer,
  type WorkInput,
  type WorkName,
  type WorkOutput,
} from '../../contract/work';
import type { PantryRow } from '../../contract/dto';
import { refuse } from '../services/fail';
import type { SharedPantry, ThreadJob } from './thread';

/** Who asks, and when they no longer want it. */
export type Asker = { client: string; signal?: AbortSignal };
/** Where the heavy calls are done: threads beside the running server, in place where a test wants no thread. */
export type Compute = {
  run<N extends WorkName>(name: N, input: WorkInput<N>, asker: Asker): Promise<WorkOutput<N>>;
  /** Tells the baker's own things; jobs asked for after it know them. */
  know(pantry: PantryRow[]): void;
  /** The same threads for another kitchen, whose own things are others. */
  beside(): Compute;
  close(): Promise<void>;
};

function unwrap(answer: WorkAnswer): unknown {
  if ('output' in answer) return answer.output;
  return 'failed' in answer ? refuse('work.failed') : refuse('work.dropped');
}

export function inPlace(): Compute {
  const { run: doJob } = makeWorker({ checkLines });
  return {
    run: async (name, input) => {
      await Promise.resolve();
      return unwrap(doJob({ id: 0, name, input })) as never;
    },
    know: (input) => void unwrap(doJob({ id: 0, name: 'pantry', input })),
    beside: inPlace,
    close: () => Promise.resolve(),
  };
}

export type PoolOptions = {
  threads?: number;
  /** A job that takes longer is given up, ms, counted from when a thread begins it. */
  mostMs?: number;
  /** One that does not hear that it is to stop has its thread ended after so long, ms. */
  graceMs?: number;
  /** So many may wait, of one client and in all; more are sent away to come again. */
  perClient?: number;
  inAll?: number;
};
type Waiting = Omit<ThreadJob, 'flag'> & {
  asker: Asker;
  answer: (a: WorkAnswer) => void;
  fail: (e: unknown) => void;
};
/** Why a job was ended before it was done. */
type Ending = 'tooLong' | 'dropped';

/** `Atomics.waitAsync` (ES2024): resolves when the number at a place is told to have changed. */
type WaitAsync = (
  of: Int32Array,
  at: number,
  value: number,
) => { async: false; value: string } | { async: true; value: Promise<string> };
const waitAsync = (Atomics as unknown as { waitAsync: WaitAsync }).waitAsync.bind(Atomics);

/** Does one job in a thread; it is ended when it takes too long or nobody waits for it any more. */
async function doJob(
  pool: Piscina,
  { asker, answer, fail, ...job }: Waiting,
  { mostMs, graceMs }: { mostMs: number; graceMs: number },
): Promise<void> {
  const flag = new SharedArrayBuffer(8);
  const flags = new Int32Array(flag);
  const hard = new AbortController();
  let why: Ending | null = null;
  let ended = false;
  let grace: NodeJS.Timeout | undefined;
  let clock: NodeJS.Timeout | undefined;
  // Asked first: the thread and what it has warmed up stay.
  const end = (reason: Ending) => {
    why ??= reason;
    Atomics.store(flags, 0, 1);
    grace ??= setTimeout(() => hard.abort(), graceMs);
  };
  const startClock = () => {
    if (!ended) clock = setTimeout(() => end('tooLong'), mostMs);
  };
  // Neither waiting nor the start of a thread counts.
  const begun = waitAsync(flags, 1, 0);
  if (begun.async) void begun.value.then(startClock);
  else startClock();
  const drop = () => end('dropped');
  asker.signal?.addEventListener('abort', drop, { once: true });
  try {
    const done = (await pool.run({ ...job, flag } satisfies ThreadJob, {
      signal: hard.signal,
    })) as WorkAnswer;
    if (why === null) answer(done);
    else refuse(why === 'tooLong' ? 'work.tooLong' : 'work.dropped');
  } catch (error) {
    try {
      if (why === null) throw error;
      refuse(why === 'tooLong' ? 'work.tooLong' : 'work.dropped');
    } catch (told) {
      fail(told);
    }
  } finally {
    ended = true;
    Atomics.notify(flags, 1);
    clearTimeout(clock);
    clearTimeout(grace);
    asker.signal?.removeEventListener('abort', drop);
  }
}

/** Who waits for a thread. Clients take turns, one job each; where there are two threads or more no client has all of them. */
class Rows {
  private readonly lanes = new Map<string, Waiting[]>();
  private readonly running = new Map<string, number>();
  private waiting = 0;
  private busy = 0;
  private readonly most: number;
  constructor(
    private readonly doJob: (job: Waiting) => Promise<void>,
    private readonly limits: { threads: number; perClient: number; inAll: number },
  ) {
    this.most = Math.max(1, limits.threads - 1);
  }

  /** Puts a job into its client's row; refuses where that or all of them are full. */
  add(job: Waiting): void {
    const { asker } = job;
    const lane = this.lanes.get(asker.client) ?? [];
    if (lane.length >= this.limits.perClient || this.waiting >= this.limits.inAll) refuse('work.busy');
    const leave = () => {
      const at = lane.indexOf(job);
      if (at < 0) return;
      lane.splice(at, 1);
      this.waiting -= 1;
      if (lane.length === 0 && this.lanes.get(asker.client) === lane) this.lanes.delete(asker.client);
      job.answer({ id: 0, stopped: true });
    };
    asker.signal?.addEventListener('abort', leave, { once: true });
    lane.push(job);
    this.lanes.set(asker.client, lane);
    this.waiting += 1;
    this.next();
  }

  private next(): void {
    while (this.busy < this.limits.threads) {
      const turn = [...this.lanes].find(([client]) => (this.running.get(client) ?? 0) < this.most);
      if (!turn) return;
      const [client, lane] = turn;
      const job = lane.shift()!;
      // To the back of the row.
      this.lanes.delete(client);
      if (lane.length > 0) this.lanes.set(client, lane);
      this.waiting -= 1;
      this.busy += 1;
      this.running.set(client, (this.running.get(client) ?? 0) + 1);
      void this.doJob(job).finally(() => {
        this.busy -= 1;
        const left = this.running.get(client)! - 1;
        if (left > 0) this.running.set(client, left);
        else this.running.delete(client);
        this.next();
      });
    }
  }
}

/**
 * Computes in a pool of threads, shared out so that a short question is never behind another's long ones. A job nobody
 * waits for any more is stopped at its next part.
 */
export function inThreads(
  script: URL,
  {
    threads = Math.max(2, Math.min(4, availableParallelism())),
    mostMs = 20_000,
    graceMs = 300,
    perClient = 32,
    inAll = 128,
  }: PoolOptions = {},
): Compute {
  const pool = new Piscina({
    filename: fileURLToPath(script),
    // Pages compute in workers of their own: threads are started by the first who asks here, and then stay.
    minThreads: 0,
    idleTimeout: Infinity,
    maxThreads: threads,
    concurrentTasksPerWorker: 1,
    recordTiming: false,
    // A thread runs what was built: what the process itself was started with is not for it.
    execArgv: [],
  });
  const rows = new Rows((job) => doJob(pool, job, { mostMs, graceMs }), { threads, perClient, inAll });
  let told = 0;
  const kitchen = (): Compute => {
    let pantry: SharedPantry | null = null;
    return {
      run: (name, input, asker) =>
        new Promise<WorkAnswer>((answer, fail) => {
          // One asker may want many things at once, each of which hears that it has gone.
          if (asker.signal) setMaxListeners(0, asker.signal);
          if (asker.signal?.aborted) refuse('work.dropped');
          rows.add({ name, input, pantry, asker, answer, fail });
        }).then((a) => unwrap(a) as never),
      know: (items) => {
        const bytes = new TextEncoder().encode(JSON.stringify(items));
        const text = new SharedArrayBuffer(bytes.byteLength);
        new Uint8Array(text).set(bytes);
        // Numbers are never used twice, of whichever kitchen.
        told += 1;
        pantry = { number: told, text };
      },
      beside: kitchen,
      close: () => pool.destroy(),
    };
  };
  return kitchen();
}
