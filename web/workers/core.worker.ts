import { expose } from 'comlink';
import { makeWorker, type WorkAnswer, type WorkJob } from '../../contract/work';

const doJob = makeWorker();

/** The computation off the main thread: one call, so that the page and the server run the very same work. */
const worker = { run: (job: WorkJob): WorkAnswer => doJob(job) };
export type CoreWorker = typeof worker;
expose(worker);
