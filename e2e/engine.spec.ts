import { expect, test } from './fixtures';
import { deskSaved, expectAccessible, leaveOut, putFormula, visit } from './helpers';

test('house style moves the order; three whole solutions side by side; one is taken', async ({ page }) => {
  await putFormula(page, { title: 'Ranked otherwise' });
  await leaveOut(page, 'egg', 'dairy', 'oil');
  await expect(page.getByText(/^4 to replace/)).toBeVisible();
  const wholes = page.getByRole('region', { name: 'Complete options', exact: true });
  const titles = () => wholes.getByRole('button', { name: / · / }).allInnerTexts();
  const before = await titles();
  await page.getByRole('button', { name: 'Change order' }).click();
  await page.locator('label', { hasText: 'no seed or nut butter' }).click();
  await page.locator('label', { hasText: 'fewest to buy' }).click();
  await expect(page.getByText(/by your choice: no seed or nut butter and fewest to buy/)).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect.poll(() => titles()).not.toEqual(before);

  await page.getByRole('button', { name: /more complete option/ }).click();
  for (const i of [0, 1, 2])
    await page
      .getByRole('checkbox', { name: /^Compare: (?!\d)/ })
      .nth(i)
      .check();
  await page.getByRole('button', { name: 'Compare: 3' }).click();
  const table = page.getByRole('region', { name: 'Complete options compared' });
  await expect(table.getByRole('columnheader')).toHaveCount(4);
  await expect(table.getByRole('rowheader', { name: 'how sure' })).toBeVisible();
  await expectAccessible(page);
  const second = await table.getByRole('columnheader').nth(2).innerText();
  await table.getByRole('button', { name: 'Use this one' }).first().click();
  await expect(wholes.getByRole('button', { pressed: true })).toContainText(second);
  await deskSaved(page);
});

test('a way of one’s own is written, tried and listed in the kitchen', async ({ page }) => {
  await putFormula(page, { title: 'Own way' });
  await leaveOut(page, 'egg');
  await page.getByRole('button', { name: 'My own replacement for eggs' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Beetroot and flax');
  await form.getByRole('button', { name: 'Save and try it' }).click();
  await expect(form.getByText('Choose what it is.')).toBeVisible();
  await expectAccessible(page);
  await form.getByRole('combobox', { name: 'Ingredient' }).fill('squash p');
  await page.getByRole('option', { name: 'Squash purée' }).click();
  await form.getByLabel('at least').fill('35');
  await form.getByLabel('usual', { exact: true }).fill('45');
  await form.getByLabel('at most').fill('55');
  await form.getByLabel(/What to do/).fill('Mash it well.');
  await form.getByRole('button', { name: 'Save and try it' }).click();
  await expect(page.getByRole('radio', { name: 'Beetroot and flax' })).toBeChecked();
  await expect(page.getByText('Your own replacement: not tried by anyone else.')).toBeVisible();
  await page.getByRole('link', { name: /See it balanced/ }).click();
  await expect(page.getByRole('region', { name: 'Method' })).toContainText('Mash it well.');
  await visit(page, './kitchen');
  await expect(page.getByRole('heading', { name: 'Beetroot and flax' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Remove Beetroot and flax' }).click();
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(page.getByRole('heading', { name: 'Beetroot and flax' })).toBeVisible();
});

test('with keys alone: an amount dragged, a property held, a step rewritten, and the card shows both', async ({
  page,
}) => {
  await putFormula(page, { title: 'Dragged' });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /Balance/ }).click();
  await page.getByRole('button', { name: /^Lock white rice flour/ }).focus();
  await page.keyboard.press('Enter');
  const slider = page.getByRole('slider', { name: 'Drag white rice flour' });
  await slider.focus();
  const start = Number(await slider.getAttribute('aria-valuenow'));
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
  await expect(slider).toHaveAttribute('aria-valuenow', String(start + 5));
  await expectAccessible(page);
  // One press back undoes the last key, whatever came between.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(slider).not.toHaveAttribute('aria-valuenow', String(start + 5));
  await page.getByRole('button', { name: 'Unlock white rice flour' }).click();

  await page.getByRole('button', { name: /^fat: original/ }).click();
  await page.getByRole('button', { name: /^Lock fat at/ }).click();
  await expect(page.getByLabel('fat, locked')).toBeVisible();
  await page.getByRole('button', { name: 'Unlock', exact: true }).click();
  await page.getByLabel('Total weight', { exact: true }).selectOption('free');

  const method = page.getByRole('region', { name: 'Method' });
  await method.getByRole('button', { name: /^Edit: Bake/ }).click();
  await method
    .getByRole('textbox', { name: 'The step in your own words' })
    .fill('Bake it on the lowest shelf.');
  await method.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(method.getByText('Bake it on the lowest shelf.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByLabel('Counted in').selectOption('another tin');
  await page.getByLabel('For a').fill('a tin');
  await expect(page.getByText(/Enter it with its size/)).toBeVisible();
  await page.getByLabel('For a').fill('23 cm round tin');
  await expect(page.getByText(/It holds about/)).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL(/card/);
  await expect(page.getByText('Bake it on the lowest shelf.')).toBeVisible();
  await page.getByRole('switch', { name: 'Show the original beside it' }).check();
  await expect(page.getByRole('columnheader', { name: 'original' })).toBeVisible();
  await expect(page.locator('tbody s').first()).toBeVisible();
  await page.locator('.mantine-Notification-root').getByRole('button', { name: 'Close' }).click();
  await expect(page.locator('.mantine-Notification-root')).toHaveCount(0);
  await expectAccessible(page);
});
