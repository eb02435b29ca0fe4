import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium, type Browser, type Page } from '@playwright/test';
import type { BackupLine } from '../contract/backup';
import { at, print, sorted } from './print';

/** How quick the pages are in Chromium, printed beside what was aimed at. Run by scripts/bench.mjs on the built server. */
const [origin = ''] = process.argv.slice(2);
const VIEW = { width: 1280, height: 800 };
/** Formulas on the long shelf. */
const MANY = 2000;

type Card = { id: string; title: string; lines: number };
const shelf = async (): Promise<Card[]> =>
  ((await fetch(`${origin}/api/v1/formulas`).then((r) => r.json())) as { formulas: Card[] }).formulas;

type Seen = { paints: number[]; tasks: number[] };
/** Watches a page: from each key or press to the next paint, and how long it was held up at a stretch. */
async function watch(page: Page): Promise<void> {
  // As text: what the compiler adds to a function is not there in the page.
  await page.addInitScript({
    content: `
      window.seen = { paints: [], tasks: [] };
      new PerformanceObserver((l) => seen.tasks.push(...l.getEntries().map((e) => e.duration)))
        .observe({ entryTypes: ['longtask'] });
      for (const kind of ['keydown', 'click']) document.addEventListener(kind, () => {
        const t = performance.now();
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => seen.paints.push(performance.now() - t);
          port2.postMessage(0);
        });
      }, true);`,
  });
}
const forget = async (page: Page): Promise<void> => {
  await page.evaluate('Object.assign(seen, { paints: [], tasks: [] })');
};
async function told(page: Page, what: string, aimMs: string): Promise<void> {
  const { paints, tasks } = await page.evaluate<Seen>('seen');
  if (paints.length > 0) print(`${what}: to the next paint, p95`, at(sorted(paints), 0.95), 'ms', aimMs);
  print(`  longest the page was held up meanwhile (0: never over 50)`, Math.max(0, ...tasks), 'ms', '50');
}

async function firstPaint(browser: Browser): Promise<void> {
  const paints: number[] = [];
  let loaded = 0;
  for (let k = 0; k < 5; k++) {
    const context = await browser.newContext({ viewport: VIEW });
    const tab = await context.newPage();
    const scripts: string[] = [];
    tab.on('response', (r) => void (r.url().endsWith('.js') && scripts.push(new URL(r.url()).pathname)));
    await tab.goto(origin);
    await tab.getByRole('heading', { name: 'Formulas' }).waitFor();
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
  print('first contentful paint of the shelf, median of 5', at(sorted(paints), 0.5), 'ms', '600');
  print('JavaScript of the shelf with what is fetched after it, gzipped', loaded / 1000, 'kB');
}

/** Keys on the slider of a held amount at Balance. */
async function drag(browser: Browser): Promise<void> {
  const tab = await browser.newPage({ viewport: VIEW });
  await watch(tab);
  const id = (await shelf()).find((f) => f.title.includes('muffins'))!.id;
  await tab.goto(`${origin}/formula/${id}/swap`);
  await leaveAllOut(tab);
  await tab.getByRole('link', { name: /See it balanced/ }).click();
  await tab
    .getByRole('button', { name: /^Lock .* at \d+ g/ })
    .first()
    .click();
  await tab.getByRole('slider').first().focus();
  await tab.waitForTimeout(1500);
  await forget(tab);
  for (let k = 0; k < 80; k++) {
    await tab.keyboard.press(k % 20 < 10 ? 'ArrowRight' : 'ArrowLeft');
    await tab.waitForTimeout(30);
  }
  await tab.waitForTimeout(1000);
  await told(tab, 'dragging an amount', '50');
  await tab.close();
}

async function leaveAllOut(tab: Page): Promise<void> {
  for (const out of ['egg', 'dairy', 'nuts', 'oil']) {
    const box = tab.getByRole('checkbox', { name: `Leave out ${out}`, exact: true });
    await box.focus();
    if (!(await box.isChecked())) await tab.keyboard.press('Space');
  }
  await tab.locator('[aria-busy="false"]').first().waitFor();
}

/** Rounds made of the same way: the quietest is told, since what else a machine does is not the page's. */
const ROUNDS = 3;

/** The demo formula with most lines, without all four, from stop to stop. */
async function biggest(browser: Browser): Promise<void> {
  const [most] = (await shelf()).sort((a, b) => b.lines - a.lines);
  const found = new Map<string, { next: number; held: number }>();
  const note = async (tab: Page, what: string) => {
    const { paints, tasks } = await tab.evaluate<Seen>('seen');
    const [next, held] = [at(sorted(paints), 0.95), Math.max(0, ...tasks)];
    const was = found.get(what) ?? { next, held };
    found.set(what, { next: Math.min(next, was.next), held: Math.min(held, was.held) });
    await forget(tab);
  };
  for (let round = 0; round < ROUNDS; round++) {
    const tab = await browser.newPage({ viewport: VIEW });
    await watch(tab);
    await tab.goto(`${origin}/formula/${most!.id}/swap`);
    await tab.getByRole('checkbox', { name: 'Leave out egg', exact: true }).waitFor({ state: 'attached' });
    await tab.waitForTimeout(1500);
    await forget(tab);
    for (let k = 0; k < 3; k++) {
      await leaveAllOut(tab);
      await tab.waitForTimeout(800);
      await tab.keyboard.press('Control+Z');
      await tab.waitForTimeout(400);
    }
    await leaveAllOut(tab);
    await tab.waitForTimeout(1500);
    await note(tab, 'Swap');
    for (const [stop, keys] of [
      ['Balance', ['Tab', 'Tab', 'Space', 'Tab']],
      ['Bake', ['Tab', 'Tab', 'Tab', 'Tab']],
      ['Lift', ['Tab', 'Tab']],
      ['Read', ['Tab', 'Tab']],
    ] as const) {
      await tab
        .getByRole('navigation', { name: 'Stops of this formula' })
        .getByRole('link', { name: stop })
        .click();
      await tab.waitForTimeout(2500);
      for (const key of keys) await tab.keyboard.press(key);
      await tab.waitForTimeout(400);
      await note(tab, stop);
    }
    await tab.close();
  }
  console.log(`${most!.title}, ${most!.lines} lines, the quietest of ${ROUNDS} rounds:`);
  for (const [what, { next, held }] of found) {
    print(`${what}: to the next paint, p95`, next, 'ms', '100');
    print('  longest the page was held up meanwhile (0: never over 50)', held, 'ms', '50');
  }
}

/** A shelf of thousands: made by bringing in a file, then opened, searched, sorted. */
async function longShelf(browser: Browser): Promise<void> {
  const lines = (await fetch(`${origin}/api/v1/backup`).then((r) => r.text()))
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l) as BackupLine);
  const sources = lines.flatMap((l, i) => {
    const next = lines[i + 1];
    return 'formula' in l && next && 'version' in next ? [{ ...l.formula, source: next.version }] : [];
  });
  const copies: BackupLine[] = Array.from({ length: MANY }, (_, i) => {
    const { source, ...of } = sources[i % sources.length]!;
    return [
      { formula: { ...of, id: randomUUID(), title: `${of.title}, no. ${i}` } },
      { version: { ...source, id: randomUUID(), parentId: null, targetId: null, mark: null } },
    ];
  }).flat();
  const head = lines.find((l) => 'head' in l)!;
  const end: BackupLine = { end: { formulas: MANY, versions: MANY, pantry: 0 } };
  const t = performance.now();
  const res = await fetch(`${origin}/api/v1/backup`, {
    method: 'POST',
    headers: { 'content-type': 'application/x-ndjson' },
    body: [head, ...copies, end].map((l) => JSON.stringify(l)).join('\n'),
  });
  const said = await res.text();
  if (!said.includes('restored')) throw new Error(said.slice(0, 500));
  print(`bringing in ${MANY} formulas from a file`, (performance.now() - t) / 1000, 's');
  const ask = performance.now();
  await shelf();
  print(`the shelf of ${MANY} from the server`, performance.now() - ask, 'ms', '500');
  const tab = await browser.newPage({ viewport: VIEW });
  await watch(tab);
  const start = performance.now();
  await tab.goto(origin);
  await tab.getByRole('main').getByRole('listitem').first().waitFor();
  print('opening it, until the first row', performance.now() - start, 'ms', '2000');
  await tab.waitForTimeout(1000);
  await forget(tab);
  await tab.keyboard.press('/');
  await tab.keyboard.type('quince 1', { delay: 60 });
  await tab.waitForTimeout(500);
  await told(tab, 'searching it, key by key', '100');
  await forget(tab);
  await tab.getByRole('combobox', { name: 'In order' }).focus();
  await tab.keyboard.press('ArrowDown');
  await tab.waitForTimeout(600);
  await told(tab, 'ordering it', '100');
  await tab.close();
}

/** Readings of a scale at the bench: from the packet to the paint, and what an hour of them leaves in memory. */
async function bench(browser: Browser): Promise<void> {
  const tab = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await tab.addInitScript({
    content: `
      window.read = [];
      window.WebSocket = class extends WebSocket {
        constructor(to) {
          super(to);
          window.line = this;
          this.addEventListener('message', ({ data }) => {
            if (typeof data === 'string') return;
            const t = performance.now();
            requestAnimationFrame(() => {
              const { port1, port2 } = new MessageChannel();
              port1.onmessage = () => read.push(performance.now() - t);
              port2.postMessage(0);
            });
          });
        }
      };`,
  });
  const id = (await shelf()).find((f) => f.title.includes('muffins'))!.id;
  const call = async <T>(path: string, data?: object): Promise<T> =>
    (
      await tab.request.fetch(`${origin}/api/v1/${path}`, {
        method: data ? 'POST' : 'GET',
        ...(data ? { data } : {}),
      })
    ).json() as Promise<T>;
  const { versions } = await call<{ versions: { id: string }[] }>(`formulas/${id}`);
  const run = await call<{ id: string }>('runs', {
    formulaId: id,
    versionId: versions[0]!.id,
    title: 'Muffins',
    batches: 1,
    scaleStepG: 1,
    begunAt: Date.now(),
  });
  const instruments = spawn(process.execPath, ['dist/server/instruments.js'], { stdio: 'ignore' });
  await tab.goto(`${origin}/bench/${run.id}`);
  await tab.getByText('Instruments', { exact: true }).click();
  await tab.getByRole('button', { name: 'Connect' }).click();
  await tab.getByText('Connected to').waitFor();
  await tab.waitForTimeout(10_000);
  const read = await tab.evaluate<number[]>('read');
  print('a reading at the bench: to the next paint, p95', at(sorted(read), 0.95), 'ms', '100');
  const session = await tab.context().newCDPSession(tab);
  const heap = async (): Promise<number> => {
    await session.send('HeapProfiler.collectGarbage');
    const { usedSize } = await session.send('Runtime.getHeapUsage');
    return usedSize / 1e6;
  };
  const sendMany = (n: number): Promise<unknown> =>
    tab.evaluate(`(async () => {
      for (let i = 0; i < ${n}; i++) {
        const v = new DataView(new ArrayBuffer(6));
        v.setUint8(0, 0);
        v.setInt32(2, ((10 * (i % 300)) & 0xffffff) | (0xff << 24), true);
        line.dispatchEvent(new MessageEvent('message', { data: v.buffer }));
        if (i % 20 === 0) await new Promise((r) => requestAnimationFrame(r));
      }
      read.length = 0;
    })()`);
  await sendMany(2000);
  const before = await heap();
  await sendMany(36_000);
  print('  an hour of readings, ten a second: memory more by', (await heap()) - before, 'MB', '');
  instruments.kill();
  await tab.close();
}

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox'],
});
await firstPaint(browser);
await drag(browser);
await bench(browser);
await biggest(browser);
await longShelf(browser);
await browser.close();
