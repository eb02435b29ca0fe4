import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { clockOf, readyFrom, tasksOf, type Placed, type Task } from './index';

const tasks = (title: string, text: string, method: string): Task[] =>
  tasksOf(readFormula({ title, text, method }).formula, lookupReference);
const NIGHT = { from: 22 * 60 + 30, to: 6 * 60 + 30 };
/** Tomorrow at so many hours, in min from the midnight that begins today. */
const tomorrow = (hour: number): number => 1440 + 60 * hour;
const of = (placed: readonly Placed[], kind: Task['kind']): Placed =>
  placed.find((p) => p.task.kind === kind)!;

// How these are practised: common practice, no source.
describe('stated plans of the trade', () => {
  const SLAB = tasks(
    'Seed slab',
    '300 g buckwheat groats\n100 g sunflower seeds\n20 g psyllium husk powder\n8 g salt\n400 g water',
    'Soak the groats overnight.\nDrain the groats and blend with water and salt.\nStir in psyllium and seeds and rest 30 minutes.\nScrape into a 900 g loaf tin and bake 75 minutes at 180 °C.\nCool before cutting.',
  );
  const ROUND = tasks(
    'Free-form round loaf',
    '400 g buckwheat flour\n24 g psyllium husk powder\n500 g water\n7 g instant yeast\n8 g salt',
    'Whisk the psyllium into the water and leave 10 minutes.\nKnead in the rest.\nShape into a round and prove 60 minutes.\nBake in a lidded pot with the lid on 35 minutes at 240 °C, then 25 minutes without the lid.\nCool 2 hours.',
  );

  it('an overnight soak begins the evening before', () => {
    const { placed, clashes } = clockOf(SLAB, tomorrow(13), NIGHT);
    expect(clashes).toEqual([]);
    const soak = of(placed, 'soak');
    expect(soak.from).toBeLessThan(1440);
    expect(soak.to - soak.from).toBeGreaterThanOrEqual(480);
    // Nobody gets up for it.
    for (const p of placed.filter((x) => x.task.handsFirst > 0)) {
      const at = ((p.from % 1440) + 1440) % 1440;
      expect(at >= NIGHT.to && at + p.task.handsFirst <= NIGHT.from, p.task.kind).toBe(true);
    }
  });

  it('the pot is heated with the oven for its last half hour, beside the proof', () => {
    const { placed } = clockOf(ROUND, tomorrow(18), NIGHT);
    const [heat, proof, bake] = [of(placed, 'heat_pot'), of(placed, 'proof'), of(placed, 'bake')];
    expect(heat.to).toBe(bake.from);
    expect(heat.to - heat.from).toBe(30);
    expect(proof.to).toBe(bake.from);
    expect(heat.from).toBeGreaterThan(proof.from);
  });

  it('a loaf is cut two hours after the oven, and the last bake is one that is done', () => {
    const { placed, to } = clockOf(ROUND, tomorrow(18), NIGHT);
    const out = Math.max(...placed.filter((p) => p.task.kind === 'bake').map((p) => p.to));
    expect(to - out).toBeGreaterThanOrEqual(120);
  });

  it('a batter with soda goes into the oven at once; a chilled dough waits through the night', () => {
    const scones = tasks(
      'Soda bread',
      '300 g rice flour\n300 g buttermilk\n6 g bicarbonate of soda\n5 g salt',
      'Heat the oven.\nMix the dry things, stir in the buttermilk.\nShape a round.\nBake 40 minutes at 200 °C.',
    );
    const before = scones
      .slice(
        0,
        scones.findIndex((t) => t.kind === 'heat_oven'),
      )
      .at(-1)!;
    expect(before.waitMost).toBeLessThanOrEqual(15);
    const cookies = tasks(
      'Cookies',
      '200 g rice flour\n120 g butter\n100 g sugar\n1 egg',
      'Cream butter and sugar, beat in the egg, stir in the flour.\nChill overnight.\nRoll into 20 balls and bake 12 minutes at 180 °C.',
    );
    const { placed } = clockOf(cookies, tomorrow(9), NIGHT);
    expect(of(placed, 'cream')?.from ?? placed[0]!.from).toBeLessThan(1440);
    expect(of(placed, 'chill').to - of(placed, 'chill').from).toBeGreaterThanOrEqual(480);
  });

  it('where a proof would have to wait through the night, all of it comes sooner; where nothing helps, that is said', () => {
    const early = clockOf(ROUND, 1440 + 9 * 60 + 45, NIGHT);
    expect(early.clashes).toEqual([]);
    expect(early.to).toBeLessThan(1440 + 9 * 60 + 45);
    expect(clockOf(ROUND, tomorrow(12), { from: 9 * 60, to: 8 * 60 + 30 }).clashes.length).toBeGreaterThan(0);
  });
});

describe('laws of the clock', () => {
  const all = DEMO_FORMULAS.map((d) => tasksOf(readFormula(d).formula, lookupReference));

  it('each task ends by the time the next begins, lasts as it may, and all is done when it is wanted', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.integer({ min: 0, max: 4000 }),
        fc.boolean(),
        (list, ready, sleeps) => {
          const { placed, from, to } = clockOf(list, ready, sleeps ? NIGHT : null);
          const row = placed.filter((p) => !p.task.kind.startsWith('heat_'));
          row.forEach((p, i) => {
            expect(p.to).toBeLessThanOrEqual(row[i + 1]?.from ?? ready);
            expect(p.to - p.from).toBeGreaterThanOrEqual(p.task.minutes[0] - 1);
            expect(p.to - p.from).toBeLessThanOrEqual(p.task.minutes[1] + 1);
          });
          expect(from).toBeLessThanOrEqual(to);
        },
      ),
    );
  });

  it('without sleep a day later is the same a day later', () => {
    for (const list of all) {
      const at = (ready: number) => clockOf(list, ready).placed.map((p) => [p.from - ready, p.to - ready]);
      expect(at(5000)).toEqual(at(5000 + 1440));
    }
  });

  it('begun now it is ready no sooner than it takes, and nothing of it is in the past', () => {
    for (const list of all) {
      const ready = readyFrom(list, 600, NIGHT);
      expect(clockOf(list, ready, NIGHT).from).toBeGreaterThanOrEqual(600);
    }
  });

  it('every demo has tasks, a bake or a pan, and says what is a guess', () => {
    for (const list of all) {
      expect(list.length).toBeGreaterThan(3);
      expect(list.some((t) => t.kind === 'bake' || t.kind === 'cook' || t.kind === 'turn')).toBe(true);
      for (const t of list) expect(t.minutes[0]).toBeLessThanOrEqual(t.minutes[1]);
    }
  });
});
