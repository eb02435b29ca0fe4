import { and, asc, desc, eq, gt, inArray, isNull, max } from 'drizzle-orm';
import type { AddEvents, BenchRun, RunDetail, RunRow } from '../../contract/bench';
import type { BenchEvent } from '../../core/bench';
import type { Db } from '../db/open';
import { benchEvent, benchRun } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';

const rowOf = ({ id, doc }: { id: string; doc: BenchRun }): RunRow => ({ ...doc, id });
const lost = (id: string): never => refuse('run.notFound', 'id', { id: id.slice(0, 60) });

export async function listRuns(db: Db): Promise<RunRow[]> {
  const rows = await db
    .select({ id: benchRun.id, doc: benchRun.doc })
    .from(benchRun)
    .where(isNull(benchRun.deletedAt))
    .orderBy(desc(benchRun.createdAt), asc(benchRun.id))
    .limit(200);
  return rows.map(rowOf);
}

async function living(db: Db, id: string): Promise<RunRow> {
  const [row] = UUID.test(id)
    ? await db
        .select({ id: benchRun.id, doc: benchRun.doc })
        .from(benchRun)
        .where(and(eq(benchRun.id, id), isNull(benchRun.deletedAt)))
    : [];
  return row ? rowOf(row) : lost(id);
}

/** Events of a run after a number, in order, with the number of the last. */
export async function eventsAfter(
  db: Db,
  id: string,
  after = 0,
): Promise<{ events: BenchEvent[]; last: number }> {
  const rows = await db
    .select({ seq: benchEvent.seq, id: benchEvent.id, at: benchEvent.at, doc: benchEvent.doc })
    .from(benchEvent)
    .where(and(eq(benchEvent.runId, id), gt(benchEvent.seq, after)))
    .orderBy(asc(benchEvent.seq));
  return {
    events: rows.map((r) => ({ ...r.doc, id: r.id, at: r.at.getTime() })),
    last: rows.at(-1)?.seq ?? after,
  };
}

export async function createRun(db: Db, doc: BenchRun): Promise<RunRow> {
  const [row] = await db.insert(benchRun).values({ doc }).returning();
  return rowOf(row!);
}

export async function getRun(db: Db, id: string): Promise<RunDetail> {
  return { ...(await living(db, id)), events: (await eventsAfter(db, id)).events };
}

/** Adds what happened, each once however often it is sent; who adds waits for the row of the run, so that numbers follow. */
export async function addEvents(db: Db, id: string, { events }: AddEvents): Promise<RunDetail> {
  const now = Date.now();
  await db.transaction(async (tx) => {
    await living(tx, id);
    await tx.select({ id: benchRun.id }).from(benchRun).where(eq(benchRun.id, id)).for('update');
    const known = new Set(
      (
        await tx
          .select({ id: benchEvent.id })
          .from(benchEvent)
          .where(
            inArray(
              benchEvent.id,
              events.map((e) => e.id),
            ),
          )
      ).map((r) => r.id),
    );
    const [most] = await tx
      .select({ seq: max(benchEvent.seq) })
      .from(benchEvent)
      .where(eq(benchEvent.runId, id));
    const fresh = events.filter((e, i) => !known.has(e.id) && events.findIndex((x) => x.id === e.id) === i);
    if (fresh.length > 0)
      await tx.insert(benchEvent).values(
        fresh.map(({ id: eventId, agoMs, doc }, i) => ({
          id: eventId,
          runId: id,
          seq: (most?.seq ?? 0) + 1 + i,
          at: new Date(now - agoMs),
          doc,
        })),
      );
  });
  return getRun(db, id);
}

export async function removeRun(db: Db, id: string): Promise<void> {
  await living(db, id);
  await db.update(benchRun).set({ deletedAt: new Date() }).where(eq(benchRun.id, id));
}
