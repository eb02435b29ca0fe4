import { expect, type Page } from '@playwright/test';
import { test } from './fixtures';
import { expectAccessible, visit } from './helpers';

/** Signs, names of units, papers and laws: the same in every language, or said by a package to nobody. */
const SAME = new Set(
  'New Crumb demo Letter Regulation Annex autosize measurement Nov Oct Sept Dec min kcal mmol mol CSV JSON JSON-LD Ctrl Alt Shift Enter Esc kg ml cm mm pH English Deutsch psi'
    .toLowerCase()
    .split(' '),
);
const wordsOf = (text: string): string[] => text.match(/\p{L}[\p{L}\p{M}’'-]{2,}/gu) ?? [];

/** What is told to the eye or the ear on a page. */
const told = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const out: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let n = walker.nextNode(); n; n = walker.nextNode())
      if (!n.parentElement?.closest('script, style, noscript, textarea')) out.push(n.textContent ?? '');
    for (const el of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]'))
      for (const name of ['aria-label', 'title', 'placeholder', 'alt']) out.push(el.getAttribute(name) ?? '');
    return out;
  });

/** Goes to a page as a link of the app does: nothing is loaded anew, and it stands when nothing is added to it any more. */
async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', new URL(to, `${location.origin}/demo/`));
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
  await page.locator('main').waitFor();
  for (let before = -1, now = 0; before !== now;) {
    before = now;
    await page.waitForTimeout(250);
    now = await page.evaluate(() => document.body.innerText.length);
  }
}

/** The pages there are, with the demo in them. */
async function pagesOf(page: Page): Promise<string[]> {
  const ask = async <T>(path: string): Promise<T> =>
    (await (await page.request.get(`./api/v1/${path}`)).json()) as T;
  const { formulas } = await ask<{ formulas: { id: string }[] }>('formulas');
  const paths = [
    './',
    'new',
    'notebook',
    'notebook/new',
    'days',
    'pantry',
    'kitchen',
    'handbook',
    'start',
    'people',
    'pair',
    'nowhere',
  ];
  for (const { id } of formulas.slice(0, 2)) {
    for (const stop of [
      'read',
      'swap',
      'balance',
      'lift',
      'bake',
      'clock',
      'versions',
      'trials',
      'experiment',
    ])
      paths.push(`formula/${id}/${stop}`);
    const { versions } = await ask<{ versions: { id: string }[] }>(`formulas/${id}`);
    paths.push(`formula/${id}/card/${versions.at(-1)!.id}`);
  }
  for (const s of ['replacements', 'kinds', 'feel', 'faults', 'conversions', 'cautions', 'sources'])
    paths.push(`handbook/${s}`);
  return paths;
}

test('every word of the app comes from a catalogue: in a language that marks each of its letters nothing plain is left', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await page.addInitScript(() => localStorage.setItem('new-crumb:language', 'en-x-pseudo'));
  await visit(page, './');
  await page.locator('main').waitFor();
  // What bakers wrote themselves is shown unchanged: all the demo's own words are theirs.
  const theirs = new Set<string>(SAME);
  const written = await (await page.request.get('./api/v1/backup')).text();
  for (const w of wordsOf(written)) theirs.add(w.toLowerCase());
  const plain = new Set<string>();
  for (const path of await pagesOf(page)) {
    await goWithin(page, path);
    for (const text of await told(page))
      for (const w of wordsOf(text))
        if (/^[A-Za-z'’-]+$/.test(w) && !theirs.has(w.toLowerCase()))
          plain.add(`${path.replace(/[0-9a-f-]{36}/g, '*')}: ${text.trim().slice(0, 80)}`);
  }
  expect([...plain]).toEqual([]);
});

test('in German: a formula is read, changed, saved; numbers and dates as they are written there', async ({
  browser,
  server,
}) => {
  const context = await browser.newContext({ locale: 'de-DE', baseURL: `${server}/` });
  const page = await context.newPage();
  await visit(page, './new');
  await expect(page.getByRole('heading', { name: 'Formel hinzufügen' })).toBeVisible();
  await page.getByLabel('Titel').fill('Kirschmuffins');
  await page
    .getByLabel('Zutaten, eine je Zeile')
    .fill(
      '200 g weißes Reismehl\n2 Eier\n1,5 dl Milch\n2 TL Backpulver\n80 g weiche Butter\n90 g Zucker\n150 g Kirschen',
    );
  await expect(page.getByText('7 Zeilen, alle bekannt')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Formel hinzufügen' }).click();
  for (const name of ['Ei', 'Milch'])
    await page
      .locator('label', { hasText: new RegExp(`^${name}$`) })
      .first()
      .click();
  await expect(page.getByText(/^3 zu ersetzen/)).toBeVisible();
  // Lists are joined as they are there.
  await expect(page.locator('main')).toContainText('Bringt Soja und Hülsenfrüchte hinein');
  await page.getByRole('link', { name: /^Bilanz/ }).click();
  await expect(page.getByText('Gesamtgewicht').first()).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'de-DE');
  // A decimal comma is shown, and one that is typed is taken.
  await expect(page.getByText(/\d,\d Ei-Äquivalente/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Version speichern' }).first().click();
  await page.getByRole('dialog').getByRole('button', { name: 'Speichern' }).click();
  await page.waitForURL(/\/card\//);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText(/ngepasst, weggelassen: /).first()).toBeVisible();
  await expectAccessible(page);
  await visit(page, './kitchen');
  await page.getByLabel('Angezeigt in').selectOption('en');
  await expect(page.getByRole('heading', { name: 'Kitchen', level: 1 })).toBeVisible();
  await context.close();
});
