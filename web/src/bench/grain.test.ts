import { expect, it } from 'vitest';
import { painted } from './grain';

/** Tone i is red i, green 255 − i, blue 7. */
const tones = btoa(Array.from({ length: 256 }, (_, i) => String.fromCharCode(i, 255 - i, 7)).join(''));

it('every pixel gets the colour of its tone, opaque', () => {
  const into = new Uint8ClampedArray(3 * 4);
  painted(Uint8Array.from([0, 128, 255]), tones, into);
  expect([...into]).toEqual([0, 255, 7, 255, 128, 127, 7, 255, 255, 0, 7, 255]);
});
