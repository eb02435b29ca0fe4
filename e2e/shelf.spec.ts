import { expect, test } from '@playwright/test';
import { expectAccessible, pasteFormula } from './helpers';

test('the shelf is searched, sifted and ordered; the address holds it', async ({ page }) => {
  await pasteFormula(page, { title: 'Zephyr tray cake' });
  await page.goto('/');
  const rows = page.getByRole('main').getByRole('listitem');
  await expect(rows.first()).toContainText('Zephyr');
  const whole = await rows.count();
  await page.getByLabel('Find', { exact: true }).fill('zeph');
  await expect(rows).toHaveCount(1);
  await expect(page).toHaveURL(/q=zeph/);
  await page.reload();
  await expect(rows).toHaveCount(1);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(rows).toHaveCount(whole);
  await page.getByRole('combobox', { name: 'Kept for' }).click();
  await page.getByRole('option', { name: "The boat's engineer" }).click();
  await expect(page.getByText(/Some kept version leaves out what/)).toBeVisible();
  await expect(rows.filter({ hasText: 'Night-boat' })).toHaveCount(1);
  await expect(rows.filter({ hasText: 'Zephyr' })).toHaveCount(0);
  await page.goto('/?order=title');
  await expect(rows.first()).not.toContainText('Zephyr');
});

test('a formula is copied, put aside and taken out again', async ({ page }) => {
  await pasteFormula(page, { title: 'Yawl biscuits' });
  await page.goto('/?q=yawl');
  const rows = page.getByRole('main').getByRole('listitem');
  await page.getByRole('button', { name: 'Copy Yawl biscuits' }).click();
  await expect(rows).toHaveCount(2);
  await page.getByRole('button', { name: 'Put Yawl biscuits (copy) aside' }).click();
  await expect(rows).toHaveCount(1);
  await page.goto('/?q=yawl&state=aside');
  await expect(rows).toHaveCount(1);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take out Yawl biscuits (copy) again' }).click();
  await expect(rows).toHaveCount(0);
  await page.goto('/?q=yawl');
  await expect(rows).toHaveCount(2);
});
