import fc from 'fast-check';
import { solveQP } from 'quadprog';
import { describe, expect, it } from 'vitest';
import { LeastSquares, minimise, minimiseJudged, type Judged, type Programme, type Row } from './qp';

/** A row from its coefficients, Σ a·x ≥ b. */
const row = (a: number[], b: number): Row => ({ a: a.map((v, i): [number, number] => [i, v]), b });
/** The bounds lo ≤ x_i, and x_i ≤ hi where there is one. */
const bound = (i: number, lo: number, hi?: number): Row[] => [
  { a: [[i, 1]], b: lo },
  ...(hi === undefined ? [] : [{ a: [[i, -1]] as [number, number][], b: -hi }]),
];

/**
 * Quadratic problems of Hock & Schittkowski, Test Examples for Nonlinear Programming Codes (1981), by number, and
 * their optima as printed there (statements and optima from memory). `constant` is added to the objective.
 */
const PUBLISHED: { name: string; p: Programme; constant: number; value: number; x: number[] }[] = [
  {
    name: 'HS 21, a near-flat valley at a bound',
    p: {
      n: 2,
      Q: [
        [0.02, 0],
        [0, 2],
      ],
      c: [0, 0],
      rows: [row([10, -1], 10), ...bound(0, 2, 50), ...bound(1, -50, 50)],
    },
    constant: -100,
    value: -99.96,
    x: [2, 0],
  },
  {
    name: 'HS 35, Beale',
    p: {
      n: 3,
      Q: [
        [4, 2, 2],
        [2, 4, 0],
        [2, 0, 2],
      ],
      c: [8, 6, 4],
      rows: [row([-1, -1, -2], -3), ...[0, 1, 2].flatMap((i) => bound(i, 0))],
    },
    constant: 9,
    value: 1 / 9,
    x: [4 / 3, 7 / 9, 4 / 9],
  },
  {
    name: 'HS 76',
    p: {
      n: 4,
      Q: [
        [2, 0, -1, 0],
        [0, 1, 0, 0],
        [-1, 0, 2, 1],
        [0, 0, 1, 1],
      ],
      c: [1, 3, -1, 1],
      rows: [
        row([-1, -2, -1, -1], -5),
        row([-3, -1, -2, 1], -4),
        row([0, 1, 4, 0], 1.5),
        ...[0, 1, 2, 3].flatMap((i) => bound(i, 0)),
      ],
    },
    constant: 0,
    value: -4.681818182,
    x: [0.2727273, 2.090909, 0, 0.5454545],
  },
  {
    name: 'HS 28, made strictly convex by a hair',
    p: {
      n: 3,
      Q: [
        [2, 2, 0],
        [2, 4, 2],
        [0, 2, 2.0000001],
      ],
      c: [0, 0, 0],
      rows: [{ ...row([1, 2, 3], 1), equal: true }],
    },
    constant: 0,
    value: 0,
    x: [0.5, -0.5, 0.5],
  },
];

describe('quadratic programme', () => {
  it.each(PUBLISHED.map((e) => [e.name, e] as const))('%s', (_name, e) => {
    const out = minimise(e.p)!;
    expect(out.value + e.constant).toBeCloseTo(e.value, 6);
    e.x.forEach((x, i) => expect(out.x[i]).toBeCloseTo(x, 5));
  });

  // Goldfarb & Idnani's method as worked in the manual of the R package quadprog (Turlach & Weingessel), solve.QP example.
  it('gives the published optimum of the manual', () => {
    const out = minimise({
      n: 3,
      Q: [
        [1, 0, 0],
        [0, 1, 0],
        [0, 0, 1],
      ],
      c: [0, 5, 0],
      rows: [
        {
          a: [
            [0, -4],
            [1, -3],
          ],
          b: -8,
        },
        {
          a: [
            [0, 2],
            [1, 1],
          ],
          b: 2,
        },
        {
          a: [
            [1, -2],
            [2, 1],
          ],
          b: 0,
        },
      ],
    })!;
    expect(out.value).toBeCloseTo(-2.380952, 6);
    [0.4761905, 1.047619, 2.0952381].forEach((x, i) => expect(out.x[i]).toBeCloseTo(x, 6));
  });

  // min (x−1)² + (y−2.5)² in a polygon; Nocedal & Wright, Numerical Optimization (2nd ed.), example 16.4: x = (1.4, 1.7).
  it('gives the published optimum of a textbook example', () => {
    const qp = new LeastSquares(2);
    qp.squareOf(0, 1, 1);
    qp.squareOf(1, 2.5, 1);
    qp.atLeast([1, -2], -2);
    qp.atMost([1, 2], 6);
    qp.atMost([1, -2], 2);
    qp.least(0, 0);
    qp.least(1, 0);
    const { x } = minimise(qp.programme())!;
    expect(x[0]).toBeCloseTo(1.4, 9);
    expect(x[1]).toBeCloseTo(1.7, 9);
  });

  it('says when nothing meets the rows', () => {
    const qp = new LeastSquares(1);
    qp.squareOf(0, 0, 1);
    qp.least(0, 2);
    qp.most(0, 1);
    expect(minimise(qp.programme())).toBeNull();
  });

  it('no feasible point found by chance is better', () => {
    const number = fc.double({ min: -5, max: 5, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(number, { minLength: 3, maxLength: 3 }),
        fc.array(number, { minLength: 30, maxLength: 30 }),
        (targets, points) => {
          const qp = new LeastSquares(3);
          targets.forEach((t, i) => {
            qp.squareOf(i, t, 1 + i);
            qp.least(i, 0);
            qp.most(i, 2);
          });
          qp.equal([1, 1, 1], 3);
          const f = (x: number[]) => x.reduce((s, v, i) => s + (1 + i) * (v - targets[i]!) ** 2, 0);
          const best = minimise(qp.programme())!.x;
          expect(best.reduce((s, v) => s + v, 0)).toBeCloseTo(3, 9);
          for (let k = 0; k < 30; k += 2) {
            const [a, b] = [Math.abs(points[k]!) % 2, Math.abs(points[k + 1]!) % 2];
            const c = 3 - a - b;
            if (c >= 0 && c <= 2) expect(f(best)).toBeLessThanOrEqual(f([a, b, c]) + 1e-9);
          }
        },
      ),
    );
  });

  it('wherever the rounds begin, they end at the same minimum', () => {
    const number = fc.double({ min: -3, max: 3, noNaN: true });
    const anyJudged = fc.record({
      row: fc.array(number, { minLength: 3, maxLength: 3 }),
      target: number,
      weight: fc.double({ min: 0.05, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(anyJudged, { minLength: 1, maxLength: 5 }),
        fc.array(fc.constantFrom(-1, 0, 1), { minLength: 5, maxLength: 5 }),
        (judged, sides) => {
          const qp = new LeastSquares(3);
          for (let i = 0; i < 3; i++) {
            qp.squareOf(i, i / 2, 0.1);
            qp.least(i, -1);
            qp.most(i, 2);
          }
          const [a, b] = [
            minimiseJudged(qp, judged)!,
            minimiseJudged(qp, judged, sides.slice(0, judged.length))!,
          ];
          expect(Math.abs(a.value - b.value)).toBeLessThanOrEqual(1e-7 * Math.max(1, Math.abs(a.value)));
        },
      ),
    );
  });

  it('the package quadprog finds the same, on random programmes with equations and bounds', () => {
    const number = fc.integer({ min: -40, max: 40 }).map((k) => k / 10);
    const vector = (n: number) => fc.array(number, { minLength: n, maxLength: n });
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 9 }).chain((n) =>
          fc.record({
            n: fc.constant(n),
            factors: fc.array(vector(n), { minLength: n, maxLength: n }),
            c: vector(n),
            cuts: fc.array(fc.record({ a: vector(n), b: number }), { maxLength: 5 }),
            equal: fc.option(vector(n)),
          }),
        ),
        ({ n, factors, c, cuts, equal }) => {
          const Q = factors.map((_, i) =>
            factors.map((_f, j) => factors.reduce((s, f) => s + f[i]! * f[j]!, 0) + (i === j ? 0.5 : 0)),
          );
          const rows = [
            ...(equal?.some((x) => x !== 0) ? [{ ...row(equal, 1), equal: true as const }] : []),
            ...cuts.filter((k) => k.a.some((x) => x !== 0)).map(({ a, b }) => row(a, b)),
            ...c.flatMap((_, i) => bound(i, -3, 3)),
          ];
          const ours = minimise({ n, Q, c, rows });
          const columns = rows.map((r) => {
            const column = new Array<number>(n + 1).fill(0);
            for (const [i, v] of r.a) column[i + 1] = v;
            return column;
          });
          const theirs = solveQP(
            [[], ...Q.map((r) => [0, ...r])],
            [0, ...c],
            Array.from({ length: n + 1 }, (_, i) => [0, ...columns.map((k) => k[i]!)]),
            [0, ...rows.map((r) => r.b)],
            rows.filter((r) => 'equal' in r).length,
          );
          if (theirs.message !== '') expect(ours).toBeNull();
          else
            expect(Math.abs(ours!.value - theirs.value[1])).toBeLessThan(
              1e-6 * Math.max(1, Math.abs(ours!.value)),
            );
        },
      ),
      { numRuns: 600 },
    );
  });

  it('overruns paid side by side come to the same as a slack for each', () => {
    const number = fc.double({ min: -3, max: 3, noNaN: true });
    const n = 4;
    const anyJudged = fc.record({
      row: fc.array(number, { minLength: n, maxLength: n }),
      target: number,
      weight: fc.double({ min: 0.05, max: 3, noNaN: true }),
    });
    const start = (size: number) => {
      const qp = new LeastSquares(size);
      for (let i = 0; i < n; i++) {
        qp.squareOf(i, i / 2, 0.1);
        qp.least(i, -1);
        qp.most(i, 2);
      }
      return qp;
    };
    fc.assert(
      fc.property(fc.array(anyJudged, { maxLength: 6 }), (given) => {
        const judged: Judged[] = given;
        const whole = start(n + judged.length);
        judged.forEach(({ row, target, weight }, k) => {
          whole.squareOf(n + k, 0, weight);
          whole.atMost(row, target + 1, n + k);
          whole.atLeast(row, target - 1, n + k);
        });
        const [a, b] = [minimise(whole.programme())!, minimiseJudged(start(n), judged)!];
        expect(Math.abs(a.value - b.value)).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(a.value)));
        for (let i = 0; i < n; i++) expect(b.x[i]).toBeCloseTo(a.x[i]!, 4);
      }),
      {
        numRuns: 400,
        // Sides that come round again and again: rounds alone end 0.004 above the minimum here.
        examples: [
          [
            [
              {
                row: [0, 0, -2.1832907885819757, 2.1221938590546507],
                target: 0,
                weight: 0.05542799122146266,
              },
              { row: [0, 0, -2.9999999999999933, 0], target: 0, weight: 2.473152714920662 },
              { row: [0, 0, 0, 2.499755859374972], target: 0, weight: 0.16503526808097288 },
            ],
          ],
        ],
      },
    );
  });
});
