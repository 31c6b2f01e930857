import { cleanup, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, press, show } from '../testing';
import { Groups } from './Groups';

const dunlin: Schemas['ClassProgressView'] = {
  schoolClass: 'dunlin',
  name: '8 Dunlin',
  skills: [],
  students: [
    { student: 'a', name: 'Amara', standings: [] },
    { student: 'b', name: 'Björn', standings: [] },
  ],
  groups: [{ skill: 'EVEN_TONE', cause: { code: 'PATCHY', sign: 'pressure wandered inside the box', next: 'Small circles.' }, students: ['a', 'b'] }],
};

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

it('puts a lesson for a group into the course in one press, and says where it came to lie', async () => {
  const post = answers('POST', { lesson: 'l', at: 4, starts: '2026-10-13T11:05:00' });
  show(
    <MemoryRouter>
      <Groups of={dunlin} />
    </MemoryRouter>,
  );
  press('Into the course');
  const link = await screen.findByRole('link', { name: /^Lesson 5, / });
  expect(link.getAttribute('href')).toBe('/course/dunlin/l');
  expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { title: 'Once more: even tone', workMinutes: 20 } });
  expect(JSON.stringify(post.mock.calls[0])).toContain('Together: Amara, Björn.');
  expect(screen.getByRole('link', { name: 'Redo pages' }).getAttribute('href')).toBe('/wall/class/dunlin/redo?students=a,b');
});
