import { parentPort } from 'node:worker_threads';
import { doJob, type WorkJob } from '../../contract/work';

parentPort?.on('message', (job: WorkJob) => parentPort?.postMessage(doJob(job)));
