import { fireEvent, screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, show } from '../../testing';
import OverTime from './OverTime';

type Standing = Schemas['StandingView'];

const tried = (level: number, day: number) => ({ received: `2026-10-0${day}T09:00:00Z`, level, page: `page${day}`, read: '2026-10-09T09:00:00Z', field: '3' });
const standing = (of: Partial<Standing>): Standing => ({
  skill: 'EVEN_TONE',
  level: 2.4,
  secure: false,
  change: { trend: 'TOO_LITTLE', levels: 0, plusMinus: 4 },
  spread: 1,
  tries: [tried(2, 1), tried(3, 2)],
  ...of,
});
const dunlin: Schemas['ClassProgressView'] = {
  schoolClass: 'dunlin',
  name: '8 Dunlin',
  readyShare: 2 / 3,
  skills: [{ skill: 'EVEN_TONE', counts: [0, 0, 1, 1, 0], secure: 1, tried: 2, ready: false }],
  students: [
    { student: 'b', name: 'Björn', standings: [standing({ level: 3.2, secure: true })] },
    {
      student: 'a',
      name: 'Amara',
      standings: [
        standing({
          change: {
            trend: 'GREW',
            levels: 1.2,
            plusMinus: 0.9,
            clearest: { goal: 'EVEN_INSIDE', label: 'Even inside', unit: 'L*', digits: 1, first: 5.2, latest: 3.1, plusMinus: 0.9 },
          },
        }),
      ],
      next: 'EVEN_TONE',
    },
    { student: 'z', name: 'Zoë', standings: [] },
  ],
  groups: [{ skill: 'EVEN_TONE', cause: { code: 'PATCHY', sign: 'pressure wandered inside the box', next: 'Small circles at one pressure.' }, students: ['a'] }],
};

const wall = async () => {
  answers('GET', [{ id: 'dunlin', name: '8 Dunlin' }], dunlin);
  show(
    <MemoryRouter initialEntries={['/wall/class/dunlin']}>
      <Routes>
        <Route path="/wall/class/:id?" element={<OverTime />} />
      </Routes>
    </MemoryRouter>,
  );
  await screen.findByText('Björn');
};
const names = () => screen.getAllByRole('rowheader').map((h) => within(h).getByRole('link').textContent);

describe('a class over time', () => {
  it('says where each student stands, on how many attempts, and what grew', async () => {
    await wall();
    expect(
      screen.getByRole('img', {
        name: /^Amara, even tone: level 2.4 after 2 attempts; differ by 1.0; the last (2 Oct|Oct 2); grew by 1.2 ± 0.9 levels: Even inside 5.2 to 3.1 ± 0.9 L\*$/,
      }),
    ).toBeTruthy();
    expect(screen.getByRole('img', { name: /^Björn, even tone: level 3.2 after 2 attempts; .*; secure on two days$/ })).toBeTruthy();
    expect(screen.getByText('next: even tone')).toBeTruthy();
    expect(screen.getByText('1 of 2 secure')).toBeTruthy();
  });

  it('sorts by standing and by what is missing', async () => {
    await wall();
    expect(names()).toEqual(['Björn', 'Amara', 'Zoë']);
    fireEvent.click(screen.getByRole('radio', { name: 'skill level' }));
    expect(names()).toEqual(['Zoë', 'Amara', 'Björn']);
    fireEvent.click(screen.getByRole('radio', { name: 'missing' }));
    expect(names()[0]).toBe('Zoë');
  });

  it('hangs those together who lack the same', async () => {
    await wall();
    fireEvent.click(screen.getByRole('button', { name: 'By mistake' }));
    expect(screen.getAllByRole('rowheader').map((h) => h.textContent)).toEqual([
      'even tone: pressure wandered inside the box',
      'Amaranext: even tone',
      'Nothing below secure',
      'Björn',
      'Zoë',
    ]);
  });

  it('names who is taught together and what to say', async () => {
    await wall();
    const groups = screen.getByRole('complementary', { name: 'Groups' });
    expect(groups.textContent).toContain('even tone · 1 student');
    expect(groups.textContent).toContain('Small circles at one pressure.');
    expect(groups.textContent).toContain('Amara');
  });
});
