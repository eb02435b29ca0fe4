import { and, eq, isNull } from 'drizzle-orm';
import type { ClassId } from '../../core/classes';
import type { Formula } from '../../core/formula';
import type { Db } from '../db/open';
import { formula } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

/** The kind a formula goes by on the shelf: that of its first part. */
export const classOf = (doc: Formula): ClassId => doc.parts[0]?.classId ?? 'batter';

/**
 * The formula of that id, on the shelf; refused where there is none. `lock`: inside a transaction, so that of several that
 * change it one goes first and the others see what came of it.
 */
export async function existing(db: Db, id: string, lock = false): Promise<typeof formula.$inferSelect> {
  if (!UUID.test(id)) refuse('formula.notFound', 'id', { id: id.slice(0, 60) });
  const asked = db
    .select()
    .from(formula)
    .where(and(eq(formula.id, id), isNull(formula.deletedAt)));
  const [row] = await (lock ? asked.for('update') : asked);
  return row ?? refuse('formula.notFound', 'id', { id: id.slice(0, 60) });
}
