import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { expectAccessible, leaveOut, putFormula, visit } from './helpers';

const choose = async (page: Page, label: string, type: string, option: string) => {
  await page.getByRole('combobox', { name: label, exact: true }).fill(type);
  await page.getByRole('option', { name: option, exact: true }).click();
};

test('a packet is read, stands for its kind everywhere, and is kept to with a version', async ({ page }) => {
  await visit(page, './pantry/new/packet?like=rice_drink');
  await expect(page.getByText('Type or paste the label')).toBeVisible();
  await page.getByLabel('Name').fill('Breakwater rice drink');
  await page
    .getByRole('textbox', { name: 'Label text' })
    .fill('Water, rice (14%), sunflower oil, glimmerroot. May contain traces of almonds.');
  const says = page.getByRole('complementary', { name: 'What the label says' });
  await expect(says.getByText('tree nuts (almonds)')).toBeVisible();
  await expect(says.getByText('added oil (sunflower oil)')).toBeVisible();
  await expectAccessible(page);
  // A word nobody knows keeps everything open until it is looked at; what is typed survives a reload.
  await expect(says.getByText(/^gluten, wheat, egg/)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'I have checked glimmerroot' }).click();
  await expect(page.getByRole('button', { name: 'I have checked glimmerroot' })).toHaveCount(0);
  await page.getByLabel('Packet size').fill('1000');
  await page.getByLabel(/^Price/).fill('1.5');
  await page.getByRole('button', { name: 'Add to the pantry' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Breakwater rice drink' })).toBeVisible();
  await expect(page.getByText('€ 0.15 for 100 g')).toBeVisible();
  await expectAccessible(page);

  // It is used where rice drink is asked for, and named on the card.
  await putFormula(page, {
    title: 'With a packet',
    text: '200 g white rice flour\n50 g tapioca starch\n200 ml milk\n80 g sugar\n8 g baking powder',
  });
  await leaveOut(page, 'dairy');
  await page
    .getByRole('button', { name: /more replacement/ })
    .first()
    .click()
    .catch(() => undefined);
  await page.getByRole('radio', { name: 'Rice drink' }).check();
  await expect(page.getByText(/g Breakwater rice drink/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL(/card/);
  await expect(page.getByRole('row', { name: /Breakwater rice drink/ })).toBeVisible();
  const card = page.url();

  // A new revision does not change what was kept; where traces matter the packet is ruled out.
  await visit(page, './pantry?q=breakwater');
  await page.getByRole('link', { name: 'Breakwater rice drink' }).click();
  await page.getByRole('link', { name: 'Edit' }).click();
  await page.getByLabel('Name').fill('Breakwater rice drink, new');
  await page.getByRole('textbox', { name: 'Label text' }).fill('Water, rice (14%). May contain milk.');
  await page.getByRole('button', { name: 'Save as a new revision' }).click();
  const renamed = page.getByRole('heading', { level: 1, name: 'Breakwater rice drink, new' });
  await expect(renamed).toBeVisible();
  // A change that was a slip is undone: one revision more, as it was before.
  await page.getByRole('link', { name: 'Edit' }).click();
  await page.getByLabel('Name').fill('A slip');
  await page.getByRole('button', { name: 'Save as a new revision' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'A slip' })).toBeVisible();
  await page.getByRole('alert').filter({ hasText: 'A slip' }).getByRole('button', { name: 'Undo' }).click();
  await expect(renamed).toBeVisible();
  await visit(page, card);
  await expect(
    page.getByRole('row', { name: /Breakwater rice drink$|Breakwater rice drink for milk/ }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Back to the formula' }).click();
  await page.getByRole('link', { name: /Swap/ }).click();
  await expect(page.getByRole('radio', { name: 'Rice drink' })).toHaveCount(1);
  await page.getByRole('checkbox', { name: /Also avoid “may contain”/ }).check();
  await expect(page.getByRole('radio', { name: 'Rice drink' })).toHaveCount(0);
});

test('the pantry is searched and sifted, many are removed and put back, CSV goes in and out', async ({
  page,
}) => {
  await visit(page, './pantry');
  await expect(page.getByText(/4\d\d ingredients/)).toBeVisible();
  // By whatever column, the most first; the address keeps it.
  await visit(page, './pantry?group=flour');
  const table = page.getByRole('region', { name: 'Ingredients in the pantry' });
  await table.getByRole('button', { name: /^absorbs/ }).click();
  await expect(table.getByRole('columnheader', { name: /^absorbs/ })).toHaveAttribute(
    'aria-sort',
    'descending',
  );
  const absorbed = async (): Promise<number[]> =>
    (await table.getByRole('row').locator('td:nth-child(7)').allTextContents()).map(Number);
  const most = await absorbed();
  expect(most.length).toBeGreaterThan(20);
  expect(most).toEqual([...most].sort((a, b) => b - a));
  await page.reload();
  await expect.poll(absorbed).toEqual(most);
  await table.getByRole('button', { name: /^absorbs/ }).click();
  await expect(table.getByRole('columnheader', { name: /^absorbs/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await visit(page, './pantry');
  await expectAccessible(page);
  await page.getByLabel('Search').fill('cornstarch');
  await expect(page.getByRole('link', { name: 'Cornflour' })).toBeVisible();
  await page.getByLabel('Search').fill('');
  await choose(page, 'Kind', 'plant drinks', 'plant drinks');
  await expect(page.getByRole('row')).not.toHaveCount(0);
  await expect(page).toHaveURL(/group=plant_drink/);
  await visit(page, './pantry?group=flour&without=grain+legumes');
  await expect(page.getByRole('link', { name: 'Tiger nut flour', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Sorghum flour' })).toHaveCount(0);

  const csv =
    'kind,name,like,fat_per_100g\nown,Anchor crunch,,12\nown,Bollard crunch,pumpkin_seeds,\nown,,,\nown,Capstan crunch,no_such,';
  await visit(page, './pantry?kind=own');
  await page
    .getByLabel('CSV file to import')
    .setInputFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('2 items imported into the pantry')).toBeVisible();
  await expect(page.getByText('Row 4, name: has no name')).toBeVisible();
  await expect(page.getByText(/Row 5, like: "no_such" is no ingredient/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'Choose Anchor crunch' }).check();
  await page.getByRole('checkbox', { name: 'Choose Bollard crunch' }).check();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export selected to CSV' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('pantry.csv');
  await page.getByRole('button', { name: 'Remove from the pantry' }).click();
  await expect(page.getByRole('link', { name: 'Anchor crunch' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(page.getByRole('link', { name: 'Anchor crunch' })).toBeVisible();
  await page
    .getByLabel('CSV file to import')
    .setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2') });
  await expect(page.getByText(/has no column "name"/)).toBeVisible();
});

test('a page for one ingredient, a blend, and an ingredient of one’s own', async ({ page }) => {
  await visit(page, './pantry/psyllium_powder');
  await expect(page.getByText('3.2 g do what one egg does')).toBeVisible();
  await expect(page.getByText(/Used in: .*psyllium powder gel/)).toBeVisible();
  await expectAccessible(page);
  await visit(page, './pantry/no-such-thing');
  await expect(page.getByText('Nothing with that name is in the pantry')).toBeVisible();

  await visit(page, './pantry/new/blend');
  await page.getByLabel('Name').fill('Groyne blend');
  for (const [k, [type, name]] of [
    ['white rice fl', 'White rice flour'],
    ['tapioca st', 'Tapioca starch'],
  ].entries()) {
    await page.getByRole('button', { name: 'Add a part' }).click();
    await choose(page, `Part ${k + 1}`, type!, name!);
    await page.getByLabel(`Share of part ${k + 1}`).fill(k === 0 ? '70' : '20');
  }
  await expect(page.getByText('90% counted as shares of their total')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add to the pantry' }).click();
  await expect(page.getByText('70% white rice flour')).toBeVisible();

  await visit(page, './pantry/new/own');
  await page.getByLabel('Name').fill('Winch crunch');
  await expect(page.getByRole('complementary').getByText(/^gluten, wheat, egg/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add to the pantry' }).click();
  await expect(page.getByText('not known').first()).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText('Winch crunch is removed')).toBeVisible();
  await page.getByRole('button', { name: 'Put back' }).click();
});

test('eaters are kept in the Kitchen, a formula says what was found for each, and is asked for several at once', async ({
  page,
}) => {
  await visit(page, './kitchen');
  await expect(page.getByRole('heading', { name: 'Hiking club' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add a person or group' }).click();
  await page.getByLabel('Person or group').fill('Night watch');
  await page.locator('label', { hasText: /^soya$/ }).click();
  await page
    .getByRole('combobox', { name: 'Your own words' })
    .or(page.getByRole('textbox', { name: 'Your own words' }))
    .fill('cinnamon');
  await page.keyboard.press('Enter');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/avoids gluten, soya and “cinnamon”/)).toBeVisible();
  // What was changed can be had back.
  const watch = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Night watch' }) });
  await watch.getByRole('button', { name: /^Change/ }).click();
  await page.getByLabel('Person or group').fill('Day watch');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('heading', { name: 'Day watch' })).toBeVisible();
  await page
    .getByRole('alert')
    .filter({ hasText: 'Day watch' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(page.getByRole('heading', { name: 'Night watch' })).toBeVisible();

  await page.goto('./');
  await page.getByRole('link', { name: /Parsnip/ }).click();
  await page.getByRole('link', { name: /Read/ }).click();
  const who = page.getByRole('region', { name: 'Suitable for' });
  await expect(who.getByText(/Night watch: not suitable/)).toBeVisible();
  await expect(who.getByText(/^ground cinnamon \(words of your own\)/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /Swap/ }).click();
  await page.getByRole('button', { name: /^For / }).click();
  await page.getByRole('checkbox', { name: 'Night watch' }).check();
  await page.getByRole('checkbox', { name: 'The boat' }).check();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByText(/for The boat’s engineer and Night watch, leaving out: gluten/)).toBeVisible();
  // A spice that nothing stands in for is left out, and that is a way like others.
  await expect(page.getByRole('radio', { name: 'Left out', exact: true })).toBeChecked();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();

  await visit(page, './kitchen');
  await page.getByRole('button', { name: 'Remove Night watch' }).click();
  await expect(page.getByRole('heading', { name: 'Night watch' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(page.getByRole('heading', { name: 'Night watch' })).toBeVisible();
});

test('measures of the Kitchen are used when a formula is read; slips are mended by a press; headings make parts', async ({
  page,
}) => {
  await visit(page, './kitchen');
  await page.getByRole('combobox', { name: 'Your cup' }).click();
  await page.getByRole('option', { name: 'Metric, 250 ml' }).click();
  await visit(page, './new');
  await page
    .getByLabel('Ingredients, one a line')
    .fill(
      'For the batter:\n1 cup water\n200 g rice flour\n900 g honey, about 1/4 cup\n2 tbsp salt\nFor the top:\njuice and zest of 1 lemon\nicing sugar, for dusting',
    );
  await page.getByLabel('Oven').fill('390 F (about 170 C)');
  await expect(page.getByRole('heading', { name: 'Top' })).toBeVisible();
  await expect(page.getByText(/^250 g/)).toBeVisible();
  await expect(page.getByText(/An extra zero in the weight/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Take (85|89|90) g$/ }).click();
  await expect(page.getByText(/nought too many/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Use 199 °C' }).click();
  await expect(page.getByLabel('Oven')).toHaveValue('199 °C');
  await expect(page.getByText('for sprinkling')).toBeVisible();
  await visit(page, './kitchen');
  await page.getByRole('combobox', { name: 'Your cup' }).click();
  await page.getByRole('option', { name: 'US, 237 ml' }).click();
});

test('a label is read from a photo, and nothing is concluded before it was compared with the packet', async ({
  page,
  context,
}) => {
  const drawn = await context.newPage();
  await drawn.setContent(
    `<div style="background:#f7f3e8;margin:50px;padding:40px;width:560px;font:27px/1.4 sans-serif;transform:rotate(4deg)">
     Breakwater oat spread. Ingredients: coconut oil, water, whey powder (milk), sea salt.</div>`,
  );
  const photo = await drawn.screenshot();
  await drawn.close();
  await visit(page, './pantry/new/packet?like=plant_block');
  await page.getByLabel('Name').fill('Breakwater spread');
  const choose = page.locator('input[type=file]').last();
  await choose.setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText('This browser can’t open notes.txt')).toBeVisible();
  await choose.setInputFiles({ name: 'label.png', mimeType: 'image/png', buffer: photo });
  await page.getByRole('slider', { name: 'Bottom edge' }).press('ArrowUp');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Use this text' }).click({ timeout: 60_000 });
  await expect(page.getByRole('textbox', { name: 'Label text' })).toHaveValue(
    /coconut oil, water,\s+whey powder/,
  );
  const says = page.getByRole('complementary', { name: 'What the label says' });
  await expect(says.getByText('milk (', { exact: false })).toBeVisible();
  const unknown = says.locator('dt', { hasText: 'not known' });
  await expect(unknown).toBeVisible();
  const seen = says.getByRole('button', { name: 'I have checked all of them' });
  if (await seen.isVisible()) await seen.click();
  await expect(unknown).toBeVisible();
  await says.getByLabel('I have compared every word with the packet').check();
  await expect(unknown).toHaveCount(0);
});
