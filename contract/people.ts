/** What somebody may do: helpers run days and benches and delete nothing; bakers all but look after people and the whole. */
export const ROLES = ['helper', 'baker', 'owner'] as const;
export type Role = (typeof ROLES)[number];
/** Whether a role is enough for what another is needed for. */
export const isEnough = (role: Role, needed: Role): boolean => ROLES.indexOf(role) >= ROLES.indexOf(needed);

/** A passphrase has so many characters at least (NIST SP 800-63B: 15 where it is the only factor; OWASP ASVS 2.1.1: 12) and at most. */
export const LEAST_PASSPHRASE = 12;
export const MOST_PASSPHRASE = 200;

export type Person = {
  id: string;
  name: string;
  role: Role;
  /** What they type to sign in; null for who comes by a code on a phone only. */
  signIn: string | null;
};
/**
 * Who asks, and whether that matters here. `open`: one machine, nobody signs in. `new`: people are to sign in, and there is
 * none yet. `out`: nobody is signed in.
 */
export type Me =
  | { state: 'open' | 'new' | 'out' }
  | {
      state: 'in';
      person: Person;
      kitchen: string;
      sessionId: string;
      /** Where other devices on the network find this kitchen; empty where it is on this machine alone. */
      addresses: string[];
    };

/** `code` was printed where the server was started. */
export type SetUp = { code: string; kitchen: string; name: string; signIn: string; passphrase: string };
export type SignIn = { signIn: string; passphrase: string };
/** By the code that was printed once when the kitchen was set up. */
export type Recover = { signIn: string; code: string; passphrase: string };
export type NewPassphrase = { old: string; passphrase: string };
export type NewPerson = { name: string; role: Role; signIn: string | null; passphrase: string | null };
export type ChangePerson = { name?: string; role?: Role; passphrase?: string };
/** Told once: only a hash of it is kept. */
export type RecoveryCode = { recovery: string };

/** A browser that is signed in. */
export type SessionRow = {
  id: string;
  personId: string;
  name: string;
  device: string;
  createdAt: string;
  seenAt: string;
};
/** Signs one phone in, once, until `endsAt`. */
export type Pairing = { code: string; endsAt: string };
/** Who did what. */
export type Deed = { seq: number; at: string; name: string; call: string; thing: string };
export type DeedQuery = { before?: string };

/** A cookie that a page of ours can read and the header in which it sends it back: a page of another host can do neither. */
export const CSRF_COOKIE = 'new-crumb-page';
export const CSRF_HEADER = 'x-new-crumb-page';
