import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { ThenAndNow } from './ThenAndNow';

const wall: Schemas['WallView'] = {
  run: 'r',
  personal: true,
  title: 'Reteach: Value scale',
  version: 1,
  schoolClass: 'dunlin',
  className: '8 Dunlin',
  printedAt: '2026-10-09T09:00:00Z',
  columns: [],
  goals: [],
  rows: [
    {
      student: 'a',
      name: 'Amara',
      page: 'now',
      absent: false,
      confirmed: true,
      cells: [{ page: 'now', read: 'n', field: '2', lightness: 60, blank: false, before: { page: 'then', read: 't', received: '2026-10-02T09:00:00Z', field: 'A2' } }],
      marks: [],
    },
    { student: 'b', name: 'Björn', absent: false, confirmed: false, cells: [], marks: [] },
  ],
};

it('shows what was done again under the first try, and who is still to bring it', () => {
  render(
    <MemoryRouter>
      <ThenAndNow wall={wall} />
    </MemoryRouter>,
  );
  const [then, now] = screen.getAllByRole('img');
  expect(then?.getAttribute('src')).toContain('/then/');
  expect(then?.getAttribute('src')).toContain('A2');
  expect(now?.getAttribute('alt')).toBe('Amara, box 2, now');
  expect(screen.getByText('not returned')).toBeTruthy();
});
