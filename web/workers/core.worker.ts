import { expose } from 'comlink';
import { doJob, type WorkAnswer, type WorkJob } from '../../contract/work';

/** The computation off the main thread: one call, so that the page and the server run the very same work. */
const worker = { run: (job: WorkJob): WorkAnswer => doJob(job) };
export type CoreWorker = typeof worker;
expose(worker);
