import { finish } from '../core/rebalance';
import { problemOf, taskKey, type Live } from '../core/schedule';
import { planDay } from '../core/schedule/day';
import { replan } from '../core/schedule/live';
import { CLOSE, planSteps, type Planned } from '../core/schedule/plan';
import { dayOf } from '../core/testing/days';
import { at, print } from './print';

const CASES = 12;
const now = (): number => performance.now();

type Run = { firstMs: number; atSecond: number; value: number; proof: Planned['proof']; ms: number };
/** Plans a day and notes when the first plan came, what it was worth after a second, and what in the end. */
function runOf(seed: number, bakes: number, ms: number): Run {
  const { problem } = problemOf(dayOf(seed, bakes));
  const began = now();
  let [firstMs, atSecond] = [Infinity, Infinity];
  const steps = planSteps(problem, { now, ms });
  for (let s = steps.next(); ; s = steps.next()) {
    const gone = now() - began;
    if (s.value.plan && firstMs === Infinity) firstMs = gone;
    if (gone <= 1000) atSecond = s.value.value;
    if (s.done) return { firstMs, atSecond, value: s.value.value, proof: s.value.proof, ms: gone };
  }
}
const runs = (bakes: number, ms: number, cases = CASES): Run[] =>
  Array.from({ length: cases }, (_, k) => runOf(k + 1, bakes, ms)).filter((r) => r.value < Infinity);
const p90 = (list: number[]): number =>
  at(
    [...list].sort((a, b) => a - b),
    0.9,
  );
const share = (list: readonly boolean[]): number =>
  (100 * list.filter(Boolean).length) / Math.max(1, list.length);
const isClose = ({ proof }: Run): boolean =>
  proof.kind === 'proved' || (proof.kind === 'within' && proof.share <= CLOSE + 1e-9);

/** The planner of bake days: when the first plan comes, how good it gets, how much is proved. */
export function days(): void {
  const two = runs(2, 3000);
  print('two bakes, some 15 tasks, planned and proved, p90', p90(two.map((r) => r.ms)), 'ms', '50');
  print('  of them proved', share(two.map((r) => r.proof.kind === 'proved')), '%', '');
  const four = runs(4, 3000);
  print('four bakes, some 30 tasks: first plan, p90', p90(four.map((r) => r.firstMs)), 'ms', '150');
  print(
    '  worse than the end after 1 s, p90',
    p90(four.map((r) => 100 * (r.atSecond / r.value - 1))),
    '%',
    '2',
  );
  print('  proved to 2 % within 3 s', share(four.map(isClose)), '%', '≥ 75');
  const eight = runs(8, 5000, 8);
  print('eight bakes, some 55 tasks: first plan, p90', p90(eight.map((r) => r.firstMs)), 'ms', '300');
  const longer = runs(8, 15_000, 4);
  print(
    '  worse after 5 s than after 15 s, at the most',
    Math.max(...longer.map((r, k) => 100 * (eight[k]!.value / r.value - 1))),
    '%',
    '',
  );
  const twelve = runs(12, 3000, 6);
  print('twelve bakes, some 80 tasks: first plan, p90', p90(twelve.map((r) => r.firstMs)), 'ms', '2500');

  // Half past one in the afternoon; what runs takes twenty-five minutes longer.
  const anew: number[] = [];
  for (let seed = 1; seed <= CASES; seed++)
    for (const bakes of [4, 8]) {
      const day = dayOf(seed, bakes);
      const { plan } = finish(planDay(day, { tries: 16, nodes: 500 }));
      if (!plan) continue;
      const then = 1440 + 13.5 * 60;
      const begun: Record<string, Live['begun'][string]> = {};
      for (const l of plan.lain.filter((x) => x.from < then))
        begun[taskKey(l.bakeId, l.taskId)] =
          l.to <= then ? { from: l.from, to: l.to } : { from: l.from, to: null, lasts: l.to - l.from + 25 };
      const began = now();
      replan(day, plan, { now: then, begun, oven: {} });
      anew.push(now() - began);
    }
  print('a day under way planned anew, p90', p90(anew), 'ms', '50');
}
