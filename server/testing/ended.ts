import type { ChildProcess } from 'node:child_process';

/** The exit code of a process, when it has ended; null where a signal ended it. */
export const ended = (child: ChildProcess): Promise<number | null> =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve(child.exitCode)
    : new Promise((done) => child.once('exit', (code) => done(code)));
