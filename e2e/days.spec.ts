import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, FIRST_PORT, serve, test } from './fixtures';
import { expectAccessible, setTime, visit } from './helpers';
import { copySeeded } from './seeded';

async function newDay(page: Page, title: string): Promise<void> {
  await visit(page, './days');
  await page.getByLabel('Name of the day').fill(title);
  await page.getByRole('button', { name: 'Add day' }).click();
  await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
}
async function addBake(page: Page, words: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Add a bake' }).fill(words);
  await page.getByRole('option', { name: new RegExp(words) }).click();
  await page.getByRole('button', { name: 'Add to the day' }).click();
  await expect(page.getByRole('button', { name: new RegExp(`Remove ${words}.*from the day`) })).toBeVisible();
}
const planned = (page: Page) =>
  expect(page.getByRole('region', { name: 'Who does what when' })).toBeVisible();

test('a day is planned, moved by keys, listed, printed and saved for a calendar; what does not fit is said with what helps', async ({
  page,
}) => {
  await newDay(page, 'Harbour stall');
  await addBake(page, 'Ferry flatbreads');
  await addBake(page, 'Lemon-thyme pound cake');
  await planned(page);
  await expect(page.getByText(/all ready at/)).toBeVisible();
  await expect(page.getByText('Looking for a better plan')).toHaveCount(0);
  await expectAccessible(page);

  // On a phone nothing reaches beyond the edge.
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(page);
  await page.setViewportSize({ width: 1280, height: 800 });

  // Hours are drawn wider, and the work of minutes can be taken hold of.
  const lanes = page.getByRole('region', { name: 'Who does what when' });
  const held = lanes.getByRole('button', { name: /Arrow keys move it to another time/ });
  const before = await held.count();
  for (let i = 0; i < 3; i++) await lanes.getByRole('button', { name: 'Zoom in' }).click();
  expect(await held.count()).toBeGreaterThan(before);
  await expect(lanes.getByRole('button', { name: 'Zoom in' })).toBeDisabled();
  await expectAccessible(page);
  for (let i = 0; i < 3; i++) await lanes.getByRole('button', { name: 'Zoom out' }).click();

  // What is wanted is moved along the clock with keys alone.
  const wanted = page.getByRole('button', { name: /Ferry flatbreads ready at 13:00/ });
  await wanted.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: /Ferry flatbreads ready at 12:30/ })).toBeFocused();

  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save for a calendar' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('harbour-stall.ics');
  expect(readFileSync(await file.path(), 'utf8')).toContain('BEGIN:VALARM');

  await page.getByRole('link', { name: 'Lists' }).click();
  await expect(page.getByRole('region', { name: 'Shopping list' })).toContainText('Butter');
  await expect(page.getByRole('region', { name: 'To weigh ahead' })).toBeVisible();
  // What is left is said, and what is to be bought follows.
  const butter = page.getByRole('row', { name: /^Butter/ });
  await butter.getByRole('textbox').fill('10');
  await butter.getByRole('textbox').press('Tab');
  await expect(butter).toContainText(/\d g/);
  await page.reload();
  await expect(butter.getByRole('textbox')).toHaveValue('10 g');
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Wall sheet' }).click();
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'Harbour stall' })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Pages of the day' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await expectAccessible(page);

  // Nobody there: said, with the bakes it is about; somebody there again: planned again.
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('button', { name: /^Remove (Kiosk|Me)/ }).click();
  const others = page.getByRole('button', { name: /^Remove Helper/ });
  if (await others.count()) await others.first().click();
  await expect(page.getByText('Not everything fits')).toBeVisible();
  await expect(page.getByText(/there are not enough people/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add a person' }).click();
  await planned(page);
});

test('a day is gone through: ticks and timers are there after a reload, on a second page and after the server was killed', async ({
  browser,
}) => {
  const data = mkdtempSync(join(tmpdir(), 'crumb-day-'));
  copySeeded(data);
  const server = serve(data, FIRST_PORT + 50);
  await server.start();
  const context = await browser.newContext({ baseURL: `${server.url}/` });
  try {
    const page = await context.newPage();
    await visit(page, './days');
    await page.getByRole('link', { name: /Lantern walk/ }).click();
    await planned(page);
    await expect(page.getByText('Looking for a better plan')).toHaveCount(0);
    await page.getByRole('link', { name: 'Run the day' }).click();
    const next = page.getByRole('region', { name: 'Next step' });
    await expect(next).toContainText('Feed the starter');
    await expectAccessible(page);
    await next.getByRole('button', { name: 'Start' }).click();
    const going = page.getByRole('region', { name: 'Running unattended' });
    await expect(going).toContainText('Feed the starter');
    await page.getByLabel('Timer name').fill('Kettle');
    await page.getByLabel('Minutes').fill('30');
    await page.getByRole('button', { name: 'Start a timer' }).click();
    const timers = page.getByRole('region', { name: 'Timers' });
    await expect(timers).toContainText('Kettle');
    await expect(timers.getByRole('timer')).toHaveText(/^(29|30):\d\d$/);

    await page.reload();
    await expect(going).toContainText('Feed the starter');
    await expect(timers).toContainText('Kettle');

    await server.kill();
    await server.start();
    await page.reload();
    await expect(going).toContainText('Feed the starter');
    await expect(timers.getByRole('timer')).toHaveText(/^(28|29|30):\d\d$/);

    // A second device follows, and what it ticks is seen here.
    const second = await context.newPage();
    await second.goto(page.url());
    await second.getByRole('button', { name: /^Done: Feed the starter/ }).click();
    await expect(page.getByText('Feed the starter')).toHaveCount(0);
    await second.getByRole('button', { name: 'Turn off Kettle' }).click();
    await expect(timers).not.toContainText('Kettle');
    await expectAccessible(second);
  } finally {
    await context.close();
    await server.stop();
    rmSync(data, { recursive: true, force: true });
  }
});

test('what is late moves the rest; a bake that failed is made again', async ({ page }) => {
  await newDay(page, 'Late already');
  await addBake(page, 'Ferry flatbreads');
  await planned(page);
  // The day is today, and it is wanted in a few minutes: it would have to be begun before now.
  const now = new Date();
  const written = now.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).replace('Sept', 'Sep'); // prettier-ignore
  await page.getByLabel('Date').fill(written);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  const at = new Date(Math.min(now.getTime() + 20 * 60_000, new Date(now).setHours(23, 55)));
  const time = `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
  await setTime(page, 'Kiosk: On the day', '00:00');
  await setTime(page, 'Kiosk: until', '23:59');
  await setTime(page, 'Ferry flatbreads ready at', time);
  await expect(page.getByText('It would have to start before now')).toBeVisible();
  await expect(page.getByText('Looking for a better plan')).toHaveCount(0);
  await page.getByRole('link', { name: 'Run the day' }).click();
  const next = page.getByRole('region', { name: 'Next step' });
  const first = (await next.textContent())!;
  await next.getByRole('button', { name: 'Done' }).first().click();
  await expect(next).not.toHaveText(first);
  await expectAccessible(page);
  // A bake that failed is made again: its first thing comes back.
  await next.getByRole('button', { name: 'Something else' }).click();
  await page.getByRole('menuitem', { name: /It failed: make Ferry flatbreads again/ }).click();
  await expect(page.getByRole('region', { name: 'Running unattended' })).toHaveCount(0);
});
