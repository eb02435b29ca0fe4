import { expect, test } from './fixtures';
import { expectAccessible, visit } from './helpers';

test('a name that was said once is known in the next paste, stands in the pantry, and is forgotten by a press', async ({
  page,
}) => {
  const box = () => page.getByLabel('Ingredients, one a line');
  await visit(page, './new');
  await box().fill('200 g rice flour\n50 g pale fennimore');
  await page.getByRole('button', { name: 'Correct 50 g pale fennimore' }).click();
  await page.getByRole('combobox', { name: 'Ingredient' }).fill('quinoa flour');
  await page.getByRole('option', { name: 'Quinoa flour', exact: true }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: 'Add formula' }).click();
  await expect(page.getByRole('heading', { name: 'Untitled formula' })).toBeVisible();

  await visit(page, './new');
  await box().fill('30 g Pale Fennimore\n100 g rice flour');
  await expect(page.getByText('2 lines, all known')).toBeVisible();
  await expect(page.getByText('Quinoa flour')).toBeVisible();

  await visit(page, './pantry');
  await expect(page.getByRole('heading', { name: 'Names you have explained' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Forget pale fennimore' }).click();
  await expect(page.getByText('pale fennimore will be asked about again')).toBeVisible();
  await visit(page, './new');
  await box().fill('30 g pale fennimore\n100 g rice flour!');
  await expect(page.getByText(/1 not known/)).toBeVisible();
});
