import { asc, count, desc, eq, isNull, sql } from 'drizzle-orm';
import type { FormulaCard, FormulaDetail, Version } from '../../contract/dto';
import type { ClassId } from '../../core/classes';
import type { Formula } from '../../core/formula';
import type { AvoidId } from '../../core/ingredients';
import type { Db } from '../db/open';
import { draft, formula, version, versionMark } from '../db/schema';
import { classOf, existing } from './existing';
import { refuse } from './fail';
import { UUID } from './ids';
import { getKitchen } from './kitchen';
import { append, metaOf, versionOf } from './versions';

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
