import type { Page } from '@playwright/test';
import jpeg from 'jpeg-js';
import { anySlice, drawFace, photograph, PLAIN_SHOT } from '../core/testing/slices';
import { test } from './fixtures';
import { leaveOut, setTime } from './helpers';

/** The pictures of docs/screenshots, made from the demo by `npm run shots`; see playwright.config.ts. */
const shot = async (page: Page, name: string) => {
  await page.mouse.move(0, 0);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

test('the main views', async ({ page, browser }) => {
  await page.goto('./');
  await page.getByRole('link', { name: /Parsnip/ }).waitFor();
  await shot(page, 'shelf');
  await page.getByRole('link', { name: 'Add a formula' }).first().click();
  await page.getByLabel('Title').fill('Ferry flatbreads');
  await page
    .getByLabel('Ingredients, one a line')
    .fill(
      'For the dough:\n1 1/2 cups white rice flour\n100 g buckwheat flour\n3/4 cup plain yogurt\n2 tbsp olive oil\n2 tsp baking powder\n1 tsp salt\n900 g honey, about 1/4 cup\n20 g moonbeam sugar\nFor the top:\nzest of 1 lemon\noil for greasing',
    );
  await page.getByLabel('Oven').fill('390 F (about 170 C)');
  await page.getByText(/do not match/).waitFor();
  await page.goto('./');
  await page.getByRole('link', { name: /Parsnip/ }).click();
  await leaveOut(page, 'egg', 'dairy', 'nuts', 'oil');
  await shot(page, 'swap');
  await page.getByRole('link', { name: /Balance/ }).click();
  await page.getByRole('button', { name: /^fat: original/ }).click();
  await shot(page, 'balance');
  await page.getByRole('link', { name: /Lift/ }).click();
  await page.getByRole('heading', { name: 'Gas', exact: true }).waitFor();
  await shot(page, 'lift');
  await page.getByRole('link', { name: /Read/ }).click();
  await shot(page, 'read');
  await page.getByRole('link', { name: /Card/ }).last().click();
  await page.getByRole('article').getByRole('heading', { name: 'Method' }).waitFor();
  await shot(page, 'card');
  await page.getByRole('button', { name: 'At the bench' }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('region', { name: 'Weigh now' }).waitFor();
  for (let i = 0; i < 7; i++) await page.keyboard.press('Space');
  await page.getByText('All saved').waitFor();
  await shot(page, 'bench');
  await page.goto('./');
  await page.getByRole('link', { name: /Night-boat/ }).click();
  await page.getByRole('link', { name: /Lift/ }).click();
  await page.getByRole('heading', { name: 'Yeast clock' }).waitFor();
  await page.getByRole('link', { name: /^Bake (?!days)/ }).click();
  await page.getByLabel('Dough temperature going in').fill('4');
  await page.getByText('how warm it goes in').waitFor();
  await page.waitForTimeout(1500);
  await shot(page, 'bake');
  await page.getByRole('link', { name: /Clock/ }).click();
  // A day that is the same whenever the pictures are made.
  await page.getByLabel('Ready by, day').fill('5 Mar 2027');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await setTime(page, 'Ready by', '13:00');
  await page.getByText('ready at 13:00').waitFor();
  await shot(page, 'clock');
  await page.goto('./days');
  await page.getByRole('link', { name: /Lantern walk/ }).click();
  await page.getByText(/best possible plan|best plan found|better by more/).waitFor();
  await shot(page, 'day');
  await page.getByRole('link', { name: 'Run the day' }).click();
  await page.getByLabel('Timer name').fill('Toast the walnuts');
  await page.getByRole('button', { name: 'Start a timer' }).click();
  await page.getByRole('button', { name: 'Turn off Toast the walnuts' }).waitFor();
  await shot(page, 'day-now');
  await page.goto('./pantry?q=drink');
  await page
    .getByText(/\d ingredients/)
    .first()
    .waitFor();
  await shot(page, 'pantry');
  await page.goto('./notebook');
  await page.getByText('14 trials').waitFor();
  await page.waitForLoadState('networkidle');
  await shot(page, 'notebook');
  await page.getByLabel('Title or notes contain').fill('wet band');
  await page.getByText('1 trial', { exact: true }).waitFor();
  await page.getByRole('main').getByRole('link', { name: 'Cardamom crown' }).last().click();
  await page.getByRole('region', { name: 'Why' }).waitFor();
  await page.waitForLoadState('networkidle');
  await shot(page, 'trial');
  // A slice drawn by the generator of the tests, as a phone would take it.
  const { picture } = photograph(
    drawFace({ ...anySlice(5), gummy: { from: 4, thick: 6, dark: 0.25 }, dip: 7, dome: 3, hole: 1.2 }, 5),
    { ...PLAIN_SHOT, scale: 8, quality: 100, shadow: true, turn: 4 },
    4,
  );
  const { width, height, data } = picture;
  await page
    .getByRole('region', { name: 'Photos' })
    .locator('input[type=file]')
    .first()
    .setInputFiles({
      name: 'slice.jpg',
      mimeType: 'image/jpeg',
      buffer: jpeg.encode({ data: Buffer.from(data.buffer), width, height }, 90).data,
    });
  await page.getByRole('link', { name: 'Measure the slice' }).nth(1).click();
  await page.getByText('In numbers').waitFor();
  await shot(page, 'slice');
  await page.goto('./kitchen');
  await page.getByRole('heading', { name: 'Hiking club' }).waitFor();
  await shot(page, 'kitchen');
  await page.goto('./?q=parsnip');
  await page
    .getByRole('link', { name: /^Parsnip and walnut/ })
    .last()
    .click();
  await page.getByRole('link', { name: /side by side|all \d+ versions/ }).click();
  await page.getByRole('heading', { name: /against original/ }).waitFor();
  await shot(page, 'versions');
  await page.goto('./handbook/replacements');
  await page.getByText('Ground flaxseed gel').first().waitFor();
  await shot(page, 'handbook');
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, colorScheme: 'dark' })
  ).newPage();
  await phone.goto('./');
  await phone.getByRole('link', { name: /Night-boat/ }).click();
  await leaveOut(phone, 'egg', 'dairy');
  await shot(phone, 'swap-phone-dark');
});
