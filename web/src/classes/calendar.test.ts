import { expect, it } from 'vitest';
import { fitted, nextSlot, parseTables } from './calendar';

it('suggests a second period of the week like the first', () => {
  expect(nextSlot([])).toMatchObject({ day: 'TUESDAY', minutes: 50 });
  expect(nextSlot([{ day: 'THURSDAY', starts: '11:05', minutes: 40, room: 'Room 4' }])).toEqual({ day: 'MONDAY', starts: '11:05', minutes: 40, room: 'Room 4' });
});

it('sends of a change only what its kind needs', () => {
  const period = '2026-09-01T11:05';
  expect(fitted({ kind: 'CANCELLED', period, minutes: 30, to: period, room: 'Hall' })).toEqual({ kind: 'CANCELLED', period });
  expect(fitted({ kind: 'MOVED', period })).toEqual({ kind: 'MOVED', period, to: period, minutes: 50 });
  expect(fitted({ kind: 'RESIZED', period, minutes: 30, room: 'Hall' })).toEqual({ kind: 'RESIZED', period, minutes: 30 });
});

it('reads seats at tables and refuses what is none', () => {
  expect(parseTables('4, 4 6')).toEqual([4, 4, 6]);
  expect(parseTables('')).toEqual([]);
  expect(parseTables('four')).toBeNull();
  expect(parseTables('4, 0')).toBeNull();
  expect(parseTables('4.5')).toBeNull();
});
