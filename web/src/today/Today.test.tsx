import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import Today from './Today';

afterEach(cleanup);

type Run = Schemas['TodayRunView'];

const cause: Schemas['CauseView'] = { code: 'ORDER_REVERSED', sign: 'the order turns', next: 'Name the darkest box first.' };
const fault: Schemas['FaultView'] = { cause, exercise: '', goal: 'ORDER', label: 'Order', students: 4 };
const redo: Schemas['RedoView'] = { cause, exercise: '', goal: 'ORDER', label: 'Order', name: 'Ilse Marten', student: 's' };
const run: Run = {
  id: 'r',
  minutes: 20,
  paper: 'Copperbeech',
  pencil: 'Heron Grey',
  printedAt: '2026-11-27T08:00:00Z',
  progress: { printed: 4, read: 4, confirmed: 4, unreadable: 0, waiting: 0 },
  redos: [],
  title: 'Two scales',
};

function show(changed: Partial<Run>) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  const day: Schemas['TodayView'] = {
    anySheet: true,
    classes: [{ id: 'c', name: '8 Dunlin', starts: '09:00:00', students: 4, run: { ...run, ...changed } }],
    date: '2026-11-27',
    unplaced: 0,
  };
  queries.setQueryData(['today'], day);
  render(
    <MemoryRouter>
      <QueryClientProvider client={queries}>
        <Today isDemo={false} />
      </QueryClientProvider>
    </MemoryRouter>,
  );
}

it('says which exercise the commonest miss is of, where a sheet has several', () => {
  show({ fault: { ...fault, exercise: 'Second scale' } });
  expect(screen.getByText('Commonest miss: order, second scale')).toBeTruthy();
});

it('names the goal alone where the sheet has one exercise', () => {
  show({ fault });
  expect(screen.getByText('Commonest miss: order')).toBeTruthy();
});

it('says whose box to redo, and in which exercise', () => {
  show({ redos: [{ ...redo, exercise: 'Second scale', field: '3' }, { ...redo, student: 't', name: 'Jon Abram' }] });
  expect(screen.getByText(/second scale, box 3/)).toBeTruthy();
  expect(screen.getByText(/\(order\)/)).toBeTruthy();
});
