import { call, DONE, MADE, type Nothing } from './call';
import type {
  ChangePerson,
  Deed,
  DeedQuery,
  Me,
  NewPassphrase,
  NewPerson,
  Pairing,
  Person,
  Recover,
  RecoveryCode,
  SessionRow,
  SetUp,
  SignIn,
} from './people';

/** Calls about who signs in. Where nobody does they are refused, but `me`, which says so. */
export const PEOPLE_CALLS = {
  me: call<Nothing, Me>('get', '/me', { needs: 'anyone' }),
  setUp: call<SetUp, RecoveryCode>('post', '/set-up', {
    needs: 'anyone',
    status: MADE,
  }),
  signIn: call<SignIn, Nothing>('post', '/sign-in', { needs: 'anyone', status: DONE }),
  recover: call<Recover, RecoveryCode>('post', '/recover', {
    needs: 'anyone',
  }),
  pair: call<{ code: string }, Nothing>('post', '/pair', {
    needs: 'anyone',
    status: DONE,
  }),
  signOut: call<Nothing, Nothing>('post', '/sign-out', { needs: 'helper', status: DONE }),
  changePassphrase: call<NewPassphrase, Nothing>('post', '/me/passphrase', {
    needs: 'helper',
    status: DONE,
  }),
  people: call<Nothing, { rows: Person[] }>('get', '/people', { needs: 'owner' }),
  createPerson: call<NewPerson, Person>('post', '/people', {
    needs: 'owner',
    status: MADE,
  }),
  changePerson: call<ChangePerson, Person>('patch', '/people/:id', {
    needs: 'owner',
  }),
  removePerson: call<Nothing, Nothing>('delete', '/people/:id', {
    needs: 'owner',
    status: DONE,
  }),
  sessions: call<Nothing, { rows: SessionRow[] }>('get', '/sessions'),
  endSession: call<Nothing, Nothing>('delete', '/sessions/:id', {
    needs: 'helper',
    status: DONE,
  }),
  createPairing: call<{ personId: string }, Pairing>('post', '/pairings', {
    needs: 'owner',
    status: MADE,
  }),
  deeds: call<Nothing, { rows: Deed[] }, DeedQuery>('get', '/deeds', {
    needs: 'owner',
  }),
};
