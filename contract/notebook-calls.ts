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
  trials: call<Nothing, TrialPage, TrialQuery>(
    'get',
    '/trials',
    'Trials, the latest first, a piece at a time',
  ),
  trial: call<Nothing, TrialRow>('get', '/trials/:id', 'A trial'),
  createTrial: call<Trial, TrialRow>('post', '/trials', 'Puts a trial into the notebook', {
    status: MADE,
    needs: 'helper',
  }),
  putTrial: call<Put<Trial>, TrialRow>('put', '/trials/:id', 'Changes a trial', { needs: 'helper' }),
  removeTrial: call<Nothing, Nothing>('delete', '/trials/:id', 'Takes a trial out; restore puts it back', {
    status: DONE,
  }),
  restoreTrial: call<Nothing, TrialRow>('post', '/trials/:id/restore', 'Puts a trial back'),
  experiments: call<Nothing, { rows: ExperimentRow[] }>('get', '/experiments', 'Experiments'),
  experiment: call<Nothing, ExperimentRow>(
    'get',
    '/experiments/:id',
    'An experiment, with what was measured',
  ),
  createExperiment: call<Experiment, ExperimentRow>('post', '/experiments', 'Begins an experiment', {
    status: MADE,
  }),
  putExperiment: call<Put<Experiment>, ExperimentRow>(
    'put',
    '/experiments/:id',
    'Says what was measured of a bake of it',
  ),
  removeExperiment: call<Nothing, Nothing>(
    'delete',
    '/experiments/:id',
    'Takes an experiment out; restore puts it back',
    { status: DONE },
  ),
  restoreExperiment: call<Nothing, ExperimentRow>(
    'post',
    '/experiments/:id/restore',
    'Puts an experiment back',
  ),
  tastings: call<Nothing, { rows: TastingRow[] }>('get', '/tastings', 'Blind tastings'),
  tasting: call<Nothing, TastingRow>('get', '/tastings/:id', 'A blind tasting, with what was said'),
  createTasting: call<Tasting, TastingRow>('post', '/tastings', 'Begins a blind tasting', { status: MADE }),
  putTasting: call<Put<Tasting>, TastingRow>('put', '/tastings/:id', 'Says what a taster said'),
  removeTasting: call<Nothing, Nothing>(
    'delete',
    '/tastings/:id',
    'Takes a tasting out; restore puts it back',
    {
      status: DONE,
    },
  ),
  restoreTasting: call<Nothing, TastingRow>('post', '/tastings/:id/restore', 'Puts a tasting back'),
  createPhoto: call<PhotoIn, PhotoRow>('post', '/photos', 'Keeps a photo, once however often it comes', {
    status: MADE,
    needs: 'helper',
  }),
  photo: call<Nothing, Nothing>('get', '/photos/:id', 'A photo by its hash', { stream: true }),
};
