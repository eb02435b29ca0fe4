import { MantineProvider } from '@mantine/core';
import { configureStore } from '@reduxjs/toolkit';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import type { DraftDoc, VersionRequest } from '../../contract/dto';
import { kitById } from '../../core/classes';
import { lookupReference } from '../../core/ingredients';
import { readFormula } from '../../core/reading';
import { adapt } from '../../core/rebalance';
import { api } from '../api/api';
import { kitchenLineReducer } from '../api/kitchenSlice';
import type { DeskContext } from '../shared/deskContext';
import { workingCopy, workingReducer } from '../working/workingSlice';
import { theme } from '../theme/theme';

/** What the desk hands to a stop for a demo formula and what is asked of it. */
export function deskFor(demo: number, request: VersionRequest): DeskContext {
  const source = readFormula(DEMO_FORMULAS[demo]!).formula;
  const doc: DraftDoc = { baseId: 'v1', source, request };
  const outcome = adapt({ formula: source, ...request }, { lookup: lookupReference });
  return {
    doc,
    outcome,
    whole: outcome.solutions,
    style: request.style ?? {},
    kitOf: kitById,
    solution: outcome.solutions[0] ?? null,
    working: false,
    progress: null,
    failed: null,
    again: () => undefined,
  };
}

/** Draws a page part in the frame it lives in, with a store that holds the desk's working copy. */
export function show(element: ReactElement, context?: DeskContext) {
  const store = configureStore({
    reducer: { [api.reducerPath]: api.reducer, working: workingReducer, kitchenLine: kitchenLineReducer },
    middleware: (d) => d().concat(api.middleware),
  });
  if (context)
    store.dispatch(
      workingCopy.opened({
        formulaId: 'f1',
        doc: context.doc,
        pristine: context.doc,
        rev: 0,
        standing: { is: 'clean' },
      }),
    );
  const view = render(
    <MantineProvider theme={theme} env="test">
      <Provider store={store}>
        <MemoryRouter>
          <Routes>
            <Route element={<Outlet context={context} />}>
              <Route path="*" element={element} />
            </Route>
          </Routes>
        </MemoryRouter>
      </Provider>
    </MantineProvider>,
  );
  return { ...view, doc: () => store.getState().working.doc! };
}
