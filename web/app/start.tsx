import { MantineProvider } from '@mantine/core';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { makeRouter } from './router';
import { makeStore, saving } from '../store/store';
import { watchPage } from '../working/saving';
import { theme } from '../theme/theme';

/** Where what was done is told. Not needed for the first page: what is told before it is there waits for it. */
const Notifications = lazy(async () => ({
  default: (await import('@mantine/notifications')).Notifications,
}));

/** Draws the app. To be called once, when its language is known. */
export function start(): void {
  const store = makeStore();
  watchPage(saving, () => store.getState().working.formulaId);

  // Where the browser allows it (this machine, or HTTPS) the app and the run at the bench are there without the network.
  if (import.meta.env.PROD && 'serviceWorker' in navigator) {
    const register = () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    // The language may have kept the app until after the page was loaded.
    if (document.readyState === 'complete') register();
    else window.addEventListener('load', register);
  }

  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <MantineProvider theme={theme} defaultColorScheme="auto">
        <Suspense>
          <Notifications position="bottom-right" />
        </Suspense>
        <Provider store={store}>
          <RouterProvider router={makeRouter()} />
        </Provider>
      </MantineProvider>
    </StrictMode>,
  );
}
