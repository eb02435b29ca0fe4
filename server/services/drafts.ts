import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import type { Aside, AsideMeta, Draft, DraftAnswer, DraftDoc } from '../../contract/dto';
import type { Db } from '../db/open';
import { aside, draft, formula } from '../db/schema';
import { existing } from './existing';
import { refuse } from './fail';
import { UUID } from './ids';

const draftOf = (row: typeof draft.$inferSelect): Draft => ({
  rev: row.rev,
  doc: row.doc,
  updatedAt: row.updatedAt.toISOString(),
});
const asideOf = ({ id, doc, createdAt }: typeof aside.$inferSelect): AsideMeta => ({
  id,
  baseId: doc.baseId,
  exclude: doc.request.exclude,
  words: doc.request.words ?? [],
  createdAt: createdAt.toISOString(),
});

/** The working copy of a formula, and those that wait beside it, latest first. */
export async function getDraft(db: Db, formulaId: string): Promise<DraftAnswer> {
  await existing(db, formulaId);
  const [row] = await db.select().from(draft).where(eq(draft.formulaId, formulaId));
  const beside = await db
    .select()
    .from(aside)
    .where(and(eq(aside.formulaId, formulaId), isNull(aside.deletedAt)))
    .orderBy(desc(aside.createdAt), desc(aside.id));
  return { draft: row ? draftOf(row) : null, aside: beside.map(asideOf) };
}

/** The next revision of a formula's working copies. It only grows, so no revision ever stands for two. */
async function nextRev(tx: Db, formulaId: string): Promise<number> {
  const [row] = await tx
    .update(formula)
    .set({ draftRev: sql`${formula.draftRev} + 1` })
    .where(eq(formula.id, formulaId))
    .returning({ rev: formula.draftRev });
  return row!.rev;
}

/**
 * Saves the working copy. `rev` is the revision it grew from, 0 for none; where another tab has saved since,
 * nothing is overwritten and what is there comes back with the refusal.
 */
export async function putDraft(db: Db, formulaId: string, rev: number, doc: DraftDoc): Promise<Draft> {
  return db.transaction(async (tx) => {
    await existing(tx, formulaId, true);
    const [there] = await tx.select().from(draft).where(eq(draft.formulaId, formulaId));
    if ((there?.rev ?? 0) !== rev)
      refuse('draft.conflict', 'rev', { rev, current: there?.rev ?? 0 }, there ? draftOf(there) : null);
    const values = { rev: await nextRev(tx, formulaId), doc, updatedAt: new Date() };
    const [row] = await tx
      .insert(draft)
      .values({ formulaId, ...values })
      .onConflictDoUpdate({ target: [draft.kitchenId, draft.formulaId], set: values })
      .returning();
    return draftOf(row!);
  });
}

/** Sets a working copy aside. One that waits there already word for word is not put there twice. */
export async function createAside(db: Db, formulaId: string, doc: DraftDoc): Promise<AsideMeta> {
  return db.transaction(async (tx) => {
    await existing(tx, formulaId, true);
    const [same] = await tx
      .select()
      .from(aside)
      .where(
        and(
          eq(aside.formulaId, formulaId),
          isNull(aside.deletedAt),
          sql`${aside.doc} = ${JSON.stringify(doc)}::jsonb`,
        ),
      );
    if (same) return asideOf(same);
    const [row] = await tx.insert(aside).values({ formulaId, doc }).returning();
    return asideOf(row!);
  });
}

/** The working copy that a kept version was made of is done with; one that was saved since is left where it is. */
export async function dropKept(tx: Db, formulaId: string, rev: number | undefined): Promise<void> {
  const [there] = await tx.select().from(draft).where(eq(draft.formulaId, formulaId));
  if (!there || there.rev !== rev) return;
  await tx.delete(draft).where(eq(draft.formulaId, formulaId));
}

const strange = (id: string): never => refuse('aside.notFound', 'id', { id: id.slice(0, 60) });

export async function getAside(db: Db, id: string): Promise<Aside> {
  const [row] = UUID.test(id)
    ? await db
        .select()
        .from(aside)
        .where(and(eq(aside.id, id), isNull(aside.deletedAt)))
    : [];
  return row ? { ...asideOf(row), doc: row.doc } : strange(id);
}

/** Drops a copy that was set aside, or brings it back. */
export async function setDropped(db: Db, id: string, dropped: boolean): Promise<AsideMeta> {
  const [row] = UUID.test(id)
    ? await db
        .update(aside)
        .set({ deletedAt: dropped ? new Date() : null })
        .where(eq(aside.id, id))
        .returning()
    : [];
  return row ? asideOf(row) : strange(id);
}
