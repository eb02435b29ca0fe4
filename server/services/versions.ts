import { eq, sql } from 'drizzle-orm';
import type { CreateVersion, Version, VersionMark, VersionMeta } from '../../contract/dto';
import { DATA_VERSION } from '../../core/ingredients';
import { CORE_VERSION } from '../../core/rebalance';
import type { Db } from '../db/open';
import { draft, formula, version, versionMark } from '../db/schema';
import { classOf, existing, type Tx } from './existing';
import { refuse } from './fail';
import { UUID } from './ids';

type VersionRow = typeof version.$inferSelect;
/** What a version was worked out with. */
type Stamp = 'coreVersion' | 'dataVersion';
type MarkRow = typeof versionMark.$inferSelect;

/** A version without what it holds, as it is called now. */
export const metaOf = (
  row: Omit<VersionRow, 'doc' | 'request' | 'schema' | 'seq'>,
  mark?: MarkRow | null,
): VersionMeta => ({
  id: row.id,
  formulaId: row.formulaId,
  parentId: row.parentId,
  targetId: row.targetId,
  name: mark?.name ?? row.name,
  note: mark?.note ?? row.note,
  star: mark?.star ?? false,
  avoids: row.avoids,
  coreVersion: row.coreVersion,
  dataVersion: row.dataVersion,
  createdAt: row.createdAt.toISOString(),
});
export const versionOf = (row: VersionRow, mark?: MarkRow | null): Version => ({
  ...metaOf(row, mark),
  doc: row.doc,
  request: row.request,
});

/** Adds a version to the end of a formula's line, stamped with the engine and the data of now where it has no stamp. */
export async function append(
  db: Tx,
  values: Omit<typeof version.$inferInsert, 'seq' | 'schema' | 'avoids' | Stamp> &
    Partial<Pick<typeof version.$inferInsert, Stamp>>,
): Promise<VersionRow> {
  const [row] = await db
    .insert(version)
    .values({
      coreVersion: CORE_VERSION,
      dataVersion: DATA_VERSION,
      ...values,
      seq: sql`(select coalesce(max(seq), 0) + 1 from version where formula_id = ${values.formulaId})`,
      avoids: values.doc.avoids,
      schema: values.doc.schema,
    })
    .returning();
  return row!;
}

export async function getVersion(db: Db, id: string): Promise<Version> {
  const [row] = UUID.test(id)
    ? await db
        .select({ version, mark: versionMark })
        .from(version)
        .leftJoin(versionMark, eq(versionMark.versionId, version.id))
        .where(eq(version.id, id))
    : [];
  return row ? versionOf(row.version, row.mark) : refuse('version.notFound', 'id', { id: id.slice(0, 60) });
}

/** Names, notes or stars a version. What it holds stays as it was kept. */
export async function markVersion(db: Db, id: string, mark: VersionMark): Promise<Version> {
  await getVersion(db, id);
  if (Object.keys(mark).length > 0)
    await db
      .insert(versionMark)
      .values({ versionId: id, ...mark })
      .onConflictDoUpdate({ target: versionMark.versionId, set: mark });
  return getVersion(db, id);
}

/**
 * Keeps a version after its parent. A corrected source is kept first, as a source of its own, and becomes the
 * target; else the target is the parent's, or the parent itself where that is a source. The draft is done with.
 */
export async function keepVersion(db: Db, formulaId: string, input: CreateVersion): Promise<Version> {
  return db.transaction(async (tx) => {
    await existing(tx, formulaId);
    const parent = await getVersion(tx, input.parentId);
    if (parent.formulaId !== formulaId) refuse('version.otherFormula', 'parentId');
    let parentId = parent.id;
    let targetId = parent.targetId ?? parent.id;
    if (input.source) {
      const source = await append(tx, {
        formulaId,
        parentId,
        targetId: null,
        name: '',
        doc: input.source,
        request: { exclude: [] },
      });
      parentId = source.id;
      targetId = source.id;
    }
    const row = await append(tx, {
      formulaId,
      parentId,
      targetId,
      name: input.name,
      note: input.note ?? '',
      doc: input.doc,
      request: input.request,
    });
    await tx.delete(draft).where(eq(draft.formulaId, formulaId));
    await tx
      .update(formula)
      .set({ updatedAt: new Date(), classId: classOf(input.doc) })
      .where(eq(formula.id, formulaId));
    return versionOf(row);
  });
}
