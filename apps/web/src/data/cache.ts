import { QueryClient } from '@tanstack/react-query';

/** What was read of the server, for every screen. */
export const cache = new QueryClient({
  defaultOptions: {
    // The server may be on this very computer: it is asked whether or not there is a network.
    queries: { staleTime: 10_000, retry: 1, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});
