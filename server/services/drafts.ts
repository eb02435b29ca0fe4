import { eq } from 'drizzle-orm';
import type { Draft, DraftDoc } from '../../contract/dto';
import type { Db } from '../db/open';
import { draft } from '../db/schema';
import { existing } from './existing';
import { refuse } from './fail';

export async function getDraft(db: Db, formulaId: string): Promise<Draft | null> {
  await existing(db, formulaId);
  const [row] = await db.select().from(draft).where(eq(draft.formulaId, formulaId));
  return row ? { rev: row.rev, doc: row.doc, updatedAt: row.updatedAt.toISOString() } : null;
}

/**
 * Saves the working copy. `rev` is the revision it grew from, 0 for none; where another tab has saved since,
 * nothing is overwritten and what is there comes back with the refusal.
 */
export async function putDraft(db: Db, formulaId: string, rev: number, doc: DraftDoc): Promise<Draft> {
  return db.transaction(async (tx) => {
    await existing(tx, formulaId);
    const [there] = await tx.select().from(draft).where(eq(draft.formulaId, formulaId)).for('update');
    if ((there?.rev ?? 0) !== rev) {
      const current: Draft | null = there
        ? { rev: there.rev, doc: there.doc, updatedAt: there.updatedAt.toISOString() }
        : null;
      refuse('draft.conflict', 'rev', { rev, current: there?.rev ?? 0 }, current);
    }
    const values = { rev: rev + 1, doc, updatedAt: new Date() };
    const [row] = there
      ? await tx.update(draft).set(values).where(eq(draft.formulaId, formulaId)).returning()
      : await tx
          .insert(draft)
          .values({ formulaId, ...values })
          .returning();
    return { rev: row!.rev, doc: row!.doc, updatedAt: row!.updatedAt.toISOString() };
  });
}

export async function dropDraft(db: Db, formulaId: string): Promise<void> {
  await existing(db, formulaId);
  await db.delete(draft).where(eq(draft.formulaId, formulaId));
}
