import { createHash } from 'node:crypto';
import {
  createReadStream,
  createWriteStream,
  fsyncSync,
  mkdirSync,
  openSync,
  closeSync,
  readdirSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { asc } from 'drizzle-orm';
import type { Logger } from 'pino';
import type { BackupEnd, Restored } from '../../contract/backup';
import type { Db, OpenDb } from '../db/open';
import { house } from '../db/people-schema';
import { restoreLines } from '../services/backup-in';
import { backupText } from '../services/backup-out';
import { linesIn, receive } from '../services/backup-read';
import type { Compute } from '../work/compute';

/** Backups by the clock: of each kitchen one file, gzipped lines, its instant in its name. */
export type BackupPlan = { everyMs: number; keep: number; dir: string };
const NAME = /^new-crumb-(\d+)-(\d{8}T\d{6}Z)\.jsonl\.gz$/;
/** How often it is looked whether one is due. */
const LOOK_MS = 10 * 60_000;

const stamp = (at: Date): string => at.toISOString().replaceAll(/[-:]|\.\d+/g, '');
const atOf = (s: string): number =>
  Date.parse(s.replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z$/, '$1-$2-$3T$4:$5:$6Z'));

export type BackupFile = { file: string; kitchen: number; at: number };
/** The backups in a folder, the newest first. */
export function backupsIn(dir: string): BackupFile[] {
  let names: string[];
  try {
    names = readdirSync(dir);
  } catch {
    return [];
  }
  return names
    .flatMap((name) => {
      const [, kitchen, at] = NAME.exec(name) ?? [];
      return kitchen && at ? [{ file: join(dir, name), kitchen: Number(kitchen), at: atOf(at) }] : [];
    })
    .sort((a, b) => b.at - a.at || a.kitchen - b.kitchen);
}

/** The kitchens of a store. */
export const kitchenIds = async (door: Db): Promise<number[]> =>
  (await door.select({ id: house.kitchenId }).from(house).orderBy(asc(house.kitchenId))).map((r) => r.id);

/** Writes a kitchen into a file, which gets its name when all of it is on the disk. */
export async function writeBackup(db: Db, kitchen: number, dir: string, now = new Date()): Promise<string> {
  mkdirSync(dir, { recursive: true });
  const file = join(dir, `new-crumb-${kitchen}-${stamp(now)}.jsonl.gz`);
  const part = `${file}.part`;
  try {
    await pipeline(Readable.from(backupText(db)), createGzip(), createWriteStream(part, { mode: 0o600 }));
    const fd = openSync(part, 'r');
    fsyncSync(fd);
    closeSync(fd);
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
  return file;
}

/** Removes what is more than is to be kept of a kitchen, the oldest first. */
export function prune(dir: string, kitchen: number, keep: number): void {
  for (const { file } of backupsIn(dir)
    .filter((b) => b.kitchen === kitchen)
    .slice(keep))
    rmSync(file, { force: true });
}

/** Writes the backups that are due. */
export async function backUpDue(
  store: Pick<OpenDb, 'door' | 'of'>,
  { everyMs, keep, dir }: BackupPlan,
): Promise<number> {
  let written = 0;
  const there = backupsIn(dir);
  for (const kitchen of await kitchenIds(store.door)) {
    const last = there.find((b) => b.kitchen === kitchen);
    // A minute early is on time: what looks every so often would else be late each day.
    if (last && Date.now() - last.at < everyMs - 60_000) continue;
    await writeBackup(store.of(kitchen), kitchen, dir);
    prune(dir, kitchen, keep);
    written += 1;
  }
  return written;
}

/** Looks from time to time whether a backup is due. What fails is logged, and tried again with the next look. */
export function backupsOf(store: OpenDb, plan: BackupPlan, log: Logger): { stop: () => void } {
  if (plan.everyMs === 0) return { stop: () => undefined };
  let under = false;
  const look = async (): Promise<void> => {
    if (under) return;
    under = true;
    await backUpDue(store, plan).catch((error: unknown) => log.error(error, 'a backup failed'));
    under = false;
  };
  const beat = setInterval(() => void look(), Math.min(LOOK_MS, plan.everyMs));
  beat.unref();
  // Not at once: who starts wants their page first.
  const first = setTimeout(() => void look(), 30_000);
  first.unref();
  return {
    stop: () => {
      clearInterval(beat);
      clearTimeout(first);
    },
  };
}

/** The bytes of a backup, unpacked where it is packed. */
export const bytesOf = (file: string): AsyncIterable<Buffer> =>
  file.endsWith('.gz') ? createReadStream(file).pipe(createGunzip()) : createReadStream(file);

/** What is in a kitchen or a file of one: how much of each, and a hash that is the same wherever the same is kept. */
export type Contents = { end: BackupEnd; hash: string };
/** When it was made is no part of what is in it; lines follow each other as ids happen to be sorted. */
export async function contentsOf(text: AsyncIterable<Buffer | string>): Promise<Contents> {
  const hashes: string[] = [];
  let end: BackupEnd | null = null;
  for await (const line of linesIn(text)) {
    const value = JSON.parse(line) as Record<string, unknown>;
    if ('end' in value) end = value.end as BackupEnd;
    else if ('head' in value) hashes.push(hashed({ ...(value.head as object), madeAt: '' }));
    else if ('pantry' in value) for (const row of value.pantry as object[]) hashes.push(hashed(row));
    else hashes.push(hashed(value));
  }
  if (!end) throw new Error('it has no end: it was cut off');
  return { end, hash: createHash('sha256').update(hashes.sort().join('\n')).digest('hex') };
}

/** The hash of a value, however its keys are sorted. */
function hashed(value: unknown): string {
  const sorted = (_key: string, v: unknown): unknown =>
    v !== null && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v;
  return createHash('sha256').update(JSON.stringify(value, sorted)).digest('hex');
}

/** Brings a file or another kitchen into a kitchen, whole. */
export async function bringIn(db: Db, text: AsyncIterable<Buffer>, compute: Compute): Promise<Restored> {
  const received = await receive(text, compute);
  try {
    return await restoreLines(db, received.lines(), true, () => undefined);
  } finally {
    received.drop();
  }
}
