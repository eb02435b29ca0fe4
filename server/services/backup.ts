import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { BACKUP_SCHEMA, type Backup, type BackupFormula, type Restored } from '../../contract/backup';
import { DEFAULT_KITCHEN } from '../../contract/dto';
import type { Db } from '../db/open';
import {
  draft,
  eater,
  formula,
  pantryItem,
  pantryRevision,
  version,
  versionMark,
  way,
  type ListTable,
} from '../db/schema';
import type { Tx } from './existing';
import { refuse } from './fail';
import { eaters, getKitchen, putKitchen, ways } from './kitchen';
import { listPantry } from './pantry';
import { append } from './versions';

async function formulaOut(db: Db, row: typeof formula.$inferSelect): Promise<BackupFormula> {
  const rows = await db
    .select({ version, mark: versionMark })
    .from(version)
    .leftJoin(versionMark, eq(versionMark.versionId, version.id))
    .where(eq(version.formulaId, row.id))
    .orderBy(asc(version.seq));
  const [working] = await db.select().from(draft).where(eq(draft.formulaId, row.id));
  return {
    id: row.id,
    title: row.title,
    classId: row.classId,
    createdAt: row.createdAt.toISOString(),
    updatedAt: row.updatedAt.toISOString(),
    archived: row.archivedAt !== null,
    versions: rows.map(({ version: v, mark }) => ({
      id: v.id,
      parentId: v.parentId,
      targetId: v.targetId,
      name: v.name,
      note: v.note,
      doc: v.doc,
      request: v.request,
      coreVersion: v.coreVersion,
      dataVersion: v.dataVersion,
      createdAt: v.createdAt.toISOString(),
      mark: mark && {
        star: mark.star,
        ...(mark.name === null ? {} : { name: mark.name }),
        ...(mark.note === null ? {} : { note: mark.note }),
      },
    })),
    draft: working?.doc ?? null,
  };
}

/** Everything as one JSON text, formula by formula, so that a large shelf is never held at once. */
export async function* backupText(db: Db): AsyncGenerator<string> {
  const head: Omit<Backup, 'formulas'> = {
    newCrumb: BACKUP_SCHEMA,
    madeAt: new Date().toISOString(),
    pantry: await listPantry(db),
    eaters: await eaters.list(db),
    ways: await ways.list(db),
    kitchen: await getKitchen(db),
  };
  yield `${JSON.stringify(head).slice(0, -1)},"formulas":[`;
  const rows = await db
    .select()
    .from(formula)
    .where(isNull(formula.deletedAt))
    .orderBy(asc(formula.createdAt), asc(formula.id));
  for (const [i, row] of rows.entries())
    yield `${i > 0 ? ',' : ''}\n${JSON.stringify(await formulaOut(db, row))}`;
  yield ']}\n';
}

/** Ids of a table that are there already. */
async function there(
  db: Tx,
  table: typeof pantryItem | typeof pantryRevision | ListTable<object>,
  ids: readonly string[],
): Promise<Set<string>> {
  if (ids.length === 0) return new Set();
  const rows = await db
    .select({ id: table.id })
    .from(table as never)
    .where(inArray(table.id, [...ids]));
  return new Set((rows as { id: string }[]).map((r) => r.id));
}

/**
 * A version may grow only from one that stands before it in the file, or is kept here already. The ids of those that are
 * here.
 */
async function checkWhole(db: Tx, f: BackupFormula): Promise<Set<string>> {
  const here = new Set(
    (await db.select({ id: version.id }).from(version).where(eq(version.formulaId, f.id))).map((v) => v.id),
  );
  const known = new Set(here);
  for (const [i, v] of f.versions.entries()) {
    const lacking = [v.parentId, v.targetId].some((id) => id !== null && !known.has(id));
    if (lacking)
      refuse('backup.torn', `backup.formulas.versions[${i}]`, {
        what: (v.name || f.title || v.id).slice(0, 60),
      });
    known.add(v.id);
  }
  const strange = await db
    .select({ id: version.id })
    .from(version)
    .where(
      and(
        inArray(
          version.id,
          f.versions.map((v) => v.id),
        ),
        sql`${version.formulaId} <> ${f.id}`,
      ),
    );
  if (strange.length > 0) refuse('version.otherFormula', 'backup.formulas.versions');
  return here;
}

async function formulaIn(db: Tx, f: BackupFormula): Promise<{ added: number; there: number }> {
  const old = await checkWhole(db, f);
  const values = {
    title: f.title,
    classId: f.classId,
    createdAt: new Date(f.createdAt),
    updatedAt: new Date(f.updatedAt),
    archivedAt: f.archived ? new Date(f.updatedAt) : null,
  };
  // One that was deleted here comes back; one that is here keeps the title it has.
  const [made] = await db
    .insert(formula)
    .values({ id: f.id, ...values })
    .onConflictDoUpdate({ target: formula.id, set: { deletedAt: null } })
    .returning({ fresh: sql<boolean>`xmax = 0` });
  const fresh = f.versions.filter((v) => !old.has(v.id));
  for (const { mark, createdAt, ...v } of fresh) {
    await append(db, { ...v, formulaId: f.id, createdAt: new Date(createdAt) });
    if (mark) await db.insert(versionMark).values({ versionId: v.id, ...mark });
  }
  if (f.draft && made!.fresh) await db.insert(draft).values({ formulaId: f.id, rev: 1, doc: f.draft });
  const isNew = made!.fresh || fresh.length > 0;
  return { added: Number(isNew), there: Number(!isNew) };
}

async function pantryIn(db: Tx, rows: Backup['pantry']): Promise<{ added: number; there: number }> {
  const items = [...new Map(rows.map((r) => [r.itemId, r.gone])).entries()];
  const oldItems = await there(
    db,
    pantryItem,
    items.map(([id]) => id),
  );
  const newItems = items.filter(([id]) => !oldItems.has(id));
  if (newItems.length > 0)
    await db
      .insert(pantryItem)
      .values(newItems.map(([id, gone]) => ({ id, deletedAt: gone ? new Date() : null })));
  const old = await there(
    db,
    pantryRevision,
    rows.map((r) => r.id),
  );
  const fresh = rows.filter((r) => !old.has(r.id));
  if (fresh.length > 0)
    await db
      .insert(pantryRevision)
      .values(
        fresh.map(({ id, itemId, rev, doc, createdAt }) => ({
          id,
          itemId,
          rev,
          doc,
          createdAt: new Date(createdAt),
        })),
      )
      // A thing that was changed here since keeps its own revision.
      .onConflictDoNothing();
  return { added: newItems.length, there: oldItems.size };
}

async function listIn<Doc extends object>(
  db: Tx,
  table: ListTable<Doc>,
  rows: readonly (Doc & { id: string })[],
): Promise<{ added: number; there: number }> {
  const old = await there(
    db,
    table,
    rows.map((r) => r.id),
  );
  const fresh = rows.filter((r) => !old.has(r.id));
  // Lists stand in the order they were added: one transaction has one now.
  const now = Date.now();
  for (const [i, { id, ...doc }] of fresh.entries())
    await db
      .insert(table)
      .values({ id, doc, createdAt: new Date(now + i) } as unknown as typeof table.$inferInsert);
  return { added: fresh.length, there: old.size };
}

/**
 * Brings in what is not here yet, told by its id; what is here stays as it is, and no kept version is ever changed. All
 * of it or nothing. The kitchen is one and is taken whole, where it is wanted.
 */
export async function restoreBackup(db: Db, backup: Backup, kitchen: boolean): Promise<Restored> {
  return db.transaction(async (tx) => {
    const counts = [
      await pantryIn(tx, backup.pantry),
      await listIn(tx, eater, backup.eaters),
      await listIn(tx, way, backup.ways),
    ];
    for (const f of backup.formulas) counts.push(await formulaIn(tx, f));
    if (kitchen && backup.kitchen) await putKitchen(tx, { ...DEFAULT_KITCHEN, ...backup.kitchen });
    return {
      added: counts.reduce((s, c) => s + c.added, 0),
      there: counts.reduce((s, c) => s + c.there, 0),
      kitchen: kitchen && backup.kitchen !== null,
    };
  });
}
