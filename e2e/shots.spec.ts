import { test, type Page } from '@playwright/test';
import { leaveOut } from './helpers';

/** The pictures of docs/screenshots, made from the demo by `npm run shots`; see playwright.config.ts. */
const shot = async (page: Page, name: string) => {
  await page.mouse.move(0, 0);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

test('the main views', async ({ page, browser }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Parsnip/ }).waitFor();
  await shot(page, 'shelf');
  await page.getByRole('link', { name: 'Add a formula' }).first().click();
  await page.getByLabel('Title').fill('Ferry flatbreads');
  await page
    .getByLabel('Ingredients, one a line')
    .fill(
      '1 1/2 cups white rice flour\n100 g buckwheat flour\n3/4 cup plain yogurt\n2 tbsp olive oil\n2 tsp baking powder\n1 tsp salt\n120 g coconut sugar\n500 g sugar (1/4 cup)\noil for greasing',
    );
  await page.getByLabel('Oven').fill('425 F (about 200 C)');
  await page.getByText(/do not match/).waitFor();
  await shot(page, 'add');
  await page.goto('/');
  await page.getByRole('link', { name: /Parsnip/ }).click();
  await leaveOut(page, 'egg', 'dairy', 'nuts', 'oil');
  await shot(page, 'swap');
  await page.getByRole('link', { name: /Balance/ }).click();
  await page.getByRole('button', { name: /^fat: as written/ }).click();
  await shot(page, 'balance');
  await page.getByRole('link', { name: /Read/ }).click();
  await shot(page, 'read');
  await page
    .getByRole('link', { name: /^4|Card/ })
    .last()
    .click();
  await page.getByRole('heading', { name: 'Method' }).waitFor();
  await shot(page, 'card');
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, colorScheme: 'dark' })
  ).newPage();
  await phone.goto('/');
  await phone.getByRole('link', { name: /Night-boat/ }).click();
  await leaveOut(phone, 'egg', 'dairy');
  await shot(phone, 'swap-phone-dark');
});
