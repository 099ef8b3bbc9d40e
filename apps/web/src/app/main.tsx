import { notifyManager, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { cache } from '../data/cache.js';
import { forgetOldDrafts } from '../data/drafts/drafts.js';
import { forgetOldReadings } from '../data/kept/keptReadings.js';
import { beginDelivering } from '../data/outbox/outbox.js';
import { router } from './routes.js';
import './styles.css';

// What a click changes shows before the next frame: a chosen box is never seen open again in between.
notifyManager.setScheduler(queueMicrotask);
// Closing the page while something is still on its way to the server is asked about.
window.addEventListener('beforeunload', (event) => {
  if (cache.isMutating()) event.preventDefault();
});

forgetOldDrafts();
void forgetOldReadings().catch(() => undefined);
beginDelivering();

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={cache}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
