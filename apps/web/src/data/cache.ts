import { QueryClient } from '@tanstack/react-query';

/** What was read of the server, for every screen. */
export const cache = new QueryClient({ defaultOptions: { queries: { staleTime: 10_000, retry: 1 } } });
