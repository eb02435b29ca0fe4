import { DrizzleQueryError } from 'drizzle-orm/errors';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import type { Schema } from 'yup';
import { problem, type Problem, type ProblemCode } from '../../contract/problem';
import { check } from '../../contract/shapes';
import { Refusal, refuse } from '../services/fail';
import type { Asker } from '../work/compute';

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i;

/**
 * Refuses requests that did not come from a page of ours: a foreign Host (a name rebound to an address of this machine),
 * a foreign Origin, or a browser's word that the request is cross-site. Absent headers pass, so that scripts may call.
 * `hosts`: names and addresses beside those of this machine alone, without a port.
 */
export const ownOnly =
  (hosts: () => readonly string[]): RequestHandler =>
  (req, _res, next) => {
    const { host, origin } = req.headers;
    const site = req.headers['sec-fetch-site'];
    const ownHost =
      host === undefined || LOOPBACK.test(host) || hosts().includes(host.replace(/:\d+$/, '').toLowerCase());
    // Behind a server that ends HTTPS the scheme is not ours to know; the host is.
    const ownOrigin =
      origin === undefined || origin === `http://${host ?? ''}` || origin === `https://${host ?? ''}`;
    // A page may be come to from anywhere by a link; what is kept here may be asked for by our own pages alone.
    const isApi = req.path.startsWith('/api/');
    const foreign = isApi
      ? site !== undefined && site !== 'same-origin' && site !== 'none'
      : site === 'cross-site' && req.headers['sec-fetch-mode'] !== 'navigate';
    if (!ownHost || !ownOrigin || foreign) refuse('request.foreign', 'headers');
    next();
  };

/** Whether a request is of this machine itself, not passed on by another server on it. */
export const isFromHere = (req: Request): boolean =>
  /^(127\.0\.0\.1|::1|::ffff:127\.0\.0\.1)$/.test(req.socket.remoteAddress ?? '') &&
  req.headers['x-forwarded-for'] === undefined &&
  req.headers.forwarded === undefined;

const hasBody = (req: Request): boolean =>
  req.headers['transfer-encoding'] !== undefined ||
  (req.headers['content-length'] !== undefined && req.headers['content-length'] !== '0');

/** Bodies are of one type and nothing else: a form of another page cannot send it without being asked. */
export const only =
  (type: string): RequestHandler =>
  (req, _res, next) => {
    if (hasBody(req) && !req.is(type)) refuse('body.wrongType', 'headers.content-type');
    next();
  };

/** What came, checked, or a refusal that says what is wrong and where. */
export function checked(schema: Schema, given: unknown): unknown {
  const done = check(schema, given);
  if ('value' in done) return done.value;
  return refuse('body.invalid', done.invalid.path, { message: done.invalid.message });
}

/** Who asks: by the name a page gives itself, else by its connection; and when it has gone away. */
export function askerOf(req: Request, res: Response): Asker {
  const gone = new AbortController();
  res.on('close', () => !res.writableFinished && gone.abort());
  const named = req.headers['x-client'];
  const client =
    typeof named === 'string' ? named.slice(0, 60) : `${req.socket.remoteAddress}:${req.socket.remotePort}`;
  return { client, signal: gone.signal };
}

/** Codes of PostgreSQL and Node that say in what way the store could not do it. */
const STORE_CODES: Record<string, ProblemCode> = {
  '53100': 'store.full',
  ENOSPC: 'store.full',
  EDQUOT: 'store.full',
  'store.restarted': 'store.restarted',
  // Two that would have made the same thing at once: the second may try again and then sees the first.
  '23505': 'store.busy',
  '40001': 'store.busy',
  '40P01': 'store.busy',
  '57P01': 'store.restarted',
  '57P03': 'store.restarted',
  ECONNRESET: 'store.restarted',
};
const STORE_WORDS: [RegExp, ProblemCode][] = [
  [/no space left on device/i, 'store.full'],
  [/timeout exceeded when trying to connect|connection timeout/i, 'store.busy'],
  [
    /connection terminated|database thread is gone|client has encountered a connection error/i,
    'store.restarted',
  ],
];
function storeProblem(error: unknown): Problem | null {
  for (let e = error, depth = 0; e instanceof Error && depth < 5; e = e.cause, depth++) {
    const { code: told, syscall } = e as NodeJS.ErrnoException;
    // A server on this machine whose socket is not there just now.
    const code = syscall === 'connect' ? 'store.restarted' : STORE_CODES[told ?? ''];
    const said = code ?? STORE_WORDS.find(([words]) => words.test(e instanceof Error ? e.message : ''))?.[1];
    if (said) return problem(said);
  }
  return null;
}

/** The problem that an error tells of; null where it is a fault of ours. */
export function problemOf(error: unknown): Problem | null {
  if (error instanceof Refusal) return error.problem;
  const { type, status } = (error ?? {}) as { type?: string; status?: number };
  if (type === 'entity.too.large') return problem('body.tooLarge');
  if (type === 'entity.parse.failed' || status === 400) return problem('body.notJson');
  if (type === 'charset.unsupported' || type === 'encoding.unsupported') return problem('body.wrongType');
  if (error instanceof URIError) return problem('route.notFound');
  return storeProblem(error);
}

/** What of an error may stand in a log: what was asked of the store has in it what bakers wrote. */
const forLog = (error: unknown): unknown =>
  error instanceof DrizzleQueryError
    ? { query: error.query, cause: error.cause, stack: error.cause?.stack }
    : error;

/** After so long one may come again, s. */
const RETRY_S = '2';

/** Every failure as problem+json; what is not a refusal is logged here and told without its inside. */
export function answerProblem(log: (error: unknown) => void) {
  return (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const known = problemOf(error);
    if (!known) log(forLog(error));
    const answer = known ?? problem('server.failed');
    if (answer.status === 503) res.setHeader('Retry-After', RETRY_S);
    res.status(answer.status).type('application/problem+json').send(JSON.stringify(answer));
  };
}
