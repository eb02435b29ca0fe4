import { parentPort } from 'node:worker_threads';
import { makeWorker, type WorkJob } from '../../contract/work';

const { run } = makeWorker();

parentPort?.on('message', (job: WorkJob) => parentPort?.postMessage(run(job)));
