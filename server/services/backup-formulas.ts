import { eq, inArray, sql } from 'drizzle-orm';
import type { BackupFormula, BackupVersion } from '../../contract/backup';
import type { DraftDoc } from '../../contract/dto';
import { fold } from '../../core/explain';
import type { Db } from '../db/open';
import { aside, draft, formula, version, versionMark } from '../db/schema';
import { refuse } from './fail';
import { shelfColumns } from './versions';

/** What came in, and what was there already. */
export type Counts = { added: number; there: number };
/** Versions written with one statement: some hundred kilobytes of it. */
const VERSIONS_A_STATEMENT = 64;

/** A formula with all that belongs to it. */
export type Whole = {
  formula: BackupFormula;
  /** With the texts they came as. */
  versions: { version: BackupVersion; text: string }[];
  draft: DraftDoc | null;
  aside: DraftDoc[];
};

/**
 * Versions written as the texts they came as, which the store takes apart itself: nothing is made of them here and made
 * to text again.
 */
async function versionsIn(db: Db, rows: readonly { of: string; seq: number; text: string }[]): Promise<void> {
  for (let at = 0; at < rows.length; at += VERSIONS_A_STATEMENT) {
    const lines = rows
      .slice(at, at + VERSIONS_A_STATEMENT)
      .map(({ of, seq, text }) => `{"of":"${of}","seq":${seq},"line":${text}}`);
    await db.execute(sql`
      insert into version (id, formula_id, parent_id, target_version_id, seq, name, note, avoids, doc, schema,
        core_version, data_version, request, created_at)
      select (v->>'id')::uuid, r.of, (v->>'parentId')::uuid, (v->>'targetId')::uuid, r.seq, v->>'name', v->>'note',
        v->'doc'->'avoids', v->'doc', (v->'doc'->>'schema')::int, v->>'coreVersion', v->>'dataVersion', v->'request',
        (v->>'createdAt')::timestamptz
      from jsonb_to_recordset(${`[${lines.join(',')}]`}::jsonb) as r("of" uuid, seq int, line jsonb),
        lateral (select r.line->'version' as v) as inside`);
  }
}

/** The versions of a group that are here already, with the formula each is of. */
async function versionsHere(db: Db, group: readonly Whole[]): Promise<Map<string, string>> {
  const asked = group.flatMap((g) => g.versions.map((v) => v.version.id));
  if (asked.length === 0) return new Map();
  const rows = await db
    .select({ id: version.id, of: version.formulaId })
    .from(version)
    .where(inArray(version.id, asked));
  return new Map(rows.map((v) => [v.id, v.of]));
}

/** Puts a formula there, or brings to one that is here how many versions it has now. `last` is undefined for a new one. */
async function putFormula(
  db: Db,
  f: BackupFormula,
  added: readonly BackupVersion[],
  last: number | undefined,
): Promise<void> {
  const shown = shelfColumns(added);
  if (last === undefined)
    await db.insert(formula).values({
      id: f.id,
      title: f.title,
      folded: fold(f.title),
      classId: f.classId,
      createdAt: new Date(f.createdAt),
      updatedAt: new Date(f.updatedAt),
      archivedAt: f.archived ? new Date(f.updatedAt) : null,
      lastSeq: added.length,
      kept: shown.kept,
      lines: shown.lines ?? 0,
    });
  // One that was deleted here comes back; one that is here keeps the title it has.
  else
    await db
      .update(formula)
      .set({
        deletedAt: null,
        lastSeq: last + added.length,
        ...(shown.kept.length > 0
          ? { kept: sql`${formula.kept} || ${JSON.stringify(shown.kept)}::jsonb` }
          : {}),
        ...(shown.lines === null ? {} : { lines: shown.lines }),
      })
      .where(eq(formula.id, f.id));
}

/** What was being worked on of formulas that are new here. */
async function draftsIn(db: Db, fresh: readonly Whole[]): Promise<void> {
  const drafts = fresh.flatMap((g) => (g.draft ? [{ formulaId: g.formula.id, rev: 1, doc: g.draft }] : []));
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
  const beside = fresh.flatMap((g) => g.aside.map((doc) => ({ formulaId: g.formula.id, doc })));
  if (beside.length > 0) await db.insert(aside).values(beside);
}

/** Formulas with what belongs to them. Of one that is here only the versions that are not. */
export async function formulasIn(db: Db, group: readonly Whole[]): Promise<Counts> {
  const ids = group.map((g) => g.formula.id);
  const old = new Map(
    (
      await db
        .select({ id: formula.id, last: formula.lastSeq })
        .from(formula)
        .where(inArray(formula.id, ids))
        .for('update')
    ).map((r) => [r.id, r.last]),
  );
  const here = await versionsHere(db, group);
  const rows: { of: string; seq: number; text: string }[] = [];
  const counts = { added: 0, there: 0 };
  for (const { formula: f, versions } of group) {
    if (versions.some((v) => here.has(v.version.id) && here.get(v.version.id) !== f.id))
      refuse('version.otherFormula', '', { what: f.title.slice(0, 60) });
    const added = versions.filter((v) => !here.has(v.version.id));
    const last = old.get(f.id);
    added.forEach(({ text }, i) => rows.push({ of: f.id, seq: (last ?? 0) + i + 1, text }));
    await putFormula(
      db,
      f,
      added.map((v) => v.version),
      last,
    );
    if (last === undefined || added.length > 0) counts.added += 1;
    else counts.there += 1;
  }
  await versionsIn(db, rows);
  const marks = group
    .flatMap((g) => g.versions)
    .flatMap(({ version: v }) => (v.mark && !here.has(v.id) ? [{ versionId: v.id, ...v.mark }] : []));
  if (marks.length > 0) await db.insert(versionMark).values(marks);
  await draftsIn(
    db,
    group.filter((g) => !old.has(g.formula.id)),
  );
  return counts;
}
