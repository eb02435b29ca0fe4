import { readLabel, type LabelReading } from '../core/exclusions';
import { makePantry, REFERENCE_PANTRY, type Pantry } from '../core/pantry';
import {
  isSilent,
  Matcher,
  readFormula,
  referenceMatcher,
  remembering,
  type ReadResult,
} from '../core/reading';
import { bakeOf, compareSteps, type BakeResult, type Compared } from '../core/bake';
import {
  formulasIn,
  looksLikePage,
  MOST_PAGE_CHARS,
  recipesIn,
  type PageFault,
  type PageRecipe,
  type PastedFormula,
} from '../core/formats';
import {
  better,
  clashOf,
  planDay,
  replan,
  type Clash,
  type DayAsked,
  type DayPlan,
  type Live,
  type Replanned,
} from '../core/schedule';
import { adaptSteps, finish, type Outcome, type Progress } from '../core/rebalance';
import { US_MEASURES } from '../core/units';
import type { LineAnswer } from './lines';
import type {
  AdaptRequest,
  BakeRequest,
  LabelsRequest,
  MatchAnswer,
  MatchRequest,
  PantryRow,
  ReadRequest,
} from './dto';

/** What a worker knows of the baker's own things between jobs. */
type Known = { pantry: Pantry; matcher: Matcher; baked: typeof bakeOf } & WorkerOptions;
/** What only one of the two places has: a page does not load what checks files. */
export type WorkerOptions = { checkLines?: (texts: readonly string[]) => LineAnswer };

/** Bakes that are kept: one that is asked again, as most are when one thing is changed, is not worked out again. */
const KEPT_BAKES = 240;
function keepingBakes(): typeof bakeOf {
  const kept = new Map<string, BakeResult>();
  return (setup, member, cells) => {
    const key = JSON.stringify([setup, member, cells]);
    const found = kept.get(key) ?? bakeOf(setup, member, cells);
    // Put last, so that what has not been asked for longest is first to go.
    kept.delete(key);
    kept.set(key, found);
    if (kept.size > KEPT_BAKES) kept.delete(kept.keys().next().value!);
    return found;
  };
}

/** A pantry of revisions: what is gone may be cited, but is not found by name and stands for nothing. */
export function pantryOf(rows: readonly PantryRow[]): Pantry {
  const cited = makePantry(rows);
  if (!rows.some((r) => r.gone)) return cited;
  const live = makePantry(rows.filter((r) => !r.gone));
  return {
    // What is broken and gone is nobody's concern any more.
    ...live,
    byId: cited.byId,
    exact: cited.exact,
    lookup: (item) => live.lookup(item) ?? cited.exact(item),
  };
}

/** A clash is looked into for so long, ms. */
const MOST_CLASH_MS = 3000;
export type PlannedDay = { plan: DayPlan | null; clash: Clash | null };
/** Steps without a number of their own, told by how much of their time has gone. */
function* timed<R>(steps: Generator<void, R>, ms: number): Generator<Progress, R> {
  const began = Date.now();
  for (let s = steps.next(); ; s = steps.next()) {
    if (s.done) return s.value;
    yield { done: Math.min(ms, Date.now() - began), of: ms };
  }
}
/** A day planned within so many ms; where there is no plan, why. */
function* plannedDay({ day, ms }: { day: DayAsked; ms: number }): Generator<Progress, PlannedDay> {
  const { plan } = yield* timed(planDay(day, { now: Date.now, ms }), ms);
  if (plan || day.bakes.length === 0) return { plan, clash: null };
  const until = Date.now() + MOST_CLASH_MS;
  return { plan, clash: clashOf(day, () => Date.now() > until) };
}

/** The computations that run off the main thread, in the web worker and in the server's alike. */
const WORK = {
  read: ({ kitchen, names = [], ...input }: ReadRequest, { pantry, matcher }: Known): ReadResult =>
    readFormula(input, {
      measures: kitchen ?? US_MEASURES,
      matcher: remembering(matcher, names),
      ingredient: (id) => pantry.standIns.get(id) ?? pantry.byId(id),
    }),
  match: ({ names }: MatchRequest, { matcher }: Known): MatchAnswer => ({
    matches: names.map((name) => {
      const m = matcher.match(name);
      return {
        name,
        best: m.best,
        confidence: m.best?.confidence ?? 0,
        silent: isSilent(m),
        others: m.others,
      };
    }),
  }),
  labels: ({ text, ruleset }: LabelsRequest): LabelReading => readLabel(text, ruleset),
  bake: ({ source, adapted, stated, ...how }: BakeRequest, { baked }: Known): Generator<Progress, Compared> =>
    compareSteps(source, adapted, stated, { ...how, run: baked }),
  /** What a text holds that is more than the lines of one formula: a page's recipes, several formulas. */
  elsewhere: ({ text }: { text: string }): Elsewhere => {
    if (text.length > MOST_PAGE_CHARS) return { fault: 'tooLong' };
    if (looksLikePage(text)) return recipesIn(text);
    const formulas = formulasIn(text);
    return formulas ? { formulas } : { plain: true };
  },
  /** Lines of a file of everything, looked at before any of it is taken in. */
  lines: ({ texts }: { texts: string[] }, { checkLines }: Known): LineAnswer => {
    if (!checkLines) throw new Error('files are taken in by the server');
    return checkLines(texts);
  },
  plan: plannedDay,
  replan: ({ day, was, live }: { day: DayAsked; was: DayPlan; live: Live }): Replanned | null =>
    replan(day, was, live),
  better: ({ day, now, live, ms }: { day: DayAsked; now: DayPlan; live: Live; ms: number }) =>
    timed(better(day, now, live, { now: Date.now, ms }), ms),
  adapt: (input: AdaptRequest, { pantry }: Known): Generator<Progress, Outcome> =>
    adaptSteps(input, { lookup: pantry.lookup }),
};

export type Elsewhere =
  { recipes: PageRecipe[] } | { formulas: PastedFormula[] } | { plain: true } | { fault: PageFault };

export type WorkName = keyof typeof WORK;
export type WorkInput<N extends WorkName> = Parameters<(typeof WORK)[N]>[0];
export type WorkOutput<N extends WorkName> =
  ReturnType<(typeof WORK)[N]> extends Generator<Progress, infer R> ? R : ReturnType<(typeof WORK)[N]>;

/** A job to the worker and what it answers. Failures carry no stack. `pantry` tells it the baker's own things. */
export type WorkJob =
  { id: number; name: WorkName; input: unknown } | { id: number; name: 'pantry'; input: PantryRow[] };
/** `stopped`: a newer job of the same place came before this one was done. */
export type WorkAnswer =
  { id: number; output: unknown } | { id: number; failed: string } | { id: number; stopped: true };
/** Does jobs; `steps` in parts, so that long ones show progress and can be stopped. */
export type WorkRunner = {
  run: (job: WorkJob) => WorkAnswer;
  steps: (job: WorkJob) => Generator<Progress, WorkAnswer>;
};

const isSteps = (x: unknown): x is Generator<Progress, unknown> =>
  typeof x === 'object' && x !== null && Symbol.iterator in x && 'next' in x;

/** A worker's mind: does jobs with the pantry it was last told of. What is thrown is a bug and comes back as such. */
export function makeWorker(options: WorkerOptions = {}): WorkRunner {
  const baked = keepingBakes();
  let known: Known = { ...options, pantry: REFERENCE_PANTRY, matcher: referenceMatcher, baked };
  function* steps(job: WorkJob): Generator<Progress, WorkAnswer> {
    try {
      if (job.name === 'pantry') {
        const pantry = pantryOf(job.input);
        known = {
          ...options,
          baked,
          pantry,
          matcher: pantry.own.length === 0 ? referenceMatcher : new Matcher(pantry.all()),
        };
        return { id: job.id, output: pantry.own.length };
      }
      const work = WORK[job.name] as (input: unknown, known: Known) => unknown;
      const made = work(job.input, known);
      return { id: job.id, output: isSteps(made) ? yield* made : made };
    } catch (error) {
      return { id: job.id, failed: error instanceof Error ? error.message : String(error) };
    }
  }
  return {
    steps,
    run: (job) => finish(steps(job)),
  };
}
