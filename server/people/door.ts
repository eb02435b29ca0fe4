import { and, count, eq, isNull, or, sql } from 'drizzle-orm';
import type { Person, Recover, SetUp, SignIn } from '../../contract/people';
import type { Db } from '../db/open';
import { house, pairing, person, session } from '../db/people-schema';
import { refuse } from '../services/fail';
import { codeMeant, hashOf, hashPassphrase, isHardToGuess, isPassphrase, newCode, newToken } from './secrets';

/** Who is signed in, where, and in what kitchen. */
export type Who = { kitchen: number; person: Person; sessionId: string };
/** A new session: its token goes to the browser, which is all that has it. */
export type SignedIn = { token: string; who: Who };

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;
/** A session that was not used for so long has ended, and one that is so old (OWASP Session Management Cheat Sheet; for a shelf of formulas weeks do). */
const IDLE_MS = 30 * DAY;
const OLDEST_MS = 90 * DAY;
/** So often a session gets another token, ms; the one before is taken so long, for what was on its way. */
export const TURN_MS = 12 * 60 * MINUTE;
const GRACE_MS = 60 * MINUTE;
/** When it was last used is noted no more often than this. */
const SEEN_MS = MINUTE;
/** After so many wrong passphrases none is looked at for a while, twice as long each time. */
const FREE_TRIES = 5;
const FIRST_LOCK_MS = 30_000;
const LONGEST_LOCK_MS = 60 * MINUTE;
/** A code for a phone is good for so long. */
const PAIRING_MS = 5 * MINUTE;
/** Groups of the codes: 75 bits for one that is tried for minutes, 125 for one that is kept for years. */
const SHORT_CODE = 3;
const LONG_CODE = 5;

type PersonRow = typeof person.$inferSelect;
export const personOf = ({ id, name, role, signIn }: PersonRow): Person => ({ id, name, role, signIn });
/** What is typed to sign in, without case. */
export const signInOf = (typed: string): string => typed.normalize('NFKC').trim().toLowerCase();

/** How long no passphrase is looked at after so many wrong ones, ms. */
export const lockMs = (failed: number): number =>
  failed < FREE_TRIES ? 0 : Math.min(LONGEST_LOCK_MS, FIRST_LOCK_MS * 2 ** Math.min(failed - FREE_TRIES, 20));

export async function checkHardToGuess(passphrase: string, names: readonly string[]): Promise<void> {
  if (!(await isHardToGuess(passphrase, names))) refuse('passphrase.weak', 'passphrase');
}

/** Whether anybody can sign in to a kitchen yet. */
export async function hasOwner(door: Db, kitchen: number): Promise<boolean> {
  const [row] = await door
    .select({ n: count() })
    .from(person)
    .where(and(eq(person.kitchenId, kitchen), eq(person.role, 'owner'), isNull(person.deletedAt)));
  return (row?.n ?? 0) > 0;
}

/** A code with which a kitchen that has nobody yet gets its owner. It takes the place of one given before. */
export async function newSetUpCode(door: Db, kitchen: number, wanted?: string): Promise<string> {
  const code = wanted ? codeMeant(wanted) : newCode(SHORT_CODE);
  await door
    .update(house)
    .set({ recovery: hashOf(code) })
    .where(eq(house.kitchenId, kitchen));
  return code;
}

/** Makes one more kitchen, with nobody in it; its number. */
export async function newKitchen(door: Db, name: string): Promise<number> {
  const [row] = await door.insert(house).values({ name }).returning({ id: house.kitchenId });
  return row!.id;
}

async function begin(door: Db, row: PersonRow, device: string): Promise<SignedIn> {
  const token = newToken();
  const [made] = await door
    .insert(session)
    .values({
      kitchenId: row.kitchenId,
      personId: row.id,
      token: hashOf(token),
      device: device.slice(0, 120),
    })
    .returning({ id: session.id });
  return { token, who: { kitchen: row.kitchenId, person: personOf(row), sessionId: made!.id } };
}

/** Makes the owner of the kitchen that the code is of, and signs them in. The recovery code is told this once. */
export async function setUp(
  door: Db,
  { code, kitchen, name, signIn, passphrase }: SetUp,
  device: string,
): Promise<SignedIn & { recovery: string }> {
  await checkHardToGuess(passphrase, [name, signIn, kitchen]);
  const kept = await hashPassphrase(passphrase);
  const recovery = newCode(LONG_CODE);
  return door.transaction(async (tx) => {
    const [of] = await tx
      .select()
      .from(house)
      .where(eq(house.recovery, hashOf(codeMeant(code))))
      .for('update');
    if (!of) return refuse('code.wrong', 'code');
    if (await hasOwner(tx, of.kitchenId)) return refuse('people.alreadySetUp');
    const [row] = await tx
      .insert(person)
      .values({ kitchenId: of.kitchenId, name, role: 'owner', signIn: signInOf(signIn), passphrase: kept })
      .onConflictDoNothing()
      .returning();
    if (!row) return refuse('people.signInTaken', 'signIn');
    await tx
      .update(house)
      .set({ name: kitchen, recovery: hashOf(recovery) })
      .where(eq(house.kitchenId, of.kitchenId));
    return { ...(await begin(tx, row, device)), recovery };
  });
}

const living = (door: Db, signIn: string) =>
  door
    .select()
    .from(person)
    .where(and(eq(person.signIn, signInOf(signIn)), isNull(person.deletedAt)));

/** Counts one more wrong passphrase, in the store: several processes count together. */
async function countWrong(door: Db, row: PersonRow): Promise<void> {
  const failed = row.failed + 1;
  const wait = lockMs(failed);
  await door
    .update(person)
    .set({
      failed: sql`${person.failed} + 1`,
      lockedUntil: wait > 0 ? new Date(Date.now() + wait) : null,
    })
    .where(and(eq(person.kitchenId, row.kitchenId), eq(person.id, row.id)));
}

function refuseLocked(row: PersonRow | undefined): void {
  const left = (row?.lockedUntil?.getTime() ?? 0) - Date.now();
  if (left > 0) refuse('session.locked', 'signIn', { minutes: Math.ceil(left / MINUTE) });
}

/** Signs in by passphrase. Who it was that is not known, or what was wrong, is not told. */
export async function signIn(door: Db, asked: SignIn, device: string): Promise<SignedIn> {
  const [row] = await living(door, asked.signIn);
  refuseLocked(row);
  const right = await isPassphrase(asked.passphrase, row?.passphrase ?? null);
  if (!row || !right) {
    if (row) await countWrong(door, row);
    return refuse('session.wrong');
  }
  await door
    .update(person)
    .set({ failed: 0, lockedUntil: null })
    .where(and(eq(person.kitchenId, row.kitchenId), eq(person.id, row.id)));
  return begin(door, row, device);
}

/** A new passphrase of an owner by the recovery code; everyone of that name is signed out, and the code is another. */
export async function recover(
  door: Db,
  { signIn: typed, code, passphrase }: Recover,
  device: string,
): Promise<SignedIn & { recovery: string }> {
  const [row] = await living(door, typed);
  refuseLocked(row);
  const [of] = row
    ? await door
        .select()
        .from(house)
        .where(and(eq(house.kitchenId, row.kitchenId), eq(house.recovery, hashOf(codeMeant(code)))))
    : [];
  if (!row || !of || row.role !== 'owner') {
    if (row) await countWrong(door, row);
    return refuse('code.wrong', 'code');
  }
  await checkHardToGuess(passphrase, [row.name, typed, of.name]);
  const kept = await hashPassphrase(passphrase);
  const recovery = newCode(LONG_CODE);
  return door.transaction(async (tx) => {
    // Used once: of two that come with it at the same time one finds another in its place.
    const [turned] = await tx
      .update(house)
      .set({ recovery: hashOf(recovery) })
      .where(and(eq(house.kitchenId, of.kitchenId), eq(house.recovery, of.recovery!)))
      .returning({ id: house.kitchenId });
    if (!turned) return refuse('code.wrong', 'code');
    await tx
      .update(person)
      .set({ passphrase: kept, failed: 0, lockedUntil: null })
      .where(and(eq(person.kitchenId, row.kitchenId), eq(person.id, row.id)));
    await endAll(tx, row.kitchenId, row.id);
    return { ...(await begin(tx, row, device)), recovery };
  });
}

/** Ends every session of somebody, but one. */
export async function endAll(db: Db, kitchen: number, personId: string, but?: string): Promise<void> {
  await db
    .update(session)
    .set({ endedAt: new Date() })
    .where(
      and(
        eq(session.kitchenId, kitchen),
        eq(session.personId, personId),
        isNull(session.endedAt),
        but ? sql`${session.id} <> ${but}` : undefined,
      ),
    );
}

/** A code for one phone of somebody. */
export async function newPairing(db: Db, personId: string): Promise<{ code: string; endsAt: Date }> {
  const code = newCode(SHORT_CODE);
  const endsAt = new Date(Date.now() + PAIRING_MS);
  await db.insert(pairing).values({ code: hashOf(code), personId, endsAt });
  return { code, endsAt };
}

/** Signs a phone in by its code, which is then used. */
export async function pair(door: Db, code: string, device: string): Promise<SignedIn> {
  return door.transaction(async (tx) => {
    const [used] = await tx
      .update(pairing)
      .set({ usedAt: new Date() })
      .where(
        and(
          eq(pairing.code, hashOf(codeMeant(code))),
          isNull(pairing.usedAt),
          sql`${pairing.endsAt} > now()`,
        ),
      )
      .returning();
    const [row] = used
      ? await tx
          .select()
          .from(person)
          .where(
            and(eq(person.kitchenId, used.kitchenId), eq(person.id, used.personId), isNull(person.deletedAt)),
          )
      : [];
    return row ? begin(tx, row, device) : refuse('code.wrong', 'code');
  });
}

export const endSession = async (db: Db, kitchen: number, id: string): Promise<void> =>
  void (await db
    .update(session)
    .set({ endedAt: new Date() })
    .where(and(eq(session.kitchenId, kitchen), eq(session.id, id))));

/** Who a token is of, with another token where it is time for one; null where it is of nobody, or no more. */
export async function whoIs(door: Db, token: string): Promise<{ who: Who; turned: string | null } | null> {
  const hash = hashOf(token);
  const [row] = await door
    .select({ session, person })
    .from(session)
    .innerJoin(person, and(eq(person.kitchenId, session.kitchenId), eq(person.id, session.personId)))
    .where(
      and(
        or(eq(session.token, hash), eq(session.before, hash)),
        isNull(session.endedAt),
        isNull(person.deletedAt),
      ),
    );
  if (!row) return null;
  const { session: s, person: p } = row;
  const now = Date.now();
  const isOver = now - s.seenAt.getTime() > IDLE_MS || now - s.createdAt.getTime() > OLDEST_MS;
  const isBefore = s.token !== hash;
  if (isOver || (isBefore && now - s.turnedAt.getTime() > GRACE_MS)) return null;
  const who: Who = { kitchen: s.kitchenId, person: personOf(p), sessionId: s.id };
  const mine = and(eq(session.kitchenId, s.kitchenId), eq(session.id, s.id));
  if (!isBefore && now - s.turnedAt.getTime() > TURN_MS) {
    const next = newToken();
    // Of several that come at once one turns it; the others come with the one before for a while.
    const [done] = await door
      .update(session)
      .set({ token: hashOf(next), before: hash, turnedAt: new Date(now), seenAt: new Date(now) })
      .where(and(mine, eq(session.token, hash)))
      .returning({ id: session.id });
    return { who, turned: done ? next : null };
  }
  if (now - s.seenAt.getTime() > SEEN_MS)
    await door
      .update(session)
      .set({ seenAt: new Date(now) })
      .where(mine);
  return { who, turned: null };
}
