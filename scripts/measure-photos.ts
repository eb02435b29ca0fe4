import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { createWorker, OEM } from 'tesseract.js';
import { readLabel } from '../core/exclusions';
import { LABEL_ALLERGENS } from '../core/ingredients';
import { factsByLabel } from '../core/pantry';
import { greyOf, labelFrom, pgmOf, straightened } from '../core/photo';
import { STATEMENTS } from '../core/testing/data/statements';
import { LABEL_LANGUAGES } from '../web/workers/languages';

/** How labels drawn by us are read from a photo: fonts, small print, tilt, blur, shadow, columns, light print. */
const HOW = [
  ['plain', ''],
  ['serif', 'font-family: serif'],
  ['narrow columns', 'columns: 2; column-gap: 28px; width: 900px'],
  ['small print', 'font-size: 17px'],
  ['tilted 3°', 'transform: rotate(3deg)'],
  ['tilted -7°', 'transform: rotate(-7deg)'],
  ['a little blurred', 'filter: blur(0.9px)'],
  ['in shadow', 'background: linear-gradient(100deg, #f4f0e6, #6b6455)'],
  ['light on dark', 'background: #2c4a3a; color: #f3efe2'],
  ['capitals, pale', 'text-transform: uppercase; color: #777; background: #f1ecdf'],
] as const;
const LABELS = 40;

async function photoOf(page: Page, text: string, style: string) {
  await page.setContent(
    `<body style="margin:0;background:#8a8072"><div style="margin:70px;padding:30px;width:720px;font:26px/1.35 sans-serif;background:#faf7ef;color:#222;${style}">${text}</div></body>`,
  );
  const png = (await page.screenshot({ fullPage: true })).toString('base64');
  const got = await page.evaluate(async (data) => {
    const image = await createImageBitmap(await (await fetch(`data:image/png;base64,${data}`)).blob());
    const canvas = new OffscreenCanvas(image.width, image.height);
    const draw = canvas.getContext('2d')!;
    draw.drawImage(image, 0, 0);
    const { data: bytes } = draw.getImageData(0, 0, image.width, image.height);
    let out = '';
    for (let i = 0; i < bytes.length; i += 30_000)
      out += String.fromCharCode(...bytes.subarray(i, i + 30_000));
    return { w: image.width, h: image.height, bytes: btoa(out) };
  }, png);
  return greyOf(new Uint8ClampedArray(Buffer.from(got.bytes, 'base64')), got.w, got.h);
}

// The reader wants the languages in one folder; each comes in a package of its own.
const find = createRequire(import.meta.url);
const folder = mkdtempSync(join(tmpdir(), 'languages-'));
for (const code of LABEL_LANGUAGES)
  copyFileSync(
    find.resolve(`@tesseract.js-data/${code}/4.0.0_best_int/${code}.traineddata.gz`),
    join(folder, `${code}.traineddata.gz`),
  );
const reader = await createWorker([...LABEL_LANGUAGES], OEM.LSTM_ONLY, {
  langPath: folder,
  cacheMethod: 'none',
});
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const page = await browser.newPage({ viewport: { width: 1100, height: 600 } });
const sum = { wanted: 0, found: 0, more: 0, words: 0, unsure: 0, claimed: 0, ms: 0 };
const missed: string[] = [];
for (let i = 0; i < LABELS; i++) {
  const [text] = STATEMENTS[Math.floor((i * STATEMENTS.length) / LABELS)]!;
  const [how, style] = HOW[i % HOW.length]!;
  const started = performance.now();
  const { print, leaned } = straightened(await photoOf(page, text, style));
  const { data } = await reader.recognize(Buffer.from(pgmOf(print)), {}, { blocks: true });
  const lines = (data.blocks ?? []).flatMap((b) => b.paragraphs.flatMap((p) => p.lines));
  const photo = labelFrom(
    lines.map((l) => ({
      words: l.words.map((x) => ({ text: x.text, confidence: x.confidence, box: x.bbox })),
    })),
    { w: print.w, h: print.h, leaned },
  );
  sum.ms += performance.now() - started;
  const allergens = (of: string) =>
    readLabel(of)
      .contains.map((f) => f.avoid)
      .filter((a) => LABEL_ALLERGENS.includes(a));
  const [wanted, found] = [allergens(text), allergens(photo.text)];
  sum.wanted += wanted.length;
  sum.found += wanted.filter((a) => found.includes(a)).length;
  sum.more += found.filter((a) => !wanted.includes(a)).length;
  sum.words += photo.text.split(/\s+/).length;
  sum.unsure += photo.unsure.length;
  const lost = wanted.filter((a) => !found.includes(a));
  if (lost.length > 0)
    missed.push(
      `  ${how}: ${lost.join(', ')} of "${text.slice(0, 60)}…", read "${photo.text.replaceAll('\n', ' ').slice(0, 90)}"`,
    );
  // What a photo alone lets be said: of no allergen that it is not there.
  const { facts } = factsByLabel(
    {
      labelText: photo.text,
      seenWords: [],
      photo: { unsure: photo.unsure, cutOff: photo.cutOff, compared: false },
    },
    null,
  );
  if (LABEL_ALLERGENS.some((a) => facts[a] === 'no')) sum.claimed += 1;
}
await browser.close();
await reader.terminate();
rmSync(folder, { recursive: true });
const percent = (n: number, of: number) => `${((100 * n) / of).toFixed(1)} %`;
console.log(
  `photos of labels: ${LABELS}; ${sum.wanted} allergens, ${percent(sum.found, sum.wanted)} found, ${sum.more} found that are not there; ${sum.words} words, ${sum.unsure} to look at; ${Math.round(sum.ms / LABELS)} ms each; packets that a photo alone would call free of an allergen: ${sum.claimed}`,
);
for (const m of missed) console.log(m);
