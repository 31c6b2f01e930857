import { screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, show } from '../../testing';
import FirstAndLatest from './FirstAndLatest';

const field = (page: string, name: string) => ({ page, read: '2026-10-09T09:00:00Z', field: name, lightness: 61.4, blank: name === '2' });
const tried = (page: string, day: number, level: number) => ({
  received: `2026-10-0${day}T09:00:00Z`,
  fields: [field(page, '1'), field(page, '2')],
  goals: [
    { goal: 'EQUAL_STEPS' as const, label: 'Equal steps', level },
    { goal: 'ORDER' as const, label: 'In order' },
  ],
});
const wall: Schemas['FirstAndLatestView'] = {
  schoolClass: 'dunlin',
  name: '8 Dunlin',
  kinds: [
    { kind: 'pressure-scale', name: 'Pressure scale', again: 1 },
    { kind: 'mixing', name: 'Mixing from few', again: 0 },
  ],
  kind: 'pressure-scale',
  rows: [
    { student: 'a', name: 'Amara', first: tried('p1', 1, 1), latest: tried('p9', 8, 3) },
    { student: 'b', name: 'Björn', first: tried('p2', 1, 2) },
    { student: 'z', name: 'Zoë' },
  ],
};

const open = (of: Schemas['FirstAndLatestView']) => {
  answers('GET', [{ id: 'dunlin', name: '8 Dunlin' }], of);
  show(
    <MemoryRouter initialEntries={['/wall/class/dunlin/first-and-latest']}>
      <Routes>
        <Route path="/wall/class/:id/first-and-latest" element={<FirstAndLatest />} />
      </Routes>
    </MemoryRouter>,
  );
};

it('hangs the latest attempt under the first, with the goals of both', async () => {
  open(wall);
  const amara = (await screen.findByText('Amara')).closest('li') as HTMLElement;
  expect(within(amara).getAllByRole('img', { name: /^Amara, / })).toHaveLength(4);
  expect(
    within(amara)
      .getByRole('img', { name: /^Amara, 1, (8 Oct|Oct 8): L\* 61$/ })
      .getAttribute('src'),
  ).toContain('p9');
  expect(within(amara).getByText('Equal steps')).toBeTruthy();
  expect(within(amara).getAllByLabelText('not reached')).toHaveLength(2);
  expect(within(amara).getAllByLabelText('then')[0]).toBeTruthy();
  expect(screen.getByText('8 Dunlin: 1 of 3 did it again')).toBeTruthy();
});

it('says who drew it once and who never', async () => {
  open(wall);
  await screen.findByText('Zoë');
  expect(screen.getByText('drawn once so far')).toBeTruthy();
  expect(screen.getByText('missing')).toBeTruthy();
});

it('says where it begins while nothing is confirmed', async () => {
  open({ schoolClass: 'dunlin', name: '8 Dunlin', kinds: [], rows: [] });
  expect(await screen.findByText('Nothing confirmed yet')).toBeTruthy();
});
