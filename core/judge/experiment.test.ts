import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { crossingOf, marginOf, normalPlot, normalQuantile, toldBy } from './effects';
import { seriesOf } from './series';
import type { Trial } from './trial';
import {
  analysed,
  halvingsOf,
  isEffectShown,
  planOf,
  resolutionOf,
  tOf,
  type ExperimentRun,
  type Factor,
  type Setting,
} from './experiment';

const factors = (n: number): Factor[] =>
  Array.from({ length: n }, (_, i) => ({ name: 'TCKDE'[i]!, low: '-', high: '+' }));

describe('the plan', () => {
  it('bakes each combination as often as any other, in an order that the seed decides', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 2 }),
        fc.nat(4),
        fc.nat(),
        (k, times, centres, seed) => {
          for (const halvings of halvingsOf(k)) {
            const runs = planOf({ factors: k, halvings, times, centres }, seed);
            expect(runs).toHaveLength(times * 2 ** (k - halvings) + centres);
            expect(runs).toEqual(planOf({ factors: k, halvings, times, centres }, seed));
            const corners = runs.filter((r) => r.settings.every((s) => s !== 0));
            const many = new Map<string, number>();
            for (const r of corners) many.set(r.settings.join(), (many.get(r.settings.join()) ?? 0) + 1);
            expect(new Set(many.values())).toEqual(new Set([times]));
            // Every factor is as often high as low, and so are any two together where the plan can tell them.
            for (let f = 0; f < k; f++) expect(corners.reduce((s, r) => s + r.settings[f]!, 0)).toBe(0);
          }
        },
      ),
    );
  });
  // Box, Hunter and Hunter's table of two-level fractions.
  it.each([
    [3, 1, 3],
    [4, 1, 4],
    [5, 1, 5],
    [5, 2, 3],
  ])('%i factors halved %i times have resolution %i', (k, h, resolution) => {
    expect(resolutionOf(k, h)).toBe(resolution);
  });
  it('all combinations hide nothing', () => expect(resolutionOf(4, 0)).toBe(Number.POSITIVE_INFINITY));
});

describe('what it shows', () => {
  it('the pilot plant of Box, Hunter and Hunter: temperature 23, concentration -5, catalyst 1.5, temperature with catalyst 10', () => {
    // In standard order: T changes first, then C, then K.
    const yields = [60, 72, 54, 68, 52, 83, 45, 80];
    const runs = yields.map((y, i): ExperimentRun => ({
      settings: [0, 1, 2].map((f): Setting => (i & (1 << f) ? 1 : -1)),
      y,
    }));
    const { effects, spread } = analysed({ factors: factors(3), halvings: 0, runs })!;
    const of = (...f: number[]): number => effects.find((e) => e.of.join() === f.join())!.value;
    expect([of(0), of(1), of(2), of(0, 1), of(0, 2), of(1, 2)]).toEqual([23, -5, 1.5, 1.5, 10, 0]);
    // Nothing was made twice: no interval, and nothing is shown.
    expect(spread).toBeNull();
    expect(effects.some(isEffectShown)).toBe(false);
  });
  it('the same made twice: the spread they give, 2.83, and intervals from it', () => {
    // The book's duplicates: each pair about its mean, with these differences.
    const yields = [60, 72, 54, 68, 52, 83, 45, 80];
    const apart = [2, 2, 2, 4, 4, 4, 4, 6].map((d) => d / 2);
    const runs = yields.flatMap((y, i) =>
      [1, -1].map((s): ExperimentRun => ({
        settings: [0, 1, 2].map((f): Setting => (i & (1 << f) ? 1 : -1)),
        y: y + s * apart[i]!,
      })),
    );
    const { effects, spread } = analysed({ factors: factors(3), halvings: 0, runs })!;
    expect(spread!.df).toBe(8);
    const squares = apart.reduce((s, d) => s + 2 * d * d, 0);
    expect(spread!.sd).toBeCloseTo(Math.sqrt(squares / 8), 9);
    const t = effects.find((e) => e.of.join() === '0')!;
    expect(t.value).toBe(23);
    expect(t.to! - t.from!).toBeCloseTo(2 * 2.306 * spread!.sd * Math.sqrt(1 / 8 + 1 / 8), 9);
    expect(isEffectShown(t)).toBe(true);
    expect(isEffectShown(effects.find((e) => e.of.join() === '2')!)).toBe(false);
  });
  it('what hides behind what is said: in half of three each factor goes along with the other two', () => {
    const runs = planOf({ factors: 3, halvings: 1, times: 1, centres: 0 }, 1).map((r, i) => ({ ...r, y: i }));
    const { effects } = analysed({ factors: factors(3), halvings: 1, runs })!;
    expect(effects.map((e) => [e.of, e.or])).toEqual([
      [[0], [[1, 2]]],
      [[1], [[0, 2]]],
      [[2], [[0, 1]]],
    ]);
  });
  it('a plane is found again exactly, whatever the order; something that bends shows halfway', () => {
    fc.assert(
      fc.property(
        fc.nat(),
        fc.integer({ min: -20, max: 20 }),
        fc.integer({ min: -20, max: 20 }),
        (seed, a, b) => {
          const runs = planOf({ factors: 2, halvings: 0, times: 2, centres: 2 }, seed).map((r) => ({
            ...r,
            y: 10 + a * r.settings[0]! + b * r.settings[1]! + (r.settings[0] === 0 ? 3 : 0),
          }));
          const { effects, bend } = analysed({ factors: factors(2), halvings: 0, runs })!;
          expect(effects.map((e) => e.value)).toEqual([2 * a, 2 * b, 0].map((x) => expect.closeTo(x, 9)));
          expect(bend!.value).toBeCloseTo(3, 9);
        },
      ),
    );
  });
  it('how two factors cross: the pilot plant of Box, Hunter and Hunter, catalyst B warm and cold', () => {
    const yields = [60, 72, 54, 68, 52, 83, 45, 80];
    const runs = yields.map((y, i): ExperimentRun => ({
      settings: [0, 1, 2].map((f): Setting => (i & (1 << f) ? 1 : -1)),
      y,
    }));
    // The book's two-way table of temperature and catalyst: 57, 70; 48.5, 81.5.
    expect(crossingOf({ runs }, 0, 2)!.means).toEqual([
      [57, 70],
      [48.5, 81.5],
    ]);
    expect(crossingOf({ runs: runs.map((r) => ({ ...r, y: null })) }, 0, 2)).toBeNull();
  });
  it('where nothing was made twice: Lenth’s margin for the process of Box, Hunter and Hunter is 1.93', () => {
    // Effects of the 2⁴ process development example (conversion), from memory; pseudo standard error 0.75, t of 5 is 2.571.
    const values = [-8, 24, -0.25, -5.5, 1, 0.75, 0, -1.25, 4.5, -0.25, -0.75, 0.5, -0.25, -0.75, -0.25];
    const effects = values.map((value, i) => ({ of: [i], or: [], value, from: null, to: null }));
    expect(marginOf(effects)).toBeCloseTo(2.571 * 0.75, 3);
    const beyond = effects.filter((e) => Math.abs(e.value) > marginOf(effects)!);
    expect(beyond.map((e) => e.value)).toEqual([-8, 24, -5.5, 4.5]);
    expect(marginOf(effects.slice(0, 6))).toBeNull();
    const plot = normalPlot(effects);
    expect(plot.map((p) => p.effect.value)).toEqual([...values].sort((a, b) => a - b));
    expect(plot[7]!.z).toBeCloseTo(0, 9);
    expect(plot[0]!.z).toBeCloseTo(-plot.at(-1)!.z, 9);
  });
  it('the normal curve is that of jStat', () => {
    for (let p = 0.001; p < 1; p += 0.0173)
      expect(normalQuantile(p)).toBeCloseTo(jstat.normal.inv(p, 0, 1), 6);
  });
  it('what two trials tell is followed over all of them, in their order; what one tells is not', () => {
    const of = (scores: Trial['scores'], actual: Trial['actual']) => ({ scores, actual }) as unknown as Trial;
    const series = seriesOf([
      of({ taste: 2 }, { bakeMin: 30 }),
      of({}, {}),
      of({ taste: 5, rise: 3 }, { bakeMin: 34 }),
    ]);
    expect(series).toEqual([
      { id: 'taste', values: [2, null, 5] },
      { id: 'bakeMin', values: [30, null, 34] },
    ]);
    expect(seriesOf([])).toEqual([]);
  });
  it('a trial tells what is measured by its slice or its scores, and nothing that it does not know', () => {
    const trial = { scores: { taste: 4, openness: 3 }, slices: undefined } as unknown as Trial;
    expect(toldBy(trial, 'taste')).toBe(4);
    expect(toldBy(trial, 'how open it is')).toBe(3);
    expect(toldBy(trial, 'height, mm')).toBeNull();
    const measured = { ...trial, slices: [{ numbers: { heightMm: { value: 51.2, give: 0.6 }, open: { value: 0.31, give: 0.04 } } }] } as unknown as Trial; // prettier-ignore
    expect(toldBy(measured, 'Height of the slice')).toBe(51.2);
    expect(toldBy(measured, 'open crumb, %')).toBeCloseTo(31, 9);
    expect(toldBy(measured, 'weight, g')).toBeNull();
  });
  it('says nothing while a bake is open', () => {
    const runs = planOf({ factors: 2, halvings: 0, times: 1, centres: 0 }, 1);
    expect(analysed({ factors: factors(2), halvings: 0, runs })).toBeNull();
  });
  it("Student's t is that of jStat, to what the table gives", () => {
    for (let df = 1; df <= 30; df++) expect(tOf(df)).toBeCloseTo(jstat.studentt.inv(0.975, df), 2);
    for (const df of [31, 40, 60, 120])
      expect(Math.abs(tOf(df) - jstat.studentt.inv(0.975, df))).toBeLessThan(0.01);
  });
});
