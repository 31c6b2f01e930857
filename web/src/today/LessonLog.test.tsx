import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { period } from '../course/testing';
import { answers } from '../testing';
import { LessonLog } from './LessonLog';

function show(change: Parameters<typeof period>[0] = {}) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  queries.setQueryData(
    ['classes'],
    [
      {
        id: 'c',
        students: [
          { id: 'a', name: 'Amara' },
          { id: 'z', name: 'Zoë' },
        ],
      },
    ],
  );
  render(
    <QueryClientProvider client={queries}>
      <LessonLog schoolClass="c" period={period(change)} lessons={[]} />
    </QueryClientProvider>,
  );
}

it('takes who was absent and a note with what happened', async () => {
  const sent = answers('POST', {});
  show();
  fireEvent.click(screen.getByText('Absent, note …'));
  fireEvent.click(screen.getByRole('checkbox', { name: 'Zoë' }));
  fireEvent.change(screen.getByLabelText(/what ran out/), { target: { value: 'No Tide Blue left.' } });
  expect(screen.getByText('Absent: 1 …')).toBeTruthy();
  fireEvent.click(screen.getByText('Done'));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(sent.mock.calls[0]?.[1]).toMatchObject({ body: { outcome: 'DONE', absent: ['z'], note: 'No Tide Blue left.' } });
});

it('says what was logged', () => {
  show({ logged: true, absent: ['a'], note: 'Went on outside.' });
  expect(screen.getByText('absent: Amara')).toBeTruthy();
  expect(screen.getByText('“Went on outside.”')).toBeTruthy();
});
