import { and, asc, count, desc, eq, isNull, sql } from 'drizzle-orm';
import type {
  CreateVersion,
  Draft,
  DraftDoc,
  FormulaCard,
  FormulaDetail,
  Version,
  VersionMark,
  VersionMeta,
} from '../../contract/dto';
import type { ClassId } from '../../core/classes';
import type { Formula } from '../../core/formula';
import { DATA_VERSION, type AvoidId } from '../../core/ingredients';
import { CORE_VERSION } from '../../core/rebalance';
import type { Db } from '../db/open';
import { draft, formula, version, versionMark } from '../db/schema';
import { refuse } from './fail';
import { getKitchen } from './kitchen';
import { UUID } from './ids';

type VersionRow = typeof version.$inferSelect;
type MarkRow = typeof versionMark.$inferSelect;
type Tx = Db | Parameters<Parameters<Db['transaction']>[0]>[0];

const classOf = (doc: Formula): ClassId => doc.parts[0]?.classId ?? 'batter';

const metaOf = (
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
const versionOf = (row: VersionRow, mark?: MarkRow | null): Version => ({
  ...metaOf(row, mark),
  doc: row.doc,
  request: row.request,
});

async function existing(db: Tx, id: string): Promise<typeof formula.$inferSelect> {
  const [row] = UUID.test(id)
    ? await db
        .select()
        .from(formula)
        .where(and(eq(formula.id, id), isNull(formula.deletedAt)))
    : [];
  return row ?? refuse('formula.notFound', 'id', { id: id.slice(0, 60) });
}

/** All formulas on the shelf, latest touched first. */
export async function listFormulas(db: Db): Promise<FormulaCard[]> {
  const rows = await db
    .select({
      id: formula.id,
      title: formula.title,
      classId: formula.classId,
      updatedAt: formula.updatedAt,
      archived: sql<boolean>`${formula.archivedAt} is not null`,
      versions: count(version.id),
      // Of the source: a version has its own.
      lines: sql<number>`max((
        select sum(jsonb_array_length(part->'lines')) from jsonb_array_elements(${version.doc}->'parts') part
      )) filter (where ${version.targetId} is null)::int`,
      avoids: sql<AvoidId[][]>`json_agg(${version.avoids})`,
      kept: sql<
        AvoidId[][] | null
      >`json_agg(${version.avoids}) filter (where ${version.targetId} is not null)`,
      hasDraft: sql<boolean>`exists(select 1 from ${draft} where ${draft.formulaId} = ${formula.id})`,
    })
    .from(formula)
    .innerJoin(version, eq(version.formulaId, formula.id))
    .where(isNull(formula.deletedAt))
    .groupBy(formula.id)
    .orderBy(desc(formula.updatedAt), asc(formula.title));
  const baked = new Map<string, string>();
  for (const { formulaId, on } of (await getKitchen(db)).timed ?? [])
    if (formulaId && on && on > (baked.get(formulaId) ?? '')) baked.set(formulaId, on);
  return rows.map(({ avoids, kept, classId, updatedAt, ...row }) => ({
    ...row,
    bakedAt: baked.get(row.id) ?? null,
    kept: kept ?? [],
    classId: classId as ClassId,
    updatedAt: updatedAt.toISOString(),
    without: [...new Set(avoids.flat())].filter((a) => a !== 'gluten' && a !== 'wheat'),
  }));
}

async function append(
  db: Tx,
  values: Omit<typeof version.$inferInsert, 'seq' | 'schema' | 'coreVersion' | 'dataVersion' | 'avoids'>,
): Promise<VersionRow> {
  const [row] = await db
    .insert(version)
    .values({
      ...values,
      seq: sql`(select coalesce(max(seq), 0) + 1 from version where formula_id = ${values.formulaId})`,
      avoids: values.doc.avoids,
      schema: values.doc.schema,
      coreVersion: CORE_VERSION,
      dataVersion: DATA_VERSION,
    })
    .returning();
  return row!;
}

/** Puts a formula on the shelf with its source as the first version. */
export async function createFormula(
  db: Db,
  doc: Formula,
): Promise<{ formula: FormulaDetail; version: Version }> {
  const made = await db.transaction(async (tx) => {
    const [row] = await tx
      .insert(formula)
      .values({ title: doc.title, classId: classOf(doc) })
      .returning();
    const source = await append(tx, {
      formulaId: row!.id,
      parentId: null,
      targetId: null,
      name: '',
      doc,
      request: { exclude: [] },
    });
    return { id: row!.id, source };
  });
  return { formula: await getFormula(db, made.id), version: versionOf(made.source) };
}

/** A formula with the line of its versions, first to last. */
export async function getFormula(db: Db, id: string): Promise<FormulaDetail> {
  const row = await existing(db, id);
  const versions = await db
    .select({
      id: version.id,
      formulaId: version.formulaId,
      parentId: version.parentId,
      targetId: version.targetId,
      name: version.name,
      note: version.note,
      avoids: version.avoids,
      coreVersion: version.coreVersion,
      dataVersion: version.dataVersion,
      createdAt: version.createdAt,
      mark: versionMark,
    })
    .from(version)
    .leftJoin(versionMark, eq(versionMark.versionId, version.id))
    .where(eq(version.formulaId, id))
    .orderBy(asc(version.seq));
  return {
    id: row.id,
    title: row.title,
    classId: row.classId as ClassId,
    updatedAt: row.updatedAt.toISOString(),
    versions: versions.map(({ mark, ...v }) => metaOf(v, mark)),
  };
}

/** Gives a formula another title, puts it aside or takes it out again. */
export async function changeFormula(
  db: Db,
  id: string,
  { title, archived }: { title?: string; archived?: boolean },
): Promise<FormulaDetail> {
  await existing(db, id);
  const values = {
    ...(title === undefined ? {} : { title, updatedAt: new Date() }),
    ...(archived === undefined ? {} : { archivedAt: archived ? new Date() : null }),
  };
  if (Object.keys(values).length > 0) await db.update(formula).set(values).where(eq(formula.id, id));
  return getFormula(db, id);
}

/** A copy of a formula with all its versions, each after the copy of its own parent. The working copy stays behind. */
export async function duplicateFormula(db: Db, id: string): Promise<FormulaDetail> {
  const copyId = await db.transaction(async (tx) => {
    const of = await existing(tx, id);
    const [made] = await tx
      .insert(formula)
      .values({ title: `${of.title} (copy)`, classId: of.classId })
      .returning();
    const rows = await tx.select().from(version).where(eq(version.formulaId, id)).orderBy(asc(version.seq));
    const copies = new Map<string, string>();
    for (const { id: was, createdAt: _made, ...row } of rows) {
      const [copy] = await tx
        .insert(version)
        .values({
          ...row,
          formulaId: made!.id,
          parentId: row.parentId && copies.get(row.parentId),
          targetId: row.targetId && copies.get(row.targetId),
        })
        .returning({ id: version.id });
      copies.set(was, copy!.id);
    }
    const marks = await tx
      .select({ mark: versionMark })
      .from(versionMark)
      .innerJoin(version, eq(version.id, versionMark.versionId))
      .where(eq(version.formulaId, id));
    for (const { mark } of marks)
      await tx.insert(versionMark).values({ ...mark, versionId: copies.get(mark.versionId)! });
    return made!.id;
  });
  return getFormula(db, copyId);
}

/** Takes a formula off the shelf; `restoreFormula` puts it back as it was. */
export async function deleteFormula(db: Db, id: string): Promise<void> {
  await existing(db, id);
  await db.update(formula).set({ deletedAt: new Date() }).where(eq(formula.id, id));
}

export async function restoreFormula(db: Db, id: string): Promise<FormulaDetail> {
  if (!UUID.test(id)) refuse('formula.notFound', 'id', { id: id.slice(0, 60) });
  await db.update(formula).set({ deletedAt: null }).where(eq(formula.id, id));
  return getFormula(db, id);
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
