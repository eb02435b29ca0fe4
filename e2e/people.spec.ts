import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import type { Page } from '@playwright/test';
import { addressOn } from '../server/testing/api';
import { DATABASE_OWNER, startPostgres } from '../server/testing/postgres';
import { expect, FIRST_PORT, serve, test } from './fixtures';
import { expectAccessible } from './helpers';

const PORTS = [FIRST_PORT + 30, FIRST_PORT + 31] as const;
const PASSPHRASE = 'three loaves by the old mill';
const CODE = 'KNEAD-KNEAD-KNEAD';

async function fillSetUp(page: Page, at = './'): Promise<void> {
  await page.goto(at);
  await expect(page.getByRole('heading', { name: 'Set up this kitchen' })).toBeVisible();
  await page.getByLabel('Code').fill(CODE.toLowerCase());
  await page.getByLabel('What is the kitchen called').fill('Landing kiosk');
  await page.getByLabel('Your name').fill('Mira');
  await page.getByLabel('Name to sign in with').fill('mira');
  await page.getByRole('textbox', { name: 'Passphrase' }).fill(PASSPHRASE);
}
async function finishSetUp(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Set up' }).click();
  await page.getByRole('button', { name: 'I have saved it, go on' }).click();
  await expect(page.getByRole('link', { name: 'Kitchen' })).toBeVisible();
}
async function signIn(page: Page, passphrase = PASSPHRASE): Promise<void> {
  await page.getByLabel('Name to sign in with').fill('mira');
  await page.getByRole('textbox', { name: 'Passphrase' }).fill(passphrase);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

test('a kitchen on a server: two processes, two browsers on one bake day, a phone that signs in by a code', async ({
  browser,
}) => {
  test.setTimeout(180_000);
  const postgres = startPostgres();
  const admin = new pg.Client({ host: postgres.socket, user: 'postgres', database: 'postgres' });
  await admin.connect();
  await admin.query(`create database kiosk owner ${DATABASE_OWNER}`);
  await admin.end();
  const dirs = PORTS.map(() => mkdtempSync(join(tmpdir(), 'crumb-lan-')));
  const servers = PORTS.map((port, i) =>
    serve(dirs[i]!, port, {
      demo: false,
      scheme: 'https',
      args: ['--lan'],
      env: { DATABASE_URL: addressOn(postgres.socket, 'kiosk'), SETUP_CODE: CODE },
    }),
  );
  try {
    for (const s of servers) await s.start();
    const contextAt = (i: number, more = {}) =>
      browser.newContext({ baseURL: `${servers[i]!.url}/`, ignoreHTTPSErrors: true, ...more });
    const owner = await (await contextAt(0)).newPage();
    await fillSetUp(owner);
    await expectAccessible(owner);
    await owner.getByRole('button', { name: 'Set up' }).click();
    await expect(owner.getByRole('heading', { name: 'Keep this code' })).toBeVisible();
    await expectAccessible(owner);
    await owner.getByRole('button', { name: 'I have saved it, go on' }).click();
    await expect(owner.getByRole('link', { name: 'Kitchen' })).toBeVisible();

    // Somebody who signs in by a code on their phone only.
    await owner.goto('./kitchen');
    await owner.getByRole('link', { name: /People and devices/ }).click();
    await owner.getByRole('button', { name: 'Add a person' }).click();
    await owner.getByRole('textbox', { name: 'Name', exact: true }).fill('Tomo');
    await owner.getByText('By a code on a phone only').click();
    await owner.getByRole('button', { name: 'Add', exact: true }).click();
    await owner.getByRole('button', { name: 'Code for a phone' }).nth(1).click();
    await expect(owner.getByRole('img', { name: /QR code/ })).toBeVisible();
    await expectAccessible(owner);
    const code = (await owner.locator('code').textContent())!;

    // The phone comes to the other process.
    const phone = await (await contextAt(1, { viewport: { width: 390, height: 844 } })).newPage();
    await phone.goto(`./pair#${code}`);
    await expect(phone.getByLabel('Code')).toHaveValue(code);
    await expectAccessible(phone);
    await phone.getByRole('button', { name: 'Sign in here' }).click();
    await expect(phone.getByRole('link', { name: 'Bake days' })).toBeVisible();
    expect(phone.url()).not.toContain(code);
    const again = await (await contextAt(1)).newPage();
    await again.goto(`./pair#${code}`);
    await again.getByRole('button', { name: 'Sign in here' }).click();
    await expect(again.getByText(/The code is wrong, already used/)).toBeVisible();

    // Both look at one day: what one does the other sees, though another process serves it.
    await owner.goto('./days');
    await owner.getByLabel('Name of the day').fill('Lantern walk');
    await owner.getByRole('button', { name: 'Add day' }).click();
    await expect(owner.getByRole('heading', { level: 1, name: 'Lantern walk' })).toBeVisible();
    const day = new URL(owner.url()).pathname;
    await phone.goto(`.${day}`);
    await expect(phone.getByRole('heading', { level: 1, name: 'Lantern walk' })).toBeVisible();
    const heard = phone.waitForResponse((r) => r.url().endsWith(`/api/v1${day}`), { timeout: 5000 });
    await owner
      .getByRole('button', { name: /Add a person|Add a person|Add a helper/ })
      .first()
      .click();
    await heard;

    // A helper deletes nothing: it is said whose it is to do.
    const refused = await phone.evaluate(async (id) => {
      const token = /new-crumb-page=([^;]*)/.exec(document.cookie)?.[1] ?? '';
      const res = await fetch(`/api/v1/days/${id}`, {
        method: 'DELETE',
        headers: { 'x-new-crumb-page': token },
      });
      return ((await res.json()) as { code: string }).code;
    }, day.split('/').at(-1)!);
    expect(refused).toBe('role.notAllowed');

    // Taken off the list, the phone is out at once; what it shows stays under the door.
    await owner.goto('./people');
    await owner.getByRole('button', { name: 'Remove Tomo' }).click();
    await owner.getByRole('button', { name: 'Remove', exact: true }).last().click();
    await expect(owner.getByRole('button', { name: 'Remove Tomo' })).toHaveCount(0);
    await expect(owner.getByText('removed a person who may sign in')).toBeVisible();
    await expectAccessible(owner);
    await phone.goto('./notebook');
    await expect(phone.getByRole('heading', { name: 'Who is at the bench?' })).toBeVisible();
  } finally {
    for (const s of servers) await s.stop().catch(() => undefined);
    postgres.stop();
    for (const dir of dirs) rmSync(dir, { recursive: true, force: true });
  }
});

test('signed out in the middle of work: what was typed stays, and is saved after signing in again', async ({
  page,
}) => {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-door-'));
  const server = serve(dir, PORTS[0], { demo: false, args: ['--sign-in'], env: { SETUP_CODE: CODE } });
  await server.start();
  try {
    await fillSetUp(page, `${server.url}/`);
    await finishSetUp(page);
    await page.goto(`${server.url}/new`);
    await page.getByLabel('Title').fill('Half typed');
    await page.getByLabel('Ingredients, one a line').fill('200 g rice flour\n2 eggs');
    // Ended elsewhere: the page hears of it with its next call.
    await page.context().clearCookies();
    await page.getByLabel('Method').fill('Whisk and bake.');
    await page.getByRole('button', { name: 'Add formula' }).click();
    const door = page.getByRole('dialog');
    await expect(door.getByRole('heading', { name: 'You were signed out' })).toBeVisible();
    await expectAccessible(page);
    await signIn(page, 'not this one');
    await expect(door.getByText('Name and passphrase do not match')).toBeVisible();
    await signIn(page);
    await expect(door).toHaveCount(0);
    await expect(page.getByLabel('Title')).toHaveValue('Half typed');
    await page.getByRole('button', { name: 'Add formula' }).click();
    await page.waitForURL(/\/formula\/.+\/swap/);
  } finally {
    await server.stop();
    rmSync(dir, { recursive: true, force: true });
  }
});
