import { describe, expect, it } from 'vitest';
import { ended } from '../testing/ended';
import { formula, ownFolder, send, start, titles } from './running';

/** Each start is a database of its own: few in each run, many in `npm run prove`. */
const KILLS = process.env.WHOLE ? 20 : 8;
ownFolder();

describe('kill -9 in the middle of saving', () => {
  it(`loses nothing that was confirmed, ${KILLS} times`, async () => {
    const confirmed: string[] = [];
    for (let round = 0; round < KILLS; round++) {
      const { child, url } = await start('--port', '0', '--empty');
      const there = new Set(await titles(url));
      expect(confirmed.filter((t) => !there.has(t))).toEqual([]);
      let stop = false;
      const writer = async (w: number) => {
        for (let n = 0; !stop; n++) {
          const title = `round ${round}, writer ${w}, ${n}`;
          const ok = await send(url, '/formulas', { formula: { ...formula, title } }).then(
            (r) => r.status === 201,
            () => false,
          );
          if (ok) confirmed.push(title);
        }
      };
      const writers = [writer(1), writer(2), writer(3)];
      // In the middle of saving, however slow the machine: a while after the first was confirmed.
      const before = confirmed.length;
      for (let waited = 0; confirmed.length === before && waited < 10_000; waited += 20)
        await new Promise((r) => setTimeout(r, 20));
      await new Promise((r) => setTimeout(r, 6 * round));
      child.kill('SIGKILL');
      stop = true;
      await Promise.all([ended(child), ...writers]);
    }
    const { url } = await start('--port', '0', '--empty');
    const there = new Set(await titles(url));
    expect(confirmed.filter((t) => !there.has(t))).toEqual([]);
    // That some were confirmed in every round is what makes this a test.
    expect(confirmed.length).toBeGreaterThanOrEqual(KILLS);
  }, 240_000);
});
