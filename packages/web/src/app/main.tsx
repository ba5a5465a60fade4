import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-600.css';
import '../ui/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { Providers, queryClient } from './providers';
import { router } from './router';
import { bringBackQueries, keepQueries } from '../offline/kept-queries';
import { outbox } from '../offline/outbox';

// A browser that keeps nothing for us still works with signal.
await Promise.all([bringBackQueries(queryClient), outbox.open().catch(() => undefined)]);
keepQueries(queryClient);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Providers>
      <RouterProvider router={router} />
    </Providers>
  </StrictMode>,
);
