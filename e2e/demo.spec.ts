import { expect, test } from './fixtures';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { expectAccessible, leaveOut, visit } from './helpers';

/** What must not be weighed on a card without egg, dairy, nuts and oil: by name, apart from the tags the engine reads. */
const NEVER =
  /\b(eggs?|butter(milk)?|milk|cream|almonds?|hazelnuts?|walnuts?|oil|plant block|shortening|wheat|barley)\b/i;
const FINE =
  /^(sunflower seed butter|pumpkin seed butter|soya milk powder|(?:coconut|soya|oat) cream|cream of tartar)/i;

/** Every third: of several parts and of one, with yeast and with powder. All of them, and all that can go, are tested in core. */
for (const { title } of DEMO_FORMULAS.filter((_f, i) => i % 3 === 0)) {
  test(`${title}: without all four, kept, and a card that holds none of them`, async ({ page }) => {
    await visit(page, './');
    await page.getByRole('link', { name: new RegExp(title) }).click();
    await leaveOut(page, 'egg', 'dairy', 'nuts', 'oil');
    await expect(page.getByText(/\d to replace/)).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: /Balance/ }).click();
    await expect(page.getByRole('region', { name: /Original and adapted/ }).first()).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Save version' }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.waitForURL(/card/);
    await expect(page.getByRole('article').getByRole('heading', { name: 'Method' })).toBeVisible();
    const names = await page.locator('tbody th').allInnerTexts();
    expect(names.length).toBeGreaterThan(5);
    const weighed = names.map((n) =>
      n
        .split(/,| for /)[0]!
        .trim()
        .toLowerCase(),
    );
    expect(weighed.filter((n) => NEVER.test(n) && !FINE.test(n))).toEqual([]);
    const card = page.getByRole('article');
    await expect(card.getByText(/^Adapted to leave out gluten/)).toBeVisible();
    await expect(card.getByText(/^Contains /)).toHaveCount(0);
    await expect(card.getByText(/^(?:Check packets for|No conflict found for) /)).toBeVisible();
    const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  });
}
