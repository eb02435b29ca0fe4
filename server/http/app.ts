import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { pino, type Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Db } from '../db/open';
import { refuse } from '../services/fail';
import type { Compute } from '../work/compute';
import { answerProblem, ownOnly } from './guards';
import { apiRoutes } from './routes';

export type AppOptions = { db: Db; compute: Compute; webDir?: string; log?: Logger };

/** The whole server as an Express application: guards first, then the API, then the pages. */
export function makeApp({ db, compute, webDir, log = pino({ level: 'silent' }) }: AppOptions): Express {
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
          connectSrc: ["'self'"],
          manifestSrc: ["'self'"],
          formAction: ["'self'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(ownOnly);
  app.use(compression());
  app.use('/api/v1', apiRoutes(db, compute));
  app.use('/api', () => refuse('route.notFound'));
  if (webDir && existsSync(webDir)) {
    app.use('/assets', express.static(join(webDir, 'assets'), { immutable: true, maxAge: '1y' }));
    // An asset of an older build is not there: a page in its place would be taken for a script.
    app.use('/assets', () => refuse('route.notFound'));
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
