import { expect, it } from 'vitest';
import { actionsLike, addressOf, exercisesLike, guideLike, placesLike } from './found';

it('knows where each kind is shown', () => {
  const found = { id: 'x', name: 'N', within: '' };
  expect(addressOf({ ...found, kind: 'STUDENT' })).toBe('/students/x');
  expect(addressOf({ ...found, kind: 'LESSON', schoolClass: 'c' })).toBe('/course/c/x');
  expect(addressOf({ ...found, kind: 'PENCIL' })).toBe('/kit?pencil=x');
  expect(addressOf({ ...found, kind: 'PLACE', id: '/wall' })).toBe('/wall');
});

it('finds places by how they begin', () => {
  const places = [
    { to: '/', name: 'Today' },
    { to: '/wall', name: 'Wall' },
  ];
  expect(placesLike(places, 'wa').map((p) => p.id)).toEqual(['/wall']);
  expect(placesLike(places, 'all')).toEqual([]);
});

it('finds what is done where by the beginning of any word', () => {
  expect(actionsLike('pass').map((a) => a.id)).toEqual(['/account']);
  expect(actionsLike('buy').map((a) => a.id)).toEqual(['/kit/stock']);
  expect(actionsLike('assword')).toEqual([]);
});

it('finds exercise types', () => {
  expect(exercisesLike([{ id: 'tint-hue-shade', name: 'Tint, hue, shade' }], 'hue').map(addressOf)).toEqual(['/sheets?kind=tint-hue-shade']);
});

it('finds where the guide speaks of something', () => {
  const [first] = guideLike('text mode');
  expect(first && addressOf(first)).toBe('/help#scanning-and-marking');
  expect(guideLike('xyzzy')).toEqual([]);
});
