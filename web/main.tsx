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

// Where the browser allows it (this machine, or HTTPS) the app and the run at the bench are there without the network.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener(
    'load',
    () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined),
  );

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
