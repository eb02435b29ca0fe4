import { timingSafeEqual } from 'node:crypto';
import { parse, serialize } from 'cookie';
import type { Request, Response } from 'express';
import { LRUCache } from 'lru-cache';
import { needOf, CALLS, type CallName } from '../../contract/calls';
import { CSRF_COOKIE, CSRF_HEADER, isEnough } from '../../contract/people';
import type { Db, OpenDb } from '../db/open';
import { whoIs, type Who } from '../people/door';
import { hashOf } from '../people/secrets';
import { refuse } from '../services/fail';
import type { House } from './handlers';

/** A kitchen of several people: who they are, and the kitchens they come to. */
export type People = {
  door: Db;
  of: (kitchen: number) => Promise<House>;
  news: OpenDb['news'];
  /** Pages come over HTTPS, so that the cookie never goes without it. */
  secure: boolean;
  /** Where other devices on the network find this kitchen. */
  addresses: () => string[];
  /** The most tries to be let in from one address in ten minutes; another in tests. */
  mostTries?: number;
};
/** Who may come in, and to what. */
export type Admitted = { house: House; who: Who | null };
export type Admit = (name: CallName, req: Request, res: Response) => Promise<Admitted>;

/** Stands where there is no kitchen: nothing is asked of it. */
const NO_HOUSE = Object.freeze({ demo: false }) as House;

const COOKIE = 'new-crumb';
/** With this prefix a browser takes it over HTTPS only, from this host only (RFC 6265bis, 4.1.3.2). */
const SECURE_COOKIE = '__Host-new-crumb';
const COOKIE_S = 90 * 24 * 3600;
/** A session is looked up again after so long, ms; that one was ended is told at once. */
const KNOWN_MS = 5000;

/** Says to a page that it is ours: only scripts of this host can read the cookie it stands in. */
const csrfOf = (token: string): string => hashOf(`csrf ${token}`).slice(0, 32);

/** Gives a browser its session, or takes it away. */
export function giveCookies(res: Response, secure: boolean, token: string | null): void {
  const common = { path: '/', sameSite: 'strict', secure, maxAge: token === null ? 0 : COOKIE_S } as const;
  res.append(
    'Set-Cookie',
    serialize(secure ? SECURE_COOKIE : COOKIE, token ?? '', { ...common, httpOnly: true }),
  );
  res.append('Set-Cookie', serialize(CSRF_COOKIE, token === null ? '' : csrfOf(token), common));
}

const tokenOf = (req: Request, secure: boolean): string | null =>
  parse(req.headers.cookie ?? '')[secure ? SECURE_COOKIE : COOKIE] || null;

function refuseForged(req: Request, token: string): void {
  const given = Buffer.from(String(req.headers[CSRF_HEADER] ?? ''));
  const wanted = Buffer.from(csrfOf(token));
  if (given.length !== wanted.length || !timingSafeEqual(given, wanted)) refuse('request.foreign', 'headers');
}

/** Where nobody signs in: everything, of the one kitchen. */
export const admitAll =
  (house: House): Admit =>
  () =>
    Promise.resolve({ house, who: null });

/** Where people sign in: each call as their role allows, of their own kitchen. */
export function admitPeople({ door, of, news, secure }: People): Admit {
  const known = new LRUCache<string, Who>({ max: 2000, ttl: KNOWN_MS });
  // One that was ended anywhere, or whose role is another, is looked up again everywhere.
  news.followAll('people', () => known.clear());
  async function find(res: Response, token: string): Promise<Who | null> {
    const key = hashOf(token);
    const there = known.get(key);
    if (there) return there;
    const found = await whoIs(door, token);
    if (!found) return null;
    if (found.turned) giveCookies(res, secure, found.turned);
    else known.set(key, found.who);
    return found.who;
  }
  return async (name, req, res) => {
    const token = tokenOf(req, secure);
    const who = token === null ? null : await find(res, token);
    const need = needOf(name);
    if (need !== 'anyone') {
      if (!who) return refuse('session.none');
      if (!isEnough(who.person.role, need)) return refuse('role.notAllowed', '', { needs: need });
    }
    if (who && token !== null && CALLS[name].method !== 'get' && need !== 'anyone') refuseForged(req, token);
    // Who is not signed in comes to no kitchen: what they may ask for has none in it.
    return { house: who ? await of(who.kitchen) : NO_HOUSE, who };
  };
}
