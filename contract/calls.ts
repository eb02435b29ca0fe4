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
  health: call<Nothing, { ok: true; demo: boolean; now: number }>('get', '/health', { needs: 'anyone' }),
  describe: call<Nothing, Record<string, unknown>>('get', '/openapi.json', {
    needs: 'anyone',
  }),

  read: call<ReadRequest, ReadResult>('post', '/read', { needs: 'helper', noted: false }),
  match: call<MatchRequest, MatchAnswer>('post', '/match', {
    needs: 'helper',
    noted: false,
  }),
  labels: call<LabelsRequest, LabelReading>('post', '/labels', {
    needs: 'helper',
    noted: false,
  }),
  adapt: call<AdaptRequest, Outcome>('post', '/adapt', {
    needs: 'helper',
    noted: false,
  }),
  bake: call<BakeRequest, Compared>('post', '/bake', {
    needs: 'helper',
    noted: false,
  }),

  shelf: call<Nothing, ShelfPage, ShelfQuery>('get', '/formulas'),
  createFormula: call<{ formula: Formula }, { formula: FormulaDetail; version: Version }>(
    'post',
    '/formulas',
    { status: MADE },
  ),
  formula: call<Nothing, FormulaDetail>('get', '/formulas/:id'),
  changeFormula: call<{ title?: string; archived?: boolean }, FormulaDetail>('patch', '/formulas/:id'),
  deleteFormula: call<Nothing, Nothing>('delete', '/formulas/:id', { status: DONE }),
  restoreFormula: call<Nothing, FormulaDetail>('post', '/formulas/:id/restore'),
  duplicateFormula: call<Nothing, FormulaDetail>('post', '/formulas/:id/duplicate', { status: MADE }),
  keepVersion: call<CreateVersion, Version>('post', '/formulas/:id/versions', {
    status: MADE,
  }),
  version: call<Nothing, Version>('get', '/versions/:id'),
  markVersion: call<VersionMark, Version>('patch', '/versions/:id'),

  draft: call<Nothing, DraftAnswer>('get', '/formulas/:id/draft'),
  putDraft: call<Put<DraftDoc>, Draft>('put', '/formulas/:id/draft', {
    noted: false,
  }),
  createAside: call<{ doc: DraftDoc }, AsideMeta>('post', '/formulas/:id/asides', {
    status: MADE,
  }),
  aside: call<Nothing, Aside>('get', '/asides/:id'),
  dropAside: call<Nothing, Nothing>('delete', '/asides/:id', {
    status: DONE,
  }),
  restoreAside: call<Nothing, AsideMeta>('post', '/asides/:id/restore'),

  pantry: call<Nothing, { items: PantryRow[] }>('get', '/pantry'),
  createPantry: call<CreatePantry, { items: PantryRow[] }>('post', '/pantry', {
    status: MADE,
  }),
  revisePantry: call<Put<PantryDoc>, PantryRow>('put', '/pantry/:id'),
  removePantry: call<{ itemIds: string[] }, { moved: number }>('post', '/pantry/remove'),
  restorePantry: call<{ itemIds: string[] }, { moved: number }>('post', '/pantry/restore'),

  eaters: call<Nothing, { rows: EaterRow[] }>('get', '/eaters'),
  createEater: call<Eater, EaterRow>('post', '/eaters', {
    status: MADE,
  }),
  putEater: call<Put<Eater>, EaterRow>('put', '/eaters/:id'),
  removeEater: call<Nothing, Nothing>('delete', '/eaters/:id', { status: DONE }),
  restoreEater: call<Nothing, EaterRow>('post', '/eaters/:id/restore'),

  ways: call<Nothing, { rows: WayRow[] }>('get', '/ways'),
  createWay: call<OwnKitDoc, WayRow>('post', '/ways', { status: MADE }),
  putWay: call<Put<OwnKitDoc>, WayRow>('put', '/ways/:id'),
  removeWay: call<Nothing, Nothing>('delete', '/ways/:id', {
    status: DONE,
  }),
  restoreWay: call<Nothing, WayRow>('post', '/ways/:id/restore'),

  days: call<Nothing, { rows: DayRow[] }>('get', '/days'),
  day: call<Nothing, DayRow>('get', '/days/:id'),
  dayCalendar: call<Nothing, Nothing>('get', '/days/:id/calendar.ics', {
    stream: true,
  }),
  createDay: call<BakeDay, DayRow>('post', '/days', { status: MADE }),
  putDay: call<Put<BakeDay>, DayRow>('put', '/days/:id', { needs: 'helper' }),
  dayLive: call<Nothing, Nothing>('get', '/days/:id/live', {
    stream: true,
  }),
  removeDay: call<Nothing, Nothing>('delete', '/days/:id', {
    status: DONE,
  }),
  restoreDay: call<Nothing, DayRow>('post', '/days/:id/restore'),

  runs: call<Nothing, { rows: RunRow[] }>('get', '/runs'),
  run: call<Nothing, RunDetail>('get', '/runs/:id'),
  runLive: call<Nothing, Nothing>('get', '/runs/:id/live', {
    stream: true,
  }),
  createRun: call<BenchRun, RunRow>('post', '/runs', { status: MADE, needs: 'helper' }),
  addEvents: call<AddEvents, RunDetail>('post', '/runs/:id/events', {
    needs: 'helper',
    noted: false,
  }),
  removeRun: call<Nothing, Nothing>('delete', '/runs/:id', { status: DONE }),

  ...NOTEBOOK_CALLS,

  kitchen: call<Nothing, KitchenRow>('get', '/kitchen'),
  putKitchen: call<Put<Kitchen>, KitchenRow>('put', '/kitchen'),

  backup: call<Nothing, Nothing>('get', '/backup', {
    stream: true,
    needs: 'owner',
  }),
  restore: call<Nothing, Nothing>('post', '/backup', {
    stream: true,
    needs: 'owner',
  }),

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
