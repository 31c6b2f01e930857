import { expect, it } from 'vitest';
import { changed, copied, moved, movedTo, split, unpinned, without, type LessonDraft } from './draft';

const lesson = (id: string, more: Partial<LessonDraft> = {}): LessonDraft => ({ id, title: id.toUpperCase(), sheets: [], ...more });
const three = [lesson('a'), lesson('b', { pin: '2026-09-01T11:05:00' }), lesson('c')];
const ids = (lessons: LessonDraft[]) => lessons.map((l) => l.id).join('');

it('moves a lesson and stops at the ends', () => {
  expect(ids(moved(three, 'a', 1))).toBe('bac');
  expect(ids(moved(three, 'a', 9))).toBe('bca');
  expect(ids(moved(three, 'a', -1))).toBe('abc');
  expect(ids(moved(moved(three, 'b', 1), 'b', -1))).toBe('abc');
});

it('moves a lesson to a place, and nothing that is not there', () => {
  expect(ids(movedTo(three, 'c', 0))).toBe('cab');
  expect(ids(movedTo(three, 'x', 0))).toBe('abc');
});

it('parts a lesson at a stage without losing or doubling work', () => {
  const parts = split([lesson('a', { from: 's1', until: 's9', pin: '2026-09-01T11:05:00' })], 'a', 's4', 'n');
  expect(parts).toHaveLength(2);
  expect(parts[0]).toMatchObject({ id: 'a', from: 's1', until: 's4', pin: '2026-09-01T11:05:00' });
  expect(parts[1]).toMatchObject({ id: 'n', from: 's4', until: 's9' });
  expect(parts[1]?.pin).toBeUndefined();
});

it('copies a lesson without its pin', () => {
  const all = copied(three, lesson('b', { pin: '2026-09-01T11:05:00', notes: 'slowly' }), 1, 'n', 'B again');
  expect(ids(all)).toBe('anbc');
  expect(all[1]).toMatchObject({ title: 'B again', notes: 'slowly' });
  expect(all[1]?.pin).toBeUndefined();
});

it('changes, unpins and takes out one lesson alone', () => {
  expect(changed(three, 'c', { title: 'Z' }).map((l) => l.title)).toEqual(['A', 'B', 'Z']);
  expect(unpinned(three, 'b').every((l) => l.pin === undefined)).toBe(true);
  expect(ids(without(three, 'b'))).toBe('ac');
});
