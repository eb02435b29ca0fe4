import { expect, test } from './fixtures';
import { PASTED, expectAccessible, visit } from './helpers';

test('the demo is left with one press; three questions begin one’s own kitchen, and nothing of the demo is in it', async ({
  page,
}) => {
  await visit(page, './');
  const bar = page.getByRole('complementary', { name: 'Demo kitchen' });
  await expect(bar).toBeVisible();
  await bar.getByRole('link', { name: 'Start my own kitchen' }).click();
  await page.waitForURL((url) => url.pathname === '/');
  await expect(page.getByRole('heading', { name: 'Your own kitchen' })).toBeVisible();
  await expect(bar).toHaveCount(0);
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Start my own kitchen' }).click();
  await page.getByRole('radio', { name: 'Cups and °F' }).check();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Next question' }).click();
  await page.getByRole('button', { name: 'Add a person or group' }).click();
  await page.getByLabel('Person or group').fill('Grandfather');
  await page.locator('label', { hasText: 'egg' }).first().click();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Grandfather' })).toBeVisible();
  await page.getByRole('link', { name: 'Next question' }).click();
  await page.getByRole('button', { name: 'Add an oven' }).click();
  await page.getByLabel('Name').fill('The kitchen oven');
  await page.getByRole('button', { name: 'Save oven' }).click();
  await expect(page.getByRole('heading', { name: 'The kitchen oven' })).toBeVisible();
  await page.getByRole('button', { name: 'Go to formulas' }).click();
  // Asked once.
  await expect(page.getByRole('link', { name: 'Start my own kitchen' })).toHaveCount(0);
  await page.getByRole('navigation').getByRole('link', { name: 'Kitchen' }).click();
  await expect(page.getByRole('heading', { name: 'Grandfather' })).toBeVisible();
  for (const made of ['Hiking club', 'Stern oven', 'Long loaf tin'])
    await expect(page.getByText(made)).toHaveCount(0);
  await expect(page.getByRole('combobox', { name: 'Your cup' })).toHaveValue('US, 237 ml');
  await page.getByRole('link', { name: 'Formulas' }).click();
  await page.getByRole('link', { name: 'Paste the first formula' }).click();
  await page.getByLabel('Ingredients, one a line').fill(PASTED.text);
  await expect(page.getByText(/13 lines/)).toBeVisible();
  // What is typed here is not in the demo, and is still here when one comes back from it.
  await page.getByRole('navigation').getByRole('link', { name: 'Kitchen' }).click();
  await page.getByRole('link', { name: 'Look round the demo kitchen' }).click();
  await page.waitForURL(/\/demo\//);
  await visit(page, './new');
  await expect(page.getByLabel('Ingredients, one a line')).toHaveValue('');
  await page.goto('/new');
  await expect(page.getByLabel('Ingredients, one a line')).toHaveValue(PASTED.text);
});
