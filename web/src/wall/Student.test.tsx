import { screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, show } from '../testing';
import Student from './Student';

const mark = {
  exercise: 0,
  goal: 'EVEN_INSIDE' as const,
  label: 'Even inside',
  figureName: 'unevenness',
  unit: 'L*',
  digits: 1,
  praise: 'Even tone.',
  level: 2,
  figure: 4.26,
  cause: { code: 'PATCHY' as const, sign: 'pressure wandered', next: 'Small circles.' },
};
const amara: Schemas['StudentWallView'] = {
  id: 'a',
  name: 'Amara Diallo',
  schoolClass: 'dunlin',
  className: '8 Dunlin',
  attempts: [
    {
      page: 'p',
      run: 'r',
      title: 'Reteach: Blue in steps',
      received: '2026-10-08T09:00:00Z',
      confirmed: true,
      again: true,
      note: 'Well kept.',
      cells: [{ page: 'p', read: '2026-10-08T09:01:00Z', field: '3', lightness: 55, blank: false }],
      marks: [mark],
    },
  ],
  missing: [{ run: 'm', title: 'Fade', printedAt: '2026-09-28T09:00:00Z', absent: true }],
};

it('says what was done again, what was written to it, what is next and what never came', async () => {
  answers('GET', amara, { student: 'a', name: 'Amara Diallo', standings: [] }, { fields: 0, examples: [] });
  show(
    <MemoryRouter initialEntries={['/students/a']}>
      <Routes>
        <Route path="/students/:id" element={<Student />} />
      </Routes>
    </MemoryRouter>,
  );
  await screen.findByText('Reteach: Blue in steps');
  expect(screen.getByText(/done again · confirmed/)).toBeTruthy();
  expect(screen.getByText('“Well kept.”')).toBeTruthy();
  expect(screen.getByText('Small circles.')).toBeTruthy();
  expect(screen.getByText('unevenness 4.3 L* · pressure wandered')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Fade' }).getAttribute('href')).toBe('/wall/m');
  expect(screen.getAllByRole('link', { name: 'print the page again' }).map((a) => a.getAttribute('href'))).toEqual([
    '/api/sheets/runs/m/pages.pdf?student=a',
    '/api/sheets/runs/r/pages.pdf?student=a',
  ]);
});
