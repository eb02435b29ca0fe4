import { timingSafeEqual } from 'node:crypto';
import type { RequestHandler } from 'express';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { CALLS, type CallName } from '../../contract/calls';
import type { OpenDb } from '../db/open';
import { isFromHere } from '../http/guards';
import { refuse } from '../services/fail';

function isToken(given: string | undefined, wanted: string | null): boolean {
  if (wanted === null || !given) return false;
  const [a, b] = [Buffer.from(given), Buffer.from(`Bearer ${wanted}`)];
  return a.length === b.length && timingSafeEqual(a, b);
}

export type Metrics = {
  /** Answers with what was counted, as Prometheus reads it: to this machine, and to who has the token. */
  answer: RequestHandler;
  /** Counts what comes and how long it takes. */
  watch: RequestHandler;
};

/** What a request was of: the declared call that took it, as its route says; the rest are pages. */
const callOf = (path: string, taken: unknown): string =>
  typeof taken === 'string' ? taken : path.startsWith('/api/v1') ? 'none' : 'page';

/** Counts and times of this process, and how its store is. */
export function metricsOf(store: Pick<OpenDb, 'waiting'>, token: string | null): Metrics {
  const register = new Registry();
  collectDefaultMetrics({ register });
  const answered = new Counter({
    name: 'new_crumb_answers_total',
    help: 'Answers by call and status',
    labelNames: ['call', 'status'],
    registers: [register],
  });
  const took = new Histogram({
    name: 'new_crumb_answer_seconds',
    help: 'Seconds until an answer was out, by call',
    labelNames: ['call'],
    buckets: [0.005, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 20],
    registers: [register],
  });
  new Gauge({
    name: 'new_crumb_store_waiting',
    help: 'Who waits for a connection to the store',
    registers: [register],
    collect() {
      this.set(store.waiting());
    },
  });
  return {
    watch: (req, res, next) => {
      const { path } = req;
      const end = took.startTimer();
      res.once('close', () => {
        const call = callOf(path, res.locals.call);
        answered.inc({ call, status: String(res.statusCode) });
        // What is followed for hours is no answer that took hours.
        if (!CALLS[call as CallName]?.stream) end({ call });
      });
      next();
    },
    answer: async (req, res) => {
      if (!isFromHere(req) && !isToken(req.headers.authorization, token)) refuse('route.notFound');
      res.type(register.contentType).send(await register.metrics());
    },
  };
}
