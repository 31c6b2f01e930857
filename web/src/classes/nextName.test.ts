import { expect, test } from 'vitest';
import { nextName } from './nextName';

test('a class is a year further on', () => {
  expect(nextName('7 Kittiwake')).toBe('8 Kittiwake');
  expect(nextName('10a')).toBe('11a');
  expect(nextName('Skerry')).toBe('Skerry');
  expect(nextName('2026 Skerry')).toBe('2026 Skerry');
});
