import type { Lane, Lesson, Period, Stage } from './words';

/** Parts of a course for tests, each with what a test does not speak of. */
export const stage = (change: Partial<Stage>): Stage => ({
  id: 'show',
  kind: 'SHOW',
  exercise: '',
  field: '',
  group: '',
  label: '',
  minutes: 8,
  median: 8,
  stop: 'POOR',
  ...change,
});

export const lesson = (change: Partial<Lesson>): Lesson => ({
  id: 'a',
  title: 'Fading out',
  aim: '',
  sheets: [],
  showMinutes: 8,
  lookMinutes: 3,
  workMinutes: 0,
  notes: '',
  gives: [],
  needs: [],
  stages: [],
  wants: [],
  cautions: [],
  minutes: 0,
  beside: [],
  ...change,
});

export const period = (change: Partial<Period>): Period => ({
  key: '2026-09-01T11:05:00',
  starts: '2026-09-01T11:05:00',
  minutes: 50,
  place: '',
  absent: [],
  note: '',
  state: 'USUAL',
  room: 40,
  planned: 0,
  median: 0,
  quick: 0,
  logged: false,
  pieces: [],
  ...change,
});

export const lane = (change: Partial<Lane>): Lane => ({
  schoolClass: 'c',
  name: '8 Dunlin',
  students: 24,
  revision: 3,
  holidays: [],
  pace: { speed: 1, least: 0.6, most: 1.8, periods: 0, pages: 0 },
  sheets: [],
  lessons: [],
  periods: [],
  warnings: [],
  ...change,
});
