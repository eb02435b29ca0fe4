import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, FIRST_PORT, serve, test } from './fixtures';
import { deskSaved, expectAccessible, leaveOut, putFormula, visit } from './helpers';

/** Whatever is done to it, what was typed is still there, or one press away. */
const isOut = (page: Page, what: string) =>
  expect(page.getByRole('checkbox', { name: `Leave out ${what}` })).toBeChecked();
const isIn = (page: Page, what: string) =>
  expect(page.getByRole('checkbox', { name: `Leave out ${what}` })).not.toBeChecked();

test('a version that is opened beside a changed copy takes nothing away: undo, a press, a restart bring it back', async ({
  page,
}) => {
  await putFormula(page, { title: 'Beside me' });
  await leaveOut(page, 'egg');
  await deskSaved(page);
  await page.getByRole('link', { name: 'original', exact: true }).click();
  await expect(page.getByText('You are looking at “original”')).toBeVisible();
  await isIn(page, 'egg');
  await expectAccessible(page);
  // Looked at and left: the copy is as it was.
  await page.getByRole('link', { name: 'Back to my working copy' }).click();
  await isOut(page, 'egg');
  // Changed here: that one waits aside, and the address no longer says it is that version.
  await page.getByRole('link', { name: 'original', exact: true }).click();
  // A press goes to what is on show: the copy until the version is there.
  await expect(page.getByText('You are looking at “original”')).toBeVisible();
  await leaveOut(page, 'dairy');
  await deskSaved(page);
  await expect(page).not.toHaveURL(/from=/);
  await expect(page.getByText(/Set aside.*leaves out egg/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await isOut(page, 'egg');
  await page.getByRole('button', { name: 'Redo' }).click();
  await page.getByRole('button', { name: 'Redo' }).click();
  await isOut(page, 'dairy');
  await deskSaved(page);
  // After a restart of the page there is no undo, but the copy still waits.
  await page.reload();
  await isOut(page, 'dairy');
  await page.getByRole('button', { name: 'Restore' }).first().click();
  await isOut(page, 'egg');
  await isIn(page, 'dairy');
  await expect(page.getByText(/Set aside.*leaves out dairy/)).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).first().click();
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(page.getByText(/Set aside.*leaves out dairy/)).toBeVisible();
});

test('back and forward walk over the pages, not over the work', async ({ page }) => {
  await putFormula(page, { title: 'There and back' });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /^Balance/ }).click();
  await page.waitForURL(/\/balance/);
  await page.goBack();
  await isOut(page, 'egg');
  await page.getByRole('link', { name: 'original', exact: true }).click();
  await expect(page.getByText('You are looking at “original”')).toBeVisible();
  await page.goBack();
  await isOut(page, 'egg');
  await page.goForward();
  await expect(page.getByText('You are looking at “original”')).toBeVisible();
  await page.goBack();
  await visit(page, './');
  await page.goBack();
  await isOut(page, 'egg');
});

test('the server is killed in the middle of an edit: it is said, what was typed can be saved, and it saves itself again', async ({
  page,
}, { parallelIndex }) => {
  const data = mkdtempSync(join(tmpdir(), 'crumb-killed-'));
  const server = serve(data, FIRST_PORT + 60 + parallelIndex, { demo: false });
  await server.start();
  await page.goto(`${server.url}/new`);
  await page.getByLabel('Title').fill('Killed in the middle');
  await page
    .getByLabel('Ingredients, one a line')
    .fill('200 g rice flour\n2 eggs\n100 g milk\n8 g baking powder');
  await page.getByRole('button', { name: 'Add formula' }).click();
  await page.waitForURL(/\/swap/);
  await leaveOut(page, 'egg');
  await deskSaved(page);
  await server.kill();
  await leaveOut(page, 'dairy');
  await expect(
    page.getByRole('status').filter({ hasText: 'Not saved yet: the server does not answer' }),
  ).toBeVisible();
  await expectAccessible(page);
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a file' }).click();
  expect((await saving).suggestedFilename()).toBe('killed-in-the-middle-working-copy.jsonl');
  await server.start();
  // Nothing is pressed: it saves by itself.
  await deskSaved(page);
  await page.reload();
  await isOut(page, 'egg');
  await isOut(page, 'dairy');
  // The file is one that can be brought in.
  await page.goto(`${server.url}/kitchen`);
  await page
    .getByRole('region', { name: 'Back up and restore' })
    .locator('input[type=file]')
    .setInputFiles(await (await saving).path());
  await expect(page.getByText(/1 item restored/)).toBeVisible();
  await server.kill();
  rmSync(data, { recursive: true, force: true });
});

test('a browser without room, and one whose page was closed before anything was saved', async ({
  page,
  context,
}) => {
  await putFormula(page, { title: 'No room' });
  const url = page.url();
  await page.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await leaveOut(page, 'egg');
  await deskSaved(page);
  await page.route('**/draft', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await leaveOut(page, 'oil');
  await expect(page.getByText(/This browser has no room to save it either/).first()).toBeVisible();
  await page.close();
  // A page that could keep it but never reached the server: the next page sends what it left.
  const second = await context.newPage();
  await second.route('**/draft', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await second.goto(url);
  await isOut(second, 'egg');
  await leaveOut(second, 'nuts');
  await expect(second.getByRole('status').filter({ hasText: 'Not saved yet' })).toBeVisible();
  await second.close();
  const third = await context.newPage();
  await third.goto('./');
  await expect(third.getByRole('heading', { name: 'Formulas' })).toBeVisible();
  await third.goto(url);
  await isOut(third, 'nuts');
  await deskSaved(third);
});

test('two tabs of one kitchen: both changes stand; where they cannot, both are shown', async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  for (const tab of [page, other]) {
    await tab.goto('./kitchen');
    await expect(tab.getByRole('heading', { name: 'Ovens' })).toBeVisible();
  }
  const height = (tab: Page) => tab.getByLabel('Height above sea level');
  const currency = (tab: Page) => tab.getByRole('combobox', { name: 'Prices in' });
  const before = await height(page).inputValue();
  await height(page).fill('900');
  await height(page).blur();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await currency(other).click();
  await other.getByRole('option', { name: 'kr' }).click();
  await expect(other.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.reload();
  await expect(height(page)).toHaveValue(/900/);
  await expect(currency(page)).toHaveValue('kr');
  // Now the same thing in both.
  await height(page).fill('1200');
  await height(page).blur();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await height(other).fill('300');
  await height(other).blur();
  await expect(other.getByText('The height above sea level was also changed in another tab')).toBeVisible();
  await expect(other.getByText(/There: 1200\. Here: 300\./)).toBeVisible();
  await expectAccessible(other);
  await other.getByRole('button', { name: 'Use mine' }).click();
  await page.reload();
  await expect(height(page)).toHaveValue(/300/);
  // Other journeys go on in this kitchen.
  await currency(page).click();
  await page.getByRole('option', { name: '€' }).click();
  await height(page).fill(before);
  await height(page).blur();
  await page.reload();
  await expect(currency(page)).toHaveValue('€');
});

test('a worker that is blocked is said in words, and tried again at a press', async ({ page }) => {
  await putFormula(page, { title: 'No worker' });
  await page.route('**/core.worker*', (route) => route.abort());
  await page.reload();
  await expect(page.getByText('This could not be worked out')).toBeVisible({ timeout: 30_000 });
  await expectAccessible(page);
  await page.unroute('**/core.worker*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('This could not be worked out')).toBeHidden();
  await leaveOut(page, 'egg');
  await expect(page.getByText(/^1 to replace/)).toBeVisible();
});
