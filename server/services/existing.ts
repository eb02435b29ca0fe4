import { and, eq, isNull } from 'drizzle-orm';
import type { ClassId } from '../../core/classes';
import type { Formula } from '../../core/formula';
import type { Db } from '../db/open';
import { formula } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

/** The database, or a transaction in it. */
export type Tx = Db | Parameters<Parameters<Db['transaction']>[0]>[0];

/** The kind a formula goes by on the shelf: that of its first part. */
export const classOf = (doc: Formula): ClassId => doc.parts[0]?.classId ?? 'batter';

/** The formula of that id, on the shelf; refused where there is none. */
export async function existing(db: Tx, id: string): Promise<typeof formula.$inferSelect> {
  const [row] = UUID.test(id)
    ? await db
        .select()
        .from(formula)
        .where(and(eq(formula.id, id), isNull(formula.deletedAt)))
    : [];
  return row ?? refuse('formula.notFound', 'id', { id: id.slice(0, 60) });
}
