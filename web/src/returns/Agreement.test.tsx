import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import Agreement from './Agreement';

const row: Schemas['AgreementView'] = {
  goal: 'EQUAL_STEPS',
  label: 'Equal steps',
  figureName: 'spread of the steps',
  unit: '%',
  digits: 0,
  marks: 20,
  same: 14,
  higher: 6,
  lower: 0,
  agreeNow: 14,
  factor: 1.2,
  agreeThen: 19,
  secure: 25,
  inUse: 25,
};
const dunlin = { id: 'd', name: '8 Dunlin', thresholds: {} } as unknown as Schemas['ClassView'];

function show(rows: Schemas['AgreementView'][], classes: Schemas['ClassView'][], address = '/?class=d') {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  queries.setQueryData(['classes'], classes);
  queries.setQueryData(['agreement', 'd'], rows);
  queries.setQueryData(['agreement', null], rows);
  render(
    <MemoryRouter initialEntries={[address]}>
      <QueryClientProvider client={queries}>
        <Agreement />
      </QueryClientProvider>
    </MemoryRouter>,
  );
}

it('says how often they agree and by what threshold they would more often', () => {
  show([row], [dunlin]);
  expect(screen.getByText('14 of 20 decisions as suggested')).toBeTruthy();
  expect(screen.getByRole('img', { name: '0 lower, 14 as suggested, 6 higher' })).toBeTruthy();
  expect(screen.getByText(/19 of 20 would agree with you about secure; now 14/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Use it for 8 Dunlin' })).toBeTruthy();
});

it('offers nothing to take over where no class is chosen', () => {
  show([row], [dunlin], '/');
  expect(screen.getByText('Choose a class to use it for.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /Use it/ })).toBeNull();
});

it('offers the way back once it has been taken over', () => {
  show([row], [{ ...dunlin, thresholds: { EQUAL_STEPS: 1.2 } }]);
  expect(screen.queryByRole('button', { name: /Use it/ })).toBeNull();
  expect(screen.getByText(/New sheets of 8 Dunlin use 30/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Reset to the usual' })).toBeTruthy();
});

it('says that nothing would do better, or that there is nothing to differ on', () => {
  show(
    [
      { ...row, goal: 'ORDER', label: 'In order', factor: undefined },
      { ...row, goal: 'NEAT_EDGE', label: 'Neat edge', higher: 0, same: 20, factor: undefined },
    ],
    [dunlin],
  );
  expect(screen.getByText('No other limit would agree clearly better.')).toBeTruthy();
  expect(screen.getByText('You agree.')).toBeTruthy();
});

it('is designed for nothing confirmed yet', () => {
  show([], [dunlin]);
  expect(screen.getByText('Nothing confirmed yet')).toBeTruthy();
});
