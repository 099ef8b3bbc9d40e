import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { useOwnVariants, useReadStudio } from './api/queries.js';
import { router } from './routes.js';
import { Reading } from './ui/states.js';
import './styles.css';

// What a click changes shows before the next frame: a chosen box is never seen open again in between.
notifyManager.setScheduler(queueMicrotask);
const client = new QueryClient({ defaultOptions: { queries: { staleTime: 10_000, retry: 1 } } });
// Closing the page while something is still on its way to the server is asked about.
window.addEventListener('beforeunload', (event) => {
  if (client.isMutating()) event.preventDefault();
});

/**
 * Screens look poses up and judge them as they draw: the hall's own variants and what it decided are read
 * before the first of them.
 */
function Screens() {
  const own = useOwnVariants();
  const studio = useReadStudio();
  const missing = [own, studio].find(({ data }) => !data);
  if (!missing) return <RouterProvider router={router} />;
  return (
    <main className="p-6">
      <Reading what="Reading the catalogue" of={missing} />
    </main>
  );
}

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <Screens />
    </QueryClientProvider>
  </StrictMode>,
);
