import type { Schemas } from '../api/client';
import type { Lane } from './words';
import { formatMessage } from '../words/intl';

export type LessonDraft = Schemas['LessonData'];

/** The lessons of a lane as they are kept, to be changed and sent back whole. */
export const draftOf = (lane: Lane): LessonDraft[] =>
  lane.lessons.map(({ id, title, aim, sheets, showMinutes, lookMinutes, workMinutes, pin, notes, from, until, again, beside }) => ({
    id,
    title,
    aim,
    sheets,
    showMinutes,
    lookMinutes,
    workMinutes,
    notes,
    beside: beside.map(({ students, title, notes: of, run }) => ({ students, title, notes: of, ...(run ? { run } : {}) })),
    ...(pin ? { pin } : {}),
    ...(from ? { from } : {}),
    ...(until ? { until } : {}),
    ...(again ? { again } : {}),
  }));

/** The same with one lesson so many places on; beyond the ends it stops there. */
export function moved(lessons: readonly LessonDraft[], id: string, by: number): LessonDraft[] {
  const at = lessons.findIndex((l) => l.id === id);
  const to = Math.min(lessons.length - 1, Math.max(0, at + by));
  return movedTo(lessons, id, to);
}

/** The same with one lesson at a place, from 0. */
export function movedTo(lessons: readonly LessonDraft[], id: string, to: number): LessonDraft[] {
  const lesson = lessons.find((l) => l.id === id);
  if (!lesson) {
    return [...lessons];
  }
  const rest = lessons.filter((l) => l.id !== id);
  return [...rest.slice(0, to), lesson, ...rest.slice(to)];
}

export const changed = (lessons: readonly LessonDraft[], id: string, change: Partial<LessonDraft>): LessonDraft[] => lessons.map((l) => (l.id === id ? { ...l, ...change } : l));

export const unpinned = (lessons: readonly LessonDraft[], id: string): LessonDraft[] => lessons.map((l) => (l.id === id ? withoutPin(l) : l));

function withoutPin(lesson: LessonDraft): LessonDraft {
  const rest = { ...lesson };
  delete rest.pin;
  return rest;
}

export const without = (lessons: readonly LessonDraft[], id: string): LessonDraft[] => lessons.filter((l) => l.id !== id);

/** A lesson parted before a stage of work: what is from there on is a lesson of its own. */
export function split(lessons: readonly LessonDraft[], id: string, stage: string, newId: string): LessonDraft[] {
  return lessons.flatMap((l) => {
    if (l.id !== id) {
      return [l];
    }
    const second: LessonDraft = { ...withoutPin(l), id: newId, title: formatMessage({ id: 'course.lesson.continuedTitle' }, { title: l.title }), from: stage, showMinutes: 3 };
    return [{ ...l, until: stage }, second];
  });
}

/** A copy of a lesson put at a place; done again, or given to another class. What groups did beside it was only then. */
export function copied(lessons: readonly LessonDraft[], lesson: LessonDraft, at: number, newId: string, title = lesson.title): LessonDraft[] {
  return inserted(lessons, [{ ...withoutPin(lesson), id: newId, title, beside: [] }], at);
}

/** New lessons put at a place, from 0. */
export function inserted(lessons: readonly LessonDraft[], some: readonly LessonDraft[], at: number): LessonDraft[] {
  return [...lessons.slice(0, at), ...some, ...lessons.slice(at)];
}
