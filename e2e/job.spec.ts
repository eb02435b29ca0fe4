import { expect, test } from './fixtures';
import { PASTED, deskSaved, expectAccessible, leaveOut, pasteFormula, putFormula, visit } from './helpers';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('the whole job: paste, correct, leave out four things, choose, balance, keep, print, reopen', async ({
  page,
}) => {
  await visit(page, './');
  await expect(page.getByRole('heading', { name: 'Formulas' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Parsnip and walnut muffins/ })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('link', { name: 'Add a formula' }).first().click();
  await expect(page.getByText('What is understood appears here')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Title').fill(PASTED.title);
  await page.getByLabel('Ingredients, one a line').fill(PASTED.text);
  await page.getByLabel('Method').fill(PASTED.method);
  await page.getByLabel('Oven').fill(PASTED.oven);
  await page.getByLabel('Time').fill(PASTED.time);
  await expect(page.getByText('13 lines, 1 not known')).toBeVisible();
  await expect(page.getByText('Bake: 177 °C (350 °F), 30 to 35 min')).toBeVisible();

  // One line is not known: it is corrected in place.
  await page.getByRole('button', { name: 'Correct 120 g moonbeam sugar' }).click();
  await expectAccessible(page);
  await page.getByRole('combobox', { name: 'Ingredient' }).fill('brown su');
  await page.getByRole('option', { name: 'Brown sugar' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('13 lines, all known')).toBeVisible();
  await page.getByRole('button', { name: 'Add formula' }).click();

  // Read on the desk, with a mass corrected.
  await page.waitForURL(/swap/);
  await expect(page.getByRole('heading', { name: 'Nothing has to go' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /Read/ }).click();
  await page.getByRole('button', { name: 'Correct ½ cup buttermilk' }).click();
  await page.getByLabel('Grams', { exact: true }).fill('130');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('entered by you')).toBeVisible();
  await expectAccessible(page);

  // Four things go at once; a whole solution stands, and one choice is changed.
  await page.getByRole('link', { name: /Swap/ }).click();
  await leaveOut(page, 'egg', 'dairy', 'nuts', 'oil');
  await expect(page.getByText(/^5 to replace/)).toBeVisible();
  await expect(page.getByText('out: gluten, egg, dairy, nuts, added oil')).toBeVisible();
  await expectAccessible(page);
  const eggs = page.getByRole('radiogroup', { name: 'In place of eggs' });
  await page
    .getByRole('button', { name: /more replacements? for this/ })
    .first()
    .click();
  await eggs.getByRole('radio', { name: 'Ground chia gel' }).check();
  await expect(eggs.getByRole('radio', { name: 'Ground chia gel' })).toBeChecked();
  await expect(page.getByRole('heading', { name: 'Ground chia gel', exact: true })).toBeVisible();
  await page.getByRole('checkbox', { name: /Also leave out fatty foods/ }).check();
  await expect(page.getByRole('radio', { name: /seed butter/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(eggs.getByRole('radio', { name: 'Ground chia gel' })).toBeChecked();
  await expect(page.getByText('brings in soya').first()).toBeVisible();

  // Balance: every number opens; wetness is locked; an amount is held.
  await page.getByRole('link', { name: /See it balanced/ }).click();
  await page.getByRole('button', { name: /^fat: original .* Explain/ }).click();
  await expect(page.getByRole('heading', { name: 'Fat' })).toBeVisible();
  await page.getByRole('button', { name: /^effective hydration/ }).click();
  await expect(page.getByText(/effective hydration = free water ÷ water absorption/)).toBeVisible();
  await page.getByRole('switch', { name: 'Lock hydration to the original' }).check();
  await page.getByRole('button', { name: /Lock ground chia at/ }).click();
  await page.getByLabel('Grams of ground chia, locked').fill('16');
  await expect(page.getByText(/locked/).first()).toBeVisible();
  await deskSaved(page);
  await expectAccessible(page);

  // Kept as a version, the card is one page to print.
  await page.getByRole('button', { name: 'Save version' }).click();
  await expectAccessible(page);
  await page.getByLabel('Name').fill('for the hiking club');
  await page.getByLabel('Note').fill('bake one first');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL(/card/);
  await expect(page.getByRole('row', { name: /16 g Ground chia/ })).toBeVisible();
  await expect(page.getByText(/Make the gel: whisk 16 g ground chia/)).toBeVisible();
  // The card has the new words alone; what was struck stays at Balance.
  await expect(page.getByRole('deletion')).toHaveCount(0);
  await expect(page.getByText(/ground chia gel/).first()).toBeVisible();
  await expect(page.getByText(/^Check packets for /)).toBeVisible();
  await expect(page.getByText(/not medical or legal advice/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.locator('.mantine-Notification-root')).toHaveCount(0);
  await expectAccessible(page);
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);

  // It is there again after everything is closed, and the source is as it was.
  await visit(page, './');
  await page.getByRole('link', { name: new RegExp(PASTED.title) }).click();
  await expect(page.getByText(/^5 to replace/)).toBeVisible();
  await page.getByRole('link', { name: 'original', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Nothing has to go' })).toBeVisible();
  await page.getByRole('link', { name: /Read/ }).click();
  await expect(page.getByText('½ cup at 245 g')).toBeVisible();
});

test('kept larger: as many pieces as asked for, each line as the scale shows it', async ({ page }) => {
  await pasteFormula(page, { title: 'Ginger buns, more of them' });
  await leaveOut(page, 'egg');
  await expect(page.getByText(/^1 to replace/)).toBeVisible();
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByLabel('Counted in').selectOption('pieces of a weight');
  await page.getByLabel('Make').fill('24');
  await page.getByLabel('Each, baked').fill('80');
  await expect(page.getByText(/Amounts are rounded for a kitchen scale/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL(/card/);
  await expect(page.getByRole('article').getByRole('heading', { name: 'Method' })).toBeVisible();
  // 24 pieces of 80 g and 12% lost in the oven are 2 182 g of dough; the lines of it add to that.
  const masses = await page.locator('tbody tr td:first-child').allInnerTexts();
  const grams = masses.filter((m) => /\sg$/.test(m)).map((m) => Number(m.replace(/[^\d.]/g, '')));
  expect(Math.abs(grams.reduce((a, b) => a + b, 0) - 2182)).toBeLessThan(60);
});

test('a bake with nothing to leave out is kept, made three times as large, and printed; it is called no adaptation', async ({
  page,
}) => {
  await putFormula(page, { title: 'As it always was' });
  await expect(page.getByRole('heading', { name: 'Nothing has to go' })).toBeVisible();
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByLabel('Make').fill('3');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL(/card/);
  const card = page.getByRole('article');
  await expect(card.getByText('unchanged')).toBeVisible();
  await expect(card.getByText(/^Adapted to leave out/)).toHaveCount(0);
  await expect(card.getByText(/for the original one/)).toHaveCount(0);
  await expect(card.getByText(/Cost/)).toBeVisible();
  // Said once on the whole page.
  await expect(page.getByText(/local food law/)).toHaveCount(1);
  await expectAccessible(page);
});

test('with the keys alone: leave out, choose, go on', async ({ page }) => {
  await pasteFormula(page, { title: 'Keys alone' });
  await page.getByRole('checkbox', { name: 'Leave out egg' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^1 to replace/)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'In place of eggs' })
    .getByRole('radio', { checked: true })
    .focus();
  const first = await page.getByRole('radio', { checked: true }).getAttribute('value');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { checked: true })).not.toHaveAttribute('value', first ?? '');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { checked: true })).toHaveAttribute('value', first ?? '');
});
