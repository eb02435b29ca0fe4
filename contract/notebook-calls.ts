import type { Experiment, Tasting, Trial } from '../core/judge';
import { call, DONE, MADE, type Nothing } from './call';
import type { Put } from './dto';
import type {
  ExperimentRow,
  PhotoIn,
  PhotoRow,
  TastingRow,
  TrialPage,
  TrialQuery,
  TrialRow,
} from './notebook';

/** Calls about trials, experiments, tastings and photos. */
export const NOTEBOOK_CALLS = {
  trials: call<Nothing, TrialPage, TrialQuery>('get', '/trials'),
  trial: call<Nothing, TrialRow>('get', '/trials/:id'),
  createTrial: call<Trial, TrialRow>('post', '/trials', {
    status: MADE,
    needs: 'helper',
  }),
  putTrial: call<Put<Trial>, TrialRow>('put', '/trials/:id', { needs: 'helper' }),
  removeTrial: call<Nothing, Nothing>('delete', '/trials/:id', {
    status: DONE,
  }),
  restoreTrial: call<Nothing, TrialRow>('post', '/trials/:id/restore'),
  experiments: call<Nothing, { rows: ExperimentRow[] }>('get', '/experiments'),
  experiment: call<Nothing, ExperimentRow>('get', '/experiments/:id'),
  createExperiment: call<Experiment, ExperimentRow>('post', '/experiments', {
    status: MADE,
  }),
  putExperiment: call<Put<Experiment>, ExperimentRow>('put', '/experiments/:id'),
  removeExperiment: call<Nothing, Nothing>('delete', '/experiments/:id', { status: DONE }),
  restoreExperiment: call<Nothing, ExperimentRow>('post', '/experiments/:id/restore'),
  tastings: call<Nothing, { rows: TastingRow[] }>('get', '/tastings'),
  tasting: call<Nothing, TastingRow>('get', '/tastings/:id'),
  createTasting: call<Tasting, TastingRow>('post', '/tastings', { status: MADE }),
  putTasting: call<Put<Tasting>, TastingRow>('put', '/tastings/:id'),
  removeTasting: call<Nothing, Nothing>('delete', '/tastings/:id', {
    status: DONE,
  }),
  restoreTasting: call<Nothing, TastingRow>('post', '/tastings/:id/restore'),
  createPhoto: call<PhotoIn, PhotoRow>('post', '/photos', {
    status: MADE,
    needs: 'helper',
  }),
  photo: call<Nothing, Nothing>('get', '/photos/:id', { stream: true }),
};
