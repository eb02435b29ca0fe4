import { expect, test } from './fixtures';
import { expectAccessible, leaveOut, putFormula } from './helpers';

test('a loaf that loses its egg has a different bread beside it, which becomes a formula; each way says why it is not first', async ({
  page,
}) => {
  await putFormula(page, {
    title: 'Quayside tin loaf',
    text: '340 g white rice flour\n160 g tapioca starch\n10 g xanthan gum\n8 g instant yeast\n9 g salt\n3 eggs\n35 g sunflower oil\n370 g water',
    method:
      'Beat everything for 3 minutes.\nScrape into a 900 g loaf tin and prove 45 minutes.\nBake 50 minutes at 200 °C.',
  });
  await leaveOut(page, 'egg');
  await expect(page.getByRole('heading', { name: 'A different bread that works' })).toBeVisible();
  await expectAccessible(page);

  // The last way on offer is not the first, and says why.
  await page.getByRole('button', { name: /more replacements? for this/ }).click();
  await page.getByRole('radio').last().focus();
  await expect(page.getByText('Why it is not first.')).toBeVisible();

  await page.getByRole('button', { name: 'Make it a formula of its own' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Quayside tin loaf, held by psyllium' }),
  ).toBeVisible();
  await expect(page.getByText('Psyllium powder', { exact: true }).first()).toBeVisible();
  await expect(page.getByText(/leave 10 min, until it is a thick gel/)).toBeVisible();
  await page.getByRole('link', { name: /^Clock/ }).click();
  await expect(page.getByText(/Heat the oven with the pot in it/)).toBeVisible();
});
