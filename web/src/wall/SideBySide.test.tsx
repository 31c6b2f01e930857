import { fireEvent, render, screen, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { SideBySide } from './SideBySide';

type Row = Schemas['WallView']['rows'][number];

const mark = (level: number, figure: number): Row['marks'][number] => ({
  exercise: 0,
  goal: 'PICTURE_RANGE',
  label: 'Light to dark',
  level,
  figure,
  digits: 0,
  figureName: 'range used',
  unit: '% of the plan’s',
  praise: '',
});
const row = (student: string, name: string, marks: Row['marks']): Row => ({
  student,
  name,
  page: `p-${student}`,
  absent: false,
  confirmed: student !== 'c',
  cells: [{ page: `p-${student}`, read: 'r', field: '1', lightness: 50, blank: false }],
  marks,
});

const wall: Schemas['WallView'] = {
  run: 'r',
  personal: false,
  title: 'Glass float',
  version: 1,
  schoolClass: 'avocet',
  className: '10 Avocet',
  printedAt: '2026-11-09T09:00:00Z',
  columns: [],
  goals: [{ exercise: 0, goal: 'PICTURE_RANGE', label: 'Light to dark', title: '', counts: [0, 1, 0, 1, 0], commonestCount: 0 }],
  rows: [
    row('a', 'Amara', [mark(3, 88)]),
    { student: 'x', name: 'Xenia', absent: false, confirmed: false, cells: [], marks: [] },
    row('b', 'Björn', [mark(1, 41)]),
    row('c', 'Cormac', []),
  ],
};

it('shows two students’ work with the same figures, and leaves out who is not returned', () => {
  render(<SideBySide wall={wall} />);
  expect(screen.getAllByRole('img').map((i) => i.getAttribute('alt'))).toEqual(expect.arrayContaining(['Amara, 1', 'Björn, 1']));
  expect(screen.getByText('88 % of the plan’s')).toBeTruthy();
  expect(screen.getByText('41 % of the plan’s')).toBeTruthy();
  expect(screen.queryByText('Xenia')).toBeNull();
});

it('changes one of the two and says what is not confirmed', () => {
  render(<SideBySide wall={wall} />);
  const right = screen.getByRole('region', { name: 'On the right' });
  fireEvent.change(right.querySelector('select') as HTMLSelectElement, { target: { value: 'c' } });
  expect(within(right).getByRole('img', { name: 'Cormac, 1' })).toBeTruthy();
  expect(within(right).getByText('not confirmed')).toBeTruthy();
  expect(screen.getByText('88 % of the plan’s')).toBeTruthy();
  expect(screen.queryByText('41 % of the plan’s')).toBeNull();
});
