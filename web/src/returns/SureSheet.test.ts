import { expect, test } from 'vitest';
import { lineOf } from './SureSheet';

const goal = (label: string, level: number, sign?: string, field?: string) => ({ label, level, ...(sign ? { sign } : {}), ...(field ? { field } : {}) });

test('the weakest goal is said with its reason and its place', () => {
  expect(lineOf([goal('Equal steps', 3), goal('Neat edge', 2, 'colour over the edge', '4'), goal('Rich dark', 1)])).toBe('Rich dark beginning');
  expect(lineOf([goal('Equal steps', 3), goal('Neat edge', 2, 'colour over the edge', '4')])).toBe('Neat edge nearly: colour over the edge (4)');
});

test('where all is secure, what goes beyond is said', () => {
  expect(lineOf([goal('Equal steps', 3), goal('Rich dark', 4), goal('Neat edge', 4)])).toBe('All secure; beyond in rich dark, neat edge');
  expect(lineOf([goal('Equal steps', 3)])).toBe('All secure');
  expect(lineOf([])).toBe('All secure');
});
