import { expect, test } from './fixtures';
import { expectAccessible, putFormula, visit } from './helpers';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('the shelf is searched, sifted and ordered; the address holds it', async ({ page }) => {
  await putFormula(page, { title: 'Zephyr tray cake' });
  await visit(page, './');
  const rows = page.getByRole('list', { name: 'Formulas found' }).getByRole('listitem');
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
  await page.getByRole('combobox', { name: 'Suitable for' }).selectOption('The boat’s engineer');
  await expect(page.getByText(/A saved version leaves out what/)).toBeVisible();
  await expect(rows.filter({ hasText: 'Night-boat' })).toHaveCount(1);
  await expect(rows.filter({ hasText: 'Zephyr' })).toHaveCount(0);
  await visit(page, './?order=title');
  await expect(rows.first()).not.toContainText('Zephyr');
});

test('a formula is copied, archived and restored', async ({ page }) => {
  await putFormula(page, { title: 'Yawl biscuits' });
  await visit(page, './?q=yawl');
  const rows = page.getByRole('list', { name: 'Formulas found' }).getByRole('listitem');
  await page.getByRole('button', { name: 'Copy Yawl biscuits' }).click();
  await expect(rows).toHaveCount(2);
  await page.getByRole('button', { name: 'Archive Yawl biscuits (copy)' }).click();
  await expect(rows).toHaveCount(1);
  await visit(page, './?q=yawl&state=aside');
  await expect(rows).toHaveCount(1);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Restore Yawl biscuits (copy)' }).click();
  await expect(rows).toHaveCount(0);
  await visit(page, './?q=yawl');
  await expect(rows).toHaveCount(2);
});

test('a recipe is taken from a page’s source; one that is cut off is refused with the reason', async ({
  page,
}) => {
  const recipe = JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Jib scones',
    recipeIngredient: ['250 g rice flour', '10 g baking powder', '60 g butter', '1 egg', '120 g milk'],
    recipeInstructions: [
      { '@type': 'HowToStep', text: 'Rub in the butter.' },
      { text: 'Bake at 200 °C for 15 min.' },
    ],
    cookTime: 'PT15M',
  });
  await visit(page, './new');
  const box = page.getByLabel('Ingredients, one a line');
  await box.fill(`<script type="application/ld+json">${recipe.slice(0, 200)}</script>`);
  await expect(page.getByText(/cut off or damaged/)).toBeVisible();
  await expectAccessible(page);
  await box.fill(`<html><script type="application/ld+json">${recipe}</script></html>`);
  await page.getByRole('button', { name: 'Use “Jib scones”' }).click();
  await expect(page.getByLabel('Title')).toHaveValue('Jib scones');
  await expect(page.getByLabel('Time')).toHaveValue('15 min');
  await expect(page.getByText(/Bake: 200 °C/)).toBeVisible();
  await page.getByRole('button', { name: 'Add formula' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Jib scones' })).toBeVisible();
  // As a file from the disk it is the same.
  await visit(page, './new');
  await page.locator('input[type=file]').setInputFiles({
    name: 'scones.json',
    mimeType: 'application/json',
    buffer: Buffer.from(recipe),
  });
  await page.getByRole('button', { name: 'Use “Jib scones”' }).click();
  await expect(box).toHaveValue(/250 g rice flour\n10 g baking powder/);
});

test('a card is saved as a recipe file and as text', async ({ page }) => {
  await visit(page, './?q=parsnip');
  await page
    .getByRole('link', { name: /Parsnip/ })
    .first()
    .click();
  await page.getByRole('link', { name: /Card/ }).last().click();
  await page.getByRole('article').waitFor();
  for (const [button, name, holds] of [
    ['Save as a recipe file', /parsnip-and-walnut-muffins\.json/, '"@type": "Recipe"'],
    ['Save as text', /parsnip-and-walnut-muffins\.md/, '# Parsnip and walnut muffins'],
  ] as const) {
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const file = await saved;
    expect(file.suggestedFilename()).toMatch(name);
    const text = await (await file.createReadStream()).toArray();
    expect(Buffer.concat(text).toString()).toContain(holds);
  }
});
