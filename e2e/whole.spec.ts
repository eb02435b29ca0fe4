import { expect, test } from './fixtures';
import { expectAccessible, leaveOut, putFormula, visit } from './helpers';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('versions grow, branch, are named and starred, and lie side by side', async ({ page }) => {
  await putFormula(page, { title: 'Capstan cake' });
  const keep = async (name: string) => {
    await page.getByRole('button', { name: 'Save version' }).click();
    await page.getByRole('dialog').getByLabel(/^Name/).fill(name);
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByRole('article').waitFor();
    await page.getByRole('link', { name: 'Back to the formula' }).click();
    await expect(page.locator('[aria-busy="false"]')).toBeVisible();
  };
  await leaveOut(page, 'egg');
  await keep('no egg');
  await page.getByRole('link', { name: 'Swap' }).first().click();
  await leaveOut(page, 'dairy');
  // The keys keep it too.
  await page.keyboard.press('Control+S');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await keep('no egg, no dairy');
  await page.getByRole('link', { name: /all 3 versions/ }).click();
  await expect(page.getByRole('heading', { name: 'no egg, no dairy against no egg' })).toBeVisible();
  await expect(page.getByText(/^Removed: .*buttermilk/)).toBeVisible();
  // Its state is in the address, which follows the press.
  await page.getByRole('checkbox', { name: 'original', exact: true }).click();
  await expect(page).toHaveURL(/beside=/);
  await expect(page.getByRole('table').getByRole('columnheader')).toHaveCount(3);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Star no egg', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Star no egg', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Name or note no egg, no dairy' }).click();
  await page.getByLabel('Name', { exact: true }).fill('trial 2');
  await page.getByRole('textbox', { name: 'Note' }).fill('Close; a little wet.');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save name and note' }).click();
  await expect(page.getByText('Close; a little wet.')).toBeVisible();
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Close; a little wet.')).toHaveCount(0);
  await page.getByRole('button', { name: 'Name or note no egg, no dairy' }).click();
  await page.getByLabel('Name', { exact: true }).fill('trial 2');
  await page.getByRole('textbox', { name: 'Note' }).fill('Close; a little wet.');
  await page.getByRole('button', { name: 'Save name and note' }).click();
  await expect(page.getByText('Close; a little wet.')).toBeVisible();
  // From the first one on: a branch of its own.
  await page
    .getByRole('listitem')
    .filter({ hasText: 'no egg' })
    .getByRole('link', { name: 'Continue from here' })
    .first()
    .click();
  await page.waitForURL(/from=/);
  await leaveOut(page, 'oil');
  await keep('no egg, no oil');
  await page.getByRole('link', { name: /all 4 versions/ }).click();
  await expect(page.getByText(/from “no egg”/)).toHaveCount(2);
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'trial 2' })).toBeVisible();
});

test('of many versions the latest is a press away', async ({ page }) => {
  await visit(page, './');
  await page.getByRole('link', { name: /Cardamom crown/ }).click();
  await page.getByRole('link', { name: /all \d+ versions/ }).click();
  const to = page.getByRole('link', { name: /^Go to the latest: / });
  const name = (await to.textContent())!.replace('Go to the latest: ', '');
  await to.click();
  await expect(page.getByRole('checkbox', { name, exact: true })).toBeInViewport();
  await expectAccessible(page);
});

test('anything is found or gone to by keys, and the sheet of keys is a press away', async ({ page }) => {
  await visit(page, './kitchen');
  await page.getByRole('heading', { name: 'Kitchen' }).waitFor();
  await page.keyboard.press('Control+K');
  const box = page.getByPlaceholder('a formula, a page or an action');
  await box.fill('parsnip');
  await expect(page.getByRole('dialog').getByText(/^Parsnip and walnut/)).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/swap/);
  await expect(page.getByRole('heading', { level: 1, name: /Parsnip/ })).toBeVisible();
  await page.keyboard.press('Alt+3');
  await page.waitForURL(/\/balance/);
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Find or go to' }).click();
  await box.fill('gummy');
  await page.getByRole('button', { name: /Look up “gummy”/ }).click();
  await expect(page.getByRole('heading', { name: 'Gummy line or wet centre' })).toBeVisible();
  await page.goBack();
  await page.waitForURL(/\/balance/);
  await visit(page, './');
  await page.getByLabel('Find', { exact: true }).waitFor();
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find', { exact: true })).toBeFocused();
});

test('the handbook: every part, searched, sifted, linked to from an explanation', async ({ page }) => {
  for (const name of [
    'Replacements',
    'Kinds of bake',
    'Feel scale',
    'Faults and repairs',
    'Conversions',
    'Cautions',
    'Sources',
  ]) {
    await visit(page, './handbook');
    await page.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
    // The other parts are entries like these.
    if (['Replacements', 'Kinds of bake', 'Conversions'].includes(name)) await expectAccessible(page);
  }
  await visit(page, './handbook/replacements');
  await expect(page.getByRole('heading', { level: 1, name: 'Replacements' })).toBeVisible();
  const found = page.getByRole('main').locator('li[id]');
  await expect(found.first()).toBeVisible();
  const all = await found.count();
  await page.getByRole('combobox', { name: 'Leave out as well' }).click();
  await page.getByRole('option', { name: 'pulses' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Aquafaba, whisked')).toHaveCount(0);
  expect(await found.count()).toBeLessThan(all);
  await page.getByLabel('Search the handbook').fill('sunken');
  await expect(page.getByRole('heading', { name: 'Sunken top' })).toBeVisible();
  await expect(page).toHaveURL(/q=sunken/);
  await visit(page, './handbook/conversions');
  await page.getByLabel('An oven').fill('gas mark 6');
  await expect(page.getByRole('status')).toContainText('204 °C');
  await putFormula(page, { title: 'Sextant cake' });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: 'In the handbook' }).first().click();
  await page.waitForURL(/\/handbook\/replacements#/);
  await expect(page.locator('[data-here]')).toBeVisible();
});

test('everything goes into a file and comes back; a file that is none is refused', async ({ page }) => {
  await putFormula(page, { title: 'Bosun buns' });
  await visit(page, './kitchen');
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Back up to a file' }).click();
  const file = await saving;
  expect(file.suggestedFilename()).toBe('new-crumb.jsonl');
  const kept = await file.path();
  await visit(page, './?q=bosun');
  await page.getByRole('button', { name: 'Delete Bosun buns' }).click();
  await expect(page.getByText('Bosun buns is deleted')).toBeVisible();
  await visit(page, './kitchen');
  const input = page.getByRole('region', { name: 'Back up and restore' }).locator('input[type=file]');
  await input.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"a":') });
  await expect(page.getByText(/was not made here/)).toBeVisible();
  await expectAccessible(page);
  await input.setInputFiles(kept);
  await expect(page.getByText(/restored; \d+ were already here/)).toBeVisible();
  await visit(page, './?q=bosun');
  await expect(page.getByRole('list', { name: 'Formulas found' }).getByRole('listitem')).toHaveCount(1);
});

test('several formulas pasted at once, and a table from a file', async ({ page }) => {
  await visit(page, './new');
  const box = page.getByLabel('Ingredients, one a line');
  await box.fill(
    '# Halyard bars\n- 200 g oats\n- 100 g honey\n\n# Luff bread\n- 300 g rice flour\n- 250 g water\n- 5 g salt\n\nMethod:\nMix.\nBake.',
  );
  await expect(page.getByText('This text holds 2 formulas.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add all 2 formulas' }).click();
  await page.waitForURL(/\/demo\/?$/);
  for (const title of ['Halyard bars', 'Luff bread'])
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
  await visit(page, './new');
  await box.fill('');
  await page.locator('input[type=file]').setInputFiles({
    name: 'Gaff scones.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('ingredient,grams,mood\nrice flour,250,good\nmilk,120,\n'),
  });
  await expect(page.getByText(/Not taken in: mood/)).toBeVisible();
  await page.getByRole('button', { name: 'Use “Gaff scones”' }).click();
  await expect(box).toHaveValue('250 g rice flour\n120 g milk');
});

test('what is changed in the kitchen can be undone and done again', async ({ page }) => {
  await visit(page, './kitchen');
  const height = page.getByLabel(/height|above the sea/i).first();
  const before = await height.inputValue();
  await height.fill('1200');
  await height.blur();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(height).toHaveValue(before);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(height).toHaveValue(/1,?200/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(height).toHaveValue(before);
});

test('a kitchen of °F and ounces: at the oven, on the desk and on the card', async ({ page }) => {
  await visit(page, './kitchen');
  await page.getByRole('combobox', { name: 'Temperatures in' }).click();
  await page.getByRole('option', { name: '°F' }).click();
  await page.getByLabel('Ounces beside the grams on the card').check();
  await expect(page.getByText(/°F hotter than its dial/).first()).toBeVisible();
  await putFormula(page, { title: 'Fathom cake' });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /Bake \d/ }).click();
  // 350 °F as it was written.
  await expect(page.getByLabel('Oven', { exact: true })).toHaveValue('350 °F');
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const card = page.getByRole('article');
  await expect(card.getByText(/350 °F \(177 °C\)/)).toBeVisible();
  await expect(card.getByText(/\d oz$/).first()).toBeVisible();
  await expectAccessible(page);
  await visit(page, './kitchen');
  await page.getByRole('combobox', { name: 'Temperatures in' }).click();
  await page.getByRole('option', { name: '°C' }).click();
  await page.getByLabel('Ounces beside the grams on the card').uncheck();
  await expect(page.getByText(/°C hotter than its dial/).first()).toBeVisible();
});
