import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { CALLS, type AnswerOf, type BodyOf, type CallName } from '../../contract/calls';
import type { AddEvents, BenchRun, RunDetail, RunRow } from '../../contract/bench';
import type { BakeDay, DayRow } from '../../contract/days';
import type {
  AsideMeta,
  EaterRow,
  Kitchen,
  PantryRow,
  Put,
  ShelfQuery,
  Version,
  VersionMark,
  WayRow,
} from '../../contract/dto';
import type {
  ExperimentRow,
  PhotoRow,
  TastingRow,
  TrialPage,
  TrialQuery,
  TrialRow,
} from '../../contract/notebook';
import type { Problem } from '../../contract/problem';
import type { OwnKitDoc } from '../../core/classes';
import type { Eater } from '../../core/exclusions';
import type { Formula } from '../../core/formula';
import type { Experiment, Tasting, Trial } from '../../core/judge';
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

/** Requests that outlive their page may carry 64 kB in all (Fetch Standard, "keepalive"). */
const MOST_KEPT_ALIVE = 60_000;
const isSmall = (body: unknown): boolean => JSON.stringify(body).length < MOST_KEPT_ALIVE;

/**
 * Of two answers about a run the one that is further: what happened is only ever added to, and of two that were asked for one after the
 * other the first may come last.
 */
const furtherRun = (now: RunDetail, came: RunDetail): RunDetail =>
  came.events.length >= now.events.length ? came : now;

/** A day as it was last shown, from a page that is being left: presses that wait for their turn would be lost with it. */
export function leaveDay(id: string, body: Put<BakeDay>): void {
  if (!isSmall(body)) return;
  void fetch(addressOf('putDay', id), {
    method: 'PUT',
    keepalive: true,
    headers: { 'content-type': 'application/json', [CSRF_HEADER]: pageToken() },
    body: JSON.stringify(body),
  }).catch(() => undefined);
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
    'Ways',
    'Kitchen',
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
    ways: build.query<WayRow[], void>({
      query: () => ask('ways'),
      transformResponse: (r: AnswerOf<'ways'>) => r.rows,
      providesTags: ['Ways'],
      keepUnusedDataFor: 3600,
    }),
    createWay: build.mutation<WayRow, OwnKitDoc>({
      query: (body) => ask('createWay', { body }),
      invalidatesTags: ['Ways'],
    }),
    putWay: build.mutation<WayRow, { id: string } & Put<OwnKitDoc>>({
      query: ({ id, ...body }) => ask('putWay', { id, body }),
      invalidatesTags: ['Ways'],
    }),
    removeWay: build.mutation<void, string>({
      query: (id) => ask('removeWay', { id }),
      invalidatesTags: ['Ways'],
    }),
    restoreWay: build.mutation<WayRow, string>({
      query: (id) => ask('restoreWay', { id }),
      invalidatesTags: ['Ways'],
    }),
    versions: build.query<Version[], string[]>({
      queryFn: async (ids, _api, _extra, fetch) => {
        const found = await Promise.all(ids.map(async (id) => fetch(ask('version', { id }))));
        const failed = found.find((f) => f.error);
        return failed?.error ? { error: failed.error } : { data: found.map((f) => f.data as Version) };
      },
      keepUnusedDataFor: 3600,
    }),
    days: build.query<DayRow[], void>({
      query: () => ask('days'),
      transformResponse: (r: AnswerOf<'days'>) => r.rows,
      providesTags: ['Days'],
    }),
    day: build.query<DayRow, string>({ query: (id) => ask('day', { id }) }),
    createDay: build.mutation<DayRow, BakeDay>({
      query: (body) => ask('createDay', { body }),
      invalidatesTags: ['Days'],
    }),
    putDay: build.mutation<DayRow, { id: string } & Put<BakeDay>>({
      // It goes on its way although the page is closed or loaded anew meanwhile.
      query: ({ id, ...body }) => ({ ...ask('putDay', { id, body }), keepalive: isSmall(body) }),
      invalidatesTags: ['Days'],
      async onQueryStarted({ id }, { dispatch, queryFulfilled }) {
        await queryFulfilled.then(
          ({ data }) => dispatch(api.util.updateQueryData('day', id, () => data)),
          () => undefined,
        );
      },
    }),
    run: build.query<RunDetail, string>({
      query: (id) => ask('run', { id }),
      keepUnusedDataFor: 0,
      merge: furtherRun,
    }),
    createRun: build.mutation<RunRow, BenchRun>({ query: (body) => ask('createRun', { body }) }),
    addEvents: build.mutation<RunDetail, { id: string } & AddEvents>({
      query: ({ id, ...body }) => ({ ...ask('addEvents', { id, body }), keepalive: isSmall(body) }),
      async onQueryStarted({ id }, { dispatch, queryFulfilled }) {
        await queryFulfilled.then(
          ({ data }) => dispatch(api.util.updateQueryData('run', id, (now) => furtherRun(now, data))),
          () => undefined,
        );
      },
    }),
    runs: build.query<RunRow[], void>({
      query: () => ask('runs'),
      transformResponse: (r: AnswerOf<'runs'>) => r.rows,
      keepUnusedDataFor: 0,
    }),
    trials: build.query<TrialPage, TrialQuery>({
      query: (query) => ask('trials', { query }),
      providesTags: ['Trials'],
    }),
    trial: build.query<TrialRow, string>({
      query: (id) => ask('trial', { id }),
      providesTags: (_r, _e, id) => [{ type: 'Trial', id }],
    }),
    createTrial: build.mutation<TrialRow, Trial>({
      query: (body) => ask('createTrial', { body }),
      invalidatesTags: ['Trials'],
    }),
    putTrial: build.mutation<TrialRow, { id: string } & Put<Trial>>({
      query: ({ id, ...body }) => ask('putTrial', { id, body }),
      invalidatesTags: ['Trials'],
      async onQueryStarted({ id }, { dispatch, queryFulfilled }) {
        await queryFulfilled.then(
          ({ data }) => dispatch(api.util.updateQueryData('trial', id, () => data)),
          () => undefined,
        );
      },
    }),
    removeTrial: build.mutation<void, string>({
      query: (id) => ask('removeTrial', { id }),
      invalidatesTags: ['Trials'],
    }),
    restoreTrial: build.mutation<TrialRow, string>({
      query: (id) => ask('restoreTrial', { id }),
      invalidatesTags: ['Trials'],
    }),
    experiments: build.query<ExperimentRow[], void>({
      query: () => ask('experiments'),
      transformResponse: (r: AnswerOf<'experiments'>) => r.rows,
      providesTags: ['Experiments'],
    }),
    experiment: build.query<ExperimentRow, string>({
      query: (id) => ask('experiment', { id }),
      keepUnusedDataFor: 0,
    }),
    createExperiment: build.mutation<ExperimentRow, Experiment>({
      query: (body) => ask('createExperiment', { body }),
      invalidatesTags: ['Experiments'],
    }),
    putExperiment: build.mutation<ExperimentRow, { id: string } & Put<Experiment>>({
      query: ({ id, ...body }) => ask('putExperiment', { id, body }),
      invalidatesTags: ['Experiments'],
      async onQueryStarted({ id }, { dispatch, queryFulfilled }) {
        await queryFulfilled.then(
          ({ data }) => dispatch(api.util.updateQueryData('experiment', id, () => data)),
          () => undefined,
        );
      },
    }),
    removeExperiment: build.mutation<void, string>({
      query: (id) => ask('removeExperiment', { id }),
      invalidatesTags: ['Experiments'],
    }),
    restoreExperiment: build.mutation<ExperimentRow, string>({
      query: (id) => ask('restoreExperiment', { id }),
      invalidatesTags: ['Experiments'],
    }),
    tastings: build.query<TastingRow[], void>({
      query: () => ask('tastings'),
      transformResponse: (r: AnswerOf<'tastings'>) => r.rows,
      providesTags: ['Tastings'],
    }),
    tasting: build.query<TastingRow, string>({
      query: (id) => ask('tasting', { id }),
      keepUnusedDataFor: 0,
    }),
    createTasting: build.mutation<TastingRow, Tasting>({
      query: (body) => ask('createTasting', { body }),
      invalidatesTags: ['Tastings'],
    }),
    putTasting: build.mutation<TastingRow, { id: string } & Put<Tasting>>({
      query: ({ id, ...body }) => ask('putTasting', { id, body }),
      invalidatesTags: ['Tastings'],
      async onQueryStarted({ id }, { dispatch, queryFulfilled }) {
        await queryFulfilled.then(
          ({ data }) => dispatch(api.util.updateQueryData('tasting', id, () => data)),
          () => undefined,
        );
      },
    }),
    removeTasting: build.mutation<void, string>({
      query: (id) => ask('removeTasting', { id }),
      invalidatesTags: ['Tastings'],
    }),
    restoreTasting: build.mutation<TastingRow, string>({
      query: (id) => ask('restoreTasting', { id }),
      invalidatesTags: ['Tastings'],
    }),
    createPhoto: build.mutation<PhotoRow, string>({
      query: (data) => ask('createPhoto', { body: { data } }),
    }),
    removeDay: build.mutation<void, string>({
      query: (id) => ask('removeDay', { id }),
      invalidatesTags: ['Days'],
    }),
    restoreDay: build.mutation<DayRow, string>({
      query: (id) => ask('restoreDay', { id }),
      invalidatesTags: ['Days'],
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
  useRunsQuery,
  useTrialsQuery,
  useExperimentsQuery,
  useExperimentQuery,
  useCreateExperimentMutation,
  usePutExperimentMutation,
  useRemoveExperimentMutation,
  useRestoreExperimentMutation,
  useTastingsQuery,
  useTastingQuery,
  useCreateTastingMutation,
  usePutTastingMutation,
  useRemoveTastingMutation,
  useRestoreTastingMutation,
  useTrialQuery,
  useCreateTrialMutation,
  usePutTrialMutation,
  useRemoveTrialMutation,
  useRestoreTrialMutation,
  useCreatePhotoMutation,
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
  useWaysQuery,
  useCreateWayMutation,
  usePutWayMutation,
  useRemoveWayMutation,
  useRestoreWayMutation,
  useVersionsQuery,
  useDaysQuery,
  useDayQuery,
  useCreateDayMutation,
  usePutDayMutation,
  useRunQuery,
  useCreateRunMutation,
  useAddEventsMutation,
  useRemoveDayMutation,
  useRestoreDayMutation,
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
