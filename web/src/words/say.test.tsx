import { render } from '@testing-library/react';
import { Link, MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import { count, said, say, speaker } from './say';

it('counts by the rules of the language', () => {
  expect(count(1, 'page')).toBe('1 page');
  expect(count(24, 'page')).toBe('24 pages');
  expect(count(0, 'box')).toBe('0 boxes');
});

it('puts figures into the words as they are', () => {
  expect(say('bench.layer', { number: 1200 })).toBe('Layer 1200');
});

it('makes of words what stands among them, and nothing of what is not there', () => {
  const { container } = render(<MemoryRouter>{said('today.could-not-be-read-see', { pages: '2 pages', link: (words) => <Link to="/returns">{words}</Link> })}</MemoryRouter>);
  expect(container.textContent).toBe('▲ 2 pages could not be read. See why');
  expect(container.querySelector('a')?.textContent).toBe('See why');
  expect(said('today.course-of', { name: '8 Dunlin', more: false })).toBe('Course of 8 Dunlin');
});

it('another language is files; what it lacks is said in English', () => {
  const german = speaker({ './de/today.json': { print: 'Drucke {sheets}' }, './de/counted.json': { page: '{n, plural, one {{n} Seite} other {{n} Seiten}}' } }, 'de');
  expect(german.say('today.print', { sheets: '2 Blätter' })).toBe('Drucke 2 Blätter');
  expect(german.say('counted.page', { n: 1 })).toBe('1 Seite');
  expect(german.say('today.wall')).toBe('Wall');
});
