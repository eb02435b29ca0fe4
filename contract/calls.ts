import type { LabelReading } from '../core/exclusions';
import type { Compared } from '../core/bake';
import type { OwnKitDoc } from '../core/classes';
import type { Eater } from '../core/exclusions';
import type { Formula } from '../core/formula';
import type { PantryDoc } from '../core/pantry';
import type { ReadResult } from '../core/reading';
import type { Outcome } from '../core/rebalance';
import type {
  AdaptRequest,
  Aside,
  AsideMeta,
  BakeRequest,
  CreatePantry,
  CreateVersion,
  Draft,
  DraftAnswer,
  DraftDoc,
  EaterRow,
  FormulaDetail,
  Kitchen,
  KitchenRow,
  LabelsRequest,
  MatchAnswer,
  MatchRequest,
  PantryRow,
  Put,
  ReadRequest,
  ShelfPage,
  ShelfQuery,
  Version,
  VersionMark,
  WayRow,
} from './dto';
import type { AddEvents, BenchRun, RunDetail, RunRow } from './bench';
import type { BakeDay, DayRow } from './days';
import { call, DONE, MADE, type Nothing } from './call';
import { NOTEBOOK_CALLS } from './notebook-calls';
import { PEOPLE_CALLS } from './people-calls';
import type { Role } from './people';
/** Every call there is. */
export const CALLS = {
  health: call<Nothing, { ok: true; demo: boolean; now: number }>(
    'get',
    '/health',
    'Whether the server answers, whether it has a demo kitchen, and its clock in ms since the epoch',
    { needs: 'anyone' },
  ),
  describe: call<Nothing, Record<string, unknown>>('get', '/openapi.json', 'This description', {
    needs: 'anyone',
  }),

  read: call<ReadRequest, ReadResult>(
    'post',
    '/read',
    'Reads a formula from text, line by line, into grams',
    { needs: 'helper', noted: false },
  ),
  match: call<MatchRequest, MatchAnswer>('post', '/match', 'What written names may mean', {
    needs: 'helper',
    noted: false,
  }),
  labels: call<LabelsRequest, LabelReading>('post', '/labels', 'What the text of a packet names', {
    needs: 'helper',
    noted: false,
  }),
  adapt: call<AdaptRequest, Outcome>('post', '/adapt', 'Adapts a formula to what has to go', {
    needs: 'helper',
    noted: false,
  }),
  bake: call<BakeRequest, Compared>('post', '/bake', 'What a change does to the time in the oven', {
    needs: 'helper',
    noted: false,
  }),

  shelf: call<Nothing, ShelfPage, ShelfQuery>('get', '/formulas', 'The shelf, a piece at a time'),
  createFormula: call<{ formula: Formula }, { formula: FormulaDetail; version: Version }>(
    'post',
    '/formulas',
    'Puts a formula on the shelf',
    { status: MADE },
  ),
  formula: call<Nothing, FormulaDetail>('get', '/formulas/:id', 'A formula and its versions'),
  changeFormula: call<{ title?: string; archived?: boolean }, FormulaDetail>(
    'patch',
    '/formulas/:id',
    'Renames a formula, puts it aside or takes it out again',
  ),
  deleteFormula: call<Nothing, Nothing>(
    'delete',
    '/formulas/:id',
    'Takes a formula off the shelf; restore puts it back',
    { status: DONE },
  ),
  restoreFormula: call<Nothing, FormulaDetail>(
    'post',
    '/formulas/:id/restore',
    'Puts a formula back on the shelf',
  ),
  duplicateFormula: call<Nothing, FormulaDetail>(
    'post',
    '/formulas/:id/duplicate',
    'Puts a copy of a formula and its versions on the shelf',
    { status: MADE },
  ),
  keepVersion: call<CreateVersion, Version>('post', '/formulas/:id/versions', 'Keeps a version', {
    status: MADE,
  }),
  version: call<Nothing, Version>('get', '/versions/:id', 'A kept version'),
  markVersion: call<VersionMark, Version>('patch', '/versions/:id', 'Names, notes or stars a version'),

  draft: call<Nothing, DraftAnswer>(
    'get',
    '/formulas/:id/draft',
    'The working copy, or null, and those set aside',
  ),
  putDraft: call<Put<DraftDoc>, Draft>('put', '/formulas/:id/draft', 'Saves the working copy', {
    noted: false,
  }),
  createAside: call<{ doc: DraftDoc }, AsideMeta>(
    'post',
    '/formulas/:id/asides',
    'Sets a working copy aside',
    {
      status: MADE,
    },
  ),
  aside: call<Nothing, Aside>('get', '/asides/:id', 'A working copy that was set aside'),
  dropAside: call<Nothing, Nothing>(
    'delete',
    '/asides/:id',
    'Drops a copy set aside; restore brings it back',
    {
      status: DONE,
    },
  ),
  restoreAside: call<Nothing, AsideMeta>('post', '/asides/:id/restore', 'Brings back a copy set aside'),

  pantry: call<Nothing, { items: PantryRow[] }>(
    'get',
    '/pantry',
    "The baker's own ingredients, packets and blends, revision by revision",
  ),
  createPantry: call<CreatePantry, { items: PantryRow[] }>('post', '/pantry', 'Puts things into the pantry', {
    status: MADE,
  }),
  revisePantry: call<Put<PantryDoc>, PantryRow>(
    'put',
    '/pantry/:id',
    'A new revision of a thing in the pantry',
  ),
  removePantry: call<{ itemIds: string[] }, { moved: number }>(
    'post',
    '/pantry/remove',
    'Takes things out of the pantry; restore puts them back',
  ),
  restorePantry: call<{ itemIds: string[] }, { moved: number }>(
    'post',
    '/pantry/restore',
    'Puts things back into the pantry',
  ),

  eaters: call<Nothing, { rows: EaterRow[] }>('get', '/eaters', 'Whom one bakes for'),
  createEater: call<Eater, EaterRow>('post', '/eaters', 'Adds an eater or a table', {
    status: MADE,
  }),
  putEater: call<Put<Eater>, EaterRow>('put', '/eaters/:id', 'Changes an eater'),
  removeEater: call<Nothing, Nothing>(
    'delete',
    '/eaters/:id',
    'Takes an eater off the list; restore puts them back',
    { status: DONE },
  ),
  restoreEater: call<Nothing, EaterRow>('post', '/eaters/:id/restore', 'Puts an eater back on the list'),

  ways: call<Nothing, { rows: WayRow[] }>('get', '/ways', "The baker's own ways to stand in for things"),
  createWay: call<OwnKitDoc, WayRow>('post', '/ways', 'Adds a way of one’s own', { status: MADE }),
  putWay: call<Put<OwnKitDoc>, WayRow>('put', '/ways/:id', 'Changes a way of one’s own'),
  removeWay: call<Nothing, Nothing>('delete', '/ways/:id', 'Takes a way off the list; restore puts it back', {
    status: DONE,
  }),
  restoreWay: call<Nothing, WayRow>('post', '/ways/:id/restore', 'Puts a way back on the list'),

  days: call<Nothing, { rows: DayRow[] }>('get', '/days', 'Bake days'),
  day: call<Nothing, DayRow>('get', '/days/:id', 'A bake day as it goes'),
  dayCalendar: call<Nothing, Nothing>('get', '/days/:id/calendar.ics', 'The plan of a day for a calendar', {
    stream: true,
  }),
  createDay: call<BakeDay, DayRow>('post', '/days', 'Adds a bake day', { status: MADE }),
  putDay: call<Put<BakeDay>, DayRow>(
    'put',
    '/days/:id',
    'Changes a bake day, or says what was begun and is over',
    { needs: 'helper' },
  ),
  dayLive: call<Nothing, Nothing>('get', '/days/:id/live', 'When a bake day changes, as it changes', {
    stream: true,
  }),
  removeDay: call<Nothing, Nothing>('delete', '/days/:id', 'Takes a day off the list; restore puts it back', {
    status: DONE,
  }),
  restoreDay: call<Nothing, DayRow>('post', '/days/:id/restore', 'Puts a day back on the list'),

  runs: call<Nothing, { rows: RunRow[] }>('get', '/runs', 'Bench runs, the latest first'),
  run: call<Nothing, RunDetail>('get', '/runs/:id', 'A bench run with all that happened'),
  runLive: call<Nothing, Nothing>('get', '/runs/:id/live', 'What happens in a run, as it happens', {
    stream: true,
  }),
  createRun: call<BenchRun, RunRow>('post', '/runs', 'Begins a bench run', { status: MADE, needs: 'helper' }),
  addEvents: call<AddEvents, RunDetail>('post', '/runs/:id/events', 'Adds what happened, each once', {
    needs: 'helper',
    noted: false,
  }),
  removeRun: call<Nothing, Nothing>('delete', '/runs/:id', 'Takes a run off the list', { status: DONE }),

  ...NOTEBOOK_CALLS,

  kitchen: call<Nothing, KitchenRow>('get', '/kitchen', 'Measures, ovens, tins and rule set of the kitchen'),
  putKitchen: call<Put<Kitchen>, KitchenRow>('put', '/kitchen', 'Changes the kitchen'),

  backup: call<Nothing, Nothing>('get', '/backup', 'Everything there is, as one file of lines', {
    stream: true,
    needs: 'owner',
  }),
  restore: call<Nothing, Nothing>(
    'post',
    '/backup',
    'Brings in what is not here yet, all of a file or nothing',
    {
      stream: true,
      needs: 'owner',
    },
  ),

  ...PEOPLE_CALLS,
};

export type CallName = keyof typeof CALLS;
type TypesOf<N extends CallName> = NonNullable<(typeof CALLS)[N]['types']>;
export type BodyOf<N extends CallName> = TypesOf<N>['body'];
export type AnswerOf<N extends CallName> = TypesOf<N>['answer'];
export type QueryOf<N extends CallName> = TypesOf<N>['query'];

/** Names of the calls that have a body, and of those that have a query. */
export type WithBody = { [N in CallName]: BodyOf<N> extends undefined ? never : N }[CallName];
export type WithQuery = { [N in CallName]: QueryOf<N> extends undefined ? never : N }[CallName];

/** Who may make a call where people sign in. What says nothing is read by everyone there and changed by bakers and owners. */
export const needOf = (name: CallName): Role | 'anyone' => {
  const { needs, method } = CALLS[name];
  return needs ?? (method === 'get' ? 'helper' : 'baker');
};
/** Whether it is noted who made it: what changes something, unless it happens so often that it would hide the rest. */
export const isNoted = (name: CallName): boolean => {
  const { noted, method } = CALLS[name];
  return noted ?? method !== 'get';
};
