import type { NextFunction, Request, RequestHandler, Response } from 'express';
import type { Schema } from 'yup';
import { problem, type Problem } from '../../contract/problem';
import { check } from '../../contract/shapes';
import { Refusal, refuse } from '../services/fail';

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i;

/**
 * Refuses requests that did not come from this machine's own page: a foreign Host (a name rebound to the
 * loopback address), a foreign Origin, or a browser's word that the request is cross-site. Absent headers pass,
 * so that scripts may call.
 */
export const ownOnly: RequestHandler = (req, _res, next) => {
  const { host, origin } = req.headers;
  const site = req.headers['sec-fetch-site'];
  const ownHost = host === undefined || LOOPBACK.test(host);
  const ownOrigin = origin === undefined || origin === `http://${host ?? ''}`;
  const crossSite = site === 'cross-site' && req.headers['sec-fetch-mode'] !== 'navigate';
  if (!ownHost || !ownOrigin || crossSite) refuse('request.foreign', 'headers');
  next();
};

/** Bodies are JSON and nothing else: a form of another page cannot send it without being asked. */
export const jsonOnly: RequestHandler = (req, _res, next) => {
  const hasBody = req.headers['content-length'] !== undefined && req.headers['content-length'] !== '0';
  if (hasBody && !req.is('application/json')) refuse('body.wrongType', 'headers.content-type');
  next();
};

/**
 * The checked body, or a refusal that says what is wrong and where. `T` is the type of contract/dto that the
 * schema checks: Yup knows tuples and unions less exactly than TypeScript does.
 */
export function bodyOf<T>(schema: Schema, body: unknown): T {
  const checked = check(schema, body);
  if ('value' in checked) return checked.value as T;
  const [first] = checked.invalid;
  return refuse('body.invalid', first?.path ?? '', {
    message: first?.message ?? '',
    more: checked.invalid
      .slice(1)
      .map((i) => `${i.path}: ${i.message}`)
      .join('; ')
      .slice(0, 500),
  });
}

function problemOf(error: unknown): Problem | null {
  if (error instanceof Refusal) return error.problem;
  const { type, status } = (error ?? {}) as { type?: string; status?: number };
  if (type === 'entity.too.large') return problem('body.tooLarge');
  if (type === 'entity.parse.failed' || status === 400) return problem('body.notJson');
  if (type === 'charset.unsupported' || type === 'encoding.unsupported') return problem('body.wrongType');
  return null;
}

/** Every failure as problem+json; what is not a refusal is logged here and told without its inside. */
export function answerProblem(log: (error: unknown) => void) {
  return (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const known = problemOf(error);
    if (!known) log(error);
    const answer = known ?? problem('server.failed');
    res.status(answer.status).type('application/problem+json').send(JSON.stringify(answer));
  };
}
