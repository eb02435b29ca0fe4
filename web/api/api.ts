import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { CALLS, type AnswerOf, type BodyOf, type CallName } from '../../contract/calls';
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
import type { TrialQuery } from '../../contract/notebook';
import type { Problem } from '../../contract/problem';
import type { Eater } from '../../core/exclusions';
import type { Formula } from '../../core/formula';
import type { PantryDoc } from '../../core/pantry';
import { CSRF_HEADER, type DeedQuery, type Me } from '../../contract/people';
import { HOME } from './home';
import { ENDED, pageToken, session } from './session';

const BASE = new URL(`${HOME}/api/v1`, location.origin).href;

/** The address of a call, absolute, so that it also works where the page has no location of its own. */
export const addressOf = (name: CallName, id = ''): string =>
  `${BASE}${CALLS[name].path.replace(':id', encodeURIComponent(id))}`;

/** A declared call as a request. */
export function ask<N extends CallName>(
  name: N,
  {
    id = '',
    body,
    query,
  }: { id?: string; body?: BodyOf<N>; query?: ShelfQuery | TrialQuery | DeedQuery } = {},
): FetchArgs {
  const params = new URLSearchParams();
  for (const [key, value] of Object.entries(query ?? {}) as [string, string | string[] | undefined][])
    for (const one of [value ?? []].flat()) params.append(key, one);
  const { method, path } = CALLS[name];
  const search = params.size > 0 ? `?${params.toString()}` : '';
  return {
    url: `${path.replace(':id', encodeURIComponent(id))}${search}`,
    method: method.toUpperCase(),
    ...(body === undefined ? {} : { body: body }),
  };
}

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

/** Server state. */
export const api = createApi({
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
    versions: build.query<Version[], string[]>({
      queryFn: async (ids, _api, _extra, fetch) => {
        const found = await Promise.all(ids.map(async (id) => fetch(ask('version', { id }))));
        const failed = found.find((f) => f.error);
        return failed?.error ? { error: failed.error } : { data: found.map((f) => f.data as Version) };
      },
      keepUnusedDataFor: 3600,
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

/** The problem inside a failed call, or null where the server did not answer at all. */
export function problemIn(error: unknown): Problem | null {
  const data = (error as { data?: unknown } | null)?.data;
  const parsed: unknown = typeof data === 'string' ? tryParse(data) : data;
  if (parsed && typeof parsed === 'object' && 'code' in parsed) return parsed as Problem;
  // Something answered, but not in our words.
  const { status, originalStatus } = (error ?? {}) as { status?: unknown; originalStatus?: unknown };
  const said =
    typeof status === 'number' ? status : typeof originalStatus === 'number' ? originalStatus : null;
  return said === null ? null : { status: said, code: 'server.failed', path: '', args: {} };
}

function tryParse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
