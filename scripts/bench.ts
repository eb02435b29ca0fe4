import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { CLASSES, kitById } from '../core/classes';
import { profileOf } from '../core/formula';
import { lookupReference } from '../core/ingredients';
import { readFormula } from '../core/reading';
import { adapt } from '../core/rebalance';
import { candidatesFor, conflictsOf } from '../core/rebalance/conflicts';
import { LeastSquares, minimiseJudged, type Judged } from '../core/rebalance/qp';
import { PartProgramme } from '../core/rebalance/solve';
import type { Choice } from '../core/rebalance/variables';
import { DEMO_FORMULAS } from '../demo/data/formulas';

/** Speeds, printed beside what was aimed at. Run by scripts/bench.mjs, which has started the built server. */
const [origin = ''] = process.argv.slice(2);
const ALL = ['egg', 'dairy', 'nuts', 'oil'] as const;
const muffins = readFormula(DEMO_FORMULAS[0]!).formula;

function timed(times: number, work: () => unknown): number[] {
  for (let k = 0; k < Math.min(times, 20); k++) work();
  return Array.from({ length: times }, () => {
    const t = performance.now();
    work();
    return performance.now() - t;
  }).sort((a, b) => a - b);
}
const at = (sorted: readonly number[], q: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]!;
const print = (what: string, value: number, unit: string, aim = '') =>
  console.log(
    `${what.padEnd(58)} ${value.toFixed(value < 10 ? 2 : 0).padStart(8)} ${unit.padEnd(3)} ${aim && `aim ${aim}`}`,
  );

/** A programme of the engine's shape: n amounts in windows and ten judged properties, a third of them out of reach. */
function programmeOf(n: number): [LeastSquares, Judged[]] {
  const qp = new LeastSquares(n);
  for (let j = 0; j < n; j++) {
    qp.square([[j, 1]], 4, 0.3);
    qp.atLeast([[j, 1]], 3);
    qp.atMost([[j, 1]], 5);
  }
  const judged = CLASSES.batter.tolerances.map(({ weight }, k): Judged => {
    const row = Array.from({ length: n }, (_, j): [number, number] => [
      j,
      (Math.sin(7 * k + 3 * j) + 1.2) / n,
    ]);
    const target = 4 * row.reduce((s, [, a]) => s + a, 0) + (k % 3 === 0 ? 3 : 0.5);
    qp.square(row, target, 0.03 * weight);
    return { row, target, weight };
  });
  return [qp, judged];
}

function core() {
  for (const n of [6, 12, 24]) {
    const [base, judged] = programmeOf(n);
    print(
      `one solve, ${n} free amounts, 10 judged properties, median`,
      at(
        timed(400, () => minimiseJudged(base, judged)),
        0.5,
      ),
      'ms',
      n === 12 ? '0.5' : '',
    );
  }
  const part = muffins.parts[0]!;
  const conflicts = conflictsOf(part, lookupReference, [
    'gluten',
    'wheat',
    'egg',
    'milk',
    'tree_nut',
    'peanut',
    'oil',
  ]);
  const lists = conflicts.map((c) =>
    candidatesFor(c, lookupReference, ['gluten', 'wheat', 'egg', 'milk', 'tree_nut', 'peanut', 'oil']),
  );
  const programme = new PartProgramme(
    part,
    conflicts.flatMap((c) => c.lineIds),
    profileOf(part, lookupReference),
    lookupReference,
  );
  const combos = Array.from({ length: 500 }, (_, k): Choice[] =>
    conflicts.map((conflict, i) => ({
      conflict,
      kit: lists[i]![(k * (i + 3) + i) % lists[i]!.length] ?? kitById('paper_lining')!,
    })),
  );
  print(
    '500 combinations of the muffins',
    at(
      timed(3, () => combos.forEach((c) => programme.solve(c))),
      0.5,
    ),
    'ms',
  );
  print(
    'adapt, muffins without all four, median',
    at(
      timed(20, () => adapt({ formula: muffins, exclude: [...ALL] }, { lookup: lookupReference })),
      0.5,
    ),
    'ms',
  );
  const thirty = [...DEMO_FORMULAS[0]!.text.split('\n'), ...DEMO_FORMULAS[2]!.text.split('\n')]
    .slice(0, 30)
    .join('\n');
  print(
    'reading a 30-line formula, median',
    at(
      timed(60, () => readFormula({ text: thirty, method: DEMO_FORMULAS[0]!.method })),
      0.5,
    ),
    'ms',
    '5',
  );
}

const post = (path: string, body: unknown) =>
  fetch(`${origin}/api/v1${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).then((r) => r.json());

async function each(times: number, work: () => Promise<unknown>): Promise<number[]> {
  const out: number[] = [];
  for (let k = 0; k < times; k++) {
    const t = performance.now();
    await work();
    out.push(performance.now() - t);
  }
  return out.sort((a, b) => a - b);
}

async function server() {
  const ask = () => post('/adapt', { formula: muffins, exclude: ALL });
  await each(10, ask);
  const adapts = await each(100, ask);
  print('API adapt, one client, p50', at(adapts, 0.5), 'ms');
  print('API adapt, one client, p99', at(adapts, 0.99), 'ms', '200');
  let busy = true;
  const load = (async () => {
    while (busy) await ask();
  })();
  const health = await each(200, () => fetch(`${origin}/api/v1/health`).then((r) => r.text()));
  busy = false;
  await load;
  print('health while an adapt is worked out, p99', at(health, 0.99), 'ms', '20');
}

async function page() {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
  const paints: number[] = [];
  let loaded = 0;
  for (let k = 0; k < 5; k++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const tab = await context.newPage();
    const scripts: string[] = [];
    tab.on('response', (r) => void (r.url().endsWith('.js') && scripts.push(new URL(r.url()).pathname)));
    await tab.goto(origin);
    await tab.getByRole('heading', { name: 'Shelf' }).waitFor();
    await tab.waitForLoadState('networkidle');
    paints.push(
      await tab.evaluate(
        () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? Number.NaN,
      ),
    );
    const built = new Map(
      readdirSync('dist/web/assets').map((f) => [`/assets/${f}`, `dist/web/assets/${f}`]),
    );
    loaded = [...new Set(scripts)].reduce(
      (s, p) => s + (built.has(p) ? gzipSync(readFileSync(built.get(p)!)).length : 0),
      0,
    );
    await context.close();
  }
  await browser.close();
  print(
    'first contentful paint of the shelf, median of 5',
    at(
      paints.sort((a, b) => a - b),
      0.5,
    ),
    'ms',
    '1000',
  );
  print('JavaScript loaded by the shelf, gzipped', loaded / 1000, 'kB', '200');
}

core();
await server();
await page();
