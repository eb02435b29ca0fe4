import { readFileSync } from 'node:fs';
import { expect, test } from './fixtures';
import { expectAccessible, putFormula, setTime } from './helpers';

const SLAB = {
  title: 'Night-soaked slab',
  text: '400 g buckwheat groats\n80 g sunflower seeds\n18 g psyllium husk powder\n8 g salt\n260 g water',
  method:
    'Soak the groats overnight.\nDrain the groats and blend with water and salt.\nStir in psyllium and seeds and rest 30 minutes.\nScrape into a 900 g loaf tin and bake 75 minutes at 180 °C.',
};

test('the clock of one bake: backwards from when it is wanted, begun the evening before, and saved for a calendar', async ({
  page,
}) => {
  await putFormula(page, SLAB);
  await page.getByRole('link', { name: /^Clock/ }).click();
  await expect(page.getByText('Soak', { exact: true })).toBeVisible();
  await expectAccessible(page);
  const day = new Date();
  day.setDate(day.getDate() + 2);
  const written = (d: Date) => d.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).replace('Sept', 'Sep'); // prettier-ignore
  const setDay = async (d: Date) => {
    await page.getByLabel('Ready by, day').fill(written(d));
    await page.getByLabel('Ready by, day').press('Enter');
    await page.keyboard.press('Escape');
  };
  await setDay(day);
  await setTime(page, 'Ready by', '13:00');
  await expect(page.getByText('ready at 13:00')).toBeVisible();
  // It begins the evening before, so that two days are told.
  await expect(page.getByRole('region').or(page.locator('section.sheet'))).toHaveCount(2);
  // The end is moved by the arrow keys; work of some minutes is put at another time, and let go again.
  await page.getByRole('button', { name: /^Ready by 13:00/ }).press('ArrowRight');
  await expect(page.getByText('ready at 13:15')).toBeVisible();
  await page.getByRole('button', { name: /^Ready by 13:15/ }).press('ArrowLeft');
  await expect(page.getByText('ready at 13:00')).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save for a calendar' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('night-soaked-slab.ics');
  expect(readFileSync(await file.path(), 'utf8')).toContain('BEGIN:VEVENT');

  await setDay(new Date(2026, 0, 1));
  await expect(page.getByText('It would have to start before now')).toBeVisible();
  // Hours that are too short for it are said; longer ones do.
  await page.getByRole('button', { name: 'Start now' }).click();
  await expect(page.getByText('It would have to start before now')).toHaveCount(0);
});
