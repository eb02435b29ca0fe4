import { expect, test } from './fixtures';
import { deskSaved, expectAccessible, leaveOut, putFormula } from './helpers';

test('acid and soda are weighed, soda left over is mended at a press, the rail says so', async ({ page }) => {
  await putFormula(page, {
    title: 'Soda heavy',
    text: '250 g white rice flour\n2 eggs\n200 g milk\n8 g baking soda\n1 tsp baking powder\n80 g sugar\n60 g sunflower oil\n2 g xanthan gum',
  });
  await leaveOut(page, 'egg');
  const rail = page.getByRole('navigation', { name: 'Stops of this formula' });
  await expect(rail.getByText('soda not neutralised')).toBeVisible();
  await page.getByRole('link', { name: /Lift/ }).click();
  await expect(page.getByRole('heading', { name: /Tastes of soda: likely/ })).toBeVisible();
  await expect(page.getByText(/mmol of soda is not neutralised/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Lock soda at/ }).click();
  await expect(page.getByText(/mmol of soda is not neutralised/)).toHaveCount(0);
  await expect(rail.getByText('soda not neutralised')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/mmol of soda is not neutralised/)).toBeVisible();
});

test('the yeast clock, a starter, and the gauge, with keys alone; it is there after a reload, and on the card', async ({
  page,
}) => {
  await putFormula(page, {
    title: 'Quay rolls',
    text: '300 g brown rice flour\n150 g tapioca starch\n2 eggs\n330 g water\n7 g instant yeast\n20 g sugar\n8 g salt\n6 g xanthan gum\n25 g sunflower oil',
    method: 'Mix everything.\nShape and let it rise.\nBake until brown.',
  });
  await leaveOut(page, 'egg');
  await page.getByRole('link', { name: /Lift/ }).focus();
  await page.keyboard.press('Enter');
  const clock = page.getByRole('region', { name: 'Yeast clock' });
  await expect(clock.getByText(/^About \d h/)).toBeVisible();
  await clock.getByLabel('Yeast is activated at').focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('200');
  await expect(clock.getByText(/That kills the yeast/)).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('40');
  await expect(clock.getByText(/That kills the yeast/)).toHaveCount(0);
  await clock.getByRole('button', { name: '+ fridge' }).focus();
  await page.keyboard.press('Enter');
  await expect(clock.getByLabel('then at')).toHaveValue('4 °C');
  await expectAccessible(page);

  const gauge = page.getByRole('region', { name: 'Rise gauge' });
  for (const [min, mm] of [
    [0, 60],
    [20, 66],
    [40, 78],
    [60, 92],
  ]) {
    await gauge.getByLabel('After').fill(String(min));
    await gauge.getByLabel('Height').fill(String(mm));
    await page.keyboard.press('Enter');
    await expect(gauge.getByText(`${min} min: ${mm} mm`)).toBeVisible();
  }
  await expect(gauge.getByText(/Grown by 53%\. Rising\. About/)).toBeVisible();
  // Once it is as high as was wanted, what it took is counted from then on.
  await gauge.getByLabel('After').fill('80');
  await gauge.getByLabel('Height').fill('116');
  await page.keyboard.press('Enter');
  await gauge.getByRole('button', { name: 'Count this rise' }).click();
  await expect(gauge.getByText(/^Counted: the clock’s times follow it/)).toBeVisible();
  await expect(clock.getByText(/A rise you timed makes it \d+% (longer|shorter)\./)).toBeVisible();
  await page.getByRole('button', { name: 'Plan a starter for it' }).click();
  const starter = page.getByRole('region', { name: 'Starter' });
  await starter.getByLabel('Flour').fill('0');
  await expect(starter.getByText(/A starter is fed with flour/)).toBeVisible();
  await starter.getByLabel('Flour').fill('4');
  await expect(starter.getByText(/at its peak in about/)).toBeVisible();
  await deskSaved(page);
  await expectAccessible(page);
  await page.reload();
  await expect(gauge.getByText('60 min: 92 mm')).toBeVisible();

  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL(/card/);
  await expect(page.getByText(/rise by 90% at 22 °C, then 4 °C: about/)).toBeVisible();
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  const learnt = page.getByRole('region', { name: 'Learnt from your bakes' });
  await expect(
    learnt.getByText(/^Yeast: times at Lift, on the clock and on the card are .*, from 1 rise/),
  ).toBeVisible();
  await learnt.getByRole('button', { name: 'Forget' }).click();
  await expect(learnt).toHaveCount(0);
});
