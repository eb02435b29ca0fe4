import { eq } from 'drizzle-orm';
import { DEFAULT_KITCHEN, type Kitchen } from '../../contract/dto';
import type { OwnKitDoc } from '../../core/classes';
import type { Eater } from '../../core/exclusions';
import type { Db } from '../db/open';
import { eater, kitchen, way } from '../db/schema';
import { docList } from './lists';

/** Whom one bakes for. */
export const eaters = docList<Eater>(eater, 'eater.notFound');
/** Ways of the baker's own to stand in for what leaves. */
export const ways = docList<OwnKitDoc>(way, 'way.notFound');

const ONLY = 1;

export async function getKitchen(db: Db): Promise<Kitchen> {
  const [row] = await db.select().from(kitchen).where(eq(kitchen.id, ONLY));
  return { ...DEFAULT_KITCHEN, ...row?.doc };
}

export async function putKitchen(db: Db, doc: Kitchen): Promise<Kitchen> {
  await db.insert(kitchen).values({ id: ONLY, doc }).onConflictDoUpdate({ target: kitchen.id, set: { doc } });
  return doc;
}
