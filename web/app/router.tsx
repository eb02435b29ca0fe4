import { createBrowserRouter, Navigate, type RouteObject } from 'react-router';
import { HOME } from '../api/home';
import { PageError } from './PageError';
import { Shell } from './Shell';

/** A page whose code is fetched when it is first gone to. */
const at = <N extends string>(
  path: string,
  load: () => Promise<Record<N, React.ComponentType>>,
  name: N,
  children?: RouteObject[],
): RouteObject => ({
  path,
  lazy: async () => ({ Component: (await load())[name] }),
  ...(children && { children }),
});
/** What stands at the address of its parent itself. */
const first = <N extends string>(
  load: () => Promise<Record<N, React.ComponentType>>,
  name: N,
): RouteObject => ({ index: true, lazy: async () => ({ Component: (await load())[name] }) });

/** The stops of a formula. */
const STOPS: RouteObject[] = [
  { index: true, element: <Navigate to="swap" replace /> },
  at('read', () => import('../places/desk/ReadStop'), 'ReadStop'),
  at('swap', () => import('../places/desk/SwapStop'), 'SwapStop'),
  at('balance', () => import('../places/desk/BalanceStop'), 'BalanceStop'),
  at('bake', () => import('../places/bake/BakeStop'), 'BakeStop'),
  at('clock', () => import('../places/clock/ClockStop'), 'ClockStop'),
  at('lift', () => import('../places/lift/LiftStop'), 'LiftStop'),
];
/** The views of a bake day. */
const DAY: RouteObject[] = [
  first(() => import('../places/days/PlanView'), 'PlanView'),
  at('now', () => import('../places/days/RunView'), 'RunView'),
  at('lists', () => import('../places/days/ListsView'), 'ListsView'),
  at('sheet', () => import('../places/days/SheetView'), 'SheetView'),
];

/** Every place, in the order of the day. */
const PLACES: RouteObject[] = [
  at('/', () => import('../places/shelf/ShelfPage'), 'ShelfPage'),
  at('/new', () => import('../places/shelf/NewFormulaPage'), 'NewFormulaPage'),
  at('/formula/:id', () => import('../places/desk/DeskLayout'), 'DeskLayout', STOPS),
  at('/formula/:id/card/:versionId', () => import('../places/card/CardPage'), 'CardPage'),
  at('/formula/:id/versions', () => import('../places/versions/VersionsPage'), 'VersionsPage'),
  at('/formula/:id/trials', () => import('../places/notebook/TimelinePage'), 'TimelinePage'),
  at('/formula/:id/experiment', () => import('../places/notebook/NewExperimentPage'), 'NewExperimentPage'),
  at('/bench/:runId', () => import('../places/bench/BenchPage'), 'BenchPage'),
  at('/bench/:runId/record', () => import('../places/bench/RecordPage'), 'RecordPage'),
  at('/days', () => import('../places/days/DaysPage'), 'DaysPage'),
  at('/days/:id', () => import('../places/days/DayLayout'), 'DayLayout', DAY),
  at('/notebook', () => import('../places/notebook/NotebookPage'), 'NotebookPage'),
  at('/notebook/new', () => import('../places/notebook/NewTrialPage'), 'NewTrialPage'),
  at('/notebook/beside', () => import('../places/notebook/BesidePage'), 'BesidePage'),
  at('/notebook/experiment/:id', () => import('../places/notebook/ExperimentPage'), 'ExperimentPage'),
  at('/notebook/taste', () => import('../places/notebook/NewTastingPage'), 'NewTastingPage'),
  at('/notebook/tasting/:id', () => import('../places/notebook/TastingPage'), 'TastingPage'),
  at('/notebook/:id/slice/:hash', () => import('../places/slice/SlicePage'), 'SlicePage'),
  at('/notebook/:id', () => import('../places/notebook/TrialPage'), 'TrialPage'),
  at('/pantry', () => import('../places/pantry/PantryPage'), 'PantryPage'),
  at('/pantry/new/:kind', () => import('../places/pantry/EditPage'), 'EditPage'),
  at('/pantry/:id/edit', () => import('../places/pantry/EditPage'), 'EditPage'),
  at('/pantry/:id', () => import('../places/pantry/IngredientPage'), 'IngredientPage'),
  at('/kitchen', () => import('../places/kitchen/KitchenPage'), 'KitchenPage'),
  at('/people', () => import('../places/people/PeoplePage'), 'PeoplePage'),
  at('/pair', () => import('../places/door/PairPage'), 'PairPage'),
  at('/handbook/:section?', () => import('../places/handbook/HandbookPage'), 'HandbookPage'),
  at('/start', () => import('../places/start/StartPage'), 'StartPage'),
  { path: '*', element: <PageError missing /> },
];

export const makeRouter = () =>
  createBrowserRouter(
    [
      {
        element: <Shell />,
        // The frame is drawn at once; a place fills it when its code is there.
        hydrateFallbackElement: <></>,
        errorElement: <PageError />,
        children: PLACES,
      },
    ],
    { basename: HOME || '/' },
  );
