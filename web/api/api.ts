import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { type AnswerOf, type BodyOf } from '../../contract/calls';
import type {
  AsideMeta,
  EaterRow,
  Kitchen,
  PantryRow,
  Put,
  ShelfQuery,
  Version,
  VersionMark,
} from '../../contract/dto';
import type { Eater } from '../../core/exclusions';
import type { Formula } from '../../core/formula';
import type { PantryDoc } from '../../core/pantry';
import { CSRF_HEADER, type Me } from '../../contract/people';
import { ask, BASE, problemIn } from './ask';
import { ENDED, pageToken, session } from './session';

const fetched = fetchBaseQuery({
  baseUrl: BASE,
  prepareHeaders: (headers) => {
    const token = pageToken();
    if (token) headers.set(CSRF_HEADER, token);
  },
});
/** Every call: what shows that it comes from a page of ours goes along, and that the session has ended is told. */
const baseQuery: BaseQueryFn<FetchArgs, unknown, FetchBaseQueryError> = async (args, context, more) => {
  const done = await fetched(args, context, more);
  if (done.error && problemIn(done.error)?.code === 'session.none') session.dispatchEvent(new Event(ENDED));
  return done;
};

/** Server state; what is asked of it stands by its subject below. */
const base = createApi({
  reducerPath: 'api',
  baseQuery,
  tagTypes: [
    'Shelf',
    'Formula',
    'Version',
    'Draft',
    'Aside',
    'Pantry',
    'Eaters',
    'Kitchen',
    'Ways',
    'Days',
    'Trials',
    'Trial',
    'Experiments',
    'Tastings',
  ],
  endpoints: (build) => ({
    me: build.query<Me, void>({ query: () => ask('me') }),
    health: build.query<AnswerOf<'health'> & { aheadMs: number }, void>({
      query: () => ask('health'),
      // By how much the server's clock is ahead of this page's.
      transformResponse: (r: AnswerOf<'health'>) => ({ ...r, aheadMs: r.now - Date.now() }),
    }),
  }),
});

/** Formulas, their versions and what is being worked on. */
const formulas = base.injectEndpoints({
  endpoints: (build) => ({
    shelf: build.query<AnswerOf<'shelf'>, ShelfQuery>({
      query: (query) => ask('shelf', { query }),
      providesTags: ['Shelf'],
    }),
    formula: build.query<AnswerOf<'formula'>, string>({
      query: (id) => ask('formula', { id }),
      providesTags: (_r, _e, id) => [{ type: 'Formula', id }],
    }),
    version: build.query<Version, string>({
      query: (id) => ask('version', { id }),
      providesTags: (_r, _e, id) => [{ type: 'Version', id }],
      keepUnusedDataFor: 600,
    }),
    markVersion: build.mutation<Version, { id: string; mark: VersionMark }>({
      query: ({ id, mark }) => ask('markVersion', { id, body: mark }),
      invalidatesTags: (r, _e, { id }) => [
        { type: 'Version', id },
        ...(r ? [{ type: 'Formula' as const, id: r.formulaId }] : []),
      ],
    }),
    versions: build.query<Version[], string[]>({
      queryFn: async (ids, _api, _extra, fetch) => {
        const found = await Promise.all(ids.map(async (id) => fetch(ask('version', { id }))));
        const failed = found.find((f) => f.error);
        return failed?.error ? { error: failed.error } : { data: found.map((f) => f.data as Version) };
      },
      keepUnusedDataFor: 3600,
    }),
    createFormula: build.mutation<AnswerOf<'createFormula'>, Formula>({
      query: (formula) => ask('createFormula', { body: { formula } }),
      invalidatesTags: ['Shelf'],
    }),
    changeFormula: build.mutation<AnswerOf<'changeFormula'>, { id: string } & BodyOf<'changeFormula'>>({
      query: ({ id, ...body }) => ask('changeFormula', { id, body }),
      invalidatesTags: (_r, _e, { id }) => ['Shelf', { type: 'Formula', id }],
    }),
    duplicateFormula: build.mutation<AnswerOf<'duplicateFormula'>, string>({
      query: (id) => ask('duplicateFormula', { id }),
      invalidatesTags: ['Shelf'],
    }),
    deleteFormula: build.mutation<void, string>({
      query: (id) => ask('deleteFormula', { id }),
      invalidatesTags: ['Shelf'],
    }),
    restoreFormula: build.mutation<AnswerOf<'restoreFormula'>, string>({
      query: (id) => ask('restoreFormula', { id }),
      invalidatesTags: ['Shelf'],
    }),
    keepVersion: build.mutation<Version, { formulaId: string; body: BodyOf<'keepVersion'> }>({
      query: ({ formulaId, body }) => ask('keepVersion', { id: formulaId, body }),
      invalidatesTags: (_r, _e, { formulaId }) => ['Shelf', { type: 'Formula', id: formulaId }],
    }),
  }),
});

/** What is being worked on, and what was laid aside. */
const drafts = formulas.injectEndpoints({
  endpoints: (build) => ({
    draft: build.query<AnswerOf<'draft'>, string>({
      query: (id) => ask('draft', { id }),
      providesTags: (_r, _e, id) => [{ type: 'Draft', id }],
      keepUnusedDataFor: 0,
    }),
    asides: build.query<AsideMeta[], string>({
      query: (id) => ask('draft', { id }),
      transformResponse: (r: AnswerOf<'draft'>) => r.aside,
      providesTags: ['Aside'],
      keepUnusedDataFor: 0,
    }),
    aside: build.query<AnswerOf<'aside'>, string>({
      query: (id) => ask('aside', { id }),
      keepUnusedDataFor: 0,
    }),
    createAside: build.mutation<AsideMeta, { formulaId: string; doc: BodyOf<'createAside'>['doc'] }>({
      query: ({ formulaId, doc }) => ask('createAside', { id: formulaId, body: { doc } }),
      invalidatesTags: ['Aside'],
    }),
    dropAside: build.mutation<void, string>({
      query: (id) => ask('dropAside', { id }),
      invalidatesTags: ['Aside'],
    }),
    restoreAside: build.mutation<AsideMeta, string>({
      query: (id) => ask('restoreAside', { id }),
      invalidatesTags: ['Aside'],
    }),
    saveDraft: build.mutation<AnswerOf<'putDraft'>, { formulaId: string } & BodyOf<'putDraft'>>({
      query: ({ formulaId, ...body }) => ask('putDraft', { id: formulaId, body }),
    }),
  }),
});

/** What is in the pantry, who eats, and the kitchen itself. */
export const api = drafts.injectEndpoints({
  endpoints: (build) => ({
    pantry: build.query<PantryRow[], void>({
      query: () => ask('pantry'),
      transformResponse: (r: AnswerOf<'pantry'>) => r.items,
      providesTags: ['Pantry'],
      keepUnusedDataFor: 3600,
    }),
    createPantry: build.mutation<PantryRow[], PantryDoc[]>({
      query: (docs) => ask('createPantry', { body: { docs } }),
      transformResponse: (r: AnswerOf<'createPantry'>) => r.items,
      invalidatesTags: ['Pantry'],
    }),
    revisePantry: build.mutation<PantryRow, { itemId: string } & Put<PantryDoc>>({
      query: ({ itemId, ...body }) => ask('revisePantry', { id: itemId, body }),
      invalidatesTags: ['Pantry'],
    }),
    removePantry: build.mutation<{ moved: number }, string[]>({
      query: (itemIds) => ask('removePantry', { body: { itemIds } }),
      invalidatesTags: ['Pantry'],
    }),
    restorePantry: build.mutation<{ moved: number }, string[]>({
      query: (itemIds) => ask('restorePantry', { body: { itemIds } }),
      invalidatesTags: ['Pantry'],
    }),
    eaters: build.query<EaterRow[], void>({
      query: () => ask('eaters'),
      transformResponse: (r: AnswerOf<'eaters'>) => r.rows,
      providesTags: ['Eaters'],
    }),
    createEater: build.mutation<EaterRow, Eater>({
      query: (body) => ask('createEater', { body }),
      invalidatesTags: ['Eaters'],
    }),
    putEater: build.mutation<EaterRow, { id: string } & Put<Eater>>({
      query: ({ id, ...body }) => ask('putEater', { id, body }),
      // Also where it was refused: what is there now is then shown beside.
      invalidatesTags: ['Eaters'],
    }),
    removeEater: build.mutation<void, string>({
      query: (id) => ask('removeEater', { id }),
      invalidatesTags: ['Eaters'],
    }),
    restoreEater: build.mutation<EaterRow, string>({
      query: (id) => ask('restoreEater', { id }),
      invalidatesTags: ['Eaters'],
    }),
    kitchen: build.query<AnswerOf<'kitchen'>, void>({
      query: () => ask('kitchen'),
      providesTags: ['Kitchen'],
    }),
    putKitchen: build.mutation<AnswerOf<'putKitchen'>, Put<Kitchen>>({
      query: (body) => ask('putKitchen', { body }),
      // It is as changed at once, so that the next change stands on this one; where it fails it goes back.
      async onQueryStarted({ doc }, { dispatch, queryFulfilled }) {
        const before = dispatch(
          api.util.updateQueryData('kitchen', undefined, (now) => ({ ...doc, rev: now.rev })),
        );
        try {
          const { data } = await queryFulfilled;
          dispatch(api.util.updateQueryData('kitchen', undefined, () => data));
        } catch {
          before.undo();
        }
      },
    }),
  }),
});

export const {
  useMeQuery,
  useHealthQuery,
  useShelfQuery,
  useFormulaQuery,
  useVersionQuery,
  useAsidesQuery,
  useDropAsideMutation,
  useRestoreAsideMutation,
  useCreateFormulaMutation,
  useChangeFormulaMutation,
  useDeleteFormulaMutation,
  useDuplicateFormulaMutation,
  useRestoreFormulaMutation,
  useKeepVersionMutation,
  useMarkVersionMutation,
  usePantryQuery,
  useCreatePantryMutation,
  useRevisePantryMutation,
  useRemovePantryMutation,
  useRestorePantryMutation,
  useEatersQuery,
  useCreateEaterMutation,
  usePutEaterMutation,
  useRemoveEaterMutation,
  useRestoreEaterMutation,
  useVersionsQuery,
  useKitchenQuery,
  usePutKitchenMutation,
} = api;
