import type { Request, RequestHandler, Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { CallName } from '../../contract/calls';
import type { PEOPLE_CALLS } from '../../contract/people-calls';
import { hasOwner, endSession, pair, recover, setUp, signIn, type SignedIn, type Who } from '../people/door';
import * as people from '../people/people';
import { FIRST_KITCHEN } from '../db/open';
import { Refusal, refuse } from '../services/fail';
import { problem } from '../../contract/problem';
import { giveCookies, type People } from './admit';
import type { Handlers } from './handlers';

export type PeopleCall = keyof typeof PEOPLE_CALLS;
/** Calls by which one is let in: so many tries from one address, then it has to wait. */
export const TRIED: readonly CallName[] = ['signIn', 'recover', 'setUp', 'pair'];
const WINDOW_MS = 10 * 60_000;
const MOST_TRIES = 30;

/** Turns away who tries too often to be let in. What is counted is what failed. */
export const fewTries = (most = MOST_TRIES): RequestHandler =>
  rateLimit({
    windowMs: WINDOW_MS,
    limit: most,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_req, _res, next) => next(new Refusal(problem('session.tooMany'))),
  });

/** What a browser calls itself, for the list of devices: its kind and the machine it is on. */
export function deviceOf(req: Request): string {
  const said = req.headers['user-agent'] ?? '';
  const machine = /(iPhone|iPad|Android|Windows|Macintosh|CrOS|Linux)/.exec(said)?.[1] ?? '';
  const browser = /(Firefox|Edg|OPR|Chrome|Safari)\//.exec(said)?.[1] ?? '';
  return [browser, machine].filter(Boolean).join(', ');
}

type Ask = { res: Response; who: Who | null };

const off = (): never => refuse('people.off');
/** Where nobody signs in there is nobody to be signed in. */
export const nobodySignsIn = (): Pick<Handlers, PeopleCall> => ({
  me: () => ({ state: 'open' }),
  setUp: off,
  signIn: off,
  recover: off,
  pair: off,
  signOut: off,
  changePassphrase: off,
  people: off,
  createPerson: off,
  changePerson: off,
  removePerson: off,
  sessions: off,
  endSession: off,
  createPairing: off,
  deeds: off,
});

/** What answers the calls about people. */
export function peopleHandlers({ door, news, secure, addresses }: People): Pick<Handlers, PeopleCall> {
  const letIn = ({ res }: Ask, done: SignedIn): undefined => {
    giveCookies(res, secure, done.token);
  };
  /** Who asks: the calls that want somebody are admitted for somebody only. */
  const me = ({ who }: Ask): Who => who ?? refuse('session.none');
  const changed = <T>(kitchen: number, done: T): T => {
    news.tell(kitchen, 'people');
    return done;
  };
  return {
    me: async ({ who, house }) => {
      if (!who) return { state: (await hasOwner(door, FIRST_KITCHEN)) ? 'out' : 'new' };
      const kitchen = await people.kitchenName(house.db);
      return { state: 'in', person: who.person, kitchen, sessionId: who.sessionId, addresses: addresses() };
    },
    setUp: async (ask) => {
      const done = await setUp(door, ask.body, deviceOf(ask.req));
      letIn(ask, done);
      return { recovery: done.recovery };
    },
    signIn: async (ask) => letIn(ask, await signIn(door, ask.body, deviceOf(ask.req))),
    recover: async (ask) => {
      const done = await recover(door, ask.body, deviceOf(ask.req));
      letIn(ask, done);
      changed(done.who.kitchen, null);
      return { recovery: done.recovery };
    },
    pair: async (ask) => letIn(ask, await pair(door, ask.body.code, deviceOf(ask.req))),
    signOut: async (ask) => {
      const { kitchen, sessionId } = me(ask);
      await endSession(ask.house.db, kitchen, sessionId);
      changed(kitchen, null);
      giveCookies(ask.res, secure, null);
    },
    changePassphrase: async (ask) => {
      await people.changePassphrase(ask.house.db, me(ask), ask.body);
      changed(me(ask).kitchen, null);
    },
    people: async ({ house }) => ({ rows: await people.listPeople(house.db) }),
    createPerson: ({ house, body }) => people.createPerson(house.db, body),
    changePerson: async (ask) =>
      changed(me(ask).kitchen, await people.changePerson(ask.house.db, me(ask), ask.id, ask.body)),
    removePerson: async (ask) => {
      await people.removePerson(ask.house.db, me(ask), ask.id);
      changed(me(ask).kitchen, null);
    },
    sessions: async (ask) => ({ rows: await people.listSessions(ask.house.db, me(ask)) }),
    endSession: async (ask) => {
      await people.endOne(ask.house.db, me(ask), ask.id);
      changed(me(ask).kitchen, null);
    },
    createPairing: ({ house, body }) => people.pairPhone(house.db, body.personId),
    deeds: async ({ house, query }) => ({ rows: await people.listDeeds(house.db, query) }),
  };
}
