import './fonts.css';
import '@mantine/core/styles/baseline.layer.css';
import '@mantine/core/styles/global.layer.css';
import '@mantine/core/styles/UnstyledButton.layer.css';
import '@mantine/core/styles/VisuallyHidden.layer.css';
import '@mantine/core/styles/Button.layer.css';
import './styles.css';
import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Problem } from './api/client';
import { watchLeaving } from './api/leaving';
import { watchSleep } from './api/serverClock';
import { Waiting } from './parts/Waiting';
import { Broke } from './shell/Broke';
import { Shell } from './shell/Shell';
import { theme } from './theme';

const queries = new QueryClient({
  defaultOptions: {
    // Whether the server answers is found out by asking it: on this machine there may be no network at all.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      // A refusal stays a refusal; only what did not arrive is tried again.
      retry: (count, error) => !(error instanceof Problem) && count < 3,
      refetchOnWindowFocus: true,
      staleTime: 2000,
    },
  },
});

watchSleep();
watchLeaving();

// What is done at the bench is sent from any page; what does it comes after the page.
void import('./box/attach').then(({ attach }) => attach(queries));

const router = createBrowserRouter([
  {
    Component: Shell,
    HydrateFallback: Waiting,
    ErrorBoundary: Broke,
    children: [
      {
        // A page that breaks or does not come leaves the frame as it is.
        ErrorBoundary: Broke,
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./patterns/Shelf')).Shelf }) },
          { path: 'patterns', lazy: async () => ({ Component: (await import('./patterns/Shelf')).Shelf }) },
          // All but the first screen.
          { path: '*', lazy: async () => ({ Component: (await import('./Pages')).Pages }) },
        ],
      },
    ],
  },
]);

const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <MantineProvider deduplicateCssVariables={false} theme={theme} defaultColorScheme="auto">
        <QueryClientProvider client={queries}>
          <RouterProvider router={router} />
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
}

// Only where the browser allows it: on this machine, or over HTTPS.
if (import.meta.env.PROD && navigator.serviceWorker !== undefined) {
  window.addEventListener('load', () => void navigator.serviceWorker.register('/service-worker.js').catch(() => {}));
}
