import { createHash } from 'node:crypto';
import { closeSync, mkdirSync, openSync } from 'node:fs';
import { join } from 'node:path';
import Axe from 'axe-core';
import { expect, type Page } from '@playwright/test';

/** Where it is noted of which views the colours were looked at, by whatever worker; emptied before each run. */
export const LOOKED_AT = 'test-results/looked-at';
/** Whether a view is looked at for the first time in this run. */
function isFirst(view: string): boolean {
  mkdirSync(LOOKED_AT, { recursive: true });
  try {
    closeSync(openSync(join(LOOKED_AT, createHash('sha256').update(view).digest('hex')), 'wx'));
    return true;
  } catch {
    return false;
  }
}

const AXE = Axe.source;
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * Every view is checked against WCAG 2.2 AA as far as axe can tell. Its colours take longer than all the rest: they are
 * looked at once for each view, dialog and theme, its structure every time.
 */
export async function expectAccessible(page: Page): Promise<void> {
  const view = await page.evaluate(() =>
    [
      location.pathname.replaceAll(/[0-9a-f-]{36}/g, ''),
      document.querySelector('[role=dialog] h2')?.textContent ?? '',
      matchMedia('(prefers-color-scheme: dark)').matches,
      innerWidth < 600,
    ].join(' '),
  );
  /** Waits until nothing moves: what is half faded in has the colours of no state. */
  const settled = (): Promise<unknown> =>
    page.evaluate(async () => {
      const finite = document
        .getAnimations()
        .filter((a) => Number.isFinite(Number(a.effect?.getComputedTiming().endTime ?? 0)));
      await Promise.all(finite.map((a) => a.finished.catch(() => undefined)));
    });
  await settled();
  const rules = isFirst(view) ? {} : { 'color-contrast': { enabled: false } };
  /** What is wrong with the page as it stands. The checker is brought to a page once: it is half a megabyte. */
  const wrong = async (): Promise<string[]> => {
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
    return page.evaluate(
      async (options) => {
        const { violations } = await (window as unknown as { axe: typeof Axe }).axe.run(document, options);
        return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`);
      },
      // Only what is wrong is written out, and no style sheets are fetched again: twice as quick on a long list.
      {
        runOnly: { type: 'tag', values: TAGS },
        rules,
        resultTypes: ['violations'],
        preload: false,
      } satisfies Axe.RunOptions,
    );
  };
  let found = await wrong();
  // A notice that came while it was looked at may stand by now: it is looked at again as it stands.
  if (found.length > 0) {
    await settled();
    found = await wrong();
  }
  expect(found).toEqual([]);
}

/** A formula of our own that is in no test of the core. */
export const PASTED = {
  title: 'Ginger tray cake',
  text: `1 1/2 cups white rice flour
3/4 cup tapioca starch
2 large eggs
½ cup buttermilk
1/3 cup sunflower oil
120 g moonbeam sugar
2 tsp baking powder
1/2 tsp baking soda
1 tsp xanthan gum
2-3 tbsp honey
a pinch of salt
1/2 cup walnuts, chopped
butter for greasing`,
  method: `Heat the oven and grease a square tin.
Whisk the eggs with the sugar, honey and oil, then the buttermilk.
Stir in the dry things and fold in the walnuts.
Bake 30-35 min. Cool in the tin.`,
  oven: '350 F',
  time: '30-35 min',
};

/** An answer of the server that is no page of the app: where a page waits between two journeys. */
export const NOWHERE = '/api/v1/health';

/**
 * Goes to a page as a link does: a page that is loaded anew costs ten times as much, so only a journey that is about loading
 * does so. The first page of a journey is loaded.
 */
export async function visit(page: Page, to: string): Promise<void> {
  if (page.url() === 'about:blank' || page.url().endsWith(NOWHERE)) {
    await page.goto(to);
    return;
  }
  // What the router itself writes into the history, so that going back leads here.
  await page.evaluate((address) => {
    const home = location.pathname.startsWith('/demo') ? '/demo/' : '/';
    const url = new URL(address, `${location.origin}${home}`);
    const { idx = 0 } = (history.state ?? {}) as { idx?: number };
    history.pushState({ usr: null, key: String(Math.random()), idx: idx + 1 }, '', url);
    dispatchEvent(new PopStateEvent('popstate', { state: history.state as unknown }));
  }, to);
}

/** Pastes a formula and puts it on the shelf; ends on its Swap. */
export async function pasteFormula(page: Page, given: Partial<typeof PASTED> = {}): Promise<void> {
  const f = { ...PASTED, ...given };
  await visit(page, './new');
  await page.getByLabel('Title').fill(f.title);
  await page.getByLabel('Ingredients, one a line').fill(f.text);
  await page.getByLabel('Method').fill(f.method);
  await page.getByLabel('Oven').fill(f.oven);
  await page.getByLabel('Time').fill(f.time);
  await page.getByRole('button', { name: 'Add formula' }).click();
  await page.waitForURL(/\/formula\/.+\/swap/);
  await expect(page.getByRole('heading', { level: 1, name: f.title })).toBeVisible();
}

/** Puts a formula on the shelf as a script would, and opens its Swap: for journeys that are about something else. */
export async function putFormula(page: Page, given: Partial<typeof PASTED> = {}): Promise<void> {
  const f = { ...PASTED, ...given };
  const call = async <T>(to: string, data: unknown): Promise<T> => {
    const res = await page.request.post(`./api/v1/${to}`, { data });
    expect(res.ok()).toBe(true);
    return (await res.json()) as T;
  };
  const { formula } = await call<{ formula: object }>('read', f);
  const made = await call<{ formula: { id: string } }>('formulas', { formula });
  await visit(page, `./formula/${made.formula.id}/swap`);
  await expect(page.getByRole('heading', { level: 1, name: f.title })).toBeVisible();
}

/** Presses what has to go and waits for the answer. */
export async function leaveOut(page: Page, ...what: ('egg' | 'dairy' | 'nuts' | 'oil')[]): Promise<void> {
  for (const w of what) {
    const chip = page.getByRole('checkbox', { name: `Leave out ${w}` });
    // The box itself is drawn by its label.
    if (!(await chip.isChecked()))
      await page
        .locator('label', { hasText: w === 'oil' ? 'added oil' : w })
        .first()
        .click();
    await expect(chip).toBeChecked();
  }
  await expect(page.locator('[aria-busy="false"]')).toBeVisible();
}

export const deskSaved = (page: Page) => expect(page.getByText('Draft saved')).toBeVisible();

/** Sets a field for a time of the day: its hours, then its minutes. */
export async function setTime(page: Page, name: string, time: string): Promise<void> {
  const [hour, minute] = time.split(':') as [string, string];
  await page.getByLabel(`${name}, hour`).fill(hour);
  await page.getByLabel(`${name}, minute`).fill(minute);
}
