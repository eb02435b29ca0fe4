import { describe, expect, it } from 'vitest';
import { donenessOfBake } from '../bake';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { timeLeft } from './forecast';
import { modelOf, ovenSoFar, promptsOf, stillToSee } from './oven';
import type { BenchEvent } from './run';

const MIN = 60_000;
const at = (min: number, e: Record<string, unknown>, id = `${min}${JSON.stringify(e)}`): BenchEvent =>
  ({ id, at: min * MIN, ...e }) as BenchEvent;
const read = (method: string) =>
  readFormula({
    title: 'Breakwater loaf',
    text: '400 g sorghum flour\n100 g tapioca starch\n12 g xanthan gum\n7 g instant yeast\n9 g salt\n2 eggs\n420 g water',
    method: `Beat all for 3 min. Prove 45 min.\n${method}`,
  }).formula;

describe('a bake as it goes', () => {
  const events = [
    at(0, { kind: 'bakeMass', when: 'before', g: 1000 }),
    at(1, { kind: 'oven', what: 'in' }),
    at(21, { kind: 'oven', what: 'door' }),
    at(31, { kind: 'probe', c: 64 }),
    at(40, { kind: 'sign', sign: 'hollow', on: true }),
    at(41, { kind: 'sign', sign: 'hollow', on: false }),
    at(51, { kind: 'oven', what: 'out' }),
    at(52, { kind: 'probe', c: 96 }),
    at(60, { kind: 'bakeMass', when: 'after', g: 880 }),
    at(180, { kind: 'cut' }),
  ];
  it('is told by its events: times from when it went in, loss by weighing, what was unticked is not seen', () => {
    const so = ovenSoFar(events);
    expect(so).toMatchObject({
      inAt: MIN,
      outAt: 51 * MIN,
      doors: [20],
      probe: [{ min: 30, c: 64 }],
      cutAt: 180 * MIN,
    });
    expect(so.loss).toBeCloseTo(0.12, 9);
    expect(so.signs.size).toBe(0);
  });
  it('put in again it is another bake, and one that was taken back never was', () => {
    expect(ovenSoFar([...events, at(200, { kind: 'oven', what: 'in' })])).toMatchObject({
      inAt: 200 * MIN,
      outAt: null,
      probe: [],
    });
    expect(
      ovenSoFar([at(1, { kind: 'oven', what: 'in' }, 'a'), at(2, { kind: 'undone', event: 'a' })]).inAt,
    ).toBeNull();
  });
  it('heats and covers that change, a tent, turning at half and the first look are told in their order', () => {
    const two = promptsOf(read('Bake with the lid on 30 min at 230 °C, then uncovered 20 min at 210 °C.'));
    expect(two.map((p) => [p.kind, p.min])).toEqual([
      ['heat', 30],
      ['cover', 30],
      ['look', 50],
    ]);
    const tent = promptsOf(
      read('Bake 50 min at 200 °C, tenting with foil after 25, turning the tin halfway.'),
    );
    expect(tent.map((p) => [p.kind, p.min])).toEqual(
      [
        ['turn', 25],
        ['cover', 25],
        ['look', 50],
      ].sort((a, b) => Number(a[1]) - Number(b[1]) || (a[0] === 'cover' ? -1 : 1)),
    );
  });
  it('is done by what is seen and by its middle, not by its time', () => {
    const formula = read('Bake 50 min at 200 °C in a 900 g loaf tin.');
    const done = donenessOfBake(formula.parts, lookupReference);
    const open = stillToSee(done, ovenSoFar(events));
    expect(open.signs).toContain('hollow');
    expect(open.coreShortC).toBeCloseTo(done.coreC![0] - 64, 6);
    const model = modelOf(formula, lookupReference)!;
    expect(model.untilC).toBeLessThanOrEqual(done.coreC![0]);
    expect(model.untilC).toBeGreaterThan(done.coreC![0] - 6);
    expect(timeLeft(model, [{ min: 0.1, c: 24 }])!.min).toBeGreaterThan(20);
    expect(model.curve.at(-1)!.c).toBeGreaterThan(80);
  });
});
