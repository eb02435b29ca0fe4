import { inArray, sql } from 'drizzle-orm';
import type { BackupFormula, BackupHead, BackupLine, BackupVersion, Restored } from '../../contract/backup';
import { DEFAULT_KITCHEN, type DraftDoc, type PantryRow } from '../../contract/dto';
import { fold } from '../../core/explain';
import type { Db } from '../db/open';
import {
  aside,
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
import { refuse } from './fail';
import { getKitchen, putKitchen } from './kitchen';
import { append } from './versions';

type Counts = { added: number; there: number };
/** What is brought in with one round of queries: so many formulas, or so many versions of them. */
const FORMULAS_AT_ONCE = 64;
const VERSIONS_AT_ONCE = 200;
/** Versions written with one statement: some hundred kilobytes of it. */
const VERSIONS_A_STATEMENT = 16;

async function pantryIn(db: Db, rows: readonly PantryRow[]): Promise<Counts> {
  const items = [...new Map(rows.map((r) => [r.itemId, r.gone])).entries()];
  const made = await db
    .insert(pantryItem)
    .values(items.map(([id, gone]) => ({ id, deletedAt: gone ? new Date() : null })))
    .onConflictDoNothing()
    .returning({ id: pantryItem.id });
  await db
    .insert(pantryRevision)
    .values(
      rows.map(({ id, itemId, rev, doc, createdAt }) => ({
        id,
        itemId,
        rev,
        doc,
        createdAt: new Date(createdAt),
      })),
    )
    // What is here stays; a thing that was changed here since keeps its own revision.
    .onConflictDoNothing();
  return { added: made.length, there: items.length - made.length };
}

async function listIn<Doc extends object>(
  db: Db,
  table: ListTable<Doc>,
  rows: readonly (Doc & { id: string })[],
): Promise<Counts> {
  if (rows.length === 0) return { added: 0, there: 0 };
  // Lists stand in the order they were added: one transaction has one now.
  const now = Date.now();
  const made = await db
    .insert(table)
    .values(
      rows.map(({ id, ...doc }, i) => ({
        id,
        doc,
        createdAt: new Date(now + i),
      })) as unknown as (typeof table.$inferInsert)[],
    )
    .onConflictDoNothing()
    .returning();
  return { added: made.length, there: rows.length - made.length };
}

type Whole = {
  formula: BackupFormula;
  versions: BackupVersion[];
  draft: DraftDoc | null;
  aside: DraftDoc[];
};

/** Formulas with what belongs to them. Of one that is here only the versions that are not. */
async function formulasIn(db: Db, group: readonly Whole[]): Promise<Counts> {
  // One that was deleted here comes back; one that is here keeps the title it has.
  const rows = await db
    .insert(formula)
    .values(
      group.map(({ formula: f }) => ({
        id: f.id,
        title: f.title,
        folded: fold(f.title),
        classId: f.classId,
        createdAt: new Date(f.createdAt),
        updatedAt: new Date(f.updatedAt),
        archivedAt: f.archived ? new Date(f.updatedAt) : null,
      })),
    )
    .onConflictDoUpdate({ target: formula.id, set: { deletedAt: null } })
    .returning({ id: formula.id, fresh: sql<boolean>`xmax = 0` });
  const fresh = new Set(rows.filter((r) => r.fresh).map((r) => r.id));
  const asked = group.flatMap((g) => g.versions.map((v) => v.id));
  const here = new Map<string, string>();
  if (asked.length > 0)
    for (const v of await db
      .select({ id: version.id, of: version.formulaId })
      .from(version)
      .where(inArray(version.id, asked)))
      here.set(v.id, v.of);
  const counts = { added: 0, there: 0 };
  for (const { formula: f, versions } of group) {
    if (versions.some((v) => here.has(v.id) && here.get(v.id) !== f.id))
      refuse('version.otherFormula', '', { what: f.title.slice(0, 60) });
    const added = versions.filter((v) => !here.has(v.id));
    for (let at = 0; at < added.length; at += VERSIONS_A_STATEMENT)
      await append(
        db,
        f.id,
        added.slice(at, at + VERSIONS_A_STATEMENT).map(({ mark: _mark, createdAt, ...v }) => ({
          ...v,
          formulaId: f.id,
          createdAt: new Date(createdAt),
        })),
      );
    if (fresh.has(f.id) || added.length > 0) counts.added += 1;
    else counts.there += 1;
  }
  const marks = group
    .flatMap((g) => g.versions)
    .flatMap((v) => (v.mark && !here.has(v.id) ? [{ versionId: v.id, ...v.mark }] : []));
  if (marks.length > 0) await db.insert(versionMark).values(marks);
  const drafts = group.flatMap((g) =>
    g.draft && fresh.has(g.formula.id) ? [{ formulaId: g.formula.id, rev: 1, doc: g.draft }] : [],
  );
  if (drafts.length > 0) {
    await db.insert(draft).values(drafts);
    await db
      .update(formula)
      .set({ draftRev: 1 })
      .where(
        inArray(
          formula.id,
          drafts.map((d) => d.formulaId),
        ),
      );
  }
  const beside = group.flatMap((g) =>
    fresh.has(g.formula.id) ? g.aside.map((doc) => ({ formulaId: g.formula.id, doc })) : [],
  );
  if (beside.length > 0) await db.insert(aside).values(beside);
  return counts;
}

async function headIn(db: Db, head: BackupHead, kitchen: boolean): Promise<Counts> {
  const counts = [await listIn(db, eater, head.eaters), await listIn(db, way, head.ways)];
  if (kitchen && head.kitchen)
    await putKitchen(db, { rev: (await getKitchen(db)).rev, doc: { ...DEFAULT_KITCHEN, ...head.kitchen } });
  return {
    added: counts.reduce((s, c) => s + c.added, 0),
    there: counts.reduce((s, c) => s + c.there, 0),
  };
}

/**
 * Brings in what is not here yet, told by its id; what is here stays as it is, and no kept version is ever changed. All
 * of a file or nothing. The kitchen is one and is taken whole, where it is wanted. `tell` hears how many lines are done.
 */
export async function restoreLines(
  db: Db,
  lines: AsyncIterable<BackupLine>,
  kitchen: boolean,
  tell: (done: number) => void,
): Promise<Restored> {
  return db.transaction(async (tx) => {
    const sum = { added: 0, there: 0 };
    const add = ({ added, there }: Counts) => {
      sum.added += added;
      sum.there += there;
    };
    let taken = false;
    let done = 0;
    let group: Whole[] = [];
    let held = 0;
    const flush = async () => {
      if (group.length > 0) add(await formulasIn(tx, group));
      group = [];
      held = 0;
      tell(done);
    };
    for await (const line of lines) {
      done += 1;
      if ('head' in line) {
        add(await headIn(tx, line.head, kitchen));
        taken = kitchen && line.head.kitchen !== null;
      } else if ('pantry' in line) {
        if (line.pantry.length > 0) add(await pantryIn(tx, line.pantry));
        tell(done);
      } else if ('formula' in line) {
        if (group.length >= FORMULAS_AT_ONCE || held >= VERSIONS_AT_ONCE) await flush();
        group.push({ formula: line.formula, versions: [], draft: null, aside: [] });
      } else if ('version' in line) {
        group.at(-1)!.versions.push(line.version);
        held += 1;
      } else if ('draft' in line) group.at(-1)!.draft = line.draft;
      else if ('aside' in line) group.at(-1)!.aside.push(line.aside);
    }
    await flush();
    return { ...sum, kitchen: taken };
  });
}
