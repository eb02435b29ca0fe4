import { createHash, randomBytes, randomInt, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';

/** Cost of a passphrase's hash: N = 2^17, r = 8, p = 1 (OWASP Password Storage Cheat Sheet, scrypt). 128 MB and a quarter second. Tests that sign in again and again make it cheap; what is kept says what it cost. */
export const COST = { logN: 17, r: 8, p: 1 };
const SALT_BYTES = 16;
const HASH_BYTES = 32;

function derived(passphrase: string, salt: Buffer, logN: number, r: number, p: number): Promise<Buffer> {
  const N = 2 ** logN;
  const options: ScryptOptions = { N, r, p, maxmem: 256 * N * r };
  return new Promise((done, refuse) =>
    scrypt(passphrase.normalize('NFKC'), salt, HASH_BYTES, options, (error, key) =>
      error ? refuse(error) : done(key),
    ),
  );
}

// One after another: each takes 128 MB, and many who try at once shall not take the machine.
let turn: Promise<unknown> = Promise.resolve();
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const done = turn.then(work, work);
  turn = done.catch(() => undefined);
  return done;
}

/** A passphrase as it is kept: the way, its costs, salt and hash. */
export async function hashPassphrase(passphrase: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const { logN, r, p } = COST;
  const hash = await inTurn(() => derived(passphrase, salt, logN, r, p));
  return ['scrypt', logN, r, p, salt.toString('base64url'), hash.toString('base64url')].join('$');
}

/** Something to compare with where there is nobody of that name, so that it takes as long. */
const nobody = (): string => `scrypt$${COST.logN}$${COST.r}$${COST.p}$${'A'.repeat(22)}$${'A'.repeat(43)}`;

/** Whether a passphrase is the one kept; for nobody it never is, and takes as long. */
export async function isPassphrase(passphrase: string, kept: string | null): Promise<boolean> {
  const [way, logN, r, p, salt = '', hash = ''] = (kept ?? nobody()).split('$');
  if (way !== 'scrypt') return false;
  const found = await inTurn(() =>
    derived(passphrase, Buffer.from(salt, 'base64url'), Number(logN), Number(r), Number(p)),
  );
  return timingSafeEqual(found, Buffer.from(hash, 'base64url')) && kept !== null;
}

/** What is known of common passwords: fetched when the first passphrase is to be judged. */
async function makeGuesser() {
  const [{ ZxcvbnFactory }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  return new ZxcvbnFactory({ dictionary: { ...dictionary }, graphs: adjacencyGraphs });
}
let guesser: ReturnType<typeof makeGuesser> | null = null;
/** Of 0 to 4, from what number of guesses on a passphrase is taken: 3 is more than 10^8 (zxcvbn, USENIX Security 2016). */
const LEAST_SCORE = 3;
/** Whether a passphrase is hard to guess for who knows what passwords are common, and the names given. */
export async function isHardToGuess(passphrase: string, names: readonly string[]): Promise<boolean> {
  guesser ??= makeGuesser();
  const { score } = (await guesser).check(passphrase.slice(0, 100), [...names, 'new crumb', 'newcrumb']);
  return score >= LEAST_SCORE;
}

/** Says nothing to who reads the store: what it is of has too many forms to be tried. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('base64url');

/** 256 random bits. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** Digits and capitals without those that look alike (as Crockford's base 32 has it). */
const SIGNS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
/** A code to type: groups of five signs, 25 bits each. */
export const newCode = (groups: number): string =>
  Array.from({ length: groups }, () =>
    Array.from({ length: 5 }, () => SIGNS[randomInt(SIGNS.length)]).join(''),
  ).join('-');
/** A code as it was meant: small letters, spaces and signs that look alike make no difference. */
export const codeMeant = (typed: string): string =>
  typed
    .toUpperCase()
    .replaceAll('O', '0')
    .replaceAll(/[IL]/g, '1')
    .replaceAll(/[^0-9A-Z]/g, '')
    .match(/.{1,5}/g)
    ?.join('-') ?? '';
