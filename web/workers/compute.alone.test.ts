import type { compute as computeType } from './compute';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** Workers as a browser would give them; what each does is said by the test. */
class FakeWorker extends EventTarget {
  static made: FakeWorker[] = [];
  static does: (job: { name: string; input: { text: string } }, worker: FakeWorker) => unknown = () => 'done';
  static hello: 'yes' | 'never' | 'broken' = 'yes';
  ended = false;
  constructor() {
    super();
    FakeWorker.made.push(this);
    if (FakeWorker.hello === 'broken') setTimeout(() => this.dispatchEvent(new Event('error')), 1);
  }
  terminate(): void {
    this.ended = true;
  }
}
vi.mock('comlink', () => ({
  proxy: (x: unknown) => x,
  wrap: (worker: FakeWorker) => ({
    hello: () => (FakeWorker.hello === 'yes' ? Promise.resolve(true) : new Promise(() => undefined)),
    run: async (
      job: { id: number; name: string; input: { text: string } },
      _place: string,
      tell?: (a: number, b: number) => void,
    ) => {
      const did = FakeWorker.does(job, worker);
      if (did === 'silent') return new Promise(() => undefined);
      if (did === 'slow') {
        for (let k = 1; k <= 10; k++) {
          await new Promise((r) => setTimeout(r, 20_000));
          tell?.(k, 10);
        }
      }
      if (did === 'bug') return { id: job.id, failed: 'a bug' };
      return { id: job.id, output: did };
    },
  }),
}));

let compute: typeof computeType;
const ask = (text: string) => compute('labels', { text }, [], text);
const wait = (ms: number) => vi.advanceTimersByTimeAsync(ms);

beforeEach(async () => {
  vi.resetModules();
  vi.useFakeTimers();
  vi.stubGlobal('Worker', FakeWorker);
  FakeWorker.made = [];
  FakeWorker.hello = 'yes';
  FakeWorker.does = (job) => `did ${job.input.text}`;
  ({ compute } = await import('./compute'));
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const faultOf = (p: Promise<unknown>) =>
  p.then(
    () => 'none',
    (e: { fault: string }) => e.fault,
  );

describe('work in the page’s worker', () => {
  it('is answered, by one worker for all', async () => {
    expect(await Promise.all([ask('a'), ask('b')])).toEqual(['did a', 'did b']);
    expect(FakeWorker.made).toHaveLength(1);
  });

  it('a worker that is refused, breaks while it loads, or never says that it is there is told as blocked', async () => {
    vi.stubGlobal('Worker', function Refused() {
      throw new Error('blocked');
    });
    expect(await faultOf(ask('a'))).toBe('blocked');
    vi.stubGlobal('Worker', FakeWorker);
    for (const hello of ['broken', 'never'] as const) {
      FakeWorker.hello = hello;
      const told = faultOf(ask('a'));
      await wait(25_000);
      expect([hello, await told]).toEqual([hello, 'blocked']);
    }
    // And it is tried anew when it is asked for again.
    FakeWorker.hello = 'yes';
    expect(await ask('b')).toBe('did b');
  });

  it('a job that says nothing for too long is given up; the others are done by the next worker', async () => {
    FakeWorker.does = (job, worker) =>
      job.input.text === 'endless' || worker === FakeWorker.made[0] ? 'silent' : `did ${job.input.text}`;
    const endless = faultOf(ask('endless'));
    await wait(1000);
    const other = ask('other');
    await wait(30_000);
    expect(await endless).toBe('tooLong');
    expect(await other).toBe('did other');
    expect([FakeWorker.made.length, FakeWorker.made[0]!.ended]).toEqual([2, true]);
  });

  it('one that goes on telling how far it is has all the time it needs', async () => {
    FakeWorker.does = () => 'slow';
    const told: number[] = [];
    const done = compute('labels', { text: 'x' }, [], 'p', (at) => void told.push(at));
    await wait(210_000);
    expect([await done, told.length]).toEqual(['slow', 10]);
  });

  it('a bug in the work is told as such, and the worker goes on', async () => {
    FakeWorker.does = (job) => (job.input.text === 'bad' ? 'bug' : 'fine');
    expect(await faultOf(ask('bad'))).toBe('failed');
    expect([await ask('good'), FakeWorker.made.length]).toEqual(['fine', 1]);
  });

  it('a worker that dies in the middle: what it was at is done by the next', async () => {
    FakeWorker.does = (job, worker) => (worker === FakeWorker.made[0] ? 'silent' : `did ${job.input.text}`);
    const done = ask('a');
    await wait(10);
    FakeWorker.made[0]!.dispatchEvent(new Event('error'));
    await wait(10);
    expect(await done).toBe('did a');
  });
});
