import { describe, expect, it } from 'vitest';
import { finish } from '../rebalance';
import { WHOLE } from '../testing/build';
import { dayOf } from '../testing/days';
import { loadHighs } from '../testing/highs';
import { TimeIndexed } from '../testing/milp';
import { problemOf } from './build';
import { planSteps } from './plan';

/** Windows before each event's latest, min: the other solver cannot bear more. */
const WINDOW_MIN = 300;
const CASES = WHOLE ? 50 : 3;
const MOST_TASKS = 20;

describe('against HiGHS', () => {
  it(`${CASES} days of up to two bakes come to the same value, where the best plan lies in the windows`, async () => {
    const highs = await loadHighs();
    let compared = 0;
    for (let seed = 1; compared < CASES && seed < 200; seed++) {
      // Short bakes in the fast suite: the other one takes seconds for each of the long.
      const { problem } = problemOf(dayOf(seed, WHOLE ? 1 + (seed % 2) : 1));
      if (problem.tasks.length > MOST_TASKS) continue;
      const ours = finish(planSteps(problem, { tries: 40 }));
      const model = new TimeIndexed(problem, WINDOW_MIN);
      const inside = ours.plan?.time.every((t, v) => v === 0 || t >= model.least[v]!) ?? false;
      if (!inside) continue;
      const theirs = model.solve(highs, 60);
      if (theirs === undefined) continue;
      compared++;
      expect(ours.proof.kind, `day ${seed}`).toBe('proved');
      expect(theirs, `day ${seed}`).not.toBeNull();
      expect(
        Math.abs(ours.value - theirs!),
        `day ${seed}: ours ${ours.value}, theirs ${theirs}`,
      ).toBeLessThanOrEqual(0.06);
    }
    expect(compared).toBe(CASES);
  });
});
