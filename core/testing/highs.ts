import highsLoader from 'highs';
import type { Programme } from '../rebalance/qp';

/** HiGHS (Huangfu & Hall, 2018), compiled to WebAssembly, as an independent solver of the same programmes. */
export type Highs = Awaited<ReturnType<typeof highsLoader>>;
export const loadHighs = (): Promise<Highs> => highsLoader();

const term = (a: number, name: string): string => `${a < 0 ? '-' : '+'} ${Math.abs(a).toFixed(12)} ${name}`;

/** The programme in CPLEX LP text, which HiGHS reads. */
export function lpText({ n, Q, c, rows }: Programme): string {
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
export function optimumByHighs(highs: Highs, p: Programme): number | null {
  try {
    const { Status, ObjectiveValue } = highs.solve(lpText(p));
    return Status === 'Optimal' && Number.isFinite(ObjectiveValue) ? ObjectiveValue : null;
  } catch {
    return null;
  }
}
