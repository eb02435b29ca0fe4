import { eq, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import {
  CSRF_COOKIE,
  CSRF_HEADER,
  type Deed,
  type Me,
  type Pairing,
  type Person,
  type SessionRow,
} from '../../contract/people';
import { person, session } from '../db/people-schema';
import { problem } from '../testing/api';
import { BODIES } from '../testing/bodies';
import { browserOf, PASSPHRASE, peopleApp } from '../testing/people';
import { lockMs } from './door';
import { codeMeant, COST, hashPassphrase, isHardToGuess, isPassphrase, newCode } from './secrets';

const { app, make, store, ownerOf, signedIn, anotherKitchen } = await peopleApp();
const COOKIE = 'new-crumb';
const me = async (b: ReturnType<typeof browserOf>): Promise<Me> =>
  (await b.send('me').expect(200)).body as Me;
const { browser: owner, signIn, recovery } = await ownerOf(1);

describe('setting up', () => {
  it('takes the code that was printed, once, and tells the recovery code', async () => {
    expect(recovery).toMatch(/^([0-9A-Z]{5}-){4}[0-9A-Z]{5}$/);
    expect(await me(owner)).toMatchObject({
      state: 'in',
      person: { name: 'Mira', role: 'owner' },
      kitchen: 'Kitchen 1',
    });
    expect(await me(browserOf(app))).toEqual({ state: 'out' });
    const wrong = await browserOf(app).send('setUp', { ...BODIES.setUp, code: 'AAAAA-BBBBB-CCCCC' });
    expect([wrong.status, problem(wrong).code]).toEqual([401, 'code.wrong']);
    // The recovery code stands where the printed one stood: it makes no second owner.
    const again = await browserOf(app).send('setUp', { ...BODIES.setUp, code: recovery, signIn: 'other' });
    expect([again.status, problem(again).code]).toEqual([409, 'people.alreadySetUp']);
  });

  it('a passphrase that is short, common or made of the names is refused', async () => {
    for (const passphrase of ['short', 'password1234', 'Mira Mira Mira', 'aaaaaaaaaaaaaaaa']) {
      const res = await browserOf(app).send('setUp', { ...BODIES.setUp, passphrase });
      expect([passphrase, res.status, problem(res).path]).toEqual([passphrase, 422, 'passphrase']);
    }
  });
});

describe('signing in', () => {
  it('gives a cookie that scripts cannot read and other sites do not send, and another token each time', async () => {
    const browser = browserOf(app);
    const res = await browser
      .send('signIn', { signIn: signIn.toUpperCase(), passphrase: PASSPHRASE })
      .expect(204);
    const [given, page] = res.headers['set-cookie'] as unknown as [string, string];
    expect(given).toMatch(/^new-crumb=[\w-]{43};.*HttpOnly.*SameSite=Strict/i);
    expect(page).not.toMatch(/HttpOnly/i);
    const first = browser.cookies.get(COOKIE);
    await browser.send('signIn', { signIn, passphrase: PASSPHRASE }).expect(204);
    expect(browser.cookies.get(COOKIE)).not.toBe(first);
    // The store has a hash of it only.
    const rows = await store.door.select({ token: session.token }).from(session);
    expect(rows.map((r) => r.token)).not.toContain(first);
  });

  it('tells not whether the name or the passphrase was wrong', async () => {
    const wrong = await browserOf(app).send('signIn', { signIn, passphrase: 'x' });
    const nobody = await browserOf(app).send('signIn', { signIn: 'nobody', passphrase: 'x' });
    expect(wrong.body).toEqual(nobody.body);
    expect([wrong.status, problem(wrong).code]).toEqual([401, 'session.wrong']);
  });

  it('after five wrong ones none is looked at for a while, twice as long each time, up to an hour', async () => {
    expect([0, 4, 5, 6, 7, 40].map(lockMs)).toEqual([0, 0, 30_000, 60_000, 120_000, 3_600_000]);
    const { signIn: name } = await signedIn(owner, 'baker');
    const attempt = (passphrase: string) => browserOf(app).send('signIn', { signIn: name, passphrase });
    for (let i = 0; i < 5; i++) await attempt('wrong').expect(401);
    const locked = await attempt(PASSPHRASE);
    expect([locked.status, problem(locked).code, problem(locked).args]).toEqual([
      429,
      'session.locked',
      { minutes: 1 },
    ]);
    await store.door
      .update(person)
      .set({ lockedUntil: new Date(0) })
      .where(eq(person.signIn, name));
    await attempt(PASSPHRASE).expect(204);
    await attempt('wrong').expect(401);
    await attempt(PASSPHRASE).expect(204);
  });

  it('who tries too often from one address waits, whatever name they try', async () => {
    const few = (await peopleApp(3)).app;
    for (let i = 0; i < 3; i++)
      await browserOf(few)
        .send('signIn', { signIn: `n${i}`, passphrase: 'x' })
        .expect(401);
    const res = await browserOf(few).send('pair', { code: 'AAAAA' });
    expect([res.status, problem(res).code]).toEqual([429, 'session.tooMany']);
  });
});

describe('a session', () => {
  it('changes nothing for a page that cannot say it is ours', async () => {
    for (const token of ['', 'x'.repeat(32)]) {
      const res = await owner.send('createEater', BODIES.createEater, '', { [CSRF_HEADER]: token });
      expect([res.status, problem(res).code]).toEqual([403, 'request.foreign']);
    }
    const other = (await signedIn(owner, 'baker')).browser;
    const stolen = other.cookies.get(CSRF_COOKIE)!;
    await owner.send('createEater', BODIES.createEater, '', { [CSRF_HEADER]: stolen }).expect(403);
    await owner.send('createEater', BODIES.createEater).expect(201);
  });

  it('is turned when it is old: the token before is taken a while longer, then no more', async () => {
    const { browser, person: p } = await signedIn(owner, 'baker');
    const mine = eq(session.personId, p.id);
    const before = browser.cookies.get(COOKIE)!;
    const hours = (n: number) => new Date(Date.now() - n * 3_600_000);
    await store.door
      .update(session)
      .set({ turnedAt: hours(13) })
      .where(mine);
    // The same app knew it a moment ago; another process looks.
    const elsewhere = browserOf(make());
    elsewhere.cookies.set(COOKIE, before);
    expect(await me(elsewhere)).toMatchObject({ state: 'in' });
    const after = elsewhere.cookies.get(COOKIE)!;
    expect(after).not.toBe(before);
    const late = browserOf(make());
    late.cookies.set(COOKIE, before);
    expect(await me(late)).toMatchObject({ state: 'in' });
    await store.door
      .update(session)
      .set({ turnedAt: hours(2) })
      .where(mine);
    const tooLate = browserOf(make());
    tooLate.cookies.set(COOKIE, before);
    expect(await me(tooLate)).toEqual({ state: 'out' });
    expect(await me(elsewhere)).toMatchObject({ state: 'in' });
  });

  it('ends after a month unused, after three months at all, by signing out, and where another passphrase is given', async () => {
    const days = (n: number) => new Date(Date.now() - n * 86_400_000);
    for (const set of [{ seenAt: days(31) }, { createdAt: days(91) }]) {
      const { browser, person: p } = await signedIn(owner, 'helper');
      await store.door.update(session).set(set).where(eq(session.personId, p.id));
      const again = browserOf(make());
      again.cookies.set(COOKIE, browser.cookies.get(COOKIE)!);
      expect(await me(again)).toEqual({ state: 'out' });
    }
    const { browser, signIn: name } = await signedIn(owner, 'baker');
    const phone = browserOf(app);
    await phone.send('signIn', { signIn: name, passphrase: PASSPHRASE }).expect(204);
    await browser
      .send('changePassphrase', { old: PASSPHRASE, passphrase: 'four geese behind the barn' })
      .expect(204);
    expect(await me(phone)).toEqual({ state: 'out' });
    expect(await me(browser)).toMatchObject({ state: 'in' });
    const kept = browser.cookies.get(COOKIE)!;
    await browser.send('signOut').expect(204);
    const copied = browserOf(app);
    copied.cookies.set(COOKIE, kept);
    expect(await me(copied)).toEqual({ state: 'out' });
  });

  it('one’s own are listed and ended; the owner sees and ends everyone’s', async () => {
    const { browser, person: p } = await signedIn(owner, 'helper');
    const rows = ((await browser.send('sessions').expect(200)).body as { rows: SessionRow[] }).rows;
    expect(rows.map((r) => r.personId)).toEqual([p.id]);
    const all = ((await owner.send('sessions').expect(200)).body as { rows: SessionRow[] }).rows;
    expect(all.some((r) => r.id === rows[0]!.id)).toBe(true);
    const another = all.find((r) => r.personId !== p.id)!;
    await browser.send('endSession', undefined, another.id).expect(404);
    await owner.send('endSession', undefined, rows[0]!.id).expect(204);
    expect(await me(browser)).toEqual({ state: 'out' });
  });
});

describe('the recovery code', () => {
  it('gives the owner a new passphrase once, signs the others out, and is another then', async () => {
    const { browser, signIn: name, recovery: code } = await ownerOf(await anotherKitchen());
    const back = browserOf(app);
    const typed = code.toLowerCase().replaceAll('-', ' ').replaceAll('1', 'l').replaceAll('0', 'o');
    const passphrase = 'six swallows under the eaves';
    const next = (await back.send('recover', { signIn: name, code: typed, passphrase }).expect(200)).body as {
      recovery: string;
    };
    expect(next.recovery).not.toBe(code);
    expect(await me(browser)).toEqual({ state: 'out' });
    expect(await me(back)).toMatchObject({ state: 'in' });
    await browserOf(app).send('recover', { signIn: name, code, passphrase }).expect(401);
    await browserOf(app).send('signIn', { signIn: name, passphrase }).expect(204);
    // Whoever is no owner has none.
    const { signIn: baker } = await signedIn(back, 'baker');
    await browserOf(app).send('recover', { signIn: baker, code: next.recovery, passphrase }).expect(401);
  });
});

describe('a phone', () => {
  it('comes by a code, once, and not when it is over', async () => {
    const helper = (
      await owner
        .send('createPerson', {
          name: 'Phone on the counter',
          role: 'helper',
          signIn: null,
          passphrase: null,
        })
        .expect(201)
    ).body as Person;
    const { code, endsAt } = (await owner.send('createPairing', { personId: helper.id }).expect(201))
      .body as Pairing;
    expect(Date.parse(endsAt) - Date.now()).toBeLessThan(5 * 60_000 + 1);
    const phone = browserOf(app);
    await phone.send('pair', { code }).expect(204);
    expect(await me(phone)).toMatchObject({
      state: 'in',
      person: { role: 'helper', name: 'Phone on the counter' },
    });
    await browserOf(app).send('pair', { code }).expect(401);
    const late = (await owner.send('createPairing', { personId: helper.id }).expect(201)).body as Pairing;
    await store.door.execute(sql`update pairing set ends_at = now() - interval '1 second'`);
    await browserOf(app).send('pair', { code: late.code }).expect(401);
    await owner.send('removePerson', undefined, helper.id).expect(204);
    expect(await me(phone)).toEqual({ state: 'out' });
  });
});

describe('people', () => {
  it('a name to sign in with is one on the whole server; the last owner stays one', async () => {
    const taken = await owner.send('createPerson', { ...BODIES.createPerson, signIn: signIn.toUpperCase() });
    expect([taken.status, problem(taken).code]).toEqual([409, 'people.signInTaken']);
    const mine = await me(owner);
    const id = mine.state === 'in' ? mine.person.id : '';
    for (const res of [
      await owner.send('changePerson', { role: 'helper' }, id),
      await owner.send('removePerson', undefined, id),
    ])
      expect([res.status, problem(res).code]).toEqual([409, 'people.lastOwner']);
  });

  it('another role holds at once, on whatever process', async () => {
    const { browser, person: p } = await signedIn(owner, 'baker');
    await browser.send('createEater', BODIES.createEater).expect(201);
    await owner.send('changePerson', { role: 'helper' }, p.id).expect(200);
    await browser.send('createEater', BODIES.createEater).expect(401);
  });

  it('who did what is noted, can be read by the owner, and never changes', async () => {
    const { browser } = await signedIn(owner, 'baker');
    const made = (await browser.send('createFormula', BODIES.createFormula).expect(201)).body as {
      formula: { id: string };
    };
    await browser.send('deleteFormula', undefined, made.formula.id).expect(204);
    const { rows } = (await owner.send('deeds').expect(200)).body as { rows: Deed[] };
    expect(rows.slice(0, 2).map((d) => [d.name, d.call, d.thing])).toEqual([
      ['baker', 'deleteFormula', made.formula.id],
      ['baker', 'createFormula', made.formula.id],
    ]);
    await expect(store.of(1).execute(sql`update deed set name = 'x'`)).rejects.toMatchObject({
      cause: { message: expect.stringMatching(/never changes/) as string },
    });
  });
});

describe('secrets', () => {
  it('a passphrase is kept as scrypt of 2^17 with a salt of its own, and taken in whatever form of Unicode it is typed', async () => {
    COST.logN = 17;
    const kept = await hashPassphrase('crème brûlée on the sill');
    expect(kept).toMatch(/^scrypt\$17\$8\$1\$/);
    expect(kept).not.toBe(await hashPassphrase('crème brûlée on the sill'));
    expect(await isPassphrase('crème brûlée on the sill'.normalize('NFD'), kept)).toBe(true);
    expect(await isPassphrase('creme brulee on the sill', kept)).toBe(false);
    expect(await isPassphrase('', null)).toBe(false);
  });

  it('codes are read as they were meant', async () => {
    const code = newCode(3);
    expect(codeMeant(` ${code.toLowerCase().replaceAll('-', '')} `)).toBe(code);
    expect(codeMeant('oil0l-x')).toBe('01101-X');
    expect(await isHardToGuess('three loaves by the old mill', [])).toBe(true);
  });
});
