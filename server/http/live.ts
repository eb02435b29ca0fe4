import type { Request, Response } from 'express';

/** So often one who follows something hears that the server is there, ms. */
const BEAT_MS = 15_000;

/** What is followed from this process now. */
const open = new Set<Response>();

/** Ends every stream: a process that stops waits for answers, and a stream has no end of its own. The page asks again. */
export const endLive = (): void => {
  for (const res of open) res.end();
};

/** Something that is followed: how one hears that it changed, where it stands, and what is new since. */
type Followed<At> = {
  follow: (hear: () => void) => () => void;
  begin: () => Promise<At>;
  after: (last: At) => Promise<{ at: At; said: unknown }>;
};

/** Server-sent events (HTML Standard, 9.2) of something, until the page goes away. */
export async function live<At>(
  req: Request,
  res: Response,
  { follow, begin, after }: Followed<At>,
): Promise<undefined> {
  // Followed before it is looked at: what changes in between is told too.
  const missed = { any: false };
  let hear = () => void (missed.any = true);
  const off = follow(() => hear());
  let last: At;
  try {
    last = await begin();
  } catch (error) {
    off();
    throw error;
  }
  res.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' });
  res.write(': here\n\n');
  // One after another: what is added while something is sent is sent after it.
  let turn = Promise.resolve();
  hear = () => {
    turn = turn
      .then(async () => {
        const { at, said } = await after(last);
        last = at;
        if (said !== null) res.write(`data: ${JSON.stringify(said)}\n\n`);
      })
      // What cannot be looked up now is told with the next.
      .catch(() => undefined);
  };
  if (missed.any) hear();
  const beat = setInterval(() => res.write(': here\n\n'), BEAT_MS);
  open.add(res);
  await new Promise<void>((done) => req.once('close', done));
  open.delete(res);
  clearInterval(beat);
  off();
  res.end();
  return undefined;
}
