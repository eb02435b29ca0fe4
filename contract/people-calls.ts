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
  me: call<Nothing, Me>('get', '/me', 'Who asks, and whether people sign in here', { needs: 'anyone' }),
  setUp: call<SetUp, RecoveryCode>('post', '/set-up', 'Makes the owner of a new kitchen', {
    needs: 'anyone',
    status: MADE,
  }),
  signIn: call<SignIn, Nothing>('post', '/sign-in', 'Signs in', { needs: 'anyone', status: DONE }),
  recover: call<Recover, RecoveryCode>('post', '/recover', 'A new passphrase by the recovery code', {
    needs: 'anyone',
  }),
  pair: call<{ code: string }, Nothing>('post', '/pair', 'Signs a phone in by a code', {
    needs: 'anyone',
    status: DONE,
  }),
  signOut: call<Nothing, Nothing>('post', '/sign-out', 'Signs out', { needs: 'helper', status: DONE }),
  changePassphrase: call<NewPassphrase, Nothing>('post', '/me/passphrase', 'Changes one’s own passphrase', {
    needs: 'helper',
    status: DONE,
  }),
  people: call<Nothing, { rows: Person[] }>('get', '/people', 'Who may sign in', { needs: 'owner' }),
  createPerson: call<NewPerson, Person>('post', '/people', 'Adds somebody', {
    needs: 'owner',
    status: MADE,
  }),
  changePerson: call<ChangePerson, Person>('patch', '/people/:id', 'Changes name, role or passphrase', {
    needs: 'owner',
  }),
  removePerson: call<Nothing, Nothing>(
    'delete',
    '/people/:id',
    'Takes somebody off; ends where they are signed in',
    {
      needs: 'owner',
      status: DONE,
    },
  ),
  sessions: call<Nothing, { rows: SessionRow[] }>(
    'get',
    '/sessions',
    'Where one is signed in; the owner sees all',
  ),
  endSession: call<Nothing, Nothing>('delete', '/sessions/:id', 'Signs a device out', {
    needs: 'helper',
    status: DONE,
  }),
  createPairing: call<{ personId: string }, Pairing>('post', '/pairings', 'A code that signs one phone in', {
    needs: 'owner',
    status: MADE,
  }),
  deeds: call<Nothing, { rows: Deed[] }, DeedQuery>('get', '/deeds', 'Who did what, the latest first', {
    needs: 'owner',
  }),
};
