/** Runs work one after another: each stands on what came of the one before. */
export function makeTurns(): <T>(work: () => Promise<T>) => Promise<T> {
  let queue: Promise<unknown> = Promise.resolve();
  return (work) => {
    const done = queue.then(work, work);
    queue = done.catch(() => undefined);
    return done;
  };
}
