import { cleanup, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, show } from '../testing';
import { Keeping } from './Keeping';

const dunlin = { id: 'dunlin', name: '8 Dunlin', calendar: { term: { from: '2026-08-31', to: '2026-12-18' } } } as unknown as Schemas['ClassView'];
const held: Schemas['HoldingsView'] = { students: 28, printings: 4, pages: 96, confirmed: 90, marks: 410 };

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

it('says what there is of a class and where it can be had in one file', async () => {
  answers('GET', held);
  show(<Keeping open={dunlin} today="2026-11-03" />);
  const link = await screen.findByRole('link', { name: 'Archive in one file' });
  expect(link.getAttribute('href')).toBe('/api/progress/classes/dunlin/archive');
  expect(screen.getByText(/4 printings, 96 pages back, 90 confirmed, 410 marks/)).toBeTruthy();
  expect(screen.queryByText(/The term ended/)).toBeNull();
});

it('reminds of it when the term is over', async () => {
  answers('GET', held);
  show(<Keeping open={dunlin} today="2027-01-11" />);
  expect(await screen.findByText(/The term ended on/)).toBeTruthy();
});
