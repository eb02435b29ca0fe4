import jpeg from 'jpeg-js';
import { anySlice, drawFace, photograph, PLAIN_SHOT, type Shot } from '../core/testing/slices';
import { expect, test } from './fixtures';
import { expectAccessible, putFormula, visit } from './helpers';
import type { Page } from '@playwright/test';

const LOAF = {
  title: 'Breakwater loaf',
  text: '300 g white rice flour\n100 g tapioca starch\n22 g psyllium husk powder\n7 g instant yeast\n8 g salt\n440 g water\n60 g raisins',
  method: 'Mix, prove 60 min in a 900 g loaf tin and bake 55 min at 210 °C. Cool 2 hours.',
  oven: '',
  time: '',
};
const FACE = drawFace(
  { ...anySlice(5), gummy: { from: 4, thick: 7, dark: 0.3 }, dip: 7, dome: 3, raisins: 2, hole: 1.2 },
  5,
);
/** A photo of the drawn slice as a file, and where its raisins lie as shares of it. */
function photoFile(name: string, more: Partial<Shot> = {}) {
  const { picture, raisins } = photograph(FACE, { ...PLAIN_SHOT, scale: 6.5, quality: 100, ...more }, 4);
  const { data, width, height } = picture;
  const buffer = jpeg.encode({ data: Buffer.from(data.buffer), width, height }, 90).data;
  return {
    file: { name, mimeType: 'image/jpeg', buffer },
    raisins: raisins.map(([x, y]) => [x / width, y / height] as const),
  };
}
async function bakedIt(page: Page, file: ReturnType<typeof photoFile>['file']) {
  await page.getByRole('link', { name: 'Baked it' }).click();
  await page.getByRole('button', { name: 'Nearly there' }).click();
  await page.waitForURL(/\/notebook\/[0-9a-f-]{36}$/);
  const photos = page.getByRole('region', { name: 'Photos' });
  await photos.locator('input[type=file]').first().setInputFiles(file);
  await photos.getByRole('link', { name: 'Measure the slice' }).click();
}
const row = (page: Page, name: string) =>
  page
    .getByRole('term')
    .filter({ hasText: new RegExp(`^${name}$`) })
    .locator('xpath=following-sibling::dd[1]');

test('a slice is measured on its photo, mended by hand and keys, kept, and laid beside another at one scale', async ({
  page,
}) => {
  await putFormula(page, LOAF);
  await page.getByRole('link', { name: /^Card/ }).click();
  await page.waitForURL(/\/card\//);
  const card = page.url();
  const { file, raisins } = photoFile('slice.jpg');
  await bakedIt(page, file);
  await expect(row(page, 'Height')).toHaveText(/^5[01] mm ± 1$/);
  await expect(row(page, 'Gummy line')).toContainText(/band [678] mm thick, [345] mm above the base/);
  await expect(row(page, 'Top')).toContainText(/sinks [56] mm/);
  await expect(page.getByText('no bread has been checked with a ruler yet')).toBeVisible();
  await expectAccessible(page);

  // A raisin counts as the largest hole until it is said to be none.
  const largest = row(page, 'Five largest holes');
  const before = parseFloat((await largest.textContent())!);
  await page.getByText('No hole', { exact: true }).click();
  const photo = page.getByRole('group', { name: /slice and card/ });
  const box = (await photo.boundingBox())!;
  for (const [x, y] of raisins) await photo.click({ position: { x: x * box.width, y: y * box.height } });
  const now = async () => parseFloat((await largest.textContent())!);
  await expect(async () => expect(await now()).toBeLessThan(before - 0.4)).toPass();
  const spared = await now();
  await page.getByRole('button', { name: 'Remove the last one' }).click();
  await expect(async () => expect(await now()).toBeGreaterThan(spared)).toPass();

  // By keys: a corner of the card that is moved is found again; the cut higher than the card shows larger.
  await page.getByText('Card', { exact: true }).click();
  const corner = page.getByRole('button', { name: /Corner 1 of the card/ });
  for (const key of ['ArrowRight', 'Shift+ArrowDown']) await corner.press(key);
  await page.getByText('Card on the board').click();
  await expect(row(page, 'Height')).toHaveText(/^4[4-7] mm ± [1-9]$/);
  await page.getByText('Card level with the cut').click();
  await expect(row(page, 'Height')).toHaveText(/^5[01] mm ± 1$/);
  // The edge and the base by hand, and back.
  await page.getByText('Edge', { exact: true }).click();
  for (let i = 0; i < 3; i++)
    await page.getByRole('button', { name: /^Mark 1 of the edge/ }).press('Shift+ArrowLeft');
  await page.getByRole('button', { name: 'As found' }).click();
  await page.getByText('Base', { exact: true }).click();
  for (let i = 0; i < 2; i++)
    await page.getByRole('button', { name: 'One end of the base' }).press('Shift+ArrowUp');
  await expect(row(page, 'Height')).not.toHaveText(/^51 mm/);
  await page.getByRole('button', { name: 'As found' }).click();
  await expect(row(page, 'Height')).toHaveText(/^5[01] mm ± 1$/);

  await page.getByRole('button', { name: /^Mark it: gummy/ }).click();
  await page.getByRole('button', { name: 'Save these numbers' }).click();
  await expect(page.getByRole('heading', { name: LOAF.title })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Gummy line or wet centre' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(row(page, 'Height').first()).toHaveText(/^5[01] mm/);
  await expect(page.getByText('All saved')).toBeVisible();
  const first = page.url().split('/').at(-1)!;
  await page.reload();
  await expect(row(page, 'Height').first()).toHaveText(/^5[01] mm/);

  await visit(page, card);
  await bakedIt(page, photoFile('second.jpg', { turn: 6, board: 'tray' }).file);
  await expect(row(page, 'Height')).toHaveText(/^5[01] mm ± 1$/);
  await page.getByRole('button', { name: 'Save these numbers' }).click();
  await expect(page.getByText('All saved')).toBeVisible();
  const second = page.url().split('/').at(-1)!;
  await page.goto(page.url().replace(/\/notebook\/.*/, `/notebook/beside?ids=${first},${second}`));
  await expect(page.getByText('measured slices at the same scale')).toBeVisible();
  await expect(page.getByText('20 mm')).toHaveCount(2);
  const widths = await page
    .getByRole('table')
    .getByRole('img')
    .evaluateAll((all) => all.map((i) => i.getBoundingClientRect().width));
  expect(Math.abs(widths[0]! / widths[1]! - 1)).toBeLessThan(0.02);
  await expectAccessible(page);
});

test('a photo that cannot be measured says why and how to take a better one; its edge can be drawn by hand', async ({
  page,
}) => {
  await putFormula(page, LOAF);
  await page.getByRole('link', { name: /^Card/ }).click();
  await bakedIt(page, photoFile('wood.jpg', { board: 'oak' }).file);
  await expect(page.getByText('The board is too much like the slice')).toBeVisible();
  await expect(page.getByText('wood does not do')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save these numbers' })).toHaveCount(0);
  await expectAccessible(page);
  await page.getByText('Edge', { exact: true }).click();
  await page.getByRole('button', { name: /^Mark 1 of the edge/ }).press('ArrowRight');
  await expect(row(page, 'Height')).toBeVisible();
});
