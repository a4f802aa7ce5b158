import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, redirect, RouterProvider } from 'react-router';
import { Unreachable } from './api';
import { Frame, ScreenError, UnitsProvider, whileTheyLook } from './common';
import { cssVariables, theme } from './theme';

/** Sends what was kept while the server was out of reach, whichever screen is open; it comes after the screen. */
const Sending = lazy(async () => {
  await whileTheyLook;
  return { default: (await import('./session')).Sending };
});
const Notifications = lazy(async () => {
  await whileTheyLook;
  return { default: (await import('@mantine/notifications')).Notifications };
});

/** Silence is asked again once; a refusal is an answer. */
const retry = (failures: number, error: Error) => failures < 1 && error instanceof Unreachable;
const queries = new QueryClient({ defaultOptions: { queries: { retry } } });

const router = createBrowserRouter([
  {
    element: <Frame />,
    errorElement: <ScreenError />,
    HydrateFallback: () => null,
    children: [
      {
        index: true,
        lazy: async () => {
          const { YardScreen } = await import('./yard');
          // From the yard people go to the bench: it comes while they look.
          void whileTheyLook.then(() =>
            Promise.all([import('./session'), import('./build'), import('./bench')]),
          );
          return { Component: YardScreen };
        },
      },
      {
        path: 'builds/:id',
        lazy: async () => {
          const { BuildSession, BuildTrouble } = await import('./session');
          return { Component: BuildSession, ErrorBoundary: BuildTrouble };
        },
        children: [
          {
            lazy: async () => ({ Component: (await import('./build')).BuildShell }),
            children: [
              { index: true, lazy: async () => ({ Component: (await import('./bench')).BenchScreen }) },
              {
                path: 'analysis/:section?',
                lazy: async () => ({ Component: (await import('./analysis')).AnalysisScreen }),
              },
              {
                path: 'history',
                lazy: async () => ({ Component: (await import('./history')).HistoryScreen }),
              },
            ],
          },
          // Where the sections stood before: links that people kept still lead there.
          {
            path: 'weights/:section?',
            loader: ({ params }) => redirect(`/builds/${params['id']}/analysis/${params['section'] ?? ''}`),
          },
        ],
      },
      { path: 'catalogue', lazy: async () => ({ Component: (await import('./catalogue')).CatalogueScreen }) },
      {
        path: 'departments/:id/brief',
        lazy: async () => ({ Component: (await import('./brief')).BriefScreen }),
      },
      {
        path: 'departments/:id/parts',
        lazy: async () => ({ Component: (await import('./catalogue')).OwnPartsScreen }),
      },
      { path: '*', element: <ScreenError missing /> },
    ],
  },
]);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <MantineProvider theme={theme} cssVariablesResolver={cssVariables} defaultColorScheme="auto">
      <QueryClientProvider client={queries}>
        <Suspense>
          <Sending />
        </Suspense>
        <Suspense>
          <Notifications position="bottom-center" containerWidth={420} className="said" />
        </Suspense>
        <UnitsProvider>
          <RouterProvider router={router} />
        </UnitsProvider>
      </QueryClientProvider>
    </MantineProvider>
  </StrictMode>,
);

// A newer Baros has other files than this page knows: it is read anew, and what was typed is kept. What a page
// that is being left no longer gets is no such sign.
const LEAVING_MS = 10_000;
let leftAt = -LEAVING_MS;
window.addEventListener('beforeunload', () => (leftAt = performance.now()));
window.addEventListener('vite:preloadError', () => {
  if (performance.now() - leftAt > LEAVING_MS) window.location.reload();
});

// Where the browser has it, the screens open without the server.
if ('serviceWorker' in navigator && import.meta.env.PROD)
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
