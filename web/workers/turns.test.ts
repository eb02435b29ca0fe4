import { describe, expect, it } from 'vitest';
import type { WorkAnswer, WorkJob, WorkRunner } from '../../contract/work';
import { makeScheduler } from './turns';

/** Work of so many parts, each of which takes 5 ms by the clock given. */
function workOf(parts: number): { man: WorkRunner; now: () => number; worked: number[] } {
  let clock = 0;
  const worked: number[] = [];
  const man: WorkRunner = {
    run: () => ({ id: 0, output: null }),
    *steps(job: WorkJob) {
      for (let k = 1; k <= parts; k++) {
        clock += 5;
        worked.push(job.id);
        yield { done: k, of: parts };
      }
      return { id: job.id, output: `done ${job.id}` } satisfies WorkAnswer;
    },
  };
  return { man, now: () => clock, worked };
}
const job = (id: number): WorkJob => ({ id, name: 'adapt', input: {} });

describe('work in turns', () => {
  it('ends with the answer and tells how far it is between its parts', async () => {
    const { man, now } = workOf(6);
    const told: string[] = [];
    const run = makeScheduler(man, now);
    expect(await run(job(1), 'desk', (done, of) => void told.push(`${done}/${of}`))).toEqual({
      id: 1,
      output: 'done 1',
    });
    expect(told).toEqual(['2/6', '4/6', '6/6']);
  });

  it('the latest job of a place wins; the older is stopped before it is done, another place goes on', async () => {
    const { man, now, worked } = workOf(40);
    const run = makeScheduler(man, now);
    const [old, other, fresh] = await Promise.all([
      run(job(1), 'desk'),
      run(job(2), 'shelf'),
      run(job(3), 'desk'),
    ]);
    expect(old).toEqual({ id: 1, stopped: true });
    expect([other, fresh]).toEqual([
      { id: 2, output: 'done 2' },
      { id: 3, output: 'done 3' },
    ]);
    expect(worked.filter((id) => id === 1).length).toBeLessThan(5);
  });
});
