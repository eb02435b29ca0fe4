import { createHash } from 'node:crypto';
import { and, count, desc, eq, isNull, sql, type SQL } from 'drizzle-orm';
import type { Put } from '../../contract/dto';
import {
  MOST_PHOTO_PX,
  type PhotoRow,
  type TrialPage,
  type TrialQuery,
  type TrialRow,
} from '../../contract/notebook';
import { fold } from '../../core/explain';
import type { Trial } from '../../core/judge';
import { bareJpeg } from '../../core/photo';
import type { Db } from '../db/open';
import { photo, trial } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

const USUAL_PAGE = 60;
type Stored = { id: string; rev: number; doc: Trial };
const rowOf = ({ id, rev, doc }: Stored): TrialRow => ({ ...doc, id, rev });
const COLUMNS = { id: trial.id, rev: trial.rev, doc: trial.doc };
const lost = (id: string): never => refuse('trial.notFound', 'id', { id: id.slice(0, 60) });

/** What a trial is looked for by, beside the trial itself. */
export const trialColumns = (doc: Trial) => ({
  doc,
  formulaId: doc.formulaId,
  bakedAt: new Date(doc.bakedAt),
  folded: fold([doc.title, doc.notes, ...doc.tasters].join(' ')),
  faults: doc.faults,
});

/** A piece of the notebook, the latest bake first. */
export async function listTrials(db: Db, query: TrialQuery): Promise<TrialPage> {
  const words = fold(query.q ?? '')
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, 12);
  const wanted: (SQL | undefined)[] = [
    isNull(trial.deletedAt),
    query.formula ? eq(trial.formulaId, query.formula) : undefined,
    query.fault ? sql`${trial.faults} ? ${query.fault}` : undefined,
    ...words.map((w) => sql`position(${w} in ${trial.folded}) > 0`),
  ];
  const where = and(...wanted);
  const rows = await db
    .select(COLUMNS)
    .from(trial)
    .where(where)
    .orderBy(desc(trial.bakedAt), trial.id)
    .limit(Number(query.limit ?? USUAL_PAGE))
    .offset(Number(query.from ?? 0));
  const [all] = await db.select({ n: count() }).from(trial).where(where);
  return { trials: rows.map(rowOf), found: all?.n ?? 0 };
}

async function living(db: Db, id: string): Promise<Stored> {
  const [row] = UUID.test(id)
    ? await db
        .select(COLUMNS)
        .from(trial)
        .where(and(eq(trial.id, id), isNull(trial.deletedAt)))
    : [];
  return row ?? lost(id);
}
export const getTrial = async (db: Db, id: string): Promise<TrialRow> => rowOf(await living(db, id));

export async function createTrial(db: Db, doc: Trial): Promise<TrialRow> {
  const [row] = await db.insert(trial).values(trialColumns(doc)).returning(COLUMNS);
  return rowOf(row!);
}

/** Changes a trial; refused with what is there where another change came between. */
export async function putTrial(db: Db, id: string, { rev, doc }: Put<Trial>): Promise<TrialRow> {
  const there = await living(db, id);
  const [row] = await db
    .update(trial)
    .set({ ...trialColumns(doc), rev: rev + 1 })
    .where(and(eq(trial.id, id), eq(trial.rev, rev), isNull(trial.deletedAt)))
    .returning(COLUMNS);
  return row ? rowOf(row) : refuse('trial.changed', 'rev', {}, rowOf(there));
}

/** Takes a trial out, or puts it back. */
export async function setGone(db: Db, id: string, gone: boolean): Promise<TrialRow> {
  const [row] = UUID.test(id)
    ? await db
        .update(trial)
        .set({ deletedAt: gone ? new Date() : null })
        .where(and(eq(trial.id, id), ...(gone ? [isNull(trial.deletedAt)] : [])))
        .returning(COLUMNS)
    : [];
  return row ? rowOf(row) : lost(id);
}

/** A photo as it is kept: without what cameras write beside it, by the hash of the rest; null where it is no JPEG of a fit size. */
export function photoColumns(given: Uint8Array) {
  const bare = bareJpeg(given);
  if (!bare || Math.max(bare.wide, bare.high) > MOST_PHOTO_PX) return null;
  const bytes = Buffer.from(bare.bytes);
  return {
    hash: createHash('sha256').update(bytes).digest('hex'),
    wide: bare.wide,
    high: bare.high,
    bytes,
  };
}

export async function keepPhoto(db: Db, data: string): Promise<PhotoRow> {
  const columns = photoColumns(Buffer.from(data, 'base64'));
  if (!columns) return refuse('photo.notJpeg', 'data');
  await db.insert(photo).values(columns).onConflictDoNothing();
  const { bytes: _bytes, ...row } = columns;
  return row;
}

export async function photoBytes(db: Db, hash: string): Promise<Buffer> {
  const [row] = /^[0-9a-f]{64}$/.test(hash)
    ? await db.select({ bytes: photo.bytes }).from(photo).where(eq(photo.hash, hash))
    : [];
  return row ? Buffer.from(row.bytes) : refuse('photo.notFound', 'id', { id: hash.slice(0, 20) });
}
