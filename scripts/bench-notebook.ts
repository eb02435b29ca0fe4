import { createHash, randomUUID } from 'node:crypto';
import type { BackupLine } from '../contract/backup';
import type { TrialPage } from '../contract/notebook';
import { FAULT_IDS, OUTCOME_IDS, type Trial } from '../core/judge';
import { bareJpeg } from '../core/photo';
import { cameraJpeg } from '../core/testing/jpeg';
import { at, print, sorted } from './print';

const TRIALS = 50_000;
const PHOTOS = 10_000;
const FORMULAS = 500;
const WORDS = ['gummy', 'soft', 'crust', 'dense', 'choir', 'boat', 'lantern', 'again', 'Zoë', 'pale'];

/** A notebook of fifty thousand trials and ten thousand photos: brought in, listed, looked for, four of them beside each other. */
export async function notebook(url: string): Promise<void> {
  const head: BackupLine = {
    head: { newCrumb: 2, madeAt: new Date().toISOString(), eaters: [], ways: [], kitchen: null },
  };
  const photos = Array.from({ length: PHOTOS }, (_, i) => {
    // Bytes that are no picture: what is measured is how they are kept. 0xFF would end them.
    const data = Array.from({ length: 1500 }, (_x, k) => (i * 31 + k * 7 + ((i * k) % 97)) % 255);
    const { bytes, wide, high } = bareJpeg(cameraJpeg(1200, 900, data))!;
    return {
      hash: createHash('sha256').update(bytes).digest('hex'),
      wide,
      high,
      data: Buffer.from(bytes).toString('base64'),
    };
  });
  const once = [...new Map(photos.map((p) => [p.hash, p])).values()];
  const formulas = Array.from({ length: FORMULAS }, () => randomUUID());
  const trial = (i: number): Trial => ({
    formulaId: formulas[i % FORMULAS]!,
    versionId: randomUUID(),
    runId: null,
    title: `Formula ${i % FORMULAS}`,
    bakedAt: 1_700_000_000_000 + i * 3_600_000,
    batches: 1,
    outcome: OUTCOME_IDS[i % 3]!,
    scores: { taste: ((i % 5) + 1) as 1 },
    faults: i % 3 === 0 ? [] : [FAULT_IDS[i % FAULT_IDS.length]!],
    actual: { bakeMin: 40 + (i % 30), coreC: 90 + (i % 9) },
    photos:
      i % 5 === 0 ? [once[(i / 5) % once.length]!].map(({ hash, wide, high }) => ({ hash, wide, high })) : [],
    notes: [0, 1, 2, 3].map((k) => WORDS[(i * (k + 3)) % WORDS.length]).join(' '),
    tasters: [],
    tests: null,
  });
  const parts = [`${JSON.stringify(head)}\n`];
  for (let i = 0; i < TRIALS; i++)
    parts.push(`${JSON.stringify({ trial: { id: randomUUID(), doc: trial(i) } } satisfies BackupLine)}\n`);
  for (const photo of once) parts.push(`${JSON.stringify({ photo } satisfies BackupLine)}\n`);
  const end = { formulas: 0, versions: 0, pantry: 0, trials: TRIALS, photos: once.length };
  parts.push(`${JSON.stringify({ end })}\n`);
  const file = new Blob(parts);
  const began = performance.now();
  const said = await (
    await fetch(`${url}/backup`, {
      method: 'POST',
      headers: { 'content-type': 'application/x-ndjson' },
      body: file,
    })
  ).text();
  if (!said.includes('restored')) throw new Error(said.slice(-500));
  console.log(`${TRIALS} trials with ${once.length} photos, ${(file.size / 1e6).toFixed(0)} MB:`);
  print('in', (performance.now() - began) / 1000, 's');
  const times: Record<string, number[]> = {};
  const ask = async (what: string, query: string): Promise<TrialPage> => {
    const t = performance.now();
    const page = (await (await fetch(`${url}/trials?${query}`)).json()) as TrialPage;
    (times[what] ??= []).push(performance.now() - t);
    return page;
  };
  for (let k = 0; k < 25; k++) {
    await ask('a page of the notebook', `from=${k * 60}&limit=60`);
    await ask('looking for words in it', `q=${encodeURIComponent(WORDS[k % WORDS.length]!)}%20${k}`);
    await ask('one fault of all', `fault=${FAULT_IDS[k % FAULT_IDS.length]!}`);
    const { trials } = await ask('all trials of a formula', `formula=${formulas[k]!}&limit=299`);
    const t = performance.now();
    await Promise.all(trials.slice(0, 4).map((x) => fetch(`${url}/trials/${x.id}`).then((r) => r.json())));
    (times['four of them beside each other'] ??= []).push(performance.now() - t);
    const p = performance.now();
    await (await fetch(`${url}/photos/${once[k * 37]!.hash}`)).arrayBuffer();
    (times['a photo'] ??= []).push(performance.now() - p);
  }
  for (const [what, all] of Object.entries(times)) print(`${what}, p95`, at(sorted(all), 0.95), 'ms', '200');
}
