import { expect, it } from 'vitest';
import { overlayOf, pictureOf } from './pictures';

it('a page read anew has pictures of another address', () => {
  const first = pictureOf('p', '2026-11-27T09:00:00.000001Z', '3');
  expect(first).toBe('/api/returns/pages/p/picture?part=3&read=2026-11-27T09%3A00%3A00.000001Z');
  expect(pictureOf('p', '2026-11-27T09:00:00.000002Z', '3')).not.toBe(first);
  expect(overlayOf('p', 'r', 'LIGHT')).not.toBe(overlayOf('p', 's', 'LIGHT'));
});
