import { eq, inArray, sql } from 'drizzle-orm';
import type {
  BackupFormula,
  BackupHead,
  BackupLine,
  BackupPhoto,
  BackupRun,
  BackupTrial,
  BackupVersion,
  Restored,
} from '../../contract/backup';
import { DEFAULT_KITCHEN, type DraftDoc, type PantryRow } from '../../contract/dto';
import { fold } from '../../core/explain';
import type { Db } from '../db/open';
import {
  aside,
  draft,
  bakeDay,
  benchEvent,
  benchRun,
  eater,
  experiment,
  formula,
  pantryItem,
  pantryRevision,
  photo,
  tasting,
  trial,
  version,
  versionMark,
  way,
  type ListTable,
} from '../db/schema';
import { refuse } from './fail';
import { photoColumns, trialColumns } from './notebook';
import { getKitchen, putKitchen } from './kitchen';
import { shelfColumns } from './versions';

type Counts = { added: number; there: number };
/** What is brought in with one round of queries: so many formulas, or so many versions of them. */
const FORMULAS_AT_ONCE = 64;
const VERSIONS_AT_ONCE = 200;
/** Versions written with one statement: some hundred kilobytes of it. */
const VERSIONS_A_STATEMENT = 64;
const EVENTS_A_STATEMENT = 1000;
const TRIALS_A_STATEMENT = 200;

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

/** Formulas with what belongs to them. Of one that is here only the versions that are not. */
async function formulasIn(db: Db, group: readonly Whole[]): Promise<Counts> {
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
  const asked = group.flatMap((g) => g.versions.map((v) => v.version.id));
  const here = new Map<string, string>();
  if (asked.length > 0)
    for (const v of await db
      .select({ id: version.id, of: version.formulaId })
      .from(version)
      .where(inArray(version.id, asked)))
      here.set(v.id, v.of);
  const rows: { of: string; seq: number; text: string }[] = [];
  const counts = { added: 0, there: 0 };
  for (const { formula: f, versions } of group) {
    if (versions.some((v) => here.has(v.version.id) && here.get(v.version.id) !== f.id))
      refuse('version.otherFormula', '', { what: f.title.slice(0, 60) });
    const added = versions.filter((v) => !here.has(v.version.id));
    const last = old.get(f.id);
    added.forEach(({ text }, i) => rows.push({ of: f.id, seq: (last ?? 0) + i + 1, text }));
    const shown = shelfColumns(added.map((v) => v.version));
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
    if (last === undefined || added.length > 0) counts.added += 1;
    else counts.there += 1;
  }
  await versionsIn(db, rows);
  const isFresh = (g: Whole): boolean => !old.has(g.formula.id);
  const marks = group
    .flatMap((g) => g.versions)
    .flatMap(({ version: v }) => (v.mark && !here.has(v.id) ? [{ versionId: v.id, ...v.mark }] : []));
  if (marks.length > 0) await db.insert(versionMark).values(marks);
  const drafts = group.flatMap((g) =>
    g.draft && isFresh(g) ? [{ formulaId: g.formula.id, rev: 1, doc: g.draft }] : [],
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
    isFresh(g) ? g.aside.map((doc) => ({ formulaId: g.formula.id, doc })) : [],
  );
  if (beside.length > 0) await db.insert(aside).values(beside);
  return counts;
}

/** A run that is not here yet, with its events. */
async function runIn(db: Db, { id, doc, events }: BackupRun): Promise<Counts> {
  const made = await db
    .insert(benchRun)
    .values({ id, doc })
    .onConflictDoNothing()
    .returning({ id: benchRun.id });
  if (made.length === 0) return { added: 0, there: 1 };
  for (let from = 0; from < events.length; from += EVENTS_A_STATEMENT)
    await db
      .insert(benchEvent)
      .values(
        events
          .slice(from, from + EVENTS_A_STATEMENT)
          .map((e, i) => ({ id: e.id, runId: id, seq: from + i + 1, at: new Date(e.at), doc: e.doc })),
      )
      .onConflictDoNothing();
  return { added: 1, there: 0 };
}

async function trialsIn(db: Db, rows: readonly BackupTrial[]): Promise<Counts> {
  if (rows.length === 0) return { added: 0, there: 0 };
  const made = await db
    .insert(trial)
    .values(rows.map(({ id, doc }) => ({ id, ...trialColumns(doc) })))
    .onConflictDoNothing()
    .returning({ id: trial.id });
  return { added: made.length, there: rows.length - made.length };
}

/** A photo whose bytes are what its hash says; another is refused. */
async function photoIn(db: Db, { hash, data }: BackupPhoto): Promise<Counts> {
  const columns = photoColumns(Buffer.from(data, 'base64'));
  if (columns?.hash !== hash) refuse('photo.notJpeg', '', { hash: hash.slice(0, 12) });
  const made = await db.insert(photo).values(columns).onConflictDoNothing().returning({ hash: photo.hash });
  return { added: made.length, there: 1 - made.length };
}

async function headIn(db: Db, head: BackupHead, kitchen: boolean): Promise<Counts> {
  const counts = [
    await listIn(db, eater, head.eaters),
    await listIn(db, way, head.ways),
    await listIn(db, bakeDay, head.days ?? []),
    await listIn(db, tasting, head.tastings ?? []),
    await listIn(db, experiment, head.experiments ?? []),
  ];
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
  lines: AsyncIterable<{ line: BackupLine; text: string }>,
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
    let trials: BackupTrial[] = [];
    const flush = async () => {
      if (group.length > 0) add(await formulasIn(tx, group));
      add(await trialsIn(tx, trials));
      trials = [];
      group = [];
      held = 0;
      tell(done);
    };
    for await (const { line, text } of lines) {
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
        group.at(-1)!.versions.push({ version: line.version, text });
        held += 1;
      } else if ('run' in line) {
        await flush();
        add(await runIn(tx, line.run));
      } else if ('trial' in line) {
        trials.push(line.trial);
        if (trials.length >= TRIALS_A_STATEMENT) await flush();
      } else if ('photo' in line) {
        await flush();
        add(await photoIn(tx, line.photo));
      } else if ('draft' in line) group.at(-1)!.draft = line.draft;
      else if ('aside' in line) group.at(-1)!.aside.push(line.aside);
    }
    await flush();
    return { ...sum, kitchen: taken };
  });
}
