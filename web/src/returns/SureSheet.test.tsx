import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { beforeEach, expect, it, vi, type MockInstance } from 'vitest';
import { api, ApiError, type Schemas } from '../api/client';
import { show as showPlain } from '../testing';
import { lineOf, SureSheet } from './SureSheet';

let asked: MockInstance<typeof api.POST>;

beforeEach(() => {
  asked = vi.spyOn(api, 'POST');
  asked.mockResolvedValue({ data: [], response: new Response() });
});

const show = (sheet: ReactElement) => showPlain(<MemoryRouter>{sheet}</MemoryRouter>);
const goal = (label: string, level: number, sign?: string, field?: string) => ({ label, level, ...(sign ? { sign } : {}), ...(field ? { field } : {}) });
const page = (id: string, name: string): Schemas['SureView'] => ({
  id,
  read: `2026-11-25T09:0${id}:00Z`,
  student: { id: `s${id}`, name },
  fields: ['1', '2', '3', '4', '5', '6', '7', '8'],
  goals: [goal('Equal steps', 3), goal('Neat edge', 2, 'colour over the edge', '4')],
});

it('shows each page with its levels, its fields and one line', () => {
  show(<SureSheet pages={[page('1', 'Ana Silva'), page('2', 'Ben Okafor')]} runId="r" onAccepted={vi.fn()} />);
  expect(screen.getByText('2 pages ready to accept')).toBeTruthy();
  expect(screen.getByText('Ana Silva').getAttribute('href')).toBe('/returns/r/1');
  expect(screen.getAllByLabelText('levels 3, 2')).toHaveLength(2);
  expect(screen.getAllByRole('listitem')[0]?.querySelectorAll('img')).toHaveLength(8);
  expect(screen.getAllByText('Neat edge nearly: colour over the edge (4)')).toHaveLength(2);
});

it('of a page with many fields shows as many as there is room for', () => {
  const many = Array.from({ length: 30 }, (_, i) => `${i + 1}`);
  show(<SureSheet pages={[{ ...page('1', 'Ana Silva'), fields: many }]} runId="r" onAccepted={vi.fn()} />);
  expect(screen.getByRole('listitem').querySelectorAll('img')).toHaveLength(12);
});

it('accepts what was looked at, each in the reading that was seen, with one key', async () => {
  const accepted = vi.fn();
  show(<SureSheet pages={[page('1', 'Ana Silva'), page('2', 'Ben Okafor')]} runId="r" onAccepted={accepted} />);
  fireEvent.keyDown(document.body, { key: 'a', ctrlKey: true });
  expect(asked).not.toHaveBeenCalled();
  fireEvent.keyDown(document.body, { key: 'a' });
  await waitFor(() => expect(accepted).toHaveBeenCalled());
  expect(asked.mock.lastCall?.[0]).toBe('/api/returns/runs/{run}/sure');
  expect(asked.mock.lastCall?.[1]).toMatchObject({
    params: { path: { run: 'r' } },
    body: {
      pages: [
        { page: '1', read: '2026-11-25T09:01:00Z' },
        { page: '2', read: '2026-11-25T09:02:00Z' },
      ],
    },
  });
});

it('says that nothing was accepted where a page has changed', async () => {
  const accepted = vi.fn();
  asked.mockRejectedValue(new ApiError(409, 'CHANGED_ELSEWHERE', 'A page was read anew meanwhile. Nothing was accepted: look again.', []));
  show(<SureSheet pages={[page('1', 'Ana Silva')]} runId="r" onAccepted={accepted} />);
  fireEvent.click(screen.getByRole('button', { name: /Accept 1 page/ }));
  expect(await screen.findByText(/Nothing was accepted: look again/)).toBeTruthy();
  expect(accepted).not.toHaveBeenCalled();
});

it('has nothing to accept where no page is sure', () => {
  show(<SureSheet pages={[]} runId="r" onAccepted={vi.fn()} />);
  fireEvent.keyDown(document.body, { key: 'a' });
  expect(asked).not.toHaveBeenCalled();
  expect(screen.getByRole('button', { name: /Accept 0 pages/ })).toHaveProperty('disabled', true);
});

it('says the weakest goal with its reason and its place', () => {
  expect(lineOf([goal('Equal steps', 3), goal('Neat edge', 2, 'colour over the edge', '4'), goal('Rich dark', 1)])).toBe('Rich dark beginning');
  expect(lineOf([goal('Equal steps', 3), goal('Neat edge', 2, 'colour over the edge', '4')])).toBe('Neat edge nearly: colour over the edge (4)');
});

it('says what goes beyond where all is secure', () => {
  expect(lineOf([goal('Equal steps', 3), goal('Rich dark', 4), goal('Neat edge', 4)])).toBe('All secure; beyond: rich dark, neat edge');
  expect(lineOf([goal('Equal steps', 3)])).toBe('All secure');
  expect(lineOf([])).toBe('All secure');
});
