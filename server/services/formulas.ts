import { randomUUID } from 'node:crypto';
import { and, asc, count, desc, eq, inArray, isNotNull, isNull, or, sql, type SQL } from 'drizzle-orm';
import type {
  FormulaDetail,
  ShelfOrder,
  ShelfPage,
  ShelfQuery,
  ShelfState,
  Version,
} from '../../contract/dto';
import { CLASS_IDS, type ClassId } from '../../core/classes';
import { fold } from '../../core/explain';
import type { Formula } from '../../core/formula';
import type { Db } from '../db/open';
import { draft, formula, version, versionMark, trial } from '../db/schema';
import { classOf, existing } from './existing';
import { refuse } from './fail';
import { UUID } from './ids';
import { append, metaOf, versionOf } from './versions';

const AT_ONCE = 60;
/** Every word is in the title, or the formula is of one of the kinds that go by it. */
function wordFits(word: string): SQL {
  const [said = '', kinds = ''] = word.split('~');
  const inTitle = sql`position(${fold(said)} in coalesce(${formula.folded}, '')) > 0`;
  const of = kinds.split(',').filter((k) => CLASS_IDS.includes(k as ClassId));
  return of.length > 0 ? or(inTitle, inArray(formula.classId, of))! : inTitle;
}

const IN_STATE: Record<ShelfState, SQL | undefined> = {
  all: isNull(formula.archivedAt),
  new: and(isNull(formula.archivedAt), sql`${formula.kept} = '[]'::jsonb`),
  adapted: and(isNull(formula.archivedAt), sql`${formula.kept} <> '[]'::jsonb`),
  changed: and(
    isNull(formula.archivedAt),
    sql`exists(select 1 from ${draft} where ${draft.formulaId} = ${formula.id})`,
  ),
  aside: isNotNull(formula.archivedAt),
};
const KIND_AT = sql`array_position(array[${sql.join(
  CLASS_IDS.map((id) => sql`${id}`),
  sql`, `,
)}]::text[], ${formula.classId})`;
const IN_ORDER: Record<ShelfOrder, SQL[]> = {
  latest: [desc(formula.updatedAt)],
  baked: [sql`${formula.bakedAt} desc nulls last`],
  title: [],
  kind: [asc(KIND_AT)],
  versions: [desc(formula.lastSeq)],
};

/** A piece of the shelf: what is looked for, in order; equal ones by title. */
export async function listFormulas(db: Db, asked: ShelfQuery = {}): Promise<ShelfPage> {
  const words = [asked.w ?? []].flat();
  const state = (asked.state ?? 'all') as ShelfState;
  const out = asked.out?.split(',');
  const where = and(
    isNull(formula.deletedAt),
    IN_STATE[state],
    asked.kind ? eq(formula.classId, asked.kind) : undefined,
    out
      ? sql`exists(select 1 from jsonb_array_elements(${formula.kept}) k where k @> ${JSON.stringify(out)}::jsonb)`
      : undefined,
    ...words.map(wordFits),
  );
  const rows = await db
    .select({
      id: formula.id,
      title: formula.title,
      classId: formula.classId,
      updatedAt: formula.updatedAt,
      archived: sql<boolean>`${formula.archivedAt} is not null`,
      versions: formula.lastSeq,
      lines: formula.lines,
      kept: formula.kept,
      bakedAt: formula.bakedAt,
    })
    .from(formula)
    .where(where)
    .orderBy(...IN_ORDER[(asked.order ?? 'latest') as ShelfOrder], asc(formula.folded), asc(formula.id))
    .limit(Number(asked.limit ?? AT_ONCE))
    .offset(Number(asked.from ?? 0));
  // Asked for the page alone: within the query above it would be looked up for every row that is passed over.
  const ids = rows.map((r) => r.id);
  const worked = new Set(
    (await db.select({ id: draft.formulaId }).from(draft).where(inArray(draft.formulaId, ids))).map(
      (r) => r.id,
    ),
  );
  const photos = new Map(
    (
      await db
        .selectDistinctOn([trial.formulaId], {
          id: trial.formulaId,
          photo: sql<string>`${trial.doc} #>> '{photos,0,hash}'`,
        })
        .from(trial)
        .where(
          and(
            inArray(trial.formulaId, ids),
            isNull(trial.deletedAt),
            sql`${trial.doc} #>> '{photos,0,hash}' is not null`,
          ),
        )
        .orderBy(trial.formulaId, desc(trial.bakedAt))
    ).map((r) => [r.id, r.photo]),
  );
  // What is found, what there is and of what kinds, in one look over all of it.
  const kinds = await db
    .select({
      classId: formula.classId,
      n: count(),
      found: sql<number>`count(*) filter (where ${where})::int`,
    })
    .from(formula)
    .where(isNull(formula.deletedAt))
    .groupBy(formula.classId);
  return {
    formulas: rows.map(({ classId, updatedAt, ...row }) => ({
      ...row,
      classId: classId as ClassId,
      updatedAt: updatedAt.toISOString(),
      hasDraft: worked.has(row.id),
      photo: photos.get(row.id) ?? null,
      leavesOut: [...new Set(row.kept.flat())].filter((a) => a !== 'gluten' && a !== 'wheat'),
    })),
    found: kinds.reduce((s, k) => s + k.found, 0),
    all: kinds.reduce((s, k) => s + k.n, 0),
    kinds: CLASS_IDS.filter((id) => kinds.some((k) => k.classId === id)),
  };
}

/** Puts a formula on the shelf with its source as the first version. */
export async function createFormula(
  db: Db,
  doc: Formula,
): Promise<{ formula: FormulaDetail; version: Version }> {
  const made = await db.transaction(async (tx) => {
    const [row] = await tx
      .insert(formula)
      .values({ title: doc.title, folded: fold(doc.title), classId: classOf(doc) })
      .returning();
    const [source] = await append(tx, row!.id, [
      { formulaId: row!.id, parentId: null, targetId: null, name: '', doc, request: { exclude: [] } },
    ]);
    return { id: row!.id, source: source! };
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
    ...(title === undefined ? {} : { title, folded: fold(title), updatedAt: new Date() }),
    ...(archived === undefined ? {} : { archivedAt: archived ? new Date() : null }),
  };
  if (Object.keys(values).length > 0) await db.update(formula).set(values).where(eq(formula.id, id));
  return getFormula(db, id);
}

/** A copy of a formula with all its versions, each after the copy of its own parent. The working copy stays behind. */
export async function duplicateFormula(db: Db, id: string): Promise<FormulaDetail> {
  const copyId = await db.transaction(async (tx) => {
    const of = await existing(tx, id);
    const title = `${of.title} (copy)`.slice(0, 200);
    const [made] = await tx
      .insert(formula)
      .values({ title, folded: fold(title), classId: of.classId })
      .returning();
    const rows = await tx.select().from(version).where(eq(version.formulaId, id)).orderBy(asc(version.seq));
    const copies = new Map(rows.map((r) => [r.id, randomUUID()]));
    await append(
      tx,
      made!.id,
      rows.map(({ id: was, seq: _seq, createdAt: _made, ...row }) => ({
        ...row,
        id: copies.get(was)!,
        formulaId: made!.id,
        parentId: row.parentId && copies.get(row.parentId)!,
        targetId: row.targetId && copies.get(row.targetId)!,
      })),
    );
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
