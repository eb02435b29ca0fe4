import highsLoader from 'highs';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { minimise, type Programme } from './qp';

/** HiGHS (Huangfu & Hall, 2018), compiled to WebAssembly, as an independent solver of the same programmes. */
type Highs = Awaited<ReturnType<typeof highsLoader>>;
let highs: Highs;
beforeAll(async () => {
  highs = await highsLoader();
});

const term = (a: number, name: string): string => `${a < 0 ? '-' : '+'} ${Math.abs(a).toFixed(12)} ${name}`;

/** The programme in CPLEX LP text, which HiGHS reads. */
function lpText({ n, Q, c, rows }: Programme): string {
  const x = (i: number) => `x${i}`;
  const linear = c.map((v, i) => term(-v, x(i))).join(' ');
  const squares: string[] = [];
  for (let i = 0; i < n; i++) {
    squares.push(term(Q[i]![i]!, `${x(i)} ^ 2`));
    for (let j = i + 1; j < n; j++)
      if (Q[i]![j] !== 0) squares.push(term(2 * Q[i]![j]!, `${x(i)} * ${x(j)}`));
  }
  const lines = rows.map(
    (r, k) =>
      ` r${k}: ${r.a.map(([i, v]) => term(v, x(i))).join(' ')} ${r.equal ? '=' : '>='} ${r.b.toFixed(12)}`,
  );
  const free = Array.from({ length: n }, (_, i) => ` ${x(i)} free`);
  return [
    'Minimize',
    ` obj: ${linear} + [ ${squares.join(' ')} ] / 2`,
    'Subject To',
    ...lines,
    'Bounds',
    ...free,
    'End',
  ].join('\n');
}

/**
 * The optimum HiGHS finds. Its quadratic solver gives up on some degenerate programmes, with no number or with
 * an error: those prove nothing and are passed over (null).
 */
function optimumByHighs(p: Programme): number | null {
  try {
    const { Status, ObjectiveValue } = highs.solve(lpText(p));
    return Status === 'Optimal' && Number.isFinite(ObjectiveValue) ? ObjectiveValue : null;
  } catch {
    return null;
  }
}

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
        const theirs = optimumByHighs(p);
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
