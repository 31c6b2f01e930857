import { fireEvent, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { ApiError, type Schemas } from '../api/client';
import { answers, press, show, type } from '../testing';
import { Calendar } from './Calendar';

const open: Schemas['ClassView'] = {
  id: 'c',
  revision: 4,
  name: '8 Dunlin',
  band: 'DEVELOPING',
  students: [],
  former: [],
  calendar: { slots: [{ day: 'TUESDAY', starts: '11:05:00', minutes: 50, room: 'Room 4', turn: 'EVERY' }], holidays: [], changes: [], tables: [] },
  method: [],
  namesHidden: false,
  thresholds: {},
  readyShare: 2 / 3,
};

it('shows the week as it is and adds a period two days on', () => {
  show(<Calendar open={open} />);
  expect(screen.getByRole('group', { name: 'Period 1 of the week' })).toBeTruthy();
  press('Add a period');
  expect(screen.getByRole('group', { name: 'Period 2 of the week' }).textContent).toContain('Thursday');
  press('Remove period 1');
  expect(screen.queryByRole('group', { name: 'Period 2 of the week' })).toBeNull();
});

it('sends the whole calendar with the revision it was opened at', async () => {
  const put = answers('PUT', { ...open, revision: 5 });
  show(<Calendar open={open} />);
  fireEvent.change(screen.getByLabelText('First day'), { target: { value: '2026-08-31' } });
  fireEvent.change(screen.getByLabelText('Last day'), { target: { value: '2026-12-18' } });
  type(/^Seats at each table/, '4, 6');
  press('Save calendar');
  await vi.waitFor(() => expect(put).toHaveBeenCalledOnce());
  expect(put.mock.lastCall?.[1]).toMatchObject({ body: { revision: 4, calendar: { term: { from: '2026-08-31', to: '2026-12-18' }, tables: [4, 6] } } });
});

it('says everything that cannot be', async () => {
  const problems = [
    { path: 'term', code: 'TERM_BACKWARDS', message: 'The term ends before it starts.' },
    { path: 'slots[1]', code: 'SLOTS_OVERLAP', message: 'Periods 1 and 2 of the week overlap.' },
  ];
  answers('PUT', new ApiError(422, 'INVALID', 'The term ends before it starts.', problems));
  show(<Calendar open={open} />);
  press('Save calendar');
  const alert = await screen.findByRole('alert');
  expect(alert.textContent).toContain('The term ends before it starts.');
  expect(alert.textContent).toContain('Periods 1 and 2 of the week overlap.');
});

it('sends nothing while the seats are no numbers', () => {
  show(<Calendar open={open} />);
  type(/^Seats at each table/, 'four');
  expect(screen.getByText('Enter a number of seats for each table.')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Save calendar' }).hasAttribute('disabled')).toBe(true);
});
