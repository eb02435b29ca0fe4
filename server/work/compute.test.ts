import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { inPlace, inThread, type Compute } from './compute';

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

/** A thread of which each job gets the answer the script gives it. */
function threadOf(onJob: string, mostMs?: number): Compute {
  const file = join(dir, `${made.length}.mjs`);
  writeFileSync(
    file,
    `import { parentPort } from 'node:worker_threads';\nparentPort.on('message', (job) => { ${onJob} });`,
  );
  const compute = inThread(pathToFileURL(file), mostMs);
  made.push(compute);
  return compute;
}
const labels = (text: string) => ({ text });

describe('work in a thread', () => {
  it('answers each job with its own result, in whatever order they end', async () => {
    const c = threadOf(
      "setTimeout(() => parentPort.postMessage({ id: job.id, output: job.input.text }), job.input.text === 'slow' ? 60 : 5);",
    );
    expect(await Promise.all([c.run('labels', labels('slow')), c.run('labels', labels('quick'))])).toEqual([
      'slow',
      'quick',
    ]);
  });

  it('a failure is an error here, and the thread goes on', async () => {
    const c = threadOf(
      "parentPort.postMessage(job.input.text === 'bad' ? { id: job.id, failed: 'broke' } : { id: job.id, output: 1 });",
    );
    await expect(c.run('labels', labels('bad'))).rejects.toThrow();
    expect(await c.run('labels', labels('good'))).toBe(1);
  });

  it('a thread that dies is replaced', async () => {
    const c = threadOf(
      "if (job.input.text === 'die') throw new Error('gone'); parentPort.postMessage({ id: job.id, output: 2 });",
    );
    await expect(c.run('labels', labels('die'))).rejects.toThrow();
    expect(await c.run('labels', labels('live'))).toBe(2);
  });

  it('a job that takes too long is given up, with a refusal that says so, and the next one is served', async () => {
    const c = threadOf(
      "if (job.input.text === 'endless') for (;;); parentPort.postMessage({ id: job.id, output: 3 });",
      200,
    );
    await expect(c.run('labels', labels('endless'))).rejects.toMatchObject({
      problem: { code: 'work.tooLong', status: 503 },
    });
    expect(await c.run('labels', labels('next'))).toBe(3);
  });

  it('a thread that is replaced is told of the pantry again', async () => {
    const c = threadOf(
      "if (job.name === 'pantry') globalThis.n = job.input.length; else if (job.input.text === 'die') throw new Error('gone'); else parentPort.postMessage({ id: job.id, output: globalThis.n });",
    );
    c.know([
      {
        id: 'r',
        itemId: 'i',
        rev: 1,
        gone: false,
        createdAt: '',
        doc: { kind: 'blend', name: 'b', otherNames: [], parts: [], standsFor: [], note: '' },
      },
    ]);
    expect(await c.run('labels', labels('how many'))).toBe(1);
    await expect(c.run('labels', labels('die'))).rejects.toThrow();
    expect(await c.run('labels', labels('how many'))).toBe(1);
  });

  it('in place it is the same work', async () => {
    const c = inPlace();
    expect((await c.run('labels', labels('whey'))).contains.map((f) => f.avoid)).toEqual(['milk']);
    await c.close();
  });
});
