import { and, asc, eq, isNull } from 'drizzle-orm';
import type { ProblemCode } from '../../contract/problem';
import type { Db } from '../db/open';
import type { ListTable } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

/** A list of things: what is on it in the order it was added, and how it is changed. */
export type DocList<Doc> = {
  list: (db: Db) => Promise<(Doc & { id: string })[]>;
  create: (db: Db, doc: Doc) => Promise<Doc & { id: string }>;
  put: (db: Db, id: string, doc: Doc) => Promise<Doc & { id: string }>;
  /** Takes it off the list; `restore` puts it back. */
  remove: (db: Db, id: string) => Promise<Doc & { id: string }>;
  restore: (db: Db, id: string) => Promise<Doc & { id: string }>;
};

/** The list kept in a table; what is not on it is refused with the code given. */
export function docList<Doc extends object>(table: ListTable<Doc>, notFound: ProblemCode): DocList<Doc> {
  const rowOf = (r: { id: string; doc: unknown }): Doc & { id: string } => ({ ...(r.doc as Doc), id: r.id });
  async function change(
    db: Db,
    id: string,
    values: { doc?: Doc; deletedAt?: Date | null },
    living: boolean,
  ): Promise<Doc & { id: string }> {
    const [row] = UUID.test(id)
      ? await db
          .update(table)
          .set(values as Partial<typeof table.$inferInsert>)
          .where(and(eq(table.id, id), ...(living ? [isNull(table.deletedAt)] : [])))
          .returning()
      : [];
    return row ? rowOf(row) : refuse(notFound, 'id', { id: id.slice(0, 60) });
  }
  return {
    async list(db) {
      const rows = await db
        .select({ id: table.id, doc: table.doc })
        .from(table as never)
        .where(isNull(table.deletedAt))
        .orderBy(asc(table.createdAt), asc(table.id));
      return (rows as { id: string; doc: unknown }[]).map(rowOf);
    },
    async create(db, doc) {
      const [row] = await db
        .insert(table)
        .values({ doc } as typeof table.$inferInsert)
        .returning();
      return rowOf(row!);
    },
    put: (db, id, doc) => change(db, id, { doc }, true),
    remove: (db, id) => change(db, id, { deletedAt: new Date() }, true),
    restore: (db, id) => change(db, id, { deletedAt: null }, false),
  };
}
