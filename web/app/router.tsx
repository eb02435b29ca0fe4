import { createBrowserRouter, Navigate } from 'react-router';
import { HOME } from '../api/home';
import { PageError } from './PageError';
import { Shell } from './Shell';

/** Every place is loaded when it is first gone to. */
export const makeRouter = () =>
  createBrowserRouter(
    [
      {
        element: <Shell />,
        // The frame is drawn at once; a place fills it when its code is there.
        hydrateFallbackElement: <></>,
        errorElement: <PageError />,
        children: [
          {
            path: '/',
            lazy: async () => ({ Component: (await import('../places/shelf/ShelfPage')).ShelfPage }),
          },
          {
            path: '/new',
            lazy: async () => ({
              Component: (await import('../places/shelf/NewFormulaPage')).NewFormulaPage,
            }),
          },
          {
            path: '/formula/:id',
            lazy: async () => ({ Component: (await import('../places/desk/DeskLayout')).DeskLayout }),
            children: [
              { index: true, element: <Navigate to="swap" replace /> },
              {
                path: 'read',
                lazy: async () => ({ Component: (await import('../places/desk/ReadStop')).ReadStop }),
              },
              {
                path: 'swap',
                lazy: async () => ({ Component: (await import('../places/desk/SwapStop')).SwapStop }),
              },
              {
                path: 'balance',
                lazy: async () => ({ Component: (await import('../places/desk/BalanceStop')).BalanceStop }),
              },
              {
                path: 'bake',
                lazy: async () => ({ Component: (await import('../places/bake/BakeStop')).BakeStop }),
              },
              {
                path: 'clock',
                lazy: async () => ({ Component: (await import('../places/clock/ClockStop')).ClockStop }),
              },
              {
                path: 'lift',
                lazy: async () => ({ Component: (await import('../places/lift/LiftStop')).LiftStop }),
              },
            ],
          },
          {
            path: '/notebook',
            lazy: async () => ({ Component: (await import('../places/notebook/NotebookPage')).NotebookPage }),
          },
          {
            path: '/notebook/new',
            lazy: async () => ({ Component: (await import('../places/notebook/NewTrialPage')).NewTrialPage }),
          },
          {
            path: '/notebook/beside',
            lazy: async () => ({ Component: (await import('../places/notebook/BesidePage')).BesidePage }),
          },
          {
            path: '/formula/:id/experiment',
            lazy: async () => ({
              Component: (await import('../places/notebook/NewExperimentPage')).NewExperimentPage,
            }),
          },
          {
            path: '/notebook/experiment/:id',
            lazy: async () => ({
              Component: (await import('../places/notebook/ExperimentPage')).ExperimentPage,
            }),
          },
          {
            path: '/notebook/taste',
            lazy: async () => ({
              Component: (await import('../places/notebook/NewTastingPage')).NewTastingPage,
            }),
          },
          {
            path: '/notebook/tasting/:id',
            lazy: async () => ({ Component: (await import('../places/notebook/TastingPage')).TastingPage }),
          },
          {
            path: '/notebook/:id/slice/:hash',
            lazy: async () => ({ Component: (await import('../places/slice/SlicePage')).SlicePage }),
          },
          {
            path: '/notebook/:id',
            lazy: async () => ({ Component: (await import('../places/notebook/TrialPage')).TrialPage }),
          },
          {
            path: '/formula/:id/trials',
            lazy: async () => ({ Component: (await import('../places/notebook/TimelinePage')).TimelinePage }),
          },
          {
            path: '/bench/:runId',
            lazy: async () => ({ Component: (await import('../places/bench/BenchPage')).BenchPage }),
          },
          {
            path: '/bench/:runId/record',
            lazy: async () => ({ Component: (await import('../places/bench/RecordPage')).RecordPage }),
          },
          {
            path: '/formula/:id/card/:versionId',
            lazy: async () => ({ Component: (await import('../places/card/CardPage')).CardPage }),
          },
          {
            path: '/formula/:id/versions',
            lazy: async () => ({ Component: (await import('../places/versions/VersionsPage')).VersionsPage }),
          },
          {
            path: '/days',
            lazy: async () => ({ Component: (await import('../places/days/DaysPage')).DaysPage }),
          },
          {
            path: '/days/:id',
            lazy: async () => ({ Component: (await import('../places/days/DayLayout')).DayLayout }),
            children: [
              {
                index: true,
                lazy: async () => ({ Component: (await import('../places/days/PlanView')).PlanView }),
              },
              {
                path: 'now',
                lazy: async () => ({ Component: (await import('../places/days/RunView')).RunView }),
              },
              {
                path: 'lists',
                lazy: async () => ({ Component: (await import('../places/days/ListsView')).ListsView }),
              },
              {
                path: 'sheet',
                lazy: async () => ({ Component: (await import('../places/days/SheetView')).SheetView }),
              },
            ],
          },
          {
            path: '/pantry',
            lazy: async () => ({ Component: (await import('../places/pantry/PantryPage')).PantryPage }),
          },
          {
            path: '/pantry/new/:kind',
            lazy: async () => ({ Component: (await import('../places/pantry/EditPage')).EditPage }),
          },
          {
            path: '/pantry/:id/edit',
            lazy: async () => ({ Component: (await import('../places/pantry/EditPage')).EditPage }),
          },
          {
            path: '/pantry/:id',
            lazy: async () => ({
              Component: (await import('../places/pantry/IngredientPage')).IngredientPage,
            }),
          },
          {
            path: '/kitchen',
            lazy: async () => ({ Component: (await import('../places/kitchen/KitchenPage')).KitchenPage }),
          },
          {
            path: '/people',
            lazy: async () => ({ Component: (await import('../places/people/PeoplePage')).PeoplePage }),
          },
          {
            path: '/pair',
            lazy: async () => ({ Component: (await import('../places/door/PairPage')).PairPage }),
          },
          {
            path: '/handbook/:section?',
            lazy: async () => ({ Component: (await import('../places/handbook/HandbookPage')).HandbookPage }),
          },
          {
            path: '/start',
            lazy: async () => ({ Component: (await import('../places/start/StartPage')).StartPage }),
          },
          { path: '*', element: <PageError missing /> },
        ],
      },
    ],
    { basename: HOME || '/' },
  );
