import { expect, test } from './fixtures';
import { expectAccessible, putFormula, visit } from './helpers';

const LOAF = {
  title: 'Pierhead tin loaf',
  text: '260 g white rice flour\n120 g tapioca starch\n20 g psyllium husk powder\n7 g instant yeast\n8 g salt\n15 g sugar\n430 g water\n25 g sunflower oil',
  method:
    'Whisk the dry things.\nAdd water and oil and beat 4 min.\nScrape into a 900 g loaf tin and prove 50 to 60 min until doubled.\nBake 55 min at 210 °C.\nCool 2 hours.',
  oven: '',
  time: '',
};

test('a bake is judged, why is told with the one change, the change is tried, and the next trial says whether it did it', async ({
  page,
}) => {
  await putFormula(page, LOAF);
  await page.getByRole('link', { name: /^Card/ }).click();

  // Three presses at the most: baked it, and how it came out.
  await page.getByRole('link', { name: 'Baked it' }).click();
  await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Went wrong' }).click();
  await page.waitForURL(/\/notebook\/[0-9a-f-]{36}$/);
  const first = page.url();
  await expect(page.getByRole('button', { name: 'Went wrong' })).toHaveAttribute('aria-pressed', 'true');
  await expectAccessible(page);

  // Faults by drawings; what was measured; the rest stays open.
  await page.getByRole('button', { name: 'Gummy line or wet centre' }).click();
  const why = page.getByRole('region', { name: 'Why' });
  await expect(why).toContainText('taken out before the core was done');
  await expect(why).toContainText('To tell the first two apart');
  await page.getByLabel('Cut after').fill('150');
  await page.getByLabel('Core temperature when out').fill('89');
  await page.getByLabel('Core temperature when out').press('Tab');
  await expect(why.getByRole('listitem').first()).toContainText('Likely: taken out before the core was done');
  await expect(why).toContainText('the core was at 89 °C of');
  await expect(why).toContainText(
    /Unlikely: .*cut while still warm \(it cooled long enough before it was cut\)/,
  );
  await page.getByRole('textbox', { name: 'Notes' }).fill('Smears the knife. Zoë liked the crust.');
  await expect(page.getByText('All saved')).toBeVisible();
  await expectAccessible(page);

  // A photo: resized and kept; what is no photo is refused in words.
  const shot = await page.screenshot({ type: 'jpeg', quality: 60 });
  const photos = page.getByRole('region', { name: 'Photos' });
  const input = photos.locator('input[type=file]').first();
  await input.setInputFiles({ name: 'slice.jpg', mimeType: 'image/jpeg', buffer: shot });
  await expect(photos.getByRole('img')).toHaveCount(1);
  await expect(photos.getByRole('img')).toHaveJSProperty('complete', true);
  await input.setInputFiles({
    name: 'drawing.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
  });
  await expect(photos).toContainText('drawing.svg: This photo can’t be read');
  await input.setInputFiles({ name: 'empty.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(0) });
  await expect(photos).toContainText('This file is empty');
  await input.setInputFiles({
    name: 'bomb.png',
    mimeType: 'image/png',
    buffer: Buffer.from([
      0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0, 0, 0x80, 0, 0, 0, 0x80,
      0, 8, 6, 0, 0, 0,
    ]),
  });
  await expect(photos).toContainText('more than 80 million pixels');
  // The same photo is there once.
  await input.setInputFiles({ name: 'again.jpg', mimeType: 'image/jpeg', buffer: shot });
  await expect(photos.getByRole('img')).toHaveCount(1);
  await expect(page.getByText('All saved')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Gummy line or wet centre' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(photos.getByRole('img')).toHaveCount(1);
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(/Zoë/);

  // A change of one amount is sized, tried as a working copy, and kept as a version that knows what it tests.
  await page.getByRole('button', { name: 'Sunken top' }).click();
  const water = why.getByRole('listitem').filter({ hasText: /too much water/ });
  await expect(water).toContainText(/Water from 430 g to 41\d g/);
  await water.getByRole('button', { name: 'Try this' }).click();
  await page.waitForURL(/\/balance/);
  await expect(page.getByText('This copy tries one change: 3 to 5% less water.')).toBeVisible();
  await expect(page.getByLabel('Grams of water, locked')).toHaveValue(/^41\d g$/);
  await expect(page).not.toHaveURL(/try=/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save version' }).click();
  await expect(page.getByRole('dialog').getByLabel('Name')).toHaveValue('tries 3 to 5% less water');
  await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('article')).toContainText(/41\d g/);
  await expect(page.getByRole('article')).toContainText('This bake tests one change: 3 to 5% less water.');

  await page.getByRole('link', { name: 'Baked it' }).click();
  await page.getByRole('button', { name: 'Nearly there' }).click();
  await page.waitForURL(/\/notebook\/[0-9a-f-]{36}$/);
  expect(page.url()).not.toBe(first);
  await expect(page.getByRole('note')).toContainText('Tested:  3 to 5% less water.');
  await expect(page.getByRole('note')).toContainText(
    'It worked: no sunken top this time. And it came out better.',
  );
  await page.getByRole('button', { name: 'Pale' }).click();
  await expect(page.getByRole('note')).toContainText('New: pale.');
  // Had the change not helped, it would not be proposed again.
  await page.getByRole('button', { name: 'Sunken top' }).click();
  await expect(page.getByRole('note')).toContainText('It did not work: sunken top again.');
  await expect(why).toContainText(/[Tt]ried: 3 to 5% less water/);
  await expect(why).not.toContainText('Try: Water from');
  await page.getByRole('button', { name: 'Sunken top' }).click();
  await expect(page.getByText('All saved')).toBeVisible();

  // First to last, with what was changed; two beside each other.
  await page.getByRole('link', { name: 'All trials of it' }).click();
  const line = page.getByRole('list', { name: 'Trials, first to last' });
  await expect(line.getByRole('listitem')).toHaveCount(2);
  await expect(line.getByRole('listitem').last()).toContainText(
    /Against the trial before: .*water 430 g → 41\d g/,
  );
  await expect(line.getByRole('listitem').last()).toContainText('best so far');
  await expectAccessible(page);
  for (const box of await line.getByRole('checkbox').all()) await box.check();
  await page.getByRole('button', { name: 'Compare 2' }).click();
  const table = page.getByRole('table');
  await expect(table).toContainText('Went wrong');
  await expect(table).toContainText('Nearly there');
  await expect(table.getByRole('row').filter({ hasText: 'Core temperature when out' })).toContainText(
    'not measured',
  );
  await expect(table.getByRole('img')).toHaveCount(1);
  await expectAccessible(page);

  // Found again by a word without its accent, and by its fault.
  await page.getByRole('link', { name: 'Notebook', exact: true }).click();
  await page.getByLabel('Title or notes contain').fill('zoe pierhead');
  await expect(page.getByRole('list', { name: 'Trials' }).getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Title or notes contain').fill('pierhead');
  await page.getByLabel('What was wrong').selectOption('Pale');
  await expect(page.getByRole('list', { name: 'Trials' }).getByRole('listitem')).toHaveCount(1);
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectAccessible(page);
  for (const url of [page.url(), first]) {
    await visit(page, url);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }

  // Taken out, it can be put back.
  await page.getByRole('button', { name: 'Remove this trial' }).click();
  await page.getByRole('button', { name: 'Put back' }).click();
  await visit(page, first);
  await expect(page.getByRole('button', { name: 'Went wrong' })).toHaveAttribute('aria-pressed', 'true');
});

test('a trial from a run has what the bench measured; what is written while the server is away is kept when it is back', async ({
  page,
  context,
}) => {
  await putFormula(page, LOAF);
  await page.getByRole('link', { name: /^Card/ }).click();
  await page.getByRole('button', { name: 'At the bench' }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  await page.waitForURL(/\/bench\//);
  const run = page.url().split('/').pop()!;
  const deeds = [
    { agoMs: 200 * 60_000, doc: { kind: 'oven', what: 'in' } },
    { agoMs: 160 * 60_000, doc: { kind: 'probe', c: 90.5 } },
    { agoMs: 150 * 60_000, doc: { kind: 'oven', what: 'out' } },
    { agoMs: 120 * 60_000, doc: { kind: 'cut' } },
  ];
  const res = await page.request.post(`./api/v1/runs/${run}/events`, {
    data: { events: deeds.map((d) => ({ id: crypto.randomUUID(), ...d })) },
  });
  expect(res.ok()).toBe(true);
  await page.getByRole('link', { name: 'Notebook', exact: true }).click();
  const open = page.getByRole('region', { name: 'Not judged yet' });
  await open.getByRole('link', { name: LOAF.title }).first().click();
  await page.getByRole('button', { name: 'Nearly there' }).click();
  await page.waitForURL(/\/notebook\/[0-9a-f-]{36}$/);
  await expect(page.getByLabel('Baking time')).toHaveValue('50 min');
  await expect(page.getByLabel('Cut after')).toHaveValue('30 min');
  await page.getByRole('button', { name: 'Gummy line or wet centre' }).click();
  await expect(page.getByRole('region', { name: 'Why' })).toContainText('it was cut after 30 of');
  await expect(page.getByText('All saved')).toBeVisible();

  await context.setOffline(true);
  await page.getByRole('textbox', { name: 'Notes' }).fill('written in the cellar');
  await expect(page.getByText('The server does not answer; trying again.')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('All saved')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('written in the cellar');
});

test('two trials are tasted blind: codes, what was said, and in the end what it shows and what not', async ({
  page,
}) => {
  await visit(page, './notebook');
  const boxes = page.getByRole('checkbox', { name: /^Compare Cardamom crown/ });
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  await page.getByRole('button', { name: 'Blind tasting' }).click();
  await expect(page.getByRole('heading', { name: 'Blind tasting' })).toBeVisible();
  const who = page.getByRole('combobox', { name: 'Tasters' });
  for (const name of ['Kiosk', 'Helper', 'Clerk', 'Engineer', 'Alto', 'Tenor']) {
    await who.fill(name);
    await who.press('Enter');
  }
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make the codes' }).click();
  await page.waitForURL(/\/notebook\/tasting\//);
  const shows = page.getByRole('region', { name: 'What it shows' });
  await expect(shows).toContainText('0 of 6 have answered');
  await expectAccessible(page);
  // Everyone presses the odd one, found by the key that whoever fills the plates has.
  await page.getByRole('switch').press('Space');
  const rows = page.getByRole('row').filter({ has: page.getByRole('button') });
  for (let i = 0; i < 6; i++) {
    const plates = rows.nth(i).getByRole('button');
    const told = await plates.allTextContents();
    const under = told.map((t) => t.slice(3));
    const odd = under.findIndex((u) => under.filter((x) => x === u).length === 1);
    await plates.nth(odd).click();
    await expect(plates.nth(odd)).toHaveAttribute('aria-pressed', 'true');
  }
  await expect(shows).toContainText('6 of 6 found the odd one');
  await expect(shows).toContainText('They can be told apart.');
  await page.reload();
  await expect(shows).toContainText('They can be told apart.');
  await expectAccessible(page);
  // One takes it back and says another: five still show it, three would not.
  const change = async (i: number): Promise<void> => {
    const other = rows.nth(i).locator('button[aria-pressed="false"]').first();
    await other.click();
    await expect(rows.nth(i).locator('button[aria-pressed="true"]')).toHaveCount(1);
  };
  for (const [i, left] of [5, 4, 3].entries()) {
    await change(i);
    await expect(shows).toContainText(`${left} of 6 found the odd one`);
  }
  await expect(shows).toContainText('No difference was shown: 5 of 6 would have to find it.');
  await expect(shows).toContainText('That is not to say that there is none.');
  await page.getByRole('link', { name: 'Notebook', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Blind tastings' })).toContainText('6 of 6 have answered');
});

test('an experiment of four bakes, each twice: drawn order, measured, what is shown and what is not', async ({
  page,
}) => {
  await visit(page, './');
  await page.getByRole('link', { name: /Cardamom crown/ }).click();
  await page.waitForURL(/\/formula\/.+\//);
  const id = /formula\/([0-9a-f-]+)/.exec(page.url())![1]!;
  await visit(page, `./formula/${id}/trials`);
  const over = page.getByRole('region', { name: 'Over the trials' });
  await expect(over.getByRole('img', { name: /^Taste: trial 1 \d, / })).toBeVisible();
  await expect(over).toContainText('Core temperature when out');
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Plan an experiment' }).click();
  const fill = async (i: number, what: string, low: string, high: string): Promise<void> => {
    await page.getByLabel('Factor', { exact: true }).nth(i).fill(what);
    await page.getByLabel('Low').nth(i).fill(low);
    await page.getByLabel('High').nth(i).fill(high);
  };
  await fill(0, 'psyllium', '18 g', '24 g');
  await page.getByRole('button', { name: 'Add a factor' }).click();
  // What is not stated yet is said where it stands, when one wants to go on.
  await page.getByRole('button', { name: 'Draw a random order' }).click();
  await expect(page.getByText('Describe it in a word or two.')).toHaveCount(3);
  await fill(1, 'water', '400 g', '430 g');
  await expect(page.getByText('8 bakes. Every combination is baked: no effect hides another.')).toBeVisible();
  await page.getByLabel('Bakes of each').fill('1');
  await expect(page.getByText(/No bake is repeated/)).toBeVisible();
  await page.getByLabel('Bakes of each').fill('2');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Draw a random order' }).click();
  await page.waitForURL(/\/notebook\/experiment\//);
  const shows = page.getByRole('region', { name: 'What it shows' });
  await expect(shows).toContainText('0 of 8 baked');
  await expectAccessible(page);
  // The next bakes go on a bake day, each named by how it is set.
  const experiment = page.url();
  await page.getByLabel('The next').fill('2');
  await page.getByRole('button', { name: 'Put them on a bake day' }).click();
  await page.waitForURL(/\/days\//);
  await expect(
    page.getByText(/Cardamom crown.*, bake 2: psyllium (18|24) g, water 4[03]0 g/).first(),
  ).toBeVisible();
  await visit(page, experiment);
  // Height follows psyllium; water does hardly anything. Two made alike lie a little apart.
  const rows = page.getByRole('row').filter({ has: page.getByRole('textbox') });
  await expect(rows).toHaveCount(8);
  const seen = new Map<string, number>();
  for (let i = 0; i < 8; i++) {
    const text = (await rows.nth(i).getByRole('cell').allTextContents()).slice(0, 2).join();
    const again = seen.get(text) ?? 0;
    seen.set(text, again + 1);
    const y = 60 + (text.includes('24 g') ? 9 : 0) + (text.includes('430 g') ? 0.4 : 0) + (again ? 1 : -1);
    const field = rows.nth(i).getByRole('textbox');
    await field.fill(String(y));
    await field.press('Tab');
    await expect(field).toBeEnabled();
    if (i < 7) await expect(shows).toContainText(`${i + 1} of 8 baked`);
  }
  await expect(shows).toContainText('Shown to change it: psyllium (+9.0).');
  await expect(
    shows.getByRole('listitem').filter({ hasText: /^psyllium, from 18 g to 24 g: \+9\.0 \(/ }),
  ).toContainText('Shown.');
  await expect(shows.getByRole('listitem').filter({ hasText: /^water/ })).toContainText(
    'Not shown: it may be nothing.',
  );
  await expect(shows).toContainText(
    'psyllium, from 18 g to 24 g: +9.0 beside water 400 g, +9.0 beside water 430 g.',
  );
  // A bake is the trial it was baked as.
  await page.getByLabel('Trial of bake 1').selectOption({ index: 1 });
  await expect(page.getByRole('link', { name: 'Open' })).toHaveAttribute(
    'href',
    /\/notebook\/[0-9a-f-]{36}$/,
  );
  await expectAccessible(page);
  await page.reload();
  await expect(shows).toContainText('Shown to change it: psyllium (+9.0).');
  await expect(page.getByRole('link', { name: 'Open' })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  // Charts are drawn anew a moment after the page has become narrow.
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await visit(page, './notebook');
  await expect(page.getByRole('region', { name: 'Experiments' })).toContainText('8 of 8 bakes measured');
});
