import { eq, inArray, isNotNull, sql } from 'drizzle-orm';
import { DEFAULT_KITCHEN, type Kitchen, type KitchenRow, type Put } from '../../contract/dto';
import type { BakeDay } from '../../contract/days';
import type { OwnKitDoc } from '../../core/classes';
import type { Eater } from '../../core/exclusions';
import type { Db } from '../db/open';
import type { Experiment, Tasting } from '../../core/judge';
import { bakeDay, eater, experiment, formula, kitchen, tasting, way } from '../db/schema';
import { refuse } from './fail';
import { UUID } from './ids';
import { docList } from './lists';

/** Whom one bakes for. */
export const eaters = docList<Eater>(eater, { notFound: 'eater.notFound', changed: 'eater.changed' });
/** Ways of the baker's own to stand in for what leaves. */
export const ways = docList<OwnKitDoc>(way, { notFound: 'way.notFound', changed: 'way.changed' });
/** Experiments: what is varied, in which order it is baked, what was measured. */
export const experiments = docList<Experiment>(experiment, {
  notFound: 'experiment.notFound',
  changed: 'experiment.changed',
});
/** Blind tastings: who is served what, and what they said. */
export const tastings = docList<Tasting>(tasting, {
  notFound: 'tasting.notFound',
  changed: 'tasting.changed',
});
/** Bake days. */
export const days = docList<BakeDay>(bakeDay, { notFound: 'day.notFound', changed: 'day.changed' });

/** What the kitchen says of itself; revision 0 where nothing was kept yet. */
export async function getKitchen(db: Db): Promise<KitchenRow> {
  const [row] = await db.select().from(kitchen);
  return { ...DEFAULT_KITCHEN, ...row?.doc, rev: row?.rev ?? 0 };
}

/** When each formula was last baked, for the shelf to order by. */
async function markBaked(tx: Db, doc: Kitchen): Promise<void> {
  const baked = new Map<string, string>();
  for (const { formulaId, on } of doc.timed ?? [])
    if (formulaId && UUID.test(formulaId) && on && on > (baked.get(formulaId) ?? ''))
      baked.set(formulaId, on);
  const ids = [...baked.keys()];
  await tx
    .update(formula)
    .set({ bakedAt: null })
    .where(
      ids.length > 0
        ? sql`${formula.bakedAt} is not null and not (${inArray(formula.id, ids)})`
        : isNotNull(formula.bakedAt),
    );
  for (const [id, on] of baked) await tx.update(formula).set({ bakedAt: on }).where(eq(formula.id, id));
}

/** Changes the kitchen; refused with what is there where another change came between. */
export async function putKitchen(db: Db, { rev, doc }: Put<Kitchen>): Promise<KitchenRow> {
  return db.transaction(async (tx) => {
    // The first to come makes the row, so that there is one to lock.
    await tx.insert(kitchen).values({ rev: 0, doc: DEFAULT_KITCHEN }).onConflictDoNothing();
    const [there] = await tx.select().from(kitchen).for('update');
    if (there!.rev !== rev)
      refuse(
        'kitchen.changed',
        'rev',
        { rev, current: there!.rev },
        { ...DEFAULT_KITCHEN, ...there!.doc, rev: there!.rev },
      );
    await tx
      .update(kitchen)
      .set({ rev: rev + 1, doc })
      .where(eq(kitchen.kitchenId, there!.kitchenId));
    await markBaked(tx, doc);
    return { ...doc, rev: rev + 1 };
  });
}
