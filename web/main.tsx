import '@fontsource-variable/fraunces';
import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@mantine/core/styles.css';
import '@mantine/notifications/styles.css';
import './theme/tokens.css';
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { makeRouter } from './app/router';
import { makeStore, saving } from './app/store';
import { watchPage } from './working/saving';
import { theme } from './theme/theme';

const store = makeStore();
watchPage(saving, () => store.getState().working.formulaId);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <MantineProvider theme={theme} defaultColorScheme="auto">
      <Notifications position="bottom-right" />
      <Provider store={store}>
        <RouterProvider router={makeRouter()} />
      </Provider>
    </MantineProvider>
  </StrictMode>,
);
