import { expect, it, vi } from 'vitest';
import { later, mondayOf, weekOf } from './dates';

it('knows ISO weeks, also around the new year', () => {
  expect(weekOf('2026-08-31')).toBe(36);
  expect(weekOf('2026-12-31')).toBe(53);
  expect(weekOf('2027-01-03T11:05:00')).toBe(53);
  expect(weekOf('2027-01-04')).toBe(1);
});

it('finds the Monday of a week, also from a Sunday', () => {
  expect(mondayOf('2026-09-06')).toBe('2026-08-31');
  expect(mondayOf('2026-08-31T09:00:00')).toBe('2026-08-31');
});

it.each(['Pacific/Kiritimati', 'Pacific/Auckland', 'Etc/GMT+12', 'Europe/Oslo'])('counts days by the wall clock in %s', (zone) => {
  vi.stubEnv('TZ', zone);
  expect(later('2026-11-27', 1)).toBe('2026-11-28');
  expect(later('2026-03-01', -1)).toBe('2026-02-28');
  expect(later('2026-10-25', 1)).toBe('2026-10-26');
});
