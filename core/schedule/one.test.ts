import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { lookupReference } from '../ingredients';
import { tasksOf, type Task } from '../plan';
import { readFormula } from '../reading';
import type { Stretch } from './request';
import { clockOf, readyFrom, type Clock } from './one';

const tasks = (text: string, method: string): Task[] =>
  tasksOf(readFormula({ title: 'Made up', text, method }).formula, lookupReference);
const HOUR = 60;
const DAY = 24 * HOUR;
/** Up from half past six to half past ten, every day about the one that is looked at. */
const UP: Stretch[] = [-3, -2, -1, 0, 1, 2].map((d) => [d * DAY + 6.5 * HOUR, d * DAY + 22.5 * HOUR]);
/** Tomorrow at so many hours, in min from the midnight that begins today. */
const tomorrow = (hour: number): number => DAY + HOUR * hour;
const at = (list: readonly Task[], ready: number, from?: number): Clock =>
  clockOf(list, ready, UP, from === undefined ? {} : { from })!;
const of = ({ placed }: Clock, ...kinds: Task['kind'][]) => placed.find((p) => kinds.includes(p.task.kind))!;
const last = ({ placed }: Clock, kind: Task['kind']) => placed.findLast((p) => p.task.kind === kind)!;

// Formulas made up; how they are practised: common practice, no source.
describe('stated plans of the trade', () => {
  const SLAB = tasks(
    '300 g buckwheat groats\n100 g sunflower seeds\n20 g psyllium husk powder\n8 g salt\n400 g water',
    'Soak the groats overnight.\nDrain the groats and blend with water and salt.\nStir in psyllium and seeds and rest 30 minutes.\nScrape into a 900 g loaf tin and bake 75 minutes at 180 °C.\nCool before cutting.',
  );
  const ROUND = tasks(
    '400 g buckwheat flour\n24 g psyllium husk powder\n500 g water\n7 g instant yeast\n8 g salt',
    'Whisk the psyllium into the water and leave 10 minutes.\nKnead in the rest.\nShape into a round and prove 60 minutes.\nBake in a lidded pot with the lid on 35 minutes at 240 °C, then 25 minutes without the lid.\nCool 2 hours.',
  );
  const PIE = tasks(
    'Crust:\n200 g rice flour\n100 g butter\n1 egg\n\nFilling:\n600 g quinces\n80 g sugar\n30 g cornflour',
    'Crust: Rub the butter into the flour, work in the egg, chill 1 hour.\nRoll out and line a 24 cm tin.\nFilling: Cook the quinces with the sugar and cornflour 20 minutes and leave to cool.\nFill the crust and bake 45 minutes at 190 °C.\nCool 2 hours before cutting.',
  );

  it('1: an overnight soak begins the evening before, and nobody gets up for it', () => {
    const clock = at(SLAB, tomorrow(13));
    const soak = of(clock, 'soak');
    expect(soak.from).toBeLessThan(DAY);
    expect(soak.to - soak.from).toBeGreaterThanOrEqual(480);
    for (const p of clock.placed.filter((x) => x.task.handsFirst > 1))
      expect(UP.some(([a, b]) => p.from >= a && p.from + p.task.handsFirst <= b), p.task.kind).toBe(true); // prettier-ignore
  });
  it('2: the pot heats with the oven for the last half hour of the proof', () => {
    const clock = at(ROUND, tomorrow(18));
    const [heat, proof, bake] = [of(clock, 'heat_pot'), of(clock, 'proof'), of(clock, 'bake')];
    expect(heat.to - heat.from).toBe(30);
    expect(proof.to - heat.from).toBeLessThanOrEqual(30);
    expect(bake.from - heat.to).toBeLessThanOrEqual(10);
    expect(bake.from - proof.to).toBeLessThanOrEqual(10);
  });
  it('3: with the lid and then without it is one stay in the oven', () => {
    const clock = at(ROUND, tomorrow(18));
    const stay = clock.placed.filter((p) => p.task.kind === 'bake' || p.task.kind === 'uncover');
    for (let i = 1; i < stay.length; i++) expect(stay[i]!.from).toBe(stay[i - 1]!.to);
  });
  it('4: a loaf is cut two hours after the oven', () => {
    const clock = at(ROUND, tomorrow(18));
    expect(last(clock, 'cool').to - last(clock, 'bake').to).toBeGreaterThanOrEqual(120);
    expect(clock.to).toBeLessThanOrEqual(tomorrow(18));
  });
  it('5: two short proofs stand one after the other, with the shaping between', () => {
    const clock = at(
      tasks('400 g rice flour\n20 g psyllium husk powder\n420 g water\n7 g instant yeast', 'Mix to a dough.\nProve 30 minutes.\nShape 8 rolls and prove 30 minutes.\nBake 25 minutes at 210 °C.'),
      tomorrow(12),
    ); // prettier-ignore
    const [one, two] = clock.placed.filter((p) => p.task.kind === 'proof');
    const shape = of(clock, 'shape', 'divide');
    expect(shape.from).toBeGreaterThanOrEqual(one!.to);
    expect(two!.from).toBeGreaterThanOrEqual(shape.to);
    expect(of(clock, 'bake').from - two!.to).toBeLessThanOrEqual(10);
  });
  it('6: a starter is fed eight to twelve hours before it is used', () => {
    const clock = at(
      tasks('400 g buckwheat flour\n120 g sourdough starter\n360 g water\n8 g salt', 'Mix everything to a dough.\nProve 3 hours.\nBake 50 minutes at 220 °C.'),
      tomorrow(18),
    ); // prettier-ignore
    const fed = of(clock, 'feed');
    expect(of(clock, 'mix').from - fed.from).toBeGreaterThanOrEqual(8 * HOUR);
    expect(of(clock, 'mix').from - fed.from).toBeLessThanOrEqual(12 * HOUR + 125);
  });
  it('7: a pie is cooled before it is cut, its filling and its crust each in time', () => {
    const clock = at(PIE, tomorrow(15));
    expect(last(clock, 'cool').to - of(clock, 'bake').to).toBeGreaterThanOrEqual(120);
    // Neither has to wait for the other, and both are there when it is filled.
    const fill = of(clock, 'fill', 'bake');
    for (const kind of ['chill', 'cook'] as const) expect(of(clock, kind).to).toBeLessThanOrEqual(fill.from);
  });
  it('8: pies frozen ahead are baked another day', () => {
    const clock = at(
      tasks('200 g rice flour\n100 g butter\n1 egg\n400 g leeks', 'Rub the butter into the flour, work in the egg.\nShape 4 pies with the leeks and freeze overnight.\nBake from frozen 50 minutes at 190 °C.'),
      tomorrow(12),
    ); // prettier-ignore
    expect(of(clock, 'shape').from).toBeLessThan(DAY);
    expect(of(clock, 'bake').from).toBeGreaterThan(tomorrow(6.5));
  });
  it('9: a batter with soda goes into the oven at once', () => {
    const clock = at(
      tasks('300 g rice flour\n300 g buttermilk\n6 g bicarbonate of soda\n5 g salt', 'Heat the oven.\nMix the dry things, stir in the buttermilk.\nShape a round.\nBake 40 minutes at 200 °C.'),
      tomorrow(10),
    ); // prettier-ignore
    const before = clock.placed
      .filter((p) => p.to <= of(clock, 'bake').from && p.task.handsFirst > 2)
      .at(-1)!;
    expect(of(clock, 'bake').from - before.to).toBeLessThanOrEqual(15);
  });
  it('10: a dough that is chilled overnight waits through the night and is baked in the morning', () => {
    const clock = at(
      tasks('200 g rice flour\n120 g butter\n100 g sugar\n1 egg', 'Cream butter and sugar, beat in the egg, stir in the flour.\nChill overnight.\nRoll into 20 balls and bake 12 minutes at 180 °C.'),
      tomorrow(9),
    ); // prettier-ignore
    const chill = of(clock, 'chill');
    expect(chill.from).toBeLessThan(DAY);
    expect(chill.to - chill.from).toBeGreaterThanOrEqual(480);
    expect(of(clock, 'bake').from).toBeGreaterThan(tomorrow(6.5));
  });
  it('11: what would have to wait through the night comes sooner, all of it', () => {
    const early = at(ROUND, DAY + 9.75 * HOUR);
    expect(early.to).toBeLessThan(DAY + 9.75 * HOUR);
    expect(of(early, 'proof').to).toBeLessThan(of(early, 'bake').from + 1);
  });
  it('12: butter to be creamed is out an hour before', () => {
    const clock = at(
      tasks('200 g rice flour\n150 g butter\n150 g sugar\n3 eggs', 'Cream the butter and sugar, beat in the eggs, fold in the flour.\nBake 40 minutes at 170 °C.'),
      tomorrow(16),
    ); // prettier-ignore
    expect(of(clock, 'cream', 'fold', 'mix').from - of(clock, 'soften').from).toBeGreaterThanOrEqual(60);
  });
  it('a task put at a time is begun then, and the rest goes round it', () => {
    const clock = at(SLAB, tomorrow(13));
    const { task, from } = of(clock, 'bake');
    const pinned = clockOf(SLAB, tomorrow(13), UP, { pins: { [task.id]: from - 30 } })!;
    expect(of(pinned, 'bake').from).toBe(from - 30);
    expect(clockOf(SLAB, tomorrow(13), UP, { pins: { [task.id]: from + 300 } })).toBeNull();
  });
  it('where nothing helps there is no clock', () => {
    expect(clockOf(ROUND, tomorrow(12), [[tomorrow(8.5), tomorrow(9)]])).toBeNull();
  });
});

describe('laws of the clock of one bake', () => {
  const all = DEMO_FORMULAS.map((d) => tasksOf(readFormula(d).formula, lookupReference));

  it('what comes before is over, all lasts as it may, and is done when it is wanted', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.integer({ min: 80, max: 400 }), (list, five) => {
        const clock = clockOf(list, 5 * five, UP);
        if (!clock) return;
        const end = new Map(clock.placed.map((p) => [p.task.id, p.to]));
        for (const p of clock.placed) {
          for (const id of p.task.after) expect(p.from).toBeGreaterThanOrEqual(end.get(id)!);
          expect(p.to - p.from).toBeGreaterThanOrEqual(Math.min(p.task.minutes[0], 5));
          if (p.task.stretches) expect(p.to - p.from).toBeLessThanOrEqual(p.task.minutes[1] + 5);
          expect(p.to).toBeLessThanOrEqual(5 * five);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('begun now it is ready no sooner than it takes, nothing of it is in the past, and a sooner time does not do', () => {
    for (const list of all) {
      const ready = readyFrom(list, 600, UP)!;
      const clock = clockOf(list, ready, UP, { from: 600 })!;
      expect(clock.from).toBeGreaterThanOrEqual(600);
      expect(clockOf(list, ready - 15, UP, { from: 600 })).toBeNull();
    }
  });
});
