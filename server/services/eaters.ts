import { and, asc, eq, isNull } from 'drizzle-orm';
import { DEFAULT_KITCHEN, type EaterRow, type Kitchen } from '../../contract/dto';
import type { Eater } from '../../core/exclusions';
import type { Db } from '../db/open';
import { eater, kitchen } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

/** Whom one bakes for, in the order they were added. */
export async function listEaters(db: Db): Promise<EaterRow[]> {
  const rows = await db
    .select()
    .from(eater)
    .where(isNull(eater.deletedAt))
    .orderBy(asc(eater.createdAt), asc(eater.id));
  return rows.map((r) => ({ ...r.doc, id: r.id }));
}

export async function createEater(db: Db, doc: Eater): Promise<EaterRow> {
  const [row] = await db.insert(eater).values({ doc }).returning();
  return { ...row!.doc, id: row!.id };
}

async function change(
  db: Db,
  id: string,
  values: Partial<typeof eater.$inferInsert>,
  living: boolean,
): Promise<EaterRow> {
  const [row] = UUID.test(id)
    ? await db
        .update(eater)
        .set(values)
        .where(and(eq(eater.id, id), ...(living ? [isNull(eater.deletedAt)] : [])))
        .returning()
    : [];
  return row ? { ...row.doc, id: row.id } : refuse('eater.notFound', 'id', { id: id.slice(0, 60) });
}

export const putEater = (db: Db, id: string, doc: Eater): Promise<EaterRow> => change(db, id, { doc }, true);
/** Takes an eater off the list; `restoreEater` puts them back. */
export const removeEater = (db: Db, id: string): Promise<EaterRow> =>
  change(db, id, { deletedAt: new Date() }, true);
export const restoreEater = (db: Db, id: string): Promise<EaterRow> =>
  change(db, id, { deletedAt: null }, false);

const ONLY = 1;

export async function getKitchen(db: Db): Promise<Kitchen> {
  const [row] = await db.select().from(kitchen).where(eq(kitchen.id, ONLY));
  return { ...DEFAULT_KITCHEN, ...row?.doc };
}

export async function putKitchen(db: Db, doc: Kitchen): Promise<Kitchen> {
  await db.insert(kitchen).values({ id: ONLY, doc }).onConflictDoUpdate({ target: kitchen.id, set: { doc } });
  return doc;
}
