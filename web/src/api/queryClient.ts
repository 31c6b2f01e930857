import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query';
import { ApiError } from './client';

/** The server gave no answer at all: fetch says so by a TypeError. */
export const isUnreachable = (error: Error | null) => error instanceof TypeError;

/** Waits a little longer each time, at most so long, ms. */
const LONGEST_WAIT = 10_000;

/**
 * Without a connection what is loaded stays in sight, and what is asked for is tried until there is an answer. Where the session
 * has ended it is asked for anew, so that one can sign in again in place.
 */
export function newQueryClient(): QueryClient {
  const signedOut = (error: Error) => {
    if (error instanceof ApiError && error.status === 401) {
      void queries.invalidateQueries({ queryKey: ['session'] });
    }
  };
  const queries: QueryClient = new QueryClient({
    queryCache: new QueryCache({ onError: signedOut }),
    mutationCache: new MutationCache({ onError: signedOut }),
    defaultOptions: {
      queries: {
        staleTime: 5_000,
        retry: (failures, error) => !(error instanceof ApiError) && (isUnreachable(error) || failures < 2),
        retryDelay: (failures) => Math.min(LONGEST_WAIT, 500 * 2 ** failures),
      },
    },
  });
  return queries;
}
