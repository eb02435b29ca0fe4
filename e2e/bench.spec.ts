import { expect, test } from './fixtures';
import { expectAccessible, putFormula } from './helpers';

test('a batch is weighed by keys: a slip is mended, a cut line and a reload lose nothing, a second device follows', async ({
  page,
  context,
}) => {
  await putFormula(page, {
    title: 'Breakwater muffins',
    text: '240 g sorghum flour\n60 g tapioca starch\n8 g baking powder\n120 g sugar\n100 g eggs\n180 g milk\n90 g sunflower oil',
    method:
      'Whisk the flour, starch and baking powder.\nWhisk the eggs, sugar, milk and oil.\nStir the wet into the dry.\nBake 22 min at 190 °C.',
  });
  await page.getByRole('link', { name: /^Card/ }).click();
  await page.getByRole('button', { name: 'At the bench' }).click();
  const now = page.getByRole('region', { name: 'Weigh now' });
  await expect(now).toContainText('baking powder');
  await expect(now).toContainText('8.0 g');
  await expectAccessible(page);
  await page.keyboard.press('Space');
  await expect(now).toContainText('sorghum flour');

  // Too much flour lies on top: it is taken out again.
  await page.getByLabel('Grams that went in').fill('265');
  await page.getByLabel('Grams that went in').press('Enter');
  const off = page.getByRole('region', { name: 'Something is off' });
  await expect(off).toContainText('25 g too much');
  await expectAccessible(page);
  await off.getByRole('button', { name: 'Take 25 g out' }).click();
  await expect(now).toContainText('tapioca starch');
  await expect(page.getByRole('region', { name: 'What is in the bowls' })).toContainText(
    'sorghum flour 240 g',
  );

  // The line is cut: what is done is kept here, told, and sent when the server is there again.
  await expect(page.getByText('All saved')).toBeVisible();
  await context.setOffline(true);
  await page.keyboard.press('ArrowRight');
  await expect(now).toContainText('into bowl 2');
  await expect(page.getByText(/kept on this device and sent when it is there/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('All saved')).toBeVisible();
  const address = page.url();
  await page.reload();
  await expect(now).toContainText('into bowl 2');

  const other = await context.newPage();
  await other.goto(address);
  await expect(other.getByRole('region', { name: 'Weigh now' })).toContainText('into bowl 2');
  const before = (await now.locator('p').first().textContent()) ?? '';
  await page.keyboard.press('Space');
  await expect(now.locator('p').first()).not.toHaveText(before);
  const after = (await now.locator('p').first().textContent()) ?? '';
  await expect(other.getByRole('region', { name: 'Weigh now' }).locator('p').first()).toHaveText(after);
  await other.close();

  // One back, and it is as it was.
  await page.keyboard.press('ArrowLeft');
  await expect(now.locator('p').first()).toHaveText(before);

  // By a scale that is none: what it shows is what goes in.
  await page.getByRole('switch', { name: 'Try it with a scale that is none' }).press('Space');
  const scale = page.getByRole('region', { name: 'A scale to try with' });
  for (let i = 0; i < 4; i++) await scale.getByRole('button', { name: '+ 25 g' }).click();
  await expect(now.getByRole('button', { name: /^In: (99|100|101) g/ })).toBeVisible();
  await expectAccessible(page);
  await now.getByRole('button', { name: /^In:/ }).click();
  await scale.getByRole('button', { name: 'Turn it off' }).click();
  await scale.getByRole('button', { name: 'Lift the bowl' }).click();

  // The rest without a scale, to the end.
  await page.getByRole('switch').press('Space');
  for (let i = 0; i < 12 && (await page.getByRole('region', { name: 'All is in' }).count()) === 0; i++) {
    if ((await off.count()) > 0) await off.getByRole('button', { name: 'Leave it' }).click();
    else await page.getByLabel('Grams that went in').press('Enter');
    await page.waitForFunction(() => document.querySelector('main') !== null);
  }
  await expect(page.getByRole('region', { name: 'All is in' })).toBeVisible();

  // Into the oven: weighed before and after, the middle by a probe, what is seen, out, cut.
  const oven = page.getByRole('region', { name: 'The oven' });
  await oven.getByLabel('What it weighs before').fill('790');
  await oven.getByLabel('What it weighs before').press('Tab');
  await oven.getByRole('button', { name: 'It is in' }).click();
  await expect(oven.getByRole('timer')).toHaveText(/^3[345]:\d\d$/);
  await expect(oven).toContainText('Look at it: in ');
  await oven.getByLabel('In the middle').fill('61');
  await oven.getByRole('button', { name: 'It reads this' }).click();
  await expect(oven).toContainText('last 61 °C');
  await oven.getByRole('checkbox').first().check();
  await expect(oven.getByRole('checkbox').first()).toBeChecked();
  await oven.getByRole('button', { name: 'Door opened' }).click();
  await expect(oven).toContainText('1 time so far');
  await expectAccessible(page);
  await page.reload();
  await expect(oven.getByRole('timer')).toHaveText(/^3[345]:\d\d$/);
  await expect(oven).toContainText('last 61 °C');
  await oven.getByRole('button', { name: 'It is out' }).click();
  await oven.getByLabel('What it weighs now').fill('700');
  await oven.getByLabel('What it weighs now').press('Tab');
  await expect(oven).toContainText('It lost 11.4 % of its weight.');
  await expect(oven).toContainText(/Cut it in \d/);
  await expectAccessible(page);

  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(page);
});
