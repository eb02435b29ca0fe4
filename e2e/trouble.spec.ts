import { expect, test } from './fixtures';
import { deskSaved, expectAccessible, leaveOut, putFormula, visit } from './helpers';

test('unsaved work survives reload: the pasted text, and the desk', async ({ page }) => {
  await visit(page, './new');
  await page.getByLabel('Ingredients, one a line').fill('200 g rice flour\n50 g glimmerroot');
  await page.getByRole('button', { name: 'Correct 50 g glimmerroot' }).click();
  await page.getByRole('combobox', { name: 'Ingredient' }).fill('carrot');
  await page.getByRole('option', { name: 'Carrot', exact: true }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForTimeout(400);
  await page.reload();
  await expect(page.getByText('2 lines, all known')).toBeVisible();
  await page.getByLabel('Ingredients, one a line').fill('');

  await putFormula(page, { title: 'Reload me' });
  // Reloaded before the server was asked to save: the browser has it.
  await page.route('**/draft', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await leaveOut(page, 'egg');
  await expect(
    page.getByRole('status').filter({ hasText: 'Not saved yet: the server does not answer' }),
  ).toBeVisible();
  await page.unroute('**/draft');
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Leave out egg' })).toBeChecked();
  await deskSaved(page);
  await page.reload();
  await expect(page.getByText(/^1 to replace/)).toBeVisible();
});

test('two tabs on one draft: the second is told, and both can be taken', async ({ page, context }) => {
  await putFormula(page, { title: 'Two tabs' });
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('heading', { name: 'Nothing has to go' })).toBeVisible();
  await leaveOut(page, 'egg');
  await deskSaved(page);
  await leaveOut(other, 'oil');
  await expect(other.getByText('This formula was also changed in another tab')).toBeVisible();
  await expectAccessible(other);
  await other.getByRole('button', { name: 'Use the other tab’s copy' }).click();
  await expect(other.getByRole('checkbox', { name: 'Leave out egg' })).toBeChecked();
  await other.getByRole('button', { name: 'Undo' }).click();
  await expect(other.getByRole('checkbox', { name: 'Leave out oil' })).toBeChecked();
  await deskSaved(other);
});

test('bad input is met in words and keeps every line', async ({ page }) => {
  await visit(page, './new');
  const box = page.getByLabel('Ingredients, one a line');
  await box.fill(
    '1e400 g sugar\n-2 cups water\n0 g salt\n<script>alert(1)</script>\n🥕🥕\n900 g honey (1/4 cup)',
  );
  for (const words of [
    'can’t be weighed',
    'is less than zero',
    'The amount is 0',
    'No flour or starch found',
    'The two amounts do not agree',
  ]) {
    await expect(page.getByText(words).first()).toBeVisible();
  }
  await expect(page.getByText('<script>alert(1)</script>').last()).toBeVisible();
  await page.getByLabel('Oven').fill('390 F (about 170 C)');
  await expect(page.getByText(/do not match/)).toBeVisible();
  await expectAccessible(page);
  await box.fill(Array.from({ length: 510 }, (_, k) => `${k + 1} g rice flour`).join('\n'));
  await expect(page.getByText('510 lines were given; the first 500 are read.')).toBeVisible();
  await box.fill('x'.repeat(200_001));
  await expect(page.getByText('That is more than any formula. Split it.')).toBeVisible();
  await box.fill('');
});

test('gluten is said at Read, and gluten-free flours come in its place', async ({ page }) => {
  await putFormula(page, {
    title: 'Not gluten-free at all',
    text: '300 g barley flour\n200 g milk\n6 g salt\n10 g baking powder',
  });
  await page.getByRole('link', { name: /^\d? ?Read/ }).click();
  await expect(page.getByText('Contains gluten: barley flour.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /Swap/ }).first().click();
  await expect(page.getByRole('region', { name: 'Complete options' })).toBeVisible();
  await expect(page.getByText(/Gluten held this together/).first()).toBeVisible();
});

test('where there is no answer the need is named; a sponge of eggs alone is answered, and said to be unsure', async ({
  page,
}) => {
  await putFormula(page, {
    title: 'A sponge of eggs alone',
    text: '50 g white rice flour\n100 g potato starch\n180 g sugar\n6 eggs',
    method: 'Whisk the eggs with the sugar to a foam. Fold in the flour.',
  });
  await leaveOut(page, 'egg');
  await expect(page.getByText('Unsure: bake one first.')).toBeVisible();
  await putFormula(page, {
    title: 'Eggs without a number',
    text: '200 g white rice flour\n100 g potato starch\n180 g sugar\neggs',
    method: 'Whisk the eggs with the sugar. Fold in the flour.',
  });
  await leaveOut(page, 'egg');
  await expect(page.getByText(/The weight of eggs is not known/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /Balance/ }).click();
  await expect(page.getByText('No balance yet')).toBeVisible();
});

test('delete can be undone; what is not there is said', async ({ page }) => {
  await putFormula(page, { title: 'Soon gone' });
  await visit(page, './');
  await page.getByRole('button', { name: 'Delete Soon gone' }).click();
  await expect(page.getByText('Soon gone is deleted')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Soon gone/ })).toHaveCount(0);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(page.getByRole('link', { name: /Soon gone/ })).toBeVisible();
  await visit(page, './formula/00000000-0000-4000-8000-000000000000/swap');
  await expect(page.getByText('This formula could not be opened')).toBeVisible();
  await visit(page, './no/such/page');
  await expect(page.getByText('There is no such page')).toBeVisible();
  await expectAccessible(page);
});

test('a phone on the counter, light and dark: nothing is wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const fits = async (): Promise<void> => {
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    for (const colorScheme of ['dark', 'light'] as const) {
      await page.emulateMedia({ colorScheme });
      await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', colorScheme);
      await expectAccessible(page);
    }
  };
  await visit(page, './');
  await page.getByRole('link', { name: /Night-boat tin loaf/ }).click();
  await leaveOut(page, 'egg', 'dairy', 'oil');
  for (const stop of ['read', 'swap', 'balance', 'lift', 'bake']) {
    await visit(page, page.url().replace(/(read|swap|balance|lift|bake)(\?.*)?$/, stop));
    await expect(page.locator('aside:not([aria-label="Demo kitchen"])')).toBeVisible();
    await expect(page.locator('[aria-busy="true"]')).toHaveCount(0);
    await page.waitForTimeout(300);
    await fits();
  }
  await page.getByRole('link', { name: 'Card' }).click();
  await expect(page.getByRole('article').getByRole('heading', { name: 'Method' })).toBeVisible();
  await fits();
});

test('lines that are not known are settled by keys; until then nothing is said of what rests on them', async ({
  page,
}) => {
  await putFormula(page, {
    title: 'Ferry squares',
    text: '200 g white rice flour\n60 g tapioca starch\n180 g harbour glimmer\n2 eggs\n120 g sugar\n8 g baking powder\n90 ml quay juice',
  });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /Read/ }).click();
  await expect(page.getByRole('note').filter({ hasText: 'What kind of bake is this?' })).toBeVisible();
  const stops = page.getByRole('navigation', { name: 'Stops of this formula' });
  await expect(stops.getByRole('link', { name: /Balance/ })).toContainText('not known yet');
  await expect(stops.getByRole('link', { name: /Lift/ })).toContainText('not known yet');
  await stops.getByRole('link', { name: /Balance/ }).click();
  const silent = page.getByRole('note').filter({ hasText: 'Can’t say how it balances and feels yet' });
  await expect(silent).toContainText('harbour glimmer');
  await expectAccessible(page);
  await expect(page.getByText('Fairly sure.')).toHaveCount(0);
  await stops.getByRole('link', { name: /Read/ }).click();
  await page.getByRole('button', { name: 'Identify 2 lines' }).press('Enter');
  const settle = page.getByRole('region', { name: 'Lines that are not known' });
  for (const name of ['Sorghum flour', 'Water']) {
    const it = settle.getByRole('combobox', { name: 'Ingredient' });
    await it.fill(name.toLowerCase());
    await page.getByRole('option', { name, exact: true }).click();
    await settle.getByRole('button', { name: 'Save' }).press('Enter');
  }
  await expect(settle).toHaveCount(0);
  await stops.getByRole('link', { name: /Balance/ }).click();
  await expect(silent).toHaveCount(0);
  await expect(stops.getByRole('link', { name: /Balance/ })).toContainText('in range');
});

test('the method is read act by act; what does not fit the list is said, and mended by a press', async ({
  page,
}) => {
  await putFormula(page, {
    title: 'Quay loaf',
    text: '200 g white rice flour\n60 g tapioca starch\n120 g sugar\n2 eggs\n90 g butter\n120 ml milk\n8 g baking powder',
    method:
      '1. Heat the oven to 180 °C.\n2. Cream the butter with half the sugar 3 min. Beat in the eggs.\n3. Stir in the flour, starch and baking powder, then the buttermilk.\n4. Bake 45-50 min until a skewer comes out clean.',
  });
  await page.getByRole('link', { name: /Read/ }).click();
  const method = page.getByRole('region', { name: 'The method, as read' });
  await expect(method.getByRole('listitem').filter({ hasText: /^cream/ })).toContainText(
    '90 g butter, 60 g sugar 3 min',
  );
  await expect(method.getByText('(heat from before)')).toBeVisible();
  const odd = method.getByRole('list', { name: 'What does not fit' });
  await expect(odd.getByRole('listitem')).toHaveCount(3);
  await expect(odd).toContainText('Step 3 takes buttermilk, which is not in the list.');
  await expectAccessible(page);
  await odd.getByRole('listitem').filter({ hasText: 'milk is in no step' }).getByRole('button').click();
  await odd.getByRole('listitem').filter({ hasText: '50% of the sugar' }).getByRole('button').click();
  await expect(odd.getByRole('listitem')).toHaveCount(1);
  await odd.getByRole('button', { name: 'Put it in the list' }).click();
  await expect(odd).toHaveCount(0);
  await expect(page.getByText('8 lines, 1 not known')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(odd).toBeVisible();
  await method.getByText('What goes into what').click();
  const map = method.getByRole('region', { name: 'All of it' });
  await expect(map.getByRole('listitem')).toHaveText(/^90 g butter60 g sugar100 g eggs/);

  // What was read of one act is put right, field by field, and goes back to what it was.
  await method.getByRole('button', { name: /^Correct “Bake 45-50 min/ }).click();
  const form = method.getByRole('form', { name: /^What “Bake 45-50 min/ });
  await expect(form.getByLabel('How long')).toHaveValue('45 to 50 min');
  await form.getByLabel('How long').fill('a while');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText('Write a time, such as 20 min or 1 h.')).toBeVisible();
  await form.getByLabel('How long').fill('55 min');
  await form.getByLabel('Cover').selectOption('under foil');
  await expectAccessible(page);
  await form.getByRole('button', { name: 'Save' }).click();
  const bake = method.getByRole('listitem').filter({ hasText: /^bake/ });
  await expect(bake).toContainText('55 min, 180 °C, under foil');
  await expect(bake).toContainText('(by you)');
  await page.reload();
  await expect(bake).toContainText('55 min, 180 °C, under foil');
  await bake.getByRole('button', { name: /^Correct/ }).click();
  await bake.getByRole('button', { name: 'As read' }).click();
  await expect(bake).toContainText('45 to 50 min');
});

test('one paste: what each row is stands at its edge, and is changed by keys', async ({ page }) => {
  await visit(page, './new');
  await page
    .getByLabel('Ingredients, one a line')
    .fill(
      'Ferry cake\nSomething borrowed\n200 g rice flour\n2 eggs\n100 g sugar\nWhisk the eggs with the sugar.\nFold in the flour.\nBake 30 min at 180 °C.',
    );
  await page.getByText('What each row is').click();
  const rows = page.getByRole('list', { name: 'Rows of the paste' });
  await expect(rows.getByRole('listitem')).toHaveCount(8);
  await expect(page.getByText('3 lines, all known')).toBeVisible();
  await rows.getByLabel('Kind of “Something borrowed”').selectOption('ingredient');
  await expect(page.getByText('4 lines, 1 not known')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'As read' }).click();
  await expect(page.getByText('3 lines, all known')).toBeVisible();
  // The title that the paste has is its own, where no other is given.
  await page.getByRole('button', { name: 'Add formula' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Ferry cake' })).toBeVisible();
});

test('nuts in one row with their heading are a part; what only the method names is told at every stop, and has a way once it is in the list', async ({
  page,
}) => {
  await visit(page, './new');
  await page
    .getByLabel('Ingredients, one a line')
    .fill(
      'Pear traybake\n175 g butter\n175 g sugar\n3 eggs\n200 g rice flour\n2 tsp baking powder\nTopping: a handful of flaked almonds, 1 tbsp demerara\nTo serve: clotted cream\nBeat the butter and sugar, beat in the eggs, fold in the flour and baking powder.\nScatter the topping over and brush with beaten egg.\nBake 35 min at 180 °C.',
    );
  await expect(page.getByText('7 lines, all known')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Topping' })).toBeVisible();
  await page.getByRole('button', { name: 'Add formula' }).click();
  await page.getByRole('link', { name: /^Swap/ }).click();
  await leaveOut(page, 'egg', 'dairy', 'nuts');
  const holds = page.getByText(
    /^Contains egg and dairy: “beaten egg” in the method and “clotted cream” in the method/,
  );
  await expect(holds.first()).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('link', { name: /Read/ }).click();
  const odd = page.getByRole('list', { name: 'What does not fit' });
  await expect(odd).toContainText('Step 2 brushes on eggs, and all of the list’s went in before.');
  await odd.getByRole('button', { name: 'Put it in the list' }).click();
  await expect(odd).toHaveCount(0);
  await page.getByRole('link', { name: /^Swap/ }).click();
  await expect(page.getByText(/^Contains dairy: “clotted cream” in the method/).first()).toBeVisible();
});
