import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Put } from '../../contract/dto';
import type { ProblemCode } from '../../contract/problem';
import type { Db } from '../db/open';
import type { ListTable } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

type Row<Doc> = Doc & { id: string; rev: number };
/** A list of things: what is on it in the order it was added, and how it is changed. */
export type DocList<Doc> = {
  list: (db: Db) => Promise<Row<Doc>[]>;
  get: (db: Db, id: string) => Promise<Row<Doc>>;
  create: (db: Db, doc: Doc) => Promise<Row<Doc>>;
  /** Refused with what is there where another change came between. */
  put: (db: Db, id: string, put: Put<Doc>) => Promise<Row<Doc>>;
  /** Takes it off the list; `restore` puts it back. */
  remove: (db: Db, id: string) => Promise<Row<Doc>>;
  restore: (db: Db, id: string) => Promise<Row<Doc>>;
};
type Codes = { notFound: ProblemCode; changed: ProblemCode };

/** The list kept in a table; what is not on it, or was changed meanwhile, is refused with the codes given. */
export function docList<Doc extends object>(table: ListTable<Doc>, codes: Codes): DocList<Doc> {
  type Stored = { id: string; rev: number; doc: unknown };
  const rowOf = ({ id, rev, doc }: Stored): Row<Doc> => ({ ...(doc as Doc), id, rev });
  const lost = (id: string): never => refuse(codes.notFound, 'id', { id: id.slice(0, 60) });
  /** The one of that id that is on the list. */
  async function living(db: Db, id: string): Promise<Stored | undefined> {
    if (!UUID.test(id)) return undefined;
    const [row] = (await db
      .select({ id: table.id, rev: table.rev, doc: table.doc })
      .from(table as never)
      .where(and(eq(table.id, id), isNull(table.deletedAt)))) as Stored[];
    return row;
  }
  async function setGone(db: Db, id: string, gone: boolean): Promise<Row<Doc>> {
    const [row] = UUID.test(id)
      ? await db
          .update(table)
          .set({ deletedAt: gone ? new Date() : null })
          .where(and(eq(table.id, id), ...(gone ? [isNull(table.deletedAt)] : [])))
          .returning()
      : [];
    return row ? rowOf(row) : lost(id);
  }
  return {
    async list(db) {
      const rows = await db
        .select({ id: table.id, rev: table.rev, doc: table.doc })
        .from(table as never)
        .where(isNull(table.deletedAt))
        .orderBy(asc(table.createdAt), asc(table.id));
      return (rows as Stored[]).map(rowOf);
    },
    async get(db, id) {
      const row = await living(db, id);
      return row ? rowOf(row) : lost(id);
    },
    async create(db, doc) {
      const [row] = await db
        .insert(table)
        .values({ doc } as typeof table.$inferInsert)
        .returning();
      return rowOf(row!);
    },
    async put(db, id, { rev, doc }) {
      if (!UUID.test(id)) lost(id);
      const [row] = await db
        .update(table)
        .set({ doc, rev: sql`${table.rev} + 1` })
        .where(and(eq(table.id, id), isNull(table.deletedAt), eq(table.rev, rev)))
        .returning();
      if (row) return rowOf(row);
      const there = await living(db, id);
      return there ? refuse(codes.changed, 'rev', { rev, current: there.rev }, rowOf(there)) : lost(id);
    },
    remove: (db, id) => setGone(db, id, true),
    restore: (db, id) => setGone(db, id, false),
  };
}
