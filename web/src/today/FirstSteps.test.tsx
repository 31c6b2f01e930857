import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { answers } from '../testing';
import { FirstSteps } from './FirstSteps';

const day: Schemas['TodayView'] = { classes: [], date: '2026-11-27', today: '2026-11-27', unplaced: 0 };
const dunlin = { id: 'c', name: '8 Dunlin', calendar: { slots: [], holidays: [], changes: [], tables: [] } };
const paper = { id: 'p', tooth: 1 };

function show(classes: unknown[], runs: unknown[] = []) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  queries.setQueryData(['classes'], classes);
  queries.setQueryData(['kit'], { papers: [paper], pencils: [], sets: [] });
  queries.setQueryData(['courses'], { lanes: [], today: '2026-11-27' });
  queries.setQueryData(['runs'], runs);
  return render(
    <MemoryRouter>
      <QueryClientProvider client={queries}>
        <FirstSteps day={day} />
      </QueryClientProvider>
    </MemoryRouter>,
  );
}

it('names what is to be done first, and ticks off what is done', () => {
  show([dunlin]);
  expect(screen.getAllByRole('img', { name: 'done' })).toHaveLength(1);
  const next = document.querySelector('[aria-current="step"] a');
  expect(next?.textContent).toBe('Enter when it meets');
  expect(next?.getAttribute('href')).toBe('/classes/c');
});

it('stays hidden once it is dismissed', () => {
  const { unmount } = show([]);
  fireEvent.click(screen.getByText('Hide this list'));
  expect(screen.queryByText('First steps')).toBeNull();
  unmount();
  show([]);
  expect(screen.queryByText('First steps')).toBeNull();
});

it('makes one sheet to try before there is a class, which counts as no step', async () => {
  const made = answers('POST', { id: 'try' }, { id: 'sheet' }, { id: 'run' });
  const { unmount } = show([]);
  fireEvent.click(screen.getByText('Make one sheet'));
  await waitFor(() => expect(screen.getByText('Open the PDF').getAttribute('href')).toBe('/api/sheets/runs/run/pages.pdf'));
  expect(screen.getByText('Returns').getAttribute('href')).toBe('/returns/run');
  expect(made).toHaveBeenCalledTimes(3);
  unmount();
  show([{ ...dunlin, id: 'try', name: 'Trying it out' }], [{ id: 'run', schoolClass: 'try' }]);
  expect(screen.queryByRole('img', { name: 'done' })).toBeNull();
});
