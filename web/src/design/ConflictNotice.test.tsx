import { QueryClient, QueryClientProvider, useMutation, useQuery } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';
import { useRevision } from '../api/useRevision';
import { ConflictNotice, useSaveMine } from './ConflictNotice';

interface Thing {
  revision: number;
  name: string;
}

/** The server's copy, which somebody else changed after the form was opened. */
const server: Thing = { revision: 4, name: 'theirs' };
const saved = vi.fn();

function Form({ kept }: { kept: Thing }) {
  const revision = useRevision(kept, (t) => t.name);
  const save = useMutation({
    mutationFn: (name: string) => {
      if (revision.known !== server.revision) {
        return Promise.reject(new ApiError(409, 'CHANGED_ELSEWHERE', 'T. Vale changed this meanwhile.', []));
      }
      saved(name);
      return Promise.resolve({ revision: server.revision + 1, name });
    },
  });
  const saveMine = useSaveMine(save, revision);
  return (
    <>
      <button onClick={() => save.mutate('mine')}>Save</button>
      <ConflictNotice error={save.error} onMine={() => void saveMine()} />
    </>
  );
}

function Loaded() {
  const first = { revision: 3, name: 'before' };
  const thing = useQuery({ queryKey: ['thing'], queryFn: () => Promise.resolve({ ...server }), initialData: first, staleTime: Infinity });
  return <Form kept={thing.data} />;
}

it('saves one’s own over what somebody else saved, once that is asked for', async () => {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Loaded />
    </QueryClientProvider>,
  );
  fireEvent.click(screen.getByText('Save'));
  expect(await screen.findByText(/T. Vale changed this meanwhile/)).toBeTruthy();
  expect(saved).not.toHaveBeenCalled();

  fireEvent.click(screen.getByRole('button', { name: 'Save mine' }));

  await waitFor(() => expect(saved).toHaveBeenCalledWith('mine'));
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
});
