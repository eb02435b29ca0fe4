import { CLASSES, kitById } from '../core/classes';
import { profileOf } from '../core/formula';
import { lookupReference } from '../core/ingredients';
import { makePantry, PANEL_KEYS, type PantryDoc, type Panel } from '../core/pantry';
import { linkMethod, Matcher, readFormula } from '../core/reading';
import { adapt } from '../core/rebalance';
import { candidatesFor, conflictsOf } from '../core/rebalance/conflicts';
import { LeastSquares, minimise, minimiseJudged, withSlacks, type Judged } from '../core/rebalance/qp';
import { PartProgramme } from '../core/rebalance/solve';
import type { Choice } from '../core/rebalance/variables';
import { loadHighs, optimumByHighs } from '../core/testing/highs';
import type { PantryRow } from '../contract/dto';
import { entriesOf, NO_FACETS, searchEntries } from '../web/places/pantry/list';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { days } from './bench-days';
import { at, print } from './print';

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
/** Prints the median of so many times, ms; `most` is what it may take. */
const printMedian = (name: string, times: number, work: () => unknown, most = ''): void =>
  print(name, at(timed(times, work), 0.5), 'ms', most);

/** A programme of the engine's shape: n amounts in windows and ten judged properties, a third of them out of reach. */
function programmeOf(n: number): [LeastSquares, Judged[]] {
  const qp = new LeastSquares(n);
  for (let j = 0; j < n; j++) {
    qp.squareOf(j, 4, 0.3);
    qp.least(j, 3);
    qp.most(j, 5);
  }
  const judged = CLASSES.batter.tolerances.map(({ weight }, k): Judged => {
    const row = Array.from({ length: n }, (_, j) => (Math.sin(7 * k + 3 * j) + 1.2) / n);
    const target = 4 * row.reduce((s, a) => s + a, 0) + (k % 3 === 0 ? 3 : 0.5);
    qp.square(row, target, 0.03 * weight);
    return { row, target, weight };
  });
  return [qp, judged];
}

const AVOIDED = ['gluten', 'wheat', 'egg', 'milk', 'tree_nut', 'peanut', 'oil'] as const;

/** One programme solved, by ours and by HiGHS. */
async function solving() {
  const highs = await loadHighs();
  for (const n of [6, 12, 24]) {
    const [base, judged] = programmeOf(n);
    print(
      `one solve, ${n} free amounts, 10 judged properties, median`,
      at(
        timed(400, () => minimiseJudged(base, judged)),
        0.5,
      ),
      'ms',
      n === 12 ? '0.5' : n === 24 ? '2' : '',
    );
    const ours = at(
      timed(40, () => minimise(withSlacks(base, judged))),
      0.5,
    );
    const theirs = at(
      timed(40, () => optimumByHighs(highs, withSlacks(base, judged))),
      0.5,
    );
    print(`  the same with slacks, ours over HiGHS, ${n} amounts`, ours / theirs, '×');
  }
}

/** Many combinations of what may come for what goes. */
function combining() {
  const part = muffins.parts[0]!;
  const conflicts = conflictsOf(part, lookupReference, AVOIDED);
  const lists = conflicts.map((c) => candidatesFor(c, lookupReference, AVOIDED));
  const programme = new PartProgramme(
    part,
    conflicts.flatMap((c) => c.lineIds),
    profileOf(part, lookupReference),
    lookupReference,
  );
  const combos = Array.from({ length: 2000 }, (_, k): Choice[] =>
    conflicts.map((conflict, i) => ({
      conflict,
      kit: lists[i]![(k * (i + 3) + i) % lists[i]!.length] ?? kitById('paper_lining')!,
    })),
  );
  printMedian(
    '2 000 combinations of the muffins',
    3,
    () => combos.forEach((c) => programme.solve(c)),
    '2000',
  );
  for (const n of [1, 2, 3]) {
    const fewer = conflicts.slice(0, n);
    const sized = new PartProgramme(
      part,
      fewer.flatMap((c) => c.lineIds),
      profileOf(part, lookupReference),
      lookupReference,
    );
    print(
      `  100 combinations with ${n} things going`,
      at(
        timed(3, () => combos.slice(0, 100).forEach((c) => sized.solve(c.slice(0, n)))),
        0.5,
      ),
      'ms',
    );
  }
}

/** A whole answer, and one step of a drag on it. */
function adapting() {
  const best = adapt({ formula: muffins, exclude: [...ALL] }, { lookup: lookupReference }).solutions[0]!;
  const dragged = best.moves.find((m) => m.op === 'add' && m.toG! > 20)!;
  print(
    'one step of a drag: kits chosen, an amount held, p95',
    at(
      timed(60, () =>
        adapt(
          {
            formula: muffins,
            exclude: [...ALL],
            pins: { kits: best.kits, lines: { [dragged.lineId]: dragged.toG! * (0.9 + Math.random() / 5) } },
            limit: 1,
            options: false,
          },
          { lookup: lookupReference },
        ),
      ),
      0.95,
    ),
    'ms',
    '8',
  );
  printMedian('adapt, muffins without all four, median', 20, () =>
    adapt({ formula: muffins, exclude: [...ALL] }, { lookup: lookupReference }),
  );
}

/** A list and a method of forty rows. */
function reading() {
  const rows = (of: string[]) =>
    of
      .flatMap((t) => t.split('\n'))
      .filter((t) => t.trim() !== '')
      .slice(0, 40)
      .join('\n');
  const text = rows(DEMO_FORMULAS.map((d) => d.text));
  const method = rows(DEMO_FORMULAS.map((d) => d.method ?? ''));
  // Each time another title: nothing that was read is the same formula.
  let n = 0;
  const read = timed(100, () => readFormula({ text, method, title: `Quay cake ${n++}` }));
  print('reading 40 rows with a method of 40 steps, median', at(read, 0.5), 'ms', '15');
  const { formula } = readFormula({ text, method });
  printMedian(
    'linking a method of 40 steps, median',
    60,
    () => linkMethod({ ...formula }, lookupReference),
    '10',
  );
}

async function core() {
  await solving();
  combining();
  adapting();
  reading();
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

/** A pantry as large as the issue asks for: 5 000 ingredients of one's own and 1 000 packets. */
function largePantry(): PantryRow[] {
  const panel = Object.fromEntries(PANEL_KEYS.map((k) => [k, null])) as Panel;
  const own = (k: number): PantryDoc => ({
    kind: 'own',
    name: `Harbour flour number ${k} ${'abcdefghij'[k % 10]}${k}`,
    otherNames: [],
    like: k % 3 === 0 ? 'sorghum_flour' : null,
    group: 'flour',
    panel,
    gPerCup: null,
    gPerPiece: null,
    facts: {},
    note: '',
  });
  const packet = (k: number): PantryDoc => ({
    kind: 'packet',
    name: `Packet of drink ${k}`,
    like: 'soy_drink',
    labelText: 'Water, soya beans (8 %), sea salt. May contain almonds.',
    seenWords: [],
    panel,
    packG: 1000,
    price: 1.5,
    openedOn: null,
    everywhere: false,
  });
  return Array.from({ length: 6000 }, (_, k) => ({
    id: `r${k}`,
    itemId: `i${k}`,
    rev: 1,
    gone: false,
    createdAt: '',
    doc: k < 5000 ? own(k) : packet(k),
  }));
}

function pantry() {
  const rows = largePantry();
  const make = timed(2, () => makePantry(rows));
  print('making a pantry of 5 000 of one’s own and 1 000 packets', at(make, 0.5), 'ms');
  const big = makePantry(rows);
  printMedian('indexing its names', 2, () => new Matcher(big.all()));
  const entries = entriesOf(big, rows);
  printMedian(
    'searching it, median',
    30,
    () => searchEntries(entries, { ...NO_FACETS, q: 'number 42' }),
    '50',
  );
  printMedian(
    'sifting it by what was not found, median',
    30,
    () => searchEntries(entries, { ...NO_FACETS, without: ['dairy', 'nuts'] }),
    '50',
  );
  const matcher = new Matcher(big.all());
  printMedian('matching one name in it, median', 60, () => matcher.match('harbour flour number 4711'));
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

await core();
days();
pantry();
await server();
