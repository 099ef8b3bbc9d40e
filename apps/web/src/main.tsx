import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { useOwnVariants } from './api/queries.js';
import { router } from './routes.js';
import { Loading, Problem } from './ui/states.js';
import './styles.css';

const client = new QueryClient({ defaultOptions: { queries: { staleTime: 10_000, retry: 1 } } });

/** Screens look poses up as they draw: the hall's own variants are read before the first of them. */
function Screens() {
  const { isPending, error, refetch } = useOwnVariants();
  if (isPending) return <Loading what="Reading the catalogue" />;
  if (error) return <main className="p-6"><Problem error={error} again={() => void refetch()} /></main>;
  return <RouterProvider router={router} />;
}

createRoot(document.getElementById('root')!).render(
  <StrictMode><QueryClientProvider client={client}><Screens /></QueryClientProvider></StrictMode>,
);
