import type {
  BackupHead,
  BackupLine,
  BackupPhoto,
  BackupRun,
  BackupTrial,
  Restored,
} from '../../contract/backup';
import { DEFAULT_KITCHEN, type PantryRow } from '../../contract/dto';
import type { Db } from '../db/open';
import {
  bakeDay,
  benchEvent,
  benchRun,
  eater,
  experiment,
  pantryItem,
  pantryRevision,
  photo,
  tasting,
  trial,
  way,
  type ListTable,
} from '../db/schema';
import { formulasIn, type Counts, type Whole } from './backup-formulas';
import { refuse } from './fail';
import { photoColumns, trialColumns } from './notebook';
import { getKitchen, putKitchen } from './kitchen';

/** What is brought in with one round of queries: so many formulas, or so many versions of them. */
const FORMULAS_AT_ONCE = 64;
const VERSIONS_AT_ONCE = 200;
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
