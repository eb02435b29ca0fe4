import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { PantryRow } from '../../contract/dto';
import { inPlace, inThreads, type Compute, type PoolOptions } from './compute';

let dir: string;
let made: Compute[];
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'crumb-thread-'));
  made = [];
});
afterEach(async () => {
  await Promise.all(made.map((c) => c.close()));
  rmSync(dir, { recursive: true, force: true });
});

/** Threads whose work is a script: it has the job, and says with `begin()` that it is at it; \`wanted()\` is false once it is to stop. */
function threadsOf(onJob: string, options: PoolOptions = {}): Compute {
  const file = join(dir, `${made.length}.mjs`);
  writeFileSync(
    file,
    `const sleep = (ms) => Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
     export default async function (job) {
       const flags = new Int32Array(job.flag);
       Atomics.store(flags, 1, 1); Atomics.notify(flags, 1);
       const text = job.input.text;
       const wanted = () => Atomics.load(flags, 0) === 0;
       const answer = (output) => ({ id: 0, output });
       /** Works so long in parts of 2 ms; stops when it is no longer wanted. */
       const work = (ms) => { for (let t = 0; t < ms; t += 2) { sleep(2); if (!wanted()) return { id: 0, stopped: true }; } return answer(text); };
       ${onJob}
     }`,
  );
  const compute = inThreads(pathToFileURL(file), { threads: 2, ...options });
  made.push(compute);
  return compute;
}
const labels = (text: string) => ({ text });
const anna = { client: 'anna' };
const bea = { client: 'bea' };
const code = (status: string) => ({ problem: { code: status } });

describe('work in threads', () => {
  it('answers each job with its own result, in whatever order they end', async () => {
    const c = threadsOf('return work(text === "slow" ? 120 : 2);');
    expect(
      await Promise.all([c.run('labels', labels('slow'), anna), c.run('labels', labels('quick'), bea)]),
    ).toEqual(['slow', 'quick']);
  });

  it('a failure is a refusal, and the next job is served; so it is when a thread dies', async () => {
    const c = threadsOf(
      'if (text === "bad") return { id: 0, failed: "broke" }; if (text === "die") process.exit(1); return answer(1);',
    );
    await expect(c.run('labels', labels('bad'), anna)).rejects.toMatchObject(code('work.failed'));
    expect(await c.run('labels', labels('good'), anna)).toBe(1);
    await expect(c.run('labels', labels('die'), anna)).rejects.toThrow();
    expect(await c.run('labels', labels('good'), anna)).toBe(1);
  });

  it('a job that takes too long is stopped, told so, and another’s is not touched', async () => {
    const c = threadsOf('return work(text === "long" ? 100_000 : 100);', { mostMs: 1500 });
    const long = expect(c.run('labels', labels('long'), anna)).rejects.toMatchObject(code('work.tooLong'));
    expect(await c.run('labels', labels('other'), bea)).toBe('other');
    await long;
    expect(await c.run('labels', labels('next'), anna)).toBe('next');
  });

  it('one that does not hear that it is to stop has its thread ended', async () => {
    const c = threadsOf('if (text === "deaf") for (;;) sleep(5); return answer(3);', {
      mostMs: 200,
      graceMs: 50,
    });
    await expect(c.run('labels', labels('deaf'), anna)).rejects.toMatchObject(code('work.tooLong'));
    expect(await c.run('labels', labels('next'), anna)).toBe(3);
  });

  it('time in the row does not count', async () => {
    const c = threadsOf('return work(300);', { mostMs: 1500 });
    const all = Array.from({ length: 8 }, (_, i) => c.run('labels', labels(String(i)), anna));
    expect(await Promise.all(all)).toEqual(['0', '1', '2', '3', '4', '5', '6', '7']);
  });

  it('twenty jobs that were dropped do not keep the next one waiting', async () => {
    const c = threadsOf('return work(text === "short" ? 2 : 900);');
    await c.run('labels', labels('short'), anna);
    const gone = new AbortController();
    const dropped = Array.from({ length: 20 }, () =>
      c.run('labels', labels('long'), { client: 'anna', signal: gone.signal }),
    );
    const told = Promise.allSettled(dropped);
    await new Promise((r) => setTimeout(r, 50));
    gone.abort();
    const order: string[] = [];
    const next = c.run('labels', labels('short'), anna).then(() => order.push('next'));
    // Were they worked off, this would take nine seconds; one of them alone takes longer than this waits.
    await Promise.race([next, new Promise((r) => setTimeout(r, 700)).then(() => order.push('late'))]);
    expect(order).toEqual(['next']);
    for (const t of await told) expect(t).toMatchObject({ status: 'rejected', reason: code('work.dropped') });
  });

  it('clients take turns: one with many long jobs leaves a thread to the others', async () => {
    const c = threadsOf('return work(text === "long" ? 300 : 2);');
    await c.run('labels', labels('short'), bea);
    const order: string[] = [];
    const many = Array.from({ length: 5 }, () =>
      c.run('labels', labels('long'), anna).then(() => order.push('long')),
    );
    await c.run('labels', labels('short'), bea).then(() => order.push('short'));
    expect(order).toEqual(['short']);
    await Promise.all(many);
  });

  it('more than can wait are sent away to come again', async () => {
    const c = threadsOf('return work(100);', { perClient: 3, inAll: 4 });
    const ask = (client: string) => c.run('labels', labels('x'), { client });
    const all = Promise.allSettled(['a', 'a', 'a', 'a', 'a', 'b', 'b', 'b', 'b'].map(ask));
    const codes = (await all).map((r) =>
      r.status === 'fulfilled' ? 'ok' : (r.reason as { problem: { code: string } }).problem.code,
    );
    // One of a and one of b at work, three of a and one of b waiting.
    expect(codes).toEqual(['ok', 'ok', 'ok', 'ok', 'work.busy', 'ok', 'ok', 'work.busy', 'work.busy']);
  });

  it('every thread knows the pantry that was last told', async () => {
    const c = threadsOf(
      'return answer(job.pantry ? JSON.parse(Buffer.from(new Uint8Array(job.pantry.text)).toString()).length : 0);',
    );
    expect(await c.run('labels', labels('how many'), anna)).toBe(0);
    const row: PantryRow = {
      id: 'r',
      itemId: 'i',
      rev: 1,
      gone: false,
      createdAt: '',
      doc: { kind: 'blend', name: 'b', otherNames: [], parts: [], standsFor: [], note: '' },
    };
    c.know([row, row]);
    const all = await Promise.all(
      [anna, bea, anna, bea].map((who) => c.run('labels', labels('how many'), who)),
    );
    expect(all).toEqual([2, 2, 2, 2]);
  });

  it('in place it is the same work', async () => {
    const c = inPlace();
    expect((await c.run('labels', labels('whey'), anna)).contains.map((f) => f.avoid)).toEqual(['milk']);
    await c.close();
  });
});
