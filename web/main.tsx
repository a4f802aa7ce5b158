import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Unreachable } from './api';
import { Frame, ScreenError, UnitsProvider } from './common';
import { cssVariables, theme } from './theme';

const router = createBrowserRouter([
  {
    element: <Frame />,
    errorElement: <ScreenError />,
    HydrateFallback: () => null,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('./yard')).YardScreen }) },
      { path: 'builds/:id', lazy: async () => ({ Component: (await import('./bench')).BenchScreen }) },
      { path: '*', element: <ScreenError missing /> },
    ],
  },
]);

/** Silence is asked again once; a refusal is an answer. */
const retry = (failures: number, error: Error) => failures < 1 && error instanceof Unreachable;
const queries = new QueryClient({ defaultOptions: { queries: { retry } } });

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <MantineProvider theme={theme} cssVariablesResolver={cssVariables} defaultColorScheme="auto">
      <QueryClientProvider client={queries}>
        <Notifications position="bottom-center" containerWidth={420} />
        <UnitsProvider><RouterProvider router={router} /></UnitsProvider>
      </QueryClientProvider>
    </MantineProvider>
  </StrictMode>,
);
