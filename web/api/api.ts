import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  CreateVersion,
  Draft,
  DraftDoc,
  EaterRow,
  FormulaCard,
  FormulaDetail,
  Kitchen,
  PantryRow,
  Version,
  VersionMark,
  WayRow,
} from '../../contract/dto';
import type { Backup, Restored } from '../../contract/backup';
import type { Problem } from '../../contract/problem';
import type { OwnKitDoc } from '../../core/classes';
import type { Eater } from '../../core/exclusions';
import type { Formula } from '../../core/formula';
import type { PantryDoc } from '../../core/pantry';

/** Server state. The base is absolute, so that it also works where the page has no location of its own. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: new URL('/api/v1', location.origin).href }),
  tagTypes: ['Shelf', 'Formula', 'Version', 'Draft', 'Pantry', 'Eaters', 'Ways', 'Kitchen'],
  endpoints: (build) => ({
    shelf: build.query<FormulaCard[], void>({
      query: () => '/formulas',
      transformResponse: (r: { formulas: FormulaCard[] }) => r.formulas,
      providesTags: ['Shelf'],
    }),
    formula: build.query<FormulaDetail, string>({
      query: (id) => `/formulas/${id}`,
      providesTags: (_r, _e, id) => [{ type: 'Formula', id }],
    }),
    version: build.query<Version, string>({
      query: (id) => `/versions/${id}`,
      providesTags: (_r, _e, id) => [{ type: 'Version', id }],
      keepUnusedDataFor: 600,
    }),
    markVersion: build.mutation<Version, { id: string; mark: VersionMark }>({
      query: ({ id, mark }) => ({ url: `/versions/${id}`, method: 'PATCH', body: mark }),
      invalidatesTags: (r, _e, { id }) => [
        { type: 'Version', id },
        ...(r ? [{ type: 'Formula' as const, id: r.formulaId }] : []),
      ],
    }),
    draft: build.query<Draft | null, string>({
      query: (id) => `/formulas/${id}/draft`,
      transformResponse: (r: { draft: Draft | null }) => r.draft,
      providesTags: (_r, _e, id) => [{ type: 'Draft', id }],
      keepUnusedDataFor: 0,
    }),
    createFormula: build.mutation<{ formula: FormulaDetail; version: Version }, Formula>({
      query: (formula) => ({ url: '/formulas', method: 'POST', body: { formula } }),
      invalidatesTags: ['Shelf'],
    }),
    changeFormula: build.mutation<FormulaDetail, { id: string; title?: string; archived?: boolean }>({
      query: ({ id, ...body }) => ({ url: `/formulas/${id}`, method: 'PATCH', body }),
      invalidatesTags: (_r, _e, { id }) => ['Shelf', { type: 'Formula', id }],
    }),
    duplicateFormula: build.mutation<FormulaDetail, string>({
      query: (id) => ({ url: `/formulas/${id}/duplicate`, method: 'POST' }),
      invalidatesTags: ['Shelf'],
    }),
    deleteFormula: build.mutation<void, string>({
      query: (id) => ({ url: `/formulas/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Shelf'],
    }),
    restoreFormula: build.mutation<FormulaDetail, string>({
      query: (id) => ({ url: `/formulas/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Shelf'],
    }),
    keepVersion: build.mutation<Version, { formulaId: string; body: CreateVersion }>({
      query: ({ formulaId, body }) => ({ url: `/formulas/${formulaId}/versions`, method: 'POST', body }),
      invalidatesTags: (_r, _e, { formulaId }) => ['Shelf', { type: 'Formula', id: formulaId }],
    }),
    pantry: build.query<PantryRow[], void>({
      query: () => '/pantry',
      transformResponse: (r: { items: PantryRow[] }) => r.items,
      providesTags: ['Pantry'],
      keepUnusedDataFor: 3600,
    }),
    createPantry: build.mutation<PantryRow[], PantryDoc[]>({
      query: (docs) => ({ url: '/pantry', method: 'POST', body: { docs } }),
      transformResponse: (r: { items: PantryRow[] }) => r.items,
      invalidatesTags: ['Pantry'],
    }),
    revisePantry: build.mutation<PantryRow, { itemId: string; rev: number; doc: PantryDoc }>({
      query: ({ itemId, rev, doc }) => ({ url: `/pantry/${itemId}`, method: 'PUT', body: { rev, doc } }),
      invalidatesTags: ['Pantry'],
    }),
    removePantry: build.mutation<{ moved: number }, string[]>({
      query: (itemIds) => ({ url: '/pantry/remove', method: 'POST', body: { itemIds } }),
      invalidatesTags: ['Pantry'],
    }),
    restorePantry: build.mutation<{ moved: number }, string[]>({
      query: (itemIds) => ({ url: '/pantry/restore', method: 'POST', body: { itemIds } }),
      invalidatesTags: ['Pantry'],
    }),
    eaters: build.query<EaterRow[], void>({
      query: () => '/eaters',
      transformResponse: (r: { eaters: EaterRow[] }) => r.eaters,
      providesTags: ['Eaters'],
    }),
    createEater: build.mutation<EaterRow, Eater>({
      query: (body) => ({ url: '/eaters', method: 'POST', body }),
      invalidatesTags: ['Eaters'],
    }),
    putEater: build.mutation<EaterRow, { id: string; doc: Eater }>({
      query: ({ id, doc }) => ({ url: `/eaters/${id}`, method: 'PUT', body: doc }),
      invalidatesTags: ['Eaters'],
    }),
    removeEater: build.mutation<void, string>({
      query: (id) => ({ url: `/eaters/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Eaters'],
    }),
    restoreEater: build.mutation<EaterRow, string>({
      query: (id) => ({ url: `/eaters/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Eaters'],
    }),
    ways: build.query<WayRow[], void>({
      query: () => '/ways',
      transformResponse: (r: { ways: WayRow[] }) => r.ways,
      providesTags: ['Ways'],
      keepUnusedDataFor: 3600,
    }),
    createWay: build.mutation<WayRow, OwnKitDoc>({
      query: (body) => ({ url: '/ways', method: 'POST', body }),
      invalidatesTags: ['Ways'],
    }),
    putWay: build.mutation<WayRow, { id: string; doc: OwnKitDoc }>({
      query: ({ id, doc }) => ({ url: `/ways/${id}`, method: 'PUT', body: doc }),
      invalidatesTags: ['Ways'],
    }),
    removeWay: build.mutation<void, string>({
      query: (id) => ({ url: `/ways/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Ways'],
    }),
    restoreWay: build.mutation<WayRow, string>({
      query: (id) => ({ url: `/ways/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Ways'],
    }),
    restore: build.mutation<Restored, { backup: Backup; kitchen: boolean }>({
      query: (body) => ({ url: '/backup', method: 'POST', body }),
      invalidatesTags: ['Shelf', 'Formula', 'Version', 'Pantry', 'Eaters', 'Ways', 'Kitchen'],
    }),
    kitchen: build.query<Kitchen, void>({ query: () => '/kitchen', providesTags: ['Kitchen'] }),
    putKitchen: build.mutation<Kitchen, Kitchen>({
      query: (body) => ({ url: '/kitchen', method: 'PUT', body }),
      // It is as changed at once, so that the next change stands on this one; where it fails it goes back.
      async onQueryStarted(doc, { dispatch, queryFulfilled }) {
        const before = dispatch(api.util.updateQueryData('kitchen', undefined, () => doc));
        await queryFulfilled.catch(() => before.undo());
      },
      invalidatesTags: ['Kitchen'],
    }),
    saveDraft: build.mutation<Draft, { formulaId: string; rev: number; doc: DraftDoc }>({
      query: ({ formulaId, rev, doc }) => ({
        url: `/formulas/${formulaId}/draft`,
        method: 'PUT',
        body: { rev, doc },
      }),
    }),
  }),
});

export const {
  useShelfQuery,
  useFormulaQuery,
  useVersionQuery,
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
  useKitchenQuery,
  usePutKitchenMutation,
  useRestoreMutation,
} = api;

/** The problem inside a failed call, or null where the server did not answer at all. */
export function problemIn(error: unknown): Problem | null {
  const data = (error as { data?: unknown } | null)?.data;
  const parsed: unknown = typeof data === 'string' ? tryParse(data) : data;
  return parsed && typeof parsed === 'object' && 'code' in parsed ? (parsed as Problem) : null;
}

function tryParse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
