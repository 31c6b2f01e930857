import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../api/client';
import { forgetDrafts, keepDraftsOf } from '../design/useDraft';

export type Session = Schemas['SessionView'];

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => body(api.GET('/api/account/session')),
    staleTime: 60_000,
  });
}

/** Opens a session, by signing in or by making the first account, and starts afresh. */
export function useEnter() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (request: Schemas['JoinRequest'] | Schemas['SignInRequest']) =>
      'displayName' in request ? body(api.POST('/api/account/first-teacher', { body: request })) : body(api.POST('/api/account/session', { body: request })),
    onSuccess: (_, request) => {
      keepDraftsOf(request.name);
      return queries.resetQueries();
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => api.DELETE('/api/account/session'),
    onSettled: () => {
      forgetDrafts();
      queries.clear();
      window.location.assign('/');
    },
  });
}
