import { strToU8, zipSync } from 'fflate';
import { expect, test } from 'vitest';
import { archiveOf } from './classArchive';

const page = { id: 'p', printing: 'r', student: 's', received: '2026-09-08T10:00:00Z', confirmed: true, file: 'pages/p.jpg', goals: [{ exercise: 0, goal: 'ORDER', level: 3 }] };
const kept = {
  grastelClassArchive: 1,
  name: '7 Kittiwake',
  made: '2026-12-01T10:00:00Z',
  students: [{ id: 's', name: 'Ana' }],
  printings: [{ id: 'r', title: 'Value scale', printed: '2026-09-01T10:00:00Z' }],
  pages: [page],
};
const zipped = (json: string) => zipSync({ 'class.json': strToU8(json), 'pages/p.jpg': new Uint8Array([1, 2, 3]) });

test('an archive is opened with its pictures', () => {
  const archive = archiveOf(zipped(JSON.stringify(kept)));
  expect(archive.name).toBe('7 Kittiwake');
  expect(archive.picture(page)?.size).toBe(3);
  expect(archive.picture({ ...page, file: 'pages/other.jpg' })).toBeUndefined();
});

test.each([
  ['no zip', () => strToU8('hello')],
  ['another zip', () => zipSync({ 'a.txt': strToU8('a') })],
  ['another version', () => zipped(JSON.stringify({ ...kept, grastelClassArchive: 2 }))],
  ['a level that there is not', () => zipped(JSON.stringify({ ...kept, pages: [{ ...page, goals: [{ goal: 'ORDER', level: 9 }] }] }))],
  ['no list of pages', () => zipped(JSON.stringify({ ...kept, pages: null }))],
])('%s is refused in words', (_, make) => {
  expect(() => archiveOf(make())).toThrow('not an archive');
});
