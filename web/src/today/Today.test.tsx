import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import Today from './Today';

type Run = Schemas['TodayRunView'];

const cause: Schemas['CauseView'] = { code: 'ORDER_REVERSED', sign: 'the order turns', next: 'Name the darkest box first.' };
const fault: Schemas['FaultView'] = { cause, exercise: '', goal: 'ORDER', label: 'Order', students: 4 };
const redo: Schemas['RedoView'] = { exercise: '', goal: 'ORDER', label: 'Order', name: 'Ilse Marten', student: 's' };
const run: Run = {
  id: 'r',
  printedAt: '2026-11-27T08:00:00Z',
  progress: { printed: 4, read: 4, confirmed: 4, unreadable: 0, waiting: 0 },
  redos: [],
  missing: [],
  title: 'Two scales',
};

function show(changed: Partial<Run>, plan: Partial<Schemas['TodayClassView']> = {}) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  const day: Schemas['TodayView'] = {
    classes: [{ id: 'c', name: '8 Dunlin', students: 4, lessons: [], numbers: [], of: 0, warnings: [], sheets: [], ...plan, run: { ...run, ...changed } }],
    date: '2026-11-27',
    today: '2026-11-27',
    unplaced: 0,
  };
  queries.setQueryData(['today', ''], day);
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
  expect(screen.getByText('Most common mistake: order, second scale')).toBeTruthy();
});

it('names the goal alone where the sheet has one exercise', () => {
  show({ fault });
  expect(screen.getByText('Most common mistake: order')).toBeTruthy();
});

it('names who is not back, and only counts them while the pile is still to come', () => {
  show({ missing: [{ student: 'z', name: 'Zoë Østergård', absent: true }] });
  expect(screen.getByRole('link', { name: 'Zoë Østergård' })).toBeTruthy();
  expect(screen.getByText(/was absent: to catch up/)).toBeTruthy();
  cleanup();
  show({ missing: Array.from({ length: 12 }, (_, i) => ({ student: `${i}`, name: `Student ${i}`, absent: false })) });
  expect(screen.getByText(/12 students/)).toBeTruthy();
});

it('counts all who have something to do again and names the weakest', () => {
  show({ redos: Array.from({ length: 23 }, (_, i) => ({ ...redo, student: `s${i}`, name: `Student ${i}` })) });
  expect(screen.getByText('Something to do again, 23 students:')).toBeTruthy();
  expect(screen.getByText(/and 15 others/)).toBeTruthy();
});

it('says whose box to redo, and in which exercise', () => {
  show({
    redos: [
      { ...redo, exercise: 'Second scale', field: '3' },
      { ...redo, student: 't', name: 'Jon Abram' },
    ],
  });
  expect(screen.getByText(/second scale, box 3/)).toBeTruthy();
  expect(screen.getByText(/\(order\)/)).toBeTruthy();
});

const lesson: Schemas['LessonView'] = {
  id: 'l',
  title: 'Fading out',
  aim: 'A strip without a line.',
  sheets: ['s'],
  showMinutes: 8,
  lookMinutes: 3,
  workMinutes: 0,
  notes: 'Slowly.',
  gives: [],
  needs: [],
  stages: [
    { id: 'show', kind: 'SHOW', exercise: '', field: '', group: '', label: '', minutes: 8, median: 8, stop: 'POOR' },
    { id: 's1.1.1', kind: 'WORK', exercise: 'Strip', field: '1', group: '', label: 'strip 1', minutes: 14, median: 12, stop: 'GOOD' },
  ],
  wants: [
    { code: 'S07', name: 'Buoy Red', colour: '#c03030', copies: 24, inTurns: 4, minutes: 10 },
    { code: 'S16', name: 'Tide Blue', colour: '#203080', copies: 2, inTurns: 4, minutes: 10 },
  ],
  cautions: ['No pencils in the mouth.'],
  beside: [{ students: ['s'], names: ['Ilse Marten'], title: 'Redo sheets', notes: '', run: 'r2' }],
  minutes: 22,
};
const period: Schemas['PeriodView'] = {
  key: '2026-11-27T09:00:00',
  starts: '2026-11-27T09:00:00',
  minutes: 50,
  place: 'Room 4',
  absent: [],
  note: '',
  state: 'USUAL',
  room: 40,
  planned: 22,
  median: 20,
  quick: 18,
  logged: false,
  pieces: [{ lesson: 'l', stages: [{ id: 'show', kind: 'SHOW', minutes: 8 }], goesOn: true, stop: 'POOR' }],
};
const plan = { period, lessons: [lesson], numbers: [2], of: 6, sheets: [{ id: 's', title: 'Strips' }] };

it('says where the course stands, what to put out with the scarce first, what to print and to mind', () => {
  show({}, plan);
  expect(screen.getByText('Fading out (2 of 6)')).toBeTruthy();
  const pencils = screen.getAllByText(/×/).map((p) => p.textContent);
  expect(pencils).toEqual(['S16 Tide Blue × 2, 4 need it', 'S07 Buoy Red × 4']);
  expect(screen.getByRole('button', { name: 'Strips, 4 sheets' })).toBeTruthy();
  expect(screen.getByText(/No pencils in the mouth/)).toBeTruthy();
  expect(screen.getByText(/Ilse Marten: Redo sheets/)).toBeTruthy();
  expect(screen.getByText(/Continues next time/)).toBeTruthy();
});

it('offers three ways a period can have gone, and asks after which stage it stopped', () => {
  show({}, plan);
  expect(screen.getByRole('button', { name: 'Done' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Did not happen' })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Stopped after …' }));
  expect(screen.getByRole('button', { name: /Stopped after/ }).textContent).toContain('Which stage?');
});

it('says what was logged', () => {
  show({}, { ...plan, period: { ...period, logged: true } });
  expect(screen.getByText('stopped after show')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Done' })).toBeNull();
});

it('a cancelled period asks for nothing', () => {
  show({}, { ...plan, period: { ...period, state: 'CANCELLED', pieces: [] }, lessons: [] });
  expect(screen.getByText('Cancelled')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Done' })).toBeNull();
});
