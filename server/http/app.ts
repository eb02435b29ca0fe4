import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { pino, type Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { refuse } from '../services/fail';
import { admitAll, admitPeople, type People } from './admit';
import { answerProblem, isFromHere, ownOnly } from './guards';
import type { Metrics } from '../start/metrics';
import { fewTries, nobodySignsIn, peopleHandlers } from './people-routes';
import type { House } from './handlers';
import { apiRoutes } from './routes';

export type AppOptions = {
  /** The kitchen of this machine, or those of the people who sign in. */
  kitchens: { house: House } | { people: People };
  /** Opens the demo kitchen, which is separate from the baker's own and is laid out when it is first gone to. */
  demo?: () => Promise<House>;
  /** Names this server goes by beside its own machine's. */
  hosts?: () => readonly string[];
  /** Counts and times for those who look after it. */
  metrics?: Metrics;
  webDir?: string;
  log?: Logger;
};

/** The API of a kitchen that is opened by the first who asks; where that fails, the next tries again. */
function whenAsked(open: () => Promise<House>): RequestHandler {
  let routes: Promise<RequestHandler> | null = null;
  return async (req, res, next) => {
    routes ??= open().then((house) => apiRoutes(admitAll({ ...house, demo: true }), nobodySignsIn()));
    const answer = await routes.catch((error: unknown) => {
      routes = null;
      throw error;
    });
    answer(req, res, next);
  };
}

function ownRoutes(kitchens: AppOptions['kitchens'], demo: boolean): RequestHandler {
  if ('house' in kitchens) return apiRoutes(admitAll({ ...kitchens.house, demo }), nobodySignsIn());
  const { people } = kitchens;
  return apiRoutes(admitPeople(people), peopleHandlers(people), fewTries(people.mostTries));
}

/** The whole server as an Express application: guards first, then the API, then the pages. */
export function makeApp({
  kitchens,
  demo,
  hosts = () => [],
  metrics,
  webDir,
  log = pino({ level: 'silent' }),
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: log, quietReqLogger: true, useLevel: 'debug' }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          // Mantine sets styles on elements as it goes.
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          // Instruments of a program on this machine.
          connectSrc: ["'self'", 'ws://localhost:*', 'ws://127.0.0.1:*'],
          manifestSrc: ["'self'"],
          formAction: ["'self'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  if (metrics) app.use(metrics.watch);
  app.use(ownOnly(hosts));
  // What stays on this machine need not be made smaller; another server here asks for others.
  app.use(compression({ filter: (req, res) => !isFromHere(req) && compression.filter(req, res) }));
  if (metrics) app.get('/metrics', metrics.answer);
  app.use('/api/v1', ownRoutes(kitchens, demo !== undefined));
  if (demo) app.use('/demo/api/v1', whenAsked(demo));
  app.use('/demo/api', () => refuse('route.notFound'));
  app.use('/api', () => refuse('route.notFound'));
  if (webDir && existsSync(webDir)) {
    app.use('/assets', express.static(join(webDir, 'assets'), { immutable: true, maxAge: '1y' }));
    // An asset of an older build is not there: a page in its place would be taken for a script.
    app.use('/assets', () => refuse('route.notFound'));
    // The reader of printed labels is compiled code that its worker starts; no page of ours may.
    app.use('/ocr', (_req, res, next) => {
      res.setHeader(
        'Content-Security-Policy',
        "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'",
      );
      next();
    });
    app.use('/ocr', express.static(join(webDir, 'ocr')));
    app.use('/ocr', () => refuse('route.notFound'));
    app.use(express.static(webDir, { index: false }));
    app.get('/{*splat}', (_req, res) => {
      res.setHeader('Cache-Control', 'no-cache');
      res.sendFile(join(webDir, 'index.html'));
    });
  }
  app.use(() => refuse('route.notFound'));
  app.use(answerProblem((error) => log.error(error)));
  return app;
}
