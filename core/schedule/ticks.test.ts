import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { finish } from '../rebalance';
import { dayOf } from '../testing/days';
import { taskKey } from './request';
import { planDay } from './day';
import { rescuesOf } from './rescues';
import { goesOn, madeAgain, nextOf, ticked, type BegunMap } from './ticks';

const day = dayOf(3, 3);
const plan = finish(planDay(day, { tries: 24, nodes: 1500 })).plan!;
const bakes = day.bakes;
const left = (begun: BegunMap) => nextOf(bakes, plan, begun);

describe('what is ticked of a day', () => {
  it('done in the order of the plan, all of it is over in the end, and each only once', () => {
    let begun: BegunMap = {};
    const seen: string[] = [];
    for (let now = 0, guard = 0; left(begun).length > 0 && guard < 200; guard++) {
      const next = left(begun)[0]!;
      now = Math.max(now, next.due);
      expect(seen).not.toContain(next.key);
      seen.push(next.key);
      begun = ticked(bakes, plan, begun, next.key, 'over', now);
    }
    expect(left(begun)).toEqual([]);
    expect(Object.keys(begun)).toHaveLength(plan.lain.length);
  });

  it('what had to come before is over with it; what is set aside goes on from then', () => {
    const bake = bakes.find((b) =>
      b.tasks.some((t) => goesOn(t) && t.kind !== 'bake' && t.after.length > 0),
    )!;
    const waits = bake.tasks.find((t) => goesOn(t) && t.kind !== 'bake' && t.after.length > 0)!;
    const [before] = waits.after as [string];
    const begun = ticked(bakes, plan, {}, taskKey(bake.id, before), 'over', 2000);
    expect(begun[taskKey(bake.id, before)]!.to).toBe(2000);
    expect(begun[taskKey(bake.id, waits.id)]).toMatchObject({ from: 2000, to: null });
    const later = ticked(bakes, plan, begun, taskKey(bake.id, waits.id), 'over', 2100);
    expect(later[taskKey(bake.id, waits.id)]).toMatchObject({ from: 2000, to: 2100 });
  });

  it('undone, it and all that came of it have not been; a bake made again begins anew, the others stay', () => {
    fc.assert(
      fc.property(fc.nat(), fc.nat(), (a, b) => {
        const keys = plan.lain.map((l) => taskKey(l.bakeId, l.taskId));
        const key = keys[a % keys.length]!;
        const begun = ticked(bakes, plan, {}, key, 'over', 1500 + (b % 900));
        for (const was of Object.values(begun))
          if (was.to !== null) expect(was.to).toBeGreaterThanOrEqual(was.from);
        const undone = ticked(bakes, plan, begun, key, 'undo', 3000);
        expect(key in undone).toBe(false);
        const bakeId = key.split('/')[0]!;
        expect(Object.keys(madeAgain(begun, bakeId)).every((k) => !k.startsWith(`${bakeId}/`))).toBe(true);
      }),
    );
  });

  it('a task that is not there changes nothing', () => {
    expect(ticked(bakes, plan, {}, 'nobody/t1', 'over', 1)).toEqual({});
  });
});

describe('what has to be rescued', () => {
  it('a proved dough whose oven is late goes into the fridge; while it is in time nothing is said', () => {
    const bake = bakes.find((b) => b.tasks.some((t) => t.kind === 'proof'));
    if (!bake) throw new Error('this day has a dough that proves');
    const proof = bake.tasks.find((t) => t.kind === 'proof')!;
    const at = plan.lain.find((l) => l.bakeId === bake.id && l.taskId === proof.id)!;
    const begun = { [taskKey(bake.id, proof.id)]: { from: at.from, to: at.to } };
    expect(rescuesOf(bakes, plan, begun, at.to)).toEqual([]);
    const over = rescuesOf(bakes, plan, begun, at.to + proof.waitMost! + 30);
    expect(over).toEqual([{ bakeId: bake.id, taskId: proof.id, kind: 'fridge', overMin: 30 }]);
  });
});
