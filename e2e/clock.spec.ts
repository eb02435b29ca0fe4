import { readFileSync } from 'node:fs';
import { expect, test } from './fixtures';
import { expectAccessible, putFormula } from './helpers';

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
  const tomorrow = new Date();
  tomorrow.setDate(tomorrow.getDate() + 2);
  const day = tomorrow.toISOString().slice(0, 10);
  await page.getByLabel('Ready by').fill(`${day}T13:00`);
  await expect(page.getByText('ready at 13:00')).toBeVisible();
  // It begins the evening before, so that two days are told.
  await expect(page.getByRole('region').or(page.locator('section.sheet'))).toHaveCount(2);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save for a calendar' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('night-soaked-slab.ics');
  expect(readFileSync(await file.path(), 'utf8')).toContain('BEGIN:VEVENT');

  await page.getByLabel('Ready by').fill('2026-01-01T08:00');
  await expect(page.getByText('It would have to be begun before now')).toBeVisible();
  await page.getByRole('button', { name: 'Start now' }).click();
  await expect(page.getByText('It would have to be begun before now')).toHaveCount(0);
});
