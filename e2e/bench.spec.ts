import type { Page } from '@playwright/test';
import { fineWeightPacket, temperaturePacket, weightPacket } from '../core/bench';
import { EMPTY_PANEL } from '../core/pantry';
import { expect, FIRST_PORT, serve, test } from './fixtures';
import { expectAccessible, leaveOut, putFormula } from './helpers';

/** From the card to the bench. */
async function begin(page: Page, batches = 1, step = '1 g'): Promise<void> {
  await page.getByRole('button', { name: 'At the bench' }).click();
  const asked = page.getByRole('dialog', { name: 'At the bench' });
  await asked.getByLabel('Batches').fill(String(batches));
  await asked.getByText(step, { exact: true }).click();
  await asked.getByRole('button', { name: 'Start' }).click();
  await page.waitForURL(/\/bench\//);
}

test('a batch is weighed by keys: a slip is mended, a cut line and a reload lose nothing, a second device follows', async ({
  page,
  context,
}) => {
  await putFormula(page, {
    title: 'Breakwater muffins',
    text: '240 g sorghum flour\n60 g tapioca starch\n8 g baking powder\n120 g sugar\n100 g eggs\n180 g milk\n90 g sunflower oil',
    method:
      'Whisk the flour, starch and baking powder.\nWhisk the eggs, sugar, milk and oil.\nStir the wet into the dry.\nBake 22 min at 190 °C.',
  });
  await page.getByRole('link', { name: /^Card/ }).click();
  await begin(page);
  const now = page.getByRole('region', { name: 'Weigh now' });
  await expect(now).toContainText('baking powder');
  await expect(now).toContainText('8 g');
  await expectAccessible(page);
  await page.keyboard.press('Space');
  await expect(now).toContainText('sorghum flour');

  // Too much flour lies on top: it is removed again.
  await page.getByLabel('Grams that went in').fill('265');
  await page.getByLabel('Grams that went in').press('Enter');
  const off = page.getByRole('region', { name: 'The weight is off' });
  await expect(off).toContainText('25 g too much');
  await expectAccessible(page);
  await off.getByRole('button', { name: 'Take 25 g out' }).click();
  await expect(now).toContainText('tapioca starch');
  await expect(page.getByRole('region', { name: 'What is in the bowls' })).toContainText(
    'sorghum flour 240 g',
  );

  // The line is cut: what is done is kept here, told, and sent when the server is there again.
  await expect(page.getByText('All saved')).toBeVisible();
  await context.setOffline(true);
  await page.keyboard.press('ArrowRight');
  await expect(now).toContainText('into bowl 2');
  await expect(page.getByText(/saved on this device and sent when it is back/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('All saved')).toBeVisible();
  const address = page.url();
  await page.reload();
  await expect(now).toContainText('into bowl 2');

  const other = await context.newPage();
  await other.goto(address);
  await expect(other.getByRole('region', { name: 'Weigh now' })).toContainText('into bowl 2');
  const before = (await now.locator('p').first().textContent()) ?? '';
  await page.keyboard.press('Space');
  await expect(now.locator('p').first()).not.toHaveText(before);
  const after = (await now.locator('p').first().textContent()) ?? '';
  await expect(other.getByRole('region', { name: 'Weigh now' }).locator('p').first()).toHaveText(after);
  await other.close();

  // One back, and it is as it was.
  await page.keyboard.press('ArrowLeft');
  await expect(now.locator('p').first()).toHaveText(before);

  // By a scale that is none: what it shows is what goes in.
  await page.getByText('Instruments', { exact: true }).click();
  const trying = page.getByRole('switch', { name: 'Try a practice scale' });
  await trying.press('Space');
  const scale = page.getByRole('region', { name: 'Practice scale' });
  for (let i = 0; i < 4; i++) await scale.getByRole('button', { name: '+ 25 g' }).click();
  await expect(now.getByRole('button', { name: /^In: (99|100|101) g/ })).toBeVisible();
  await expectAccessible(page);
  await now.getByRole('button', { name: /^In: / }).click();
  await scale.getByRole('button', { name: 'Turn it off' }).click();
  await scale.getByRole('button', { name: 'Lift the bowl' }).click();

  // The rest without a scale, to the end.
  await trying.press('Space');
  for (
    let i = 0;
    i < 12 && (await page.getByRole('region', { name: 'Everything is in' }).count()) === 0;
    i++
  ) {
    if ((await off.count()) > 0) await off.getByRole('button', { name: 'Leave it' }).click();
    else await page.getByLabel('Grams that went in').press('Enter');
    await page.waitForFunction(() => document.querySelector('main') !== null);
  }
  await expect(page.getByRole('region', { name: 'Everything is in' })).toBeVisible();

  // Into the oven: weighed before and after, the middle by a probe, what is seen, out, cut.
  const oven = page.getByRole('region', { name: 'The oven' });
  await oven.getByLabel('Weight before baking').fill('790');
  await oven.getByLabel('Weight before baking').press('Tab');
  await oven.getByRole('button', { name: 'It is in the oven' }).click();
  await expect(oven.getByRole('timer')).toHaveText(/^3[345]:\d\d$/);
  await expect(oven).toContainText('Check it: in ');
  await oven.getByLabel('Core temperature').fill('61');
  await oven.getByRole('button', { name: 'Record this' }).click();
  await expect(oven).toContainText('last 61 °C');
  await oven.getByRole('checkbox').first().check();
  await expect(oven.getByRole('checkbox').first()).toBeChecked();
  await oven.getByRole('button', { name: 'Door opened' }).click();
  await expect(oven).toContainText('1 time so far');
  await expectAccessible(page);
  await page.reload();
  await expect(oven.getByRole('timer')).toHaveText(/^3[345]:\d\d$/);
  await expect(oven).toContainText('last 61 °C');
  await oven.getByRole('button', { name: 'It is out of the oven' }).click();
  await oven.getByLabel('Weight now').fill('700');
  await oven.getByLabel('Weight now').press('Tab');
  await expect(oven).toContainText('It lost 11.4% of its weight.');
  await expect(oven).toContainText(/Wait \d/);
  await expectAccessible(page);

  // What happened stands beside what was planned, and its time may be kept.
  await page.getByRole('link', { name: 'What happened' }).click();
  const flour = page.getByRole('row').filter({ hasText: 'Sorghum flour' });
  await expect(flour).toContainText('240 g');
  await expect(page.getByRole('region', { name: 'Baked' })).toContainText('It lost 11.4% of its weight.');
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole('link', { name: 'Back to the bench' }).click();
  await expect(oven).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(page);
});

const DOUGH = {
  title: 'Slipway rolls',
  text: '300 g sorghum flour\n100 g tapioca starch\n20 g psyllium husk powder\n7 g instant yeast\n6 g salt\n60 g eggs\n380 g milk\n30 g butter',
  method:
    'Whisk the flour, starch, psyllium, yeast and salt.\nAdd the milk, eggs and butter and beat 4 min.\nShape into 8 rolls.\nProve 50 min.\nBake 24 min at 200 °C.',
};

test('another thing stands in, water goes in by feel, and both are in the record', async ({ page }) => {
  const packet = await page.request.post('./api/v1/pantry', {
    data: {
      docs: [
        {
          kind: 'packet',
          name: 'Sorghum of the mill',
          like: 'sorghum_flour',
          labelText: 'Sorghum.',
          seenWords: [],
          panel: EMPTY_PANEL,
          packG: 1000,
          price: null,
          openedOn: null,
          everywhere: true,
        },
      ],
    },
  });
  expect(packet.ok()).toBe(true);
  await putFormula(page, DOUGH);
  await leaveOut(page, 'egg', 'dairy');
  await page.getByRole('link', { name: /Balance/ }).click();
  await page.getByRole('button', { name: 'Save version' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('for the walk');
  await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('article')).toBeVisible();
  await begin(page);
  const now = page.getByRole('region', { name: 'Weigh now' });
  const what = now.locator('p').first();
  for (let k = 0; k < 20 && !/tapioca starch/i.test((await what.textContent()) ?? ''); k++) {
    const before = (await what.textContent()) ?? '';
    await page.keyboard.press('Space');
    await expect(what).not.toHaveText(before);
  }
  await now.getByRole('button', { name: 'I have none' }).click();
  const place = page.getByRole('region', { name: 'Use something else' });
  await expect(place).toContainText('In place of tapioca starch');
  await expectAccessible(page);
  // Milk powder is told for what it is, and may not pass in silence.
  await place.getByRole('combobox', { name: 'Something else' }).fill('milk powder');
  await page
    .getByRole('option', { name: /milk powder/i })
    .first()
    .click();
  await expect(place).toContainText(/Contains dairy, which this version leaves out/);
  await place
    .getByRole('button', { name: /^(?:potato|corn|rice) starch|^arrowroot|^cornflour/i })
    .first()
    .click();
  await expect(what).toHaveText(/potato starch|arrowroot|cornflour|rice starch|corn starch/i);

  for (let k = 0; k < 20 && (await now.count()) > 0; k++) {
    await page.keyboard.press('Space');
    await page.waitForTimeout(120);
  }
  const feel = page.getByRole('region', { name: 'Water by feel' });
  await expect(feel).toContainText(/was held back; none has gone in yet/);
  await expectAccessible(page);
  const portion = feel.getByRole('button', { name: /^Add \d/ });
  for (let k = 0; k < 8; k++) await portion.click();
  await expect(feel).toContainText(/has gone in/);
  await feel.getByRole('button', { name: /as it should/ }).click();
  await expect(page.getByRole('region', { name: 'Everything is in' })).toBeVisible();
  await page.getByRole('link', { name: 'What happened' }).click();
  await expect(page.getByText(/Held back .* by feel/)).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: 'Tapioca starch' })).toContainText(
    /(?:starch|arrowroot|cornflour) instead/,
  );
  // The dough drank more than was written: its packet of flour remembers, and the kitchen shows it.
  const drank = page.getByRole('region', { name: 'Water it absorbed' });
  await expect(drank).toContainText(/took \d+% more liquid than planned/);
  await drank
    .getByRole('button', { name: /^Save for Sorghum of the mill: it absorbs 1\.\d\d times/ })
    .click();
  await expect(drank).toContainText('Saved for Sorghum of the mill');
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  const learnt = page.getByRole('region', { name: 'Learnt from your bakes' });
  await expect(learnt).toContainText(
    /Sorghum of the mill absorbs 1\.\d\d times as much water as is usual for its kind, from 1 bake at the bench/,
  );
  await expectAccessible(page);
  await learnt.getByRole('button', { name: 'Forget' }).last().click();
  await expect(learnt.getByText(/Sorghum of the mill/)).toHaveCount(0);
  // Other journeys bake with what there was before.
  const { items } = (await packet.json()) as { items: { itemId: string }[] };
  await page.request.post('./api/v1/pantry/remove', { data: { itemIds: items.map((i) => i.itemId) } });
  await page.goBack();
  await expect(drank).toBeVisible();
  await expectAccessible(page);
});

test('a scale over the line: a packet at a time, ounces, silence, going on by itself, spoken', async ({
  page,
}) => {
  // What is spoken is written down here; the voice is the browser's own.
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { cancel: () => undefined, speak: (u: { text: string }) => said.push(u.text) },
    });
    Object.assign(window, {
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    });
  });
  // A process of this machine, as the bench sees it: it sends what the journey puts on its scale.
  let load = 0;
  let silent = false;
  let unit: 'kg' | 'lb' = 'kg';
  await page.routeWebSocket('ws://localhost:4310', (ws) => {
    ws.send(
      JSON.stringify({
        instruments: [
          { id: 'fine', name: 'Fine one', characteristic: 'fineWeight' },
          { id: 'coarse', name: 'Coarse one', characteristic: 'weight' },
        ],
      }),
    );
    const timer = setInterval(() => {
      if (silent) return;
      ws.send(Buffer.from([0, ...fineWeightPacket(load, unit)]));
      ws.send(Buffer.from([1, ...weightPacket(0)]));
      // What is no packet stops nothing.
      ws.send(Buffer.from([0, 0xff]));
    }, 100);
    ws.onClose(() => clearInterval(timer));
  });
  await putFormula(page, {
    title: 'Jetty biscuits',
    text: '200 g oat flour\n90 g butter\n80 g sugar\n3 g salt',
    method: 'Cream the butter and sugar.\nStir in the flour and salt.\nBake 14 min at 180 °C.',
  });
  await page.getByRole('link', { name: /^Card/ }).click();
  await begin(page, 1, '0.1 g');
  const now = page.getByRole('region', { name: 'Weigh now' });
  await page.getByText('Instruments', { exact: true }).click();
  await page.getByRole('switch', { name: 'Go on automatically when the weight is steady' }).press('Space');
  await page.getByRole('switch', { name: 'Read names and numbers aloud' }).press('Space');
  await page.getByRole('button', { name: 'Connect' }).click();
  await expect(page.getByText('Connected to ws://localhost:4310.')).toBeVisible();
  const list = page.getByRole('list', { name: 'Instrument' });
  await expect(list.getByRole('radio')).toHaveCount(2);
  await expect(list).toContainText('Coarse one');
  await expectAccessible(page);

  await expect(now).toContainText('butter');
  load = 45;
  await expect(now.locator('b').first()).toHaveText('45.0');
  // Short of what is wanted it waits; when it lies there it goes on.
  load = 90.2;
  await expect(now.locator('p').first()).toContainText('sugar');
  // In ounces it is told, and read in grams.
  unit = 'lb';
  load = 90.2 + 40;
  await expect(list).toContainText('set to ounces and read as grams');
  await expect(now.locator('b').first()).toHaveText(/^(39|40|41)\.\d$/);
  // Silent, and back: nothing is lost, nothing is taken for nothing.
  silent = true;
  await expect(now).toContainText('The scale sends nothing. Type the number, or switch the scale on.');
  silent = false;
  unit = 'kg';
  load = 90.2 + 80;
  await expect(now).toContainText(/oat flour|salt/);
  expect(await page.evaluate(() => (window as unknown as { said: string[] }).said.join(' | '))).toMatch(
    /butter, 90 grams.*sugar, 80 grams/,
  );
  // Lifted off, the bowl is no amount.
  load = -300;
  await expect(now).toContainText('The bowl is off the scale.');
  // Typed in ounces, it is asked.
  await page.getByLabel('Grams that went in').fill('7');
  if (/oat flour/.test((await now.textContent()) ?? ''))
    await now.getByRole('button', { name: /^Make it 19[89] g/ }).click();
});

test('a whole batch by a scale: an over-pour is removed, a reload and a drop-out lose nothing, then a bake with a probe', async ({
  page,
}) => {
  let load = 0;
  let silent = false;
  await page.routeWebSocket('ws://localhost:4310', (ws) => {
    ws.send(
      JSON.stringify({
        instruments: [
          { id: 'fine', name: 'Fine one', characteristic: 'fineWeight' },
          { id: 'probe', name: 'Probe', characteristic: 'temperature' },
        ],
      }),
    );
    let n = 0;
    const timer = setInterval(() => {
      if (silent) return;
      ws.send(Buffer.from([0, ...fineWeightPacket(load + (n++ % 3 === 0 ? 0.1 : 0))]));
      if (n % 10 === 0) ws.send(Buffer.from([1, ...temperaturePacket(64.5)]));
    }, 100);
    ws.onClose(() => clearInterval(timer));
  });
  await putFormula(page, {
    title: 'Gangway muffins',
    text: '240 g sorghum flour\n60 g tapioca starch\n8 g baking powder\n120 g sugar\n100 g eggs\n180 g milk\n90 g sunflower oil',
    method:
      'Whisk the flour, starch and baking powder.\nWhisk the eggs, sugar, milk and oil.\nStir the wet into the dry.\nBake 22 min.',
    oven: '190 C',
    time: '22 min',
  });
  await page.getByRole('link', { name: /^Card/ }).click();
  await begin(page, 1, '0.1 g');
  const connect = async (): Promise<void> => {
    await page.getByText('Instruments', { exact: true }).click();
    await page.getByRole('button', { name: 'Connect' }).click();
    await expect(page.getByText('Connected to ws://localhost:4310.')).toBeVisible();
  };
  await connect();
  const now = page.getByRole('region', { name: 'Weigh now' });
  const off = page.getByRole('region', { name: 'The weight is off' });
  const what = now.locator('p').first();
  const pour = async (g: number): Promise<void> => {
    load += g;
    // What lies there is shown, and rests.
    await expect
      .poll(async () => Math.abs(Number(await now.locator('b').first().textContent()) - g))
      .toBeLessThan(0.5);
    await expect(now.getByRole('button', { name: /^In: / })).toHaveText(
      new RegExp(`^In: ${g < 20 ? g.toFixed(1) : Math.round(g)}`),
    );
  };
  // A knuckle anywhere on it goes on.
  await expect(what).toContainText('baking powder');
  await pour(8);
  await what.click();
  await expect(what).toContainText('sorghum flour');
  // Too much lies on top: removed again, and the scale is as it was.
  await pour(262);
  await page.keyboard.press('Space');
  await expect(off).toContainText('22 g too much');
  load -= 22;
  await off.getByRole('button', { name: 'Take 22 g out' }).click();
  await expect(what).toContainText('tapioca starch');
  await page.reload();
  await expect(what).toContainText('tapioca starch');
  await connect();
  await now.getByRole('button', { name: 'Zero here' }).click();
  await pour(60);
  silent = true;
  await expect(now).toContainText('The scale sends nothing. Type the number, or switch the scale on.');
  await page.getByLabel('Grams that went in').fill('60');
  await page.getByLabel('Grams that went in').press('Enter');
  silent = false;
  for (const g of [100, 120, 180, 90]) {
    await expect(what).toContainText('into bowl 2');
    await now.getByRole('button', { name: 'Zero here' }).click();
    await pour(g);
    const before = (await what.textContent()) ?? '';
    await page.keyboard.press('ArrowRight');
    await expect(what.filter({ hasText: before })).toHaveCount(0);
  }
  await expect(page.getByRole('region', { name: 'Everything is in' })).toBeVisible();
  const bowls = page.getByRole('region', { name: 'What is in the bowls' });
  await expect(bowls).toContainText('Bowl 1, 308 g');
  await expect(bowls).toContainText('Bowl 2, 490 g');

  const oven = page.getByRole('region', { name: 'The oven' });
  await oven.getByRole('button', { name: 'It is in the oven' }).click();
  await expect(oven).toContainText(/The probe reads 6[45] °C/);
  await expect(oven).toContainText('last 65 °C');
  await expect(oven.getByRole('img', { name: /^The core: 1 reading/ })).toBeVisible();
  await expectAccessible(page);
});

test('a real scale and a probe by Bluetooth, where the browser has it', async ({ page }) => {
  await page.addInitScript(() => {
    class Characteristic extends EventTarget {
      value?: DataView;
      startNotifications = (): Promise<this> => Promise.resolve(this);
    }
    const characteristics = new Map<number | string, Characteristic>();
    const device = Object.assign(new EventTarget(), {
      id: 'd1',
      name: 'Kitchen scale',
      gatt: {
        disconnect: () => undefined,
        connect: () =>
          Promise.resolve({
            getPrimaryService: (service: number | string) =>
              service === 0x181d || service === 0x1809
                ? Promise.resolve({
                    getCharacteristic: (id: number | string) => {
                      const c = characteristics.get(id) ?? new Characteristic();
                      characteristics.set(id, c);
                      return Promise.resolve(c);
                    },
                  })
                : Promise.reject(new Error('no such service')),
          }),
      },
    });
    Object.assign(window, {
      sendPacket: (id: number, bytes: number[]) => {
        const c = characteristics.get(id)!;
        c.value = new DataView(new Uint8Array(bytes).buffer);
        c.dispatchEvent(new Event('characteristicvaluechanged'));
      },
      dropLine: () => device.dispatchEvent(new Event('gattserverdisconnected')),
    });
    Object.defineProperty(navigator, 'bluetooth', {
      value: { requestDevice: () => Promise.resolve(device) },
    });
  });
  await putFormula(page, {
    title: 'Harbour flapjack',
    text: '200 g certified gluten-free oats\n100 g butter\n90 g golden syrup',
    method: 'Melt the butter with the syrup.\nStir in the oats.\nBake 20 min at 180 °C.',
  });
  await page.getByRole('link', { name: /^Card/ }).click();
  await begin(page);
  await page.getByText('Instruments', { exact: true }).click();
  await page.getByRole('switch', { name: 'Real ones, by Bluetooth' }).press('Space');
  await page.getByRole('button', { name: 'Find a scale or a probe' }).click();
  const list = page.getByRole('list', { name: 'Instrument' });
  await expect(list).toContainText('Kitchen scale');
  const send = (id: number, bytes: Uint8Array): Promise<void> =>
    page.evaluate(
      ([to, all]) =>
        (window as unknown as { sendPacket: (i: number, b: number[]) => void }).sendPacket(to, all),
      [id, [...bytes]] as const satisfies [number, number[]] as [number, number[]],
    );
  await send(0x2a9d, weightPacket(100));
  await send(0x2a1c, temperaturePacket(21.5));
  await expect(list).toContainText('100 g, in steps of 5 g');
  await expect(list).toContainText('22 °C');
  await page.evaluate(() => (window as unknown as { dropLine: () => void }).dropLine());
  await expect(list).toContainText('connection lost; trying again');
  await expectAccessible(page);
  await send(0x2a9d, weightPacket(105));
  await expect(list).toContainText('105 g');
});

test('without the network the page of a run is there, and what is done is sent when the server is', async ({
  browser,
}) => {
  const kitchen = serve('test-results/data-offline-bench', FIRST_PORT + 57, { demo: false });
  await kitchen.start();
  const context = await browser.newContext({ serviceWorkers: 'allow', baseURL: kitchen.url });
  const page = await context.newPage();
  try {
    await page.goto(`${kitchen.url}/`);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await putFormula(page, {
      title: 'Slip biscuits',
      text: '200 g white rice flour\n90 g butter\n80 g sugar',
      method: 'Rub the butter into the flour and sugar.\nBake 14 min at 180 °C.',
    });
    // The page was loaded before there was a worker: from now on all of it comes through one.
    await page.reload();
    await page.getByRole('link', { name: /^Card/ }).click();
    await begin(page);
    const now = page.getByRole('region', { name: 'Weigh now' });
    await page.keyboard.press('Space');
    await expect(page.getByText('All saved')).toBeVisible();
    const there = (await now.locator('p').first().textContent()) ?? '';
    await kitchen.stop();

    // The page itself, loaded anew without the server.
    await page.reload();
    await expect(now.locator('p').first()).toHaveText(there);
    await page.keyboard.press('Space');
    await expect(now.locator('p').first()).not.toHaveText(there);
    await expect(page.getByText(/saved on this device and sent when it is back/)).toBeVisible();
    const after = (await now.locator('p').first().textContent()) ?? '';
    await page.reload();
    await expect(now.locator('p').first()).toHaveText(after);
    await page.getByRole('link', { name: 'The card' }).click();
    // The bench has a heading of that name too: going back before the card is there would go one page further.
    await page.waitForURL(/\/card\//);
    await expect(page.getByRole('heading', { name: 'Slip biscuits' })).toBeVisible();
    await page.goBack();
    await page.waitForURL(/\/bench\//);

    await kitchen.start();
    await expect(page.getByText('All saved')).toBeVisible({ timeout: 30_000 });
    await page.reload();
    await expect(now.locator('p').first()).toHaveText(after);
  } finally {
    await context.close();
    await kitchen.kill();
  }
});

test('a stage of the bake rings when its time has come, and is answered', async ({ page }) => {
  await putFormula(page, {
    title: 'Pilot bread',
    text: '300 g sorghum flour\n280 g water\n6 g salt\n6 g instant yeast\n14 g psyllium husk powder',
    method:
      'Mix everything.\nShape and prove 50 min.\nBake 20 min at 230 °C under a lid, then 25 min at 200 °C without the lid.',
    oven: '',
    time: '',
  });
  await page.getByRole('link', { name: /^Card/ }).click();
  await begin(page);
  const now = page.getByRole('region', { name: 'Weigh now' });
  await expect(now).toBeVisible();
  for (let k = 0; k < 12 && (await now.count()) > 0; k++) {
    await page.keyboard.press('Space');
    await page.waitForTimeout(100);
  }
  // It went in nearly twenty minutes ago, told by another device.
  const run = page.url().split('/').pop()!;
  const res = await page.request.post(`./api/v1/runs/${run}/events`, {
    data: {
      events: [{ id: crypto.randomUUID(), agoMs: 19.9 * 60_000, doc: { kind: 'oven', what: 'in' } }],
    },
  });
  expect(res.ok()).toBe(true);
  const oven = page.getByRole('region', { name: 'The oven' });
  const alarm = oven.getByRole('alert').filter({ hasText: 'Uncover it' });
  await expect(oven).toContainText(/(?:Uncover it|Turn the oven to 200 °C).*: in 0:0\d/);
  await expect(alarm).toBeVisible({ timeout: 20_000 });
  await expect(page).toHaveTitle(/^● /);
  await expectAccessible(page);
  await alarm.getByRole('button', { name: 'Done' }).click();
  await expect(alarm).toHaveCount(0);
});
