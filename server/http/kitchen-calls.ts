import { pipeline } from 'node:stream/promises';
import { Readable } from 'node:stream';
import type { RestoreWord } from '../../contract/backup';
import { calendarOf } from '../../contract/calendar';
import { calendarEntries } from '../../contract/days';
import type { AnswerOf, CallName } from '../../contract/calls';
import type { WorkName } from '../../contract/work';
import type { Topic } from '../db/news';
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
import { askerOf, problemOf } from './guards';
import type { Ask, Handlers, House } from './handlers';
import { live } from './live';
import { openApi } from './openapi';
import type { PeopleCall } from './people-routes';

/** A file of everything comes and goes line by line. */
export const LINES = 'application/x-ndjson';

const nothing = (): undefined => undefined;

/** What is worked out, and what is asked of the server itself. */
const workCalls = ({ compute, demo = false }: House) => {
  const work =
    <N extends Extract<CallName, WorkName>>(name: N) =>
    ({ body, req, res }: Ask<N>): Promise<AnswerOf<N>> =>
      compute.run(name, body, askerOf(req, res)) as Promise<AnswerOf<N>>;
  return {
    health: () => ({ ok: true, demo, now: Date.now() }),
    describe: () => openApi(),
    read: work('read'),
    match: work('match'),
    labels: work('labels'),
    adapt: work('adapt'),
    bake: work('bake'),
  } satisfies Partial<Handlers>;
};

/** Formulas, their versions and what is being worked on. */
const formulaCalls = ({ db }: House) =>
  ({
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
  }) satisfies Partial<Handlers>;

/** Work that stands on the pantry is asked for after it is told. */
async function tellPantry({ db, compute, store, kitchen: at }: House): Promise<void> {
  compute.know(await pantry.listPantry(db));
  store.news.tell(at, 'pantry');
}

/** What is in the pantry, who eats, what comes for what, and the kitchen itself. */
const kitchenOwnCalls = (house: House) => {
  const { db } = house;
  const told = async <T>(done: T): Promise<T> => {
    await tellPantry(house);
    return done;
  };
  return {
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

    kitchen: () => kitchen.getKitchen(db),
    putKitchen: ({ body }) => kitchen.putKitchen(db, body),
  } satisfies Partial<Handlers>;
};

/** Days and what is done at the bench; who looks on hears of it. */
const benchCalls = ({ kitchen: at, db, store }: House) => {
  const changed = <T>(topic: Topic, id: string, done: T): T => {
    store.news.tell(at, topic, id);
    return done;
  };
  return {
    days: async () => ({ rows: await kitchen.days.list(db) }),
    day: ({ id }) => kitchen.days.get(db, id),
    dayCalendar: async ({ id, res }) => {
      res.type('text/calendar').send(calendarOf(calendarEntries(await kitchen.days.get(db, id))));
      return undefined;
    },
    createDay: ({ body }) => kitchen.days.create(db, body),
    putDay: async ({ id, body }) => changed('day', id, await kitchen.days.put(db, id, body)),
    removeDay: ({ id }) => kitchen.days.remove(db, id).then(nothing),
    restoreDay: ({ id }) => kitchen.days.restore(db, id),
    dayLive: ({ id, req, res }) =>
      live(req, res, {
        follow: (hear) => store.news.follow(at, 'day', id, hear),
        begin: async () => (await kitchen.days.get(db, id)).rev,
        after: async (last) => {
          const { rev } = await kitchen.days.get(db, id);
          return { at: rev, said: rev === last ? null : { rev } };
        },
      }),

    runs: async () => ({ rows: await bench.listRuns(db) }),
    run: ({ id }) => bench.getRun(db, id),
    createRun: ({ body }) => bench.createRun(db, body),
    addEvents: async ({ id, body }) => changed('run', id, await bench.addEvents(db, id, body)),
    removeRun: ({ id }) => bench.removeRun(db, id).then(nothing),
    runLive: ({ id, req, res }) =>
      live(req, res, {
        follow: (hear) => store.news.follow(at, 'run', id, hear),
        begin: async () => (await bench.eventsAfter(db, (await bench.getRun(db, id)).id)).last,
        after: async (last) => {
          const more = await bench.eventsAfter(db, id, last);
          return { at: more.last, said: more.events.length > 0 ? more.events : null };
        },
      }),
  } satisfies Partial<Handlers>;
};

/** The notebook: bakes, experiments, tastings, photos. */
const notebookCalls = ({ db }: House) =>
  ({
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
  }) satisfies Partial<Handlers>;

/** A file of everything, out and in; one comes in at a time. */
const backupCalls = (house: House) => {
  const { db, compute, store } = house;
  let bringing = false;
  const bringIn = async ({ req, res }: Ask<'restore'>): Promise<void> => {
    const received = await receive(req, compute);
    res.type(LINES);
    const say = (word: RestoreWord) => void res.write(`${JSON.stringify(word)}\n`);
    try {
      const of = received.count;
      const restored = await restoreLines(db, received.lines(), req.query.kitchen === 'yes', (done) =>
        say({ done, of }),
      );
      await tellPantry(house);
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
  };
  return {
    backup: async ({ res }) => {
      res.type(LINES);
      res.setHeader('Content-Disposition', 'attachment; filename="new-crumb.jsonl"');
      // It stays on this machine: packing it would take a processor from whoever else asks.
      res.setHeader('Cache-Control', 'no-transform');
      await pipeline(Readable.from(backupText(db)), res);
      return undefined;
    },
    restore: async (ask) => {
      if (bringing) refuse('backup.busy');
      bringing = true;
      await bringIn(ask).finally(() => (bringing = false));
      return undefined;
    },
  } satisfies Partial<Handlers>;
};

/**
 * What answers each call about a kitchen. The checked bodies have the types of the declaration: the schemas say the same
 * at run time.
 */
export const kitchenCalls = (house: House): Omit<Handlers, PeopleCall> => ({
  ...workCalls(house),
  ...formulaCalls(house),
  ...kitchenOwnCalls(house),
  ...benchCalls(house),
  ...notebookCalls(house),
  ...backupCalls(house),
});
