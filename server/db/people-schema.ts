import {
  bigserial,
  foreignKey,
  integer,
  pgTable,
  primaryKey,
  text,
  uuid,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core';
import type { Role } from '../../contract/people';
import { at, ofKitchen } from './schema';

/** The kitchens of this store: one, or as many as a server looks after. */
export const house = pgTable('house', {
  kitchenId: integer('kitchen_id').primaryKey().generatedByDefaultAsIdentity({ startWith: 2 }),
  name: text('name').notNull(),
  /** What the owner may come back in with, as a hash; null where nobody signs in. */
  recovery: text('recovery'),
  createdAt: at('created_at').notNull().defaultNow(),
});

/** Who signs in. Taken off the list they keep their name in what they did. */
export const person = pgTable(
  'person',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    name: text('name').notNull(),
    role: text('role').$type<Role>().notNull(),
    /** What they type to sign in, one on the whole server; null for who comes by a code on a phone only. */
    signIn: text('sign_in').unique('person_sign_in_once'),
    /** A hash; null where there is no passphrase. */
    passphrase: text('passphrase'),
    /** Wrong passphrases since the last right one, and until when none is looked at. */
    failed: integer('failed').notNull().default(0),
    lockedUntil: at('locked_until'),
    createdAt: at('created_at').notNull().defaultNow(),
    deletedAt: at('deleted_at'),
  },
  (t) => [primaryKey({ columns: [t.kitchenId, t.id] })],
);

const ofPerson = (t: { kitchenId: AnyPgColumn; personId: AnyPgColumn }) =>
  foreignKey({ columns: [t.kitchenId, t.personId], foreignColumns: [person.kitchenId, person.id] });

/** A browser that is signed in. Of its token only a hash is kept; the one before it is taken a moment longer. */
export const session = pgTable(
  'session',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    personId: uuid('person_id').notNull(),
    token: text('token').notNull().unique('session_token_once'),
    before: text('before_token').unique('session_before_once'),
    device: text('device').notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
    seenAt: at('seen_at').notNull().defaultNow(),
    turnedAt: at('turned_at').notNull().defaultNow(),
    endedAt: at('ended_at'),
  },
  (t) => [primaryKey({ columns: [t.kitchenId, t.id] }), ofPerson(t)],
);

/** A code that signs one phone in, once, for a few minutes. */
export const pairing = pgTable(
  'pairing',
  {
    kitchenId: ofKitchen(),
    /** A hash of the code. */
    code: text('code').primaryKey(),
    personId: uuid('person_id').notNull(),
    endsAt: at('ends_at').notNull(),
    usedAt: at('used_at'),
  },
  (t) => [ofPerson(t)],
);

/** Who did what, one after another: append-only, held so by a trigger. */
export const deed = pgTable(
  'deed',
  {
    kitchenId: ofKitchen(),
    seq: bigserial('seq', { mode: 'number' }).notNull(),
    at: at('at').notNull().defaultNow(),
    personId: uuid('person_id'),
    name: text('name').notNull(),
    /** The call, and the id of the thing it was about; empty where it was about none. */
    call: text('call').notNull(),
    thing: text('thing').notNull(),
  },
  (t) => [primaryKey({ columns: [t.kitchenId, t.seq] })],
);
