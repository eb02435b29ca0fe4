import { expose } from 'comlink';
import { makeWorker } from '../../contract/work';
import { takeTurns } from './turns';

/** The computation off the main thread: the page and the server run the very same work, here in parts. */
const worker = { run: takeTurns(makeWorker()), hello: () => true };
export type CoreWorker = typeof worker;
expose(worker);
