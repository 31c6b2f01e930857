import { expect, it } from 'vitest';
import { hueOf } from './hues';

const at = (place: number, chroma = 40, colourless = false) => hueOf({ place, chroma, colourless });

it('names the nearest of twelve places on the wheel', () => {
  expect([0, 14, 16, 120, 270, 345, 359].map((place) => at(place))).toEqual(['red', 'red', 'red-orange', 'yellow', 'blue-violet', 'red', 'red']);
});

it('what has hardly a colour, or none, is grey', () => {
  expect(at(120, 8.9)).toBe('grey');
  expect(at(120, 60, true)).toBe('grey');
});
