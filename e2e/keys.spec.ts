import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { expectAccessible, visit } from './helpers';

/** More presses of Tab than any page of ours needs from one thing to the next that is wanted. */
const MOST_TABS = 120;

/** Goes on with Tab until something has the focus; says how often it took. */
async function tabTo(page: Page, wanted: Locator): Promise<void> {
  for (let i = 0; i < MOST_TABS; i++) {
    await page.keyboard.press('Tab');
    if (await wanted.evaluate((el) => el === document.activeElement).catch(() => false)) return;
  }
  throw new Error(`Tab does not come to ${String(wanted)}`);
}

/** What a screen reader is given of a part of the page: roles, names, states, in order. */
const told = (of: Locator): Promise<string> => of.ariaSnapshot();

/** The parts of a text, each after the one before. */
function expectInOrder(text: string, parts: readonly RegExp[]): void {
  let rest = text;
  for (const part of parts) {
    const found = part.exec(rest);
    expect(found, `${part} in\n${rest.slice(0, 3000)}`).not.toBeNull();
    rest = rest.slice(found!.index + found![0].length);
  }
}

test('the main job with keys alone, and what a screen reader is told of it: paste, leave out, balance, save, card', async ({
  page,
}) => {
  const main = page.locator('main');
  await visit(page, './');
  await expect(page.getByRole('heading', { name: 'Formulas' })).toBeVisible();
  // The first Tab offers to skip what stands on every page.
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to content' })).toBeFocused();
  await tabTo(page, page.getByRole('link', { name: 'Add a formula' }).first());
  await page.keyboard.press('Enter');

  await tabTo(page, page.getByLabel('Title'));
  await page.keyboard.type('Keyboard cake');
  await tabTo(page, page.getByLabel('Ingredients, one a line'));
  await page.keyboard.type(
    '180 g sorghum flour\n60 g tapioca starch\n2 eggs\n150 g milk\n90 g butter, melted\n110 g sugar\n2 tsp baking powder\n',
  );
  await tabTo(page, page.getByLabel('Method'));
  await page.keyboard.type('Whisk the eggs with the sugar, milk and butter. Stir in the dry things. Bake.');
  await expect(page.getByText('7 lines, all known')).toBeVisible();
  expectInOrder(await told(main), [
    /heading "Add a formula" \[level=1\]/,
    /textbox "Title"/,
    /textbox "Ingredients, one a line"/,
    /7 lines, all known/,
  ]);
  await tabTo(page, page.getByRole('button', { name: 'Add formula' }));
  await page.keyboard.press('Enter');

  await page.waitForURL(/\/swap/);
  for (const what of ['egg', 'dairy']) {
    const box = page.getByRole('checkbox', { name: `Leave out ${what}` });
    await tabTo(page, box);
    await page.keyboard.press('Space');
    await expect(box).toBeChecked();
  }
  await expect(page.getByText(/^3 to replace/)).toBeVisible();
  await expect(page.locator('[aria-busy="false"]')).toBeVisible();
  expectInOrder(await told(page.locator('body')), [
    /banner/,
    /navigation "Places"/,
    /heading "Keyboard cake" \[level=1\]/,
    /checkbox "Leave out egg" \[checked\]/,
    /checkbox "Leave out dairy" \[checked\]/,
    /radiogroup "In place of eggs"/,
    /radio ".+" \[checked\]/,
  ]);
  // A choice among ways is one stop of Tab; arrows change it.
  const eggs = page.getByRole('radiogroup', { name: 'In place of eggs' });
  await tabTo(page, eggs.getByRole('radio', { checked: true }));
  await page.keyboard.press('ArrowDown');
  await expect(eggs.getByRole('radio').nth(1)).toBeChecked();
  await expectAccessible(page);

  await tabTo(page, page.getByRole('link', { name: /See it balanced/ }));
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/balance/);
  // The frame of the desk is there already; the stop itself is waited for.
  await expect(page.getByRole('button', { name: /^fat: original/ })).toBeVisible();
  const balance = await told(main);
  // Each number says what it is, original and now, before it is opened.
  expectInOrder(balance, [/heading "Keyboard cake" \[level=1\]/, /button "fat: original .+ Explain/]);
  await tabTo(page, page.getByRole('button', { name: 'Save version' }));
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('Name')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+A');
  await page.keyboard.type('with keys alone');
  await page.keyboard.press('Enter');
  await page.waitForURL(/card/);
  await expect(page.getByRole('row', { name: /^180 g Sorghum flour/ })).toBeVisible();
  const card = await told(main);
  expectInOrder(card, [
    /heading "Keyboard cake.*" \[level=1\]/,
    /row "180 g Sorghum flour/,
    /rowheader "Sorghum flour"/,
  ]);
  for (const part of [/with keys alone/, /Check packets for/, /not medical or legal advice/])
    expect(card).toMatch(part);
  await expectAccessible(page);
});
