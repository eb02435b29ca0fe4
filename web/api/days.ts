import type { AddEvents, BenchRun, RunDetail, RunRow } from '../../contract/bench';
import type { AnswerOf } from '../../contract/calls';
import type { BakeDay, DayRow } from '../../contract/days';
import type { Put } from '../../contract/dto';
import { CSRF_HEADER } from '../../contract/people';
import { api } from './api';
import { addressOf, ask } from './ask';
import { pageToken } from './session';

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

/** Bake days and runs at the bench: fetched with the pages that have to do with them. */
export const daysApi = api.injectEndpoints({
  endpoints: (build) => ({
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
          ({ data }) => dispatch(daysApi.util.updateQueryData('day', id, () => data)),
          () => undefined,
        );
      },
    }),
    removeDay: build.mutation<void, string>({
      query: (id) => ask('removeDay', { id }),
      invalidatesTags: ['Days'],
    }),
    restoreDay: build.mutation<DayRow, string>({
      query: (id) => ask('restoreDay', { id }),
      invalidatesTags: ['Days'],
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
          ({ data }) => dispatch(daysApi.util.updateQueryData('run', id, (now) => furtherRun(now, data))),
          () => undefined,
        );
      },
    }),
    runs: build.query<RunRow[], void>({
      query: () => ask('runs'),
      transformResponse: (r: AnswerOf<'runs'>) => r.rows,
      keepUnusedDataFor: 0,
    }),
  }),
});

export const {
  useDaysQuery,
  useDayQuery,
  useCreateDayMutation,
  usePutDayMutation,
  useRemoveDayMutation,
  useRestoreDayMutation,
  useRunQuery,
  useCreateRunMutation,
  useAddEventsMutation,
  useRunsQuery,
} = daysApi;
