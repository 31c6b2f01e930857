import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import { answersTo, press, show, type } from '../testing';
import { NewLesson } from './NewLesson';
import { lane, lesson, period } from './testing';
import type { CourseChanges } from './useCourse';

function form(set: CourseChanges['set']) {
  const course = { set, busy: false, insert: { isPending: false } } as unknown as CourseChanges;
  const done = vi.fn();
  show(
    <MemoryRouter>
      <NewLesson lane={lane({ lessons: [lesson({ id: 'a' }), lesson({ id: 'b' })], periods: [period({ room: 42.4 })] })} course={course} at={1} onDone={done} />
    </MemoryRouter>,
  );
  return done;
}

it('puts a lesson without a sheet between two others, as long as the period', async () => {
  answersTo('GET', { '/api/sheets/kinds': [], '/api/kit': { papers: [], sets: [], pencils: [] } });
  const set = vi.fn<CourseChanges['set']>();
  const done = form(set);
  fireEvent.click(screen.getByRole('radio', { name: 'Without a sheet' }));
  type('Title', 'Visit to the museum');
  press('Insert');
  const lessons = set.mock.calls[0]?.[1] ?? [];
  expect(lessons.map((l) => l.title)).toEqual(['Fading out', 'Visit to the museum', 'Fading out']);
  expect(lessons[1]).toMatchObject({ workMinutes: 42, showMinutes: 0, lookMinutes: 0, sheets: [] });
  expect(done).toHaveBeenCalled();
  await Promise.resolve();
});

it('puts the sessions of a project in as lessons with what is to be done in each', async () => {
  answersTo('GET', {
    '/api/sheets/kinds': [],
    '/api/kit': { papers: [], sets: [], pencils: [] },
    '/api/projects': [{ id: 'p', title: 'Lantern' }],
    '/api/projects/{id}/sessions': [
      { work: ['Outlines.', 'Zone 1: about 20 min.'], minutes: 40 },
      { work: ['Zone 2: about 30 min.'], minutes: 30 },
    ],
  });
  const set = vi.fn<CourseChanges['set']>();
  form(set);
  fireEvent.click(screen.getByRole('radio', { name: 'A project' }));
  await screen.findByText(/Zone 2/);
  press('Insert 2 lessons');
  const lessons = set.mock.calls[0]?.[1] ?? [];
  expect(lessons.map((l) => l.title)).toEqual(['Fading out', 'Lantern, part 1 of 2', 'Lantern, part 2 of 2', 'Fading out']);
  expect(lessons[1]?.notes).toBe('Outlines.\nZone 1: about 20 min.');
});

it('says where a sheet is made where there is none', async () => {
  answersTo('GET', { '/api/sheets/kinds': [], '/api/kit': { papers: [], sets: [], pencils: [] }, '/api/sheets': [] });
  form(vi.fn());
  fireEvent.click(screen.getByRole('radio', { name: 'A sheet of mine' }));
  expect((await screen.findByRole('link', { name: 'Make a sheet' })).getAttribute('href')).toBe('/sheets');
});
