import { eq, sql } from 'drizzle-orm';
import type { CreateVersion, Version, VersionMark, VersionMeta } from '../../contract/dto';
import { DATA_VERSION } from '../../core/ingredients';
import { CORE_VERSION } from '../../core/rebalance';
import type { Db } from '../db/open';
import { formula, version, versionMark } from '../db/schema';
import { dropKept } from './drafts';
import { classOf, existing } from './existing';
import { refuse } from './fail';
import { UUID } from './ids';

type VersionRow = typeof version.$inferSelect;
/** What a version was worked out with. */
type Stamp = 'coreVersion' | 'dataVersion';
type MarkRow = typeof versionMark.$inferSelect;

/** A version without what it holds, as it is called now. */
export const metaOf = (
  row: Omit<VersionRow, 'kitchenId' | 'doc' | 'request' | 'schema' | 'seq'>,
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

/** Lines of a formula, over all its parts. */
const linesOf = (doc: VersionRow['doc']): number => doc.parts.reduce((n, p) => n + p.lines.length, 0);

/** What the shelf shows of some versions that are added: what each that was kept leaves out, and lines of the last source. */
export function shelfColumns(
  added: readonly { targetId?: string | null | undefined; doc: VersionRow['doc'] }[],
): {
  kept: VersionRow['avoids'][];
  lines: number | null;
} {
  const source = added.findLast((v) => !v.targetId);
  return {
    kept: added.filter((v) => v.targetId).map((v) => v.doc.avoids),
    lines: source ? linesOf(source.doc) : null,
  };
}

export type NewVersion = Omit<typeof version.$inferInsert, 'seq' | 'schema' | 'avoids' | Stamp> &
  Partial<Pick<typeof version.$inferInsert, Stamp>>;

/**
 * Adds versions of one formula to the end of its line, stamped with the engine and the data of now where they have no
 * stamp. Their numbers are taken under the lock of the formula's row, where the shelf's columns are kept up too.
 */
export async function append(tx: Db, formulaId: string, added: readonly NewVersion[]): Promise<VersionRow[]> {
  if (added.length === 0) return [];
  const { kept, lines } = shelfColumns(added);
  const [row] = await tx
    .update(formula)
    .set({
      lastSeq: sql`${formula.lastSeq} + ${added.length}`,
      ...(kept.length > 0 ? { kept: sql`${formula.kept} || ${JSON.stringify(kept)}::jsonb` } : {}),
      ...(lines === null ? {} : { lines }),
    })
    .where(eq(formula.id, formulaId))
    .returning({ last: formula.lastSeq });
  const first = row!.last - added.length + 1;
  return tx
    .insert(version)
    .values(
      added.map((v, i) => ({
        coreVersion: CORE_VERSION,
        dataVersion: DATA_VERSION,
        ...v,
        seq: first + i,
        avoids: v.doc.avoids,
        schema: v.doc.schema,
      })),
    )
    .returning();
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
      .onConflictDoUpdate({ target: [versionMark.kitchenId, versionMark.versionId], set: mark });
  return getVersion(db, id);
}

/**
 * Keeps a version after its parent. A corrected source is kept first, as a source of its own, and becomes the
 * target; else the target is the parent's, or the parent itself where that is a source. The working copy is done with.
 */
export async function keepVersion(db: Db, formulaId: string, input: CreateVersion): Promise<Version> {
  return db.transaction(async (tx) => {
    await existing(tx, formulaId, true);
    const parent = await getVersion(tx, input.parentId);
    if (parent.formulaId !== formulaId) refuse('version.otherFormula', 'parentId');
    let parentId = parent.id;
    let targetId = parent.targetId ?? parent.id;
    if (input.source) {
      const [source] = await append(tx, formulaId, [
        { formulaId, parentId, targetId: null, name: '', doc: input.source, request: { exclude: [] } },
      ]);
      parentId = source!.id;
      targetId = source!.id;
    }
    const [row] = await append(tx, formulaId, [
      {
        formulaId,
        parentId,
        targetId,
        name: input.name,
        note: input.note ?? '',
        doc: input.doc,
        request: input.request,
      },
    ]);
    await dropKept(tx, formulaId, input.draftRev);
    await tx
      .update(formula)
      .set({ updatedAt: new Date(), classId: classOf(input.doc) })
      .where(eq(formula.id, formulaId));
    return versionOf(row!);
  });
}
