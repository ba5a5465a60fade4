import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-600.css';
import 'virtual:component-styles/door.css';
import '../ui/colours.module.css';
import '../ui/base.css';
import { startTransition, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { Providers } from './providers';
import { router } from './router';
import { outbox } from '../offline/browser-outbox';

// A browser that keeps nothing for us still works with signal.
await outbox.open().catch(() => undefined);

// The page as it was sent stands until the first screen has come.
await new Promise<void>((resolve) => {
  const look = ({ initialized }: typeof router.state) => {
    if (initialized) resolve();
  };
  router.subscribe(look);
  look(router.state);
});

const root = createRoot(document.getElementById('root')!);
// In pieces: a phone is slow, and answers a finger in between.
startTransition(() =>
  root.render(
    <StrictMode>
      <Providers>
        <RouterProvider router={router} />
      </Providers>
    </StrictMode>,
  ),
);
