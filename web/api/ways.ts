import type { AnswerOf } from '../../contract/calls';
import type { Put, WayRow } from '../../contract/dto';
import type { OwnKitDoc } from '../../core/classes';
import { api } from './api';
import { ask } from './ask';

/** Replacements of the baker's own. */
const waysApi = api.injectEndpoints({
  endpoints: (build) => ({
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
  }),
});

export const {
  useWaysQuery,
  useCreateWayMutation,
  usePutWayMutation,
  useRemoveWayMutation,
  useRestoreWayMutation,
} = waysApi;
