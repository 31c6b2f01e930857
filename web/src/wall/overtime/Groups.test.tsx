import { screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, answersTo, press, show } from '../../testing';
import { Groups } from './Groups';

const dunlin: Schemas['ClassProgressView'] = {
  schoolClass: 'dunlin',
  name: '8 Dunlin',
  readyShare: 2 / 3,
  skills: [],
  students: [
    { student: 'a', name: 'Amara', standings: [] },
    { student: 'b', name: 'Björn', standings: [] },
  ],
  groups: [{ skill: 'EVEN_TONE', cause: { code: 'PATCHY', sign: 'pressure wandered inside the box', next: 'Small circles.' }, students: ['a', 'b'] }],
};

it('puts a lesson for a group into the course in one press, and says where it came to lie', async () => {
  answersTo('GET', { '/api/courses': { lanes: [] } });
  const post = answers('POST', { lesson: 'l', at: 4, starts: '2026-10-13T11:05:00' });
  show(
    <MemoryRouter>
      <Groups of={dunlin} />
    </MemoryRouter>,
  );
  press('Add to the course');
  const link = await screen.findByRole('link', { name: /^Lesson 5, / });
  expect(link.getAttribute('href')).toBe('/course/dunlin/l');
  expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { title: 'Reteach: even tone', workMinutes: 20, again: 'EVEN_TONE' } });
  expect(JSON.stringify(post.mock.calls[0])).toContain('Together: Amara, Björn.');
  expect(screen.getByRole('link', { name: 'Redo sheets' }).getAttribute('href')).toBe('/wall/class/dunlin/redo?students=a,b');
});

it('gives a group something to do beside the next lesson', async () => {
  answersTo('GET', { '/api/courses': { lanes: [] } });
  const post = answers('POST', { lesson: 'l', at: 1, starts: '2026-10-13T11:05:00' });
  show(
    <MemoryRouter>
      <Groups of={dunlin} />
    </MemoryRouter>,
  );
  press('Beside the next lesson');
  await screen.findByRole('link', { name: /^Beside lesson 2, / });
  expect(post).toHaveBeenCalledWith('/api/courses/{schoolClass}/beside', expect.objectContaining({ body: expect.objectContaining({ students: ['a', 'b'] }) as unknown }));
});

it('says what teaching something once more has changed, and where nobody has shown it since', async () => {
  const lesson = {
    lesson: 'l',
    title: 'Once more',
    skill: 'EVEN_TONE',
    starts: '2026-10-13T11:05:00',
    students: 4,
    before: 1.6,
    after: 2.9,
    secure: 3,
    goals: [{ goal: 'EVEN_INSIDE', label: 'Even inside', unit: 'L*', digits: 1, students: 4, before: 6.21, after: 3.4 }],
  };
  answers('GET', [lesson, { ...lesson, lesson: 'm', skill: 'PRESSURE', students: 0, before: null, after: null, secure: 0, goals: [] }]);
  show(
    <MemoryRouter>
      <Groups of={dunlin} />
    </MemoryRouter>,
  );
  await screen.findByText('4 students were below secure: 1.6 → 2.9 on average. Since then 3 are secure.');
  expect(screen.getByText(/^Even inside: 6.2 → 3.4 L\* \(4 students\)/)).toBeTruthy();
  expect(screen.getByText('Nobody who was below secure has tried the skill since.')).toBeTruthy();
  expect(screen.getByText(/when 67 % of those who tried are secure/)).toBeTruthy();
});
