import { and, asc, count, desc, eq, isNull, lt, ne, sql } from 'drizzle-orm';
import type {
  ChangePerson,
  Deed,
  DeedQuery,
  NewPassphrase,
  NewPerson,
  Pairing,
  Person,
  SessionRow,
} from '../../contract/people';
import type { Db } from '../db/open';
import { deed, house, person, session } from '../db/people-schema';
import { refuse } from '../services/fail';
import { UUID } from '../services/ids';
import { checkHardToGuess, endAll, endSession, newPairing, personOf, signInOf, type Who } from './door';
import { hashPassphrase, isPassphrase } from './secrets';

const DEEDS_A_PAGE = 100;
const lost = (id: string): never => refuse('person.notFound', 'id', { id: id.slice(0, 60) });

/** What a kitchen is called. */
export async function kitchenName(db: Db): Promise<string> {
  const [row] = await db.select({ name: house.name }).from(house);
  return row?.name ?? '';
}

export async function listPeople(db: Db): Promise<Person[]> {
  const rows = await db
    .select()
    .from(person)
    .where(isNull(person.deletedAt))
    .orderBy(asc(person.createdAt), asc(person.id));
  return rows.map(personOf);
}

async function living(db: Db, id: string): Promise<typeof person.$inferSelect> {
  const [row] = UUID.test(id)
    ? await db
        .select()
        .from(person)
        .where(and(eq(person.id, id), isNull(person.deletedAt)))
        .for('update')
    : [];
  return row ?? lost(id);
}

/** Adds somebody: with what they type to sign in and a passphrase, or neither, who then comes by a code on a phone. */
export async function createPerson(db: Db, { name, role, signIn, passphrase }: NewPerson): Promise<Person> {
  if ((signIn === null) !== (passphrase === null))
    refuse('body.invalid', signIn === null ? 'signIn' : 'passphrase');
  if (passphrase !== null) await checkHardToGuess(passphrase, [name, signIn ?? '']);
  const kept = passphrase === null ? null : await hashPassphrase(passphrase);
  const [row] = await db
    .insert(person)
    .values({ name, role, signIn: signIn === null ? null : signInOf(signIn), passphrase: kept })
    .onConflictDoNothing()
    .returning();
  return row ? personOf(row) : refuse('people.signInTaken', 'signIn');
}

/** Refuses what would leave a kitchen with no owner: nobody could let anyone in. */
async function refuseLastOwner(db: Db, id: string): Promise<void> {
  const [others] = await db
    .select({ n: count() })
    .from(person)
    .where(and(eq(person.role, 'owner'), isNull(person.deletedAt), ne(person.id, id)));
  if ((others?.n ?? 0) === 0) refuse('people.lastOwner', 'id');
}

/** Changes somebody. Another passphrase or role ends where they are signed in: what they could do there they may no longer. */
export async function changePerson(
  db: Db,
  who: Who,
  id: string,
  { name, role, passphrase }: ChangePerson,
): Promise<Person> {
  if (passphrase !== undefined) await checkHardToGuess(passphrase, [name ?? '']);
  const kept = passphrase === undefined ? undefined : await hashPassphrase(passphrase);
  return db.transaction(async (tx) => {
    const there = await living(tx, id);
    if (there.role === 'owner' && role !== undefined && role !== 'owner') await refuseLastOwner(tx, id);
    if (kept !== undefined && there.signIn === null) refuse('body.invalid', 'passphrase');
    const set = {
      ...(name === undefined ? {} : { name }),
      ...(role === undefined ? {} : { role }),
      ...(kept === undefined ? {} : { passphrase: kept, failed: 0, lockedUntil: null }),
    };
    if (Object.keys(set).length === 0) return personOf(there);
    const [row] = await tx.update(person).set(set).where(eq(person.id, id)).returning();
    if (kept !== undefined || (role !== undefined && role !== there.role))
      await endAll(tx, who.kitchen, id, who.person.id === id ? who.sessionId : undefined);
    return personOf(row!);
  });
}

export async function removePerson(db: Db, who: Who, id: string): Promise<void> {
  await db.transaction(async (tx) => {
    const there = await living(tx, id);
    if (there.role === 'owner') await refuseLastOwner(tx, id);
    // The name they signed in with is free again.
    await tx
      .update(person)
      .set({ deletedAt: new Date(), signIn: null, passphrase: null })
      .where(eq(person.id, id));
    await endAll(tx, who.kitchen, id);
  });
}

/** Changes the passphrase of whoever is signed in; the other devices are signed out. */
export async function changePassphrase(db: Db, who: Who, { old, passphrase }: NewPassphrase): Promise<void> {
  const there = await living(db, who.person.id);
  if (!(await isPassphrase(old, there.passphrase))) refuse('session.wrong', 'old');
  await checkHardToGuess(passphrase, [there.name, there.signIn ?? '']);
  const kept = await hashPassphrase(passphrase);
  await db.update(person).set({ passphrase: kept }).where(eq(person.id, there.id));
  await endAll(db, who.kitchen, there.id, who.sessionId);
}

const isOwner = (who: Who): boolean => who.person.role === 'owner';

/** Where one is signed in; the owner sees everyone's. */
export async function listSessions(db: Db, who: Who): Promise<SessionRow[]> {
  const rows = await db
    .select({ session, name: person.name })
    .from(session)
    .innerJoin(person, eq(person.id, session.personId))
    .where(and(isNull(session.endedAt), isOwner(who) ? undefined : eq(session.personId, who.person.id)))
    .orderBy(desc(session.seenAt));
  return rows.map(({ session: s, name }) => ({
    id: s.id,
    personId: s.personId,
    name,
    device: s.device,
    createdAt: s.createdAt.toISOString(),
    seenAt: s.seenAt.toISOString(),
  }));
}

/** Signs a device out: one of the person's own, or for an owner anyone's. */
export async function endOne(db: Db, who: Who, id: string): Promise<void> {
  const rows = await listSessions(db, who);
  if (!rows.some((s) => s.id === id)) refuse('session.notFound', 'id', { id: id.slice(0, 60) });
  await endSession(db, who.kitchen, id);
}

export async function pairPhone(db: Db, personId: string): Promise<Pairing> {
  await living(db, personId);
  const { code, endsAt } = await newPairing(db, personId);
  return { code, endsAt: endsAt.toISOString() };
}

/** Notes who did what. */
export const note = async (db: Db, who: Who, call: string, thing: string): Promise<void> =>
  void (await db
    .insert(deed)
    .values({ personId: who.person.id, name: who.person.name, call, thing: thing.slice(0, 80) }));

export async function listDeeds(db: Db, { before }: DeedQuery): Promise<Deed[]> {
  const rows = await db
    .select({ seq: deed.seq, at: deed.at, name: deed.name, call: deed.call, thing: deed.thing })
    .from(deed)
    .where(before === undefined ? sql`true` : lt(deed.seq, Number(before)))
    .orderBy(desc(deed.seq))
    .limit(DEEDS_A_PAGE);
  return rows.map(({ at, ...row }) => ({ ...row, at: at.toISOString() }));
}
