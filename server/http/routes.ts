import { pipeline } from 'node:stream/promises';
import { Readable } from 'node:stream';
import { json, Router, type Request, type Response } from 'express';
import type { RestoreWord } from '../../contract/backup';
import { calendarOf } from '../../contract/calendar';
import { calendarEntries } from '../../contract/days';
import { bodySchema, querySchema } from '../../contract/call-schemas';
import { CALLS, type AnswerOf, type BodyOf, type CallName, type QueryOf } from '../../contract/calls';
import type { WorkName } from '../../contract/work';
import { housekeeping, type Db } from '../db/open';
import { restoreLines } from '../services/backup-in';
import { backupText } from '../services/backup-out';
import { receive } from '../services/backup-read';
import * as bench from '../services/bench';
import * as drafts from '../services/drafts';
import { refuse } from '../services/fail';
import * as formulas from '../services/formulas';
import * as kitchen from '../services/kitchen';
import * as notebook from '../services/notebook';
import * as pantry from '../services/pantry';
import * as versions from '../services/versions';
import type { Compute } from '../work/compute';
import { askerOf, checked, only, problemOf } from './guards';
import { openApi } from './openapi';

/** A body is no larger; a file of everything comes and goes line by line, however large it is. */
const asJson = json({ limit: '1mb', strict: true });
const LINES = 'application/x-ndjson';
/** So often one who follows a run hears that the server is there, ms. */
const LIVE_BEAT_MS = 15_000;

type Ask<N extends CallName> = {
  id: string;
  body: BodyOf<N>;
  query: QueryOf<N>;
  req: Request;
  res: Response;
};
type Handler<N extends CallName> = (ask: Ask<N>) => AnswerOf<N> | Promise<AnswerOf<N>>;
type Handlers = { [N in CallName]: Handler<N> };

/** A kitchen and what computes for it; `demo` where a demo kitchen stands beside it, or it is the one. */
export type House = { db: Db; compute: Compute; demo?: boolean };

/** What answers each call. The checked bodies have the types of the declaration: the schemas say the same at run time. */
function handlers({ db, compute, demo = false }: House): Handlers {
  const work =
    <N extends Extract<CallName, WorkName>>(name: N) =>
    ({ body, req, res }: Ask<N>): Promise<AnswerOf<N>> =>
      compute.run(name, body, askerOf(req, res)) as Promise<AnswerOf<N>>;
  // Work that stands on the pantry is asked for after it is told.
  const told = async <T>(done: T): Promise<T> => {
    compute.know(await pantry.listPantry(db));
    return done;
  };
  const nothing = () => undefined;
  let bringing = false;
  return {
    health: () => ({ ok: true, demo, now: Date.now() }),
    describe: () => openApi(),

    read: work('read'),
    match: work('match'),
    labels: work('labels'),
    adapt: work('adapt'),
    bake: work('bake'),

    shelf: ({ query }) => formulas.listFormulas(db, query),
    createFormula: ({ body }) => formulas.createFormula(db, body.formula),
    formula: ({ id }) => formulas.getFormula(db, id),
    changeFormula: ({ id, body }) => formulas.changeFormula(db, id, body),
    deleteFormula: ({ id }) => formulas.deleteFormula(db, id).then(nothing),
    restoreFormula: ({ id }) => formulas.restoreFormula(db, id),
    duplicateFormula: ({ id }) => formulas.duplicateFormula(db, id),
    keepVersion: ({ id, body }) => versions.keepVersion(db, id, body),
    version: ({ id }) => versions.getVersion(db, id),
    markVersion: ({ id, body }) => versions.markVersion(db, id, body),

    draft: ({ id }) => drafts.getDraft(db, id),
    putDraft: ({ id, body }) => drafts.putDraft(db, id, body.rev, body.doc),
    createAside: ({ id, body }) => drafts.createAside(db, id, body.doc),
    aside: ({ id }) => drafts.getAside(db, id),
    dropAside: ({ id }) => drafts.setDropped(db, id, true).then(nothing),
    restoreAside: ({ id }) => drafts.setDropped(db, id, false),

    pantry: async () => ({ items: await pantry.listPantry(db) }),
    createPantry: async ({ body }) => told({ items: await pantry.createPantry(db, body.docs) }),
    revisePantry: async ({ id, body }) => told(await pantry.revisePantry(db, id, body.rev, body.doc)),
    removePantry: async ({ body }) => told({ moved: await pantry.removePantry(db, body.itemIds) }),
    restorePantry: async ({ body }) => told({ moved: await pantry.restorePantry(db, body.itemIds) }),

    eaters: async () => ({ rows: await kitchen.eaters.list(db) }),
    createEater: ({ body }) => kitchen.eaters.create(db, body),
    putEater: ({ id, body }) => kitchen.eaters.put(db, id, body),
    removeEater: ({ id }) => kitchen.eaters.remove(db, id).then(nothing),
    restoreEater: ({ id }) => kitchen.eaters.restore(db, id),
    ways: async () => ({ rows: await kitchen.ways.list(db) }),
    createWay: ({ body }) => kitchen.ways.create(db, body),
    putWay: ({ id, body }) => kitchen.ways.put(db, id, body),
    removeWay: ({ id }) => kitchen.ways.remove(db, id).then(nothing),
    restoreWay: ({ id }) => kitchen.ways.restore(db, id),
    days: async () => ({ rows: await kitchen.days.list(db) }),
    day: ({ id }) => kitchen.days.get(db, id),
    dayCalendar: async ({ id, res }) => {
      res.type('text/calendar').send(calendarOf(calendarEntries(await kitchen.days.get(db, id))));
      return undefined;
    },
    runs: async () => ({ rows: await bench.listRuns(db) }),
    run: ({ id }) => bench.getRun(db, id),
    runLive: async ({ id, req, res }) => {
      let { last } = await bench.eventsAfter(db, (await bench.getRun(db, id)).id);
      res.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' });
      res.write(': here\n\n');
      // One after another: what is added while events are sent is sent after them.
      let turn = Promise.resolve();
      const tell = (): void => {
        turn = turn.then(
          async () => {
            const more = await bench.eventsAfter(db, id, last);
            last = more.last;
            if (more.events.length > 0) res.write(`data: ${JSON.stringify(more.events)}\n\n`);
          },
          () => undefined,
        );
      };
      const off = bench.follow(id, tell);
      const beat = setInterval(() => res.write(': here\n\n'), LIVE_BEAT_MS);
      await new Promise<void>((done) => req.once('close', done));
      clearInterval(beat);
      off();
      res.end();
      return undefined;
    },
    createRun: ({ body }) => bench.createRun(db, body),
    addEvents: ({ id, body }) => bench.addEvents(db, id, body),
    removeRun: ({ id }) => bench.removeRun(db, id).then(nothing),

    createDay: ({ body }) => kitchen.days.create(db, body),
    putDay: ({ id, body }) => kitchen.days.put(db, id, body),
    removeDay: ({ id }) => kitchen.days.remove(db, id).then(nothing),
    restoreDay: ({ id }) => kitchen.days.restore(db, id),
    trials: ({ query }) => notebook.listTrials(db, query),
    trial: ({ id }) => notebook.getTrial(db, id),
    createTrial: ({ body }) => notebook.createTrial(db, body),
    putTrial: ({ id, body }) => notebook.putTrial(db, id, body),
    removeTrial: ({ id }) => notebook.setGone(db, id, true).then(nothing),
    restoreTrial: ({ id }) => notebook.setGone(db, id, false),
    experiments: async () => ({ rows: await kitchen.experiments.list(db) }),
    experiment: ({ id }) => kitchen.experiments.get(db, id),
    createExperiment: ({ body }) => kitchen.experiments.create(db, body),
    putExperiment: ({ id, body }) => kitchen.experiments.put(db, id, body),
    removeExperiment: ({ id }) => kitchen.experiments.remove(db, id).then(nothing),
    restoreExperiment: ({ id }) => kitchen.experiments.restore(db, id),
    tastings: async () => ({ rows: await kitchen.tastings.list(db) }),
    tasting: ({ id }) => kitchen.tastings.get(db, id),
    createTasting: ({ body }) => kitchen.tastings.create(db, body),
    putTasting: ({ id, body }) => kitchen.tastings.put(db, id, body),
    removeTasting: ({ id }) => kitchen.tastings.remove(db, id).then(nothing),
    restoreTasting: ({ id }) => kitchen.tastings.restore(db, id),
    createPhoto: ({ body }) => notebook.keepPhoto(db, body.data),
    photo: async ({ id, res }) => {
      const bytes = await notebook.photoBytes(db, id);
      res.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      res.setHeader('X-Content-Type-Options', 'nosniff');
      res.type('image/jpeg').send(bytes);
      return undefined;
    },

    kitchen: () => kitchen.getKitchen(db),
    putKitchen: ({ body }) => kitchen.putKitchen(db, body),

    backup: async ({ res }) => {
      res.type(LINES);
      res.setHeader('Content-Disposition', 'attachment; filename="new-crumb.jsonl"');
      // It stays on this machine: packing it would take a processor from whoever else asks.
      res.setHeader('Cache-Control', 'no-transform');
      await pipeline(Readable.from(backupText(db)), res);
      return undefined;
    },
    restore: async ({ req, res }) => {
      if (bringing) refuse('backup.busy');
      bringing = true;
      try {
        const received = await receive(req, compute);
        res.type(LINES);
        const say = (word: RestoreWord) => void res.write(`${JSON.stringify(word)}\n`);
        try {
          const of = received.count;
          const restored = await restoreLines(db, received.lines(), req.query.kitchen === 'yes', (done) =>
            say({ done, of }),
          );
          await told(null);
          // Without new statistics the store would look for a page by reading everything.
          await housekeeping(db);
          say({ restored });
        } catch (error) {
          const problem = problemOf(error);
          if (!problem) throw error;
          say({ problem: { code: problem.code, path: problem.path, args: problem.args } });
        } finally {
          received.drop();
        }
        res.end();
      } finally {
        bringing = false;
      }
      return undefined;
    },
  };
}

/** Everything under /api/v1, made from the declared calls: one that is not declared has no way in. */
export function apiRoutes(house: House): Router {
  const api = Router();
  const answer = handlers(house);
  for (const name of Object.keys(CALLS) as CallName[]) {
    const call = CALLS[name];
    const [body, query] = [bodySchema(name), querySchema(name)];
    const taken = call.stream ? [only(LINES)] : [only('application/json'), asJson];
    api[call.method](call.path, ...taken, async (req, res) => {
      const ask = {
        id: String(req.params.id ?? ''),
        body: body ? checked(body, req.body) : undefined,
        query: query ? checked(query, { ...req.query }) : undefined,
        req,
        res,
      };
      const said: unknown = await (answer[name] as (ask: unknown) => unknown)(ask);
      if (call.stream) return;
      if (call.status === 204) res.status(204).end();
      else res.status(call.status).json(said);
    });
  }
  return api;
}
