import type {
  ChangePerson,
  Deed,
  NewPassphrase,
  NewPerson,
  Pairing,
  Person,
  Recover,
  RecoveryCode,
  SessionRow,
  SetUp,
  SignIn,
} from '../../contract/people';
import { api } from './api';
import { ask } from './ask';

/** Calls about who signs in: fetched with the pages that make them. */
const people = api.enhanceEndpoints({ addTagTypes: ['People', 'Sessions', 'Deeds'] }).injectEndpoints({
  endpoints: (build) => ({
    setUp: build.mutation<RecoveryCode, SetUp>({ query: (body) => ask('setUp', { body }) }),
    signIn: build.mutation<void, SignIn>({ query: (body) => ask('signIn', { body }) }),
    recover: build.mutation<RecoveryCode, Recover>({ query: (body) => ask('recover', { body }) }),
    pair: build.mutation<void, string>({ query: (code) => ask('pair', { body: { code } }) }),
    signOut: build.mutation<void, void>({ query: () => ask('signOut') }),
    changePassphrase: build.mutation<void, NewPassphrase>({
      query: (body) => ask('changePassphrase', { body }),
      invalidatesTags: ['Sessions'],
    }),
    people: build.query<Person[], void>({
      query: () => ask('people'),
      transformResponse: (r: { rows: Person[] }) => r.rows,
      providesTags: ['People'],
    }),
    createPerson: build.mutation<Person, NewPerson>({
      query: (body) => ask('createPerson', { body }),
      invalidatesTags: ['People', 'Deeds'],
    }),
    changePerson: build.mutation<Person, { id: string } & ChangePerson>({
      query: ({ id, ...body }) => ask('changePerson', { id, body }),
      invalidatesTags: ['People', 'Sessions', 'Deeds'],
    }),
    removePerson: build.mutation<void, string>({
      query: (id) => ask('removePerson', { id }),
      invalidatesTags: ['People', 'Sessions', 'Deeds'],
    }),
    sessions: build.query<SessionRow[], void>({
      query: () => ask('sessions'),
      transformResponse: (r: { rows: SessionRow[] }) => r.rows,
      providesTags: ['Sessions'],
    }),
    endSession: build.mutation<void, string>({
      query: (id) => ask('endSession', { id }),
      invalidatesTags: ['Sessions', 'Deeds'],
    }),
    createPairing: build.mutation<Pairing, string>({
      query: (personId) => ask('createPairing', { body: { personId } }),
      invalidatesTags: ['Deeds'],
    }),
    deeds: build.query<Deed[], number | null>({
      query: (before) => ask('deeds', { query: before === null ? {} : { before: String(before) } }),
      transformResponse: (r: { rows: Deed[] }) => r.rows,
      providesTags: ['Deeds'],
    }),
  }),
});

export const {
  useSetUpMutation,
  useSignInMutation,
  useRecoverMutation,
  usePairMutation,
  useSignOutMutation,
  useChangePassphraseMutation,
  usePeopleQuery,
  useCreatePersonMutation,
  useChangePersonMutation,
  useRemovePersonMutation,
  useSessionsQuery,
  useEndSessionMutation,
  useCreatePairingMutation,
  useDeedsQuery,
} = people;
