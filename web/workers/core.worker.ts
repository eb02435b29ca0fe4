import { expose } from 'comlink';
import { makeWorker } from '../../contract/work';
import { makeScheduler } from './turns';

/** The computation off the main thread: the page and the server run the very same work, here in parts. */
const worker = { run: makeScheduler(makeWorker()), hello: () => true };
export type CoreWorker = typeof worker;
expose(worker);
