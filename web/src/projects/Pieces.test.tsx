import { screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import { answersTo, show } from '../testing';
import { Pieces } from './Pieces';

const pieces = (runs: unknown[]) => {
  const get = answersTo('GET', { '/api/projects/{id}/pieces': runs });
  show(
    <MemoryRouter>
      <Pieces project="p" />
    </MemoryRouter>,
  );
  return get;
};
const printing = { run: 'r', printedAt: '2026-11-24T09:00:00Z', pages: 14, back: 3, confirmed: 1 };

it('says what is back of each printing, and leads to where it is read and hung', async () => {
  pieces([printing]);
  expect(await screen.findByText(/3 of 14 pages returned, 1 confirmed/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Returns' }).getAttribute('href')).toBe('/returns/r');
  expect(screen.getByRole('link', { name: 'Wall' }).getAttribute('href')).toBe('/wall/r');
  expect(screen.getByRole('button', { name: 'Poster …' })).toBeTruthy();
});

it('hangs nothing of which nothing is returned', async () => {
  pieces([{ ...printing, back: 0, confirmed: 0 }]);
  expect(await screen.findByText(/0 of 14 pages returned/)).toBeTruthy();
  expect(screen.queryByRole('link', { name: 'Wall' })).toBeNull();
});

it('is not there before anything is printed', async () => {
  const get = pieces([]);
  await vi.waitFor(() => expect(get).toHaveBeenCalled());
  expect(screen.queryByRole('heading', { name: 'Pieces' })).toBeNull();
});
