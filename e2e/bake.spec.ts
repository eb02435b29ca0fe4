import { expect, test } from './fixtures';
import { deskSaved, expectAccessible, leaveOut, putFormula, visit } from './helpers';

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
  await putFormula(page, LOAF);
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /^Bake (?!days)/ }).click();
  const oven = page.getByRole('region', { name: 'At the oven' });
  await expect(oven.getByText(/190 °C: about \d+ to \d+ min/)).toBeVisible();
  await expectAccessible(page);
  const time = async (): Promise<number> =>
    Number(/about (\d+)/.exec(await oven.getByText(/: about \d+/).innerText())![1]);
  const before = await time();
  await page.getByLabel('Dough temperature going in').fill('4');
  await expect(oven.getByText('how warm it goes in')).toBeVisible();
  await expect.poll(time).toBeGreaterThan(before + 4);
  await page.getByLabel('Dough temperature going in').fill('24');
  await expect.poll(time).toBeLessThan(before + 3);
  await oven.getByRole('switch', { name: 'Fan' }).press('Space');
  await expect.poll(time).toBeLessThan(before);
  // Four curves within their axes; pointed at, they are read, as at the table below.
  const curves = page.getByRole('img', { name: /Modelled temperature of the core/ });
  await expect(curves.locator('path.recharts-curve')).toHaveCount(4);
  await curves.hover();
  const read = page.getByText(/^After \d+ min: core \d+ °C, crust \d+ °C; original \d+ °C, \d+ °C$/);
  await expect(read).toBeVisible();
  const [, min, middle] = /After (\d+) min: core (\d+)/.exec(await read.innerText())!;
  await page.getByText('The same as a table').click();
  const rows = await page.getByRole('row', { name: / min \d+ °C/ }).allInnerTexts();
  const figures = rows.map((r) => /^(\d+) min\s+(\d+) °C/.exec(r)!.slice(1).map(Number));
  // What is read lies between the two rows of the table around it.
  const around = [figures.findLast(([m]) => m! <= Number(min))!, figures.find(([m]) => m! >= Number(min))!];
  expect(Number(middle)).toBeGreaterThanOrEqual(around[0]![1]! - 1);
  expect(Number(middle)).toBeLessThanOrEqual(around[1]![1]! + 1);

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
  await putFormula(page, {
    title: 'Custard pot',
    text: 'For the custard:\n500 g milk\n4 eggs\n80 g sugar',
    method: 'Whisk and bake.',
    oven: '150 C',
    time: '40 min',
  });
  await page.getByRole('link', { name: /^Bake (?!days)/ }).click();
  await expect(page.getByText(/A forecast is not reliable for this kind of bake/)).toBeVisible();
  await expect(page.getByText(/Use the stated 40 min as a guide/)).toBeVisible();
  await expect(page.getByText('the middle trembles, the rim is set')).toBeVisible();
  await expectAccessible(page);
  await putFormula(page, { ...LOAF, title: 'No oven', oven: '', time: '' });
  await page.getByRole('link', { name: /^Bake (?!days)/ }).click();
  await expect(page.getByText('No oven stated', { exact: true })).toBeVisible();
  // What is cooked in a pan needs none: its steps and its signs stand there.
  await putFormula(page, {
    title: 'Griddle breads',
    text: '200 g yogurt\n150 g gluten-free flour blend\n1 tsp baking powder',
    method: 'Mix, rest 10 min, roll out.\nDry-fry in a hot pan for 2 minutes each side.',
    oven: '',
    time: '',
  });
  await page.getByRole('link', { name: /^Bake on the hob/ }).click();
  const hob = page.getByRole('region', { name: 'On the hob' });
  await expect(hob.getByText('Dry-fry in a hot pan for 2 minutes each side.')).toBeVisible();
  await expect(hob.getByText('it is golden')).toBeVisible();
  await expectAccessible(page);
});

test('a programme of stretches: a lid, its end moved by keys, another tin, and kept on the card', async ({
  page,
}) => {
  await putFormula(page, { ...LOAF, title: 'Stretch loaf' });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /^Bake (?!days)/ }).click();
  const oven = page.getByRole('region', { name: 'At the oven' });
  await oven.getByRole('button', { name: 'Hot and covered' }).click();
  await expect(oven.getByText('covered until 30 min')).toBeVisible();
  const turn = page.getByRole('slider', { name: /End of stage 1, 230 °C, under a lid/ });
  await turn.press('ArrowRight');
  await turn.press('PageUp');
  await expect(oven.getByText('covered until 36 min')).toBeVisible();
  await expect(oven.getByLabel('For of stage 1')).toHaveValue('36 min');
  // Dragged, the next stretch begins where it is let go.
  await turn.scrollIntoViewIfNeeded();
  const box = (await turn.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(oven.getByText(/covered until (2\d|3[0-3]) min/)).toBeVisible();
  await page.getByText('The same as a table').click();
  await expect(page.getByRole('row', { name: /^20 min/ })).toContainText('°C');
  await expectAccessible(page);

  const tin = page.getByRole('region', { name: 'The tin and the dough' });
  await tin.getByLabel('A tin of yours').selectOption({ label: 'Deep cake tin' });
  await expect(tin.getByText(/In the original tin the dough is/)).toBeVisible();
  await tin.getByRole('button', { name: /Same depth as before/ }).click();
  await expect(tin.getByRole('button', { name: 'All the dough' })).toBeVisible();
  await expect(oven.getByText(/Stern oven runs 12 °C hot: for 230 °C set the dial to 220 °C/)).toBeVisible();
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('under a lid');
  await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('article')).toContainText(/min at 230 °C \(445 °F\) under a lid, then 220 °C/);
});

test('what a bake took is kept and counted from then on; ovens and tins are put in the kitchen', async ({
  page,
}) => {
  await visit(page, './kitchen');
  const ovens = page.getByRole('region', { name: 'Ovens' });
  await ovens.getByRole('button', { name: 'Add an oven' }).click();
  await ovens.getByLabel('Name').fill('Galley oven');
  await ovens.getByLabel('Hotter than its dial by').fill('-15');
  await ovens.getByLabel('Wide inside').fill('5');
  await expect(ovens.getByText(/15 to 300 cm/)).toBeVisible();
  await ovens.getByLabel('Wide inside').fill('40');
  await ovens.getByRole('button', { name: 'Save oven' }).click();
  await expect(ovens.getByText('15 °C cooler than its dial')).toBeVisible();
  // It is drawn when it is kept.
  await ovens.getByRole('radio', { name: 'Use Galley oven' }).click();
  await expect(ovens.getByRole('radio', { name: 'Use Galley oven' })).toBeChecked();
  const tins = page.getByRole('region', { name: 'Tins' });
  await tins.getByRole('button', { name: 'Add a tin' }).click();
  await tins.getByLabel('Name').fill('Choir tin');
  await tins.getByLabel('Its shape and size').fill('big tin');
  await expect(tins.getByText(/Enter it with its size/)).toBeVisible();
  await tins.getByLabel('Its shape and size').fill('28 cm round tin');
  await expectAccessible(page);
  await tins.getByRole('button', { name: 'Save tin' }).click();
  await tins.getByRole('button', { name: 'Remove Choir tin' }).click();
  await expect(tins.getByText('Choir tin')).toBeHidden();
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(tins.getByText('Choir tin')).toBeVisible();

  await putFormula(page, { ...LOAF, title: 'Timed loaf' });
  await page.getByRole('link', { name: /^Bake (?!days)/ }).click();
  await expect(page.getByText(/Galley oven runs 15 °C cool/)).toBeVisible();
  const told = page.getByText(/190 °C: about \d+/);
  const before = Number(/about (\d+)/.exec(await told.innerText())![1]);
  await page.getByLabel('It took').fill('64');
  await page.getByRole('button', { name: 'Save this time' }).click();
  await expect(page.getByText(/Your own timed bake makes it \+\d+%/)).toBeVisible();
  await expect
    .poll(async () => Number(/about (\d+)/.exec(await told.innerText())![1]))
    .toBeGreaterThan(before + 4);
  await page.getByRole('button', { name: 'Remove the last one' }).click();
  await expect.poll(async () => Number(/about (\d+)/.exec(await told.innerText())![1])).toBe(before);
});
