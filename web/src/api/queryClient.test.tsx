import { QueryClientProvider, useQuery } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { ConnectionNotice } from '../ConnectionNotice';
import { ApiError } from './client';
import { newQueryClient } from './queryClient';

function Shown({ ask }: { ask: () => Promise<string> }) {
  const found = useQuery({ queryKey: ['some'], queryFn: ask });
  return <p>{found.data ?? (found.isError ? 'failed' : 'waiting')}</p>;
}

it('keeps what is loaded in sight without a connection, says so, and tries again', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  const queries = newQueryClient();
  const ask = vi.fn<() => Promise<string>>().mockResolvedValueOnce('loaded').mockRejectedValueOnce(new TypeError('Failed to fetch')).mockResolvedValue('newer');
  render(
    <QueryClientProvider client={queries}>
      <Shown ask={ask} />
      <ConnectionNotice />
    </QueryClientProvider>,
  );
  await screen.findByText('loaded');
  void queries.invalidateQueries();
  await screen.findByText(/No connection to Grastel/);
  expect(screen.getByText('loaded')).toBeTruthy();
  await vi.advanceTimersByTimeAsync(1500);
  await screen.findByText('newer');
  expect(screen.queryByText(/No connection/)).toBeNull();
  vi.useRealTimers();
});

it('asks for the session anew where the server says that it has ended', async () => {
  const queries = newQueryClient();
  queries.setQueryData(['session'], 'signed in');
  render(
    <QueryClientProvider client={queries}>
      <Shown ask={() => Promise.reject(new ApiError(401, 'SIGN_IN', 'Sign in first.', []))} />
    </QueryClientProvider>,
  );
  await screen.findByText('failed');
  expect(queries.getQueryState(['session'])?.isInvalidated).toBe(true);
});
