import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import type { PantryRow } from '../../contract/dto';
import { ingredientById } from '../../core/ingredients';
import type { PantryDoc } from '../../core/pantry';
import type { Db } from '../db/open';
import { pantryItem, pantryRevision } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

/** Revisions with whether their thing was taken out; the caller says which, in what order and how many. */
export const selectRevisions = (db: Db) =>
  db
    .select({
      id: pantryRevision.id,
      itemId: pantryRevision.itemId,
      rev: pantryRevision.rev,
      doc: pantryRevision.doc,
      createdAt: pantryRevision.createdAt,
      deletedAt: pantryItem.deletedAt,
    })
    .from(pantryRevision)
    .innerJoin(pantryItem, eq(pantryItem.id, pantryRevision.itemId));

export type RevisionRow = Awaited<ReturnType<typeof selectRevisions>>[number];

export const toPantryRow = ({ deletedAt, createdAt, ...row }: RevisionRow): PantryRow => ({
  ...row,
  gone: deletedAt !== null,
  createdAt: createdAt.toISOString(),
});

/** Every revision there is, oldest first; those of things taken out are marked `gone`. */
export async function listPantry(db: Db): Promise<PantryRow[]> {
  const rows = await selectRevisions(db).orderBy(
    asc(pantryRevision.createdAt),
    asc(pantryRevision.rev),
    asc(pantryRevision.id),
  );
  return rows.map(toPantryRow);
}

/** Refuses a document that speaks of ingredients there are none of, or of a blend inside a blend. */
async function checkRefs(db: Db, docs: readonly PantryDoc[]): Promise<void> {
  const wanted = new Map<string, string>();
  docs.forEach((doc, i) => {
    const at = `docs[${i}]`;
    if (doc.kind !== 'blend' && doc.like !== null && !ingredientById(doc.like))
      refuse('pantry.unknownId', `${at}.like`, { id: doc.like.slice(0, 60) });
    if (doc.kind !== 'blend') return;
    doc.standsFor.forEach((id, k) => {
      if (!ingredientById(id)) refuse('pantry.unknownId', `${at}.standsFor[${k}]`, { id: id.slice(0, 60) });
    });
    doc.parts.forEach((p, k) => {
      if (!ingredientById(p.id)) wanted.set(p.id, `${at}.parts[${k}].id`);
    });
  });
  if (wanted.size === 0) return;
  const ids = [...wanted.keys()].filter((id) => UUID.test(id));
  const found =
    ids.length === 0
      ? []
      : await db
          .select({ id: pantryRevision.id, doc: pantryRevision.doc })
          .from(pantryRevision)
          .where(inArray(pantryRevision.id, ids));
  for (const [id, path] of wanted) {
    const row = found.find((f) => f.id === id);
    if (!row) refuse('pantry.unknownId', path, { id: id.slice(0, 60) });
    if (row.doc.kind === 'blend') refuse('pantry.cycle', path, { id });
  }
}

const CHUNK = 500;

/** Puts things into the pantry, each with its first revision. */
export async function createPantry(db: Db, docs: readonly PantryDoc[]): Promise<PantryRow[]> {
  return db.transaction(async (tx) => {
    await checkRefs(tx, docs);
    const out: PantryRow[] = [];
    for (let at = 0; at < docs.length; at += CHUNK) {
      const some = docs.slice(at, at + CHUNK);
      const items = await tx
        .insert(pantryItem)
        .values(some.map(() => ({ deletedAt: null })))
        .returning({ id: pantryItem.id });
      const rows = await tx
        .insert(pantryRevision)
        .values(some.map((doc, i) => ({ itemId: items[i]!.id, rev: 1, doc })))
        .returning();
      out.push(...rows.map((r) => ({ ...r, gone: false, createdAt: r.createdAt.toISOString() })));
    }
    return out;
  });
}

/** A new revision of a thing; `rev` is the one it grew from. Another that came between is not overwritten. */
export async function revisePantry(db: Db, itemId: string, rev: number, doc: PantryDoc): Promise<PantryRow> {
  return db.transaction(async (tx) => {
    // Its row is locked, so that of two revisions that grew from one the second sees the first.
    if (UUID.test(itemId)) await tx.select().from(pantryItem).where(eq(pantryItem.id, itemId)).for('update');
    const [there] = UUID.test(itemId)
      ? await tx
          .select({ rev: sql<number>`max(${pantryRevision.rev})::int` })
          .from(pantryRevision)
          .innerJoin(pantryItem, eq(pantryItem.id, pantryRevision.itemId))
          .where(and(eq(pantryRevision.itemId, itemId), isNull(pantryItem.deletedAt)))
          .groupBy(pantryRevision.itemId)
      : [];
    if (!there) refuse('pantry.notFound', 'itemId', { id: itemId.slice(0, 60) });
    if (there.rev !== rev) refuse('pantry.changed', 'rev', { rev, current: there.rev });
    await checkRefs(tx, [doc]);
    const [row] = await tx
      .insert(pantryRevision)
      .values({ itemId, rev: rev + 1, doc })
      .returning();
    return { ...row!, gone: false, createdAt: row!.createdAt.toISOString() };
  });
}

async function setGone(db: Db, itemIds: readonly string[], gone: boolean): Promise<number> {
  const ids = itemIds.filter((id) => UUID.test(id));
  const rows =
    ids.length === 0
      ? []
      : await db
          .update(pantryItem)
          .set({ deletedAt: gone ? new Date() : null })
          .where(
            and(
              inArray(pantryItem.id, ids),
              gone ? isNull(pantryItem.deletedAt) : isNotNull(pantryItem.deletedAt),
            ),
          )
          .returning({ id: pantryItem.id });
  return rows.length;
}

/** Takes things out; `restorePantry` puts them back as they were. Both say how many they moved. */
export const removePantry = (db: Db, itemIds: readonly string[]): Promise<number> =>
  setGone(db, itemIds, true);
export const restorePantry = (db: Db, itemIds: readonly string[]): Promise<number> =>
  setGone(db, itemIds, false);
