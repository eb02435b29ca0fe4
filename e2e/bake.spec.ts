import { expect, test } from '@playwright/test';
import { deskSaved, expectAccessible, leaveOut, pasteFormula } from './helpers';

const LOAF = {
  title: 'Pier loaf',
  text: '300 g brown rice flour\n150 g tapioca starch\n2 eggs\n380 g water\n7 g instant yeast\n20 g sugar\n8 g salt\n6 g xanthan gum\n25 g sunflower oil',
  method: 'Mix, and scrape into a 900 g loaf tin.\nLet it rise.\nBake until brown. Cool on a rack.',
  oven: '190 C',
  time: '50-55 min',
};

test('the stated time by the ratio: colder dough takes longer, the fan less; reasons and signs stand beside', async ({
  page,
}) => {
  await pasteFormula(page, LOAF);
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /Bake/ }).click();
  const oven = page.getByRole('region', { name: 'At the oven' });
  await expect(oven.getByText(/190 °C: about \d+ to \d+ min\. Look from/)).toBeVisible();
  await expectAccessible(page);
  const time = async (): Promise<number> =>
    Number(/about (\d+)/.exec(await oven.getByText(/: about \d+/).innerText())![1]);
  const before = await time();
  await oven.getByLabel('Dough goes in at').fill('4');
  await expect(oven.getByText('how warm it goes in')).toBeVisible();
  await expect.poll(time).toBeGreaterThan(before + 4);
  await oven.getByLabel('Dough goes in at').fill('24');
  await expect.poll(time).toBeLessThan(before + 3);
  await oven.getByRole('switch', { name: 'Fan' }).check();
  await expect.poll(time).toBeLessThan(before);
  await expect(page.getByRole('img', { name: /Modelled heat of the middle/ })).toBeVisible();

  // What cannot be is met in words, and stays as typed.
  await oven.getByLabel('Oven').fill('900');
  await expect(oven.getByText(/No kitchen oven is above 320/)).toBeVisible();
  await expect(oven.getByLabel('Oven')).toHaveValue('900 °C');
  await expectAccessible(page);
  await oven.getByLabel('Oven').fill('190');
  await expect(oven.getByText(/: about \d+/)).toBeVisible();
  await deskSaved(page);
  await page.reload();
  await expect(oven.getByText(/190 °C fan: about/)).toBeVisible();
});

test('a custard gives no number and leads with signs; without an oven it says what to give', async ({
  page,
}) => {
  await pasteFormula(page, {
    title: 'Custard pot',
    text: 'For the custard:\n500 g milk\n4 eggs\n80 g sugar',
    method: 'Whisk and bake.',
    oven: '150 C',
    time: '40 min',
  });
  await page.getByRole('link', { name: /Bake/ }).click();
  await expect(page.getByText(/No number is to be trusted for this kind of bake/)).toBeVisible();
  await expect(page.getByText(/Keep the stated 40 min in mind/)).toBeVisible();
  await expect(page.getByText('the middle trembles, the rim is set')).toBeVisible();
  await expectAccessible(page);
  await pasteFormula(page, { ...LOAF, title: 'No oven', oven: '', time: '' });
  await page.getByRole('link', { name: /Bake/ }).click();
  await expect(page.getByText('No oven stated', { exact: true })).toBeVisible();
});
