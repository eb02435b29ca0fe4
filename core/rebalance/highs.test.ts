import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { avoidsOf } from '../exclusions';
import { profileOf } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { loadHighs, lpText, optimumByHighs, type Highs } from '../testing/highs';
import { candidatesFor, conflictsOf } from './conflicts';
import { minimise, minimiseJudged, withSlacks, type Programme } from './qp';
import { PartProgramme } from './solve';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const number = fc.integer({ min: -40, max: 40 }).map((k) => k / 10);
const anyProgramme: fc.Arbitrary<Programme> = fc.integer({ min: 2, max: 7 }).chain((n) =>
  fc
    .record({
      factors: fc.array(fc.array(number, { minLength: n, maxLength: n }), { minLength: n, maxLength: n }),
      c: fc.array(number, { minLength: n, maxLength: n }),
      cuts: fc.array(
        fc.record({
          a: fc.array(number, { minLength: n, maxLength: n }),
          slack: fc.integer({ min: 0, max: 30 }),
        }),
        { maxLength: 6 },
      ),
      inside: fc.array(number, { minLength: n, maxLength: n }),
    })
    .map(({ factors, c, cuts, inside }) => {
      // Q = FᵀF + ½I is positive definite; every cut leaves `inside` feasible.
      const Q = factors.map((_, i) =>
        factors.map((_f, j) => factors.reduce((s, f) => s + f[i]! * f[j]!, 0) + (i === j ? 0.5 : 0)),
      );
      const rows = cuts
        .filter((k) => k.a.some((v) => v !== 0))
        .map(({ a, slack }) => ({
          a: a.map((v, i): [number, number] => [i, v]),
          b: a.reduce((s, v, i) => s + v * inside[i]!, 0) - slack / 10,
        }));
      return { n, Q, c, rows };
    }),
);

describe('against HiGHS', () => {
  it('500 random programmes have the same optimum', () => {
    fc.assert(
      fc.property(anyProgramme, (p) => {
        const ours = minimise(p)!;
        const theirs = optimumByHighs(highs, p);
        fc.pre(theirs !== null);
        expect(Number.isFinite(ours.value)).toBe(true);
        expect(Math.abs(ours.value - theirs)).toBeLessThanOrEqual(2e-6 * Math.max(1, Math.abs(ours.value)));
        for (const r of p.rows) {
          expect(r.a.reduce((s, [i, v]) => s + v * ours.x[i]!, 0)).toBeGreaterThanOrEqual(r.b - 1e-7);
        }
      }),
      { numRuns: 500, seed: 20261124, maxSkipsPerRun: 1 },
    );
  });

  it('every demo programme, strict and with all to give, has the same optimum', () => {
    const avoids = avoidsOf(['egg', 'dairy', 'nuts', 'oil']);
    let compared = 0;
    for (const { formula } of DEMO_FORMULAS.map((d) => readFormula(d)))
      for (const part of formula.parts) {
        const conflicts = conflictsOf(part, lookupReference, avoids);
        const lists = conflicts.map((c) => candidatesFor(c, lookupReference, avoids));
        const programme = new PartProgramme(
          part,
          conflicts.flatMap((c) => c.lineIds),
          profileOf(part, lookupReference),
          lookupReference,
        );
        for (const k of [0, 1, 2])
          for (const elastic of [false, true]) {
            const choices = conflicts.map((conflict, i) => ({
              conflict,
              kit: lists[i]![k % lists[i]!.length]!,
            }));
            const { qp, judged } = programme.programme(choices, elastic);
            const ours = minimiseJudged(qp, judged);
            const theirs = optimumByHighs(highs, withSlacks(qp, judged));
            // Only where both found something: near the edge of feasibility their tolerances differ.
            if (!ours || theirs === null) continue;
            compared += 1;
            const off = Math.abs(ours.value - theirs) / Math.max(1, Math.abs(ours.value));
            expect(off, `${formula.title} ${part.name} ${k} ${elastic}`).toBeLessThanOrEqual(2e-6);
          }
      }
    expect(compared).toBeGreaterThan(60);
  });

  it('both find nothing where there is nothing', () => {
    const p: Programme = {
      n: 1,
      Q: [[1]],
      c: [0],
      rows: [
        { a: [[0, 1]], b: 2 },
        { a: [[0, -1]], b: -1 },
      ],
    };
    expect(minimise(p)).toBeNull();
    expect(highs.solve(lpText(p)).Status).toBe('Infeasible');
  });
});
