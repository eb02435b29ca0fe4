import { setTimeout } from 'node:timers/promises';
import { and, asc, eq, gt, inArray, isNull, sql } from 'drizzle-orm';
import {
  BACKUP_EDITION,
  type BackupFormula,
  type BackupHead,
  type BackupLine,
  type BackupPhoto,
  type BackupRun,
  type BackupTrial,
} from '../../contract/backup';
import type { PantryRow } from '../../contract/dto';
import type { Db } from '../db/open';
import {
  aside,
  benchEvent,
  benchRun,
  draft,
  formula,
  pantryRevision,
  photo,
  trial,
  version,
  versionMark,
} from '../db/schema';
import { days, eaters, experiments, getKitchen, tastings, ways } from './kitchen';
import { type RevisionRow, selectRevisions, toPantryRow } from './pantry';

/** Rows asked for at a time: each page is a query of its own, so that others have their turn between. */
const PANTRY_PAGE = 200;
const FORMULA_PAGE = 64;
const VERSION_PAGE = 16;
const RUN_PAGE = 16;
const TRIAL_PAGE = 200;
/** A page is followed by a rest of so many times as long as it took: half the machine is left to whoever else asks. */
const REST = 1;

const lineOf = (line: BackupLine): string => `${JSON.stringify(line)}\n`;

async function* pantryLines(db: Db): AsyncGenerator<PantryRow[]> {
  let after: string | null = null;
  for (;;) {
    const rows: RevisionRow[] = await selectRevisions(db)
      .where(after === null ? undefined : gt(pantryRevision.id, after))
      .orderBy(asc(pantryRevision.id))
      .limit(PANTRY_PAGE);
    if (rows.length === 0) return;
    yield rows.map(toPantryRow);
    after = rows.at(-1)!.id;
  }
}

/** Documents are taken as the text the store has and put into the line as they are: nothing is parsed on the way. */
const asText = <T>(column: T) => sql<string>`${column}::text`;

/** Versions of some formulas, in the order of the formulas' ids, first to last in each. */
async function* versionLines(db: Db, ids: readonly string[]): AsyncGenerator<{ of: string; line: string }> {
  type Row = {
    of: string;
    seq: number;
    createdAt: Date;
    doc: string;
    request: string;
    mark: typeof versionMark.$inferSelect | null;
  };
  let after: { of: string; seq: number } | null = null;
  for (;;) {
    const asked = performance.now();
    const rows: Row[] = await db
      .select({
        of: version.formulaId,
        seq: version.seq,
        id: version.id,
        parentId: version.parentId,
        targetId: version.targetId,
        name: version.name,
        note: version.note,
        coreVersion: version.coreVersion,
        dataVersion: version.dataVersion,
        createdAt: version.createdAt,
        doc: asText(version.doc),
        request: asText(version.request),
        mark: versionMark,
      })
      .from(version)
      .leftJoin(versionMark, eq(versionMark.versionId, version.id))
      .where(
        and(
          inArray(version.formulaId, [...ids]),
          after
            ? sql`(${version.formulaId}, ${version.seq}) > (${after.of}::uuid, ${after.seq}::int)`
            : undefined,
        ),
      )
      .orderBy(asc(version.formulaId), asc(version.seq))
      .limit(VERSION_PAGE);
    if (rows.length === 0) return;
    for (const { of, seq: _seq, doc, request, mark, createdAt, ...row } of rows) {
      const meta = {
        ...row,
        createdAt: createdAt.toISOString(),
        mark: mark && {
          star: mark.star,
          ...(mark.name === null ? {} : { name: mark.name }),
          ...(mark.note === null ? {} : { note: mark.note }),
        },
      };
      yield {
        of,
        line: `{"version":${JSON.stringify(meta).slice(0, -1)},"doc":${doc},"request":${request}}}\n`,
      };
    }
    const { of, seq } = rows.at(-1)!;
    after = { of, seq };
    await setTimeout(REST * (performance.now() - asked));
  }
}

/** Everything as lines of text, a page at a time: however much there is, no more than a page is held. */
export async function* backupText(db: Db): AsyncGenerator<string> {
  const withoutRev = <R extends { rev: number }>({ rev: _rev, ...row }: R) => row;
  const head: BackupHead = {
    newCrumb: BACKUP_EDITION,
    madeAt: new Date().toISOString(),
    eaters: (await eaters.list(db)).map(withoutRev),
    ways: (await ways.list(db)).map(withoutRev),
    days: (await days.list(db)).map(withoutRev),
    tastings: (await tastings.list(db)).map(withoutRev),
    experiments: (await experiments.list(db)).map(withoutRev),
    kitchen: withoutRev(await getKitchen(db)),
  };
  yield lineOf({ head });
  const end = { formulas: 0, versions: 0, pantry: 0, copies: 0, runs: 0, trials: 0, photos: 0 };
  for await (const pantry of pantryLines(db)) {
    end.pantry += pantry.length;
    yield lineOf({ pantry });
  }
  let after: string | null = null;
  for (;;) {
    const page: (typeof formula.$inferSelect)[] = await db
      .select()
      .from(formula)
      .where(and(isNull(formula.deletedAt), after === null ? undefined : gt(formula.id, after)))
      .orderBy(asc(formula.id))
      .limit(FORMULA_PAGE);
    if (page.length === 0) break;
    const ids = page.map((f) => f.id);
    const drafts = await db.select().from(draft).where(inArray(draft.formulaId, ids));
    const beside = await db
      .select()
      .from(aside)
      .where(and(inArray(aside.formulaId, ids), isNull(aside.deletedAt)))
      .orderBy(asc(aside.createdAt), asc(aside.id));
    end.copies += drafts.length + beside.length;
    const tail = (id: string): string =>
      [
        ...drafts.filter((d) => d.formulaId === id).map((d) => lineOf({ draft: d.doc })),
        ...beside.filter((a) => a.formulaId === id).map((a) => lineOf({ aside: a.doc })),
      ].join('');
    let at = -1;
    for await (const { of, line } of versionLines(db, ids)) {
      end.versions += 1;
      let before = '';
      while (at < 0 || page[at]!.id !== of) {
        if (at >= 0) before += tail(page[at]!.id);
        at += 1;
        before += lineOf({ formula: formulaOut(page[at]!) });
      }
      yield before + line;
    }
    // Those after the last version, of which there are none as long as each formula has a source.
    for (; at < page.length; at++) {
      if (at >= 0) yield tail(page[at]!.id);
      if (at + 1 < page.length) yield lineOf({ formula: formulaOut(page[at + 1]!) });
    }
    end.formulas += page.length;
    after = ids.at(-1)!;
  }
  for await (const run of runLines(db)) {
    end.runs += 1;
    yield lineOf({ run });
  }
  for await (const trial of trialLines(db)) {
    end.trials += 1;
    yield lineOf({ trial });
  }
  for await (const photo of photoLines(db)) {
    end.photos += 1;
    yield lineOf({ photo });
  }
  yield lineOf({ end });
}

/** Bench runs, each with all that happened in it. */
async function* runLines(db: Db): AsyncGenerator<BackupRun> {
  let after: string | null = null;
  for (;;) {
    const rows: { id: string; doc: BackupRun['doc'] }[] = await db
      .select({ id: benchRun.id, doc: benchRun.doc })
      .from(benchRun)
      .where(and(isNull(benchRun.deletedAt), after === null ? undefined : gt(benchRun.id, after)))
      .orderBy(asc(benchRun.id))
      .limit(RUN_PAGE);
    if (rows.length === 0) return;
    for (const { id, doc } of rows) {
      const events = await db
        .select({ id: benchEvent.id, at: benchEvent.at, doc: benchEvent.doc })
        .from(benchEvent)
        .where(eq(benchEvent.runId, id))
        .orderBy(asc(benchEvent.seq));
      yield { id, doc, events: events.map((e) => ({ ...e, at: e.at.getTime() })) };
    }
    after = rows.at(-1)!.id;
  }
}

async function* trialLines(db: Db): AsyncGenerator<BackupTrial> {
  let after: string | null = null;
  for (;;) {
    const rows: BackupTrial[] = await db
      .select({ id: trial.id, doc: trial.doc })
      .from(trial)
      .where(and(isNull(trial.deletedAt), after === null ? undefined : gt(trial.id, after)))
      .orderBy(asc(trial.id))
      .limit(TRIAL_PAGE);
    if (rows.length === 0) return;
    yield* rows;
    after = rows.at(-1)!.id;
  }
}

/** Photos one by one: each is as large as many lines. */
async function* photoLines(db: Db): AsyncGenerator<BackupPhoto> {
  let after: string | null = null;
  for (;;) {
    const asked = performance.now();
    const [row]: { hash: string; wide: number; high: number; bytes: Buffer }[] = await db
      .select({ hash: photo.hash, wide: photo.wide, high: photo.high, bytes: photo.bytes })
      .from(photo)
      .where(after === null ? undefined : gt(photo.hash, after))
      .orderBy(asc(photo.hash))
      .limit(1);
    if (!row) return;
    const { bytes, ...rest } = row;
    yield { ...rest, data: bytes.toString('base64') };
    after = row.hash;
    await setTimeout(REST * (performance.now() - asked));
  }
}

const formulaOut = (row: typeof formula.$inferSelect): BackupFormula => ({
  id: row.id,
  title: row.title,
  classId: row.classId,
  createdAt: row.createdAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
  archived: row.archivedAt !== null,
});
