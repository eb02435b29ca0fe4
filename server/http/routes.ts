import { pipeline } from 'node:stream/promises';
import { Readable } from 'node:stream';
import { json, Router, type RequestHandler } from 'express';
import type { RestoreWord } from '../../contract/backup';
import { calendarOf } from '../../contract/calendar';
import { calendarEntries } from '../../contract/days';
import { bodySchema, querySchema } from '../../contract/call-schemas';
import { CALLS, isNoted, type AnswerOf, type CallName } from '../../contract/calls';
import type { WorkName } from '../../contract/work';
import type { Topic } from '../db/news';
import { note } from '../people/people';
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
import { askerOf, checked, only, problemOf } from './guards';
import type { Admit, Admitted } from './admit';
import type { Ask, Handlers, House } from './handlers';
import { live } from './live';
import { openApi } from './openapi';
import { TRIED, type PeopleCall } from './people-routes';

/** A body is no larger; a file of everything comes and goes line by line, however large it is. */
const asJson = json({ limit: '1mb', strict: true });
const LINES = 'application/x-ndjson';

/** The calls about a kitchen. */
type KitchenHandlers = Omit<Handlers, PeopleCall>;

/**
 * What answers each call about a kitchen. The checked bodies have the types of the declaration: the schemas say the same
 * at run time.
 */
function handlers({ kitchen: at, db, compute, store, demo = false }: House): KitchenHandlers {
  const changed = <T>(topic: Topic, id: string, done: T): T => {
    store.news.tell(at, topic, id);
    return done;
  };
  const work =
    <N extends Extract<CallName, WorkName>>(name: N) =>
    ({ body, req, res }: Ask<N>): Promise<AnswerOf<N>> =>
      compute.run(name, body, askerOf(req, res)) as Promise<AnswerOf<N>>;
  // Work that stands on the pantry is asked for after it is told.
  const told = async <T>(done: T): Promise<T> => {
    compute.know(await pantry.listPantry(db));
    store.news.tell(at, 'pantry');
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
    runLive: ({ id, req, res }) =>
      live(req, res, {
        follow: (hear) => store.news.follow(at, 'run', id, hear),
        begin: async () => (await bench.eventsAfter(db, (await bench.getRun(db, id)).id)).last,
        after: async (last) => {
          const more = await bench.eventsAfter(db, id, last);
          return { at: more.last, said: more.events.length > 0 ? more.events : null };
        },
      }),
    dayLive: ({ id, req, res }) =>
      live(req, res, {
        follow: (hear) => store.news.follow(at, 'day', id, hear),
        begin: async () => (await kitchen.days.get(db, id)).rev,
        after: async (last) => {
          const { rev } = await kitchen.days.get(db, id);
          return { at: rev, said: rev === last ? null : { rev } };
        },
      }),
    createRun: ({ body }) => bench.createRun(db, body),
    addEvents: async ({ id, body }) => changed('run', id, await bench.addEvents(db, id, body)),
    removeRun: ({ id }) => bench.removeRun(db, id).then(nothing),

    createDay: ({ body }) => kitchen.days.create(db, body),
    putDay: async ({ id, body }) => changed('day', id, await kitchen.days.put(db, id, body)),
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
          await store.tidy();
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

/**
 * Everything under /api/v1, made from the declared calls: one that is not declared has no way in, and each is admitted
 * before anything that came with it is read.
 */
export function apiRoutes(admit: Admit, people: Pick<Handlers, PeopleCall>, tries?: RequestHandler): Router {
  const api = Router();
  const known = new WeakMap<House, Handlers>();
  const answersOf = (house: House): Handlers => {
    let there = known.get(house);
    if (!there) known.set(house, (there = { ...handlers(house), ...people }));
    return there;
  };
  for (const name of Object.keys(CALLS) as CallName[]) {
    const call = CALLS[name];
    const [body, query] = [bodySchema(name), querySchema(name)];
    const comeIn: RequestHandler = async (req, res, next) => {
      res.locals.call = name;
      const admitted = await admit(name, req, res);
      res.locals.admitted = admitted;
      // What somebody sees is kept by no cache between, nor for who uses the browser after them.
      if (admitted.who) res.setHeader('Cache-Control', 'no-store');
      next();
    };
    const taken = call.stream ? [only(LINES)] : [only('application/json'), asJson];
    const few = tries && TRIED.includes(name) ? [tries] : [];
    api[call.method](call.path, ...few, comeIn, ...taken, async (req, res) => {
      const { house, who } = res.locals.admitted as Admitted;
      const id = String(req.params.id ?? '');
      const ask = {
        house,
        who,
        id,
        body: body ? checked(body, req.body) : undefined,
        query: query ? checked(query, { ...req.query }) : undefined,
        req,
        res,
      };
      const said: unknown = await (answersOf(house)[name] as (ask: unknown) => unknown)(ask);
      if (who && isNoted(name)) await note(house.db, who, name, id || idIn(said));
      if (call.stream) return;
      if (call.status === 204) res.status(204).end();
      else res.status(call.status).json(said);
    });
  }
  return api;
}

/** The id of what was made. */
function idIn(said: unknown): string {
  const made = (said ?? {}) as { id?: unknown; formula?: { id?: unknown } };
  const found = made.id ?? made.formula?.id;
  return typeof found === 'string' ? found : '';
}
