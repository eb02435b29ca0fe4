import type { Experiment, Tasting, Trial } from '../../core/judge';
import type { AnswerOf } from '../../contract/calls';
import type { Put } from '../../contract/dto';
import type {
  ExperimentRow,
  PhotoRow,
  TastingRow,
  TrialPage,
  TrialQuery,
  TrialRow,
} from '../../contract/notebook';
import { api } from './api';
import { ask } from './ask';

const withTrials = api.injectEndpoints({
  endpoints: (build) => ({
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
          ({ data }) => dispatch(withTrials.util.updateQueryData('trial', id, () => data)),
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
    createPhoto: build.mutation<PhotoRow, string>({
      query: (data) => ask('createPhoto', { body: { data } }),
    }),
  }),
});

/** Trials, experiments, tastings and photos: fetched with the pages that have to do with them. */
export const notebookApi = withTrials.injectEndpoints({
  endpoints: (build) => ({
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
          ({ data }) => dispatch(notebookApi.util.updateQueryData('experiment', id, () => data)),
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
          ({ data }) => dispatch(notebookApi.util.updateQueryData('tasting', id, () => data)),
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
  }),
});

export const {
  useTrialsQuery,
  useTrialQuery,
  useCreateTrialMutation,
  usePutTrialMutation,
  useRemoveTrialMutation,
  useRestoreTrialMutation,
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
  useCreatePhotoMutation,
} = notebookApi;
